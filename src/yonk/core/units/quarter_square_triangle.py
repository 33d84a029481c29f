"""Quarter-square triangle: a square quartered on both diagonals; two fabrics in turn make the hourglass.

Two at a time: half-square triangles larger by a second s√2, laid face to face and sewn again across.
"""

from collections import Counter

from yonk.core.assembly import Region
from yonk.core.measure import ROOT_2, show
from yonk.core.units.needs import Cloth, Need, Terms, isosceles, square
from yonk.core.units.stamp import Stamp
from yonk.core.units.unit import (
    Demand,
    Found,
    FoundPart,
    Method,
    MethodName,
    Unit,
    UnitKind,
    corner_sets,
    lots_for,
)


def _triangles(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    legs, margin = unit.width * ROOT_2 / 2, terms.trim * ROOT_2 / 2
    return [isosceles(part.cloth, legs, terms, lots, legs_on_grain=unit.on_point, margin=margin) for part in unit.parts]


def halves(unit: Unit) -> tuple[tuple[Cloth, Cloth], tuple[Cloth, Cloth]]:
    """The four quarters as two half-square triangles, so paired that neither is of one fabric where that can be."""
    north, east, south, west = (part.cloth for part in unit.parts)
    if north.fabric == east.fabric or south.fabric == west.fabric:
        return (east, south), (west, north)
    return (north, east), (south, west)


def _two(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    side = unit.width + terms.both_seams + terms.trim + 2 * terms.seam * ROOT_2
    working = (
        f"{show(unit.width, terms.unit)} finished + 2 × {show(terms.seam, terms.unit)} unfinished",
        f"+ {show(terms.trim, terms.unit)} to trim",
        f"+ 2 × {show(terms.seam, terms.unit)} × √2 for the seams on both diagonals",
    )
    pairs = [tuple(sorted(half, key=lambda cloth: cloth.fabric)) for half in halves(unit)]
    wanted = Counter(tuple(cloth.fabric for cloth in pair) for pair in pairs)
    needs, seen = [], set()
    for pair in pairs:
        fabrics = tuple(cloth.fabric for cloth in pair)
        if fabrics in seen:
            continue
        seen.add(fabrics)
        squares = lots_for(lots * wanted[fabrics], 2)  # a pair of squares gives two half-square triangles
        needs += [square(cloth, side, terms, squares, working) for cloth in pair]
    return needs


class QuarterSquareTriangle(UnitKind):
    kind = "quarter-square-triangle"
    words = "quarter-square triangle"
    stamp = Stamp("0 0 1 1, 0 1 1 0", "1/2 1/4 0, 3/4 1/2 1, 1/2 3/4 0, 1/4 1/2 1")
    methods = (
        Method(
            name="two-at-a-time", words="two at a time", lot=2, needs=_two, mirrors=True, turns_prints=True,
            bias=lambda unit: unit.on_point,
        ),
        Method(name="cut-and-sew", words="cut triangles and sew", lot=1, needs=_triangles),
    )  # fmt: skip

    def recognise(self, region: Region) -> Found | None:
        size = region.width
        if size != region.height or len(region.pieces) != 4:
            return None
        corners = ((0, 0), (size, 0), (size, size), (0, size))
        known, middle = corner_sets(region), (size // 2, size // 2)
        sides = [frozenset((middle, a, b)) for a, b in zip(corners, corners[1:] + corners[:1], strict=True)]
        if size % 2 or any(side not in known for side in sides):
            return None
        return Found(tuple(FoundPart(known[side], "quarter", size, size) for side in sides))

    def propose(self, unit: Unit, demand: Demand) -> tuple[MethodName, str]:
        if unit.hand and demand.total != demand.mirrored:
            return "cut-and-sew", "Cut and sew: two at a time would make as many mirror images, which are not wanted."
        if demand.directional:
            return "cut-and-sew", "Cut and sew keeps a directional print as it was drawn."
        return "two-at-a-time", f"Two at a time makes all {demand.total} without sewing a loose bias edge."
