"""What can be done in the evenings, as the screen and its files need it."""

from __future__ import annotations

from collections.abc import Iterator
from math import ceil

from yonk.api.cut.answers import cutting_asked
from yonk.api.cut.schemas import PrintIn
from yonk.api.evenings.schemas import (
    EveningOut,
    EveningsIn,
    EveningsOut,
    PaceIn,
    PlannedOut,
)
from yonk.api.fabrics.kept import Shelf
from yonk.api.table.kept import KeptTable
from yonk.api.top.answers import Trials, printed_cutting
from yonk.api.top.schemas import TopIn
from yonk.api.wire import Document, as_bytes
from yonk.core.paper import Day, Decimal, Text, message
from yonk.core.table import (
    Evening,
    Pace,
    Paces,
    Planned,
    Schedule,
    Task,
    blocks_left,
    guessed_cutting,
    guessed_sewing,
    schedule_of,
    tasks_of,
)
from yonk.core.top import blocks_of_top_left, sew_top, tasks_of_top
from yonk.files.block_file import take_block


def planned_evenings(
    asked: EveningsIn, shelf: Shelf, table: KeptTable, paces: Paces, trials: Trials
) -> tuple[str, Schedule]:
    """What a block or a quilt is called, and all that is left of it over the evenings."""
    name, tasks, blocks = (_of_quilt if is_quilt(asked.document) else _of_block)(
        asked, shelf, table, trials
    )
    schedule = schedule_of(
        tasks,
        asked.minutes,
        paces,
        blocks=blocks,
        first=asked.first,
        weekdays=asked.weekdays,
        wanted=asked.wanted,
    )
    return name, schedule


WorkLeft = tuple[str, list[Task], int]


def is_quilt(document: Document) -> bool:
    """Whether a document is a quilt's."""
    return "blocks" in document


def _of_block(asked: EveningsIn, shelf: Shelf, table: KeptTable, _: Trials) -> WorkLeft:
    cutting, standing = cutting_asked(PrintIn(document=asked.document), shelf, table)
    tasks = tasks_of(cutting, standing, table.sewn)
    return cutting.name, tasks, blocks_left(cutting.draft, table.state, table.sewn)


def _of_quilt(asked: EveningsIn, shelf: Shelf, table: KeptTable, trials: Trials) -> WorkLeft:
    cutting, standing = printed_cutting(TopIn(document=asked.document), shelf, trials, table)
    sewing = sew_top(cutting.plan)
    tasks = tasks_of_top(cutting, standing, sewing, table.sewn)
    return cutting.name, tasks, blocks_of_top_left(sewing, table.sewn)


def evenings(
    asked: EveningsIn, shelf: Shelf, table: KeptTable, paces: Paces, trials: Trials
) -> bytes:
    """What can be done in the evenings."""
    _, schedule = planned_evenings(asked, shelf, table, paces, trials)
    return as_bytes(
        EveningsOut(
            evenings=[_evening(one) for one in schedule.evenings],
            said=[*said_of(schedule, paces)],
            done=schedule.done,
            in_time=schedule.in_time,
        )
    )


def _evening(one: Evening) -> EveningOut:
    return EveningOut(
        day=one.day,
        words=Day(one.day),
        minutes=ceil(one.seconds / 60),
        planned=[
            PlannedOut(
                kind=each.task.kind,
                number=each.task.number,
                words=planned_words(each),
                count=each.count,
                left=each.left,
                minutes=ceil(each.seconds / 60),
            )
            for each in one.planned
        ],
    )


def planned_words(one: Planned) -> Text:
    """What is done: the whole of it, or so many, and how many are left."""
    task = one.task
    if task.kind == "cut":
        return message("evening-planned-cut", what=task.words, count=one.count, left=one.left)
    if task.chain > 1:
        return message("evening-planned-sew", what=task.words, count=one.count, left=one.left)
    return message(
        "evening-planned-one-by-one",
        what=task.words,
        count=one.count,
        left=one.left,
        whole=task.whole,
    )


def said_of(schedule: Schedule, paces: Paces) -> Iterator[Text]:
    """When it is done and what that takes; by her pace or by a first guess."""
    if not schedule.evenings:
        yield message("evening-all-done")
        return
    if schedule.done is None:
        yield message("evening-too-many", evenings=len(schedule.evenings))
    else:
        yield message("evening-done-on", day=Day(schedule.done), evenings=len(schedule.evenings))
    if schedule.wanted and schedule.a_week is not None:
        yield message(
            "evening-a-week",
            day=Day(schedule.wanted),
            blocks=Decimal(float(schedule.a_week), 1),
            left=schedule.blocks,
        )
        if not schedule.in_time:
            yield message(
                "evening-not-in-time",
                day=Day(schedule.wanted),
                minutes=schedule.minutes or 0,
            )
    hers = all(paces[kind].is_hers for kind in ("cut", "sew"))
    yield message("evening-by-her-pace" if hers else "evening-by-guess")


def pace_of_sewing(asked: PaceIn) -> Pace:
    """What the clock measured of sewing, beside the guess for the same."""
    counts = {one.mark: one.count for one in asked.sewn}
    return Pace(asked.seconds, guessed_sewing(take_block(asked.document), counts))


def pace_of_cutting(asked: PaceIn) -> Pace:
    """What the clock measured of cutting, beside the guess for the same."""
    return Pace(asked.seconds, guessed_cutting(asked.strips, asked.pieces))
