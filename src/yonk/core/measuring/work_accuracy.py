"""How exactly a quilter works, as far as she told it and her seam log shows it; first guesses for
the rest.
"""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, field, replace
from fractions import Fraction
from types import MappingProxyType
from typing import Literal

from yonk.core.measuring.errors import Errors, first_guess
from yonk.core.measuring.recommendations import TAKEN_BACK
from yonk.core.measuring.seam_log import (
    WITHIN,
    SeamStatistics,
    SeamTest,
    errors_of,
    guessed,
    standing,
)
from yonk.core.paper import LengthField, LengthUnit, Message, convert, message

FigureName = Literal["within", "cut_spread", "trim_spread", "tolerance"]
FIGURES: Mapping[FigureName, LengthField] = MappingProxyType(
    {
        "within": "tolerance",
        "cut_spread": "spread",
        "trim_spread": "spread",
        "tolerance": "tolerance",
    }
)
MOST_TAKEN_BACK = 5  # times that a seam is taken back; cloth does not bear more


def figure_words(name: FigureName) -> Message:
    """What a figure is, before its number."""
    return message(f"figure-{name.replace('_', '-')}")


def so_many_times(count: int) -> Message:
    """How often a seam is taken back, up to `MOST_TAKEN_BACK` times."""
    return message("so-many-times", count=count)


@dataclass(frozen=True, kw_only=True)
class WorkAccuracy:
    """What she told of her work, in `unit`, by its name; how often she takes a seam back."""

    unit: LengthUnit = "in"
    reported: Mapping[FigureName, Fraction] = field(default_factory=dict)
    taken_back: int = TAKEN_BACK

    def figure(self, name: FigureName, unit: LengthUnit) -> Fraction:
        """A figure in a unit, as she told it or as it is usual."""
        if name in self.reported:
            return convert(self.reported[name], self.unit, unit)
        usual: Fraction = WITHIN[unit] if name == "within" else getattr(first_guess(unit), name)
        return usual


@dataclass(frozen=True, kw_only=True)
class SeamLog:
    """Her seam tests, from the oldest to the newest, and what she told of her work."""

    tests: tuple[SeamTest, ...] = ()
    figures: WorkAccuracy = WorkAccuracy()

    @property
    def unit(self) -> LengthUnit:
        """The unit that the log is told in: that of the newest test."""
        return self.tests[-1].unit if self.tests else self.figures.unit

    @property
    def within(self) -> Fraction:
        """How far off a seam may be, in the log's unit."""
        return self.figures.figure("within", self.unit)

    @property
    def standing(self) -> SeamStatistics | None:
        """How her seam stands; None without a test."""
        return standing(self.tests, self.within)

    def errors_for(self, seam: Fraction, unit: LengthUnit) -> Errors:
        """How exactly she works on a block of a seam allowance, in its unit."""
        reported = first_guess(unit)
        for name in ("cut_spread", "trim_spread", "tolerance"):
            reported = replace(reported, **{name: self.figures.figure(name, unit)})
        return errors_of(self.standing, reported, seam, unit)

    @property
    def guesses(self) -> tuple[str, ...]:
        """Which figures are first guesses, by their names in `Errors`."""
        return guessed(self.standing, tuple(self.figures.reported))
