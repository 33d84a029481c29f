"""What a block says of how its quilter works: kept in its file, changed by acts, followed by the
plan.
"""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction as F

import pytest
from hypothesis import given
from hypothesis import strategies as st

from tests.drafts import block
from yonk.core.acts import Resize, SetMaking, apply
from yonk.core.cutting import plan_cutting
from yonk.core.paper import SETTINGS, USUAL, DraftError, LengthUnit, Making, default_making
from yonk.core.planning import make_plan, of_group, plan_stage
from yonk.core.planning.stages import units_made
from yonk.core.units import terms_of
from yonk.files.block_file import BadFileError, take_block, write_block
from yonk.machine.samples import all_samples

LENGTHS_SET = [name for name, one in SETTINGS.items() if one.kind == "length"]


def within(field: str) -> st.SearchStrategy[F]:
    bound = SETTINGS[field].bounds["in"]
    steps = st.builds(F, st.integers(1, 400), st.sampled_from([1, 2, 4, 8, 16, 3]))
    return steps.map(lambda length: min(max(length, bound.least), bound.most))


makings = st.builds(
    Making,
    **{field: within(field) for field in LENGTHS_SET},
    blocks=st.integers(1, 1000),
    shrinkage=st.builds(F, st.integers(0, 30)),
    squares_in_a_row=st.integers(1, 10),
    stitch=st.sampled_from(["beside", "two-lines"]),
    press=st.sampled_from(["dark", "open"]),
    care=st.sampled_from(["balance", "cloth", "time", "exact"]),
)


@given(makings)
def test_every_setting_comes_back_from_the_file(making: Making) -> None:
    draft = replace(block(painted="1/2 1/2 peat"), making=making)
    assert take_block(write_block(draft)) == draft


@pytest.mark.parametrize("unit", ["in", "cm"])
def test_a_file_that_says_nothing_has_the_usual_of_its_unit(unit: str) -> None:
    written = write_block(replace(block(), unit=unit))  # type: ignore[arg-type]
    del written["making"]
    making = take_block(written).making
    assert making == default_making(unit)  # type: ignore[arg-type]
    usual = USUAL[unit]  # type: ignore[index]
    assert (making.usable, making.straightening, making.keep) == (
        usual.settings.usable,
        usual.squaring,
        usual.settings.keep,
    )


@pytest.mark.parametrize(
    ("field", "value", "place"),
    [
        ("width_of_fabric", "0", "making.width_of_fabric"),
        ("shrinkage", "31", "making.shrinkage"),
        ("keep", "-1", "making.keep"),
        ("stitch", "zigzag", "making.stitch"),
        ("care", "speed", "making.care"),
        ("ruler", {"width": "6"}, "making.ruler.length"),
        ("straightening", 1, "making.straightening"),
    ],
)
def test_a_setting_that_cannot_be_is_named(field: str, value: object, place: str) -> None:
    written = write_block(block())
    written["making"][field] = value
    with pytest.raises(BadFileError) as bad:
        take_block(written)
    assert [fault.place for fault in bad.value.faults] == [place]


def test_acts_change_what_they_name_and_leave_the_rest() -> None:
    draft = block()
    changed = apply(
        draft,
        SetMaking(
            settings={"usable": "42 1/2", "press": "open", "shrinkage": "3", "straightening": "0"}
        ),
    )
    assert changed.making == replace(
        draft.making, usable=F(85, 2), press="open", shrinkage=F(3), straightening=F(0)
    )
    assert apply(changed, SetMaking(settings={"care": "time"})).making.usable == F(85, 2)
    for act, place in (
        (SetMaking(settings={"usable": "0"}), "usable"),
        (SetMaking(settings={"shrinkage": "31"}), "shrinkage"),
        (SetMaking(settings={"keep": "some"}), "keep"),
        (SetMaking(settings={"ruler_width": "-2"}), "ruler_width"),
    ):
        with pytest.raises(DraftError) as fault:
            apply(draft, act)
        assert fault.value.place == place


def test_the_school_reaches_the_table_and_the_cloth() -> None:
    draft = apply(
        block("0 1 1 0", "1/4 1/4 peat, 3/4 3/4 fog", size="3 3", blocks=16),
        SetMaking(settings={"usable": "20", "stitch": "two-lines"}),
    )
    assert draft.making.stitch == "two-lines" and draft.making.usable == 20
    (peat, *_) = plan_cutting(draft, "all").cloths
    assert all(one.x + one.width <= 20 for layout in peat.layouts for one in layout.laid)


def test_stages_count_colourings_with_all_and_a_trial_is_one_block_as_drafted() -> None:
    hut = next(draft for draft in all_samples() if draft.name == "Hut Window")
    trial, rest, whole = (plan_stage(hut, stage) for stage in ("trial", "rest", "all"))
    assert {cut.fabric for cut in trial.cuts} == {"fog", "rowan", "gorse"}
    assert {cut.fabric for cut in whole.cuts} == {"fog", "rowan", "gorse", "slate", "lichen"}
    centres = {"trial": 0, "rest": 0, "all": 0}
    for name, plan in (("trial", trial), ("rest", rest), ("all", whole)):
        for group, recipes in of_group(plan.recipes):
            if group.kind == "square-in-a-square":
                centres[name] += sum(recipe.total for recipe in recipes)
    assert centres == {"trial": 1, "rest": 11, "all": 12}  # nine as drafted and three at dusk
    assert sum(units_made(trial).values()) >= 1


def test_the_rest_of_a_single_block_is_nothing() -> None:
    single = block("0 1 1 0", "1/4 1/4 peat, 3/4 3/4 fog", size="3 3")
    assert plan_stage(single, "rest").recipes == () and plan_stage(single, "rest").cuts == ()
    assert make_plan(single).recipes


@pytest.mark.parametrize(("there", "size"), [("cm", "20"), ("in", "8")])
def test_a_draft_changed_to_another_unit_is_as_a_new_one(there: LengthUnit, size: str) -> None:
    here: LengthUnit = "in" if there == "cm" else "cm"
    old = replace(
        block(size="8 8", blocks=5),
        unit=here,
        making=replace(default_making(here), blocks=5, care="time"),
    )
    now = apply(old, Resize(width=size, height=size, unit=there))
    assert now.making == replace(default_making(there), blocks=5, care="time")
    assert (
        terms_of(now).settings.usable == USUAL[there].settings.usable
        and now.making.keep == USUAL[there].settings.keep
    )


def test_rows_of_squares_are_no_longer_than_she_likes() -> None:
    draft = block(
        "0 1 1 0",
        "1/4 1/4 peat, 3/4 3/4 fog",
        size="3 3",
        blocks=16,
        methods={"half-square-triangle": "rectangle"},
    )
    for squares in (10, 2, 1):
        cuts = make_plan(
            apply(
                draft, SetMaking(settings={"squares_in_a_row": str(squares), "trim_margin": "1/8"})
            )
        ).cuts
        assert {(cut.width, cut.height) for cut in cuts} <= {
            (F(4 * n), F(4)) for n in range(1, squares + 1)
        }
        assert max(cut.width for cut in cuts) <= 4 * squares
