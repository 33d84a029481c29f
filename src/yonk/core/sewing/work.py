"""Work in hand: pieces of cloth, flat works of several pieces sewn and opened, and works laid face
to face.
"""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import dataclass, field, replace

from yonk.core.paper import XY, MessageError, Polygon, message
from yonk.core.sewing.plane import (
    NOTHING,
    Motion,
    TableLine,
    TableSegment,
    area,
    common,
    crossed_by,
    outline_without,
    sides_of,
    split,
)


class SewingError(MessageError):
    """What cannot be done at the table: two works that do not meet, a piece sewn shut."""


@dataclass(frozen=True, slots=True)
class Scrap:
    """A convex bit of one fabric, right side up unless its work lies face down.

    `up` is where the up of the print points; the threads run along it and across it. `piece` tells
    scraps of one cut piece from those of another.
    """

    outline: Polygon
    fabric: str
    up: XY
    piece: int

    def moved(self, motion: Motion) -> Scrap:
        """The scrap after a motion."""
        return Scrap(motion.outline(self.outline), self.fabric, motion.way(self.up), self.piece)

    def split(self, line: TableLine) -> tuple[Scrap | None, Scrap | None]:
        """The parts to the right and to the left of a line."""
        right, left = split(self.outline, line)
        if not left:
            return self, None
        if not right:
            return None, self
        return replace(self, outline=right), replace(self, outline=left)

    def off_grain(self, way: XY) -> bool:
        """Whether a direction runs neither along the threads nor across them."""
        cos, sin = (
            self.up[0] * way[0] + self.up[1] * way[1],
            self.up[0] * way[1] - self.up[1] * way[0],
        )
        return abs(cos * sin) > 0.01


@dataclass(frozen=True, slots=True)
class SewnWork:
    """One or more pieces sewn together and pressed flat: what shows, what lies behind, and the
    seams that show.
    """

    front: tuple[Scrap, ...]
    behind: tuple[Scrap, ...] = ()
    seams: tuple[TableSegment, ...] = ()

    @property
    def outlines(self) -> list[Polygon]:
        """The outlines of what shows."""
        return [scrap.outline for scrap in self.front]

    @property
    def cloth(self) -> float:
        """The area of all its cloth, also of what lies behind."""
        return sum(area(scrap.outline) for scrap in (*self.front, *self.behind))

    def moved(self, motion: Motion) -> SewnWork:
        """The work after a motion."""
        return SewnWork(
            tuple([scrap.moved(motion) for scrap in self.front]),
            tuple([scrap.moved(motion) for scrap in self.behind]),
            tuple([(motion.spot(a), motion.spot(b)) for a, b in self.seams]),
        )

    def split(self, line: TableLine) -> tuple[SewnWork, SewnWork]:
        """What lies to the right and to the left of a line."""
        fronts, behinds = _sorted(self.front, line), _sorted(self.behind, line)
        seams = split_segments(self.seams, line)
        return SewnWork(fronts[0], behinds[0], seams[0]), SewnWork(fronts[1], behinds[1], seams[1])

    def inside(self, outline: Polygon) -> SewnWork:
        """What is left when all outside a convex outline, clockwise as seen, is cut away."""
        left = self
        for start, end in sides_of(outline):
            left = left.split(TableLine.between(start, end))[0]
        return left


@dataclass(frozen=True, slots=True)
class Layers:
    """A work right side up with others face down on it, the lowest first; what is drawn on them and
    sewn through them.
    """

    under: SewnWork
    over: tuple[SewnWork, ...]
    drawn: tuple[TableSegment, ...] = ()
    sewn: tuple[TableSegment, ...] = ()

    def split(self, line: TableLine) -> list[Layers]:
        """The bits to the right and to the left of a cut through all layers; a bit without cloth is
        none.
        """
        unders = self.under.split(line)
        overs = [work.split(line) for work in self.over]
        drawn, sewn = split_segments(self.drawn, line), split_segments(self.sewn, line)
        bits = [
            Layers(
                unders[hand],
                tuple([pair[hand] for pair in overs if pair[hand].front]),
                drawn[hand],
                sewn[hand],
            )
            for hand in (0, 1)
        ]
        return [bit for bit in bits if bit.under.front or bit.over]

    def opened(self) -> SewnWork:
        """The work when the upper layers are folded over along the seam and pressed.

        The seam is the longest line sewn; the side to which the upper layers reach the least is the
        allowance. Raises `SewingError` when another seam holds the body of the layers together.
        """
        seam = _main_seam(self.sewn)
        bodies, allowances = zip(*[work.split(seam) for work in self.over], strict=True)
        if _reach(bodies, seam) < _reach(allowances, seam):
            seam = TableLine(seam.through, (-seam.along[0], -seam.along[1]))
            bodies, allowances = allowances, bodies
        if any(max(seam.side(a), seam.side(b)) > 1e-6 for a, b in self.sewn):
            raise SewingError(message("seam-holds-layers-shut"))
        body, allowance = self.under.split(seam)
        fold = Motion.folding(seam)
        shown: list[Scrap] = list(body.front)
        hidden = [*body.behind, *allowance.front, *allowance.behind]
        seams = [*body.seams, *_clipped(seam, self.sewn)]
        above: list[Scrap] = []
        for work in bodies:  # the lowest comes to lie on top when a stack is folded over
            opened = work.moved(fold)
            seams += opened.seams
            hidden += opened.behind
            for scrap in opened.front:
                rest, under = visible_scrap(scrap, above)
                shown += rest
                hidden += under
            above += opened.front
        for work in allowances:
            hidden += [*work.front, *work.behind]
        return SewnWork(tuple(shown), tuple(hidden), tuple(seams))


def visible_scrap(scrap: Scrap, above: Iterable[Scrap]) -> tuple[list[Scrap], list[Scrap]]:
    """What shows of a scrap under others, and what of it lies under them."""
    parts, under = [scrap.outline], []
    for other in above:
        under += [shared for part in parts if area(shared := common(part, other.outline)) > NOTHING]
        parts = [rest for part in parts for rest in outline_without(part, other.outline)]
    if not under:
        return [scrap], []
    return [replace(scrap, outline=part) for part in parts], [
        replace(scrap, outline=part) for part in under
    ]


def split_segments(
    segments: Iterable[TableSegment], line: TableLine
) -> tuple[tuple[TableSegment, ...], tuple[TableSegment, ...]]:
    """The parts of segments to the right and to the left of a line."""
    right: list[TableSegment] = []
    left: list[TableSegment] = []
    for start, end in segments:
        a, b = line.side(start), line.side(end)
        if min(a, b) >= -NOTHING:
            right.append((start, end))
        elif max(a, b) <= NOTHING:
            left.append((start, end))
        else:
            share = a / (a - b)
            middle = start[0] + (end[0] - start[0]) * share, start[1] + (end[1] - start[1]) * share
            (right if a > 0 else left).append((start, middle))
            (left if a > 0 else right).append((middle, end))
    return tuple(right), tuple(left)


def length(segment: TableSegment) -> float:
    """How long a segment is."""
    (ax, ay), (bx, by) = segment
    return float(((bx - ax) ** 2 + (by - ay) ** 2) ** 0.5)


def clip(line: TableLine, works: Sequence[SewnWork]) -> TableSegment | None:
    """The stretch of a line that lies on all of the works."""
    reaches = [crossed_by(line, work.outlines) for work in works]
    known = [reach for reach in reaches if reach]
    if len(known) < len(reaches) or not known:
        return None
    start, end = max(reach[0] for reach in known), min(reach[1] for reach in known)
    return (line.at(start), line.at(end)) if end - start > NOTHING else None


def _reach(works: Iterable[SewnWork], line: TableLine) -> float:
    """How far works reach from a line, on whichever side."""
    return max(
        (abs(line.side(spot)) for work in works for outline in work.outlines for spot in outline),
        default=0.0,
    )


def _sorted(
    scraps: Iterable[Scrap], line: TableLine
) -> tuple[tuple[Scrap, ...], tuple[Scrap, ...]]:
    pairs = [scrap.split(line) for scrap in scraps]
    return tuple([right for right, _ in pairs if right]), tuple([left for _, left in pairs if left])


def _main_seam(sewn: Sequence[TableSegment]) -> TableLine:
    """The line that the greatest length is sewn along."""
    if not sewn:
        raise SewingError(message("nothing-holds-the-layers"))
    lines = [
        (TableLine.between(*segment), length(segment))
        for segment in sewn
        if length(segment) > NOTHING
    ]
    totals = [
        sum(
            long
            for other, long in lines
            if abs(line.side(other.through)) < 1e-6 and abs(line.side(other.at(1))) < 1e-6
        )
        for line, _ in lines
    ]
    return lines[totals.index(max(totals))][0]


def _clipped(seam: TableLine, sewn: Iterable[TableSegment]) -> list[TableSegment]:
    return [(a, b) for a, b in sewn if abs(seam.side(a)) < 1e-6 and abs(seam.side(b)) < 1e-6]


@dataclass(slots=True)
class Pieces:
    """Numbers the pieces as they are cut."""

    count: int = field(default=0)

    def cut(self, outline: Polygon, fabric: str, up: XY = (0.0, -1.0)) -> SewnWork:
        """A new piece of cloth."""
        self.count += 1
        return SewnWork((Scrap(outline, fabric, up, self.count),))
