"""What goes over the wire of the table."""

from __future__ import annotations

from datetime import datetime
from typing import Annotated, Literal

from pydantic import Field

from yonk.api.wire import Document, Model, SaveKey

MOST_TOLD_AT_ONCE = 200  # changes of an entry, entries of a request
MOST_ON_TABLE = 100_000_000  # more than the most blocks have patches; a larger count is a slip

MOST_WORDS = 400  # of an entry
Words = Annotated[str, Field(max_length=MOST_WORDS)]
Digest = Annotated[str, Field(pattern="^[0-9a-f]{64}$")]
Device = Annotated[str, Field(pattern="^[0-9a-zA-Z-]{0,64}$")]
EntryPlace = Literal["cut", "sew", "table"]


class ThingChangeInOut(Model):
    """So much more or less of a thing, or so much of it where it is changed `to` that; the thing as
    text that is only handed on.
    """

    kind: Literal["cut", "spoiled", "made", "joined", "cloth", "only", "pieced"]
    thing: Annotated[str, Field(max_length=2_000_000)]
    amount: Annotated[int, Field(ge=-MOST_ON_TABLE, le=MOST_ON_TABLE)]
    to: bool = False
    words: Words = ""


class EntryIn(Model):
    """Something that happened: its own name, where and at which device, in words."""

    name: SaveKey
    place: EntryPlace
    device: Device
    words: Words
    changes: Annotated[list[ThingChangeInOut], Field(max_length=MOST_TOLD_AT_ONCE)]


class EntriesIn(Model):
    """What happened, in its order."""

    entries: Annotated[list[EntryIn], Field(max_length=MOST_TOLD_AT_ONCE)]


class MadeUnitsIn(Model):
    """So many of a unit are made now. `pieces` tells whether those that are no longer made are
    taken apart again, or lost; `step` is the mark of their step in the sewing.
    """

    document: Document
    name: SaveKey
    device: Device
    words: Words
    unit: Digest
    step: Digest
    done: Annotated[int, Field(ge=0, le=MOST_ON_TABLE)]
    pieces: Literal["back", "lost"] = "back"


class TakeBackIn(Model):
    """The last entry of a place and a device is to be taken back; the entry that does so has a name
    of its own.
    """

    name: SaveKey
    place: EntryPlace
    device: Device


class EntryOut(Model):
    """An entry as it is kept; what was taken back is `undone`."""

    number: int
    place: str
    words: str
    made: datetime
    maker: str
    undone: bool
    takes_back: bool


class LastEntryOut(Model):
    """What the next undo takes back, if anything."""

    words: str | None


class HistoryOut(Model):
    """What happened at a table, the newest first."""

    entries: list[EntryOut]
