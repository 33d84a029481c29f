"""Act of a quilt: by rows or by quarters."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.quilt import Quilt, TopOrder


@dataclass(frozen=True, kw_only=True)
class SetTogether(QuiltAct):
    """Sew the top by its rows or by quarters."""

    do: Literal["together"] = "together"
    together: TopOrder

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt sewn so."""
        return replace(quilt, together=self.together)
