"""Routes of the sewing: the plan, the back, pictures, what is ticked, files."""

from __future__ import annotations

from fastapi import APIRouter, Response
from starlette.concurrency import run_in_threadpool

from yonk.api.session import Db
from yonk.api.sewing import answers
from yonk.api.sewing.schemas import (
    BackOut,
    JoinIn,
    JoinOut,
    SewingAskedIn,
    SewingOut,
    SewingPrintIn,
)
from yonk.api.table.kept import BARE, kept_table
from yonk.api.wire import ERRORS, as_json
from yonk.api.work import WorkerGiven

router = APIRouter(prefix="/api")


@router.post("/sewing", response_model=SewingOut, responses=ERRORS)
async def sewing(asked: SewingAskedIn, db: Db, work: WorkerGiven) -> Response:
    """How a block is sewn together and pressed, and what of it is sewn."""
    table = await run_in_threadpool(kept_table, db, asked.block_id) if asked.block_id else BARE
    return as_json(await work.on_draft(asked.document, answers.sewing, asked, table))


@router.post("/sewing/back", response_model=BackOut, responses=ERRORS)
async def back(asked: SewingPrintIn, work: WorkerGiven) -> Response:
    """The pressed block in layers, with its thickness."""
    return as_json(await work.on_draft(asked.document, answers.back, asked))


@router.post("/sewing/join", response_model=JoinOut, responses=ERRORS)
async def join(asked: JoinIn, work: WorkerGiven) -> Response:
    """One join in pictures."""
    return as_json(await work.on_draft(asked.document, answers.join, asked))
