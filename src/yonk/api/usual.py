"""What pages begin with before anything is typed, so that no such choice is made on the screen."""

from __future__ import annotations

from collections.abc import Mapping

from fastapi import APIRouter

from yonk.api.session import Db
from yonk.api.wire import ERRORS, Document, Model, RangeOut
from yonk.core.acts import USUAL_BEGINNINGS, BlockBeginning, settings_as_typed
from yonk.core.finder import BEGINNINGS, FABRICS, KIND, METHOD, PIECES
from yonk.core.paper import SETTINGS, USUAL, LengthUnit
from yonk.files.block_file import take_block
from yonk.store.usual import KeptUsual, keep_usual, usual_of

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
    block: BlockBeginning
    side: str
    count: int
    fabrics: int
    finished: str
    chart: RangeOut


class UsualOut(Model):
    """What pages begin with; `hers` tells whether it was kept by the quilter."""

    unit: LengthUnit
    hers: bool
    kind: str
    method: str
    beginnings: list[BeginningOut]


class UsualIn(Model):
    """A block that is made as new ones are to be."""

    document: Document


@router.get("/usual", response_model=UsualOut, responses=ERRORS)
def usual(db: Db) -> UsualOut:
    """What pages begin with before anything is typed."""
    kept = usual_of(db)
    return UsualOut(
        unit=kept.unit if kept else "in",
        hers=kept is not None,
        kind=KIND,
        method=METHOD,
        beginnings=[
            _beginning(one, kept.settings if kept and kept.unit == one else {}) for one in USUAL
        ],
    )


@router.put("/usual", status_code=204, responses=ERRORS)
def keep(asked: UsualIn, db: Db) -> None:
    """Begin new blocks in the unit and with the settings of this one."""
    draft = take_block(asked.document)
    keep_usual(db, KeptUsual(draft.unit, settings_as_typed(draft)))


@router.delete("/usual", status_code=204, responses=ERRORS)
def let_go(db: Db) -> None:
    """Begin new blocks as the program would."""
    keep_usual(db, None)


def _beginning(unit: LengthUnit, hers: Mapping[str, str]) -> BeginningOut:
    begin, settings = BEGINNINGS[unit], USUAL[unit].settings
    seam, step, margin = (
        hers.get(name) or SETTINGS[name].write(getattr(settings, name), unit)
        for name in ("seam", "ruler_step", "trim_margin")
    )
    start, end, every = begin.chart
    return BeginningOut(
        settings=SettingsOut(unit=unit, seam=seam, ruler_step=step, trim_margin=margin),
        block=USUAL_BEGINNINGS[unit],
        side=begin.side,
        count=PIECES,
        fabrics=FABRICS,
        finished=begin.finished,
        chart=RangeOut(start=start, end=end, step=every),
    )
