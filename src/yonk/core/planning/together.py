"""Parts of a block that are made as one unit, because the quilter says so: loose squares sewn from
strips, or any part on a printed foundation.
"""

from __future__ import annotations

from dataclasses import dataclass

from yonk.core.drawing import Drawing
from yonk.core.paper import Draft, MadeTogether

LatticeSpan = tuple[int, int, int, int]


@dataclass(frozen=True)
class SpansTogether:
    """The parts that are made as one unit, as boxes in lattice steps: left, top, right and bottom;
    and those wishes that are `left_out`, since a patch reaches out of them or they overlap others.
    """

    spans: tuple[LatticeSpan, ...]
    left_out: tuple[MadeTogether, ...]


def spans_together(draft: Draft, drawing: Drawing) -> SpansTogether:
    """Which of the parts that she wants made as one unit can be; of two that overlap the first."""
    spans: list[LatticeSpan] = []
    taken: list[MadeTogether] = []
    left_out: list[MadeTogether] = []
    for one in draft.making.sewing.together:
        span = None if any(one.touches(other) for other in taken) else _span(drawing, one)
        if span is None:
            left_out.append(one)
        else:
            spans.append(span)
            taken.append(one)
    return SpansTogether(tuple(spans), tuple(left_out))


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
