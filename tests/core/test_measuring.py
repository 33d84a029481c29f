"""What a block will come out as: by hand for straight runs, by a simulation of its own for the
rest.
"""

from __future__ import annotations

import json
from dataclasses import replace
from fractions import Fraction as F
from typing import Any

import numpy as np
import pytest
from click.testing import CliRunner
from hypothesis import given, settings

from tests.drafts import block, drafts, even, seams
from yonk.cli import main
from yonk.core.acts import SetMaking, apply
from yonk.core.measuring import Errors, Prediction, first_guess, predict, size_fault
from yonk.core.measuring.listed import larger_than_needed, listed_sizes, trimmed_units
from yonk.core.measuring.runs import Runs
from yonk.core.paper import Draft
from yonk.core.planning import make_plan
from yonk.core.pressing import SewingPlan, sewing_plan
from yonk.files.block_file import write_block
from yonk.machine.samples import all_samples

SAMPLES = {draft.name: draft for draft in all_samples()}
GATE = SAMPLES["Weir Gate"]
NONE = Errors(
    cut_spread=F(0), seam_error=F(0), seam_spread=F(0), trim_spread=F(0), tolerance=F(1, 8)
)


def foretold(draft: Draft, errors: Errors) -> tuple[SewingPlan, Prediction]:
    plan = sewing_plan(draft)
    return plan, predict(plan, make_plan(draft), errors)


def test_a_straight_run_loses_twice_the_error_at_each_seam_and_spreads_by_its_pieces() -> None:
    """Five squares in a row: five cuts, four seams."""
    row = block("1 0 1 1, 2 0 2 1, 3 0 3 1, 4 0 4 1", size="10 2", grid=(5, 1))
    errors = replace(
        NONE, seam_error=F(1, 64), cut_spread=F(1, 32), seam_spread=F(1, 100), tolerance=F(1)
    )
    _, found = foretold(row, errors)
    assert found.block is not None
    assert found.block.width.expected == pytest.approx(10.5 - 8 / 64)
    spread = np.sqrt(5 / 32**2 + 4 * 4 / 100**2)
    assert found.block.width.high - found.block.width.expected == pytest.approx(1.644854 * spread)
    assert found.block.height.expected == pytest.approx(2.5)
    assert found.block.height.high - 2.5 == pytest.approx(1.644854 * np.sqrt(5 / 32**2) / 5)


def test_nothing_wrong_is_exactly_the_size_and_sure() -> None:
    for draft in (GATE, SAMPLES["Gale Lantern"], SAMPLES["Bracken Rails"], SAMPLES["Bothy Sill"]):
        plan, found = foretold(draft, NONE)
        both = 2 * float(draft.making.seam)
        assert found.block is not None and found.mismatch is not None
        sides = {
            round(found.block.width.expected - both, 9),
            round(found.block.height.low - both, 9),
        }
        assert sides <= {float(draft.width), float(draft.height)}
        assert found.block.chance == 1.0 and found.mismatch.high == 0.0
        assert len(found.checkpoints) >= sum(one.checkpoint for one in plan.sewn) - 1


def test_rows_with_other_numbers_of_seams_must_be_eased_by_the_difference() -> None:
    """One row of four squares above one of two: two seams more, twice the error each."""
    draft = block("0 1 4 1, 1 0 1 1, 2 0 2 2, 3 0 3 1", size="8 4", grid=(4, 2))
    plan, found = foretold(draft, replace(NONE, seam_error=F(1, 64)))
    assert found.mismatch is not None
    assert plan.joining.joins[found.mismatch.join].number == len(plan.joining.joins) - 1
    assert found.mismatch.expected == found.mismatch.high == pytest.approx(2 * 2 / 64)


def test_a_diagonal_seam_takes_root_two_and_a_trimmed_unit_nothing() -> None:
    triangles = block("0 0 1 1", "1/4 3/4 peat, 3/4 1/4 fog", size="3 3", trim="0")
    errors = replace(NONE, seam_error=F(1, 64))
    untrimmed = foretold(triangles, errors)[1].block
    to_trim = apply(triangles, SetMaking(settings={"trim_margin": "1/8"}))
    trimmed = foretold(to_trim, errors)[1].block
    assert untrimmed is not None and trimmed is not None
    assert untrimmed.width.expected == pytest.approx(3.875 - 2**0.5 / 4 - 2**0.5 / 64)
    assert trimmed.width.expected == pytest.approx(3.5)
    spread = foretold(to_trim, replace(errors, trim_spread=F(1, 50), cut_spread=F(1)))[1].block
    assert spread is not None
    assert spread.width.high - 3.5 == pytest.approx(1.644854 / 50)


def test_a_patch_off_the_ruler_makes_the_block_larger_on_average() -> None:
    """Finished squares of 1 7/8 + 1/16 are cut to the nearest eighth."""
    draft = replace(even(2, 1, "4 2"), width=F(31, 8), height=F(31, 16))
    off = larger_than_needed(make_plan(draft))
    assert [*off.values()] == [{1.9375: 0.0625}]
    _, found = foretold(draft, NONE)
    assert found.block is not None
    assert found.block.width.expected == pytest.approx(float(F(31, 8)) + 0.5 + 2 * 0.0625)
    assert "ruler" in str(found.advice) or found.block.chance == 1.0


def test_advice_names_what_helps_most() -> None:
    wrong_seam = replace(first_guess("in"), seam_error=F(1, 64))
    assert str(foretold(SAMPLES["Gale Lantern"], wrong_seam)[1].advice).startswith(
        "Correct the seam"
    )
    bad_cuts = replace(first_guess("in"), cut_spread=F(1, 12))
    assert str(foretold(SAMPLES["Stile"], bad_cuts)[1].advice).startswith(("Cut", "Sew"))
    assert str(foretold(GATE, NONE)[1].advice).startswith("No single change")
    assert foretold(replace(GATE, seams=()), NONE)[1].checkpoints == ()


def walked(plan: SewingPlan, runs: Runs, drawn: Any, level: float) -> float:
    """The width of a block at a level, walked from its left edge to its right, patch by patch."""
    errors = dict(zip(runs.numbers, drawn, strict=True))
    width = 0.0
    for number, outline in enumerate(plan.joining.faces):
        ring = [(x / runs.scale, y / runs.scale) for x, y in outline.ring]
        met = []
        for edge, (a, b) in enumerate(zip(ring, ring[1:] + ring[:1], strict=True)):
            if min(a[1], b[1]) < level < max(a[1], b[1]):
                x = a[0] + (b[0] - a[0]) * (level - a[1]) / (b[1] - a[1])
                share = abs(b[1] - a[1]) / np.hypot(b[0] - a[0], b[1] - a[1])
                met.append((x, share, edge))
        xs = sorted(x for x, _, _ in met)
        width += sum(right - left for left, right in zip(xs[::2], xs[1::2], strict=True))
        width += sum(
            share * value
            for _, share, edge in met
            for cause, value in errors.items()
            if cause.kind == "edge" and cause.of == (number, edge)
        )
    for join in plan.joining.joins:
        for touch in join.touches:
            (ax, ay), (bx, by) = (
                (x / runs.scale, y / runs.scale) for x, y in (touch.start, touch.end)
            )
            if min(ay, by) < level < max(ay, by):
                share = abs(by - ay) / np.hypot(bx - ax, by - ay)
                width -= (
                    2
                    * share
                    * next(
                        value
                        for cause, value in errors.items()
                        if cause.kind == "seam" and cause.of[0] == join.number
                    )
                )
    return width


@given(drafts)
@settings(max_examples=25, deadline=None)
def test_a_run_is_the_walk_through_its_patches_and_seams(draft: Draft) -> None:
    plan = sewing_plan(draft)
    if not plan.joining.joins or any(face.holes for face in plan.joining.faces):
        return
    runs = Runs(plan, frozenset())
    drawn = np.random.default_rng(1).normal(0, 0.05, runs.causes)
    drawn[len(runs.numbers) :] = 0.0  # seams that are off at one end are not walked
    last = plan.joining.order.leaves + len(plan.joining.joins) - 1
    level = float(draft.height) * 0.3717
    run = runs.at(last, (1.0, 0.0), level)
    assert float(draft.width) + run @ drawn == pytest.approx(
        walked(plan, runs, drawn[: len(runs.numbers)], level), abs=1e-6
    )


@pytest.mark.parametrize("name", ["Weir Gate", "Scree", "Peg", "Gale Lantern", "Bracken Rails"])
def test_nine_of_ten_simulated_blocks_lie_in_the_range(name: str) -> None:
    draft = SAMPLES[name]
    errors = replace(first_guess(draft.unit), seam_error=F(1, 80))
    plan, planned = sewing_plan(draft), make_plan(draft)
    found = predict(plan, planned, errors)
    runs = Runs(plan, trimmed_units(planned), listed_sizes(planned))
    random = np.random.default_rng(7)
    drawn = random.normal(runs.means(errors), runs.spreads(errors), (2000, runs.causes))
    assert found.block is not None
    part = plan.joining.order.leaves + found.block.join
    sizes = [drawn @ runs.across(part, way) for way in ((1.0, 0.0), (0.0, 1.0))]
    both = 2 * float(draft.making.seam)
    good = np.ones(2000, dtype=bool)
    for off, side, told in zip(
        sizes, (draft.width, draft.height), (found.block.width, found.block.height), strict=True
    ):
        size = off + float(side) + both
        assert np.mean((told.low <= size) & (size <= told.high)) == pytest.approx(0.9, abs=0.02)
        good &= abs(off) <= float(errors.tolerance)
    assert np.mean(good) == pytest.approx(found.block.chance, abs=0.03)


def told(*more: str, draft: Draft = GATE) -> Any:
    return CliRunner().invoke(main, ["foretell", "-", *more], input=json.dumps(write_block(draft)))


def test_the_command_line() -> None:
    answer = told("--seam-error", "1/64", "--tolerance", "1/8", "--json")
    found = json.loads(answer.stdout)
    assert (found["format"], found["errors"]["cut_spread"]) == ("yonk-foretold/1", "1/64")
    assert found["block"] == found["checkpoints"][-1]
    assert found["block"]["expected"] == {"width": "9.4375", "height": "9.4375"}
    assert 0.5 < found["block"]["chance_within"] < 1
    assert set(found["mismatch"]) == {"join", "expected", "high"}
    assert answer.stdout == told("--seam-error", "1/64", "--tolerance", "1/8", "--json").stdout
    assert "9.3883 to 9.4867″" in told("--seam-error", "1/64").stdout
    narrow = json.loads(told("--seam-error", "-1/64", "--json").stdout)
    assert narrow["block"]["expected"]["width"] == "9.5625"


@pytest.mark.parametrize(
    ("more", "said"),
    [
        (("--cut-spread", "-1/64"), "--cut-spread: is less than 0"),
        (("--seam-error", "wide"), "--seam-error: “wide” is not a length"),
        (("--seam-spread", "5"), "--seam-spread: is more than 1″"),
        (("--tolerance", "0"), "--tolerance: must be more than nothing"),
    ],
)
def test_bad_numbers_are_told_by_place(more: tuple[str, ...], said: str) -> None:
    answer = told(*more)
    assert answer.exit_code == 2 and answer.stdout == ""
    assert said in answer.stderr


def test_seams_drawn_anywhere_are_foretold_as_well() -> None:
    odd = replace(block(size="7 5", grid=(2, 2)), seams=seams("0 1/3 2 1, 1/2 0 1 2, 1 1 2 2"))
    plan, found = foretold(odd, first_guess("in"))
    assert found.checkpoints[-1].join == plan.sewn[-1].join.number


def test_a_size_is_not_an_inch_off_what_it_must_be() -> None:
    far = "cannot be so far from 4 1⁄2″; look whether it was read right"
    for size, fault in ((F(7, 2), ""), (F(11, 2), ""), (F(223, 64), far), (F(353, 64), far)):
        assert str(size_fault(size, 4.5, "in") or "") == fault
