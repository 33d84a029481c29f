"""The words that every kind of unit is written in: what is found, what it is made of, and the ways
to make it.
"""

from __future__ import annotations

from abc import ABC, abstractmethod
from collections.abc import Callable, Sequence
from dataclasses import dataclass, field, replace
from fractions import Fraction
from functools import cached_property
from math import gcd
from typing import Any, ClassVar, Literal

from yonk.core.drawing import Piece, Region, Spot
from yonk.core.paper import Length, PartName, Rational, Text
from yonk.core.sewing import SewnWork, Table
from yonk.core.units.needs import Cloth, Hand, Need, Size, Terms
from yonk.core.units.stamp import Stamp

UnitKindName = str  # the name of a kind of unit, as its class tells it
MethodName = str


Prints = Literal["upright", "stripes", "turned"]


@dataclass(frozen=True)
class FoundPart:
    """A piece of a region and the part it plays, with what matters of its size in the region's
    steps.

    `turns` counts the turns by 45° between the region's frame and the one that the size is counted
    in.
    """

    piece: Piece
    role: str
    width: int = 0
    height: int = 0
    turns: int = 0
    spot: tuple[int, int] = (0, 0)


@dataclass(frozen=True)
class RecognisedUnit:
    """What a region was recognised as. The order of the parts has a meaning for each kind."""

    parts: tuple[FoundPart, ...]
    middle: Region | None = None
    seam_rises: bool = False  # of a half-rectangle triangle, lying wide


@dataclass(frozen=True)
class Part:
    """One part of a unit: its cloth and what matters of its finished size."""

    cloth: Cloth
    width: Length
    height: Length
    spot: tuple[int, int]
    piece: Piece


@dataclass(frozen=True)
class Unit:
    """One of a group of identical units: finished size, fabrics in place and hand."""

    width: Length
    height: Length
    on_point: bool
    parts: tuple[Part, ...]
    hand: Hand | None
    region: Region
    scale: Rational
    has_middle: bool

    @cached_property
    def worked_out(self) -> dict[object, Any]:
        """What a method worked out of its patches once, under a name; there may be thousands of
        them.
        """
        return {}

    @property
    def fabrics(self) -> tuple[str, ...]:
        """The fabrics in it, each once, in the order of their keys."""
        return tuple(sorted({part.cloth.fabric for part in self.parts}))

    @property
    def letters(self) -> list[str]:
        """The letters of its patches, each once, in their order: Z before AA."""
        return sorted(
            {part.cloth.letter for part in self.parts}, key=lambda name: (len(name), name)
        )

    @property
    def longer_first(self) -> tuple[Length, Length]:
        """Its finished sides, as a list tells them."""
        return max(self.width, self.height), min(self.width, self.height)

    @cached_property
    def shape_key(self) -> tuple[object, ...]:
        """Alike for units divided alike whose fabrics change alike and stand in the same order of
        their keys, in which pieces are cut, whatever the fabrics and the size.
        """
        region = self.region
        numbers = {key: number for number, key in enumerate(self.fabrics)}
        fabrics = {part.piece.face: numbers[part.cloth.fabric] for part in self.parts}
        if region.plain:
            here = tuple(fabrics[piece.face] for piece in region.pieces)
            return (
                region.width,
                region.height,
                tuple(region.boxes),
                here,
                self.on_point,
                self.has_middle,
            )
        common = gcd(
            region.width,
            region.height,
            *(n for p in region.pieces for spot in p.ring for n in spot),
        )
        rings = tuple(
            (tuple((x // common, y // common) for x, y in piece.ring), fabrics[piece.face])
            for piece in region.pieces
        )
        return (
            region.width // common,
            region.height // common,
            rings,
            self.on_point,
            self.has_middle,
        )

    def with_numbered_fabrics(self) -> Unit:
        """The unit in fabrics that are called by their numbers, in the order of their keys: the
        same for all that have one `shape_key`.
        """
        keys = {key: f"{number:04}" for number, key in enumerate(self.fabrics)}
        parts = (
            replace(part, cloth=replace(part.cloth, fabric=keys[part.cloth.fabric]))
            for part in self.parts
        )
        return replace(self, parts=tuple(parts))

    def sized(self, by: Fraction) -> Unit:
        """The unit at another size; everything finished grows alike."""
        return replace(
            self,
            width=self.width * by,
            height=self.height * by,
            scale=self.scale / by,
            parts=tuple(
                replace(part, width=part.width * by, height=part.height * by) for part in self.parts
            ),
        )

    def playing(self, role: str) -> list[Part]:
        """The parts that play a role, in their order."""
        return [part for part in self.parts if part.cloth.role == role]


@dataclass(frozen=True)
class MakingJob:
    """A method being carried out: at which table, of what unit, for how many lots, from which
    pieces.

    `pieces` holds, for each need of the method in its order, the pieces as they were cut. `exact`
    tells that they, and what is measured on the way, are not on the ruler.
    """

    table: Table
    unit: Unit
    terms: Terms
    lots: int
    pieces: Sequence[Sequence[SewnWork]]
    exact: bool = False

    def names(self) -> list[Text]:
        """What the fabrics of the unit's parts are called."""
        return [self.table.name(part.cloth.fabric) for part in self.unit.parts]


def always(unit: Unit) -> bool:
    """For every such unit."""
    return True


def never(unit: Unit) -> bool:
    """For no such unit."""
    return False


def on_point(unit: Unit) -> bool:
    """For a unit that stands on point: its triangles have the grain along the block's sides, not
    along its own.
    """
    return unit.on_point


@dataclass(frozen=True)
class Segment:
    """A line of a unit's parts, by number, in the order of the strip set that it is cut from.

    Segments of one `band` come from alike strip sets, so they are sewn and pressed alike.
    """

    band: int
    parts: tuple[int, ...]


Batches = Callable[["Unit", Terms, int], list[int]]


def in_batches_of(most: int) -> Batches:
    """Batches of so many lots, and one of the rest."""

    def batches(unit: Unit, terms: Terms, lots: int) -> list[int]:
        return [most] * (lots // most) + ([lots % most] if lots % most else [])

    return batches


@dataclass(frozen=True, kw_only=True)
class Counted:
    """What a batch of a kind of plain squares and rectangles comes to, by counting. Lengths in the
    draft's unit.

    Sewing them at the table one by one shows the same, but takes as long as the square of their
    number. `kept` is the cloth in one unit, `oversize` how much wider and higher than unfinished it
    comes out, `length` all that is sewn. `strips_level` tells, of what is cut across strips sewn
    together, whether they lie level in the unit.
    """

    seams: int
    cuts: int
    length: float
    kept: float
    oversize: tuple[float, float]
    prints: Prints
    strips_level: bool | None = None


@dataclass(frozen=True, kw_only=True, eq=False)
class Method:
    """A way to make a unit.

    A lot gives `lot` units; of a handed unit, a way that `mirrors` gives half of them as mirror
    images. `needs` lists what is cut for so many lots: the closed formulas. `sew` carries lots out
    on the pieces as cut, and gives the sewn works before they are trimmed; it knows no formula. It
    makes one lot at a time unless lots go `together`, in `batches` of so many. `counted` tells what
    a batch comes to where that need not be sewn to be known. `flap` tells from the cut sizes
    how far cloth lies loose in the middle of a unit. `suits` tells whether the method can
    make this very unit, `bias` whether it leaves bias on the outer edges of this unit.
    `on_lines` tells that it is sewn and trimmed on printed lines, so that no cut and no seam moves
    its size; such a way is never proposed, only chosen: it asks a print for every unit.
    """

    name: MethodName
    words: Text
    lot: int
    needs: Callable[[Unit, Terms, int], list[Need]]
    sew: Callable[[MakingJob], list[SewnWork]] | None
    counted: Callable[[Unit, Terms, int], Counted] | None = None
    together: bool = False
    batches: Batches = field(default_factory=lambda: in_batches_of(1))
    mirrors: bool = False
    flap: Callable[[Sequence[Size]], Length | Rational] | None = None
    suits: Callable[[Unit], bool] = always
    on_lines: bool = False
    bias: Callable[[Unit], bool] = never


class UnitKind(ABC):
    """A kind of unit: how it is recognised and the methods that make it, the plainest first."""

    kind: ClassVar[UnitKindName]
    words: ClassVar[Text]
    methods: ClassVar[tuple[Method, ...]]
    stamp: ClassVar[Stamp | None] = None
    handed: ClassVar[bool] = True  # whether a mirror image is told by a left and a right hand
    two_sizes: ClassVar[bool] = False  # whether its width does not follow from its height
    part_names: ClassVar[tuple[PartName, ...]] = ()  # whose margin can be set by itself
    asked_for: ClassVar[bool] = True  # whether it can be asked for outside a block

    usual_division: ClassVar[str] = ""  # of a kind that can be divided in more than one way

    def divided(self, text: str) -> Stamp | None:
        """How a text divides it, as ``1 2 1`` does bars; None where it is divided in one way.

        Raises: `DivisionError` saying what would tell a division.
        """
        return None

    @abstractmethod
    def recognise(self, region: Region) -> RecognisedUnit | None:
        """What the region is, when it is of this kind."""

    def segments(self, unit: Unit) -> list[Segment]:
        """The lines of parts that are sewn first and then to each other; none where it has no such
        lines.
        """
        return []

    def hand(self, found: RecognisedUnit, fabrics: Sequence[str]) -> Hand | None:
        """Which of two mirror images this is, where the kind has a rule; `fabrics` are in the order
        of the parts.
        """
        return None


def corner_sets(region: Region) -> dict[frozenset[Spot], Piece]:
    """The pieces of a region by their corners."""
    return {frozenset(piece.ring): piece for piece in region.pieces if not piece.holes}


def in_every_turn(region: Region) -> list[Region]:
    """The region as it lies and turned by one, two and three quarters."""
    turns = [region]
    for _ in range(3):
        turns.append(turns[-1].turned())
    return turns


def lots_for(count: int, lot: int) -> int:
    """How many lots of `lot` give at least `count`.

    >>> lots_for(9, 8), lots_for(8, 8), lots_for(0, 8)
    (2, 1, 0)
    """
    return -(-count // lot)
