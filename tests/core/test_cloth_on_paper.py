"""Cloth on paper: where a print lies, how large, and which way; looked at as it is printed."""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction as F
from io import BytesIO

import numpy as np
import pypdfium2
import pytest
from numpy.typing import NDArray
from PIL import Image
from reportlab.pdfgen.canvas import Canvas

from tests.drafts import block
from yonk.core.paper import ClothPicture, Draft, Fabric
from yonk.core.planning import read
from yonk.core.setting import Placed, QuiltBlock, begun
from yonk.files.block_drawing import draw_block
from yonk.files.cloth_on_paper import LEAST_TILE, cloths_on_paper, fill_cloth
from yonk.files.quilt_drawing import coloured_outlines

SIDE = 144  # points of the paper that is looked at
FILE = "fabrics/0123456789abcdef0123456789abcdef.jpg"
# two inches by two, its upper left quarter red
CLOTH = Fabric(
    key="fog",
    name="Fog",
    colour="#ffffff",
    print="directional",
    picture=ClothPicture(file=FILE, width=F(2), height=F(2)),
)
ALL = [[(0.0, 0.0), (0.0, SIDE), (SIDE, SIDE), (SIDE, 0.0)]]


def red_quarter() -> bytes:
    picture = Image.new("RGB", (64, 64), "#ffffff")
    picture.paste((255, 0, 0), (0, 0, 32, 32))
    out = BytesIO()
    picture.save(out, "JPEG", quality=95)
    return out.getvalue()


def printed(draw: object, *, shown: bool = True) -> NDArray[np.uint8]:
    """What is seen of a paper, a pixel to the point, rows from the top."""
    out = BytesIO()
    canvas = Canvas(out, pagesize=(SIDE, SIDE))
    with cloths_on_paper({FILE: red_quarter()} if shown else {}):
        draw(canvas)  # type: ignore[operator]
    canvas.save()
    pages = pypdfium2.PdfDocument(out.getvalue())
    return np.asarray(pages[0].render(scale=1).to_pil().convert("RGB"))


def is_red(seen: NDArray[np.uint8], x: int, y: int) -> bool:
    red, green, _ = (int(part) for part in seen[y, x])
    return red > 200 and green < 60


# by hand: a repeat is 72 points; its red quarter goes from upper left to upper right, and so on
@pytest.mark.parametrize(
    ("turn", "x", "y"), [(0, 18, 18), (90, 54, 18), (180, 54, 54), (270, 18, 54)]
)
def test_a_print_lies_at_true_size_and_turned_clockwise(turn: int, x: int, y: int) -> None:
    seen = printed(
        lambda canvas: fill_cloth(canvas, ALL, CLOTH, 36, origin=(0, SIDE), turn=turn, edge=False)
    )
    quarters = {(x, y) for x in (18, 54) for y in (18, 54)}
    for across in (0, 72):
        for down in (0, 72):
            assert is_red(seen, x + across, y + down)
            for other in quarters - {(x, y)}:
                assert not is_red(seen, other[0] + across, other[1] + down)


def test_nothing_of_a_print_is_seen_outside_its_outline() -> None:
    inner = [[(36.0, 36.0), (36.0, 108.0), (108.0, 108.0), (108.0, 36.0)]]
    seen = printed(lambda canvas: fill_cloth(canvas, inner, CLOTH, 36, edge=False))
    outside = np.ones((SIDE, SIDE), bool)
    outside[35:109, 35:109] = False
    assert (seen[outside] == 255).all() and not (seen[40:104, 40:104] == 255).all()


def test_without_the_picture_or_too_small_the_colour_stands_for_it() -> None:
    grey = replace(CLOTH, colour="#808080")
    tiny = LEAST_TILE / 2 * 0.9
    for scale, shown in ((36, False), (tiny, True)):
        seen = printed(
            lambda canvas, scale=scale: fill_cloth(canvas, ALL, grey, scale, edge=False),
            shown=shown,
        )
        assert (abs(seen.astype(int) - 128) <= 1).all()


def in_cloth(direction: int) -> Draft:
    """A block of one patch, four inches, whose print points so."""
    draft = block(painted="1/2 1/2 fog", size="4 4", blocks=2)
    return replace(draft, fabrics=(replace(CLOTH, direction=direction),))


def test_a_block_is_printed_in_its_cloths() -> None:
    seen = printed(lambda canvas: draw_block(canvas, read(in_cloth(90)), 36))
    assert is_red(seen, 54, 18) and not is_red(seen, 18, 18)


# by hand: mirrored, what pointed to the right points to the left; a block turns its print along
@pytest.mark.parametrize(
    ("turns", "mirrored", "lies"), [(0, False, 90), (1, False, 180), (0, True, 270)]
)
def test_a_print_lies_in_a_quilt_as_its_block_lies(turns: int, mirrored: bool, lies: int) -> None:
    quilt = begun("Throw", [QuiltBlock(key="one", draft=in_cloth(90))])
    there = Placed(block="one", turns=turns, mirrored=mirrored)
    quilt = replace(quilt, setting=replace(quilt.setting, fill=there, places={}))
    shapes = [one for one in coloured_outlines(quilt) if one.fabric.picture]
    assert {round(one.turn) % 360 for one in shapes} == {lies}
