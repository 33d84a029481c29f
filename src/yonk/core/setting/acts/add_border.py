"""Act of a quilt: one more border."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.paper import check_count
from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.acts.named import known_fabric
from yonk.core.setting.quilt import BORDER, Border, Quilt


@dataclass(frozen=True, kw_only=True)
class AddBorder(QuiltAct):
    """One more border outside, of a usual width, in the first fabric where none is told."""

    do: Literal["add-border"] = "add-border"
    fabric: str | None = None

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with it."""
        check_count(len(quilt.borders) + 1, "borders", "borders")
        fabric = known_fabric(quilt, self.fabric or quilt.first_fabric, "fabric")
        border = Border(width=BORDER[quilt.unit], fabric=fabric)
        return replace(quilt, borders=(*quilt.borders, border))
