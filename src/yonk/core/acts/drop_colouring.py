"""Act: take a colouring away."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.checks import check_colouring
from yonk.core.acts.mates import MatesName
from yonk.core.paper import Draft


@dataclass(frozen=True, kw_only=True)
class DropColouring(Act):
    """Take a colouring away."""

    do: Literal["drop-colouring"] = "drop-colouring"
    number: int

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        check_colouring(draft, self.number)
        return replace(
            draft, colourings=draft.colourings[: self.number] + draft.colourings[self.number + 1 :]
        )
