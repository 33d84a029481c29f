"""The setting diagram: the top as it lies, with the names of its rows, every seam between its
blocks and which way it is pressed. Places are in the quilt's unit from the top left corner of the
finished quilt.
"""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass
from math import dist, sqrt

from yonk.core.joining import Join
from yonk.core.paper import XY
from yonk.core.setting import QuiltLayout, RowColumn, as_it_lies, layout_of, module_of
from yonk.core.top.steps import TopSewing

_ARROW = 0.09  # of a block's side: how far an arrow reaches to either side of its seam


@dataclass(frozen=True)
class SeamDrawn:
    """A seam of the top: its stretches, the middle of its longest, the way that its allowances are
    pressed there as a short stretch across it (a spot for an open seam), the number of its step.
    """

    join: int
    stretches: tuple[tuple[XY, XY], ...]
    arrow: tuple[XY, XY]
    open: bool
    step: int


@dataclass(frozen=True)
class RowLabel:
    """What stands at the beginning of a row: its number from one, and where."""

    number: int
    at: XY


@dataclass(frozen=True)
class Diagram:
    """Everything that is drawn over a top."""

    layout: QuiltLayout
    seams: tuple[SeamDrawn, ...]
    labels: tuple[RowLabel, ...]
    bulky: tuple[XY, ...]
    second: tuple[RowColumn, ...]


def diagram_of(sewing: TopSewing) -> Diagram:
    """The diagram of a top. `second` are the places whose blocks are pressed by plan 2."""
    layout = layout_of(sewing.quilt)
    lies, scale = as_it_lies(sewing.quilt), sewing.drawn.scale

    def there(spot: tuple[int, int]) -> XY:
        return lies((spot[0] / scale, spot[1] / scale))

    steps = {join: number for number, step in enumerate(sewing.steps, 1) for join in step.joins}
    sashing = sewing.quilt.setting.sashing
    reach = _ARROW * float(module_of(sewing.quilt).width)
    if sashing:  # so that two arrows into one strip stay apart
        reach = min(reach, 0.35 * float(sashing.width))
    seams = tuple(
        _seam(join, sewing, there, reach, steps.get(join.number, 0))
        for join in sewing.together.outer
        if join.along and sewing.together.roles[join.number] != "frame"
    )
    met = zip(sewing.pressing.meetings, sewing.pressing.states, strict=True)
    bulky = tuple(there(one.at) for one, state in met if state == "bulky")
    cells = sewing.drawn.grid.cells
    second = tuple(sorted(at for at in cells.values() if sewing.kind_at(at) == 1))
    return Diagram(layout, seams, tuple(_labels(sewing, layout)), bulky, second)


def _seam(
    join: Join, sewing: TopSewing, there: Callable[[tuple[int, int]], XY], reach: float, step: int
) -> SeamDrawn:
    stretches = tuple((there(a), there(b)) for a, b in join.along)
    (ax, ay), (bx, by) = max(stretches, key=lambda ends: dist(*ends))
    length = dist((ax, ay), (bx, by))
    x, y = (ax + bx) / 2, (ay + by) / 2
    # the first part lies on the left hand of the stretch
    across = (by - ay) / length * reach, -(bx - ax) / length * reach
    side = sewing.pressing.presses[join.number]
    way = 0 if side is None else 1 - 2 * side
    arrow = (x - across[0] * way, y - across[1] * way), (x + across[0] * way, y + across[1] * way)
    return SeamDrawn(join.number, stretches, arrow, side is None, step)


def _labels(sewing: TopSewing, layout: QuiltLayout) -> list[RowLabel]:
    """The number of each row, before its first block."""
    cells = sewing.drawn.grid.cells
    middles = {(one.row, one.column): one.middle for one in layout.blocks}
    module = module_of(sewing.quilt)
    back = float(module.width) / 2
    found = []
    for row in sorted({down for down, _ in cells}):
        first = min(cell for cell in cells if cell[0] == row)
        x, y = middles[cells[first]]
        on_point = sewing.quilt.setting.kind == "on-point"
        at = (x - back / sqrt(2), y + back / sqrt(2)) if on_point else (x - back, y)
        found.append(RowLabel(row + 1, at))
    return found
