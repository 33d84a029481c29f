"""Sheets of a table that come back: kept when they are taken along."""

from __future__ import annotations

from collections.abc import Mapping

from sqlalchemy.orm import Session

from yonk.api.table.kept import KeptTable
from yonk.files.coded_pages import SheetBook
from yonk.files.download import File
from yonk.files.sheet_text import write_sheet
from yonk.files.told_by_boxes import ClothBoxes, Ticking
from yonk.store.sheets import keep_sheets


def ticking_at(
    owner: str | None, table: KeptTable, boxes: Mapping[str, ClothBoxes] | None = None
) -> Ticking:
    """What is ticked on the sheets of a table; those of a block or a quilt that is not kept do not
    come back.
    """
    book = SheetBook(owner, table.newest) if owner else None
    return Ticking(boxes or {}, table.sewn, table.made, book)


def keep_printed(db: Session, made: File) -> None:
    """Keep the sheets of a file, so that they are known when they come back."""
    for owner in {sheet.owner for sheet in made.sheets}:
        mine = {one.code: write_sheet(one) for one in made.sheets if one.owner == owner}
        keep_sheets(db, owner, mine)
