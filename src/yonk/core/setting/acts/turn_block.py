"""Act of a quilt: turn or mirror what lies at a place."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.acts.named import what_lies_at, with_places
from yonk.core.setting.quilt import Quilt, RowColumn


@dataclass(frozen=True, kw_only=True)
class TurnBlock(QuiltAct):
    """Turn what lies at a place by so many quarters, or mirror it."""

    do: Literal["turn"] = "turn"
    at: RowColumn
    by: int = 1
    mirror: bool = False

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with it turned."""
        lies = what_lies_at(quilt, self.at)
        if lies is None:
            return quilt
        turns, mirrored = (lies.turns + self.by) % 4, lies.mirrored
        if self.mirror:
            turns, mirrored = -lies.turns % 4, not lies.mirrored
        return with_places(quilt, {self.at: replace(lies, turns=turns, mirrored=mirrored)})
