"""Act: give the block a name."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.mates import MatesName
from yonk.core.paper import Draft, check_name


@dataclass(frozen=True, kw_only=True)
class Rename(Act):
    """Give the block a name."""

    do: Literal["rename"] = "rename"
    name: str

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        return replace(draft, name=check_name(self.name, "name"))
