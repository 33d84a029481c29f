"""Points, directions and outlines in the plane, as every room counts them."""

from __future__ import annotations

from fractions import Fraction
from typing import Any

Point = tuple[Fraction, Fraction]  # exactly; in columns and rows, or in a unit of length
PointText = tuple[str, str]  # a point as it is typed
XY = tuple[float, float]  # a point or a direction as floats, in a unit that its user tells
Polygon = tuple[XY, ...]  # an outline; it closes by itself
Array = Any  # numpy arrays; of Python integers where 64 bits could overflow

MOST_INT64 = 2**61  # below it sums and differences of two numbers fit into 64 bits
