"""Pieced: whatever is no known unit and does not come apart into cells. Its patches are cut
singly.
"""

from dataclasses import replace

from yonk.core.drawing import Region
from yonk.core.paper import message
from yonk.core.units.foundation import FOUNDATION
from yonk.core.units.needs import Need, Terms
from yonk.core.units.shapes import cut_patches
from yonk.core.units.unit import FoundPart, Method, RecognisedUnit, Unit, UnitKind


def _singly(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    key = terms, lots
    if key not in unit.worked_out:
        turns = unit.region.turns
        patches = [(part.cloth, part.piece) for part in unit.parts]
        unit.worked_out[key] = cut_patches(patches, turns, unit.scale, terms, lots)
    needs: list[Need] = unit.worked_out[key]
    return needs


def needs_template(unit: Unit, terms: Terms) -> bool:
    """Whether a patch of it is of a shape that a ruler cannot cut."""
    return any(need.shape == "template" and need.rotary is None for need in _singly(unit, terms, 1))


def _by_template(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    """Every patch that is no triangle or rectangle by its template, though a ruler could cut it."""
    said = (message("work-template"),)
    return [
        replace(need, rotary=None, working=said) if need.rotary else need
        for need in _singly(unit, terms, lots)
    ]


class Pieced(UnitKind):
    kind = "pieced"
    asked_for = False
    words = message("kind-pieced")
    handed = False
    methods = (
        Method(
            name="cut-and-sew",
            words=message("way-patches"),
            lot=1,
            needs=_singly,
            sew=None,
        ),
        Method(
            name="template",
            words=message("way-template"),
            lot=1,
            needs=_by_template,
            sew=None,
        ),
        FOUNDATION,
    )

    def recognise(self, region: Region) -> RecognisedUnit | None:
        return RecognisedUnit(
            tuple(FoundPart(piece, "patch", spot=(0, n)) for n, piece in enumerate(region.pieces))
        )
