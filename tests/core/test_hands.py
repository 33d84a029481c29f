"""Hands and turns: a block that is one unit, its mirror image, diagonals, prints with a direction,
pieced triangles.
"""

from __future__ import annotations

from collections import Counter
from dataclasses import replace
from fractions import Fraction as F

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.drafts import FABRICS, KEYS, block, even, fabric_keys, mirrored, terms, turned
from yonk.core.acts import Put, apply
from yonk.core.cutting import diagonal_drawn
from yonk.core.cutting.cloth import Laid
from yonk.core.drawing import Span
from yonk.core.finder import OnHand, check, method_of, what_can_i_make
from yonk.core.finder.samples import sample_unit
from yonk.core.paper import Colouring, Draft
from yonk.core.planning import Cut, Plan, cut_in_words, further, make_plan, read, wanted_of
from yonk.core.planning.comparison import comparisons
from yonk.core.units import BY_NAME, KINDS, carry_out
from yonk.core.units.carrying_out import measured_work
from yonk.core.units.needs import _least_turned
from yonk.files.cut_mark import read_mark, write_mark
from yonk.files.plan_file import write_plan

INCHES = terms(trim="1/8")
STAMPED = [kind.kind for kind in KINDS if kind.stamp]


def whole(kind: str, fabrics: list[str], turn: int = 0) -> Draft:
    """A block that is one unit as a whole."""
    wide, high = BY_NAME[kind].stamp.span  # type: ignore[union-attr]
    if turn % 2:
        wide, high = high, wide
    plain = even(wide, high, f"{3 * wide} {3 * high}")
    return apply(
        plain, Put(cell=Span(0, 0, wide, high), unit=kind, turn=turn, fabrics=tuple(fabrics))
    )


def listed(plan: Plan) -> Counter[tuple[object, ...]]:
    rows: Counter[tuple[object, ...]] = Counter()
    for row in write_plan(plan)["cuts"]:
        rows[row["fabric"], row["shape"], row["width"], row["height"], row["subcut"]] += row[
            "count"
        ]
    return rows


@pytest.mark.parametrize("kind", STAMPED)
@settings(max_examples=12)
@given(fabrics=st.lists(fabric_keys, min_size=4, max_size=4), turn=st.integers(0, 3))
def test_a_whole_block_is_read_alike_in_every_turn_and_as_its_mirror_image(
    kind: str, fabrics: list[str], turn: int
) -> None:
    draft = whole(kind, fabrics, turn)
    plan = make_plan(draft)
    for other in (turned(draft), mirrored(draft), turned(mirrored(draft))):
        again = make_plan(other)
        assert listed(again) == listed(plan)
        assert [(r.group.kind, r.method.name, r.makes) for r in again.recipes] == [
            (r.group.kind, r.method.name, r.makes) for r in plan.recipes
        ]


@pytest.mark.parametrize("kind", STAMPED)
@settings(max_examples=10)
@given(fabrics=st.lists(fabric_keys, min_size=4, max_size=4), blocks=st.integers(1, 9))
def test_a_mirrored_colouring_asks_for_as_much_cloth_as_the_block_itself(
    kind: str, fabrics: list[str], blocks: int
) -> None:
    draft = replace(
        whole(kind, fabrics), colourings=(Colouring(name="Other", blocks=blocks, mirrored=True),)
    )
    plan = make_plan(draft, blocks)
    for recipe in plan.recipes:
        assert recipe.makes >= recipe.total > 0
    wanted = Counter(recipe.group.kind for recipe in plan.recipes for _ in range(recipe.total))
    assert wanted[kind] == 2 * blocks
    assert (
        sum({recipe.group.label: recipe.group.per_block for recipe in plan.recipes}.values()) == 1
    )


def test_a_patch_with_a_hole_keeps_its_letter_when_it_is_turned() -> None:
    hole = (
        "1/8 1/8 3/8 1/8, 3/8 1/8 3/8 1/4, 3/8 1/4 1/8 1/4, 1/8 1/4 1/8 1/8, 0 1/2 1/2 1/2, 1/2 "
        "0 1/2 1/2"
    )
    for draft in (block(hole), turned(block(hole)), turned(turned(block(hole)))):
        assert {p.letter for p in read(draft).patches} == {"A", "B", "C"}
    both = "1/8 1/8 3/8 1/8, 3/8 1/8 3/8 1/4, 3/8 1/4 1/8 1/4, 1/8 1/4 1/8 1/8, 1/2 0 1/2 1"
    here = [p.letter for p in read(block(both)).patches]
    assert sorted(here) == sorted(p.letter for p in read(turned(turned(block(both)))).patches)


def test_a_half_rectangle_cut_on_the_wrong_diagonal_is_found_out() -> None:
    unit, way = (
        sample_unit("half-rectangle-triangle", F(6), F(3)),
        method_of("half-rectangle-triangle", "cut-and-sew"),
    )
    assert carry_out(unit, way, INCHES).sound
    wrong = replace(unit, hand="left" if unit.hand == "right" else "right")
    made = carry_out(wrong, way, INCHES)
    assert not made.sound and any(found.mirrored for found in made.fits)


def test_pairs_may_come_out_mirrored_where_the_method_makes_them() -> None:
    unit = sample_unit("split-quarter-square", F(4))
    for name in ("two-at-a-time", "cut-again"):
        made = carry_out(unit, method_of("split-quarter-square", name), INCHES, lots=2)
        hands = Counter(found.mirrored for found in made.fits)
        assert made.sound and hands[True] == hands[False] > 0


def test_cut_again_has_its_sizes_and_makes_two_of_each_hand() -> None:
    draft = whole("split-quarter-square", ["peat", "fog", "gorse"])
    draft = replace(
        draft,
        making=replace(
            draft.making, blocks=4, trim_margin=F(0), methods={"split-quarter-square": "cut-again"}
        ),
    )
    plan = make_plan(draft)
    sizes = {(cut.fabric, cut.width, cut.subcut, cut.count) for cut in plan.cuts}
    # 3 + 0.85355 up; 3 + 1.20711 up; four of this hand take two lots of four
    assert sizes == {
        ("peat", F(31, 8), "one-diagonal", 4),
        ("fog", F(17, 4), "none", 2),
        ("gorse", F(17, 4), "none", 2),
    }
    assert plan.recipes[0].makes == 8 and plan.recipes[0].mirrored == 4


@pytest.mark.parametrize(
    ("hand", "words"),
    [("right", "from bottom left to top right"), ("left", "from top left to bottom right")],
)
def test_which_way_a_diagonal_is_cut_is_said_drawn_and_kept(hand: str, words: str) -> None:
    draft = whole("half-rectangle-triangle", ["peat", "fog"])
    if read(draft).groups[0].unit.hand != hand:
        draft = mirrored(draft)
    for cut in make_plan(draft).cuts:
        assert (
            cut.what.hand == hand
            and words in str(further(cut, "in"))
            and words in str(cut_in_words(cut.what, 1, "Peat", "in"))
        )
        lying, standing = (
            Laid(0, F(0), F(0), *sides)
            for sides in ((cut.width, cut.height), (cut.height, cut.width))
        )
        assert {diagonal_drawn(cut, lying), diagonal_drawn(cut, standing)} == {"rising", "falling"}
        assert (diagonal_drawn(cut, lying) == "rising") == (hand == "right")
        assert read_mark(write_mark(cut.what)) == cut.what


def striped(draft: Draft, direction: int = 0) -> Draft:
    fabrics = tuple(
        replace(one, print="directional", direction=direction) if one.key == "peat" else one
        for one in FABRICS
    )
    return replace(draft, fabrics=fabrics)


def peat(draft: Draft) -> dict[tuple[object, ...], Cut]:
    return {
        (cut.what.lie, cut.what.hand): cut for cut in make_plan(draft).cuts if cut.fabric == "peat"
    }


def test_pieces_of_a_print_lie_as_it_points_in_the_block() -> None:
    rails = block(
        "1/3 0 1/3 1", "1/6 1/2 peat, 2/3 1/2 fog", size="9 9", methods={"strip-set": "cut-and-sew"}
    )
    assert [*peat(striped(rails))] == [("stands", None)]
    assert [*peat(striped(rails, 90))] == [("lies", None)] and [*peat(striped(turned(rails)))] == [
        ("lies", None)
    ]
    assert [*peat(striped(turned(rails), 270))] == [("stands", None)]
    assert [*peat(rails)] == [(None, None)]


def test_triangles_of_a_print_are_cut_on_the_diagonal_that_keeps_it_upright() -> None:
    half = block(
        "0 1 1 0",
        "1/4 1/4 peat, 3/4 3/4 fog",
        size="3 3",
        blocks=6,
        methods={"half-square-triangle": "cut-and-sew"},
    )
    assert [*peat(striped(half))] == [(None, "right")] and [*peat(striped(turned(half)))] == [
        (None, "left")
    ]
    assert [*peat(striped(half, 90))] == [(None, "left")]
    pair = "0 1 1 0, 1 0 2 1, 1 0 1 1"
    both = block(
        pair,
        "1/4 1/4 peat, 7/4 1/4 peat, 3/4 3/4 fog, 5/4 3/4 fog",
        size="6 3",
        grid=(2, 1),
        blocks=6,
        methods={"half-square-triangle": "cut-and-sew"},
    )
    found = peat(striped(both))
    assert {way: cut.count for way, cut in found.items()} == {(None, "right"): 3, (None, "left"): 3}
    row = next(
        row for row in write_plan(make_plan(striped(both)))["cuts"] if row["fabric"] == "peat"
    )
    assert row["count"] == 6 and row["diagonals"] == {"right": 3, "left": 3}


def test_strips_of_a_print_that_stand_in_the_block_are_told() -> None:
    upright = block(
        "1/3 0 1/3 1, 2/3 0 2/3 1",
        "1/6 1/2 peat, 1/2 1/2 fog, 5/6 1/2 peat",
        size="9 9",
        methods={"strip-set": "strip-piecing"},
    )
    codes = {notice.code for notice in make_plan(striped(upright)).notices}
    assert "print-turns" in codes
    lying = {notice.code for notice in make_plan(striped(turned(upright))).notices}
    assert "print-turns" not in lying


counts = st.integers(2, 40)


@given(count=counts, fabrics=st.integers(2, 8))
@settings(max_examples=12)
def test_what_squares_give_is_the_most_that_they_can(count: int, fabrics: int) -> None:
    if fabrics > count:
        return
    answers = what_can_i_make(OnHand(F(5), F(5), count, fabrics), INCHES)
    two = next(
        a
        for a in answers
        if (a.kind.kind, a.method.name) == ("half-square-triangle", "two-at-a-time")
    )
    own = [count // fabrics + (n < count % fabrics) for n in range(fabrics)]
    most = max(lots for lots in range(count + 1) if sum(min(one, lots) for one in own) >= 2 * lots)
    assert two.makes == 2 * most and two.pieces == 2 * most


def test_pieces_far_too_small_are_told_as_such_and_lack_on_one_side_stays_lack() -> None:
    for kind, method in (
        ("half-square-triangle", "two-at-a-time"),
        ("quarter-square-triangle", "two-at-a-time"),
    ):
        verdict = check(
            kind, method, F(3), None, {0: (F(1, 2), F(1, 2)), 1: (F(1, 2), F(1, 2))}, INCHES
        )
        assert not verdict.right and verdict.comes_out is None
    one_short = check("flying-geese", "cut-and-sew", F(4), None, {1: (F(2), F(2))}, INCHES)
    assert not one_short.right and (one_short.oversize is None or min(one_short.oversize) < 0)


def test_a_length_that_no_ruler_has_is_told_between_its_marks() -> None:
    assert str(measured_work(F(7, 2), INCHES)) == "3 1⁄2″"
    assert str(measured_work(F(23, 6), INCHES)) == "3 5⁄6″ (between 3 3⁄4″ and 3 7⁄8″)"


def test_a_finer_ruler_is_named_only_where_it_mends() -> None:
    coarse = even(3, 3, "8 8")
    coarse = replace(coarse, making=replace(coarse.making, ruler_step=F(1, 4)))
    thirds = next(n for n in make_plan(coarse).notices if n.code == "off-the-ruler")
    assert "steps" not in str(thirds.text) and "make the columns and rows" in str(thirds.text)
    halves = even(2, 2, "17/8 17/8")
    halves = replace(halves, making=replace(halves.making, ruler_step=F(1, 4)))
    told = next(n for n in make_plan(halves).notices if n.code == "off-the-ruler")
    assert "a ruler of 1⁄16″ steps" in str(told.text)
    finer = even(2, 2, "33/16 33/16")  # thirty-seconds, which no ruler has
    assert "steps" not in str(
        next(n.text for n in make_plan(finer).notices if n.code == "off-the-ruler")
    )


def test_no_way_wastes_less_than_nothing_and_geese_waste_what_the_seams_cut_away() -> None:
    for kind in STAMPED:
        for trim in (F(0), F(1, 8)):
            draft = whole(kind, ["peat", "fog", "gorse", "rowan"])
            draft = replace(draft, making=replace(draft.making, blocks=16, trim_margin=trim))
            for one in comparisons(wanted_of([(read(draft), 16)]), {}):
                assert all(figures.wasted >= 0 for figures in one.ways)
    geese = comparisons(wanted_of([(read(whole("flying-geese", ["peat", "fog", "fog"])), 16)]), {})[
        0
    ]
    four = next(figures for figures in geese.ways if figures.way.name == "four-at-a-time")
    assert 0.01 < four.wasted_share < 0.2


def test_a_checker_turned_or_mirrored_is_cut_alike() -> None:
    for first in KEYS:
        cells = [first, "peat", "fog", "gorse", "peat", "gorse", "fog", first, "rowan"]
        paints = ", ".join(
            f"{2 * (n % 3) + 1}/2 {2 * (n // 3) + 1}/2 {key}" for n, key in enumerate(cells)
        )
        draft = replace(
            block("", paints, size="9 9", grid=(3, 3), methods={"checker": "strip-piecing"}),
            seams=even(3, 3).seams,
        )
        wanted = listed(make_plan(draft))
        for other in (turned(draft), mirrored(draft), turned(turned(turned(draft)))):
            assert listed(make_plan(other)) == wanted


def test_corners_cut_off_stand_on_the_ruler_and_the_listed_triangle_fills_them() -> None:
    for eighths in range(8, 40):
        leg = F(eighths, 8)
        draft = block(
            f"0 {leg / 8} {leg / 8} 0",
            "1/50 1/50 fog, 7/8 7/8 peat",
            size="8 8",
            methods={"corner-flip": "cut-and-sew"},
        )
        cuts = {cut.fabric: cut for cut in make_plan(draft).cuts}
        off = max(cuts["peat"].what.corners_off)
        assert off % F(1, 8) == 0 and off > 0
        assert float(cuts["fog"].width) >= float(off) + 2 * 0.25 * 2**0.5 - 1e-9
        assert any(notice.code == "off-the-ruler" for notice in make_plan(draft).notices)


@given(
    seam=st.sampled_from([F(1, 4), F(3, 16), F(5, 16), F(7, 32), F(3, 10)]),
    wide=st.integers(8, 60),
    trim=st.sampled_from([F(0), F(1, 8)]),
)
def test_four_at_a_time_geese_keep_their_point(seam: F, wide: int, trim: F) -> None:
    work = terms(seam, trim=trim)
    unit, way = sample_unit("flying-geese", F(wide, 4)), method_of("flying-geese", "four-at-a-time")
    large, *small = (need.rounded(work.step)[0] for need in way.needs(unit, work, 1))
    assert all(one - large / 2 >= seam for one in small)


def test_a_rectangle_that_is_a_square_on_the_ruler_is_one_row_with_the_squares() -> None:
    nearly = block(
        "1/2 0 1/2 1",
        "1/4 1/2 peat, 3/4 1/2 peat",
        size="6 145/48",
        methods={"strip-set": "cut-and-sew"},
    )
    assert [(cut.shape, cut.width, cut.height, cut.count) for cut in make_plan(nearly).cuts] == [
        ("square", F(7, 2), F(7, 2), 2)
    ]


@given(st.lists(st.integers(0, 3).map(F), min_size=4, max_size=4))
def test_corners_are_told_as_the_piece_may_be_turned(corners: list[F]) -> None:
    """A square lies as well in any quarter, a rectangle in two ways alone."""
    turns = [(*corners[turn:], *corners[:turn]) for turn in range(4)]
    assert {_least_turned(one, True) for one in turns} == {max(turns)}
    assert _least_turned(turns[0], False) == max(turns[0], turns[2])
    assert _least_turned(turns[1], False) == max(turns[1], turns[3])
