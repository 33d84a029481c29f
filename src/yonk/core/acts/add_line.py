"""Act: add a column or row before the one with that number (at the end for the last number), of the
same width.
"""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.carrying import carried
from yonk.core.acts.checks import check_line
from yonk.core.acts.grid import Axis, add_line, proportions_of
from yonk.core.acts.mates import MatesName
from yonk.core.paper import Draft


@dataclass(frozen=True, kw_only=True)
class AddLine(Act):
    """Add a column or row before the one with that number (at the end for the last number), of the
    same width.
    """

    do: Literal["add-line"] = "add-line"
    axis: Axis
    line: int

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        check_line(self.axis, self.line, last=len(proportions_of(draft, self.axis)))
        now, back = add_line(draft, self.axis, self.line)
        return carried(now, (), draft, back)
