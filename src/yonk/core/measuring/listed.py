"""What comes out of the cuts as they are listed, with no error at all: how much larger than drafted
plain patches are cut, and units come out that are not trimmed.
"""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, field

from yonk.core.planning import Plan, listed_oversize


@dataclass(frozen=True)
class ListedSizes:
    """By how much what is listed is larger than drafted, in the draft's unit: `patches` by letter
    and finished side, `units` by label, wider and higher as the group is told.
    """

    patches: Mapping[str, Mapping[float, float]] = field(default_factory=dict)
    units: Mapping[str, tuple[float, float]] = field(default_factory=dict)


def listed_sizes(planned: Plan, trimmed: frozenset[str] | None = None) -> ListedSizes:
    """What the listed cuts give.

    Args:
        trimmed: the labels of the units that are trimmed to their size; without it those that are.
    """
    known = trimmed_units(planned) if trimmed is None else trimmed
    units = {}
    for recipe in planned.recipes:
        label = recipe.group.label
        if recipe.group.is_plain or label in units:
            continue
        oversize = listed_oversize(recipe.group.unit, recipe.method, recipe.terms)
        if oversize and label in known:  # what is too small cannot be trimmed to its size
            oversize = min(0.0, oversize[0]), min(0.0, oversize[1])
        if oversize and any(oversize):
            units[label] = oversize
    return ListedSizes(larger_than_needed(planned), units)


def trimmed_units(planned: Plan) -> frozenset[str]:
    """The labels of the units that are trimmed to their size."""
    return frozenset(recipe.group.label for recipe in planned.recipes if recipe.is_trimmed)


def larger_than_needed(planned: Plan) -> dict[str, dict[float, float]]:
    """By letter how much larger plain patches are cut than they need, by their finished side; the
    ruler has no mark for every size.

    What is cut larger by more than rounding to a mark does is trimmed or flipped later: that is not
    counted.
    """
    making = planned.reading.draft.making
    both, most = 2 * float(making.seam), float(making.ruler_step) / 2 + 1e-9
    plain = {
        patch.letter: sorted((float(patch.width), float(patch.height)))
        for patch in planned.reading.patches
        if patch.shape in ("square", "rectangle")
    }
    found: dict[str, dict[float, float]] = {}
    for cut in planned.cuts:
        what = cut.what
        if what.subcut != "none" or what.corners_off or what.form:
            continue
        cuts = sorted(
            float(side)
            for side in ((what.height, what.segment) if what.segment else (what.width, what.height))
        )
        for letter in {purpose.letter for purpose in cut.purposes} & plain.keys():
            sides = plain[letter]
            larger = {side: listed - side - both for side, listed in zip(sides, cuts, strict=True)}
            if max(map(abs, larger.values())) <= most:
                found[letter] = larger
    return found
