"""Angled shapes cut from a strip by a ruler: how wide the strip is, how long the shape is along its
edge, and how its ends slant.

A patch whose raw edges are parallel to its finished ones reaches s·cot(θ/2) further at each end of
a side, θ being the angle there; a triangle grows about the middle of the circle inside it by
(r + s) / r, r being that circle's radius.

Source: angled shapes by ruler in `docs/units.md`.
"""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from fractions import Fraction
from math import atan2, degrees, hypot

from yonk.core.paper import Text, listed, message
from yonk.core.units.needs import Rotary, Terms

SideVector = tuple[int, int]


@dataclass(frozen=True)
class Slant:
    """How a cut slants: so many marks along the strip for so many across it, in lowest terms."""

    along: int
    across: int

    @property
    def angle(self) -> float:
        """Its angle to the strip's edge, in degrees."""
        return degrees(atan2(self.across, self.along))


def angled_cut(
    sides: Sequence[SideVector], unit: float, bases: Sequence[int], terms: Terms
) -> Rotary | None:
    """How a ruler cuts a shape at an angle.

    Args:
        sides: of a triangle or a shape with four sides, clockwise, as the frame counts them.
        unit: how long a step of the frame is, in the draft's unit.
        bases: the numbers of the sides that may lie along the strip, the best first.
        terms: her ruler and seam allowance.

    Returns: the strip's width and the length of the shape's longer edge along it, both on the
    ruler; nothing where one of them is off its marks by more than a hair, or an end slants
    otherwise than so many whole marks along for so many across.
    """
    for base in bases:
        found = _from_base(sides, unit, base, terms)
        if found:
            return found
    return None


def _from_base(sides: Sequence[SideVector], unit: float, base: int, terms: Terms) -> Rotary | None:
    seam = float(terms.seam)
    wide = [hypot(*side) * unit for side in sides]
    before, after = sides[base - 1], sides[(base + 1) % len(sides)]
    high = abs(_cross(sides[base], after)) / hypot(*sides[base]) * unit
    if len(sides) == 3:
        radius = wide[base] * high / sum(wide)
        grown = (radius + seam) / radius
        exact = high * grown, wide[base] * grown
    else:
        ends = _half_cotangent(before, sides[base]) + _half_cotangent(sides[base], after)
        exact = high + 2 * seam, wide[base] + seam * ends
    strip, along = (_on_a_mark(size, terms) for size in exact)
    slants = [*_slants(sides[base], before, after)]
    if strip is None or along is None or not all(_can_be_laid(one, strip, terms) for one in slants):
        return None
    return Rotary(strip, along, _words(strip, along, slants, terms), slants[0].angle)


def _half_cotangent(one: SideVector, other: SideVector) -> float:
    """cot(θ/2) of the angle between a side and the next, inside a shape told clockwise."""
    dot, cross = one[0] * other[0] + one[1] * other[1], _cross(one, other)
    return (hypot(*one) * hypot(*other) - dot) / cross


def _cross(one: SideVector, other: SideVector) -> int:
    return one[0] * other[1] - one[1] * other[0]


def _on_a_mark(exact: float, terms: Terms) -> Fraction | None:
    """The mark of the ruler that a length lies on; None where it lies between two."""
    mark = round(Fraction(exact) / terms.step) * terms.step
    return mark if mark > 0 and abs(float(mark) - exact) <= float(terms.hair) else None


def _slants(base: SideVector, before: SideVector, after: SideVector) -> Iterator[Slant]:
    for side in (before, after):
        ratio = Fraction(abs(base[0] * side[0] + base[1] * side[1]), abs(_cross(base, side)))
        yield Slant(ratio.numerator, ratio.denominator)


def _can_be_laid(slant: Slant, strip: Fraction, terms: Terms) -> bool:
    """Whether the strip is as wide as the marks that tell the slant, and the ruler as long."""
    return slant.across * terms.step <= strip and slant.along * terms.step <= max(
        one.sides[1] for one in terms.settings.all_rulers
    )


def _words(strip: Fraction, along: Fraction, slants: Sequence[Slant], terms: Terms) -> Text:
    said = listed(dict.fromkeys(_slant_words(one, strip, terms) for one in slants), "and")
    return message(
        "angled-from-a-strip", strip=terms.show(strip), along=terms.show(along), ends=said
    )


def _slant_words(slant: Slant, strip: Fraction, terms: Terms) -> Text:
    if slant.along == 0:
        return message("angled-end-square")
    if slant.along == slant.across:
        return message("angled-end-by-angle", angle="45")
    times = int(strip / (slant.across * terms.step))  # as far across as the strip allows
    return message(
        "angled-end-by-marks",
        along=terms.show(slant.along * times * terms.step),
        across=terms.show(slant.across * times * terms.step),
    )
