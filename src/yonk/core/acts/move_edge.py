"""Act: move the grid line before a column or row to a length from the edge, on the ruler; its
neighbours give and take.
"""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.carrying import carried
from yonk.core.acts.grid import Axis, proportions_of, with_parts
from yonk.core.acts.mates import MatesName
from yonk.core.paper import Draft, DraftError, Length, Ruling, message, typed_length


@dataclass(frozen=True, kw_only=True)
class MoveEdge(Act):
    """Move the grid line before a column or row to a length from the edge, on the ruler; its
    neighbours give and take.
    """

    do: Literal["move-edge"] = "move-edge"
    axis: Axis
    line: int
    to: str

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        parts = proportions_of(draft, self.axis)
        if not 0 < self.line < len(parts):
            raise DraftError(self.axis, message("have-no-such-line-between-them"))
        ruling = Ruling.of(draft)
        lines = list(ruling.across if self.axis == "columns" else ruling.down)
        step = draft.making.ruler_step
        at = Length.of(typed_length(self.to, "to", "place", draft.unit)).nearest(step)
        if not lines[self.line - 1] < at < lines[self.line + 1]:
            raise DraftError("to", message("would-leave-a-line-empty"))
        lines[self.line] = at
        sizes = tuple(high - low for low, high in zip(lines, lines[1:], strict=False))
        return carried(with_parts(draft, self.axis, sizes), (), draft)
