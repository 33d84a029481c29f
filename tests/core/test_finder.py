"""Questions outside a block."""

from __future__ import annotations

from fractions import Fraction as F
from math import sqrt

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.drafts import terms
from yonk.core.finder import (
    OnHand,
    Possible,
    check,
    cut_chart,
    kinds_asked,
    method_of,
    what_can_i_make,
)
from yonk.core.finder.samples import sample_unit
from yonk.core.paper import DraftError
from yonk.core.planning import smallest, width_range
from yonk.core.units import Terms, carry_out, ruler_slack

INCHES = terms(trim="1/8")
TRUE = terms()


def found(have: OnHand, terms: Terms = INCHES) -> dict[tuple[str, str], Possible]:
    return {(one.kind.kind, one.method.name): one for one in what_can_i_make(have, terms)}


def test_five_inch_squares_are_answered() -> None:
    answers = found(OnHand(F(5), F(5), 42, 6))
    two = answers["half-square-triangle", "two-at-a-time"]
    assert (two.unit.width.rational, two.makes, two.pieces, two.whole) == (F(4), 42, 42, True)
    assert two.oversize and two.oversize[0] == pytest.approx(5 - sqrt(2) / 4 - 4.5)
    eight = answers["half-square-triangle", "eight-at-a-time"]
    assert (eight.unit.width.rational, eight.makes) == (F(3, 2), 168)
    hourglass = answers["quarter-square-triangle", "two-at-a-time"]
    assert hourglass.unit.width.rational == F(29, 8)
    geese = answers["flying-geese", "four-at-a-time"]
    assert not geese.whole and max(
        side.rational for side in (geese.unit.width, geese.unit.height)
    ) == F(7, 2)
    assert (
        "half-square-triangle",
        "rectangle",
    ) not in answers  # of single squares it is two at a time


def test_one_fabric_makes_nothing_of_two_and_few_pieces_make_few() -> None:
    assert not found(OnHand(F(5), F(5), 12, 1))
    alone = found(OnHand(F(5), F(5), 2, 2))["half-square-triangle", "two-at-a-time"]
    assert (alone.makes, alone.pieces) == (2, 2)


def test_rectangles_on_hand_hold_several_cuts() -> None:
    answers = found(OnHand(F(20), F(10), 2, 2))
    row = answers["half-square-triangle", "rectangle"]
    assert row.makes >= 4 and row.method.lot == 2


@settings(max_examples=15, deadline=None)
@given(
    side=st.builds(F, st.integers(16, 96), st.just(8)),
    count=st.integers(2, 60),
    fabrics=st.integers(2, 6),
    terms=st.sampled_from([INCHES, TRUE]),
)
def test_every_answer_can_be_cut_and_is_the_largest(
    side: F, count: int, fabrics: int, terms: Terms
) -> None:
    if fabrics > count:
        return
    for one in what_can_i_make(OnHand(side, side, count, fabrics), terms):
        assert 0 < one.pieces <= count
        assert all(
            need.width.up(terms.step) <= side and need.height.up(terms.step) <= side
            for need in one.needs
        )
        if one.whole:
            larger = one.method.needs(
                sample_unit(one.kind.kind, one.unit.width.rational + terms.step), terms, 1
            )
            assert any(need.width.up(terms.step) > side for need in larger)
            made = carry_out(
                one.unit,
                one.method,
                terms,
                sizes=[(side, side)] * len(one.needs),
                slack=ruler_slack(one.needs, terms),
            )
            assert made.sound


@pytest.mark.parametrize(
    ("field", "have"), [("count", OnHand(F(5), F(5), 0, 1)), ("fabrics", OnHand(F(5), F(5), 2, 3))]
)
def test_counts_that_cannot_be_name_their_field(field: str, have: OnHand) -> None:
    with pytest.raises(DraftError) as fault:
        what_can_i_make(have, INCHES)
    assert fault.value.place == field


@pytest.mark.parametrize(
    ("told", "right"), [(F(15, 4), False), (F(61, 16), False), (F(31, 8), True), (F(4), True)]
)
def test_a_chart_number_too_small_is_caught(told: F, right: bool) -> None:
    verdict = check("half-square-triangle", "two-at-a-time", F(3), None, {0: (told, told)}, INCHES)
    assert verdict.right is right
    assert verdict.oversize and verdict.oversize[0] == pytest.approx(
        float(told) - sqrt(2) / 4 - 3.5
    )
    assert verdict.unfinished == (3.5, 3.5)
    assert verdict.comes_out and verdict.comes_out[0] == pytest.approx(float(told) - sqrt(2) / 4)
    assert verdict.pieces[0].width == F(4) and verdict.pieces[0].need.working


def test_our_own_numbers_are_right_for_every_kind_and_method() -> None:
    for kind in kinds_asked():
        for method in kind.methods:
            verdict = check(kind.kind, method.name, F(6), None, {}, INCHES)
            assert verdict.right, (kind.kind, method.name)


def test_geese_of_a_wrong_pair_of_squares_lose_their_point() -> None:
    low = check("flying-geese", "four-at-a-time", F(4), None, {0: (F(6), F(6))}, INCHES)
    assert not low.right and low.comes_out and low.comes_out[0] > low.unfinished[0]
    far = check(
        "flying-geese",
        "four-at-a-time",
        F(4),
        None,
        {0: (F(1, 4), F(1, 4)), 1: (F(1, 4), F(1, 4))},
        INCHES,
    )
    assert not far.right


def test_a_half_rectangle_has_a_height_of_its_own() -> None:
    unit = sample_unit("half-rectangle-triangle", F(6), F(4))
    assert {unit.width.rational, unit.height.rational} == {F(6), F(4)}
    with pytest.raises(DraftError, match="less than the width"):
        sample_unit("half-rectangle-triangle", F(4), F(4))
    for kind, method in (("pieced", "template"), ("patch", "cut-and-sew")):
        with pytest.raises(DraftError):
            check(kind, method, F(4), None, {}, INCHES)
    with pytest.raises(DraftError, match="no way to make it"):
        method_of("checker", "eight-at-a-time")


def test_a_chart_has_the_field_s_easy_sums() -> None:
    lines = cut_chart(
        "half-square-triangle", "two-at-a-time", width_range("1", "4", "1", "in"), INCHES
    )
    assert [line.pieces[0].width - line.finished[0].rational for line in lines] == [F(1)] * 4
    eight = cut_chart(
        "half-square-triangle", "eight-at-a-time", width_range("1", "4", "1", "in"), INCHES
    )
    assert [line.pieces[0].width for line in eight] == [
        2 * line.finished[0].rational + 2 for line in eight
    ]
    geese = cut_chart("flying-geese", "four-at-a-time", width_range("2", "4", "2", "in"), TRUE)
    assert [[one.width for one in line.pieces] for line in geese] == [
        [F(13, 4), F(15, 8)],
        [F(21, 4), F(23, 8)],
    ]
    assert geese[0].unfinished == (F(5, 2), F(3, 2)) or [
        float(side) for side in geese[0].unfinished
    ] == [2.5, 1.5]


def test_geese_that_are_cut_far_too_large_leave_loose_flaps() -> None:
    """7½ and 4½ four at a time for geese 6 × 3: (7½ − ½√2) wide, (4½ − ¼√2) high; 2 × 4½ − 7½ lie
    loose, more than ¾.
    """
    found = check(
        "flying-geese",
        "four-at-a-time",
        F(6),
        None,
        {0: (F("15/2"),) * 2, 1: (F("9/2"),) * 2},
        terms(),
    )
    assert found.oversize == pytest.approx((7.5 - 0.5 * 2**0.5 - 6.5, 4.5 - 0.25 * 2**0.5 - 3.5))
    assert found.flap == F(3, 2)
    ours = check("flying-geese", "four-at-a-time", F(6), None, {}, terms())
    assert ours.right and ours.flap is None


def test_sizes_that_nobody_sews_are_not_offered() -> None:
    for one in what_can_i_make(OnHand(F(2), F(2), 8, 2), terms()):
        assert float(one.unit.width) >= smallest(one.unit, terms(), trimmed=True)
