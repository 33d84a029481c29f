"""The chart: what a unit is cut to by one method, over a range of finished sizes, with the settings
said beside it.
"""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass
from fractions import Fraction

from yonk.core.finder.chart_check import ChartPiece, pieces_of_method
from yonk.core.paper import Length
from yonk.core.units import Terms, UnitKindName


@dataclass(frozen=True)
class ChartLine:
    """One finished width: the unfinished size and the pieces with their cuts."""

    finished: tuple[Length, Length]
    unfinished: tuple[Length, Length]
    pieces: tuple[ChartPiece, ...]


def cut_chart(
    kind: UnitKindName, method: str, widths: Iterable[Fraction], terms: Terms
) -> list[ChartLine]:
    """A chart of what a method cuts.

    Args:
        widths: finished widths in the unit of `terms`; the height follows from the kind.

    Returns: a line for each width.

    Raises: `DraftError` where there is no such unit or method.
    """
    lines = []
    for width in widths:
        unit, _, pieces = pieces_of_method(kind, method, width, None, terms)
        high, both = min(unit.width, unit.height), terms.both_seams
        wide = max(unit.width, unit.height)
        lines.append(ChartLine((wide, high), (wide + both, high + both), pieces))
    return lines
