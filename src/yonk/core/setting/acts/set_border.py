"""Act of a quilt: a border."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.paper import DraftError, typed_length
from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.acts.named import border_of, known_block, known_fabric
from yonk.core.setting.borders import MITRED
from yonk.core.setting.quilt import BorderCorner, BorderEnds, Quilt


@dataclass(frozen=True, kw_only=True)
class SetBorder(QuiltAct):
    """A border by its number from one; what is not told stays. A fabric and a block take each
    other's place; a pieced one is as wide as its block is high. `corners` is the fabric of plain
    squares in the corners of a pieced one, empty for blocks; `ends` the width above and below,
    empty where it is that of the sides.
    """

    do: Literal["border"] = "border"
    number: int
    width: str | None = None
    ends: str | None = None
    fabric: str | None = None
    block: str | None = None
    corners: str | None = None
    corner: BorderCorner | None = None
    first: BorderEnds | None = None

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with the border."""
        now = border_of(quilt, self.number)
        changes: dict[str, object] = {
            name: value
            for name in ("corner", "first")
            if (value := getattr(self, name)) is not None
        }
        if self.width is not None:
            changes["width"] = typed_length(self.width, "width", "finished", quilt.unit)
        if self.ends is not None:
            own = typed_length(self.ends, "ends", "finished", quilt.unit) if self.ends else None
            changes["ends"] = None if own == changes.get("width", now.width) else own
        if self.block:
            key = known_block(quilt, self.block, "block")
            changes = (
                {"width": quilt.by_key[key].draft.height, "ends": None}
                | changes
                | {"block": key, "fabric": ""}
            )
            changes.setdefault("corner", "butted")
        elif self.fabric:
            changes |= {"fabric": known_fabric(quilt, self.fabric, "fabric"), "block": ""}
        if self.corners:
            changes["fabric"] = known_fabric(quilt, self.corners, "corners")
        elif self.corners == "":
            changes["fabric"] = ""
        if self.corner == "mitred" and changes.get("block", now.block):
            raise DraftError("corner", MITRED)
        borders = list(quilt.borders)
        borders[self.number - 1] = replace(now, **changes)  # type: ignore[arg-type]
        return replace(quilt, borders=tuple(borders))
