"""The sewing plan as a readable list."""

from __future__ import annotations

from collections.abc import Iterator

from yonk.core.paper import blocks_words, show
from yonk.core.pressing import ListedJoin, SewingPlan, measures, part_name, reason
from yonk.files.sewing_file import join_names


def write_sewing_text(plan: SewingPlan, blocks: int) -> str:
    """The joins of a block in their order, alike ones together, with how they are pressed."""
    return "\n".join(_lines(plan, blocks)) + "\n"


def _lines(plan: SewingPlan, blocks: int) -> Iterator[str]:
    states = plan.pressing.states
    yield f"{plan.draft.name}: {blocks_words(blocks)}, joined by {plan.order}"
    yield (
        f"{len(states)} meetings: {states.count('nested')} nested, {states.count('spun')} spun, "
        f"{states.count('open')} open, {states.count('bulky')} bulky"
        + ("" if plan.pressing.best else "; not proved best")
    )
    names = join_names(plan)
    for place, group in enumerate(plan.groups, start=1):
        first = plan.listed[group[0]]
        yield f"{place:3}. {_said(plan, first, names)} ({len(group) * blocks} times)"
        yield f"     {reason(plan, first.join)}"
        if first.checkpoint and first.box:
            wide, high = (show(side, plan.draft.unit) for side in measures(plan, first))
            yield f"     Measure: {wide} × {high}"


def _said(plan: SewingPlan, sewn: ListedJoin, names: dict[int, int]) -> str:
    one, other = (_part(plan, part, names) for part in sewn.of)
    kind = {"straight": "", "partial": ", part of the seam", "set-in": ", set in"}[sewn.join.kind]
    return f"j{names[sewn.join.number]}: {one} to {other}{kind}"


def _part(plan: SewingPlan, part: int, names: dict[int, int]) -> str:
    name, leaves = part_name(plan, part), plan.joining.order.leaves
    return name if part < leaves else f"{name} (j{names[part - leaves]})"
