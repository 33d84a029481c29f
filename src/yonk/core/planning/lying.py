"""How the units of a group lie in a block, for prints with a direction; and shares of them that are
made alike.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Sequence
from dataclasses import dataclass, replace

from yonk.core.paper import Draft
from yonk.core.planning.corners import NONE, CornerAngles, corner_of, turned_corners
from yonk.core.planning.reading import Reading, UnitGroup


@dataclass(frozen=True)
class GroupOrientation:
    """How the units of a group lie in the block, and where the prints of their patches must point;
    counts are over all blocks. This is the one model of how a print lies: lists, notices,
    proposals, comparisons and pictures ask it.

    `prints` are the fabrics with a direction and where they point, in quarters; `stripes` those of
    them that look the same upside down. `turns` counts the
    units by how far they are turned back from their place to the way their group is told;
    `symmetry` is in how many of the four ways a unit looks the same. `corners` counts the
    triangles of each letter and fabric by where their square corner, or their long edge, lies as
    the print points.
    """

    prints: tuple[tuple[str, int], ...] = ()
    turns: CornerAngles = NONE
    symmetry: int = 1
    corners: tuple[tuple[tuple[str, str], CornerAngles], ...] = ()
    stripes: frozenset[str] = frozenset()

    @property
    def only_stripes(self) -> bool:
        """Whether nothing shows which way up a unit is made."""
        return all(key in self.stripes for key, _ in self.prints)


def lying_of(
    group: UnitGroup, readings: Sequence[tuple[Reading, int]], prints: tuple[tuple[str, int], ...]
) -> GroupOrientation:
    """How the units of a group lie over all blocks; nothing is told without prints.

    Args:
        readings: each reading and for how many blocks it is.
        prints: the fabrics whose print has a direction, and where it points, in quarters.
    """
    if not prints:
        return GroupOrientation()
    draft = readings[0][0].draft
    stripes = frozenset(key for key, _ in prints if draft.fabric(key).is_both_ways_up)
    turns: Counter[int] = Counter()
    corners: dict[tuple[str, str], Counter[int]] = {}
    for reading, blocks in readings:
        for own in reading.groups:
            if own.identity == group.identity:
                turns.update({t: n * blocks for t, n in Counter(own.turns).items()})
                _count_corners(own, reading, blocks, dict(prints), corners)
    return GroupOrientation(
        prints,
        turned_corners([turns[n] for n in range(4)], 0),
        group.symmetry,
        tuple((key, turned_corners([one[n] for n in range(4)], 0)) for key, one in corners.items()),
        stripes,
    )


def directed(fabrics: Sequence[str], draft: Draft) -> tuple[tuple[str, int], ...]:
    """The fabrics whose print has a direction, and where that points in the block, in quarters."""
    known = [draft.fabric(key) for key in dict.fromkeys(fabrics)]
    return tuple((one.key, round(one.direction / 90) % 4) for one in known if one.has_direction)


def of_share(lying: GroupOrientation, wanted: int) -> GroupOrientation:
    """Of the units of a group so many, that are made alike; the most frequent ways of lying first,
    as they fill large lots.
    """
    total = sum(lying.turns)
    if wanted >= total:
        return lying
    left, taken = list(lying.turns), [0, 0, 0, 0]
    for _ in range(wanted):
        most = max(range(4), key=lambda n: (left[n], -n))
        left[most] -= 1
        taken[most] += 1
    corners = tuple(
        (key, turned_corners([-(-count * wanted // total) for count in counts], 0))
        for key, counts in lying.corners
    )
    return replace(lying, turns=turned_corners(taken, 0), corners=corners)


def less_share(lying: GroupOrientation, share: GroupOrientation) -> GroupOrientation:
    """What is left of a group when a share of it is made."""
    turns = [a - b for a, b in zip(lying.turns, share.turns, strict=True)]
    made = dict(share.corners)
    corners = tuple(
        (key, turned_corners([a - b for a, b in zip(counts, made[key], strict=True)], 0))
        for key, counts in lying.corners
    )
    return replace(lying, turns=turned_corners(turns, 0), corners=corners)


def _count_corners(
    group: UnitGroup,
    reading: Reading,
    blocks: int,
    prints: dict[str, int],
    corners: dict[tuple[str, str], Counter[int]],
) -> None:
    for face in (face for unit in group.members for face in unit):
        patch = reading.patches[face]
        corner = corner_of(reading.drawing.faces[face].ring)
        if patch.fabric in prints and corner is not None:
            found = corners.setdefault((patch.letter, patch.fabric), Counter())
            found[(corner - prints[patch.fabric]) % 4] += blocks
