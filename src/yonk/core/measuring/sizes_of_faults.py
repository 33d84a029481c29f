"""How often something goes wrong, and by how much: a mark of the ruler, a step of the needle.

Source: estimates, from what practitioners tell of their spoilt blocks. What is told sure was held
against simulated blocks (`bench/sewn.py`), whose faults are not of these sizes.
"""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass

import numpy as np

from yonk.core.measuring.suspects import CauseKind
from yonk.core.paper import Array, LengthUnit

NOTHING_WRONG = 0.45  # of the blocks that are measured, where nothing is wrong
SOMETHING_ELSE = 0.03  # where it is what nobody thought of
TWO = 0.15  # where it is two causes, of those where it is one
# of the blocks where one thing is wrong
PRIOR: Mapping[CauseKind, float] = {
    "seam": 0.20,  # the usual one: a machine's foot is not a quarter wide
    "one-seam": 0.10,
    "cut": 0.14,
    "trim": 0.04,
    "press": 0.05,
    "skew": 0.05,
    "stretch": 0.02,
}
_CM = 2.54


@dataclass(frozen=True)
class FaultSizes:
    """Normal heaps of sizes: about which size each, with which share; their common spread."""

    middles: Array
    shares: Array
    spread: float

    def of(self, unit: LengthUnit) -> FaultSizes:
        """The same in a unit; these are in inches."""
        if unit == "in":
            return self
        return FaultSizes(self.middles * _CM, self.shares, self.spread * _CM)


def _either_way(shares: Mapping[float, float], spread: float) -> FaultSizes:
    both = [(sign * by, share / 2) for by, share in shares.items() for sign in (-1, 1)]
    return _one_way(dict(both), spread)


def _one_way(shares: Mapping[float, float], spread: float) -> FaultSizes:
    total = sum(shares.values())
    middles = np.array(list(shares))
    return FaultSizes(middles, np.array(list(shares.values())) / total, spread)


FAULT_SIZES: Mapping[CauseKind, FaultSizes] = {
    "seam": _either_way({1 / 64: 0.2, 1 / 32: 0.4, 1 / 16: 0.3, 1 / 8: 0.1}, 1 / 100),
    "one-seam": _either_way({1 / 32: 0.3, 1 / 16: 0.4, 1 / 8: 0.3}, 1 / 50),
    "cut": _either_way({1 / 16: 0.3, 1 / 8: 0.4, 1 / 4: 0.25, 1 / 2: 0.05}, 1 / 40),
    "trim": _either_way({1 / 16: 0.5, 1 / 8: 0.4, 1 / 4: 0.1}, 1 / 40),
    # a fold only ever takes up more
    "press": _one_way({1 / 64: 0.3, 1 / 32: 0.5, 1 / 16: 0.2}, 1 / 100),
    "skew": _either_way({1 / 16: 0.3, 1 / 8: 0.4, 1 / 4: 0.3}, 1 / 30),
    "stretch": _one_way({1 / 16: 0.4, 1 / 8: 0.4, 1 / 4: 0.2}, 1 / 30),
}
