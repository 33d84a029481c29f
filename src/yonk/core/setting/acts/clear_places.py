"""Act of a quilt: take away what was laid by hand at some places."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.quilt import Quilt, RowColumn


@dataclass(frozen=True, kw_only=True)
class ClearPlaces(QuiltAct):
    """Take what was laid by hand at some places away: what lies there anyway is there again."""

    do: Literal["clear"] = "clear"
    places: tuple[RowColumn, ...]

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt without it."""
        gone = set(self.places)
        kept = {at: one for at, one in quilt.setting.places.items() if at not in gone}
        return replace(quilt, setting=replace(quilt.setting, places=kept))
