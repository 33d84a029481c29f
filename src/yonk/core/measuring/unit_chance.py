"""How likely a way gives units within tolerance, so that accuracy can be compared by a number.

A unit that is cut true is as large as its listed cuts give and its straight runs come out; one that
is cut larger by a margin is trimmed to its size, where it came out large enough.

Source: the straight runs of `docs/measuring.md`.
"""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction
from math import atan2, cos, hypot, pi, sin, sqrt
from typing import NamedTuple

import numpy as np
from scipy.stats import norm

from yonk.core.measuring.chances import chance_within
from yonk.core.measuring.errors import Errors
from yonk.core.paper import XY, Array, Draft, kept
from yonk.core.planning import Figures
from yonk.core.units import Unit, target_of

_PLACES = 6


def tolerance_of(unit: Unit, draft: Draft, errors: Errors) -> Fraction:
    """How far off a unit of a block is still good, in the draft's unit."""
    share = max(float(unit.width / draft.width), float(unit.height / draft.height))
    return errors.of_a_part(Fraction(share).limit_denominator(64))


def chance_of_units(figures: Figures, unit: Unit, errors: Errors, tolerance: Fraction) -> float:
    """How likely a unit that is made in a way is within tolerance, both its sides.

    Args:
        figures: the way in figures.
        unit: what is made.
        errors: how exactly she works, in the draft's unit.
        tolerance: how far off it is still good.

    Returns: from nought to one.
    """
    good, oversize = float(tolerance), figures.oversize or (0.0, 0.0)
    on_lines = figures.way.on_lines
    if figures.with_margin or on_lines:
        trimmed = chance_within(np.zeros(2), np.eye(2) * float(errors.trim_spread) ** 2, good)
        enough = 1.0 if on_lines else chance_to_trim(unit, oversize, errors, tolerance)
        return trimmed * enough
    means, joint = _as_sewn(unit, errors)
    return chance_within(means + np.array(oversize), joint, good)


def _as_sewn(unit: Unit, errors: Errors) -> tuple[Array, Array]:
    """By how much a unit comes out larger, across and down, and how much that spreads."""
    cuts, seams = _weights(unit)
    means: Array = -seams.sum(axis=1) * float(errors.seam_error)
    joint = cuts @ cuts.T * float(errors.cut_spread) ** 2 / 2
    joint = joint + seams @ seams.T * float(errors.seam_spread) ** 2
    return means, joint


def chance_to_trim(
    unit: Unit, oversize: tuple[float, float], errors: Errors, tolerance: Fraction
) -> float:
    """The chance that there is something to trim on both sides, or so little wanting that the unit
    is still good.

    Args:
        unit: what is made.
        oversize: by how much it comes out larger than unfinished, across and down.
        errors: how exactly she works, in the draft's unit.
        tolerance: how far off it is still good.
    """
    means, joint = _as_sewn(unit, errors)
    wide = np.maximum(np.sqrt(np.diag(joint)), 1e-9)
    room = np.array(oversize) + means + float(tolerance)
    return float(np.prod(norm.cdf(room / wide)))


@kept()
def _weights(unit: Unit) -> tuple[Array, Array]:
    """How much longer the mean run across and down becomes for each unit of each edge that is cut
    too large, and how much shorter for each seam that takes up too much.
    """
    target = target_of(unit, Fraction(0))
    reach = target.width, target.height
    cuts: list[tuple[float, float]] = []
    inner: list[tuple[_SeamLine, XY, XY, tuple[float, float]]] = []
    for outline, _ in target.parts:
        for a, b in _edges(outline):
            dx, dy = b[0] - a[0], b[1] - a[1]
            long = hypot(dx, dy)
            weight = dy * dy / (long * reach[1]), dx * dx / (long * reach[0])
            cuts.append(weight)
            if not _is_outer(a, b, reach):
                inner.append((_SeamLine.through(a, b), a, b, weight))
    lengths: dict[_SeamLine, float] = {}
    for line, a, b, _ in inner:
        lengths[line] = lengths.get(line, 0.0) + hypot(b[0] - a[0], b[1] - a[1])
    lines = sorted(lengths, key=lambda line: (-round(lengths[line], _PLACES), line))
    seams: dict[object, tuple[float, float]] = {}
    for line, a, b, weight in inner:
        # of two seams that cross the shorter is sewn in two halves, which the other joins
        middle = (a[0] + b[0]) / 2, (a[1] + b[1]) / 2
        halves = tuple(one.side(middle) for one in lines[: lines.index(line)])
        across, down = seams.get((line, halves), (0.0, 0.0))
        seams[line, halves] = across + weight[0], down + weight[1]
    return np.array(cuts).T, np.array([*seams.values()] or [(0.0, 0.0)]).T


class _SeamLine(NamedTuple):
    """The line that a seam runs along, alike from either side: its direction, and how far it passes
    the unit's corner.
    """

    angle: float
    far: float

    @staticmethod
    def through(a: XY, b: XY) -> _SeamLine:
        """The line through two corners."""
        angle = atan2(b[1] - a[1], b[0] - a[0]) % pi
        if pi - angle < 10.0**-_PLACES:
            angle = 0.0
        far = a[0] * sin(angle) - a[1] * cos(angle)
        return _SeamLine(round(angle, _PLACES - 2), round(far, _PLACES - 2))

    def side(self, spot: XY) -> int:
        """On which side of it a spot lies; nought on the line."""
        off = spot[0] * sin(self.angle) - spot[1] * cos(self.angle) - self.far
        return 0 if abs(off) < 10.0 ** (3 - _PLACES) else 1 if off > 0 else -1


def _edges(outline: tuple[XY, ...]) -> Iterator[tuple[XY, XY]]:
    return zip(outline, outline[1:] + outline[:1], strict=True)


def _is_outer(a: XY, b: XY, reach: tuple[float, float]) -> bool:
    near = 1e-6 * sqrt(reach[0] * reach[1])
    return any(
        abs(a[axis] - side) < near and abs(b[axis] - side) < near
        for axis in (0, 1)
        for side in (0.0, reach[axis])
    )
