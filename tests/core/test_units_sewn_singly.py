"""A unit whose patches are sewn one by one: its joins are steps like any other."""

from __future__ import annotations

from fractions import Fraction as F
from typing import Any

import pytest

from tests.drafts import block
from yonk.core.planning import make_plan
from yonk.core.pressing import SewingStep, sewing_plan, stacks_of, steps_of_sewing
from yonk.core.pressing.starting import starts_at
from yonk.core.table.evenings import IRON, guessed_block, unit_guesses
from yonk.words import in_words

GEESE = "0 2 2 0, 2 0 4 2, 0 4 2 2, 2 2 4 4, 0 2 4 2", "1 1/8 fog, 1 17/8 fog, 2 1 peat, 2 3 peat"
QUARTERS = "0 0 4 4, 0 4 4 0", "2 1 fog, 2 3 fog"
ECONOMY = "0 2 2 0, 2 0 4 2, 4 2 2 4, 2 4 0 2", "2 2 peat"
HALVES = "0 4 4 0", "1 1 peat"


def steps_of(drawn: tuple[str, str], kind: str, way: str, **more: Any) -> tuple[SewingStep, ...]:
    draft = block(*drawn, size="4 4", grid=(4, 4), methods={kind: way}, **more)
    plan = sewing_plan(draft)
    recipes = {recipe.group.label: recipe for recipe in make_plan(draft).recipes}
    return steps_of_sewing(plan, recipes, stacks_of(plan.reading), draft.making.blocks)


@pytest.mark.parametrize(
    ("drawn", "kind", "joins"),
    [
        (GEESE, "flying-geese", [2, 2]),  # two geese: first skies, then second skies
        (QUARTERS, "quarter-square-triangle", [2, 1]),
        (HALVES, "half-square-triangle", [1]),
    ],
)
def test_made_singly_each_join_is_a_step_and_the_last_makes_the_unit(
    drawn: tuple[str, str], kind: str, joins: list[int]
) -> None:
    steps = [one for one in steps_of(drawn, kind, "cut-and-sew", blocks=3) if one.label]
    assert [one.kind for one in steps] == ["join"] * len(joins)
    assert [one.per_block for one in steps] == joins
    *before, last = steps
    assert last.unit and not any(one.unit for one in before)
    assert all(one.within == (last.unit, one.per_block // last.per_block) for one in before)
    assert "That makes" in in_words(last.words) and last.checkpoint
    assert " up." in in_words(last.words) or "upper" in in_words(last.words)


def test_made_in_lots_the_unit_is_one_step_by_its_recipe() -> None:
    (step, *_) = steps_of(GEESE, "flying-geese", "four-at-a-time")
    assert step.kind == "unit" and len(step.joins) == 4


def test_stitching_starts_at_the_point_of_a_goose_and_nowhere_else() -> None:
    geese = steps_of(GEESE, "flying-geese", "cut-and-sew")
    assert [bool(one.start) for one in geese] == [True, True, False]
    for drawn, kind in (
        (QUARTERS, "quarter-square-triangle"),
        (ECONOMY, "square-in-a-square"),
        (HALVES, "half-square-triangle"),
    ):
        starts = [one.start for one in steps_of(drawn, kind, "cut-and-sew")]
        assert not any(starts), kind


@pytest.mark.parametrize("turn", range(4))
def test_the_point_is_where_both_seams_end_however_the_goose_lies(turn: int) -> None:
    def turned(x: int, y: int) -> tuple[int, int]:
        for _ in range(turn):
            x, y = 4 - y, x
        return x, y

    lines = [((0, 4), (2, 0)), ((2, 0), (4, 4))]
    seams = ", ".join(" ".join(f"{n}" for spot in line for n in turned(*spot)) for line in lines)
    wide = turn % 2 == 0
    draft = block(seams, "2 2 peat", size="4 2" if wide else "2 4", grid=(4, 4))
    plan = sewing_plan(draft)
    own = [join for join in plan.joining.joins if join.unit]
    assert len(own) == 2
    ends = {starts_at(plan, join) for join in own}
    assert len(ends) == 1
    (spot,) = ends
    assert spot is not None
    scale = plan.reading.drawing.scale
    at = (F(spot[0]) / scale, F(spot[1]) / scale)
    x, y = turned(2, 0)
    assert at == ((F(x), F(y) / 2) if wide else (F(x) / 2, F(y)))


def test_what_units_are_made_counts_for_the_joins_within_them() -> None:
    first, last, *_ = steps_of(QUARTERS, "quarter-square-triangle", "cut-and-sew", blocks=5)
    assert first.total == 10 and last.total == 5
    assert first.done({}, {last.unit: 3}) == 6
    assert first.done({first.mark: 8}, {last.unit: 3}) == 8
    assert last.done({first.mark: 8}, {last.unit: 3}) == 3


@pytest.mark.parametrize(
    ("drawn", "kind"),
    [
        (QUARTERS, "quarter-square-triangle"),
        (ECONOMY, "square-in-a-square"),
        (HALVES, "half-square-triangle"),
    ],
)
def test_a_unit_takes_as_long_by_its_joins_as_by_its_recipe(
    drawn: tuple[str, str], kind: str
) -> None:
    """Each drawing is one unit: its block takes what its unit takes, and the trips to the iron."""
    draft = block(*drawn, size="4 4", grid=(4, 4), methods={kind: "cut-and-sew"})
    (unit,) = unit_guesses(make_plan(draft)).values()
    joins = sum(step.per_block for step in steps_of(drawn, kind, "cut-and-sew"))
    trips = joins * IRON / draft.making.sewing.batch
    assert guessed_block(draft) == pytest.approx(unit + trips)
