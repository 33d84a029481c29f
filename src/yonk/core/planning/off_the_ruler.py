"""Off the ruler: plain pieces whose exact cut lies between two ruler marks, what that does, and the
ways out.
"""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass
from fractions import Fraction

from yonk.core.paper import Draft, Length, show, suffix_of
from yonk.core.planning.recipes import Recipe
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


def off_the_ruler(recipes: Iterable[Recipe], terms: Terms) -> list[OffTheRuler]:
    """The patches off the ruler by more than a hair, by letter."""
    found: dict[str, OffTheRuler] = {}
    for recipe in recipes:
        for need in recipe.needs:
            worst = worst_off(need, terms)
            if worst and (
                need.letter not in found or abs(float(worst.by)) > abs(float(found[need.letter].by))
            ):
                found[need.letter] = worst
    return [found[letter] for letter in sorted(found, key=lambda letter: (len(letter), letter))]


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


def in_words(off: OffTheRuler, draft: Draft, across: int) -> str:
    """What the quilter should know of a patch off the ruler; `across` is how many such lie in a
    row.
    """
    mark = suffix_of(draft.unit)
    by = abs(float(off.by))
    way = "larger" if off.by > 0 else "smaller"
    row = (
        f"; {across} in a row come out {by * across:.3f}{mark} {way}"
        if across > 1 and not off.corner
        else ""
    )
    exact = f"{float(off.exact):.3f}{mark}"
    what = f"A corner cut off patch {off.letter}" if off.corner else f"Patch {off.letter}"
    return (
        f"{what} is {exact} exactly and {show(off.on_ruler, draft.unit)} on the ruler, "
        f"{by:.3f}{mark} {way}{row}."
    )
