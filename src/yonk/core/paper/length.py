"""Exact lengths.

A drafted length is a `Fraction`. Where a piece stands on point a square root of two enters;
`Length` carries it exactly as ``rational + root·√2``, so that rounding up to a ruler mark never
depends on binary floats.
"""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction
from functools import total_ordering
from math import gcd, isqrt

Rational = Fraction | int


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
        return f"{float(self):.4f}" if self.root else str(self.rational)


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
