"""Blocks photographed by a simulated camera, laid straight and read for their seams."""

from __future__ import annotations

import random
from io import BytesIO

import numpy as np
import pytest
from PIL import Image, ImageDraw

from tests.camera import Shot, photographed_at
from yonk.core.acts import BlockBeginning, apply, begin_block
from yonk.core.acts.put import Put
from yonk.core.drawing import Span
from yonk.core.paper import Draft, Seam
from yonk.core.planning import read
from yonk.files.block_photo import NoBlockError, SeenSeam, lay_straight, seams_seen
from yonk.files.photo import NoPhotoError

SIDE = 900  # pixels of the printed block
PLAIN = begin_block(BlockBeginning(width="9", columns="3", rows="3"))
CAMERAS = [
    Shot(longer=1200),
    Shot(turned=7, leaning=0.1, shade=0.45, blur=1.2, grain=5, longer=1300),
    Shot(turned=172, leaning=0.08, shade=0.5, blur=0.8, grain=6, longer=1200, quality=60),
    Shot(turned=-20, leaning=0.12, shade=0.3, blur=1.5, grain=4, longer=1500),
]


def block(kind: str, cells: list[tuple[int, int]], fabrics: tuple[str, ...]) -> Draft:
    draft = PLAIN
    for column, row in cells:
        put = Put(cell=Span(column=column, row=row), unit=kind, fabrics=fabrics)
        draft = apply(draft, put)
    return draft


BLOCKS = {
    "half squares at the corners": block(
        "half-square-triangle", [(0, 0), (2, 0), (0, 2), (2, 2)], ("peat", "fog")
    ),
    "quarter squares": block("quarter-square-triangle", [(1, 0), (1, 2)], ("fog", "peat")),
    "squares in squares": block("square-in-a-square", [(1, 1)], ("peat", "fog")),
}


def printed(draft: Draft, rng: random.Random) -> Image.Image:
    """The block as cloth, drawn with another library: each patch with the grain of woven cloth."""
    reading = read(draft)
    scale = SIDE / (float(max(draft.width, draft.height)) * reading.drawing.scale)
    picture = Image.new("RGB", (SIDE, SIDE), "#e9e4d6")
    draw = ImageDraw.Draw(picture)
    for face, fabric in zip(reading.drawing.faces, reading.fabrics, strict=True):
        colour = draft.fabric(fabric).colour if fabric != "unassigned" else "#b9ad92"
        draw.polygon([(x * scale, y * scale) for x, y in face.ring], fill=colour)
    pixels = np.asarray(picture).astype(float)
    grain = np.random.default_rng(rng.randrange(2**32)).normal(0, 5, pixels.shape[:2])
    return Image.fromarray((pixels + grain[:, :, None]).clip(0, 255).astype(np.uint8))


def seen_in(draft: Draft, shot: Shot, over: Draft, seed: int) -> list[SeenSeam]:
    rng = random.Random(seed)
    photo, corners = photographed_at(printed(draft, rng), shot, rng)
    # a hand drags them to within a few pixels
    dragged = [(x + rng.gauss(0, 0.002), y + rng.gauss(0, 0.002)) for x, y in corners]
    flat = lay_straight(photo, dragged, 1)
    return seams_seen(flat.content, over, 2)


def drawn_in_cells(draft: Draft) -> set[Seam]:
    """The seams that divide cells of the block, beside the lines of the grid."""
    return {seam for seam in draft.seams if seam not in PLAIN.seams}


def covers(whole: Seam, part: Seam) -> bool:
    (ax, ay), (bx, by) = whole
    return all(
        (bx - ax) * (y - ay) == (by - ay) * (x - ax)
        and min(ax, bx) <= x <= max(ax, bx)
        and min(ay, by) <= y <= max(ay, by)
        for x, y in part
    )


@pytest.mark.parametrize("name", BLOCKS)
@pytest.mark.parametrize("shot", CAMERAS, ids=lambda shot: f"turned {shot.turned}")
def test_the_seams_of_a_photographed_block_are_offered(name: str, shot: Shot) -> None:
    """All that divide its cells and no other, however it was turned, leant and shaded."""
    draft = BLOCKS[name]
    seen = [one.seam for one in seen_in(draft, shot, PLAIN, seed=3)]
    wanted = drawn_in_cells(draft)
    missed = [seam for seam in wanted if not any(covers(one, seam) for one in seen)]
    wrong = [one for one in seen if not any(covers(seam, one) for seam in wanted)]
    assert (missed, wrong) == ([], [])


def test_what_is_drawn_already_is_not_offered() -> None:
    draft = BLOCKS["half squares at the corners"]
    assert seen_in(draft, CAMERAS[1], draft, seed=5) == []


def test_a_photo_of_plain_cloth_offers_nothing() -> None:
    for shot in CAMERAS:
        assert seen_in(PLAIN, shot, PLAIN, seed=8) == []


def test_a_block_that_is_not_square_is_laid_straight_in_its_proportion() -> None:
    picture = Image.new("RGB", (800, 400), "#884422")
    out = BytesIO()
    picture.save(out, "JPEG")
    flat = lay_straight(out.getvalue(), [(0, 0), (1, 0), (1, 1), (0, 1)], 2)
    assert (flat.width, flat.height) == (1200, 600)


@pytest.mark.parametrize(
    "corners",
    [
        [(0, 0), (1, 1), (1, 0), (0, 1)],
        [(0, 0), (0, 1), (1, 1), (1, 0)],
        [(0.5, 0.5), (0.51, 0.5), (0.51, 0.51), (0.5, 0.51)],
        [(0, 0), (1, 0), (0.4, 0.3), (0, 1)],
    ],
)
def test_corners_that_hold_no_block_are_refused(corners: list[tuple[float, float]]) -> None:
    out = BytesIO()
    Image.new("RGB", (300, 300), "white").save(out, "JPEG")
    with pytest.raises(NoBlockError):
        lay_straight(out.getvalue(), corners, 1)


def test_what_is_no_picture_is_refused() -> None:
    with pytest.raises(NoPhotoError):
        lay_straight(b"%PDF-1.4", [(0, 0), (1, 0), (1, 1), (0, 1)], 1)


def test_nothing_of_the_camera_is_left_in_the_picture() -> None:
    out = BytesIO()
    exif = Image.Exif()
    exif[0x010F] = "A camera"
    Image.new("RGB", (300, 300), "white").save(out, "JPEG", exif=exif)
    flat = lay_straight(out.getvalue(), [(0, 0), (1, 0), (1, 1), (0, 1)], 1)
    with Image.open(BytesIO(flat.content)) as opened:
        assert not opened.getexif()
