"""What goes over the wire of recipes and their steps."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Annotated, Literal

from pydantic import Field

from yonk.api.draft.schemas import FabricOut, SheetOut
from yonk.api.in_colouring import ColouringNumber
from yonk.api.wire import Document, Model, PartOut, Said
from yonk.core.paper import XY, PartName, Trimmed, UnitPress
from yonk.core.planning import Least
from yonk.core.sewing import ActName, ClothSide, PictureMark
from yonk.core.units import MethodName, UnitKindName


class DraftIn(Model):
    """A draft to be looked at; nothing is stored."""

    document: Document


class RecipesIn(DraftIn):
    """A draft whose recipes are compared; the block that it is kept as: its trial block counts."""

    block_id: Annotated[str, Field(pattern="^[0-9a-z]{1,32}$")] | None = None


class WayIn(Model):
    """One way to make one group of a draft's units, as drafted or in a colouring; the one that is
    taken where none is named.
    """

    document: Document
    label: str
    way: str = ""
    colouring: ColouringNumber = None


class WayCutOut(Model):
    """What is cut for a way, and how the number came about, from the finished size to the ruler."""

    fabric: str
    name: Said
    count: int
    size: Said
    what: str
    further: Said
    exact: Said
    strips: Said
    working: Sequence[Said]


class WayOut(Model):
    """One way in figures, as texts; numbers where a bar is drawn from them."""

    name: str
    words: Said
    taken: bool
    chosen: bool
    proposed: bool
    cut: Said
    makes: int
    spare: int
    spare_words: Said
    used: Said
    wasted: Said
    wasted_share: float
    pieces: int
    cuts: int
    seams: int
    sewn: Said
    trims: int
    oversize: Said
    accuracy: Said
    likely: float
    bias: Said
    prints: Said
    smallest: Said
    too_small: bool
    bonus: Said
    wide: Said
    lines: list[WayCutOut]
    least: list[Least] = Field(description="what no other way takes less of")


class OwnPartOut(Model):
    """What can be set for a unit or, by its name, for a part of it: the margin as it was typed for
    this group and for its kind, each empty where none was, and what counts of it all.
    """

    part: PartName | Literal[""]
    words: Said
    of_unit: str
    of_kind: str
    counts: Said


class OwnPressOut(Model):
    """A way to press inside a unit; the empty name leaves it to the block."""

    value: UnitPress | Literal[""]
    words: Said


class OwnTrimmedOut(Model):
    """When a unit is trimmed; the empty value leaves it to what is further off."""

    value: Trimmed | Literal[""]
    words: Said


class OwnOut(Model):
    """What is set for a group of units and its kind by themselves; `trimmings` are there where it
    can be trimmed folded.
    """

    parts: list[OwnPartOut]
    presses: list[OwnPressOut]
    press_of_unit: UnitPress | Literal[""]
    press_of_kind: UnitPress | Literal[""]
    more: str
    trimmings: list[OwnTrimmedOut]
    trimmed_of_unit: Trimmed | Literal[""]
    trimmed_of_kind: Trimmed | Literal[""]
    suffix: Said


class CardOut(Model):
    """A group of units with its ways, the one taken first. `width` and `height` are those of its
    picture; `own` is there where something can be set for it by itself.
    """

    label: str
    kind: UnitKindName
    words: Said
    hand: Literal["left", "right"] | None
    mate: str | None
    letters: list[str]
    finished: Said
    unfinished: Said
    per_block: int
    total: int
    at: tuple[str, str] | None
    width: float
    height: float
    picture: list[PartOut]
    reason: Said
    proposal: Said
    ways: list[WayOut]
    own: OwnOut | None


class RecipesOut(Model):
    """All groups of a draft's units with the ways to make them."""

    document: Document
    sheet: SheetOut
    fabrics: list[FabricOut]
    cards: list[CardOut]


class ClothOut(Model):
    """A piece of cloth in a step's picture."""

    outline: list[XY]
    fabric: str
    side: ClothSide
    turn: int


class MarkOut(Model):
    """A line in a step's picture and what it means."""

    start: XY
    end: XY
    mark: PictureMark


class LabelOut(Model):
    """A size in a step's picture, beside the span that it measures; or the number of a ruler's
    mark, beyond its end.
    """

    start: XY
    end: XY
    words: Said
    of: Literal["size", "mark"]


class StepPictureOut(Model):
    """A picture to scale, in the draft's unit; `box` is left, top, width and height."""

    cloths: list[ClothOut]
    marks: list[MarkOut]
    labels: list[LabelOut]
    box: tuple[float, float, float, float]
    count: int


class StepOut(Model):
    """One step: what is done, in words and pictures."""

    act: ActName
    words: Said
    caution: Said | None
    pictures: list[StepPictureOut]


class ShareOut(Model):
    """One method of a way: what one lot gives and how often it is done, and the steps."""

    method: MethodName
    words: Said
    lot: Said
    steps: list[StepOut]


class StepsOut(Model):
    """A way step by step."""

    shares: list[ShareOut]
