"""Act of a quilt: lay a block at a place or everywhere."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.acts.named import known_block, what_lies_at, with_places, with_setting
from yonk.core.setting.quilt import Quilt, RowColumn


@dataclass(frozen=True, kw_only=True)
class LayBlock(QuiltAct):
    """Lay a block at a place, or at all of them."""

    do: Literal["lay"] = "lay"
    block: str
    at: RowColumn | None = None

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with it."""
        known_block(quilt, self.block, "block")
        if self.at is None:
            fill = replace(quilt.setting.fill, block=self.block)
            return with_setting(quilt, fill=fill, places={})
        turned = what_lies_at(quilt, self.at) or quilt.setting.fill
        return with_places(quilt, {self.at: replace(turned, block=self.block)})
