"""Stretches of one line: touching ones joined."""

from __future__ import annotations

from collections.abc import Iterator
from typing import Any, TypeVar

Place = TypeVar(
    "Place", bound=Any
)  # anything with an order along the line: numbers, or points on it


def joined(stretches: list[tuple[Place, Place]]) -> Iterator[tuple[Place, Place]]:
    """The stretches, each from its lower to its higher end, with those that touch or overlap made
    one; in order.
    """
    stretches.sort()
    low, high = stretches[0]
    for start, end in stretches[1:]:
        if start <= high:
            high = max(high, end)
        else:
            yield low, high
            low, high = start, end
    yield low, high
