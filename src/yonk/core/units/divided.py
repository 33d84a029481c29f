"""Stamps of units that can be divided in more than one way: bars of any number and width, checkers
of any number of columns and rows, any number of rounds.
"""

from __future__ import annotations

import re
from collections.abc import Iterable, Sequence
from fractions import Fraction
from itertools import accumulate

from yonk.core.paper import LengthError, Message, message, read_length
from yonk.core.units.stamp import Stamp

MOST_BARS = 24
MOST_CELLS = 16  # of a checker, across and down
MOST_ROUNDS = 8  # each is a half of the last one by area; of more none could be sewn

UnitSpot = tuple[Fraction, Fraction]


class DivisionError(ValueError):
    """A text that tells no division; `message` says what would."""

    def __init__(self, message: Message) -> None:
        super().__init__(message)
        self.message = message


def bars(text: str) -> Stamp:
    """Bars one above the other, by their proportions.

    >>> bars("1 2 1").seams
    '0 1/4 1 1/4, 0 3/4 1 3/4'
    """
    try:
        wide = [read_length(part) for part in re.split(r"[\s,;:]+", text.strip()) if part]
    except LengthError:
        raise DivisionError(message("bars-are-told-so", most=MOST_BARS)) from None
    if not 2 <= len(wide) <= MOST_BARS or any(not 0 < one <= 100 for one in wide):
        raise DivisionError(message("bars-are-told-so", most=MOST_BARS))
    ends = [Fraction(0), *(end / sum(wide) for end in accumulate(wide))]
    return Stamp(
        _seams(((Fraction(0), end), (Fraction(1), end)) for end in ends[1:-1]),
        _points(
            (((Fraction(1, 2), (a + b) / 2), number))
            for number, (a, b) in enumerate(zip(ends, ends[1:], strict=False))
        ),
    )


def checks(text: str) -> Stamp:
    """So many columns by so many rows of squares, in two fabrics in turn.

    >>> checks("2 x 1").points
    '1/4 1/2 0, 3/4 1/2 1'
    """
    found = re.fullmatch(r"\s*(\d{1,3})\s*(?:[x×*,]|\s)\s*(\d{1,3})\s*", text)
    columns, rows = map(int, found.groups()) if found else (0, 0)
    if not (1 <= columns <= MOST_CELLS and 1 <= rows <= MOST_CELLS and columns * rows > 1):
        raise DivisionError(message("checks-are-told-so", most=MOST_CELLS))
    upright = (
        ((Fraction(n, columns), Fraction(0)), (Fraction(n, columns), Fraction(1)))
        for n in range(1, columns)
    )
    level = (
        ((Fraction(0), Fraction(n, rows)), (Fraction(1), Fraction(n, rows))) for n in range(1, rows)
    )
    return Stamp(
        _seams([*upright, *level]),
        _points(
            (
                (Fraction(2 * column + 1, 2 * columns), Fraction(2 * row + 1, 2 * rows)),
                (column + row) % 2,
            )
            for row in range(rows)
            for column in range(columns)
        ),
        span=(columns, rows),
    )


def rounds(text: str) -> Stamp:
    """A square in so many rounds of corners, each in the next fabric.

    >>> rounds("1").seams
    '1/2 0 1 1/2, 1 1/2 1/2 1, 1/2 1 0 1/2, 0 1/2 1/2 0'
    """
    found = re.fullmatch(r"\s*(\d{1,2})\s*", text)
    count = int(found.group(1)) if found else 0
    if not 1 <= count <= MOST_ROUNDS:
        raise DivisionError(message("rounds-are-told-so", most=MOST_ROUNDS))
    zero, one = Fraction(0), Fraction(1)
    square: list[UnitSpot] = [(zero, zero), (one, zero), (one, one), (zero, one)]
    seams: list[tuple[UnitSpot, UnitSpot]] = []
    points: list[tuple[UnitSpot, int]] = []
    for number in range(count, 0, -1):  # the outermost is in the last fabric
        inner = [_halfway(square[n], square[(n + 1) % 4]) for n in range(4)]
        seams += [(inner[n], inner[(n + 1) % 4]) for n in range(4)]
        points += [
            (_halfway(_halfway(inner[n - 1], inner[n]), corner), number)
            for n, corner in enumerate(square)
        ]
        square = inner
    middle = Fraction(1, 2), Fraction(1, 2)
    return Stamp(_seams(seams), _points([(middle, 0), *points]), span=(2, 2))


def _halfway(one: UnitSpot, other: UnitSpot) -> UnitSpot:
    return (one[0] + other[0]) / 2, (one[1] + other[1]) / 2


def _seams(seams: Iterable[tuple[UnitSpot, UnitSpot]]) -> str:
    return ", ".join(" ".join(map(str, (*a, *b))) for a, b in seams)


def _points(points: Iterable[tuple[UnitSpot, int]] | Sequence[tuple[UnitSpot, int]]) -> str:
    return ", ".join(f"{x} {y} {place}" for (x, y), place in points)
