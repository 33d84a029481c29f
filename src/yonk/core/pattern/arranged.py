"""Where the units of a list may lie in the grid that they fill: alike ones in places that four-fold
turning brings to each other, else as they come.
"""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass

_MOST_STEPS = 60_000  # of the search: a block's list takes some hundreds


@dataclass(frozen=True)
class GridPlace:
    """One of what a list makes in the grid: which, where, and turned by so many quarters."""

    which: int
    column: int
    row: int
    columns: int
    rows: int
    turn: int


_Sizes = Sequence[tuple[int, int, int]]  # columns, rows and count of each
_Box = tuple[int, int, int, int]  # column, row, columns, rows


def arranged(sizes: _Sizes, columns: int, rows: int) -> tuple[GridPlace, ...]:
    """Places for everything, none over another and no cell free; nothing where none was found.

    Args:
        sizes: of each kind of thing the columns and rows it fills and how many there are.
    """
    ways = (True, False) if columns == rows else (False,)
    return next(
        filter(None, (_Search(sizes, columns, rows, fourfold=way).found() for way in ways)), ()
    )


def _turned(box: _Box, size: int) -> Iterator[tuple[_Box, int]]:
    """A place and where quarter turns of the block bring it, each once, with how it is turned."""
    seen: set[_Box] = set()
    for turn in range(4):
        if box not in seen:
            seen.add(box)
            yield box, turn
        column, row, wide, high = box
        box = size - row - high, column, high, wide


class _Search:
    """Depth first: the first free cell, and whatever may begin there, with all its mates."""

    def __init__(self, sizes: _Sizes, columns: int, rows: int, *, fourfold: bool) -> None:
        self.sizes, self.columns, self.rows, self.fourfold = sizes, columns, rows, fourfold
        self.left = [count for _, _, count in sizes]
        self.free = [[True] * columns for _ in range(rows)]
        self.placed: list[list[GridPlace]] = []
        self.steps = 0

    def found(self) -> tuple[GridPlace, ...]:
        """The places, or nothing."""
        return tuple(one for lot in self.placed for one in lot) if self._fill() else ()

    def _fill(self) -> bool:
        spot = next(
            ((c, r) for r in range(self.rows) for c in range(self.columns) if self.free[r][c]),
            None,
        )
        if spot is None:
            return not any(self.left)
        self.steps += 1
        if self.steps > _MOST_STEPS:
            return False
        for lot in self._lots_at(*spot):
            self._take(lot, free=False)
            self.placed.append(lot)
            if self._fill():
                return True
            self.placed.pop()
            self._take(lot, free=True)
        return False

    def _lots_at(self, column: int, row: int) -> Iterator[list[GridPlace]]:
        """What may begin at a cell: the smallest first, which are the corners of many blocks, and
        of those the ones that there are fewest of.
        """
        order = sorted(
            range(len(self.sizes)),
            key=lambda n: (self.sizes[n][0] * self.sizes[n][1], self.left[n], n),
        )
        for which in order:
            wide, high, _ = self.sizes[which]
            lies = [(wide, high, 0), (high, wide, 1)][: 1 if wide == high else 2]
            for across, down, lying in lies:
                box = column, row, across, down
                boxes = _turned(box, self.columns) if self.fourfold else [(box, 0)]
                lot = [GridPlace(which, *one, (turn + lying) % 4) for one, turn in boxes]
                if len(lot) <= self.left[which] and self._is_free(lot):
                    yield lot

    def _is_free(self, lot: Sequence[GridPlace]) -> bool:
        cells = [cell for one in lot for cell in _cells(one)]
        inside = all(0 <= c < self.columns and 0 <= r < self.rows for c, r in cells)
        return inside and len(set(cells)) == len(cells) and all(self.free[r][c] for c, r in cells)

    def _take(self, lot: Sequence[GridPlace], *, free: bool) -> None:
        for one in lot:
            self.left[one.which] += 1 if free else -1
            for column, row in _cells(one):
                self.free[row][column] = free


def _cells(one: GridPlace) -> Iterator[tuple[int, int]]:
    for row in range(one.row, one.row + one.rows):
        for column in range(one.column, one.column + one.columns):
            yield column, row
