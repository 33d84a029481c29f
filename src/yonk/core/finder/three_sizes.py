"""The three sizes of one unit side by side: finished, unfinished and cut, worked out like any
other.
"""

from __future__ import annotations

from dataclasses import dataclass, replace
from fractions import Fraction

from yonk.core.finder.beginnings import KIND, METHOD
from yonk.core.finder.chart_check import pieces_of_method
from yonk.core.paper import USUAL, LengthUnit, Settings, Text
from yonk.core.units import BY_NAME, Terms

# a size that charts begin with, in whole marks of the ruler
EXAMPLE_SIDE: dict[LengthUnit, Fraction] = {"in": Fraction(3), "cm": Fraction(8)}


@dataclass(frozen=True)
class SizesTold:
    """The sides of a square unit and of the squares it is cut from, true and to trim; lengths in
    its unit of length.
    """

    unit: LengthUnit
    kind: Text
    seam: Fraction
    margin: Fraction
    finished: Fraction
    unfinished: Fraction
    true_cut: Fraction
    cut: Fraction


def sizes_told(unit: LengthUnit) -> SizesTold:
    """The example of a unit of length, with what is usual there.

    >>> told = sizes_told("in")
    >>> [str(one) for one in (told.finished, told.unfinished, told.true_cut, told.cut)]
    ['3', '7/2', '31/8', '4']
    """
    settings, side = USUAL[unit].settings, EXAMPLE_SIDE[unit]
    true = replace(settings, trim_margin=Fraction(0))
    return SizesTold(
        unit=unit,
        kind=BY_NAME[KIND].words,
        seam=settings.seam,
        margin=settings.trim_margin,
        finished=side,
        unfinished=side + 2 * settings.seam,
        true_cut=_cut(side, true, unit),
        cut=_cut(side, settings, unit),
    )


def _cut(side: Fraction, settings: Settings, unit: LengthUnit) -> Fraction:
    return pieces_of_method(KIND, METHOD, side, None, Terms(settings, unit))[2][0].width
