"""Act: rub out whatever is drawn on the stretch between two points, or the whole straight seam that
it is part of.
"""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.carrying import carried
from yonk.core.acts.checks import grid_size, point_of
from yonk.core.acts.mates import MatesName, mates_of
from yonk.core.paper import Draft, PointText, Ruling, Seam, seam_without, tidy, whole_seam


@dataclass(frozen=True, kw_only=True)
class Rub(Act):
    """Rub out whatever is drawn on the stretch between two points, or the whole straight seam that
    it is part of.
    """

    do: Literal["rub"] = "rub"
    start: PointText
    end: PointText
    whole: bool = False

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        start, end = point_of(self.start, "start", draft), point_of(self.end, "end", draft)
        if self.whole:
            start, end = whole_seam(draft, (start, end))
        grid = grid_size(draft)
        stretches = [
            (mate.point(start, grid), mate.point(end, grid)) for mate in mates_of(draft, mates)
        ]
        return without_stretches(draft, stretches)


def without_stretches(draft: Draft, stretches: Iterable[Seam]) -> Draft:
    """The draft without some stretches of its seams, from point to point in columns and rows."""
    ruling, seams = Ruling.of(draft), draft.seams
    for start, end in stretches:
        rubbed = ruling.place(start), ruling.place(end)
        left = []
        for seam in seams:
            placed = ruling.place(seam[0]), ruling.place(seam[1])
            for part in seam_without(placed, rubbed):
                left.append(
                    seam if part == placed else (ruling.count(part[0]), ruling.count(part[1]))
                )
        seams = tuple(left)
    return carried(replace(draft, seams=tidy(seams)), (), draft)
