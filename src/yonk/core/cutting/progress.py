"""Progress of the cutting: what is ticked in which stage, what the shelf knows of it, and what a
change makes of it.

How much is cut is counted as `Cut.amount` counts it: in pieces, of strip sets in segments.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable, Mapping, Sequence
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


@dataclass(frozen=True)
class Marks:
    """How much of every cut is cut, and of how much the cloth was taken off the shelf and its
    leftovers put back.
    """

    done: CutsDone
    booked: CutsDone


NO_MARKS = Marks({}, {})


def cut_so_far(done: CutsDone, stage: StageName) -> Counter[CutKey]:
    """How much of each cut is cut in a stage."""
    amounts: Counter[CutKey] = Counter()
    for mark, amount in done.items():
        if stage in ("all", mark.stage):
            amounts[mark.what] += amount
    return amounts


@dataclass(frozen=True)
class Tick:
    """How a line of a list stands: how much of it is cut, and what is to be kept when it is ticked
    or unticked.
    """

    done: int
    ticked: bool
    on: tuple[tuple[StagedCut, int], ...]
    off: tuple[tuple[StagedCut, int], ...]


def ticks(
    cuts: Sequence[Cut], done: CutsDone, stage: StageName, beside: CutsDone | None = None
) -> list[Tick]:
    """How each line of a stage's list stands. Lines of one cut, as strips of several lengths, are
    cut in their order.

    Args:
        beside: what the other stage made too many of, which serves this one.
    """
    sofar, before = cut_so_far(done, stage), Counter[CutKey]()
    serves: Counter[CutKey] = Counter()
    for mark, amount in (beside or {}).items():
        serves[mark.what] += amount
    sofar.update(serves)
    found = []
    for cut in cuts:
        start = before[cut.what]
        before[cut.what] += cut.amount
        here = min(max(sofar[cut.what] - start, 0), cut.amount)
        found.append(
            Tick(
                here,
                sofar[cut.what] >= before[cut.what],
                _kept(cut.what, max(before[cut.what] - serves[cut.what], 0), done, stage),
                _kept(cut.what, max(start - serves[cut.what], 0), done, stage),
            )
        )
    return found


def _kept(
    what: CutKey, amount: int, done: CutsDone, stage: StageName
) -> tuple[tuple[StagedCut, int], ...]:
    """The marks by which just so much of a cut is cut in a stage."""
    if stage != "all":
        return ((StagedCut(stage, what), amount),)
    trial = min(done.get(StagedCut("trial", what), 0), amount)
    return (StagedCut("trial", what), trial), (StagedCut("rest", what), amount - trial)


@dataclass(frozen=True)
class CutProgress:
    """How a cut stands over all blocks: how much is wanted, how much is cut."""

    what: CutKey
    wanted: int
    done: int

    @property
    def still(self) -> int:
        """How much is still to cut."""
        return max(0, self.wanted - self.done)

    @property
    def good(self) -> int:
        """How much of what is cut is still good."""
        return min(self.wanted, self.done)

    @property
    def useless(self) -> int:
        """How much of what is cut is of no use to the draft as it is now."""
        return max(0, self.done - self.wanted)


def standings(cuts: Iterable[Cut], done: Mapping[CutKey, int]) -> list[CutProgress]:
    """How every cut of some lists stands, and every one that was cut and is wanted no more."""
    wanted = _wanted(cuts)
    names = dict.fromkeys([*wanted, *(what for what, amount in done.items() if amount)])
    return [CutProgress(what, wanted[what], done.get(what, 0)) for what in names]


def _wanted(cuts: Iterable[Cut]) -> Counter[CutKey]:
    """How much of each cut some lists want."""
    wanted: Counter[CutKey] = Counter()
    for cut in cuts:
        wanted[cut.what] += cut.amount
    return wanted


def surplus(cuts: Iterable[Cut], done: CutsDone, stage: MarkStage) -> CutsDone:
    """What was cut in a stage beyond what it wants now: it serves the other."""
    wanted = _wanted(cuts)
    return {
        mark: amount - wanted[mark.what]
        for mark, amount in done.items()
        if mark.stage == stage and amount > wanted[mark.what]
    }


def of_no_use(
    all_at_once: Iterable[Cut], in_stages: Iterable[Cut], done: Mapping[CutKey, int]
) -> list[CutProgress]:
    """The cuts of which some are of no use any more, whether all is cut at once or a trial block
    first: counted by whichever of the two wants more.
    """
    staged = _wanted(in_stages)
    either = [
        CutProgress(one.what, max(one.wanted, staged[one.what]), one.done)
        for one in standings(all_at_once, done)
    ]
    return [one for one in either if one.useless]


def still_wanted(
    all_at_once: Sequence[Cut], in_stages: Sequence[Cut], done: Mapping[CutKey, int]
) -> list[CutProgress]:
    """The cuts that are begun and of which more is wanted; all cut at once, or a trial block first,
    whichever is nearer its end by the cloth that is still to be cut.
    """
    views = [standings(cuts, done) for cuts in (all_at_once, in_stages)]
    sizes = {cut.what: cut.width * cut.height / cut.amount * cut.count for cut in all_at_once}
    sizes |= {cut.what: cut.width * cut.height / cut.amount * cut.count for cut in in_stages}
    nearer = min(views, key=lambda view: sum(one.still * sizes.get(one.what, 0) for one in view))
    return [one for one in nearer if one.done and one.still]


def not_booked(cuts: Sequence[Cut], booked: CutsDone, stage: StageName) -> list[Cut]:
    """What of a stage's cuts the shelf does not know of yet: what is cut of cloth from here on."""
    known = cut_so_far(booked, stage)
    left = []
    for cut in cuts:
        taken = min(known[cut.what], cut.amount)
        known[cut.what] -= taken
        each = cut.segments or 1
        if taken == cut.amount:
            left.append(replace(cut, count=0))
        elif cut.segment:
            segments = -(-(cut.amount - taken) // cut.count)
            left.append(replace(cut, width=segments * cut.segment + cut.squaring))
        else:
            left.append(replace(cut, count=(cut.amount - taken) // each))
    return left


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
