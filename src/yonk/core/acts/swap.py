"""Act: swap two fabrics everywhere."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.checks import check_known
from yonk.core.acts.mates import MatesName
from yonk.core.paper import Draft, Paint


@dataclass(frozen=True, kw_only=True)
class Swap(Act):
    """Swap two fabrics everywhere."""

    do: Literal["swap"] = "swap"
    fabric: str
    other: str

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        check_known(draft, self.fabric)
        check_known(draft, self.other)
        other = {self.fabric: self.other, self.other: self.fabric}
        paints = tuple(
            Paint(paint.at, other.get(paint.fabric, paint.fabric)) for paint in draft.paints
        )
        return replace(draft, paints=paints)
