"""What goes over the wire of recipes, their steps, and the questions outside a block."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from yonk.api.schemas import Document, FabricOut, Model, Place, SheetOut
from yonk.core.paper import COUNTS, LengthUnit
from yonk.core.sewing import ActName, Mark, Side
from yonk.core.units import Kind, MethodName


class DraftIn(Model):
    """A draft to be looked at; nothing is stored."""

    document: Document


class WayIn(Model):
    """One way to make one group of a draft's units."""

    document: Document
    label: str
    way: str


class PartOut(Model):
    """A patch of a unit's picture."""

    outline: list[Place]
    fabric: str


class WayCutOut(Model):
    """What is cut for a way, and how the number came about, from the finished size to the ruler."""

    fabric: str
    name: str
    count: int
    size: str
    what: str
    further: str
    exact: str
    strips: str
    working: list[str]


class WayOut(Model):
    """One way in figures, as texts; numbers where a bar is drawn from them."""

    name: str
    words: str
    taken: bool
    chosen: bool
    proposed: bool
    cut: str
    makes: int
    spare: int
    spare_words: str
    used: str
    wasted: str
    wasted_share: float
    pieces: int
    cuts: int
    seams: int
    sewn: str
    trims: int
    room: str
    bias: str
    prints: str
    smallest: str
    too_small: bool
    bonus: str
    wide: str
    lines: list[WayCutOut]


class CardOut(Model):
    """A group of units with its ways, the one taken first. `width` and `height` are those of its picture."""

    label: str
    kind: Kind
    words: str
    hand: Literal["left", "right"] | None
    mate: str | None
    letters: list[str]
    finished: str
    unfinished: str
    per_block: int
    total: int
    at: tuple[str, str] | None
    width: float
    height: float
    picture: list[PartOut]
    reason: str
    proposal: str
    ways: list[WayOut]


class RecipesOut(Model):
    """All groups of a draft's units with the ways to make them."""

    document: Document
    sheet: SheetOut
    fabrics: list[FabricOut]
    cards: list[CardOut]


class ClothOut(Model):
    """A piece of cloth in a step's picture."""

    outline: list[Place]
    fabric: str
    side: Side
    turn: int


class MarkOut(Model):
    """A line in a step's picture and what it means."""

    start: Place
    end: Place
    mark: Mark


class LabelOut(Model):
    """A size in a step's picture, beside the span that it measures."""

    start: Place
    end: Place
    words: str


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
    words: str
    caution: str | None
    pictures: list[StepPictureOut]


class ShareOut(Model):
    """One method of a way: what one lot gives and how often it is done, and the steps."""

    method: MethodName
    words: str
    lot: str
    steps: list[StepOut]


class StepsOut(Model):
    """A way step by step."""

    shares: list[ShareOut]


class SettingsIn(Model):
    """What the quilter works with, as typed; what is left out is the usual of the unit."""

    unit: LengthUnit = "in"
    seam: str | None = None
    ruler_step: str | None = None
    trim_margin: str | None = None


class OnHandIn(Model):
    """Pieces on hand: their size as typed, how many, of how many fabrics."""

    settings: SettingsIn = SettingsIn()
    width: str
    height: str | None = None
    count: Annotated[int, Field(ge=1, le=COUNTS["pieces_on_hand"][1])] = 1
    fabrics: Annotated[int, Field(ge=1, le=COUNTS["pieces_on_hand"][1])] = 2


class PossibleOut(Model):
    """What the pieces can become."""

    kind: Kind
    kind_words: str
    method: MethodName
    method_words: str
    picture: list[PartOut]
    width: float
    height: float
    finished: str
    makes: int
    pieces: int
    cut: str
    trim: str


class AskedOut(Model):
    """A piece that a method cuts; `told` is as typed, `right` what we would cut, with its working."""

    role: str
    told: str
    right: str
    what: str
    further: str
    working: list[str]


class ToldIn(Model):
    """A finished size, a kind and method, and the cuts that someone tells, by the number of the piece."""

    settings: SettingsIn = SettingsIn()
    kind: Kind
    method: MethodName
    width: str
    height: str | None = None
    told: Annotated[dict[int, Annotated[str, Field(max_length=200)]], Field(default_factory=dict, max_length=40)]


class VerdictOut(Model):
    """What comes of the cuts told: in a sentence, and piece by piece what is right."""

    right: bool
    verdict: str
    unfinished: str
    pieces: list[AskedOut]


class CutChartIn(Model):
    """A kind, a method and the finished widths a chart runs over, as typed."""

    settings: SettingsIn = SettingsIn()
    kind: Kind
    method: MethodName
    start: str
    end: str
    step: str


class CutChartRowOut(Model):
    """One line of a chart."""

    finished: str
    unfinished: str
    cuts: list[str]


class CutChartOut(Model):
    """A chart of cut sizes with the settings it holds for."""

    title: str
    settings: str
    columns: list[str]
    rows: list[CutChartRowOut]


class KindOut(Model):
    """A kind of unit that can be asked for outside a block, with its methods."""

    kind: Kind
    words: str
    two_sizes: bool
    methods: list[KindMethodOut]


class KindMethodOut(Model):
    """A method of a kind."""

    name: MethodName
    words: str


KindOut.model_rebuild()
