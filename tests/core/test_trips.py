"""Trips to the iron: what is sewn before each, checked by the parts that each join needs pressed;
names of rounds; slips with spares.
"""

from __future__ import annotations

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.drafts import block
from yonk.core.paper import Draft
from yonk.core.planning import make_plan
from yonk.core.pressing import (
    SewingPlan,
    SewingStep,
    place_name,
    sewing_plan,
    slips_of,
    stacks_of,
    steps_of_sewing,
    trips_of,
)
from yonk.words import in_words

# a middle with a round about it, and another about that
ROUNDS = (
    "0 1 5 1, 0 4 5 4, 1 1 1 4, 4 1 4 4, 1 2 4 2, 1 3 4 3, 2 2 2 3, 3 2 3 3",
    "5/2 5/2 peat, 3/2 5/2 fog, 7/2 5/2 gorse, 5/2 3/2 fog, 5/2 7/2 gorse",
)


def halves(columns: int, rows: int, blocks: int = 1) -> Draft:
    """A block of half-square triangles."""
    lines = [f"{n} 0 {n} {rows}" for n in range(1, columns)]
    lines += [f"0 {n} {columns} {n}" for n in range(1, rows)]
    lines += [f"{x} {y + 1} {x + 1} {y}" for x in range(columns) for y in range(rows)]
    size = f"{3 * columns} {3 * rows}"
    return block(", ".join(lines), size=size, grid=(columns, rows), blocks=blocks)


def steps_and_plan(draft: Draft) -> tuple[SewingPlan, tuple[SewingStep, ...]]:
    plan = sewing_plan(draft)
    recipes = {recipe.group.label: recipe for recipe in make_plan(draft).recipes}
    stacks = stacks_of(plan.reading)
    return plan, steps_of_sewing(plan, recipes, stacks, draft.making.blocks)


@settings(max_examples=25, deadline=None)
@given(st.integers(1, 4), st.integers(1, 4), st.integers(1, 9))
def test_all_of_a_trip_is_sewn_before_anything_of_it_is_pressed(
    columns: int, rows: int, blocks: int
) -> None:
    plan, steps = steps_and_plan(halves(columns, rows, blocks))
    trips = trips_of(steps)
    pressed: set[int] = set()
    leaves = plan.joining.order.leaves
    for trip in trips:
        joins = [number for step in trip.steps for number in step.joins]
        for number in joins:
            for part in plan.joining.joins[number].of:
                assert part < leaves or part - leaves in pressed, "a part is not pressed yet"
        pressed.update(joins)
        assert [step.ends_trip for step in trip.steps] == [False] * (len(trip.steps) - 1) + [True]
    assert len(pressed) == len(plan.joining.joins)
    assert sum(trip.seams for trip in trips) == len(pressed) * blocks
    # what is made doubles at best: no more patches come together in fewer trips
    assert 2 ** len(trips) >= 2 * columns * rows


def test_steps_are_listed_trip_by_trip_and_share_the_walk_to_the_iron() -> None:
    draft = halves(3, 3)
    _, steps = steps_and_plan(draft)
    numbers = [step.trip for step in steps]
    assert numbers == sorted(numbers)
    trips = trips_of(steps)
    # units, then the first two of every row, then the third, then two rows, then the last
    assert [trip.seams for trip in trips] == [9, 3, 3, 1, 1]
    assert trips[1].stacks == (1, 2, 4, 5, 7, 8)
    # a walk for each step of its own would be as many as there are steps
    walks = sum(step.per_block for step in steps if step.ends_trip)
    every = sum(step.per_block for step in steps)
    assert walks < every


def test_a_round_is_called_by_its_number() -> None:
    plan = sewing_plan(block(*ROUNDS, size="15 15", grid=(5, 5)))
    order = plan.joining.order
    names = [place_name(plan, order.leaves + join.number) for join in plan.joining.joins]
    assert "the first round" in [in_words(name) for name in names if name]
    whole = plan.reading.assembly.region.width
    (middle,) = (
        number
        for number, face in enumerate(plan.joining.faces)
        if face.box[0] + face.box[2] == face.box[1] + face.box[3] == whole
    )
    name = place_name(plan, middle)
    assert name is not None and in_words(name) == "the middle"


@pytest.mark.parametrize("wanted", [True, False])
def test_a_mirror_image_that_is_only_a_spare_is_pictured_too(wanted: bool) -> None:
    draft = block(
        "0 0 4 4, 4 0 2 2, 4 0 4 4",
        "2 1 peat, 3 2 fog, 1 3 gorse",
        size="8 4",
        grid=(8, 4),
        methods={"split-quarter-square": "two-at-a-time" if wanted else "cut-and-sew"},
    )
    plan = make_plan(draft)
    spare = {one.group.label for one in plan.recipes if one.mirrored}
    assert bool(spare) == wanted
    slips = slips_of(plan.reading, stacks_of(plan.reading), spare)
    mirrored = [in_words(one.words) for one in slips if one.kind == "mirrored"]
    assert bool(mirrored) == wanted
    assert all("spare" in words for words in mirrored)
