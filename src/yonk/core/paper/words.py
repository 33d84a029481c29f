"""Words that every room says alike."""

from __future__ import annotations

from collections.abc import Sequence


def listed(words: Sequence[str]) -> str:
    """Some words one after the other, at least one.

    >>> listed(["A"]), listed(["A", "B"]), listed(["A", "B", "C"])
    ('A', 'A and B', 'A, B and C')
    """
    return words[0] if len(words) == 1 else f"{', '.join(words[:-1])} and {words[-1]}"
