"""Act of a quilt: take a way to a size."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from yonk.core.paper import check_count, typed_length
from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.quilt import Quilt
from yonk.core.setting.wanted import of_size, redrafted


@dataclass(frozen=True, kw_only=True)
class TakeSize(QuiltAct):
    """Take one of the ways to reach a size: so many blocks, sashing and an outermost border of
    these widths, none where a width is nothing.

    `ends` is the border above and below where that differs, `block` the side that the blocks are
    redrafted to. What was laid by hand stays where there is a place for it.
    """

    do: Literal["take-size"] = "take-size"
    columns: int
    rows: int
    sashing: str
    border: str
    ends: str = ""
    block: str = ""

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt of that size."""
        if self.block:
            quilt = redrafted(quilt, typed_length(self.block, "block", "finished", quilt.unit))
        ends = typed_length(self.ends, "ends", "finished", quilt.unit) if self.ends else None
        return of_size(
            quilt,
            columns=check_count(self.columns, "columns", "quilt_lines"),
            rows=check_count(self.rows, "rows", "quilt_lines"),
            sashing=typed_length(self.sashing, "sashing", "place", quilt.unit),
            border=typed_length(self.border, "border", "place", quilt.unit),
            ends=ends,
        )
