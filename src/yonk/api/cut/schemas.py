"""What goes over the wire of the cutting."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Annotated, Literal

from pydantic import Field

from yonk.api.wire import Document, Model, Revision, Said
from yonk.core.cutting import MarkStage
from yonk.core.planning import StageName
from yonk.core.units import CutShape, Subcut
from yonk.files.everything_pdf import SHEETS, SheetName

MOST_CUT = 100_000_000  # pieces or segments of one cut


class CutIn(Model):
    """A draft and the stage of its cutting; the block that it is kept as, if what is ticked is
    wanted.
    """

    document: Document
    stage: StageName = "all"
    block_id: str | None = None


class PrintIn(Model):
    """A draft to be printed: the stage, and the paper; the block that it is kept as, if what its
    trial says is wanted.
    """

    document: Document
    block_id: Annotated[str, Field(pattern="^[0-9a-z]{1,32}$")] | None = None
    stage: StageName = "all"
    paper: Literal["letter", "a4"] = "letter"


class EverythingIn(PrintIn):
    """All sheets of a draft to be printed as one, or those of them that are wanted."""

    sheets: Annotated[tuple[SheetName, ...], Field(max_length=len(SHEETS))] = SHEETS


class PaperSheetOut(Model):
    """A sheet that there is to print."""

    name: SheetName
    words: Said


class MarkInOut(Model):
    """How much of a cut is cut in a stage; the cut as text that is only handed on."""

    stage: MarkStage
    cut: Annotated[str, Field(max_length=2_000_000)]
    done: Annotated[int, Field(ge=0, le=MOST_CUT)]


class CutLineOut(Model):
    """A line of the list in the order of cutting.

    `number` ties it to the layouts; `running` counts the pieces cut of the fabric so far. `ticked`
    when it is done, `done` tells what of it is; `on` and `off` are what is to be kept when it is
    ticked and unticked.
    """

    number: int
    key: str
    count: int
    size: Said
    what: Said
    shape: CutShape
    subcut: Subcut
    further: Said
    purpose: Said
    letters: list[str]
    units: list[str]
    strips: Said
    running: Said
    ticked: bool
    done: Said
    on: list[MarkInOut]
    off: list[MarkInOut]


class LaidOut(Model):
    """A piece where it lies, in the draft's unit from the cloth's top left corner; the number of
    its line, and of the strip that it is crosscut from.
    """

    line: int
    strip: int
    x: float
    y: float
    width: float
    height: float
    diagonal: Literal["", "rising", "falling", "both"]


class StripOut(Model):
    """A strip across the cloth, in words: how wide it is cut, and what is crosscut from it."""

    y: float
    height: float
    wide: Said
    words: Said


class StripsToldOut(Model):
    """So many strips cut alike, in words."""

    count: int
    words: Said


class LayoutOut(Model):
    """One piece of cloth with its strips from the top and every piece where it lies.

    Of a very long cloth strips cut alike are drawn once: it is `shortened`;
    `strips_in_words` always counts them all.
    """

    name: Said
    bought: bool
    width: float
    length: float
    size: Said
    strips: list[StripOut]
    laid: list[LaidOut]
    strips_in_words: list[StripsToldOut]
    shortened: bool
    straightening: float


class CutFabricOut(Model):
    """One fabric: how much of it, how it is cut, what is left."""

    key: str
    name: Said
    shelf: str
    shelf_name: str
    buy: Said
    buy_exact: float
    needed: Said
    least: Said
    fat_quarters: Said
    from_shelf: Sequence[Said]
    too_large: Sequence[Said]
    leftovers: Sequence[Said]
    lines: list[CutLineOut]
    layouts: list[LayoutOut]
    done: bool
    put_back: bool


class ChangedOut(Model):
    """What a change of the draft makes of what was cut."""

    words: Said
    fabric: str
    kind: Literal["useless", "still"]


class CutOutPlan(Model):
    """The complete cutting list of a stage, by fabric in the order of cutting."""

    stage: StageName
    blocks: int
    fabrics: list[CutFabricOut]
    changed: list[ChangedOut]
    caution: Said


class MarksIn(Model):
    """How many of some cuts are cut now."""

    marks: Annotated[list[MarkInOut], Field(max_length=2000)]
    revision: Revision


class DoneIn(Model):
    """The cutting of a fabric is done: what was used comes off the shelf, what is left goes on
    it.
    """

    document: Document
    block_id: str
    stage: StageName
    fabric: str
