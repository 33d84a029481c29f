"""Act: make what a span of cells holds as one unit of its own, or no longer."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.laying import spans_at_mates
from yonk.core.acts.mates import MatesName
from yonk.core.drawing import Span
from yonk.core.paper import Draft, DraftError, MadeTogether, message
from yonk.core.planning import read, spans_together


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
        boxes = [
            MadeTogether(corner=corner, opposite=opposite)
            for span, _ in spans_at_mates(draft, self.cell, mates)
            for corner, opposite in [span.corners()]
        ]
        before = draft.making.sewing.together
        left_alone = [one for one in before if not any(one.touches(box) for box in boxes)]
        if self.apart:
            return _with(draft, left_alone)
        made = _with(draft, [*left_alone, *boxes])
        if set(boxes) & set(spans_together(made, read(draft).drawing).left_out):
            raise DraftError("cell", message("seams-must-run-round-it"))
        return made


def _with(draft: Draft, together: list[MadeTogether]) -> Draft:
    wishes = replace(draft.making.sewing, together=tuple(together))
    return replace(draft, making=replace(draft.making, sewing=wishes))
