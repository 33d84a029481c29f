"""The grid changed under a drawing: columns and rows added, removed, made wider; seams and paints
move along.
"""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from fractions import Fraction
from typing import Literal

from yonk.core.paper import (
    COUNTS,
    Draft,
    DraftError,
    Paint,
    Point,
    Ruling,
    Seam,
    message,
    outside,
    tidy,
)

Axis = Literal["columns", "rows"]
Back = Callable[[Point], Point]
_MOST_LINES = COUNTS["lines"][1]


def proportions_of(draft: Draft, axis: Axis) -> tuple[Fraction, ...]:
    """The proportions along an axis."""
    return draft.columns if axis == "columns" else draft.rows


def with_parts(draft: Draft, axis: Axis, parts: tuple[Fraction, ...]) -> Draft:
    """The draft with other proportions along an axis."""
    return replace(draft, columns=parts) if axis == "columns" else replace(draft, rows=parts)


def _at(axis: Axis) -> int:
    return 0 if axis == "columns" else 1


def _moved(point: Point, axis: Axis, along: Fraction) -> Point:
    return (along, point[1]) if axis == "columns" else (point[0], along)


def _split(draft: Draft, axis: Axis, low: int, high: int) -> list[Seam]:
    """The seams with what lies between two grid lines taken out; seams along those lines stay."""
    ruling, at = Ruling.of(draft), _at(axis)
    lines = (ruling.across, ruling.down)[at]
    span = lines[low], lines[high]
    far = draft.width + draft.height
    corners = ((span[0], -far), (span[1], far)) if at == 0 else ((-far, span[0]), (far, span[1]))
    kept = []
    for seam in draft.seams:
        placed = ruling.place(seam[0]), ruling.place(seam[1])
        for part in outside(placed, *corners):
            kept.append(seam if part == placed else (ruling.count(part[0]), ruling.count(part[1])))
    return kept


def remove_line(draft: Draft, axis: Axis, line: int) -> tuple[Draft, Back]:
    """Without one column or row and what it holds; and the way from a new point to where it was.

    Raises `DraftError` for the last one left.
    """
    parts, at = proportions_of(draft, axis), _at(axis)
    if len(parts) == 1:
        raise DraftError(axis, message("cannot-all-be-removed"))

    def forth(point: Point) -> Point:
        along = point[at]
        if along >= line + 1:
            along -= 1
        elif along > line:
            along = Fraction(line)
        return _moved(point, axis, along)

    def back(point: Point) -> Point:
        return _moved(point, axis, point[at] + (1 if point[at] > line else 0))

    left = [(forth(a), forth(b)) for a, b in _split(draft, axis, line, line + 1)]
    last = len(parts) - 1
    seams = tidy(
        s for s in left if s[0] != s[1] and not (s[0][at] == s[1][at] and s[0][at] in (0, last))
    )
    less = with_parts(replace(draft, seams=seams), axis, parts[:line] + parts[line + 1 :])
    inside = [paint for paint in draft.paints if not line < paint.at[at] < line + 1]
    return _points_moved(less, inside, forth), back


def add_line(draft: Draft, axis: Axis, line: int) -> tuple[Draft, Back]:
    """With a column or row of plain patches before the one with that number, as wide as its
    neighbour.

    Raises `DraftError` where there are 64 already.
    """
    parts, at = proportions_of(draft, axis), _at(axis)
    across = len(proportions_of(draft, "rows" if axis == "columns" else "columns"))
    if len(parts) >= _MOST_LINES:
        raise DraftError(axis, message("are-already-the-most", most=_MOST_LINES))
    here, after = Fraction(line), Fraction(line + 1)

    def shift(seam: Seam) -> list[Seam]:
        low, high = sorted((seam[0][at], seam[1][at]))
        if low == high == line:
            return [seam, (_moved(seam[0], axis, after), _moved(seam[1], axis, after))]
        if low >= line:
            return [
                (_moved(seam[0], axis, seam[0][at] + 1), _moved(seam[1], axis, seam[1][at] + 1))
            ]
        return [seam]

    def forth(point: Point) -> Point:
        return _moved(point, axis, point[at] + (1 if point[at] > line else 0))

    def back(point: Point) -> Point:
        return _moved(
            point,
            axis,
            point[at] - (1 if (point[at] > line and line > 0) or point[at] > line + 1 else 0),
        )

    seams = [moved for seam in _cut_at(draft, axis, line) for moved in shift(seam)]
    new = [
        *(((here, Fraction(row)), (after, Fraction(row))) for row in range(1, across)),
        *(
            ((edge, Fraction(0)), (edge, Fraction(across)))
            for edge, inner in ((here, line > 0), (after, line < len(parts)))
            if inner
        ),
    ]
    seams += new if at == 0 else [((ay, ax), (by, bx)) for (ax, ay), (bx, by) in new]
    more = with_parts(draft, axis, (*parts[:line], parts[min(line, len(parts) - 1)], *parts[line:]))
    return _points_moved(replace(more, seams=tidy(seams)), draft.paints, forth), back


def _cut_at(draft: Draft, axis: Axis, line: int) -> list[Seam]:
    """The seams cut where they cross a grid line."""
    ruling, at = Ruling.of(draft), _at(axis)
    here = (ruling.across, ruling.down)[at][line]
    cut: list[Seam] = []
    for seam in draft.seams:
        (a, b) = ruling.place(seam[0]), ruling.place(seam[1])
        if not min(a[at], b[at]) < here < max(a[at], b[at]):
            cut.append(seam)
            continue
        share = (here - a[at]) / (b[at] - a[at])
        middle = ruling.count((a[0] + share * (b[0] - a[0]), a[1] + share * (b[1] - a[1])))
        cut += [(seam[0], middle), (middle, seam[1])]
    return cut


def _points_moved(
    draft: Draft, paints: list[Paint] | tuple[Paint, ...], forth: Callable[[Point], Point]
) -> Draft:
    units = tuple(one.moved(forth) for one in draft.making.units)
    moved = tuple(Paint(forth(paint.at), paint.fabric) for paint in paints)
    making = replace(draft.making, units=units, sewing=draft.making.sewing.moved(forth))
    return replace(draft, paints=moved, making=making)


def reorder_lines(draft: Draft, axis: Axis, order: list[int]) -> tuple[Draft, Back]:
    """With its columns or rows in another order; a seam across grid lines is cut there first. The
    paints stay behind.

    Where two neighbours were none before, the line between them is sewn from edge to edge.
    """
    parts, at = proportions_of(draft, axis), _at(axis)
    across = len(proportions_of(draft, "rows" if axis == "columns" else "columns"))
    cut = draft
    for line in range(1, len(parts)):
        cut = replace(cut, seams=tuple(_cut_at(cut, axis, line)))
    seams: list[Seam] = []
    for place, line in enumerate(order):
        for seam in cut.seams:
            low, high = sorted((seam[0][at], seam[1][at]))
            if line <= low and high <= line + 1 and low != high:
                seams.append(
                    (
                        _moved(seam[0], axis, seam[0][at] - line + place),
                        _moved(seam[1], axis, seam[1][at] - line + place),
                    )
                )
            elif low == high and line < low < line + 1:
                seams.append(
                    (
                        _moved(seam[0], axis, low - line + place),
                        _moved(seam[1], axis, low - line + place),
                    )
                )
    for place, (one, other) in enumerate(zip(order, order[1:], strict=False), start=1):
        here = Fraction(place)
        if other == one + 1:
            seams += [
                (_moved(a, axis, here), _moved(b, axis, here))
                for a, b in cut.seams
                if a[at] == b[at] == other
            ]
        else:
            ends = (Fraction(0), Fraction(across))
            seams.append(
                ((here, ends[0]), (here, ends[1]))
                if at == 0
                else ((ends[0], here), (ends[1], here))
            )

    def back(point: Point) -> Point:
        place = min(int(point[at]), len(order) - 1)
        return _moved(point, axis, point[at] - place + order[place])

    moved = with_parts(
        replace(draft, seams=tidy(seams)), axis, tuple(parts[line] for line in order)
    )
    return replace(moved, making=draft.making.without_places()), back
