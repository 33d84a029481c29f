"""Stretches of one line: touching ones joined."""

from __future__ import annotations

from collections.abc import Iterator
from typing import Any, TypeVar

StretchPlace = TypeVar(
    "StretchPlace", bound=Any
)  # anything with an order along the line: numbers, or points on it


def joined(
    stretches: list[tuple[StretchPlace, StretchPlace]],
) -> Iterator[tuple[StretchPlace, StretchPlace]]:
    """Stretches of one line, with those that touch or overlap made one.

    Args:
        stretches: all on one straight line, each from its lower to its higher end.

    Returns: them in order, each from its lower to its higher end.

    >>> [*joined([((2, 0), (4, 0)), ((0, 0), (2, 0)), ((5, 0), (6, 0))])]
    [((0, 0), (4, 0)), ((5, 0), (6, 0))]
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
