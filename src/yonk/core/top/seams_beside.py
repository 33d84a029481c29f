"""Where the seams of the blocks meet a long strip of the setting: there a join in it shows least.

Counted in the top as it is drawn. Source: joined lengths of `docs/setting.md`.
"""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Sequence
from dataclasses import dataclass
from fractions import Fraction
from math import cos, radians, sin

from yonk.core.paper import XY
from yonk.core.setting import LaidBlock, Quilt, QuiltLayout, SettingPiece, layout_of
from yonk.core.top.slack import slack_of

SAME_PLACE = 1e-6  # of the quilt's unit: places of the drawing that are the same but for floats


@dataclass(frozen=True)
class StripBeside:
    """A strip of the setting as it lies: what it is for, its finished length, and how far from its
    left or upper end the seams meet it.
    """

    purpose: str
    length: float
    seams: tuple[float, ...]


Box = tuple[XY, XY]


class SeamsBeside:
    """How far from one end of the strips of a quilt the seams of its blocks meet them."""

    def __init__(self, quilt: Quilt) -> None:
        self.quilt = quilt
        self._strips = strips_beside(quilt)

    def of(self, piece: SettingPiece) -> list[Fraction]:
        """Of strips that are cut so, on the ruler, from one end; of sides whose seams are unlike
        those that are on all, if there are any.
        """
        making = self.quilt.making
        over = making.seam + slack_of(piece.purpose, self.quilt)
        found = []
        for one in self._strips:
            same = abs(one.length + float(2 * over) - float(piece.long)) < making.ruler_step
            if one.purpose == piece.purpose and same:
                cut = (seam + float(over) for seam in one.seams)
                found.append({_on_ruler(place, making.ruler_step) for place in cut})
        common = set.intersection(*found) if found else set()
        return sorted(common or (found[0] if found else ()))


def _on_ruler(place: float, step: Fraction) -> Fraction:
    """The nearest mark: a seam is as wide as one, and the strip is measured once more anyway."""
    return round(place / float(step)) * step


def strips_beside(quilt: Quilt) -> list[StripBeside]:
    """The borders and the level and upright sashing of a quilt with the seams that meet them, each
    side by itself.

    Raises: `DraftError` naming what does not fit.
    """
    layout = layout_of(quilt)
    corners = list(_corners(layout))
    found = []
    for cloth in layout.cloths:
        is_border = cloth.purpose.startswith("border-")
        box = _box(cloth.outline)
        if not is_border and (cloth.purpose != "sashing" or not _is_level(cloth.outline, box)):
            continue
        axis = 0 if box[1][0] - box[0][0] >= box[1][1] - box[0][1] else 1
        begin, end = box[0][axis], box[1][axis]
        side = _side_of_top(layout, box, axis) if is_border else box
        places = _nearest(corners, side, axis, within=(begin, end))
        seams = tuple(place - begin for place in places)
        found.append(StripBeside(cloth.purpose, end - begin, seams))
    return found


def _corners(layout: QuiltLayout) -> Iterator[XY]:
    """Of every block, and of the cloth between blocks."""
    for block in (*layout.blocks, *layout.halves):
        yield from _corners_of(block, layout)
    for cloth in layout.cloths:
        if cloth.purpose != "edge" and not cloth.purpose.startswith("border-"):
            yield from cloth.outline


def _corners_of(block: LaidBlock, layout: QuiltLayout) -> Iterator[XY]:
    wide, high = float(layout.module.width) / 2, float(layout.module.height) / 2
    angle = radians(block.angle % 90)  # a quarter turn brings a place onto itself
    (x, y), c, s = block.middle, cos(angle), sin(angle)
    for a, b in ((-wide, -high), (wide, -high), (wide, high), (-wide, high)):
        yield x + a * c - b * s, y + a * s + b * c


def _box(outline: Iterable[XY]) -> Box:
    spots = list(outline)
    xs, ys = [x for x, _ in spots], [y for _, y in spots]
    return (min(xs), min(ys)), (max(xs), max(ys))


def _is_level(outline: Sequence[XY], box: Box) -> bool:
    """Whether a piece lies level or upright, none of its corners cut off."""
    (left, top), (right, bottom) = box
    return all(
        min(abs(x - left), abs(x - right)) + min(abs(y - top), abs(y - bottom)) < SAME_PLACE
        for x, y in outline
    )


def _side_of_top(layout: QuiltLayout, box: Box, axis: int) -> Box:
    """The side of the top that a border lies along, as a box without width."""
    left, top, wide, high = layout.top
    first, last = (left, top), (left + wide, top + high)
    middle = (box[0][1 - axis] + box[1][1 - axis]) / 2
    across = 1 - axis
    edge = min((first[across], last[across]), key=lambda one: abs(one - middle))
    if axis == 0:
        return (left, edge), (left + wide, edge)
    return (edge, top), (edge, top + high)


def _nearest(
    corners: Iterable[XY], side: Box, axis: int, within: tuple[float, float]
) -> list[float]:
    """Where along an axis the corners lie that are the nearest to a side, of those between its
    ends.
    """
    across = 1 - axis
    near = []
    for spot in corners:
        if within[0] + SAME_PLACE < spot[axis] < within[1] - SAME_PLACE and (
            side[0][axis] + SAME_PLACE < spot[axis] < side[1][axis] - SAME_PLACE
        ):
            off = min(abs(spot[across] - one[across]) for one in side)
            near.append((off, spot[axis]))
    if not near:
        return []
    closest = min(off for off, _ in near)
    places = sorted(place for off, place in near if off < closest + SAME_PLACE)
    apart = [b for a, b in zip(places, places[1:], strict=False) if b - a > SAME_PLACE]
    return [places[0], *apart]
