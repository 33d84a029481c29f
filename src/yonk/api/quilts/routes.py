"""Routes of the shelf of quilts and of work on a quilt."""

from __future__ import annotations

import json
from typing import Annotated

import orjson
from fastapi import APIRouter, Query, Response
from sqlalchemy.orm import Session
from starlette.concurrency import run_in_threadpool

from yonk.api.card import card_row, page_with_cards
from yonk.api.quilts import answers
from yonk.api.quilts.schemas import (
    AddBlockIn,
    NewQuiltIn,
    OriginOut,
    OriginsIn,
    QuiltActsIn,
    QuiltOut,
    QuiltSeenOut,
    QuiltShelfOut,
    SaveQuiltIn,
    SizeWayOut,
    TakeAnewIn,
    WantedIn,
)
from yonk.api.session import BlockId, Db
from yonk.api.shelf.kept import block_out
from yonk.api.wire import ERRORS, BlockOut, as_json
from yonk.api.work import WorkerGiven
from yonk.core.paper import message
from yonk.store import blocks as store
from yonk.store.rights import NoSuchBlockError

router = APIRouter(prefix="/api")


@router.post("/quilt", response_model=QuiltOut, responses=ERRORS)
async def work_on_quilt(asked: QuiltActsIn, db: Db, work: WorkerGiven) -> Response:
    """Apply acts to a quilt and plan what comes of it; nothing is stored."""
    shelf = await run_in_threadpool(_from_shelf, db, asked)
    return as_json(await work.on_quilt(asked.document, answers.quilt_worked_on, asked, shelf))


def _from_shelf(db: Session, asked: QuiltActsIn) -> dict[str, tuple[int, str]]:
    """The blocks of the shelf that some acts take."""
    wanted = {act.origin for act in asked.acts if isinstance(act, AddBlockIn | TakeAnewIn)}
    found = {one: store.live_block(db, one, right="copy") for one in wanted}
    return {one: (kept.revision, kept.document) for one, kept in found.items()}


@router.post("/quilt/origins", response_model=list[OriginOut], responses=ERRORS)
def origins(asked: OriginsIn, db: Db) -> list[OriginOut]:
    """Which blocks of a quilt are other ones on the shelf now."""
    out = []
    for origin, revision in dict(asked.blocks).items():
        try:
            kept = store.live_block(db, origin)
        except NoSuchBlockError:
            words = message("origin-is-gone")
            out.append(OriginOut(origin=origin, words=words, gone=True))
            continue
        if kept.revision != revision:
            words = message("origin-was-changed", block=kept.name)
            out.append(OriginOut(origin=origin, words=words, gone=False))
    return out


@router.post("/quilt/sizes", response_model=list[SizeWayOut], responses=ERRORS)
async def sizes(asked: WantedIn, work: WorkerGiven) -> list[SizeWayOut]:
    """The ways to bring a quilt to a size that is wanted; nothing is stored."""
    found: list[SizeWayOut] = await work.on_quilt(asked.document, answers.ways_to_size, asked)
    return found


@router.get("/quilts", response_model=QuiltShelfOut, responses=ERRORS)
async def shelf(
    db: Db,
    work: WorkerGiven,
    search: Annotated[str, Query(max_length=200)] = "",
    page: Annotated[int, Query(ge=1, le=1_000_000)] = 1,
    origin: Annotated[str, Query(pattern="^[0-9a-z]{0,32}$")] = "",
) -> Response:
    """The shelf of quilts; those that a block is in, where its id is told."""

    def asked() -> store.ShelfPage:
        return store.shelf_page(db, page, search, "changed", "quilt", origin)

    found = await page_with_cards(db, work, asked, answers.quilt_cards_of)
    rows = [card_row(card) for card in found.cards]
    return as_json(json.dumps({"quilts": rows, "total": found.total}).encode())


@router.post("/quilts", response_model=BlockOut, status_code=201, responses=ERRORS)
async def create(asked: NewQuiltIn, db: Db, work: WorkerGiven) -> BlockOut:
    """Keep a new quilt, from a file or from blocks of the shelf."""
    if asked.document:
        form = await work.heavy(answers.quilt_contents_of_document, asked.document)
    else:
        taken = await run_in_threadpool(_taken, db, asked.blocks)
        form = await work.heavy(answers.begun_from, asked.name, taken)
    return block_out(await run_in_threadpool(store.create_block, db, form, asked.save_key))


def _taken(db: Session, blocks: list[str]) -> list[tuple[str, int, str]]:
    found = [store.live_block(db, one, right="copy") for one in blocks]
    return [(one.id, one.revision, one.document) for one in found]


@router.get("/quilts/{block_id}", response_model=BlockOut, responses=ERRORS)
def one(block_id: BlockId, db: Db) -> BlockOut:
    """A quilt."""
    return block_out(store.live_block(db, block_id, "quilt"))


@router.get("/quilts/{block_id}/seen", response_model=QuiltSeenOut, responses=ERRORS)
async def one_seen(block_id: BlockId, db: Db, work: WorkerGiven) -> Response:
    """A quilt and how it is seen, in one answer, since its page is waited for."""
    found = await run_in_threadpool(store.live_block, db, block_id, "quilt")
    kept = block_out(found)
    seen = await work.on_quilt(kept.document, answers.quilt_worked_on, _as_it_is(kept), {})
    parts = {"kept": kept.model_dump(mode="json"), "seen": orjson.Fragment(seen)}
    return as_json(orjson.dumps(parts))


def _as_it_is(kept: BlockOut) -> QuiltActsIn:
    return QuiltActsIn(document=kept.document)


@router.put("/quilts/{block_id}", response_model=BlockOut, responses=ERRORS)
async def save(block_id: BlockId, asked: SaveQuiltIn, db: Db, work: WorkerGiven) -> BlockOut:
    """Keep a new state of a quilt, unless another was kept since the revision it was made from."""
    form = await work.on_quilt(asked.document, answers.quilt_contents_of_document, asked.document)
    kept = await run_in_threadpool(
        store.save_block, db, block_id, form, asked.revision, asked.save_key
    )
    return block_out(kept)


@router.delete("/quilts/{block_id}", status_code=204, responses=ERRORS)
def delete(block_id: BlockId, db: Db) -> None:
    """Take a quilt off the shelf; it can be brought back."""
    store.live_block(db, block_id, "quilt")
    store.delete_block(db, block_id)


@router.post("/quilts/{block_id}/restore", response_model=BlockOut, responses=ERRORS)
def restore(block_id: BlockId, db: Db) -> BlockOut:
    """Bring a deleted quilt back."""
    return block_out(store.restore_block(db, block_id))
