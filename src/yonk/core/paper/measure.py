"""Exact lengths: reading them as people type them, rounding them to a ruler, writing them down.

A drafted length is a `Fraction`. Where a piece stands on point a square root of two enters;
`Length` carries it exactly as ``rational + root·√2``, so that rounding up to a ruler mark never
depends on binary floats.
"""

from __future__ import annotations

import re
from dataclasses import dataclass
from fractions import Fraction
from functools import lru_cache, total_ordering
from math import gcd, isqrt

from yonk.core.paper.errors import MessageError

Rational = Fraction | int

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
        raise LengthError(f"is longer than {LONGEST_TEXT} characters; write a length such as 4 7/8")
    for sign, spelled in VULGAR.items():
        plain = plain.replace(sign, f" {spelled}")
    plain = plain.strip().replace("- ", "-")
    if not plain:
        raise LengthError("is empty; write a length such as 9, 4 7/8 or 4.875")
    if re.fullmatch(r"\d{1,3}(,\d{3})+", plain) and not plain.startswith("0"):
        raise LengthError(
            f"“{text}” could mean a thousand or a decimal; write it with a point, such as 1.234"
        )
    length = _number(plain, text)
    if length.denominator > FINEST:
        raise LengthError("is told finer than any ruler; round it to a few places")
    return length


def read_in(text: str, unit: str) -> Fraction:
    """The same where a unit is meant. Raises `LengthError` also for the mark of the other one."""
    found = _UNIT_MARK.search(text)
    marked = "" if not found else "cm" if found.group().strip().lower() == "cm" else "in"
    if marked and marked != unit:
        raise LengthError(f"is marked {marked}, but {unit} is meant here; write the number alone")
    return read_length(text)


def _number(plain: str, text: str) -> Fraction:
    decimal = _DECIMAL.fullmatch(plain)
    if decimal:
        return Fraction(plain.replace(",", "."))
    fraction = _FRACTION.fullmatch(plain)
    if not fraction:
        raise LengthError(f"“{text}” is not a length; write it as 9, 4 7/8, 4.875 or 39/8")
    whole, over, under = (int(part or 0) for part in fraction.groups())
    if under == 0:
        raise LengthError(f"“{text}” divides by nothing; write it as 9, 4 7/8, 4.875 or 39/8")
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


@lru_cache(maxsize=4096)
def show(length: Length | Rational, unit: str) -> str:
    """A length for people, with its unit; the fraction slash sets as a true fraction. One that no
    ruler has is told to the nearest mark that is read at a glance, the exact one behind it.

    Args:
        length: in `unit`.

    Returns: ``4 7⁄8″`` or ``12.4 cm``; else ``about 4 1⁄4″ (4.243)``.

    >>> show(Fraction(39, 8), "in"), show(Fraction(62, 5), "cm"), show(3 * ROOT_2, "in")
    ('4 7⁄8″', '12.4 cm', 'about 4 1⁄4″ (4.243)')
    """
    if is_told_exactly(length, unit):
        return show_exact(length, unit)
    return f"about {_at_a_glance(length, unit)} ({_decimal(length)})"


def show_size(width: Length | Rational, height: Length | Rational, unit: str) -> str:
    """A width and a height for people, as `show` has them.

    >>> show_size(Fraction(4), Fraction(2), "in"), show_size(3 * ROOT_2, 4 * ROOT_2, "in")
    ('4″ × 2″', 'about 4 1⁄4″ × 5 5⁄8″ (4.243 × 5.657)')
    """
    sides = width, height
    if all(is_told_exactly(one, unit) for one in sides):
        return " × ".join(show_exact(one, unit) for one in sides)
    near = " × ".join(
        show_exact(one, unit) if is_told_exactly(one, unit) else _at_a_glance(one, unit)
        for one in sides
    )
    return f"about {near} ({' × '.join(map(_decimal, sides))})"


FINEST_TOLD = 64  # a fraction finer than any ruler's is no number that can be read
AT_A_GLANCE = {"in": Fraction(1, 8), "cm": Fraction(1, 10)}  # marks that are read without counting


def is_told_exactly(length: Length | Rational, unit: str) -> bool:
    """Whether a length is a number that a person reads: no root, in inches no fraction finer than
    a ruler's, in centimetres no more than three decimals.
    """
    exact = Length.of(length)
    if exact.root:
        return False
    if unit == "in":
        return exact.rational.denominator <= FINEST_TOLD
    return (exact.rational * 1000).denominator == 1


def _at_a_glance(length: Length | Rational, unit: str) -> str:
    return show_exact(Length.of(length).nearest(AT_A_GLANCE[unit]), unit)


def _decimal(length: Length | Rational) -> str:
    digits = f"{float(Length.of(length)):.3f}".rstrip("0").rstrip(".")
    return digits.replace("-", MINUS)


@lru_cache(maxsize=4096)
def show_exact(length: Length | Rational, unit: str) -> str:
    """A length for people as exact as decimals tell it, for the working of a number.

    Args:
        length: in `unit`.

    Returns: ``4 7⁄8″`` or ``12.4 cm``; a length that is no such number is marked ``≈``.

    >>> show_exact(Fraction(39, 8), "in"), show_exact(3 * ROOT_2, "in")
    ('4 7⁄8″', '≈ 4.243″')
    """
    exact = length.rational if isinstance(length, Length) and not length.root else length
    if isinstance(exact, Length):
        return f"≈ {_decimal(exact)}{suffix_of(unit)}"
    if unit == "in":
        return write_mixed(exact).replace("/", "⁄").replace("-", MINUS) + suffix_of(unit)
    digits = _decimal(exact)
    told = "" if Fraction(digits.replace(MINUS, "-")) == exact else "≈ "
    return told + digits + suffix_of(unit)


@total_ordering
@dataclass(frozen=True, slots=True, eq=False)
class Length:
    """An exact length ``rational + root·√2`` in the draft's unit."""

    rational: Fraction
    root: Fraction = Fraction(0)

    @staticmethod
    def of(value: Length | Rational) -> Length:
        """The same length as a `Length`."""
        return value if isinstance(value, Length) else Length(Fraction(value))

    def __add__(self, other: Length | Rational) -> Length:
        there = Length.of(other)
        return Length(self.rational + there.rational, self.root + there.root)

    __radd__ = __add__

    def __neg__(self) -> Length:
        return Length(-self.rational, -self.root)

    def __sub__(self, other: Length | Rational) -> Length:
        return self + -Length.of(other)

    def __mul__(self, other: Length | Rational) -> Length:
        there = Length.of(other)
        return Length(
            self.rational * there.rational + 2 * self.root * there.root,
            self.rational * there.root + self.root * there.rational,
        )

    __rmul__ = __mul__

    def __truediv__(self, other: Rational) -> Length:
        return Length(self.rational / other, self.root / other)

    def __eq__(self, other: object) -> bool:
        if not isinstance(other, Length | Fraction | int):
            return NotImplemented
        there = Length.of(other)
        return self.rational == there.rational and self.root == there.root

    def __hash__(self) -> int:
        return hash((self.rational, self.root)) if self.root else hash(self.rational)

    def __lt__(self, other: object) -> bool:
        if not isinstance(other, Length | Fraction | int):
            return NotImplemented
        return (self - other).floor() < 0

    def __float__(self) -> float:
        return float(self.rational) + float(self.root) * 2**0.5

    def floor(self) -> int:
        """The greatest whole number that is not greater."""
        under = self.rational.denominator * self.root.denominator
        under //= gcd(self.rational.denominator, self.root.denominator)
        square = 2 * int(self.root * under) ** 2
        root = isqrt(square) if self.root >= 0 else -isqrt(square - 1) - 1
        return (int(self.rational * under) + root) // under

    def up(self, step: Fraction) -> Fraction:
        """The smallest multiple of the ruler's `step` that is not smaller."""
        if not self.root:  # most lengths are; thousands of them are quicker by whole numbers
            over, under = step.denominator, step.numerator
            steps = -(-self.rational.numerator * over // (self.rational.denominator * under))
            return Fraction(steps * under, over)
        return -((-self) / step).floor() * step

    def nearest(self, step: Fraction) -> Fraction:
        """The nearest multiple of `step`; from half way up."""
        if not self.root:
            over, under = step.denominator, step.numerator
            double = 2 * self.rational.denominator * under
            steps = (2 * self.rational.numerator * over + double // 2) // double
            return Fraction(steps * under, over)
        return (self / step + Fraction(1, 2)).floor() * step

    def write(self) -> str:
        """As a plan holds it: lowest terms, or a decimal to four places where a square root
        stays.
        """
        return f"{float(self):.4f}" if self.root else write_exact(self.rational)


ROOT_2 = Length(Fraction(0), Fraction(1))


def square_root(square: Fraction, digits: int = 40) -> Fraction:
    """The square root of a rational.

    Args:
        square: nothing or more.
        digits: how many decimal places are right where the root is not rational.

    Returns: the exact root where it is rational, else one that is less than a unit of the last
    place off.

    >>> square_root(Fraction(9, 16))
    Fraction(3, 4)
    """
    top, bottom = isqrt(square.numerator), isqrt(square.denominator)
    if top * top == square.numerator and bottom * bottom == square.denominator:
        return Fraction(top, bottom)
    scale = 10**digits
    return Fraction(
        isqrt(square.numerator * square.denominator * scale * scale), square.denominator * scale
    )
