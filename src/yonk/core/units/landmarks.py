"""Landmarks: which line of a ruler lies on which seam when a unit is trimmed, and where its points
must lie, for every kind and any size.

Where seams end on a side, they end a seam allowance inside the raw edge; how far from the corner
follows from the drawing.

Source: trimming in `docs/units.md`.
"""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction

from yonk.core.paper import XY, Length, message
from yonk.core.sewing import Dimension, Landmarks, Target
from yonk.core.units.carrying_out import measured_work, target_of
from yonk.core.units.needs import Terms
from yonk.core.units.unit import Unit, UnitKindName

MOST_DISTANCES = 2  # distances on a picture; a ruler is not read at more places at once
# What is said of them; of patches, checkers and whatever is pieced the sizes tell enough.
TOLD: frozenset[UnitKindName] = frozenset(
    (
        "half-square-triangle",
        "quarter-square-triangle",
        "split-quarter-square",
        "flying-geese",
        "square-in-a-square",
        "corner-flip",
        "half-rectangle-triangle",
        "strip-set",
    )
)
_PLACES = 6
_FINEST = 10**9


def landmarks_of(kind: UnitKindName, unit: Unit, terms: Terms) -> Landmarks:
    """What is looked at when a unit of a kind is trimmed.

    Args:
        kind: its name.
        unit: with its finished size, in the draft's unit, as in `terms`.
        terms: her seam allowance and ruler.

    Returns: the words, and the distances along the raw edges at which seams end.
    """
    found = [*_ends(target_of(unit, terms.seam))]
    told: dict[float, Dimension] = {}
    for corner, spot, far in found:
        exact = Length(Fraction(round(far * _FINEST), _FINEST))
        told.setdefault(round(far, _PLACES), Dimension((corner, spot), measured_work(exact, terms)))
    few = [told[far] for far in sorted(told)][:MOST_DISTANCES]
    words = message(
        "trim-by-landmarks",
        kind=kind,
        at=few[0].words if few else "",
        seam=terms.show(terms.seam),
    )
    return Landmarks(words if kind in TOLD else "", tuple(few))


def _ends(target: Target) -> Iterator[tuple[XY, XY, float]]:
    """Where seams end on the sides, bottom and left first, where no other size stands: the raw
    corner nearest to each, the place on the raw edge beside it, and how far that is.
    """
    wide, high, seam = target.width, target.height, target.seam
    spots = {
        (round(x, _PLACES), round(y, _PLACES)) for outline, _ in target.parts for x, y in outline
    }
    for x, y in sorted(spots):
        upright = x in (0.0, round(wide, _PLACES))
        level = y in (0.0, round(high, _PLACES))
        if upright == level:  # a corner, or in the middle
            continue
        if level:
            left = x <= wide / 2
            corner = (-seam if left else wide + seam), (high + seam if y else -seam)
            yield corner, (x, corner[1]), abs(x - corner[0])
        else:
            top = y <= high / 2
            corner = (-seam if not x else wide + seam), (-seam if top else high + seam)
            yield corner, (corner[0], y), abs(y - corner[1])
