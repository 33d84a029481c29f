"""Act: make what a span of cells holds as one unit of its own, or no longer."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.mates import MatesName, mates_of
from yonk.core.drawing import Span
from yonk.core.paper import Draft, DraftError, MadeTogether, message
from yonk.core.planning import is_whole, read


@dataclass(frozen=True, kw_only=True)
class MakeTogether(Act):
    """Make what a span of cells holds as one unit of its own, or take it `apart` again: all such
    units that the span touches.
    """

    do: Literal["together"] = "together"
    cell: Span
    apart: bool = False

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        self.cell.check(draft)
        grid = len(draft.columns), len(draft.rows)
        boxes: list[MadeTogether] = []
        for mate in mates_of(draft, mates):
            one, other = (mate.point(corner, grid) for corner in self.cell.corners())
            (left, right), (top, bottom) = (sorted(both) for both in zip(one, other, strict=True))
            boxes.append(MadeTogether(corner=(left, top), opposite=(right, bottom)))
        boxes = list(dict.fromkeys(boxes))
        before = draft.making.sewing.together
        left_alone = [one for one in before if not any(one.touches(box) for box in boxes)]
        if self.apart:
            return _with(draft, left_alone)
        drawing = read(draft).drawing
        if not all(is_whole(drawing, box) for box in boxes):
            raise DraftError("cell", message("seams-must-run-round-it"))
        return _with(draft, [*left_alone, *boxes])


def _with(draft: Draft, together: list[MadeTogether]) -> Draft:
    wishes = replace(draft.making.sewing, together=tuple(together))
    return replace(draft, making=replace(draft.making, sewing=wishes))
