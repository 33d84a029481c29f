"""What is ticked of a cutting, of a block or of a quilt: as it is kept, as the core counts it."""

from __future__ import annotations

from typing import cast

from sqlalchemy.orm import Session

from yonk.api.cut.schemas import MarksIn
from yonk.core.cutting import Marks, MarkStage, StagedCut
from yonk.files.cut_mark import read_mark, write_mark
from yonk.store import cutting


def keep_ticks(db: Session, block_id: str, asked: MarksIn) -> None:
    """Keep how much of some cuts is cut."""
    marks = [
        cutting.KeptMark(one.stage, write_mark(read_mark(one.cut)), done=one.done)
        for one in asked.marks
    ]
    cutting.mark(db, block_id, marks, asked.revision)


def kept_marks(db: Session, block_id: str) -> Marks:
    """How much of every cut is cut, and of how much the shelf knows."""
    found = cutting.marks_of(db, block_id)
    rows = [(StagedCut(cast(MarkStage, one.stage), read_mark(one.cut)), one) for one in found]
    return Marks({mark: one.done for mark, one in rows}, {mark: one.booked for mark, one in rows})
