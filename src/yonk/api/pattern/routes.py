"""Routes of a pattern's list of pieces."""

from __future__ import annotations

from fastapi import APIRouter

from yonk.api.pattern import answers
from yonk.api.pattern.schemas import PatternIn, PatternOut
from yonk.api.wire import ERRORS
from yonk.api.work import WorkerGiven

router = APIRouter(prefix="/api")


@router.post("/pattern", response_model=PatternOut, responses=ERRORS)
async def judge_pattern(asked: PatternIn, work: WorkerGiven) -> PatternOut:
    """Judge a pattern's list of pieces: its numbers, what they make, the block that they fill."""
    found: PatternOut = await work.heavy(answers.judged, asked)
    return found
