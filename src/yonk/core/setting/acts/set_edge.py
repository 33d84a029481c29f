"""Act of a quilt: the edge of an on-point setting."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.paper import DraftError, check_count, message, typed_length
from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.acts.named import known_fabric, with_setting
from yonk.core.setting.quilt import Edge, HalvesAt, Quilt


@dataclass(frozen=True, kw_only=True)
class SetEdge(QuiltAct):
    """What fills the edge of an on-point setting; what is not told stays."""

    do: Literal["edge"] = "edge"
    fabric: str | None = None
    floats: str | None = None
    half_blocks: bool | None = None
    pieced: bool | None = None
    halves_at: HalvesAt | None = None
    more: int | None = None

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with the edge."""
        now = quilt.setting.edge
        if now is None:
            if not self.fabric:
                raise DraftError("fabric", message("edge-needs-a-fabric"))
            now = Edge(fabric=self.fabric)
        changes: dict[str, object] = {}
        if self.fabric is not None:
            changes["fabric"] = known_fabric(quilt, self.fabric, "fabric")
        if self.floats is not None:
            changes["floats"] = typed_length(self.floats, "floats", "place", quilt.unit)
        if self.more is not None:
            changes["more"] = check_count(self.more, "more", "more_squares")
        for name in ("half_blocks", "pieced", "halves_at"):
            if getattr(self, name) is not None:
                changes[name] = getattr(self, name)
        return with_setting(quilt, edge=replace(now, **changes))  # type: ignore[arg-type]
