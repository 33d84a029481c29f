"""Routes of a quilt that several sew: who took over what, and how far all of it is."""

from __future__ import annotations

from collections.abc import Mapping

from fastapi import APIRouter, Request
from sqlalchemy.orm import Session
from starlette.concurrency import run_in_threadpool

from yonk.api.guild.routes import guild_of
from yonk.api.guild.schemas import (
    BlockProgressOut,
    PersonOut,
    QuiltPartIn,
    QuiltPartOut,
    ShareOutIn,
    TogetherOut,
)
from yonk.api.quilts import answers
from yonk.api.session import BlockId, Db, Who
from yonk.api.wire import ERRORS
from yonk.api.work import Worker, WorkerGiven
from yonk.core.paper import message
from yonk.core.setting import SharedPart, block_progress, shared_evenly, whole_progress
from yonk.store import blocks, people, together
from yonk.store.rights import Person, reaches, right_to

router = APIRouter(prefix="/api/quilts/{block_id}")
Counts = Mapping[str, tuple[str, int]]  # the name of each block of a quilt, and how many there are


async def _counts(db: Session, work: Worker, quilt_id: str) -> Counts:
    kept = await run_in_threadpool(blocks.live_block, db, quilt_id, "quilt")
    document = answers.document_of(kept.document)
    found: Counts = await work.on_quilt(document, answers.counts_of, document)
    return found


@router.get("/together", response_model=TogetherOut, responses=ERRORS)
async def who_sews_what(block_id: BlockId, db: Db, who: Who, work: WorkerGiven) -> TogetherOut:
    """Who sews what of a quilt."""
    counts = await _counts(db, work, block_id)
    return await run_in_threadpool(_together_out, db, who, block_id, counts)


@router.put("/together", response_model=TogetherOut, responses=ERRORS)
async def keep_part(
    block_id: BlockId, asked: QuiltPartIn, request: Request, db: Db, who: Who, work: WorkerGiven
) -> TogetherOut:
    """Keep what a person took over of a quilt and how far she is; none of it lets it go."""
    guild_of(request)
    counts = await _counts(db, work, block_id)
    part = SharedPart(
        person=asked.person,
        block=asked.block,
        count=asked.count,
        cut=asked.cut,
        sewn=asked.sewn,
        handed_in=asked.handed_in,
    )
    await run_in_threadpool(together.keep_part, db, block_id, part, _many(counts))
    return await run_in_threadpool(_together_out, db, who, block_id, counts)


@router.post("/together", response_model=TogetherOut, responses=ERRORS)
async def share_out(
    block_id: BlockId, asked: ShareOutIn, request: Request, db: Db, who: Who, work: WorkerGiven
) -> TogetherOut:
    """Deal the blocks of a quilt out anew, as many to each."""
    guild_of(request)
    counts = await _counts(db, work, block_id)
    parts = shared_evenly(_many(counts), asked.people)
    await run_in_threadpool(together.share_out, db, block_id, parts)
    return await run_in_threadpool(_together_out, db, who, block_id, counts)


def _many(counts: Counts) -> dict[str, int]:
    return {key: many for key, (_, many) in counts.items()}


def _together_out(db: Session, who: Person, quilt_id: str, counts: Counts) -> TogetherOut:
    parts = together.shared_parts(db, quilt_id)
    names = people.names_of(db, [part.person for part in parts])
    whole = whole_progress(_many(counts), parts)
    rows = block_progress(_many(counts), parts)
    return TogetherOut(
        alone=who.alone,
        may_change=reaches(right_to(db, quilt_id), "change"),
        me=who.id,
        people=[PersonOut(**vars(one)) for one in people.all_people(db)],
        blocks=[
            BlockProgressOut(
                block=key,
                name=counts[key][0] if key in counts else key,
                wanted=row.wanted,
                left=row.left,
                cut=row.cut,
                sewn=row.sewn,
                handed_in=row.handed_in,
            )
            for key, row in rows.items()
        ],
        parts=[
            QuiltPartOut(
                **vars(part),
                name=names.get(part.person) or message("somebody-who-left"),
                hers=part.person == who.id,
            )
            for part in parts
        ],
        said=whole.words,
    )
