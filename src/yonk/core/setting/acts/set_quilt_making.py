"""Act of a quilt: settings of the making."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, field, replace
from typing import Literal

from yonk.core.paper import with_settings
from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.quilt import Quilt


@dataclass(frozen=True, kw_only=True)
class SetQuiltMaking(QuiltAct):
    """Change settings of the quilt's making, as typed."""

    do: Literal["making"] = "making"
    settings: Mapping[str, str] = field(default_factory=dict)

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt made so."""
        return replace(quilt, making=with_settings(quilt.making, self.settings, quilt.unit))
