"""Where everything of a quilt lies, to be drawn and looked at: blocks as they are turned, and the
cloth between and around them.

Places are in the quilt's unit from the top left corner of the finished quilt.
"""

from __future__ import annotations

from collections.abc import Callable, Iterator
from dataclasses import dataclass
from math import sqrt

from yonk.core.paper import XY
from yonk.core.setting.border_layout import border_blocks, border_box, border_pieces, corner_of_top
from yonk.core.setting.borders import finished_of
from yonk.core.setting.cuts import PURPOSES
from yonk.core.setting.drawn import Pen
from yonk.core.setting.places import Module, module_of, top_of
from yonk.core.setting.quilt import Placed, Quilt


@dataclass(frozen=True)
class LaidBlock:
    """A place as it lies: its middle, how far it is turned clockwise in degrees with the setting
    and by hand, and what is in it; None for a plain square.
    """

    row: int
    column: int
    middle: XY
    angle: int
    placed: Placed | None


@dataclass(frozen=True)
class LaidCloth:
    """A piece of the setting as it lies: what it is, its fabric, its corners."""

    purpose: str
    fabric: str
    outline: tuple[XY, ...]


@dataclass(frozen=True)
class QuiltLayout:
    """A quilt as it lies. Cloth that is told later lies on what is told before; blocks lie on top.
    Those of pieced borders are told by the border and their number in it, half blocks as the
    whole ones that the edge of the top cuts.
    """

    width: float
    height: float
    top: tuple[float, float, float, float]
    module: Module
    cloths: tuple[LaidCloth, ...]
    blocks: tuple[LaidBlock, ...]
    border_blocks: tuple[LaidBlock, ...]
    halves: tuple[LaidBlock, ...]


def layout_of(quilt: Quilt) -> QuiltLayout:
    """Where everything of a quilt lies.

    Raises: `DraftError` naming what does not fit.
    """
    pen, there = Pen(quilt), as_it_lies(quilt)
    finished, top = finished_of(quilt), top_of(quilt)
    left, above = corner_of_top(quilt)
    return QuiltLayout(
        float(finished.width),
        float(finished.height),
        (left, above, float(top.width), float(top.height)),
        pen.module,
        tuple(_cloths(quilt, pen, there)),
        tuple(_blocks(pen, there)),
        tuple(
            LaidBlock(number, place, middle, angle, Placed(block=key))
            for place, (number, key, middle, angle) in enumerate(border_blocks(quilt))
        ),
        tuple(_halves(pen, there)),
    )


There = Callable[[XY], XY]


def as_it_lies(quilt: Quilt) -> There:
    """From the drawing of a top to its layout, both in the quilt's unit: on point the diagonal rows
    lie level in the drawing, so they are turned back; its edges reach as far as it floats.
    """
    setting, (left, above) = quilt.setting, corner_of_top(quilt)
    sashing = setting.sashing
    ring = float(sashing.width) if sashing and sashing.outer else 0.0
    if setting.kind == "straight":
        return lambda spot: (left + ring + spot[0], above + ring + spot[1])
    side = float(module_of(quilt).width)
    first = (side + ring) / sqrt(2) + (float(setting.edge.floats) if setting.edge else 0.0)

    def turned(spot: XY) -> XY:
        x, y = spot[0] - side / 2, spot[1] - side / 2
        return left + first + (x + y) / sqrt(2), above + first + (y - x) / sqrt(2)

    return turned


def _cloths(quilt: Quilt, pen: Pen, there: There) -> Iterator[LaidCloth]:
    """Borders; what fills the edge of an on-point top, under everything else; the rest."""
    for number, fabric, outline in border_pieces(quilt):
        yield LaidCloth(f"border-{number}", fabric, outline)
    edge, top, (left, above) = quilt.setting.edge, top_of(quilt), corner_of_top(quilt)
    if pen.on_point and edge:
        whole = border_box(left, above, float(top.width), float(top.height))
        yield LaidCloth("edge", edge.fabric, whole)
    for what, shape in pen.cloths():
        outline = tuple(there((float(x), float(y))) for x, y in shape.ring)
        yield LaidCloth(PURPOSES[what], shape.fabric, outline)


def _blocks(pen: Pen, there: There) -> Iterator[LaidBlock]:
    """Every place, row by row."""
    for cell, (row, column) in sorted(pen.grid.cells.items(), key=lambda one: one[1]):
        placed = pen.placed[row, column]
        yield LaidBlock(row, column, there(_middle(pen, cell)), _angle(pen, placed), placed)


def _halves(pen: Pen, there: There) -> Iterator[LaidBlock]:
    """Half blocks at the sides of an on-point setting."""
    for number, cell in enumerate(pen.half_cells):
        placed = pen.half_at(cell)
        yield LaidBlock(0, number, there(_middle(pen, cell)), _angle(pen, placed), placed)


def _middle(pen: Pen, cell: tuple[int, int]) -> XY:
    x, y = pen.corner(cell)
    return float(x + pen.module.width / 2), float(y + pen.module.height / 2)


def _angle(pen: Pen, placed: Placed | None) -> int:
    return (45 if pen.on_point else 0) + 90 * (placed.turns if placed else 0)
