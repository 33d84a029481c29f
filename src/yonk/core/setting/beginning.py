"""How a new quilt begins."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

from yonk.core.paper import USUAL, DraftError
from yonk.core.setting.quilt import Placed, Quilt, QuiltBlock, Setting

COLUMNS, ROWS = 3, 4


def begun(name: str, blocks: Sequence[QuiltBlock]) -> Quilt:
    """A new quilt of some blocks, laid in turn, framed to the largest where they differ in size.

    Raises: `DraftError` where there is none, or they are in different units.
    """
    if not blocks:
        raise DraftError("blocks", "are missing; choose at least one")
    unit = blocks[0].draft.unit
    if any(one.draft.unit != unit for one in blocks):
        raise DraftError("blocks", "are some in inches and some in centimetres; choose one kind")
    sizes = {(one.draft.width, one.draft.height) for one in blocks}
    setting = Setting(
        columns=COLUMNS,
        rows=ROWS,
        fill=Placed(block=blocks[0].key),
        places={
            (place // COLUMNS, place % COLUMNS): Placed(block=blocks[place % len(blocks)].key)
            for place in range(COLUMNS * ROWS)
            if place % len(blocks)
        },
    )
    quilt = Quilt(
        name=name,
        unit=unit,
        blocks=tuple(blocks),
        setting=setting,
        making=USUAL[unit].settings,
    )
    if len(sizes) == 1:
        return quilt
    module = max(side for one in sizes for side in one)
    return replace(quilt, setting=replace(setting, module=module, frame=quilt.first_fabric))
