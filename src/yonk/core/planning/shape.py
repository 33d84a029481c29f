"""Units divided alike, which are sewn once at the simulated table, at a size that is large
enough.
"""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction
from math import ceil

from yonk.core.paper import USUAL, Length, kept
from yonk.core.units import CarriedOut, Method, PartMargins, Terms, Unit, carry_out

NOMINAL = 48  # inches: a size at which no unit is so small that its seams run into each other
FINE = Fraction(1, 10**9)  # a ruler on which nothing is off by anything that counts


class UnitShape:
    """A unit that counts as the same as any other divided alike, and of the same size where that
    matters. Its fabrics are called by their numbers, so that what is worked out of it, and kept,
    holds for all of them.
    """

    def __init__(self, unit: Unit, *sizes: Length) -> None:
        self.unit = unit.with_numbered_fabrics()
        self.key = unit.shape_key, sizes
        self.hashed = hash(self.key)

    def __hash__(self) -> int:
        return self.hashed

    def __eq__(self, other: object) -> bool:
        return isinstance(other, UnitShape) and other.key == self.key


def shape_of(unit: Unit) -> UnitShape:
    """How a unit is divided, whatever its size."""
    return _known_as("shape", unit)


def shape_and_size_of(unit: Unit) -> UnitShape:
    """How a unit is divided, and its size."""
    return _known_as("shape and size", unit, unit.width, unit.height)


def _known_as(name: str, unit: Unit, *sizes: Length) -> UnitShape:
    if name not in unit.worked_out:
        unit.worked_out[name] = UnitShape(unit, *sizes)
    shape: UnitShape = unit.worked_out[name]
    return shape


def nominal_terms(margins: PartMargins = ()) -> Terms:
    """On which terms a shape is sewn: on a ruler that is off by nothing, with these own margins."""
    usual = USUAL["in"].settings
    return Terms(replace(usual, ruler_step=FINE, usable=Fraction(10**6)), "in", margins)


@kept()
def sewn_at_the_table(
    shape: UnitShape, method: Method, lots: int, margins: PartMargins = ()
) -> CarriedOut:
    """So many lots of a shape, sewn at the table; the first unit is looked at. `margins` are those
    of its own, as in `Terms`.
    """
    unit = shape.unit
    most = max(float(unit.width), float(unit.height))
    nominal = unit.sized(Fraction(ceil(NOMINAL / most * 64), 64))
    return carry_out(nominal, method, nominal_terms(margins), lots=lots, looked_at=1)
