"""What goes over the wire of the cutting."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Annotated, Literal

from pydantic import Field

from yonk.api.table.schemas import ThingChangeInOut
from yonk.api.wire import Document, Model, Said
from yonk.core.cutting import MOST_LAYERS
from yonk.core.planning import StageName
from yonk.core.table import WayOutName
from yonk.core.units import CutShape, Subcut
from yonk.files.everything_pdf import SHEETS, SheetName

LayerCount = Annotated[int, Field(ge=1, le=MOST_LAYERS)]


class CutIn(Model):
    """A draft and the stage of its cutting; the block that it is kept as, if what lies on its table
    is wanted; in how many layers strips are cut.
    """

    document: Document
    stage: StageName = "all"
    block_id: str | None = None
    layers: LayerCount = 1


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


class CutLineOut(Model):
    """A line of the list in the order of cutting.

    `number` ties it to the layouts; `running` counts the pieces cut of the fabric so far. `ticked`
    when it is done, `done` tells what of it is, `serves` what larger pieces can be cut down to it;
    `on` and `off` are what changes on the table when it is ticked and unticked, `gone` when one of
    it went wrong. Of `wanted` pieces,
    or segments of strip sets, so many are `there`, some of them in made units or as pieces for
    another way of making them; `thing` is the cut and `piece` one of it as cloth, as texts that are
    only handed on.
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
    serves: Said
    there: int
    in_units: int
    in_lots: int
    wanted: int
    thing: str
    piece: str
    on: list[ThingChangeInOut]
    off: list[ThingChangeInOut]
    gone: list[ThingChangeInOut]


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


class ClothPieceOut(Model):
    """So many pieces of a fabric, as typed and in words."""

    width: str
    length: str
    count: int
    words: Said


class RecutOut(Model):
    """What is cut from pieces that went wrong, or are of no other use, and what changes then."""

    words: Said
    changes: list[ThingChangeInOut]


class CutFabricOut(Model):
    """One fabric: how much of it, how it is cut, what is left; `note` is what is to be done with
    all of it. Where it is `limited` there is only
    the `cloth` that is told, and some may be `missing`; `recut` is cut from what went wrong.
    """

    key: str
    name: Said
    note: Said
    shelf: str
    shelf_name: str
    buy: Said
    buy_exact: float
    needed: Said
    least: Said
    fat_quarters: Said
    from_shelf: Sequence[Said]
    cost: Said
    too_large: Sequence[Said]
    leftovers: Sequence[Said]
    lines: list[CutLineOut]
    layouts: list[LayoutOut]
    done: bool
    put_back: bool
    limited: bool
    cloth: list[ClothPieceOut]
    missing: Sequence[Said]
    recut: list[RecutOut]


class ChangedOut(Model):
    """What is cut, or made, and of no use to the draft as it is now; made units have no fabric."""

    words: Said
    fabric: str


class StripPiecesOut(Model):
    """So many pieces that are cut from a strip; `amount` counts them as the list does, and so much
    of it is `there`; the cut and a piece as texts that are only handed on; what is `gone` when one
    of them went wrong.
    """

    line: int
    fabric: Said
    count: int
    amount: int
    there: int
    size: Said
    what: Said
    further: Said
    purpose: Said
    thing: str
    piece: str
    gone: list[ThingChangeInOut]


class TableStepOut(Model):
    """A strip, or several in layers: the fabrics from the top one down, where the first lies in the
    layouts of its fabric, what is cut from them.
    """

    key: str
    fabrics: list[str]
    name: Said
    layout: int
    strip: int
    words: Said
    strip_words: Said
    pieces: list[StripPiecesOut]
    done: bool


class CutOutPlan(Model):
    """The complete cutting list of a stage, by fabric in the order of cutting, and strip by
    strip.
    """

    stage: StageName
    blocks: int
    fabrics: list[CutFabricOut]
    steps: list[TableStepOut]
    changed: list[ChangedOut]
    costs: Sequence[Said]
    caution: Said


class DoneIn(Model):
    """The cutting of a fabric is done: what was used comes off the shelf, what is left goes on
    it.
    """

    document: Document
    block_id: str
    stage: StageName
    fabric: str


class TableFiguresOut(Model):
    """A table in figures: how many blocks there are of it, how many pieces are still to be cut, and
    for how many of them there is no cloth.
    """

    blocks: int
    to_cut: int
    missing: int


class WayOutLayoutsOut(Model):
    """How what there is of a fabric is cut then."""

    fabric: str
    name: Said
    layouts: list[LayoutOut]


class WayOutShown(Model):
    """A way out that was tried: the block as it is then, where it changes, and how one that is
    changed looks; what changes on the table; how it stands then, and what it costs in time.
    """

    do: WayOutName
    words: Said
    spoils: Said
    takes: Said
    document: Document | None
    shown: Document | None
    changes: list[ThingChangeInOut]
    after: TableFiguresOut
    layouts: list[WayOutLayoutsOut]


class WaysOutOut(Model):
    """Whether there is enough; where not, how the table stands, and what can be done."""

    enough: bool
    before: TableFiguresOut
    ways: list[WayOutShown]
