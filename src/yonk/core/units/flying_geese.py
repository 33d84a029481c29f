"""Flying geese: a rectangle twice as wide as high; one large triangle (the goose) and two small (the sky)."""

from yonk.core.assembly import Region
from yonk.core.measure import ROOT_2, show
from yonk.core.units.needs import Need, Terms, box, isosceles, square
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
    goose, *skies = unit.parts
    width, height = goose.width, goose.height
    return [
        isosceles(
            goose.cloth, width * ROOT_2 / 2, terms, lots, legs_on_grain=unit.on_point, margin=terms.trim * ROOT_2
        ),
        *(
            isosceles(sky.cloth, height, terms, lots, legs_on_grain=not unit.on_point, margin=terms.trim)
            for sky in skies
        ),
    ]


def _four(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    goose, *skies = unit.parts
    large = goose.width + terms.along_long_edge + 2 * terms.trim
    small = goose.height + terms.along_legs + terms.trim
    seam, trim = show(terms.seam, terms.unit), show(terms.trim, terms.unit)
    for_goose = (
        f"{show(goose.width, terms.unit)} finished width",
        f"+ {seam} × (2 + 2√2) for the seams and points",
        f"+ 2 × {trim} to trim",
    )
    for_sky = (
        f"{show(goose.height, terms.unit)} finished height",
        f"+ {seam} × (2 + √2) for the seams and points",
        f"+ {trim} to trim",
    )
    return [
        square(goose.cloth, large, terms, lots, for_goose),
        *(square(sky.cloth, small, terms, 2 * lots, for_sky) for sky in skies),
    ]


def _flip(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    goose, *skies = unit.parts
    return [
        box(goose.cloth, goose.width, goose.height, terms, lots),
        *(box(sky.cloth, sky.width, sky.width, terms, lots) for sky in skies),
    ]


class FlyingGeese(UnitKind):
    kind = "flying-geese"
    words = "flying geese unit"
    stamp = Stamp("0 1 1/2 0, 1/2 0 1 1", "1/2 3/4 0, 1/8 1/4 1, 7/8 1/4 1", span=(2, 1))
    methods = (
        Method(
            name="four-at-a-time", words="four at a time", lot=4, needs=_four, mirrors=True, turns_prints=True,
            bias=lambda unit: unit.on_point,
        ),
        Method(
            name="stitch-and-flip", words="stitch and flip", lot=1, needs=_flip, bias=lambda unit: unit.on_point
        ),
        Method(name="cut-and-sew", words="cut triangles and sew", lot=1, needs=_triangles),
    )  # fmt: skip

    def recognise(self, region: Region) -> Found | None:
        if len(region.pieces) != 3 or max(region.width, region.height) != 2 * min(region.width, region.height):
            return None
        high = min(region.width, region.height)
        goose = frozenset(((0, high), (2 * high, high), (high, 0)))
        left, right = frozenset(((0, 0), (high, 0), (0, high))), frozenset(((high, 0), (2 * high, 0), (2 * high, high)))
        for turned in in_every_turn(region):
            known = corner_sets(turned)
            if goose in known and left in known and right in known:
                return Found(
                    (
                        FoundPart(known[goose], "goose", 2 * high, high),
                        FoundPart(known[left], "sky", high, high),
                        FoundPart(known[right], "sky", high, high),
                    )
                )
        return None

    def propose(self, unit: Unit, demand: Demand) -> tuple[MethodName, str]:
        if demand.directional:
            return "stitch-and-flip", "Stitch and flip keeps a directional print upright."
        if demand.total >= 3 and (unit.hand is None or demand.total == demand.mirrored):
            lots = lots_for(demand.total, 4)
            large = "1 large square" if lots == 1 else f"{lots} large squares"
            return (
                "four-at-a-time",
                f"Four at a time: {large} and {4 * lots} small ones make all {demand.total} with no waste.",
            )
        return "stitch-and-flip", "Stitch and flip: too few of one hand are wanted for lots of four."
