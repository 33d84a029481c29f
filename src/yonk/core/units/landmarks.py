"""Landmarks: which line of a ruler lies on which seam when a unit is trimmed, and where its points
must lie, for every kind and any size; and which of her rulers reaches over it.

Where seams end on a side, they end a seam allowance inside the raw edge; how far from the corner
follows from the drawing.

Source: trimming in `docs/units.md`.
"""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction

from yonk.core.paper import XY, Length, OwnedRuler, Text, listed, message
from yonk.core.sewing import Dimension, Landmarks, RulerInHand, Target
from yonk.core.units.carrying_out import measured_work, target_of
from yonk.core.units.needs import Terms, about_mark
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
# One seam from corner to corner: folded on it, both halves lie on each other edge to edge.
FOLDED: frozenset[UnitKindName] = frozenset(("half-square-triangle",))
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
    target = target_of(unit, terms.seam)
    found = [*_ends(target)]
    told: dict[float, Dimension] = {}
    for corner, spot, far in found:
        exact = Length(Fraction(round(far * _FINEST), _FINEST))
        told.setdefault(round(far, _PLACES), Dimension((corner, spot), measured_work(exact, terms)))
    few = [told[far] for far in sorted(told)][:MOST_DISTANCES]
    sides = unit.width + terms.both_seams, unit.height + terms.both_seams
    ruler, covers = ruler_for(sides, terms)
    read = (unit.width, unit.height) if ruler.marks == "finished" else sides
    size = measured_work(max(read), terms)
    folds = kind in FOLDED and terms.trimmed == "folded"
    words = message(
        "trim-by-landmarks",
        kind=kind,
        at=few[0].words if few else "",
        seam=terms.show(terms.seam),
    )
    return Landmarks(
        words if kind in TOLD else "",
        lambda length: about_mark(length, terms),
        float(terms.hair),
        tuple(few),
        _in_hand(ruler, target, terms),
        _of_ruler(ruler, covers, read, terms),
        message("trim-folded", size=size) if folds else "",
    )


def ruler_for(sides: tuple[Length, Length], terms: Terms) -> tuple[OwnedRuler, bool]:
    """The ruler that a work of these sides is trimmed with: the smallest of hers that covers it,
    since a small one is turned most easily; of equal ones that with the finest marks. Where none
    covers it, the widest; and whether it does.
    """
    long, short = (Fraction(float(side)).limit_denominator(_FINEST) for side in sides)
    rulers = terms.settings.all_rulers
    reaching = [one for one in rulers if one.covers(long, short)]
    if reaching:
        return min(reaching, key=lambda one: (one.width * one.length, one.step)), True
    return max(rulers, key=lambda one: one.sides), False


def _in_hand(ruler: OwnedRuler, target: Target, terms: Terms) -> RulerInHand:
    """A ruler as it lies on a work: its longer side along the longer one."""
    short, long = map(float, ruler.sides)
    wide, high = (long, short) if target.width > target.height else (short, long)
    begins = float(terms.both_seams) if ruler.marks == "finished" else 0.0
    return RulerInHand(wide, high, begins)


def _of_ruler(ruler: OwnedRuler, covers: bool, read: tuple[Length, Length], terms: Terms) -> Text:
    """Which ruler to take, and what is read off it, where she has others than the standard one or
    it does not reach.
    """
    named = listed([terms.show(side) for side in ruler.sides], "times")
    if not covers:
        return message("trim-beyond-ruler", ruler=named)
    if not terms.settings.rulers:
        return ""
    longest_first = sorted(dict.fromkeys(read), reverse=True)
    return message(
        "trim-with-ruler",
        ruler=named,
        marks=ruler.marks,
        read=listed([measured_work(side, terms) for side in longest_first], "times"),
    )


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
