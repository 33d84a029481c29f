"""Act: press the seam through a point to a side or open; None leaves it to the plan."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.checks import point_of
from yonk.core.acts.mates import MatesName
from yonk.core.paper import Draft, PointText, SeamWish, Toward


@dataclass(frozen=True, kw_only=True)
class PressSeam(Act):
    """Press the seam through a point, and those made alike, to a side or open; None leaves it to
    the plan.
    """

    do: Literal["press"] = "press"
    at: PointText
    toward: Toward | None

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        at = point_of(self.at, "at", draft)
        wishes = draft.making.sewing
        presses = [one for one in wishes.presses if one.at != at]
        if self.toward:
            presses.append(SeamWish(at=at, toward=self.toward))
        wishes = replace(wishes, presses=tuple(presses))
        return replace(draft, making=replace(draft.making, sewing=wishes))
