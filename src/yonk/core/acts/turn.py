"""Act: turn what a span holds by quarters, or mirror it left for right first."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.laying import lay_at_mates, lifted
from yonk.core.acts.mates import MatesName
from yonk.core.drawing import Span
from yonk.core.paper import Draft


@dataclass(frozen=True, kw_only=True)
class Turn(Act):
    """Turn what a span holds by quarters, or mirror it left for right first."""

    do: Literal["turn"] = "turn"
    cell: Span
    quarters: int = 1
    flip: bool = False

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        motif = lifted(draft, self.cell)
        return lay_at_mates(
            draft,
            self.cell,
            (motif.mirrored() if self.flip else motif).turned(self.quarters),
            mates,
        )
