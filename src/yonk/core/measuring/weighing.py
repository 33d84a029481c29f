"""Everything that can have gone wrong with a block, weighed against all else by what was measured.

All is linear and normal, so that each explanation is weighed in closed form. An explanation is one
cause, two, none but her usual spread, or something else that nobody thought of.

Source: *The trial block* in `docs/measuring.md`.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field, replace
from fractions import Fraction
from functools import cached_property

import numpy as np

from yonk.core.measuring.errors import READING, Errors
from yonk.core.measuring.looks import LOOKS, Look, likely, look_of
from yonk.core.measuring.places import measurable, measurables
from yonk.core.measuring.response import EASINGS, Response, at_easing, matrix_of, response_of
from yonk.core.measuring.sizes_of_faults import (
    FAULT_SIZES,
    NOTHING_WRONG,
    PRIOR,
    SOMETHING_ELSE,
    TWO,
    FaultSizes,
)
from yonk.core.measuring.suspects import Suspect, suspects_of
from yonk.core.paper import Array, LengthUnit
from yonk.core.planning import Plan
from yonk.core.pressing import SewingPlan

NOISE = 0.6  # readings, the standard deviation of one that is off by up to a reading either way
ODD = 4.0  # readings, that each measure is off by where it is something else
_PAIRED = 24  # of the likeliest causes, that are tried two by two
_CHANGED = 0.15  # how often the machine is set otherwise than when the log was kept
_LEAN = 1.0  # readings, that any block leans
_STEADY = 0.2  # readings, that anybody's seam is off without being wrong


@dataclass(frozen=True)
class SeamFigures:
    """What her seam log says of her seam: by how much it is off, its spread, from how many tests;
    in the draft's unit.
    """

    error: float
    spread: float
    tests: int

    def uncertainty(self, reading: float) -> float:
        """How exactly the error is known: by its spread and by the reading of each test."""
        each = self.spread**2 / 2 + (NOISE * reading / 2) ** 2
        return float(np.sqrt(each / max(self.tests, 1)))


@dataclass(frozen=True)
class Evidence:
    """What was measured, by its name, in the draft's unit; what the block looks like; what the seam
    log says.
    """

    sizes: Mapping[str, Fraction]
    looks: Look | None = None
    seam: SeamFigures | None = None


@dataclass(frozen=True)
class Explanation:
    """What may be wrong: the suspects, by how much each, and how sure that is; how likely it is."""

    suspects: tuple[Suspect, ...]
    by: Array
    spread: Array
    chance: float

    @property
    def is_something_else(self) -> bool:
        """Whether it is what nobody thought of."""
        return bool(self.suspects) and self.suspects[0] is UNKNOWN_CAUSE


@dataclass
class Weighing:
    """All explanations of a block, weighed.

    Args:
        plan: its sewing.
        planned: how its units are made.
        evidence: what was measured and seen.
        errors: her spreads and tolerance.
    """

    plan: SewingPlan
    planned: Plan
    evidence: Evidence
    errors: Errors
    response: Response = field(init=False)

    def __post_init__(self) -> None:
        self.response = response_of(self.plan.draft)
        self.unit: LengthUnit = self.plan.draft.unit
        self.reading = float(READING[self.unit])
        self.asked = {what: measurable(self.plan, what) for what in self.evidence.sizes}
        self.known = measurables(self.plan) | self.asked

    @cached_property
    def suspects(self) -> tuple[Suspect, ...]:
        """What can have gone wrong."""
        return suspects_of(self.response, self.known)

    @cached_property
    def places(self) -> Array:
        """Where what was measured stands among all that can be."""
        names = list(self.known)
        return np.array([names.index(what) for what in self.asked], dtype=int)

    @cached_property
    def off(self) -> Array:
        """By how much each size is off from what the listed cuts give, half eased."""
        sizes = [
            float(size) - one.size - float(self.response.larger(one).mean())
            for one, size in zip(self.asked.values(), self.evidence.sizes.values(), strict=True)
        ]
        return np.array(sizes)

    # the weights

    @cached_property
    def explanations(self) -> tuple[Explanation, ...]:
        """All that explain the numbers, the likeliest first; their chances add up to one."""
        alone = self._alone()
        best = sorted(alone, key=lambda one: -one[0])[:_PAIRED]
        pairs = self._paired(
            [one[1][0] for one in best if one[1] and one[1][0] is not UNKNOWN_CAUSE]
        )
        every = [*alone, *pairs]
        most = max(weight for weight, *_ in every)
        total = sum(np.exp(weight - most) for weight, *_ in every)
        found = [
            Explanation(who, by, spread, float(np.exp(weight - most) / total))
            for weight, who, by, spread in every
        ]
        return tuple(_by_name(found))

    @cached_property
    def something_else(self) -> float:
        """The chance that it is nothing of what was thought of."""
        return sum(one.chance for one in self.explanations if one.is_something_else)

    @cached_property
    def _noises(self) -> list[tuple[Array, Array]]:
        """For each easing what makes the numbers' spreads even, and the numbers so evened."""
        rows = matrix_of(self.response, self.asked)
        spreads = self.response.spreads(self.errors)
        listed = self.response.runs.listed_larger
        seams = self._seam_answers
        sizes = np.array([float(one) for one in self.evidence.sizes.values()])
        drafted = np.array([one.size for one in self.asked.values()])
        found = []
        for easing in EASINGS:
            at, seam = at_easing(rows, easing), at_easing(seams, easing)
            shared = (at * spreads**2) @ at.T + (NOISE * self.reading) ** 2 * np.eye(len(at))
            off = sizes - drafted - at @ listed
            mean, spread = self._usual_seam
            shared = shared + spread**2 * np.outer(seam, seam)
            shared = shared + (_LEAN * self.reading) ** 2 * np.outer(self._leaning, self._leaning)
            even = np.linalg.inv(np.linalg.cholesky(shared))
            found.append((even, even @ (off - mean * seam)))
        return found

    @property
    def _usual_seam(self) -> tuple[float, float]:
        """By how much her seam is off on the day, and how exactly that is known."""
        steady, seam = _STEADY * self.reading, self.evidence.seam
        if seam is None:
            return 0.0, steady
        return seam.error, max(seam.uncertainty(self.reading), steady)

    @property
    def log_is_off(self) -> bool:
        """Whether her seam log says that her seam is off, by more than anybody's."""
        error, _ = self._usual_seam
        return abs(error) > _STEADY * self.reading

    @property
    def logged_seam(self) -> tuple[Suspect, float] | None:
        """The seam everywhere and by how much it is off, where her log says that it is."""
        if not self.log_is_off or self._seam is None:
            return None
        return self._seam, self._usual_seam[0]

    @cached_property
    def _seam(self) -> Suspect | None:
        """The seam allowance everywhere."""
        return next((one for one in self.suspects if one.kind == "seam"), None)

    @cached_property
    def _leaning(self) -> Array:
        """How what was measured answers to a block that leans."""
        for one in self.suspects:
            if one.kind == "skew":
                return one.answers[self.places, 0]
        return np.zeros(len(self.asked))

    @cached_property
    def _seam_answers(self) -> Array:
        """How what was measured answers to the seam allowance everywhere."""
        return self._seam.answers[self.places] if self._seam else np.zeros((len(self.asked), 2))

    def _alone(self) -> list[Weight]:
        ones = [self._weighed((one,)) for one in self.suspects]
        return [self._nothing(), self._nobody(), *ones]

    @cached_property
    def _priors(self) -> dict[int, float]:
        """The logarithm of how likely each suspect is before anything is measured: that of its
        sort, over its places, over the ways in which it may be off there; of a cut, a letter, a
        line and a whole row are each as likely as all single patches together.
        """
        sorts: dict[str, dict[str, set[str]]] = {}
        variants: dict[tuple[str, str], int] = {}
        for one in self.suspects:
            sorts.setdefault(one.kind, {}).setdefault(one.sort, set()).add(one.where)
            variants[one.name] = variants.get(one.name, 0) + 1
        return {
            id(one): float(
                np.log(
                    PRIOR[one.kind]
                    * self._unlike_log(one)
                    / len(sorts[one.kind])
                    / len(sorts[one.kind][one.sort])
                    / variants[one.name]
                )
            )
            for one in self.suspects
        }

    def _unlike_log(self, one: Suspect) -> float:
        """How often her seam is not as her log says, where there is one."""
        return _CHANGED if self.evidence.seam and one.kind == "seam" else 1.0

    def _nothing(self) -> Weight:
        """Nothing wrong: her usual spread."""
        none = np.zeros((len(self.asked), 2, 0))
        looks = likely(self.evidence.looks, "good") if self.evidence.looks else 1.0
        likelihood = np.logaddexp.reduce(
            [self._likelihood(n, none, [])[0] for n in range(len(EASINGS))]
        )
        weight = float(np.log(NOTHING_WRONG * looks / len(EASINGS)) + likelihood)
        if self.log_is_off and self._seam:
            error, spread = self._usual_seam
            return weight, (self._seam,), np.array([error]), np.array([spread])
        return weight, (), np.zeros(0), np.zeros(0)

    def _nobody(self) -> Weight:
        """Something else: each measure off by itself."""
        weights = []
        for even, evened in self._noises:
            odd = (ODD * self.reading) ** 2 * even @ even.T + np.eye(len(even))
            _, logarithm = np.linalg.slogdet(odd)
            base = np.log(np.diag(even)).sum()
            weights.append(base - 0.5 * (evened @ np.linalg.solve(odd, evened) + logarithm))
        looks = 1 / len(LOOKS) if self.evidence.looks else 1.0
        weight = np.log(SOMETHING_ELSE * looks / len(EASINGS)) + np.logaddexp.reduce(weights)
        return float(weight), (UNKNOWN_CAUSE,), np.zeros(1), np.zeros(1)

    def _paired(self, ones: Sequence[Suspect]) -> list[Weight]:
        return [
            self._weighed((one, other))
            for number, one in enumerate(ones)
            for other in ones[number + 1 :]
            if one.name != other.name and not _same_answers(one, other, self.places)
        ]

    def _weighed(self, who: tuple[Suspect, ...]) -> Weight:
        """The logarithm of how likely an explanation is, and by how much each cause is.

        Each cause has one of some sizes, a normal heap about each; so has each pair of causes.
        """
        answers = np.array([one.answers[self.places] for one in who]).transpose(1, 2, 0)
        sizes = [self._sizes(one) for one in who]
        weights, means, variances = [], [], []
        for easing in range(len(EASINGS)):
            weight, mean, variance = self._likelihood(easing, answers, sizes)
            weights.append(weight)
            means.append(mean)
            variances.append(variance)
        total = np.logaddexp.reduce(weights)
        prior = sum(self._priors[id(one)] for one in who) + (len(who) - 1) * np.log(2 * TWO)
        shares = np.exp(np.array(weights) - total)
        mean = shares @ np.array(means)
        spread = np.sqrt(shares @ (np.array(variances) + (np.array(means) - mean) ** 2))
        usual = [self._usual_seam[0] if one.kind == "seam" else 0.0 for one in who]
        return float(prior + total - np.log(len(EASINGS))), who, mean + usual, spread

    def _sizes(self, one: Suspect) -> FaultSizes:
        """By how much a cause is usually off, each with its share; what it looks like counts."""
        sizes = FAULT_SIZES[one.kind].of(self.unit)
        if self.evidence.looks is None:
            return sizes
        names = list(self.known)
        half = one.answers.mean(axis=1)
        shares = []
        for middle, share in zip(sizes.middles, sizes.shares, strict=True):
            off = {
                name: float(half[place] * middle)
                for place, name in enumerate(names)
                if name.startswith("block:")
            }
            look = look_of(one.kind, off, self.reading)
            shares.append(share * likely(self.evidence.looks, look))
        return replace(sizes, shares=np.array(shares))

    def _likelihood(
        self, easing: int, answers: Array, sizes: Sequence[FaultSizes]
    ) -> tuple[float, Array, Array]:
        """The logarithm of the likelihood, summed over the heaps of sizes; the mean and variance of
        how much each cause is.
        """
        even, evened = self._noises[easing]
        base = float(-0.5 * evened @ evened + np.log(np.diag(even)).sum())
        if not sizes:
            return base, np.zeros(0), np.zeros(0)
        a = even @ at_easing(answers, EASINGS[easing])
        grids = np.meshgrid(*[one.middles for one in sizes], indexing="ij")
        shares = np.meshgrid(*[one.shares for one in sizes], indexing="ij")
        middles = np.array([grid.ravel() for grid in grids])  # causes × heaps
        share = np.prod([one.ravel() for one in shares], axis=0)
        own = np.array([one.spread**2 for one in sizes])
        square = a.T @ a
        joint = np.linalg.inv(np.diag(1 / own) + square)
        _, logarithm = np.linalg.slogdet(np.eye(len(sizes)) + square * own)
        pull = (a.T @ evened)[:, None] - square @ middles
        gain = 0.5 * np.einsum("ih,ij,jh->h", pull, joint, pull)
        miss = -(a.T @ evened) @ middles + 0.5 * np.einsum("ih,ij,jh->h", middles, square, middles)
        weights = np.log(share) + gain - miss - 0.5 * logarithm
        total = float(np.logaddexp.reduce(weights))
        part = np.exp(weights - total)
        each = middles + joint @ pull
        mean = each @ part
        variance = np.diag(joint) + (each**2) @ part - mean**2
        return base + total, mean, variance

    def chance_of(self, suspect: Suspect) -> float:
        """How likely a cause is among what is wrong, alone or with another. What her log says of
        her seam is part of every explanation.
        """
        if suspect.kind == "seam" and self.log_is_off:
            return 1.0 - self.something_else
        return min(
            1.0,
            sum(
                one.chance
                for one in self.explanations
                if any(other.name == suspect.name for other in one.suspects)
            ),
        )


Weight = tuple[float, tuple[Suspect, ...], Array, Array]
UNKNOWN_CAUSE = Suspect("cut", "", np.zeros((0, 2)))  # stands for something else


def _same_answers(one: Suspect, other: Suspect, places: Array) -> bool:
    return bool(np.allclose(one.answers[places], other.answers[places], atol=1e-6))


def _by_name(found: Sequence[Explanation]) -> list[Explanation]:
    """Explanations of one name together, told by the likeliest of them; the likeliest first."""
    alike: dict[tuple[object, ...], list[Explanation]] = {}
    for one in found:
        nobody = one.is_something_else
        key = ("else",) if nobody else tuple(sorted(who.name for who in one.suspects))
        alike.setdefault(key, []).append(one)
    together = [
        replace(max(mine, key=lambda one: one.chance), chance=sum(one.chance for one in mine))
        for mine in alike.values()
    ]
    return sorted(together, key=lambda one: -one.chance)
