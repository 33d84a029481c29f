"""The cutting in words, for screens and paper alike."""

from __future__ import annotations

from collections.abc import Sequence
from fractions import Fraction

from yonk.core.paper import Length, LengthUnit, listed, show, show_size
from yonk.core.planning.cuts import Cut
from yonk.core.planning.recipes import Recipe
from yonk.core.units import CutKey, Hand, PrintOrientation

_FURTHER = {
    "none": "",
    "one-diagonal": "then cut each once on the diagonal",
    "both-diagonals": "then cut each on both diagonals",
}


def cut_size_words(width: Length | Fraction, height: Length | Fraction, unit: LengthUnit) -> str:
    """A size in words: one length for a square.

    Args:
        width, height: in `unit`.

    >>> half = Fraction(7, 2)
    >>> cut_size_words(half, half, "in"), cut_size_words(half, Fraction(2), "in")
    ('3 1⁄2″', '3 1⁄2″ × 2″')
    """
    wide, high = Length.of(width), Length.of(height)
    return show(wide, unit) if wide == high else show_size(wide, high, unit)


def cut_size(cut: Cut, unit: LengthUnit) -> str:
    """A cut's size; of a strip set that of its strips as they are cut across the cloth."""
    if cut.shape == "strip":
        return f"{show(cut.height, unit)} × {show(cut.strips[0][0], unit)}"
    return cut_size_words(cut.width, cut.height, unit)


def cut_shape(cut: Cut) -> str:
    """What is cut, one or more of it."""
    return _many(cut.shape, cut.pieces_cut)


def cut_words(shape: str, count: int) -> str:
    """What is cut, before its size, so that no cut size is taken for a finished one.

    >>> cut_words("square", 2)
    'squares cut'
    """
    return f"{_many(shape, count)} cut"


def _many(shape: str, count: int) -> str:
    return shape if count == 1 else f"{shape}s"


def further(cut: Cut, unit: LengthUnit) -> str:
    """How a cut is cut further, and which way where that matters."""
    what = cut.what
    if cut.segment:
        return _segments(cut, cut.segment, unit)
    if cut.rotary:
        return f"from {cut.rotary.words}"
    if what.corners_off:
        off = [
            _corner(place, cut_off, unit)
            for place, cut_off in enumerate(what.corners_off)
            if cut_off
        ]
        return f"then cut off {listed(off)}"
    words = _FURTHER[what.subcut] + (f", {diagonal(what.hand, what.lie)}" if what.hand else "")
    lie = LYING[what.lie] if what.lie else ""
    return "; ".join(part for part in (lie, words) if part)


def _segments(cut: Cut, segment: Fraction, unit: LengthUnit) -> str:
    """What a strip set is cut across into; what its last strips need not be longer than."""
    *_, (last, count) = cut.strips
    short = ""
    if len(cut.strips) > 1:
        which = "the last" if count == 1 else f"the last {count}"
        short = f"{which} only {show(last, unit)} long; "
    pieces = _many("segment", cut.segments)
    into = f"{cut.segments} {pieces} of {show(segment, unit)}"
    return f"{short}sewn to its set, then cut across into {into}"


CORNERS = ("top left", "top right", "bottom right", "bottom left")
LYING = {"stands": "longer side the way the print points", "lies": "longer side across the print"}
RISING: dict[Hand, str] = {
    "right": "from bottom left to top right",
    "left": "from top left to bottom right",
}


def diagonal(hand: Hand, lie: PrintOrientation | None) -> str:
    """Which way a diagonal is cut, right side of the cloth up.

    Args:
        hand: `right` rises to the right as the piece lies.
        lie: of a print with a direction, how its longer side lies; without it that is laid across.

    >>> diagonal("right", None)
    'from bottom left to top right, right side up, longer side across'
    """
    how = "the print upright" if lie else "longer side across"
    return f"{RISING[hand]}, right side up, {how}"


def _corner(place: int, off: Fraction, unit: LengthUnit) -> str:
    return f"the {CORNERS[place]} corner, {show(off, unit)} along each side"


def cut_in_words(what: CutKey, amount: int, name: str, unit: LengthUnit) -> str:
    """So much of a cut in words; `name` is its fabric's: ``6 Peat squares 8″``."""
    if what.shape == "strip":
        segments = _many("segment", amount)
        return f"{amount} {segments} of a {name} strip {show(what.height, unit)} wide"
    way = f", cut {RISING[what.hand]}" if what.hand else ""
    shapes = _many(what.shape, amount)
    finished = " finished" if what.form else ""
    return (
        f"{amount} {name} {shapes} {cut_size_words(what.width, what.height, unit)}{finished}{way}"
    )


def purposes(cut: Cut, recipes: Sequence[Recipe]) -> list[str]:
    """What a cut is for: letter, kind and label of each unit."""
    words = {recipe.group.label: recipe.group.words for recipe in recipes}
    return [
        f"{one.letter}, {words[one.units[0]]} {' and '.join(one.units)}" for one in cut.purposes
    ]
