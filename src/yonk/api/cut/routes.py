"""Routes of the cutting: lists and layouts, what is ticked, files."""

from __future__ import annotations

from typing import Any

from fastapi import APIRouter, Response
from sqlalchemy.orm import Session
from starlette.concurrency import run_in_threadpool

from yonk.api.cut import answers
from yonk.api.cut.schemas import (
    CutIn,
    CutOutPlan,
    DoneIn,
    MarksIn,
    PaperSheetOut,
    PrintIn,
)
from yonk.api.cut.ticks import keep_ticks, kept_marks
from yonk.api.fabrics.schemas import ShelfFabricOut
from yonk.api.fabrics.session import shelf_of
from yonk.api.fabrics.view import shelf_fabric_out
from yonk.api.session import BlockId, Db
from yonk.api.wire import ERRORS, as_json
from yonk.api.work import Worker, WorkerGiven
from yonk.core.cutting import NO_MARKS, Marks
from yonk.files.cut_mark import read_old_mark
from yonk.store import blocks, cutting, fabrics

router = APIRouter(prefix="/api")


@router.post("/cut", response_model=CutOutPlan, responses=ERRORS)
async def cut(asked: CutIn, db: Db, work: WorkerGiven) -> Response:
    """The complete cutting list of a stage with its layouts, and what of it is ticked."""
    shelf = await shelf_of(db)
    marks = (
        await _marks_of(db, work, asked.block_id, asked.document) if asked.block_id else NO_MARKS
    )
    return as_json(await work.on_draft(asked.document, answers.cut, asked, shelf, marks))


@router.put("/blocks/{block_id}/cut-marks", status_code=204, responses=ERRORS)
def tick(block_id: BlockId, asked: MarksIn, db: Db) -> None:
    """Keep how much of some cuts is cut."""
    blocks.live_block(db, block_id)
    keep_ticks(db, block_id, asked)


async def _marks_of(db: Session, work: Worker, block_id: str, document: dict[str, Any]) -> Marks:
    """What is kept of a block's cutting; ticks of an older kind are carried over first."""
    kept = await run_in_threadpool(cutting.old_marks_of, db, block_id)
    old = [one for text, count in kept.items() if (one := read_old_mark(text, count))]
    if kept:
        carried = await work.on_draft(document, answers.marks_carried, document, old)
        await run_in_threadpool(cutting.carry_over, db, block_id, carried, 1)
    return await run_in_threadpool(kept_marks, db, block_id)


@router.post("/cut/done", response_model=ShelfFabricOut, responses=ERRORS)
async def cutting_done(asked: DoneIn, db: Db, work: WorkerGiven) -> ShelfFabricOut:
    """Take what was cut of a tied fabric off the shelf, and put the leftovers worth keeping on it:
    all or nothing.
    """
    kept_block = await run_in_threadpool(blocks.live_block, db, asked.block_id, "block", "change")
    marks = await _marks_of(db, work, asked.block_id, asked.document)
    shelf = await shelf_of(db)
    booking = await work.on_draft(asked.document, answers.booked, asked, shelf, marks)
    return await run_in_threadpool(book, db, asked.block_id, kept_block.revision, booking)


def book(db: Session, block_id: str, revision: int, booking: answers.Booking) -> ShelfFabricOut:
    """Keep what a finished cutting changes: all or nothing."""
    kept = booking.fabric
    fabrics.change_within(db, kept.id, kept.name, booking.document, kept.revision)
    cutting.mark_booked(db, block_id, booking.marks, revision)
    db.commit()
    return shelf_fabric_out(fabrics.one_fabric(db, kept.id))


@router.post("/preview/sheets", response_model=list[PaperSheetOut], responses=ERRORS)
async def sheets(asked: PrintIn, db: Db, work: WorkerGiven) -> Response:
    """Which sheets there are to print."""
    return as_json(await work.on_draft(asked.document, answers.sheets, asked, await shelf_of(db)))
