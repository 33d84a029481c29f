"""A stamp: how a kind of unit is drawn when it is put into a span of cells."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from fractions import Fraction

from yonk.core.drawing import Motif
from yonk.core.paper import Paint


@dataclass(frozen=True)
class Stamp:
    """Seams as ``x y x y`` and points as ``x y fabric``, separated by commas, from 0 to 1 across
    and down.

    The fabric is the place among the fabrics in hand. `span` is how many cells, across and down,
    suit it.
    """

    seams: str
    points: str
    span: tuple[int, int] = (1, 1)

    def motif(self, fabrics: Sequence[str]) -> Motif:
        """The unit in the fabrics in hand; where too few are in hand the last one serves again."""
        numbers = [
            [Fraction(part) for part in seam.split()]
            for seam in self.seams.split(",")
            if seam.strip()
        ]
        paints = [point.split() for point in self.points.split(",")]
        return Motif(
            tuple(((ax, ay), (bx, by)) for ax, ay, bx, by in numbers),
            tuple(
                Paint((Fraction(x), Fraction(y)), fabrics[min(int(place), len(fabrics) - 1)])
                for x, y, place in paints
                if fabrics
            ),
        )
