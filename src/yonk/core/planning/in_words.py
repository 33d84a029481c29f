"""The cutting in words, for screens and paper alike."""

from __future__ import annotations

from collections.abc import Sequence
from fractions import Fraction

from yonk.core.paper import (
    Fabric,
    Length,
    LengthUnit,
    Measure,
    Message,
    Text,
    listed,
    mark_the_wrong_side,
    message,
    show,
    show_size,
)
from yonk.core.planning.cuts import Cut
from yonk.core.planning.recipes import Recipe
from yonk.core.units import CutKey, Hand, PrintOrientation


def cut_size_words(
    width: Length | Fraction, height: Length | Fraction, unit: LengthUnit
) -> Measure:
    """A size for people: one length for a square.

    Args:
        width, height: in `unit`.

    >>> half = Fraction(7, 2)
    >>> len(cut_size_words(half, half, "in").sides)
    1
    >>> len(cut_size_words(half, Fraction(2), "in").sides)
    2
    """
    wide, high = Length.of(width), Length.of(height)
    return show(wide, unit) if wide == high else show_size(wide, high, unit)


def note_on_fabric(fabric: Fabric) -> Text:
    """What is to be done with every piece of a fabric; nothing for most."""
    return mark_the_wrong_side(fabric) if fabric.right_side == "hard-to-see" else ""


def cut_size(cut: Cut, unit: LengthUnit) -> Text:
    """A cut's size; of a strip set that of its strips as they are cut across the cloth."""
    if cut.shape == "strip":
        return listed((show(cut.height, unit), show(cut.strips[0][0], unit)), "times")
    return cut_size_words(cut.width, cut.height, unit)


def cut_shape(cut: Cut) -> Message:
    """What is cut, one or more of it."""
    return _many(cut.shape, cut.pieces_cut)


def cut_words(shape: str, count: int) -> Message:
    """What is cut, before its size, so that no cut size is taken for a finished one."""
    return message("shapes-cut", shapes=_many(shape, count))


def _many(shape: str, count: int) -> Message:
    return message("shapes", shape=shape, count=count)


def further(cut: Cut, unit: LengthUnit) -> Text:
    """How a cut is cut further, and which way where that matters; empty where it is not."""
    what = cut.what
    if cut.segment:
        return _segments(cut, cut.segment, unit)
    if cut.rotary:
        return message("cut-from", rotary=cut.rotary.words)
    if what.corners_off:
        off = [
            _corner(place, cut_off, unit)
            for place, cut_off in enumerate(what.corners_off)
            if cut_off
        ]
        return message("then-cut-off", off=listed(off))
    parts: list[Text] = []
    if what.lie:
        parts.append(message("print-lies", lie=what.lie))
    if what.subcut != "none":
        cut_on = message("then-cut-each", subcut=what.subcut)
        way = diagonal(what.hand, what.lie) if what.hand else None
        parts.append(listed((cut_on, way), "comma") if way else cut_on)
    return listed(parts, "semicolon") if parts else ""


def _segments(cut: Cut, segment: Fraction, unit: LengthUnit) -> Message:
    """What a strip set is cut across into; what its last strips need not be longer than."""
    *_, (last, count) = cut.strips
    size = show(segment, unit)
    if len(cut.strips) == 1:
        return message("strip-set-cut-into", count=cut.segments, size=size)
    long = show(last, unit)
    return message("strip-set-last-short", count=cut.segments, size=size, strips=count, long=long)


CORNERS = ("top-left", "top-right", "bottom-right", "bottom-left")


def diagonal(hand: Hand, lie: PrintOrientation | None) -> Message:
    """Which way a diagonal is cut, right side of the cloth up.

    Args:
        hand: `right` rises to the right as the piece lies.
        lie: of a print with a direction, how its longer side lies; without it that is laid across.
    """
    return message("diagonal-cut", hand=hand, laid="print" if lie else "across")


def _corner(place: int, off: Fraction, unit: LengthUnit) -> Message:
    return message("corner-cut-off", corner=CORNERS[place], off=show(off, unit))


def cut_in_words(what: CutKey, amount: int, name: Text, unit: LengthUnit) -> Message:
    """So much of a cut; `name` is its fabric's: ``6 Peat squares 8″``."""
    if what.shape == "strip":
        return message(
            "segments-of-a-strip", count=amount, fabric=name, height=show(what.height, unit)
        )
    return message(
        "so-many-cuts",
        count=amount,
        fabric=name,
        shapes=_many(what.shape, amount),
        size=cut_size_words(what.width, what.height, unit),
        finished="yes" if what.form else "no",
        hand=what.hand or "none",
    )


def purposes(cut: Cut, recipes: Sequence[Recipe]) -> list[Text]:
    """What a cut is for: letter, kind and label of each unit; in its own words where of none."""
    words = {recipe.group.label: recipe.group.words for recipe in recipes}
    return [
        message(
            "purpose-of-a-cut",
            letter=one.letter,
            kind=words[one.units[0]],
            units=listed(one.units, "each-and"),
        )
        if one.units
        else one.role
        for one in cut.purposes
    ]
