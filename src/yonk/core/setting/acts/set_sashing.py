"""Act of a quilt: the sashing."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.paper import DraftError, message, typed_length
from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.acts.named import known_fabric, with_setting
from yonk.core.setting.quilt import SASHING, Quilt, Sashing


@dataclass(frozen=True, kw_only=True)
class SetSashing(QuiltAct):
    """Strips between the blocks; what is not told stays, an empty fabric takes them out. New ones
    are of a usual width.
    """

    do: Literal["sashing"] = "sashing"
    fabric: str | None = None
    width: str | None = None
    cornerstones: str | None = None
    outer: bool | None = None

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with the sashing."""
        if self.fabric == "":
            return with_setting(quilt, sashing=None)
        now = quilt.setting.sashing
        if now is None:
            if self.fabric is None:
                raise DraftError("fabric", message("sashing-needs-a-fabric"))
            now = Sashing(width=SASHING[quilt.unit], fabric=self.fabric)
        changes: dict[str, object] = {}
        if self.fabric:
            changes["fabric"] = known_fabric(quilt, self.fabric, "fabric")
        if self.width is not None:
            changes["width"] = typed_length(self.width, "width", "finished", quilt.unit)
        if self.cornerstones is not None:
            stones = self.cornerstones
            changes["cornerstones"] = stones and known_fabric(quilt, stones, "cornerstones")
        if self.outer is not None:
            changes["outer"] = self.outer
        return with_setting(quilt, sashing=replace(now, **changes))  # type: ignore[arg-type]
