"""A patch pieced from two where there is no cloth for it as one: which cuts take its place.

Source: *When it does not go on as planned* in `docs/table.md`.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterator, Sequence, Set
from dataclasses import dataclass, replace
from fractions import Fraction

from yonk.core.paper import LengthUnit, message, show
from yonk.core.planning import Cut, Purpose
from yonk.core.units import CutKey

# The narrowest strip that is set on a patch shows so much: a narrower one is mostly allowance.
LEAST_SHOWN: dict[LengthUnit, Fraction] = {"in": Fraction(1), "cm": Fraction(5, 2)}


@dataclass(frozen=True)
class PiecedPatch:
    """So many of a cut are sewn together from two, along its longer side: the longer of the two,
    and the strip that is set on it.
    """

    what: CutKey
    longer: Fraction
    strip: Fraction
    count: int


def can_be_pieced(cut: Cut, patches: Set[str]) -> bool:
    """Whether a cut is a plain patch, by the labels of those that are; what becomes a part of a
    unit keeps its one piece.
    """
    plain = cut.shape in ("square", "rectangle") and cut.subcut == "none"
    labels = {label for one in cut.purposes for label in one.units}
    return plain and not any(cut.what.corners_off) and bool(labels) and labels <= patches


def splits(cut: Cut, seam: Fraction, unit: LengthUnit, step: Fraction) -> Iterator[PiecedPatch]:
    """The ways to piece all of a cut from two, the narrowest strip first: its seam lies nearest to
    one that is there already, and shows least.

    Args:
        cut: as it is listed.
        seam: the allowance.
        step: of the ruler.
    """
    longer = max(cut.width, cut.height)
    both = 2 * seam
    strip = -(-(LEAST_SHOWN[unit] + both) // step) * step
    while 2 * strip <= longer + both:
        yield PiecedPatch(cut.what, longer + both - strip, strip, cut.count)
        strip += max(step, Fraction(1, 2))


def with_pieced(
    cuts: Sequence[Cut], pieced: Sequence[PiecedPatch], unit: LengthUnit
) -> tuple[Cut, ...]:
    """A list on which some of the cuts are pieced from two; no more of them than are wanted."""
    fewer: Counter[CutKey] = Counter()
    parts: list[Cut] = []
    for one in pieced:
        cut = next((cut for cut in cuts if cut.what == one.what), None)
        if cut is None:
            continue
        count = min(one.count, cut.count - fewer[one.what])
        if count > 0:
            fewer[one.what] += count
            parts += [
                _part(cut, side, count, one, unit)
                for side in dict.fromkeys((one.longer, one.strip))
            ]
    kept = [replace(cut, count=cut.count - fewer[cut.what]) for cut in cuts]
    return (*(cut for cut in kept if cut.count), *parts)


def _part(cut: Cut, side: Fraction, count: int, of: PiecedPatch, unit: LengthUnit) -> Cut:
    shorter = min(cut.width, cut.height)
    if of.longer == of.strip:
        count *= 2
    width, height = max(side, shorter), min(side, shorter)
    letter = cut.purposes[0].letter if cut.purposes else ""
    role = message(
        "pieced-part",
        letter=letter,
        longer=show(of.longer, unit),
        strip=show(of.strip, unit),
        size=show(max(cut.width, cut.height), unit),
    )
    what = CutKey(
        fabric=cut.fabric,
        shape="square" if width == height else "rectangle",
        width=width,
        height=height,
    )
    return Cut(what, width, count, (Purpose((), letter, role, count, ()),))
