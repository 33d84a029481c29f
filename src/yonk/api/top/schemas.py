"""What goes over the wire of the making of a quilt top."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Annotated, Literal

from pydantic import Field

from yonk.api.cut.schemas import ChangedOut, CutFabricOut, LayerCount, TableFiguresOut, TableStepOut
from yonk.api.draft.schemas import FabricOut
from yonk.api.table.schemas import ThingChangeInOut
from yonk.api.wire import Document, Model, Said
from yonk.core.paper import XY
from yonk.core.setting import BackingLay, Joins, TopOrder
from yonk.core.top import QuiltWayName, TopStepKind

QuiltId = Annotated[str, Field(pattern="^[0-9a-z]{1,32}$")]


class TopIn(Model):
    """A quilt; the one that it is kept as, if what lies on its table is wanted; in how many layers
    strips are cut.
    """

    document: Document
    quilt_id: QuiltId | None = None
    layers: LayerCount = 1


class TopPrintIn(TopIn):
    """A quilt to be printed, and the paper."""

    paper: Literal["letter", "a4"] = "letter"


class TopDoneIn(TopIn):
    """The cutting of a fabric is done: what was used comes off the shelf, what is left goes on
    it.
    """

    quilt_id: QuiltId
    fabric: str


class BackingWayOut(Model):
    """A way to make the backing, in words, and whether it is taken."""

    lay: BackingLay
    words: Said
    taken: bool


class JoinsOut(Model):
    """A way to join long strips, in words."""

    joins: Joins
    words: Said


class TopCutOut(Model):
    """The whole list of a quilt, by fabric in the order of cutting, and what is said of it."""

    summary: Said
    fabrics: list[CutFabricOut]
    steps: list[TableStepOut]
    swatches: list[FabricOut]
    changed: list[ChangedOut]
    costs: Sequence[Said]
    said: Sequence[Said]
    joins: Joins
    ways_to_join: list[JoinsOut]
    backing: list[BackingWayOut]
    caution: Said


class TopStepOut(Model):
    """A step of sewing the top, with how much of it is done; `block` is the key of the one that is
    made, if it is one.
    """

    number: int
    kind: TopStepKind
    mark: str
    block: str
    label: Said
    words: Said
    press: Said
    check: Said
    total: int
    done: int
    places: list[tuple[int, int]]


class TopSeamOut(Model):
    """A seam between blocks as it is drawn: its stretches, the arrow across it that tells where it
    is pressed (a spot, where it is open), the number of its step.
    """

    stretches: list[tuple[XY, XY]]
    arrow: tuple[XY, XY]
    open: bool
    step: int


class TopLabelOut(Model):
    """The number of a row, and where it stands."""

    number: int
    at: XY


class TopSewOut(Model):
    """How a quilt top is sewn: its steps, its seams as they are drawn over its picture, which
    blocks are pressed by plan 2, what was done and is no part of it now.
    """

    together: TopOrder
    quarters: bool
    pressed: Said
    steps: list[TopStepOut]
    done: int
    total: int
    progress: Said
    seams: list[TopSeamOut]
    labels: list[TopLabelOut]
    bulky: list[XY]
    second: list[tuple[int, int]]
    changed: Sequence[Said]
    cautions: Sequence[Said]


class QuiltWayShown(Model):
    """A way out of a quilt's table that was tried: the quilt as it is then, where it changes; what
    changes on the table; how it stands then, and what it costs in time; at which places blocks are
    changed, by row and column.
    """

    do: QuiltWayName
    words: Said
    takes: Said
    document: Document | None
    places: list[tuple[int, int]]
    changes: list[ThingChangeInOut]
    after: TableFiguresOut


class QuiltWaysOut(Model):
    """Whether there is enough for a quilt; where not, how its table stands, and what can be
    done.
    """

    enough: bool
    before: TableFiguresOut
    ways: list[QuiltWayShown]
