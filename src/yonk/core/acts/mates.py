"""Mates: the other places of a block that four-fold turning or mirroring gives, where an act is
done as well.
"""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction
from typing import Literal

from yonk.core.drawing import Motif, Span
from yonk.core.paper import Draft, DraftError, Point, message

MatesName = Literal[
    "none",
    "half-turn",
    "quarter-turns",
    "left-right",
    "top-bottom",
    "both-ways",
    "diagonals",
    "all",
]


@dataclass(frozen=True)
class Mate:
    """A way onto another place: mirrored left for right first, where `flip` is set, then turned by
    quarters.
    """

    quarters: int = 0
    flip: bool = False

    def point(self, at: Point, size: tuple[int, int]) -> Point:
        """Where a point comes to lie in a grid of so many columns and rows."""
        x, y = at
        wide, high = Fraction(size[0]), Fraction(size[1])
        if self.flip:
            x = wide - x
        for _ in range(self.quarters):
            x, y, wide, high = high - y, x, high, wide
        return x, y

    def span(self, span: Span, size: tuple[int, int]) -> Span:
        """Where a span of cells comes to lie."""
        a, b = (self.point(corner, size) for corner in span.corners())
        left, right = sorted((int(a[0]), int(b[0])))
        top, bottom = sorted((int(a[1]), int(b[1])))
        return Span(left, top, right - left, bottom - top)

    def motif(self, motif: Motif) -> Motif:
        """The motif as it lies there."""
        return (motif.mirrored() if self.flip else motif).turned(self.quarters)


_WAYS: dict[MatesName, tuple[Mate, ...]] = {
    "none": (Mate(),),
    "half-turn": (Mate(), Mate(2)),
    "quarter-turns": (Mate(), Mate(1), Mate(2), Mate(3)),
    "left-right": (Mate(), Mate(0, True)),
    "top-bottom": (Mate(), Mate(2, True)),
    "both-ways": (Mate(), Mate(0, True), Mate(2, True), Mate(2)),
    "diagonals": (Mate(), Mate(1, True), Mate(3, True), Mate(2)),
    "all": tuple(Mate(quarters, flip) for flip in (False, True) for quarters in range(4)),
}


def possible_mates(draft: Draft) -> dict[MatesName, tuple[Mate, ...]]:
    """The mates that the draft's grid allows."""
    square = len(draft.columns) == len(draft.rows)
    return {
        name: ways
        for name, ways in _WAYS.items()
        if square or not any(way.quarters % 2 for way in ways)
    }


def mates_of(draft: Draft, name: MatesName) -> tuple[Mate, ...]:
    """The mates of that name, the place itself first.

    Raises `DraftError` where quarter turns would need as many rows as columns.
    """
    ways = possible_mates(draft).get(name)
    if ways is None:
        raise DraftError(
            "mates",
            message("mates-need-a-square-grid"),
        )
    return ways
