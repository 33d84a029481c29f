"""Routes of the making of a quilt top: its whole list, what is ticked, files."""

from __future__ import annotations

from fastapi import APIRouter, Response
from starlette.concurrency import run_in_threadpool

from yonk.api.cut.routes import book
from yonk.api.fabrics.schemas import ShelfFabricOut
from yonk.api.fabrics.session import shelf_of
from yonk.api.pace import paces_of
from yonk.api.session import Db
from yonk.api.table.kept import BARE, kept_table
from yonk.api.top import answers
from yonk.api.top.kept import shelf_trials
from yonk.api.top.schemas import QuiltWaysOut, TopCutOut, TopDoneIn, TopIn, TopSewOut
from yonk.api.wire import ERRORS, as_json
from yonk.api.work import WorkerGiven
from yonk.store import blocks

router = APIRouter(prefix="/api")


@router.post("/quilt/cut", response_model=TopCutOut, responses=ERRORS)
async def cut(asked: TopIn, db: Db, work: WorkerGiven) -> Response:
    """The whole list of a quilt on its cloths, and what of it is ticked."""
    shelf = await shelf_of(db)
    table = BARE
    if asked.quilt_id:
        table = await run_in_threadpool(kept_table, db, asked.quilt_id)
    trials = await run_in_threadpool(shelf_trials, db, asked.document)
    return as_json(
        await work.on_quilt(asked.document, answers.quilt_cut, asked, shelf, table, trials)
    )


@router.post("/quilt/cut/ways-out", response_model=QuiltWaysOut, responses=ERRORS)
async def ways_out(asked: TopIn, db: Db, work: WorkerGiven) -> Response:
    """What can be done where there is not enough for a quilt; each way out was tried."""
    shelf, table = await shelf_of(db), BARE
    if asked.quilt_id:
        table = await run_in_threadpool(kept_table, db, asked.quilt_id)
    trials = await run_in_threadpool(shelf_trials, db, asked.document)
    paces = await run_in_threadpool(paces_of, db)
    return as_json(
        await work.on_quilt(asked.document, answers.quilt_ways, asked, shelf, table, trials, paces)
    )


@router.post("/quilt/cut/done", response_model=ShelfFabricOut, responses=ERRORS)
async def cutting_done(asked: TopDoneIn, db: Db, work: WorkerGiven) -> ShelfFabricOut:
    """Take what was cut of a tied fabric off the shelf, and put the leftovers worth keeping on it:
    all or nothing.
    """
    await run_in_threadpool(blocks.live_block, db, asked.quilt_id, "quilt", "change")
    table = await run_in_threadpool(kept_table, db, asked.quilt_id)
    trials = await run_in_threadpool(shelf_trials, db, asked.document)
    shelf = await shelf_of(db)
    booking = await work.on_quilt(asked.document, answers.quilt_booked, asked, shelf, table, trials)
    return await run_in_threadpool(book, db, asked.quilt_id, booking)


@router.post("/quilt/sew", response_model=TopSewOut, responses=ERRORS)
async def sewing(asked: TopIn, db: Db, work: WorkerGiven) -> Response:
    """How a quilt top is sewn together and pressed, and what of it is done."""
    table = await run_in_threadpool(kept_table, db, asked.quilt_id) if asked.quilt_id else BARE
    return as_json(await work.on_top(asked.document, answers.quilt_sewing, asked, table.joined))
