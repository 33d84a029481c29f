"""Measuring worked out from a draft, from what was measured and from the seam log."""

from __future__ import annotations

from yonk.api.measuring.schemas import MeasuringIn
from yonk.api.measuring.view import MeasuringView
from yonk.api.wire import as_bytes
from yonk.core.measuring import Trial, errors_with_trial, judge, predict, remedies
from yonk.core.planning import make_plan
from yonk.core.pressing import sewing_plan, stacks_of, steps_of_sewing
from yonk.files.block_file import take_block


def measuring(asked: MeasuringIn, trial: Trial) -> bytes:
    """The Measure step: the card with what was measured, the verdict, what is foretold."""
    draft = take_block(asked.document)
    plan, planned = sewing_plan(draft), make_plan(draft)
    recipes = {recipe.group.label: recipe for recipe in planned.recipes}
    steps = steps_of_sewing(plan, recipes, stacks_of(plan.reading), draft.making.blocks)
    judgements = {one.number: judge(trial, one, draft) for one in trial.blocks}
    block = trial.numbered(asked.trial)
    mine = judgements.get(block.number) or judge(trial, block, draft)
    errors = errors_with_trial(trial, mine, draft)
    view = MeasuringView(draft, steps, trial, mine, [*judgements.values()], asked.also)
    offered = remedies(mine.found, draft, errors, mine.plan.draft)
    return as_bytes(view.out(predict(plan, planned, errors), errors, offered))
