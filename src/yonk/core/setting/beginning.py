"""How a new quilt begins."""

from __future__ import annotations

from collections import deque
from collections.abc import Iterator, Sequence
from dataclasses import replace
from math import isqrt

from yonk.core.paper import COUNTS, USUAL, DraftError, message
from yonk.core.setting.quilt import Placed, Quilt, QuiltBlock, Setting

COLUMNS, ROWS = 3, 4  # where no block says for how many it is
_LONGEST = 2  # how often a new quilt is as long as it is wide, at most
MOST_PLACES = COUNTS["quilt_lines"][1] ** 2 // _LONGEST  # of which the longest grid has room


def begun(name: str, blocks: Sequence[QuiltBlock]) -> Quilt:
    """A new quilt of some blocks, each for as many as it is meant for, laid in turn, framed to the
    largest where they differ in size.

    Raises: `DraftError` where there is none, or they are in different units.
    """
    if not blocks:
        raise DraftError("blocks", message("blocks-are-missing"))
    unit = blocks[0].draft.unit
    if any(one.draft.unit != unit for one in blocks):
        raise DraftError("blocks", message("blocks-are-in-two-units"))
    sizes = {(one.draft.width, one.draft.height) for one in blocks}
    wanted = [one.draft.making.blocks for one in blocks]
    said = any(count > 1 for count in wanted)
    columns, rows = grid_for(min(sum(wanted), MOST_PLACES)) if said else (COLUMNS, ROWS)
    laid = list(in_turn(wanted if said else [columns * rows] * len(blocks)))[: columns * rows]
    setting = Setting(
        columns=columns,
        rows=rows,
        fill=Placed(block=blocks[0].key),
        places={
            (place // columns, place % columns): Placed(block=blocks[number].key)
            for place, number in enumerate(laid)
            if number
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


def grid_for(count: int) -> tuple[int, int]:
    """Columns and rows for so many places, or for the fewest more that make no long strip: as near
    to a square as can be.

    >>> grid_for(8), grid_for(12), grid_for(7), grid_for(2)
    ((2, 4), (3, 4), (2, 4), (1, 2))
    """
    while True:
        columns = max(n for n in range(1, isqrt(count) + 1) if count % n == 0)
        if count <= _LONGEST * columns * columns:
            return columns, count // columns
        count += 1


def in_turn(counts: Sequence[int]) -> Iterator[int]:
    """The numbers of things one after the other, each as often as it is there.

    >>> list(in_turn([3, 1, 2]))
    [0, 1, 2, 0, 2, 0]
    """
    waiting = deque(enumerate(counts))
    while waiting:
        number, left = waiting.popleft()
        yield number
        if left > 1:
            waiting.append((number, left - 1))
