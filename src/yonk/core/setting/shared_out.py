"""A quilt that several sew: who took over how many of which block, and how far all of it is."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass

from yonk.core.paper import DraftError, Message, message


@dataclass(frozen=True)
class SharedPart:
    """What a person took over: so many of a block of the quilt, and of these so many cut, sewn and
    handed in. All are whole blocks.
    """

    person: str
    block: str
    count: int
    cut: int = 0
    sewn: int = 0
    handed_in: int = 0

    @property
    def fault(self) -> tuple[str, Message] | None:
        """The field that cannot be, and why; what is handed in was sewn, what is sewn was cut."""
        steps = (
            ("cut", self.cut, self.count, message("were-taken-over")),
            ("sewn", self.sewn, self.cut, message("are-cut")),
            ("handed_in", self.handed_in, self.sewn, message("are-sewn")),
        )
        for name, number, most, words in steps:
            if number > most:
                return name, message(
                    "cannot-be-more-than-before", number=number, most=most, words=words
                )
        return None


@dataclass(frozen=True)
class Progress:
    """How far a quilt, or all that is sewn of one block, is; in whole blocks."""

    wanted: int
    taken: int
    cut: int
    sewn: int
    handed_in: int

    @property
    def left(self) -> int:
        """How many nobody took over yet; less than nothing where the quilt has fewer now than were
        taken over.
        """
        return self.wanted - self.taken

    @property
    def words(self) -> Message:
        """How far it is in a sentence."""
        open_ones = (
            message("to-be-taken-over", left=self.left)
            if self.left > 0
            else message("all-taken-over")
        )
        if self.left < 0:
            open_ones = message("more-taken-over-than-there-are", left=-self.left)
        return message(
            "progress",
            wanted=self.wanted,
            cut=self.cut,
            sewn=self.sewn,
            handed_in=self.handed_in,
            open_ones=open_ones,
        )


def block_progress(counts: Mapping[str, int], parts: Sequence[SharedPart]) -> dict[str, Progress]:
    """How far each block of a quilt is.

    Args:
        counts: how many of each block the quilt has, by its key.
        parts: what was taken over; those of a block that the quilt has no more count as well.

    Returns: the progress by the block's key, the quilt's blocks in their order first.

    >>> block_progress({"a": 8}, [SharedPart("ann", "a", 5, cut=2)])["a"].left
    3
    """
    keys = dict.fromkeys((*counts, *(part.block for part in parts)))
    return {
        key: _added([part for part in parts if part.block == key], counts.get(key, 0))
        for key in keys
    }


def whole_progress(counts: Mapping[str, int], parts: Sequence[SharedPart]) -> Progress:
    """How far the whole quilt is."""
    return _added(parts, sum(counts.values()))


def check_part(part: SharedPart, counts: Mapping[str, int], others: Sequence[SharedPart]) -> None:
    """Whether a person can take over this part beside what others have.

    Raises: `DraftError` naming the field: more than are left, or more sewn than are cut.
    """
    wanted = counts.get(part.block, 0)
    left = wanted - sum(one.count for one in others if one.block == part.block)
    if part.count > left:
        few = (
            message("few-left", left=left, wanted=wanted)
            if left > 0
            else message("none-left", wanted=wanted)
        )
        raise DraftError("count", message("cannot-take-so-many", count=part.count, few=few))
    if part.fault:
        raise DraftError(*part.fault)


def shared_evenly(counts: Mapping[str, int], people: Sequence[str]) -> list[SharedPart]:
    """The blocks of a quilt dealt out, so that each person has as many as another or one more.

    Args:
        counts: how many there are of each block.
        people: who sews; in the order in which the rest is dealt.

    Returns: the parts, none of no blocks.

    >>> [(part.person, part.count) for part in shared_evenly({"a": 7}, ["ann", "bea"])]
    [('ann', 4), ('bea', 3)]
    """
    if not people:
        raise DraftError("people", message("people-are-missing"))
    dealt: dict[tuple[str, str], int] = {}
    hands = [key for key, count in counts.items() for _ in range(count)]
    for number, key in enumerate(hands):
        mine = people[number % len(people)], key
        dealt[mine] = dealt.get(mine, 0) + 1
    return [SharedPart(person, key, count) for (person, key), count in dealt.items()]


def _added(parts: Sequence[SharedPart], wanted: int) -> Progress:
    return Progress(
        wanted,
        sum(part.count for part in parts),
        sum(part.cut for part in parts),
        sum(part.sewn for part in parts),
        sum(part.handed_in for part in parts),
    )
