"""How a top is pressed: by which of its two plans each block, and toward which side every seam
between them, so that as many as can be nest; solved over the whole top at once.

Source: pressing the top of `docs/setting.md`.
"""

from __future__ import annotations

from collections import defaultdict
from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from functools import cached_property
from itertools import pairwise

from yonk.core.joining import Join
from yonk.core.pressing import (
    Chosen,
    IntersectionState,
    Pairing,
    PressedSide,
    Pressing,
    SeamIntersection,
    SewingPlan,
    Wish,
    choose,
    nesting_plans,
    other_way,
    seam_ends,
    seam_intersections,
)
from yonk.core.setting import RowColumn, What
from yonk.core.top.together import TopJoining

_SECONDS = 8.0  # of the 15 that a top may take; the rest is for reading and joining it
_SASHES: frozenset[What] = frozenset(("sash-in-row", "sash-between", "cornerstone", "frame"))


@dataclass(frozen=True)
class TwoPlans:
    """The two ways in which a block is pressed; one and the same where nothing ends on its
    edges.
    """

    first: Pressing
    second: Pressing


@dataclass(frozen=True)
class TopPressing:
    """How a top is pressed. `kinds` tells of each cell with a block by which plan, nought or one;
    `presses` of every join, by number, its side; `states` of each meeting over the edge of a block
    how its seams lie. `to_sash` are the joins that are pressed toward sashing or a frame.
    """

    kinds: Mapping[RowColumn, int]
    presses: Mapping[int, PressedSide]
    meetings: tuple[SeamIntersection, ...]
    states: tuple[IntersectionState, ...]
    chosen: Chosen
    to_sash: frozenset[int]

    def count(self, state: IntersectionState) -> int:
        """How many meetings lie so."""
        return self.states.count(state)


def two_plans(plan: SewingPlan, blocks: int) -> TwoPlans:
    """The two ways in which so many of a block are pressed, the first as its own sewing has it."""
    found = nesting_plans(plan, blocks)
    second = found.second if not found.one_plan else other_way(plan, found.first)
    return TwoPlans(found.first, second)


def press_top(
    together: TopJoining, plans: Mapping[str, TwoPlans], *, all_open: bool = False
) -> TopPressing:
    """The best pressing of a top: the most meetings nest; then toward the side with fewer seams;
    each row one way; blocks by their first plan.

    Sashing and frames take the allowances of what they are sewn to, whatever that does.

    Args:
        plans: of each block by key.
        all_open: every seam outside the blocks is pressed open.
    """
    met = seam_intersections(together.joining, together.outer)
    board = _Board(together, plans, all_open=all_open)
    chosen = choose(board.count, board.fixed, board.wishes(met), _SECONDS)
    presses = {number: board.press(number, chosen.sides) for number in board.follows}
    kinds = {one.cell: chosen.sides[place] for place, one in enumerate(together.blocks)}
    states = tuple(one.state(presses) for one in met)
    return TopPressing(kinds, presses, met, states, chosen, board.to_sash)


Follows = tuple[
    int | None, PressedSide
]  # the choice that a join follows, and its side where that is 0


class _Board:
    """The choices of a top: first which plan each block is pressed by, then the joins between."""

    def __init__(
        self, together: TopJoining, plans: Mapping[str, TwoPlans], *, all_open: bool = False
    ) -> None:
        self.together = together
        self.blocks = together.blocks
        self.outer = together.outer
        self.place = {
            join.number: len(self.blocks) + place for place, join in enumerate(self.outer)
        }
        self.count = len(self.blocks) + len(self.outer)
        self.follows: dict[int, Follows] = {}
        self.fixed: dict[int, int] = {}
        for place, one in enumerate(self.blocks):
            self._follow(place, one.joins, plans[one.placed.block])
        for join in self.outer:
            self.follows[join.number] = self.place[join.number], None if all_open else 0
            side = self.toward_sash(join)
            if side is not None and not all_open:
                self.fixed[self.place[join.number]] = side
        self.to_sash = frozenset(
            join.number for join in self.outer if self.place[join.number] in self.fixed
        )

    def _follow(self, place: int, joins: Sequence[int | None], plans: TwoPlans) -> None:
        free = False
        for inner, number in enumerate(joins):
            first, second = plans.first.presses[inner], plans.second.presses[inner]
            if number is None:
                continue
            same = first == second or first is None or second is None
            free |= not same
            self.follows[number] = (None, first) if same else (place, first)
        if not free:
            self.fixed[place] = 0

    def press(self, number: int, sides: Sequence[int]) -> PressedSide:
        """The side that a join is pressed toward."""
        choice, side = self.follows[number]
        return side if choice is None or side is None else side ^ sides[choice]

    @cached_property
    def _kinds(self) -> list[What]:
        drawn = self.together.drawn
        return [drawn.parts[part].what for part in drawn.part_of]

    def toward_sash(self, join: Join) -> int | None:
        """The side of a seam on which only sashing lies, or only a frame where there is none;
        between two pieces of it, that which is no cornerstone. None where there is no such side.
        """
        one, other = (
            {self._kinds[face] for face in side}
            for side in ([t.left for t in join.touches], [t.right for t in join.touches])
        )
        if not one or not _SASHES & (one | other):
            return None
        only = (_SASHES - {"frame"}, _SASHES, _SASHES - {"cornerstone"})
        for kinds in only:
            if (one <= kinds) != (other <= kinds):
                return 0 if one <= kinds else 1
        return None

    def wishes(self, met: Sequence[SeamIntersection]) -> tuple[Wish, ...]:
        """What is wanted, the most important first."""
        blocks = range(len(self.blocks))
        joins = range(len(self.blocks), self.count)
        return (
            self._nest(met),
            Wish("bulk", self._fewer_seams()),
            Wish("row", pairs=self._one_way()),
            Wish("first", dict.fromkeys(blocks, (0, 1))),
            Wish("habit", dict.fromkeys(joins, (1, 0))),
        )

    def _nest(self, met: Sequence[SeamIntersection]) -> Wish:
        """That meetings nest."""
        pairs: dict[tuple[int, int, bool], int] = defaultdict(int)
        sides: dict[int, tuple[int, int]] = {}
        for meeting in met:
            (one, first), (other, second) = (self.follows[seam] for seam in meeting.of)
            if 0 in meeting.lies or first is None or second is None:
                continue
            differ = (meeting.lies[0] == meeting.lies[1]) != (first != second)
            if one == other:
                continue  # it lies one way whatever is chosen
            if one is not None and other is not None:
                pairs[one, other, differ] += 1
                continue
            free = one if other is None else other
            assert free is not None
            before = sides.get(free, (0, 0))
            more = (1, 0) if differ else (0, 1)
            sides[free] = before[0] + more[0], before[1] + more[1]
        return Wish("nest", sides, [Pairing(*key, weight) for key, weight in pairs.items()])

    def _fewer_seams(self) -> dict[int, tuple[int, int]]:
        """The seam ends on either side of each join."""
        found = {}
        for number, ends in seam_ends(self.together.joining, self.outer).items():
            count = [0, 0]
            for end in ends:
                count[end.side] += 1
            found[self.place[number]] = count[0], count[1]
        return found

    def _one_way(self) -> list[Pairing]:
        """The seams of a row one way."""
        return [
            Pairing(self.place[one], self.place[other], differ=False)
            for row in self.together.rows
            for one, other in pairwise(row.joins)
        ]
