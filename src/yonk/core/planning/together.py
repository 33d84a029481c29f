"""Parts of a block that are made as one unit, because the quilter says so: loose squares sewn from
strips, or any part on a printed foundation.
"""

from __future__ import annotations

from yonk.core.drawing import Drawing
from yonk.core.paper import Draft, MadeTogether

LatticeSpan = tuple[int, int, int, int]


def spans_together(draft: Draft, drawing: Drawing) -> tuple[LatticeSpan, ...]:
    """The boxes of the parts that are made as one unit: left, top, right and bottom, in lattice
    steps, without those that a patch reaches out of.
    """
    wishes = draft.making.sewing.together
    return tuple(span for one in wishes if (span := _span(drawing, one)))


def is_whole(drawing: Drawing, box: MadeTogether) -> bool:
    """Whether a box of columns and rows is closed by seams: no patch lies partly in it."""
    return _span(drawing, box) is not None


def _span(drawing: Drawing, box: MadeTogether) -> LatticeSpan | None:
    try:
        ends = [drawing.to_lattice(point) for point in (box.corner, box.opposite)]
    except (IndexError, ValueError):  # the grid has fewer lines now
        return None
    if any(part.denominator > 1 for end in ends for part in end):
        return None
    (left, top), (right, bottom) = ((int(x), int(y)) for x, y in ends)
    inside = 0
    for face in drawing.faces:
        x, y, far, low = face.box
        if left <= x and far <= right and top <= y and low <= bottom:
            inside += abs(face.twice_area)
    return (left, top, right, bottom) if inside == 2 * (right - left) * (bottom - top) else None
