"""Printed sheets as they are kept, and what their ticks tell the table."""

from __future__ import annotations

from collections.abc import Collection
from dataclasses import dataclass

from sqlalchemy.orm import Session

from yonk.core.paper import DraftError, Text, message
from yonk.core.planning import cut_in_words
from yonk.core.table import PrintedSheet, ToldThing, news_of
from yonk.files.cut_mark import read_mark
from yonk.files.sheet_text import read_sheet
from yonk.files.table_thing import read_told
from yonk.store.sheets import NoSuchSheetError, sheet_text
from yonk.store.table import told_since


@dataclass(frozen=True)
class SheetNews:
    """So much more of a thing that a sheet tells, and in which words; what a step is called."""

    thing: ToldThing
    amount: int
    words: Text
    called: str = ""


def kept_sheet(db: Session, code: str) -> PrintedSheet | None:
    """The sheet of a code; nothing where it was not printed here."""
    text = sheet_text(db, code)
    return read_sheet(text) if text else None


def news(db: Session, code: str, ticked: Collection[int]) -> tuple[PrintedSheet, list[SheetNews]]:
    """What the ticks of a sheet tell that is not known yet. Raises `NoSuchSheetError` where it was
    not printed here, `DraftError` where it has no such box.
    """
    sheet = kept_sheet(db, code)
    if sheet is None:
        raise NoSuchSheetError(code)
    if any(number >= len(sheet.boxes) for number in ticked):
        raise DraftError("ticked", message("sheet-has-no-such-box"))
    since = [
        (read_told(one.kind, one.thing), one.amount)
        for one in told_since(db, sheet.owner, sheet.newest)
        if one.kind in ("cut", "joined", "made")
    ]
    found = news_of(sheet, ticked, since)
    return sheet, [_news(sheet, thing, amount) for thing, amount in found]


def _news(sheet: PrintedSheet, thing: ToldThing, amount: int) -> SheetNews:
    """What is told, as it stands on the sheet."""
    if thing.kind == "cut":
        what = read_mark(thing.thing)
        name = dict(sheet.fabrics).get(what.fabric, what.fabric)
        cut = cut_in_words(what, abs(amount), name, sheet.unit)
        words = message("sheet-tells-cut" if amount > 0 else "sheet-tells-cut-down", what=cut)
        return SheetNews(thing, amount, words)
    told = (box.told for box in sheet.boxes)
    step = next(one.words for one in told if any(c.thing == thing for c in one.changes))
    return SheetNews(thing, amount, message("sheet-tells-step", count=amount, step=step), step)
