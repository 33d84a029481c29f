"""Act: set how many joins are sewn in one chain."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.mates import MatesName
from yonk.core.paper import Draft, check_count


@dataclass(frozen=True, kw_only=True)
class SetBatch(Act):
    """Set how many joins are sewn in one chain."""

    do: Literal["batch"] = "batch"
    batch: int | str

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        batch = check_count(self.batch, "batch", "batch")
        wishes = replace(draft.making.sewing, batch=batch)
        return replace(draft, making=replace(draft.making, sewing=wishes))
