"""A simulated pen, sheet of paper and camera: pages as they come back from a sewing room.

It shares nothing with what reads the pages but where the boxes are: what it does to a page is done
with another library, in its own way.
"""

from __future__ import annotations

import random
from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from io import BytesIO

import numpy as np
from PIL import Image, ImageDraw, ImageFilter
from pypdfium2 import PdfDocument

PRINT_DPI = 250
POINT = PRINT_DPI / 72
INKS = [(20, 20, 24), (28, 40, 120), (150, 24, 30), (70, 70, 74), (16, 90, 60)]
PENCIL = (112, 112, 116)
WAYS = ("tick", "cross", "stroke", "scribble", "fill")


@dataclass(frozen=True)
class Shot:
    """How a page is photographed: turned by so many degrees, how far the camera leans, the depth of
    a shadow, blur and grain, creases, the pixels of the longer side, the quality of the file.
    """

    turned: float = 0
    leaning: float = 0
    shade: float = 0
    blur: float = 0
    grain: float = 0
    creases: int = 0
    longer: int = 2200
    quality: int = 85


def any_shot(rng: random.Random) -> Shot:
    """A photo as hands take it: some good, some bad."""
    return Shot(
        turned=rng.choice([0, 90, 180, 270]) + rng.gauss(0, 6),
        leaning=rng.uniform(0, 0.12),
        shade=rng.uniform(0, 0.5),
        blur=rng.uniform(0.3, 1.8),
        grain=rng.uniform(0, 7),
        creases=rng.choice([0, 0, 1, 2, 3]),
        longer=rng.choice([1800, 2200, 2800, 3400]),
        quality=rng.choice([55, 70, 85, 92]),
    )


def printed_pages(pdf: bytes) -> list[Image.Image]:
    """The pages of a document as a printer puts them on paper."""
    return [page.render(scale=POINT).to_pil().convert("RGB") for page in PdfDocument(pdf)]


def marked(
    page: Image.Image,
    boxes: Sequence[tuple[float, float, float]],
    ways: Mapping[int, str],
    rng: random.Random,
) -> Image.Image:
    """A page on which somebody has ticked boxes, each in its way, by a pen of her own.

    Args:
        page: the page.
        boxes: the left, the top and the side of each, in points.
        ways: of those that are ticked by their numbers how.
    """
    page = page.copy()
    draw = ImageDraw.Draw(page)
    colour = PENCIL if rng.random() < 0.15 else rng.choice(INKS)
    thick = rng.uniform(0.4, 1.1) / 25.4 * PRINT_DPI  # millimetres
    for number, way in ways.items():
        _mark(draw, [one * POINT for one in boxes[number]], way, colour, thick, rng)
    return page


def _mark(draw, box, way, colour, thick, rng):  # type: ignore[no-untyped-def]
    left, top, side = box

    def at(x: float, y: float) -> tuple[float, float]:
        unsure = side * 0.07
        return left + x * side + rng.gauss(0, unsure), top + y * side + rng.gauss(0, unsure)

    over = rng.uniform(0, 0.3)  # a hand does not stop at the line
    lines = {
        "tick": [[at(0.15, 0.5), at(0.42, 0.85), at(0.9 + over, 0.1 - over)]],
        "cross": [[at(0.1, 0.1), at(0.9, 0.9)], [at(0.9, 0.1), at(0.1, 0.9)]],
        "stroke": [[at(0.1, 0.9 + over / 2), at(0.9, 0.1 - over / 2)]],
        "scribble": [[at(0.15 + 0.7 * (n % 2), 0.2 + 0.1 * n) for n in range(7)]],
        "fill": [[at(0.5, 0.12 + 0.03 * n) for n in range(26)]],
    }[way]
    for line in lines:
        wide = side * 0.7 if way == "fill" else thick
        draw.line(line, fill=colour, width=max(round(wide), 2), joint="curve")


def photographed(page: Image.Image, shot: Shot, rng: random.Random) -> bytes:
    """A photo of a page that lies on a table, as JPEG."""
    return photographed_at(page, shot, rng)[0]


def photographed_at(
    page: Image.Image, shot: Shot, rng: random.Random
) -> tuple[bytes, list[tuple[float, float]]]:
    """The same, and where the page's corners are in it, as shares of its width and height: upper
    left, upper right, lower right, lower left.
    """
    paper = _creased(page, shot.creases, rng) if shot.creases else page
    wide, high = paper.size
    angle = float(np.radians(shot.turned))
    # the page as the camera frames it, with a little of the table
    cos, sin = float(np.cos(angle)), float(np.sin(angle))
    half = (
        1.08 * (wide * abs(cos) + high * abs(sin)) / 2,
        1.08 * (wide * abs(sin) + high * abs(cos)) / 2,
    )
    quad = []
    for across, down in [(-1, -1), (-1, 1), (1, 1), (1, -1)]:
        x = across * half[0] / (1 - rng.uniform(0, shot.leaning))
        y = down * half[1] / (1 - rng.uniform(0, shot.leaning))
        quad.append((wide / 2 + x * cos - y * sin, high / 2 + x * sin + y * cos))
    scale = shot.longer / (2 * max(half))
    size = round(2 * half[0] * scale), round(2 * half[1] * scale)
    # no finer than the camera's own grain, so that nothing is left out between its pixels
    soft = paper.filter(ImageFilter.GaussianBlur(0.4 / scale if scale < 1 else 0.1))
    seen = _seen_at(size, quad)
    photo = soft.transform(
        size,
        Image.Transform.PERSPECTIVE,
        seen,
        Image.Resampling.BICUBIC,
        fillcolor=rng.choice([(92, 70, 52), (60, 66, 70)]),
    )
    developed = _developed(photo.filter(ImageFilter.GaussianBlur(shot.blur)), shot, rng)
    back = np.linalg.inv(np.array([*seen, 1.0]).reshape(3, 3))
    corners = []
    for x, y in [(0, 0), (wide, 0), (wide, high), (0, high)]:
        u, v, depth = back @ np.array([x, y, 1.0])
        corners.append((float(u / depth) / size[0], float(v / depth) / size[1]))
    return developed, corners


def _seen_at(size: tuple[int, int], quad: Sequence[tuple[float, float]]) -> list[float]:
    """The eight numbers of the perspective in which the corners of a picture see those of a
    quadrangle.
    """
    wide, high = size
    rows, wanted = [], []
    for (u, v), (x, y) in zip([(0, 0), (0, high), (wide, high), (wide, 0)], quad, strict=True):
        rows += [[u, v, 1, 0, 0, 0, -u * x, -v * x], [0, 0, 0, u, v, 1, -u * y, -v * y]]
        wanted += [x, y]
    return list(np.linalg.solve(np.array(rows, float), np.array(wanted, float)))


def _creased(page: Image.Image, creases: int, rng: random.Random) -> Image.Image:
    """Paper that was folded: along each fold a thin shade, and what is beside it lies askew."""
    cells = np.asarray(page, np.float32)
    high, wide = cells.shape[:2]
    rows, columns = np.mgrid[0:high, 0:wide].astype(np.float32)
    shift_x, shift_y = np.zeros_like(rows), np.zeros_like(rows)
    light = np.ones_like(rows)
    for _ in range(creases):
        upright = rng.random() < 0.5
        place = rng.uniform(0.2, 0.8) * (wide if upright else high)
        slope = rng.gauss(0, 0.03)
        away = (columns - place - slope * rows) if upright else (rows - place - slope * columns)
        reach = rng.uniform(0.05, 0.15) * wide
        push = rng.uniform(-1.5, 1.5) * POINT * np.exp(-((away / reach) ** 2))
        if upright:
            shift_x += push
        else:
            shift_y += push
        deep, thin = rng.uniform(0.05, 0.3), rng.uniform(0.4, 1.5) * POINT
        light *= 1 - deep * np.exp(-((away / thin) ** 2))
        light *= 1 - rng.uniform(-0.05, 0.12) * (away > 0)
    x = np.clip(np.rint(columns + shift_x), 0, wide - 1).astype(int)
    y = np.clip(np.rint(rows + shift_y), 0, high - 1).astype(int)
    return Image.fromarray(np.clip(cells[y, x] * light[..., None], 0, 255).astype(np.uint8))


def _developed(photo: Image.Image, shot: Shot, rng: random.Random) -> bytes:
    """Light from one side, a shadow with a soft edge, the colour of a lamp, grain."""
    cells = np.asarray(photo, np.float32)
    high, wide = cells.shape[:2]
    rows, columns = np.mgrid[0:high, 0:wide].astype(np.float32)
    way = rng.uniform(0, 2 * np.pi)
    along = (columns / wide - 0.5) * np.cos(way) + (rows / high - 0.5) * np.sin(way)
    light = 1 - shot.shade * 0.6 * (along + 0.5)
    edge, soft = rng.uniform(-0.4, 0.4), rng.uniform(0.01, 0.08)
    across = (columns / wide - 0.5) * np.sin(way) - (rows / high - 0.5) * np.cos(way)
    light *= 1 - shot.shade * 0.6 / (1 + np.exp(-(across - edge) / soft))
    lamp = np.array([1, rng.uniform(0.9, 1), rng.uniform(0.75, 1)])
    noise = np.random.default_rng(rng.randrange(2**32)).normal(0, shot.grain, cells.shape)
    shown = cells * light[..., None] * lamp * rng.uniform(0.75, 1.05) + noise
    out = BytesIO()
    picture = Image.fromarray(np.clip(shown, 0, 255).astype(np.uint8))
    picture.save(out, "JPEG", quality=shot.quality)
    return out.getvalue()
