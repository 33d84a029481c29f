"""The least and the most of every number that a file or a request can bring, named once; of
settings in `settings`.

Wide enough for whatever is sewn, narrow enough that no number alone makes work without end.
"""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction
from typing import Literal

from yonk.core.paper.measure import LengthError, read_in, show, write_mixed
from yonk.core.paper.messages import Message, Text, message

LengthUnit = Literal["in", "cm"]
INCH = Fraction(254, 100)  # centimetres
LengthField = Literal[
    "finished",
    "line",
    "cloth",
    "place",
    "spread",
    "seam_error",
    "tolerance",
    "strip",
    "seam",
    "measured",
    "cloth_seen",
]
NumberField = Literal["proportion"]
CountField = Literal[
    "blocks",
    "blocks_of_a_colouring",
    "lines",
    "seams",
    "colourings",
    "pieces_on_hand",
    "pieces_on_the_shelf",
    "revision",
    "batch",
    "choices",
    "taken_back",
    "notes",
    "photos",
    "trials",
    "quilt_lines",
    "more_squares",
    "spread_rules",
    "seed",
    "quilt_blocks",
    "borders",
    "fabrics",
    "labels",
    "quilt_parts",
    "more_lots",
    "cloth_pictures",
]


@dataclass(frozen=True)
class Bound:
    """The least and the most that a number may be."""

    least: Fraction
    most: Fraction

    def fault(self, value: Fraction, unit: LengthUnit | None = None) -> Message | None:
        """What is wrong with a value and would mend it, or nothing; lengths are told in their
        unit.
        """

        def shown(number: Fraction) -> Text:
            return show(number, unit) if unit else write_mixed(number)

        if value < self.least:
            nothing = self.least > 0 and value <= 0
            return (
                message("must-be-more-than-nothing")
                if nothing
                else message("is-less-than-take-more", least=shown(self.least))
            )
        return (
            message("is-more-than-take-less", most=shown(self.most)) if value > self.most else None
        )


def _bound(least: str, most: str) -> Bound:
    return Bound(Fraction(least), Fraction(most))


LENGTHS: dict[LengthUnit, dict[LengthField, Bound]] = {
    "in": {
        "finished": _bound("1/8", "1000"),
        "line": _bound("1/1000", "1000"),
        "cloth": _bound("1/4", "4000"),
        "place": _bound("0", "1000"),
        "spread": _bound("0", "1"),
        "seam_error": _bound("-1/4", "1/4"),
        "tolerance": _bound("1/1000", "2"),
        "strip": _bound("1/4", "20"),
        "seam": _bound("1/64", "2"),
        "measured": _bound("1/64", "1500"),
        "cloth_seen": _bound("1/2", "80"),  # from a scrap to the width of a bolt, and some more
    },
    "cm": {
        "finished": _bound("1/4", "2500"),
        "line": _bound("1/400", "2500"),
        "cloth": _bound("1/2", "10000"),
        "place": _bound("0", "2500"),
        "spread": _bound("0", "5/2"),
        "seam_error": _bound("-3/5", "3/5"),
        "tolerance": _bound("1/400", "5"),
        "strip": _bound("1/2", "50"),
        "seam": _bound("1/20", "5"),
        "measured": _bound("1/40", "4000"),
        "cloth_seen": _bound("127/100", "1016/5"),  # the same: a block changes its unit with them
    },
}
NUMBERS: dict[NumberField, Bound] = {
    "proportion": _bound("1/1000000", "1000000"),
}
COUNTS: dict[CountField, tuple[int, int]] = {
    "blocks": (1, 1000),
    "blocks_of_a_colouring": (0, 1000),
    "lines": (1, 64),
    "seams": (0, 20_000),
    "colourings": (0, 12),
    "pieces_on_hand": (1, 10_000),
    "pieces_on_the_shelf": (1, 999),
    "revision": (1, 2**31 - 1),
    "batch": (1, 1000),
    "choices": (0, 10_000),
    "cloth_pictures": (0, 1000),
    "taken_back": (0, 99),
    "notes": (0, 1000),
    "photos": (0, 60),
    "trials": (0, 20),  # nobody sews more before the rest
    "quilt_lines": (1, 100),
    "quilt_blocks": (1, 60),
    "borders": (0, 9),
    "fabrics": (0, 200),
    "labels": (0, 12),
    "quilt_parts": (0, 10_000),
    "more_lots": (0, 50),
    "more_squares": (0, 100),
    "spread_rules": (0, 20),
    "seed": (0, 9_999),
}


def length_fault(value: Fraction, field: LengthField, unit: LengthUnit) -> Message | None:
    """What is wrong with a length in a field.

    Args:
        value: the length, in `unit`.
        field: which field it is for; each has its least and its most.

    Returns: what is wrong and would mend it, or nothing.

    >>> length_fault(Fraction(2000), "finished", "in").code
    'is-more-than-take-less'
    """
    return LENGTHS[unit][field].fault(value, unit)


def convert(length: Fraction, unit: LengthUnit, to: LengthUnit) -> Fraction:
    """A length in another unit, exactly.

    >>> convert(Fraction(1, 4), "in", "cm")
    Fraction(127, 200)
    """
    if unit == to:
        return length
    return length * INCH if to == "cm" else length / INCH


def number_fault(value: Fraction, field: NumberField) -> Message | None:
    """What is wrong with a bare number in a field, or nothing."""
    return NUMBERS[field].fault(value)


def count_fault(value: int, field: CountField) -> Message | None:
    """What is wrong with a count in a field, or nothing."""
    least, most = COUNTS[field]
    return None if least <= value <= most else message("must-be-from-to", least=least, most=most)


def typed(text: str, field: LengthField | NumberField, unit: LengthUnit) -> Fraction:
    """A length or number as typed into a field. Raises `LengthError` where it is none or out of
    bounds.
    """
    value = read_in(text, unit)
    fault = (
        number_fault(value, field) if field == "proportion" else length_fault(value, field, unit)
    )
    if fault:
        raise LengthError(fault)
    return value
