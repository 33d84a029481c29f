"""Trial blocks judged, each by the plan that it was cut by; what they say for the rest.

Source: *The trial block* in `docs/measuring.md`.
"""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, field, replace
from datetime import datetime
from fractions import Fraction

from yonk.core.measuring.diagnosis import Diagnosis, diagnose
from yonk.core.measuring.errors import READING, Errors
from yonk.core.measuring.in_words import verdict_words
from yonk.core.measuring.looks import Look
from yonk.core.measuring.places import (
    Measurable,
    asked_for,
    measurable,
    measurables,
    still_counting,
)
from yonk.core.measuring.recommendations import (
    Remedy,
    by_her_rule,
    care_words,
    remedies,
    remedy_words,
    with_trial,
)
from yonk.core.measuring.response import response_of
from yonk.core.measuring.weighing import Evidence, SeamFigures
from yonk.core.measuring.work_accuracy import SeamLog
from yonk.core.paper import Draft, Text, convert, kept, listed, message, show
from yonk.core.planning import make_plan
from yonk.core.pressing import SewingPlan, sewing_plan

MeasuredSizes = Mapping[str, tuple[Fraction, str]]
_AS_FINE = 10_000  # parts of a unit, far finer than any reading
_USUAL = 2.0  # standard deviations, that a part may be off before it is looked at


@dataclass(frozen=True)
class TrialBlock:
    """A trial block: its number, what was measured of it with the size that was drafted then, what
    it looks like, the draft that it was cut by (none where that is not known), when it was begun.
    """

    number: int = 1
    sizes: MeasuredSizes = field(default_factory=dict)
    looks: Look | None = None
    draft: Draft | None = None
    begun: datetime | None = None

    @property
    def is_empty(self) -> bool:
        """Whether nothing is known of it."""
        return not self.sizes and self.looks is None


@dataclass(frozen=True)
class Trial:
    """The trial blocks of a block, the newest last; how often a seam of it was taken back at most,
    what was decided last; her seam log.
    """

    log: SeamLog
    blocks: tuple[TrialBlock, ...] = ()
    taken_back: int = 0
    decided: str = ""

    @property
    def newest(self) -> TrialBlock:
        """The last one; an empty one where there is none."""
        return self.blocks[-1] if self.blocks else TrialBlock()

    def numbered(self, number: int | None) -> TrialBlock:
        """One by its number; the newest without, or where there is none of that number."""
        return next((one for one in self.blocks if one.number == number), self.newest)


@dataclass(frozen=True)
class JudgedTrial:
    """A trial block judged: the sewing of the draft that it was cut by; what can be measured; what
    was measured of it and counts, and what does not any more; why it came out so, None where
    nothing is known of it.
    """

    block: TrialBlock
    plan: SewingPlan
    known: Mapping[str, Measurable]
    measured: Mapping[str, Fraction]
    stale: Mapping[str, Fraction]
    found: Diagnosis | None


def judge(trial: Trial, block: TrialBlock, draft: Draft) -> JudgedTrial:
    """Why a trial block came out as it did.

    Args:
        trial: her seam log, and how often seams were taken back.
        block: the trial block.
        draft: as it is now, where it is not known by which the block was cut.
    """
    plan = sewing_plan(block.draft or draft)
    own = plan.draft
    known = measurables(plan) | asked_for(plan, [*block.sizes])
    measured, stale = still_counting(known, block.sizes)
    if not measured and block.looks is None:
        return JudgedTrial(block, plan, known, measured, stale, None)
    errors = trial.log.errors_for(own.making.seam, own.unit)
    sizes = tuple(sorted(measured.items()))
    found = _diagnosed(own, sizes, block.looks, seam_figures(trial.log, own), errors)
    found = by_her_rule(found, trial.taken_back, trial.log.figures.taken_back)
    if found.measure_next:
        known = known | {found.measure_next: measurable(plan, found.measure_next)}
    return JudgedTrial(block, plan, known, measured, stale, found)


@kept()
def _diagnosed(
    draft: Draft,
    sizes: tuple[tuple[str, Fraction], ...],
    looks: Look | None,
    seam: SeamFigures | None,
    errors: Errors,
) -> Diagnosis:
    """The same, once for whoever asks: the card, the recipes, the cutting list of the rest."""
    evidence = Evidence(dict(sizes), looks, seam)
    return diagnose(sewing_plan(draft), make_plan(draft), evidence, errors)


def seam_figures(log: SeamLog, draft: Draft) -> SeamFigures | None:
    """What a seam log says of the seam of a block; None without a test."""
    found = log.standing
    if found is None:
        return None
    errors = log.errors_for(draft.making.seam, draft.unit)
    spread = errors.seam_spread
    if found.spread is not None:
        spread = convert(found.spread, found.newest.unit, draft.unit)
    return SeamFigures(float(errors.seam_error), float(spread), len(found.tests))


def looks_wrong(judgement: JudgedTrial, what: str, log: SeamLog) -> bool:
    """Whether a part that was measured is further off than her own spread and a reading explain, so
    that it is looked at before it is joined.
    """
    plan, one = judgement.plan, judgement.known[what]
    response = response_of(plan.draft)
    spreads = response.spreads(log.errors_for(plan.draft.making.seam, plan.draft.unit))
    usual = float((response.rows(one) ** 2 @ spreads**2).max()) ** 0.5
    off = judgement.measured[what] - listed_size(plan, one)
    return bool(abs(float(off)) > _USUAL * usual + float(READING[plan.draft.unit]))


def listed_size(plan: SewingPlan, one: Measurable) -> Fraction:
    """What a measure comes to where everything is cut as it is listed and nothing is off, in the
    draft's unit: what was drafted but where the ruler has no mark for it.
    """
    larger = float(response_of(plan.draft).larger(one).mean())
    return Fraction(one.size + larger).limit_denominator(_AS_FINE)


def cut_otherwise(cut: Draft, draft: Draft) -> Text:
    """How a trial block was cut, where that is otherwise than the block is now; else nothing."""
    if cut.unit != draft.unit or (cut.width, cut.height) != (draft.width, draft.height):
        return message("trial-of-another-size")
    was, now = cut.making, draft.making
    names = ("seam", "trim_margin", "ruler_step")
    other = [name for name in names if getattr(was, name) != getattr(now, name)]
    if other:
        said = (
            message("trial-cut", what=name, size=show(getattr(was, name), cut.unit))
            for name in other
        )
        return message("trial-was-cut", how=listed(said, "comma"))
    same = replace(cut, name=draft.name, making=draft.making) == draft
    return "" if same else message("trial-of-another-drawing")


def for_the_rest(trial: Trial, draft: Draft) -> list[Text]:
    """What the newest trial block says for the rest, in sentences: the verdict with what follows
    from it, or what was decided when it was judged.

    Args:
        draft: as the rest is cut.
    """
    judgement = None if trial.newest.is_empty else judge(trial, trial.newest, draft)
    if judgement is None or judgement.found is None:
        return [trial.decided] if trial.decided else []
    errors = errors_with_trial(trial, judgement, draft)
    best, *_ = remedies(judgement.found, draft, errors, judgement.plan.draft)
    return rest_words(judgement.found, best, draft)


def errors_with_newest(trial: Trial, draft: Draft) -> Errors:
    """How exactly she works on a block, by her log and its newest trial block where there is one.

    Args:
        draft: as it is cut and sewn now.
    """
    if trial.newest.is_empty:
        return trial.log.errors_for(draft.making.seam, draft.unit)
    return errors_with_trial(trial, judge(trial, trial.newest, draft), draft)


def errors_with_trial(trial: Trial, judgement: JudgedTrial, draft: Draft) -> Errors:
    """How exactly she works on the rest, by her log and a trial block."""
    hers = trial.log.errors_for(draft.making.seam, draft.unit)
    return with_trial(hers, judgement.found, judgement.plan.draft, draft)


def rest_words(found: Diagnosis, best: Remedy, draft: Draft) -> list[Text]:
    """What a verdict says for the rest, with the remedy that is proposed, in sentences."""
    said: list[Text] = [verdict_words(found.verdict), *care_words(found)]
    return [*said, remedy_words(best, draft)] if best.do != "nothing" else said
