"""Sections of a foundation: which patches of a region can be sewn one after the other, each along
one straight line with all earlier ones on its one side, and how the sections are joined.

Whether a patch can be the last of a section does not depend on what was taken off before it, as
long as what is left hangs together; so taking off what can be taken off finds an order wherever
there is one.

Source: foundation piecing in `docs/units.md`.
"""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Sequence
from dataclasses import dataclass

from yonk.core.drawing import Piece, Ring, Spot
from yonk.core.paper import kept

MOST_PATCHES = 24  # of a unit that is looked at: more are no work for one foundation
MOST_LOOKED_AT = 64  # parts of a region whose sections are counted, before the best found counts


@dataclass(frozen=True)
class SeamLine:
    """A straight stretch from one spot of the region's frame to another."""

    start: Spot
    end: Spot

    def side(self, spot: Spot) -> int:
        """Of a spot: less than nought on the left of the line, as seen, more on the right."""
        (ax, ay), (bx, by), (x, y) = self.start, self.end, spot
        return (bx - ax) * (y - ay) - (by - ay) * (x - ax)


@dataclass(frozen=True)
class SectionStep:
    """A patch, by its number among the region's pieces, and the seam that it is sewn along; the
    first of a section has none.
    """

    piece: int
    seam: SeamLine | None = None


@dataclass(frozen=True)
class Sections:
    """The sections of a region in the order in which they are made, and how they are joined: pairs
    of a section, or what earlier joins made, which are counted on after the sections.
    """

    sections: tuple[tuple[SectionStep, ...], ...]
    joins: tuple[tuple[int, int, SeamLine], ...]


def sections_of(pieces: Sequence[Piece]) -> Sections | None:
    """The fewest sections of a region that straight seams join.

    Args:
        pieces: the patches, in the region's frame.

    Returns: the sections, or None where there are none: a patch with a hole, patches that only set
    in seams or partial ones join, a great many patches.
    """
    if not 1 < len(pieces) <= MOST_PATCHES or any(piece.holes for piece in pieces):
        return None
    return _sections(tuple([piece.ring for piece in pieces]))


@kept()
def _sections(rings: tuple[Ring, ...]) -> Sections | None:
    return _Region(rings).sections()


@dataclass(frozen=True)
class _Parted:
    """How a part of the region comes to sections: in one order, or in two along a line."""

    count: int
    steps: tuple[SectionStep, ...] = ()
    halves: tuple[frozenset[int], frozenset[int], SeamLine] | None = None


class _Region:
    def __init__(self, rings: Sequence[Ring]) -> None:
        self.rings = rings
        self.touches: dict[tuple[int, int], list[SeamLine]] = {}
        for one in range(len(rings)):
            for other in range(len(rings)):
                if one != other and (found := [*_along(self.rings[one], self.rings[other])]):
                    self.touches[one, other] = found
        self.known: dict[frozenset[int], _Parted | None] = {}

    def sections(self) -> Sections | None:
        whole = frozenset(range(len(self.rings)))
        if self._parted(whole) is None:
            return None
        sections: list[tuple[SectionStep, ...]] = []
        joins: list[tuple[object, object, SeamLine]] = []
        self._gather(whole, sections, joins)
        places: dict[object, int] = {}
        for number, steps in enumerate(sections):
            places[frozenset(step.piece for step in steps)] = number
        told = []
        for number, (one, other, line) in enumerate(joins):
            told.append((places[one], places[other], line))
            assert isinstance(one, frozenset) and isinstance(other, frozenset)
            places[one | other] = len(sections) + number
        return Sections(tuple(sections), tuple(told))

    def _gather(
        self,
        part: frozenset[int],
        sections: list[tuple[SectionStep, ...]],
        joins: list[tuple[object, object, SeamLine]],
    ) -> None:
        parted = self._parted(part)
        assert parted is not None
        if parted.halves is None:
            sections.append(parted.steps)
            return
        one, other, line = parted.halves
        self._gather(one, sections, joins)
        self._gather(other, sections, joins)
        joins.append((one, other, line))

    def _parted(self, part: frozenset[int]) -> _Parted | None:
        if part not in self.known:
            self.known[part] = None  # while it is looked at
            self.known[part] = self._looked_at(part)
        return self.known[part]

    def _looked_at(self, part: frozenset[int]) -> _Parted | None:
        steps = self._in_order(part)
        if steps:
            return _Parted(1, steps)
        best: _Parted | None = None
        for one, other, line in self._halvings(part):
            if len(self.known) > MOST_LOOKED_AT:
                break
            left, right = self._parted(one), self._parted(other)
            if left and right and (best is None or left.count + right.count < best.count):
                best = _Parted(left.count + right.count, halves=(one, other, line))
                if best.count == 2:  # there are no fewer
                    break
        return best

    def _in_order(self, part: frozenset[int]) -> tuple[SectionStep, ...]:
        """The patches of a part in an order in which they can be sewn; none where there is none."""
        left, taken = set(part), []
        while len(left) > 1:
            # the last in reading order first, so that the work begins at the top left
            last = next(
                (
                    SectionStep(piece, line)
                    for piece in sorted(left, reverse=True)
                    if (line := self._sewn_last(piece, left))
                ),
                None,
            )
            if last is None:
                return ()
            taken.append(last)
            left.remove(last.piece)
        return (SectionStep(min(left)), *reversed(taken))

    def _sewn_last(self, piece: int, among: set[int]) -> SeamLine | None:
        """The one line along which a patch can be sewn onto all others of a part."""
        rest = among - {piece}
        lines = [line for other in rest for line in self.touches.get((piece, other), ())]
        if not lines or not self._hangs_together(rest):
            return None
        line = _whole_stretch(lines)
        if line is None:
            return None
        outward = max((line.side(spot) for spot in self.rings[piece]), key=abs)
        mine = all(line.side(spot) * outward >= 0 for spot in self.rings[piece])
        theirs = all(line.side(spot) * outward <= 0 for one in rest for spot in self.rings[one])
        return line if mine and theirs else None

    def _hangs_together(self, some: set[int]) -> bool:
        waiting, seen = [min(some)], set()
        while waiting:
            one = waiting.pop()
            if one not in seen:
                seen.add(one)
                waiting += [other for other in some if (one, other) in self.touches]
        return len(seen) == len(some)

    def _halvings(
        self, part: frozenset[int]
    ) -> list[tuple[frozenset[int], frozenset[int], SeamLine]]:
        """Every way to part it along a straight seam, the most even first."""
        found: dict[frozenset[int], tuple[frozenset[int], frozenset[int], SeamLine]] = {}
        for (one, other), lines in sorted(self.touches.items()):
            if one not in part or other not in part or one > other:
                continue
            for line in lines:
                halves = self._halves(part, line)
                whole = self._between(*halves) if halves else None
                if halves and whole:
                    found.setdefault(halves[0], (*halves, whole))
        return sorted(
            found.values(),
            key=lambda halves: (abs(len(halves[0]) - len(halves[1])), sorted(halves[0])),
        )

    def _halves(
        self, part: frozenset[int], line: SeamLine
    ) -> tuple[frozenset[int], frozenset[int]] | None:
        """What of a part lies on either side of a line that crosses no patch."""
        sides: tuple[set[int], set[int]] = set(), set()
        for piece in part:
            reach = [line.side(spot) for spot in self.rings[piece]]
            if min(reach) < 0 < max(reach):
                return None
            sides[max(reach) > 0].add(piece)
        if not all(sides) or not all(self._hangs_together(side) for side in sides):
            return None
        one, other = sorted((frozenset(side) for side in sides), key=min)
        return one, other

    def _between(self, one: frozenset[int], other: frozenset[int]) -> SeamLine | None:
        """The whole stretch along which two parts lie side by side, if that is straight."""
        return _whole_stretch(
            [line for a in one for b in other for line in self.touches.get((a, b), ())]
        )


def _along(one: Sequence[Spot], other: Sequence[Spot]) -> Iterator[SeamLine]:
    """The stretches along which a patch lies beside another."""
    for start, end in _sides(one):
        line = SeamLine(start, end)
        long = (end[0] - start[0]) ** 2 + (end[1] - start[1]) ** 2
        for a, b in _sides(other):
            if line.side(a) or line.side(b):
                continue
            reach = sorted(
                (spot[0] - start[0]) * (end[0] - start[0])
                + (spot[1] - start[1]) * (end[1] - start[1])
                for spot in (a, b)
            )
            if min(reach[1], long) > max(reach[0], 0):
                spots = sorted((start, end, a, b), key=lambda spot: _reach(spot, start, end))
                yield SeamLine(spots[1], spots[2])


def _whole_stretch(lines: Sequence[SeamLine]) -> SeamLine | None:
    """From the beginning of the first to the end of the last of some stretches of one line."""
    first = lines[0]
    if any(first.side(one.start) or first.side(one.end) for one in lines):
        return None
    spots = sorted(
        (spot for one in lines for spot in (one.start, one.end)),
        key=lambda spot: _reach(spot, first.start, first.end),
    )
    return SeamLine(spots[0], spots[-1])


def _reach(spot: Spot, start: Spot, end: Spot) -> int:
    return (spot[0] - start[0]) * (end[0] - start[0]) + (spot[1] - start[1]) * (end[1] - start[1])


def _sides(ring: Iterable[Spot]) -> Iterator[tuple[Spot, Spot]]:
    spots = [*ring]
    return zip(spots, spots[1:] + spots[:1], strict=True)
