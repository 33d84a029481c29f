"""Every way of making every kind of unit, with the cut worked out here by hand, for several sizes
and seams.

`f` is the finished size, `s` the seam allowance, `t` the trim margin; the sums are those that a
quilter writes down.
"""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, replace
from fractions import Fraction as F
from math import ceil, floor, sqrt

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.drafts import block
from yonk.core.paper import Draft, default_making
from yonk.core.planning import make_plan
from yonk.machine.samples import all_samples

R2 = sqrt(2)
UNITS = {
    "half-square-triangle": ("0 1 1 0", "1/4 1/4 peat, 3/4 3/4 fog", 1),
    "quarter-square-triangle": (
        "0 0 1 1, 0 1 1 0",
        "1/2 1/4 peat, 1/2 3/4 peat, 1/4 1/2 fog, 3/4 1/2 fog",
        1,
    ),
    "split-quarter-square": ("0 1 1 0, 0 0 1/2 1/2", "3/4 3/4 peat, 1/2 1/4 fog, 1/4 1/2 fog", 1),
    "flying-geese": ("0 1 1/2 0, 1/2 0 1 1", "1/2 3/4 peat, 1/8 1/4 fog, 7/8 1/4 fog", 2),
    "square-in-a-square": (
        "1/2 0 1 1/2, 1 1/2 1/2 1, 1/2 1 0 1/2, 0 1/2 1/2 0",
        "1/2 1/2 peat, 1/8 1/8 fog, 7/8 1/8 fog, 7/8 7/8 fog, 1/8 7/8 fog",
        1,
    ),
    "corner-flip": ("3/4 0 1 1/4", "1/4 3/4 peat, 15/16 1/16 fog", 1),
}


def up(length: float, step: float = 1 / 8) -> float:
    """Up to the ruler; a length that is on it already but for the float's last digits stays."""
    return ceil(length / step - 1e-9) * step


def nearest(length: float, step: float = 1 / 8) -> float:
    """To the nearest mark."""
    return floor(length / step + 0.5) * step


@dataclass(frozen=True)
class Row:
    """What is cut of one fabric: how many for eight units, the exact side, and how each is cut
    further.
    """

    fabric: str
    count: int
    side: Callable[[float, float, float], float]
    subcut: str = "none"
    height: Callable[[float, float, float], float] | None = None
    rounding: Callable[[float], float] = up


BY_HAND: dict[tuple[str, str], tuple[Row, ...]] = {
    ("half-square-triangle", "cut-and-sew"): (
        Row("peat", 4, lambda f, s, t: f + s * (2 + R2) + t, "one-diagonal"),
        Row("fog", 4, lambda f, s, t: f + s * (2 + R2) + t, "one-diagonal"),
    ),
    ("half-square-triangle", "two-at-a-time"): (
        Row("peat", 4, lambda f, s, t: f + 2 * s + t + s * R2),
        Row("fog", 4, lambda f, s, t: f + 2 * s + t + s * R2),
    ),
    ("half-square-triangle", "four-at-a-time"): (
        Row("peat", 2, lambda f, s, t: (f + 2 * s + t) * R2 + 2 * s),
        Row("fog", 2, lambda f, s, t: (f + 2 * s + t) * R2 + 2 * s),
    ),
    ("half-square-triangle", "eight-at-a-time"): (
        Row("peat", 1, lambda f, s, t: 2 * (f + 2 * s + t + s * R2)),
        Row("fog", 1, lambda f, s, t: 2 * (f + 2 * s + t + s * R2)),
    ),
    ("quarter-square-triangle", "two-at-a-time"): (
        Row("peat", 4, lambda f, s, t: f + 2 * s + t + 2 * s * R2),
        Row("fog", 4, lambda f, s, t: f + 2 * s + t + 2 * s * R2),
    ),
    ("quarter-square-triangle", "cut-and-sew"): (
        Row("peat", 4, lambda f, s, t: f + s * (2 + 2 * R2) + t, "both-diagonals"),
        Row("fog", 4, lambda f, s, t: f + s * (2 + 2 * R2) + t, "both-diagonals"),
    ),
    ("split-quarter-square", "cut-and-sew"): (
        Row("peat", 4, lambda f, s, t: f + s * (2 + R2) + t, "one-diagonal"),
        Row("fog", 4, lambda f, s, t: f + s * (2 + 2 * R2) + t, "both-diagonals"),
    ),
    ("split-quarter-square", "two-at-a-time"): (
        Row("peat", 4, lambda f, s, t: f + 2 * s + t + s * R2),
        Row("fog", 4, lambda f, s, t: f + 2 * s + t + 2 * s * R2),
    ),
    ("flying-geese", "four-at-a-time"): (
        Row("peat", 2, lambda f, s, t: 2 * f + s * (2 + 2 * R2) + 2 * t),
        Row("fog", 8, lambda f, s, t: f + s * (2 + R2) + t),
    ),
    ("flying-geese", "cut-and-sew"): (
        Row("peat", 2, lambda f, s, t: 2 * f + s * (2 + 2 * R2) + 2 * t, "both-diagonals"),
        Row("fog", 8, lambda f, s, t: f + s * (2 + R2) + t, "one-diagonal"),
    ),
    ("square-in-a-square", "cut-and-sew"): (
        Row("peat", 8, lambda f, s, t: f / R2 + 2 * s, rounding=nearest),
        Row("fog", 16, lambda f, s, t: f / 2 + s * (2 + R2) + t, "one-diagonal"),
    ),
    ("corner-flip", "cut-and-sew"): (
        Row("fog", 4, lambda f, s, t: f / 4 + s * (2 + R2) + t, "one-diagonal"),
    ),
}
FLIPPED: dict[str, tuple[Row, ...]] = {
    "flying-geese": (
        Row("peat", 8, lambda f, s, t: 2 * f + 2 * s, height=lambda f, s, t: f + 2 * s),
        Row("fog", 16, lambda f, s, t: f + 2 * s),
    ),
    "square-in-a-square": (
        Row("peat", 8, lambda f, s, t: f + 2 * s),
        Row("fog", 32, lambda f, s, t: f / 2 + 2 * s),
    ),
    "corner-flip": (
        Row("peat", 8, lambda f, s, t: f + 2 * s),
        Row("fog", 8, lambda f, s, t: f / 4 + 2 * s),
    ),
}


def drafted(kind: str, method: str, finished: F, seam: F, trim: F) -> Draft:
    drawn, painted, wide = UNITS[kind]
    draft = block(
        drawn, painted, size=f"{wide * finished} {finished}", blocks=8, methods={kind: method}
    )
    return replace(draft, making=replace(draft.making, seam=seam, trim_margin=trim))


sizes = st.builds(F, st.integers(8, 80), st.just(8))
seam_allowances = st.sampled_from([F(1, 4), F(1, 8), F(3, 8), F(1, 2)])
margins = st.sampled_from([F(0), F(1, 8), F(1, 4)])


@pytest.mark.parametrize(("kind", "method"), BY_HAND)
@given(finished=sizes, seam=seam_allowances, trim=margins)
@settings(max_examples=25)
def test_cut_sizes_and_counts_for_eight(
    kind: str, method: str, finished: F, seam: F, trim: F
) -> None:
    plan = make_plan(drafted(kind, method, finished, seam, trim))
    assert plan.recipes[0].method.name == method
    for row in BY_HAND[kind, method]:
        exact = row.side(float(finished), float(seam), float(trim))
        found = [cut for cut in plan.cuts if cut.fabric == row.fabric]
        assert [(float(cut.width), cut.subcut, cut.count) for cut in found] == [
            (row.rounding(exact), row.subcut, row.count)
        ]


@pytest.mark.parametrize("kind", FLIPPED)
@given(finished=sizes, seam=seam_allowances, trim=margins)
@settings(max_examples=25)
def test_stitch_and_flip_pieces_are_plain_and_know_no_margin(
    kind: str, finished: F, seam: F, trim: F
) -> None:
    plan = make_plan(drafted(kind, "stitch-and-flip", finished, seam, trim))
    for row in FLIPPED[kind]:
        need = next(n for n in plan.recipes[0].needs if n.fabric == row.fabric)
        values = float(finished), float(seam), float(trim)
        assert float(need.width) == pytest.approx(row.side(*values), abs=1e-12)
        assert float(need.height) == pytest.approx((row.height or row.side)(*values), abs=1e-12)
        assert sum(cut.count for cut in plan.cuts if cut.fabric == row.fabric) == row.count
        (cut,) = (cut for cut in plan.cuts if cut.fabric == row.fabric)
        assert abs(float(cut.width) - float(need.width)) <= 1 / 16 + 1e-12


@pytest.mark.parametrize(
    ("kind", "method", "blocks", "makes"),
    [
        ("half-square-triangle", "two-at-a-time", 7, 8),
        ("half-square-triangle", "four-at-a-time", 7, 8),
        ("half-square-triangle", "eight-at-a-time", 9, 16),
        ("half-square-triangle", "cut-and-sew", 7, 7),
        ("quarter-square-triangle", "two-at-a-time", 5, 6),
        ("split-quarter-square", "two-at-a-time", 5, 6),
        ("flying-geese", "four-at-a-time", 9, 12),
        ("flying-geese", "stitch-and-flip", 9, 9),
        ("square-in-a-square", "cut-and-sew", 3, 3),
        ("corner-flip", "stitch-and-flip", 1000, 1000),
    ],
)
def test_lots(kind: str, method: str, blocks: int, makes: int) -> None:
    draft = drafted(kind, method, F(3), F(1, 4), F(1, 8))
    recipe = make_plan(draft, blocks).recipes[0]
    assert (recipe.total, recipe.makes, recipe.spare) == (blocks, makes, makes - blocks)


def test_a_strip_set_is_as_long_as_its_segments_and_squared_ends() -> None:
    draft = block(
        "0 1/3 1 1/3, 0 2/3 1 2/3",
        "1/2 1/6 peat, 1/2 1/2 fog, 1/2 5/6 peat",
        blocks=5,
        methods={"strip-set": "strip-piecing"},
    )
    cuts = {cut.fabric: cut for cut in make_plan(draft).cuts}
    # five segments of 6 1/2 and an inch; two alike strips of Peat
    assert (cuts["peat"].width, cuts["peat"].height, cuts["peat"].count) == (F(67, 2), F(5, 2), 2)
    assert (cuts["fog"].width, cuts["fog"].height, cuts["fog"].count) == (F(67, 2), F(5, 2), 1)
    lying = make_plan(
        replace(draft, seams=tuple(((b, a), (d, c)) for (a, b), (c, d) in draft.seams), paints=())
    )
    assert {(cut.width, cut.height) for cut in lying.cuts} == {(F(67, 2), F(5, 2))}


def test_a_checker_sews_each_different_row_once() -> None:
    painted = ", ".join(
        f"{2 * column + 1}/8 {2 * row + 1}/8 {'peat' if (row + column) % 2 else 'fog'}"
        for row in range(4)
        for column in range(4)
    )
    lines = "1/4 0 1/4 1, 1/2 0 1/2 1, 3/4 0 3/4 1, 0 1/4 1 1/4, 0 1/2 1 1/2, 0 3/4 1 3/4"
    draft = block(lines, painted, size="8 8", blocks=3, methods={"checker": "strip-piecing"})
    # a row turned round is the other row: one strip set of four strips, 12 segments of 2 1/2 and an
    # inch
    assert {(cut.fabric, cut.width, cut.height, cut.count) for cut in make_plan(draft).cuts} == {
        ("peat", F(31), F(5, 2), 2),
        ("fog", F(31), F(5, 2), 2),
    }


@pytest.mark.parametrize("name", ["Scree", "Bracken Rails", "Heron Reach", "Clint"])
def test_cuts_stand_by_fabric_as_the_recipes_name_them_strips_first_then_the_widest(
    name: str,
) -> None:
    """Whatever the names of the fabrics, and wherever they stand in the block's own list."""
    draft = next(one for one in all_samples() if one.name == name)
    plan = make_plan(replace(draft, fabrics=draft.fabrics[::-1]))
    named = dict.fromkeys(need.fabric for recipe in plan.recipes for need in recipe.needs)
    assert list(dict.fromkeys(cut.fabric for cut in plan.cuts)) == list(named)
    for fabric in named:
        strips = [cut.shape == "strip" for cut in plan.cuts if cut.fabric == fabric]
        assert strips == sorted(strips, reverse=True)
        high = [cut.height for cut in plan.cuts if cut.fabric == fabric and cut.shape != "strip"]
        assert high == sorted(high, reverse=True)


def test_centimetres_have_their_own_seam_ruler_and_squaring() -> None:
    draft = replace(
        block("0 1/2 1 1/2", size="10 10", blocks=4),
        unit="cm",
        making=replace(default_making("cm"), blocks=4),
    )
    (cut,) = make_plan(draft).cuts
    assert (cut.width, cut.height, cut.count) == (4 * F(23, 2) + F(5, 2), F(13, 2), 2)


@settings(max_examples=30)
@given(st.integers(1, 200), st.booleans())
def test_the_proposal_for_half_square_triangles_wastes_few(blocks: int, directional: bool) -> None:
    draft = block("0 1 1 0", "1/4 1/4 peat, 3/4 3/4 fog", size="3 3")
    if directional:
        draft = replace(
            draft, fabrics=tuple(replace(f, print="directional") for f in draft.fabrics)
        )
    recipe = make_plan(draft, blocks).recipes[0]
    assert recipe.spare <= 2
    assert not recipe.chosen and str(recipe.reason).endswith(".")
    assert (
        recipe.method.name == "two-at-a-time"
        if directional
        else str(recipe.total) in str(recipe.reason)
    )


def test_a_choice_that_cannot_make_a_unit_is_said_and_the_proposal_taken() -> None:
    drawn = "1/2 0 1 1/2, 1 1/2 1/2 1, 1/2 1 0 1/2, 0 1/2 1/2 0, 1/4 1/4 3/4 3/4"
    plan = make_plan(block(drawn, size="8 8", methods={"square-in-a-square": "stitch-and-flip"}))
    assert plan.recipes[0].method.name == "cut-and-sew"
    notice = next(n for n in plan.notices if n.code == "method-not-suited")
    assert "stitch and flip" in str(notice.text)
