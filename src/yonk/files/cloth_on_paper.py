"""Cloth on paper: an outline filled as its fabric looks, by its picture where it has one."""

from __future__ import annotations

from collections.abc import Iterator, Mapping, Sequence
from contextlib import contextmanager
from contextvars import ContextVar
from io import BytesIO
from math import ceil, cos, floor, radians, sin
from typing import Any

from reportlab.lib.colors import HexColor
from reportlab.lib.utils import ImageReader

from yonk.core.paper import Fabric
from yonk.files.paper import SHEET

LEAST_TILE = 3.0  # points: a repeat drawn smaller is not seen as a print, its colour stands for it
MOST_TILES = 400  # in one outline; more are as small as grains, and make the file heavy
VEIL = 0.62  # how much of a cloth is hidden where something is written on it

_PICTURES: ContextVar[Mapping[str, bytes]] = ContextVar("pictures of cloth")


@contextmanager
def cloths_on_paper(pictures: Mapping[str, bytes]) -> Iterator[None]:
    """Have the pictures at hand, by their names in the documents, while something is printed."""
    before = _PICTURES.set(pictures)
    try:
        yield
    finally:
        _PICTURES.reset(before)


def fill_cloth(
    canvas: Any,
    rings: Sequence[Sequence[tuple[float, float]]],
    fabric: Fabric,
    scale: float,
    *,
    origin: tuple[float, float] = (0.0, 0.0),
    turn: float = 0.0,
    edge: bool = True,
    veiled: bool = False,
) -> None:
    """Fill an outline with a fabric.

    Args:
        rings: corners in points, the outline first, then its holes.
        scale: points to the unit that the fabric's picture is told in.
        origin: where a repeat of the print begins.
        turn: degrees clockwise from how the print lies in the fabric's cloth.
        edge: whether the outline is drawn in the colour that the canvas has for it.
        veiled: paler, where something is written on it.
    """
    path = canvas.beginPath()
    for ring in rings:
        for corner, spot in enumerate(ring):
            (path.lineTo if corner else path.moveTo)(*spot)
        path.close()
    canvas.setFillColor(HexColor(fabric.colour))
    canvas.drawPath(path, stroke=0, fill=1)
    tile = _tile(canvas, fabric, scale)
    if tile:
        canvas.saveState()
        canvas.clipPath(path, stroke=0, fill=0)
        canvas.translate(*origin)
        canvas.rotate(-turn)
        _lay_tiles(canvas, _seen_from(rings[0], origin, turn), *tile)
        canvas.restoreState()
    if veiled:
        canvas.saveState()
        canvas.setFillColor(SHEET)
        canvas.setFillAlpha(VEIL)
        canvas.drawPath(path, stroke=0, fill=1)
        canvas.restoreState()
    if edge:
        canvas.drawPath(path, stroke=1, fill=0)


def _tile(canvas: Any, fabric: Fabric, scale: float) -> tuple[str, float, float] | None:
    """A repeat of a fabric's picture, kept once in the file: its name there, and how large it is
    drawn; None where there is none to draw.
    """
    picture = fabric.picture
    content = _PICTURES.get({}).get(picture.file) if picture else None
    if picture is None or content is None:
        return None
    wide, high = float(picture.width) * scale, float(picture.height) * scale
    if min(wide, high) < LEAST_TILE:
        return None
    name = "".join(sign for sign in picture.file if sign.isalnum())  # as a PDF takes names
    if not canvas.hasForm(name):
        canvas.beginForm(name, 0, 0, 1, 1)
        canvas.drawImage(ImageReader(BytesIO(content)), 0, 0, 1, 1)
        canvas.endForm()
    return name, wide, high


def _seen_from(
    ring: Sequence[tuple[float, float]], origin: tuple[float, float], turn: float
) -> list[tuple[float, float]]:
    """Corners as they lie in a frame that is moved and turned clockwise."""
    c, s = cos(radians(turn)), sin(radians(turn))
    moved = [(x - origin[0], y - origin[1]) for x, y in ring]
    return [(x * c - y * s, x * s + y * c) for x, y in moved]


def _lay_tiles(
    canvas: Any, ring: Sequence[tuple[float, float]], name: str, wide: float, high: float
) -> None:
    """Repeats side by side over the box around an outline."""
    (left, right), (low, top) = ((min(axis), max(axis)) for axis in zip(*ring, strict=True))
    columns = range(floor(left / wide), ceil(right / wide))
    rows = range(floor(low / high), ceil(top / high))
    if len(columns) * len(rows) > MOST_TILES:
        return
    for column in columns:
        for row in rows:
            canvas.saveState()
            canvas.transform(wide, 0, 0, high, column * wide, row * high)
            canvas.doForm(name)
            canvas.restoreState()
