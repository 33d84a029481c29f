"""Block beside block: whether the seams that end on a block's edges nest with its neighbours' in a
straight set.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

from yonk.core.joining import Join
from yonk.core.pressing.choices import Pairing, Wish
from yonk.core.pressing.plan import SewingPlan
from yonk.core.pressing.pressed import PressedSide, Pressing, press

EDGES = ("left", "right", "top", "bottom")


@dataclass(frozen=True)
class EdgeIntersection:
    """Two seams that meet where a block lies beside another: of the one block that on its right or
    bottom edge, of the other that on its left or top edge.

    `at` is how far along the edge it lies, in lattice steps; `upright` tells that the edge is.
    """

    upright: bool
    at: int
    before: int
    after: int
    lies: tuple[int, int]

    def nests(self, first: Sequence[PressedSide], second: Sequence[PressedSide]) -> bool:
        """Whether it nests, the first block pressed so and the second so."""
        one, other = first[self.before], second[self.after]
        if one is None or other is None:
            return False
        return self.lies[0] * (1 - 2 * one) == -self.lies[1] * (1 - 2 * other) != 0


@dataclass(frozen=True)
class StraightSetPressing:
    """How blocks lie beside each other: the pressing of the first and of the second kind, laid like
    the squares of a board; one and the same where one plan does for all.

    `meetings` are where seams meet over an edge, `nesting` how many of them nest, counting each
    edge between a first and a second block both ways.
    """

    first: Pressing
    second: Pressing
    meetings: tuple[EdgeIntersection, ...]
    nesting: int
    blocks: tuple[int, int]

    @property
    def one_plan(self) -> bool:
        """Whether all blocks are pressed alike."""
        return self.first is self.second

    @property
    def unnested(self) -> tuple[EdgeIntersection, ...]:
        """The meetings that do not nest one way or the other."""
        one, other = self.first.presses, self.second.presses
        return tuple(
            meeting
            for meeting in self.meetings
            if not (meeting.nests(one, other) and meeting.nests(other, one))
        )


def nesting_plans(plan: SewingPlan, blocks: int) -> StraightSetPressing:
    """The plans by which so many blocks nest side by side in a straight set.

    Args:
        plan: the block's plan; its pressing stays that of the first blocks unless one pressing does
        for all.
        blocks: how many there are.

    Returns: one plan where a block nests with itself as well as two kinds could, else two.

    Source: block beside block, in `docs/sewing.md`.
    """
    met = _edge_meetings(plan)
    first = plan.pressing
    if not met or first.chosen is None:
        return StraightSetPressing(first, first, met, _nesting(met, first, first), (blocks, 0))
    same = press(plan.wanted, plan.asked, (_with_itself(plan, met),))
    second = press(plan.wanted, plan.asked, (_with_first(plan, met),))
    alone, both = _nesting(met, same, same), _nesting(met, first, second)
    kept = same.chosen is not None and same.chosen.costs["nest"] <= first.chosen.costs["nest"]
    if kept and alone >= both:
        return StraightSetPressing(same, same, met, alone, (blocks, 0))
    return StraightSetPressing(first, second, met, both, ((blocks + 1) // 2, blocks // 2))


def _nesting(met: Sequence[EdgeIntersection], one: Pressing, other: Pressing) -> int:
    return sum(
        meeting.nests(one.presses, other.presses) + meeting.nests(other.presses, one.presses)
        for meeting in met
    )


def _edge_meetings(plan: SewingPlan) -> tuple[EdgeIntersection, ...]:
    wide = max(face.box[2] for face in plan.joining.faces)
    high = max(face.box[3] for face in plan.joining.faces)
    found = []
    for upright, far in ((True, wide), (False, high)):
        starts, ends = _on_edge(plan, upright, 0), _on_edge(plan, upright, far)
        for at in sorted({*starts} & {*ends}):
            before, after = ends[at], starts[at]
            spot = ((far, at), (0, at)) if upright else ((at, far), (at, 0))
            lies = _lie(before, spot[0], upright), _lie(after, spot[1], upright)
            found.append(EdgeIntersection(upright, at, before.number, after.number, lies))
    return tuple(found)


def _on_edge(plan: SewingPlan, upright: bool, where: int) -> dict[int, Join]:
    """The seams that end on an edge, by where; of several the one sewn last."""
    across, along = (0, 1) if upright else (1, 0)
    length = max(face.box[2 + along] for face in plan.joining.faces)
    return {
        spot[along]: join
        for join in plan.joining.joins
        for stretch in join.along
        for spot in stretch
        if spot[across] == where and 0 < spot[along] < length
    }


def _lie(join: Join, spot: tuple[int, int], upright: bool) -> int:
    """Which way along the edge a seam's allowances lie that is pressed toward its first part."""
    a, b = next(stretch for stretch in join.along if spot in stretch)
    dx, dy = b[0] - a[0], b[1] - a[1]
    lie = -dx if upright else dy
    return (lie > 0) - (lie < 0)


def _with_itself(plan: SewingPlan, met: Sequence[EdgeIntersection]) -> Wish:
    """That a block nests with another pressed alike."""
    of_join = plan.pressing.choices.of_join
    pairs: list[Pairing] = []
    sides: dict[int, tuple[int, int]] = {}
    for meeting in met:
        one, other = of_join[meeting.before], of_join[meeting.after]
        differ = meeting.lies[0] == meeting.lies[1]
        if one != other:
            pairs.append(Pairing(one, other, differ))
        elif differ:
            first, second = sides.get(one, (0, 0))
            sides[one] = first + 1, second + 1
    return Wish("beside", sides, pairs)


def _with_first(plan: SewingPlan, met: Sequence[EdgeIntersection]) -> Wish:
    """That a block nests with one pressed as planned, on every side."""
    of_join, presses = plan.pressing.choices.of_join, plan.pressing.presses
    sides: dict[int, tuple[int, int]] = {}
    for meeting in met:
        for mine, theirs, (lie, other) in (
            (meeting.before, meeting.after, meeting.lies),
            (meeting.after, meeting.before, meeting.lies[::-1]),
        ):
            side = presses[theirs]
            if side is None:
                continue
            there = other * (1 - 2 * side)
            costs = int(lie == there), int(-lie == there)
            before = sides.get(of_join[mine], (0, 0))
            sides[of_join[mine]] = before[0] + costs[0], before[1] + costs[1]
    return Wish("beside", sides)


def other_way(plan: SewingPlan, first: Pressing) -> Pressing:
    """A second way to press a block: as well inside it, but so that the seams that end on its edges
    lie the other way than in the first, wherever that can be.
    """
    of_join = first.choices.of_join
    sides: dict[int, tuple[int, int]] = {}
    faces = plan.joining.faces
    far = max(face.box[2] for face in faces), max(face.box[3] for face in faces)
    for join in plan.joining.joins:
        side = first.presses[join.number]
        ends = {spot for stretch in join.along for spot in stretch}
        if side is None or not any(x in (0, far[0]) or y in (0, far[1]) for x, y in ends):
            continue
        before = sides.get(of_join[join.number], (0, 0))
        more = (1, 0) if side == 0 else (0, 1)
        sides[of_join[join.number]] = before[0] + more[0], before[1] + more[1]
    if not sides or first.chosen is None:
        return first
    return press(plan.wanted, plan.asked, (Wish("beside", sides),))
