"""What the size of each part of a block hangs on: the edges that were cut, the seams that were
sewn, the units that were trimmed.

A run is a straight line through a part. It comes out longer by what the edges that it crosses were
cut too large, and shorter by twice what the seams that it crosses take up too much, each by its
share across the run. A unit that is trimmed forgets what is inside it.

Source: the straight runs of `docs/measuring.md`.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from functools import cached_property
from math import hypot, sqrt

import numpy as np
from scipy import sparse

from yonk.core.drawing import Ring
from yonk.core.measuring.errors import Errors
from yonk.core.measuring.listed import ListedSizes
from yonk.core.paper import XY, Array
from yonk.core.pressing import SewingPlan, Stack, stacks_of

_NEAR = 1e-7  # of the block's reach


@dataclass(frozen=True)
class Cause:
    """One thing that can come out otherwise than it should: an edge of a patch, a seam or a side of
    a trimmed unit; by its number there.
    """

    kind: str
    of: tuple[int, int]


class Runs:
    """The runs of a block, as sums over causes.

    Args:
        plan: the block's sewing.
        trimmed: the labels of the units that are trimmed to their size.
        listed: how much larger than drafted patches are cut and units come out; without it nothing.
    """

    def __init__(
        self,
        plan: SewingPlan,
        trimmed: frozenset[str],
        listed: ListedSizes | None = None,
    ) -> None:
        self.plan, self.trimmed, self.listed = plan, trimmed, listed or ListedSizes()
        self.scale = float(plan.reading.drawing.scale)
        self.numbers: dict[Cause, int] = {}
        self.larger: list[float] = []
        self._sides()

    def _sides(self) -> None:
        """Each stretch that a patch has beside another or at the block's edge."""
        self.stacks = stacks_of(self.plan.reading)
        places = _places(self.stacks, len(self.plan.joining.faces))
        rows: list[tuple[float, ...]] = []
        for join in self.plan.joining.joins:
            seam = self._number(Cause("seam", (join.number, 0)))
            for touch in join.touches:
                ends = *touch.start, *touch.end
                same = places[touch.left] == places[touch.right]
                inside = same and self._is_trimmed(places[touch.left])
                for face, other in ((touch.left, touch.right), (touch.right, touch.left)):
                    edge = self._edge(face, touch.start, touch.end, places[face], outer=not same)
                    rows.append((face, other, *ends, edge, seam, inside))
        right = max(x for face in self.plan.joining.faces for x, _ in face.ring)
        bottom = max(y for face in self.plan.joining.faces for _, y in face.ring)
        for number, outline in enumerate(self.plan.joining.faces):
            ring = outline.ring
            for a, b in zip(ring, ring[1:] + ring[:1], strict=True):
                if (a[0] == b[0] and a[0] in (0, right)) or (a[1] == b[1] and a[1] in (0, bottom)):
                    edge = self._edge(number, a, b, places[number], outer=True)
                    rows.append((number, -1, *a, *b, edge, -1, False))
        table = np.array(rows, dtype=float)
        self.causes = len(self.numbers) + len(self.plan.joining.joins)
        self.face, self.other = table[:, 0].astype(int), table[:, 1].astype(int)
        self.start, self.end = table[:, 2:4] / self.scale, table[:, 4:6] / self.scale
        self.edge, self.seam = table[:, 6].astype(int), table[:, 7].astype(int)
        self.inside = table[:, 8].astype(bool)

    def is_inside_trimmed(self, join: int, face: int) -> bool:
        """Whether a join is inside a trimmed unit, to which a patch belongs."""
        return (join, self._place_of_face[face]) in self._trimmed_inside

    @cached_property
    def _place_of_face(self) -> list[int]:
        return _places(self.stacks, len(self.plan.joining.faces))

    @cached_property
    def _trimmed_inside(self) -> set[tuple[int, int]]:
        joins, inside = self.joins_of_stretches, self.inside
        return {
            (int(joins[n]), self._place_of_face[int(self.face[n])]) for n in np.flatnonzero(inside)
        }

    def _is_trimmed(self, place: int) -> bool:
        return self.stacks[place].label in self.trimmed

    def _number(self, cause: Cause, larger: float = 0.0) -> int:
        if cause not in self.numbers:
            self.numbers[cause] = len(self.numbers)
            self.larger.append(larger)
        return self.numbers[cause]

    def _edge(
        self, face: int, a: tuple[int, int], b: tuple[int, int], place: int, *, outer: bool
    ) -> int:
        """The cause that a stretch of a patch's outline belongs to; `outer` where it is on the
        outline of its unit.
        """
        ring = self.plan.joining.faces[face].ring
        number = _edge_of(ring, a, b)
        grown = self.listed.units.get(self.stacks[place].label)
        if self._is_trimmed(place):
            dx, dy = b[0] - a[0], b[1] - a[1]
            side = _side(ring, a, b)
            octant = round(np.degrees(np.arctan2(dy * side, dx * side))) % 360
            more = self._grown(place, grown, (dx, dy)) if outer and grown else 0.0
            return self._number(Cause("unit", (place, octant)), more / 2)
        if grown is not None:
            more = self._grown(place, grown, (b[0] - a[0], b[1] - a[1])) if outer else 0.0
            return self._number(Cause("edge", (face, number)), more / 2)
        known = self.listed.patches.get(self.plan.reading.patches[face].letter, {})
        c, d = ring[number], ring[(number + 1) % len(ring)]
        e = ring[(number + 2) % len(ring)]
        across = hypot(e[0] - d[0], e[1] - d[1]) / self.scale
        off = next((by for side, by in known.items() if abs(side - across) < _NEAR * side), 0.0)
        return self._number(Cause("edge", (face, number)), off / 2 if c != d else 0.0)

    def _grown(self, place: int, grown: tuple[float, float], along: tuple[int, int]) -> float:
        """How much more there is of a unit across one of its outer edges, which runs `along`."""
        stack = frozenset(self.stacks[place].faces)
        turns = self._turns.get(stack, 0)
        across_is_wide = (abs(along[1]) >= abs(along[0])) == (turns % 2 == 0)
        return grown[0] if across_is_wide else grown[1]

    @cached_property
    def _turns(self) -> dict[frozenset[int], int]:
        """By how many quarters each unit is turned to lie as its group is told."""
        return {
            frozenset(faces): turns
            for group in self.plan.reading.groups
            for faces, turns in zip(group.members, group.turns, strict=True)
        }

    @cached_property
    def _kinds(self) -> Array:
        tapers = ["taper"] * len(self.plan.joining.joins)
        return np.array([*(cause.kind for cause in self.numbers), *tapers])

    @cached_property
    def seam_of(self) -> dict[int, int]:
        """The cause that each join's seam is, by the join's number."""
        return {cause.of[0]: n for cause, n in self.numbers.items() if cause.kind == "seam"}

    @cached_property
    def joins_of_stretches(self) -> Array:
        """The join that each stretch is sewn by, -1 at the block's edge."""
        of_seam = {number: join for join, number in self.seam_of.items()}
        return np.array([of_seam.get(seam, -1) for seam in self.seam.tolist()], dtype=int)

    def far_along(self, stretches: Array, spots: Array) -> Array:
        """How far along the whole seam of its join each of some spots lies, from nought to one; the
        first end is that further up, or left.
        """
        return self.far_along_joins(self.joins_of_stretches[stretches], spots)

    def far_along_joins(self, joins: Array, spots: Array) -> Array:
        """The same by the joins; -1 is none."""
        begin, way, long = self._whole_seams
        far = np.einsum("ij,ij->i", spots - begin[joins], way[joins]) / long[joins]
        return np.clip(np.where(joins >= 0, far, 0.0), 0.0, 1.0)

    @cached_property
    def _whole_seams(self) -> tuple[Array, Array, Array]:
        """Of each join from where its seam runs, in which direction, how far."""
        ends = []
        for join in self.plan.joining.joins:
            spots = sorted((y, x) for stretch in join.along for x, y in stretch)
            ends.append((*spots[0][::-1], *spots[-1][::-1]))
        table = np.array(ends or [(0, 0, 1, 0)], dtype=float) / self.scale
        reach = table[:, 2:] - table[:, :2]
        long = np.maximum(np.hypot(*reach.T), 1e-12)
        return table[:, :2], reach / long[:, None], long

    @property
    def listed_larger(self) -> Array:
        """How much each cause is larger than drafted, as the cuts are listed."""
        return np.concatenate([self.larger, np.zeros(self.causes - len(self.larger))])

    def means(self, errors: Errors) -> Array:
        """How much each cause comes out too large (a seam: takes up too much), on average."""
        means = self.listed_larger
        means[self._kinds == "seam"] = float(errors.seam_error)
        return means

    def spreads(self, errors: Errors) -> Array:
        """The standard deviation of each cause. A width has two edges, which share its spread."""
        spreads = np.zeros(self.causes)
        for kind, spread in (
            ("edge", float(errors.cut_spread) / sqrt(2)),
            ("seam", float(errors.seam_spread)),
            ("unit", float(errors.trim_spread) / sqrt(2)),
        ):
            spreads[self._kinds == kind] = spread
        return spreads

    def across(self, part: int, way: XY) -> Array:
        """The run through a part in a direction, the mean of all of them: how much longer it
        becomes for each unit of each cause.
        """
        return self.across_of(self.plan.joining.order.faces(part), way)

    def across_of(self, faces: Sequence[int], way: XY) -> Array:
        """The same through some patches that were joined."""
        chosen, outer = self._of(faces)
        along = self.end[chosen] - self.start[chosen]
        high = np.abs(along @ np.array([-way[1], way[0]]))
        long = np.hypot(*along.T)
        down = np.concatenate([self.start[chosen], self.end[chosen]]) @ np.array([-way[1], way[0]])
        reach = down.max() - down.min()
        middles = (self.start[chosen] + self.end[chosen]) / 2
        return self._summed(chosen, outer, high / long * high / reach, middles)

    def at(self, part: int, way: XY, level: float) -> Array:
        """The run through a part at one level across its direction."""
        return self.at_of(self.plan.joining.order.faces(part), way, level)

    def at_of(self, faces: Sequence[int], way: XY, level: float) -> Array:
        """The same through some patches that were joined."""
        chosen, outer = self._of(faces)
        across = np.array([-way[1], way[0]])
        a, b = self.start[chosen] @ across, self.end[chosen] @ across
        met = (np.minimum(a, b) < level) & (level < np.maximum(a, b))
        along = self.end[chosen] - self.start[chosen]
        share = np.abs(along @ across) / np.hypot(*along.T)
        far = np.divide(level - a, b - a, out=np.zeros_like(a), where=met)
        spots = self.start[chosen] + far[:, None] * along
        return self._summed(chosen, outer, np.where(met, share, 0.0), spots)

    def beside(self, part: int, way: XY, spot: tuple[float, float]) -> Array:
        """The run through a part next to a seam in a direction through a spot of it."""
        chosen, _ = self._of(self.plan.joining.order.faces(part))
        across = np.array([-way[1], way[0]])
        line = float(np.array(spot) @ across)
        down = np.concatenate([self.start[chosen], self.end[chosen]]) @ across - line
        near = _NEAR * max(1.0, float(np.abs(down).max()))
        sign = 1.0 if down.max() > -down.min() else -1.0
        beyond = down[down * sign > near] * sign
        return self.at(part, way, line + sign * float(beyond.min()) / 2)

    def of_kind(self, kind: str) -> Array:
        """Which causes are of a kind."""
        found: Array = self._kinds == kind
        return found

    def edges_of(self, faces: Sequence[int]) -> list[int]:
        """The causes that are edges of some patches."""
        chosen = set(faces)
        return [
            number
            for cause, number in self.numbers.items()
            if cause.kind == "edge" and cause.of[0] in chosen
        ]

    def _of(self, faces: Sequence[int]) -> tuple[Array, Array]:
        """The stretches of some patches; which of them are their outline."""
        inner = np.zeros(len(self.plan.joining.faces) + 1, dtype=bool)
        inner[list(faces)] = True
        chosen = np.flatnonzero(inner[self.face])
        return chosen, ~inner[self.other[chosen]]

    def within(self, face: int, way: XY, spot: XY) -> Array:
        """The run through one patch of the finished block from seam to seam, through a spot."""
        chosen = np.flatnonzero(self.face == face)
        across = np.array([-way[1], way[0]])
        level = float(np.array(spot) @ across)
        a, b = self.start[chosen] @ across, self.end[chosen] @ across
        met = (np.minimum(a, b) < level) & (level < np.maximum(a, b))
        along = self.end[chosen] - self.start[chosen]
        far = np.divide(level - a, b - a, out=np.zeros_like(a), where=met)
        spots = self.start[chosen] + far[:, None] * along
        share = np.where(met, np.abs(along @ across) / np.hypot(*along.T), 0.0)
        return self._summed(chosen, self.other[chosen] < 0, share, spots)

    def moved_ends(self) -> sparse.csr_matrix:
        """By how much its patch was cut further out at each end of each stretch for each cause:
        `2k` is where stretch `k` begins, `2k + 1` where it ends.
        """
        count = np.flatnonzero(~self.inside)
        rows = np.concatenate([2 * count, 2 * count + 1])
        columns = np.concatenate([self.edge[count]] * 2)
        size = 2 * len(self.face), self.causes
        return sparse.csr_matrix((np.ones(len(rows)), (rows, columns)), shape=size)

    def _summed(self, chosen: Array, outer: Array, share: Array, spots: Array) -> Array:
        """The causes of some stretches, each by its share. A seam that takes up too much at its
        first end alone counts where it is met, by how far that is from its other end.
        """
        sums = np.zeros(self.causes)
        counts = ~self.inside[chosen]
        np.add.at(sums, self.edge[chosen][counts], share[counts])
        sewn = counts & ~outer & (share > 0) & (self.seam[chosen] >= 0)
        np.add.at(sums, self.seam[chosen][sewn], -share[sewn])
        far = self.far_along(chosen[sewn], spots[sewn])
        np.add.at(
            sums, len(self.numbers) + self.joins_of_stretches[chosen][sewn], share[sewn] * (far - 1)
        )
        return sums


def _places(stacks: tuple[Stack, ...], faces: int) -> list[int]:
    """The place, from nought, that each patch lies in."""
    places = [-1] * faces
    for number, stack in enumerate(stacks):
        for face in stack.faces:
            places[face] = number
    return places


def _edge_of(ring: Ring, a: tuple[int, int], b: tuple[int, int]) -> int:
    """The edge of an outline that a stretch is on; the first where it is on a hole's."""
    for number, (c, d) in enumerate(zip(ring, ring[1:] + ring[:1], strict=True)):
        if _lies_on(a, c, d) and _lies_on(b, c, d):
            return number
    return 0


def _lies_on(spot: tuple[int, int], c: tuple[int, int], d: tuple[int, int]) -> bool:
    """Whether a spot is between two others, on their line."""
    (x, y), dx, dy = spot, d[0] - c[0], d[1] - c[1]
    along = dx * (x - c[0]) + dy * (y - c[1])
    return dx * (y - c[1]) == dy * (x - c[0]) and 0 <= along <= dx * dx + dy * dy


def _side(ring: Ring, a: tuple[int, int], b: tuple[int, int]) -> int:
    """On which side of a stretch an outline lies, as a sign."""
    x, y = (sum(parts) / len(ring) for parts in zip(*ring, strict=True))
    turn = (b[0] - a[0]) * (y - a[1]) - (b[1] - a[1]) * (x - a[0])
    return 1 if turn > 0 else -1
