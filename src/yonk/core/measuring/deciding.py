"""Which one further measure decides most between the explanations of a block, by the certainty that
it is expected to bring.
"""

from __future__ import annotations

import numpy as np

from yonk.core.measuring.response import matrix_of
from yonk.core.measuring.weighing import NOISE, ODD, Weighing
from yonk.core.paper import Array

_WEIGHED = 10  # of the likeliest explanations, that are to be told apart
_GRID = 61  # readings that are tried of each measure
_GAIN = 0.06  # of the natural logarithm, below which one more measure decides nothing


def most_deciding(weighing: Weighing) -> str:
    """The name of the measure that decides most; nothing where none decides anything."""
    left = {name: one for name, one in weighing.known.items() if name not in weighing.asked}
    if not left:
        return ""
    told = weighing.explanations[:_WEIGHED]
    shares = np.array([one.chance for one in told])
    shares = shares / shares.sum()
    names = list(weighing.known)
    places = np.array([names.index(name) for name in left])
    rows = matrix_of(weighing.response, left).mean(axis=1)
    spreads = weighing.response.spreads(weighing.errors)
    noise = (rows**2) @ spreads**2 + (NOISE * weighing.reading) ** 2
    means, variances = [], []
    for one in told:
        mean, variance = np.zeros(len(left)), noise.copy()
        if one.is_something_else:
            variance = variance + (ODD * weighing.reading) ** 2
        else:
            for suspect, by, spread in zip(one.suspects, one.by, one.spread, strict=True):
                half = suspect.answers[places].mean(axis=1)
                mean = mean + half * by
                variance = variance + (half * spread) ** 2
        means.append(mean)
        variances.append(variance)
    gains = _gains(shares, np.array(means), np.array(variances))
    best = int(np.argmax(np.round(gains, 6)))
    return list(left)[best] if gains[best] > _GAIN else ""


def _gains(shares: Array, means: Array, variances: Array) -> Array:
    """How much is learnt of which explanation it is from each measure, `(explanations, measures)`:
    the mutual information, by sums over a grid of readings.
    """
    wide = np.sqrt(variances)
    low, high = (means - 4 * wide).min(axis=0), (means + 4 * wide).max(axis=0)
    at = low + np.linspace(0, 1, _GRID)[:, None] * (high - low)
    step = (high - low) / (_GRID - 1)
    density = np.exp(-0.5 * ((at[None] - means[:, None]) / wide[:, None]) ** 2)
    density /= wide[:, None] * np.sqrt(2 * np.pi)
    mixed = np.einsum("e,egm->gm", shares, density)
    share = np.log(np.maximum(density, 1e-300) / np.maximum(mixed, 1e-300))
    found: Array = np.einsum("e,egm,egm->m", shares, density, share) * step
    return found
