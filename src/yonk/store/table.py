"""Keeping what lies on the table of a block or a quilt: a ledger of entries, and what they add up
to.

An entry is never rewritten. What takes one back is an entry of its own, so that two who work at
one table never lose what the other one told. Nothing ever adds up to less than nought: how much an
entry changes is settled when it is kept.
"""

from __future__ import annotations

from collections.abc import Callable, Iterator, Sequence
from dataclasses import dataclass
from datetime import datetime
from hashlib import sha256
from typing import Any, Literal, cast

from sqlalchemy import func, select, update
from sqlalchemy.dialects.mysql import insert
from sqlalchemy.orm import Session

from yonk.store.database import retried
from yonk.store.models import TableChange, TableEntry, TableThing, now
from yonk.store.rights import ask, person_of

ThingKind = Literal["cut", "spoiled", "made", "joined", "cloth", "only", "booked", "pieced"]
TablePlace = Literal["cut", "sew", "table", "shelf"]

LOCK = ""  # the digest of a row that everybody writes, so that entries are kept one after the other
MOST_LYING = 1_000_000_000  # what the table can count to; far more than lies on any
MOST_ENTRIES = 200  # entries that a history shows; nobody reads on


@dataclass(frozen=True)
class TableAmount:
    """So much of a thing lies on the table: its kind, the text that tells what it is, the words
    that it was last told in.
    """

    kind: ThingKind
    thing: str
    amount: int
    words: str = ""


@dataclass(frozen=True)
class ThingChange:
    """What an entry changes: so much more or less of a thing, or `to` so much of it."""

    kind: ThingKind
    thing: str
    amount: int
    to: bool = False
    words: str = ""


@dataclass(frozen=True)
class LedgerEntry:
    """An entry with what it changed, as it leaves with its block and comes back; the one that it
    takes back by its number, counted from one.
    """

    place: TablePlace
    words: str
    made: datetime
    undoes: int | None
    changes: tuple[ThingChange, ...]


@dataclass(frozen=True)
class NewEntry:
    """An entry that is to be kept: its own name, alike when it is sent again; where it was made and
    at which device; in words.
    """

    name: str
    place: TablePlace
    device: str
    words: str
    changes: tuple[ThingChange, ...]


@dataclass(frozen=True)
class KeptEntry:
    """An entry as it is kept; `undoes` tells which one it takes back, `undone` whether it was."""

    number: int
    place: str
    device: str
    maker: str
    words: str
    made: datetime
    undoes: int | None
    undone: bool


def on_the_table(session: Session, block_id: str) -> list[TableAmount]:
    """What lies on a table, what was told first at the beginning."""
    ask(session, block_id)
    return [
        TableAmount(row.kind, row.thing, row.amount, row.words)
        for row in _things(session, block_id)
        if row.amount
    ]


@retried
def keep_entries(session: Session, block_id: str, entries: Sequence[NewEntry]) -> None:
    """Keep entries in their order, all of them or none; one that is known already is not kept
    again.
    """
    _ask_to_change(session, block_id)
    keep_within(session, block_id, entries)
    session.commit()


@retried
def keep_told(session: Session, block_id: str, told: Callable[[], Sequence[NewEntry]]) -> None:
    """Keep entries that depend on what was told before: `told` is asked while nobody else tells
    anything.
    """
    _ask_to_change(session, block_id)
    ledger = _Ledger(session, block_id)
    for entry in told():
        ledger.keep(entry, ledger.settled(entry.changes))
    session.commit()


def keep_within(session: Session, block_id: str, entries: Sequence[NewEntry]) -> None:
    """The same within what is being saved; the caller ends it."""
    ledger = _Ledger(session, block_id)
    for entry in entries:
        if not ledger.knows(entry.name):
            ledger.keep(entry, ledger.settled(entry.changes))


@retried
def take_entry_back(
    session: Session, block_id: str, place: TablePlace, device: str, name: str
) -> KeptEntry | None:
    """Take back the last entry that was made in a place at a device and still holds; the new entry
    has a name of its own. None where there is none.
    """
    _ask_to_change(session, block_id)
    ledger = _Ledger(session, block_id)
    last = ledger.last(place, device)
    if last is not None and not ledger.knows(name):
        undoing = NewEntry(name, place, device, last.words, ())
        ledger.keep(undoing, ledger.against(last.number), undoes=last.number)
    session.commit()
    return _kept(last) if last else None


def entries_of(session: Session, block_id: str) -> list[KeptEntry]:
    """The entries of a table, the newest first."""
    ask(session, block_id)
    table = TableEntry
    asked = select(table).where(table.block_id == block_id).order_by(table.number.desc())
    return [_kept(row) for row in session.scalars(asked.limit(MOST_ENTRIES))]


def last_entry(session: Session, block_id: str, place: TablePlace, device: str) -> KeptEntry | None:
    """The entry that the next undo takes back in a place at a device."""
    ask(session, block_id)
    found = session.scalars(_last(block_id, place, device)).first()
    return _kept(found) if found else None


def newest_entry(session: Session, block_id: str) -> int:
    """The number of the newest entry of a table; nought where nothing was told yet."""
    ask(session, block_id)
    table = TableEntry
    return session.scalar(select(func.max(table.number)).where(table.block_id == block_id)) or 0


def told_since(session: Session, block_id: str, number: int) -> list[ThingChange]:
    """What there is more of by the entries after one of them that still hold; what was taken for
    something else is not taken off.
    """
    ask(session, block_id)
    entry, change, thing = TableEntry, TableChange, TableThing
    asked = (
        select(thing.kind, thing.thing, change.amount)
        .join(thing, (thing.block_id == change.block_id) & (thing.digest == change.digest))
        .join(entry, (entry.block_id == change.block_id) & (entry.number == change.entry))
        .where(
            change.block_id == block_id,
            change.entry > number,
            change.amount > 0,
            entry.undone.is_(False),
            entry.undoes.is_(None),
        )
    )
    return [ThingChange(kind, text, amount) for kind, text, amount in session.execute(asked)]


def ledger_of(session: Session, block_id: str) -> list[LedgerEntry]:
    """All entries of a table in their order."""
    ask(session, block_id)
    things = {row.digest: row for row in _things(session, block_id)}
    changes: dict[int, list[ThingChange]] = {}
    table = TableChange
    asked = select(table).where(table.block_id == block_id).order_by(table.entry, table.number)
    for row in session.scalars(asked):
        thing = things[row.digest]
        one = ThingChange(thing.kind, thing.thing, row.amount, words=thing.words)
        changes.setdefault(row.entry, []).append(one)
    entries = select(TableEntry).where(TableEntry.block_id == block_id).order_by(TableEntry.number)
    return [
        LedgerEntry(
            cast(TablePlace, row.place),
            row.words,
            row.made,
            row.undoes,
            tuple(changes.get(row.number, ())),
        )
        for row in session.scalars(entries)
    ]


def add_ledger(session: Session, block_id: str, entries: Sequence[LedgerEntry]) -> None:
    """Add a whole ledger to a block that is new. The caller ends it."""
    if not entries:
        return
    ledger = _Ledger(session, block_id)
    for number, entry in enumerate(entries, start=1):
        new = NewEntry(f"{number} of before", entry.place, "", entry.words, entry.changes)
        undoes = entry.undoes if entry.undoes and entry.undoes < number else None
        ledger.keep(new, ledger.settled(entry.changes), undoes, entry.made)


def _ask_to_change(session: Session, block_id: str) -> None:
    """Whether entries may be told. What was read so far is let go, so that who then has the ledger
    alone reads what was told until that moment.
    """
    ask(session, block_id, "change")
    session.commit()


class _Ledger:
    """The table of a block while entries are written to it; everybody else waits."""

    def __init__(self, session: Session, block_id: str) -> None:
        self.session, self.block_id = session, block_id
        row = insert(TableThing).values(
            block_id=block_id, digest=LOCK, kind="", thing="", words="", amount=0, told=0
        )
        session.execute(row.on_duplicate_key_update(told=TableThing.told + 1))
        self.things = {row.digest: row for row in _things(session, block_id, newest=True)}
        table = TableEntry
        newest = select(func.max(table.number)).where(table.block_id == block_id)
        self.number: int = session.scalar(newest.with_for_update()) or 0

    def knows(self, name: str) -> bool:
        table = TableEntry
        here = table.block_id == self.block_id, table.name == name
        return self.session.scalar(select(table.number).where(*here)) is not None

    def last(self, place: TablePlace, device: str) -> TableEntry | None:
        return self.session.scalars(_last(self.block_id, place, device)).first()

    def settled(self, changes: Sequence[ThingChange]) -> Iterator[tuple[str, int]]:
        """By how much each thing changes; never to less than nought."""
        for change in changes:
            thing = self._thing(change)
            wanted = change.amount if change.to else thing.amount + change.amount
            yield thing.digest, self._change(thing, wanted)

    def against(self, number: int) -> Iterator[tuple[str, int]]:
        """The contrary of what an entry changed, as far as it still lies there; the last first."""
        table = TableChange
        mine = table.block_id == self.block_id, table.entry == number
        for row in self.session.scalars(select(table).where(*mine).order_by(table.number.desc())):
            thing = self.things[row.digest]
            yield row.digest, self._change(thing, thing.amount - row.amount)

    def keep(
        self,
        entry: NewEntry,
        changes: Iterator[tuple[str, int]],
        undoes: int | None = None,
        made: datetime | None = None,
    ) -> None:
        self.number += 1
        if undoes is not None:
            table = TableEntry
            taken = update(table).where(table.block_id == self.block_id, table.number == undoes)
            self.session.execute(taken.values(undone=True))
        self.session.add(
            TableEntry(
                block_id=self.block_id,
                number=self.number,
                name=entry.name,
                place=entry.place,
                device=entry.device,
                maker=person_of(self.session).id,
                words=entry.words,
                made=made or now(),
                undoes=undoes,
                undone=False,
            )
        )
        for number, (digest, amount) in enumerate(changes):
            row = TableChange(
                block_id=self.block_id,
                entry=self.number,
                number=number,
                digest=digest,
                amount=amount,
            )
            self.session.add(row)
        self.session.flush()

    def _thing(self, change: ThingChange) -> TableThing:
        digest = sha256(f"{change.kind} {change.thing}".encode()).hexdigest()
        thing = self.things.get(digest)
        if thing is None:
            thing = TableThing(
                block_id=self.block_id,
                digest=digest,
                kind=change.kind,
                thing=change.thing,
                words=change.words,
                amount=0,
                told=len(self.things) + 1,
            )
            self.things[digest] = thing
            self.session.add(thing)
        thing.words = change.words or thing.words
        return thing

    @staticmethod
    def _change(thing: TableThing, wanted: int) -> int:
        before, thing.amount = thing.amount, min(max(0, wanted), MOST_LYING)
        return thing.amount - before


def _last(block_id: str, place: TablePlace, device: str) -> Any:
    table = TableEntry
    return (
        select(table)
        .where(
            table.block_id == block_id,
            table.place == place,
            table.device == device,
            table.undone.is_(False),
            table.undoes.is_(None),
        )
        .order_by(table.number.desc())
        .limit(1)
    )


def _things(session: Session, block_id: str, *, newest: bool = False) -> Sequence[TableThing]:
    """What was ever told of; the `newest`, whatever this session saw before it waited."""
    table = TableThing
    asked = (
        select(table)
        .where(table.block_id == block_id, table.digest != LOCK)
        .order_by(table.told, table.digest)
        .execution_options(populate_existing=True)
    )
    return session.scalars(asked.with_for_update() if newest else asked).all()


def _kept(row: TableEntry) -> KeptEntry:
    return KeptEntry(
        row.number, row.place, row.device, row.maker, row.words, row.made, row.undoes, row.undone
    )
