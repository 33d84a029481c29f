"""The pressing: best of all, proved by trying all; meetings and thickness by geometry alone."""

from __future__ import annotations

import itertools
from collections.abc import Sequence
from dataclasses import replace
from fractions import Fraction
from fractions import Fraction as F

import numpy as np
import shapely
from hypothesis import assume, example, given, settings

from tests.drafts import FABRICS, block, drafts, even, mirrored, paints, seams, turned
from tests.drafts import stamped as stamped_drafts
from yonk.core.acts import SetMaking, apply
from yonk.core.acts.choose_order import ChooseOrder
from yonk.core.acts.press_in_lots import PressInLots
from yonk.core.acts.press_seam import PressSeam
from yonk.core.acts.set_batch import SetBatch
from yonk.core.paper import Draft, Length, Making, Toward
from yonk.core.pressing import (
    SewingPlan,
    best_words,
    depth,
    nesting_plans,
    proposed_order,
    reason,
    seam_point,
    sewing_plan,
    side_by_side,
    toward,
)
from yonk.core.pressing.choices import Chosen, Pairing, Wish, choose

MOST_FREE = 10


def test_choices_follow_wishes_in_their_order() -> None:
    ring = [Pairing(a, (a + 1) % 5, differ=True) for a in range(5)]  # an odd ring: one must give
    dark = Wish("dark", {0: (0, 3), 1: (2, 0), 4: (0, 1)})
    chosen = choose(5, {2: 1}, (Wish("nest", pairs=ring), dark))
    assert chosen.costs["nest"] == 1 and chosen.proved and chosen.sides[2] == 1
    assert chosen.costs["dark"] == _least(5, {2: 1}, (Wish("nest", pairs=ring), dark))[1]


def _least(count: int, fixed: dict[int, int], wishes: Sequence[Wish]) -> tuple[int, ...]:
    """The least costs of all choices, tried one by one."""
    return min(
        tuple(wish.cost(sides) for wish in wishes)
        for sides in itertools.product((0, 1), repeat=count)
        if all(sides[one] == side for one, side in fixed.items())
    )


@settings(max_examples=80)
@given(drafts)
def test_the_pressing_is_the_best_of_all_tried_one_by_one(draft: Draft) -> None:
    for school in ("nest", "dark", "spin"):
        plan = sewing_plan(apply(draft, SetMaking(settings={"pressing": school})))
        pressing, chosen = plan.pressing, plan.pressing.chosen
        if chosen is None:
            continue
        count = len(pressing.choices.names)
        assume(count <= MOST_FREE)
        costs = tuple(wish.cost(chosen.sides) for wish in pressing.wishes)
        assert costs == _least(count, {}, pressing.wishes)
        assert pressing.best


@settings(max_examples=80)
@given(drafts)
def test_each_meeting_lies_as_its_allowances_do(draft: Draft) -> None:
    plan = sewing_plan(draft)
    for meeting, state in zip(plan.wanted.meetings, plan.pressing.states, strict=True):
        join = plan.joining.joins[meeting.join]
        ways = [_allowance(plan, seam, meeting.at) for seam in meeting.of]
        (ax, ay), (bx, by) = next(s for s in join.along if _on(s, meeting.at))
        along = [np.sign(way[0] * (bx - ax) + way[1] * (by - ay)) for way in ways]
        assert state == ("bulky" if along[0] == along[1] else "nested")


def _on(stretch: tuple[tuple[int, int], tuple[int, int]], at: tuple[int, int]) -> bool:
    (ax, ay), (bx, by) = stretch  # exactly: a lattice may be finer than floats are
    turn = (bx - ax) * (at[1] - ay) - (by - ay) * (at[0] - ax)
    return turn == 0 and min(ax, bx) <= at[0] <= max(ax, bx) and min(ay, by) <= at[1] <= max(ay, by)


def _allowance(plan: SewingPlan, seam: int, at: tuple[int, int]) -> tuple[float, float]:
    """The direction, across a seam near a spot, in which the part lies that it is pressed to."""
    join, side = plan.joining.joins[seam], plan.pressing.presses[seam]
    assert side is not None
    a, b = next(stretch for stretch in join.along if at in stretch)
    other = b if at == a else a
    length = float(np.hypot(other[0] - at[0], other[1] - at[1]))
    across = (other[1] - at[1]) / length, -(other[0] - at[0]) / length
    near = at[0] + (other[0] - at[0]) * 1e-3, at[1] + (other[1] - at[1]) * 1e-3
    inside = shapely.unary_union(
        [
            shapely.Polygon(plan.joining.faces[face].ring, plan.joining.faces[face].holes)
            for face in plan.joining.order.faces(join.of[side])
        ]
    )
    step = length * 1e-5
    for sign in (1, -1):
        spot = near[0] + sign * across[0] * step, near[1] + sign * across[1] * step
        if inside.covers(shapely.Point(spot)):
            return sign * across[0], sign * across[1]
    raise AssertionError("the part lies on neither side of its seam")


@settings(max_examples=60)
@given(drafts)
def test_alike_joins_are_listed_and_pressed_alike(draft: Draft) -> None:
    plan = sewing_plan(draft)
    done: set[int] = set(range(plan.joining.order.leaves))
    sides: dict[int, object] = {}
    for sewn in plan.sewn:
        assert set(sewn.of) <= done
        done.add(plan.joining.order.leaves + sewn.join.number)
        assert sides.setdefault(sewn.alike, sewn.press) == sewn.press
        areas = [
            sum(plan.joining.faces[face].twice_area for face in plan.joining.order.faces(part))
            for part in sewn.of
        ]
        assert sides.setdefault(-sewn.alike, areas) == areas
    assert len(plan.sewn) == len(plan.joining.joins)


@settings(max_examples=40)
@given(stamped_drafts())
def test_turned_or_mirrored_no_more_meetings_stay_bulky(draft: Draft) -> None:
    def bulky(one: Draft) -> int:
        return min(figures.bulky for figures in side_by_side(sewing_plan(one)))

    assert bulky(turned(draft)) == bulky(mirrored(draft)) == bulky(draft)


def four_patch(school: str = "nest") -> Draft:
    draft = replace(
        even(2, 2, "6 6"),
        seams=seams("1 0 1 2, 0 1 2 1, 0 0 1/2 1"),
        fabrics=FABRICS,
        paints=paints("3/4 1/4 peat, 3/2 1/2 fog, 1/2 3/2 fog, 3/2 3/2 peat, 1/8 3/4 gorse"),
    )
    return apply(draft, SetMaking(settings={"pressing": school}))


def test_schools() -> None:
    assert sewing_plan(four_patch()).pressing.states == ("nested",)
    assert sewing_plan(four_patch("spin")).pressing.states == ("spun",)
    opened = sewing_plan(four_patch("open"))
    assert opened.pressing.states == ("open",) and set(opened.pressing.presses) == {None}
    dark = sewing_plan(four_patch("dark"))
    for join in dark.joining.joins:
        assert "toward the darker cloth" in str(reason(dark, join)) or "either" not in str(
            reason(dark, join)
        )


def test_a_spun_crossing_is_thinner_than_a_nested_and_that_than_a_bulky_one() -> None:
    def most(draft: Draft) -> int:
        middle = next(one for one in sewing_plan(draft).thick if one.spot == _middle(draft))
        return middle.layers

    plan = sewing_plan(four_patch())
    meeting = plan.wanted.meetings[0]
    seam = plan.joining.joins[meeting.of[0]]
    other: Toward = {"left": "right", "right": "left", "up": "down", "down": "up"}[  # type: ignore[assignment]
        toward(seam, plan.pressing.presses[seam.number])
    ]
    at = _text(plan, seam.number)
    second = plan.joining.joins[meeting.of[1]]
    both = apply(four_patch(), PressSeam(at=at, toward=other))
    kept = toward(second, plan.pressing.presses[second.number])
    bulky = apply(both, PressSeam(at=_text(plan, second.number), toward=kept))
    assert sewing_plan(bulky).pressing.states == ("bulky",)
    assert (most(four_patch("spin")), most(four_patch()), most(bulky)) == (5, 7, 9)


def _middle(draft: Draft) -> tuple[int, int]:
    scale = sewing_plan(draft).reading.drawing.scale
    return int(draft.width / 2 * scale), int(draft.height / 2 * scale)


def _text(plan: SewingPlan, join: int) -> tuple[str, str]:
    x, y = seam_point(plan, plan.joining.joins[join])
    return str(x), str(y)


TOUCHES_ITSELF = Draft(  # an allowance of it, folded back, touches itself at a point
    name="Trial",
    unit="in",
    width=F(43, 2),
    height=F(47),
    columns=(F(1),) * 4,
    rows=(F(1),),
    seams=(
        ((F(0), F(0)), (F(10, 3), F(1))),
        ((F(4), F(1)), (F(8, 3), F(1, 3))),
        ((F(1), F(1)), (F(10, 3), F(2, 3))),
    ),
)


@settings(max_examples=25)
@example(TOUCHES_ITSELF)
@given(drafts)
def test_layers_at_any_place_are_counted_by_the_cloth_there(draft: Draft) -> None:
    """A patch covers itself; an allowance lies within its width of the seam that it belongs to, on
    the side that the seam is pressed to, and there are two of each.
    """
    draft = replace(draft, making=replace(draft.making, seam=draft.width / 200))
    plan = sewing_plan(draft)
    seam, scale = float(draft.making.seam), float(plan.reading.drawing.scale)
    for join in plan.joining.joins:
        side = plan.pressing.presses[join.number]
        for touch in join.touches:
            a, b = (np.array(spot, dtype=float) / scale for spot in (touch.start, touch.end))
            length = float(np.linalg.norm(b - a))
            way = (b - a) / length
            left = np.array([way[1], -way[0]]) * (1 if side == 0 else -1)
            middle = (a + b) / 2
            if length < 12 * seam or _crowded(plan, middle, seam * 4, touch):
                continue
            places = np.array([middle + left * seam / 2, middle - left * seam / 2])
            assert depth(plan.cloth, places).tolist() == [3, 1]


def _crowded(plan: SewingPlan, at: np.ndarray, reach: float, touch: object) -> bool:
    """Whether another seam runs near a place."""
    scale = float(plan.reading.drawing.scale)
    spot = shapely.Point(at)
    return any(
        other is not touch
        and shapely.LineString(np.array([other.start, other.end]) / scale).distance(spot) < reach
        for join in plan.joining.joins
        for other in join.touches
    ) or bool(
        np.min([*at, float(plan.draft.width) - at[0], float(plan.draft.height) - at[1]]) < reach
    )


def test_a_seam_turned_by_hand_stays_and_the_rest_is_solved_around_it() -> None:
    plan = sewing_plan(four_patch())
    for join in plan.joining.joins:
        for way in ("left", "right", "up", "down", "open"):
            turned_by_hand = apply(four_patch(), PressSeam(at=_text(plan, join.number), toward=way))
            again = sewing_plan(turned_by_hand)
            side = again.pressing.presses[join.number]
            assert (side is None) == (way == "open")
            assert str(reason(again, join)) == "Turned by hand."
            assert again.pressing.count("bulky") == 0
            undone = apply(turned_by_hand, PressSeam(at=_text(plan, join.number), toward=None))
            assert undone == four_patch()


def test_choices_about_seams_that_are_gone_are_told() -> None:
    draft = apply(four_patch(), PressSeam(at=("7/4", "1/4"), toward="left"))
    assert sewing_plan(draft).misplaced == ((draft.making.sewing.presses[0].at),)


def test_the_order_is_hers() -> None:
    draft = apply(four_patch(), ChooseOrder(order="columns"))
    assert sewing_plan(draft).order == "columns" and sewing_plan(draft).chosen
    assert not sewing_plan(apply(draft, ChooseOrder(order=None))).chosen
    assert apply(draft, SetBatch(batch=7)).making.sewing.batch == 7


def test_orders_side_by_side() -> None:
    draft = replace(even(4, 4, "12 12"), seams=(*even(4, 4).seams, *seams("0 0 1 1")))
    told = {figures.order: figures for figures in side_by_side(sewing_plan(draft))}
    assert {one.joins for one in told.values()} == {16}
    assert told["rows"].across == 3 and told["quarters"].across == 1
    assert {one.longest for one in told.values()} == {Length(Fraction(12))}
    assert {one.nested for one in told.values()} == {9}
    assert proposed_order([*told.values()]).order == "quarters" == sewing_plan(draft).order


def test_blocks_side_by_side_alternate_where_one_plan_does_not_nest_with_itself() -> None:
    """Three squares in a row: the seams at the top meet those at the bottom of the next block."""
    plan = sewing_plan(replace(four_patch(), making=Making(blocks=5)))
    found = nesting_plans(plan, 5)
    assert found.nesting == 2 * len(found.meetings) == 4
    assert found.blocks == ((5, 0) if found.one_plan else (3, 2))


def test_a_group_that_needs_two_lots_is_told_and_nests_when_it_is() -> None:
    plan = sewing_plan(needs_lots())
    assert plan.pressing.count("bulky") > 0
    best = plan.lots[0]
    assert best.bulky < plan.pressing.count("bulky")
    at = _text(plan, plan.joins_of(best.choice)[0])
    again = sewing_plan(apply(needs_lots(), PressInLots(at=at, two=True)))
    assert again.pressing.count("bulky") == best.bulky
    assert (
        apply(apply(needs_lots(), PressInLots(at=at, two=True)), PressInLots(at=at, two=False))
        == needs_lots()
    )


def needs_lots() -> Draft:
    """Two alike units whose cut corners meet: however both are pressed, both lie to one side."""
    return block(
        "0 2 2 2, 0 1 1 2, 0 3 1 2",
        "1/4 7/4 peat, 1 1/2 fog, 1/4 9/4 peat, 1 7/2 fog",
        size="4 8",
        grid=(2, 4),
    )


def test_proved_only_where_it_is() -> None:
    chosen = Chosen((0,), {"nest": 3}, {"nest": 2.0})
    assert not chosen.proved and Chosen((0,), {"nest": 3}, {"nest": 3.0}).proved


def test_where_time_ran_out_the_first_wish_in_doubt_is_named() -> None:
    made = sewing_plan(even(2, 2)).pressing
    costs = {"nest": 3, "dark": 5}
    for least in (3.0, 3.0 + 1e-10, 4.0 + 1e-10):  # a bound is a float, and never quite whole
        doubt = Chosen((0,), costs, {"nest": 3.0, "dark": least})
        assert not doubt.proved and doubt.first_in_doubt == ("dark", least)
        said = best_words(replace(made, chosen=doubt))
        assert "“dark” it costs 5; no pressing could cost less than" in str(said)
        assert f"than {least:.0f}." in str(said)
    said = best_words(replace(made, chosen=Chosen((0,), costs, {"nest": 2.5, "dark": 5.0})))
    assert str(said).startswith("Proved")
    assert str(best_words(replace(made, chosen=None))) == "All seams are pressed open."
