"""Act: change how the block is made."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, field, replace
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.mates import MatesName
from yonk.core.paper import Draft, check_count, with_settings


@dataclass(frozen=True, kw_only=True)
class SetMaking(Act):
    """Change how the block is made: for how many blocks, and settings by their names as typed;
    others stay.
    """

    do: Literal["making"] = "making"
    blocks: int | str | None = None
    settings: Mapping[str, str] = field(default_factory=dict)

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        making = with_settings(draft.making, self.settings, draft.unit)
        if self.blocks is not None:
            making = replace(making, blocks=check_count(self.blocks, "blocks", "blocks"))
        return replace(draft, making=making)
