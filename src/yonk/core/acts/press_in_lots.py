"""Act: let the units that a seam through a point is in be pressed in two lots, or in one again."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.checks import point_of
from yonk.core.acts.mates import MatesName
from yonk.core.paper import Draft, PointText


@dataclass(frozen=True, kw_only=True)
class PressInLots(Act):
    """Let the units that a seam through a point is in be pressed in two lots, or in one again."""

    do: Literal["lots"] = "lots"
    at: PointText
    two: bool

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        at = point_of(self.at, "at", draft)
        wishes = draft.making.sewing
        kept = tuple(point for point in wishes.in_lots if point != at)
        wishes = replace(wishes, in_lots=(*kept, at) if self.two else kept)
        return replace(draft, making=replace(draft.making, sewing=wishes))
