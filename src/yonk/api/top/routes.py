"""Routes of the making of a quilt top: its whole list, what is ticked, files."""

from __future__ import annotations

from fastapi import APIRouter, Response
from starlette.concurrency import run_in_threadpool

from yonk.api.cut.routes import book
from yonk.api.cut.schemas import MarksIn
from yonk.api.cut.ticks import keep_ticks, kept_marks
from yonk.api.fabrics.schemas import ShelfFabricOut
from yonk.api.fabrics.session import shelf_of
from yonk.api.session import BlockId, Db
from yonk.api.sewing.schemas import TickIn
from yonk.api.top import answers
from yonk.api.top.kept import shelf_trials
from yonk.api.top.schemas import TopCutOut, TopDoneIn, TopIn, TopSewOut
from yonk.api.wire import ERRORS, as_json
from yonk.api.work import WorkerGiven
from yonk.core.cutting import NO_MARKS
from yonk.store import blocks
from yonk.store.sewing import KeptSewing, keep_sewn, sewn_of

router = APIRouter(prefix="/api")


@router.post("/quilt/cut", response_model=TopCutOut, responses=ERRORS)
async def cut(asked: TopIn, db: Db, work: WorkerGiven) -> Response:
    """The whole list of a quilt on its cloths, and what of it is ticked."""
    shelf = await shelf_of(db)
    marks = NO_MARKS
    if asked.quilt_id:
        marks = await run_in_threadpool(kept_marks, db, asked.quilt_id)
    trials = await run_in_threadpool(shelf_trials, db, asked.document)
    return as_json(
        await work.on_quilt(asked.document, answers.quilt_cut, asked, shelf, marks, trials)
    )


@router.put("/quilts/{block_id}/cut-marks", status_code=204, responses=ERRORS)
def tick(block_id: BlockId, asked: MarksIn, db: Db) -> None:
    """Keep how much of some cuts of a quilt is cut."""
    blocks.live_block(db, block_id, "quilt")
    keep_ticks(db, block_id, asked)


@router.post("/quilt/cut/done", response_model=ShelfFabricOut, responses=ERRORS)
async def cutting_done(asked: TopDoneIn, db: Db, work: WorkerGiven) -> ShelfFabricOut:
    """Take what was cut of a tied fabric off the shelf, and put the leftovers worth keeping on it:
    all or nothing.
    """
    kept = await run_in_threadpool(blocks.live_block, db, asked.quilt_id, "quilt", "change")
    marks = await run_in_threadpool(kept_marks, db, asked.quilt_id)
    trials = await run_in_threadpool(shelf_trials, db, asked.document)
    shelf = await shelf_of(db)
    booking = await work.on_quilt(asked.document, answers.quilt_booked, asked, shelf, marks, trials)
    return await run_in_threadpool(book, db, asked.quilt_id, kept.revision, booking)


@router.post("/quilt/sew", response_model=TopSewOut, responses=ERRORS)
async def sewing(asked: TopIn, db: Db, work: WorkerGiven) -> Response:
    """How a quilt top is sewn together and pressed, and what of it is done."""
    kept = await run_in_threadpool(sewn_of, db, asked.quilt_id) if asked.quilt_id else []
    sewn = {one.mark: (one.done, one.words) for one in kept}
    return as_json(await work.on_top(asked.document, answers.quilt_sewing, asked, sewn))


@router.put("/quilts/{block_id}/sewn", status_code=204, responses=ERRORS)
def tick_sewn(block_id: BlockId, asked: TickIn, db: Db) -> None:
    """Keep how many of a step of a quilt are done."""
    blocks.live_block(db, block_id, "quilt")
    keep_sewn(db, block_id, KeptSewing(asked.mark, asked.words, asked.done), asked.revision)
