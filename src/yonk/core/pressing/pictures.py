"""Pictures of a join, to scale: the two pieces, right sides together with pins, opened and pressed.

Cloth is drawn with its allowances, in the draft's unit, as it lies in the block.
"""

from __future__ import annotations

from collections.abc import Sequence
from typing import Any

import numpy as np
import shapely

from yonk.core.paper import XY, Array, show
from yonk.core.pressing.plan import ListedJoin, SewingPlan, measures
from yonk.core.pressing.starting import starts_at
from yonk.core.sewing import ClothSide, Label, MarkedLine, Picture, ShownCloth, TableSegment

_POINT = 4.0  # allowances that a sharp point may reach beyond its patch
_MOST = 160  # patches of a piece that are drawn with their allowances
_APART = 1.6  # allowances between two pieces that lie side by side
_PIN = 1.5  # allowances that a pin reaches to either side of the seam


def join_pictures(plan: SewingPlan, sewn: ListedJoin) -> tuple[Picture, Picture, Picture]:
    """A join in three pictures: its two pieces, right sides together with the piece that goes up
    folded over the other, and opened.
    """
    return _Drawn(plan, sewn).pictures()


class _Drawn:
    def __init__(self, plan: SewingPlan, sewn: ListedJoin) -> None:
        self.plan, self.sewn, self.join = plan, sewn, sewn.join
        self.scale = float(plan.reading.drawing.scale)
        self.seam = float(plan.draft.making.seam)
        self.folded = a, b = max(sewn.join.along, key=lambda one: _far(*one))
        self.start = np.array([a[0], a[1]], dtype=float) / self.scale
        way = np.array([b[0] - a[0], b[1] - a[1]], dtype=float)
        self.way = way / np.hypot(*way)
        self.across = np.array([self.way[1], -self.way[0]])  # toward the first part

    def pictures(self) -> tuple[Picture, Picture, Picture]:
        return self._apart(), self._together(), self._opened()

    def _cloth(self, part: int) -> list[tuple[Array, str]]:
        """The patches of a part with its allowances, each as rings."""
        faces = self.plan.joining.order.faces(part)
        shapes = np.array(
            [
                shapely.Polygon(
                    np.array(self.plan.joining.faces[face].ring, dtype=float) / self.scale
                )
                for face in faces
            ]
        )
        fabrics = [self.plan.reading.fabrics[face] for face in faces]
        if len(faces) <= _MOST:
            shapes = self._with_allowances(shapes)
        return [
            (np.array(shape.exterior.coords), fabric)
            for several, fabric in zip(shapes, fabrics, strict=True)
            for shape in shapely.get_parts(several)
            if shape.geom_type == "Polygon" and not shape.is_empty
        ]

    def _with_allowances(self, shapes: Array) -> Array:
        """Patches with what is left over beyond the outer edge: beside each edge the patch's own,
        what lies beyond a corner the allowance of each patch that comes to it.
        """
        whole = shapely.union_all(shapes)
        edges = shapely.line_merge(shapely.intersection(shapely.boundary(shapes), whole.boundary))
        beside = shapely.buffer(edges, self.seam, cap_style="flat", join_style="mitre")
        grown, outer = (
            shapely.buffer(one, self.seam, join_style="mitre", mitre_limit=_POINT)
            for one in (shapes, whole)
        )
        room = shapely.difference(outer, whole)
        corners = shapely.difference(room, shapely.union_all(beside))
        own = shapely.union(
            shapely.intersection(beside, room), shapely.intersection(grown, corners)
        )
        return shapely.union(shapes, own)

    def _drawn(self, part: int, side: ClothSide, motion: Any) -> list[ShownCloth]:
        return [
            ShownCloth(_spots(motion(ring)), fabric, side, 0) for ring, fabric in self._cloth(part)
        ]

    def _apart(self) -> Picture:
        gap = self.across * self.seam * _APART
        one, other = self.join.of
        cloths = [
            *self._drawn(one, "right", lambda ring: ring + gap),
            *self._drawn(other, "right", lambda ring: ring - gap),
        ]
        return _picture(cloths, [], ())

    def _together(self) -> Picture:
        """The piece that goes up folded over the other, wrong side up."""
        up = self.sewn.up
        down = self.join.of[1 - self.join.of.index(up)]
        peek = self.across * self.seam * (0.35 if down == self.join.of[1] else -0.35)
        cloths = [
            *self._drawn(down, "right", lambda ring: ring - peek),
            *self._drawn(up, "wrong", self._folded),
        ]
        lines = [MarkedLine(span, "sewn") for span in self._stitches()]
        lines += [MarkedLine(span, "pin") for span in self._pins()]
        lines += [MarkedLine(_span(dot, dot), "dot") for dot in self._dots()]
        first = starts_at(self.plan, self.join)
        if first is not None:
            spot = np.array(first, dtype=float) / self.scale
            lines.append(MarkedLine(_span(spot, spot), "start"))
        return _picture(cloths, lines, ())

    def _folded(self, ring: Array) -> Array:
        """Mirrored over the line of the seam."""
        off = (ring - self.start) @ self.across
        return ring - 2 * off[:, None] * self.across

    def _stitches(self) -> list[TableSegment]:
        """The seam: from raw edge to raw edge, but at a set-in corner just to the corner; of a
        set-in seam the side that is folded, since each is sewn by itself.
        """
        spans = []
        along = self.join.along
        for number, (a, b) in enumerate(along):
            start, end = (np.array(spot, dtype=float) / self.scale for spot in (a, b))
            way = (end - start) / np.hypot(*(end - start)) * self.seam
            if self.join.kind != "set-in":
                spans.append(_span(start - way, end + way))
            elif (a, b) == self.folded:
                first = start if number else start - way
                last = end if number < len(along) - 1 else end + way
                spans.append(_span(first, last))
        return spans

    def _dots(self) -> list[Array]:
        """The corners before which a set-in seam stops."""
        corners = {a for a, _ in self.join.along[1:]} & set(self.folded)
        return [np.array(spot, dtype=float) / self.scale for spot in sorted(corners)]

    def _pins(self) -> list[TableSegment]:
        """A pin at each end and at each place where seams meet; none at the dot of a corner."""
        spots = [
            meeting.at for meeting in self.plan.wanted.meetings if meeting.join == self.join.number
        ]
        if self.join.kind == "set-in":
            corners = {a for a, _ in self.join.along[1:]}
            spots += [end for end in self.folded if end not in corners]
        else:
            spots += [self.join.along[0][0], self.join.along[-1][1]]
        reach = self.across * self.seam * _PIN
        places = (np.array(spot, dtype=float) / self.scale for spot in spots)
        return [_span(place - reach, place + reach) for place in places]

    def _opened(self) -> Picture:
        made = self.plan.joining.order.leaves + self.join.number
        cloths = self._drawn(made, "right", lambda ring: ring)
        lines = [
            MarkedLine(_span(np.array(a) / self.scale, np.array(b) / self.scale), "seam")
            for a, b in self.join.along
        ]
        side = self.plan.pressing.presses[self.join.number]
        middle = self._middle()
        for toward in (0, 1) if side is None else (side,):
            way = self.across * self.seam * 3 * (1 if toward == 0 else -1)
            lines.append(MarkedLine(_span(middle, middle + way), "press"))
        return _picture(cloths, lines, self._sizes(cloths))

    def _middle(self) -> Array:
        a, b = max(self.join.along, key=lambda one: _far(*one))
        return (np.array(a, dtype=float) + np.array(b, dtype=float)) / 2 / self.scale

    def _sizes(self, cloths: Sequence[ShownCloth]) -> tuple[Label, ...]:
        """The unfinished size, where it is a rectangle along the block's sides."""
        if self.sewn.box is None or self.sewn.box.round is not None:
            return ()
        left, top, right, bottom = _bounds(cloths)
        unit = self.plan.draft.unit
        sides = sorted(measures(self.plan, self.sewn), key=float)
        wide, high = sides if right - left < bottom - top else sides[::-1]
        if abs(float(wide) - (right - left)) > self.seam / 4:
            return ()
        return (
            Label(((left, top), (right, top)), show(wide, unit)),
            Label(((left, top), (left, bottom)), show(high, unit)),
        )


def _far(a: tuple[int, int], b: tuple[int, int]) -> float:
    return float(np.hypot(float(b[0] - a[0]), float(b[1] - a[1])))


def _spots(ring: Array) -> tuple[XY, ...]:
    return tuple((float(x), float(y)) for x, y in ring)


def _span(a: Array, b: Array) -> TableSegment:
    return (float(a[0]), float(a[1])), (float(b[0]), float(b[1]))


def _bounds(cloths: Sequence[ShownCloth]) -> tuple[float, float, float, float]:
    across = [x for cloth in cloths for x, _ in cloth.outline]
    down = [y for cloth in cloths for _, y in cloth.outline]
    return min(across), min(down), max(across), max(down)


def _picture(
    cloths: Sequence[ShownCloth], lines: Sequence[MarkedLine], labels: tuple[Label, ...]
) -> Picture:
    left, top, right, bottom = _bounds(cloths)
    return Picture(tuple(cloths), tuple(lines), labels, (left, top, right - left, bottom - top), 1)
