"""What a quilter sets for units by themselves: for a kind of unit, for a group of units and for
their parts.
"""

from __future__ import annotations

from collections.abc import Callable, Mapping
from dataclasses import dataclass, field, replace
from fractions import Fraction
from typing import Literal

from yonk.core.paper.points import Point
from yonk.core.paper.settings import Trimmed

PartName = Literal["goose", "sky", "centre", "corner", "half", "quarter", "base", "strip"]
PART_NAMES: tuple[PartName, ...] = (
    "goose",
    "sky",
    "centre",
    "corner",
    "half",
    "quarter",
    "base",
    "strip",
)
UnitPress = Literal["dark", "open", "outward", "side-then-open"]
UNIT_PRESSES: tuple[UnitPress, ...] = ("dark", "open", "outward", "side-then-open")
WhereSet = Literal["part", "unit", "kind", "block"]


@dataclass(frozen=True, kw_only=True)
class OwnMaking:
    """What is set for a kind of unit, or for a group of units, by itself; None is left to what is
    further off. `parts` are the margins of parts of a unit, by their names.
    """

    trim_margin: Fraction | None = None
    parts: Mapping[str, Fraction] = field(default_factory=dict)
    press: UnitPress | None = None
    trimmed: Trimmed | None = None

    @property
    def untouched(self) -> bool:
        """Whether nothing is set."""
        nothing = self.trim_margin is None and self.press is None and self.trimmed is None
        return nothing and not self.parts


@dataclass(frozen=True, kw_only=True)
class UnitWish(OwnMaking):
    """What is set for the group of units like the one that holds the point `at`: the way to make
    it, how many lots more than are needed, to choose from, and what `OwnMaking` has.
    """

    at: Point
    method: str | None = None
    more: int = 0

    @property
    def untouched(self) -> bool:
        """Whether nothing is set."""
        return self.method is None and not self.more and super().untouched

    def moved(self, forth: Callable[[Point], Point]) -> UnitWish:
        """The same where the grid has moved under it."""
        return replace(self, at=forth(self.at))


@dataclass(frozen=True)
class TrimMargin:
    """How much larger a part is cut than its unit needs, to be trimmed, and where that was set."""

    by: Fraction
    set_for: WhereSet


def margin_that_counts(
    part: str, unit: OwnMaking | None, kind: OwnMaking | None, block: Fraction
) -> TrimMargin:
    """The margin of a part of a unit: the nearest wins, which is that of the part, then of the
    unit, both as set for this very unit before what is set for its kind, then of the block.

    >>> of_kind = OwnMaking(trim_margin=Fraction(1, 4), parts={"sky": Fraction(3, 8)})
    >>> margin_that_counts("sky", None, of_kind, Fraction(1, 8)).by
    Fraction(3, 8)
    >>> margin_that_counts("goose", OwnMaking(), of_kind, Fraction(1, 8)).set_for
    'kind'
    """
    for own, where in ((unit, "unit"), (kind, "kind")):
        if own is None:
            continue
        if part in own.parts:
            return TrimMargin(own.parts[part], "part")
        if own.trim_margin is not None:
            return TrimMargin(own.trim_margin, "unit" if where == "unit" else "kind")
    return TrimMargin(block, "block")
