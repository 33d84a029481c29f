"""The seams as a planar subdivision: which patches the drawing divides the block into.

Everything lies on a lattice of whole numbers fine enough for every seam end and every crossing, so
that later rooms compare places exactly. Shapely finds the faces; its answer is read back to the
lattice. Only where hundreds of seams cross at all angles, no lattice that a machine could work on
holds every crossing: then it is as fine as can be, and crossings between its points move to the
nearest, by less than a billionth of the block.
"""

from __future__ import annotations

from collections import defaultdict
from collections.abc import Callable, Iterable, Sequence
from dataclasses import dataclass, field
from fractions import Fraction
from functools import cached_property, lru_cache
from math import gcd, lcm

import numpy as np
import shapely

from yonk.core.paper import (
    A_FACE,
    Array,
    Draft,
    DraftError,
    Point,
    Ruling,
    Seam,
    joined,
    kept,
    message,
)

Spot = tuple[int, int]
Ring = tuple[Spot, ...]
Outline = tuple[Ring, tuple[Ring, ...]]
Stretch = tuple[Spot, Spot]

MOST_CROSSINGS = 300_000  # beyond, a drawing takes minutes
LINES_AT_ONCE = 128  # so few that a count beyond the most ends soon
UNLIKE_WEIGHS = 20  # how much longer a crossing takes where no two patches are alike, as measured
_MOST_PATCHES = 40_000  # a block of 64 × 64 nested squares and some more
FACES_KEPT = 20_000  # those of a large drawing before and after an edit
_EXACT_FLOAT = 2**53  # up to here every whole number is a float of its own
_SAFE_INT64 = 1_000_000  # cubes of lattice numbers stay within 64 bits
_MOST_STEPS = 2**256  # of an exact lattice over the whole block
_COARSE_STEPS = 2**44  # of one that is not exact
_MOVED = 4.0  # steps that a crossing may lie off its seams there


@dataclass(frozen=True)
class Face:
    """One patch of the finished block on the lattice: its outline (clockwise as seen, no straight
    corners), and holes.
    """

    ring: Ring
    holes: tuple[Ring, ...] = ()

    @property
    def twice_area(self) -> int:
        """Twice the area in lattice squares."""
        return _twice_area(self.ring) - sum(_twice_area(hole) for hole in self.holes)

    @cached_property
    def box(self) -> tuple[int, int, int, int]:
        """Left, top, right, bottom."""
        across, down = zip(*self.ring, strict=True)
        return min(across), min(down), max(across), max(down)

    @cached_property
    def outline(self) -> Outline:
        """The ring and the holes as they lie from the top left corner of its box: the same for
        faces of one outline, wherever they lie.
        """
        left, top, _, _ = self.box
        ring = tuple([(x - left, y - top) for x, y in self.ring])
        holes = [tuple([(x - left, y - top) for x, y in hole]) for hole in self.holes]
        return ring, tuple(sorted(holes))


@dataclass(frozen=True, eq=False)
class Drawing:
    """A draft's faces, the very same for all that ask while they lie on the bench. `scale` is how
    many lattice steps make one unit of length; `neighbours` share a seam.
    """

    ruling: Ruling
    scale: int
    faces: tuple[Face, ...]
    loose: tuple[Stretch, ...]
    neighbours: frozenset[tuple[int, int]]
    polygons: Array = field(compare=False, repr=False)
    edges: tuple[Stretch, ...] = field(compare=False, repr=False)

    def inner_edges(self) -> list[Stretch]:
        """The stretches of seam between crossings, without the block's outline."""
        right, bottom = (
            int(lines[-1] * self.scale) for lines in (self.ruling.across, self.ruling.down)
        )
        return [
            (a, b)
            for a, b in self.edges
            if not (a[0] == b[0] and a[0] in (0, right))
            and not (a[1] == b[1] and a[1] in (0, bottom))
        ]

    def to_lattice(self, point: Point) -> tuple[Fraction, Fraction]:
        """From columns and rows to the lattice (not always a whole number)."""
        across, down = self.ruling.place(point)
        return across * self.scale, down * self.scale

    def to_grid(self, spot: tuple[Fraction | int, Fraction | int]) -> Point:
        """From the lattice to columns and rows."""
        return self.ruling.count((Fraction(spot[0]) / self.scale, Fraction(spot[1]) / self.scale))

    def faces_at(self, points: Sequence[Point]) -> list[int | None]:
        """For each point (in columns and rows) the face that holds it, or None for a point on a
        seam or outside.

        Floats decide where a point is well clear of every seam, exact arithmetic where it is not.
        """
        if not points:
            return []
        across = _between([x for x, _ in points], self._lines[0])
        down = _between([y for _, y in points], self._lines[1])
        spots = shapely.points(across, down)
        asked, hit = self._tree.query(spots, predicate="intersects")
        clear = shapely.distance(spots[asked], self._outlines[hit]) > 1e-6 * (
            1 + across.max() + down.max()
        )
        found: list[int | None] = [None] * len(points)
        sure = [False] * len(points)
        for question, face, surely in zip(
            asked.tolist(), hit.tolist(), clear.tolist(), strict=True
        ):
            if surely:
                found[question], sure[question] = face, True
        for question, point in enumerate(points):
            if not sure[question]:
                found[question] = self._find_exactly(spots[question], point)
        return found

    def _find_exactly(self, near: shapely.Point, point: Point) -> int | None:
        spot = self.to_lattice(point)
        candidates = self._tree.query(near, predicate="dwithin", distance=0.5).tolist()
        return next((face for face in candidates if holds(self.faces[face], spot)), None)

    @cached_property
    def _lines(self) -> tuple[Array, Array]:
        """Where the lines of the grid lie, across and down, as near as floats tell."""
        across, down = self.ruling.across, self.ruling.down
        return (
            np.array([float(line * self.scale) for line in across]),
            np.array([float(line * self.scale) for line in down]),
        )

    @cached_property
    def _tree(self) -> shapely.STRtree:
        return shapely.STRtree(self.polygons)

    @cached_property
    def _outlines(self) -> Array:
        return shapely.boundary(self.polygons)

    @cached_property
    def latest(self) -> dict[str, tuple[object, list[int | None]]]:
        """What was asked last, under a name: the very question and its answer."""
        return {}


def draw(draft: Draft) -> Drawing:
    """The faces of a draft's seams, with the block's outline as a seam.

    Seams may cross, overlap and continue each other: lines that lie on each other are joined
    first, so the
    answer does not depend on how the drawing was cut into seams.

    Returns: the faces in reading order, on a lattice of whole numbers; the latest drawings are
    remembered.

    Raises: `DraftError` when it has too many crossings or patches to work on.
    """
    return _draw(_Lines(Ruling.of(draft), draft.seams))


@dataclass(frozen=True)
class _Lines:
    """What a drawing follows from."""

    ruling: Ruling
    seams: tuple[Seam, ...]

    def __hash__(self) -> int:
        """Of the grid and how many seams there are: to hash thousands of fractions takes longer
        than to compare the few that are alike in this.
        """
        return hash((self.ruling, len(self.seams)))


@kept(lambda drawing, _: A_FACE * len(drawing.faces))
def _draw(lines: _Lines) -> Drawing:
    scale, seams, corner = _on_lattice(lines.ruling, lines.seams)
    joined_seams = _join(seams, corner)
    crossings, finer, exact = _crossings(joined_seams)
    scale *= finer
    edges = _cut_apart([_scaled(line, finer) for line in joined_seams], crossings)
    faces, loose, neighbours, polygons = _faces(edges, exact)
    if len(faces) > _MOST_PATCHES:
        raise DraftError(
            "seams",
            message("patches-are-too-many", count=len(faces), most=_MOST_PATCHES),
        )
    return Drawing(
        lines.ruling, scale, tuple(faces), tuple(loose), neighbours, polygons, tuple(edges)
    )


def work_in(seams: Sequence[Seam]) -> int:
    """About how much work a drawing is, before any of it is done.

    Args:
        seams: in columns and rows.

    Returns: how many pairs of seams have upright boxes that touch. Long slanted seams that
    cross make
    patches that are no two alike, which counts for more; beyond the most crossings it counts no
    further.
    """
    if not seams:
        return 0
    parts = [part.numerator / part.denominator for a, b in seams for part in (*a, *b)]
    ends = np.array(parts).reshape(len(seams), 2, 2)
    reach = np.abs(ends[:, 1] - ends[:, 0])
    slanted = (reach.min(axis=1) > 0) & (reach.max(axis=1) > 1.5)
    lines = shapely.linestrings(ends)
    tree, count = shapely.STRtree(lines), 0
    for begin in range(0, len(lines), LINES_AT_ONCE):
        first, second = tree.query(lines[begin : begin + LINES_AT_ONCE])
        count += len(first) + UNLIKE_WEIGHS * int((slanted[first + begin] & slanted[second]).sum())
        if count > MOST_CROSSINGS:
            break
    return count // 2


def holds(face: Face, spot: tuple[Fraction | int, Fraction | int]) -> bool:
    """Whether a spot lies strictly inside a face, by exact arithmetic."""
    return _inside(face.ring, spot) is True and all(
        _inside(hole, spot) is False for hole in face.holes
    )


def _between(counts: Sequence[Fraction], lines: Array) -> Array:
    """Where counts of columns or rows lie, as near as floats tell."""
    ratios = [over / under for over, under in map(Fraction.as_integer_ratio, counts)]
    return np.interp(ratios, np.arange(len(lines)), lines)


def grid_point_inside(drawing: Drawing, face: Face) -> Point:
    """A point (in columns and rows) strictly inside a face, in small fractions where there is
    room.
    """
    found = shapely.point_on_surface(_polygon(face))
    middle = _centroid(face.ring)
    for spot in (middle, (Fraction(found.x), Fraction(found.y))):
        exact = drawing.to_grid(spot)
        for under in (2, 4, 12, 48, 1000, 10**6, 10**9):
            point = exact[0].limit_denominator(under), exact[1].limit_denominator(under)
            if holds(face, drawing.to_lattice(point)):
                return point
    return exact


def _polygon(face: Face) -> shapely.Polygon:
    return shapely.Polygon(face.ring, face.holes)


def _centroid(ring: Ring) -> tuple[Fraction, Fraction]:
    return Fraction(sum(x for x, _ in ring), len(ring)), Fraction(
        sum(y for _, y in ring), len(ring)
    )


def _inside(ring: Ring, spot: tuple[Fraction | int, Fraction | int]) -> bool | None:
    """True inside, False outside, None on the outline."""
    px, py = spot
    inside = False
    ax, ay = ring[-1]
    for bx, by in ring:
        side = (bx - ax) * (py - ay) - (by - ay) * (px - ax)
        if side == 0 and min(ax, bx) <= px <= max(ax, bx) and min(ay, by) <= py <= max(ay, by):
            return None
        if (ay > py) != (by > py) and (side > 0) == (by > ay):
            inside = not inside
        ax, ay = bx, by
    return inside


def _twice_area(ring: Ring) -> int:
    total = 0
    ax, ay = ring[-1]
    for bx, by in ring:
        total += ax * by - bx * ay
        ax, ay = bx, by
    return abs(total)


def _on_lattice(ruling: Ruling, seams: Sequence[Seam]) -> tuple[int, list[Stretch], Spot]:
    """The seams in whole lattice steps, how many steps make a unit of length, and the block's far
    corner.
    """
    axes = [[point[axis] for seam in seams for point in seam] for axis in (0, 1)]
    axes[0].append(Fraction(len(ruling.across) - 1))
    axes[1].append(Fraction(len(ruling.down) - 1))
    places = [_places(axes[0], ruling.place_across), _places(axes[1], ruling.place_down)]
    largest = max(ruling.across[-1], ruling.down[-1])
    scale, _ = _lattice(
        {length.denominator for known, _ in places for length in known.values()}, largest
    )
    edges = lcm(ruling.across[-1].denominator, ruling.down[-1].denominator)
    scale = lcm(scale, edges)
    across, down = (
        [steps[count] for count in counts]
        for known, counts in places
        for steps in [{count: round(length * scale) for count, length in known.items()}]
    )
    spots = list(zip(across, down, strict=True))
    return scale, list(zip(spots[:-1:2], spots[1::2], strict=True)), spots[-1]


def _lattice(denominators: set[int], reach: Fraction | int) -> tuple[int, bool]:
    """How fine a lattice must be to hold all fractions of these denominators, and whether it does.

    Where that is finer than can be worked on, it holds those of the smallest denominators.
    """
    whole = 1
    for one in denominators:
        whole = lcm(whole, one)
        if whole * reach > _MOST_STEPS:
            break
    else:
        return whole, True
    fine = 1
    for one in sorted(denominators):
        if lcm(fine, one) * reach > _COARSE_STEPS:
            break
        fine = lcm(fine, one)
    return fine * max(1, int(_COARSE_STEPS / (fine * reach))), False


def _places(
    axis: Sequence[Fraction], place: Callable[[Fraction], Fraction]
) -> tuple[dict[int, Fraction], list[int]]:
    """Where each different coordinate lies, keyed by whole parts of a cell, and the key of every
    coordinate.
    """
    parts = lcm(*{at.denominator for at in axis})
    counts = [at.numerator * (parts // at.denominator) for at in axis]
    return {count: place(Fraction(count, parts)) for count in set(counts)}, counts


def _join(seams: Iterable[Stretch], corner: Spot) -> list[Stretch]:
    """Seams that lie on one line and touch, joined; with the outline of the block."""
    right, bottom = corner
    outline = [
        ((0, 0), (right, 0)),
        ((right, 0), (right, bottom)),
        ((0, bottom), (right, bottom)),
        ((0, 0), (0, bottom)),
    ]
    lines: dict[tuple[int, int, int], list[Stretch]] = defaultdict(list)
    for a, b in (*seams, *outline):
        low, high = sorted((a, b))
        dx, dy = high[0] - low[0], high[1] - low[1]
        step = gcd(dx, dy)
        if step:
            dx, dy = dx // step, dy // step
            lines[dx, dy, dx * low[1] - dy * low[0]].append((low, high))
    return sorted(one for stretches in lines.values() for one in joined(stretches))


def _scaled(line: Stretch, by: int) -> Stretch:
    return (line[0][0] * by, line[0][1] * by), (line[1][0] * by, line[1][1] * by)


def _crossings(lines: Sequence[Stretch]) -> tuple[list[tuple[int, int, Spot]], int, bool]:
    """Where lines meet, as (line, other line, spot) on a lattice finer by the second answer; and
    whether exactly.
    """
    reach = max(abs(part) for line in lines for spot in line for part in spot)
    ends = np.array(lines, dtype=np.int64 if reach < _SAFE_INT64 else object).reshape(-1, 4)
    start, way = ends[:, :2], ends[:, 2:] - ends[:, :2]
    first, second, turn, along1 = _meetings(lines, start, way)
    over = start[first] * turn[:, None] + way[first] * along1[:, None]
    under = turn[:, None] // np.gcd(over, turn[:, None])
    finer, exact = (
        _lattice({int(part) for part in np.unique(under)}, reach) if len(under) else (1, True)
    )
    if finer > 1 and finer * reach * int(turn.max()) >= 2**61:
        over, turn = over.astype(object), turn.astype(object)
    half = 0 if exact else turn[:, None] // 2
    spots = (over * finer + half) // turn[:, None]
    met = zip(first.tolist(), second.tolist(), spots.tolist(), strict=True)
    return [(a, b, (int(x), int(y))) for a, b, (x, y) in met], finer, exact


def _meetings(
    lines: Sequence[Stretch], start: Array, way: Array
) -> tuple[Array, Array, Array, Array]:
    """The pairs of lines that meet, the sine of their angle by their lengths, and how far along the
    first, by that.

    Looked for a share of the lines at a time, so that a drawing of too many is refused before it
    takes all memory.
    """
    boxes = shapely.linestrings(np.array(lines, dtype=float))
    tree = shapely.STRtree(boxes)
    found: list[tuple[Array, Array, Array, Array]] = []
    count = 0
    for begin in range(0, len(lines), LINES_AT_ONCE):
        first, second = tree.query(boxes[begin : begin + LINES_AT_ONCE])
        first = first + begin
        keep = first < second
        first, second = first[keep], second[keep]
        across: Array = start[second] - start[first]
        d1, d2 = way[first], way[second]
        turn = d1[:, 0] * d2[:, 1] - d1[:, 1] * d2[:, 0]
        sign = np.where(turn < 0, -1, 1)
        turn = turn * sign
        along1 = (across[:, 0] * d2[:, 1] - across[:, 1] * d2[:, 0]) * sign
        along2 = (across[:, 0] * d1[:, 1] - across[:, 1] * d1[:, 0]) * sign
        meet = (turn > 0) & (along1 >= 0) & (along1 <= turn) & (along2 >= 0) & (along2 <= turn)
        found.append((first[meet], second[meet], turn[meet], along1[meet]))
        count += int(meet.sum())
        if count > MOST_CROSSINGS:
            raise DraftError("seams", message("seams-cross-too-often"))
    first, second, turn, along1 = (np.concatenate(part) for part in zip(*found, strict=True))
    return first, second, turn, along1


def _cut_apart(
    lines: Sequence[Stretch], crossings: Iterable[tuple[int, int, Spot]]
) -> list[Stretch]:
    """The lines cut at every crossing."""
    stops: list[set[Spot]] = [set(line) for line in lines]
    for first, second, spot in crossings:
        stops[first].add(spot)
        stops[second].add(spot)
    edges: list[Stretch] = []
    for ((ax, ay), (bx, by)), on_line in zip(lines, stops, strict=True):
        if abs(by - ay) <= bx - ax:
            ordered = sorted(on_line)
        # along the axis that it is longer on, where a crossing that was moved keeps its place among
        # the others
        else:
            ordered = sorted(on_line, key=lambda spot: (spot[1], spot[0]), reverse=by < ay)
        edges.extend(zip(ordered, ordered[1:], strict=False))
    return list(dict.fromkeys(edges))


def _faces(
    edges: Sequence[Stretch], exactly: bool = True
) -> tuple[list[Face], list[Stretch], frozenset[tuple[int, int]], Array]:
    """The faces the edges enclose, in reading order; the edges that divide nothing; which faces
    share an edge;

    and the faces as Shapely's polygons.
    """
    spots = sorted({spot for edge in edges for spot in edge})
    exact = max(max(spot) for spot in spots) < _EXACT_FLOAT
    known = None if exact else {(float(x), float(y)): (x, y) for x, y in spots}
    if known is not None and len(known) < len(spots):
        raise DraftError("seams", message("seams-come-too-near"))
    polygons, cuts, dangles, _ = shapely.polygonize_full(
        shapely.linestrings(np.array(edges, dtype=float))
    )
    parts = shapely.get_parts(polygons)
    rings, owners = shapely.get_rings(parts, return_index=True)
    of_face: dict[int, list[Ring]] = defaultdict(list)
    for owner, ring in zip(owners.tolist(), _rings(rings, known, exactly), strict=True):
        of_face[owner].append(ring)
    faces = [_face(outline, tuple(holes)) for outline, *holes in of_face.values()]
    loose = [
        (ends[0], ends[-1])
        for part in (*dangles.geoms, *cuts.geoms)
        for ends in [
            [(int(x), int(y)) for x, y in _spots(shapely.get_coordinates(part), known).tolist()]
        ]
    ]
    corners = shapely.bounds(parts)[:, 1::-1].tolist()
    order = sorted(range(len(faces)), key=lambda index: (corners[index], faces[index].ring))
    place = np.empty(len(faces), dtype=np.int64)
    place[order] = np.arange(len(faces))
    return (
        [faces[index] for index in order],
        sorted(loose),
        _neighbours(rings, place[owners]),
        parts[order],
    )


@lru_cache(maxsize=FACES_KEPT)
def _face(ring: Ring, holes: tuple[Ring, ...]) -> Face:
    """The very face that was there before, with what is known of it, where an edit leaves it."""
    return Face(ring, holes)


def _neighbours(rings: Array, faces: Array) -> frozenset[tuple[int, int]]:
    """The pairs of faces with an edge in common; `faces` tells whose each ring is."""
    coordinates, ring = shapely.get_coordinates(rings, return_index=True)
    same = ring[1:] == ring[:-1]
    ends = np.stack((coordinates[:-1][same], coordinates[1:][same]), axis=1)
    whose = faces[ring[1:][same]]
    swap = (ends[:, 0, 0] > ends[:, 1, 0]) | (
        (ends[:, 0, 0] == ends[:, 1, 0]) & (ends[:, 0, 1] > ends[:, 1, 1])
    )
    ends[swap] = ends[swap, ::-1]
    flat = ends.reshape(-1, 4)
    order = np.lexsort(flat.T)
    flat, whose = flat[order], whose[order]
    twin = np.flatnonzero((flat[1:] == flat[:-1]).all(axis=1))
    pairs = np.sort(np.stack((whose[twin], whose[twin + 1]), axis=1), axis=1)
    return frozenset(map(tuple, pairs.tolist()))


def _spots(coordinates: Array, known: dict[tuple[float, float], Spot] | None) -> Array:
    if known is None:
        return np.rint(coordinates).astype(np.int64)
    return np.array([known[x, y] for x, y in coordinates.tolist()], dtype=object).reshape(-1, 2)


def _rings(
    lines: Array, known: dict[tuple[float, float], Spot] | None, exactly: bool
) -> list[Ring]:
    """Rings without their straight corners, clockwise as seen (y runs down), each from its least
    spot on.
    """
    coordinates, owner = shapely.get_coordinates(lines, return_index=True)
    spots = _spots(coordinates, known)
    if known is None and len(spots) and spots.max() >= 2**30:
        spots = spots.astype(object)
    first = np.searchsorted(owner, np.arange(len(lines)))
    last = np.append(first[1:], len(owner)) - 1
    before, after = np.arange(len(owner)) - 1, np.arange(len(owner)) + 1
    before[first] = last - 1
    keep = np.ones(len(owner), dtype=bool)
    keep[last] = False  # a ring ends where it began
    after[last] = first + 1
    came, goes = spots - spots[before], spots[after] - spots
    if exactly:
        keep &= (came[:, 0] * goes[:, 1] - came[:, 1] * goes[:, 0]) != 0
    else:  # how far a corner lies off the line between its neighbours, in lattice steps
        came, goes = came.astype(float), goes.astype(float)
        off = np.abs(came[:, 0] * goes[:, 1] - came[:, 1] * goes[:, 0])
        keep &= off > _MOVED * np.hypot(came[:, 0] + goes[:, 0], came[:, 1] + goes[:, 1])
    kept: list[list[Spot]] = [[] for _ in range(len(lines))]
    for ring, x, y in zip(owner[keep].tolist(), *spots[keep].T.tolist(), strict=True):
        kept[ring].append((x, y))
    clockwise = shapely.is_ccw(lines)  # counter-clockwise with y upward is clockwise as seen
    return [
        from_least(ring if as_seen else ring[::-1])
        for ring, as_seen in zip(kept, clockwise, strict=True)
    ]


def from_least(ring: Sequence[Spot]) -> Ring:
    """A ring from its least spot on: alike wherever it began."""
    least = ring.index(min(ring))
    return (*ring[least:], *ring[:least])
