"""The routes: thin, stateless, every answer in the shapes of `schemas`."""

from __future__ import annotations

import json
from collections import deque
from collections.abc import Iterator
from fractions import Fraction
from functools import lru_cache
from typing import Annotated, Any
from urllib.parse import quote

from fastapi import APIRouter, Depends, Request, Response
from sqlalchemy.orm import Session

from yonk.api.schemas import (
    ActsIn,
    BlockOut,
    ChartIn,
    ChartRowOut,
    DraftOut,
    FaultsOut,
    NewBlockIn,
    SaveIn,
    ShelfBlockOut,
    StampOut,
    StampPartOut,
    SvgIn,
    SvgOut,
)
from yonk.api.view import chart_view, picture, view_of
from yonk.core.acts import Regrid, Rename, Resize, apply, with_seams
from yonk.core.cutting.in_words import size
from yonk.core.draft import Draft, Fabric, default_making
from yonk.core.plan import make_plan
from yonk.core.sizes import size_chart, width_range
from yonk.core.units import KINDS
from yonk.core.units.needs import terms_of
from yonk.core.units.reading import read
from yonk.files.block_file import block_schema, check_reading, read_block, take_block, write_block
from yonk.files.svg_in import read_svg
from yonk.files.svg_out import write_svg
from yonk.store import blocks as store
from yonk.store.blocks import Kept

router = APIRouter(prefix="/api")
FIRST_FABRICS = (
    Fabric(key="peat", name="Peat", colour="#3b2a20", value="dark"),
    Fabric(key="fog", name="Fog", colour="#e7e6df", value="light"),
)
ERRORS: dict[int | str, dict[str, Any]] = {
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


@router.post("/draft", response_model=DraftOut, responses=ERRORS)
def work_on_draft(asked: ActsIn) -> Response:
    """Apply acts to a draft and read what comes of it; nothing is stored."""
    draft = _recent(asked.document) or take_block(asked.document)
    if not asked.acts:
        check_reading(read(draft))
    for act in asked.acts:
        draft = apply(draft, act, asked.mates)
    view = view_of(make_plan(draft), stretches=asked.stretches, outlines=asked.outlines)
    _RECENT.appendleft((view.document, draft))
    return Response(view.model_dump_json(), media_type="application/json")


# Drafts lately answered with. Only a short cut: a document that is not here is read again, by whichever process.
_RECENT: deque[tuple[dict[str, Any], Draft]] = deque(maxlen=12)


def _recent(document: dict[str, Any]) -> Draft | None:
    return next((draft for known, draft in tuple(_RECENT) if known == document), None)


@router.get("/tray", response_model=list[StampOut])
def tray() -> list[StampOut]:
    """The kinds of unit that can be put into cells, with their pictures."""
    return _tray()


@router.get("/blocks", response_model=list[ShelfBlockOut], responses=ERRORS)
def shelf(db: Db) -> list[ShelfBlockOut]:
    """The blocks on the shelf, the last changed first."""
    return [_on_shelf(kept) for kept in store.all_blocks(db)]


@router.post("/blocks", response_model=BlockOut, status_code=201, responses=ERRORS)
def create(asked: NewBlockIn, db: Db) -> BlockOut:
    """Keep a new block."""
    draft = _sound(take_block(asked.document)) if asked.document else _new_draft(asked)
    return block_out(store.create_block(db, draft.name, _text(draft)))


@router.post("/blocks/import", response_model=BlockOut, status_code=201, responses=ERRORS)
async def import_block(request: Request, db: Db) -> BlockOut:
    """Keep the block of a block file, sent as it is."""
    draft = _sound(read_block(await request.body()))
    return block_out(store.create_block(db, draft.name, _text(draft)))


@router.get("/blocks/{block_id}", response_model=BlockOut, responses=ERRORS)
def one(block_id: str, db: Db) -> BlockOut:
    """A block."""
    kept = store.one_block(db, block_id)
    if kept.deleted:
        raise store.NoSuchBlockError(block_id)
    return block_out(kept)


@router.put("/blocks/{block_id}", response_model=BlockOut, responses=ERRORS)
def save(block_id: str, asked: SaveIn, db: Db) -> BlockOut:
    """Keep a new state of a block, unless another was kept since the revision it was made from."""
    draft = _sound(take_block(asked.document))
    return block_out(store.save_block(db, block_id, draft.name, _text(draft), asked.revision))


@router.delete("/blocks/{block_id}", status_code=204, responses=ERRORS)
def delete(block_id: str, db: Db) -> None:
    """Take a block off the shelf; it can be brought back."""
    store.delete_block(db, block_id)


@router.post("/blocks/{block_id}/restore", response_model=BlockOut, responses=ERRORS)
def restore(block_id: str, db: Db) -> BlockOut:
    """Bring a deleted block back."""
    return block_out(store.restore_block(db, block_id))


@router.post("/files/block", response_class=Response, responses=ERRORS)
def block_file(asked: ActsIn) -> Response:
    """The block file of a draft, saved or not."""
    draft = _sound(take_block(asked.document))
    text = json.dumps(write_block(draft), indent=1, ensure_ascii=False)
    return _download(text, "application/json", f"{draft.name}.yonk.json")


@router.post("/files/block.svg", response_class=Response, responses=ERRORS)
def block_svg(asked: ActsIn) -> Response:
    """A draft as SVG at true size."""
    reading = read(take_block(asked.document))
    return _download(write_svg(reading), "image/svg+xml", f"{reading.draft.name}.svg")


@router.post("/draft/from-svg", response_model=SvgOut, responses=ERRORS)
def seams_from_svg(asked: SvgIn) -> Response:
    """A draft with its seams taken from an SVG drawing; nothing is stored."""
    draft = take_block(asked.document)
    taken = read_svg(asked.svg, draft, asked.parts)
    out = SvgOut(draft=view_of(make_plan(with_seams(draft, taken.seams))), report=taken.report())
    return Response(out.model_dump_json(), media_type="application/json")


@router.post("/draft/sizes", response_model=list[ChartRowOut], responses=ERRORS)
def sizes(asked: ChartIn) -> list[ChartRowOut]:
    """The size chart of a draft: what every letter is cut to over a range of finished widths."""
    draft = take_block(asked.document)
    plan = make_plan(draft)
    widths = width_range(asked.start, asked.end, asked.step, draft.unit)
    return chart_view(size_chart(draft, plan.recipes, terms_of(draft), widths), draft)


@router.get("/schema/block.json")
def schema() -> dict[str, Any]:
    """The JSON Schema of a block file."""
    return block_schema()


def _sound(draft: Draft) -> Draft:
    check_reading(read(draft))
    return draft


def _text(draft: Draft) -> str:
    return json.dumps(write_block(draft), ensure_ascii=False)


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


def _download(text: str, media: str, name: str) -> Response:
    headers = {"Content-Disposition": f"attachment; filename*=UTF-8''{quote(name)}"}
    return Response(text, media_type=media, headers=headers)


def block_out(kept: Kept) -> BlockOut:
    """A kept block as it is sent."""
    return BlockOut(
        id=kept.id, name=kept.name, revision=kept.revision, created=kept.created, changed=kept.changed,
        document=json.loads(kept.document),
    )  # fmt: skip


@lru_cache(maxsize=256)
def _on_shelf(kept: Kept) -> ShelfBlockOut:
    """A block with its picture; kept for as long as the revision is the same."""
    draft = read_block(kept.document)
    reading = read(draft)
    faces = picture(reading)
    return ShelfBlockOut(
        id=kept.id, name=kept.name, revision=kept.revision, changed=kept.changed, width=float(draft.width),
        height=float(draft.height), finished=size(draft.width, draft.height, draft.unit), patches=len(faces),
        blocks=draft.making.blocks, picture=faces,
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
