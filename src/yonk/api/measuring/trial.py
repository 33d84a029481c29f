"""What is known of a trial block, and what it says for the rest."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, field
from fractions import Fraction

from yonk.core.measuring import (
    Diagnosis,
    SeamLog,
    by_her_rule,
    consequences,
    diagnose,
    measurables,
    still_counting,
    verdict_words,
    with_trial,
)
from yonk.core.paper import Draft, Text
from yonk.core.planning import Plan, make_plan
from yonk.core.pressing import SewingPlan, sewing_plan

Sizes = Mapping[str, tuple[Fraction, str]]


@dataclass(frozen=True)
class Trial:
    """What was measured of a trial block, how often a seam of it was taken back at most, what was
    decided last; her seam log.
    """

    log: SeamLog
    sizes: Sizes = field(default_factory=dict)
    taken_back: int = 0
    decided: str = ""

    def verdict(
        self, plan: SewingPlan, planned: Plan, measured: Mapping[str, Fraction]
    ) -> Diagnosis | None:
        """Why it came out as it did; None where nothing was measured."""
        if not measured:
            return None
        hers = self.log.known_for(plan.draft.making.seam, plan.draft.unit)
        found = diagnose(plan, planned, measured, hers)
        return by_her_rule(found, self.taken_back, self.log.figures.taken_back)


def for_the_rest(trial: Trial, draft: Draft) -> list[Text]:
    """What a trial block says for the rest, in sentences: the verdict with what follows from it, or
    what was decided when it was judged.
    """
    if not trial.sizes:
        return [trial.decided] if trial.decided else []
    plan, planned = sewing_plan(draft), make_plan(draft)
    measured, _ = still_counting(measurables(plan), trial.sizes)
    found = trial.verdict(plan, planned, measured)
    if found is None:
        return [trial.decided] if trial.decided else []
    errors = with_trial(trial.log.errors_for(draft.making.seam, draft.unit), found)
    return [
        verdict_words(found.verdict),
        *(one.words for one in consequences(found, draft, errors)),
    ]
