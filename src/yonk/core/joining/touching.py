"""Where patches lie together: the stretches of seam between two patches, and what runs straight."""

from __future__ import annotations

from collections import defaultdict
from collections.abc import Iterable, Iterator, Sequence
from dataclasses import dataclass
from math import gcd

from yonk.core.drawing import Face, Ring, Spot

COARSE = 2**43  # steps in a block whose lattice does not hold every crossing
_SLACK = 8  # steps that a spot may lie off a seam there

LatticeLine = tuple[int, int, int]
LineSpan = tuple[Spot, Spot, int]


@dataclass(frozen=True)
class Touch:
    """A stretch of seam with one patch on either side, no other patch's corner inside it.

    Going from `start` to `end`, the face `right` is on the right hand as one looks at the block.
    """

    start: Spot
    end: Spot
    left: int
    right: int

    def turned(self) -> Touch:
        """The same stretch gone the other way."""
        return Touch(self.end, self.start, self.right, self.left)


def touches(faces: Sequence[Face]) -> tuple[Touch, ...]:
    """Every stretch along which two faces of a drawing lie together, each once.

    Args:
        faces: of one drawing, on its lattice.

    >>> square = lambda x: Face(((x, 0), (x + 1, 0), (x + 1, 1), (x, 1)))
    >>> touches([square(0), square(1)])
    (Touch(start=(1, 0), end=(1, 1), left=1, right=0),)
    """
    sides: dict[LatticeLine, tuple[list[LineSpan], list[LineSpan]]] = defaultdict(lambda: ([], []))
    for number, face in enumerate(faces):
        for ring in (clockwise(face.ring), *(clockwise(hole)[::-1] for hole in face.holes)):
            for a, b in zip(ring, ring[1:] + ring[:1], strict=True):
                low, high = (a, b) if a < b else (b, a)
                dx, dy = high[0] - low[0], high[1] - low[1]
                step = gcd(dx, dy)
                dx, dy = dx // step, dy // step
                # a face lies on the right hand of its outline
                sides[dx, dy, dx * low[1] - dy * low[0]][low is b].append((low, high, number))
    return tuple(touch for right, left in sides.values() for touch in _beside(right, left))


def _beside(right: list[LineSpan], left: list[LineSpan]) -> Iterator[Touch]:
    """What the spans on one side of a line share with those on its other."""
    right.sort()
    left.sort()
    place = 0
    for start, end, face in right:
        while place < len(left) and left[place][1] <= start:
            place += 1
        at = place
        while at < len(left) and left[at][0] < end:
            yield Touch(max(start, left[at][0]), min(end, left[at][1]), left[at][2], face)
            at += 1


def clockwise(ring: Ring) -> Ring:
    """The ring so that what it goes round is on the right hand, `y` going down."""
    twice = sum(
        ax * by - bx * ay for (ax, ay), (bx, by) in zip(ring, ring[1:] + ring[:1], strict=True)
    )
    return ring if twice > 0 else ring[::-1]


def chains(stretches: Iterable[Touch]) -> tuple[tuple[Touch, ...], ...]:
    """Stretches that go the same way round, strung together; a ring begins anywhere."""
    stretches = list(stretches)
    if len(stretches) == 1:  # most seams are, and there may be a hundred thousand
        return ((stretches[0],),)
    onward: dict[Spot, list[Touch]] = defaultdict(list)
    arrives: dict[Spot, int] = defaultdict(int)
    for one in stretches:
        onward[one.start].append(one)
        arrives[one.end] += 1
    begins = [spot for spot in onward if len(onward[spot]) > arrives[spot]]
    found = []
    for spot in (*begins, *onward):
        while onward[spot]:
            chain, at = [], spot
            while onward[at]:
                chain.append(onward[at].pop())
                at = chain[-1].end
            found.append(tuple(chain))
    return tuple(found)


def straightened(chain: Sequence[Touch], reach: int) -> tuple[tuple[Spot, Spot], ...]:
    """A chain as its straight stretches, corner to corner.

    Args:
        chain: stretches, each beginning where the one before ends.
        reach: the longer side of the block in lattice steps, which tells whether the lattice is
        exact.
    """
    if len(chain) == 1:
        return ((chain[0].start, chain[0].end),)
    slack = _SLACK if reach > COARSE else 0
    ends = [chain[0].start, *(one.end for one in chain)]
    kept = [ends[0]]
    for before, at, after in zip(ends, ends[1:], ends[2:], strict=False):
        if not _runs_straight(kept[-1], at, after, slack) or at == kept[-1] or before == after:
            kept.append(at)
    kept.append(ends[-1])
    if len(kept) > 3 and kept[0] == kept[-1] and _runs_straight(kept[-2], kept[0], kept[1], slack):
        kept = [*kept[1:-1], kept[1]]
    return tuple(zip(kept, kept[1:], strict=False))


def _runs_straight(a: Spot, b: Spot, c: Spot, slack: int) -> bool:
    """Whether the way from a by b to c goes straight on."""
    ux, uy, vx, vy = b[0] - a[0], b[1] - a[1], c[0] - b[0], c[1] - b[1]
    off = abs(ux * vy - uy * vx)
    return ux * vx + uy * vy > 0 and off <= slack * max(abs(c[0] - a[0]), abs(c[1] - a[1]))
