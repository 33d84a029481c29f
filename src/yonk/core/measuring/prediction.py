"""What a block will come out as: each checkpoint's range, its chance to be good, what must be
eased.
"""

from __future__ import annotations

from collections.abc import Callable, Mapping
from dataclasses import dataclass, replace
from fractions import Fraction
from math import hypot, sqrt

import numpy as np
from scipy.special import ndtr
from scipy.stats import norm

from yonk.core.joining import Join
from yonk.core.measuring.chances import TINY, chance_within
from yonk.core.measuring.errors import Errors
from yonk.core.measuring.listed import listed_sizes, trimmed_units
from yonk.core.measuring.runs import Runs
from yonk.core.measuring.unit_chance import chance_to_trim, tolerance_of
from yonk.core.paper import XY, Array, Decimal, Message, Text, message
from yonk.core.planning import Plan, listed_oversize
from yonk.core.pressing import SewingPlan, measures

_NINE_OF_TEN = float(norm.ppf(0.95))  # nine of ten lie between: one in twenty beyond either end


@dataclass(frozen=True)
class Range:
    """A size as it will come out, unfinished, in the draft's unit: on average, and between which
    sizes nine of ten lie.
    """

    expected: float
    low: float
    high: float


@dataclass(frozen=True)
class Checkpoint:
    """What a join makes, and the chance that both its sides are within the tolerance."""

    join: int
    width: Range
    height: Range
    chance: float


@dataclass(frozen=True)
class Mismatch:
    """By how much the two pieces of a join differ along its seam: on average, and in nine of ten
    at most.
    """

    join: int
    expected: float
    high: float


@dataclass(frozen=True)
class Prediction:
    """The checkpoints of a block in the order of sewing, the last is the block; the join where most
    must be eased; which one change helps most, in a sentence; and which of those that only practice
    brings, beside the remedies that a plan can take.
    """

    checkpoints: tuple[Checkpoint, ...]
    mismatch: Mismatch | None
    advice: Text
    practice: Text = ""

    def of_each(self, step_of: Callable[[int], int]) -> dict[int, Checkpoint]:
        """By the number of each step, in their order: the least likely of its joins, which are
        alike.
        """
        found: dict[int, Checkpoint] = {}
        for one in sorted(self.checkpoints, key=lambda one: (step_of(one.join), one.chance)):
            found.setdefault(step_of(one.join), one)
        return found

    @property
    def block(self) -> Checkpoint | None:
        """The block as a whole; None for a single patch."""
        return self.checkpoints[-1] if self.checkpoints else None


def predict(plan: SewingPlan, planned: Plan, errors: Errors) -> Prediction:
    """What a block will come out as.

    Args:
        plan: its sewing.
        planned: how its units are made, and what is cut for them.
        errors: how exactly she works, in the draft's unit.

    Returns: the ranges, in closed form: all causes are independent and normal, and every size is a
    sum of them.

    Source: `docs/measuring.md`.
    """
    if not plan.joining.joins:
        return Prediction((), None, message("predict-one-patch"))
    runs = Runs(plan, trimmed_units(planned), listed_sizes(planned))
    trimming = _Trimming(plan, planned, runs, errors)
    checkpoints = tuple(
        trimming.counted(_checkpoint(plan, runs, sewn.join.number, errors))
        for sewn in plan.sewn
        if sewn.box is not None
        and sewn.box.round is None
        and (sewn.checkpoint or sewn is plan.sewn[-1])
    )
    return Prediction(
        checkpoints,
        _largest_mismatch(plan, runs, errors),
        *_advice(plan, planned, runs, errors),
    )


def chance_of_block(plan: SewingPlan, planned: Plan, errors: Errors) -> float:
    """The chance that a block is good, as it is foretold of its last join; one for a single patch.

    Args:
        plan: its sewing, of which only the joins count.
        planned: how its units are made, and what is cut for them.
        errors: how exactly she works, in the draft's unit.
    """
    last = plan.sewn[-1] if plan.sewn else None
    if last is None or last.box is None or last.box.round is not None:
        return 1.0
    runs = Runs(plan, trimmed_units(planned), listed_sizes(planned))
    found = _checkpoint(plan, runs, last.join.number, errors)
    return _Trimming(plan, planned, runs, errors).counted(found).chance


class _Trimming:
    """How likely there is cloth to trim in each trimmed unit; one that is too small is not good."""

    def __init__(self, plan: SewingPlan, planned: Plan, runs: Runs, errors: Errors) -> None:
        self.plan, self.stacks = plan, runs.stacks
        self.chances = {
            recipe.group.label: chance_to_trim(
                recipe.group.unit,
                oversize,
                errors,
                tolerance_of(recipe.group.unit, plan.draft, errors),
            )
            for recipe in planned.recipes
            if recipe.is_trimmed
            and not recipe.method.on_lines  # its pieces reach far beyond
            and (oversize := listed_oversize(recipe.group.unit, recipe.method, recipe.terms))
        }

    def counted(self, one: Checkpoint) -> Checkpoint:
        """A checkpoint with that counted in."""
        order = self.plan.joining.order
        inside = set(order.faces(order.leaves + one.join))
        chance = one.chance
        for stack in self.stacks:
            if stack.label in self.chances and inside.issuperset(stack.faces):
                chance *= self.chances[stack.label]
        return replace(one, chance=chance)


def side_directions(plan: SewingPlan, join: int) -> tuple[XY, XY]:
    """The directions in which a part's width and height are measured: along the block's sides where
    it lies so, else along and across its seam.
    """
    faces = plan.joining.order.faces(plan.joining.order.leaves + join)
    spots = [spot for face in faces for spot in plan.joining.faces[face].ring]
    across, down = zip(*spots, strict=True)
    twice = sum(plan.joining.faces[face].twice_area for face in faces)
    if 2 * (max(across) - min(across)) * (max(down) - min(down)) == twice:
        return (1.0, 0.0), (0.0, 1.0)
    a, b = plan.joining.joins[join].along[0]
    long = hypot(b[0] - a[0], b[1] - a[1])
    way = (b[0] - a[0]) / long, (b[1] - a[1]) / long
    return way, (-way[1], way[0])


def _checkpoint(plan: SewingPlan, runs: Runs, join: int, errors: Errors) -> Checkpoint:
    part = plan.joining.order.leaves + join
    ways = side_directions(plan, join)
    sums = np.array([runs.across(part, way) for way in ways])
    ideal = _ideal(plan, join, ways)
    means = sums @ runs.means(errors)
    spread = runs.spreads(errors)
    joint = (sums * spread**2) @ sums.T
    width, height = (
        _range(size, mean, sqrt(var))
        for size, mean, var in zip(ideal, means, np.diag(joint), strict=True)
    )
    return Checkpoint(join, width, height, chance_within(means, joint, float(errors.tolerance)))


def _ideal(plan: SewingPlan, join: int, ways: tuple[XY, XY]) -> list[float]:
    """The unfinished sizes that they should have, as the two directions lie."""
    both = 2 * float(plan.draft.making.seam)
    faces = plan.joining.order.faces(plan.joining.order.leaves + join)
    spots = np.array([spot for face in faces for spot in plan.joining.faces[face].ring], float)
    spots /= float(plan.reading.drawing.scale)
    sizes = [float(np.ptp(spots @ np.array(way))) + both for way in ways]
    known = sorted(map(float, measures(plan, plan.listed[join])))
    assert np.allclose(sorted(sizes), known), "a part measures what the sewing says"
    return sizes


def _range(size: float, mean: float, spread: float) -> Range:
    reach = _NINE_OF_TEN * spread
    return Range(size + mean, size + mean - reach, size + mean + reach)


def _largest_mismatch(plan: SewingPlan, runs: Runs, errors: Errors) -> Mismatch | None:
    """The join where most must be eased in nine of ten."""
    joins = [
        join for join in plan.joining.joins if join.kind == "straight" and len(join.along) == 1
    ]
    if not joins:
        return None
    sums = np.array([_difference(join, runs) for join in joins])
    means, spreads = sums @ runs.means(errors), np.sqrt(sums**2 @ runs.spreads(errors) ** 2)
    most = _at_most(means, spreads)
    at = int(np.argmax(np.round(most, 9)))
    return Mismatch(
        joins[at].number, _folded(float(means[at]), float(spreads[at])), float(most[at])
    )


def _difference(join: Join, runs: Runs) -> Array:
    """By how much the runs on both sides of a join's seam differ, as a sum over causes."""
    (ax, ay), (bx, by) = join.along[0]
    long = hypot(bx - ax, by - ay)
    way = (bx - ax) / long, (by - ay) / long
    spot = ax / runs.scale, ay / runs.scale
    one, other = (runs.beside(part, way, spot) for part in join.of)
    return one - other


def _folded(mean: float, spread: float) -> float:
    """The average of the amount, whatever its sign."""
    if spread < TINY:
        return abs(mean)
    ratio = mean / spread
    return float(2 * spread * norm.pdf(ratio) + mean * (2 * norm.cdf(ratio) - 1))


def _at_most(means: Array, spreads: Array) -> Array:
    """What the amounts, whatever their signs, stay below in nine of ten."""
    means, wide = np.abs(means), np.maximum(spreads, TINY / 10)
    low, high = np.zeros_like(means), means + 6 * wide
    for _ in range(60):
        middle = (low + high) / 2
        share = ndtr((middle - means) / wide) - ndtr((-middle - means) / wide)
        low, high = np.where(share < 0.9, middle, low), np.where(share < 0.9, high, middle)
    return np.where(spreads < TINY, means, high)


_PRACTICE = ("cut", "steady")  # what no plan can change


def _advice(plan: SewingPlan, planned: Plan, runs: Runs, errors: Errors) -> tuple[Text, Text]:
    """The one change that helps most, and the one of practice, if any does."""
    last = plan.sewn[-1]
    if last.box is None or last.box.round is not None:
        return "", ""
    every = frozenset(
        recipe.group.label for recipe in planned.recipes if recipe.method.sew is not None
    )

    def chance(now: Errors, of: Runs = runs) -> float:
        found = _checkpoint(plan, of, last.join.number, now)
        return _Trimming(plan, planned, of, now).counted(found).chance

    before = chance(errors)
    ways = {
        "seam": chance(replace(errors, seam_error=Fraction(0))),
        "trim": chance(errors, Runs(plan, every, listed_sizes(planned, every))),
        "cut": chance(replace(errors, cut_spread=errors.cut_spread / 2)),
        "steady": chance(replace(errors, seam_spread=errors.seam_spread / 2)),
        "ruler": chance(errors, Runs(plan, runs.trimmed) if any(runs.larger) else runs),
    }
    practice = {name: ways[name] for name in _PRACTICE}
    none = message("no-change-helps-much", before=percent(before))
    return _helps_most(ways, before) or none, _helps_most(practice, before) or ""


def _helps_most(ways: Mapping[str, float], before: float) -> Message | None:
    """Which change helps most, in a sentence; None where none helps much."""
    change, after = max(ways.items(), key=lambda one: one[1])
    if after - before < 0.01:
        return None
    return message("change-helps", change=change, after=percent(after), before=percent(before))


def percent(chance: float) -> Message:
    """A chance, never told surer than it is.

    >>> percent(1.0).code, percent(0.0004).code
    ('percent-over-99', 'percent-under-1')
    """
    if chance > 0.995:
        return message("percent-over-99")
    if chance < 0.005:
        return message("percent-under-1")
    return message("percent", chance=Decimal(100 * chance))
