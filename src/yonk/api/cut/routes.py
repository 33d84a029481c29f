"""Routes of the cutting: lists and layouts, what is ticked, files."""

from __future__ import annotations

from typing import Any
from uuid import uuid4

from fastapi import APIRouter, Response
from sqlalchemy.orm import Session
from starlette.concurrency import run_in_threadpool

from yonk.api.cut import answers
from yonk.api.cut.schemas import (
    CutIn,
    CutOutPlan,
    DoneIn,
    PaperSheetOut,
    PrintIn,
    WaysOutOut,
)
from yonk.api.fabrics.schemas import ShelfFabricOut
from yonk.api.fabrics.session import shelf_of
from yonk.api.fabrics.view import shelf_fabric_out
from yonk.api.pace import paces_of
from yonk.api.session import Db
from yonk.api.table.kept import BARE, KeptTable, kept_table
from yonk.api.wire import ERRORS, as_json
from yonk.api.work import Worker, WorkerGiven
from yonk.files.cut_mark import read_old_mark
from yonk.store import blocks, cutting, fabrics
from yonk.store.table import NewEntry, keep_within

router = APIRouter(prefix="/api")


@router.post("/cut", response_model=CutOutPlan, responses=ERRORS)
async def cut(asked: CutIn, db: Db, work: WorkerGiven) -> Response:
    """The complete cutting list of a stage with its layouts, and what of it is ticked."""
    shelf = await shelf_of(db)
    table = BARE
    if asked.block_id:
        table = await _table_of(db, work, asked.block_id, asked.document)
    return as_json(await work.on_draft(asked.document, answers.cut, asked, shelf, table))


@router.post("/cut/ways-out", response_model=WaysOutOut, responses=ERRORS)
async def ways_out(asked: CutIn, db: Db, work: WorkerGiven) -> Response:
    """What can be done where there is not enough on the table; each way out was tried."""
    shelf = await shelf_of(db)
    table = BARE
    if asked.block_id:
        table = await _table_of(db, work, asked.block_id, asked.document)
    paces = await run_in_threadpool(paces_of, db)
    return as_json(
        await work.on_draft(asked.document, answers.ways_out, asked, shelf, table, paces)
    )


async def _table_of(
    db: Session, work: Worker, block_id: str, document: dict[str, Any]
) -> KeptTable:
    """What lies on the table of a block; ticks of an older kind are carried over first."""
    kept = await run_in_threadpool(cutting.old_marks_of, db, block_id)
    old = [one for text, count in kept.items() if (one := read_old_mark(text, count))]
    if kept:
        carried = await work.on_draft(document, answers.marks_carried, document, old)
        await run_in_threadpool(cutting.carry_over, db, block_id, carried)
    return await run_in_threadpool(kept_table, db, block_id)


@router.post("/cut/done", response_model=ShelfFabricOut, responses=ERRORS)
async def cutting_done(asked: DoneIn, db: Db, work: WorkerGiven) -> ShelfFabricOut:
    """Take what was cut of a tied fabric off the shelf, and put the leftovers worth keeping on it:
    all or nothing.
    """
    await run_in_threadpool(blocks.live_block, db, asked.block_id, "block", "change")
    table = await _table_of(db, work, asked.block_id, asked.document)
    shelf = await shelf_of(db)
    booking = await work.on_draft(asked.document, answers.booked, asked, shelf, table)
    return await run_in_threadpool(book, db, asked.block_id, booking)


def book(db: Session, block_id: str, booking: answers.Booking) -> ShelfFabricOut:
    """Keep what a finished cutting changes: all or nothing."""
    kept = booking.fabric
    fabrics.change_within(db, kept.id, kept.name, booking.document, kept.revision)
    entry = NewEntry(uuid4().hex, "shelf", "", kept.name, tuple(booking.known))
    keep_within(db, block_id, [entry])
    db.commit()
    return shelf_fabric_out(fabrics.one_fabric(db, kept.id))


@router.post("/preview/sheets", response_model=list[PaperSheetOut], responses=ERRORS)
async def sheets(asked: PrintIn, db: Db, work: WorkerGiven) -> Response:
    """Which sheets there are to print."""
    shelf, table = await shelf_of(db), BARE
    if asked.block_id:
        table = await run_in_threadpool(kept_table, db, asked.block_id)
    return as_json(await work.on_draft(asked.document, answers.sheets, asked, shelf, table))
