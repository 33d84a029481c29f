"""Lengths and numbers for people: as a ruler is read, in the decimals of a language."""

from __future__ import annotations

from fractions import Fraction

from yonk.core.paper import MINUS, Decimal, Length, Measure, Rational, suffix_of, write_mixed
from yonk.words.language import DECIMAL_MARK, Language

FINEST_READ = 64  # a fraction finer than any ruler's is no number that can be read
AT_A_GLANCE = {"in": Fraction(1, 8), "cm": Fraction(1, 10)}  # marks that are read without counting


def is_read_exactly(length: Length | Rational, unit: str) -> bool:
    """Whether a length is a number that a person reads: no root, in inches no fraction finer than
    a ruler's, in centimetres no more than three decimals.
    """
    exact = Length.of(length)
    if exact.root:
        return False
    if unit == "in":
        return exact.rational.denominator <= FINEST_READ
    return (exact.rational * 1000).denominator == 1


def measure_exactly(measure: Measure, language: Language) -> str:
    """Each side as exact as decimals tell it; one that is no such number is marked ``≈``.

    >>> from yonk.core.paper import ROOT_2, show_exact
    >>> measure_exactly(show_exact(Fraction(39, 8), "in"), "en")
    '4 7⁄8″'
    >>> measure_exactly(show_exact(3 * ROOT_2, "in"), "en")
    '≈ 4.243″'
    """
    return " × ".join(_exactly(side, measure.unit, language) for side in measure.sides)


def measure_at_a_glance(measure: Measure, language: Language) -> tuple[str, str]:
    """Sides that no ruler has: to the nearest marks that are read at a glance, and as decimals.

    >>> from yonk.core.paper import ROOT_2, show
    >>> measure_at_a_glance(show(3 * ROOT_2, "in"), "de")
    ('4 1⁄4″', '4,243')
    """
    unit = measure.unit
    near = [
        side if is_read_exactly(side, unit) else Length.of(side).nearest(AT_A_GLANCE[unit])
        for side in measure.sides
    ]
    return (
        " × ".join(_exactly(side, unit, language) for side in near),
        " × ".join(decimals(float(Length.of(side)), 3, language) for side in measure.sides),
    )


def decimals(value: float, places: int, language: Language, *, fixed: bool = False) -> str:
    """A number with so many decimal places, at most or, `fixed`, exactly.

    >>> decimals(-4.5, 3, "de"), decimals(4.5, 2, "en", fixed=True)
    ('−4,5', '4.50')
    """
    digits = f"{value:.{places}f}"
    if places and not fixed:
        digits = digits.rstrip("0").rstrip(".")
    if not float(digits):
        digits = digits.removeprefix("-")  # nought has no sign
    return digits.replace("-", MINUS).replace(".", DECIMAL_MARK[language])


def number(decimal: Decimal, language: Language) -> str:
    """A number for people."""
    return decimals(decimal.value, decimal.places, language, fixed=decimal.fixed)


def _exactly(length: Length | Rational, unit: str, language: Language) -> str:
    exact = length.rational if isinstance(length, Length) and not length.root else length
    suffix = suffix_of(unit)
    if isinstance(exact, Length):
        return f"≈ {decimals(float(exact), 3, language)}{suffix}"
    if unit == "in":
        return write_mixed(exact).replace("/", "⁄").replace("-", MINUS) + suffix
    digits = f"{float(exact):.3f}"
    about = "" if Fraction(digits) == exact else "≈ "
    return about + decimals(float(exact), 3, language) + suffix
