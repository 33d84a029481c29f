"""Act of a quilt: the module that blocks are framed to."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from yonk.core.paper import typed_length
from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.acts.named import known_fabric, with_setting
from yonk.core.setting.quilt import Quilt


@dataclass(frozen=True, kw_only=True)
class SetModule(QuiltAct):
    """The size that every block is framed to, none where it is empty; what is not told stays."""

    do: Literal["module"] = "module"
    module: str | None = None
    fabric: str | None = None

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with the module."""
        if self.module is not None and not self.module.strip():
            return with_setting(quilt, module=None, frame="")
        module = quilt.setting.module
        if self.module is not None:
            module = typed_length(self.module, "module", "finished", quilt.unit)
        fabric = self.fabric or quilt.setting.frame or quilt.first_fabric
        return with_setting(quilt, module=module, frame=known_fabric(quilt, fabric, "fabric"))
