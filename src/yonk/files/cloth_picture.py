"""A photo or scan of a cloth made into a picture that is laid side by side at its true scale.

The part that shows the print is cut out, its opposite edges are faded into each other, so that no
seam is seen where two of them meet, and what it looks like as a whole is measured.
"""

from __future__ import annotations

import re
from dataclasses import dataclass
from fractions import Fraction
from hashlib import sha256
from io import BytesIO
from math import hypot

import cv2
import numpy as np
from numpy.typing import NDArray
from PIL import Image

from yonk.core.paper import MessageError, Value, message
from yonk.core.planning import value_of
from yonk.files.photo import QUALITY, as_kept

MOST_ACROSS = 512  # pixels of the longer side that are kept: 128 to the inch of a 4 inch repeat
_LEAST_PIXELS = 24  # of the part that is cut out, from which a print can be told
_LEAST_LINE = 0.03  # of the photo's longer side, below which a length in it is told by a slip
_FADED = 0.08  # of each side: more blurs a small print, less lets a shadow's edge be seen
_STEP = 1000  # the size is told to a thousandth of its unit, far finer than a photo shows it

PhotoSpot = tuple[float, float]
Ends = tuple[PhotoSpot, PhotoSpot]


class NoClothError(MessageError):
    """What was told of a photo gives no picture of a cloth; the message says what would mend it."""


@dataclass(frozen=True)
class ClothTile:
    """A picture of a cloth as JPEG, how much of the cloth it shows in the unit that the known
    length was told in, and what it looks like.
    """

    content: bytes
    width: Fraction
    height: Fraction
    colour: str
    value: Value


def picture_digest(content: bytes) -> str:
    """What a picture of a cloth is known by: 32 signs, from its content alone."""
    return sha256(content).hexdigest()[:32]


def picture_file(digest: str) -> str:
    """What a picture of a cloth is called in files."""
    return f"fabrics/{digest}.jpg"


def digest_in(file: str) -> str | None:
    """What the picture is known by that a file of this name holds, if it was named here."""
    found = _NAMED_HERE.fullmatch(file)
    return found[1] if found else None


_NAMED_HERE = re.compile("fabrics/([0-9a-f]{32})[.]jpg")


def tile_as_kept(content: bytes) -> bytes:
    """A picture of a cloth that came in with a parcel, written anew. Raises `NoPhotoError`."""
    with Image.open(BytesIO(as_kept(content).content)) as opened:
        return _written(opened.convert("RGB"))


def cloth_tile(photo: bytes, part: Ends, line: Ends, length: Fraction) -> ClothTile:
    """A picture of a cloth.

    Args:
        photo: a JPEG, PNG or WebP picture.
        part: which part of the upright photo shows it, by two opposite corners as shares of its
            width and height.
        line: two spots in it, as shares, that are so far apart on the cloth as the `length` says.

    Raises: `NoPhotoError` for what is no photo, `NoClothError` where part or line are too small.
    """
    with Image.open(BytesIO(as_kept(photo).content)) as opened:
        pixels = np.asarray(opened.convert("RGB"))
    per_unit = _pixels_per_unit(pixels, line, length)
    tile = _faded(_cut_out(pixels, part))
    high, wide = tile.shape[:2]
    colour = _looks(tile)
    return ClothTile(
        content=_written(Image.fromarray(tile)),
        width=Fraction(round(wide / per_unit * _STEP), _STEP),
        height=Fraction(round(high / per_unit * _STEP), _STEP),
        colour=colour,
        value=value_of(colour),
    )


def _pixels_per_unit(pixels: NDArray[np.uint8], line: Ends, length: Fraction) -> float:
    high, wide = pixels.shape[:2]
    (x, y), (to_x, to_y) = line
    far = hypot((to_x - x) * wide, (to_y - y) * high)
    if far < _LEAST_LINE * max(wide, high):
        raise NoClothError(message("known-length-is-too-short"))
    return far / float(length)


def _cut_out(pixels: NDArray[np.uint8], part: Ends) -> NDArray[np.uint8]:
    high, wide = pixels.shape[:2]
    (left, right), (top, bottom) = (sorted(ends) for ends in zip(*part, strict=True))
    x, y = round(left * wide), round(top * high)
    found = pixels[y : round(bottom * high), x : round(right * wide)]
    if min(found.shape[:2]) < _LEAST_PIXELS:
        raise NoClothError(message("part-of-cloth-is-too-small"))
    return found


def _faded(found: NDArray[np.uint8]) -> NDArray[np.uint8]:
    """Its right edge faded into its left, its lower into its upper, which takes that much off."""
    tile = found.astype(np.float32)
    for _ in range(2):
        across = tile.shape[1]
        over = max(1, round(across * _FADED))
        share = np.linspace(0, 1, over, dtype=np.float32)[None, :, None]
        tile[:, :over] = share * tile[:, :over] + (1 - share) * tile[:, across - over :]
        tile = tile[:, : across - over].transpose(1, 0, 2).copy()
    return np.clip(np.rint(tile), 0, 255).astype(np.uint8)


def _looks(tile: NDArray[np.uint8]) -> str:
    """The colour that it has from afar: the mean of all that is in it, in CIELAB."""
    lab = cv2.cvtColor(tile.astype(np.float32) / 255, cv2.COLOR_RGB2LAB).reshape(-1, 3)
    mean = lab.mean(axis=0).reshape(1, 1, 3).astype(np.float32)
    seen = np.clip(np.rint(cv2.cvtColor(mean, cv2.COLOR_LAB2RGB)[0, 0] * 255), 0, 255)
    return "#" + "".join(f"{int(part):02x}" for part in seen)


def _written(picture: Image.Image) -> bytes:
    picture.thumbnail((MOST_ACROSS, MOST_ACROSS), Image.Resampling.LANCZOS)
    out = BytesIO()
    picture.save(out, "JPEG", quality=QUALITY, optimize=True)
    return out.getvalue()
