"""Split quarter-square: one half plain, the other half two quarters; it comes left- and right-handed.

As a pair: a half-square triangle of the two quarters, larger by a second s√2, is centred on a plain square, sewn
either side of the diagonal that crosses its seam, and cut: one left and one right.
"""

from collections.abc import Sequence

from yonk.core.assembly import Region
from yonk.core.measure import ROOT_2, show
from yonk.core.units.needs import Hand, Need, Terms, isosceles, square
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
    in_every_turn,
    lots_for,
)


def _triangles(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    half, *quarters = unit.parts
    legs, margin = unit.width * ROOT_2 / 2, terms.trim * ROOT_2 / 2
    return [
        isosceles(half.cloth, unit.width, terms, lots, legs_on_grain=not unit.on_point, margin=terms.trim),
        *(isosceles(part.cloth, legs, terms, lots, legs_on_grain=unit.on_point, margin=margin) for part in quarters),
    ]


def _pair(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    half, *quarters = unit.parts
    once = unit.width + terms.both_seams + terms.trim + terms.seam * ROOT_2
    working = (
        f"{show(unit.width, terms.unit)} finished + 2 × {show(terms.seam, terms.unit)} unfinished",
        f"+ {show(terms.trim, terms.unit)} to trim",
    )
    one = (*working, f"+ {show(terms.seam, terms.unit)} × √2 for the seam on the diagonal")
    two = (*working, f"+ 2 × {show(terms.seam, terms.unit)} × √2 for the seams on both diagonals")
    return [
        square(half.cloth, once, terms, lots, one),
        *(square(part.cloth, once + terms.seam * ROOT_2, terms, lots_for(lots, 2), two) for part in quarters),
    ]


class SplitQuarterSquare(UnitKind):
    kind = "split-quarter-square"
    words = "split quarter-square"
    stamp = Stamp("0 1 1 0, 0 0 1/2 1/2", "3/4 3/4 0, 1/2 1/4 1, 1/4 1/2 2")
    methods = (
        Method(
            name="two-at-a-time", words="in pairs, one left and one right", lot=2, needs=_pair, mirrors=True,
            turns_prints=True, bias=lambda unit: unit.on_point,
        ),
        Method(name="cut-and-sew", words="cut triangles and sew", lot=1, needs=_triangles),
    )  # fmt: skip

    def recognise(self, region: Region) -> Found | None:
        size = region.width
        if size != region.height or len(region.pieces) != 3 or size % 2:
            return None
        middle = (size // 2, size // 2)
        half = frozenset(((size, 0), (size, size), (0, size)))
        top, left = frozenset(((0, 0), (size, 0), middle)), frozenset(((0, 0), middle, (0, size)))
        for turned in in_every_turn(region):
            known = corner_sets(turned)
            if half in known and top in known and left in known:
                return Found(
                    (
                        FoundPart(known[half], "half", size, size),
                        FoundPart(known[top], "quarter", size, size),
                        FoundPart(known[left], "quarter", size, size),
                    )
                )
        return None

    def hand(self, found: Found, fabrics: Sequence[str]) -> Hand | None:
        _, top, left = fabrics
        return "right" if top < left else "left"

    def propose(self, unit: Unit, demand: Demand) -> tuple[MethodName, str]:
        if demand.directional:
            return "cut-and-sew", "Cut and sew keeps a directional print as it was drawn."
        if unit.hand is None or demand.total == demand.mirrored:
            return "two-at-a-time", "In pairs: as many left as right are wanted, and no loose bias edge is sewn."
        return "cut-and-sew", "Cut and sew: pairs would make as many mirror images, which are not wanted."
