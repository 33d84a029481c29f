"""What exports need of what is kept, beside what they are asked for."""

from __future__ import annotations

from sqlalchemy.orm import Session

from yonk.api.cut.schemas import PrintIn
from yonk.api.fabrics.kept import Shelf
from yonk.api.fabrics.session import kept_shelf
from yonk.api.measuring.kept import trial_of
from yonk.api.top.answers import Trials
from yonk.api.top.kept import shelf_trials
from yonk.api.top.schemas import TopPrintIn
from yonk.api.wire import Model
from yonk.core.measuring import Trial


def the_shelf(db: Session, _: Model) -> Shelf:
    """The fabric shelf."""
    return kept_shelf(db)


def its_trial(db: Session, asked: PrintIn) -> Trial | None:
    """The trial of a block that is kept."""
    return trial_of(db, asked.block_id) if asked.block_id else None


def its_trials(db: Session, asked: TopPrintIn) -> Trials:
    """The trials of the blocks of a quilt."""
    return shelf_trials(db, asked.document)
