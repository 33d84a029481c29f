"""A patch: one plain square or rectangle, cut finished size plus a seam allowance on every side."""

from yonk.core.assembly import Region
from yonk.core.units.needs import Need, Terms, box
from yonk.core.units.stamp import Stamp
from yonk.core.units.unit import Demand, Found, FoundPart, Method, MethodName, Unit, UnitKind


def _cut(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    return [box(unit.parts[0].cloth, unit.width, unit.height, terms, lots)]


class Patch(UnitKind):
    kind = "patch"
    words = "plain patch"
    stamp = Stamp("", "1/2 1/2 0")
    methods = (Method(name="cut-and-sew", words="cut to size", lot=1, needs=_cut),)

    def recognise(self, region: Region) -> Found | None:
        if len(region.pieces) != 1 or not region.pieces[0].fills_its_box:
            return None
        return Found((FoundPart(region.pieces[0], "patch", region.width, region.height),))

    def propose(self, unit: Unit, demand: Demand) -> tuple[MethodName, str]:
        return "cut-and-sew", "A plain patch is cut to its unfinished size."
