"""What goes over the wire of the seam log, of measuring and of the log of a block."""

from __future__ import annotations

from collections.abc import Sequence
from datetime import date, datetime
from typing import Annotated, Literal

from pydantic import Field

from yonk.api.wire import Document, Model, PartOut, Said
from yonk.core.measuring import Look, RemedyName, Verdict
from yonk.core.paper import COUNTS, XY, LengthUnit
from yonk.core.units import UnitKindName
from yonk.files.log_file import NoteKind

LogWordsIn = Annotated[str, Field(max_length=4000)]

Typed = Annotated[str, Field(max_length=60)]
Short = Annotated[str, Field(max_length=120)]
TimesBack = Annotated[int, Field(ge=0, le=COUNTS["taken_back"][1])]


class SetupIO(Model):
    """What a seam was sewn with, in her words."""

    machine: Short = ""
    foot: Short = ""
    needle: Short = ""
    stitch: Short = ""
    thread: Short = ""
    cloth: Short = ""
    starch: Short = ""
    pressed: Short = ""


class SeamTestIn(Model):
    """A seam test as it was typed: `left` and `right` are what the outer strips measure, if they
    were measured.
    """

    unit: LengthUnit
    aimed: Typed
    cut: Typed
    middle: Typed
    left: Typed = ""
    right: Typed = ""
    setup: SetupIO = SetupIO()
    note: LogWordsIn = ""
    sewn: date | None = None


class SeamTestOut(Model):
    """A seam test: what the seam takes up, and how it is off; `off_by` in the log's unit, to be
    drawn.
    """

    id: str
    sewn: date
    measured: Said
    seam: Said
    off: Said
    off_by: float
    good: bool
    setup: Said
    cut_otherwise: Said
    note: str


class SetupFiguresOut(Model):
    """How the seam stands with one setup."""

    setup: Said
    tests: int
    seam: Said
    off: Said
    spread: Said


class FigureIO(Model):
    """A figure of her work, as typed; a guess until she tells it."""

    name: Literal["within", "cut_spread", "trim_spread", "tolerance"]
    label: Said
    value: str
    guess: bool


class TimesOut(Model):
    """How often a seam may be taken back, and the words for it."""

    times: int
    words: Said


class NextTestOut(Model):
    """The next test strip: in words, and what the form begins with."""

    words: Sequence[Said]
    unit: LengthUnit
    aimed: str
    cut: str
    setup: SetupIO


class RuledOut(Model):
    """A ruled line of the trend: how much too wide, to be drawn and in words."""

    at: float
    words: Said


class SeamLogOut(Model):
    """The seam log. `band` is how far off a seam may be, to be drawn and in words."""

    unit: LengthUnit
    suffix: str
    tests: list[SeamTestOut]
    band: float
    band_words: Said
    ruled: list[RuledOut]
    verdict: Said
    change: Said
    good: bool
    seam: Said
    spread: Said
    in_a_row: int
    wanted: int
    setups: list[SetupFiguresOut]
    next: NextTestOut
    figures: list[FigureIO]
    taken_back: int
    taken_back_choices: list[TimesOut]
    caution: Said


class FiguresIn(Model):
    """What she tells of her work; nothing where it is as usual."""

    unit: LengthUnit
    within: Typed = ""
    cut_spread: Typed = ""
    trim_spread: Typed = ""
    tolerance: Typed = ""
    taken_back: TimesBack


MeasureName = Annotated[
    str,
    Field(
        max_length=96,
        pattern=r"^(unit|row|column|block|part|between):[0-9A-Za-z./,:-]{1,80}$",
    ),
]
TrialNumber = Annotated[int, Field(ge=1, le=COUNTS["trials"][1])]


class MeasuringIn(Model):
    """A draft that is measured, as drafted; the block that it is kept as; which trial block is
    looked at, the newest without; what is asked for beside what the card has.
    """

    document: Document
    block_id: Annotated[str, Field(pattern="^[0-9a-z]{1,32}$")] | None = None
    trial: TrialNumber | None = None
    also: Annotated[tuple[MeasureName, ...], Field(max_length=40)] = ()


class CardRowOut(Model):
    """Something to measure: what it must be; what was measured, and by how much that is off; what
    to mind, where it is further off than usual. `line` is where it is measured.
    """

    what: str
    words: Said
    must: Said
    expected: str
    size: str
    off: Said
    good: bool
    mind: Said
    line: tuple[XY, XY]


class CardGroupOut(Model):
    """Rows of the card under one heading; what is in the finished block is measured at the end."""

    kind: str
    words: Said
    finished: bool
    rows: list[CardRowOut]


class LookOut(Model):
    """What a block may look like: its name, the words, a picture in a square of one by one."""

    name: Look
    words: Said
    picture: list[XY]


class LetteredPatchOut(Model):
    """A patch of the drawing: its letter, where that is written, how large it may be, and what its
    two measures from seam to seam are called.
    """

    letter: str
    spot: XY
    room: float
    across: str
    down: str


class TrialOut(Model):
    """A trial block: its number, when it was begun, how it was cut where that is otherwise than
    now, the verdict and the first cause in a few words.
    """

    number: int
    begun: datetime | None
    cut: Said
    verdict: Said
    cause: Said


class RemedyShownOut(Model):
    """Something to do for the rest: in words, with the chances of a good block before and after it;
    the settings and ways that do it, if a plan can be made so.
    """

    do: RemedyName
    words: Said
    before: Said
    after: Said
    good_before: float
    good_after: float
    settings: dict[str, str]
    methods: dict[UnitKindName, str]


class BlockVerdictOut(Model):
    """The verdict on a trial block, why, and what decides where it is not sure."""

    verdict: Verdict
    words: Said
    because: Sequence[Said]
    measure_next: str
    next_words: Said
    look: Said
    care: Sequence[Said]


class CheckpointShownOut(Model):
    """What a step makes, foretold; the rows of the card by which it is measured."""

    step: int
    rows: list[str]
    words: Said
    must: Said
    width: Said
    height: Said
    chance: Said
    likely: float


class PredictionOut(Model):
    """What a block will come out as."""

    width: Said
    height: Said
    chance: Said
    likely: float
    within: Said
    checkpoints: list[CheckpointShownOut]
    mismatch: Said
    mismatch_step: int
    practice: Said
    figures: Sequence[Said]
    all_guesses: bool


class MeasuringOut(Model):
    """The Measure step: the card, the verdict where something is known, what is foretold, what can
    be done for the rest, the proposed first; `rest` says it in short, where the rest is cut.
    """

    width: float
    height: float
    parts: list[PartOut]
    patches: list[LetteredPatchOut]
    looks: list[LookOut]
    look: str
    card: list[CardGroupOut]
    stale: Sequence[Said]
    trial: int
    trials: list[TrialOut]
    most_trials: int
    verdict: BlockVerdictOut | None
    taken_back: int
    taken_back_limit: int
    foretold: PredictionOut
    remedies: list[RemedyShownOut]
    remedies_head: Said
    rest: Sequence[Said]


class MeasuredIn(Model):
    """A size that was measured of a trial block; `expected` as it was sent; nothing to forget
    it.
    """

    what: MeasureName
    size: Typed
    expected: Annotated[str, Field(pattern=r"^[0-9]{1,6}\.[0-9]{4}$")]
    unit: LengthUnit
    trial: TrialNumber = 1


class LooksIn(Model):
    """What a trial block looks like; null to forget it."""

    looks: Look | None
    trial: TrialNumber = 1


class BegunOut(Model):
    """The number of a trial block that was begun."""

    trial: int


class TakenBackIn(Model):
    """How often the seams of a step were taken back."""

    mark: Annotated[str, Field(pattern="^[0-9a-f]{64}$")]
    words: Annotated[str, Field(max_length=400)]
    times: TimesBack


class TakenBackOut(Model):
    """The same, kept."""

    mark: str
    words: str
    times: int


class LeftOverIn(Model):
    """What was left of a strip, as typed in the block's unit; how many pieces the next one must
    give.
    """

    length: Typed
    pieces: Annotated[int, Field(ge=1, le=COUNTS["pieces_on_hand"][1])]
    left: Typed
    wanted: Annotated[int, Field(ge=1, le=COUNTS["pieces_on_hand"][1])]


class NoteIn(Model):
    """An entry for the log of a block."""

    kind: NoteKind
    text: LogWordsIn = ""
    left_over: LeftOverIn | None = None


class NoteOut(Model):
    """An entry in the log of a block."""

    id: str
    kind: NoteKind
    made: datetime
    text: str


class PhotoOut(Model):
    """A photo of a block."""

    id: str
    caption: str
    width: int
    height: int
    made: datetime


class BlockLogOut(Model):
    """The log of a block: what to change next time, the entries, the photos."""

    next_time: list[NoteOut]
    notes: list[NoteOut]
    photos: list[PhotoOut]
    taken_back: list[TakenBackOut]


class CardPrintIn(Model):
    """A draft whose card is printed."""

    document: Document
    paper: Literal["letter", "a4"] = "letter"
