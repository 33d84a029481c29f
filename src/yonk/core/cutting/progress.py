"""Progress of the cutting: what is ticked, and what a change of the draft makes of it."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass

from yonk.core.cutting.cuts import Cut


@dataclass(frozen=True)
class Standing:
    """How a cut stands: how many are wanted over all blocks, how many are cut."""

    signature: str
    wanted: int
    done: int

    @property
    def still(self) -> int:
        """How many are still to cut."""
        return max(0, self.wanted - self.done)

    @property
    def good(self) -> int:
        """How many of those cut are still good."""
        return min(self.wanted, self.done)

    @property
    def useless(self) -> int:
        """How many of those cut are of no use to the draft as it is now."""
        return max(0, self.done - self.wanted)


def standings(cuts: Sequence[Cut], done: Mapping[str, int]) -> list[Standing]:
    """How every cut of all blocks stands, and every one that was cut and is wanted no more."""
    wanted: dict[str, int] = {}
    for cut in cuts:
        wanted[cut.signature] = wanted.get(cut.signature, 0) + cut.count
    names = dict.fromkeys([*wanted, *(name for name, count in done.items() if count)])
    return [Standing(name, wanted.get(name, 0), done.get(name, 0)) for name in names]


def done_when_ticked(stage_count: int, before: int, ticked: bool) -> int:
    """How many are cut once a line of a stage is ticked or unticked; `before` is what earlier stages take of it."""
    return before + stage_count if ticked else before
