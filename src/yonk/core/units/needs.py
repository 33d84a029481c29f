"""What a way of making asks to be cut, before the ruler: exact sizes, how they are rounded, and what they yield.

Sources of the formulas: the seam allowance `s` on every side of a piece; along the legs of a right isosceles triangle
the two allowances and the sharp points come to s(2 + √2), along its long edge to s(2 + 2√2).
"""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass
from fractions import Fraction
from typing import Literal

from yonk.core.draft import DEFAULTS, Draft, Press, Stitch
from yonk.core.measure import ROOT_2, Length, Rational, show

CutShape = Literal["square", "rectangle", "strip", "template"]
Subcut = Literal["none", "one-diagonal", "both-diagonals"]
Rounding = Literal["up", "nearest"]
Hand = Literal["left", "right"]
Outline = tuple[tuple[float, float], ...]

DIAGONALS: dict[Subcut, int] = {"none": 0, "one-diagonal": 1, "both-diagonals": 2}
YIELDS: dict[Subcut, int] = {"none": 1, "one-diagonal": 2, "both-diagonals": 4}


@dataclass(frozen=True)
class Terms:
    """What the quilter works with. Lengths in the draft's unit.

    `usable` is the width of fabric that strips are cut from; `stitch` and `press` are the school she follows.
    """

    seam: Fraction
    step: Fraction
    trim: Fraction
    squaring: Fraction
    hair: Fraction
    unit: Literal["in", "cm"]
    usable: Fraction = Fraction(40)
    stitch: Stitch = "beside"
    press: Press = "dark"

    @property
    def both_seams(self) -> Fraction:
        """A seam allowance on two opposite sides."""
        return 2 * self.seam

    @property
    def along_legs(self) -> Length:
        """What the allowance adds to the legs of a right isosceles triangle: s(2 + √2)."""
        return self.seam * (2 + ROOT_2)

    @property
    def along_long_edge(self) -> Length:
        """What the allowance adds to the long edge of a right isosceles triangle: s(2 + 2√2)."""
        return self.seam * (2 + 2 * ROOT_2)


def terms_of(draft: Draft) -> Terms:
    """The quilter's seam allowance, ruler, margin and school with what is usual in her unit."""
    usual, making = DEFAULTS[draft.unit], draft.making
    return Terms(
        making.seam, making.ruler_step, making.trim_margin, usual.squaring, usual.hair, draft.unit, making.usable,
        making.stitch, making.press,
    )  # fmt: skip


@dataclass(frozen=True)
class Rotary:
    """How a ruler cuts a shape with 45° ends: from a strip `strip` wide, a cut at 45° every `every`."""

    strip: Fraction
    every: Fraction
    words: str


@dataclass(frozen=True, kw_only=True)
class Need:
    """So many `pieces` of one fabric, each from a cut of this exact size.

    `width` and `height` are exact; the ruler comes later. A cut gives as many pieces as its `subcut` makes of it.
    `diagonal` is the hand of a rectangle's diagonal; `outline` a template's exact cut line in the draft's unit.
    """

    fabric: str
    shape: CutShape
    width: Length
    height: Length
    rounding: Rounding
    pieces: int
    subcut: Subcut = "none"
    role: str = ""
    letter: str = ""
    working: tuple[str, ...] = ()
    diagonal: Hand | None = None
    outline: Outline = ()
    rotary: Rotary | None = None
    corners_off: tuple[Length, ...] = ()
    segment: Length | None = None  # of a strip: what it is cut across into

    @property
    def diagonal_cuts(self) -> int:
        """How many cuts on a diagonal each of them gets."""
        return DIAGONALS[self.subcut]

    def rounded(self, step: Fraction) -> tuple[Fraction, Fraction]:
        """Width and height on the ruler."""
        if self.rounding == "up":
            return self.width.up(step), self.height.up(step)
        return self.width.nearest(step), self.height.nearest(step)

    @property
    def cuts(self) -> int:
        """How many such cuts give that many pieces."""
        return -(-self.pieces // YIELDS[self.subcut])


@dataclass(frozen=True)
class Cloth:
    """The cloth of one part of a unit: its fabric, the letter of its patch and the part it plays."""

    fabric: str
    letter: str
    role: str


def pooled(needs: Iterable[Need], step: Fraction) -> list[tuple[Need, Fraction, Fraction, int]]:
    """Alike cuts counted together: the first need of each, its width and height on the ruler, and how many cuts."""
    rows: dict[tuple[object, ...], tuple[Need, Fraction, Fraction, int]] = {}
    for need in needs:
        width, height = need.rounded(step)
        letter = need.letter if need.shape == "template" else None
        key = need.fabric, need.shape, width, height, need.subcut, letter, need.diagonal
        pieces = rows[key][3] if key in rows else 0
        rows[key] = (rows[key][0] if key in rows else need, width, height, pieces + need.pieces)
    return [(need, width, height, -(-pieces // YIELDS[need.subcut])) for need, width, height, pieces in rows.values()]


def box(cloth: Cloth, width: Length, height: Length, terms: Terms, pieces: int, rounding: Rounding = "nearest") -> Need:
    """A square or rectangle with a finished size, its seam allowance added on every side."""
    wide, high = max(width, height), min(width, height)
    square = width == height
    return Need(
        fabric=cloth.fabric, letter=cloth.letter, role=cloth.role, pieces=pieces, rounding=rounding,
        shape="square" if square else "rectangle", width=wide + terms.both_seams, height=high + terms.both_seams,
        working=(
            f"{_size(wide, high, terms, square=square)} finished",
            f"+ {show(terms.seam, terms.unit)} seam allowance on two sides each way"
            f" = {_size(wide + terms.both_seams, high + terms.both_seams, terms, square=square)}",
        ),
    )  # fmt: skip


def square(
    cloth: Cloth, side: Length, terms: Terms, pieces: int, working: tuple[str, ...], rounding: Rounding = "up"
) -> Need:
    """A whole square of a given cut side."""
    said = (*working[:-1], f"{working[-1]} = {show(side, terms.unit)}")
    return Need(
        fabric=cloth.fabric, letter=cloth.letter, role=cloth.role, pieces=pieces, rounding=rounding, shape="square",
        width=side, height=side, working=said,
    )  # fmt: skip


def isosceles(
    cloth: Cloth, legs: Length, terms: Terms, pieces: int, *, legs_on_grain: bool, margin: Length | Rational
) -> Need:
    """A right isosceles triangle with finished `legs`, made larger by `margin` along the legs.

    With its legs on the grain it comes from a square cut once, with its long edge on the grain from a square cut on
    both diagonals, so that the edge which may lie on the block's outside never stretches.
    """
    larger = Length.of(margin)
    if legs_on_grain:
        side, extra, edge = legs, terms.along_legs, "legs"
    else:
        side, larger, edge = legs * ROOT_2, larger * ROOT_2, "long edge"
        extra = terms.along_long_edge
    total = side + extra + larger
    factor = "2 + √2" if legs_on_grain else "2 + 2√2"
    working = (
        f"{edge} {show(side, terms.unit)} finished",
        f"+ {show(terms.seam, terms.unit)} × ({factor}) for the seams and points = {show(side + extra, terms.unit)}",
        *([f"+ {show(larger, terms.unit)} to trim = {show(total, terms.unit)}"] if larger > 0 else []),
    )
    return Need(
        fabric=cloth.fabric, letter=cloth.letter, role=cloth.role, pieces=pieces, rounding="up", shape="square",
        width=total, height=total, subcut="one-diagonal" if legs_on_grain else "both-diagonals", working=working,
    )  # fmt: skip


def _size(width: Length, height: Length, terms: Terms, *, square: bool) -> str:
    one = show(width, terms.unit)
    return one if square else f"{one} by {show(height, terms.unit)}"
