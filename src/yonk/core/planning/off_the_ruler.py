"""Off the ruler: plain pieces whose exact cut lies between two ruler marks, what that does, and the
ways out.
"""

from __future__ import annotations

from collections.abc import Iterable

from yonk.core.paper import (
    Decimal,
    Draft,
    Length,
    LengthUnit,
    Message,
    Text,
    listed,
    message,
    show,
    suffix_of,
)
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


def off_the_ruler_message(off: OffTheRuler, draft: Draft, across: int) -> Message:
    """What the quilter should know of a patch off the ruler; `across` is how many such lie in a
    row.
    """
    by = off.by if off.by > 0 else -off.by
    way = "larger" if off.by > 0 else "smaller"
    row = (
        message("off-in-a-row", across=across, by=_three_places(by * across, draft.unit), way=way)
        if across > 1 and not off.corner
        else ""
    )
    return message(
        "patch-off-the-ruler",
        part="corner" if off.corner else "patch",
        letter=off.letter,
        exact=_three_places(off.exact, draft.unit),
        on_ruler=show(off.on_ruler, draft.unit),
        by=_three_places(by, draft.unit),
        way=way,
        row=row,
    )


def _three_places(length: Length, unit: LengthUnit) -> Text:
    """A length to three decimals, so that what it is off by shows."""
    return listed((Decimal(float(length), 3, fixed=True), suffix_of(unit)), "nothing")
