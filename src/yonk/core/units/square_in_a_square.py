"""Square in a square: a square set on point inside another; nested again it has more rounds.

The corners of each round are right isosceles triangles with legs half the side; those that stand on the block's grain
by their legs are cut once, the others twice. The middle may be a plain square or any assembly.
"""

from yonk.core.assembly import Region
from yonk.core.units.needs import Need, Terms, box, isosceles
from yonk.core.units.stamp import Stamp
from yonk.core.units.unit import Demand, Found, FoundPart, Method, MethodName, Unit, UnitKind, corner_sets


def _rounds(unit: Unit) -> int:
    return len(unit.playing("corner")) // 4


def _triangles(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    needs = []
    for part in unit.playing("corner"):
        upright = unit.on_point == (part.spot[0] % 2 == 1)
        needs.append(isosceles(part.cloth, part.width, terms, lots, legs_on_grain=upright, margin=terms.trim))
    needs += [box(part.cloth, part.width, part.width, terms, lots, "up") for part in unit.playing("centre")]
    return needs


def _flip(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    centre = unit.playing("centre")[0]
    corners = [box(part.cloth, part.width, part.width, terms, lots) for part in unit.playing("corner")]
    return [box(centre.cloth, unit.width, unit.width, terms, lots), *corners]


class SquareInASquare(UnitKind):
    kind = "square-in-a-square"
    words = "square in a square"
    stamp = Stamp(
        "1/2 0 1 1/2, 1 1/2 1/2 1, 1/2 1 0 1/2, 0 1/2 1/2 0",
        "1/2 1/2 0, 1/8 1/8 1, 7/8 1/8 1, 7/8 7/8 1, 1/8 7/8 1", span=(2, 2),
    )  # fmt: skip
    methods = (
        Method(name="cut-and-sew", words="cut triangles and sew", lot=1, needs=_triangles),
        Method(
            name="stitch-and-flip", words="stitch and flip", lot=1, needs=_flip,
            suits=lambda unit: _rounds(unit) == 1 and not unit.has_middle, bias=lambda unit: unit.on_point,
        ),
    )  # fmt: skip

    def recognise(self, region: Region) -> Found | None:
        size, half = region.width, region.width // 2
        if size != region.height or len(region.pieces) < 4 or size % 2:
            return None
        known = corner_sets(region)
        spots = (
            ((0, 0), (half, 0), (0, half)), ((size, 0), (size, half), (half, 0)),
            ((size, size), (half, size), (size, half)), ((0, size), (0, half), (half, size)),
        )  # fmt: skip
        corners = [known.get(frozenset(spot)) for spot in spots]
        round_one = tuple(
            FoundPart(piece, "corner", half, half, spot=(0, place)) for place, piece in enumerate(corners) if piece
        )
        if len(round_one) < 4:
            return None
        taken = {part.piece.face for part in round_one}
        inner = region.on_its_point([piece for piece in region.pieces if piece.face not in taken])
        if not inner.pieces:  # looked at without the assembly in its middle
            return Found(round_one)
        if len(inner.pieces) == 1:
            return Found((*round_one, FoundPart(inner.pieces[0], "centre", inner.width, inner.width, turns=1)))
        nested = self.recognise(inner)
        if nested is None:
            return Found(round_one, middle=inner)
        further = tuple(
            FoundPart(part.piece, part.role, part.width, part.height, part.turns + 1, (part.spot[0] + 1, part.spot[1]))
            for part in nested.parts
        )
        return Found((*round_one, *further), nested.middle)

    def propose(self, unit: Unit, demand: Demand) -> tuple[MethodName, str]:
        return "cut-and-sew", "Cut and sew wastes least, and the outer edges stay on the straight grain."
