"""The faces of a drawing as a screen shows them: all that follows from the seams alone, so that it
need not be worked out anew when one is painted.
"""

from __future__ import annotations

from fractions import Fraction
from functools import lru_cache
from math import hypot
from typing import NamedTuple

import shapely

from yonk.core.drawing import FACES_KEPT, Drawing, Face, Ring, once_a_drawing
from yonk.core.paper import XY, Point

# spots beside the middle of a cell, in parts of it: a seam often runs through the middle
NEAR_THE_MIDDLE = (Fraction(19, 48), Fraction(17, 48)), (Fraction(25, 48), Fraction(29, 48))


class FaceShown(NamedTuple):
    """An outline with its holes, where its letter goes, and the radius of the room there; in the
    draft's unit.
    """

    outline: list[XY]
    holes: list[list[XY]]
    letter_at: XY
    room: float


@once_a_drawing
def faces_shown(drawing: Drawing) -> list[FaceShown]:
    """The faces of a drawing as they are shown."""
    shown = _shown_at(drawing.scale)
    return [shown.face(face) for face in drawing.faces]


@once_a_drawing
def cell_faces(drawing: Drawing) -> list[int | None]:
    """For each cell, row by row, the face that holds a place near its middle, where seams seldom
    run; None where one runs through both that are looked at.
    """
    first, second = _near_the_middles(len(drawing.ruling.across) - 1, len(drawing.ruling.down) - 1)
    found = drawing.faces_at(first)
    left = [number for number, face in enumerate(found) if face is None]
    for number, face in zip(left, drawing.faces_at([second[n] for n in left]), strict=True):
        found[number] = face
    return found


@lru_cache(maxsize=8)  # a grid is looked at again at every edit
def _near_the_middles(columns: int, rows: int) -> tuple[list[Point], ...]:
    """Of the cells of a grid, row by row, the places that are looked at, in columns and rows."""
    cells = [(column, row) for row in range(rows) for column in range(columns)]
    return tuple([(column + x, row + y) for column, row in cells] for x, y in NEAR_THE_MIDDLE)


@lru_cache(maxsize=8)
def _shown_at(scale: int) -> _Shown:
    return _Shown(scale)


class _Shown:
    """Faces as they are shown on a lattice of some scale; those that an edit leaves are known."""

    def __init__(self, scale: int) -> None:
        self.scale = scale
        self.known: dict[Face, FaceShown] = {}
        self._parts: dict[int, float] = {}

    def face(self, face: Face) -> FaceShown:
        shown = self.known.get(face)
        if shown is None:
            if len(self.known) >= FACES_KEPT:
                self.known.clear()
                self._parts.clear()
            shown = self.known[face] = self._shown(face)
        return shown

    def _shown(self, face: Face) -> FaceShown:
        x, y, room = _letter_point(*face.outline)
        left, top, scale = face.box[0], face.box[1], self.scale
        return FaceShown(
            self._ring(face.ring),
            [self._ring(hole) for hole in face.holes],
            (round((left + x) / scale, 4), round((top + y) / scale, 4)),
            round(room / scale, 4),
        )

    def _ring(self, ring: Ring) -> list[XY]:
        return [(self._part(x), self._part(y)) for x, y in ring]

    def _part(self, steps: int) -> float:
        if steps not in self._parts:
            self._parts[steps] = round(steps / self.scale, 5)
        return self._parts[steps]


@lru_cache(maxsize=4096)
def _letter_point(ring: Ring, holes: tuple[Ring, ...]) -> tuple[float, float, float]:
    """Where a letter has most room inside an outline, and the radius of that room."""
    outline = shapely.Polygon(ring, holes)
    circle = shapely.maximum_inscribed_circle(
        outline, tolerance=max(max(spot) for spot in ring) / 50
    )
    (x, y), (ex, ey) = shapely.get_coordinates(circle).tolist()
    room = hypot(ex - x, ey - y)
    middle = outline.centroid
    if outline.contains(middle) and shapely.distance(middle, outline.boundary) > 0.95 * room:
        return (
            middle.x,
            middle.y,
            room,
        )  # in a long rectangle any place along its middle has that room
    return x, y, room
