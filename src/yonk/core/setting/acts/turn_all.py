"""Act of a quilt: turn all blocks in a pattern."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.acts.named import with_places
from yonk.core.setting.places import columns_in, places_of, rows_of
from yonk.core.setting.quilt import Quilt, RowColumn

Turning = Literal["alike", "quarter-turns", "every-other", "mirrored"]


@dataclass(frozen=True, kw_only=True)
class TurnAll(QuiltAct):
    """Turn all blocks in a pattern: alike, by quarters round each four, every other one, mirrored
    in the middle.
    """

    do: Literal["turn-all"] = "turn-all"
    turning: Turning

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt turned so; each place keeps its block."""
        setting, laid = quilt.setting, {}
        for place in places_of(setting):
            if place.placed is None:
                continue
            at, wide = (place.row, place.column), columns_in(setting, place.row)
            turns, mirrored = _turned(self.turning, at, wide, rows_of(setting))
            laid[place.row, place.column] = replace(place.placed, turns=turns, mirrored=mirrored)
        return with_places(quilt, laid)


def _turned(turning: Turning, at: RowColumn, wide: int, high: int) -> tuple[int, bool]:
    row, column = at
    if turning == "quarter-turns":
        return {(0, 0): 0, (0, 1): 1, (1, 1): 2, (1, 0): 3}[row % 2, column % 2], False
    if turning == "every-other":
        return (row + column) % 2, False
    if turning == "mirrored":
        right, below = 2 * column >= wide, 2 * row >= high
        # mirrored left for right and then turned by half is mirrored top for bottom
        return (2 if below else 0), right != below
    return 0, False
