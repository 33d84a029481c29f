"""Why a seam is pressed as it is, and what the parts of a block are called."""

from __future__ import annotations

from yonk.core.joining import Join
from yonk.core.paper import SETTINGS, Pressing
from yonk.core.pressing.meetings import State
from yonk.core.pressing.plan import SewingPlan, toward
from yonk.core.pressing.pressed import Press

_WHY = {
    "nest": "so that its end nests where it meets another seam",
    "to-dark": "toward the darker cloth, as you always press",
    "spin": "so that its neighbours along the seam can be spun as well",
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
    where = f"Toward the {said(plan, join, side)}"
    told = _deciding(plan, join)
    return f"{where}, {_WHY[told]}." if told else f"{where}; the other way would serve as well."


def said(plan: SewingPlan, join: Join, side: int) -> str:
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


def school_words(school: Pressing) -> str:
    """What a school of pressing is called."""
    return dict(SETTINGS["pressing"].choices)[school]


_STATES: dict[State, str] = {
    "nested": "the seams nest: their allowances lie to opposite sides",
    "spun": "spun: all four allowances turn round the crossing",
    "open": "one seam is open: pin it, it neither nests nor clashes",
    "bulky": "bulky: both allowances lie to the same side",
}


def state_words(state: State) -> str:
    """What a state of a meeting means, in words."""
    return _STATES[state]


def bare_dark(plan: SewingPlan, join: Join, side: Press) -> list[str]:
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
