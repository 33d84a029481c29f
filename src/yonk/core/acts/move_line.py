"""Act: move a column or row with all it holds to another place among them."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.carrying import carried
from yonk.core.acts.checks import check_line
from yonk.core.acts.grid import Axis, proportions_of, reorder_lines
from yonk.core.acts.mates import MatesName
from yonk.core.paper import Draft, DraftError, message


@dataclass(frozen=True, kw_only=True)
class MoveLine(Act):
    """Move a column or row with all it holds to another place among them."""

    do: Literal["move-line"] = "move-line"
    axis: Axis
    line: int
    to: int

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        last = len(proportions_of(draft, self.axis)) - 1
        check_line(self.axis, self.line, last=last)
        if not 0 <= self.to <= last:
            raise DraftError(self.axis, message("have-no-such-place"))
        order = [line for line in range(last + 1) if line != self.line]
        order.insert(self.to, self.line)
        now, back = reorder_lines(draft, self.axis, order)
        return carried(replace(now, paints=()), (), draft, back)
