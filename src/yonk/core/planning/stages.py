"""Stages: one trial block, then the rest, or all at once; nothing that the trial gave is cut a
second time.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Mapping, Sequence
from dataclasses import replace
from typing import Literal

from yonk.core.paper import Draft
from yonk.core.planning.cuts import Cut
from yonk.core.planning.plan import Parts, Plan, make_plan
from yonk.core.units import YIELDS

StageName = Literal["trial", "rest", "all"]


def plan_stage(
    draft: Draft, stage: StageName, parts: Parts = (), made: Mapping[object, int] | None = None
) -> Plan:
    """The plan of one trial block as drafted, of the rest after it, or of all blocks.

    Args:
        stage: ``trial``, ``rest`` or ``all``.
        parts: what is made of it beside the blocks; a trial has none.
        made: how many units of a group, by its identity, are there already; the trial takes them
            first.

    Returns: a plan; that of the rest asks for nothing that the trial gave, a second triangle
    included.

    Raises: `DraftError` where the drawing is too much to work on.
    """
    if stage == "trial":
        return make_plan(replace(draft, colourings=()), 1, made=made)
    if stage == "all":
        return make_plan(draft, made=made, parts=parts)
    trial = plan_stage(draft, "trial")
    there = units_made(trial)
    for identity, count in (made or {}).items():
        there[identity] += max(0, count - there[identity])
    rest = make_plan(draft, made=there, parts=parts)
    return replace(rest, blocks=max(0, rest.blocks - 1), cuts=less_spares(rest.cuts, trial.cuts))


def units_made(plan: Plan) -> Counter[object]:
    """How many units of each group, by its identity, a plan gives, its spares counted and mirror
    images left out.
    """
    made: Counter[object] = Counter()
    for recipe in plan.recipes:
        made[recipe.group.identity] += recipe.makes - recipe.mirrored
    return made


def less_spares(cuts: Sequence[Cut], before: Sequence[Cut]) -> tuple[Cut, ...]:
    """The cuts without those for which pieces are left over from cuts made before, such as a second
    triangle.
    """
    spare: Counter[object] = Counter()
    for cut in before:
        spare[cut.what] += cut.spare_pieces
    kept = []
    for cut in cuts:
        taken = min(spare[cut.what], cut.wanted_pieces)
        spare[cut.what] -= taken
        count = -(-(cut.wanted_pieces - taken) // YIELDS[cut.subcut])
        if count > 0:
            kept.append(replace(cut, count=count, before=taken))
    return tuple(kept)
