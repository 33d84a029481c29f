"""How likely two sides are within a tolerance together."""

from __future__ import annotations

import numpy as np
from scipy.stats import multivariate_normal, norm

from yonk.core.paper import Array

TINY = 1e-9  # below it a variance is none but for rounding


def chance_within(means: Array, joint: Array, tolerance: float) -> float:
    """The chance that both sides lie within the tolerance: their means and joint variances, in the
    draft's unit.
    """
    spreads = np.sqrt(np.diag(joint))
    if spreads.min() < TINY:
        alone = [
            _alone(mean, spread, tolerance) for mean, spread in zip(means, spreads, strict=True)
        ]
        return alone[0] * alone[1]
    upper, lower = np.full(2, tolerance), np.full(2, -tolerance)
    cdf = multivariate_normal(means, joint, allow_singular=True).cdf
    chance = float(cdf(upper, lower_limit=lower))
    return min(1.0, max(0.0, round(chance, 9)))


def _alone(mean: float, spread: float, tolerance: float) -> float:
    if spread < TINY:
        return float(abs(mean) <= tolerance)
    return float(norm.cdf(tolerance, mean, spread) - norm.cdf(-tolerance, mean, spread))
