"""Where two neighbours nearly vanish into each other: edges along which patches of about the same
lightness meet.

Source: the looking of `docs/setting.md`.
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass
from functools import cache
from math import dist

from yonk.core.drawing import Face
from yonk.core.joining import touches
from yonk.core.planning import lightness
from yonk.core.setting.drawn import DrawnShape, Pen, on_a_lattice
from yonk.core.setting.quilt import Placed, Quilt, RowColumn

_NEAR = 8.0  # of lightness from nought to a hundred, that can hardly be told apart
SHARE = 0.5  # of the edge, along which that is worth a word
AFTER: tuple[RowColumn, RowColumn] = ((0, 1), (1, 0))  # the cells after one that lie beside it


@dataclass(frozen=True)
class Vanishing:
    """Two neighbouring places, by row and column, the share of their edge that nearly vanishes,
    and the keys of the blocks that lie there; none for a plain square.
    """

    one: RowColumn
    other: RowColumn
    share: float
    blocks: tuple[str | None, str | None]


def vanishing(quilt: Quilt) -> tuple[Vanishing, ...]:
    """Where neighbours nearly vanish into each other; none where sashing or frames part them."""
    if quilt.setting.sashing or quilt.setting.module is not None:
        return ()
    return tuple(sorted(_found(quilt), key=lambda one: (one.one, one.other)))


def _found(quilt: Quilt) -> Iterator[Vanishing]:
    edges = _Edges(quilt)
    cells = edges.pen.grid.cells
    for (down, along), place in cells.items():
        for step in AFTER:
            beside = cells.get((down + step[0], along + step[1]))
            if beside is None:
                continue
            one, other = edges.pen.placed[place], edges.pen.placed[beside]
            if one is None and other is None:
                continue
            share = edges.alike(one, other, step)
            if share >= SHARE:
                (first, a), (second, b) = sorted(((place, one), (beside, other)), key=_place_of)
                yield Vanishing(first, second, share, (_key(a), _key(b)))


def _key(placed: Placed | None) -> str | None:
    return placed.block if placed else None


def _place_of(laid: tuple[RowColumn, Placed | None]) -> RowColumn:
    return laid[0]


class _Edges:
    """What meets along the edge of two places, each pair of alike neighbours looked at once."""

    def __init__(self, quilt: Quilt) -> None:
        self.quilt, self.pen = quilt, Pen(quilt)
        self.alike = cache(self._alike)
        self.light = cache(self._light)

    def _light(self, fabric: str) -> float:
        known = self.quilt.all_fabrics.get(fabric)
        return lightness(known.colour if known else "#ffffff")

    def _alike(self, one: Placed | None, other: Placed | None, step: RowColumn) -> float:
        """The share of the edge between two places along which both are about as light."""
        down, along = step
        module = self.pen.module
        far = (along * module.width, down * module.height)
        first = self._on_edge(self.pen.seen_at(one, (0, 0)), along, far[0] or far[1])
        second = self._on_edge(self.pen.seen_at(other, step), along, far[0] or far[1])
        both = [*first, *second]
        scale, rings = on_a_lattice([one.ring for one in both])
        alike = whole = 0.0
        for touch in touches([Face(ring) for ring in rings]):
            if (touch.left < len(first)) == (touch.right < len(first)):
                continue
            length = dist(touch.start, touch.end) / scale
            lights = [self.light(both[face].fabric) for face in (touch.left, touch.right)]
            whole += length
            alike += length * (abs(lights[0] - lights[1]) < _NEAR)
        return alike / whole if whole else 0.0

    def _on_edge(self, shapes: list[DrawnShape], upright: int, where: object) -> list[DrawnShape]:
        """The patches that have a side on the edge."""
        axis = 0 if upright else 1
        return [one for one in shapes if sum(spot[axis] == where for spot in one.ring) > 1]
