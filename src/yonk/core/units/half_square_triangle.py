"""Half-square triangle: a square halved on one diagonal.

`u` is the unfinished size, `t` the trim margin, `s` the seam allowance. A square sewn `s` either side of its drawn
diagonal loses s√2 of its side; four at a time the seams run along the edges and the square is cut on both diagonals.
"""

from yonk.core.assembly import Region
from yonk.core.measure import ROOT_2, Length, show
from yonk.core.units.needs import Need, Terms, isosceles, square
from yonk.core.units.stamp import Stamp
from yonk.core.units.unit import Demand, Found, FoundPart, Method, MethodName, Unit, UnitKind, lots_for


def _triangles(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    return [
        isosceles(part.cloth, unit.width, terms, lots, legs_on_grain=not unit.on_point, margin=terms.trim)
        for part in unit.parts
    ]


def _unfinished(unit: Unit, terms: Terms) -> tuple[Length, tuple[str, ...]]:
    """Unfinished size with the trim margin, and the working so far."""
    plain = unit.width + terms.both_seams
    working = [
        f"{show(unit.width, terms.unit)} finished + 2 × {show(terms.seam, terms.unit)} = {show(plain, terms.unit)} unfinished"
    ]
    if terms.trim:
        working.append(f"+ {show(terms.trim, terms.unit)} to trim = {show(plain + terms.trim, terms.unit)}")
    return plain + terms.trim, tuple(working)


def _two(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    size, working = _unfinished(unit, terms)
    side = size + terms.seam * ROOT_2
    said = (*working, f"+ {show(terms.seam, terms.unit)} × √2 for the seam on the diagonal")
    return [square(part.cloth, side, terms, lots, said) for part in unit.parts]


def _four(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    size, working = _unfinished(unit, terms)
    said = (
        *working,
        "× √2, since the square is cut on both diagonals",
        f"+ 2 × {show(terms.seam, terms.unit)} for the seams along the edges",
    )
    return [square(part.cloth, size * ROOT_2 + terms.both_seams, terms, lots, said) for part in unit.parts]


def _eight(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    size, working = _unfinished(unit, terms)
    said = (*working, f"+ {show(terms.seam, terms.unit)} × √2 for the seam on the diagonal", "× 2, two by two units")
    return [square(part.cloth, (size + terms.seam * ROOT_2) * 2, terms, lots, said) for part in unit.parts]


class HalfSquareTriangle(UnitKind):
    kind = "half-square-triangle"
    words = "half-square triangle"
    stamp = Stamp("0 1 1 0", "1/4 1/4 0, 3/4 3/4 1")
    methods = (
        Method(
            name="two-at-a-time", words="two at a time", lot=2, needs=_two, bias=lambda unit: unit.on_point
        ),
        Method(
            name="eight-at-a-time", words="eight at a time", lot=8, needs=_eight, turns_prints=True,
            bias=lambda unit: unit.on_point,
        ),
        Method(
            name="four-at-a-time", words="four at a time", lot=4, needs=_four, turns_prints=True,
            bias=lambda unit: not unit.on_point,
        ),
        Method(name="cut-and-sew", words="cut triangles and sew", lot=1, needs=_triangles),
    )  # fmt: skip

    def recognise(self, region: Region) -> Found | None:
        if region.width != region.height or not halved(region):
            return None
        return Found(tuple(FoundPart(piece, "half", region.width, region.height) for piece in region.pieces))

    def propose(self, unit: Unit, demand: Demand) -> tuple[MethodName, str]:
        if demand.directional:
            return "two-at-a-time", "A directional print stays upright in the fewest ways; two at a time turns least."
        rest = demand.total % 8
        if demand.total >= 8 and (rest == 0 or rest >= 6):
            squares, pairs = lots_for(demand.total, 8), lots_for(demand.total, 2)
            one = "1 pair of squares makes" if squares == 1 else f"{squares} pairs of squares make"
            return (
                "eight-at-a-time",
                f"Eight at a time: {one} all {demand.total}; two at a time would need {pairs} pairs.",
            )
        pairs = lots_for(demand.total, 2)
        one = "1 pair of squares makes" if pairs == 1 else f"{pairs} pairs of squares make"
        over = " with one to spare" if demand.total % 2 else ""
        return "two-at-a-time", f"Two at a time: {one} all {demand.total}{over}, and no edge is on the bias."


def halved(region: Region) -> bool:
    """Whether the region is two triangles on either side of one of its diagonals."""
    whole = (0, 0, region.width, region.height)
    return len(region.pieces) == 2 and all(
        len(piece.ring) == 3 and not piece.holes and piece.box == whole for piece in region.pieces
    )
