"""A pattern's list judged: what it makes, how large that really is, and each number by itself."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from fractions import Fraction
from typing import Literal

from yonk.core.acts import BlockBeginning
from yonk.core.paper import Draft, typed_length
from yonk.core.pattern.drafted import draft_of_list, side_of
from yonk.core.pattern.listed_piece import ListedPiece, read_list
from yonk.core.pattern.piece_uses import sizes_for, true_terms, uses_of
from yonk.core.pattern.solution import Solution, solve
from yonk.core.units import Terms

LineWord = Literal["right", "too-small", "larger", "left"]


@dataclass(frozen=True)
class LineVerdict:
    """What is said of one line of a list.

    `size` is what it ought to be cut to, the longer side first, for what is made of it; none where
    nothing is. `left` is how many of its pieces are left over.
    """

    piece: ListedPiece
    word: LineWord
    size: tuple[Fraction, Fraction] | None
    left: int


@dataclass(frozen=True)
class PatternVerdict:
    """A list judged.

    Attributes:
        lines: each line by itself, in the order of the list.
        solution: what it makes.
        wanted: the finished side that the pattern tells; none where it was not told.
        really: the finished width that it gives; none where the sizes do not go together.
        draft: the block that it fills, of the sizes that are meant; none where it fills no grid.
    """

    lines: tuple[LineVerdict, ...]
    solution: Solution
    wanted: Fraction | None
    really: Fraction | None
    draft: Draft | None


def judge_list(text: str, asked: Terms, wanted: str, begun: BlockBeginning) -> PatternVerdict:
    """Judge a pattern's list.

    Args:
        text: the list, a piece a line.
        asked: seam allowance, ruler and unit of its sizes; a margin to trim counts for nothing.
        wanted: the finished width that the pattern tells, as typed; empty where it tells none.
        begun: how the block begins that is drafted of it.

    Raises: `DraftError` naming the line or the field.
    """
    unit, terms = asked.unit, true_terms(asked)
    pieces = read_list(text, unit)
    side = typed_length(wanted, "wanted", "finished", unit) if wanted.strip() else None
    solution = solve(pieces, uses_of(pieces, terms), terms, side)
    lines = tuple(_line(place, pieces, solution, terms) for place in range(len(pieces)))
    return PatternVerdict(
        lines, solution, side, side_of(solution), draft_of_list(pieces, solution, begun)
    )


def _line(
    place: int, pieces: Sequence[ListedPiece], solution: Solution, terms: Terms
) -> LineVerdict:
    piece, left = pieces[place], solution.left[place]
    asked = [
        size
        for one in solution.made
        for taken, size in zip(
            one.use.takes, sizes_for(one.use, *solution.meant(one), terms), strict=True
        )
        if taken.piece == place
    ]
    if not asked:
        return LineVerdict(piece, "left", None, left)
    size = max(width for width, _ in asked), max(height for _, height in asked)
    word: LineWord = "right"
    if piece.width < size[0] or piece.height < size[1]:
        word = "too-small"
    elif (piece.width, piece.height) != size:
        word = "larger"
    return LineVerdict(piece, word, size, left)
