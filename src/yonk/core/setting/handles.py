"""Where a quilt as it lies is taken hold of to change a width: the sides of borders, sashing and
frames; and the widths on the ruler that such a side stops at.
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass
from fractions import Fraction
from itertools import islice
from math import hypot

from yonk.core.paper import XY, Point
from yonk.core.setting.border_layout import insides_of
from yonk.core.setting.drawn import Pen, PlacedPiece, What
from yonk.core.setting.layout import as_it_lies
from yonk.core.setting.quilt import Quilt

MOST_HANDLES = 600  # of strips between blocks; more lie too close to be taken hold of
WIDEST = {"in": Fraction(12), "cm": Fraction(30)}  # that a strip is dragged to; more is typed


_PARTS: dict[What, str] = {
    "sash-in-row": "sashing",
    "sash-between": "sashing",
    "frame": "frame",
}


@dataclass(frozen=True)
class Handle:
    """A side that can be dragged: the part of the setting, whether it is that above and below, the
    side from end to end, which way it goes to make the part wider (a length of one), and how wide
    the part is now, finished. A strip of a frame tells the side of the block `inside`.
    """

    part: str
    ends: bool
    side: tuple[XY, XY]
    toward: XY
    width: Fraction
    inside: Fraction | None = None


def handles_of(quilt: Quilt) -> list[Handle]:
    """Where a quilt can be taken hold of, in its unit from the top left corner."""
    return [*_of_borders(quilt), *_of_strips(quilt)]


def widths_on_the_ruler(quilt: Quilt) -> list[Fraction]:
    """The finished widths that are cut at a mark of the ruler, the narrowest first."""
    step, both = quilt.making.ruler_step, 2 * quilt.making.seam
    marks = range(int((both + step) / step), int((WIDEST[quilt.unit] + both) / step) + 1)
    return [mark * step - both for mark in marks if mark * step > both]


def _of_borders(quilt: Quilt) -> Iterator[Handle]:
    for number, border, (x, y, wide, high) in insides_of(quilt):
        by, above = float(border.width), float(border.high)
        left, top, right, low = x - by, y - above, x + wide + by, y + high + above
        part = f"border-{number}"
        if border.block:
            continue  # as wide as its block
        for at, way in ((left, -1.0), (right, 1.0)):
            yield Handle(part, False, ((at, top), (at, low)), (way, 0.0), border.width)
        for at, way in ((top, -1.0), (low, 1.0)):
            yield Handle(part, True, ((left, at), (right, at)), (0.0, way), border.high)


def _of_strips(quilt: Quilt) -> Iterator[Handle]:
    """The far side of each strip of sashing, and the outer one of each strip of a frame."""
    pen, there = Pen(quilt), as_it_lies(quilt)
    strips = (one for one in pen.pieces() if one.what in _PARTS)
    for piece in islice(strips, MOST_HANDLES):
        (one, end), behind, width = _side(piece, pen)
        (x, y), far, (i, j) = (there((float(a), float(b))) for a, b in (one, end, behind))
        long = hypot(x - i, y - j)
        toward = (x - i) / long, (y - j) / long
        inside = pen.module.width - 2 * width if piece.what == "frame" else None
        yield Handle(_PARTS[piece.what], False, ((x, y), far), toward, width, inside)


def _side(piece: PlacedPiece, pen: Pen) -> tuple[tuple[Point, Point], Point, Fraction]:
    """The side of a strip that moves, from end to end, the spot across the strip from where that
    begins, and how wide it is: of sashing the one after it, of a frame the one away from the block.
    """
    x, y = pen.corner(piece.at)
    left, top = x + piece.begins[0], y + piece.begins[1]
    right, low = left + piece.width, top + piece.height
    if _is_level(piece, pen):
        is_first = piece.what == "frame" and piece.begins[1] == 0
        at, other = (top, low) if is_first else (low, top)
        return ((left, at), (right, at)), (left, other), piece.height
    is_first = piece.what == "frame" and piece.begins[0] == 0
    at, other = (left, right) if is_first else (right, left)
    return ((at, top), (at, low)), (other, top), piece.width


def _is_level(piece: PlacedPiece, pen: Pen) -> bool:
    """Whether a strip lies along a row of the drawing; one may be wider than it is long."""
    if piece.what != "frame":
        return piece.what == "sash-between"
    side = pen.module.width
    if side in (piece.width, piece.height):
        return piece.width == side
    return piece.begins[0] not in (0, side - piece.width)
