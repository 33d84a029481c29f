"""What goes over the wire of the sewing."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Annotated, Literal

from pydantic import Field

from yonk.api.in_colouring import ColouringNumber
from yonk.api.recipes.schemas import StepPictureOut
from yonk.api.wire import Document, Model, PartOut, Said
from yonk.core.paper import XY, OrderName, PointText, Toward
from yonk.core.pressing import IntersectionState, SlipKind, StepKind

MOST_SEWN = 100_000_000  # more than the most blocks have joins; a larger count is a slip


class SewingAskedIn(Model):
    """A draft whose sewing is asked for, as drafted or in a colouring; the block that it is kept
    as, if what is ticked is wanted.
    """

    document: Document
    block_id: str | None = None
    colouring: ColouringNumber = None


class JoinIn(Model):
    """One join of a draft, by its number, to be drawn."""

    document: Document
    colouring: ColouringNumber = None
    join: Annotated[int, Field(ge=0, le=100_000)]


class SewingPrintIn(Model):
    """A draft whose sewing is drawn or taken along; the block that it is kept as, if what is ticked
    is wanted.
    """

    document: Document
    block_id: str | None = None
    colouring: ColouringNumber = None
    paper: Literal["letter", "a4"] = "letter"


class OrderOut(Model):
    """An order of joining in figures."""

    order: OrderName
    joins: int
    longest: Said
    across: int
    to_match: int
    checkpoints: int
    nested: int
    bulky: int
    taken: bool
    proposed: bool


class OrderPartOut(Model):
    """A part of the block whose cells can be joined in several orders, by two corners of its
    box.
    """

    corner: PointText
    opposite: PointText
    words: Said
    orders: list[OrderName]
    chosen: OrderName | None


class SeamOut(Model):
    """A join's seam as it lies in the block: its stretches, an arrow where it is pressed to a side
    (several where it is spun), why, and by which point a choice about it is sent. `ways` are those
    it can be pressed.
    """

    join: int
    step: int
    along: list[tuple[XY, XY]]
    arrows: list[tuple[XY, XY]]
    toward: Toward
    ways: list[Toward]
    why: Said
    at: PointText
    by_hand: bool
    in_lots: bool
    unit: str
    bare: Sequence[Said]


class MeetingOut(Model):
    """A place where seams meet, and how they lie."""

    at: XY
    state: IntersectionState
    words: Said


class LotsOut(Model):
    """A group that would nest if it were pressed in two lots."""

    at: PointText
    words: Said


class OpeningOut(Model):
    """A seam that is proposed to be opened."""

    at: PointText
    words: Said


class BesideOut(Model):
    """How the blocks lie beside each other, in words; the seams that plan 2 presses otherwise."""

    words: Said
    one_plan: bool
    second: list[SeamOut]


class StackOut(Model):
    """A place of the laid-out block; `at` is the corner of its box."""

    number: int
    label: str
    words: Said
    parts: list[PartOut]
    at: XY
    width: float
    height: float


class SlipOut(Model):
    """Something laid wrong, the mend, and how it looks."""

    kind: SlipKind
    stacks: list[int]
    words: Said
    mend: Said
    parts: list[PartOut]


class SewingStepOut(Model):
    """A step over all blocks; `unit` is the mark of the unit that is made."""

    number: int
    kind: StepKind
    mark: str
    unit: str
    words: Said
    per_block: int
    total: int
    done: int
    join: int
    label: str
    why: Sequence[Said]
    start: Said
    iron: Said
    to_match: int
    checkpoint: Said
    batches: Said
    stacks: Said
    caution: Said


class TripOut(Model):
    """A trip to the iron: what is sewn before it, and from which stacks."""

    number: int
    words: Said
    steps: list[int]


class SewingOut(Model):
    """How a block is sewn together."""

    width: float
    height: float
    blocks: int
    trips: list[TripOut]
    colourings: list[str]
    order: OrderName
    chosen: bool
    proposal: Said
    orders: list[OrderOut]
    parts: list[OrderPartOut]
    steps: list[SewingStepOut]
    seams: list[SeamOut]
    meetings: list[MeetingOut]
    notes: Sequence[Said]
    best: Said
    lots: list[LotsOut]
    openings: list[OpeningOut]
    misplaced: int
    beside: BesideOut
    stacks: list[StackOut]
    slips: list[SlipOut]
    batch: int
    kept_clear: list[str]
    changed: Sequence[Said]
    sewn: int
    to_sew: int


class LayerOut(Model):
    """A piece of cloth as it lies."""

    outline: list[XY]
    fabric: str
    allowance: bool


class ThickOut(Model):
    """A place where many layers lie."""

    at: XY
    layers: int


class BackOut(Model):
    """The pressed block in layers, and how thick it is."""

    width: float
    height: float
    layers: list[LayerOut]
    thick: list[ThickOut]
    most: int


class JoinOut(Model):
    """One join in pictures: its two pieces, right sides together, opened."""

    pictures: list[StepPictureOut]
