"""Why a seam is pressed as it is, and what the parts of a block are called."""

from __future__ import annotations

from collections import Counter
from collections.abc import Sequence
from fractions import Fraction

from yonk.core.joining import Join
from yonk.core.paper import Decimal, Measure, Message, Text, listed, message, sentences, show
from yonk.core.pressing.plan import OrderFigures, SewingPlan, toward
from yonk.core.pressing.pressed import PressedSide, Pressing
from yonk.core.pressing.seam_intersection import IntersectionState
from yonk.core.pressing.straight_set import StraightSetPressing


def reason(plan: SewingPlan, join: Join) -> Message:
    """Why a join is pressed as it is: the first wish that it would cost more the other way, in a
    sentence.
    """
    side = plan.pressing.presses[join.number]
    if join.number in (plan.asked.fixed or {}):
        return message("pressed-by-hand")
    if side is None:
        return message("pressed-open", why="others" if plan.asked.fixed else "all")
    where = join_in_words(plan, join, side)
    wish = _deciding(plan, join)
    return message("pressed-toward", where=where, wish=wish or "none")


def join_in_words(plan: SewingPlan, join: Join, side: int) -> Message:
    """Which side a join is pressed toward: the direction, and the cloth that lies there."""
    fabrics = cloth_along(plan, join, side)
    names: Text = (
        listed(fabrics)
        if len(fabrics) <= _MOST_NAMED
        else message("so-many-fabrics", count=len(fabrics))
    )
    return message("side-of-a-join", way=toward(join, side), fabrics=names)


_MOST_NAMED = 2  # fabrics along a seam that are named; more are counted


def cloth_along(plan: SewingPlan, join: Join, side: int) -> list[Text]:
    """The names of the fabrics along a seam on one of its sides, in the order of the seam."""
    draft, fabrics = plan.draft, plan.reading.fabrics
    faces = ((one.left, one.right)[side] for one in join.touches)
    return list(dict.fromkeys(draft.fabric(fabrics[face]).called for face in faces))


def _deciding(plan: SewingPlan, join: Join) -> str:
    """The wish by which a choice is better than its opposite, or nothing."""
    chosen, choice = plan.pressing.chosen, plan.pressing.choices.of_join[join.number]
    assert chosen is not None, "something is chosen where not all is open"
    for wish in plan.pressing.wishes:
        if plan.changed(wish, choice) > 0:
            return wish.name
    return ""


def part_name(plan: SewingPlan, part: int) -> Message:
    """What a part is called: a patch by its fabric and letter, a unit by its label, else what is
    made of it.
    """
    join = plan.joining.join(part)
    if join is None:
        patch = plan.reading.patches[part]
        fabric = plan.draft.fabric(patch.fabric).called
        return message("part-patch", fabric=fabric, letter=patch.letter)
    label = plan.unit_made(part)
    return message("part-unit", unit=label) if label else message("part-piece")


def state_words(state: IntersectionState) -> Message:
    """What a state of a meeting means."""
    return message("meeting-means", state=state)


def bare_dark(plan: SewingPlan, join: Join, side: PressedSide) -> list[Message]:
    """The dark allowances of a join that lie under a lighter patch, named by their fabrics."""
    if side is None:
        return []
    draft, fabrics = plan.draft, plan.reading.fabrics
    found = []
    for touch in join.touches:
        under, beyond = (touch.left, touch.right) if side == 0 else (touch.right, touch.left)
        if plan.wanted.lightness(under) > plan.wanted.lightness(beyond):
            light, dark = (draft.fabric(fabrics[face]).called for face in (under, beyond))
            found.append(message("dark-under-light", dark=dark, light=light))
    return list(dict.fromkeys(found))


def meetings_words(made: Pressing) -> Message:
    """How the seams of a block meet, counted."""
    states = Counter(made.states)
    if not states:
        return message("no-seams-meet")
    parts = (
        message("so-many-meetings", count=count, state=state) for state, count in states.items()
    )
    return message("seams-meet", places=states.total(), states=listed(parts, "comma"))


def dark_words(plan: SewingPlan) -> list[Message]:
    """Which dark allowances lie under lighter patches, and at how many seams."""
    presses = plan.pressing.presses
    bare = Counter(
        said for join in plan.joining.joins for said in bare_dark(plan, join, presses[join.number])
    )
    return [message("dark-at-seams", dark=said, seams=count) for said, count in bare.items()]


def proposal_words(best: OrderFigures, figures: Sequence[OrderFigures]) -> Message:
    """Why an order is proposed."""
    if len(figures) == 1:
        return message("order-the-one")
    why = (
        "bulky"
        if len({one.bulky for one in figures}) > 1
        else "across"
        if len({one.across for one in figures}) > 1
        else "same"
    )
    return message("order-proposed", order=best.order, why=why)


def best_words(made: Pressing) -> Message:
    """Whether a pressing is proved the best, or how far from it it may be."""
    chosen = made.chosen
    if chosen is None:
        return message("pressing-all-open")
    doubt = chosen.first_in_doubt
    if doubt is None:
        return message("pressing-proved")
    name, least = doubt
    return message("pressing-in-doubt", wish=name, costs=chosen.costs[name], least=Decimal(least))


def beside_words(plan: SewingPlan, found: StraightSetPressing) -> Text:
    """How blocks lie beside each other in a straight set."""
    met, left = len(found.meetings), found.unnested
    if not met:
        return message("beside-none")
    if found.first.chosen is None:
        return message("beside-open")
    first, second = found.blocks
    pressed = (
        message("beside-one-plan")
        if found.one_plan
        else message("beside-plan-1")
        if not second
        else message("beside-two-plans", first=first, second=second)
    )
    if not left:
        return sentences(pressed, message("beside-nests"))
    places = listed(
        (
            message("beside-place", at=_along(plan, one.at), edge="side" if one.upright else "top")
            for one in left[:_MOST_PLACES]
        ),
        "comma",
    )
    return sentences(pressed, message("beside-cannot-nest", left=len(left), met=met, places=places))


_MOST_PLACES = 6  # places on the edges that are named; nobody looks for more in a sentence


def _along(plan: SewingPlan, steps: int) -> Measure:
    """How far along an edge a place is."""
    return show(Fraction(steps) / plan.reading.drawing.scale, plan.draft.unit)
