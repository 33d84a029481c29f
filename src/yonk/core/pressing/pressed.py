"""The pressing plan: to which side each join is pressed, the best under her wishes."""

from __future__ import annotations

from collections import defaultdict
from collections.abc import Mapping
from dataclasses import dataclass, field, replace

from yonk.core.joining import Join
from yonk.core.paper import PressingSchool as School
from yonk.core.paper import UnitPress
from yonk.core.pressing.choices import Chosen, Wish, choose
from yonk.core.pressing.seam_intersection import IntersectionState, SeamIntersection
from yonk.core.pressing.wishes import JoinChoice, JoinChoices, Wishes, choices_of, name_of

OPENED: tuple[UnitPress, ...] = ("open", "side-then-open")
PressedSide = int | None  # toward the first part, the second, or open


@dataclass(frozen=True)
class PressingWishes:
    """What is asked of the pressing: the school, joins fixed by hand, joins inside units that may
    be pressed in two lots, how units are pressed inside, by their labels, where that is set for
    them, and the fabrics under which no allowance is to lie.
    """

    school: School = "nest"
    fixed: Mapping[int, PressedSide] | None = None
    in_lots: frozenset[JoinChoice] = frozenset()
    units: Mapping[str, UnitPress] = field(default_factory=dict)
    never_under: frozenset[str] = frozenset()


@dataclass(frozen=True)
class Pressing:
    """A block's pressing: of each join, by number, where it is pressed; the state of each meeting.

    `chosen` tells what each wish costs and whether that is proved the least; nothing where all is
    open.
    """

    presses: tuple[PressedSide, ...]
    states: tuple[IntersectionState, ...]
    choices: JoinChoices
    wishes: tuple[Wish, ...]
    chosen: Chosen | None

    @property
    def best(self) -> bool:
        """Whether it is proved that no other pressing is better under the wishes."""
        return self.chosen is None or self.chosen.proved

    def count(self, state: IntersectionState) -> int:
        """How many meetings are in a state."""
        return self.states.count(state)


def press(wanted: Wishes, asked: PressingWishes, more: tuple[Wish, ...] = ()) -> Pressing:
    """The pressing of a block.

    Args:
        wanted: the wishes for the block.
        asked: the school, and what she chose by hand.
        more: further wishes, that come after the first.

    Returns: the best pressing under the wishes in their order, proved so unless it says otherwise.
    """
    joins = wanted.joining.joins
    choices = choices_of(wanted.joining, asked.in_lots)
    by_hand = asked.fixed or {}
    opened = _opened(joins, asked, choices)
    hers = wanted.of_hers(asked.units, asked.never_under, choices)
    first, *rest = wanted.of_school(asked.school, choices, opened)
    wishes = (*hers, first, *more, *rest)
    fixed = {choices.of_join[join]: side for join, side in by_hand.items() if side is not None}
    chosen = choose(len(choices.names), fixed, wishes)
    all_open = len(opened) == len(joins)
    given = Pressing((), (), choices, wishes, None if all_open else chosen)
    return pressed_so(wanted, asked, given)


def pressed_so(wanted: Wishes, asked: PressingWishes, given: Pressing) -> Pressing:
    """A pressing by the choices that it tells: where each join lies then, and how seams meet."""
    joins = wanted.joining.joins
    opened = _opened(joins, asked, given.choices)
    presses: tuple[PressedSide, ...] = tuple(
        None
        if given.chosen is None or join.number in opened
        else given.chosen.sides[given.choices.of_join[join.number]]
        for join in joins
    )
    states = _states(wanted.meetings, presses, spin=asked.school == "spin")
    return replace(given, presses=presses, states=states)


def _opened(joins: tuple[Join, ...], asked: PressingWishes, choices: JoinChoices) -> frozenset[int]:
    """The joins that are pressed open; those of a choice all are where one is. What she turned by
    hand counts before what is set for its unit, and that before her school.
    """
    by_hand = asked.fixed or {}
    kept = {choices.of_join[join] for join, side in by_hand.items() if side is not None}
    opened = {choices.of_join[join] for join, side in by_hand.items() if side is None}
    for join in joins:
        of_unit = asked.units.get(join.unit) if join.unit else None
        is_open = of_unit in OPENED if of_unit else asked.school == "open"
        if is_open and choices.of_join[join.number] not in kept:
            opened.add(choices.of_join[join.number])
    return frozenset(join.number for join in joins if choices.of_join[join.number] in opened)


def _states(
    meetings: tuple[SeamIntersection, ...], presses: tuple[PressedSide, ...], *, spin: bool
) -> tuple[IntersectionState, ...]:
    given = dict(enumerate(presses))
    states = [meeting.state(given) for meeting in meetings]
    if spin:
        on_join: dict[int, list[int]] = defaultdict(list)
        for number, meeting in enumerate(meetings):
            if states[number] == "nested" and presses[meeting.join] is not None:
                on_join[meeting.join].append(number)
        for numbers in on_join.values():
            for number in _turning_opposite(numbers, meetings, presses):
                states[number] = "spun"
    return tuple(states)


def _turning_opposite(
    numbers: list[int], meetings: tuple[SeamIntersection, ...], presses: tuple[PressedSide, ...]
) -> list[int]:
    """The most meetings along a seam of which neighbours turn opposite ways."""
    turns = [turn(meetings[number], presses) for number in numbers]
    return [
        number
        for (number, turn), before in zip(
            zip(numbers, turns, strict=True), [None, *turns], strict=False
        )
        if turn != before
    ]


def turn(meeting: SeamIntersection, presses: tuple[PressedSide, ...]) -> int:
    """Which way a nested meeting turns: where the allowances of the seam on its first side lie."""
    side = presses[meeting.of[0]]
    assert side is not None
    return meeting.lies[0] * (1 - 2 * side)


@dataclass(frozen=True)
class Lots:
    """A choice inside units that, pressed in two lots, lets more meetings nest: how many of a
    block's go to the first and to the second part, and how many meetings stay bulky then.
    """

    choice: JoinChoice
    first: int
    second: int
    bulky: int


@dataclass(frozen=True)
class Opening:
    """A seam that is proposed to be opened, since a meeting stays bulky."""

    meeting: int
    seam: int


def lots_offered(wanted: Wishes, asked: PressingWishes, made: Pressing) -> tuple[Lots, ...]:
    """The groups that would nest if they were pressed in two lots.

    Each group of alike joins that comes to a bulky meeting is tried by itself.
    """
    if asked.school == "open" or "bulky" not in made.states:
        return ()
    offered = []
    for choice in _at_bulky(wanted, made):
        tried = press(wanted, PressingWishes(asked.school, asked.fixed, asked.in_lots | {choice}))
        if tried.count("bulky") < made.count("bulky"):
            sides = [
                tried.presses[join.number]
                for join in wanted.joining.joins
                if name_of(join) == choice
            ]
            offered.append(Lots(choice, sides.count(0), sides.count(1), tried.count("bulky")))
    return tuple(sorted(offered, key=lambda lots: lots.bulky))


def _at_bulky(wanted: Wishes, made: Pressing) -> list[JoinChoice]:
    seams = [
        seam
        for meeting, state in zip(wanted.meetings, made.states, strict=True)
        if state == "bulky"
        for seam in meeting.of
    ]
    names = dict.fromkeys(name_of(wanted.joining.joins[seam]) for seam in seams)
    return [name for name in names if isinstance(name, tuple)]


def openings(wanted: Wishes, made: Pressing) -> tuple[Opening, ...]:
    """Of each meeting that stays bulky the seam that is best opened: that at whose ends the fewest
    meetings nest; of such, the shorter.
    """
    nests: dict[int, int] = defaultdict(int)
    for meeting, state in zip(wanted.meetings, made.states, strict=True):
        for seam in meeting.of:
            nests[seam] += state == "nested"
    return tuple(
        Opening(
            number,
            min(
                meeting.of,
                key=lambda seam: (nests[seam], wanted.joining.joins[seam].length, seam),
            ),
        )
        for number, (meeting, state) in enumerate(zip(wanted.meetings, made.states, strict=True))
        if state == "bulky"
    )
