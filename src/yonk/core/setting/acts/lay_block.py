"""Act of a quilt: lay a block at a place, at several or everywhere."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.acts.named import known_block, what_lies_at, with_places, with_setting
from yonk.core.setting.quilt import Quilt, RowColumn


@dataclass(frozen=True, kw_only=True)
class LayBlock(QuiltAct):
    """Lay a block at a place, at several `places`, or at all of them. How a place is turned stays
    as it is.
    """

    do: Literal["lay"] = "lay"
    block: str
    at: RowColumn | None = None
    places: tuple[RowColumn, ...] = ()

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with it."""
        known_block(quilt, self.block, "block")
        places = (self.at, *self.places) if self.at else self.places
        if not places:
            fill = replace(quilt.setting.fill, block=self.block)
            return with_setting(quilt, fill=fill, places={})
        laid = {
            at: replace(what_lies_at(quilt, at) or quilt.setting.fill, block=self.block)
            for at in dict.fromkeys(places)
        }
        return with_places(quilt, laid)
