"""What pages begin with before anything is typed, so that no such choice is made on the screen."""

from __future__ import annotations

from fastapi import APIRouter

from yonk.api.wire import Model, RangeOut
from yonk.core.acts import USUAL_BEGINNINGS, Beginning
from yonk.core.finder import BEGINNINGS, FABRICS, KIND, METHOD, PIECES
from yonk.core.paper import SETTINGS, USUAL, LengthUnit

router = APIRouter(prefix="/api")


class SettingsOut(Model):
    """What the quilter is taken to work with, as typed."""

    unit: LengthUnit
    seam: str
    ruler_step: str
    trim_margin: str


class BeginningOut(Model):
    """What the questions outside a block begin with, in one unit."""

    settings: SettingsOut
    block: Beginning
    side: str
    count: int
    fabrics: int
    finished: str
    chart: RangeOut


class UsualOut(Model):
    """What pages begin with."""

    kind: str
    method: str
    beginnings: list[BeginningOut]


@router.get("/usual", response_model=UsualOut)
def usual() -> UsualOut:
    """What pages begin with before anything is typed."""
    return UsualOut(
        kind=KIND,
        method=METHOD,
        beginnings=[_beginning(unit) for unit in USUAL],
    )


def _beginning(unit: LengthUnit) -> BeginningOut:
    begin, settings = BEGINNINGS[unit], USUAL[unit].settings
    seam, step, margin = (
        SETTINGS[name].write(getattr(settings, name), unit)
        for name in ("seam", "ruler_step", "trim_margin")
    )
    start, end, every = begin.chart
    return BeginningOut(
        block=USUAL_BEGINNINGS[unit],
        settings=SettingsOut(unit=unit, seam=seam, ruler_step=step, trim_margin=margin),
        side=begin.side,
        count=PIECES,
        fabrics=FABRICS,
        finished=begin.finished,
        chart=RangeOut(start=start, end=end, step=every),
    )
