"""What patches come out as when they are sewn to each other, full easing: edges of unequal length
come out at one length between them.

Each patch is a piece of elastic cloth that would like to have the shape to which it was cut and
seamed. What is sewn together takes the shape in which all of it is stretched the least. It is
worked out for small errors, so that all is linear in them.

Source: plane elasticity with triangles of constant strain; *The block as it is listed, sewn and
eased* in `docs/measuring.md`.
"""

from __future__ import annotations

from collections import defaultdict
from collections.abc import Iterator, Sequence
from math import atan2, cos, hypot, pi, sin

import numpy as np
import shapely
from scipy import sparse
from scipy.sparse.linalg import splu

from yonk.core.drawing import Ring
from yonk.core.joining import clockwise
from yonk.core.measuring.runs import Runs
from yonk.core.paper import XY, Array

# Cloth shears much more easily than it stretches; the threads turn against each other.
_SHEAR = 0.15
_HOLD = 1e-9  # of the stiffness: what keeps the cloth from floating away, and does nothing else
_STRAIGHT = 1e-9  # the sine below which two edges are one straight line

_ONE_WAY = 1e-6  # between directions that are one
_BLUNT = 1e-3  # the sine of an angle so blunt that it is none
_A_STEP = 0.5  # of the lattice; where it holds no crossing exactly, a stretch lies half a step off

Hit = tuple[int, int, float]  # between two corners, and how far from the first to the second


class PinchedOutlineError(ValueError):
    """An outline that meets itself at a corner cannot be gone round one corner after the other."""


class ElasticCloth:
    """The patches of a block as elastic pieces.

    Args:
        runs: the stretches of its seams and what each hangs on.

    Raises: `PinchedOutlineError` for a patch whose outline meets itself.
    """

    def __init__(self, runs: Runs) -> None:
        self.runs = runs
        self._spots()
        self._rings()
        self._stiffness()
        self.seamed = _seamed(self)
        self.cut = (self.rest @ runs.moved_ends()).tocsr()
        self._sewn: dict[tuple[int, ...], SewnCloth] = {}

    def sewn(self, faces: Sequence[int]) -> SewnCloth:
        """Some patches sewn to each other and to nothing else."""
        key = tuple(sorted(faces))
        if key not in self._sewn:
            self._sewn[key] = SewnCloth(self, key)
        return self._sewn[key]

    def _spots(self) -> None:
        """The corners: every end of a stretch, once, in the draft's unit."""
        runs = self.runs
        ends = np.concatenate([runs.start, runs.end])
        known, number = np.unique(np.round(ends * runs.scale), axis=0, return_inverse=True)
        self.spots = known / runs.scale
        number = number.reshape(-1)
        self.first, self.last = number[: len(runs.start)], number[len(runs.start) :]

    def _rings(self) -> None:
        """Round each patch its stretches in order; a place is a corner of one patch."""
        places: list[tuple[int, int, int]] = []  # corner, stretch that comes in, that goes out
        self.begin = [0]
        of_face: dict[int, list[int]] = {}
        for stretch, face in enumerate(self.runs.face.tolist()):
            of_face.setdefault(face, []).append(stretch)
        for face, drawn in enumerate(self.runs.plan.joining.faces):
            mine = of_face.get(face, [])
            outlines = [clockwise(drawn.ring), *(clockwise(hole)[::-1] for hole in drawn.holes)]
            onward = {}
            for stretch in mine:
                a, b = int(self.first[stretch]), int(self.last[stretch])
                if self._turned(stretch, outlines):
                    a, b = b, a
                onward[a] = stretch, b
            coming = {b: stretch for stretch, b in onward.values()}
            if coming.keys() != onward.keys() or len(onward) != len(mine):
                raise PinchedOutlineError
            places += [(at, coming[at], out) for at, (out, _) in onward.items() if at in coming]
            self.begin.append(len(places))
        table = np.array(places, dtype=int).reshape(-1, 3)
        self.corner, self.coming, self.going = table.T
        self.face_of_place = np.repeat(np.arange(len(self.begin) - 1), np.diff(self.begin))
        self.loops = [list(self._loops(face)) for face in range(len(self.begin) - 1)]
        self.rest = self._rest_shapes()

    def _turned(self, stretch: int, outlines: Sequence[Ring]) -> bool:
        """Whether a stretch runs against its patch's outline, which has the patch on its right: by
        the edge that it is on. Where the lattice holds no crossing exactly, that is the nearest.
        """
        a, b = self.runs.start[stretch] * self.runs.scale, self.runs.end[stretch] * self.runs.scale
        nearest, turned = np.inf, False
        for outline in outlines:
            for c, d in zip(outline, outline[1:] + outline[:1], strict=True):
                dx, dy = d[0] - c[0], d[1] - c[1]
                reach = hypot(dx, dy)
                off = max(abs(dx * (y - c[1]) - dy * (x - c[0])) / reach for x, y in (a, b))
                along = [(dx * (x - c[0]) + dy * (y - c[1])) / reach for x, y in (a, b)]
                if off < nearest and min(along) > -_A_STEP and max(along) < reach + _A_STEP:
                    nearest, turned = off, along[1] < along[0]
        return turned

    def _rest_shapes(self) -> sparse.csr_matrix:
        """By how much each corner of each patch moves (across and down, in turn) for each end of
        each stretch that lies further out: `2k` is where stretch `k` begins, `2k + 1` where it
        ends.
        """
        rows, columns, values = [], [], []

        def put(row: int, column: int, value: float) -> None:
            rows.append(row)
            columns.append(column)
            values.append(value)

        turns = self._turns()
        for place in range(len(self.corner)):
            one, other = int(self.coming[place]), int(self.going[place])
            ends = self._end_of(one, place), self._end_of(other, place)
            a, b = self._outward(one, place), self._outward(other, place)
            turn = turns[place]
            if abs(turn) > _STRAIGHT:
                # where the two lines meet when either is moved outward
                for (x, y), sign, end in ((b, -1.0, ends[0]), (a, 1.0, ends[1])):
                    put(2 * place, end, sign * -y / turn)
                    put(2 * place + 1, end, sign * x / turn)
            else:
                for end in ends:
                    put(2 * place, end, a[0] / 2)
                    put(2 * place + 1, end, a[1] / 2)
        size = 2 * len(self.corner), 2 * len(self.runs.start)
        bare = sparse.csr_matrix((values, (rows, columns)), shape=size)
        return self._along_straight_edges(turns) @ bare

    def _turns(self) -> Array:
        """The sine of the angle that each corner of each patch turns by."""
        found = np.empty(len(self.corner))
        for place in range(len(self.corner)):
            a = self._outward(int(self.coming[place]), place)
            b = self._outward(int(self.going[place]), place)
            found[place] = a[0] * b[1] - a[1] * b[0]
        return found

    def _along_straight_edges(self, turns: Array) -> sparse.csr_matrix:
        """Adds to each spot on a straight edge what its two corners move along the edge, each by
        its share.
        """
        size = 2 * len(self.corner)
        rows, columns = list(range(size)), list(range(size))
        values = [1.0] * size
        for ring in (loop for loops in self.loops for loop in loops):
            corners = [n for n, place in enumerate(ring) if abs(turns[place]) > _STRAIGHT]
            for n, m in zip(
                corners, [*corners[1:], *(c + len(ring) for c in corners[:1])], strict=True
            ):
                if m - n < 2:
                    continue
                begin, end = ring[n], ring[m % len(ring)]
                a, b = self.spots[self.corner[begin]], self.spots[self.corner[end]]
                long = float(np.hypot(*(b - a)))
                way = (b - a) / long
                for k in range(n + 1, m):
                    place = ring[k % len(ring)]
                    share = float((self.spots[self.corner[place]] - a) @ way) / long
                    for corner, part in ((begin, 1 - share), (end, share)):
                        for axis in (0, 1):
                            for other in (0, 1):
                                rows.append(2 * place + axis)
                                columns.append(2 * corner + other)
                                values.append(part * way[axis] * way[other])
        return sparse.csr_matrix((values, (rows, columns)), shape=(size, size))

    def _loops(self, face: int) -> Iterator[list[int]]:
        """The places round each outline of a patch in order."""
        mine = range(self.begin[face], self.begin[face + 1])
        by_coming = {int(self.coming[place]): place for place in mine}
        left = set(mine)
        while left:
            place, ring = min(left), list[int]()
            while place in left:
                left.discard(place)
                ring.append(place)
                place = by_coming[int(self.going[place])]
            yield ring

    def _end_of(self, stretch: int, place: int) -> int:
        """Which end of a stretch a corner is."""
        return 2 * stretch + int(self.first[stretch] != self.corner[place])

    def _outward(self, stretch: int, place: int) -> XY:
        """The direction out of the patch across one of its stretches, going round clockwise."""
        a, b = self.spots[self.first[stretch]], self.spots[self.last[stretch]]
        goes_out = stretch == int(self.going[place])
        at_first = bool(self.first[stretch] == self.corner[place])
        dx, dy = (b - a) if goes_out == at_first else (a - b)
        long = hypot(dx, dy)
        return dy / long, -dx / long

    def into(self, place: int) -> XY:
        """A direction from a corner of a patch into the patch: half way between its two edges."""
        a, b = (
            self._outward(int(self.coming[place]), place),
            self._outward(int(self.going[place]), place),
        )
        turn, along = a[0] * b[1] - a[1] * b[0], a[0] * b[0] + a[1] * b[1]
        angle = atan2(b[1], b[0]) - (atan2(turn, along)) / 2
        return -cos(angle), -sin(angle)

    def _stiffness(self) -> None:
        """How hard the cloth of each patch is to bring from the shape that it would like to have:
        a block for each patch, over its places.
        """
        polygons = [self._polygon(face) for face in range(len(self.begin) - 1)]
        parts = shapely.constrained_delaunay_triangles(polygons)
        rows, columns, values = [], [], []
        for face, part in enumerate(parts):
            at = {
                tuple(np.round(self.spots[self.corner[place]], 9)): place
                for place in range(self.begin[face], self.begin[face + 1])
            }
            for triangle in part.geoms:
                corners = np.array(triangle.exterior.coords)[:3]
                places = [at[tuple(np.round(spot, 9))] for spot in corners]
                stiff = _triangle(corners)
                dofs = [2 * place + axis for place in places for axis in (0, 1)]
                rows += [one for one in dofs for _ in dofs]
                columns += dofs * len(dofs)
                values += stiff.ravel().tolist()
        size = 2 * len(self.corner)
        self.stiffness = sparse.csr_matrix((values, (rows, columns)), shape=(size, size))

    def _polygon(self, face: int) -> shapely.Polygon:
        rings = [self.spots[self.corner[loop]] for loop in self.loops[face]]
        rings.sort(key=lambda ring: -shapely.Polygon(ring).area)  # its outline before its holes
        return shapely.Polygon(rings[0], rings[1:])


def _triangle(corners: Array) -> Array:
    """The stiffness of a triangle of cloth, over its corners, across and down in turn."""
    (ax, ay), (bx, by), (cx, cy) = corners
    twice = (bx - ax) * (cy - ay) - (cx - ax) * (by - ay)
    across = np.array([by - cy, cy - ay, ay - by]) / twice
    down = np.array([cx - bx, ax - cx, bx - ax]) / twice
    strain = np.zeros((3, 6))
    strain[0, ::2], strain[1, 1::2] = across, down
    strain[2, ::2], strain[2, 1::2] = down, across
    found: Array = abs(twice) / 2 * strain.T @ np.diag([1.0, 1.0, _SHEAR]) @ strain
    return found


def _only(runs: Runs, inner: Array) -> sparse.csr_matrix:
    """Keeps of the causes that are seams those between patches that are sewn."""
    joining = runs.plan.joining
    keeps = np.ones(runs.causes)
    for join in joining.joins:
        mine = joining.order.faces(joining.order.leaves + join.number)
        if not inner[mine].all():
            keeps[runs.seam_of[join.number]] = 0.0
            keeps[len(runs.numbers) + join.number] = 0.0
    return sparse.diags(keeps).tocsr()


def _seamed(cloth: ElasticCloth) -> sparse.csr_matrix:
    """By how much each corner of each patch moves (across and down, in turn) for each seam.

    A seam that is sewn later cuts off whatever was sewn before it: every patch that meets it at a
    corner, by an edge or by a point alone, ends there. So the seams at a corner are gone through
    from the last to the first; each moves the patches on its two sides along what bounds them by
    then.
    """
    runs, joining = cloth.runs, cloth.runs.plan.joining
    rays = _rays(cloth)
    rows, columns, values = [], [], []
    for place in range(len(cloth.corner)):
        corner, face = int(cloth.corner[place]), int(cloth.face_of_place[place])
        bounds = list(rays[corner].get(-1, []))
        inside = cloth.into(place)
        for join in sorted((one for one in rays[corner] if one >= 0), reverse=True):
            if not joining.holds(joining.order.leaves + join, face):
                continue
            mine = rays[corner][join]
            moved = _moved_by(mine, bounds, inside)
            bounds = _bounding([*bounds, *mine], inside)
            if runs.is_inside_trimmed(join, face):
                continue
            spot = cloth.spots[corner]
            far = float(runs.far_along_joins(np.array([join]), spot[None])[0])
            for axis in (0, 1):
                rows += [2 * place + axis] * 2
                columns += [runs.seam_of[join], len(runs.numbers) + join]
                values += [-moved[axis], -moved[axis] * (1 - far)]
    size = 2 * len(cloth.corner), runs.causes
    return sparse.csr_matrix((values, (rows, columns)), shape=size)


def _rays(cloth: ElasticCloth) -> list[dict[int, list[XY]]]:
    """At each corner the directions in which the seam of each join leaves it; -1 is the edge of the
    block.
    """
    found: list[dict[int, list[XY]]] = [defaultdict(list) for _ in cloth.spots]
    joins = cloth.runs.joins_of_stretches
    for stretch, (a, b) in enumerate(zip(cloth.first, cloth.last, strict=True)):
        reach = cloth.spots[b] - cloth.spots[a]
        x, y = (float(part) for part in reach / np.hypot(*reach))
        for corner, ray in ((a, (x, y)), (b, (-x, -y))):
            mine = found[corner][int(joins[stretch])]
            if not any(hypot(ray[0] - x0, ray[1] - y0) < _ONE_WAY for x0, y0 in mine):
                mine.append(ray)
    return found


def _outward_of(ray: XY, inside: XY) -> XY:
    """The normal of a line through a corner, away from what lies inside."""
    x, y = ray[1], -ray[0]
    return (-x, -y) if x * inside[0] + y * inside[1] > 0 else (x, y)


def _bounding(rays: Sequence[XY], inside: XY) -> list[XY]:
    """The two rays that bound what lies inside, one on either hand."""
    turned = sorted(
        ((atan2(y, x) - atan2(inside[1], inside[0])) % (2 * pi), (x, y)) for x, y in rays
    )
    return [turned[0][1], turned[-1][1]] if turned else []


def _moved_by(mine: Sequence[XY], bounds: Sequence[XY], inside: XY) -> XY:
    """Where a corner goes to, of what lies inside, when a seam that runs along some rays lies
    further out by one.
    """
    bounding = _bounding([*bounds, *mine], inside)
    new = [ray for ray in bounding if ray in mine]
    if not new:
        return 0.0, 0.0
    a = _outward_of(new[0], inside)
    other = next((ray for ray in bounding if ray != new[0]), None)
    if other is None:
        return a
    b = _outward_of(other, inside)
    turn = a[0] * b[1] - a[1] * b[0]
    if abs(turn) < _BLUNT:  # one straight line
        return a
    much = 1.0 if other in mine else 0.0
    return (b[1] - much * a[1]) / turn, (much * a[0] - b[0]) / turn


class SewnCloth:
    """Some patches sewn to each other, in the shape that they come to.

    Args:
        cloth: all patches.
        faces: those that are sewn.
    """

    def __init__(self, cloth: ElasticCloth, faces: tuple[int, ...]) -> None:
        self.cloth = cloth
        inner = np.zeros(len(cloth.begin), dtype=bool)
        inner[list(faces)] = True
        mine = np.flatnonzero(inner[cloth.face_of_place])
        corners, local = np.unique(cloth.corner[mine], return_inverse=True)
        self.number = dict(zip(corners.tolist(), range(len(corners)), strict=True))
        self.corners = corners
        size = 2 * len(corners)
        rows = np.repeat(2 * mine, 2) + np.tile([0, 1], len(mine))
        columns = np.repeat(2 * local.reshape(-1), 2) + np.tile([0, 1], len(mine))
        places = 2 * len(cloth.corner)
        self.held = sparse.csr_matrix((np.ones(len(rows)), (rows, columns)), shape=(places, size))
        pulled = self.held.T @ cloth.stiffness
        stiff = (pulled @ self.held).tocsc()
        hold = _HOLD * max(float(abs(stiff.diagonal()).max()), 1e-12)
        self._solved = splu((stiff + hold * sparse.identity(size, format="csc")).tocsc())
        self._pull = pulled
        self._shapes = (cloth.cut + cloth.seamed @ _only(cloth.runs, inner)).tocsr()
        self.inner = inner

    def answers(self, asked: Array) -> Array:
        """How some sums over the corners' movements answer to each cause.

        Args:
            asked: a sum a column, over the corners, across and down in turn.

        Returns: a row for each.
        """
        back = self._solved.solve(asked)
        found: Array = (self._shapes.T @ (self._pull.T @ back)).T
        return found

    def stretched(self, asked: Array, shapes: Array) -> Array:
        """The same for shapes that patches would like to have: a column each, over all places."""
        back = self._solved.solve(asked)
        found: Array = back.T @ (self._pull @ shapes)
        return found

    def asked(self, hits: tuple[Hit, Hit], way: XY) -> Array:
        """The sum that is the distance of two spots on the outline, in a direction."""
        found = np.zeros(2 * len(self.corners))
        for (a, b, share), sign in zip(hits, (-1.0, 1.0), strict=True):
            for corner, part in ((a, 1 - share), (b, share)):
                number = self.number[corner]
                found[2 * number] += sign * part * way[0]
                found[2 * number + 1] += sign * part * way[1]
        return found
