"""Seams as straight stretches: clipped to a rectangle, taken from each other, and kept tidy in a
draft.
"""

from __future__ import annotations

from collections import defaultdict
from collections.abc import Iterable, Sequence
from fractions import Fraction
from math import lcm

from yonk.core.paper.draft import Draft, Seam
from yonk.core.paper.points import Point
from yonk.core.paper.ruling import Ruling
from yonk.core.paper.stretches import joined


def _at(seam: Seam, share: Fraction) -> Point:
    (ax, ay), (bx, by) = seam
    return ax + (bx - ax) * share, ay + (by - ay) * share


def _shares_inside(seam: Seam, low: Point, high: Point) -> tuple[Fraction, Fraction] | None:
    """Between which shares of its length a seam runs through the open rectangle (after Liang and
    Barsky).
    """
    start, end = Fraction(0), Fraction(1)
    for axis in (0, 1):
        here, way = seam[0][axis], seam[1][axis] - seam[0][axis]
        if way == 0:
            if not low[axis] < here < high[axis]:
                return None
            continue
        near, far = sorted(((low[axis] - here) / way, (high[axis] - here) / way))
        start, end = max(start, near), min(end, far)
    return (start, end) if start < end else None


def inside(seam: Seam, low: Point, high: Point) -> Seam | None:
    """The part of a seam inside a rectangle.

    Args:
        seam: in columns and rows, as `low` and `high` are.
        low, high: the top left and the bottom right corner.

    Returns: the part, or nothing; a seam along the rectangle's edge is not inside.
    """
    shares = _shares_inside(seam, low, high)
    return (_at(seam, shares[0]), _at(seam, shares[1])) if shares else None


def outside(seam: Seam, low: Point, high: Point) -> list[Seam]:
    """The parts of a seam that are left when what is inside a rectangle is taken away.

    Args:
        seam: in columns and rows, as `low` and `high` are.
        low, high: the top left and the bottom right corner.
    """
    shares = _shares_inside(seam, low, high)
    if shares is None:
        return [seam]
    ends = [_at(seam, share) for share in shares]
    parts = [(seam[0], ends[0]), (ends[1], seam[1])]
    return [part for part in parts if part[0] != part[1]]


def _on_line(seam: Seam, point: Point) -> bool:
    (ax, ay), (bx, by) = seam
    return (bx - ax) * (point[1] - ay) == (by - ay) * (point[0] - ax)


def seam_without(seam: Seam, rubbed: Seam) -> list[Seam]:
    """What is left of a seam when the stretch it shares with another is rubbed out.

    Args:
        seam, rubbed: places on the cloth, in the draft's unit.

    Returns: none, one or two stretches of the seam, in its own direction.
    """
    if not (_on_line(seam, rubbed[0]) and _on_line(seam, rubbed[1])):
        return [seam]
    axis = 0 if seam[0][0] != seam[1][0] else 1
    start, way = seam[0][axis], seam[1][axis] - seam[0][axis]
    near, far = sorted(((rubbed[0][axis] - start) / way, (rubbed[1][axis] - start) / way))
    near, far = max(near, Fraction(0)), min(far, Fraction(1))
    if near >= far:
        return [seam]
    parts = [(seam[0], _at(seam, near)), (_at(seam, far), seam[1])]
    return [part for part in parts if part[0] != part[1]]


def whole_seam(draft: Draft, stretch: Seam) -> Seam:
    """The straight run of seams, on the cloth, that a stretch is part of; in columns and rows."""
    ruling = Ruling.of(draft)
    low, high = sorted((ruling.place(stretch[0]), ruling.place(stretch[1])))
    placed = [sorted((ruling.place(a), ruling.place(b))) for a, b in draft.seams]
    on_line = [(a, b) for a, b in placed if _on_line((low, high), a) and _on_line((low, high), b)]
    for _ in on_line:
        for a, b in on_line:
            if a <= high and b >= low:
                low, high = min(low, a), max(high, b)
    return ruling.count(low), ruling.count(high)


def tidy(seams: Iterable[Seam]) -> tuple[Seam, ...]:
    """The same drawing with fewer seams: doubles dropped, and seams along one grid direction that
    touch joined.

    A slanted seam is left as it is: joined to the next across a grid line it would no longer bend
    with the grid when a proportion changes.
    """
    level: dict[int, list[tuple[int, int]]] = defaultdict(list)
    upright: dict[int, list[tuple[int, int]]] = defaultdict(list)
    slanted: set[tuple[tuple[int, int], tuple[int, int]]] = set()
    counted, exact = _in_whole_numbers([*seams])
    for seam in counted:
        a, b = sorted(seam)
        if a[1] == b[1]:
            level[a[1]].append((a[0], b[0]))
        elif a[0] == b[0]:
            upright[a[0]].append((a[1], b[1]))
        else:
            slanted.add((a, b))
    straight = [((low, y), (high, y)) for y in sorted(level) for low, high in joined(level[y])]
    straight += [((x, low), (x, high)) for x in sorted(upright) for low, high in joined(upright[x])]
    return tuple(
        ((exact[ax], exact[ay]), (exact[bx], exact[by]))
        for (ax, ay), (bx, by) in (*straight, *sorted(slanted))
    )


def _in_whole_numbers(
    seams: Sequence[Seam],
) -> tuple[list[tuple[tuple[int, int], tuple[int, int]]], dict[int, Fraction]]:
    """Seams counted in the largest step that all of them are whole in, which compare faster than
    fractions do, and what each count stands for.
    """
    parts = [part for seam in seams for point in seam for part in point]
    ratios = [part.as_integer_ratio() for part in parts]
    scale = lcm(*{below for _, below in ratios})
    counts = [above * (scale // below) for above, below in ratios]
    each = iter(counts)
    counted = [((ax, ay), (bx, by)) for ax, ay, bx, by in zip(each, each, each, each, strict=True)]
    return counted, dict(zip(counts, parts, strict=True))
