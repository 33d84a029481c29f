"""The sewing plan as a readable list."""

from __future__ import annotations

from collections.abc import Iterator

from yonk.core.paper import Message, Text, listed, message, show, so_many_blocks
from yonk.core.pressing import ListedJoin, SewingPlan, measures, part_name, reason
from yonk.files.sewing_file import join_names
from yonk.words import in_words


def write_sewing_text(plan: SewingPlan, blocks: int) -> str:
    """The joins of a block in their order, alike ones together, with how they are pressed."""
    return "\n".join(map(in_words, _lines(plan, blocks))) + "\n"


def _lines(plan: SewingPlan, blocks: int) -> Iterator[Text]:
    states = plan.pressing.states
    yield message(
        "block-joined-by", block=plan.draft.name, blocks=so_many_blocks(blocks), order=plan.order
    )
    yield message(
        "meetings-counted",
        meetings=len(states),
        nested=states.count("nested"),
        spun=states.count("spun"),
        open=states.count("open"),
        bulky=states.count("bulky"),
        proved="yes" if plan.pressing.best else "no",
    )
    names = join_names(plan)
    for place, group in enumerate(plan.groups, start=1):
        first = plan.listed[group[0]]
        joined, times = _joined(plan, first, names), len(group) * blocks
        yield message("join-line", number=f"{place:3}", join=joined, times=times)
        yield listed((" " * 5, reason(plan, first.join)), "nothing")
        if first.checkpoint and first.box:
            sides = (show(side, plan.draft.unit) for side in measures(plan, first))
            measure = message("to-measure", size=listed(sides, "times"))
            yield listed((" " * 5, measure), "nothing")


def _joined(plan: SewingPlan, sewn: ListedJoin, names: dict[int, int]) -> Message:
    one, other = (_part(plan, part, names) for part in sewn.of)
    name = f"j{names[sewn.join.number]}"
    return message("join-of-parts", join=name, one=one, other=other, kind=sewn.join.kind)


def _part(plan: SewingPlan, part: int, names: dict[int, int]) -> Message:
    name, leaves = part_name(plan, part), plan.joining.order.leaves
    if part < leaves:
        return name
    return message("part-of-a-join", part=name, join=f"j{names[part - leaves]}")
