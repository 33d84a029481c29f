"""What goes over the wire of sheets that come back."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from yonk.api.table.schemas import Device
from yonk.api.wire import Model, Said
from yonk.core.table import CODE_SIGNS, SIGNS
from yonk.store.blocks import ItemKind

MOST_SHEET_PAGES = 999  # of a sheet, whose pages have three digits
MOST_BOXES_TICKED = 50_000  # of a sheet; more than the longest list has

# as it is printed, with what is written between its parts by hand
SheetCode = Annotated[str, Field(pattern=f"^[{SIGNS}]{{{CODE_SIGNS}}}$")]
SheetPage = Annotated[int, Field(ge=1, le=MOST_SHEET_PAGES)]


class BoxOut(Model):
    """A box as it was read: its number on the sheet, where it is as shares of the page's width and
    height, what it tells.
    """

    number: int
    x: float
    y: float
    width: float
    height: float
    read: Literal["empty", "ticked", "doubtful"]
    words: str


class SheetPageOut(Model):
    """A page that was read: its picture as it was straightened, as JPEG in base64; of which sheet
    it is, and of which block or quilt; what hinders it from being read, if anything does.
    """

    picture: str
    code: str
    page: int
    title: str
    owner: str
    kind: ItemKind | None
    boxes: list[BoxOut]
    fault: Said


class SheetPagesOut(Model):
    """The pages of a photo or a scan."""

    pages: list[SheetPageOut]


class TicksIn(Model):
    """Which boxes of a sheet are ticked, by their numbers."""

    ticked: Annotated[list[Annotated[int, Field(ge=0)]], Field(max_length=MOST_BOXES_TICKED)]


class TakeTicksIn(TicksIn):
    """The same, to be told to the table at a device."""

    device: Device


class NewsOut(Model):
    """What the ticks of a sheet tell that the table does not know yet, in words."""

    news: list[Said]
