"""Act of a quilt: take a way to a size."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from yonk.core.paper import check_count, typed_length
from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.quilt import Quilt
from yonk.core.setting.wanted import of_size


@dataclass(frozen=True, kw_only=True)
class TakeSize(QuiltAct):
    """Take one of the ways to reach a size: so many blocks, sashing and border of these widths,
    none where a width is nothing. What was laid by hand is let go.
    """

    do: Literal["take-size"] = "take-size"
    columns: int
    rows: int
    sashing: str
    border: str

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt of that size."""
        return of_size(
            quilt,
            columns=check_count(self.columns, "columns", "quilt_lines"),
            rows=check_count(self.rows, "rows", "quilt_lines"),
            sashing=typed_length(self.sashing, "sashing", "place", quilt.unit),
            border=typed_length(self.border, "border", "place", quilt.unit),
        )
