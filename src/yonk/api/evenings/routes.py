"""Routes of the evenings: what can be done, and how fast it was."""

from __future__ import annotations

from fastapi import APIRouter, Response
from starlette.concurrency import run_in_threadpool

from yonk.api.evenings import answers
from yonk.api.evenings.schemas import EveningsIn, EveningsOut, PaceIn
from yonk.api.fabrics.session import shelf_of
from yonk.api.pace import add_pace, paces_of
from yonk.api.session import Db
from yonk.api.table.kept import BARE, kept_table
from yonk.api.top.kept import shelf_trials
from yonk.api.wire import ERRORS, as_json
from yonk.api.work import WorkerGiven
from yonk.core.table import TaskKind

router = APIRouter(prefix="/api")


@router.post("/evenings", response_model=EveningsOut, responses=ERRORS)
async def evenings(asked: EveningsIn, db: Db, work: WorkerGiven) -> Response:
    """What can be done in the evenings, and when all is done."""
    table = await run_in_threadpool(kept_table, db, asked.block_id) if asked.block_id else BARE
    shelf, paces = await shelf_of(db), await run_in_threadpool(paces_of, db)
    if not answers.is_quilt(asked.document):
        return as_json(
            await work.on_draft(asked.document, answers.evenings, asked, shelf, table, paces, {})
        )
    trials = await run_in_threadpool(shelf_trials, db, asked.document)
    return as_json(
        await work.on_top(asked.document, answers.evenings, asked, shelf, table, paces, trials)
    )


@router.put("/pace", status_code=204, responses=ERRORS)
async def keep_pace(asked: PaceIn, db: Db, work: WorkerGiven) -> None:
    """Count in what the clock measured; what was done of nothing that is known counts for
    nothing.
    """
    kind: TaskKind = "cut"
    if asked.sewn and asked.document is not None:
        kind = "sew"
        pace = await work.on_draft(asked.document, answers.pace_of_sewing, asked)
    else:
        pace = answers.pace_of_cutting(asked)
    if pace.guessed > 0:
        await run_in_threadpool(add_pace, db, kind, pace)
