"""Act of a quilt: swap two places."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.acts.named import what_lies_at, with_places
from yonk.core.setting.quilt import Quilt, RowColumn


@dataclass(frozen=True, kw_only=True)
class SwapBlocks(QuiltAct):
    """Swap what lies at two places."""

    do: Literal["swap"] = "swap"
    at: RowColumn
    other: RowColumn

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with them swapped."""
        one, other = what_lies_at(quilt, self.at), what_lies_at(quilt, self.other)
        if one is None or other is None:
            return quilt
        return with_places(quilt, {self.at: other, self.other: one})
