"""Act of a quilt: set it straight or on point, in columns and rows."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.paper import check_count
from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.places import places_of
from yonk.core.setting.quilt import Edge, Quilt, Setting, SettingKind


@dataclass(frozen=True, kw_only=True)
class SetPlaces(QuiltAct):
    """Set it straight or on point, with so many columns and rows; what lies outside is let go."""

    do: Literal["places"] = "places"
    kind: SettingKind | None = None
    columns: int | str | None = None
    rows: int | str | None = None

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt set so."""
        now = quilt.setting
        setting = replace(
            now,
            kind=self.kind or now.kind,
            columns=now.columns
            if self.columns is None
            else check_count(self.columns, "columns", "quilt_lines"),
            rows=now.rows if self.rows is None else check_count(self.rows, "rows", "quilt_lines"),
        )
        if setting.kind == "on-point" and setting.edge is None and quilt.first_fabric:
            setting = replace(setting, edge=Edge(fabric=quilt.first_fabric))
        return replace(quilt, setting=_within(setting))


def _within(setting: Setting) -> Setting:
    known = {(one.row, one.column) for one in places_of(setting)}
    return replace(setting, places={at: one for at, one in setting.places.items() if at in known})
