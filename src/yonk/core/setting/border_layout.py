"""Where the borders of a quilt lie: pieces of cloth as they are sewn on, blocks that repeat.

Places are in the quilt's unit from the top left corner of the finished quilt.
"""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction

from yonk.core.paper import XY
from yonk.core.setting.borders import Repeat, repeats_of
from yonk.core.setting.places import top_of
from yonk.core.setting.quilt import Border, Quilt

BorderBox = tuple[float, float, float, float]


def corner_of_top(quilt: Quilt) -> XY:
    """Where the top without its borders begins."""
    beside = sum((one.width for one in quilt.borders), Fraction(0))
    above = sum((one.high for one in quilt.borders), Fraction(0))
    return float(beside), float(above)


def insides_of(quilt: Quilt) -> Iterator[tuple[int, Border, BorderBox]]:
    """Each border by its number from one, with the box that it goes round: left, top, width,
    height.
    """
    top, (x, y) = top_of(quilt), corner_of_top(quilt)
    wide, high = float(top.width), float(top.height)
    for number, border in enumerate(quilt.borders, start=1):
        yield number, border, (x, y, wide, high)
        by, above = float(border.width), float(border.high)
        x, y, wide, high = x - by, y - above, wide + 2 * by, high + 2 * above


def border_pieces(quilt: Quilt) -> Iterator[tuple[int, str, tuple[XY, ...]]]:
    """The pieces of cloth of each border: its number, the fabric, the corners."""
    for number, border, inside in insides_of(quilt):
        if border.fabric:
            for outline in _pieces(border, inside):
                yield number, border.fabric, outline


def border_blocks(quilt: Quilt) -> Iterator[tuple[int, str, XY, int]]:
    """The blocks of pieced borders, clockwise from the top left corner, their top outward: the
    border's number, the block's key, the middle, and how far it is turned in degrees.

    Raises: `DraftError` where a repeat does not fit.
    """
    repeats = {one.border: one for one in repeats_of(quilt)}
    for number, border, inside in insides_of(quilt):
        if border.block:
            for middle, angle in _repeated(inside, float(border.width), repeats[number]):
                yield number, border.block, middle, angle


def border_box(x: float, y: float, wide: float, high: float) -> tuple[XY, ...]:
    """The corners of a box."""
    return (x, y), (x + wide, y), (x + wide, y + high), (x, y + high)


def _pieces(border: Border, inside: BorderBox) -> Iterator[tuple[XY, ...]]:
    x, y, wide, high = inside
    by, above = float(border.width), float(border.high)
    right, bottom = x + wide, y + high
    left, top, far, low = x - by, y - above, right + by, bottom + above
    if border.block:
        yield from (border_box(a, b, by, by) for a in (left, right) for b in (top, bottom))
    elif border.corner == "mitred":
        yield (left, top), (far, top), (right, y), (x, y)
        yield (far, top), (far, low), (right, bottom), (right, y)
        yield (far, low), (left, low), (x, bottom), (right, bottom)
        yield (left, low), (left, top), (x, y), (x, bottom)
    elif border.first == "sides":
        yield from (border_box(a, y, by, high) for a in (left, right))
        yield from (border_box(left, b, wide + 2 * by, above) for b in (top, bottom))
    else:
        yield from (border_box(x, b, wide, above) for b in (top, bottom))
        yield from (border_box(a, top, by, high + 2 * above) for a in (left, right))


def _repeated(inside: BorderBox, by: float, repeat: Repeat) -> Iterator[tuple[XY, int]]:
    """Side by side from the top, each with the corner that it begins at, if a block lies there."""
    x, y, wide, high = inside
    half, right, bottom = by / 2, x + wide, y + high
    sides = (
        ((x - half, y - half), (1, 0), repeat.level, wide),
        ((right + half, y - half), (0, 1), repeat.upright, high),
        ((right + half, bottom + half), (-1, 0), repeat.level, wide),
        ((x - half, bottom + half), (0, -1), repeat.upright, high),
    )
    for turn, ((a, b), (i, j), count, length) in enumerate(sides):
        if repeat.corners:
            yield (a, b), 90 * turn
        for one in range(count):
            along = half + (one + 0.5) * length / count
            yield (a + i * along, b + j * along), 90 * turn
