"""Lengths as people type them and as files hold them."""

from __future__ import annotations

import re
from fractions import Fraction
from functools import lru_cache

from yonk.core.paper.errors import MessageError
from yonk.core.paper.length import Length, Rational
from yonk.core.paper.messages import Measure, message

VULGAR = {
    "½": "1/2",
    "¼": "1/4",
    "¾": "3/4",
    "⅓": "1/3",
    "⅔": "2/3",
    "⅕": "1/5",
    "⅖": "2/5",
    "⅗": "3/5",
    "⅘": "4/5",
    "⅙": "1/6",
    "⅚": "5/6",
    "⅛": "1/8",
    "⅜": "3/8",
    "⅝": "5/8",
    "⅞": "7/8",
}
_UNIT_MARK = re.compile(r"\s*(?:\"|″|”|''|in|inch|inches|cm)\s*$", re.IGNORECASE)
_DECIMAL = re.compile(r"(\d+)(?:[.,](\d+))?|[.,](\d+)")
_FRACTION = re.compile(r"(?:(\d+)(?:\s+|\s*-\s*))?(\d+)\s*/\s*(\d+)")

LONGEST_TEXT = 40  # no length is written longer
MINUS = "\u2212"
FINEST = 10**9  # a length that is told finer than its billionth part is a slip


class LengthError(MessageError):
    """A text that cannot be read as a length. The message says what would mend it."""


@lru_cache(maxsize=65536)
def read_length(text: str) -> Fraction:
    """Read a length as people type it.

    Args:
        text: ``9``, ``4.875``, ``12,4``, ``39/8``, ``4 7/8``, ``4-7/8``, ``4⅞``, any of
        them with an inch
            mark or ``cm`` behind; the unit is the draft's, whatever the mark.

    Returns: the exact length, in the draft's unit.

    Raises: `LengthError` for anything else, also for ``1,234``, which could mean a thousand.

    >>> read_length('4-7/8"'), read_length("4⅞"), read_length("12,5 cm")
    (Fraction(39, 8), Fraction(39, 8), Fraction(25, 2))
    """
    plain = _UNIT_MARK.sub("", text[: LONGEST_TEXT + 1]).replace("⁄", "/").strip()
    plain = plain.replace(MINUS, "-")
    if len(text) > LONGEST_TEXT:
        raise LengthError(message("length-has-many-signs", most=LONGEST_TEXT))
    for sign, spelled in VULGAR.items():
        plain = plain.replace(sign, f" {spelled}")
    plain = plain.strip().replace("- ", "-")
    if not plain:
        raise LengthError(message("length-is-empty"))
    if re.fullmatch(r"\d{1,3}(,\d{3})+", plain) and not plain.startswith("0"):
        raise LengthError(message("length-could-be-a-thousand", text=text))
    length = _number(plain, text)
    if length.denominator > FINEST:
        raise LengthError(message("length-is-too-fine"))
    return length


def read_in(text: str, unit: str) -> Fraction:
    """The same where a unit is meant. Raises `LengthError` also for the mark of the other one."""
    found = _UNIT_MARK.search(text)
    marked = "" if not found else "cm" if found.group().strip().lower() == "cm" else "in"
    if marked and marked != unit:
        raise LengthError(message("length-has-the-other-mark", marked=marked, unit=unit))
    return read_length(text)


def _number(plain: str, text: str) -> Fraction:
    decimal = _DECIMAL.fullmatch(plain)
    if decimal:
        return Fraction(plain.replace(",", "."))
    fraction = _FRACTION.fullmatch(plain)
    if not fraction:
        raise LengthError(message("length-cannot-be-read", text=text))
    whole, over, under = (int(part or 0) for part in fraction.groups())
    if under == 0:
        raise LengthError(message("length-divides-by-nothing", text=text))
    return whole + Fraction(over, under)


def write_exact(length: Rational) -> str:
    """A rational as plans and block files hold it, in lowest terms.

    >>> write_exact(Fraction(78, 16))
    '39/8'
    """
    return str(length)


def write_mixed(length: Rational) -> str:
    """A rational as a mixed number, as rulers are read.

    >>> write_mixed(Fraction(39, 8)), write_mixed(Fraction(7, 8)), write_mixed(Fraction(3))
    ('4 7/8', '7/8', '3')
    """
    value = Fraction(length)
    whole, over = divmod(abs(value.numerator), value.denominator)
    parts = ([str(whole)] if whole or not over else []) + (
        [f"{over}/{value.denominator}"] if over else []
    )
    return ("-" if value < 0 else "") + " ".join(parts)


def write_typed(length: Rational, unit: str) -> str:
    """A length as a person would type it.

    Args:
        length: in `unit`.
        unit: ``in`` for a mixed number, ``cm`` for a decimal where that is exact.

    >>> write_typed(Fraction(39, 8), "in"), write_typed(Fraction(31, 4), "cm")
    ('4 7/8', '7.75')
    """
    decimal = f"{float(length):.4f}".rstrip("0").rstrip(".")
    return decimal if unit == "cm" and Fraction(decimal) == length else write_mixed(length)


def suffix_of(unit: str) -> str:
    """What stands behind a number of a unit."""
    return "″" if unit == "in" else " cm"


def show(length: Length | Rational, unit: str) -> Measure:
    """A length for people, as a ruler is read."""
    return Measure((length,), unit)


def show_size(width: Length | Rational, height: Length | Rational, unit: str) -> Measure:
    """A width and a height for people, as `show` has them."""
    return Measure((width, height), unit)


def show_exact(length: Length | Rational, unit: str) -> Measure:
    """A length for people as exact as decimals tell it, for the working of a number."""
    return Measure((length,), unit, exact=True)
