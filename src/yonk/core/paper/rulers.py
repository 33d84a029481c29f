"""The rulers that a quilter owns: their sizes, their finest marks and what their marks tell."""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass
from fractions import Fraction
from typing import Literal

from yonk.core.paper.bounds import LengthUnit
from yonk.core.paper.measure import LengthError, read_in, write_typed
from yonk.core.paper.messages import listed, message

RulerMarks = Literal["unfinished", "finished"]
RULER_MARKS: tuple[RulerMarks, ...] = ("unfinished", "finished")
MOST_RULERS = 24  # more hang on nobody's wall
_PARTS = 4  # width, length, finest mark and what the marks tell


@dataclass(frozen=True)
class OwnedRuler:
    """A ruler that she owns: its sides and its finest mark, in the draft's unit. Its marks tell
    unfinished sizes, or finished ones, as on rulers made for a unit with its seams counted in.
    """

    width: Fraction
    length: Fraction
    step: Fraction
    marks: RulerMarks = "unfinished"

    @property
    def sides(self) -> tuple[Fraction, Fraction]:
        """The shorter side and the longer one."""
        return min(self.width, self.length), max(self.width, self.length)

    def covers(self, one: Fraction, other: Fraction) -> bool:
        """Whether it reaches over the whole of a rectangle, however it is turned."""
        short, long = self.sides
        return min(one, other) <= short and max(one, other) <= long


Checked = Callable[[Fraction, Literal["side", "step"]], Fraction]


def read_rulers(text: str, unit: LengthUnit, checked: Checked) -> tuple[OwnedRuler, ...]:
    """Rulers as they are typed: width, length, finest mark and what the marks tell, parted by
    strokes; one ruler from the next by a semicolon.

    Args:
        unit: the unit that lengths are typed in.
        checked: gives a length back that is a side or a step of a ruler; raises where it cannot be.

    Raises: `LengthError` where one of them cannot be read.

    >>> read_rulers("6 1/2 | 6 1/2 | 1/8 | finished", "in", lambda length, _: length)[0].marks
    'finished'
    """
    rows = [row for row in text.split(";") if row.strip()]
    if len(rows) > MOST_RULERS:
        raise LengthError(message("too-many-rulers", most=MOST_RULERS))
    found = []
    for row in rows:
        parts = [part.strip() for part in row.split("|")]
        if len(parts) != _PARTS:
            raise LengthError(message("ruler-has-four-parts", text=row.strip()))
        marks = next((one for one in RULER_MARKS if one == parts[3]), None)
        if marks is None:
            raise LengthError(message("must-be-one-of", choices=listed(RULER_MARKS, "comma")))
        width, length = (checked(read_in(part, unit), "side") for part in parts[:2])
        found.append(OwnedRuler(width, length, checked(read_in(parts[2], unit), "step"), marks))
    return tuple(found)


def write_rulers(rulers: Sequence[OwnedRuler], unit: LengthUnit) -> str:
    """Rulers as they are typed; reading that gives the same."""
    return "; ".join(
        " | ".join(
            (*(write_typed(one, unit) for one in (row.width, row.length, row.step)), row.marks)
        )
        for row in rulers
    )


# A square one that covers most units, which is what is bought first beside the long one.
USUAL_RULER: Mapping[LengthUnit, OwnedRuler] = {
    "in": OwnedRuler(Fraction(13, 2), Fraction(13, 2), Fraction(1, 8)),
    "cm": OwnedRuler(Fraction(15), Fraction(15), Fraction(1, 10)),
}
