"""Routes of the shelf of blocks: pages, saves, earlier states."""

from __future__ import annotations

import json
from collections.abc import Mapping
from typing import Annotated

from fastapi import APIRouter, Query, Request, Response
from starlette.concurrency import run_in_threadpool

from yonk.api.card import card_row, page_with_cards
from yonk.api.measuring.kept import keep_log
from yonk.api.session import BlockId, Db
from yonk.api.shelf import answers
from yonk.api.shelf.kept import block_out
from yonk.api.shelf.schemas import (
    AboutIn,
    BinnedOut,
    NewBlockIn,
    SaveIn,
    ShelfLabelOut,
    ShelfOut,
    StateDocumentOut,
    StateOut,
    StatesOut,
    TitleIn,
)
from yonk.api.wire import ERRORS, BlockOut, Revision, as_json
from yonk.api.work import WorkerGiven
from yonk.core.paper import tidy_labels
from yonk.files.log_file import LIKE_A_ZIP
from yonk.store import blocks as store
from yonk.store import labels, revisions
from yonk.store.cloth_pictures import add_pictures
from yonk.store.usual import usual_of

router = APIRouter(prefix="/api")
SHOWN = 300  # states that are listed, besides those that were named or opened


@router.get("/blocks", response_model=ShelfOut, responses=ERRORS)
async def shelf(
    db: Db,
    work: WorkerGiven,
    page: Annotated[int, Query(ge=1, le=1_000_000)] = 1,
    search: Annotated[str, Query(max_length=200)] = "",
    order: store.ShelfOrder = "changed",
    label: Annotated[str, Query(max_length=40)] = "",
) -> Response:
    """A page of the blocks on the shelf, those whose name holds the words searched for, those of a
    label.
    """

    def asked() -> store.ShelfPage:
        return store.shelf_page(db, page, search, order, label=label)

    found = await page_with_cards(db, work, asked, answers.cards_of)
    said = await run_in_threadpool(labels.about_blocks, db, [card.id for card in found.cards])
    return as_json(_shelf_json(found, page, said).encode())


def _shelf_json(found: store.ShelfPage, page: int, said: Mapping[str, labels.About]) -> str:
    """A page of the shelf."""
    rows = [
        card_row(card) | {"labels": said[card.id].labels, "note": said[card.id].note}
        for card in found.cards
    ]
    pages = max(1, -(-found.total // store.PAGE))
    told = {"blocks": rows, "total": found.total, "page": page, "pages": pages}
    return json.dumps(told, ensure_ascii=False)


@router.post("/blocks", response_model=BlockOut, status_code=201, responses=ERRORS)
async def create(asked: NewBlockIn, db: Db, work: WorkerGiven) -> BlockOut:
    """Keep a new block."""
    if asked.document:
        form = await work.on_draft(
            asked.document, answers.block_contents_of_document, asked.document
        )
    else:
        usual = await run_in_threadpool(usual_of, db)
        form = await run_in_threadpool(answers.form_of_beginning, asked.beginning, usual)
    return block_out(await run_in_threadpool(store.create_block, db, form, asked.save_key))


@router.post("/blocks/import", response_model=BlockOut, status_code=201, responses=ERRORS)
async def import_block(request: Request, db: Db, work: WorkerGiven) -> BlockOut:
    """Keep the block of a block file, sent as it is; or of a parcel, with its log and photos."""
    content = await request.body()
    if not content.startswith(LIKE_A_ZIP):
        form = await work.on_text(content, answers.form_of_file)
        return block_out(await run_in_threadpool(store.create_block, db, form))
    parcel: answers.Unpacked = await work.heavy(answers.parcel_unpacked, content)

    def along(block_id: str) -> None:
        keep_log(db, block_id, parcel.log, parcel.photos, parcel.contents.document)
        add_pictures(db, parcel.cloths)

    return block_out(await run_in_threadpool(store.create_block, db, parcel.contents, None, along))


@router.get("/labels", response_model=list[ShelfLabelOut], responses=ERRORS)
def all_labels(db: Db) -> list[ShelfLabelOut]:
    """Every label on the shelf."""
    return [ShelfLabelOut(label=one, blocks=count) for one, count in labels.all_labels(db)]


@router.get("/bin", response_model=list[BinnedOut], responses=ERRORS)
def bin_of_all(db: Db) -> list[BinnedOut]:
    """What was taken off the shelves, the last first."""
    return [BinnedOut(**vars(one)) for one in labels.binned(db)]


@router.put("/blocks/{block_id}/about", status_code=204, responses=ERRORS)
def keep_about(block_id: BlockId, asked: AboutIn, db: Db) -> None:
    """Keep what is said of a block on its shelf."""
    store.live_block(db, block_id)
    said = labels.About(tidy_labels(asked.labels), asked.note.strip())
    labels.keep_about(db, block_id, said)


@router.post("/blocks/{block_id}/copy", response_model=BlockOut, status_code=201, responses=ERRORS)
async def copy(block_id: BlockId, db: Db, work: WorkerGiven) -> BlockOut:
    """Keep a copy of a block under a name of its own, with its labels."""
    kept = await run_in_threadpool(store.live_block, db, block_id, "block", "copy")
    form = await work.heavy(answers.copied, kept.document)

    def kept_with_labels() -> BlockOut:
        made = store.create_block(db, form)
        labels.keep_about(db, made.id, labels.about_blocks(db, [block_id])[block_id])
        return block_out(made)

    return await run_in_threadpool(kept_with_labels)


@router.get("/blocks/{block_id}", response_model=BlockOut, responses=ERRORS)
def one(block_id: BlockId, db: Db) -> BlockOut:
    """A block."""
    return block_out(store.live_block(db, block_id))


@router.put("/blocks/{block_id}", response_model=BlockOut, responses=ERRORS)
async def save(block_id: BlockId, asked: SaveIn, db: Db, work: WorkerGiven) -> BlockOut:
    """Keep a new state of a block, unless another was kept since the revision it was made from."""
    form = await work.on_draft(asked.document, answers.block_contents_of_document, asked.document)
    kept = await run_in_threadpool(
        store.save_block, db, block_id, form, asked.revision, asked.save_key
    )
    return block_out(kept)


@router.delete("/blocks/{block_id}", status_code=204, responses=ERRORS)
def delete(block_id: BlockId, db: Db) -> None:
    """Take a block off the shelf; it can be brought back."""
    store.delete_block(db, block_id)


@router.post("/blocks/{block_id}/restore", response_model=BlockOut, responses=ERRORS)
def restore(block_id: BlockId, db: Db) -> BlockOut:
    """Bring a deleted block back."""
    return block_out(store.restore_block(db, block_id))


@router.get("/blocks/{block_id}/states", response_model=StatesOut, responses=ERRORS)
def states(block_id: BlockId, db: Db) -> StatesOut:
    """The saved states of a block or a quilt, the newest first, and the rule by which old ones are
    thinned.
    """
    store.live_block(db, block_id, None)
    rows = [
        StateOut(revision=one.revision, saved=one.saved, title=one.title, opened=one.opened)
        for number, one in enumerate(revisions.states_of(db, block_id))
        if number < SHOWN or one.title or one.opened
    ]
    return StatesOut(states=rows, rule=revisions.RULE)


@router.post(
    "/blocks/{block_id}/states/{revision}/open", response_model=StateDocumentOut, responses=ERRORS
)
def open_state(block_id: BlockId, revision: Revision, db: Db) -> StateDocumentOut:
    """The document of a saved state; it is kept for good from now on."""
    return StateDocumentOut(document=json.loads(revisions.open_state(db, block_id, revision)))


@router.put("/blocks/{block_id}/states/{revision}", status_code=204, responses=ERRORS)
def name_state(block_id: BlockId, revision: Revision, asked: TitleIn, db: Db) -> None:
    """Name a saved state, so that it is kept for good."""
    revisions.name_state(db, block_id, revision, " ".join(asked.title.split()))
