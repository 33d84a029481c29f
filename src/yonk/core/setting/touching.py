"""Which places of a setting touch, and which neighbours must not or should: alike ones, and what
the quilter says of two blocks or two fabrics.

Source: the spreading of `docs/setting.md`.
"""

from __future__ import annotations

from collections.abc import Iterator
from functools import cache, cached_property

from yonk.core.setting.drawn import Pen, grid_of
from yonk.core.setting.places import columns_in, places_of, rows_of
from yonk.core.setting.quilt import Placed, Quilt, RowColumn, Setting, SpreadRule, SpreadWish

PlacePair = tuple[RowColumn, RowColumn]


def touching_pairs(setting: Setting, *, corners: bool) -> list[PlacePair]:
    """The places that touch along a side; also those that meet at a corner, if asked."""
    if setting.kind == "straight":
        steps = [(0, 1), (1, 0), *([(1, 1), (1, -1)] if corners else [])]

        def near(at: RowColumn) -> list[RowColumn]:
            return [(at[0] + down, at[1] + right) for down, right in steps]
    else:

        def near(at: RowColumn) -> list[RowColumn]:
            shift = at[0] % 2
            beside = [(at[0] + 1, at[1] + shift), (at[0] + 1, at[1] + shift - 1)]
            return [*beside, *([(at[0], at[1] + 1), (at[0] + 2, at[1])] if corners else [])]

    known = {(row, c) for row in range(rows_of(setting)) for c in range(columns_in(setting, row))}
    return [(at, other) for at in sorted(known) for other in near(at) if other in known]


class Neighbours:
    """What may not lie beside what in a quilt: two alike; what a rule says never to touch."""

    def __init__(self, quilt: Quilt, wish: SpreadWish) -> None:
        self.quilt, self.wish = quilt, wish
        self.cell_of = {place: cell for cell, place in grid_of(quilt).cells.items()}
        self.pairs = touching_pairs(quilt.setting, corners=wish.corners)
        never = [one for one in wish.rules if one.how == "never"]
        self._blocks = [frozenset((one.one, one.other)) for one in never if one.of == "blocks"]
        self._fabrics = [(one.one, one.other) for one in never if one.of == "fabrics"]
        self.edges = cache(self._edges)
        self.clash = cache(self._clash)

    def clashes(self, one: Placed, at: RowColumn, other: Placed, there: RowColumn) -> bool:
        """Whether two blocks may not lie at two places that touch."""
        (a, b), (c, d) = self.cell_of[at], self.cell_of[there]
        return self.clash(one, other, (c - a, d - b))

    def _clash(self, one: Placed, other: Placed, step: RowColumn) -> bool:
        if one.block == other.block or {one.block, other.block} in self._blocks:
            return True
        if not self._fabrics or 0 not in step:
            return False  # at a corner no fabric lies along another
        mine, theirs = self.edges(one, step), self.edges(other, (-step[0], -step[1]))
        return any(
            (a in mine and b in theirs) or (b in mine and a in theirs) for a, b in self._fabrics
        )

    def _edges(self, placed: Placed, step: RowColumn) -> frozenset[str]:
        """The fabrics along the side of a block that lies toward a step."""
        axis, far = (1, step[0] > 0) if step[0] else (0, step[1] > 0)
        size = self._pen.module.height if axis else self._pen.module.width
        where = size if far else 0
        shapes = self._pen.turned(placed)
        return frozenset(
            one.fabric for one in shapes if sum(x[axis] == where for x in one.ring) > 1
        )

    @cached_property
    def _pen(self) -> Pen:
        return Pen(self.quilt)


def clashing(quilt: Quilt, wish: SpreadWish) -> list[PlacePair]:
    """The pairs of neighbours that may not touch as they lie."""
    near = Neighbours(quilt, wish)
    lies = {(one.row, one.column): one.placed for one in places_of(quilt.setting)}
    found = []
    for one, other in near.pairs:
        first, second = lies[one], lies[other]
        if first and second and near.clashes(first, one, second, other):
            found.append((one, other))
    return found


def lonely(quilt: Quilt, wish: SpreadWish) -> list[RowColumn]:
    """The places whose block should touch another, by a rule, and does not."""
    lies = {(one.row, one.column): one.placed for one in places_of(quilt.setting)}
    around: dict[RowColumn, set[str]] = {at: set() for at in lies}
    for one, other in touching_pairs(quilt.setting, corners=wish.corners):
        first, second = lies[one], lies[other]
        if first and second:
            around[one].add(second.block)
            around[other].add(first.block)
    return sorted(
        at
        for at, placed in lies.items()
        if placed
        for rule in together(wish)
        if placed.block == rule.one and rule.other not in around[at]
    )


def together(wish: SpreadWish) -> Iterator[SpreadRule]:
    """The rules of blocks that should touch: each of the first one of the other."""
    return (one for one in wish.rules if one.how == "together" and one.of == "blocks")
