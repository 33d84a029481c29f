"""Act of a quilt: give the quilt a name."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.paper import check_name
from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.quilt import Quilt


@dataclass(frozen=True, kw_only=True)
class RenameQuilt(QuiltAct):
    """Give it another name."""

    do: Literal["rename"] = "rename"
    name: str

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with the name."""
        return replace(quilt, name=check_name(self.name, "name"))
