"""Cloth and strips in words, for screens and paper alike."""

from __future__ import annotations

from collections import Counter
from fractions import Fraction

from yonk.core.cutting.cloth import ClothPlan, StripCut
from yonk.core.paper import (
    Decimal,
    LengthUnit,
    Message,
    Several,
    Text,
    listed,
    message,
    show,
    write_mixed,
)
from yonk.core.planning import cut_size_words


def strips_of(number: int, cloth: ClothPlan, unit: LengthUnit) -> Several:
    """From which strips a line is cut: ``2 strips 4 7⁄8″``."""
    heights: Counter[Fraction] = Counter()
    for layout in cloth.layouts:
        for strip in layout.strips:
            if any(line == number for line, _, _, _ in strip.crosscuts):
                heights[strip.height] += 1
    return listed(
        (
            message("so-many-strips", count=count, height=show(height, unit))
            for height, count in heights.items()
        ),
        "comma",
    )


def strip_words(strip: StripCut, unit: LengthUnit) -> Message:
    """A strip and what is crosscut from it."""
    cut = [
        message("so-many-of", count=count, size=cut_size_words(max(w, h), min(w, h), unit))
        for _, w, h, count in strip.crosscuts
    ]
    return message("strip-and-its-cuts", height=show(strip.height, unit), cut=listed(cut, "comma"))


def bought(length: Fraction, unit: LengthUnit) -> Message:
    """A length of cloth as it is sold: in yards, centimetres or metres.

    Args:
        length: in `unit`.
    """
    if not length:
        return message("bought-nothing")
    if unit == "in":
        return message("bought-yards", length=write_mixed(length / 36).replace("/", "⁄"))
    if length >= 100:
        return message("bought-metres", length=Decimal(float(length / 100), 4))
    return message("bought-centimetres", length=Decimal(float(length), 4))


def fat_quarters(count: int | None) -> Text:
    """So many fat quarters; nothing where they would not do."""
    return message("fat-quarters", count=count) if count else ""
