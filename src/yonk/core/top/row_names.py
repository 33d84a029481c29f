"""What the rows of a top, and what is sewn of them, are called."""

from __future__ import annotations

from dataclasses import dataclass

QUARTERS = ("upper left", "upper right", "lower left", "lower right")


@dataclass(frozen=True)
class RowName:
    """Rows from one to another, from nought; or the strip above a row, below the last where there
    is none. `quarter` is its number, `half` the upper or the lower, where a whole one is meant.
    """

    first: int
    last: int
    kind: str = "row"
    strip: bool = False
    lowest: bool = False
    quarter: int | None = None
    half: int | None = None

    def __str__(self) -> str:
        """In words.

        >>> str(RowName(0, 2)), str(RowName(1, 1, strip=True)), str(RowName(0, 1, half=1))
        ('rows 1 to 3', 'the strip above row 2', 'the lower half')
        """
        if self.half is not None:
            return f"the {('upper', 'lower')[self.half]} half"
        if self.strip:
            where = f"below {self.kind} {self.first}"
            where = where if self.lowest else f"above {self.kind} {self.first + 1}"
            return f"the strip {where}"
        if self.first == self.last:
            return f"{self.kind} {self.first + 1}"
        return f"{self.kind}s {self.first + 1} to {self.last + 1}"

    @property
    def whole_quarter(self) -> str:
        """The quarter that it belongs to; nothing where the top is sewn by rows."""
        return "" if self.quarter is None else f"the {QUARTERS[self.quarter]} quarter"

    def with_other(self, other: RowName) -> RowName:
        """What two of them make together."""
        rows = [one for one in (self, other) if not one.strip]
        if not rows:
            return self
        if self.quarter is not None and other.quarter is not None and self.quarter != other.quarter:
            return RowName(0, 0, half=self.quarter // 2)
        first, last = min(one.first for one in rows), max(one.last for one in rows)
        return RowName(first, last, rows[0].kind, quarter=self.quarter)
