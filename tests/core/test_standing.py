"""How the lines of a list stand by what lies on the table: one assignment in every view, sums that
agree, nothing said where nothing was edited.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Sequence
from dataclasses import replace
from fractions import Fraction as F

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.drafts import scribbled, stamped
from yonk.core.acts import SetMaking, apply
from yonk.core.paper import Draft
from yonk.core.planning import Cut, StageName, make_plan, plan_stage, unit_mark
from yonk.core.table import (
    CutOnTable,
    LineNeed,
    TableState,
    block_standing,
    of_no_use,
    pieces_in_units,
)
from yonk.core.units import CutKey
from yonk.machine.samples import all_samples

SAMPLES = {draft.name: draft for draft in all_samples()}
GATE, STILE = SAMPLES["Weir Gate"], SAMPLES["Stile"]
STAGES: tuple[StageName, ...] = ("all", "trial", "rest")


def known(cut: Cut, amount: int, stage: StageName = "all") -> CutOnTable:
    return CutOnTable.known(cut.what, amount, stage)


def lines(draft: Draft, stage: StageName, state: TableState) -> list[LineNeed]:
    return block_standing(draft, stage, state).lines(plan_stage(draft, stage).cuts, stage)


def still(draft: Draft, state: TableState) -> Counter[str]:
    """How much is still to cut or to cut down, by fabric and size."""
    found: Counter[str] = Counter()
    for line in lines(draft, "all", state):
        found[f"{line.cut.fabric} {line.cut.height}"] += line.to_cut + line.serves
    return +found


def all_of(draft: Draft, stage: StageName) -> list[CutOnTable]:
    return [known(cut, cut.amount, stage) for cut in plan_stage(draft, stage).cuts]


@settings(max_examples=40, deadline=None)
@given(st.one_of(stamped(), scribbled()), st.integers(1, 12), st.booleans(), st.data())
def test_with_nothing_edited_nothing_is_said_of_what_is_cut(
    drawn: Draft, blocks: int, staged: bool, data: st.DataObject
) -> None:
    """So many of each line, of the trial and then of the rest or of all at once."""
    draft = replace(drawn, making=replace(drawn.making, blocks=blocks))
    stages: Sequence[StageName] = ("trial", "rest") if staged else ("all",)
    told: list[CutOnTable] = []
    for stage in stages:
        whole = data.draw(st.booleans())
        for cut in plan_stage(draft, stage).cuts:
            amount = cut.amount if whole else data.draw(st.integers(0, cut.amount))
            told += [known(cut, amount, stage)] if amount else []
        state = TableState(cut=tuple(told))
        assert not of_no_use(draft, stage, state).cuts and not of_no_use(draft, stage, state).units
        found = lines(draft, stage, state)
        assert not whole or all(line.is_done for line in found)


@settings(max_examples=30, deadline=None)
@given(st.sampled_from([GATE, STILE, SAMPLES["Peg"]]), st.data())
def test_what_is_listed_as_still_to_cut_ends_it_and_leaves_no_surplus(
    draft: Draft, data: st.DataObject
) -> None:
    """Some is cut, the draft is edited, the rest is cut as it is listed then."""
    told = [
        known(cut, data.draw(st.integers(0, cut.amount)), data.draw(st.sampled_from(STAGES)))
        for cut in make_plan(draft).cuts
    ]
    state = TableState(cut=tuple(one for one in told if one.count))
    edited = apply(draft, SetMaking(blocks=data.draw(st.integers(1, 20))))
    before = of_no_use(edited, "all", state).cuts
    lying = Counter({(one.what, one.stage): one.count for one in told})
    for line in lines(edited, "all", state):
        assert min(line.by_units, line.good, line.serves, line.to_cut) >= 0
        for one, count in line.served_by:
            lying[one.what, one.stage] -= count
        lying[line.cut.what, "all"] += line.to_cut + line.serves
    assert min(lying.values()) >= 0
    done = TableState(
        cut=tuple(CutOnTable.known(what, n, one) for (what, one), n in lying.items() if what and n)
    )
    assert not still(edited, done)
    after = of_no_use(edited, "all", done).cuts
    assert sum(one.count for one in after) <= sum(one.count for one in before)
    back = apply(edited, SetMaking(blocks=draft.making.blocks))
    assert still(back, state) == still(draft, state), "editing back gives the same state"


def test_a_stage_takes_its_own_first_and_then_what_the_other_has_too_many_of() -> None:
    gorse = next(cut for cut in plan_stage(GATE, "rest").cuts if cut.fabric == "gorse")
    assert gorse.amount == 11

    def good(told: StageName, amount: int) -> dict[StageName, int]:
        state = TableState(cut=(known(gorse, amount, told),))
        return {
            stage: next(one.good for one in lines(GATE, stage, state) if one.cut.fabric == "gorse")
            for stage in STAGES
        }

    assert good("rest", 11) == {"all": 11, "trial": 0, "rest": 11}
    assert good("rest", 12) == {"all": 12, "trial": 1, "rest": 11}
    assert good("trial", 3) == {"all": 3, "trial": 1, "rest": 2}
    assert good("all", 5) == {"all": 5, "trial": 1, "rest": 4}


def test_strips_of_a_strip_set_are_counted_in_segments() -> None:
    (strip, *_) = [cut for cut in make_plan(STILE).cuts if cut.shape == "strip"]
    assert strip.amount == strip.count * strip.segments
    state = TableState(cut=(known(strip, strip.amount - 5),))
    (line, *_) = lines(STILE, "all", state)
    assert (line.good, line.to_cut) == (strip.amount - 5, 5)
    more = apply(STILE, SetMaking(blocks=STILE.making.blocks + 1))
    assert lines(more, "all", state)[0].good == strip.amount - 5, "a longer strip is the same cut"
    assert not of_no_use(more, "all", state).cuts


def test_larger_squares_serve_when_the_block_is_drawn_smaller() -> None:
    eight = next(cut for cut in make_plan(GATE).cuts if cut.fabric == "peat")
    smaller = replace(GATE, width=F(15, 2), height=F(15, 2))
    state = TableState(cut=(known(eight, 4),))
    peat = next(one for one in lines(smaller, "all", state) if one.cut.fabric == "peat")
    assert (peat.good, peat.serves, peat.to_cut) == (0, 4, 2) and not peat.is_done
    assert [(one.what, n) for one, n in peat.served_by] == [(eight.what, 4)]
    assert not of_no_use(smaller, "all", state).cuts


def test_a_made_unit_is_the_same_in_whichever_draft_and_grid() -> None:
    group = make_plan(GATE).wanted.groups[0]
    mark = unit_mark(group, GATE)
    finer = replace(
        GATE,
        columns=tuple(one / 7 for one in GATE.columns),
        rows=tuple(one / 7 for one in GATE.rows),
    )
    assert mark in {unit_mark(one, finer) for one in make_plan(finer).wanted.groups}
    for other in (
        replace(GATE, width=F(12), height=F(12)),
        replace(GATE, unit="cm"),
        apply(GATE, SetMaking(settings={"seam": "3/8"})),
    ):
        assert mark not in {unit_mark(one, other) for one in make_plan(other).wanted.groups}


def test_made_units_save_their_lots_and_more_than_are_wanted_are_told() -> None:
    group = make_plan(GATE).wanted.groups[0]
    mark, total = unit_mark(group, GATE), make_plan(GATE).wanted.totals[group.label]
    (peat,) = [cut for cut in make_plan(GATE).cuts if cut.fabric == "peat"]
    assert pieces_in_units(make_plan(GATE), {mark: 8})[peat.what] == 1
    assert pieces_in_units(make_plan(GATE), {mark: 7})[peat.what] == 0, "a lot is whole or not made"
    state = TableState(units={mark: total + 3})
    assert not [one for one in lines(GATE, "all", state) if one.cut.fabric == "peat" and one.to_cut]
    assert of_no_use(GATE, "all", state).units == {mark: 3}
    trial = [one for one in lines(GATE, "trial", state) if one.cut.fabric == "peat"]
    assert all(one.is_done for one in trial)


@pytest.mark.parametrize("name", SAMPLES)
def test_views_agree_that_all_is_cut(name: str) -> None:
    draft = SAMPLES[name]
    state = TableState(cut=(*all_of(draft, "trial"), *all_of(draft, "rest")))
    for stage in STAGES:
        assert all(line.is_done for line in lines(draft, stage, state)), stage
    keys = [one.what for one in state.cut]
    assert all(isinstance(key, CutKey) for key in keys)
