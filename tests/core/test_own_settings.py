"""What is set for units and parts of them by themselves: margins that count where they are set."""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction as F
from typing import Any

import pytest
from hypothesis import given
from hypothesis import strategies as st

from tests.drafts import block
from yonk.core.acts import apply
from yonk.core.acts.choose_method import ChooseMethod
from yonk.core.acts.drop_fabric import DropFabric
from yonk.core.acts.keep_clear import KeepClear
from yonk.core.acts.set_own import SetOwn
from yonk.core.drawing import wholes
from yonk.core.joining import joining_order
from yonk.core.paper import Draft, DraftError, OwnMaking, UnitWish, margin_that_counts
from yonk.core.planning import Plan, make_plan, read
from yonk.core.pressing import sewing_plan, toward
from yonk.core.units import carry_out
from yonk.files.block_file import BadFileError, take_block, write_block

GEESE = "0 2 2 0, 2 0 4 2, 0 4 2 2, 2 2 4 4, 0 2 4 2"


def geese(**making: Any) -> Draft:
    return block(
        GEESE, "1 1/8 fog, 1 17/8 fog, 2 1 peat, 2 3 peat", size="4 4", grid=(4, 4), **making
    )


def cut(plan: Plan, role: str) -> F:
    return next(
        need.rounded(recipe.terms.step)[0]
        for recipe in plan.recipes
        for need in recipe.needs
        if need.role == role
    )


MARGINS = st.sampled_from([F(0), F(1, 8), F(3, 8), F(1, 2)])
SPLIT = "0 0 4 4, 4 0 2 2"


@given(
    st.sampled_from(
        [
            (GEESE, "flying-geese", "four-at-a-time", ("goose", "sky")),
            (GEESE, "flying-geese", "stitch-and-flip", ("goose", "sky")),
            (GEESE, "flying-geese", "cut-and-sew", ("goose", "sky")),
            (SPLIT, "split-quarter-square", "two-at-a-time", ("half", "quarter")),
            (SPLIT, "split-quarter-square", "cut-again", ("half", "quarter")),
            (SPLIT, "split-quarter-square", "cut-and-sew", ("half", "quarter")),
        ]
    ),
    MARGINS,
    MARGINS,
)
def test_with_own_margins_every_way_gives_the_unit(
    made_so: tuple[str, str, str, tuple[str, str]], one: F, other: F
) -> None:
    drawn, kind, method, parts = made_so
    own = OwnMaking(parts=dict(zip(parts, (one, other), strict=True)))
    draft = block(
        drawn, size="4 4", grid=(4, 4), trim="1/8", methods={kind: method}, kinds={kind: own}
    )
    (recipe,) = make_plan(draft).recipes
    made = carry_out(recipe.group.unit, recipe.method, recipe.terms, lots=1)
    assert made.sound
    assert recipe.is_trimmed == (max(one, other) > 0)


@pytest.mark.parametrize(
    ("drawn", "kind", "method"),
    [
        ("2 0 4 2", "corner-flip", "stitch-and-flip"),
        ("2 0 4 2, 4 2 2 4, 2 4 0 2, 0 2 2 0", "square-in-a-square", "stitch-and-flip"),
        ("0 1 4 1, 0 3 4 3", "strip-set", "strip-piecing"),
        ("0 1 4 1, 0 3 4 3", "strip-set", "cut-and-sew"),
    ],
)
def test_what_is_else_cut_true_can_be_cut_larger(drawn: str, kind: str, method: str) -> None:
    plain = block(drawn, size="4 4", grid=(4, 4), trim="1/8", methods={kind: method})
    larger = replace(
        plain, making=replace(plain.making, kinds={kind: OwnMaking(trim_margin=F(1, 2))})
    )
    for draft, trimmed in ((plain, False), (larger, True)):
        (recipe,) = make_plan(draft).recipes
        made = carry_out(recipe.group.unit, recipe.method, recipe.terms, lots=1)
        assert made.sound and recipe.is_trimmed == trimmed
        assert abs(min(made.fits[0].oversize) - (0.5 if trimmed else 0)) < 1 / 8
        if recipe.method.counted:
            counted = recipe.method.counted(recipe.group.unit, recipe.terms, 1)
            assert counted.oversize == pytest.approx(made.fits[0].oversize)
            assert counted.length == pytest.approx(sum(made.table.seams))


def test_the_nearest_counts() -> None:
    kind = OwnMaking(trim_margin=F(1, 4), parts={"sky": F(3, 8)})
    unit = UnitWish(at=(F(1), F(1)), trim_margin=F(1, 2))
    told = [
        margin_that_counts("sky", unit, kind, F(1, 8)),
        margin_that_counts("sky", None, kind, F(1, 8)),
        margin_that_counts("goose", None, kind, F(1, 8)),
        margin_that_counts("goose", None, None, F(1, 8)),
    ]
    assert [(one.by, one.set_for) for one in told] == [
        (F(1, 2), "unit"),
        (F(3, 8), "part"),
        (F(1, 4), "kind"),
        (F(1, 8), "block"),
    ]


def test_half_on_one_group_and_none_on_the_other() -> None:
    """Two groups of one kind: what is set for the one leaves the other as it was."""
    drawn = "3 0 3 3, 0 3 6 3, 0 3 3 0, 3 3 6 0"
    painted = "1 1 fog, 2 2 peat, 4 1 gorse, 5 2 rowan"
    draft = block(drawn, painted, grid=(6, 6), methods={"half-square-triangle": "two-at-a-time"})
    draft = apply(draft, SetOwn(kind="half-square-triangle", at=("1", "1"), trim_margin="1/2"))
    by_fabric = {one.fabric: one.width for one in make_plan(draft).cuts if one.shape == "square"}
    assert by_fabric["fog"] == by_fabric["gorse"] + F(1, 2)
    gone = apply(draft, SetOwn(kind="half-square-triangle", at=("2", "2"), trim_margin=""))
    assert gone.making.units == ()


def test_the_way_of_a_unit_and_its_margin_are_set_apart() -> None:
    draft = apply(geese(), SetOwn(kind="flying-geese", at=("2", "1"), part="sky", trim_margin="⅜"))
    draft = apply(draft, ChooseMethod(kind="flying-geese", method="cut-and-sew", at=("2", "1")))
    (wish,) = draft.making.units
    assert (wish.method, wish.parts) == ("cut-and-sew", {"sky": F(3, 8)})
    draft = apply(draft, ChooseMethod(kind="flying-geese", method=None, at=("2", "1")))
    assert draft.making.units[0].parts == {"sky": F(3, 8)}


def test_a_part_that_a_unit_has_not_is_told() -> None:
    with pytest.raises(DraftError) as told:
        apply(geese(), SetOwn(kind="flying-geese", part="half", trim_margin="1/8"))
    assert told.value.place == "part"
    with pytest.raises(DraftError) as told:
        apply(geese(), SetOwn(kind="flying-geese", trim_margin="9"))
    assert told.value.place == "trim_margin"


def test_the_file_keeps_what_is_set_and_tells_what_cannot_be() -> None:
    draft = geese(kinds={"flying-geese": OwnMaking(trim_margin=F(1, 4), press="outward")})
    draft = apply(draft, SetOwn(kind="flying-geese", at=("2", "1"), part="sky", trim_margin="3/8"))
    document = write_block(draft)
    assert write_block(take_block(document)) == document
    assert take_block(document).making == draft.making
    making = document["making"]
    making["kinds"]["flying-geese"]["parts"] = {"half": {"trim_margin": "1/8"}}
    making["units"][0]["parts"]["sky"]["trim_margin"] = "77"
    with pytest.raises(BadFileError) as told:
        take_block(document)
    places = [fault.place for fault in told.value.faults]
    assert places == [
        "making.units[0].parts.sky.trim_margin",
        "making.kinds.flying-geese.parts.half",
    ]


LAMP = "4 0 8 4, 8 4 4 8, 4 8 0 4, 0 4 4 0, 6 2 2 6, 2 2 6 6"


def test_a_line_that_halves_corners_leaves_the_middle_as_it_is() -> None:
    whole = block(LAMP, grid=(8, 8), size="12 12")
    assert [group.kind for group in read(whole).groups] == ["square-in-a-square", "checker"]
    halved = block(f"{LAMP}, 0 0 2 2, 8 0 6 2", grid=(8, 8), size="12 12")
    reading = read(halved)
    kinds = sorted(one.known.kind for one in wholes(reading.assembly))
    assert kinds == ["checker", "pieced", "pieced", "pieced", "pieced"]
    order, _ = joining_order(reading)
    assert len(order.pairs) == len(reading.drawing.faces) - 1
    assert sorted(order.faces(order.leaves + len(order.pairs) - 1)) == [*range(order.leaves)]


def test_a_unit_is_pressed_inside_as_it_is_set() -> None:
    painted = "2 3 fog, 1/2 5/2 peat, 7/2 5/2 peat"
    ways = {"flying-geese": "cut-and-sew"}
    drawn = "0 4 2 2, 2 2 4 4, 0 2 4 2, 2 0 2 2"
    draft = block(drawn, painted, size="4 4", grid=(4, 4), methods=ways)
    told: dict[str, set[str]] = {}
    for press in ("dark", "outward", "open", "side-then-open"):
        set_so = apply(draft, SetOwn(kind="flying-geese", press=press))
        plan = sewing_plan(set_so)
        label = next(one.label for one in plan.reading.groups if one.kind == "flying-geese")
        inside = [join for join in plan.joining.joins if join.unit == label]
        told[press] = {toward(join, plan.pressing.presses[join.number]) for join in inside}
        recipe = next(one for one in make_plan(set_so).recipes if len(one.group.unit.parts) == 3)
        fabrics = {key: set_so.fabric(key) for key in recipe.group.unit.fabrics}
        made = carry_out(recipe.group.unit, recipe.method, recipe.terms, fabrics=fabrics)
        said = "".join(repr(step.words) for step in made.table.steps if step.act == "press")
        assert ("press-side-then-open" in said) == (press == "side-then-open")
        assert ("press-open" in said) == (press == "open")
    assert told["open"] == told["side-then-open"] == {"open"}
    assert "open" not in told["dark"] | told["outward"]


@given(st.sampled_from(["peat", "fog"]), st.sampled_from(["nest", "dark", "spin"]))
def test_no_allowance_lies_under_what_is_kept_clear_where_it_can_lie_elsewhere(
    key: str, school: str
) -> None:
    drawn = "2 0 2 4, 0 2 4 2, 0 2 2 0"
    painted = "1/2 1/2 fog, 3/2 3/2 peat, 3 1 peat, 1 3 peat, 3 3 fog"
    draft = block(drawn, painted, size="4 4", grid=(4, 4), pressing=school)
    plan = sewing_plan(apply(draft, KeepClear(key=key, clear=True)))
    for join in plan.joining.joins:
        side = plan.pressing.presses[join.number]
        assert side is not None
        under = [
            {
                plan.reading.fabrics[touch.left if way == 0 else touch.right]
                for touch in join.touches
            }
            for way in (0, 1)
        ]
        clear = [key not in some for some in under]
        assert clear[side] or not any(clear)
    gone = apply(plan.draft, DropFabric(key=key))
    assert gone.making.sewing.never_under == ()


def test_cloth_that_lies_loose_in_the_middle_is_told() -> None:
    """2K − L: half an inch as usual; ⅜ more on each sky is ¾ more."""
    usual = geese(methods={"flying-geese": "four-at-a-time"})
    assert "loose-flap" not in {one.code for one in make_plan(usual).notices}
    larger = apply(usual, SetOwn(kind="flying-geese", part="sky", trim_margin="3/8"))
    (told,) = [one for one in make_plan(larger).notices if one.code == "loose-flap"]
    assert told.units == ("1",)
