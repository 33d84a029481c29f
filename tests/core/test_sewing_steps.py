"""Laying out, the steps of sewing, and what is found again of what was sewn."""

from __future__ import annotations

from collections import Counter
from dataclasses import replace
from fractions import Fraction as F

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from shapely import Polygon, union_all

from tests.drafts import block, drafts
from yonk.core.acts import PaintPatch, Put, PutColouring, Resize, SetMaking, apply
from yonk.core.acts.choose_order import ChooseOrder
from yonk.core.acts.press_seam import PressSeam
from yonk.core.acts.set_batch import SetBatch
from yonk.core.acts.turn import Turn
from yonk.core.drawing import Span
from yonk.core.paper import Draft, SeamWish, coloured
from yonk.core.planning import make_plan, read
from yonk.core.pressing import (
    SewingPlan,
    SewingStep,
    join_pictures,
    no_longer_wanted,
    place_name,
    sewing_plan,
    side_by_side,
    slips_of,
    stacks_of,
    steps_of_sewing,
)
from yonk.machine.samples import all_samples

SAMPLES = {draft.name: draft for draft in all_samples()}
GATE = SAMPLES["Weir Gate"]


def steps(draft: Draft) -> tuple[SewingPlan, tuple[SewingStep, ...]]:
    plan = sewing_plan(draft)
    recipes = {recipe.group.label: recipe for recipe in make_plan(draft).recipes}
    stacks = stacks_of(plan.reading)
    return plan, steps_of_sewing(plan, recipes, stacks, draft.making.blocks)


@given(drafts)
@settings(max_examples=40, deadline=None)
def test_stacks_hold_every_patch_once_and_each_join_is_in_one_step_after_what_it_needs(
    draft: Draft,
) -> None:
    plan, found = steps(draft)
    patches = [face for stack in stacks_of(plan.reading) for face in stack.faces]
    assert sorted(patches) == [*range(plan.joining.order.leaves)]
    when = {join: step.number for step in found for join in step.joins}
    joins = sorted(join for step in found for join in step.joins)
    assert joins == [join.number for join in plan.joining.joins]
    for join in plan.joining.joins:
        for part in join.of:
            before = plan.joining.join(part)
            assert before is None or when[before.number] <= when[join.number]


@given(drafts, st.integers(1, 400))
@settings(max_examples=20, deadline=None)
def test_chains_hold_every_join_of_every_block(draft: Draft, batch: int) -> None:
    _, found = steps(apply(draft, SetBatch(batch=batch)))
    for step in found:
        assert sum(step.batches) == step.total == step.per_block * draft.making.blocks
        assert max(step.batches) <= batch and len(set(step.batches[:-1])) <= 1


@given(drafts)
@settings(max_examples=25, deadline=None)
def test_a_slip_covers_the_same_place_and_looks_different(draft: Draft) -> None:
    reading = read(draft)
    stacks = stacks_of(reading)
    for slip in slips_of(reading, stacks)[:40]:
        faces = [face for number in slip.stacks for face in stacks[number - 1].faces]
        right = {
            (frozenset(reading.drawing.faces[face].ring), reading.fabrics[face]) for face in faces
        }
        assert {(frozenset(one.ring), one.fabric) for one in slip.shown} != right
        area = sum(Polygon(reading.drawing.faces[face].ring).area for face in faces)
        assert abs(sum(Polygon(one.ring).area for one in slip.shown) - area) < 1e-6 * area
        if slip.kind == "swapped":
            assert len(slip.stacks) == 2 and str(slip.mend) == "Change them over."


def test_turning_a_unit_as_the_mend_says_is_what_was_drafted() -> None:
    """A block drafted with the slip in it is what the slip shows; turned by hand it is right."""
    reading = read(GATE)
    slip = next(one for one in slips_of(reading, stacks_of(reading)) if one.kind == "quarter")
    assert str(slip.words) == "Stack 1 lies a quarter turn too far."
    wrong = apply(GATE, Turn(cell=Span(0, 0), quarters=1))
    seen = {
        (frozenset(face.ring), fabric)
        for face, fabric in zip(read(wrong).drawing.faces, read(wrong).fabrics, strict=True)
    }
    assert {(frozenset(one.ring), one.fabric) for one in slip.shown} <= seen
    assert str(slip.mend) == "Turn it back a quarter, to the left."
    assert apply(wrong, Turn(cell=Span(0, 0), quarters=3)).seams == GATE.seams


def test_slips_of_the_gate() -> None:
    """Four triangles, each wrong in three ways; each swapped with its two plain neighbours, and
    the middle with its four.
    """
    reading = read(GATE)
    kinds = Counter(one.kind for one in slips_of(reading, stacks_of(reading)))
    assert kinds == {"quarter": 4, "half": 4, "three-quarters": 4, "swapped": 12}


def test_a_mirror_image_in_place_of_its_twin_is_shown() -> None:
    draft = block(size="8 4", grid=(2, 1))
    for column, flip in ((0, False), (1, True)):
        unit = Put(
            cell=Span(column, 0),
            unit="split-quarter-square",
            fabrics=("peat", "fog", "gorse"),
            flip=flip,
        )
        draft = apply(draft, unit)
    reading = read(draft)
    mirrored = [one for one in slips_of(reading, stacks_of(reading)) if one.kind == "mirrored"]
    assert [one.stacks for one in mirrored] == [(1,), (2,)]
    assert str(mirrored[0].words) == "Stack 1 is unit 2, the mirror image."


def test_the_gates_steps() -> None:
    _, found = steps(GATE)
    assert str(found[0].words) == "Make the half-square triangle 1 by its recipe: eight at a time."
    assert (found[0].per_block, found[0].total, found[0].batches) == (4, 48, (24, 24))
    assert str(found[0].checkpoint) == "3 1⁄2″ × 3 1⁄2″"
    assert {"9 1⁄2″ × 3 1⁄2″", "9 1⁄2″ × 9 1⁄2″"} <= {str(step.checkpoint) for step in found}
    assert str(found[-1].checkpoint) == "9 1⁄2″ × 9 1⁄2″"
    assert [step.to_match for step in found[-2:]] == [2, 2]
    assert "iron" in str(found[0].caution) and not any(step.caution for step in found[1:])
    assert found[1].stacks == ((4, 5),)  # plain patches, before anything is pressed


def test_what_was_sewn_is_found_again_by_what_it_is() -> None:
    """Not by its number: another order of joining leaves units sewn, another fabric or seam
    does not. Of a block that is its own quarter turn every step is found again.
    """
    scree = SAMPLES["Scree"]
    marks = {step.mark: (12, str(step.words)) for step in steps(scree)[1]}
    columns = steps(apply(scree, ChooseOrder(order="columns")))[1]
    kept = [step for step in columns if step.mark in marks]
    assert [step.kind for step in kept].count("unit") == 3
    assert {step.kind for step in columns if step.mark not in marks} == {"join"}
    assert {left.done for left in no_longer_wanted(columns, marks)} == {12}
    marks = {step.mark: (12, str(step.words)) for step in steps(GATE)[1]}
    assert all(step.mark in marks for step in steps(apply(GATE, ChooseOrder(order="columns")))[1])
    for other in (
        apply(GATE, Resize(width="12", height="12")),
        apply(GATE, SetMaking(settings={"seam": "3/8"})),
        apply(GATE, PaintPatch(at=("1/4", "1/4"), fabric="rowan"), "quarter-turns"),
    ):
        assert steps(other)[1][0].mark not in marks
    assert no_longer_wanted(steps(GATE)[1], marks) == ()
    assert no_longer_wanted((), {"x": (0, "none")}) == ()


def test_a_mirrored_colouring_is_pressed_as_the_mirror_image() -> None:
    draft = apply(GATE, PressSeam(at=("1", "1/2"), toward="left"))
    draft = apply(draft, ChooseOrder(order="columns"))
    other = PutColouring(name="Other hand", blocks=3, mirrored=True, fabrics={})
    draft = apply(draft, other)
    mirrored = coloured(draft, draft.colourings[0])
    wish = SeamWish(at=(F(2), F(1, 2)), toward="right")
    assert mirrored.making.sewing.presses == (wish,)
    plan = sewing_plan(mirrored)
    assert plan.order == "columns" and plan.misplaced == ()
    assert len(plan.asked.fixed or {}) == 1


@given(drafts)
@settings(max_examples=25, deadline=None)
def test_pictures_show_both_pieces_with_their_allowances(draft: Draft) -> None:
    """Opened, a join covers its finished patches with the seam all round, and no more."""
    plan = sewing_plan(draft)
    seam, scale = float(draft.making.seam), float(plan.reading.drawing.scale)
    for join in plan.joining.joins[-3:]:
        apart, together, opened = join_pictures(plan, plan.listed[join.number])
        faces = plan.joining.order.faces(plan.joining.order.leaves + join.number)
        rings = [[(x / scale, y / scale) for x, y in plan.joining.faces[f].ring] for f in faces]
        finished = union_all([Polygon(ring) for ring in rings])
        cloth = union_all([Polygon(one.outline).buffer(1e-9) for one in opened.cloths])
        assert cloth.buffer(1e-6).contains(finished)
        around = finished.buffer(seam, join_style="mitre", mitre_limit=4.0)
        assert around.buffer(1e-6).contains(cloth)
        assert abs(around.area - cloth.area) < 1e-3 * around.area
        assert {one.side for one in together.cloths} == {"right", "wrong"}
        assert len(apart.cloths) >= 2
        pins = [line for line in together.lines if line.mark == "pin"]
        met = sum(meeting.join == join.number for meeting in plan.wanted.meetings)
        assert join.kind == "set-in" or len(pins) == met + 2


def test_pictures_of_a_join_in_centimetres_say_what_it_measures() -> None:
    draft = replace(GATE, unit="cm", width=F(24), height=F(24))
    plan, found = steps(draft)
    opened = join_pictures(plan, plan.listed[found[-1].joins[0]])[2]
    assert [str(label.words) for label in opened.labels] == ["24.5 cm", "24.5 cm"]


def test_a_set_in_seam_is_drawn_side_by_side_and_stops_at_the_dot() -> None:
    """The sill: a square with two mitred sides; the mitre is sewn by itself."""
    plan = sewing_plan(SAMPLES["Bothy Sill"])
    join = plan.joining.joins[-1]
    together = join_pictures(plan, plan.listed[join.number])[1]
    marks = {
        mark: [line.span for line in together.lines if line.mark == mark]
        for mark in ("sewn", "pin", "dot")
    }
    assert marks["dot"] == [((6.0, 6.0), (6.0, 6.0))]
    assert len(marks["pin"]) == len(marks["sewn"]) == 1
    assert sorted(marks["sewn"][0]) == [(6.0, -0.25), (6.0, 6.0)]


def place_names(plan: SewingPlan) -> set[str]:
    """What patches and joins of a block are called by their places."""
    parts = range(len(plan.reading.drawing.faces) + len(plan.joining.joins))
    return {str(name) for name in (place_name(plan, part) for part in parts) if name}


@pytest.mark.parametrize(
    ("order", "names"),
    [
        ("rows", {"the top row", "the middle row", "the bottom row", "rows 1 to 2", "the middle"}),
        (
            "columns",
            {
                "the left column",
                "the middle column",
                "the right column",
                "columns 1 to 2",
                "the middle",
            },
        ),
    ],
)
def test_pieces_are_called_by_where_they_lie(order: str, names: set[str]) -> None:
    nine = block("1 0 1 3, 2 0 2 3, 0 1 3 1, 0 2 3 2, 0 1 1 0", size="9 9", grid=(3, 3))
    plan = sewing_plan(apply(nine, ChooseOrder(order=order)))  # type: ignore[arg-type]
    found = place_names(plan)
    assert found == names


def test_quarters_and_a_middle_are_called_so() -> None:
    lines = "1 0 1 4, 2 0 2 4, 3 0 3 4, 0 1 4 1, 0 2 4 2, 0 3 4 3, 0 1 1 0"
    plan = sewing_plan(apply(block(lines, size="8 8", grid=(4, 4)), ChooseOrder(order="quarters")))
    found = place_names(plan)
    assert {f"the {v} {h} quarter" for v in ("upper", "lower") for h in ("left", "right")} <= found
    lamp = block("4 0 8 4, 8 4 4 8, 4 8 0 4, 0 4 4 0, 6 2 2 6, 0 0 2 2", grid=(8, 8))
    plan = sewing_plan(lamp)
    assert "the middle" in place_names(plan)


def test_columns_are_chained_over_all_rows() -> None:
    """Weir Gate: the second column onto the first for each row, then the third, then across."""
    draft = next(one for one in all_samples() if one.name == "Weir Gate")
    plan = sewing_plan(apply(draft, ChooseOrder(order="chained")))
    rows = sewing_plan(apply(draft, ChooseOrder(order="rows")))
    assert plan.order == "chained"
    outside = [join for join in plan.joining.joins if join.unit is None]
    uprights = [join for join in outside if join.along[0][0][0] == join.along[0][1][0]]
    assert len(outside) == 8 and outside[:6] == uprights
    places = [join.along[0][0][0] for join in uprights]
    assert places == sorted(places) and len(set(places)) == 2
    by_order = {one.order: one for one in side_by_side(rows)}
    own = {one.order: one for one in side_by_side(plan)}
    assert by_order["chained"] == own["chained"]
    assert by_order["chained"].nested == by_order["rows"].nested
