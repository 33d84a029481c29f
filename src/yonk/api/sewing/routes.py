"""Routes of the sewing: the plan, the back, pictures, what is ticked, files."""

from __future__ import annotations

from fastapi import APIRouter, Response
from starlette.concurrency import run_in_threadpool

from yonk.api.session import BlockId, Db
from yonk.api.sewing import answers
from yonk.api.sewing.schemas import (
    BackOut,
    JoinIn,
    JoinOut,
    SewingAskedIn,
    SewingOut,
    SewingPrintIn,
    TickIn,
)
from yonk.api.wire import ERRORS, as_json
from yonk.api.work import WorkerGiven
from yonk.store import blocks
from yonk.store.sewing import KeptSewing, keep_sewn, sewn_of

router = APIRouter(prefix="/api")


@router.post("/sewing", response_model=SewingOut, responses=ERRORS)
async def sewing(asked: SewingAskedIn, db: Db, work: WorkerGiven) -> Response:
    """How a block is sewn together and pressed, and what of it is sewn."""
    kept = await run_in_threadpool(sewn_of, db, asked.block_id) if asked.block_id else []
    done = {one.mark: (one.done, one.words) for one in kept}
    return as_json(await work.on_draft(asked.document, answers.sewing, asked, done))


@router.post("/sewing/back", response_model=BackOut, responses=ERRORS)
async def back(asked: SewingPrintIn, work: WorkerGiven) -> Response:
    """The pressed block in layers, with its thickness."""
    return as_json(await work.on_draft(asked.document, answers.back, asked))


@router.post("/sewing/join", response_model=JoinOut, responses=ERRORS)
async def join(asked: JoinIn, work: WorkerGiven) -> Response:
    """One join in pictures."""
    return as_json(await work.on_draft(asked.document, answers.join, asked))


@router.put("/blocks/{block_id}/sewn", status_code=204, responses=ERRORS)
def tick(block_id: BlockId, asked: TickIn, db: Db) -> None:
    """Keep how many of a step are sewn."""
    blocks.live_block(db, block_id)
    keep_sewn(db, block_id, KeptSewing(asked.mark, asked.words, asked.done), asked.revision)
