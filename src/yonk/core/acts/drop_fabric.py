"""Act: take a fabric out of the block; its patches have none then."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.checks import check_known
from yonk.core.acts.mates import MatesName
from yonk.core.paper import Draft


@dataclass(frozen=True, kw_only=True)
class DropFabric(Act):
    """Take a fabric out of the block; its patches have none then."""

    do: Literal["drop-fabric"] = "drop-fabric"
    key: str

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        check_known(draft, self.key)
        return replace(
            draft,
            fabrics=tuple(fabric for fabric in draft.fabrics if fabric.key != self.key),
            paints=tuple(paint for paint in draft.paints if paint.fabric != self.key),
            colourings=tuple(one.without(self.key) for one in draft.colourings),
            making=draft.making.keeping_clear(self.key, clear=False),
        )
