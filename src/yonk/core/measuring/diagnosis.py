"""Why a block came out as it did: the likeliest explanation, how sure it is, what it leaves open,
and what would decide.

Source: *The trial block* in `docs/measuring.md`.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from fractions import Fraction
from typing import Literal

import numpy as np

from yonk.core.measuring.deciding import most_deciding
from yonk.core.measuring.errors import READING, Errors, first_guess
from yonk.core.measuring.suspects import CauseKind, Suspect, WhichEnd
from yonk.core.measuring.weighing import Evidence, Explanation, Weighing
from yonk.core.paper import LengthUnit
from yonk.core.planning import Plan
from yonk.core.pressing import SewingPlan

Verdict = Literal["good", "ease", "trim", "take back", "press again", "cut again", "measure again"]

SURE = 0.95  # from here on nothing more need be measured
_AS_LIKELY = 0.2  # of the likeliest, that another is not told apart from it
_MOST_RIVALS = 4  # other explanations that are told; more help nobody
_HAIR = Fraction(1, 10_000)  # of a unit, by which a size in decimals is another than is meant
_STEP = {"in": 64, "cm": 20}  # as finely as a trial block is read


@dataclass(frozen=True)
class FoundCause:
    """A cause: by how much, in the draft's unit (a seam: it takes up too much; else it is too
    large), where, and the chance that it is so. Of a seam that is off at one end `end` tells which;
    `same_as` are other names of what no measure tells from it.
    """

    kind: CauseKind
    by: Fraction
    where: str
    chance: float
    end: WhichEnd = ""
    same_as: tuple[str, ...] = ()


@dataclass(frozen=True)
class Diagnosis:
    """The causes, the likeliest explanation first; the verdict; the other explanations that the
    numbers do not exclude; what else to measure to decide, if anything would; the chance that it is
    something else. `look` is what to look at where no measure decides. A verdict that asks for work
    is never without a cause.
    """

    causes: tuple[FoundCause, ...]
    verdict: Verdict
    undecided: tuple[tuple[FoundCause, ...], ...] = ()
    measure_next: str = ""
    something_else: float = 0.0
    look: str = ""

    @property
    def explained(self) -> bool:
        """Whether the numbers are explained: by a cause, or by nothing being wrong."""
        return self.verdict != "measure again"

    @property
    def is_sure(self) -> bool:
        """Whether the first explanation is as good as sure."""
        return bool(self.causes) and min(one.chance for one in self.causes) >= SURE


def is_good(off: Fraction, unit: LengthUnit) -> bool:
    """Whether a size is as good as right: off by no more than a reading."""
    return abs(off) <= READING[unit] + _HAIR


def diagnose(
    plan: SewingPlan,
    planned: Plan,
    evidence: Evidence | Mapping[str, Fraction],
    hers: Errors | None = None,
) -> Diagnosis:
    """Why a block came out as it did.

    Args:
        plan: its sewing.
        planned: how its units are made.
        evidence: what was measured and seen; sizes by the names of `measurable`.
        hers: her spreads and tolerance; first guesses without.

    Returns: the likeliest explanation, and what it leaves open.

    Raises: `KeyError` for a name that the block does not have.

    Source: *The trial block* in `docs/measuring.md`.
    """
    told = evidence if isinstance(evidence, Evidence) else Evidence(evidence)
    weighing = Weighing(plan, planned, told, hers or first_guess(plan.draft.unit))
    return _Diagnosing(weighing).out()


class _Diagnosing:
    """What the weighed explanations come to."""

    def __init__(self, weighing: Weighing) -> None:
        self.weighing, self.errors, self.unit = weighing, weighing.errors, weighing.unit
        self.off = weighing.off

    def out(self) -> Diagnosis:
        """The diagnosis."""
        evidence = self.weighing.evidence
        if not evidence.sizes and evidence.looks is None:
            return Diagnosis((), "measure again", measure_next=self._first())
        best = self._told()
        causes = () if best.is_something_else else self._causes(best)
        verdict = self._verdict(causes) if causes else self._without_cause()
        chance = min((one.chance for one in causes), default=best.chance)
        decided = (chance >= SURE) if causes else verdict == "good"
        asked = "" if decided else most_deciding(self.weighing)
        if not causes and not decided and not asked:
            asked = self._first()
        return Diagnosis(
            causes,
            verdict,
            () if decided else self._rivals(best),
            asked,
            self.weighing.something_else,
            "" if decided else self._look(),
        )

    def _told(self) -> Explanation:
        """The likeliest explanation; where something is off that anybody sees, not that nothing is
        wrong, as long as a cause is as good as told apart from that.
        """
        best, *others = self.weighing.explanations
        if best.suspects or self._without_cause() == "good":
            return best
        cause = next((one for one in others if not one.is_something_else), best)
        return cause if cause.chance >= _AS_LIKELY * best.chance else best

    def _causes(self, best: Explanation) -> tuple[FoundCause, ...]:
        causes = [
            self._cause(one, float(by), self.weighing.chance_of(one))
            for one, by in zip(best.suspects, best.by, strict=True)
        ]
        logged = self.weighing.logged_seam
        if logged and not any(one.kind == "seam" for one in causes):
            seam, by = logged
            causes.append(self._cause(seam, by, self.weighing.chance_of(seam)))
        return tuple(sorted(causes, key=lambda one: -one.chance))

    def _cause(self, one: Suspect, by: float, chance: float) -> FoundCause:
        step = _STEP[self.unit]
        return FoundCause(
            one.kind, Fraction(round(by * step), step), one.where, chance, one.end, one.same_as
        )

    def _rivals(self, best: Explanation) -> tuple[tuple[FoundCause, ...], ...]:
        named = {one.name for one in best.suspects}
        found: list[tuple[FoundCause, ...]] = []
        for one in self.weighing.explanations:
            if one is best:
                continue
            if one.chance < _AS_LIKELY * best.chance or len(found) == _MOST_RIVALS:
                break
            mine = {suspect.name for suspect in one.suspects}
            if not mine or mine <= named or one.is_something_else:
                continue
            found.append(
                tuple(
                    self._cause(who, float(by), one.chance)
                    for who, by in zip(one.suspects, one.by, strict=True)
                )
            )
        return tuple(found)

    @property
    def _little(self) -> Verdict | None:
        """What is told where nothing is off by more than can be eased; else nothing."""
        most = float(np.abs(self.off).max(initial=0.0))
        if is_good(Fraction(most), self.unit):
            return "good"
        return "ease" if most <= self.errors.tolerance + _HAIR else None

    def _without_cause(self) -> Verdict:
        """What is told where nothing is known to be wrong."""
        if not len(self.off):
            return "good" if self.weighing.evidence.looks == "good" else "measure again"
        return self._little or "measure again"

    def _verdict(self, causes: Sequence[FoundCause]) -> Verdict:
        """What to do, by the rule: small is eased; a seam is taken back; what is too large can be
        trimmed, what is too small is cut again.
        """
        if not len(self.off):
            return "measure again"
        if self._little:
            return self._little
        kinds = {one.kind for one in causes}
        if kinds & {"seam", "one-seam"}:
            return "take back"
        if kinds <= {"press", "skew", "stretch"}:
            return "press again"
        return "trim" if self.off.min() >= -float(self.errors.tolerance) else "cut again"

    def _first(self) -> str:
        """What tells most by itself, of what was not measured: a row or a part before the block,
        the block before a unit.
        """
        order = ("row", "part", "block", "column", "unit", "between")
        left = [one for one in self.weighing.known if one not in self.weighing.asked]
        return min(left, key=lambda name: order.index(name.partition(":")[0]), default="")

    def _look(self) -> str:
        """What to look at where folds and seams measure alike."""
        kinds = {
            suspect.kind
            for one in self.weighing.explanations[:6]
            if one.chance >= _AS_LIKELY * self.weighing.explanations[0].chance
            for suspect in one.suspects
        }
        return "fold" if "press" in kinds and kinds & {"seam", "one-seam"} else ""
