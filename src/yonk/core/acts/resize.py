"""Act: give the block a finished size, and the unit it is in."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.carrying import carried
from yonk.core.acts.mates import MatesName
from yonk.core.paper import Draft, LengthUnit, in_its_unit, typed_length


@dataclass(frozen=True, kw_only=True)
class Resize(Act):
    """Give the block a finished size, and the unit it is in."""

    do: Literal["resize"] = "resize"
    width: str
    height: str
    unit: LengthUnit | None = None

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        unit = self.unit or draft.unit
        width, height = (
            typed_length(text, place, "finished", unit)
            for text, place in ((self.width, "width"), (self.height, "height"))
        )
        now = replace(draft, width=width, height=height)
        if unit != draft.unit:
            fabrics = tuple(
                replace(one, picture=one.picture and one.picture.converted(draft.unit, unit))
                for one in draft.fabrics
            )
            making = in_its_unit(draft.making, unit)
            now = replace(now, unit=unit, making=making, fabrics=fabrics)
        return carried(now, (), draft)
