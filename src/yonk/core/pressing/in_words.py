"""Why a seam is pressed as it is, and what the parts of a block are called."""

from __future__ import annotations

from collections import Counter
from collections.abc import Sequence
from fractions import Fraction

from yonk.core.joining import Join
from yonk.core.paper import show
from yonk.core.pressing.plan import OrderFigures, SewingPlan, toward
from yonk.core.pressing.pressed import PressedSide, Pressing
from yonk.core.pressing.seam_intersection import IntersectionState
from yonk.core.pressing.straight_set import StraightSetPressing

_WHY = {
    "nest": "so that its end nests where it meets another seam",
    "to-dark": "toward the darker cloth, as you always press",
    "spin": "so that its neighbours along the seam can be spun as well",
    "point": "away from the point or the middle, so that the next seam lies flat",
    "dark": "so that no dark allowance lies under a lighter patch",
    "bulk": "away from the side with more seam ends and points, which is bulkier",
    "row": "the same way as the other seams of its row",
    "alike": "as the joins that are alike",
    "habit": "toward the darker cloth, out of habit",
}


def reason(plan: SewingPlan, join: Join) -> str:
    """Why a join is pressed as it is: the first wish that it would cost more the other way, in a
    sentence.
    """
    side = plan.pressing.presses[join.number]
    if join.number in (plan.asked.fixed or {}):
        return "Turned by hand."
    if side is None:
        return "Open, as the others of its kind." if plan.asked.fixed else "Open, as you press all."
    where = f"Toward the {join_in_words(plan, join, side)}"
    reason = _deciding(plan, join)
    return f"{where}, {_WHY[reason]}." if reason else f"{where}; the other way would serve as well."


def join_in_words(plan: SewingPlan, join: Join, side: int) -> str:
    """Which side a join is pressed toward: the direction, and the cloth that lies there."""
    way = {"up": "top", "down": "bottom"}.get(toward(join, side), toward(join, side))
    fabrics = cloth_along(plan, join, side)
    names = " and ".join(fabrics) if len(fabrics) <= 2 else f"{len(fabrics)} fabrics"
    return f"{way}, under {names}"


def cloth_along(plan: SewingPlan, join: Join, side: int) -> list[str]:
    """The names of the fabrics along a seam on one of its sides, in the order of the seam."""
    draft, fabrics = plan.draft, plan.reading.fabrics
    faces = ((one.left, one.right)[side] for one in join.touches)
    return list(dict.fromkeys(draft.fabric(fabrics[face]).name for face in faces))


def _deciding(plan: SewingPlan, join: Join) -> str:
    """The wish by which a choice is better than its opposite, or nothing."""
    chosen, choice = plan.pressing.chosen, plan.pressing.choices.of_join[join.number]
    assert chosen is not None, "something is chosen where not all is open"
    for wish in plan.pressing.wishes:
        if plan.changed(wish, choice) > 0:
            return wish.name
    return ""


def part_name(plan: SewingPlan, part: int) -> str:
    """What a part is called: a patch by its fabric and letter, a unit by its label, else what is
    made of it.
    """
    join = plan.joining.join(part)
    if join is None:
        patch = plan.reading.patches[part]
        return f"{plan.draft.fabric(patch.fabric).name} {patch.letter}"
    label = plan.unit_made(part)
    return f"unit {label}" if label else "piece"


_STATES: dict[IntersectionState, str] = {
    "nested": "the seams nest: their allowances lie to opposite sides",
    "spun": "spun: all four allowances turn round the crossing",
    "open": "one seam is open: pin it, it neither nests nor clashes",
    "bulky": "bulky: both allowances lie to the same side",
}


def state_words(state: IntersectionState) -> str:
    """What a state of a meeting means, in words."""
    return _STATES[state]


def bare_dark(plan: SewingPlan, join: Join, side: PressedSide) -> list[str]:
    """The dark allowances of a join that lie under a lighter patch, named by their fabrics."""
    if side is None:
        return []
    draft, fabrics = plan.draft, plan.reading.fabrics
    found = []
    for touch in join.touches:
        under, beyond = (touch.left, touch.right) if side == 0 else (touch.right, touch.left)
        if plan.wanted.lightness(under) > plan.wanted.lightness(beyond):
            light, dark = (draft.fabric(fabrics[face]).name for face in (under, beyond))
            found.append(f"{dark} lies dark under {light}")
    return list(dict.fromkeys(found))


def meetings_words(made: Pressing) -> str:
    """How the seams of a block meet, counted."""
    states = Counter(made.states)
    parts = [f"{count} {state}" for state, count in states.items()]
    if not parts:
        return "No seam meets another inside a third."
    return f"Seams meet in {_count(states.total(), 'place')}: {', '.join(parts)}."


def dark_words(plan: SewingPlan) -> list[str]:
    """Which dark allowances lie under lighter patches, and at how many seams."""
    presses = plan.pressing.presses
    bare = Counter(
        words
        for join in plan.joining.joins
        for words in bare_dark(plan, join, presses[join.number])
    )
    return [f"{words}, at {_count(count, 'seam')}." for words, count in bare.items()]


def _count(number: int, of: str) -> str:
    return f"one {of}" if number == 1 else f"{number} {of}s"


def proposal_words(best: OrderFigures, figures: Sequence[OrderFigures]) -> str:
    """Why an order is proposed."""
    if len(figures) == 1:
        return "The block can be joined in one order."
    if len({one.bulky for one in figures}) > 1:
        return f"By {best.order} is proposed: it leaves the fewest bulky meetings."
    if len({one.across for one in figures}) > 1:
        return f"By {best.order} is proposed: it has the fewest seams right across the block."
    return f"By {best.order} is proposed; the other orders come to the same."


def best_words(made: Pressing) -> str:
    """Whether a pressing is proved the best, or how far from it it may be."""
    chosen = made.chosen
    if chosen is None:
        return "All seams are pressed open."
    doubt = chosen.first_in_doubt
    if doubt is None:
        return "Proved: under your wishes no other pressing is better."
    name, least = doubt
    return (
        f"The time for looking ran out; this is the best found. By the wish “{name}” it costs "
        f"{chosen.costs[name]}; no pressing could cost less than {least:.0f}."
    )


def beside_words(plan: SewingPlan, found: StraightSetPressing) -> str:
    """How blocks lie beside each other in a straight set."""
    met, left = len(found.meetings), found.unnested
    if not met:
        return "No seams end on edges that lie beside each other in a straight set."
    if found.first.chosen is None:
        return "Pressed open, the blocks' edges do not nest; pin them."
    first, second = found.blocks
    words = (
        "One plan does for all blocks."
        if found.one_plan
        else "Press the block by plan 1."
        if not second
        else f"Press {_count(first, 'block')} by plan 1 and {_count(second, 'block')} by plan 2, "
        "and lay them like the squares of a board."
    )
    if not left:
        return f"{words} Their edges nest side by side."
    places = ", ".join(
        f"{_along(plan, one.at)} along the {'side' if one.upright else 'top'}" for one in left[:6]
    )
    return f"{words} {len(left)} of {met} places on the edges cannot nest: {places}."


def _along(plan: SewingPlan, steps: int) -> str:
    """How far along an edge a place is."""
    return show(Fraction(steps) / plan.reading.drawing.scale, plan.draft.unit)
