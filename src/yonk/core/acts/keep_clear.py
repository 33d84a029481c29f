"""Act: let no allowance lie under a fabric where it can lie elsewhere, or let it again."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.checks import check_known
from yonk.core.acts.mates import MatesName
from yonk.core.paper import Draft


@dataclass(frozen=True, kw_only=True)
class KeepClear(Act):
    """Let no allowance lie under a fabric where it can lie elsewhere, or let it again."""

    do: Literal["keep-clear"] = "keep-clear"
    key: str
    clear: bool

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        check_known(draft, self.key)
        return replace(draft, making=draft.making.keeping_clear(self.key, clear=self.clear))
