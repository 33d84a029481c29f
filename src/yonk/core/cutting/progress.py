"""What the shelf knows of the cutting, by stages; and ticks of an older kind.

How much is cut is counted as `Cut.amount` counts it: in pieces, of strip sets in segments.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from fractions import Fraction
from typing import Literal

from yonk.core.planning import Cut, StageName
from yonk.core.units import CutKey

MarkStage = Literal["trial", "rest"]


@dataclass(frozen=True)
class StagedCut:
    """A cut in the stage that it was cut in. All blocks at once are cut as the trial and its
    rest.
    """

    stage: MarkStage
    what: CutKey


CutsDone = Mapping[StagedCut, int]


def cut_so_far(done: CutsDone, stage: StageName) -> Counter[CutKey]:
    """How much of each cut is cut in a stage."""
    amounts: Counter[CutKey] = Counter()
    for mark, amount in done.items():
        if stage in ("all", mark.stage):
            amounts[mark.what] += amount
    return amounts


def _kept(
    what: CutKey, amount: int, done: CutsDone, stage: StageName
) -> tuple[tuple[StagedCut, int], ...]:
    """The marks by which just so much of a cut is cut in a stage."""
    if stage != "all":
        return ((StagedCut(stage, what), amount),)
    trial = min(done.get(StagedCut("trial", what), 0), amount)
    return (StagedCut("trial", what), trial), (StagedCut("rest", what), amount - trial)


def not_booked(cuts: Sequence[Cut], booked: CutsDone, stage: StageName) -> list[Cut]:
    """What of a stage's cuts the shelf does not know of yet: what is cut of cloth from here on."""
    known = cut_so_far(booked, stage)
    left = []
    for cut in cuts:
        taken = min(known[cut.what], cut.amount)
        known[cut.what] -= taken
        left.append(left_to_cut(cut, cut.amount - taken))
    return left


def left_to_cut(cut: Cut, amount: int) -> Cut:
    """A cut of which only so much is left to be cut; strips of a strip set are so much shorter."""
    if amount <= 0:
        return replace(cut, count=0)
    if cut.segment:
        segments = -(-amount // cut.count)
        return replace(cut, width=segments * cut.segment + cut.squaring)
    return replace(cut, count=amount)


def all_booked(cuts: Sequence[Cut], stage: StageName, booked: CutsDone) -> dict[StagedCut, int]:
    """The marks by which all of some cuts are known to the shelf."""
    before: Counter[CutKey] = Counter()
    for cut in cuts:
        before[cut.what] += cut.amount
    return {
        mark: amount
        for what, total in before.items()
        for mark, amount in _kept(what, total, booked, stage)
    }


@dataclass(frozen=True)
class OldMark:
    """A tick as it was kept before cuts had an identity of their own: of all stages together, hands
    and corners untold.
    """

    fabric: str
    shape: str
    width: Fraction
    height: Fraction
    subcut: str
    letter: str
    count: int


def staged_marks(
    old: Sequence[OldMark], trial: Sequence[Cut], whole: Sequence[Cut]
) -> dict[StagedCut, int]:
    """Old ticks as marks: those that the trial block takes are the trial's, the others the rest's.

    A tick that fits several cuts of today is shared out in their order; one that fits none is of no
    use and is gone.
    """
    marks: Counter[StagedCut] = Counter()
    for one in old:
        left = one.count
        for stage, cuts in (("trial", trial), ("rest", whole)):
            for cut in cuts:
                if left and _fits(one, cut):
                    taken = min(left, cut.count)
                    marks[StagedCut("trial" if stage == "trial" else "rest", cut.what)] += taken * (
                        cut.segments or 1
                    )
                    left -= taken
    return dict(marks)


def _fits(old: OldMark, cut: Cut) -> bool:
    same = (old.fabric, old.shape, old.height, old.subcut) == (
        cut.fabric,
        cut.shape,
        cut.height,
        cut.subcut,
    )
    letters = {purpose.letter for purpose in cut.purposes}
    return same and old.width == cut.width and (old.shape != "template" or old.letter in letters)
