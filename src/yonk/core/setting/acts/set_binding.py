"""Act of a quilt: the binding."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.paper import typed_length
from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.acts.named import known_fabric
from yonk.core.setting.quilt import BINDING, Binding, Grain, Quilt


@dataclass(frozen=True, kw_only=True)
class SetBinding(QuiltAct):
    """The binding; what is not told stays, an empty fabric takes it off."""

    do: Literal["binding"] = "binding"
    fabric: str | None = None
    width: str | None = None
    grain: Grain | None = None

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with it."""
        if self.fabric == "":
            return replace(quilt, binding=None)
        fabric = self.fabric or (quilt.binding.fabric if quilt.binding else "")
        now = quilt.binding or Binding(fabric=fabric, width=BINDING[quilt.unit])
        width = now.width
        if self.width is not None:
            width = typed_length(self.width, "width", "strip", quilt.unit)
        binding = Binding(
            fabric=known_fabric(quilt, fabric, "fabric"), width=width, grain=self.grain or now.grain
        )
        return replace(quilt, binding=binding)
