"""Convex outlines in the plane: splitting, mirroring, moving, measuring. Lengths are floats in the
draft's unit; y runs down.
"""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import dataclass
from math import hypot

from yonk.core.paper import XY, Polygon

NOTHING = 1e-9  # below it two places are one but for rounding; cloth shows a thousandth at most


@dataclass(frozen=True, slots=True)
class TableLine:
    """A straight line through a point, with a direction of length one."""

    through: XY
    along: XY

    @staticmethod
    def between(start: XY, end: XY) -> TableLine:
        """The line from one point to another."""
        dx, dy = end[0] - start[0], end[1] - start[1]
        long = hypot(dx, dy)
        return TableLine(start, (dx / long, dy / long))

    def side(self, spot: XY) -> float:
        """How far to the right of the line a point lies, as seen; negative on the left."""
        return self.along[0] * (spot[1] - self.through[1]) - self.along[1] * (
            spot[0] - self.through[0]
        )

    def beside(self, by: float) -> TableLine:
        """The parallel line so far to the right."""
        (x, y), (dx, dy) = self.through, self.along
        return TableLine((x - dy * by, y + dx * by), self.along)

    def reach(self, spot: XY) -> float:
        """How far along the line a point lies."""
        return self.along[0] * (spot[0] - self.through[0]) + self.along[1] * (
            spot[1] - self.through[1]
        )

    def at(self, reach: float) -> XY:
        """The point so far along the line."""
        return self.through[0] + self.along[0] * reach, self.through[1] + self.along[1] * reach

    def mirrored(self, spot: XY) -> XY:
        """The point as it lies when the cloth is folded over the line."""
        off = 2 * self.side(spot)
        return spot[0] + self.along[1] * off, spot[1] - self.along[0] * off


TableSegment = tuple[XY, XY]


@dataclass(frozen=True, slots=True)
class Motion:
    """A turn, mirrored or not, and a shift: x' = a·x + b·y + c, y' = d·x + e·y + f."""

    a: float = 1.0
    b: float = 0.0
    c: float = 0.0
    d: float = 0.0
    e: float = 1.0
    f: float = 0.0

    def spot(self, spot: XY) -> XY:
        """Where a point comes to lie."""
        x, y = spot
        return self.a * x + self.b * y + self.c, self.d * x + self.e * y + self.f

    def way(self, way: XY) -> XY:
        """Where a direction comes to point."""
        x, y = way
        return self.a * x + self.b * y, self.d * x + self.e * y

    def outline(self, outline: Polygon) -> Polygon:
        """Where an outline comes to lie; it keeps its sense."""
        moved = tuple([self.spot(spot) for spot in outline])
        return moved if self.a * self.e - self.b * self.d > 0 else moved[::-1]

    @staticmethod
    def turning(way: XY, to: XY, about: XY = (0.0, 0.0), onto: XY = (0.0, 0.0)) -> Motion:
        """Turns one direction into another (both of length one), and brings `about` to lie on
        `onto`.
        """
        cos, sin = way[0] * to[0] + way[1] * to[1], way[0] * to[1] - way[1] * to[0]
        x, y = about
        return Motion(cos, -sin, onto[0] - cos * x + sin * y, sin, cos, onto[1] - sin * x - cos * y)

    @staticmethod
    def shift(dx: float, dy: float) -> Motion:
        """A shift alone."""
        return Motion(c=dx, f=dy)

    @staticmethod
    def folding(line: TableLine) -> Motion:
        """Folding over a line."""
        dx, dy = line.along
        a, b = dx * dx - dy * dy, 2 * dx * dy
        x, y = line.through
        return Motion(a, b, x - a * x - b * y, b, -a, y - b * x + a * y)


def split(outline: Polygon, line: TableLine) -> tuple[Polygon, Polygon]:
    """The parts of a convex outline to the right and to the left of a line; an empty one where
    there is none.
    """
    sides = [line.side(spot) for spot in outline]
    if min(sides) >= -NOTHING:
        return outline, ()
    if max(sides) <= NOTHING:
        return (), outline
    right: list[XY] = []
    left: list[XY] = []
    before, was = outline[-1], sides[-1]
    for spot, now in zip(outline, sides, strict=True):
        if (was > NOTHING and now < -NOTHING) or (was < -NOTHING and now > NOTHING):
            share = was / (was - now)
            crossing = (
                before[0] + (spot[0] - before[0]) * share,
                before[1] + (spot[1] - before[1]) * share,
            )
            right.append(crossing)
            left.append(crossing)
        if now >= -NOTHING:
            right.append(spot)
        if now <= NOTHING:
            left.append(spot)
        before, was = spot, now
    return tuple(right), tuple(left)


def area(outline: Polygon) -> float:
    """The area of an outline, positive where it runs clockwise as seen.

    >>> area(rectangle(3, 2))
    6.0
    """
    if not outline:
        return 0.0
    total, (x, y) = 0.0, outline[-1]
    for nx, ny in outline:
        total += x * ny - nx * y
        x, y = nx, ny
    return total / 2


def sides_of(outline: Polygon) -> list[TableSegment]:
    """The sides, one after the other."""
    return list(zip(outline, outline[1:] + outline[:1], strict=True))


def common(one: Polygon, other: Polygon) -> Polygon:
    """What two convex outlines, both clockwise as seen, have in common."""
    if boxes_apart(one, other):
        return ()
    for start, end in sides_of(other):
        one = split(one, TableLine.between(start, end))[0]
        if not one:
            return ()
    return one


def boxes_apart(one: Polygon, other: Polygon) -> bool:
    """Whether the upright boxes of two outlines lie apart, so that nothing need be asked
    further.
    """
    xs, ys = [spot[0] for spot in one], [spot[1] for spot in one]
    across, down = [spot[0] for spot in other], [spot[1] for spot in other]
    return (
        min(xs) > max(across) + NOTHING
        or max(xs) < min(across) - NOTHING
        or min(ys) > max(down) + NOTHING
        or max(ys) < min(down) - NOTHING
    )


def outline_without(one: Polygon, other: Polygon) -> list[Polygon]:
    """What is left of a convex outline, in convex parts, when another is taken away."""
    if area(common(one, other)) <= NOTHING:
        return [one]
    parts = []
    for start, end in sides_of(other):
        one, outside = split(one, TableLine.between(start, end))
        if area(outside) > NOTHING:
            parts.append(outside)
    return parts


def bounds(outlines: Sequence[Polygon]) -> tuple[float, float, float, float]:
    """Left, top, right and bottom of the smallest upright box around outlines."""
    xs = [spot[0] for outline in outlines for spot in outline]
    ys = [spot[1] for outline in outlines for spot in outline]
    return min(xs), min(ys), max(xs), max(ys)


def rectangle_around(outline: Polygon) -> Polygon:
    """The smallest upright box around an outline, as an outline."""
    left, top, right, bottom = bounds([outline])
    return rectangle(right - left, bottom - top, left, top)


def crossed_by(line: TableLine, outlines: Iterable[Polygon]) -> tuple[float, float] | None:
    """From where to where along a line it crosses outlines; None where it misses them all."""
    reaches = []
    for outline in outlines:
        for start, end in sides_of(outline):
            a, b = line.side(start), line.side(end)
            if abs(a) <= NOTHING:
                reaches.append(line.reach(start))
            if (a > NOTHING and b < -NOTHING) or (a < -NOTHING and b > NOTHING):
                share = a / (a - b)
                reaches.append(
                    line.reach(
                        (
                            start[0] + (end[0] - start[0]) * share,
                            start[1] + (end[1] - start[1]) * share,
                        )
                    )
                )
    return (
        (min(reaches), max(reaches)) if reaches and max(reaches) - min(reaches) > NOTHING else None
    )


def rectangle(
    width: float, height: float, left: float | None = None, top: float | None = None
) -> Polygon:
    """An upright rectangle from its top left corner, or about the origin; clockwise as seen."""
    x = -width / 2 if left is None else left
    y = -height / 2 if top is None else top
    return (x, y), (x + width, y), (x + width, y + height), (x, y + height)
