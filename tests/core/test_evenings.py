"""Evenings: something is always finished, nothing is planned twice or left out, days add up."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import replace
from datetime import date, timedelta
from fractions import Fraction as F

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from yonk.core.acts import SetMaking, apply
from yonk.core.paper import Colouring, Draft
from yonk.core.planning import make_plan, unit_mark
from yonk.core.table import (
    NO_PACE,
    CutOnTable,
    Pace,
    Paces,
    PiecedPatch,
    TableState,
    Task,
    blocks_left,
    cutting_at_the_table,
    evening_of,
    guessed_cutting,
    guessed_sewing,
    schedule_of,
    tasks_of,
)
from yonk.core.table.evenings import sewing_steps
from yonk.machine.samples import all_samples

SAMPLES = {draft.name: draft for draft in all_samples()}
GATE = SAMPLES["Weir Gate"]
USUAL: Paces = {"cut": NO_PACE, "sew": NO_PACE}
MONDAY = date(2026, 11, 30)


def task(left: int, each: float = 60.0, chain: int = 24, trip: float = 0.0) -> Task:
    return Task("sew", "", left, left, chain, each, trip)


def left_of(draft: Draft, state: TableState, joined: Mapping[str, int]) -> list[Task]:
    return tasks_of(*cutting_at_the_table(draft, "all", state), joined)


def test_whole_tasks_come_first_and_then_whole_chains() -> None:
    """Ten minutes; of sixty seconds each; six of the first, then two chains of two."""
    planned = evening_of([task(6), task(9, chain=2)], 10, USUAL)
    assert [(one.count, one.left) for one in planned] == [(6, 0), (4, 5)]
    assert sum(one.seconds for one in planned) == 600


def test_where_no_chain_fits_as_many_as_do_are_done_and_always_one() -> None:
    assert [one.count for one in evening_of([task(50, chain=24)], 10, USUAL)] == [10]
    assert [one.count for one in evening_of([task(5, each=3600)], 10, USUAL)] == [1]
    assert evening_of([], 10, USUAL) == ()


def test_a_trip_to_the_iron_ends_each_chain() -> None:
    assert task(48, trip=90).seconds(25, 1.0) == 25 * 60 + 2 * 90


@settings(max_examples=60, deadline=None)
@given(
    st.lists(
        st.builds(
            task, st.integers(1, 60), st.floats(5, 900), st.integers(1, 30), st.floats(0, 120)
        ),
        max_size=8,
    ),
    st.integers(10, 300),
    st.sets(st.integers(0, 6), min_size=1),
)
def test_all_is_planned_once_in_its_order_on_the_days_that_are_hers(
    tasks: list[Task], minutes: int, weekdays: set[int]
) -> None:
    found = schedule_of(tasks, minutes, USUAL, blocks=1, first=MONDAY, weekdays=weekdays)
    days = [one.day for one in found.evenings]
    assert days == sorted(set(days)) and all(day.weekday() in weekdays for day in days)
    if found.done:
        assert sum(p.count for e in found.evenings for p in e.planned) == sum(t.left for t in tasks)
    for evening in found.evenings:
        fits = evening.seconds <= minutes * 60 + 1e-6
        assert fits or [one.count for one in evening.planned] == [1], "one takes longer than that"


def test_what_is_cut_and_sewn_is_not_planned_again() -> None:
    whole = left_of(GATE, TableState(), {})
    cutting = [one for one in whole if one.kind == "cut"]
    assert len(cutting) == 3 and all(one.left == one.whole for one in whole)
    cuts = make_plan(GATE).cuts
    all_cut = TableState(cut=tuple(CutOnTable.known(cut.what, cut.amount) for cut in cuts))
    assert not [one for one in left_of(GATE, all_cut, {}) if one.kind == "cut"]
    first, *_, last = sewing_steps(GATE)
    made = replace(all_cut, units={first.unit: 40})
    assert left_of(GATE, made, {})[0].left == 8
    done = {step.mark: step.total for step in sewing_steps(GATE)}
    assert left_of(GATE, made, {**done, first.mark: 8}) == []
    assert blocks_left(GATE, made, {**done, first.mark: 8}) == 0
    assert blocks_left(GATE, made, {**done, first.mark: 8, last.mark: 5}) == 7
    assert unit_mark(make_plan(GATE).wanted.groups[0], GATE) == first.unit


def test_her_pace_counts_the_more_the_longer_it_was_measured() -> None:
    assert NO_PACE.factor == 1 and not NO_PACE.is_hers
    slow = Pace(measured=3600, guessed=1800)
    assert 1 < slow.factor < 2 and slow.is_hers
    assert slow.factor < Pace(measured=36000, guessed=18000).factor < 2
    tasks = left_of(GATE, TableState(), {})
    hers: Paces = {"cut": NO_PACE, "sew": slow}
    quick = schedule_of(tasks, 60, USUAL, blocks=12, first=MONDAY, weekdays={0})
    late = schedule_of(tasks, 60, hers, blocks=12, first=MONDAY, weekdays={0})
    assert quick.done and late.done and late.done > quick.done


@pytest.mark.parametrize(("weeks", "in_time"), [(1, False), (30, True)])
def test_a_day_by_which_it_is_to_be_done(weeks: int, in_time: bool) -> None:
    tasks = left_of(GATE, TableState(), {})
    wanted = MONDAY + timedelta(days=7 * weeks - 1)
    found = schedule_of(tasks, 30, USUAL, blocks=12, first=MONDAY, weekdays={0}, wanted=wanted)
    assert found.in_time is in_time
    assert found.a_week is not None and found.a_week * weeks == 12
    assert found.minutes is not None
    enough = schedule_of(
        tasks, found.minutes + 10, USUAL, blocks=12, first=MONDAY, weekdays={0}, wanted=wanted
    )
    assert enough.in_time, "so many minutes an evening are enough, but for what does not part"


def test_the_guess_for_what_was_done_adds_up_to_that_for_the_whole() -> None:
    tasks = [one for one in left_of(GATE, TableState(), {}) if one.kind == "sew"]
    counts = {step.mark: step.total for step in sewing_steps(GATE)}
    whole = sum(one.seconds(one.left, 1) for one in tasks)
    assert guessed_sewing(GATE, counts) == pytest.approx(whole)
    assert guessed_sewing(GATE, {"of nothing": 9}) == 0
    assert guessed_cutting(2, 10) == 2 * guessed_cutting(1, 5)


def test_blocks_in_other_fabrics_are_sewn_too_and_what_they_share_counts_once() -> None:
    """Three as drafted and two with another middle: their units are the same."""
    dusk = Colouring(name="Dusk", blocks=2, fabrics=(("gorse", "peat"),))
    draft = replace(apply(GATE, SetMaking(blocks=3)), colourings=(dusk,))
    tasks = [one for one in left_of(draft, TableState(), {}) if one.kind == "sew"]
    units = [one for one in tasks if one.whole in (12, 8)]
    assert [one.whole for one in units] == [12, 8] and [one.number > 0 for one in units] == [1, 0]
    assert blocks_left(draft, TableState(), {}) == 5
    unit = sewing_steps(GATE)[0].unit
    left = [one for one in left_of(draft, TableState(units={unit: 14}), {}) if one.kind == "sew"]
    assert left[0].whole != 12 and [one.left for one in left if one.whole == 8] == [6]


def test_patches_pieced_from_two_are_cut_in_the_evening_too() -> None:
    cut = next(one for one in make_plan(GATE).cuts if one.fabric == "gorse")
    pieced = PiecedPatch(cut.what, F(5, 2), F(3, 2), cut.count)
    tasks = left_of(GATE, TableState(pieced=(pieced,)), {})
    assert len([one for one in tasks if one.kind == "cut"]) == 3
