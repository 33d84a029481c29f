"""Act: draw a seam from one point to another."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.carrying import carried
from yonk.core.acts.checks import grid_size, point_of
from yonk.core.acts.mates import MatesName, mates_of
from yonk.core.paper import Draft, DraftError, PointText, message, tidy


@dataclass(frozen=True, kw_only=True)
class Sew(Act):
    """Draw a seam from one point to another."""

    do: Literal["sew"] = "sew"
    start: PointText
    end: PointText

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        start, end = point_of(self.start, "start", draft), point_of(self.end, "end", draft)
        if start == end:
            raise DraftError("end", message("is-where-the-seam-begins"))
        new = [
            (mate.point(start, grid_size(draft)), mate.point(end, grid_size(draft)))
            for mate in mates_of(draft, mates)
        ]
        return carried(replace(draft, seams=tidy((*draft.seams, *new))), (), draft)
