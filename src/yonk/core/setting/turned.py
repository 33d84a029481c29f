"""Prints with a direction in the setting: which triangles of the edge stand upright in squares that
are cut on both diagonals, and what lies aslant because the setting stands on point.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterator

from yonk.core.setting.drawn import Pen
from yonk.core.setting.quilt import Quilt


def squares_short(quilt: Quilt) -> int:
    """How many squares more would let the print of the edge point up in every side triangle.

    A square that is cut on both diagonals gives a triangle for each side of the quilt: upright are
    as many at each side as there are squares. Of stripes, which look the same upside down, a square
    gives two for the sides and two for above and below.
    """
    setting, edge = quilt.setting, quilt.setting.edge
    if setting.kind != "on-point" or edge is None:
        return 0
    fabric = quilt.all_fabrics.get(edge.fabric)
    if fabric is None or not fabric.has_direction:
        return 0
    pen = Pen(quilt)
    sides = Counter(tuple(pen.grid.beside(cell)) for cell in pen.side_cells)
    there = -(-len(pen.side_cells) // 4) + edge.more
    return max(0, max(sides.values(), default=0) - there)


def slanted_prints(quilt: Quilt) -> Iterator[str]:
    """The fabrics whose prints lie aslant in what is sewn between blocks on point, by their keys;
    no way of cutting straightens them.
    """
    setting = quilt.setting
    if setting.kind != "on-point":
        return
    keys = [setting.frame if setting.module is not None else ""]
    keys += [setting.alternate.fabric if setting.alternate else ""]
    if setting.sashing:
        keys += [setting.sashing.fabric, setting.sashing.cornerstones]
    for key in dict.fromkeys(filter(None, keys)):
        fabric = quilt.all_fabrics.get(key)
        if fabric and fabric.has_direction:
            yield key
