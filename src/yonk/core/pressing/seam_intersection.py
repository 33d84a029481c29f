"""Meetings: where a seam of the one side and one of the other come to the same point of a join."""

from __future__ import annotations

from collections import defaultdict
from collections.abc import Iterable, Iterator
from dataclasses import dataclass
from typing import Literal

from yonk.core.drawing import Spot
from yonk.core.joining import Join, Joining, Touch

IntersectionState = Literal["nested", "spun", "open", "bulky"]


@dataclass(frozen=True)
class SeamIntersection:
    """A place inside the seam of `join` where a seam of its first side and one of its second end.

    `lies` tells of each of the two which way along the join its allowances lie when it is pressed
    toward its own first part: 1 as the join runs, −1 against it, 0 neither.
    """

    join: int
    at: Spot
    of: tuple[int, int]
    lies: tuple[int, int]

    def state(self, presses: dict[int, int | None]) -> IntersectionState:
        """How the two seams lie to each other.

        Args:
            presses: of each join, by number, 0 or 1 for its first or second part, None for open.
        """
        one, other = (
            lie * (0 if presses[seam] is None else 1 - 2 * (presses[seam] or 0))
            for lie, seam in zip(self.lies, self.of, strict=True)
        )
        if not one or not other:
            return "open"
        return "bulky" if one == other else "nested"


@dataclass(frozen=True)
class SeamEnd:
    """Where a seam inside one side of a join ends on that join: the side, the seam, and whether it
    comes at a slant, so that a point lies there.
    """

    side: int
    seam: int
    at: Spot
    slanted: bool


def seam_intersections(
    joining: Joining, on: Iterable[Join] | None = None
) -> tuple[SeamIntersection, ...]:
    """Every meeting of a block, in the order of the joins and along each.

    Args:
        on: the joins whose meetings are asked for; all of them, if none are told.

    Source: the meetings of `docs/sewing.md`. Where several seams of one side end in the point, the
    one sewn last counts.
    """
    ends = _ends(joining)
    return tuple(
        meeting
        for join in (joining.joins if on is None else on)
        for meeting in _of_join(join, joining, ends)
    )


def seam_ends(joining: Joining, on: Iterable[Join] | None = None) -> dict[int, list[SeamEnd]]:
    """What ends on each join from either side, by the join's number; on all joins, if none are
    told.
    """
    ends = _ends(joining)
    found: dict[int, list[SeamEnd]] = {}
    for join in joining.joins if on is None else on:
        mine = found.setdefault(join.number, [])
        for spot, touch in _inner_spots(join):
            for side, seams in enumerate(_by_side(join, spot, joining, ends)):
                mine += [
                    SeamEnd(side, seam, spot, _slants(joining.joins[seam], spot, touch))
                    for seam in seams
                ]
    return found


def _ends(joining: Joining) -> dict[Spot, list[int]]:
    """The joins whose seams end at each spot."""
    ends: dict[Spot, list[int]] = defaultdict(list)
    for join in joining.joins:
        for spot in {spot for stretch in join.along for spot in stretch}:
            ends[spot].append(join.number)
    return ends


def _inner_spots(join: Join) -> Iterator[tuple[Spot, Touch]]:
    """The spots inside a join's stretches where a patch has a corner, each with the stretch that it
    begins.
    """
    corners = {spot for stretch in join.along for spot in stretch}
    for touch in join.touches:
        if touch.start not in corners:
            yield touch.start, touch


def _by_side(
    join: Join, spot: Spot, joining: Joining, ends: dict[Spot, list[int]]
) -> tuple[list[int], list[int]]:
    """The seams that end at a spot, by the side of the join that they are in."""
    leaves = joining.order.leaves
    sides: tuple[list[int], list[int]] = ([], [])
    for seam in ends.get(spot, ()):
        for side, part in zip(sides, join.of, strict=True):
            if joining.holds(part, leaves + seam):
                side.append(seam)
    return sides


def _of_join(
    join: Join, joining: Joining, ends: dict[Spot, list[int]]
) -> Iterator[SeamIntersection]:
    for spot, touch in _inner_spots(join):
        one, other = _by_side(join, spot, joining, ends)
        if one and other:
            last = max(one), max(other)
            lies = tuple(_lie(joining.joins[seam], spot, touch) for seam in last)
            yield SeamIntersection(join.number, spot, last, (lies[0], lies[1]))


def _way(seam: Join, spot: Spot) -> tuple[int, int]:
    """The direction of the stretch of a seam that ends at a spot, its first part on the left."""
    a, b = next(stretch for stretch in seam.along if spot in stretch)
    return b[0] - a[0], b[1] - a[1]


def _lie(seam: Join, spot: Spot, along: Touch) -> int:
    """Which way along a join the allowances of a seam lie that is pressed toward its first part."""
    dx, dy = _way(seam, spot)
    ux, uy = along.end[0] - along.start[0], along.end[1] - along.start[1]
    lie = dy * ux - dx * uy  # the left hand of the seam, along the join
    return (lie > 0) - (lie < 0)


def _slants(seam: Join, spot: Spot, along: Touch) -> bool:
    """Whether a seam comes to a join at any but a right angle."""
    dx, dy = _way(seam, spot)
    return dx * (along.end[0] - along.start[0]) + dy * (along.end[1] - along.start[1]) != 0
