"""Cut sizes as a quilter's notebook has them, worked out by hand on the usual ruler: ¼″ seams,
eighths.

√2 is 1.41421; ¼√2 is 0.35355; ¼(2 + √2) is 0.85355; ¼(2 + 2√2) is 1.20711. Each row has the sum
that was done.
"""

from __future__ import annotations

from fractions import Fraction as F

import pytest

from tests.drafts import terms
from yonk.core.finder import check, pieces_of_method
from yonk.core.paper import read_length
from yonk.core.units import UnitKindName


def cuts(
    kind: UnitKindName, method: str, width: str, trim: str, height: str | None = None
) -> list[str]:
    """Each piece once, as it would be written."""
    high = read_length(height) if height else None
    _, _, pieces = pieces_of_method(kind, method, read_length(width), high, terms(trim=trim))
    return [
        f"{one.width}" if one.width == one.height else f"{one.width} x {one.height}"
        for one in pieces
    ]


TRUE_CUT: list[tuple[UnitKindName, str, str, list[str]]] = [
    # half-square triangles
    ("half-square-triangle", "cut-and-sew", "1", ["15/8"]),  # 1.85355
    ("half-square-triangle", "cut-and-sew", "2", ["23/8"]),  # 2.85355
    ("half-square-triangle", "cut-and-sew", "3", ["31/8"]),  # 3.85355
    ("half-square-triangle", "cut-and-sew", "4 1/2", ["43/8"]),  # 5.35355
    ("half-square-triangle", "two-at-a-time", "1 1/2", ["19/8"]),  # 2 + 0.35355
    ("half-square-triangle", "two-at-a-time", "2", ["23/8"]),  # 2.5 + 0.35355
    ("half-square-triangle", "two-at-a-time", "3", ["31/8"]),  # 3.5 + 0.35355
    ("half-square-triangle", "two-at-a-time", "5", ["47/8"]),  # 5.5 + 0.35355
    ("half-square-triangle", "four-at-a-time", "2", ["33/8"]),  # 2.5 × 1.41421 + 0.5 = 4.03553
    ("half-square-triangle", "four-at-a-time", "3", ["11/2"]),  # 3.5 × 1.41421 + 0.5 = 5.44975
    ("half-square-triangle", "four-at-a-time", "4", ["55/8"]),  # 4.5 × 1.41421 + 0.5 = 6.86396
    ("half-square-triangle", "eight-at-a-time", "1", ["15/4"]),  # 2 × (1.5 + 0.35355) = 3.70711
    ("half-square-triangle", "eight-at-a-time", "2", ["23/4"]),  # 2 × (2.5 + 0.35355) = 5.70711
    ("half-square-triangle", "eight-at-a-time", "3", ["31/4"]),  # 2 × (3.5 + 0.35355) = 7.70711
    ("half-square-triangle", "eight-at-a-time", "2 1/2", ["27/4"]),  # 2 × (3 + 0.35355) = 6.70711
    # hourglasses
    ("quarter-square-triangle", "two-at-a-time", "2", ["13/4"]),  # 2.5 + 0.70711 = 3.20711
    ("quarter-square-triangle", "two-at-a-time", "3", ["17/4"]),  # 3.5 + 0.70711 = 4.20711
    ("quarter-square-triangle", "two-at-a-time", "4", ["21/4"]),  # 4.5 + 0.70711 = 5.20711
    ("quarter-square-triangle", "cut-and-sew", "3", ["17/4"]),  # 3 + 1.20711 = 4.20711
    ("quarter-square-triangle", "cut-and-sew", "6", ["29/4"]),  # 6 + 1.20711 = 7.20711
    # split quarter-squares: the half, then the quarters
    ("split-quarter-square", "two-at-a-time", "3", ["31/8", "17/4"]),  # 3.85355; 4.20711
    ("split-quarter-square", "cut-and-sew", "3", ["31/8", "17/4"]),  # 3.85355; 4.20711
    ("split-quarter-square", "cut-and-sew", "4 1/2", ["43/8", "23/4"]),  # 5.35355; 5.70711
    # flying geese by their finished width: the goose, then the sky
    ("flying-geese", "four-at-a-time", "3", ["17/4", "19/8"]),  # 3 + 1.20711; 1.5 + 0.85355
    ("flying-geese", "four-at-a-time", "4", ["21/4", "23/8"]),  # 4 + 1.20711; 2 + 0.85355
    ("flying-geese", "four-at-a-time", "6", ["29/4", "31/8"]),  # 6 + 1.20711; 3 + 0.85355
    ("flying-geese", "cut-and-sew", "4", ["21/4", "23/8"]),
    ("flying-geese", "stitch-and-flip", "4", ["9/2 x 5/2", "5/2"]),  # 4½ by 2½; 2½
    ("flying-geese", "stitch-and-flip", "3", ["7/2 x 2", "2"]),
    # squares in a square: the corners, then the centre
    (
        "square-in-a-square",
        "cut-and-sew",
        "4",
        ["23/8", "27/8"],
    ),  # 2 + 0.85355; 2.82843 + 0.5 = 3.32843
    (
        "square-in-a-square",
        "cut-and-sew",
        "6",
        ["31/8", "19/4"],
    ),  # 3 + 0.85355; 4.24264 + 0.5 = 4.74264
    ("square-in-a-square", "stitch-and-flip", "6", ["13/2", "7/2"]),  # 6½; 3½
    # corner flips with corners of half the side
    ("corner-flip", "stitch-and-flip", "4", ["9/2", "5/2"]),
    (
        "corner-flip",
        "cut-and-sew",
        "4",
        ["9/2", "23/8"],
    ),  # 4½, a corner off at 2.14645; 2 + 0.85355
    # three rails, and a two by two checker
    ("strip-set", "cut-and-sew", "6", ["13/2 x 5/2"]),
    (
        "strip-set",
        "strip-piecing",
        "6",
        ["15/2 x 5/2"],
    ),  # one segment of 6½ and 1 to square the ends
    ("checker", "cut-and-sew", "4", ["5/2"]),
    ("checker", "strip-piecing", "4", ["6 x 5/2"]),  # two rows alike: two segments of 2½ and 1
]
EASY_SUMS: list[tuple[UnitKindName, str, str, list[str]]] = [
    # with an eighth to trim: f + 1 for two, 2f + 2 for eight, and so on
    ("half-square-triangle", "two-at-a-time", "1", ["2"]),
    ("half-square-triangle", "two-at-a-time", "2", ["3"]),
    ("half-square-triangle", "two-at-a-time", "3", ["4"]),
    ("half-square-triangle", "two-at-a-time", "4 1/2", ["11/2"]),
    ("half-square-triangle", "rectangle", "3", ["4"]),
    ("half-square-triangle", "eight-at-a-time", "1", ["4"]),
    ("half-square-triangle", "eight-at-a-time", "2", ["6"]),
    ("half-square-triangle", "eight-at-a-time", "3", ["8"]),
    ("half-square-triangle", "four-at-a-time", "3", ["23/4"]),  # 3.625 × 1.41421 + 0.5 = 5.62652
    ("half-square-triangle", "cut-and-sew", "3", ["4"]),  # 3.97855
    ("quarter-square-triangle", "two-at-a-time", "3", ["35/8"]),  # 4.33211
    ("quarter-square-triangle", "cut-and-sew", "3", ["35/8"]),
    ("split-quarter-square", "two-at-a-time", "3", ["4", "35/8"]),
    ("flying-geese", "four-at-a-time", "4", ["11/2", "3"]),  # 5.45711; 2.97855
    ("flying-geese", "cut-and-sew", "6", ["15/2", "4"]),  # 7.45711; 3.97855
    ("flying-geese", "stitch-and-flip", "4", ["9/2 x 5/2", "5/2"]),  # knows no margin
    ("square-in-a-square", "cut-and-sew", "4", ["3", "27/8"]),
]


@pytest.mark.parametrize(("kind", "method", "width", "wanted"), TRUE_CUT)
def test_true_cut(kind: UnitKindName, method: str, width: str, wanted: list[str]) -> None:
    assert cuts(kind, method, width, "0") == wanted
    assert check(kind, method, read_length(width), None, {}, terms()).right


@pytest.mark.parametrize(("kind", "method", "width", "wanted"), EASY_SUMS)
def test_with_an_eighth_to_trim(
    kind: UnitKindName, method: str, width: str, wanted: list[str]
) -> None:
    assert cuts(kind, method, width, "1/8") == wanted
    assert check(kind, method, read_length(width), None, {}, terms("1/8")).right


@pytest.mark.parametrize(
    ("width", "height", "wanted"),
    [
        (
            "6",
            "4",
            ["57/8 x 19/4"],
        ),  # r = (10 − 7.21110)/2 = 1.39445; k = 1.17928: 7.07570 by 4.71713
        ("4", "3", ["5 x 15/4"]),  # r = 1 exactly; k = 5/4: 5 by 3¾, exact
        ("8", "6", ["9 x 27/4"]),  # r = 2; k = 9/8: 9 by 6¾
        ("6", "3", ["59/8 x 15/4"]),  # r = 1.14590; k = 1.21817: 7.30902 by 3.65451
    ],
)
def test_half_rectangles(width: str, height: str, wanted: list[str]) -> None:
    assert cuts("half-rectangle-triangle", "cut-and-sew", width, "0", height) == wanted


@pytest.mark.parametrize(
    ("seam", "step", "wanted"),
    [
        ("1/4", "1/16", F(31, 8)),  # 3.85355 up to 3 14/16
        ("1/4", "1/4", F(4)),
        ("3/8", "1/8", F(35, 8)),  # 3.75 + 0.53033 = 4.28033
        ("7/32", "1/8", F(15, 4)),  # 3.4375 + 0.30936 = 3.74686
    ],
)
def test_other_seams_and_rulers(seam: str, step: str, wanted: F) -> None:
    _, _, pieces = pieces_of_method(
        "half-square-triangle", "two-at-a-time", F(3), None, terms(seam, step)
    )
    assert pieces[0].width == wanted


@pytest.mark.parametrize(
    ("kind", "method", "told", "comes_out"),
    [
        ("half-square-triangle", "two-at-a-time", "5", 4.64645),  # 5 − 0.35355
        ("half-square-triangle", "four-at-a-time", "5", 3.18198),  # 4.5 / 1.41421
        ("half-square-triangle", "eight-at-a-time", "10", 4.64645),  # 5 − 0.35355
        ("quarter-square-triangle", "two-at-a-time", "5", 4.29289),  # 5 − 0.70711
    ],
)
def test_what_a_precut_square_comes_out_as(
    kind: UnitKindName, method: str, told: str, comes_out: float
) -> None:
    size = read_length(told)
    verdict = check(kind, method, F(1), None, {0: (size, size)}, terms())
    assert verdict.comes_out and verdict.comes_out[0] == pytest.approx(comes_out, abs=1e-5)


def test_centimetres_lie_on_a_ruler_of_quarters() -> None:
    metric = terms("3/4", "1/4", "1/4", "cm")
    _, _, pieces = pieces_of_method("half-square-triangle", "two-at-a-time", F(8), None, metric)
    assert pieces[0].width == F(11)  # 8 + 1.5 + 0.25 + 0.75 × 1.41421 = 10.81066
    _, _, geese = pieces_of_method("flying-geese", "four-at-a-time", F(10), None, metric)
    assert [one.width for one in geese] == [
        F(57, 4),
        F(8),
    ]  # 10 + 3.62132 + 0.5 = 14.12132; 5 + 2.56066 + 0.25 = 7.81066
