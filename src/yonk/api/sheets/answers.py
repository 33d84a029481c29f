"""Photos of sheets that are read, and the entries that their ticks become."""

from __future__ import annotations

from hashlib import sha256
from typing import Any

from yonk.api.sheets.kept import SheetNews
from yonk.api.table.answers import units_made_entry
from yonk.api.table.kept import KeptTable
from yonk.api.table.schemas import MadeUnitsIn
from yonk.core.paper import DraftError
from yonk.core.table import PrintedBox, PrintedSheet
from yonk.files.sheet_reading import (
    BoxReading,
    StraightPage,
    preview_of,
    read_boxes,
    straight_pages,
)
from yonk.store.table import NewEntry, ThingChange


def pages_straightened(content: bytes) -> list[StraightPage | None]:
    """The pages of a photo or a scan, straightened."""
    return straight_pages(content)


def page_read(page: StraightPage, boxes: list[PrintedBox]) -> tuple[list[BoxReading], bytes]:
    """What is in the boxes of a page, and its picture to be shown beside that."""
    return read_boxes(page, boxes), preview_of(page)


def units_told_entry(
    document: dict[str, Any], lying: KeptTable, sheet: PrintedSheet, news: SheetNews, device: str
) -> NewEntry:
    """The entry that so many more of a unit are made; where the block has it no more, without what
    becomes of its pieces. It has the same name whenever the sheet tells the same, so that it is
    kept once.
    """
    unit = news.thing.thing
    done = lying.made.get(unit, 0) + news.amount
    name = sha256(f"{sheet.code} {unit} {done} {lying.newest}".encode()).hexdigest()
    asked = MadeUnitsIn(
        document=document,
        name=name,
        device=device,
        words=news.called,
        unit=unit,
        step=news.thing.step,
        done=done,
    )
    try:
        return units_made_entry(asked, lying)
    except DraftError:
        change = ThingChange("made", unit, done, to=True, words=news.called)
        return NewEntry(name, "sew", device, news.called, (change,))
