"""Cloth and strips in words, for screens and paper alike."""

from __future__ import annotations

from collections import Counter
from fractions import Fraction

from yonk.core.cutting.cloth import ClothPlan, StripCut
from yonk.core.paper import LengthUnit, show, write_mixed
from yonk.core.planning import cut_size_words


def strips_of(number: int, cloth: ClothPlan, unit: LengthUnit) -> str:
    """From which strips a line is cut: ``2 strips 4 7⁄8″``."""
    heights: Counter[Fraction] = Counter()
    for layout in cloth.layouts:
        for strip in layout.strips:
            if any(line == number for line, _, _, _ in strip.crosscuts):
                heights[strip.height] += 1
    return ", ".join(
        f"{count} strip{'' if count == 1 else 's'} {show(height, unit)}"
        for height, count in heights.items()
    )


def strip_words(strip: StripCut, unit: LengthUnit) -> str:
    """A strip and what is crosscut from it."""
    said = [
        f"{count} of {cut_size_words(max(w, h), min(w, h), unit)}"
        for _, w, h, count in strip.crosscuts
    ]
    return f"{show(strip.height, unit)} strip: {', '.join(said)}"


def bought(length: Fraction, unit: LengthUnit) -> str:
    """A length of cloth as it is sold.

    Args:
        length: in `unit`; in inches it is told in yards.

    >>> bought(Fraction(45, 2), "in"), bought(Fraction(30), "cm"), bought(Fraction(120), "cm")
    ('5⁄8 yd', '30 cm', '1.2 m')
    """
    if not length:
        return "nothing"
    if unit == "in":
        return f"{write_mixed(length / 36).replace('/', '⁄')} yd"
    return f"{float(length / 100):g} m" if length >= 100 else f"{float(length):g} cm"


def fat_quarters(count: int | None) -> str:
    """So many fat quarters; nothing where they would not do.

    >>> fat_quarters(1), fat_quarters(3), fat_quarters(None)
    ('1 fat quarter', '3 fat quarters', '')
    """
    return f"{count} fat quarter{'' if count == 1 else 's'}" if count else ""
