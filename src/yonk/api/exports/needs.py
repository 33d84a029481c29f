"""What exports need of what is kept, beside what they are asked for."""

from __future__ import annotations

from typing import Any

from sqlalchemy.orm import Session

from yonk.api.cut.schemas import PrintIn
from yonk.api.evenings.answers import is_quilt
from yonk.api.evenings.schemas import EveningsIn
from yonk.api.fabrics.kept import Shelf, pictures_in
from yonk.api.fabrics.session import kept_shelf
from yonk.api.measuring.kept import trial_of
from yonk.api.pace import paces_of
from yonk.api.table.kept import BARE, KeptTable, kept_table
from yonk.api.top.answers import Trials
from yonk.api.top.kept import shelf_trials
from yonk.api.top.schemas import TopPrintIn
from yonk.api.wire import Model
from yonk.core.measuring import Trial
from yonk.core.table import Paces


def its_pictures(db: Session, asked: Any) -> dict[str, bytes]:
    """The pictures of the cloths that a block or a quilt is drawn in."""
    return pictures_in(db, asked.document)


def the_shelf(db: Session, _: Model) -> Shelf:
    """The fabric shelf."""
    return kept_shelf(db)


def its_trial(db: Session, asked: PrintIn) -> Trial | None:
    """The trial of a block that is kept."""
    return trial_of(db, asked.block_id) if asked.block_id else None


def its_trials(db: Session, asked: TopPrintIn) -> Trials:
    """The trials of the blocks of a quilt."""
    return shelf_trials(db, asked.document)


def trials_of_its_blocks(db: Session, asked: EveningsIn) -> Trials:
    """The trials of the blocks of what the evenings are asked for, where that is a quilt."""
    return shelf_trials(db, asked.document) if is_quilt(asked.document) else {}


def its_table(db: Session, asked: PrintIn | EveningsIn) -> KeptTable:
    """What lies on the table of a block that is kept."""
    return kept_table(db, asked.block_id) if asked.block_id else BARE


def quilts_table(db: Session, asked: TopPrintIn) -> KeptTable:
    """What lies on the table of a quilt that is kept."""
    return kept_table(db, asked.quilt_id) if asked.quilt_id else BARE


def her_paces(db: Session, _: Model) -> Paces:
    """How fast she is."""
    return paces_of(db)
