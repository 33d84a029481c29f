"""What can be done in an evening, and when all is done: what is left as tasks, each with a time by
her pace or by a first guess.

Source: *Evenings* in `docs/table.md`.
"""

from __future__ import annotations

from bisect import bisect
from collections import Counter
from collections.abc import Collection, Iterator, Mapping, Sequence
from dataclasses import dataclass, replace
from datetime import date, timedelta
from fractions import Fraction
from math import ceil
from typing import Literal

from yonk.core.cutting import CutList, Cutting, strip_steps
from yonk.core.paper import Draft, Text, coloured, message
from yonk.core.planning import Figures, Plan, make_plan, ways_taken
from yonk.core.pressing import SewingStep, sewing_plan, stacks_of, steps_of_sewing
from yonk.core.table.standing import TableStanding
from yonk.core.table.state import TableState

TaskKind = Literal["cut", "sew"]
# First guesses in seconds, for who neither hurries nor dawdles; her clock puts them right.
STRIP = 75.0  # cloth laid out, the ruler along it, a strip cut
CROSSCUT = 8.0  # a piece off a strip
CUT_ON = 6.0  # a unit cut apart, a piece cut on the diagonal
SEAM = 35.0  # two pieces put together and sewn in a chain
MATCH = 20.0  # a place where seams meet, pinned
PRESS = 15.0  # one seam
TRIM = 25.0  # one unit to its size
IRON = 90.0  # to the iron and back, and until it is hot
# So long the clock has run before her own pace counts as much as the guess.
TRUSTED = 30 * 60.0
MOST_EVENINGS = 400  # evenings that are planned; who needs more does not plan it so


@dataclass(frozen=True)
class Pace:
    """What her clock has measured of one kind of work, and what was guessed for the same, in
    seconds.
    """

    measured: float = 0.0
    guessed: float = 0.0

    @property
    def factor(self) -> float:
        """By how much longer than guessed she takes: between the guess and what was measured,
        nearer to that the longer it was.
        """
        return (self.measured + TRUSTED) / (self.guessed + TRUSTED)

    @property
    def is_hers(self) -> bool:
        """Whether it tells more of her than of the guess."""
        return self.measured >= TRUSTED


NO_PACE = Pace()


@dataclass(frozen=True)
class Task:
    """Something that is left to do: so many alike, in chains of so many that end with a trip to the
    iron. `each` and `trip` are guesses in seconds; `number` is that of the step of the sewing.
    """

    kind: TaskKind
    words: Text
    left: int
    whole: int
    chain: int
    each: float
    trip: float
    number: int = 0

    def seconds(self, count: int, factor: float) -> float:
        """How long so many take."""
        return (count * self.each + ceil(count / self.chain) * self.trip) * factor


@dataclass(frozen=True)
class Planned:
    """So many of a task in an evening; whether it is done then, or how many are left."""

    task: Task
    count: int
    seconds: float

    @property
    def left(self) -> int:
        """How many are left of it."""
        return self.task.left - self.count


@dataclass(frozen=True)
class Evening:
    """What is done on a day, in its order."""

    day: date
    planned: tuple[Planned, ...]

    @property
    def seconds(self) -> float:
        """How long it takes."""
        return sum(one.seconds for one in self.planned)


@dataclass(frozen=True)
class Schedule:
    """All that is left over the evenings; `blocks` are left, `done` the day on which all is done,
    none where it takes more evenings than are planned. `a_week` is how many blocks a week must be
    made to be done by the wanted day, `minutes` how long each evening would have to be for it.
    """

    evenings: tuple[Evening, ...]
    blocks: int
    done: date | None
    wanted: date | None
    a_week: Fraction | None
    minutes: int | None

    @property
    def in_time(self) -> bool | None:
        """Whether it is done by the day that is wanted."""
        if self.wanted is None:
            return None
        return self.done is not None and self.done <= self.wanted


Paces = Mapping[TaskKind, Pace]


def tasks_of(cutting: Cutting, standing: TableStanding, joined: Mapping[str, int]) -> list[Task]:
    """What is left of a draft, in its order: fabric by fabric to cut, then step by step to sew.

    Args:
        cutting: of all its blocks.
        standing: how its table stands.
        joined: how many of each step are sewn, by its mark.
    """
    tasks = cutting_tasks(cutting, standing)
    return [*tasks, *_sewing(cutting.draft, standing.state, joined)]


def cutting_tasks(cutting: CutList, standing: TableStanding) -> Iterator[Task]:
    """What is left to cut of a list of all blocks, fabric by fabric."""
    for cloth in cutting.cloths:
        there = [need.there for need in standing.lines(cloth.cuts, "all")]
        steps = strip_steps(cloth, there)
        left = [step for step in steps if not step.is_done]
        if left:
            pieces = sum(one.count for step in left for one in step.pieces)
            each = guessed_cutting(len(left), pieces) / len(left)
            words = cutting.fabric(cloth.fabric).called
            yield Task("cut", words, len(left), len(steps), 1, each, 0.0)


def _sewing(draft: Draft, state: TableState, joined: Mapping[str, int]) -> Iterator[Task]:
    chain = draft.making.sewing.batch
    for number, one, steps in _done_so_far(draft, state, joined):
        guess = _Guess(one, [step for step, _ in steps])
        for step, done in steps:
            words: Text = step.words
            if number:
                name = draft.colourings[number - 1].name
                words = message("evening-in-colouring", what=words, colouring=name)
            # the steps of a colouring are on a page of its own
            at, left = 0 if number else step.number, step.total - done
            if left:
                yield Task("sew", words, left, step.total, chain, guess.each(step), _iron(step), at)


def _done_so_far(
    draft: Draft, state: TableState, joined: Mapping[str, int]
) -> Iterator[tuple[int, Draft, list[tuple[SewingStep, int]]]]:
    """The steps of the block as drafted and of each colouring, and how many of each are done; what
    several have in common is shared out in their order.
    """
    used: Counter[str] = Counter()
    for number, one in enumerate(_in_all_colourings(draft)):
        steps = []
        for step in sewing_steps(one):
            done = min(step.total, step.done(joined, state.units) - used[step.mark])
            used[step.mark] += done
            steps.append((step, done))
        yield number, one, steps


def _in_all_colourings(draft: Draft) -> list[Draft]:
    """The block as drafted and in each colouring, each for its own number of blocks."""
    return [replace(draft, colourings=()), *(coloured(draft, one) for one in draft.colourings)]


def sewing_steps(draft: Draft) -> tuple[SewingStep, ...]:
    """The steps of sewing a draft."""
    plan = sewing_plan(draft)
    recipes = {recipe.group.label: recipe for recipe in make_plan(draft).recipes}
    return steps_of_sewing(plan, recipes, stacks_of(plan.reading), draft.making.blocks)


class _Guess:
    """How long one of each step of a draft takes by the first guess."""

    def __init__(self, draft: Draft, steps: Sequence[SewingStep]) -> None:
        self.units = unit_guesses(make_plan(draft))
        self.before: Counter[str] = Counter()  # joins of one unit before its last one
        for step in steps:
            if step.within:
                self.before[step.label] += step.within[1]

    def each(self, step: SewingStep) -> float:
        """A unit takes as long by its joins as by its recipe; its trimming goes with the last."""
        if step.within:
            return SEAM + PRESS
        if step.unit:
            return self.units[step.label] - self.before[step.label] * (SEAM + PRESS)
        return SEAM + PRESS + step.to_match * MATCH


def _iron(step: SewingStep) -> float:
    """What is done before the same trip to the iron shares it: it is counted with the last."""
    return IRON if step.ends_trip else 0.0


def unit_guesses(plan: Plan) -> dict[str, float]:
    """How long one unit of each label takes by the first guess, in seconds."""
    return {recipe.group.label: _unit_seconds(taken) for recipe, taken in ways_taken(plan)}


def _unit_seconds(figures: Figures) -> float:
    """How long one unit takes: its share of the seams and cuts of its lots, and its trimming."""
    lots = figures.seams * (SEAM + PRESS) + figures.cuts * CUT_ON + figures.trims * TRIM
    return lots / max(1, figures.makes)


def evening_of(tasks: Sequence[Task], minutes: int, paces: Paces) -> tuple[Planned, ...]:
    """What is done in so many minutes, in its order, ended with something finished: whole tasks as
    long as they fit, then as many whole chains of the next as do. Where not even one chain fits, as
    many as do, at least one: something is always done.
    """
    left = minutes * 60.0
    planned: list[Planned] = []
    for task in tasks:
        factor = paces[task.kind].factor
        count = _fitting(task, left, factor, anyhow=not planned)
        if count:
            planned.append(Planned(task, count, task.seconds(count, factor)))
            left -= planned[-1].seconds
        if count < task.left or left <= 0:
            break
    return tuple(planned)


def _fitting(task: Task, seconds: float, factor: float, *, anyhow: bool) -> int:
    if task.seconds(task.left, factor) <= seconds:
        return task.left

    def most(counts: range) -> int:
        return counts[bisect(counts, seconds, key=lambda n: task.seconds(n, factor)) - 1]

    chains = most(range(0, task.left + 1, task.chain))
    return chains if chains or not anyhow else max(1, most(range(min(task.left, task.chain))))


def schedule_of(
    tasks: Sequence[Task],
    minutes: int,
    paces: Paces,
    *,
    blocks: int,
    first: date,
    weekdays: Collection[int],
    wanted: date | None = None,
) -> Schedule:
    """All that is left over the evenings.

    Args:
        tasks: what is left, in its order.
        minutes: of an evening.
        paces: hers.
        blocks: how many are not finished.
        first: the first day that may be one.
        weekdays: on which there is one, Monday nought.
        wanted: by when it is to be done.
    """
    left = [*tasks]
    evenings: list[Evening] = []
    days = (first + timedelta(days=n) for n in range(7 * MOST_EVENINGS))
    for day in (one for one in days if one.weekday() in weekdays):
        if not left or len(evenings) == MOST_EVENINGS:
            break
        planned = evening_of(left, minutes, paces)
        evenings.append(Evening(day, planned))
        left = [*_after(left, planned)]
    done = (evenings[-1].day if evenings else first) if not left else None
    week = minutes_each = None
    if wanted is not None:
        days_left = max(1, (wanted - first).days + 1)
        week = Fraction(blocks * 7, days_left)
        there = sum(
            1 for n in range(days_left) if (first + timedelta(days=n)).weekday() in weekdays
        )
        whole = sum(one.seconds(one.left, paces[one.kind].factor) for one in tasks)
        minutes_each = ceil(whole / 60 / there) if there else None
    return Schedule(tuple(evenings), blocks, done, wanted, week, minutes_each)


def _after(tasks: Sequence[Task], planned: Sequence[Planned]) -> Iterator[Task]:
    counts = {id(one.task): one.count for one in planned}
    for task in tasks:
        left = task.left - counts.get(id(task), 0)
        if left:
            yield replace(task, left=left)


def blocks_left(draft: Draft, state: TableState, joined: Mapping[str, int]) -> int:
    """How many blocks of all colourings are not finished; the step furthest behind tells."""
    left = 0
    for _, one, steps in _done_so_far(draft, state, joined):
        blocks = one.making.blocks
        finished = [done // step.per_block for step, done in steps if step.per_block]
        left += blocks - min([blocks, *finished]) if finished else blocks
    return left


def guessed_sewing(draft: Draft, counts: Mapping[str, int]) -> float:
    """The first guess for so many of each step, by its mark, in seconds, with the trips to the
    iron.
    """
    found, chain = 0.0, draft.making.sewing.batch
    for one in _in_all_colourings(draft):
        steps = sewing_steps(one)
        guess = _Guess(one, steps)
        for step in steps:
            count = counts.get(step.mark, 0)
            task = Task("sew", "", count, count, chain, guess.each(step), _iron(step))
            found += task.seconds(count, 1)
    return found


def guessed_block(draft: Draft) -> float:
    """The first guess for sewing one block in chains of all, in seconds, trips to the iron with
    it.
    """
    steps, chain = sewing_steps(draft), draft.making.sewing.batch
    guess = _Guess(draft, steps)
    return sum(step.per_block * (guess.each(step) + _iron(step) / chain) for step in steps)


def guessed_cutting(strips: int, pieces: int) -> float:
    """The first guess for so many strips with so many pieces, in seconds."""
    return strips * STRIP + pieces * CROSSCUT
