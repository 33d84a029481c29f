"""Act: choose the order in which the block, or a part of it, is joined; None takes the proposal."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.checks import point_of
from yonk.core.acts.mates import MatesName
from yonk.core.paper import Draft, OrderName, PartOrder, PointText


@dataclass(frozen=True, kw_only=True)
class ChooseOrder(Act):
    """Choose the order in which the block is joined, or the part of it whose box has two corners;
    None takes the proposal.
    """

    do: Literal["order"] = "order"
    order: OrderName | None
    corner: PointText | None = None
    opposite: PointText | None = None

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        wishes = draft.making.sewing
        if self.corner is None or self.opposite is None:
            wishes = replace(wishes, order=self.order)
            return replace(draft, making=replace(draft.making, sewing=wishes))
        corner = point_of(self.corner, "corner", draft)
        opposite = point_of(self.opposite, "opposite", draft)
        parts = [one for one in wishes.parts if (one.corner, one.opposite) != (corner, opposite)]
        if self.order:
            parts.append(PartOrder(corner=corner, opposite=opposite, order=self.order))
        wishes = replace(wishes, parts=tuple(parts))
        return replace(draft, making=replace(draft.making, sewing=wishes))
