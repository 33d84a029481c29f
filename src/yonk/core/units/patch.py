"""A patch: one plain square or rectangle, cut finished size plus a seam allowance on every side."""

from yonk.core.drawing import Region
from yonk.core.paper import message
from yonk.core.sewing import SewnWork
from yonk.core.units.needs import Need, Terms, rectangle_need
from yonk.core.units.stamp import Stamp
from yonk.core.units.unit import FoundPart, MakingJob, Method, RecognisedUnit, Unit, UnitKind


def _cut(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    return [rectangle_need(unit.parts[0].cloth, unit.width, unit.height, terms, lots)]


def _as_cut(job: MakingJob) -> list[SewnWork]:
    return [job.pieces[0][0]]


class PlainPatch(UnitKind):
    kind = "patch"
    asked_for = False
    words = message("kind-patch")
    stamp = Stamp("", "1/2 1/2 0")
    methods = (
        Method(
            name="cut-and-sew", words=message("way-cut-to-size"), lot=1, needs=_cut, sew=_as_cut
        ),
    )

    def recognise(self, region: Region) -> RecognisedUnit | None:
        if len(region.pieces) != 1 or not region.pieces[0].fills_its_box:
            return None
        return RecognisedUnit((FoundPart(region.pieces[0], "patch", region.width, region.height),))
