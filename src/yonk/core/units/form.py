"""The finished outline of a piece that is cut by a template, exactly: what such a piece is known
by.
"""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass
from fractions import Fraction
from math import gcd, lcm

from yonk.core.drawing import Ring
from yonk.core.paper import Rational

Spots = tuple[tuple[tuple[Fraction, Fraction], ...], ...]


@dataclass(frozen=True, slots=True)
class TemplateForm:
    """An outline and its holes as whole numbers of the `over`-th part of a unit, in lowest terms,
    so that equal outlines are equal whatever they were counted in; nothing where there is none.
    There may be thousands, and fractions take long to compare.
    """

    rings: tuple[Ring, ...] = ()
    over: int = 1

    @staticmethod
    def of(rings: Iterable[Ring], steps: Rational) -> TemplateForm:
        """The form of rings that are counted in steps, so many to a unit.

        >>> TemplateForm.of([((0, 0), (2, 0), (0, 4))], 6)
        TemplateForm(rings=(((0, 0), (1, 0), (0, 2)),), over=3)
        """
        times, over = steps.denominator, steps.numerator
        found = tuple(rings)
        common = gcd(over, *[times * n for ring in found for spot in ring for n in spot])
        if times == common:  # counted so already, as most are
            return TemplateForm(found, over // common)
        told = tuple(
            [tuple([(x * times // common, y * times // common) for x, y in ring]) for ring in found]
        )
        return TemplateForm(told, over // common)

    @staticmethod
    def at(spots: Spots) -> TemplateForm:
        """The form with its corners at these spots, in units of length."""
        over = lcm(*(n.denominator for ring in spots for spot in ring for n in spot))
        rings = (tuple((int(x * over), int(y * over)) for x, y in ring) for ring in spots)
        return TemplateForm.of(rings, over)

    def __bool__(self) -> bool:
        return bool(self.rings)

    @property
    def spots(self) -> Spots:
        """The corners in units of length."""
        return tuple(
            tuple((Fraction(x, self.over), Fraction(y, self.over)) for x, y in ring)
            for ring in self.rings
        )

    @property
    def sides(self) -> tuple[Fraction, Fraction]:
        """The longer and the shorter side of its box, in units of length."""
        across, down = zip(*self.rings[0], strict=True)
        wide, high = max(across) - min(across), max(down) - min(down)
        return Fraction(max(wide, high), self.over), Fraction(min(wide, high), self.over)


NO_FORM = TemplateForm()
