"""The words that every kind of unit is written in: what is found, what it is made of, and the ways to make it."""

from __future__ import annotations

from abc import ABC, abstractmethod
from collections.abc import Callable, Sequence
from dataclasses import dataclass
from typing import ClassVar, Literal

from yonk.core.assembly import Piece, Region
from yonk.core.faces import Spot
from yonk.core.measure import Length, Rational
from yonk.core.units.needs import Cloth, Hand, Need, Terms
from yonk.core.units.stamp import Stamp

Kind = Literal[
    "patch", "half-square-triangle", "quarter-square-triangle", "split-quarter-square", "flying-geese",
    "square-in-a-square", "corner-flip", "strip-set", "checker", "half-rectangle-triangle", "pieced",
]  # fmt: skip
MethodName = Literal[
    "cut-and-sew", "two-at-a-time", "four-at-a-time", "eight-at-a-time", "rectangle", "stitch-and-flip",
    "strip-piecing", "template",
]  # fmt: skip


@dataclass(frozen=True)
class FoundPart:
    """A piece of a region and the part it plays, with what matters of its size in the region's steps.

    `turns` counts the turns by 45° between the region's frame and the one that the size is counted in.
    """

    piece: Piece
    role: str
    width: int = 0
    height: int = 0
    turns: int = 0
    spot: tuple[int, int] = (0, 0)


@dataclass(frozen=True)
class Found:
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

    @property
    def fabrics(self) -> tuple[str, ...]:
        """The fabrics in it, each once, in the order of their keys."""
        return tuple(sorted({part.cloth.fabric for part in self.parts}))

    def playing(self, role: str) -> list[Part]:
        """The parts that play a role, in their order."""
        return [part for part in self.parts if part.cloth.role == role]


@dataclass(frozen=True)
class Demand:
    """How many of a unit are wanted over all blocks, and of its mirror image; whether a fabric's print has a direction."""

    total: int
    mirrored: int = 0
    directional: bool = False


def always(unit: Unit) -> bool:
    """For every such unit."""
    return True


def never(unit: Unit) -> bool:
    """For no such unit."""
    return False


@dataclass(frozen=True, kw_only=True)
class Method:
    """A way to make a unit.

    A lot gives `lot` units; of a handed unit, a way that `mirrors` gives half of them as mirror images. `needs` lists
    what is cut for so many lots. `suits` tells whether it can make this very unit, `bias` whether it leaves bias on
    the outer edges of this unit, `turns_prints` whether a directional print comes out lying both ways.
    """

    name: MethodName
    words: str
    lot: int
    needs: Callable[[Unit, Terms, int], list[Need]]
    mirrors: bool = False
    suits: Callable[[Unit], bool] = always
    bias: Callable[[Unit], bool] = never
    turns_prints: bool = False


class UnitKind(ABC):
    """A kind of unit: how it is recognised and the methods that make it, the plainest first."""

    kind: ClassVar[Kind]
    words: ClassVar[str]
    methods: ClassVar[tuple[Method, ...]]
    stamp: ClassVar[Stamp | None] = None
    handed: ClassVar[bool] = True  # whether a mirror image is told by a left and a right hand

    @abstractmethod
    def recognise(self, region: Region) -> Found | None:
        """What the region is, when it is of this kind."""

    def hand(self, found: Found, fabrics: Sequence[str]) -> Hand | None:
        """Which of two mirror images this is, where the kind has a rule; `fabrics` are in the order of the parts."""
        return None

    def propose(self, unit: Unit, demand: Demand) -> tuple[MethodName, str]:
        """The way proposed to make it, and why, in a sentence."""
        return self.methods[0].name, f"The usual way for a {self.words}."


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
    """How many lots give at least so many."""
    return -(-count // lot)
