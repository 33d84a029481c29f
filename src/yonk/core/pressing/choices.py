"""The best of many choices between two sides, under wishes in their order.

A wish is a cost of single choices, or of pairs of them that should be alike or unlike. What a wish
settles by itself is settled by following it from choice to choice; what is left goes to HiGHS, a
solver for integer programmes, and is proved best unless time runs out.
"""

from __future__ import annotations

import time
from collections import defaultdict
from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass, field
from typing import Any

import numpy as np
from scipy.optimize import Bounds, LinearConstraint, milp
from scipy.sparse import csr_array

# for all wishes of a block; then the best that was found is taken, and said to be so
_SECONDS = 20.0
_NONE = 1e-9  # below it a cost is none but for rounding

Classes = list[tuple[int, int]]


@dataclass(frozen=True)
class Pairing:
    """Two choices that cost `weight` when they are unlike, or, where they `differ`, when alike."""

    one: int
    other: int
    differ: bool
    weight: int = 1


@dataclass(frozen=True)
class Wish:
    """What is wanted: what either side of a choice costs, and what pairs cost. Costs are whole
    numbers.
    """

    name: str
    sides: Mapping[int, tuple[int, int]] = field(default_factory=dict)
    pairs: Sequence[Pairing] = ()

    def cost(self, chosen: Sequence[int]) -> int:
        """What choices cost."""
        alone = sum(cost[chosen[one]] for one, cost in self.sides.items())
        return alone + sum(
            pair.weight
            for pair in self.pairs
            if (chosen[pair.one] == chosen[pair.other]) == pair.differ
        )


@dataclass(frozen=True)
class Chosen:
    """The choices, 0 or 1 each; what each wish costs by name; whether that is proved the least, and
    the least that it could be.
    """

    sides: tuple[int, ...]
    costs: Mapping[str, int]
    least: Mapping[str, float]

    @property
    def proved(self) -> bool:
        """Whether no other choices are better under the wishes in their order."""
        return self.first_in_doubt is None

    @property
    def first_in_doubt(self) -> tuple[str, float] | None:
        """The first wish, in their order, that other choices might serve better, and the least that
        it could cost then; costs are whole numbers.
        """
        doubts = (
            (name, least)
            for name, least in self.least.items()
            if self.costs[name] - least >= 1 - _NONE
        )
        return next(doubts, None)


def choose(
    count: int, fixed: Mapping[int, int], wishes: Sequence[Wish], seconds: float = _SECONDS
) -> Chosen:
    """The best choices.

    Args:
        count: how many there are.
        fixed: those that are made already.
        wishes: the most important first; a later one decides only among what is best by the
        earlier.
        seconds: after which the solver gives the best that it has found.

    >>> unlike = Wish("nest", pairs=(Pairing(0, 1, differ=True),))
    >>> dark = Wish("dark", {1: (0, 5)})
    >>> choose(2, {}, (unlike, dark)).sides
    (1, 0)
    """
    solver = _Solver(count, fixed, time.monotonic() + seconds)
    least: dict[str, float] = {}
    for wish in wishes:
        least[wish.name] = solver.settle(wish)
    sides = solver.answer()
    return Chosen(sides, {wish.name: wish.cost(sides) for wish in wishes}, least)


@dataclass(frozen=True)
class _Limit:
    """A sum over classes that may not grow: coefficients of the classes and of the pairs."""

    alone: Mapping[int, int]
    pairs: Sequence[Pairing]
    most: int


@dataclass
class _Part:
    """Classes that hang together, with what of a wish and of what was settled before is theirs."""

    members: set[int]
    alone: dict[int, int] = field(default_factory=dict)
    pairs: list[Pairing] = field(default_factory=list)
    limits: list[_Limit] = field(default_factory=list)


class _Solver:
    """Choices in classes: those of a class follow from one of them. Class `count` is what is
    fixed.
    """

    def __init__(self, count: int, fixed: Mapping[int, int], until: float) -> None:
        self.count, self.until = count, until
        self.parent = [*range(count + 1)]
        self.unlike = [0] * (count + 1)
        self.limits: list[_Limit] = []
        self.found: dict[int, int] = {}
        for one, side in fixed.items():
            self._bind(one, count, side)

    def _class(self, one: int) -> tuple[int, int]:
        """The class of a choice, and whether the choice is its opposite."""
        path = []
        while self.parent[one] != one:
            path.append(one)
            one = self.parent[one]
        turned = 0
        for at in reversed(path):
            turned ^= self.unlike[at]
            self.parent[at], self.unlike[at] = one, turned
        return (one, self.unlike[path[0]]) if path else (one, 0)

    def _bind(self, one: int, other: int, unlike: int) -> bool:
        """Makes one choice follow from another; False where they are bound otherwise."""
        (a, turned), (b, over) = self._class(one), self._class(other)
        if a == b:
            return (turned ^ over) == unlike
        if a == self.count:  # what is fixed stays the class that others follow
            a, b = b, a
        self.parent[a], self.unlike[a] = b, turned ^ over ^ unlike
        return True

    def _on_classes(self, wish: Wish) -> tuple[dict[int, int], list[Pairing], int]:
        """A wish told of classes: what side 1 of each costs more than side 0, the pairs, and what
        it costs anyway.
        """
        alone: dict[int, int] = defaultdict(int)
        pairs: dict[tuple[int, int, bool], int] = defaultdict(int)
        anyway, fixed = 0, self.count
        for one, cost in wish.sides.items():
            at, turned = self._class(one)
            anyway += cost[turned]
            alone[at] += cost[1 - turned] - cost[turned]
        for pair in wish.pairs:
            (a, turned), (b, over) = self._class(pair.one), self._class(pair.other)
            differ = pair.differ ^ bool(turned ^ over)
            if a == b:
                anyway += pair.weight * differ
            elif fixed in (a, b):  # the fixed class counts as nought
                free = b if a == fixed else a
                anyway += pair.weight * differ
                alone[free] += -pair.weight if differ else pair.weight
            else:
                pairs[min(a, b), max(a, b), differ] += pair.weight
        alone.pop(fixed, None)
        return (
            {one: cost for one, cost in alone.items() if cost},
            [Pairing(*key, weight) for key, weight in pairs.items()],
            anyway,
        )

    def settle(self, wish: Wish) -> float:
        """Keeps to what is best by a wish. Returns the least that it could cost."""
        alone, pairs, least = self._on_classes(wish)
        total = float(least)
        components = self._components(alone, pairs)
        of_class = {one: number for number, some in enumerate(components) for one in some}
        parts = [_Part(members) for members in components]
        for one, cost in alone.items():
            parts[of_class[one]].alone[one] = cost
        for pair in pairs:
            parts[of_class[pair.one]].pairs.append(pair)
        for limit in self.limits:
            for number in {of_class[one] for one in _classes(limit) if one in of_class}:
                parts[number].limits.append(limit)
        for part in parts:
            both = part.alone and part.pairs
            if part.limits or both or not self._follow(part.pairs):
                total += self._solve(part)
            else:
                total += self._take(part.alone)
        return total

    def _components(self, alone: Mapping[int, int], pairs: Sequence[Pairing]) -> list[set[int]]:
        """Classes that hang together by the pairs of a wish and by what was settled before."""
        beside: dict[int, set[int]] = {one: set() for one in alone}

        def tie(one: int, other: int) -> None:
            beside.setdefault(one, set()).add(other)
            beside.setdefault(other, set()).add(one)

        for pair in pairs:
            tie(pair.one, pair.other)
        for limit in self.limits:
            classes = _classes(limit)
            for one, other in zip(classes, classes[1:], strict=False):
                tie(one, other)
        found, seen = [], set()
        for begin in beside:
            if begin in seen:
                continue
            members, waiting = set(), [begin]
            while waiting:
                one = waiting.pop()
                if one not in members:
                    members.add(one)
                    waiting += beside[one] - members
            seen |= members
            if any(one in alone for one in members) or any(p.one in members for p in pairs):
                found.append(members)
        return found

    def _follow(self, pairs: Sequence[Pairing]) -> bool:
        """Binds all pairs as they are wanted, where that can be; else leaves them."""
        before = [*self.parent], [*self.unlike]
        if all(self._bind(pair.one, pair.other, int(pair.differ)) for pair in pairs):
            return True
        self.parent, self.unlike = before
        return False

    def _take(self, alone: Mapping[int, int]) -> int:
        """Fixes each choice at its cheaper side. Returns what that costs more than side 0."""
        for one, cost in alone.items():
            self._bind(one, self.count, int(cost < 0))
        return sum(min(0, cost) for cost in alone.values())

    def _solve(self, part: _Part) -> float:
        """Asks the solver, and lets the cost grow no more. Returns the least that it could be."""
        members, alone, pairs = part.members, part.alone, part.pairs
        programme = _Programme(sorted(members), part.limits, alone, pairs)
        left = self.until - time.monotonic()
        answer = programme.solve(left) if left > 0 else None
        if answer is None:  # no time: what was found before is still right
            answer = {one: self.found.get(one, 0) for one in members}, float("-inf")
        sides, least = answer
        self.found |= sides
        cost = _cost(alone, pairs, sides)
        self.limits.append(_Limit(alone, pairs, cost))
        return min(float(cost), least)

    def answer(self) -> tuple[int, ...]:
        """The choices."""
        sides = []
        for one in range(self.count):
            at, turned = self._class(one)
            sides.append(self.found.get(at, 0) ^ turned)  # what is fixed is found nowhere: nought
        return tuple(sides)


def _classes(limit: _Limit) -> list[int]:
    return [*{*limit.alone, *(one for pair in limit.pairs for one in (pair.one, pair.other))}]


def _cost(alone: Mapping[int, int], pairs: Iterable[Pairing], sides: Mapping[int, int]) -> int:
    return sum(cost * sides[one] for one, cost in alone.items()) + sum(
        pair.weight for pair in pairs if (sides[pair.one] == sides[pair.other]) == pair.differ
    )


class _Programme:
    """An integer programme: a choice each class, and of each pair whether it is as it should not
    be.
    """

    def __init__(
        self,
        members: Sequence[int],
        limits: Sequence[_Limit],
        alone: Mapping[int, int],
        pairs: Sequence[Pairing],
    ) -> None:
        self.members = members
        self.place = {one: number for number, one in enumerate(members)}
        self.width = len(members)
        self.rows: list[tuple[dict[int, int], float, float]] = []
        for limit in limits:
            self.rows.append((self._sum(limit.alone, limit.pairs), -np.inf, limit.most))
        self.aim = self._sum(alone, pairs)

    def _sum(self, alone: Mapping[int, int], pairs: Sequence[Pairing]) -> dict[int, int]:
        found = {self.place[one]: cost for one, cost in alone.items()}
        for pair in pairs:
            found[self._wrong(pair)] = pair.weight
        return found

    def _wrong(self, pair: Pairing) -> int:
        """A column that is 1 where a pair is as it should not be."""
        a, b, wrong = self.place[pair.one], self.place[pair.other], self.width
        self.width += 1
        if pair.differ:
            self.rows.append(({a: 1, b: 1, wrong: -1}, -np.inf, 1))
            self.rows.append(({a: 1, b: 1, wrong: 1}, 1, np.inf))
        else:
            self.rows.append(({a: 1, b: -1, wrong: -1}, -np.inf, 0))
            self.rows.append(({b: 1, a: -1, wrong: -1}, -np.inf, 0))
        return wrong

    def solve(self, seconds: float) -> tuple[dict[int, int], float] | None:
        """The best choices and the least that they could cost; None where there was no time."""
        aim = np.zeros(self.width)
        for column, cost in self.aim.items():
            aim[column] = cost
        solved: Any = milp(
            aim,
            integrality=np.ones(self.width),
            bounds=Bounds(0, 1),
            constraints=self._constraints(),
            options={"time_limit": seconds, "mip_rel_gap": 0.0},
        )
        if solved.x is None:
            return None
        sides = {one: round(solved.x[self.place[one]]) for one in self.members}
        least = solved.fun if solved.status == 0 else solved.mip_dual_bound
        return sides, float(np.ceil(least - 1e-6))

    def _constraints(self) -> LinearConstraint:
        numbers, at, cells = [], [], []
        for row, (held, _, _) in enumerate(self.rows):
            for column, value in held.items():
                numbers.append(value)
                at.append(row)
                cells.append(column)
        matrix = csr_array((numbers, (at, cells)), shape=(len(self.rows), self.width))
        return LinearConstraint(
            matrix, [low for _, low, _ in self.rows], [high for _, _, high in self.rows]
        )
