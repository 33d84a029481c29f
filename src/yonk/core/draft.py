"""The draft as the quilter made it: size, ruled grid, seams, fabrics, and how it is to be made."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from dataclasses import dataclass, field, replace
from fractions import Fraction
from typing import Literal

from yonk.core.measure import LengthError, read_length

Unit = Literal["in", "cm"]
Value = Literal["light", "medium", "dark"]
Print = Literal["solid", "allover", "directional"]
Stitch = Literal["beside", "two-lines"]
Press = Literal["dark", "open"]
Care = Literal["balance", "cloth", "time", "exact"]
Point = tuple[Fraction, Fraction]
Seam = tuple[Point, Point]

UNASSIGNED = "unassigned"


class DraftError(ValueError):
    """Something in a draft or an act that cannot be: where it is, and what would mend it."""

    def __init__(self, place: str, message: str) -> None:
        super().__init__(f"{place}: {message}" if place else message)
        self.place = place
        self.message = message


def typed_length(text: str, place: str, *, positive: bool = True, most: int | None = None) -> Fraction:
    """A length as typed into the field `place`. Raises `DraftError` where it is none, nothing, or more than `most`."""
    try:
        length = read_length(text)
    except LengthError as fault:
        raise DraftError(place, str(fault)) from None
    if positive and length <= 0:
        raise DraftError(place, "must be more than nothing")
    if most is not None and length > most:
        raise DraftError(place, f"is more than {most}; take a smaller size")
    return length


@dataclass(frozen=True, kw_only=True)
class Fabric:
    """A fabric of the block. `direction` is where a directional print points, in degrees clockwise from up.

    `shelf` names the fabric of the shelf that it is tied to, if it is.
    """

    key: str
    name: str
    colour: str
    value: Value = "medium"
    print: Print = "solid"
    direction: int = 0
    shelf: str = ""


@dataclass(frozen=True)
class Paint:
    """The fabric of the patch that holds the point `at` (in columns and rows)."""

    at: Point
    fabric: str


@dataclass(frozen=True)
class UnitMethod:
    """A way of making chosen for the unit that holds the point `at`."""

    at: Point
    method: str


@dataclass(frozen=True, kw_only=True)
class Making:
    """How the block is to be made. Lengths in the draft's unit.

    `usable` is the width of fabric that strips are cut from, `straightening` what squaring its end takes, `shrinkage`
    how many in a hundred it loses when washed, `keep` the least side of a leftover worth keeping. The standard ruler is `ruler_width` by `ruler_length`.
    `stitch`, `press` and `care` are the school she follows and what she cares for most when a way is proposed.
    """

    blocks: int = 1
    seam: Fraction = Fraction(1, 4)
    ruler_step: Fraction = Fraction(1, 8)
    trim_margin: Fraction = Fraction(1, 8)
    usable: Fraction = Fraction(40)
    straightening: Fraction = Fraction(1)
    shrinkage: Fraction = Fraction(0)
    keep: Fraction = Fraction(4)
    ruler_width: Fraction = Fraction(13, 2)
    ruler_length: Fraction = Fraction(49, 2)
    stitch: Stitch = "beside"
    press: Press = "dark"
    care: Care = "balance"
    methods: Mapping[str, str] = field(default_factory=dict)
    units: tuple[UnitMethod, ...] = ()


@dataclass(frozen=True)
class MakingDefaults:
    """What a quilter usually works with in one system of units."""

    seam: Fraction
    ruler_step: Fraction
    trim_margin: Fraction
    squaring: Fraction  # spent on squaring up the ends of a strip set
    hair: Fraction  # a difference from the ruler that cloth does not show
    usable: Fraction  # width of fabric, the safe figure
    keep: Fraction  # the least side of a leftover worth keeping
    ruler: tuple[Fraction, Fraction]  # the standard ruler
    slip: Fraction  # how far a seam of an ordinary hand is off


DEFAULTS: dict[Unit, MakingDefaults] = {
    "in": MakingDefaults(
        Fraction(1, 4),
        Fraction(1, 8),
        Fraction(1, 8),
        squaring=Fraction(1),
        hair=Fraction(1, 64),
        usable=Fraction(40),
        keep=Fraction(4),
        ruler=(Fraction(13, 2), Fraction(49, 2)),
        slip=Fraction(1, 32),
    ),
    "cm": MakingDefaults(
        Fraction(3, 4),
        Fraction(1, 4),
        Fraction(1, 4),
        squaring=Fraction(5, 2),
        hair=Fraction(1, 25),
        usable=Fraction(100),
        keep=Fraction(10),
        ruler=(Fraction(15), Fraction(60)),
        slip=Fraction(2, 25),
    ),
}


def default_making(unit: Unit) -> Making:
    """The making of a draft that says nothing about it."""
    usual = DEFAULTS[unit]
    return Making(
        seam=usual.seam, ruler_step=usual.ruler_step, trim_margin=usual.trim_margin, usable=usual.usable,
        straightening=usual.squaring, keep=usual.keep, ruler_width=usual.ruler[0], ruler_length=usual.ruler[1],
    )  # fmt: skip


@dataclass(frozen=True, kw_only=True)
class Colouring:
    """The same block in other fabrics: pairs of a fabric and the one in its place; so many blocks, perhaps mirrored."""

    name: str
    blocks: int = 1
    mirrored: bool = False
    fabrics: tuple[tuple[str, str], ...] = ()

    def without(self, key: str) -> Colouring:
        """The colouring without a fabric."""
        return replace(self, fabrics=tuple(pair for pair in self.fabrics if key not in pair))


@dataclass(frozen=True, kw_only=True)
class Draft:
    """One block. `columns` and `rows` are proportions; points count columns and rows from the top left corner."""

    name: str
    unit: Unit
    width: Fraction
    height: Fraction
    columns: tuple[Fraction, ...]
    rows: tuple[Fraction, ...]
    seams: tuple[Seam, ...] = ()
    fabrics: tuple[Fabric, ...] = ()
    paints: tuple[Paint, ...] = ()
    making: Making = field(default_factory=Making)
    colourings: tuple[Colouring, ...] = ()

    def fabric(self, key: str) -> Fabric:
        """The fabric with that key; patches without one are of the fabric `unassigned`."""
        for fabric in self.fabrics:
            if fabric.key == key:
                return fabric
        return Fabric(key=UNASSIGNED, name="No fabric yet", colour="#ffffff")


def coloured(draft: Draft, colouring: Colouring) -> Draft:
    """The draft in a colouring: its fabrics exchanged, and left for right where it is the mirror image."""
    other = dict(colouring.fabrics)
    wide = Fraction(len(draft.columns))

    def moved(point: Point) -> Point:
        return (wide - point[0], point[1]) if colouring.mirrored else point

    return replace(
        draft,
        columns=draft.columns[::-1] if colouring.mirrored else draft.columns,
        seams=tuple((moved(a), moved(b)) for a, b in draft.seams),
        paints=tuple(Paint(moved(paint.at), other.get(paint.fabric, paint.fabric)) for paint in draft.paints),
        making=replace(draft.making, blocks=colouring.blocks, units=()),
        colourings=(),
    )


def ruled_seams(columns: int, rows: int) -> tuple[Seam, ...]:
    """Every inner line of the ruled grid, sewn: a block of plain patches."""
    wide, high, zero = Fraction(columns), Fraction(rows), Fraction(0)
    upright = (((Fraction(c), zero), (Fraction(c), high)) for c in range(1, columns))
    level = (((zero, Fraction(r)), (wide, Fraction(r))) for r in range(1, rows))
    return (*upright, *level)


def next_key(taken: Iterable[str], wanted: str) -> str:
    """A key made from a name that none of `taken` has: ``fog``, ``fog-2``."""
    stem = "".join(letter if letter.isalnum() else "-" for letter in wanted.lower()).strip("-") or "fabric"
    used, key, count = set(taken), stem, 1
    while key in used:
        count += 1
        key = f"{stem}-{count}"
    return key
