"""Recipes and steps worked out from a draft."""

from __future__ import annotations

from yonk.api.in_colouring import draft_in
from yonk.api.recipes.schemas import RecipesIn, WayIn
from yonk.api.recipes.view import recipes_view, steps_view
from yonk.api.wire import as_bytes
from yonk.core.measuring import Trial, errors_with_newest
from yonk.core.planning import make_plan, steps_of, way_asked, ways_side_by_side
from yonk.files.block_file import take_block


def recipes(asked: RecipesIn, trial: Trial) -> bytes:
    """Every way to make every group of a draft's units, and how exact each is by her seam log and
    trial block.
    """
    draft = take_block(asked.document)
    plan = make_plan(draft)
    errors = errors_with_newest(trial, draft)
    return as_bytes(recipes_view(plan, ways_side_by_side(plan), errors))


def steps(asked: WayIn) -> bytes:
    """One way step by step."""
    draft, _ = draft_in(asked.document, asked.colouring)
    plan = make_plan(draft)
    wanted = plan.wanted
    group, way = way_asked(plan, asked.label, asked.way)
    return as_bytes(steps_view(group, way, steps_of(way, group, wanted)))
