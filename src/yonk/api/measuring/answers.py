"""Measuring worked out from a draft, from what was measured and from the seam log."""

from __future__ import annotations

from yonk.api.measuring.schemas import MeasuringIn
from yonk.api.measuring.trial import Trial
from yonk.api.measuring.view import MeasuringView
from yonk.api.wire import as_bytes
from yonk.core.measuring import measurables, predict, still_counting, with_trial
from yonk.core.planning import make_plan
from yonk.core.pressing import sewing_plan, stacks_of, steps_of_sewing
from yonk.files.block_file import take_block


def measuring(asked: MeasuringIn, trial: Trial) -> bytes:
    """The Measure step: the card with what was measured, the verdict, what is foretold."""
    draft = take_block(asked.document)
    plan, planned = sewing_plan(draft), make_plan(draft)
    recipes = {recipe.group.label: recipe for recipe in planned.recipes}
    steps = steps_of_sewing(plan, recipes, stacks_of(plan.reading), draft.making.blocks)
    known = measurables(plan)
    measured, stale = still_counting(known, trial.sizes)
    found = trial.verdict(plan, planned, measured)
    errors = with_trial(trial.log.errors_for(draft.making.seam, draft.unit), found)
    view = MeasuringView(plan, steps, known, measured, stale)
    foretold = predict(plan, planned, errors)
    return as_bytes(view.out(found, foretold, errors, trial.log, trial.taken_back))
