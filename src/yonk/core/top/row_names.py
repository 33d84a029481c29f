"""What the rows of a top, and what is sewn of them, are called."""

from __future__ import annotations

from dataclasses import dataclass

from yonk.core.paper import Message, message


@dataclass(frozen=True)
class RowName:
    """Rows from one to another, from nought; or the strip above a row, below the last where there
    is none. `quarter` is its number, `half` the upper or the lower, where a whole one is meant.
    """

    first: int
    last: int
    diagonal: bool = False
    strip: bool = False
    lowest: bool = False
    quarter: int | None = None
    half: int | None = None

    @property
    def words(self) -> Message:
        """What it is called.

        >>> RowName(0, 2).words.code, RowName(0, 1, half=1).words.parameters
        ('row-names', (('half', 'lower'),))
        """
        kind = "diagonal" if self.diagonal else "row"
        if self.half is not None:
            return message("row-half", half=("upper", "lower")[self.half])
        if self.strip and self.lowest:
            return message("strip-below", kind=kind, number=self.first)
        if self.strip:
            return message("strip-above", kind=kind, number=self.first + 1)
        count, first, last = self.last - self.first + 1, self.first + 1, self.last + 1
        return message("row-names", kind=kind, count=count, first=first, last=last)

    @property
    def whole_quarter(self) -> Message | None:
        """The quarter that it belongs to; None where the top is sewn by rows."""
        return None if self.quarter is None else message("row-quarter", quarter=self.quarter)

    def with_other(self, other: RowName) -> RowName:
        """What two of them make together."""
        rows = [one for one in (self, other) if not one.strip]
        if not rows:
            return self
        if self.quarter is not None and other.quarter is not None and self.quarter != other.quarter:
            return RowName(0, 0, half=self.quarter // 2)
        first, last = min(one.first for one in rows), max(one.last for one in rows)
        return RowName(first, last, rows[0].diagonal, quarter=self.quarter)
