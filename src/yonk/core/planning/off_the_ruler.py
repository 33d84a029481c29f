"""Off the ruler: plain pieces whose exact cut lies between two ruler marks, what that does, and the
ways out.
"""

from __future__ import annotations

from collections.abc import Iterable

from yonk.core.paper import Draft, show, suffix_of
from yonk.core.planning.recipes import Recipe
from yonk.core.planning.to_the_ruler import OffTheRuler, worst_off
from yonk.core.units import Terms


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
