"""Routes of sheets that come back."""

from __future__ import annotations

import json
from base64 import b64encode
from collections.abc import Iterator
from typing import Annotated
from uuid import uuid4

from fastapi import APIRouter, Query, Request
from sqlalchemy.orm import Session
from starlette.concurrency import run_in_threadpool

from yonk.api.session import Db
from yonk.api.sheets import answers
from yonk.api.sheets.kept import SheetNews, kept_sheet, news
from yonk.api.sheets.schemas import (
    BoxOut,
    NewsOut,
    SheetCode,
    SheetPage,
    SheetPageOut,
    SheetPagesOut,
    TakeTicksIn,
    TicksIn,
)
from yonk.api.table.kept import kept_table
from yonk.api.table.schemas import MOST_WORDS
from yonk.api.wire import ERRORS
from yonk.api.work import Worker, WorkerGiven
from yonk.core.paper import Message, message
from yonk.core.table import PrintedBox, PrintedSheet, ToldKind, typed_code
from yonk.files.paper import SIZES
from yonk.files.sheet_reading import StraightPage
from yonk.files.table_thing import write_told
from yonk.store import blocks, table
from yonk.store.table import NewEntry, TablePlace, ThingChange
from yonk.words import in_words

router = APIRouter(prefix="/api/sheets")
MOST_TYPED = 40  # signs of a code with what stands between its parts
# where each kind of thing is told on a screen, so that its undo there takes it back
TOLD_AT: tuple[tuple[TablePlace, ToldKind], ...] = (("cut", "cut"), ("sew", "joined"))


@router.post("/read", response_model=SheetPagesOut, responses=ERRORS)
async def read(
    request: Request,
    db: Db,
    work: WorkerGiven,
    code: Annotated[str, Query(max_length=MOST_TYPED)] = "",
    page: Annotated[SheetPage, Query()] = 1,
) -> SheetPagesOut:
    """Read a photo or a scan of printed sheets, sent as it is; with the code of the first page
    where that cannot be read in the picture.
    """
    pages = await work.heavy(answers.pages_straightened, await request.body())
    found = []
    for place, one in enumerate(pages):
        seen = (one.code, one.page) if one else ("", 0)
        told = (typed_code(code), page + place) if code else seen
        found.append(await _page(db, work, one, *told))
    return SheetPagesOut(pages=found)


async def _page(
    db: Session, work: Worker, page: StraightPage | None, code: str, number: int
) -> SheetPageOut:
    if page is None:
        return _unread(message("sheet-marks-not-seen"))
    sheet = await run_in_threadpool(kept_sheet, db, code) if code else None
    mine = [] if sheet is None else _boxes_of(sheet, number)
    readings, picture = await work.heavy(answers.page_read, page, [box for _, box in mine])
    shown = b64encode(picture).decode()
    if sheet is None or sheet.paper != page.paper:
        words = "sheet-code-not-read" if not code else "sheet-not-printed-here"
        return _unread(message(words), shown, code, number)
    wide, high = SIZES[sheet.paper]
    owner = await run_in_threadpool(blocks.one_block, db, sheet.owner)
    return SheetPageOut(
        picture=shown,
        code=code,
        page=number,
        title=sheet.title,
        owner=sheet.owner,
        kind="quilt" if owner.kind == "quilt" else "block",
        boxes=[
            BoxOut(
                number=place,
                x=box.x / wide,
                y=box.y / high,
                width=box.side / wide,
                height=box.side / high,
                read=reading,
                words=box.told.words,
            )
            for (place, box), reading in zip(mine, readings, strict=True)
        ],
        fault="",
    )


def _boxes_of(sheet: PrintedSheet, page: int) -> list[tuple[int, PrintedBox]]:
    return [(place, box) for place, box in enumerate(sheet.boxes) if box.page == page]


def _unread(fault: Message, picture: str = "", code: str = "", page: int = 0) -> SheetPageOut:
    return SheetPageOut(
        picture=picture, code=code, page=page, title="", owner="", kind=None, boxes=[], fault=fault
    )


@router.post("/{code}/news", response_model=NewsOut, responses=ERRORS)
def tells(code: SheetCode, asked: TicksIn, db: Db) -> NewsOut:
    """What the ticks of a sheet would tell the table; nothing is kept."""
    _, found = news(db, code, set(asked.ticked))
    return _news_out(found)


def _news_out(found: list[SheetNews]) -> NewsOut:
    return NewsOut(news=[one.words for one in found])


@router.post("/{code}/take", response_model=NewsOut, responses=ERRORS)
async def take(code: SheetCode, asked: TakeTicksIn, db: Db, work: WorkerGiven) -> NewsOut:
    """Tell the table what the ticks of a sheet tell. Told again, nothing is told twice."""
    ticked = set(asked.ticked)
    sheet, found = await run_in_threadpool(news, db, code, ticked)
    kept = await run_in_threadpool(blocks.live_block, db, sheet.owner, None, "change")

    def told() -> list[NewEntry]:
        return [*_entries(sheet, news(db, code, ticked)[1], asked.device)]

    await run_in_threadpool(table.keep_told, db, sheet.owner, told)
    for thing in [one.thing for one in found if one.thing.kind == "made"]:
        # one after the other, since each takes its pieces from what lies there then
        lying = await run_in_threadpool(kept_table, db, sheet.owner)
        _, now = await run_in_threadpool(news, db, code, ticked)
        for one in now:
            if one.thing == thing:
                document = json.loads(kept.document)
                entry = await work.on_draft(
                    document, answers.units_told_entry, document, lying, sheet, one, asked.device
                )
                await run_in_threadpool(table.keep_entries, db, sheet.owner, [entry])
    return _news_out(found)


def _entries(sheet: PrintedSheet, found: list[SheetNews], device: str) -> Iterator[NewEntry]:
    """The entries of all that is no unit."""
    words = in_words(message("from-a-printed-sheet", sheet=sheet.title))[:MOST_WORDS]
    for place, kind in TOLD_AT:
        changes = [
            ThingChange(kind, write_told(one.thing), one.amount, words=one.called)
            for one in found
            if one.thing.kind == kind
        ]
        if changes:
            yield NewEntry(uuid4().hex, place, device, words, tuple(changes))
