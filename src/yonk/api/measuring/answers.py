"""Measuring worked out from a draft, from what was measured and from the seam log."""

from __future__ import annotations

from collections.abc import Mapping
from fractions import Fraction

from yonk.api.measuring.schemas import CardPrintIn, MeasuringIn
from yonk.api.measuring.view import MeasuringView, Sizes
from yonk.api.wire import PDF, as_bytes
from yonk.core.measuring import (
    Diagnosis,
    SeamLog,
    by_her_rule,
    diagnose,
    foretell,
    measurables,
    still_counting,
)
from yonk.core.planning import Plan, make_plan
from yonk.core.pressing import SewingPlan, sewing_plan, stacks_of, steps_of_sewing
from yonk.files.block_file import take_block
from yonk.files.card_pdf import write_card_pdf
from yonk.files.download import File


def measuring(asked: MeasuringIn, log: SeamLog, sizes: Sizes, taken_back: int) -> bytes:
    """The Measure step: the card with what was measured, the verdict, what is foretold."""
    draft = take_block(asked.document)
    plan, planned = sewing_plan(draft), make_plan(draft)
    recipes = {recipe.group.label: recipe for recipe in planned.recipes}
    steps = steps_of_sewing(plan, recipes, stacks_of(plan.reading), draft.making.blocks)
    known = measurables(plan)
    measured, stale = still_counting(known, sizes)
    errors = log.errors_for(draft.making.seam, draft.unit)
    found = _diagnosed(plan, planned, measured, taken_back, log) if measured else None
    view = MeasuringView(plan, steps, known, measured, stale)
    return as_bytes(view.out(found, foretell(plan, planned, errors), errors, log, taken_back))


def _diagnosed(
    plan: SewingPlan,
    planned: Plan,
    measured: Mapping[str, Fraction],
    taken_back: int,
    log: SeamLog,
) -> Diagnosis:
    spreads = log.spreads_for(plan.draft.making.seam, plan.draft.unit)
    found = diagnose(plan, planned, measured, spreads)
    return by_her_rule(found, taken_back, log.figures.taken_back)


def card_pdf(asked: CardPrintIn) -> File:
    """The card of a trial block, to be filled in by hand."""
    draft = take_block(asked.document)
    made = write_card_pdf(sewing_plan(draft), asked.paper)
    return File(made, PDF, f"{draft.name} card.pdf")
