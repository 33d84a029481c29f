"""Thickness: how many layers of cloth lie at each place of a pressed block.

The layers follow from the sewing: every patch is cut with its allowances, and when a join is
pressed, what reaches beyond the seam stays flat on the one side and is folded back on the other.
"""

from __future__ import annotations

from collections.abc import Callable, Iterator, Sequence
from dataclasses import dataclass
from math import hypot
from typing import Any

import numpy as np
import shapely

from yonk.core.joining import Join, Joining
from yonk.core.paper import XY, Array
from yonk.core.pressing.pressed import PressedSide, Pressing, turn
from yonk.core.pressing.seam_intersection import SeamIntersection

_POINT = 4.0  # allowances that a sharp point may reach beyond its patch
_GRID = 1e-5  # of the allowance: outlines nearer than that are one
_LEAST_BIT = 1e-4  # of the allowance's square: a bit smaller than a thread crossing is none
_LEAST = 1e-6  # of the allowance: less cloth than that is none


@dataclass(frozen=True)
class Layer:
    """A piece of cloth as it lies in the pressed block: of which patch, its outline in the draft's
    unit, and whether it is an allowance.
    """

    face: int
    outline: Any
    allowance: bool


@dataclass(frozen=True)
class Thick:
    """A place by the end of a seam, in lattice steps, and the most layers there."""

    spot: tuple[int, int]
    layers: int


def layers(
    joining: Joining,
    made: Pressing,
    meetings: Sequence[SeamIntersection],
    seam: float,
    scale: float,
) -> tuple[Layer, ...]:
    """The cloth of a pressed block.

    Args:
        joining: the joins.
        made: how they are pressed, with the state of each of the `meetings`.
        seam: the seam allowance in the draft's unit.
        scale: lattice steps in a unit.
    """
    outlines = shapely.buffer(
        np.array([_polygon(face.ring, face.holes, scale) for face in joining.faces]),
        seam,
        join_style="mitre",
        mitre_limit=_POINT,
    )
    cloth = _Cloth(outlines)
    spun = _spun(meetings, made)
    for join in joining.joins:
        for stretch in _stretches(join, made.presses, spun.get(join.number, {}), scale, seam):
            cloth.fold(join, stretch)
        cloth.join(join)
    return cloth.all()


def _polygon(
    ring: Sequence[tuple[int, int]], holes: Sequence[Sequence[tuple[int, int]]], scale: float
) -> shapely.Polygon:
    return shapely.Polygon(
        [(x / scale, y / scale) for x, y in ring],
        [[(x / scale, y / scale) for x, y in hole] for hole in holes],
    )


@dataclass(frozen=True)
class _Stretch:
    """A stretch of a seam, pressed to one side: where it begins, its direction, its length, how far
    its allowance reaches beyond either end, and how wide that is.
    """

    start: XY
    way: XY
    length: float
    before: float
    after: float
    width: float
    side: PressedSide

    @property
    def middle(self) -> XY:
        """Half way along it."""
        (x, y), (dx, dy) = self.start, self.way
        return x + dx * self.length / 2, y + dy * self.length / 2

    def strip(self, left: bool) -> shapely.Polygon:
        """Where the allowance lies on its left or its right hand."""
        (x, y), (dx, dy) = self.start, self.way
        across = (dy, -dx) if left else (-dy, dx)
        begin, end = -self.before, self.length + self.after
        wide = self.width * _POINT
        return shapely.Polygon(
            [
                (x + dx * begin, y + dy * begin),
                (x + dx * end, y + dy * end),
                (x + dx * end + across[0] * wide, y + dy * end + across[1] * wide),
                (x + dx * begin + across[0] * wide, y + dy * begin + across[1] * wide),
            ]
        )

    def mirrored(self, shapes: Array) -> Array:
        """Cloth folded back along the seam."""
        (x, y), (dx, dy) = self.start, self.way

        def over(spots: Array) -> Array:
            along = (spots[:, 0] - x) * dx + (spots[:, 1] - y) * dy
            return np.stack(
                (2 * (x + along * dx) - spots[:, 0], 2 * (y + along * dy) - spots[:, 1]), axis=1
            )

        return shapely.transform(shapes, over)


def _stretches(
    join: Join,
    presses: Sequence[PressedSide],
    spun: dict[tuple[int, int], int],
    scale: float,
    seam: float,
) -> Iterator[_Stretch]:
    """A seam's stretches, parted where it is spun, since it lies to either side of such a place."""
    last = len(join.along) - 1
    for number, (a, b) in enumerate(join.along):
        middle = sorted(
            (spot for spot in spun if _between(a, spot, b)), key=lambda spot: _far(a, spot)
        )
        ends = [a, *middle, b]
        for place, (one, other) in enumerate(zip(ends, ends[1:], strict=False)):
            side = presses[join.number]
            if one in spun and place:
                side = 1 if spun[one] > 0 else 0
            elif other in spun and place < len(ends) - 2:
                side = 0 if spun[other] > 0 else 1
            length = _far(one, other) / scale
            way = (other[0] - one[0]) / scale / length, (other[1] - one[1]) / scale / length
            yield _Stretch(
                (one[0] / scale, one[1] / scale),
                way,
                length,
                _POINT * seam if not place and not number else 0.0,
                _POINT * seam if place == len(ends) - 2 and number == last else 0.0,
                seam,
                side,
            )


def _far(one: tuple[int, int], other: tuple[int, int]) -> float:
    return hypot(float(other[0] - one[0]), float(other[1] - one[1]))


def _between(a: tuple[int, int], spot: tuple[int, int], b: tuple[int, int]) -> bool:
    dx, dy = b[0] - a[0], b[1] - a[1]
    along = (spot[0] - a[0]) * dx + (spot[1] - a[1]) * dy
    on = (spot[0] - a[0]) * dy == (spot[1] - a[1]) * dx
    return on and 0 < along < dx * dx + dy * dy


def _spun(
    meetings: Sequence[SeamIntersection], made: Pressing
) -> dict[int, dict[tuple[int, int], int]]:
    """The spun places of each join, and which way each turns."""
    found: dict[int, dict[tuple[int, int], int]] = {}
    for meeting, state in zip(meetings, made.states, strict=True):
        if state == "spun":
            found.setdefault(meeting.join, {})[meeting.at] = turn(meeting, made.presses)
    return found


@dataclass(frozen=True)
class PressedStretch:
    """Where a stretch of a seam lies pressed: its middle and its direction, in the draft's unit,
    and the side, None where it is open.
    """

    middle: XY
    way: XY
    side: PressedSide


def pressed_stretches(
    joining: Joining, meetings: Sequence[SeamIntersection], made: Pressing, scale: float
) -> dict[int, tuple[PressedStretch, ...]]:
    """Of each join the stretches of its seam between the places where it is spun; one, the longest,
    where it is not.
    """
    spun = _spun(meetings, made)
    found = {}
    for join in joining.joins:
        places = spun.get(join.number, {})
        parts = list(_stretches(join, made.presses, places, scale, 0.0))
        some = parts if places else [max(parts, key=lambda one: one.length)]
        found[join.number] = tuple(PressedStretch(one.middle, one.way, one.side) for one in some)
    return found


def _overlaid(operation: Callable[..., Array], shapes: Array, strip: shapely.Polygon) -> Array:
    """An overlay of shapes and a strip; a shape that floats have made touch itself is put in order
    first.
    """
    try:
        return operation(shapes, strip)
    except shapely.GEOSException:
        return operation(shapely.make_valid(shapes), strip)


class _Cloth:
    """The cloth of the parts as far as they are sewn."""

    def __init__(self, outlines: Array) -> None:
        self.shapes = outlines
        self.faces = np.arange(len(outlines))
        self.folded = np.zeros(len(outlines), dtype=bool)
        self.of_part: dict[int, Array] = {
            face: np.array([face], dtype=np.int64) for face in range(len(outlines))
        }

    def fold(self, join: Join, stretch: _Stretch) -> None:
        """Folds back what reaches beyond a stretch on the side that it is pressed toward, or on
        both where it is open.
        """
        for place, part in enumerate(join.of):
            if stretch.side in (place, None):
                self._fold_back(part, stretch, stretch.strip(left=place == 1))

    def _fold_back(self, part: int, stretch: _Stretch, strip: shapely.Polygon) -> None:
        mine = self.of_part[part]
        near = mine[_boxes_touch(self.shapes[mine], strip)]
        if not len(near):
            return
        least = _LEAST * stretch.width**2
        beyond = _overlaid(shapely.intersection, self.shapes[near], strip)
        reaches = shapely.area(beyond) > least
        near, beyond = near[reaches], beyond[reaches]
        if not len(near):
            return
        self.shapes[near] = _overlaid(shapely.difference, self.shapes[near], strip)
        first = len(self.shapes)
        self.shapes = np.concatenate((self.shapes, stretch.mirrored(beyond)))
        self.faces = np.concatenate((self.faces, self.faces[near]))
        self.folded = np.concatenate((self.folded, np.ones(len(near), dtype=bool)))
        self.of_part[part] = np.concatenate((mine, np.arange(first, len(self.shapes))))

    def join(self, join: Join) -> None:
        """Takes two parts as one."""
        made = len(self.of_part)
        one, other = (self.of_part[part] for part in join.of)
        self.of_part[made] = np.concatenate((one, other))
        for part in join.of:
            self.of_part[part] = one[:0]

    def all(self) -> tuple[Layer, ...]:
        """Every piece of cloth as it lies."""
        there = ~shapely.is_empty(self.shapes)
        return tuple(
            Layer(int(face), shape, bool(folded))
            for face, shape, folded in zip(
                self.faces[there], self.shapes[there], self.folded[there], strict=True
            )
        )


def _boxes_touch(shapes: Array, strip: shapely.Polygon) -> Array:
    left, top, right, bottom = shapely.bounds(shapes).T
    x0, y0, x1, y1 = strip.bounds
    return (left < x1) & (right > x0) & (top < y1) & (bottom > y0)


def thick_places(
    joining: Joining, cloth: Sequence[Layer], seam: float, scale: float
) -> tuple[Thick, ...]:
    """By each end of a seam the most layers that lie on each other, the thickest first.

    The outlines of all cloth part the block into bits, each of which has as many layers all over;
    so nothing is looked at by chance.

    Args:
        joining: the joins, whose seams' ends are looked at.
        cloth: what `layers` gives.
        seam: the seam allowance in the draft's unit; as far around an end is looked.
        scale: lattice steps in a unit.
    """
    spots = sorted({spot for join in joining.joins for one in join.along for spot in one})
    if not spots:
        return ()
    far = [max(face.box[side] for face in joining.faces) / scale for side in (2, 3)]
    bits = _bits(cloth, shapely.box(0, 0, *far), seam)
    depths = depth(cloth, shapely.get_coordinates(shapely.point_on_surface(bits)))
    around = np.array(
        [
            shapely.box(x / scale - seam, y / scale - seam, x / scale + seam, y / scale + seam)
            for x, y in spots
        ]
    )
    most = np.zeros(len(spots), dtype=int)
    if len(bits):
        at, bit = shapely.STRtree(bits).query(around, predicate="intersects")
        shared = shapely.area(shapely.intersection(around[at], bits[bit]))
        there = shared > _LEAST_BIT * seam**2
        np.maximum.at(most, at[there], depths[bit[there]])
    found = [Thick(spot, layers) for spot, layers in zip(spots, most.tolist(), strict=True)]
    return tuple(sorted(found, key=lambda one: (-one.layers, one.spot[1], one.spot[0])))


def _bits(cloth: Sequence[Layer], block: shapely.Polygon, seam: float) -> Array:
    """The bits that the outlines of all cloth part a block into; those that only the rounding of
    numbers made are none.
    """
    edges = shapely.boundary([block, *(layer.outline for layer in cloth)])
    noded = shapely.union_all(edges, grid_size=_GRID * seam)
    bits = shapely.get_parts(shapely.polygonize(shapely.get_parts(noded)))
    large = shapely.area(bits) > _LEAST_BIT * seam**2
    bits = bits[large]
    return bits[shapely.within(shapely.point_on_surface(bits), block)] if len(bits) else bits


def depth(cloth: Sequence[Layer], places: Array) -> Array:
    """How many layers lie at each place."""
    tree = shapely.STRtree([layer.outline for layer in cloth])
    hits, _ = tree.query(shapely.points(places), predicate="within")
    return np.bincount(hits, minlength=len(places))
