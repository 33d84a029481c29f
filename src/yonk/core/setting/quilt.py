"""The quilt as its maker drew it: blocks, how they are set, what goes round them.

Lengths are finished and in the quilt's unit, exact as told.
"""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, field, replace
from fractions import Fraction
from functools import cached_property
from hashlib import sha256
from typing import Literal, get_args

from yonk.core.paper import (
    Colouring,
    Draft,
    DraftError,
    Fabric,
    LengthUnit,
    Paint,
    Settings,
    Text,
    check_count,
    coloured,
    message,
    next_key,
)

SettingKind = Literal["straight", "on-point"]
RowColumn = tuple[int, int]  # a place of the setting; both count from nought
BorderCorner = Literal["butted", "mitred"]
BorderEnds = Literal["sides", "top"]
Grain = Literal["straight", "bias"]
Joins = Literal["straight", "diagonal", "whole"]
JOINS: tuple[Joins, ...] = get_args(Joins)
TopOrder = Literal["rows", "quarters"]
HalvesAt = Literal["all", "sides", "ends"]
SpreadHow = Literal["never", "together"]
SpreadOf = Literal["blocks", "fabrics"]
BackingLay = Literal[
    "", "upright", "level", "wide", "upright-even", "level-even", "upright-pieced", "level-pieced"
]

# what longarm and hand quilting ask for on every side
OVERHANG = {"in": Fraction(4), "cm": Fraction(10)}
# finished; wide enough to part blocks, narrow enough not to be a border
SASHING = {"in": Fraction(1), "cm": Fraction(5, 2)}
BORDER = {"in": Fraction(4), "cm": Fraction(10)}  # finished; about a third of a usual block
# cut; folded double it turns over a quarter inch edge
BINDING = {"in": Fraction(5, 2), "cm": Fraction(6)}
BINDING_OVER = {"in": Fraction(10), "cm": Fraction(25)}  # for the last join and the corners


@dataclass(frozen=True, kw_only=True)
class QuiltBlock:
    """A block of the quilt by its key: a copy of its draft, in one of its colourings by its number
    or as drafted, its fabrics mapped to the quilt's. It was taken from a block of the shelf, its
    `origin`, at a revision.
    """

    key: str
    draft: Draft
    colouring: int | None = None
    fabrics: Mapping[str, str] = field(default_factory=dict)
    origin: str = ""
    revision: int = 0

    def __hash__(self) -> int:
        return hash((self.key, self.draft, self.colouring, self.origin, self.revision))

    @cached_property
    def as_sewn(self) -> Draft:
        """The draft in its colouring and in the quilt's fabrics, for one block."""
        draft = self.draft
        if self.colouring is not None:
            if self.colouring >= len(draft.colourings):
                raise DraftError(f"blocks.{self.key}.colouring", message("is-none-of-blocks"))
            draft = coloured(draft, draft.colourings[self.colouring])
        return replace(in_fabrics(draft, self.fabrics), colourings=())

    @property
    def colouring_name(self) -> str | None:
        """What its colouring is called; None as drafted."""
        if self.colouring is None:
            return None
        found: Colouring = self.draft.colourings[self.colouring]
        return found.name

    @property
    def title(self) -> Text:
        """What it is called, with its colouring: the same block may be there in several."""
        coloured_so = self.colouring_name
        return (
            message("block-in-colouring", block=self.draft.name, colouring=coloured_so)
            if coloured_so
            else self.draft.name
        )


def with_block(quilt: Quilt, draft: Draft, origin: str, revision: int) -> Quilt:
    """The quilt with one more block, taken from the shelf at a revision.

    Raises: `DraftError` where it is in another unit, or there are too many.
    """
    if draft.unit != quilt.unit:
        raise DraftError("block", message("is-in-another-unit", its=draft.unit, ours=quilt.unit))
    check_count(len(quilt.blocks) + 1, "block", "quilt_blocks")
    key = next_key([one.key for one in quilt.blocks], draft.name)
    block = QuiltBlock(key=key, draft=draft, origin=origin, revision=revision)
    return replace(quilt, blocks=(*quilt.blocks, block))


def taken_anew(quilt: Quilt, draft: Draft, origin: str, revision: int) -> Quilt:
    """The quilt with every copy of a block of the shelf as it is there now. A copy in a colouring
    that is gone is as drafted.
    """

    def anew(one: QuiltBlock) -> QuiltBlock:
        if one.origin != origin:
            return one
        gone = one.colouring is not None and one.colouring >= len(draft.colourings)
        colouring = None if gone else one.colouring
        return replace(one, draft=draft, revision=revision, colouring=colouring)

    return replace(quilt, blocks=tuple(map(anew, quilt.blocks)))


def in_fabrics(draft: Draft, other: Mapping[str, str]) -> Draft:
    """A draft whose fabrics are called as the quilt calls them."""
    if not other:
        return draft
    fabrics = tuple(replace(one, key=other.get(one.key, one.key)) for one in draft.fabrics)
    paints = tuple(Paint(one.at, other.get(one.fabric, one.fabric)) for one in draft.paints)
    return replace(draft, fabrics=fabrics, paints=paints)


@dataclass(frozen=True, kw_only=True)
class Placed:
    """What lies at a place: a block by its key, turned by so many quarters, perhaps mirrored."""

    block: str
    turns: int = 0
    mirrored: bool = False


@dataclass(frozen=True, kw_only=True)
class Alternate:
    """What lies in every other place: a block by its key, or a plain fabric."""

    block: str = ""
    fabric: str = ""


@dataclass(frozen=True, kw_only=True)
class Sashing:
    """Strips between the blocks; `cornerstones` is the fabric of squares where they cross, if
    any.
    """

    width: Fraction
    fabric: str
    cornerstones: str = ""
    outer: bool = False


@dataclass(frozen=True, kw_only=True)
class Edge:
    """What fills the edge of an on-point setting. `floats` is how far the top reaches beyond the
    points of the blocks. Half blocks, all round, at the left and right or above and below alone,
    are cut from a whole one each, or `pieced` as drafted on either side of the block's diagonal, so
    that the patches of one give two. `more` squares than needed are cut for the side triangles, so
    that a print stands upright in all of them.
    """

    fabric: str
    floats: Fraction = Fraction(0)
    half_blocks: bool = False
    pieced: bool = False
    halves_at: HalvesAt = "all"
    more: int = 0


@dataclass(frozen=True, kw_only=True)
class SpreadRule:
    """What the quilter says of two blocks, or of two fabrics, by their keys: that they never touch,
    or that each of the first touches one of the second.
    """

    how: SpreadHow
    one: str
    other: str
    of: SpreadOf = "blocks"


@dataclass(frozen=True, kw_only=True)
class SpreadWish:
    """How blocks are spread: whether those that meet at a corner touch as well, the places that are
    held, rules, and the seed that another layout is found by. `least` is how many pairs must touch,
    as it was proved for the setting and blocks that `proved_for` names.
    """

    corners: bool = False
    held: tuple[RowColumn, ...] = ()
    rules: tuple[SpreadRule, ...] = ()
    seed: int = 0
    least: int = 0
    proved_for: str = ""

    def asked_of(self, setting: Setting, blocks: int) -> str:
        """What a proof is of: with another setting, number of blocks, plain places or blocks at the
        places that are held it is another.
        """
        other = setting.alternate
        plain = " ".join((other.block, other.fabric)) if other else ""
        held = [setting.places.get(at, setting.fill).block for at in self.held]
        told = (setting.kind, setting.columns, setting.rows, blocks, plain, *held)
        return sha256(repr(told).encode()).hexdigest()[:16]


@dataclass(frozen=True, kw_only=True)
class Setting:
    """How the blocks are set. On point, rows of `columns` blocks and, between them, rows of one
    fewer, counted in one row after the other.

    `fill` lies wherever `places` names nothing. Smaller blocks get a frame to the `module`.
    """

    kind: SettingKind = "straight"
    columns: int
    rows: int
    fill: Placed
    places: Mapping[tuple[int, int], Placed] = field(default_factory=dict)
    alternate: Alternate | None = None
    sashing: Sashing | None = None
    edge: Edge | None = None
    module: Fraction | None = None
    frame: str = ""
    spread: SpreadWish | None = None


@dataclass(frozen=True, kw_only=True)
class Border:
    """A border: of one fabric, or pieced from a block by its key, which is as high as it is wide;
    then `fabric` is that of plain squares in its corners, where no block lies there. `ends` is how
    wide it is above and below, where that is otherwise than at the sides.
    """

    width: Fraction
    fabric: str = ""
    block: str = ""
    corner: BorderCorner = "butted"
    first: BorderEnds = "sides"
    ends: Fraction | None = None

    @property
    def high(self) -> Fraction:
        """How wide it is above and below."""
        return self.width if self.ends is None else self.ends


@dataclass(frozen=True, kw_only=True)
class Backing:
    """The back, which reaches beyond the top on every side. `lay` is how its panels lie: with
    upright or level seams, or in one piece of wide cloth; empty for what takes the least.
    """

    fabric: str
    overhang: Fraction
    lay: BackingLay = ""


@dataclass(frozen=True, kw_only=True)
class Binding:
    """The binding, cut so wide."""

    fabric: str
    width: Fraction
    grain: Grain = "straight"


@dataclass(frozen=True, kw_only=True)
class Quilt:
    """A quilt; `fabrics` are those that its setting names, beside those of its blocks. `joins` is
    how sashing and borders that are longer than the cloth is wide are joined, or that they are cut
    along it in one piece; `together` whether the top is sewn by its rows, on point the diagonal
    ones, or by quarters.
    """

    name: str
    unit: LengthUnit
    blocks: tuple[QuiltBlock, ...]
    setting: Setting
    fabrics: tuple[Fabric, ...] = ()
    borders: tuple[Border, ...] = ()
    backing: Backing | None = None
    binding: Binding | None = None
    joins: Joins = "straight"
    together: TopOrder = "rows"
    making: Settings = field(default_factory=Settings)

    def __hash__(self) -> int:
        setting = self.setting.kind, self.setting.columns, self.setting.rows, len(self.borders)
        return hash((self.name, self.unit, self.blocks, setting))

    @cached_property
    def by_key(self) -> Mapping[str, QuiltBlock]:
        """Its blocks by their keys."""
        return {one.key: one for one in self.blocks}

    @cached_property
    def all_fabrics(self) -> Mapping[str, Fabric]:
        """Every fabric by its key, the quilt's own before those of its blocks."""
        found: dict[str, Fabric] = {}
        for fabric in (*self.fabrics, *(f for b in self.blocks for f in b.as_sewn.fabrics)):
            found.setdefault(fabric.key, fabric)
        return found

    @property
    def first_fabric(self) -> str:
        """The key of the fabric that is taken where none is told; nothing where it has none."""
        return next(iter(self.all_fabrics), "")
