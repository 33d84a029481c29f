"""Strip set: long strips sewn side by side, then cut across into segments; each segment is one unit (rails)."""

from yonk.core.assembly import Region
from yonk.core.measure import Length, show
from yonk.core.units.needs import Cloth, Need, Terms, box
from yonk.core.units.stamp import Stamp
from yonk.core.units.unit import Demand, Found, FoundPart, Method, MethodName, Unit, UnitKind


def strip(cloth: Cloth, width: Length, segment: Length, segments: int, terms: Terms) -> Need:
    """One strip of a strip set, as long as all its segments need with the ends squared up."""
    across = Length((segment + terms.both_seams).nearest(terms.step))
    long = across * segments + terms.squaring
    return Need(
        fabric=cloth.fabric, letter=cloth.letter, role=cloth.role, shape="strip", width=long,
        height=width + terms.both_seams, rounding="nearest", pieces=1,
        working=(
            f"{show(width, terms.unit)} finished + 2 × {show(terms.seam, terms.unit)} = "
            f"{show(width + terms.both_seams, terms.unit)} wide",
            f"{segments} segments × {show(across, terms.unit)} + {show(terms.squaring, terms.unit)} to square up the ends"
            f" = {show(long, terms.unit)} long",
        ),
    )  # fmt: skip


def _strips(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    return [strip(part.cloth, part.width, part.height, lots, terms) for part in unit.parts]


def _single(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    return [box(part.cloth, part.width, part.height, terms, lots) for part in unit.parts]


class StripSet(UnitKind):
    kind = "strip-set"
    words = "strip set"
    stamp = Stamp("0 1/3 1 1/3, 0 2/3 1 2/3", "1/2 1/6 0, 1/2 1/2 1, 1/2 5/6 2")
    methods = (
        Method(name="strip-piecing", words="long strips, cut across", lot=1, needs=_strips),
        Method(name="cut-and-sew", words="cut singly and sew", lot=1, needs=_single),
    )

    def recognise(self, region: Region) -> Found | None:
        one_way = bool(region.upright_cuts) != bool(region.level_cuts)
        bands = len(region.upright_cuts) + len(region.level_cuts) + 1
        if not one_way or len(region.pieces) != bands or not all(piece.fills_its_box for piece in region.pieces):
            return None
        parts = []
        for place, piece in enumerate(sorted(region.pieces, key=lambda piece: piece.box)):
            left, top, right, bottom = piece.box
            wide, long = (right - left, bottom - top) if region.upright_cuts else (bottom - top, right - left)
            parts.append(FoundPart(piece, "strip", wide, long, spot=(0, place)))
        return Found(tuple(parts))

    def propose(self, unit: Unit, demand: Demand) -> tuple[MethodName, str]:
        if demand.total == 1:
            return (
                "cut-and-sew",
                "Only one is wanted: cut its pieces singly, and nothing is spent on squaring up a strip set.",
            )
        return "strip-piecing", f"One strip set, cut across, gives all {demand.total} without handling single pieces."
