"""Act of a quilt: take a block in in its colourings."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.paper import DraftError, check_count, message, next_key
from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.acts.named import known_block
from yonk.core.setting.quilt import Quilt


@dataclass(frozen=True, kw_only=True)
class AddColourings(QuiltAct):
    """Take a block into the quilt in each of its colourings as well."""

    do: Literal["colourings"] = "colourings"
    block: str

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with them."""
        own = quilt.by_key[known_block(quilt, self.block, "block")]
        if not own.draft.colourings:
            raise DraftError("block", message("has-no-colourings"))
        blocks = list(quilt.blocks)
        there = [one.colouring for one in blocks if one.draft == own.draft]
        for number, colouring in enumerate(own.draft.colourings):
            if number not in there:
                key = next_key([one.key for one in blocks], f"{own.key} {colouring.name}")
                blocks.append(replace(own, key=key, colouring=number))
        check_count(len(blocks), "block", "quilt_blocks")
        return replace(quilt, blocks=tuple(blocks))
