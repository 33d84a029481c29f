"""The routes of blocks and drafts: thin, stateless, every answer in the shapes of `schemas`."""

from __future__ import annotations

import json
from collections.abc import Iterator
from fractions import Fraction
from functools import lru_cache
from typing import Annotated, Any

from fastapi import APIRouter, Depends, Path, Query, Request, Response
from sqlalchemy.orm import Session
from starlette.concurrency import run_in_threadpool

from yonk.api import answers
from yonk.api.schemas import (
    ActsIn,
    BlockOut,
    ChartIn,
    ChartRowOut,
    DraftOut,
    FaultsOut,
    NewBlockIn,
    Revision,
    SaveIn,
    ShelfOut,
    StampOut,
    StampPartOut,
    StateDocumentOut,
    StateOut,
    StatesOut,
    SvgIn,
    SvgOut,
    TitleIn,
)
from yonk.api.work import Work
from yonk.core.acts import Regrid, Rename, Resize, apply
from yonk.core.paper import Draft, Fabric, default_making
from yonk.core.planning import read
from yonk.core.units import KINDS
from yonk.files.block_file import block_schema
from yonk.store import blocks as store
from yonk.store import revisions
from yonk.store.blocks import Kept

router = APIRouter(prefix="/api")
FIRST_FABRICS = (
    Fabric(key="peat", name="Peat", colour="#3b2a20", value="dark"),
    Fabric(key="fog", name="Fog", colour="#e7e6df", value="light"),
)
ERRORS: dict[int | str, dict[str, Any]] = {
    400: {"model": FaultsOut},
    404: {"model": FaultsOut},
    409: {"model": FaultsOut},
    413: {"model": FaultsOut},
    422: {"model": FaultsOut},
    503: {"model": FaultsOut},
}


def session_of(request: Request) -> Iterator[Session]:
    """A session for one request."""
    with request.app.state.sessions() as session:
        yield session


Db = Annotated[Session, Depends(session_of)]
BlockId = Annotated[str, Path(pattern="^[0-9a-z]{1,32}$")]


@router.post("/draft", response_model=DraftOut, responses=ERRORS)
async def work_on_draft(asked: ActsIn, work: Work) -> Response:
    """Apply acts to a draft and read what comes of it; nothing is stored."""
    return as_json(await work.on_draft(asked.document, answers.worked_on, asked))


def as_json(text: bytes) -> Response:
    """JSON that is written already."""
    return Response(text, media_type="application/json")


@router.get("/tray", response_model=list[StampOut])
def tray() -> list[StampOut]:
    """The kinds of unit that can be put into cells, with their pictures."""
    return _tray()


@router.get("/blocks", response_model=ShelfOut, responses=ERRORS)
async def shelf(
    db: Db,
    work: Work,
    page: Annotated[int, Query(ge=1, le=1_000_000)] = 1,
    search: Annotated[str, Query(max_length=200)] = "",
    order: store.Order = "changed",
) -> Response:
    """A page of the blocks on the shelf, those whose name holds the words searched for."""
    found = await run_in_threadpool(store.shelf_page, db, page, search, order)
    bare = [card for card in found.cards if card.card is None]
    if bare:  # kept before there were cards
        kept = await run_in_threadpool(lambda: [store.one_block(db, card.id) for card in bare])
        cards = await work.heavy(answers.cards_of, [(one.id, one.revision, one.document) for one in kept])
        await run_in_threadpool(store.keep_cards, db, cards)
        found = await run_in_threadpool(store.shelf_page, db, page, search, order)
    return as_json(_shelf_json(found, page).encode())


def _shelf_json(found: store.Page, page: int) -> str:
    """A page of the shelf. Each card is JSON already, so it is put in as it is."""
    rows = []
    for card in found.cards:
        own = {"id": card.id, "name": card.name, "revision": card.revision, "changed": card.changed.isoformat()}
        rows.append(json.dumps(own, ensure_ascii=False)[:-1] + "," + (card.card or "{}")[1:])
    pages = max(1, -(-found.total // store.PAGE))
    return f'{{"blocks":[{",".join(rows)}],"total":{found.total},"page":{page},"pages":{pages}}}'


@router.post("/blocks", response_model=BlockOut, status_code=201, responses=ERRORS)
async def create(asked: NewBlockIn, db: Db, work: Work) -> BlockOut:
    """Keep a new block."""
    if asked.document:
        form = await work.on_draft(asked.document, answers.form_of_document, asked.document)
    else:
        form = await run_in_threadpool(lambda: answers.form_of(_new_draft(asked)))
    return block_out(await run_in_threadpool(store.create_block, db, form, asked.save_key))


@router.post("/blocks/import", response_model=BlockOut, status_code=201, responses=ERRORS)
async def import_block(request: Request, db: Db, work: Work) -> BlockOut:
    """Keep the block of a block file, sent as it is."""
    form = await work.on_text(await request.body(), answers.form_of_file)
    return block_out(await run_in_threadpool(store.create_block, db, form))


@router.get("/blocks/{block_id}", response_model=BlockOut, responses=ERRORS)
def one(block_id: BlockId, db: Db) -> BlockOut:
    """A block."""
    return block_out(store.live_block(db, block_id))


@router.put("/blocks/{block_id}", response_model=BlockOut, responses=ERRORS)
async def save(block_id: BlockId, asked: SaveIn, db: Db, work: Work) -> BlockOut:
    """Keep a new state of a block, unless another was kept since the revision it was made from."""
    form = await work.on_draft(asked.document, answers.form_of_document, asked.document)
    kept = await run_in_threadpool(store.save_block, db, block_id, form, asked.revision, asked.save_key)
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
    """The saved states of a block, the newest first, and the rule by which old ones are thinned."""
    store.live_block(db, block_id)
    rows = [
        StateOut(revision=one.revision, saved=one.saved, title=one.title, opened=one.opened)
        for one in revisions.states_of(db, block_id)
    ]
    return StatesOut(states=rows, rule=revisions.RULE)


@router.post("/blocks/{block_id}/states/{revision}/open", response_model=StateDocumentOut, responses=ERRORS)
def open_state(block_id: BlockId, revision: Revision, db: Db) -> StateDocumentOut:
    """The document of a saved state; it is kept for good from now on."""
    return StateDocumentOut(document=json.loads(revisions.open_state(db, block_id, revision)))


@router.put("/blocks/{block_id}/states/{revision}", status_code=204, responses=ERRORS)
def name_state(block_id: BlockId, revision: Revision, asked: TitleIn, db: Db) -> None:
    """Name a saved state, so that it is kept for good."""
    revisions.name_state(db, block_id, revision, " ".join(asked.title.split()))


@router.post("/files/block", response_class=Response, responses=ERRORS)
async def block_file(asked: ActsIn, work: Work) -> Response:
    """The block file of a draft, saved or not."""
    return await work.file(asked.document, answers.block_file, asked)


@router.post("/files/block.svg", response_class=Response, responses=ERRORS)
async def block_svg(asked: ActsIn, work: Work) -> Response:
    """A draft as SVG at true size."""
    return await work.file(asked.document, answers.block_svg, asked)


@router.post("/draft/from-svg", response_model=SvgOut, responses=ERRORS)
async def seams_from_svg(asked: SvgIn, work: Work) -> Response:
    """A draft with its seams taken from an SVG drawing; nothing is stored."""
    return as_json(await work.heavy(answers.from_svg, asked))


@router.post("/draft/sizes", response_model=list[ChartRowOut], responses=ERRORS)
async def sizes(asked: ChartIn, work: Work) -> Response:
    """The size chart of a draft: what every letter is cut to over a range of finished widths."""
    return as_json(await work.on_draft(asked.document, answers.sizes, asked))


@router.get("/schema/block.json")
def schema() -> dict[str, Any]:
    """The JSON Schema of a block file."""
    return block_schema()


def _new_draft(asked: NewBlockIn) -> Draft:
    one = Fraction(1)
    empty = Draft(
        name="New block", unit=asked.unit, width=one, height=one, columns=(one,), rows=(one,), fabrics=FIRST_FABRICS,
        making=default_making(asked.unit),
    )  # fmt: skip
    for act in (
        Rename(name=asked.name),
        Resize(width=asked.width, height=asked.height),
        Regrid(columns=asked.columns, rows=asked.rows),
    ):
        empty = apply(empty, act)
    return empty


def block_out(kept: Kept) -> BlockOut:
    """A kept block as it is sent."""
    return BlockOut(
        id=kept.id, name=kept.name, revision=kept.revision, created=kept.created, changed=kept.changed,
        document=json.loads(kept.document),
    )  # fmt: skip


@lru_cache(maxsize=1)
def _tray() -> list[StampOut]:
    out = []
    for kind in KINDS:
        stamp = kind.stamp
        if stamp is None:
            continue
        hand = ("0", "1", "2", "3")
        motif = stamp.motif(hand)
        one = Fraction(1)
        columns, rows = stamp.span
        drawn = Draft(
            name="", unit="in", width=Fraction(columns), height=Fraction(rows), columns=(one,), rows=(one,),
            seams=motif.seams, fabrics=tuple(Fabric(key=key, name=key, colour="#000000") for key in hand),
            paints=motif.paints,
        )  # fmt: skip
        reading = read(drawn)
        scale = reading.drawing.scale
        parts = [
            StampPartOut(outline=[(x / scale, y / scale) for x, y in face.ring], fabric=int(fabric))
            for face, fabric in zip(reading.drawing.faces, reading.fabrics, strict=True)
        ]
        out.append(StampOut(kind=kind.kind, words=kind.words, columns=columns, rows=rows, parts=parts))
    return out
