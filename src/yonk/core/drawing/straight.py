"""Straight seams that run right across some pieces of a drawing, at any slant."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from itertools import chain

import numpy as np

from yonk.core.drawing.faces import Ring
from yonk.core.paper import Array

ON_THE_LINE = 1e-9  # of the longer side; a seam that is not exact lies off by less
MOST_AT_ONCE = 4_000_000  # corners times lines looked at together


@dataclass(frozen=True, eq=False)
class Parted:
    """Pieces parted by a line: which lie beyond it, the line's direction, and the lines that may
    still part either side.
    """

    beyond: Array
    normal: Array
    lines: Array


def corners(rings: Sequence[Ring], size: int) -> list[Array]:
    """The corners of each ring, a length of `size` lattice steps counted as one."""
    return [np.array(ring, dtype=float) / size for ring in rings]


def lines_of(rings: Sequence[Ring], size: int) -> Array:
    """Each line that a side lies on, once, the longest side first: a·x + b·y = c with a² + b² =
    1.
    """
    sides = _sides(rings, size)
    longest_first = _on_lines(sides)[
        np.argsort(-np.hypot(sides[:, 2] - sides[:, 0], sides[:, 3] - sides[:, 1]), kind="stable")
    ]
    _, first = np.unique(np.round(longest_first, 7), axis=0, return_index=True)
    return longest_first[np.sort(first)]


def all_run_across(rings: Sequence[Ring], width: int, height: int) -> bool:
    """Whether every seam is known to run from edge to edge of a rectangle that pieces fill, so that
    it comes apart along any of them; it may be so where this is false.

    What lies on one line is as long as the way from its one end to its other, counted from both
    sides of it, and both ends lie on the edges.
    """
    size = max(width, height)
    far = np.array([width, height]) / size
    sides = _sides(rings, size)
    lines = _on_lines(sides)
    _, numbers = np.unique(np.round(lines, 7), axis=0, return_inverse=True)
    of_line = np.tile(numbers.reshape(-1), 2)
    spots = np.concatenate((sides[:, :2], sides[:, 2:]))
    along = np.tile(lines, (2, 1))
    place = spots[:, 1] * along[:, 0] - spots[:, 0] * along[:, 1]
    order = np.lexsort((place, of_line))
    begins = np.flatnonzero(np.diff(of_line[order], prepend=-1))
    ends = np.append(begins[1:], len(order)) - 1
    one, other = spots[order[begins]], spots[order[ends]]
    lengths = place[order[ends]] - place[order[begins]]
    half = len(sides)
    told = np.bincount(of_line[:half], weights=np.abs(place[:half] - place[half:]))
    edges = [np.abs(spot - at) < ON_THE_LINE for spot in (one, other) for at in (0, far)]
    reach = (edges[0] | edges[1]).any(axis=1) & (edges[2] | edges[3]).any(axis=1)
    of_edge = ((edges[0] & edges[2]) | (edges[1] & edges[3])).any(axis=1)
    times = np.where(of_edge, 1, 2)
    whole = np.abs(told - times * lengths) < ON_THE_LINE * (1 + len(sides))
    return bool((reach & whole).all())


def _sides(rings: Sequence[Ring], size: int) -> Array:
    """Every side by its two ends, a length of `size` lattice steps counted as one."""
    sides = (zip(ring, ring[1:] + ring[:1], strict=True) for ring in rings)
    spots = chain.from_iterable(chain.from_iterable(sides))
    return np.fromiter(chain.from_iterable(spots), dtype=float).reshape(-1, 4) / size


def _on_lines(sides: Array) -> Array:
    """The line that each side lies on, the same whichever way it goes."""
    a, b = sides[:, 3] - sides[:, 1], sides[:, 0] - sides[:, 2]
    sign = np.where((a < -ON_THE_LINE) | ((np.abs(a) <= ON_THE_LINE) & (b < 0)), -1, 1) / np.hypot(
        a, b
    )
    a, b = a * sign, b * sign
    return np.stack((a, b, a * sides[:, 0] + b * sides[:, 1]), axis=1)


def part_halfway(
    pieces: Sequence[Array], lines: Array, beside: Array | None = None
) -> Parted | None:
    """Part pieces along the line that halves them best.

    Args:
        pieces: the corners of each.
        lines: the lines that may part them.
        beside: the direction that is taken among lines that halve as well: that of the line before.

    Returns: how they are parted; None where every line runs through a piece.
    """
    spots = np.concatenate(pieces)
    starts = np.cumsum([0, *(len(piece) for piece in pieces[:-1])])
    best: tuple[tuple[int, bool], Array, Array] | None = None
    crossing = []
    at_once = max(1, MOST_AT_ONCE // len(spots))
    for first in range(0, len(lines), at_once):
        some = lines[first : first + at_once]
        off = some[:, :2] @ spots.T - some[:, 2:]
        least, most = (
            np.minimum.reduceat(off, starts, axis=1),
            np.maximum.reduceat(off, starts, axis=1),
        )
        beyond, short = most > ON_THE_LINE, least < -ON_THE_LINE
        through = (beyond & short).any(axis=1)
        inside = beyond.any(axis=1) & short.any(axis=1)
        crossing.append(some[inside])
        for number in np.flatnonzero(inside & ~through):
            before = int(beyond[number].sum())
            normal = some[number, :2]
            rank = min(before, len(pieces) - before), _is_beside(normal, beside)
            if best is None or rank > best[0]:
                best = rank, beyond[number], normal
    if best is None or not best[0][0]:
        return None
    return Parted(best[1], best[2], np.concatenate(crossing))


def _is_beside(normal: Array, other: Array | None) -> bool:
    return other is not None and bool(
        abs(normal[0] * other[1] - normal[1] * other[0]) < ON_THE_LINE
    )
