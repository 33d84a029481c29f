"""Set-in seams: where no straight seam from edge to edge takes a piece of the block apart."""

from __future__ import annotations

import numpy as np

from yonk.core.drawing.assembly import Piece, Region
from yonk.core.drawing.straight import all_run_across, corners, lines_of, part_halfway


def set_in_pieces(region: Region) -> tuple[Piece, ...]:
    """The pieces of a region that cannot be joined by straight seams alone, or none.

    Takes the region apart along any straight seam that runs right across it, at any slant, and what
    comes off in the same way, until single pieces are left or no such seam is. Of several seams the
    one that halves best is taken first.
    """
    size = max(region.width, region.height)
    rings = [ring for one in region.pieces for ring in (one.ring, *one.holes)]
    if all_run_across(rings, region.width, region.height):
        return ()
    spots = corners([piece.ring for piece in region.pieces], size)
    lines = lines_of(rings, size)
    waiting = [(np.arange(len(region.pieces)), lines)]
    stuck: list[Piece] = []
    while waiting:
        numbers, lines = waiting.pop()
        few = [region.pieces[number] for number in numbers[:3]]
        if len(few) == 1 and not few[0].holes:
            continue
        if len(few) == 2 and all(map(_bulges, few)):
            continue  # a side of one of two such pieces always parts them
        parted = part_halfway([spots[number] for number in numbers], lines)
        if parted is None:
            stuck.extend(region.pieces[number] for number in numbers)
        else:
            waiting += [
                (numbers[parted.beyond], parted.lines),
                (numbers[~parted.beyond], parted.lines),
            ]
    return tuple(sorted(stuck, key=lambda piece: piece.face))


def _bulges(piece: Piece) -> bool:
    """Whether it has no corner that points inward, and no hole."""
    ring = piece.ring
    turns = {
        (bx - ax) * (cy - by) > (by - ay) * (cx - bx)
        for (ax, ay), (bx, by), (cx, cy) in zip(
            ring, ring[1:] + ring[:1], ring[2:] + ring[:2], strict=True
        )
    }
    return not piece.holes and len(turns) == 1
