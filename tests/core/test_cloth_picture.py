"""Cloths that are drawn here, photographed beside a ruler and made into pictures at true scale."""

from __future__ import annotations

from fractions import Fraction as F
from io import BytesIO

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from numpy.typing import NDArray
from PIL import Image, ImageDraw

from yonk.core.paper import Fabric, dyes
from yonk.core.planning import colour_difference
from yonk.files.cloth_picture import (
    MOST_ACROSS,
    NoClothError,
    cloth_tile,
    digest_in,
    picture_digest,
    picture_file,
    tile_as_kept,
)
from yonk.files.photo import NoPhotoError
from yonk.machine.drawn_cloth import drawn_cloth
from yonk.machine.samples import all_samples

PER_INCH = 60  # pixels of a made photo
WHOLE = ((0.0, 0.0), (1.0, 1.0))
TEN_INCHES = ((0.0, 0.99), (1.0, 0.99))


def dotted(
    wide: int = 10, high: int = 8, *, ground: str = "#e7e6df", mode: str = "RGB"
) -> Image.Image:
    """A photo of a cloth with a dot to each inch, so many inches wide and high."""
    photo = Image.new(mode, (wide * PER_INCH, high * PER_INCH), ground)
    draw = ImageDraw.Draw(photo)
    for x in range(wide):
        for y in range(high):
            left, top = (x + 0.3) * PER_INCH, (y + 0.3) * PER_INCH
            draw.ellipse((left, top, left + 0.4 * PER_INCH, top + 0.4 * PER_INCH), fill="#a63a2b")
    return photo


def as_file(photo: Image.Image, form: str = "PNG") -> bytes:
    out = BytesIO()
    photo.save(out, form)
    return out.getvalue()


def all_samples_fabrics() -> tuple[Fabric, ...]:
    return next(iter(all_samples())).fabrics


def opened(content: bytes) -> NDArray[np.float64]:
    with Image.open(BytesIO(content)) as picture:
        assert picture.format == "JPEG"
        return np.asarray(picture.convert("RGB")).astype(float)


def test_it_is_as_large_as_the_ruler_says() -> None:
    """Half of a photo 10 inches wide, less what is faded; in whatever unit the line is told."""
    half = ((0.25, 0.1), (0.75, 0.6))
    tile = cloth_tile(as_file(dotted()), half, TEN_INCHES, F(10))
    assert (tile.width, tile.height) == (
        F(23, 5),
        F(3683, 1000),
    )  # 5 and 4 less 24 and 19 pixels of 60
    in_cm = cloth_tile(as_file(dotted()), half, TEN_INCHES, F(254, 10))
    assert in_cm.width / tile.width == pytest.approx(2.54, abs=0.001)
    slanted = ((0.1, 0.1), (0.5, 0.475))  # 4 across and 3 down: five inches
    assert cloth_tile(as_file(dotted()), half, slanted, F(5)).width == tile.width
    turned = (half[1], half[0])
    assert cloth_tile(as_file(dotted()), turned, TEN_INCHES, F(10)).content == tile.content


@given(st.floats(0.4, 1), st.floats(0.4, 1))
@settings(max_examples=12, deadline=None)
def test_no_seam_is_seen_where_two_meet(right: float, low: float) -> None:
    """Across the joint the cloth changes no more than it does anywhere within."""
    tile = cloth_tile(as_file(dotted()), ((0.0, 0.0), (right, low)), TEN_INCHES, F(10))
    pixels = opened(tile.content)
    for one in (pixels, pixels.transpose(1, 0, 2)):
        within = np.abs(np.diff(one, axis=1)).mean(axis=(0, 2))
        joint = np.abs(one[:, 0] - one[:, -1]).mean()
        assert joint <= within.max() * 1.25 + 4  # of the picture's own grain as JPEG


def test_it_looks_as_it_does_from_afar() -> None:
    """The dyes are told by their colours and by the words that the program has for them."""
    for dye in dyes():
        plain = Image.new("RGB", (300, 200), dye.colour)
        tile = cloth_tile(as_file(plain), WHOLE, TEN_INCHES, F(10))
        parts = [
            abs(int(tile.colour[at : at + 2], 16) - int(dye.colour[at : at + 2], 16))
            for at in (1, 3, 5)
        ]
        assert max(parts) <= 2 and tile.value == dye.value, dye.name
    red_on_white = cloth_tile(as_file(dotted()), WHOLE, TEN_INCHES, F(10))
    assert red_on_white.value == "light"
    assert cloth_tile(as_file(dotted(ground="#3b2a20")), WHOLE, TEN_INCHES, F(10)).value == "dark"


def test_it_is_small_and_tells_nothing_else() -> None:
    photo = dotted(40, 30)
    found = photo.getexif()
    found[0x010E] = "the hut"
    out = BytesIO()
    photo.save(out, "JPEG", exif=found, quality=95)
    tile = cloth_tile(out.getvalue(), WHOLE, TEN_INCHES, F(40))
    high, wide = opened(tile.content).shape[:2]
    assert max(high, wide) == MOST_ACROSS
    assert b"the hut" not in tile.content and len(tile.content) < 200_000
    assert tile_as_kept(tile.content) and b"the hut" not in tile_as_kept(out.getvalue())


def test_it_lies_upright_as_the_camera_was_held() -> None:
    """What is told of the photo is told of it as it is seen, turned upright."""
    photo = dotted(10, 6)
    found = photo.getexif()
    found[0x0112] = 6  # held on its side
    out = BytesIO()
    photo.transpose(Image.Transpose.ROTATE_90).save(out, "JPEG", exif=found, quality=95)
    tile = cloth_tile(out.getvalue(), ((0.0, 0.0), (1.0, 0.5)), TEN_INCHES, F(10))
    assert tile.width / tile.height == pytest.approx(10 / 3, rel=0.02)


@pytest.mark.parametrize(
    ("part", "line", "said"),
    [
        (((0.5, 0.5), (0.51, 0.9)), TEN_INCHES, "part that shows the print is too small"),
        (((0.5, 0.5), (0.5, 0.5)), TEN_INCHES, "part that shows the print is too small"),
        (WHOLE, ((0.5, 0.5), (0.51, 0.5)), "drawn too short"),
    ],
)
def test_what_is_too_small_is_said_with_its_mend(part, line, said: str) -> None:  # type: ignore[no-untyped-def]
    with pytest.raises(NoClothError, match=said):
        cloth_tile(as_file(dotted()), part, line, F(10))


def test_what_is_no_photo_is_said() -> None:
    for content in (b"", b"no picture", as_file(dotted(), "GIF"), as_file(dotted())[:200]):
        with pytest.raises(NoPhotoError):
            cloth_tile(content, WHOLE, TEN_INCHES, F(10))


def test_a_picture_is_named_by_what_it_holds() -> None:
    digest = picture_digest(b"cloth")
    assert digest_in(picture_file(digest)) == digest != picture_digest(b"Cloth")
    for other in ("fabrics/fog.jpg", "../" + picture_file(digest), picture_file(digest) + "\n", ""):
        assert digest_in(other) is None


@pytest.mark.parametrize("name", ["Peat", "Lichen", "Bracken", "Tarn", "Thrift"])
def test_the_samples_own_cloths_are_laid_side_by_side_without_a_seam(name: str) -> None:
    content = drawn_cloth(name)
    assert content and drawn_cloth("no such cloth") is None
    pixels = opened(content)
    for one in (pixels, pixels.transpose(1, 0, 2)):
        within = np.abs(np.diff(one, axis=1)).mean(axis=(0, 2))
        assert np.abs(one[:, 0] - one[:, -1]).mean() <= within.max() * 1.25 + 4
    [dye] = [one for one in (*dyes(), *all_samples_fabrics()) if one.name == name][:1]
    mean = "#" + "".join(f"{round(part):02x}" for part in pixels.mean(axis=(0, 1)))
    assert colour_difference(mean, dye.colour) < 12  # it is known again by its colour
