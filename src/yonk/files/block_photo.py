"""A photo or scan of a block, laid straight under the ruled paper, and the seams that are seen in
it.

A seam is looked for where one could be drawn: along the ruled points of each cell. The cloth on
both sides of it is compared at many places, so that neither a shadow nor the turn of a photo
matters.
"""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from fractions import Fraction
from io import BytesIO
from itertools import product

import cv2
import numpy as np
from numpy.typing import NDArray
from PIL import Image

from yonk.core.paper import Draft, MessageError, Point, Ruling, Seam, message
from yonk.files.photo import QUALITY, JpegPhoto, as_kept

Corner = tuple[float, float]

LONGEST_SIDE = 1200  # pixels of the straightened picture: a seam of a fine block is told to a hair
SEEN_AT = 900  # pixels of the longer side at which seams are looked for
_LEAST_AREA = 0.01  # of the photo, below which four corners are no block but a slip
_PLACES = 25  # along a stretch where both sides are compared
_FROM_ENDS = 0.14  # of a stretch at each end, where other seams come in
_BESIDE = 0.022  # of the picture's longer side: how far from the seam its sides are looked at
# Differences in CIELAB. Two cloths that a quilter tells apart differ by 12 and more; grain and
# print come to some 4 after smoothing. A shadow's slope is the same across and beside a seam.
_TOLD_APART = 9.0
_MOST_PLACES = 0.8  # of the places at which the sides must differ
_SHARPER = 1.6  # times the difference within one side, so that a slope or a busy print is no seam


class NoBlockError(MessageError):
    """The corners that were told hold no block; the message says what would mend it."""


@dataclass(frozen=True)
class SeenSeam:
    """A seam that is seen in a picture, from point to point in columns and rows, and at which share
    of its places the two sides differ.
    """

    seam: Seam
    sure: float


def lay_straight(photo: bytes, corners: Sequence[Corner], ratio: float) -> JpegPhoto:
    """A block as it lies in a photo, laid straight.

    Args:
        photo: a JPEG, PNG or WebP picture.
        corners: of the block in the upright photo, as shares of its width and height: upper left,
            upper right, lower right, lower left.
        ratio: the block's width to its height.

    Returns: the picture, with nothing of the camera in it.

    Raises: `NoPhotoError` for what is no picture; `NoBlockError` for corners that hold none.
    """
    kept = as_kept(photo)
    with Image.open(BytesIO(kept.content)) as opened:
        pixels = np.asarray(opened.convert("RGB"))
    here = np.array([(x * kept.width, y * kept.height) for x, y in corners], np.float32)
    if not _holds_something(here, kept.width * kept.height):
        raise NoBlockError(message("picture-corners-cross"))
    wide = round(LONGEST_SIDE * min(1, ratio))
    high = round(LONGEST_SIDE * min(1, 1 / ratio))
    there = np.array([(0, 0), (wide, 0), (wide, high), (0, high)], np.float32)
    turned = cv2.getPerspectiveTransform(here, there)
    flat = cv2.warpPerspective(pixels, turned, (wide, high), flags=cv2.INTER_AREA)
    out = BytesIO()
    Image.fromarray(flat.astype(np.uint8)).save(out, "JPEG", quality=QUALITY, optimize=True)
    return JpegPhoto(out.getvalue(), wide, high)


def _holds_something(corners: NDArray[np.float32], pixels: int) -> bool:
    """Whether four corners are those of a quadrangle that bulges everywhere and is no mere
    speck.
    """
    turns = []
    for number in range(4):
        a, b, c = (corners[(number + step) % 4] for step in range(3))
        turns.append((b[0] - a[0]) * (c[1] - b[1]) - (b[1] - a[1]) * (c[0] - b[0]))
    return min(turns) > 0 and cv2.contourArea(corners) > _LEAST_AREA * pixels


def seams_seen(picture: bytes, draft: Draft, parts: int) -> list[SeenSeam]:
    """The seams that are seen in a straightened picture of a block and not drawn yet.

    Args:
        picture: as `lay_straight` gives it.
        draft: the block, whose grid lies over the picture.
        parts: into how many parts the side of a cell is ruled.

    Returns: each seam once, those at which most places differ first.

    Raises: `NoPhotoError` for what is no picture.
    """
    smooth, scale = _to_look_at(picture, draft)
    ruling = Ruling.of(draft)

    def pixel(point: Point) -> tuple[float, float]:
        x, y = ruling.place(point)
        return float(x) * scale, float(y) * scale

    seen: dict[Seam, float] = {}
    for seam in _could_be(draft, parts):
        share = _differs(smooth, pixel(seam[0]), pixel(seam[1]))
        if share >= _MOST_PLACES:
            seen[seam] = share
    found = [
        SeenSeam(seam, min(seen[part] for part in made_of))
        for seam, made_of in _joined(seen)
        if not any(_lies_on(seam, drawn) for drawn in draft.seams)
    ]
    return sorted(found, key=lambda one: (-one.sure, one.seam))


def _to_look_at(picture: bytes, draft: Draft) -> tuple[NDArray[np.float32], float]:
    """The picture in CIELAB, smoothed, and its pixels to the draft's unit."""
    with Image.open(BytesIO(as_kept(picture).content)) as opened:
        pixels = np.asarray(opened.convert("RGB"))
    scale = SEEN_AT / float(max(draft.width, draft.height))
    size = round(float(draft.width) * scale), round(float(draft.height) * scale)
    small = cv2.resize(pixels, size, interpolation=cv2.INTER_AREA)
    lab = cv2.cvtColor(small.astype(np.float32) / 255, cv2.COLOR_RGB2LAB)
    # over about the width between two threads of a print, less than what is compared beside a seam
    return np.asarray(cv2.GaussianBlur(lab, (0, 0), SEEN_AT * _BESIDE / 4), np.float32), scale


def _could_be(draft: Draft, parts: int) -> Iterator[Seam]:
    """The stretches in each cell along which a seam could be drawn: between neighbouring ruled
    points, straight and slanted, also by two to one.
    """
    steps = [(1, 0), (0, 1), (1, 1), (1, -1)]
    if parts > 1:
        steps += [(1, 2), (2, 1), (1, -2), (2, -1)]
    cells = product(range(len(draft.columns)), range(len(draft.rows)))
    seen: set[Seam] = set()
    for column, row in cells:
        for i, j in product(range(parts + 1), repeat=2):
            for across, down in steps:
                if not (i + across <= parts and 0 <= j + down <= parts):
                    continue
                start = column + Fraction(i, parts), row + Fraction(j, parts)
                end = column + Fraction(i + across, parts), row + Fraction(j + down, parts)
                if not _on_the_edge(draft, start, end) and (start, end) not in seen:
                    seen.add((start, end))
                    yield start, end


def _on_the_edge(draft: Draft, start: Point, end: Point) -> bool:
    """Whether a stretch lies along the block's own edge, which is no seam."""
    last = len(draft.columns), len(draft.rows)
    return any(start[axis] == end[axis] and start[axis] in (0, last[axis]) for axis in (0, 1))


def _differs(smooth: NDArray[np.float32], start: Corner, end: Corner) -> float:
    """At which share of its places the two sides of a stretch differ sharply."""
    a, b = np.array(start), np.array(end)
    along = b - a
    normal = np.array([-along[1], along[0]]) / np.hypot(*along)
    beside = SEEN_AT * _BESIDE
    shares = np.linspace(_FROM_ENDS, 1 - _FROM_ENDS, _PLACES)
    spots = a + shares[:, None] * along

    def cloth(off: float) -> NDArray[np.float32]:
        return _at(smooth, spots + off * normal)

    # half as far beside it the seam itself would not be told from the blur
    near, over = cloth(-beside / 2), cloth(beside / 2)
    far, beyond = cloth(-beside * 3 / 2), cloth(beside * 3 / 2)
    across = np.linalg.norm(near - over, axis=1)
    within = np.maximum(np.linalg.norm(near - far, axis=1), np.linalg.norm(over - beyond, axis=1))
    return float(np.mean((across > _TOLD_APART) & (across > _SHARPER * within)))


def _at(picture: NDArray[np.float32], spots: NDArray[np.float64]) -> NDArray[np.float32]:
    high, wide = picture.shape[:2]
    x = np.clip(np.rint(spots[:, 0]).astype(int), 0, wide - 1)
    y = np.clip(np.rint(spots[:, 1]).astype(int), 0, high - 1)
    return np.asarray(picture[y, x], np.float32)


def _joined(seen: dict[Seam, float]) -> Iterator[tuple[Seam, list[Seam]]]:
    """Stretches that go on in a straight line within one cell, as one seam, with what it is of."""
    lines: dict[tuple[object, ...], list[Seam]] = {}
    for seam in seen:
        (ax, ay), (bx, by) = seam
        slope = (by - ay) / (bx - ax) if bx != ax else None
        foot = ay - slope * ax if slope is not None else ax
        cell = (min(ax, bx) // 1, min(ay, by) // 1)
        lines.setdefault((slope, foot, cell), []).append(seam)
    for stretches in lines.values():
        first, *others = sorted(stretches)
        lot = [first]
        for seam in others:
            if seam[0] > lot[-1][1]:
                yield (lot[0][0], lot[-1][1]), lot
                lot = []
            lot.append(seam)
        yield (lot[0][0], lot[-1][1]), lot


def _lies_on(seam: Seam, drawn: Seam) -> bool:
    """Whether a seam lies on one that is drawn."""
    (ax, ay), (bx, by) = drawn
    for x, y in seam:
        if (bx - ax) * (y - ay) != (by - ay) * (x - ax):
            return False
        if not (min(ax, bx) <= x <= max(ax, bx) and min(ay, by) <= y <= max(ay, by)):
            return False
    return True
