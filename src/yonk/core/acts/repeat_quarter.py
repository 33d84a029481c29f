"""Act: repeat the top left quarter over the block: turned around the middle, or mirrored."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.carrying import carried
from yonk.core.acts.checks import grid_size
from yonk.core.acts.laying import lay_at_mates, lifted
from yonk.core.acts.mates import MatesName
from yonk.core.drawing import Span, lay
from yonk.core.paper import Draft, DraftError, Paint, message


@dataclass(frozen=True, kw_only=True)
class RepeatQuarter(Act):
    """Repeat the top left quarter over the block: turned around the middle, or mirrored."""

    do: Literal["repeat-quarter"] = "repeat-quarter"
    way: Literal["turned", "mirrored", "same"] = "turned"

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        columns, rows = grid_size(draft)
        if columns % 2 or rows % 2:
            raise DraftError("grid", message("quarter-needs-even-lines"))
        quarter = Span(0, 0, columns // 2, rows // 2)
        motif = lifted(draft, quarter)
        if self.way == "same":
            now, brought = draft, list[Paint]()
            for column, row in ((columns // 2, 0), (0, rows // 2), (columns // 2, rows // 2)):
                now, paints = lay(now, Span(column, row, columns // 2, rows // 2), motif)
                brought += paints
            return carried(now, brought, draft)
        return lay_at_mates(
            draft, quarter, motif, "quarter-turns" if self.way == "turned" else "both-ways"
        )
