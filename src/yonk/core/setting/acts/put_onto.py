"""Act of a quilt: a fabric or a block put onto a part of the setting, as it is dragged there."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.paper import DraftError, message
from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.acts.add_border import AddBorder
from yonk.core.setting.acts.named import border_of
from yonk.core.setting.acts.set_alternate import SetAlternate
from yonk.core.setting.acts.set_border import SetBorder
from yonk.core.setting.acts.set_edge import SetEdge
from yonk.core.setting.acts.set_module import SetModule
from yonk.core.setting.acts.set_sashing import SetSashing
from yonk.core.setting.quilt import Quilt

OUTSIDE = "outside"


@dataclass(frozen=True, kw_only=True)
class PutOnto(QuiltAct):
    """Put a fabric, or a block, onto what lies somewhere in the picture: `part` is a border by its
    number, sashing, cornerstones, frames, the edge, the plain squares of every other place, or
    what is outside of all: one more border.
    """

    do: Literal["put-onto"] = "put-onto"
    part: str
    fabric: str = ""
    block: str = ""

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with it."""
        if self.part == OUTSIDE:
            more = AddBorder(fabric=self.fabric or None).on(quilt)
            onto = replace(self, part=f"border-{len(more.borders)}")
            return onto.on(more) if self.block else more
        if self.block:
            return self._of_block().on(quilt)
        acts: dict[str, QuiltAct] = {
            "sashing": SetSashing(fabric=self.fabric),
            "cornerstone": SetSashing(cornerstones=self.fabric),
            "frame": SetModule(fabric=self.fabric),
            "edge": SetEdge(fabric=self.fabric),
            "alternate": SetAlternate(fabric=self.fabric),
        }
        if self.part in acts and self.fabric:
            return acts[self.part].on(quilt)
        number = self._border()
        border = border_of(quilt, number)
        if border.block:  # the squares in its corners are what there is of cloth
            return SetBorder(number=number, corners=self.fabric).on(quilt)
        return SetBorder(number=number, fabric=self.fabric).on(quilt)

    def _of_block(self) -> QuiltAct:
        if self.part == "alternate":
            return SetAlternate(block=self.block)
        return SetBorder(number=self._border(), block=self.block)

    def _border(self) -> int:
        what, _, number = self.part.rpartition("-")
        if what != "border" or not number.isdecimal():
            raise DraftError("part", message("takes-no-such-thing"))
        return int(number)
