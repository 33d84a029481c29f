"""Act of a quilt: take a border off."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.acts.named import border_of
from yonk.core.setting.quilt import Quilt


@dataclass(frozen=True, kw_only=True)
class TakeBorderOff(QuiltAct):
    """Take a border off, by its number from one."""

    do: Literal["border-off"] = "border-off"
    number: int

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt without it."""
        border_of(quilt, self.number)
        kept = enumerate(quilt.borders, start=1)
        return replace(quilt, borders=tuple(one for n, one in kept if n != self.number))
