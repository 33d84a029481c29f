"""Act of a quilt: a border of blocks that repeat, with a spacer inside it that makes it fit."""

from __future__ import annotations

from dataclasses import dataclass, replace
from functools import reduce
from typing import Literal

from yonk.core.paper import DraftError, check_count, message
from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.acts.named import border_of, known_block, known_fabric
from yonk.core.setting.acts.set_border import SetBorder
from yonk.core.setting.borders import LEAST_SPACER, spacer_for, with_border
from yonk.core.setting.places import top_of
from yonk.core.setting.quilt import Border, Quilt


@dataclass(frozen=True, kw_only=True)
class FitBorder(QuiltAct):
    """Make a border by its number from one of a block that repeats, with the narrowest plain border
    before it that makes the repeats fit, in the fabric that it had where none is told.
    """

    do: Literal["fit-border"] = "fit-border"
    number: int
    block: str
    fabric: str | None = None
    corners: str | None = None

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with both."""
        now = border_of(quilt, self.number)
        check_count(len(quilt.borders) + 1, "borders", "borders")
        repeat = quilt.by_key[known_block(quilt, self.block, "block")].draft.width
        inner, outer = quilt.borders[: self.number - 1], quilt.borders[self.number :]
        inside = reduce(with_border, inner, top_of(quilt))
        step, least = quilt.making.ruler_step, LEAST_SPACER[quilt.unit]
        widths = spacer_for(inside, repeat, step, least)
        if widths is None:
            raise DraftError("block", message("take-another-block-width"))
        wide, ends = widths
        fabric = known_fabric(quilt, self.fabric or now.fabric or quilt.first_fabric, "fabric")
        spacer = Border(width=wide, fabric=fabric, ends=None if ends == wide else ends)
        both = replace(quilt, borders=(*inner, spacer, now, *outer))
        pieced = SetBorder(number=self.number + 1, block=self.block, corners=self.corners)
        return pieced.on(both)
