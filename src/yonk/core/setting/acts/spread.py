"""Act of a quilt: spread blocks so that none alike touch."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.quilt import Quilt, RowColumn
from yonk.core.setting.scrappy import laid_out, lay_scrappy


@dataclass(frozen=True, kw_only=True)
class Spread(QuiltAct):
    """Spread all blocks of the quilt evenly so that none alike touch; held places stay."""

    do: Literal["spread"] = "spread"
    corners: bool = False
    held: tuple[RowColumn, ...] = ()

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with them spread."""
        found = lay_scrappy(quilt, [*quilt.by_key], self.held, corners=self.corners)
        return laid_out(quilt, found)
