"""Act: remove a column or row with all it holds."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.carrying import carried
from yonk.core.acts.checks import check_line
from yonk.core.acts.grid import Axis, proportions_of, remove_line
from yonk.core.acts.mates import MatesName
from yonk.core.paper import Draft


@dataclass(frozen=True, kw_only=True)
class RemoveLine(Act):
    """Remove a column or row with all it holds."""

    do: Literal["remove-line"] = "remove-line"
    axis: Axis
    line: int

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        check_line(self.axis, self.line, last=len(proportions_of(draft, self.axis)) - 1)
        now, back = remove_line(draft, self.axis, self.line)
        return carried(now, (), draft, back)
