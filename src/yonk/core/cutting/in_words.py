"""The cutting in words, for screens and paper alike."""

from __future__ import annotations

from collections import Counter
from collections.abc import Sequence
from fractions import Fraction

from yonk.core.cutting.cloth import ClothPlan, StripCut
from yonk.core.cutting.cuts import Cut
from yonk.core.draft import Unit
from yonk.core.measure import Length, show, write_mixed
from yonk.core.recipes import Recipe
from yonk.core.units import BY_NAME
from yonk.core.units.needs import Hand, Lie, Listed

FURTHER = {
    "none": "",
    "one-diagonal": "then cut each once on the diagonal",
    "both-diagonals": "then cut each on both diagonals",
}


def size(width: Length | Fraction, height: Length | Fraction, unit: Unit) -> str:
    """``3 1⁄2″`` for a square, else ``4″ × 2″``."""
    wide, high = Length.of(width), Length.of(height)
    return show(wide, unit) if wide == high else f"{show(wide, unit)} × {show(high, unit)}"


def cut_size(cut: Cut, unit: Unit) -> str:
    """A cut's size."""
    if cut.shape == "strip":
        return f"{show(cut.height, unit)} × {show(cut.width, unit)} long"
    return size(cut.width, cut.height, unit)


def cut_shape(cut: Cut) -> str:
    """What is cut, one or more of it."""
    return f"{cut.shape}{'' if cut.count == 1 else 's'}"


def further(cut: Cut, unit: Unit) -> str:
    """How a cut is cut further, and which way where that matters."""
    what = cut.what
    if cut.rotary:
        return f"from {cut.rotary.words}"
    if what.corners_off:
        return (
            f"then cut off {_listed([_corner(place, off, unit) for place, off in enumerate(what.corners_off) if off])}"
        )
    words = FURTHER[what.subcut] + (f", {diagonal(what.hand, what.lie)}" if what.hand else "")
    lie = LYING[what.lie] if what.lie else ""
    return "; ".join(part for part in (lie, words) if part)


CORNERS = ("top left", "top right", "bottom right", "bottom left")
LYING = {"stands": "longer side the way the print points", "lies": "longer side across the print"}
RISING: dict[Hand, str] = {"right": "from bottom left to top right", "left": "from top left to bottom right"}


def diagonal(hand: Hand, lie: Lie | None) -> str:
    """Which way a diagonal is cut, right side of the cloth up."""
    how = "the print upright" if lie else "longer side across"
    return f"{RISING[hand]}, right side up, {how}"


def _corner(place: int, off: Fraction, unit: Unit) -> str:
    return f"the {CORNERS[place]} corner, {show(off, unit)} along each side"


def _listed(said: Sequence[str]) -> str:
    return said[0] if len(said) == 1 else f"{', '.join(said[:-1])} and {said[-1]}"


def told(what: Listed, amount: int, name: str, unit: Unit) -> str:
    """So much of a cut in words; `name` is its fabric's: ``6 of Peat square 8″``."""
    if what.shape == "strip":
        return f"{amount} segment{'' if amount == 1 else 's'} of {name} strip {show(what.height, unit)} wide"
    way = f", cut {RISING[what.hand]}" if what.hand else ""
    return f"{amount} of {name} {what.shape} {size(what.width, what.height, unit)}{way}"


def purposes(cut: Cut, recipes: Sequence[Recipe]) -> list[str]:
    """What a cut is for: letter, kind and label of each unit."""
    kinds = {recipe.group.label: recipe.group.kind for recipe in recipes}
    return [f"{one.letter}, {BY_NAME[kinds[one.units[0]]].words} {' and '.join(one.units)}" for one in cut.purposes]


def strips_of(number: int, cloth: ClothPlan, unit: Unit) -> str:
    """From which strips a line is cut: ``2 strips 4 7⁄8″``."""
    heights: Counter[Fraction] = Counter()
    for layout in cloth.layouts:
        for strip in layout.strips:
            if any(line == number for line, _, _, _ in strip.crosscuts):
                heights[strip.height] += 1
    return ", ".join(
        f"{count} strip{'' if count == 1 else 's'} {show(height, unit)}" for height, count in heights.items()
    )


def strip_words(strip: StripCut, unit: Unit) -> str:
    """A strip and what is crosscut from it."""
    said = [f"{count} of {size(max(w, h), min(w, h), unit)}" for _, w, h, count in strip.crosscuts]
    return f"{show(strip.height, unit)} strip: {', '.join(said)}"


def bought(length: Fraction, unit: Unit) -> str:
    """A length of cloth as it is sold: ``5⁄8 yd``, ``30 cm``, ``1.2 m``."""
    if not length:
        return "nothing"
    if unit == "in":
        return f"{write_mixed(length / 36).replace('/', '⁄')} yd"
    return f"{float(length / 100):g} m" if length >= 100 else f"{float(length):g} cm"


def fat_quarters(count: int | None) -> str:
    """So many fat quarters; nothing where they would not do."""
    return f"{count} fat quarter{'' if count == 1 else 's'}" if count else ""
