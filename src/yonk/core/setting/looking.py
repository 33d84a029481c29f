"""Where two neighbours nearly vanish into each other: edges along which patches of about the same
lightness meet.

Source: the looking of `docs/setting.md`.
"""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from functools import cache

from yonk.core.planning import Reading, lightness, read
from yonk.core.setting.places import columns_in, module_of, places_of, rows_of
from yonk.core.setting.quilt import Placed, Quilt

NEAR = 8.0  # of lightness from nought to a hundred, that can hardly be told apart
SHARE = 0.5  # of the edge, along which that is worth a word
Run = tuple[float, float, float]  # from where to where along a side, as shares, and how light


@dataclass(frozen=True)
class Vanishing:
    """Two neighbouring places, by row and column, and the share of their edge that nearly
    vanishes.
    """

    one: tuple[int, int]
    other: tuple[int, int]
    share: float


def vanishing(quilt: Quilt) -> tuple[Vanishing, ...]:
    """Where neighbours nearly vanish into each other; none where sashing or frames part them."""
    setting = quilt.setting
    if setting.sashing or setting.module is not None:
        return ()
    module_of(quilt)
    sides = _Sides(quilt)
    found = []
    for place in places_of(setting):
        for other, side in _neighbours(quilt, place.row, place.column):
            there = sides.of(other)
            if place.placed is None and there is None:
                continue
            share = _alike(sides.along(place.placed, side), sides.along(there, (side + 2) % 4))
            if share >= SHARE:
                found.append(Vanishing((place.row, place.column), other, share))
    return tuple(found)


def _neighbours(quilt: Quilt, row: int, column: int) -> list[tuple[tuple[int, int], int]]:
    """The places after this one that touch it, and with which of its sides: top, right, bottom,
    left are 0 to 3, turned with the setting.
    """
    setting = quilt.setting
    if setting.kind == "straight":
        wanted = [((row, column + 1), 1), ((row + 1, column), 2)]
    else:
        shift = row % 2
        wanted = [((row + 1, column + shift), 1), ((row + 1, column + shift - 1), 2)]
    rows = rows_of(setting)
    return [
        ((r, c), side)
        for (r, c), side in wanted
        if 0 <= r < rows and 0 <= c < columns_in(setting, r)
    ]


class _Sides:
    """How light each side of each block is, along it."""

    def __init__(self, quilt: Quilt) -> None:
        self.quilt = quilt
        self.placed = {(one.row, one.column): one.placed for one in places_of(quilt.setting)}
        self.of_block = cache(self._of_block)

    def of(self, place: tuple[int, int]) -> Placed | None:
        return self.placed[place]

    def along(self, placed: Placed | None, side: int) -> list[Run]:
        """The runs along a side as it lies, clockwise."""
        if placed is None:
            alternate = self.quilt.setting.alternate
            colour = self.quilt.all_fabrics[alternate.fabric].colour if alternate else "#ffffff"
            return [(0.0, 1.0, lightness(colour))]
        own = self.of_block(placed.block)
        turned = (side - placed.turns) % 4
        if not placed.mirrored:
            return own[turned]
        mirrored = own[{0: 0, 1: 3, 2: 2, 3: 1}[turned]]
        return [(1 - end, 1 - start, light) for start, end, light in reversed(mirrored)]

    def _of_block(self, key: str) -> Mapping[int, list[Run]]:
        reading = read(self.quilt.by_key[key].as_sewn)
        return {side: _runs(reading, side) for side in range(4)}


def _runs(reading: Reading, side: int) -> list[Run]:
    """What lies along a side of a block, clockwise: from where to where, and how light."""
    faces = reading.drawing.faces
    right = max(x for face in faces for x, _ in face.ring)
    bottom = max(y for face in faces for _, y in face.ring)
    axis, level, reach = ((1, 0, right), (0, right, bottom), (1, bottom, right), (0, 0, bottom))[
        side
    ]
    found: list[Run] = []
    for face, fabric in zip(faces, reading.fabrics, strict=True):
        light = lightness(reading.draft.fabric(fabric).colour)
        for a, b in zip(face.ring, face.ring[1:] + face.ring[:1], strict=True):
            if a[axis] == level == b[axis]:
                start, end = sorted((a[1 - axis] / reach, b[1 - axis] / reach))
                found.append((1 - end, 1 - start, light) if side >= 2 else (start, end, light))
    return sorted(found)


def _alike(one: list[Run], other: list[Run]) -> float:
    """The share of an edge along which both sides are about as light; the other runs the other
    way.
    """
    back = [(1 - end, 1 - start, light) for start, end, light in other]
    return sum(
        max(0.0, min(end, stop) - max(start, begin))
        for start, end, light in one
        for begin, stop, shade in back
        if abs(light - shade) < NEAR
    )
