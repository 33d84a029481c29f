"""Set-in seams: where no straight seam from edge to edge takes a piece of the block apart."""

from __future__ import annotations

from typing import Any

import numpy as np

from yonk.core.drawing.assembly import Piece, Region

ON_THE_LINE = 1e-9  # of the region's size; a seam that is not exact lies off by less
MOST_AT_ONCE = 4_000_000  # corners times lines looked at together
Array = Any


def set_in_pieces(region: Region) -> tuple[Piece, ...]:
    """The pieces of a region that cannot be joined by straight seams alone, or none.

    Takes the region apart along any straight seam that runs right across it, at any slant, and what
    comes off in the same way, until single pieces are left or no such seam is. Of several seams the
    one that halves best is taken first.
    """
    spots, lines = _corners(region), _lines(region)
    waiting = [(np.arange(len(region.pieces)), lines)]
    stuck: list[Piece] = []
    while waiting:
        numbers, lines = waiting.pop()
        if len(numbers) == 1 and not region.pieces[numbers[0]].holes:
            continue
        parted = _apart([spots[number] for number in numbers], lines)
        if parted is None:
            stuck.extend(region.pieces[number] for number in numbers)
        else:
            before, left = parted
            waiting += [(numbers[before], left), (numbers[~before], left)]
    return tuple(sorted(stuck, key=lambda piece: piece.face))


def _corners(region: Region) -> list[Array]:
    """The corners of each piece, the region's longer side counted as one."""
    size = max(region.width, region.height)
    return [np.array(piece.ring, dtype=float) / size for piece in region.pieces]


def _lines(region: Region) -> Array:
    """Each line that a side lies on, once: a·x + b·y = c with a² + b² = 1."""
    size = max(region.width, region.height)
    sides = (
        np.array(
            [
                (*one, *other)
                for piece in region.pieces
                for ring in (piece.ring, *piece.holes)
                for one, other in zip(ring, ring[1:] + ring[:1], strict=True)
            ],
            dtype=float,
        )
        / size
    )
    a, b = sides[:, 3] - sides[:, 1], sides[:, 0] - sides[:, 2]
    sign = np.where((a < -ON_THE_LINE) | ((np.abs(a) <= ON_THE_LINE) & (b < 0)), -1, 1) / np.hypot(
        a, b
    )
    a, b = a * sign, b * sign
    found = np.stack((a, b, a * sides[:, 0] + b * sides[:, 1]), axis=1)
    longest_first = found[
        np.argsort(-np.hypot(sides[:, 2] - sides[:, 0], sides[:, 3] - sides[:, 1]), kind="stable")
    ]
    _, first = np.unique(np.round(longest_first, 7), axis=0, return_index=True)
    return longest_first[np.sort(first)]


def _apart(pieces: list[Array], lines: Array) -> tuple[Array, Array] | None:
    """Which pieces lie before the line that halves best, and the lines that may still part them;
    None for no line.
    """
    spots = np.concatenate(pieces)
    starts = np.cumsum([0, *(len(piece) for piece in pieces[:-1])])
    best: tuple[int, Array] | None = None
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
            even = min(before, len(pieces) - before)
            if best is None or even > best[0]:
                best = even, beyond[number]
    return (best[1], np.concatenate(crossing)) if best and best[0] else None
