"""Pieces that no straight and no partial seam joins: an order with as few set-in corners as there
can be.
"""

from __future__ import annotations

import heapq
from collections import defaultdict
from collections.abc import Iterator, Sequence
from dataclasses import dataclass, replace
from fractions import Fraction
from itertools import product

from yonk.core.joining.touching import Touch, chains, straightened

MOST_TRIED = 8  # parts of which every order is tried; of more it takes longer than a blink
_APART = 100  # corners that a seam in two places counts for: it can hardly be sewn

Chain = list[tuple[int, int]]


def set_in_order(members: set[int], between: Sequence[Touch]) -> Chain:
    """The joins that make one piece of some atoms.

    Args:
        members: the atoms.
        between: where they lie together.

    Returns: pairs of an atom, or of an earlier join as −1, −2, … in their order. Of up to
    `MOST_TRIED` parts every order is tried; of more, those with the fewest corners are sewn first,
    then the smallest with the shortest seam. Which of equal ones comes first depends on how they
    are numbered; so they are numbered from each corner of the block and either way, and the best
    that comes of it is taken, which is the same however the block lies.
    """
    if len(members) <= MOST_TRIED:
        return _sewn(members, between).joins
    middles = _middles(members, between)
    found = []
    for across, down, swapped in product((1, -1), (1, -1), (False, True)):

        def place(
            atom: int, across: int = across, down: int = down, swapped: bool = swapped
        ) -> tuple[Fraction, Fraction]:
            x, y = middles[atom]
            return (down * y, across * x) if swapped else (across * x, down * y)

        numbers = {atom: number for number, atom in enumerate(sorted(members, key=place))}
        back = {number: atom for atom, number in numbers.items()}
        numbered = [
            replace(touch, left=numbers[touch.left], right=numbers[touch.right])
            for touch in between
            if touch.left in numbers and touch.right in numbers
        ]
        parts = _sewn({*back}, numbered)
        joins = [(back.get(one, one), back.get(other, other)) for one, other in parts.joins]
        found.append((parts.cost, joins))
    return min(found, key=lambda one: one[0])[1]


def _sewn(members: set[int], between: Sequence[Touch]) -> _Parts:
    parts = _Parts(members, between)
    while len(parts.made) > MOST_TRIED and parts.sew_easiest():
        pass
    names = [*parts.made]
    tried = _Tried(parts, names)
    for one, other in tried.order():
        parts.sew(one, other)
    return parts


def _middles(members: set[int], between: Sequence[Touch]) -> dict[int, tuple[Fraction, Fraction]]:
    """About where atoms lie: the middle of the ends of their seams."""
    ends: dict[int, list[tuple[int, int]]] = {atom: [] for atom in members}
    for touch in between:
        for atom in (touch.left, touch.right):
            if atom in ends:
                ends[atom] += [touch.start, touch.end]
    return {
        atom: tuple(sum(map(Fraction, axis)) / len(axis) for axis in zip(*spots, strict=True))  # type: ignore[misc]
        if spots
        else (Fraction(0), Fraction(0))
        for atom, spots in ends.items()
    }


class _Parts:
    """What is sewn so far: the seams between the parts that are left, under the parts' names."""

    def __init__(self, members: set[int], between: Sequence[Touch]) -> None:
        self.made = dict.fromkeys(sorted(members), 1)
        self.joins: Chain = []
        self.cost = 0, 0  # corners that are sewn round, and seams that have some
        self.beside: dict[int, dict[int, list[Touch]]] = defaultdict(dict)
        for touch in between:
            self.beside[touch.left].setdefault(touch.right, []).append(touch)
            self.beside[touch.right].setdefault(touch.left, []).append(touch.turned())
        self.waiting = [
            (*self.corners(one, other), one, other)
            for one in self.made
            for other in self.beside[one]
            if one < other
        ]
        heapq.heapify(self.waiting)

    def corners(self, one: int, other: int) -> tuple[int, int, int]:
        """How many corners the seam between two parts has, how many patches they have, and the
        squares of its stretches.
        """
        seams = self.beside[one][other]
        squares = [
            (ex - sx) ** 2 + (ey - sy) ** 2
            for seam in seams
            for (sx, sy), (ex, ey) in [(seam.start, seam.end)]
        ]
        return corners_of(seams), self.made[one] + self.made[other], sum(squares)

    def sew_easiest(self) -> bool:
        """Sews the two parts whose seam has the fewest corners; False where there are none."""
        while self.waiting:
            *told, one, other = heapq.heappop(self.waiting)
            both = one in self.made and other in self.made
            if both and tuple(told) == self.corners(one, other):
                self.sew(one, other)
                return True
        return False

    def sew(self, one: int, other: int) -> int:
        """Sews two parts; returns the name of what they make."""
        corners = corners_of(self.beside[one].get(other, []))
        self.cost = self.cost[0] + corners, self.cost[1] + (corners > 0)
        self.joins.append((one, other))
        name = -len(self.joins)
        self.made[name] = self.made.pop(one) + self.made.pop(other)
        for part in (one, other):
            for third, seams in self.beside.pop(part).items():
                if third not in (one, other):
                    self.beside[name].setdefault(third, []).extend(seams)
                    mine = self.beside[third].pop(part)
                    self.beside[third].setdefault(name, []).extend(mine)
        for third in self.beside[name]:
            heapq.heappush(self.waiting, (*self.corners(name, third), name, third))
        return name


def corners_of(seams: Sequence[Touch]) -> int:
    """How many corners a seam turns round; all its stretches lie the same way round."""
    strung = chains(seams)
    reach = max(abs(part) for one in seams for part in one.end)
    bends = 0
    for chain in strung:
        closed = chain[0].start == chain[-1].end
        bends += len(straightened(chain, reach)) - (not closed)
    return bends + _APART * (len(strung) - 1)


@dataclass(frozen=True)
class _Best:
    corners: int
    seams: int
    split: tuple[int, int] | None


class _Tried:
    """Every order of a few parts, as sets of bits: the best way to each set that hangs together."""

    def __init__(self, parts: _Parts, names: Sequence[int]) -> None:
        self.parts, self.names = parts, names
        self.bit = {name: 1 << place for place, name in enumerate(names)}
        self.near = {
            self.bit[one]: sum(self.bit[other] for other in parts.beside[one]) for one in names
        }
        self.best: dict[int, _Best] = {}

    def order(self) -> Iterator[tuple[int, int]]:
        """The joins of the best order, parts by the names that they get."""
        whole = sum(self.bit.values())
        for members in range(1, whole + 1):
            if self._hangs_together(members):
                self.best[members] = self._best(members)
        joins: Chain = []
        self._follow(whole, joins)
        yield from joins

    def _hangs_together(self, members: int) -> bool:
        reached = members & -members
        while True:
            grown = reached
            for bit in self.near:
                if bit & reached:
                    grown |= self.near[bit] & members
            if grown == reached:
                return reached == members
            reached = grown

    def _best(self, members: int) -> _Best:
        if members & (members - 1) == 0:
            return _Best(0, 0, None)
        first, best = members & -members, None
        one = (members - 1) & members
        while one:
            other = members ^ one
            if one & first and one in self.best and other in self.best:
                corners = corners_of([*self._between(one, other)])
                found = _Best(
                    self.best[one].corners + self.best[other].corners + corners,
                    self.best[one].seams + self.best[other].seams + (corners > 0),
                    (one, other),
                )
                if best is None or (found.corners, found.seams) < (best.corners, best.seams):
                    best = found
            one = (one - 1) & members
        assert best is not None, "what hangs together can be parted in two that do"
        return best

    def _between(self, one: int, other: int) -> Iterator[Touch]:
        for name in self.names:
            if self.bit[name] & one:
                for third, seams in self.parts.beside[name].items():
                    if self.bit[third] & other:
                        yield from seams

    def _follow(self, members: int, joins: Chain) -> int:
        split = self.best[members].split
        if split is None:
            return self.names[members.bit_length() - 1]
        one, other = self._follow(split[0], joins), self._follow(split[1], joins)
        joins.append((one, other))
        return -(len(self.parts.joins) + len(joins))
