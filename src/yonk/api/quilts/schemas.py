"""What goes over the wire of quilts."""

from __future__ import annotations

from datetime import datetime
from functools import reduce
from operator import or_
from typing import TYPE_CHECKING, Annotated, Literal

from pydantic import Field

from yonk.api.draft.schemas import FabricOut, SettingOut
from yonk.api.fabrics.schemas import DyeOut
from yonk.api.wire import BlockOut, Document, Model, PictureFaceOut, Revision, Said, SaveKey
from yonk.core.paper import XY, LengthUnit
from yonk.core.setting import (
    HalvesAt,
    QuiltAct,
    RowColumn,
    SettingKind,
    SpreadRule,
    all_quilt_acts,
)

Origin = Annotated[str, Field(pattern="^[0-9a-z]{1,32}$")]


class AddBlockIn(Model):
    """Take one more block of the shelf into the quilt, by its id, and lay it at some places."""

    do: Literal["add-block"] = "add-block"
    origin: Origin
    places: tuple[RowColumn, ...] = Field(default=(), max_length=10_000)


class TakeAnewIn(Model):
    """Take a block anew, as it is on the shelf now."""

    do: Literal["take-anew"] = "take-anew"
    origin: Origin


if TYPE_CHECKING:
    AnyQuiltAct = QuiltAct | AddBlockIn | TakeAnewIn
else:
    kinds = (*all_quilt_acts(), AddBlockIn, TakeAnewIn)
    AnyQuiltAct = Annotated[reduce(or_, kinds), Field(discriminator="do")]


class QuiltActsIn(Model):
    """A quilt and what is done to it, in order; none to have it read as it is."""

    document: Document
    acts: list[AnyQuiltAct] = Field(default=[], max_length=200)


class OriginsIn(Model):
    """Blocks of a quilt, by the ids and revisions that they were taken from the shelf at."""

    blocks: Annotated[list[tuple[Origin, Revision]], Field(max_length=60)]


class OriginOut(Model):
    """A block that is another on the shelf now, or gone from it."""

    origin: str
    words: Said
    gone: bool


class WantedIn(Model):
    """A quilt and the finished size that it is to reach, as typed."""

    document: Document
    width: Annotated[str, Field(max_length=60)]
    height: Annotated[str, Field(max_length=60)]


class NewQuiltIn(Model):
    """A new quilt from blocks of the shelf; or from a file."""

    blocks: list[Annotated[str, Field(max_length=32)]] = Field(default=[], max_length=60)
    name: str = "New quilt"
    document: Document | None = None
    save_key: SaveKey | None = None


class SaveQuiltIn(Model):
    """A state of a quilt and the revision it was made from."""

    document: Document
    revision: Revision
    save_key: SaveKey | None = None


class SymbolOut(Model):
    """A block as it is drawn round its middle, in the quilt's unit."""

    key: str
    faces: list[PictureFaceOut]
    greys: list[str]


class UseOut(Model):
    """A place: which block, where its middle is, how it is turned; no block for a plain square."""

    row: int
    column: int
    block: str
    x: float
    y: float
    angle: int
    mirrored: bool


class SettingClothOut(Model):
    """A piece of the setting as it is drawn; `cloth` is its fabric's place among the quilt's."""

    purpose: str
    outline: list[XY]
    colour: str
    grey: str
    cloth: int | None = None


class HandleOut(Model):
    """A side of the setting that can be dragged: its ends, which way it makes the part wider, how
    wide that is now, as a number and as it is typed and told; of a frame the side of its block.
    """

    part: str
    ends: bool
    side: tuple[XY, XY]
    toward: XY
    inside: str
    width: float
    typed: str
    words: Said


class PartNameOut(Model):
    """What a part of the setting is called."""

    part: str
    words: Said


class StopOut(Model):
    """A width on the ruler that a side stops at: as a number, as typed, as told."""

    width: float
    typed: str
    words: Said


class QuiltPictureOut(Model):
    """A quilt to be drawn: each block once, its places, the cloth between and round them. `side` is
    how wide and high a place is.
    """

    width: float
    height: float
    top: tuple[float, float, float, float]
    side: tuple[float, float]
    symbols: list[SymbolOut]
    uses: list[UseOut]
    border_uses: list[UseOut] = Field(default_factory=list)
    half_uses: list[UseOut] = Field(default_factory=list)
    cloths: list[SettingClothOut]
    handles: list[HandleOut] = Field(default_factory=list)
    stops: list[StopOut] = Field(default_factory=list)
    parts: list[PartNameOut] = Field(default_factory=list)


class SizeWayOut(Model):
    """A way to reach a size, and the act that takes it: how it looks, how much of each cloth it
    takes, how many pieces are cut, what is lost of what was laid by hand.
    """

    size: Said
    words: Said
    off: Said
    cloth: Said
    columns: int
    rows: int
    sashing: str
    border: str
    ends: str
    block: str
    picture: QuiltPictureOut
    fabrics: Said
    pieces: int
    lost: int


class QuiltSheetOut(Model):
    """The quilt in words and figures."""

    name: str
    unit: LengthUnit
    suffix: str
    finished: Said
    top: Said
    blocks: int
    settings: dict[str, SettingOut]


class QuiltBlockOut(Model):
    """A block of the quilt: how many, and whether the one on the shelf has changed since."""

    key: str
    name: Said
    finished: Said
    count: int
    origin: str
    revision: int


class QuiltLineOut(Model):
    """A line of the list."""

    count: int
    size: Said
    what: Said
    further: Said
    purpose: Said


class QuiltClothOut(Model):
    """What is cut of a fabric."""

    fabric: str
    name: Said
    lines: list[QuiltLineOut]


class VanishingOut(Model):
    """Neighbours that nearly vanish into each other: all pairs of the same two blocks, along the
    same share of their edge.
    """

    pairs: list[tuple[RowColumn, RowColumn]]
    words: Said


class BorderOut(Model):
    """A border as it is typed; `ends` is empty where it is as wide above and below as at the
    sides.
    """

    width: str
    ends: str
    fabric: str
    block: str
    corner: Literal["butted", "mitred"]
    first: Literal["sides", "top"]


class QuiltSettingOut(Model):
    """The setting as it is typed."""

    kind: SettingKind
    columns: int
    rows: int
    fill: str
    alternate_block: str
    alternate_fabric: str
    sashing_fabric: str
    sashing_width: str
    cornerstones: str
    outer: bool
    edge_fabric: str
    floats: str
    half_blocks: bool
    pieced: bool
    halves_at: HalvesAt
    module: str
    frame: str
    borders: list[BorderOut]
    backing: str
    overhang: str
    binding: str
    binding_width: str
    grain: Literal["straight", "bias"]
    seam: str


class AlikeOut(Model):
    """How many neighbours touch that should not, in words, and where they do: points in the quilt's
    unit from its top left corner.
    """

    words: Said
    marks: list[XY]


class SpreadOut(Model):
    """How the blocks were spread last: whether corners count, the places held, rules, the seed."""

    corners: bool
    held: list[RowColumn]
    rules: list[SpreadRule]
    seed: int


class QuiltMendOut(Model):
    """A way out, and the act that takes it."""

    words: Said
    act: AnyQuiltAct


class QuiltNoticeOut(Model):
    """Something to say of a quilt, with the ways out."""

    words: Said
    mends: list[QuiltMendOut]


class QuiltOut(Model):
    """A quilt as it is worked on: its document, its picture, its list."""

    document: Document
    sheet: QuiltSheetOut
    setting: QuiltSettingOut
    picture: QuiltPictureOut
    blocks: list[QuiltBlockOut]
    fabrics: list[FabricOut]
    next: DyeOut
    cloths: list[QuiltClothOut]
    vanishing: list[VanishingOut]
    alike: AlikeOut
    spread: SpreadOut
    can_colour: list[str]
    notices: list[QuiltNoticeOut]


class QuiltSeenOut(Model):
    """A quilt as it is kept and as it is seen, in one answer: what its page shows first."""

    kept: BlockOut
    seen: QuiltOut


class QuiltCardOut(Model):
    """A quilt on its shelf."""

    id: str
    name: str
    revision: int
    changed: datetime
    finished: str
    blocks: int
    picture: QuiltPictureOut
    owner: str = ""


class QuiltShelfOut(Model):
    """The shelf of quilts."""

    quilts: list[QuiltCardOut]
    total: int
