"""What goes over the wire of a draft. The front end's types are made from these."""

from __future__ import annotations

from collections.abc import Sequence
from functools import reduce
from operator import or_
from typing import TYPE_CHECKING, Annotated, Any, Literal

from pydantic import Field
from typing_extensions import TypedDict

from yonk.api.wire import ClothPictureOut, Document, Model, PictureFaceOut, PrintOut, RangeOut, Said
from yonk.core.acts import Act, MatesName, all_acts
from yonk.core.drawing import ShapeName
from yonk.core.paper import XY, LengthUnit, Print, RightSide, RulerMarks, Value, WorkSettingKind
from yonk.core.planning import NoticeCode
from yonk.core.units import CutShape, MethodName, Subcut, UnitKindName

if TYPE_CHECKING:
    AnyAct = Act
else:
    AnyAct = Annotated[reduce(or_, all_acts()), Field(discriminator="do")]


# signs of base64 of a picture as it is straightened, with room to spare
MOST_PICTURE = 2_000_000
ListName = Literal["faces", "cells", "seams", "patches"]


class ActsIn(Model):
    """A draft and what is done to it, in order; none to have it read as it is."""

    document: Document
    acts: list[AnyAct] = Field(default=[], max_length=200)
    mates: MatesName = "none"
    stretches: bool = False
    outlines: bool = False
    known: list[Annotated[str, Field(max_length=16)]] | None = Field(
        default=None,
        max_length=4000,
        description="the pieces that are here already; told, the answer comes in pieces",
    )


class LineOut(Model):
    """One column or row: its proportion and its finished size, as text and as a length."""

    proportion: str
    finished: Said
    exact: str
    start: float
    length: float


class OtherUnitOut(Model):
    """A block's finished size in the other unit: in numbers as typed, and in words."""

    unit: LengthUnit
    width: str
    height: str
    kept: Said
    converted: Said


class SheetOut(Model):
    """The ruled paper and what the block is made with."""

    name: str
    blank: bool
    unit: LengthUnit
    width: float
    height: float
    finished_width: str
    finished_height: str
    finished: Said
    unfinished: Said
    columns: list[LineOut]
    rows: list[LineOut]
    blocks: int
    all_blocks: int
    paper: Literal["letter", "a4"]
    sizes: RangeOut
    in_other_unit: OtherUnitOut
    settings: dict[str, SettingOut]
    schools: list[SchoolOut]


class ChoiceOut(Model):
    """A value that a setting may have."""

    value: str
    words: Said


class OwnedRulerOut(Model):
    """A ruler that she owns, its lengths as typed."""

    width: str
    length: str
    step: str
    marks: RulerMarks


class RulerMarksOut(Model):
    """What the marks of a ruler may tell."""

    value: RulerMarks
    words: Said


class SettingOut(Model):
    """A setting as it is shown: its value as typed, and on which pages, under which heading and why
    it stands.
    """

    value: str
    kind: WorkSettingKind
    label: Said
    suffix: Said
    under: Said
    why: Said
    pages: list[Literal["work", "cloth"]]
    choices: list[ChoiceOut]
    rulers: list[OwnedRulerOut]
    ruler_marks: list[RulerMarksOut]
    new_ruler: OwnedRulerOut


class SchoolOut(Model):
    """A school of cutting, the settings that taking it up sets, and those that it asks for."""

    words: Said
    settings: dict[str, str]
    asks: list[str]
    hers: bool


class FabricOut(Model):
    """A fabric; `ink` is a colour that can be read on it."""

    key: str
    name: Said
    colour: str
    ink: str
    value: Value
    print: Print
    direction: int
    right_side: RightSide
    shelf: str
    patches: int
    picture: ClothPictureOut | None = None


class FaceOut(TypedDict):
    """A patch of the block, in the draft's unit from its top left corner. `at` names it in acts."""

    outline: list[XY]
    holes: list[list[XY]]
    letter_at: XY
    room: float
    fabric: str
    at: tuple[str, str]
    finished: str
    shape: ShapeName


class HeldOut(Model):
    """What a unit is: its label, and all of it as it is spoken."""

    unit: str
    words: Said


class PieceOut(Model):
    """Some rows of a long list, named by what is in them; no rows where they are known."""

    of: ListName
    name: str
    rows: list[Any] | None


class StretchOut(Model):
    """A stretch of seam between two crossings: on the sheet, and as acts name it."""

    start: XY
    end: XY
    start_at: tuple[str, str]
    end_at: tuple[str, str]


class MethodOut(Model):
    """A way to make a unit: a method, or two joined by a plus sign."""

    name: str
    words: Said


class UnitOut(Model):
    """A group of identical units and how it is made."""

    label: str
    kind: UnitKindName
    words: Said
    letters: list[str]
    finished: Said
    unfinished: Said
    per_block: int
    total: int
    method: MethodName
    method_words: Said
    way: str
    chosen: bool
    reason: Said
    makes: int
    spare: int
    hand: Literal["left", "right"] | None
    at: tuple[str, str] | None
    methods: list[MethodOut]


class CutOut(Model):
    """A line of the cutting list."""

    id: str
    count: int
    shape: CutShape
    size: Said
    what: Said
    subcut: Subcut
    further: Said
    purpose: Said
    letters: list[str]
    units: list[str]
    pieces: int
    spare_pieces: int
    working: Sequence[Said]


class FabricCutsOut(Model):
    """What is cut of one fabric; `note` is what is to be done with all of it."""

    fabric: str
    name: Said
    note: Said
    cuts: list[CutOut]


class MendOut(Model):
    """A way out that is taken at once: what is done for it."""

    words: Said
    act: AnyAct


class NoticeOut(Model):
    """Something to know, and the ways out of it."""

    code: NoticeCode
    text: Said
    patches: list[str]
    units: list[str]
    faces: list[int]
    mends: list[MendOut]


class MatesOut(Model):
    """A choice of mates: the maps of the grid onto itself, each as x' = a·x + b·y + c, y' = d·x +
    e·y + f.
    """

    name: MatesName
    words: Said
    maps: list[tuple[int, int, int, int, int, int]]


class ColouringOut(Model):
    """A colouring with a small picture; number None is the block as drafted."""

    number: int | None
    name: Said
    blocks: int
    mirrored: bool
    fabrics: dict[str, str]
    picture: list[PictureFaceOut]
    cloths: list[PrintOut]


class ChartCellOut(Model):
    """What one letter's patch is cut to."""

    letter: str
    cut: Said
    further: Said
    off: Said


class ChartRowOut(Model):
    """One finished size of the block."""

    width: str
    height: str
    finished: Said
    on_the_ruler: bool
    chosen: bool
    cells: list[ChartCellOut]


class ChartIn(Model):
    """A draft and the finished widths its size chart runs over, as typed."""

    document: Document
    start: str
    end: str
    step: str


class SvgIn(Model):
    """An SVG drawing to be taken as the seams of a draft, snapped to a lattice of so many parts to
    a cell.
    """

    document: Document
    svg: str
    parts: int = 4


class SvgOut(Model):
    """The draft with the drawing's seams, and what did not fit."""

    draft: DraftOut
    report: Sequence[Said]


class DraftOut(Model):
    """A draft as it is to be drawn, with all that follows from it.

    Beside each of the `faces` are its letter and the number of the very unit that it belongs to,
    which one edit can change of all of them. `cells` tells row by row which unit a cell lies in,
    None where it is a seam; `members` what each unit is, as a place in `held`; their outlines are
    in `outlines` when they are asked for. In pieces, the document's seams and patches, faces and
    cells are in `pieces` and empty themselves.
    """

    document: Document
    sheet: SheetOut
    fabrics: list[FabricOut]
    faces: list[FaceOut]
    face_letters: list[str]
    face_members: list[int]
    loose: list[tuple[XY, XY]]
    stretches: list[StretchOut]
    outlines: list[list[XY]]
    cells: list[list[int | None]]
    members: list[int]
    held: list[HeldOut]
    pieces: list[PieceOut] = Field(default_factory=list)
    units: list[UnitOut]
    cutting: list[FabricCutsOut]
    notices: list[NoticeOut]
    mates: list[MatesOut]
    colourings: list[ColouringOut]


class StampOut(Model):
    """A kind of unit in the tray: its picture from 0 to 1, each part with its place among the
    fabrics in hand; `division` is the usual text that divides it, where it can be divided in more
    than one way.
    """

    kind: UnitKindName
    words: Said
    columns: int
    rows: int
    parts: list[StampPartOut]
    division: str


class SeenIn(Model):
    """A straightened picture of a block, and the draft whose grid lies over it."""

    document: Document
    picture: Annotated[str, Field(max_length=MOST_PICTURE, description="base64 of a JPEG")]
    parts: Annotated[int, Field(ge=1, le=8)] = 2


class SeenSeamOut(Model):
    """A seam that is seen in a picture, as acts name it and on the sheet."""

    start: tuple[str, str]
    end: tuple[str, str]
    line: tuple[XY, XY]
    sure: float


class StampPartOut(Model):
    """A part of a stamp's picture."""

    outline: list[XY]
    fabric: int


for model in (StampOut, ColouringOut, DraftOut, SvgOut):
    model.model_rebuild()
