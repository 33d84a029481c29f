"""What of a block can be measured, by the names that a card has for it."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from fractions import Fraction
from math import hypot, sqrt

import numpy as np

from yonk.core.drawing import Cells
from yonk.core.measuring.runs import Runs
from yonk.core.paper import XY, Array, LengthUnit, Message, message, show
from yonk.core.pressing import SewingPlan

ACROSS: XY = (1.0, 0.0)
DOWN: XY = (0.0, 1.0)
# Further off than a whole inch on a small piece, or an eighth of a large one, is read wrong.
MOST_OFF: dict[LengthUnit, Fraction] = {"in": Fraction(1), "cm": Fraction(5, 2)}
_EDGES = {"top": 0.0, "middle": 0.5, "bottom": 1.0, "left": 0.0, "center": 0.5, "right": 1.0}


@dataclass(frozen=True)
class Measurable:
    """Something that can be measured: its name, the patches in it, in which direction, at which
    share of the way across (None for the mean), and its unfinished size. A diagonal has no
    direction of its own.
    """

    what: str
    faces: tuple[int, ...]
    way: XY
    at: float | None
    size: float
    diagonal: int = 0

    @property
    def expected(self) -> str:
        """The size that it must have, to four places, as it is kept beside what was measured."""
        return f"{self.size:.4f}"

    def line(self, plan: SewingPlan) -> tuple[XY, XY]:
        """Where it is measured, from where to where in the finished block."""
        left, top = _spots(plan, self.faces).min(axis=0)
        right, bottom = _spots(plan, self.faces).max(axis=0)
        if self.diagonal:
            ends = (top, bottom) if self.diagonal > 0 else (bottom, top)
            return (left, ends[0]), (right, ends[1])
        at = 0.5 if self.at is None else self.at
        if self.way == DOWN:
            across = left + at * (right - left)
            return (across, top), (across, bottom)
        level = top + at * (bottom - top)
        return (left, level), (right, level)


def measurables(plan: SewingPlan) -> dict[str, Measurable]:
    """Everything that a card of a block asks for: the units, rows and columns, the block along
    each edge, through its middle and on its diagonals.
    """
    both = 2 * float(plan.draft.making.seam)
    found: dict[str, Measurable] = {}

    def add(what: str, faces: tuple[int, ...], way: XY, at: float | None = None) -> None:
        size = float(np.ptp(_spots(plan, faces) @ np.array(way))) + both
        found[what] = Measurable(what, faces, way, at, size)

    for group in plan.reading.groups:
        add(f"unit:{group.label}", group.members[0], ACROSS)
    for name, lines, way in (("row", _rows(plan), ACROSS), ("column", _columns(plan), DOWN)):
        for number, faces in enumerate(lines, start=1):
            add(f"{name}:{number}", faces, way)
    every = tuple(range(len(plan.joining.faces)))
    for edge, at in _EDGES.items():
        add(f"block:{edge}", every, ACROSS if edge in ("top", "middle", "bottom") else DOWN, at)
    long = hypot(float(plan.draft.width) + both, float(plan.draft.height) + both)
    for sign, name in ((1, "down"), (-1, "up")):
        what = f"block:diagonal-{name}"
        found[what] = Measurable(what, every, ACROSS, None, long, sign)
    return found


def size_fault(size: Fraction, must: float, unit: LengthUnit) -> Message | None:
    """What is wrong with a size that was measured, or nothing: no hand is so far off that it cannot
    have been read wrong.
    """
    if abs(float(size) - must) <= max(float(MOST_OFF[unit]), must / 8) and must / 2 <= float(size):
        return None
    meant = show(Fraction(must).limit_denominator(64), unit)
    return message("size-cannot-be-so-far", meant=meant)


def still_counting(
    known: Mapping[str, Measurable], sizes: Mapping[str, tuple[Fraction, str]]
) -> tuple[dict[str, Fraction], dict[str, Fraction]]:
    """Which of some kept sizes still count, and which do not.

    Args:
        known: what can be measured of the block as it is now.
        sizes: by its name what was measured, and the size that it should have had then. Where that
            is another now, the block was changed.
    """
    counting: dict[str, Fraction] = {}
    stale: dict[str, Fraction] = {}
    for what, (size, expected) in sizes.items():
        same = what in known and known[what].expected == expected
        (counting if same else stale)[what] = size
    return counting, stale


def run_of(one: Measurable, plan: SewingPlan, runs: Runs) -> Array:
    """How much longer it becomes for each unit of each cause."""
    if one.diagonal:
        width, height = float(plan.draft.width), float(plan.draft.height)
        long = hypot(width, height)
        wide, high = (runs.across_of(one.faces, way) for way in (ACROSS, DOWN))
        return wide * (width / long) + high * (height / long)
    if one.at is None:
        return runs.across_of(one.faces, one.way)
    reach = float(plan.draft.height if one.way == ACROSS else plan.draft.width)
    level = reach * min(max(one.at, 1e-6), 1 - 1e-6)
    if one.way == DOWN:
        level = -level
    return runs.at_of(one.faces, one.way, _clear(plan, one, level))


def _clear(plan: SewingPlan, one: Measurable, level: float) -> float:
    """A level near another at which no corner lies."""
    across = np.array([-one.way[1], one.way[0]])
    down = np.unique(np.round(_spots(plan, one.faces) @ across, 9))
    below, above = down[down <= level + 1e-9], down[down >= level - 1e-9]
    if len(below) and len(above) and above[0] - below[-1] > 1e-9:
        return float((below[-1] + above[0]) / 2) if abs(level) > 0 else level
    return level + 1e-5


def _spots(plan: SewingPlan, faces: tuple[int, ...]) -> Array:
    rings = [spot for face in faces for spot in plan.joining.faces[face].ring]
    return np.array(rings, dtype=float) / float(plan.reading.drawing.scale)


def _lines(plan: SewingPlan, axis: int) -> list[tuple[int, ...]]:
    """The patches of each row (1) or column (0) of the block's cells, where it comes apart so."""
    whole = plan.reading.assembly
    if not isinstance(whole, Cells):
        return []
    region = whole.region
    cuts = region.level_cuts if axis else region.upright_cuts
    reach = region.height if axis else region.width
    edges = (0, *cuts, reach)
    middles = [(piece.box[axis] + piece.box[axis + 2]) / 2 for piece in region.pieces]
    return [
        tuple(
            piece.face
            for piece, middle in zip(region.pieces, middles, strict=True)
            if low < middle < high
        )
        for low, high in zip(edges, edges[1:], strict=False)
    ]


def _rows(plan: SewingPlan) -> list[tuple[int, ...]]:
    return _lines(plan, 1)


def _columns(plan: SewingPlan) -> list[tuple[int, ...]]:
    return _lines(plan, 0)


def skewed(one: Measurable) -> float:
    """How a diagonal answers to a skew of one: longer the one way, shorter the other."""
    return one.diagonal / sqrt(2)
