"""The order of joining as a tree: patches are its leaves, a join is sewn of two parts that are
there.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, field
from functools import cached_property


@dataclass(frozen=True)
class Pair:
    """Two parts sewn to each other, by number: a patch by its face, a join by what comes after all
    faces.

    `unit` is the label of the unit that the join is inside of, `place` its number among the joins
    of that unit; `row` is alike for joins that make one row or column.
    """

    one: int
    other: int
    unit: str | None = None
    place: int = 0
    row: int | None = None


@dataclass
class Tree:
    """The joins of a block in an order in which they can be sewn.

    Part `n` is the patch of face `n` where `n < leaves`, else the join `pairs[n - leaves]`. A join
    that is begun and finished later is in `finished_after`, with the join after which it is.
    `checkpoints` are the parts that are measured when they are made.
    """

    leaves: int
    pairs: list[Pair] = field(default_factory=list)
    finished_after: dict[int, int] = field(default_factory=dict)
    checkpoints: set[int] = field(default_factory=set)

    def sew(self, pair: Pair) -> int:
        """Adds a join. Returns the number of the part that it makes."""
        self.pairs.append(pair)
        return self.leaves + len(self.pairs) - 1

    def in_strips(self, parts: Sequence[int], row: int | None = None) -> int:
        """Parts side by side sewn in pairs, pairs in pairs, and so on; that makes a strip bow least
        and most joins alike. Returns the number of what they make.
        """
        if len(parts) == 1:
            return parts[0]
        half = (len(parts) + 1) // 2
        one, other = self.in_strips(parts[:half], row), self.in_strips(parts[half:], row)
        return self.sew(Pair(one, other, row=row))


@dataclass(frozen=True)
class JoiningOrder:
    """A tree that is done: which patches are in each part, and which parts are measured."""

    leaves: int
    pairs: tuple[Pair, ...]
    finished_after: dict[int, int]
    checkpoints: frozenset[int] = frozenset()

    @cached_property
    def line(self) -> tuple[list[int], list[tuple[int, int, int]]]:
        """The patches in a row such that those of any join lie beside each other; and of each join
        where its patches begin, where those of its second part do, and where they end.
        """
        sizes = [1] * self.leaves
        for pair in self.pairs:
            sizes.append(sizes[pair.one] + sizes[pair.other])
        begins = [0] * len(sizes)
        spans = [(0, 0, 0)] * len(self.pairs)
        for number in reversed(range(len(self.pairs))):
            pair, begin = self.pairs[number], begins[self.leaves + number]
            begins[pair.one], begins[pair.other] = begin, begin + sizes[pair.one]
            spans[number] = begin, begins[pair.other], begin + sizes[self.leaves + number]
        row = [0] * self.leaves
        for leaf in range(self.leaves):
            row[begins[leaf]] = leaf
        return row, spans

    def faces(self, part: int) -> list[int]:
        """The patches in a part."""
        if part < self.leaves:
            return [part]
        row, spans = self.line
        begin, _, end = spans[part - self.leaves]
        return row[begin:end]

    @cached_property
    def joins_of_gaps(self) -> list[int]:
        """The join that brings each patch of the row together with the next."""
        found = [0] * (self.leaves - 1)
        for number, (_, second, _) in enumerate(self.line[1]):
            found[second - 1] = number
        return found


def in_order(tree: Tree) -> JoiningOrder:
    """The tree with the joins inside units first, all units of a label together; else as they came.

    Returns: the same joins, numbered in that order.
    """
    depth = [0] * tree.leaves
    inner = [True] * tree.leaves
    for pair in tree.pairs:
        within = pair.unit is not None and inner[pair.one] and inner[pair.other]
        inner.append(within)
        depth.append(_nested(pair, tree, depth))
    keys = [_key(number, tree, inner, depth) for number in range(len(tree.pairs))]
    order = sorted(range(len(keys)), key=keys.__getitem__)
    place = {tree.leaves + old: tree.leaves + new for new, old in enumerate(order)}

    def there(part: int) -> int:
        return place.get(part, part)

    pairs = tuple(
        Pair(there(pair.one), there(pair.other), pair.unit, pair.place, pair.row)
        for pair in (tree.pairs[old] for old in order)
    )
    finished = {there(one): there(other) for one, other in tree.finished_after.items()}
    checked = frozenset(there(part) for part in tree.checkpoints if part >= tree.leaves)
    return JoiningOrder(tree.leaves, pairs, finished, checked)


def _nested(pair: Pair, tree: Tree, depth: Sequence[int]) -> int:
    """How many units lie one in the other where a join is."""
    most = 0
    for part in (pair.one, pair.other):
        if part >= tree.leaves:
            same = tree.pairs[part - tree.leaves].unit == pair.unit
            most = max(most, depth[part] + (not same))
    return most


def _key(number: int, tree: Tree, inner: Sequence[bool], depth: Sequence[int]) -> tuple[int, ...]:
    pair = tree.pairs[number]
    if not inner[tree.leaves + number]:
        return 1, number
    return 0, depth[tree.leaves + number], int(pair.unit or 0), pair.place, number
