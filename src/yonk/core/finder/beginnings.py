"""What a page begins with before anything is typed: questions that a quilter would ask, in each
unit.
"""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass

from yonk.core.paper import LengthUnit
from yonk.core.units import MethodName, UnitKindName


@dataclass(frozen=True)
class FinderBeginning:
    """Lengths as typed, in the unit: a precut square, a finished size, and what the chart of a
    unit runs over: from, to, in steps of.
    """

    side: str
    finished: str
    chart: tuple[str, str, str]


BEGINNINGS: Mapping[LengthUnit, FinderBeginning] = {
    "in": FinderBeginning(side="5", finished="3", chart=("1", "6", "1/2")),
    "cm": FinderBeginning(side="12.5", finished="8", chart=("2", "20", "1")),
}
PIECES, FABRICS = 42, 6  # as precut squares are sold: a pack of them in several fabrics
KIND: UnitKindName = "half-square-triangle"
METHOD: MethodName = "two-at-a-time"
