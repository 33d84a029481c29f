"""Act: give one column or row a finished size; the others share what is left, or the block
grows.
"""

from __future__ import annotations

from dataclasses import dataclass, replace
from fractions import Fraction
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.carrying import carried
from yonk.core.acts.grid import Axis, proportions_of, with_parts
from yonk.core.acts.mates import MatesName
from yonk.core.paper import Draft, DraftError, length_fault, message, typed_length


@dataclass(frozen=True, kw_only=True)
class LineLength(Act):
    """Give one column or row a finished size; the others share what is left, or the block grows."""

    do: Literal["line-length"] = "line-length"
    axis: Axis
    line: int
    length: str
    grow: bool = False

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        parts = proportions_of(draft, self.axis)
        if not 0 <= self.line < len(parts):
            raise DraftError(self.axis, message("have-no-such-line"))
        whole = draft.width if self.axis == "columns" else draft.height
        length = typed_length(self.length, f"{self.axis} {self.line + 1}", "line", draft.unit)
        per_part = whole / sum(parts)
        if self.grow:
            finished = [part * per_part for part in parts]
            finished[self.line] = length
            now, total = with_parts(draft, self.axis, tuple(finished)), sum(finished, Fraction(0))
            fault = length_fault(total, "finished", draft.unit)
            if fault:
                raise DraftError(
                    f"{self.axis} {self.line + 1}", message("whole-block", fault=fault)
                )
            now = (
                replace(now, width=total) if self.axis == "columns" else replace(now, height=total)
            )
            return carried(now, (), draft)
        if length >= whole or len(parts) == 1:
            raise DraftError(
                f"{self.axis} {self.line + 1}",
                message("leaves-nothing-for-the-others"),
            )
        rest = sum(parts) - parts[self.line]
        share = (whole - length) / rest
        finished = [
            length if line == self.line else part * share for line, part in enumerate(parts)
        ]
        return carried(with_parts(draft, self.axis, tuple(finished)), (), draft)
