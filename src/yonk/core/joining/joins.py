"""The joins of a block: which two parts, along which line, and what the piece measures that they
make.
"""

from __future__ import annotations

from collections import defaultdict
from collections.abc import Sequence
from dataclasses import dataclass
from fractions import Fraction
from functools import cached_property
from itertools import accumulate
from math import gcd
from typing import Literal

import numpy as np

from yonk.core.drawing import Face, Stretch
from yonk.core.joining.touching import COARSE, Touch, chains, straightened
from yonk.core.joining.tree import JoiningOrder

JoinKind = Literal["straight", "partial", "set-in"]
_MOST_FOR_PRODUCTS = 2**30  # steps: the sum of two products of such fits a whole number of 64 bits
_FEW = 8  # patches whose own sides are tried for a rectangle that stands askew


@dataclass(frozen=True)
class Join:
    """Two parts sewn to each other.

    `of` are their numbers: a patch by its face, a join by what comes after all faces. `along` are
    the straight stretches of the seam in lattice steps, with the first part on the left hand as one
    looks at the block; `touches` is the same with the patches on either side.
    """

    number: int
    of: tuple[int, int]
    along: tuple[Stretch, ...]
    touches: tuple[Touch, ...]
    kind: JoinKind
    unit: str | None
    place: int
    row: int | None
    finished_after: int | None = None

    @cached_property
    def length(self) -> float:
        """How long the seam is, in lattice steps."""
        return sum(float(np.hypot(float(b[0] - a[0]), float(b[1] - a[1]))) for a, b in self.along)


@dataclass(frozen=True)
class Joining:
    """A block's joins, in an order in which they can be sewn, and the patches in each part."""

    order: JoiningOrder
    joins: tuple[Join, ...]
    faces: tuple[Face, ...]

    def join(self, part: int) -> Join | None:
        """The join that a part is, or None for a patch."""
        return None if part < self.order.leaves else self.joins[part - self.order.leaves]

    @cached_property
    def span(self) -> list[tuple[int, int]]:
        """Where the patches of each part begin and end in the row of `order.line`."""
        row, spans = self.order.line
        begins = [0] * self.order.leaves
        for place, face in enumerate(row):
            begins[face] = place
        leaves = [(begin, begin + 1) for begin in begins]
        return [*leaves, *((begin, end) for begin, _, end in spans)]

    @cached_property
    def corners(self) -> PartCorners:
        """The corners of the patches, in the row of `order.line`."""
        row, _ = self.order.line
        return PartCorners([self.faces[face] for face in row])

    def holds(self, part: int, other: int) -> bool:
        """Whether one part is in another, or is it."""
        begin, end = self.span[part]
        first, last = self.span[other]
        return begin <= first and last <= end


def joining_of(order: JoiningOrder, beside: Sequence[Touch], faces: Sequence[Face]) -> Joining:
    """The joins of an order.

    Args:
        order: the tree.
        beside: every stretch along which two patches lie together.
        faces: the patches.

    Returns: the joins with their seams. Each stretch belongs to the join that brings its two
    patches together; of a partial seam the rest as well.
    """
    mine = _stretches(order, beside)
    reach = max(max(spot) for face in faces for spot in face.ring)
    for begun, finished in order.finished_after.items():
        _take_the_rest(mine, begun - order.leaves, finished - order.leaves, order)
    joins = []
    for number, pair in enumerate(order.pairs):
        strung = chains(mine[number])
        along = tuple(one for chain in strung for one in straightened(chain, reach))
        until = order.finished_after.get(order.leaves + number)
        kind: JoinKind = "straight" if len(along) == 1 else "set-in"
        joins.append(
            Join(
                number,
                (pair.one, pair.other),
                along,
                tuple(one for chain in strung for one in chain),
                "partial" if until is not None else kind,
                pair.unit,
                pair.place,
                pair.row,
                until,
            )
        )
    return Joining(order, tuple(joins), tuple(faces))


def _stretches(order: JoiningOrder, beside: Sequence[Touch]) -> dict[int, list[Touch]]:
    """The stretches of each join, its first part on the left hand."""
    mine: dict[int, list[Touch]] = defaultdict(list)
    if not beside:
        return mine
    row, spans = order.line
    place = np.empty(order.leaves, dtype=np.int64)
    place[row] = np.arange(order.leaves)
    ends = np.sort(
        place[np.array([(one.left, one.right) for one in beside], dtype=np.int64)], axis=1
    )
    joins = _latest(np.array(order.joins_of_gaps, dtype=np.int64), ends[:, 0], ends[:, 1])
    for touch, number in zip(beside, joins.tolist(), strict=True):
        first_is_left = place[touch.left] < spans[number][1]
        mine[number].append(touch if first_is_left else touch.turned())
    return mine


def _latest(gaps: np.ndarray, begin: np.ndarray, end: np.ndarray) -> np.ndarray:
    """The latest join between two places of the row: the one that holds both. A join comes after
    those inside it.
    """
    tables = [gaps]
    while 2 ** len(tables) <= len(gaps):
        last, by = tables[-1], 2 ** (len(tables) - 1)
        tables.append(np.maximum(last[:-by], last[by:]))
    level = np.floor(np.log2(end - begin)).astype(int)
    found = np.empty(len(begin), dtype=np.int64)
    for number, table in enumerate(tables):
        some = level == number
        found[some] = np.maximum(table[begin[some]], table[end[some] - 2**number])
    return found


def _take_the_rest(
    mine: dict[int, list[Touch]], begun: int, finished: int, order: JoiningOrder
) -> None:
    """Gives the rest of a partial seam to the join where it is begun."""
    line = mine[begun][0]
    rest: list[Touch] = []
    left: list[Touch] = []
    for touch in mine[finished]:
        (rest if _on_one_line(line, touch) else left).append(touch)
    if not left:
        return
    mine[finished] = left
    dx, dy = line.end[0] - line.start[0], line.end[1] - line.start[1]
    for touch in rest:
        same = (touch.end[0] - touch.start[0]) * dx + (touch.end[1] - touch.start[1]) * dy > 0
        mine[begun].append(touch if same else touch.turned())


def _on_one_line(one: Touch, other: Touch) -> bool:
    dx, dy = one.end[0] - one.start[0], one.end[1] - one.start[1]
    return all(
        dx * (spot[1] - one.start[1]) == dy * (spot[0] - one.start[0])
        for spot in (other.start, other.end)
    )


@dataclass(frozen=True)
class SquaredBox:
    """The finished sides of a rectangle as squares of lattice steps, the one along its own level
    side first; and, where it stands askew to the block and to its seam, the box round it.
    """

    wide: Fraction
    high: Fraction
    round: tuple[int, int] | None = None


def box_of_part(joining: Joining, part: int) -> SquaredBox | None:
    """The finished size of what a part is, where that is a rectangle, in its own frame.

    Returns: None where it is no rectangle.
    """
    begin, end = joining.span[part]
    spots, twice = joining.corners.of(begin, end)
    join = joining.join(part)
    ways = [(1, 0)]
    if join is not None:
        ways += [(b[0] - a[0], b[1] - a[1]) for a, b in join.along[:1]]
    straight = len(ways)
    ways += [(1, 1)]
    if end - begin <= _FEW:
        ways += [
            (bx - ax, by - ay)
            for ring in (joining.faces[face].ring for face in joining.order.faces(part))
            for (ax, ay), (bx, by) in zip(ring, ring[1:] + ring[:1], strict=True)
        ]
    for place, (dx, dy) in enumerate(dict.fromkeys(ways)):
        step = gcd(dx, dy) or 1
        dx, dy = dx // step, dy // step
        along = _reach(spots @ np.array([dx, dy]))
        across = _reach(spots @ np.array([-dy, dx]))
        square = dx * dx + dy * dy
        if _same(2 * along * across, twice * square, int(spots.max())):
            sides = Fraction(along * along, square), Fraction(across * across, square)
            return SquaredBox(*sides) if place < straight else SquaredBox(*sides, _box_round(spots))
    return None


def _reach(along: np.ndarray) -> int:
    return int(along.max()) - int(along.min())


class PartCorners:
    """The corners and the areas of faces in a row, so that those of a part are told at once: a
    top has a hundred thousand.
    """

    def __init__(self, faces: Sequence[Face]) -> None:
        reach = max((abs(n) for face in faces for spot in face.ring for n in spot), default=0)
        # whole numbers without a bound where a product of two would not fit
        kind: type = np.int64 if reach < _MOST_FOR_PRODUCTS else object
        self.spots: np.ndarray = np.array(
            [spot for face in faces for spot in face.ring], dtype=kind
        )
        self.starts = [0, *accumulate(len(face.ring) for face in faces)]
        self.areas = [0, *accumulate(face.twice_area for face in faces)]

    def of(self, begin: int, end: int) -> tuple[np.ndarray, int]:
        """The corners of some of them, and twice their area."""
        some = self.spots[self.starts[begin] : self.starts[end]]
        return some, self.areas[end] - self.areas[begin]


def _box_round(spots: np.ndarray) -> tuple[int, int]:
    return _reach(spots[:, 0]), _reach(spots[:, 1])


def _same(one: int, other: int, reach: int) -> bool:
    """Whether two areas are equal, nearly where the lattice does not hold every crossing."""
    return one == other or (reach > COARSE and abs(one - other) * 10**9 < other)
