"""Act: give all columns and all rows their finished sizes at once; the block stays as large."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.mates import MatesName
from yonk.core.acts.proportions import Proportions
from yonk.core.paper import Draft


@dataclass(frozen=True, kw_only=True)
class Uneven(Act):
    """Give all columns and all rows their finished sizes at once, as a way out of what is off the
    ruler; the block stays as large.
    """

    do: Literal["uneven"] = "uneven"
    columns: tuple[str, ...]
    rows: tuple[str, ...]

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        wide = Proportions(axis="columns", parts=self.columns).on(draft, mates)
        return Proportions(axis="rows", parts=self.rows).on(wide, mates)
