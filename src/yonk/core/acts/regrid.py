"""Act: start the drawing anew on an even grid of plain patches."""

from __future__ import annotations

from dataclasses import dataclass, replace
from fractions import Fraction
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.mates import MatesName
from yonk.core.paper import Draft, check_count, ruled_seams


@dataclass(frozen=True, kw_only=True)
class Regrid(Act):
    """Start the drawing anew on an even grid of plain patches."""

    do: Literal["regrid"] = "regrid"
    columns: int
    rows: int

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        for name, count in (("columns", self.columns), ("rows", self.rows)):
            check_count(count, name, "lines")
        one = Fraction(1)
        return replace(
            draft,
            columns=(one,) * self.columns,
            rows=(one,) * self.rows,
            seams=ruled_seams(self.columns, self.rows),
            paints=(),
            making=draft.making.without_places(),
        )
