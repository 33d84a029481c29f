"""The ruled paper: from points counted in columns and rows to places on the cloth, and back."""

from __future__ import annotations

from bisect import bisect_right
from dataclasses import dataclass
from fractions import Fraction
from functools import lru_cache
from itertools import accumulate

from yonk.core.paper.draft import Draft
from yonk.core.paper.points import Point


@lru_cache(maxsize=64)
def _lines(proportions: tuple[Fraction, ...], finished: Fraction) -> tuple[Fraction, ...]:
    total = sum(proportions)
    return (Fraction(0), *(reach * finished / total for reach in accumulate(proportions)))


def _place(at: Fraction, lines: tuple[Fraction, ...]) -> Fraction:
    cell = min(int(at), len(lines) - 2)
    return lines[cell] + (at - cell) * (lines[cell + 1] - lines[cell])


def _count(place: Fraction, lines: tuple[Fraction, ...]) -> Fraction:
    cell = min(bisect_right(lines, place) - 1, len(lines) - 2)
    return cell + (place - lines[cell]) / (lines[cell + 1] - lines[cell])


@dataclass(frozen=True)
class Ruling:
    """Where the grid lines lie, in the draft's unit from the top left corner of the finished
    block.
    """

    across: tuple[Fraction, ...]
    down: tuple[Fraction, ...]

    @classmethod
    def of(cls, draft: Draft) -> Ruling:
        """The ruling of a draft: its finished size shared out in its proportions."""
        return cls(_lines(draft.columns, draft.width), _lines(draft.rows, draft.height))

    def place(self, point: Point) -> Point:
        """From columns and rows to the draft's unit."""
        return self.place_across(point[0]), self.place_down(point[1])

    def place_across(self, columns: Fraction) -> Fraction:
        """How far from the left edge, in the draft's unit."""
        return _place(columns, self.across)

    def place_down(self, rows: Fraction) -> Fraction:
        """How far from the top edge, in the draft's unit."""
        return _place(rows, self.down)

    def count(self, place: Point) -> Point:
        """From the draft's unit to columns and rows."""
        return _count(place[0], self.across), _count(place[1], self.down)
