"""Act of a quilt: how long sashing and borders are joined."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.quilt import Joins, Quilt


@dataclass(frozen=True, kw_only=True)
class SetJoins(QuiltAct):
    """Join lengths that are longer than the cloth is wide so, or cut them along it whole."""

    do: Literal["joins"] = "joins"
    joins: Joins

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt made so."""
        return replace(quilt, joins=self.joins)
