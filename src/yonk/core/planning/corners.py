"""Where the square corners of triangles lie, and counts of them; clockwise from the top left."""

from __future__ import annotations

from collections.abc import Iterable, Sequence

CornerAngles = tuple[int, int, int, int]
NONE: CornerAngles = (0, 0, 0, 0)


def corner_of(ring: Sequence[tuple[int, int]]) -> int | None:
    """Where the square corner of a right triangle lies whose legs run along the block's sides,
    clockwise from the top left; or its long edge, where that does, clockwise from the top. None for
    every other outline.

    >>> corner_of([(0, 0), (4, 0), (0, 4)]), corner_of([(0, 2), (2, 0), (4, 2)])
    (0, 2)
    """
    if len(ring) != 3:
        return None
    across, down = [x for x, _ in ring], [y for _, y in ring]
    left, right, top, bottom = min(across), max(across), min(down), max(down)
    at = [spot in ring for spot in ((left, top), (right, top), (right, bottom), (left, bottom))]
    if sum(at) == 3:
        return (at.index(False) + 2) % 4
    if sum(at) == 2:
        return next((n for n in range(4) if at[n] and at[(n + 1) % 4]), None)
    return None


def turned_corners(corners: Sequence[int], by: int) -> CornerAngles:
    """Counts of corners, counted from another quarter on."""
    a, b, c, d = (corners[(n + by) % 4] for n in range(4))
    return a, b, c, d


def sum_of(all_of: Iterable[CornerAngles]) -> CornerAngles:
    """Counts of corners added up."""
    a, b, c, d = map(sum, zip(NONE, *all_of, strict=True))
    return a, b, c, d
