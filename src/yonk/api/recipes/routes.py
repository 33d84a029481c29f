"""Routes of recipes and their steps."""

from __future__ import annotations

from fastapi import APIRouter, Response
from starlette.concurrency import run_in_threadpool

from yonk.api.measuring.kept import trial_of
from yonk.api.recipes import answers
from yonk.api.recipes.schemas import RecipesIn, RecipesOut, StepsOut, WayIn
from yonk.api.session import Db
from yonk.api.wire import ERRORS, as_json
from yonk.api.work import WorkerGiven

router = APIRouter(prefix="/api")


@router.post("/recipes", response_model=RecipesOut, responses=ERRORS)
async def recipes(asked: RecipesIn, db: Db, work: WorkerGiven) -> Response:
    """Every way to make every group of a draft's units, side by side."""
    trial = await run_in_threadpool(trial_of, db, asked.block_id)
    return as_json(await work.on_draft(asked.document, answers.recipes, asked, trial))


@router.post("/recipes/steps", response_model=StepsOut, responses=ERRORS)
async def steps(asked: WayIn, work: WorkerGiven) -> Response:
    """One way step by step, in words and pictures."""
    return as_json(await work.on_draft(asked.document, answers.steps, asked))
