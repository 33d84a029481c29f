"""Act of a quilt: how wide a part of the setting is, as its side is dragged or typed at it."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from yonk.core.paper import DraftError, message, typed_length, write_exact
from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.acts.named import border_of
from yonk.core.setting.acts.set_border import SetBorder
from yonk.core.setting.acts.set_module import SetModule
from yonk.core.setting.acts.set_sashing import SetSashing
from yonk.core.setting.quilt import Quilt


@dataclass(frozen=True, kw_only=True)
class Widen(QuiltAct):
    """Make a strip so wide, finished: a border by its number, all round or, where it differs there,
    at the sides or `ends`; sashing; the frame of blocks of which a side is `inside`, by the module
    that gives it.
    """

    do: Literal["widen"] = "widen"
    part: str
    width: str
    ends: bool = False
    inside: str = ""

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with it."""
        if self.part == "sashing":
            return SetSashing(width=self.width).on(quilt)
        if self.part == "frame":
            wide = typed_length(self.width, "width", "finished", quilt.unit)
            side = typed_length(self.inside, "inside", "finished", quilt.unit)
            return SetModule(module=write_exact(side + 2 * wide)).on(quilt)
        what, _, told = self.part.rpartition("-")
        if what != "border" or not told.isdecimal():
            raise DraftError("part", message("has-no-width"))
        number = int(told)
        if self.ends and border_of(quilt, number).ends is not None:
            return SetBorder(number=number, ends=self.width).on(quilt)
        return SetBorder(number=number, width=self.width).on(quilt)
