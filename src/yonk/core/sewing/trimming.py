"""Trimming: laying the drafted unit on a sewn work, seam upon seam, and what is found there.

The seams are matched first, as a ruler's 45° line is laid on the seam before any number is read;
only then is it asked how far the cloth reaches on each side.
"""

from __future__ import annotations

from collections import defaultdict
from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from math import atan2, cos, pi, sin

from yonk.core.paper import XY, Polygon
from yonk.core.sewing.plane import (
    NOTHING,
    Motion,
    TableLine,
    area,
    bounds,
    boxes_apart,
    common,
    rectangle,
    sides_of,
)
from yonk.core.sewing.work import Scrap, SewnWork

CLOSE = 1e-6  # below it a difference is rounding, a thousand times less than cloth shows
OutlinedPiece = tuple[Polygon, str, int]  # outline, fabric, and a number that tells pieces apart


@dataclass(frozen=True)
class Target:
    """A unit as it was drafted: the finished outlines of its patches with their fabrics, from its
    top left corner.
    """

    parts: tuple[tuple[Polygon, str], ...]
    width: float
    height: float
    seam: float
    slack: float = 0.0  # a difference that cloth does not show

    @property
    def box(self) -> Polygon:
        """The unfinished outline: the finished one with its seam allowance."""
        both = 2 * self.seam
        return rectangle(self.width + both, self.height + both, -self.seam, -self.seam)

    def mirrored(self) -> Target:
        """The unit as a mirror shows it."""
        flip = Motion(a=-1.0, c=self.width)
        parts = tuple((flip.outline(outline), fabric) for outline, fabric in self.parts)
        return Target(parts, self.width, self.height, self.seam, self.slack)


@dataclass(frozen=True)
class Fit:
    """How a sewn work lies under the drafted unit. Lengths in the draft's unit.

    `right` tells whether each fabric shows in its place all over the finished unit; `covered`
    whether the seam allowance is there on every side. `sides` is how far the cloth reaches beyond
    the unfinished size at the left, top, right and bottom; negative where it is short. `kept` is
    the unit's own cloth in it, that of a middle from elsewhere not counted. `mirrored` tells that
    it was held against the unit's mirror image.
    """

    work: SewnWork
    right: bool
    covered: bool
    sides: tuple[float, float, float, float]
    kept: float
    mirrored: bool = False

    @property
    def sound(self) -> bool:
        """Whether the trimmed unit is the drafted one."""
        return self.right and self.covered

    @property
    def oversize(self) -> tuple[float, float]:
        """How much wider and higher than its unfinished size the unit comes out; what is short on
        one side stays short.

        The seams tell where the unit is trimmed, so what is left over on one side does not help the
        other; only where they do not lie as drafted at all is it the whole that is compared.
        """
        left, top, right, bottom = self.sides
        if not self.right:
            return left + right, top + bottom
        return _together(left, right), _together(top, bottom)


def falls_off(oversize: tuple[float, float], hair: float) -> bool:
    """Whether a work of which that is too much, across and down, has something to be cut off: more
    than a hair at least one way, and it is short in none.
    """
    return max(oversize) >= hair and min(oversize) > -CLOSE


def _together(one: float, other: float) -> float:
    return one + other if min(one, other) >= -CLOSE else min(one, 0.0) + min(other, 0.0)


@dataclass(frozen=True, slots=True)
class _SeamLine:
    """A seam between two fabrics: its line, with the first fabric on its right."""

    fabrics: tuple[str, str]
    line: TableLine


def fit(work: SewnWork, target: Target) -> Fit:
    """The work laid under the drafted unit so that the seams lie on the drafted ones."""
    best: Fit | None = None
    for motion in _placements(work, target):
        found = _look(work.moved(motion), target)
        if found.right:
            return found
        best = best or found
    return best or _look(work.moved(_centring(work, target)), target)


def placed(work: SewnWork, target: Target) -> SewnWork | None:
    """The work as the drafted unit lies, or None where its fabrics are not in their places."""
    for motion in _placements(work, target):
        moved = work.moved(motion)
        if _in_place(moved, target):
            return moved
    return None


def _placements(work: SewnWork, target: Target) -> Iterator[Motion]:
    wanted = _by_fabrics([(outline, fabric, n) for n, (outline, fabric) in enumerate(target.parts)])
    found = _by_fabrics([(scrap.outline, scrap.fabric, scrap.piece) for scrap in work.front])
    if not wanted:
        if not found:
            yield _centring(work, target)
        return
    first = next(iter(wanted.values()))[0]
    ways: list[float] = []
    for there in found.get(first.fabrics, []):
        way = _angle(first.line.along) - _angle(there.line.along)
        if not any(abs((way - known + pi) % (2 * pi) - pi) < CLOSE for known in ways):
            ways.append(way)
    for way in ways:
        motion = _settled(work, target, wanted, found, way)
        if motion:
            yield motion


def _settled(
    work: SewnWork,
    target: Target,
    wanted: dict[tuple[str, str], list[_SeamLine]],
    found: dict[tuple[str, str], list[_SeamLine]],
    way: float,
) -> Motion | None:
    """The turn by `way` with the shift that brings the seams onto each other; None where they do
    not match.
    """
    turn = Motion(cos(way), -sin(way), 0.0, sin(way), cos(way), 0.0)
    equations: list[tuple[XY, float]] = []
    for fabrics, lines in wanted.items():
        turned = [
            TableLine(turn.spot(seam.line.through), turn.way(seam.line.along))
            for seam in found.get(fabrics, [])
        ]
        for along, here in _parallel([seam.line for seam in lines]):
            there = sorted(_offset(line) for line in turned if _alike(line.along, along))
            if len(there) != len(here):
                return None
            normal = -along[1], along[0]
            equations += [
                (normal, wish - have)
                for wish, have in zip(sorted(map(_offset, here)), there, strict=True)
            ]
    return _shifted(turn, equations, work, target)


def _shifted(
    turn: Motion, equations: list[tuple[XY, float]], work: SewnWork, target: Target
) -> Motion | None:
    """The turn followed by the shift that fits the equations n·shift = d; where they leave it free,
    centred.
    """
    xx = sum(n[0] * n[0] for n, _ in equations)
    xy = sum(n[0] * n[1] for n, _ in equations)
    yy = sum(n[1] * n[1] for n, _ in equations)
    x, y = sum(n[0] * d for n, d in equations), sum(n[1] * d for n, d in equations)
    whole = xx * yy - xy * xy
    if whole > CLOSE:
        dx, dy = (x * yy - y * xy) / whole, (y * xx - x * xy) / whole
    else:
        normal, by = equations[0]
        box = bounds([turn.outline(outline) for outline in work.outlines])
        off = (target.width - box[0] - box[2]) / 2, (target.height - box[1] - box[3]) / 2
        free = normal[1] * off[0] - normal[0] * off[1]
        dx, dy = normal[0] * by + normal[1] * free, normal[1] * by - normal[0] * free
    if any(abs(n[0] * dx + n[1] * dy - d) > CLOSE + target.slack for n, d in equations):
        return None
    return Motion(turn.a, turn.b, dx, turn.d, turn.e, dy)


def _centring(work: SewnWork, target: Target) -> Motion:
    left, top, right, bottom = bounds(work.outlines)
    return Motion.shift((target.width - left - right) / 2, (target.height - top - bottom) / 2)


def _look(work: SewnWork, target: Target) -> Fit:
    box = target.box
    inside = [common(scrap.outline, box) for scrap in work.front]
    bare, reaches = area(box) - sum(map(area, inside)), _reaches(work, target)
    around = 2 * (target.width + target.height) + 8 * target.seam
    covered = bare <= CLOSE + target.slack * around and min(reaches) >= -CLOSE - target.slack
    trimmed = work.inside(box)
    kept = sum(area(scrap.outline) for scrap in (*trimmed.front, *trimmed.behind) if scrap.fabric)
    return Fit(work, _in_place(work, target), covered, reaches, kept)


def _in_place(work: SewnWork, target: Target) -> bool:
    agreed = sum(
        area(common(scrap.outline, outline))
        for outline, fabric in target.parts
        for scrap in work.front
        if scrap.fabric == fabric
    )
    whole = sum(area(outline) for outline, _ in target.parts)
    return agreed >= whole - CLOSE - target.slack * (target.width + target.height)


def _reaches(work: SewnWork, target: Target) -> tuple[float, float, float, float]:
    """How far the cloth reaches beyond the unfinished size: the least along each side of the
    finished unit.
    """
    seam = target.seam
    left, top, right, bottom = bounds(work.outlines)
    if (right - left) * (bottom - top) - sum(map(area, work.outlines)) > CLOSE:
        across = _extents(work.outlines, 1, target.height)
        down = _extents(work.outlines, 0, target.width)
        left, right = max(low for low, _ in across), min(high for _, high in across)
        top, bottom = max(low for low, _ in down), min(high for _, high in down)
    return -seam - left, -seam - top, right - target.width - seam, bottom - target.height - seam


def _extents(outlines: Sequence[Polygon], axis: int, end: float) -> list[tuple[float, float]]:
    """The reach of the cloth across, at every level between nought and `end` where it may
    change.
    """
    levels = {NOTHING, end - NOTHING}
    levels.update(
        level
        for outline in outlines
        for spot in outline
        for level in (spot[axis] - CLOSE, spot[axis] + CLOSE)
        if 0 < level < end
    )
    found = []
    for level in levels:
        spans = [span for outline in outlines if (span := _span(outline, axis, level))]
        found.append(
            (min(low for low, _ in spans), max(high for _, high in spans)) if spans else (end, 0.0)
        )
    return found


def _span(outline: Polygon, axis: int, level: float) -> tuple[float, float] | None:
    crossings = []
    for start, end in sides_of(outline):
        a, b = start[axis] - level, end[axis] - level
        if (a > 0) != (b > 0):
            crossings.append(start[1 - axis] + (end[1 - axis] - start[1 - axis]) * a / (a - b))
    return (min(crossings), max(crossings)) if crossings else None


def bias_sides(work: SewnWork, target: Target) -> int:
    """On how many of the unit's four sides the cloth lies on the bias, the work lying as the unit
    is drafted.
    """
    box = target.box
    inside = work.inside(box)
    return sum(
        any(scrap.off_grain(edge.along) for scrap in inside.front if _touches(scrap, edge))
        for edge in (TableLine.between(*side) for side in sides_of(box))
    )


def _touches(scrap: Scrap, edge: TableLine) -> bool:
    return any(
        abs(edge.side(a)) < CLOSE and abs(edge.side(b)) < CLOSE for a, b in sides_of(scrap.outline)
    )


def _by_fabrics(shapes: Sequence[OutlinedPiece]) -> dict[tuple[str, str], list[_SeamLine]]:
    """The seam lines between shapes, each line once, by the fabrics beside it; the lesser fabric on
    the right.
    """
    known: dict[tuple[str, str], list[_SeamLine]] = defaultdict(list)
    for number, (one, fabric, piece) in enumerate(shapes):
        for other, beside, another in shapes[number + 1 :]:
            if piece == another:
                continue
            line = _between(one, other)
            if line is None:
                continue
            if beside < fabric:
                line = TableLine(line.through, (-line.along[0], -line.along[1]))
            seams = known[min(fabric, beside), max(fabric, beside)]
            ways = (
                [line, TableLine(line.through, (-line.along[0], -line.along[1]))]
                if fabric == beside
                else [line]
            )
            for way in ways:
                if not any(
                    _alike(way.along, s.line.along) and abs(s.line.side(way.through)) < CLOSE
                    for s in seams
                ):
                    seams.append(_SeamLine((min(fabric, beside), max(fabric, beside)), way))
    return known


def _between(one: Polygon, other: Polygon) -> TableLine | None:
    """The line along which two outlines touch, the first on its right."""
    if boxes_apart(one, other):
        return None
    for start, end in sides_of(one):
        (ax, ay), (bx, by) = start, end
        long = (bx - ax) ** 2 + (by - ay) ** 2
        if long < CLOSE:
            continue
        for beginning, ending in sides_of(other):
            cx, cy = beginning[0] - ax, beginning[1] - ay
            dx, dy = ending[0] - ax, ending[1] - ay
            if (
                abs((bx - ax) * cy - (by - ay) * cx) > CLOSE
                or abs((bx - ax) * dy - (by - ay) * dx) > CLOSE
            ):
                continue
            reach = (
                ((bx - ax) * cx + (by - ay) * cy) / long,
                ((bx - ax) * dx + (by - ay) * dy) / long,
            )
            if reach[0] > reach[1] and min(reach[0], 1) - max(reach[1], 0) > CLOSE:
                return TableLine.between(start, end)
    return None


def _parallel(lines: Sequence[TableLine]) -> list[tuple[XY, list[TableLine]]]:
    groups: list[tuple[XY, list[TableLine]]] = []
    for line in lines:
        for along, members in groups:
            if _alike(line.along, along):
                members.append(line)
                break
        else:
            groups.append((line.along, [line]))
    return groups


def _alike(one: XY, other: XY) -> bool:
    return abs(one[0] - other[0]) < CLOSE and abs(one[1] - other[1]) < CLOSE


def _offset(line: TableLine) -> float:
    return line.along[0] * line.through[1] - line.along[1] * line.through[0]


def _angle(way: XY) -> float:
    return atan2(way[1], way[0])
