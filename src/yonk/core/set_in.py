"""Set-in seams: where no straight seam from edge to edge takes a piece of the block apart."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from math import gcd

from yonk.core.assembly import Piece, Region

Line = tuple[int, int, int]  # every point (x, y) on it has a·x + b·y = c


def set_in_pieces(region: Region) -> tuple[Piece, ...]:
    """The pieces of a region that cannot be joined by straight seams alone, or none.

    Takes the region apart along any straight seam that runs right across it, at any slant, and what comes off in the
    same way, until single pieces are left or no such seam is.
    """
    waiting: list[Sequence[Piece]] = [region.pieces]
    stuck: list[Piece] = []
    while waiting:
        pieces = waiting.pop()
        if len(pieces) == 1 and not pieces[0].holes:
            continue
        halves = _apart(pieces)
        if halves:
            waiting.extend(halves)
        else:
            stuck.extend(pieces)
    return tuple(sorted(stuck, key=lambda piece: piece.face))


def _lines(pieces: Iterable[Piece]) -> Iterable[Line]:
    known = set()
    for piece in pieces:
        for (ax, ay), (bx, by) in zip(piece.ring, piece.ring[1:] + piece.ring[:1], strict=True):
            a, b = by - ay, ax - bx
            common = gcd(a, b) * (-1 if (a, b) < (0, 0) else 1)
            known.add((a // common, b // common, (a * ax + b * ay) // common))
    return sorted(known)


def _apart(pieces: Sequence[Piece]) -> tuple[list[Piece], list[Piece]] | None:
    for line in _lines(pieces):
        before: list[Piece] = []
        behind: list[Piece] = []
        for piece in pieces:
            side = _side(piece, line)
            if side is None:
                break
            (before if side else behind).append(piece)
        else:
            if before and behind:
                return before, behind
    return None


def _side(piece: Piece, line: Line) -> bool | None:
    """Which side of a line a piece lies on, or None when the line runs through it."""
    a, b, c = line
    before = behind = False
    for x, y in piece.ring:
        off = a * x + b * y - c
        before, behind = before or off > 0, behind or off < 0
        if before and behind:
            return None
    return before
