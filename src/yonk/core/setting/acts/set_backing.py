"""Act of a quilt: the backing."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.paper import typed_length
from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.acts.named import known_fabric
from yonk.core.setting.quilt import OVERHANG, Backing, BackingLay, Quilt


@dataclass(frozen=True, kw_only=True)
class SetBacking(QuiltAct):
    """The backing; what is not told stays, an empty fabric takes it off."""

    do: Literal["backing"] = "backing"
    fabric: str | None = None
    overhang: str | None = None
    lay: BackingLay | None = None

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with it."""
        if self.fabric == "":
            return replace(quilt, backing=None)
        fabric = self.fabric or (quilt.backing.fabric if quilt.backing else "")
        now = quilt.backing or Backing(fabric=fabric, overhang=OVERHANG[quilt.unit])
        over = now.overhang
        if self.overhang is not None:
            over = typed_length(self.overhang, "overhang", "place", quilt.unit)
        known = known_fabric(quilt, fabric, "fabric")
        lay = now.lay if self.lay is None else self.lay
        return replace(quilt, backing=Backing(fabric=known, overhang=over, lay=lay))
