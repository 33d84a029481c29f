"""How far a piece that goes to the nearest mark of the ruler is off it."""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction

from yonk.core.paper import Length
from yonk.core.units import Need, Terms


@dataclass(frozen=True)
class OffTheRuler:
    """One letter's patch off the ruler: its exact and its ruler cut along the worse side, in the
    draft's unit.
    """

    letter: str
    exact: Length
    on_ruler: Fraction
    corner: bool = False  # not the piece, but a corner cut off it

    @property
    def by(self) -> Length:
        """How much larger the ruler's cut is (smaller when negative)."""
        return -(self.exact - self.on_ruler)


def worst_off(need: Need, terms: Terms) -> OffTheRuler | None:
    """How far a piece that goes to the nearest ruler mark is off it.

    Args:
        need: its exact size.
        terms: the ruler, in the same unit.

    Returns: the side that is off most, or None when that is less than a hair.
    """
    if need.rounding != "nearest" or need.shape == "template":
        return None
    listed = need.rounded(terms.step)
    sides = zip((need.width, need.height), listed, strict=True)
    off = [
        OffTheRuler(need.letter, *side) for side in [*sides][1 if need.shape == "strip" else 0 :]
    ]
    off += [
        OffTheRuler(need.letter, one.exact, one.listed, corner=True)
        for one in need.corners_off
        if one
    ]
    worst = max(off, key=lambda one: abs(float(one.by)))
    return worst if worst.by > terms.hair or -worst.by > terms.hair else None
