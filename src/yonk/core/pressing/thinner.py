"""Of equal pressings the one with the fewest layers.

Few choices are tried in every combination, many one by one; the layers of a pressing take long to
count, so no more than some are.
"""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import replace
from itertools import islice, product

from yonk.core.pressing.pressed import Pressing, PressingWishes, press, pressed_so
from yonk.core.pressing.thickness import layers, thick_places
from yonk.core.pressing.wishes import Wishes

FEW = 10  # choices that are tried in every combination
MOST_COUNTED = 24  # pressings of which the layers are counted
_MOST_PATCHES = 144  # of a block whose pressings are compared; of a larger one each takes too long


def press_thin(wanted: Wishes, asked: PressingWishes, seam: float, scale: float) -> Pressing:
    """The best pressing of a block under the wishes in their order, and of equal ones the thinnest:
    the fewest layers at the thickest place, then the fewest at the ends of all seams together.

    Args:
        seam: the seam allowance in the draft's unit.
        scale: lattice steps in a unit.
    """
    made = press(wanted, asked)
    if made.chosen is None or len(wanted.joining.faces) > _MOST_PATCHES:
        return made

    def thickness(one: Pressing) -> tuple[int, int]:
        cloth = layers(wanted.joining, one, wanted.meetings, seam, scale)
        counts = [place.layers for place in thick_places(wanted.joining, cloth, seam, scale)]
        return max(counts, default=0), sum(counts)

    best, least = made, None
    for sides in islice(_equal(made, asked), MOST_COUNTED):
        if least is None:
            least = thickness(made)
        chosen = replace(made.chosen, sides=tuple(sides))
        other = pressed_so(wanted, asked, replace(made, chosen=chosen))
        found = thickness(other)
        if found < least:
            best, least = other, found
    return best


def _equal(made: Pressing, asked: PressingWishes) -> Iterator[tuple[int, ...]]:
    """Other choices that cost the same by every wish."""
    assert made.chosen is not None
    sides = made.chosen.sides
    by_hand = {made.choices.of_join[join] for join in asked.fixed or {}}
    free = [one for one in range(len(sides)) if one not in by_hand]
    costs = dict(made.chosen.costs)
    tried = _every(sides, free) if len(free) <= FEW else _one_by_one(sides, free)
    for other in tried:
        if other != sides and all(wish.cost(other) == costs[wish.name] for wish in made.wishes):
            yield other


def _every(sides: Sequence[int], free: Sequence[int]) -> Iterator[tuple[int, ...]]:
    for turned in product((0, 1), repeat=len(free)):
        other = list(sides)
        for one, turn in zip(free, turned, strict=True):
            other[one] ^= turn
        yield tuple(other)


def _one_by_one(sides: Sequence[int], free: Sequence[int]) -> Iterator[tuple[int, ...]]:
    for one in free:
        yield tuple(side ^ (number == one) for number, side in enumerate(sides))
