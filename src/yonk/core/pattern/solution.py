"""What a list makes as a whole: its pieces shared out over units and plain patches, so that the
sizes go together.
"""

from __future__ import annotations

from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass
from fractions import Fraction
from functools import cache
from math import gcd, isqrt

from yonk.core.paper import LengthUnit
from yonk.core.pattern.listed_piece import ListedPiece
from yonk.core.pattern.piece_uses import PieceUse, sizes_for
from yonk.core.units import Terms

_MOST_TRIED = 20_000  # ways to share the pieces out: lists of patterns come to some hundreds
_MOST_CELLS = 16  # columns or rows of the grid that a list may fill: a block has no more by hand
# How far a size may lie from the module that all others keep, to be a slip and not another unit.
NEAR: dict[LengthUnit, Fraction] = {"in": Fraction(1, 2), "cm": Fraction(3, 2)}


@dataclass(frozen=True)
class Made:
    """So many of what a use gives; `columns` and `rows` are how many cells of the module each is
    meant to fill.
    """

    use: PieceUse
    lots: int
    columns: int
    rows: int

    @property
    def count(self) -> int:
        """How many there are."""
        return self.lots * self.use.lot


@dataclass(frozen=True)
class Solution:
    """A list shared out.

    Attributes:
        made: what comes of it.
        left: pieces of each line that nothing is made of, by its place in the list.
        module: the finished side of a cell of the grid that the sizes go into, in the list's unit.
        grid: columns and rows that all of it together would fill; none where it fills no grid.
    """

    made: tuple[Made, ...]
    left: tuple[int, ...]
    module: Fraction
    grid: tuple[int, int] | None

    def is_off(self, one: Made) -> bool:
        """Whether it does not come out as large as it is meant to be."""
        return (one.use.width, one.use.height) != self.meant(one)

    def meant(self, one: Made) -> tuple[Fraction, Fraction]:
        """The finished size that it is meant to have, the longer side first."""
        return self.module * one.columns, self.module * one.rows


def solve(
    pieces: Sequence[ListedPiece],
    uses: Sequence[PieceUse],
    terms: Terms,
    wanted: Fraction | None = None,
) -> Solution:
    """The best way to share a list out: nothing left over, sizes that go together, as few lines as
    can be that would have to be cut otherwise, a grid that is filled and near to square.

    Args:
        uses: all that the pieces can become.
        wanted: the finished side that the pattern tells, where it does.
    """
    odd = cache(lambda use, width, height: _odd_lines(pieces, use, width, height, terms))
    best: tuple[_Rank, Solution] | None = None
    for shares, left in _shares(pieces, uses):
        for module in _modules(shares, terms.unit, wanted):
            found = _placed(shares, left, module)
            if gcd(*(side for one in found.made for side in (one.columns, one.rows))) > 1:
                continue  # a finer grid says nothing more
            first = _first_rank(found, terms.unit, wanted)
            if best is not None and first > best[0][: len(first)]:
                continue
            wrong: dict[int, Fraction] = {}
            for one in found.made:
                wrong |= odd(one.use, *found.meant(one))
            rank = (*first, *_last_rank(found, wrong))
            if best is None or rank < best[0]:
                best = rank, found
    if best is None:
        return Solution((), tuple(piece.pieces for piece in pieces), Fraction(1), None)
    return best[1]


_Rank = tuple[Fraction | int, ...]
Share = tuple[PieceUse, int]


def _shares(
    pieces: Sequence[ListedPiece], uses: Sequence[PieceUse]
) -> Iterator[tuple[tuple[Share, ...], tuple[int, ...]]]:
    """The ways to use the pieces up, line by line: whatever a line is made into is made of as many
    of its pieces as can be, the rest of it into something else.
    """
    by_line = [[one for one in uses if line in one.asked()] for line in range(len(pieces))]
    tried = 0
    waiting: list[tuple[tuple[Share, ...], tuple[int, ...], int]] = [
        ((), tuple(piece.pieces for piece in pieces), 0)
    ]
    while waiting and tried < _MOST_TRIED:
        shares, left, line = waiting.pop()
        tried += 1
        while line < len(pieces) and left[line] == 0:
            line += 1
        if line == len(pieces):
            if shares:
                yield shares, left
            continue
        nothing_more = True
        for use in by_line[line]:
            lots = use.lots(left)
            if lots == 0 or any(one is use for one, _ in shares):
                continue
            asked = use.asked()
            rest = tuple(many - asked.get(n, 0) * lots for n, many in enumerate(left))
            waiting.append(((*shares, (use, lots)), rest, line))
            nothing_more = False
        if nothing_more:
            waiting.append((shares, left, line + 1))


def _modules(shares: Sequence[Share], unit: LengthUnit, wanted: Fraction | None) -> list[Fraction]:
    """The sides of a cell that may be meant: a side of what is made, or a small part of one; of a
    block whose size is told, its side parted into columns.
    """
    sides = {side for use, _ in shares for side in (use.width, use.height)}
    least = NEAR[unit] * 2  # a finer grid would have every size near one of its lines
    parts = {side / parts for side in sides for parts in (1, 2, 3, 4)}
    if wanted is not None:
        parts |= {wanted / columns for columns in range(1, _MOST_CELLS + 1)}
    return sorted(part for part in parts if part >= least) or [max(sides)]


def _placed(shares: Sequence[Share], left: tuple[int, ...], module: Fraction) -> Solution:
    made = tuple(
        Made(
            use,
            lots,
            max(1, round(use.width / module)),
            max(1, round(use.height / module)),
        )
        for use, lots in shares
    )
    cells = sum(one.count * one.columns * one.rows for one in made)
    longest = max(one.columns for one in made)
    return Solution(made, left, module, _grid(cells, longest))


def _grid(cells: int, longest: int) -> tuple[int, int] | None:
    """The grid nearest to square that has so many cells and room for the longest unit."""
    for rows in range(isqrt(cells), 0, -1):
        columns = cells // rows
        if columns > 2 * rows:
            break  # a row of leftovers and no block
        if rows * columns == cells and longest <= columns <= _MOST_CELLS:
            return columns, rows
    return None


def _first_rank(found: Solution, unit: LengthUnit, wanted: Fraction | None) -> _Rank:
    """What counts first, the less the better: pieces left over, sizes far from the module, a side
    that is not the one told.
    """
    gaps = [
        max(
            abs(meant - side)
            for meant, side in zip(found.meant(one), (one.use.width, one.use.height), strict=True)
        )
        for one in found.made
    ]
    stray = sum(gap > NEAR[unit] for gap in gaps)
    told = wanted is None or (found.grid is not None and found.grid[0] * found.module == wanted)
    return sum(found.left), stray, not told


def _last_rank(found: Solution, wrong: Mapping[int, Fraction]) -> _Rank:
    """What counts then: lines to be cut otherwise, no grid, by how much they are wrong, a fine
    grid, one far from square, many sorts of things.
    """
    columns, rows = found.grid or (_MOST_CELLS + 1, 0)
    by = sum(wrong.values())
    return len(wrong), found.grid is None, by, -found.module, columns - rows, len(found.made)


def _odd_lines(
    pieces: Sequence[ListedPiece],
    use: PieceUse,
    width: Fraction,
    height: Fraction,
    terms: Terms,
) -> dict[int, Fraction]:
    """The lines that would have to be cut otherwise for a size that is meant, and by how much."""
    sizes = sizes_for(use, width, height, terms)
    asked = {taken.piece: size for taken, size in zip(use.takes, sizes, strict=True)}
    gaps = {
        line: abs(pieces[line].width - wide) + abs(pieces[line].height - high)
        for line, (wide, high) in asked.items()
    }
    return {line: gap for line, gap in gaps.items() if gap}
