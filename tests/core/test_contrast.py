"""Colour differences against the formula written out here; which fabrics are hard to tell apart."""

from __future__ import annotations

from dataclasses import replace
from math import atan2, cos, degrees, exp, hypot, radians, sin, sqrt

import cv2
import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from tests.drafts import block
from yonk.core.paper import dyes
from yonk.core.planning import colour_difference, make_plan
from yonk.core.planning.contrast import too_near

Lab = tuple[float, float, float]
COLOURS = st.integers(0, 0xFFFFFF).map("#{:06x}".format)

# From the published test data of the formula, which were chosen to find where it is done wrong.
PAIRS: list[tuple[Lab, Lab, float]] = [
    ((50, 2.6772, -79.7751), (50, 0, -82.7485), 2.0425),
    ((50, 3.1571, -77.2803), (50, 0, -82.7485), 2.8615),
    ((50, 2.5, 0), (50, 0, -2.5), 4.3065),
    ((50, 2.5, 0), (73, 25, -18), 27.1492),
    ((50, 2.5, 0), (61, -5, 29), 22.8977),
    ((60.2574, -34.0099, 36.2677), (60.4626, -34.1751, 39.4387), 1.2644),
    ((6.7747, -0.2908, -2.4247), (5.8714, -0.0985, -2.2286), 0.6377),
    ((2.0776, 0.0795, -1.1350), (0.9033, -0.0636, -0.5514), 0.9082),
]


def ciede2000(one: Lab, other: Lab) -> float:
    """The formula as ISO/CIE 11664-6 has it."""
    (l1, a1, b1), (l2, a2, b2) = one, other
    mean = (hypot(a1, b1) + hypot(a2, b2)) / 2
    g = (1 - sqrt(mean**7 / (mean**7 + 25**7))) / 2
    a1, a2 = a1 * (1 + g), a2 * (1 + g)
    c1, c2 = hypot(a1, b1), hypot(a2, b2)
    h1, h2 = (degrees(atan2(b, a)) % 360 if c else 0.0 for a, b, c in ((a1, b1, c1), (a2, b2, c2)))
    turned = 0.0 if c1 * c2 == 0 else (h2 - h1 + 180) % 360 - 180
    if h2 - h1 == 180 and c1 * c2:
        turned = 180.0
    dl, dc, dh = l2 - l1, c2 - c1, 2 * sqrt(c1 * c2) * sin(radians(turned / 2))
    light, c = (l1 + l2) / 2, (c1 + c2) / 2
    if c1 * c2 == 0:
        h = h1 + h2
    elif abs(h1 - h2) <= 180:
        h = (h1 + h2) / 2
    else:
        h = (h1 + h2 + 360) / 2 if h1 + h2 < 360 else (h1 + h2 - 360) / 2
    t = (
        1
        - 0.17 * cos(radians(h - 30))
        + 0.24 * cos(radians(2 * h))
        + 0.32 * cos(radians(3 * h + 6))
        - 0.20 * cos(radians(4 * h - 63))
    )
    sl = 1 + 0.015 * (light - 50) ** 2 / sqrt(20 + (light - 50) ** 2)
    sc, sh = 1 + 0.045 * c, 1 + 0.015 * c * t
    rt = -2 * sqrt(c**7 / (c**7 + 25**7)) * sin(radians(60 * exp(-(((h - 275) / 25) ** 2))))
    x, y, z = dl / sl, dc / sc, dh / sh
    return sqrt(x * x + y * y + z * z + rt * y * z)


def lab(colour: str) -> Lab:
    """CIELAB under the white of screens, by a library that the program does not take for it."""
    parts = [int(colour[at : at + 2], 16) / 255 for at in (1, 3, 5)]
    found = cv2.cvtColor(np.array([[parts]], np.float32), cv2.COLOR_RGB2LAB)[0, 0]
    return float(found[0]), float(found[1]), float(found[2])


@pytest.mark.parametrize(("one", "other", "apart"), PAIRS)
def test_the_formula_here_is_right(one: Lab, other: Lab, apart: float) -> None:
    assert ciede2000(one, other) == pytest.approx(apart, abs=1e-4)
    assert ciede2000(other, one) == pytest.approx(apart, abs=1e-4)


@given(COLOURS, COLOURS)
def test_a_difference_is_that_of_the_formula(one: str, other: str) -> None:
    found = colour_difference(one, other)
    assert found == pytest.approx(
        ciede2000(lab(one), lab(other)), rel=0.01, abs=0.15
    )  # coarse near black
    assert found == pytest.approx(colour_difference(other, one), abs=1e-9)


def test_hue_tells_apart_what_is_equally_dark() -> None:
    """A red and a green of one lightness are told apart, two browns of one are not."""
    peat = replace(dyes()[0], key="peat")
    red, green = (replace(peat, colour=one, value="medium") for one in ("#a8503f", "#4a7444"))
    assert abs(lab(red.colour)[0] - lab(green.colour)[0]) < 2
    assert not too_near(red, green)
    assert too_near(peat, replace(peat, key="other", colour="#4a3527"))


def test_the_words_of_the_quilter_draw_the_line_in_between() -> None:
    """Under 20 is near where she calls both equally dark; under 12 whatever she says."""
    one = replace(dyes()[0], key="one", colour="#808080", value="medium")
    other = replace(one, key="other", colour="#aaaaaa")
    assert 12 < colour_difference(one.colour, other.colour) < 20
    assert too_near(one, other)
    assert not too_near(one, replace(other, value="light"))
    assert too_near(one, replace(other, colour="#8c8c8c", value="light"))


def test_the_row_of_dyes_is_well_parted() -> None:
    """The first five side by side in any block; any two of all by more than words part them."""
    row = dyes()
    for place, one in enumerate(row):
        for other in row[place + 1 :]:
            assert colour_difference(one.colour, other.colour) >= 12, (one.name, other.name)
    assert not [(a.name, b.name) for a in row[:5] for b in row[:5] if a != b and too_near(a, b)]


def test_a_notice_for_the_pair_that_touches() -> None:
    draft = block("1/2 0 1/2 1", "1/4 1/2 peat, 3/4 1/2 rowan")
    assert not [n for n in make_plan(draft).notices if n.code == "low-contrast"]
    near = tuple(replace(f, colour="#3c2b22") if f.key == "rowan" else f for f in draft.fabrics)
    plan = make_plan(replace(draft, fabrics=near))
    assert [n.code for n in plan.notices].count("low-contrast") == 1
