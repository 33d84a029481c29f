"""Why a block came out as it did: the fewest causes that explain what was measured, how sure that
is, and what would decide between those that it cannot tell apart.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from fractions import Fraction
from itertools import combinations
from math import hypot
from typing import Literal

import numpy as np

from yonk.core.measuring.errors import READING, Errors, steady
from yonk.core.measuring.listed import listed_sizes, trimmed_units
from yonk.core.measuring.places import ACROSS, Measurable, measurables, run_of, skewed
from yonk.core.measuring.runs import Runs
from yonk.core.paper import Array, LengthUnit
from yonk.core.planning import Plan
from yonk.core.pressing import SewingPlan

CauseKind = Literal["seam", "cut", "trim", "press", "skew"]
Verdict = Literal["good", "ease", "trim", "take back", "press again", "cut again", "measure again"]

_NOISE = 0.6  # readings, the standard deviation of one that is off by up to a reading either way
_FITS = 1.5  # readings, that a number may be left unexplained: the ruler's marks come on top
_HERS = 2.0  # standard deviations of her own spread, that a number may be off without a cause
_USUAL: dict[CauseKind, float] = {  # readings, that a cause is usually large
    "seam": 2.0,
    "cut": 6.0,  # a wrong mark of the ruler is soon a quarter of an inch
    "trim": 3.0,
    "press": 2.0,
    "skew": 4.0,
}
_BEFORE: dict[CauseKind, float] = {
    "seam": 0.4,
    "cut": 0.25,
    "trim": 0.15,
    "press": 0.1,
    "skew": 0.1,
}
_TWO = 0.05  # how much rarer two causes are than one
_AS_LIKELY = 0.2  # of the likeliest, that another is not told apart from it
_ALIKE = 0.5  # readings, within which two foretell the same
_STEP = {"in": 64, "cm": 20}  # as finely as a trial block is read


@dataclass(frozen=True)
class FoundCause:
    """A cause: by how much, in the draft's unit (a seam: it takes up too much; else it is too
    large), where, and the chance that it is so.
    """

    kind: CauseKind
    by: Fraction
    where: str
    chance: float


@dataclass(frozen=True)
class Diagnosis:
    """The causes, none where all is well or nothing explains the numbers; the verdict; the other
    explanations that the numbers do not exclude; what else to measure to decide, if anything would;
    whether the numbers are explained. A verdict that asks for work is never without a cause.
    """

    causes: tuple[FoundCause, ...]
    verdict: Verdict
    undecided: tuple[tuple[FoundCause, ...], ...]
    measure_next: str
    explained: bool = True


@dataclass(frozen=True)
class Suspect:
    """A possible cause: how each measurable answers to one unit of it."""

    kind: CauseKind
    where: str
    answers: Mapping[str, float]
    before: float


Explanation = tuple[Suspect, ...]


def is_good(off: Fraction, unit: LengthUnit) -> bool:
    """Whether a size is as good as right: off by no more than a reading."""
    return abs(off) <= READING[unit]


@dataclass(frozen=True)
class Noise:
    """What every size is off by without any cause: the reading, and her own spread. `shared` is its
    variance between the sizes, `oversize` how far off each may be left.
    """

    reading: float
    shared: Array
    oversize: Array


def diagnose(
    plan: SewingPlan,
    planned: Plan,
    measured: Mapping[str, Fraction],
    hers: Errors | None = None,
) -> Diagnosis:
    """Why a block came out as it did.

    Args:
        plan: its sewing.
        planned: how its units are made.
        measured: sizes as they were measured, by the names of `measurables`, in the draft's unit.
        hers: her spreads, nothing where they are not known, since what they explain needs no cause;
            and how far off is little enough to be eased. Without it only the reading counts.

    Returns: the fewest causes that explain every number within reading error, the likeliest first.

    Raises: `KeyError` for a name that the block does not have.

    Source: the diagnosis of `docs/measuring.md`.
    """
    unit = plan.draft.unit
    errors = hers or steady(unit)
    known = measurables(plan)
    if not measured:
        return Diagnosis((), "measure again", (), _first_to_measure(known), explained=False)
    asked = [known[what] for what in measured]
    off = np.array([float(size) - known[what].size for what, size in measured.items()])
    off = off - _as_listed(plan, planned, asked)
    most = float(np.abs(off).max(initial=0.0))
    if most > float(errors.tolerance):  # too much to be left to her own spread: it has a cause
        errors = replace(steady(unit), tolerance=errors.tolerance)
    noise = _noise(plan, planned, asked, errors)
    if (np.abs(off) <= noise.oversize).all():  # nothing needs to be wrong
        return Diagnosis((), "good" if most <= noise.reading else _verdict((), off, errors), (), "")
    suspects = suspects_of(plan, planned, known)
    weighed = _weighed(suspects, list(measured), off, noise)
    if not weighed:
        verdict: Verdict = "ease" if most <= float(errors.tolerance) else "measure again"
        return Diagnosis((), verdict, (), _first_to_measure(known, measured), explained=False)
    best = weighed[0]
    rivals = [one for one in weighed[1:] if one[2] >= _AS_LIKELY * best[2]]
    causes = _found(best, unit)
    return Diagnosis(
        causes,
        _verdict(causes, off, errors),
        tuple(_found(one, unit) for one in rivals),
        _deciding(best, rivals, list(measured), known, noise.reading),
    )


def _as_listed(plan: SewingPlan, planned: Plan, asked: Sequence[Measurable]) -> Array:
    """By how much sizes come out larger than drafted where everything is cut just as it is listed;
    that is nobody's fault.
    """
    trimmed = trimmed_units(planned)
    runs = Runs(plan, trimmed, listed_sizes(planned, trimmed))
    larger = runs.means(steady(plan.draft.unit))
    return np.array([float(run_of(one, plan, runs) @ larger) for one in asked])


def _first_to_measure(
    known: Mapping[str, Measurable], measured: Mapping[str, Fraction] | None = None
) -> str:
    """What tells most by itself and is not measured yet: a row before the block."""
    left = [name for name in known if name not in (measured or {})]
    order = ("row", "block", "column", "unit")
    return min(left, key=lambda name: order.index(name.partition(":")[0]), default="")


Weighed = tuple[Explanation, Array, float]  # who, by how much, how likely


def _noise(plan: SewingPlan, planned: Plan, asked: Sequence[Measurable], errors: Errors) -> Noise:
    reading = float(READING[plan.draft.unit])
    runs = Runs(plan, trimmed_units(planned))
    sums = np.array([run_of(one, plan, runs) for one in asked]).reshape(len(asked), -1)
    hers = (sums * runs.spreads(errors) ** 2) @ sums.T if len(asked) else np.zeros((0, 0))
    shared = (_NOISE * reading) ** 2 * np.eye(len(asked)) + hers
    return Noise(reading, shared, _FITS * reading + _HERS * np.sqrt(np.diag(hers)))


def _weighed(
    suspects: Sequence[Suspect], names: Sequence[str], off: Array, noise: Noise
) -> list[Weighed]:
    """Explanations that fit every number, the likeliest first; those by two causes only where none
    fits alone.
    """
    alone: list[Explanation] = [(one,) for one in suspects]
    for several in (alone, list(combinations(suspects, 2))):
        tried = [_tried(one, names, off, noise) for one in several]
        fitting = [one for one in tried if (one[3] <= noise.oversize).all()]
        if fitting:
            return _shared(fitting)
    return []


def _shared(tried: Sequence[tuple[Explanation, Array, float, Array]]) -> list[Weighed]:
    most = max(weight for _, _, weight, _ in tried)
    weights = [float(np.exp(weight - most)) for _, _, weight, _ in tried]
    total = sum(weights)
    found = [
        (who, much, weight / total) for (who, much, *_), weight in zip(tried, weights, strict=True)
    ]
    return sorted(found, key=lambda one: (-one[2], [(cause.kind, cause.where) for cause in one[0]]))


def _tried(
    who: Explanation, names: Sequence[str], off: Array, noise: Noise
) -> tuple[Explanation, Array, float, Array]:
    """By how much each cause is, the logarithm of the likelihood, and what of each number is left
    unexplained. Numbers are read with an error, causes are usually a few readings large.
    """
    answers = np.array([[one.answers[name] for one in who] for name in names])
    usual = np.diag([(_USUAL[one.kind] * noise.reading) ** 2 for one in who])
    spread = noise.shared + answers @ usual @ answers.T
    much = usual @ answers.T @ np.linalg.solve(spread, off)
    _, logarithm = np.linalg.slogdet(spread)
    likely = -0.5 * (off @ np.linalg.solve(spread, off) + logarithm)
    likely += sum(np.log(one.before) for one in who) + (len(who) - 1) * np.log(_TWO)
    evened = np.linalg.inv(np.linalg.cholesky(noise.shared))
    least, *_ = np.linalg.lstsq(evened @ answers, evened @ off, rcond=None)
    return who, much, float(likely), np.abs(off - answers @ least)


def suspects_of(
    plan: SewingPlan, planned: Plan, known: Mapping[str, Measurable]
) -> tuple[Suspect, ...]:
    """All that can have gone wrong once, each with how everything answers to it."""
    trimmed = trimmed_units(planned)
    as_made, untrimmed = Runs(plan, trimmed), Runs(plan, frozenset())
    made = {name: run_of(one, plan, as_made) for name, one in known.items()}
    raw = {name: run_of(one, plan, untrimmed) for name, one in known.items()}
    found: list[tuple[CauseKind, str, dict[str, float]]] = [
        ("seam", "", _summed(made, as_made.of_kind("seam"))),
        ("press", "", _summed(raw, untrimmed.of_kind("seam"))),
        ("skew", "", {name: skewed(one) for name, one in known.items()}),
    ]
    if trimmed:
        found.append(("trim", "", _summed(made, as_made.of_kind("unit"), 0.5)))
    found += [("cut", where, answers) for where, answers in _cuts(plan, known, made, as_made)]
    kinds = [kind for kind, _, answers in found if any(answers.values())]
    return tuple(
        Suspect(kind, where, answers, _BEFORE[kind] / kinds.count(kind))
        for kind, where, answers in found
        if any(answers.values())
    )


def _summed(runs: Mapping[str, Array], causes: Array, share: float = 1.0) -> dict[str, float]:
    """How everything answers where some causes are all as large; of a width's two edges each has
    half.
    """
    return {name: float(run[causes].sum()) * share for name, run in runs.items()}


def _cuts(
    plan: SewingPlan, known: Mapping[str, Measurable], made: Mapping[str, Array], runs: Runs
) -> list[tuple[str, dict[str, float]]]:
    """Patches of a letter cut too large; a whole row or column cut too wide."""
    found = []
    letters = sorted({patch.letter for patch in plan.reading.patches})
    for letter in letters:
        mine = runs.edges_of(
            [face for face, patch in enumerate(plan.reading.patches) if patch.letter == letter]
        )
        found.append((f"letter:{letter}", _summed(made, np.array(mine, dtype=int), 0.5)))
    for name, one in known.items():
        kind = name.partition(":")[0]
        if kind in ("row", "column"):
            through = {other: _through(one, known[other], plan) for other in known}
            found.append((name, through))
    return found


def _through(line: Measurable, other: Measurable, plan: SewingPlan) -> float:
    """How a measure answers to a row or column: as much where it runs through across it, by its
    share on a diagonal.
    """
    if other.diagonal:
        wide, high = float(plan.draft.width), float(plan.draft.height)
        return (high if line.way == ACROSS else wide) / hypot(wide, high)
    if not set(line.faces) & set(other.faces):
        return 0.0
    return 0.0 if other.way == line.way else 1.0


def _found(weighed: Weighed, unit: LengthUnit) -> tuple[FoundCause, ...]:
    who, much, chance = weighed
    step = _STEP[unit]
    return tuple(
        FoundCause(cause.kind, Fraction(round(float(by) * step), step), cause.where, chance)
        for cause, by in zip(who, much, strict=True)
    )


def _deciding(
    best: Weighed,
    rivals: Sequence[Weighed],
    names: Sequence[str],
    known: Mapping[str, Measurable],
    reading: float,
) -> str:
    """What is not measured yet and tells the likeliest explanation best from its first rival."""
    if not rivals:
        return ""
    apart = {
        name: abs(_foretold(best, name) - _foretold(rivals[0], name))
        for name in known
        if name not in names
    }
    name = max(apart, key=lambda one: apart[one], default="")
    return name if name and apart[name] > _ALIKE * reading else ""


def _foretold(weighed: Weighed, name: str) -> float:
    who, much, _ = weighed
    return sum(float(by) * cause.answers[name] for cause, by in zip(who, much, strict=True))


def _verdict(causes: Sequence[FoundCause], off: Array, errors: Errors) -> Verdict:
    """What to do, by the rule: small is eased; a seam is taken back; what is too large can be
    trimmed, what is too small is cut again.
    """
    little = float(errors.tolerance)
    if np.abs(off).max(initial=0.0) <= little:
        return "ease"
    kinds = [cause.kind for cause in causes]
    if "seam" in kinds:
        return "take back"
    if kinds and set(kinds) <= {"press", "skew"}:
        return "press again"
    return "trim" if off.min() >= -little else "cut again"
