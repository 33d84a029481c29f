"""Act of a quilt: every other place."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.acts.named import known_block, known_fabric, with_setting
from yonk.core.setting.quilt import Alternate, Quilt


@dataclass(frozen=True, kw_only=True)
class SetAlternate(QuiltAct):
    """A block or a plain fabric in every other place; neither for none."""

    do: Literal["alternate"] = "alternate"
    block: str = ""
    fabric: str = ""

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with it."""
        alternate = None
        if self.block:
            alternate = Alternate(block=known_block(quilt, self.block, "block"))
        elif self.fabric:
            alternate = Alternate(fabric=known_fabric(quilt, self.fabric, "fabric"))
        return with_setting(quilt, alternate=alternate)
