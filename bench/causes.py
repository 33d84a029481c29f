"""Simulated trial blocks: one known cause each, measured everywhere, read with an error."""

from __future__ import annotations

from collections import Counter
from fractions import Fraction as F
from functools import cache

import numpy as np

from yonk.core.measuring import diagnose, measurables
from yonk.core.measuring.diagnosis import suspects_of
from yonk.core.planning import Plan, make_plan
from yonk.core.pressing import SewingPlan, sewing_plan
from yonk.machine.samples import all_samples

SAMPLES = {draft.name: draft for draft in all_samples()}


@cache
def planned(name: str) -> tuple[SewingPlan, Plan]:
    """The sewing and the plan of a sample."""
    return sewing_plan(SAMPLES[name]), make_plan(SAMPLES[name])


def simulated(name: str, count: int) -> Counter[tuple[str, str]]:
    """Blocks with one cause each, measured everywhere, read to a thirty-second either way."""
    plan, plan_ = planned(name)
    known, suspects = measurables(plan), suspects_of(plan, plan_, measurables(plan))
    random = np.random.default_rng(3)
    kinds = sorted({one.kind for one in suspects})
    told: Counter[tuple[str, str]] = Counter()
    for number in range(count):
        kind = kinds[number % len(kinds)]
        mine = [one for one in suspects if one.kind == kind]
        one = mine[random.integers(len(mine))]
        by = (
            random.uniform(3 / 64, 1 / 8)
            * random.choice([-1, 1])
            / (3 if kind in ("seam", "press") else 1)
        )
        sizes = {
            what: F(round((m.size + by * one.answers[what] + random.uniform(-1, 1) / 32) * 64), 64)
            for what, m in known.items()
        }
        found = diagnose(plan, plan_, sizes)
        first = found.causes[0].kind if found.causes else "none"
        rivals = {cause.kind for rival in found.undecided for cause in rival}
        told[kind, "undecided" if first != kind and kind in rivals else first] += 1
    return told
