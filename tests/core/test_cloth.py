"""Laying pieces on cloth so that hands can cut them, and what is cut when."""

from __future__ import annotations

from collections import Counter
from dataclasses import replace
from fractions import Fraction as F
from typing import Any

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.drafts import block
from yonk.core.acts import SetMaking, apply
from yonk.core.cutting import (
    FAT_QUARTER,
    ClothPlan,
    OldMark,
    StagedCut,
    all_booked,
    each_strip_once,
    not_booked,
    plan_cutting,
    staged_marks,
    templates_of,
)
from yonk.core.cutting.cloth import MOST_FAT_QUARTERS, Bolt, ClothPiece, plan_cloth
from yonk.core.cutting.strips import Strip, WantedRectangles, first_fit, lay_strips, lower_bound
from yonk.core.planning import Cut, make_plan, plan_stage
from yonk.core.planning.cuts import Purpose
from yonk.core.planning.stages import units_made
from yonk.core.units import CutKey
from yonk.files.cut_mark import read_mark, write_mark
from yonk.machine.samples import all_samples

BOLT = Bolt(F(40), F(1), F(0), F(9, 2))
WOF = 320  # forty inches in eighths


@st.composite
def wishes(draw: st.DrawFn) -> list[WantedRectangles]:
    """A list of pieces in eighths of an inch."""
    sizes = draw(
        st.lists(
            st.tuples(st.integers(8, 100), st.integers(8, 100), st.integers(1, 20), st.booleans()),
            min_size=1,
            max_size=8,
        )
    )
    return [WantedRectangles(key, w, h, n, turn) for key, (w, h, n, turn) in enumerate(sizes)]


def pieces(strips: list[Strip]) -> Counter[int]:
    return sum((strip.pieces for strip in strips), Counter())


@settings(max_examples=60)
@given(wishes())
def test_every_piece_is_laid_once_and_every_strip_can_be_cut_by_hand(
    wanted: list[WantedRectangles],
) -> None:
    strips, misfits = lay_strips(wanted, WOF)
    assert not misfits
    assert pieces(strips) == Counter({one.key: one.count for one in wanted})
    by_key = {one.key: one for one in wanted}
    for strip in strips:
        assert strip.used <= WOF
        for column in strip.columns:
            one = by_key[column.key]
            assert column.height * column.count <= strip.height
            ways = {(one.width, one.height)} | (
                {(one.height, one.width)} if one.turnable else set()
            )
            assert (column.width, column.height) in ways
    assert [strip.height for strip in strips] == sorted(
        (strip.height for strip in strips), reverse=True
    )


@settings(max_examples=60)
@given(wishes())
def test_no_plan_is_longer_than_plain_strips_or_shorter_than_the_bound(
    wanted: list[WantedRectangles],
) -> None:
    length = sum(strip.height for strip in lay_strips(wanted, WOF)[0])
    assert (
        lower_bound(wanted, WOF) <= length <= sum(strip.height for strip in first_fit(wanted, WOF))
    )


@settings(max_examples=40)
@given(wishes(), st.integers(40, 300), st.integers(20, 200))
def test_a_piece_of_cloth_with_an_end_holds_what_it_says_and_names_the_rest(
    wanted: list[WantedRectangles], width: int, length: int
) -> None:
    strips, missing = lay_strips(wanted, width, length)
    assert sum(strip.height for strip in strips) <= length
    laid = pieces(strips)
    assert all(laid[one.key] + missing[one.key] == one.count for one in wanted)


@pytest.mark.parametrize(
    ("wanted", "length"),
    [
        ([WantedRectangles(0, 64, 64, 6)], 128),  # six squares of 8: five across, two strips
        ([WantedRectangles(0, 40, 40, 1)], 40),
        (
            [WantedRectangles(0, 64, 32, 10)],
            64,
        ),  # ten of 8 by 4 stand: 10 × 4 across one strip of 8
        ([WantedRectangles(0, 64, 32, 10, False)], 64),  # or lie two above the other
        ([WantedRectangles(0, 160, 24, 4, False)], 48),
        ([WantedRectangles(0, 640, 36, 2)], 640),  # longer than the cloth is wide, so along it
        ([WantedRectangles(0, 240, 60, 3, False)], 180),  # too wide to lie side by side
        # a panel across the whole cloth, and a strip that is too long to lie: one after the other
        ([WantedRectangles(0, 460, 320, 1), WantedRectangles(1, 460, 67, 1)], 920),
    ],
)
def test_layouts_that_can_be_reckoned_by_hand(wanted: list[WantedRectangles], length: int) -> None:
    assert sum(strip.height for strip in lay_strips(wanted, WOF)[0]) == length
    assert lower_bound(wanted, WOF) == length


def test_strips_as_high_as_several_pieces_in_which_some_stand_and_some_lie() -> None:
    """Six of 13½ × 20¼ on 36: three lying above each other beside two standing are 40½ long, and
    one lying 13½.
    """
    strips, _ = lay_strips([WantedRectangles(0, 162, 108, 6)], 288)
    assert sum(strip.height for strip in strips) == 432  # 54


def test_a_border_longer_than_the_cloth_is_wide_lies_along_it_whatever_its_print() -> None:
    plan = plan_cloth("fog", [cut("72", "9/2", 2)], BOLT, "in", upright=True)
    assert not plan.too_large and plan.exact == 72


def cut(width: str, height: str, count: int, shape: Any = "rectangle", **more: Any) -> Cut:
    purpose = Purpose(("1",), "A", "patch", count, ())
    strip = shape == "strip"
    segment, lie = more.pop("segment", None), more.pop("lie", None)
    what = CutKey(
        fabric="peat",
        shape=shape,
        width=F(0) if strip else F(width),
        height=F(height),
        segment=segment,
        lie=lie,
    )
    return Cut(what, F(width), count, (purpose,), squaring=F(1) if strip else F(0), **more)


def laid(cuts: list[Cut], **more: object) -> ClothPlan:
    return plan_cloth("peat", cuts, more.pop("bolt", BOLT), "in", **more)  # type: ignore[arg-type]


def test_cloth_is_bought_with_straightening_shrinkage_and_to_the_next_eighth_of_a_yard() -> None:
    plan = laid([cut("8", "8", 6, "square")])
    assert (plan.exact, plan.bound, plan.buy) == (F(16), F(16), F(18))
    shrinking = Bolt(F(40), F(1), F(1, 10), F(9, 2))
    assert laid([cut("8", "8", 6, "square")], bolt=shrinking).buy == F(45, 2)  # 17 / 0.9 = 18.9
    wide = Bolt(F(48), F(0), F(0), F(9, 2))
    assert laid([cut("8", "8", 6, "square")], bolt=wide).exact == F(8)


def test_the_shelf_comes_first_where_it_costs_nothing_and_leftovers_are_named() -> None:
    quarter = ClothPiece("fat quarter", *FAT_QUARTER["in"])
    plan = laid(
        [cut("8", "8", 6, "square")], on_hand=[quarter], keep=F(3)
    )  # four of 8 lie on a fat quarter
    assert [(layout.bought, len(layout.laid)) for layout in plan.layouts] == [(False, 4), (True, 2)]
    assert plan.buy == F(9) and plan.fat_quarters == 1
    enough = laid([cut("8", "8", 4, "square")], on_hand=[quarter], keep=F(3))
    assert enough.buy == 0 and enough.layouts[0].rest == F(35, 2) - 16
    assert {(piece.width, piece.length) for piece in enough.leftovers} == {(F(9, 2), F(8))}
    small = laid([cut("30", "8", 1)], on_hand=[quarter])
    assert small.layouts[0].bought and small.fat_quarters is None


def test_more_fat_quarters_than_anyone_cuts_up_are_not_told() -> None:
    for count in (1, 2, MOST_FAT_QUARTERS):
        assert laid([cut("16", "16", count, "square")]).fat_quarters == count
    assert laid([cut("16", "16", MOST_FAT_QUARTERS + 1, "square")]).fat_quarters is None


def test_upright_cloth_turns_nothing_and_knows_what_stands() -> None:
    free = laid([cut("12", "4", 8)])
    upright = laid([cut("12", "4", 4, lie="stands"), cut("12", "4", 4, lie="lies")], upright=True)
    sizes = Counter((one.width, one.height) for layout in upright.layouts for one in layout.laid)
    assert sizes == {(F(12), F(4)): 4, (F(4), F(12)): 4}
    assert upright.exact >= free.exact
    lying = laid([cut("12", "4", 8)], upright=True)
    assert {(one.width, one.height) for layout in lying.layouts for one in layout.laid} == {
        (F(12), F(4))
    }


def test_strips_of_a_strip_set_stay_whole_from_selvedge_to_selvedge() -> None:
    long = cut(
        "131", "5/2", 1, "strip", segment=F(13, 2)
    )  # twenty segments of 6 1/2 and 1 to square up
    assert long.strips_over(F(40)) == [
        (F(40), 3),
        (F(14), 1),
    ]  # six segments to a width of fabric, two left
    plan = laid([long])
    assert [(one.width, one.height) for one in plan.layouts[0].laid] == [(F(40), F(5, 2))] * 3 + [
        (F(14), F(5, 2))
    ]
    assert cut("30", "5/2", 1, "strip", segment=F(13, 2)).strips_over(F(40)) == [(F(30), 1)]


def test_what_is_wider_than_the_cloth_is_named_and_the_rest_is_cut() -> None:
    plan = laid([cut("50", "45", 2), cut("8", "8", 1, "square")])
    assert plan.too_large == ((0, 2),) and plan.exact == F(8)


def test_a_trial_first_and_then_the_rest_make_all_units_and_cut_no_patch_twice() -> None:
    for draft in all_samples():
        trial, rest, whole = (plan_stage(draft, stage) for stage in ("trial", "rest", "all"))
        made = units_made(trial) + units_made(rest)
        wanted = Counter({recipe.group.identity: 0 for recipe in whole.recipes})
        for recipe in whole.recipes:
            wanted[recipe.group.identity] += recipe.total
        assert all(made[identity] >= count for identity, count in wanted.items())
        plain = [
            cut
            for cut in (*trial.cuts, *rest.cuts)
            if cut.shape == "square" and cut.subcut == "none"
        ]
        for one in whole.cuts:
            if one.shape == "square" and {p.role for p in one.purposes} == {"patch"}:
                assert sum(other.count for other in plain if other.what == one.what) >= one.count


def test_a_second_triangle_of_the_trial_is_used_by_the_rest() -> None:
    draft = block(
        "0 1 1 0",
        "1/4 1/4 peat, 3/4 3/4 fog",
        size="3 3",
        blocks=3,
        methods={"half-square-triangle": "cut-and-sew"},
    )
    trial, rest = plan_stage(draft, "trial"), plan_stage(draft, "rest")
    assert [(one.fabric, one.count) for one in trial.cuts] == [("peat", 1), ("fog", 1)] or len(
        trial.cuts
    ) == 2
    assert [one.count for one in rest.cuts] == [
        1,
        1,
    ]  # four triangles of each less the two that are there: one square


def test_what_is_left_of_a_strip_set_is_so_much_shorter() -> None:
    long = cut("31", "5/2", 2, "strip", segment=F(3))
    assert long.amount == 20
    (left,) = not_booked([long], {StagedCut("rest", long.what): 6}, "all")
    assert (left.width, left.count) == (F(22), 2)


def test_what_the_shelf_knows_is_not_cut_of_cloth_again() -> None:
    eight = cut("8", "8", 6, "square")
    booked = all_booked([eight], "trial", {})
    assert booked == {StagedCut("trial", eight.what): 6}
    assert [one.count for one in not_booked([cut("8", "8", 9, "square")], booked, "all")] == [3]
    assert [one.count for one in not_booked([eight], booked, "rest")] == [6]


def test_old_ticks_are_carried_over_to_the_cuts_of_today() -> None:
    eight = cut("8", "8", 6, "square")
    old = OldMark("peat", "square", F(8), F(8), "none", "", 5)
    other = replace(old, subcut="one-diagonal")
    marks = staged_marks([old, other], [cut("8", "8", 2, "square")], [eight])
    assert marks == {StagedCut("trial", eight.what): 2, StagedCut("rest", eight.what): 3}


def test_every_sample_is_cut_with_little_waste_and_directional_prints_are_not_turned() -> None:
    for draft in all_samples():
        for cloth in plan_cutting(draft, "all").cloths:
            assert not cloth.too_large
            assert cloth.bound <= cloth.exact <= cloth.bound * F(3, 2)
    striped = replace(
        next(draft for draft in all_samples() if draft.name == "Peg"),
        fabrics=tuple(replace(f, print="directional") for f in next(all_samples()).fabrics),
    )
    assert all(cloth.layouts for cloth in plan_cutting(striped, "all").cloths)


def test_templates_are_the_patches_with_their_seam_allowance() -> None:
    triangle = make_plan(block("0 1 1 0", "1/4 1/4 peat, 3/4 3/4 fog", size="3 3", blocks=5))
    (one,) = templates_of(triangle)
    assert one.letter == "A" and dict(one.counts) == {"Peat": 5, "Fog": 5}
    assert len(one.seam) == 3 and one.width == pytest.approx(one.height)
    slanted = apply(
        block("1/3 0 2/3 1, 0 1/2 1/2 1/2", "1/6 1/4 peat", size="6 6"), SetMaking(blocks=2)
    )
    needed = {
        purpose.letter
        for c in make_plan(slanted).cuts
        if c.shape == "template"
        for purpose in c.purposes
    }
    assert needed and {one.letter for one in templates_of(make_plan(slanted))} == needed


Rect = tuple[F, F, F, F]


def between_cuts(rects: list[Rect], axis: int) -> list[list[Rect]]:
    """The groups that straight cuts from edge to edge take apart, touching no piece."""
    groups: list[list[Rect]] = []
    reach: F | None = None
    for rect in sorted(rects, key=lambda one: one[axis]):
        if reach is None or rect[axis] >= reach:
            groups.append([])
        groups[-1].append(rect)
        end = rect[axis] + rect[axis + 2]
        reach = end if reach is None else max(reach, end)
    return groups


def taken_apart_by_hand(layout: list[Rect]) -> bool:
    """Strips across the cloth, crosscuts, then one more cut: after three stages every piece lies
    alone.
    """
    return all(
        len(between_cuts(column, 1)) == len(column)
        for strip in between_cuts(layout, 1)
        for column in between_cuts(strip, 0)
    )


cut_lists = st.lists(
    st.tuples(st.integers(12, 96), st.integers(12, 96), st.integers(1, 15)), min_size=1, max_size=7
)


@settings(max_examples=50)
@given(cut_lists, st.sampled_from([F(40), F(42), F(22)]), st.booleans())
def test_no_layout_asks_for_a_cut_that_stops_in_the_cloth(
    sizes: list[tuple[int, int, int]], width: F, upright: bool
) -> None:
    cuts = [cut(str(F(max(a, b), 8)), str(F(min(a, b), 8)), count) for a, b, count in sizes]
    plan = laid(cuts, bolt=Bolt(width, F(1), F(0), F(9, 2)), upright=upright)
    for layout in plan.layouts:
        rects = [(one.x, one.y, one.width, one.height) for one in layout.laid]
        assert taken_apart_by_hand(rects)
        assert all(x + w <= layout.source.width and y + h <= layout.used for x, y, w, h in rects)
        assert [strip.height for strip in layout.strips] == sorted(
            (s.height for s in layout.strips), reverse=True
        )
        for one in layout.laid:
            asked = {plan.cuts[one.line].width, plan.cuts[one.line].height}
            assert {one.width, one.height} == asked
    counts = Counter(one.line for layout in plan.layouts for one in layout.laid)
    for number, one_cut in enumerate(cuts):
        lost = dict(plan.too_large).get(number, 0)
        assert counts[number] + lost == one_cut.count
    assert plan.bound <= plan.exact
    assert plan.buy == 0 or plan.exact + 1 <= plan.buy < plan.exact + 1 + F(9, 2)


@settings(max_examples=25)
@given(cut_lists, st.lists(st.tuples(st.integers(20, 200), st.integers(20, 200)), max_size=4))
def test_pieces_on_hand_never_make_the_shopping_longer(
    sizes: list[tuple[int, int, int]], on_hand: list[tuple[int, int]]
) -> None:
    cuts = [cut(str(F(max(a, b), 8)), str(F(min(a, b), 8)), count) for a, b, count in sizes]
    shelf = [ClothPiece(f"piece {n}", F(w, 8), F(h, 8)) for n, (w, h) in enumerate(on_hand)]
    without, using = laid(cuts), laid(cuts, on_hand=shelf, keep=F(2))
    assert using.buy <= without.buy
    used = [layout.source for layout in using.layouts if not layout.bought]
    assert len(used) == len(set(used)) and set(used) <= set(shelf)
    assert all(min(piece.width, piece.length) >= 2 for piece in using.leftovers)
    for layout in using.layouts:
        for one in layout.laid:
            assert (
                one.x + one.width <= layout.source.width
                and one.y + one.height <= layout.source.length
            )


def test_cloth_for_a_thousand_blocks_is_drawn_with_each_strip_once() -> None:
    gate = next(draft for draft in all_samples() if draft.name == "Weir Gate")
    fog = plan_cutting(apply(gate, SetMaking(blocks=1000)), "all").cloths[0]
    (layout,) = fog.layouts
    short = each_strip_once(layout, 600)
    assert len(layout.laid) > 4000 > 600 > len(short.laid)
    assert {strip.crosscuts for strip in short.strips} == {
        strip.crosscuts for strip in layout.strips
    }
    assert short.used == 1 + sum(strip.height for strip in short.strips) == short.source.length
    assert taken_apart_by_hand([(one.x, one.y, one.width, one.height) for one in short.laid])
    assert each_strip_once(layout, 10_000) is layout
    assert fog.fat_quarters is None and fog.exact <= fog.bound * F(27, 25)


@pytest.mark.parametrize("name", ["Gale Lantern", "Peg", "Bracken Rails", "Weir Gate"])
def test_every_piece_lies_within_the_strip_that_it_is_crosscut_from(name: str) -> None:
    draft = next(one for one in all_samples() if one.name == name)
    for cloth in plan_cutting(draft, "all").cloths:
        for layout in cloth.layouts:
            drawn = each_strip_once(layout, 4)
            for one in (layout, drawn):
                tops = [strip.y for strip in one.strips]
                assert tops == sorted(set(tops))
                counts: Counter[int] = Counter()
                for piece in one.laid:
                    strip = one.strips[one.strip_of(piece)]
                    assert strip.y <= piece.y
                    assert piece.y + piece.height <= strip.y + strip.height
                    counts[one.strip_of(piece)] += 1
                told = [sum(cut[3] for cut in strip.crosscuts) for strip in one.strips]
                assert told == [counts[number] for number in range(len(one.strips))]


def test_a_template_is_known_by_its_outline_and_its_seam() -> None:
    """Another ruler rounds its box otherwise; it is the same template."""
    drawn = block("0 0 1/3 1", "1/12 3/4 peat, 3/4 1/2 fog", size="7 5", trim="0")

    def known(**making: Any) -> set[object]:
        draft = replace(drawn, making=replace(drawn.making, **making))
        found = [one.what for one in make_plan(draft).cuts if one.shape == "template"]
        assert found and all(read_mark(write_mark(one)) == one for one in found)
        return set(found)

    assert known(ruler_step=F(1, 8)) == known(ruler_step=F(1, 4))
    assert not known(seam=F(1, 4)) & known(seam=F(3, 8))
