"""What goes over the wire of the evenings."""

from __future__ import annotations

from collections.abc import Sequence
from datetime import date
from typing import Annotated, Literal

from pydantic import Field

from yonk.api.table.schemas import Digest
from yonk.api.wire import Document, Model, Said
from yonk.core.table import TaskKind

LONGEST_CLOCK = 24 * 3600.0  # a clock that ran longer was forgotten
OwnBlock = Annotated[str, Field(pattern="^[0-9a-z]{1,32}$")]
Count = Annotated[int, Field(ge=1, le=1_000_000)]


class EveningsIn(Model):
    """A draft or a quilt, and as which it is kept, if what lies on its table counts. So many
    minutes an evening, on some weekdays (Monday nought) from a day on, at an hour; by when it is to
    be done.
    """

    document: Document
    block_id: OwnBlock | None = None
    minutes: Annotated[int, Field(ge=10, le=720)] = 90
    weekdays: Annotated[frozenset[Annotated[int, Field(ge=0, le=6)]], Field(min_length=1)]
    first: date
    hour: Annotated[int, Field(ge=0, le=23)] = 19
    wanted: date | None = None
    paper: Literal["letter", "a4"] = "letter"


class DoneByClockIn(Model):
    """So many of a step, by its mark, were sewn while the clock ran."""

    mark: Digest
    count: Count


class PaceIn(Model):
    """What was done while the clock ran, so many seconds: steps of the sewing of a draft, or strips
    with so many pieces.
    """

    document: Document | None = None
    seconds: Annotated[float, Field(gt=0, le=LONGEST_CLOCK)]
    sewn: Annotated[tuple[DoneByClockIn, ...], Field(max_length=2000)] = ()
    strips: Annotated[int, Field(ge=0, le=1_000_000)] = 0
    pieces: Annotated[int, Field(ge=0, le=1_000_000)] = 0


class PlannedOut(Model):
    """So many of a task; how many are left of it then. `number` is that of the step."""

    kind: TaskKind
    number: int
    words: Said
    count: int
    left: int
    minutes: int


class EveningOut(Model):
    """What is done on a day."""

    day: date
    words: Said
    minutes: int
    planned: list[PlannedOut]


class EveningsOut(Model):
    """The evenings, the first of them first; what is said of the whole; whether the times are by
    her pace.
    """

    evenings: list[EveningOut]
    said: Sequence[Said]
    done: date | None
    in_time: bool | None
