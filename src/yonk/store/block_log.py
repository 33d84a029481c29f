"""Keeping what was measured of a block, its log and its photos; they live and go with the block."""

from __future__ import annotations

import uuid
from collections.abc import Sequence
from dataclasses import dataclass
from datetime import datetime
from typing import Any, ClassVar

from sqlalchemy import delete, func, select, update
from sqlalchemy.dialects.mysql import Insert, insert
from sqlalchemy.orm import Session, undefer

from yonk.core.paper import COUNTS, FaultCode, ToldError, message
from yonk.store.database import retried
from yonk.store.models import BlockNote, MeasuredRow, Photo, TakenBack, TrialBlockRow, now
from yonk.store.rights import ask


@dataclass(frozen=True)
class Measured:
    """A size that was measured, by its name on the card; the size that it should have had."""

    what: str
    size: str
    expected: str


@dataclass(frozen=True)
class KeptTrial:
    """A trial block: its number, the document that it was cut by, what it looks like, when it was
    begun, what was measured of it.
    """

    number: int
    document: str
    looks: str
    begun: datetime
    measured: tuple[Measured, ...] = ()


@dataclass(frozen=True)
class Unpicked:
    """How often the seams of a step were taken back: its mark and the words it was told in."""

    mark: str
    words: str
    times: int


@dataclass(frozen=True)
class KeptNote:
    """An entry in the log of a block; `document` holds it as JSON."""

    id: str
    kind: str
    document: str
    made: datetime


@dataclass(frozen=True)
class KeptPhoto:
    """A photo of a block, in pixels."""

    id: str
    caption: str
    width: int
    height: int
    made: datetime


class NotInTheLogError(ToldError):
    """There is no such entry or photo in the log of this block."""

    code: ClassVar[FaultCode] = "not-found"
    text = message("not-in-the-log")


class FullLogError(ToldError):
    """The log of a block holds as much as it can."""

    text = message("log-is-full")


Entry = tuple[str, str, datetime]


def add_log(
    session: Session,
    block_id: str,
    *,
    trials: Sequence[KeptTrial],
    taken: Sequence[Unpicked],
    notes: Sequence[Entry],
    photos: Sequence[NewPhoto],
) -> None:
    """Add a whole log to a block that is new; entries are kind, document and moment. The caller
    ends it.
    """
    moment = now()
    for trial in {one.number: one for one in trials}.values():
        session.add(
            TrialBlockRow(
                block_id=block_id,
                number=trial.number,
                document=trial.document,
                looks=trial.looks,
                begun=trial.begun,
            )
        )
        session.add_all(
            MeasuredRow(block_id=block_id, trial=trial.number, changed=moment, **vars(one))
            for one in {one.what: one for one in trial.measured}.values()
        )
    session.add_all(
        TakenBack(block_id=block_id, changed=moment, **vars(one))
        for one in {one.mark: one for one in taken}.values()
    )
    session.add_all(
        BlockNote(
            id=uuid.uuid4().hex,
            block_id=block_id,
            kind=kind,
            document=document,
            made=made,
            changed=moment,
        )
        for kind, document, made in notes
    )
    session.add_all(_photo(block_id, one) for one in photos)


def trials_of(session: Session, block_id: str) -> list[KeptTrial]:
    """The trial blocks of a block, the oldest first."""
    ask(session, block_id)
    rows = session.scalars(
        select(TrialBlockRow)
        .where(TrialBlockRow.block_id == block_id)
        .order_by(TrialBlockRow.number)
    )
    sizes: dict[int, list[Measured]] = {}
    for row in session.scalars(select(MeasuredRow).where(MeasuredRow.block_id == block_id)):
        sizes.setdefault(row.trial, []).append(Measured(row.what, row.size, row.expected))
    return [
        KeptTrial(row.number, row.document, row.looks, row.begun, tuple(sizes.get(row.number, ())))
        for row in rows
    ]


@retried
def begin_trial(session: Session, block_id: str, document: str) -> int:
    """Begin another trial block, cut by a document. Returns its number. Raises `FullLogError`."""
    ask(session, block_id, "change")
    newest = session.scalar(
        select(func.max(TrialBlockRow.number)).where(TrialBlockRow.block_id == block_id)
    )
    number = (newest or 0) + 1
    if number > COUNTS["trials"][1]:
        raise FullLogError
    session.execute(_begun(block_id, number, document))
    session.commit()
    return number


def _begun(block_id: str, number: int, document: str) -> Insert:
    """Two pages may begin the same one: the first counts."""
    return (
        insert(TrialBlockRow)
        .values(block_id=block_id, number=number, document=document, looks="", begun=now())
        .prefix_with("IGNORE")
    )


@retried
def keep_measured(
    session: Session, block_id: str, one: Measured, number: int = 1, document: str = ""
) -> None:
    """Keep a size of a trial block, or forget it where it is empty. The block is begun with its
    first size, cut by the document.
    """
    ask(session, block_id, "change")
    if one.size:
        session.execute(_begun(block_id, number, document))
        new = {"size": one.size, "expected": one.expected, "changed": now()}
        row = insert(MeasuredRow).values(block_id=block_id, trial=number, what=one.what, **new)
        session.execute(row.on_duplicate_key_update(**new))
    else:
        session.execute(
            delete(MeasuredRow).where(*_of(block_id, number), MeasuredRow.what == one.what)
        )
    session.commit()


def _of(block_id: str, number: int) -> tuple[Any, Any]:
    return MeasuredRow.block_id == block_id, MeasuredRow.trial == number


@retried
def keep_looks(
    session: Session, block_id: str, looks: str, number: int = 1, document: str = ""
) -> None:
    """Keep what a trial block looks like; nothing forgets it."""
    ask(session, block_id, "change")
    session.execute(_begun(block_id, number, document))
    mine = TrialBlockRow.block_id == block_id, TrialBlockRow.number == number
    session.execute(update(TrialBlockRow).where(*mine).values(looks=looks))
    session.commit()


@retried
def forget_trial(session: Session, block_id: str, number: int = 1) -> None:
    """Forget a trial block and all that was measured of it."""
    ask(session, block_id, "change")
    session.execute(delete(MeasuredRow).where(*_of(block_id, number)))
    mine = TrialBlockRow.block_id == block_id, TrialBlockRow.number == number
    session.execute(delete(TrialBlockRow).where(*mine))
    session.commit()


def taken_back_of(session: Session, block_id: str) -> list[Unpicked]:
    """How often seams of a block were taken back."""
    ask(session, block_id)
    rows = session.scalars(select(TakenBack).where(TakenBack.block_id == block_id))
    return [Unpicked(row.mark, row.words, row.times) for row in rows]


@retried
def keep_taken_back(session: Session, block_id: str, one: Unpicked) -> None:
    """Keep how often the seams of a step were taken back."""
    ask(session, block_id, "change")
    new = {"words": one.words, "times": one.times, "changed": now()}
    row = insert(TakenBack).values(block_id=block_id, mark=one.mark, **new)
    session.execute(row.on_duplicate_key_update(**new))
    session.commit()


def notes_of(session: Session, block_id: str) -> list[KeptNote]:
    """The entries in the log of a block, the newest first."""
    ask(session, block_id)
    mine = BlockNote.block_id == block_id, BlockNote.deleted.is_(None)
    rows = session.scalars(
        select(BlockNote).where(*mine).order_by(BlockNote.made.desc(), BlockNote.id)
    )
    return [KeptNote(row.id, row.kind, row.document, row.made) for row in rows]


@retried
def put_note(
    session: Session, block_id: str, kind: str, document: str, made: datetime | None = None
) -> str:
    """Put an entry into the log of a block. Returns its id; raises `FullLogError`."""
    ask(session, block_id, "change")
    _check_room(session, BlockNote, block_id, COUNTS["notes"][1])
    moment = now()
    row = BlockNote(
        id=uuid.uuid4().hex,
        block_id=block_id,
        kind=kind,
        document=document,
        made=made or moment,
        changed=moment,
    )
    session.add(row)
    session.commit()
    return row.id


def photos_of(session: Session, block_id: str) -> list[KeptPhoto]:
    """The photos of a block, the oldest first, without their content."""
    ask(session, block_id)
    mine = Photo.block_id == block_id, Photo.deleted.is_(None)
    rows = session.scalars(select(Photo).where(*mine).order_by(Photo.made, Photo.id))
    return [KeptPhoto(row.id, row.caption, row.width, row.height, row.made) for row in rows]


def photo_content(session: Session, block_id: str, photo_id: str) -> bytes:
    """A photo as JPEG. Raises `NotInTheLogError`."""
    ask(session, block_id)
    row = session.get(Photo, photo_id, options=[undefer(Photo.content)])
    if row is None or row.block_id != block_id or row.deleted:
        raise NotInTheLogError(photo_id)
    return row.content


@dataclass(frozen=True)
class NewPhoto:
    """A photo to be kept: JPEG, its size in pixels."""

    content: bytes
    width: int
    height: int
    caption: str
    made: datetime | None = None


@retried
def put_photo(session: Session, block_id: str, new: NewPhoto) -> str:
    """Keep a photo with a block. Returns its id; raises `FullLogError`."""
    ask(session, block_id, "change")
    _check_room(session, Photo, block_id, COUNTS["photos"][1])
    row = _photo(block_id, new)
    session.add(row)
    session.commit()
    return row.id


def _photo(block_id: str, new: NewPhoto) -> Photo:
    return Photo(
        id=uuid.uuid4().hex,
        block_id=block_id,
        caption=new.caption,
        width=new.width,
        height=new.height,
        content=new.content,
        made=new.made or now(),
    )


def _check_room(session: Session, table: type[BlockNote | Photo], block_id: str, most: int) -> None:
    mine = table.block_id == block_id, table.deleted.is_(None)
    if (session.scalar(select(func.count()).select_from(table).where(*mine)) or 0) >= most:
        raise FullLogError(block_id)


@retried
def take_note_out(session: Session, block_id: str, note_id: str, *, back: bool = False) -> None:
    """Take an entry out of the log, or bring it `back`. Raises `NotInTheLogError`."""
    _mark(session, BlockNote, block_id, note_id, back)


@retried
def take_photo_out(session: Session, block_id: str, photo_id: str, *, back: bool = False) -> None:
    """Take a photo out of the log, or bring it `back`. Raises `NotInTheLogError`."""
    _mark(session, Photo, block_id, photo_id, back)


def _mark(
    session: Session, table: type[BlockNote | Photo], block_id: str, which: str, back: bool
) -> None:
    ask(session, block_id, "change")
    row = session.get(table, which)
    assert row is None or isinstance(row, BlockNote | Photo)
    if row is None or row.block_id != block_id:
        raise NotInTheLogError(which)
    row.deleted = None if back else now()
    session.commit()
