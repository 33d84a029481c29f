"""Cloths that the program draws itself, for the samples: woven, dotted, striped, leafed. Each is a
picture of four inches that is laid side by side without a seam.
"""

from __future__ import annotations

import random
from collections.abc import Callable
from dataclasses import replace
from fractions import Fraction
from functools import cache
from io import BytesIO
from itertools import product

import numpy as np
from PIL import Image, ImageDraw

from yonk.core.paper import ClothPicture, Draft
from yonk.files.cloth_picture import picture_digest, picture_file
from yonk.files.photo import QUALITY

INCHES = 4
_SIDE = 384  # pixels: 96 to the inch, as a screen has
_GRAIN = 4.0  # of 255, so that threads are guessed at and the print is not hidden

Drawn = Callable[[], Image.Image]


def _plain(ground: str) -> Image.Image:
    return Image.new("RGB", (_SIDE, _SIDE), ground)


def _woven(ground: str, thread: str) -> Image.Image:
    """Threads over and under each other."""
    across, down = np.meshgrid(np.arange(_SIDE) // 4, np.arange(_SIDE) // 4)
    over = ((across + down) % 2 == 0)[:, :, None]
    pixels = np.where(over, np.asarray(_plain(ground)), np.asarray(_plain(thread)))
    return Image.fromarray(pixels.astype(np.uint8))


def _dotted(ground: str, dot: str) -> Image.Image:
    """Dots in rows, every other row moved by half."""
    picture = _plain(ground)
    draw = ImageDraw.Draw(picture)
    step = _SIDE // 8
    for x, y in product(range(-1, 9), range(9)):
        middle = (x + (y % 2) / 2) * step + step / 4, y * step + step / 2
        draw.ellipse([one - step / 8 for one in middle] + [one + step / 8 for one in middle], dot)
    return picture


def _striped(ground: str, stripe: str) -> Image.Image:
    """Stripes that run up, a broad one and a narrow one in turn."""
    picture = _plain(ground)
    draw = ImageDraw.Draw(picture)
    step = _SIDE // 8
    for place in range(8):
        left = place * step
        draw.rectangle((left, 0, left + step * (0.4 if place % 2 else 0.15), _SIDE), stripe)
    return picture


def _strewn(ground: str, leaf: str, *, up: bool = False, seed: int = 1) -> Image.Image:
    """Leaves strewn over it, all pointing `up` or every way; what leaves at one edge comes in at
    the other.
    """
    picture, by_chance = _plain(ground), random.Random(seed)
    for place in range(64):
        long = by_chance.randint(22, 34)
        shape = Image.new("L", (long, long))
        ImageDraw.Draw(shape).ellipse((long * 0.32, 0, long * 0.68, long - 1), 255)
        turned = shape.rotate(by_chance.uniform(-18, 18) if up else by_chance.uniform(0, 360))
        x = place % 8 * _SIDE // 8 + by_chance.randint(0, 20)
        y = place // 8 * _SIDE // 8 + by_chance.randint(0, 20)
        for right, low in product((0, -_SIDE), repeat=2):
            picture.paste(leaf, (x + right, y + low), turned)
    return picture


_CLOTHS: dict[str, Drawn] = {
    "Peat": lambda: _woven("#35251c", "#41301f"),
    "Fog": lambda: _woven("#ecebe5", "#e0dfd7"),
    "Gorse": lambda: _woven("#dfac28", "#d19c1a"),
    "Rowan": lambda: _woven("#ab2c30", "#992125"),
    "Slate": lambda: _woven("#46545f", "#55656f"),
    "Lichen": lambda: _strewn("#a8b08a", "#7f8f6a", seed=3),
    "Bracken": lambda: _strewn("#b5713a", "#8a4d22", up=True, seed=4),
    "Tarn": lambda: _striped("#2d566f", "#6f95a8"),
    "Heather": lambda: _strewn("#8a5b90", "#b58fb9", seed=5),
    "Moss": lambda: _woven("#6f7a2e", "#808b3f"),
    "Thrift": lambda: _dotted("#e39fae", "#f6d9de"),
    "Whey": lambda: _striped("#f3dfb2", "#e2c789"),
}


@cache  # drawn once, as the samples are laid out
def drawn_cloth(name: str) -> bytes | None:
    """The picture of a sample cloth as JPEG; none where it is drawn plain."""
    if name not in _CLOTHS:
        return None
    pixels = np.asarray(_CLOTHS[name]()).astype(float)
    grain = np.random.default_rng(len(name)).normal(0, _GRAIN, (_SIDE, _SIDE, 1))
    out = BytesIO()
    woven = Image.fromarray((pixels + grain).clip(0, 255).astype(np.uint8))
    woven.save(out, "JPEG", quality=QUALITY, optimize=True)
    return out.getvalue()


def in_drawn_cloth(draft: Draft) -> Draft:
    """A sample whose fabrics are seen in their cloth."""
    side = Fraction(INCHES)
    return replace(
        draft,
        fabrics=tuple(
            replace(
                one,
                picture=ClothPicture(file=picture_file(name), width=side, height=side).converted(
                    "in", draft.unit
                ),
            )
            if (name := digest_of_cloth(one.name))
            else one
            for one in draft.fabrics
        ),
    )


def digest_of_cloth(name: str) -> str:
    """What the picture of a sample cloth is known by; nothing where it is drawn plain."""
    content = drawn_cloth(name)
    return picture_digest(content) if content else ""
