"""The tables.

An `owner` is the account that a thing belongs to; nobody's where there are no accounts.
"""

from __future__ import annotations

from datetime import UTC, datetime
from typing import Any

from sqlalchemy import Boolean, DateTime, Integer, String
from sqlalchemy.dialects.mysql import DATETIME, MEDIUMBLOB, MEDIUMTEXT
from sqlalchemy.orm import DeclarativeBase, Mapped, mapped_column

MOMENT = DateTime().with_variant(DATETIME(fsp=6), "mysql", "mariadb")


def now() -> datetime:
    """The moment, in universal time, as the tables keep it."""
    return datetime.now(UTC).replace(tzinfo=None)


class Base(DeclarativeBase):
    """All tables."""


class Block(Base):
    """A block, or a quilt (its `kind`), as its document, with a revision that counts its savings. A
    deleted one is only marked.

    `card` is what the shelf shows of it, made when it was saved.
    """

    __tablename__ = "block"

    id: Mapped[str] = mapped_column(String(32), primary_key=True)
    owner: Mapped[str] = mapped_column(String(32), default="", index=True)
    kind: Mapped[str] = mapped_column(String(8), default="block")
    name: Mapped[str] = mapped_column(String(120))
    document: Mapped[str] = mapped_column(MEDIUMTEXT, deferred=True)
    card: Mapped[str | None] = mapped_column(MEDIUMTEXT, default=None, deferred=True)
    revision: Mapped[int] = mapped_column(Integer)
    created: Mapped[datetime] = mapped_column(MOMENT)
    changed: Mapped[datetime] = mapped_column(MOMENT)
    deleted: Mapped[datetime | None] = mapped_column(MOMENT, default=None)


class BlockRevision(Base):
    """A saved state of a block. `save_key` is the save's own name, `title` one that a person gave
    it.

    Old ones are thinned, but none that has a title or was opened.
    """

    __tablename__ = "block_revision"

    block_id: Mapped[str] = mapped_column(String(32), primary_key=True)
    revision: Mapped[int] = mapped_column(Integer, primary_key=True)
    document: Mapped[str] = mapped_column(MEDIUMTEXT)
    saved: Mapped[datetime] = mapped_column(MOMENT)
    save_key: Mapped[str | None] = mapped_column(String(64), default=None)
    title: Mapped[str | None] = mapped_column(String(120), default=None)
    opened: Mapped[bool] = mapped_column(Boolean, default=False)
    saved_by: Mapped[str] = mapped_column(String(32), default="")


class BlockLabel(Base):
    """A label of a block on its shelf."""

    __tablename__ = "block_label"

    block_id: Mapped[str] = mapped_column(String(32), primary_key=True)
    label: Mapped[str] = mapped_column(String(40), primary_key=True)


class ShelfNote(Base):
    """What is noted of a block on its shelf."""

    __tablename__ = "shelf_note"

    block_id: Mapped[str] = mapped_column(String(32), primary_key=True)
    note: Mapped[str] = mapped_column(String(1000))


class PersonDefaults(Base):
    """What the new blocks of a person begin with: a unit of length, and settings as typed, as
    JSON.
    """

    __tablename__ = "usual"

    owner: Mapped[str] = mapped_column(String(32), primary_key=True)
    unit: Mapped[str] = mapped_column(String(2))
    settings: Mapped[str] = mapped_column(MEDIUMTEXT)


class Marker(Base):
    """What was done once and is not to be done again, such as laying out the samples."""

    __tablename__ = "marker"

    name: Mapped[str] = mapped_column(String(64), primary_key=True)
    set_at: Mapped[datetime] = mapped_column(MOMENT)


class ShelfFabric(Base):
    """A fabric on the shelf with the pieces there are of it, as JSON; a deleted one is only
    marked.
    """

    __tablename__ = "shelf_fabric"

    id: Mapped[str] = mapped_column(String(32), primary_key=True)
    owner: Mapped[str] = mapped_column(String(32), default="", index=True)
    name: Mapped[str] = mapped_column(String(120))
    document: Mapped[str] = mapped_column(MEDIUMTEXT)
    revision: Mapped[int] = mapped_column(Integer)
    changed: Mapped[datetime] = mapped_column(MOMENT)
    deleted: Mapped[datetime | None] = mapped_column(MOMENT, default=None)


class ClothPictureRow(Base):
    """A picture of cloth as JPEG, by its digest and whose it is."""

    __tablename__ = "cloth_picture"

    id: Mapped[str] = mapped_column(String(32), primary_key=True)
    owner: Mapped[str] = mapped_column(String(32), primary_key=True, index=True)
    content: Mapped[bytes] = mapped_column(MEDIUMBLOB, deferred=True)
    made: Mapped[datetime] = mapped_column(MOMENT)


class CutMark(Base):
    """A tick of an older kind: how many of a cut of a block are cut, before cuts had an identity of
    their own.
    """

    __tablename__ = "cut_mark"

    block_id: Mapped[str] = mapped_column(String(32), primary_key=True)
    signature: Mapped[str] = mapped_column(String(190), primary_key=True)
    done: Mapped[int] = mapped_column(Integer)
    revision: Mapped[int] = mapped_column(Integer)
    changed: Mapped[datetime] = mapped_column(MOMENT)


class TableEntry(Base):
    """An entry of what happened at the table of a block: its own name, where and at which device it
    was made and by whom, in words; which other one it takes back, and whether it was taken back.
    """

    __tablename__ = "table_entry"

    block_id: Mapped[str] = mapped_column(String(32), primary_key=True)
    number: Mapped[int] = mapped_column(Integer, primary_key=True, autoincrement=False)
    name: Mapped[str] = mapped_column(String(64))
    place: Mapped[str] = mapped_column(String(8))
    device: Mapped[str] = mapped_column(String(64))
    maker: Mapped[str] = mapped_column(String(32), default="")
    words: Mapped[str] = mapped_column(String(400))
    made: Mapped[datetime] = mapped_column(MOMENT)
    undoes: Mapped[int | None] = mapped_column(Integer, default=None)
    undone: Mapped[bool] = mapped_column(Boolean, default=False)


class TableChange(Base):
    """By how much an entry changes a thing on the table."""

    __tablename__ = "table_change"

    block_id: Mapped[str] = mapped_column(String(32), primary_key=True)
    entry: Mapped[int] = mapped_column(Integer, primary_key=True, autoincrement=False)
    number: Mapped[int] = mapped_column(Integer, primary_key=True, autoincrement=False)
    digest: Mapped[str] = mapped_column(String(64))
    amount: Mapped[int] = mapped_column(Integer)


class TableThing(Base):
    """A thing that was told of at the table of a block: what it is, as text, by its digest; what
    the changes of all entries add up to; in which order it was told.
    """

    __tablename__ = "table_thing"

    block_id: Mapped[str] = mapped_column(String(32), primary_key=True)
    digest: Mapped[str] = mapped_column(String(64), primary_key=True)
    kind: Mapped[Any] = mapped_column(String(8))
    thing: Mapped[str] = mapped_column(MEDIUMTEXT)
    words: Mapped[str] = mapped_column(String(400))
    amount: Mapped[int] = mapped_column(Integer)
    told: Mapped[int] = mapped_column(Integer)


class PrintedSheetRow(Base):
    """A printed list or sewing sheet of a block or a quilt, by the code on its pages: what its
    boxes tell and where they are, as JSON.
    """

    __tablename__ = "printed_sheet"

    code: Mapped[str] = mapped_column(String(16), primary_key=True)
    block_id: Mapped[str] = mapped_column(String(32))
    sheet: Mapped[str] = mapped_column(MEDIUMTEXT)
    printed: Mapped[datetime] = mapped_column(MOMENT)


class SeamTestRow(Base):
    """A seam test as JSON, when it was sewn; a deleted one is only marked."""

    __tablename__ = "seam_test"

    id: Mapped[str] = mapped_column(String(32), primary_key=True)
    owner: Mapped[str] = mapped_column(String(32), default="", index=True)
    document: Mapped[str] = mapped_column(MEDIUMTEXT)
    sewn: Mapped[datetime] = mapped_column(MOMENT)
    changed: Mapped[datetime] = mapped_column(MOMENT)
    deleted: Mapped[datetime | None] = mapped_column(MOMENT, default=None)


class Preference(Base):
    """Something that a quilter told once for all blocks, as JSON, by its name."""

    __tablename__ = "preference"

    owner: Mapped[str] = mapped_column(String(32), primary_key=True, default="")
    name: Mapped[str] = mapped_column(String(64), primary_key=True)
    document: Mapped[str] = mapped_column(MEDIUMTEXT)
    changed: Mapped[datetime] = mapped_column(MOMENT)


class TrialBlockRow(Base):
    """A trial block of a block: the document that it was cut by, what it looks like, when it was
    begun.
    """

    __tablename__ = "trial_block"

    block_id: Mapped[str] = mapped_column(String(32), primary_key=True)
    number: Mapped[int] = mapped_column(Integer, primary_key=True, autoincrement=False)
    document: Mapped[str] = mapped_column(MEDIUMTEXT)
    looks: Mapped[str] = mapped_column(String(16), default="")
    begun: Mapped[datetime] = mapped_column(MOMENT)


class MeasuredRow(Base):
    """What was measured of a trial block: by its name on the card, the size, and the size that it
    should have had then.
    """

    __tablename__ = "measured"

    block_id: Mapped[str] = mapped_column(String(32), primary_key=True)
    trial: Mapped[int] = mapped_column(Integer, primary_key=True, autoincrement=False, default=1)
    what: Mapped[str] = mapped_column(String(96), primary_key=True)
    size: Mapped[str] = mapped_column(String(64))
    expected: Mapped[str] = mapped_column(String(64))
    changed: Mapped[datetime] = mapped_column(MOMENT)


class TakenBack(Base):
    """How often a seam was taken back: the step by its mark, in the words that it was told in."""

    __tablename__ = "taken_back"

    block_id: Mapped[str] = mapped_column(String(32), primary_key=True)
    mark: Mapped[str] = mapped_column(String(64), primary_key=True)
    words: Mapped[str] = mapped_column(String(400))
    times: Mapped[int] = mapped_column(Integer)
    changed: Mapped[datetime] = mapped_column(MOMENT)


class BlockNote(Base):
    """An entry in the log of a block, as JSON; a deleted one is only marked."""

    __tablename__ = "block_note"

    id: Mapped[str] = mapped_column(String(32), primary_key=True)
    block_id: Mapped[str] = mapped_column(String(32))
    kind: Mapped[str] = mapped_column(String(16))
    document: Mapped[str] = mapped_column(MEDIUMTEXT)
    made: Mapped[datetime] = mapped_column(MOMENT)
    changed: Mapped[datetime] = mapped_column(MOMENT)
    deleted: Mapped[datetime | None] = mapped_column(MOMENT, default=None)


class Photo(Base):
    """A photo of a block, as JPEG without anything but the picture; a deleted one is only
    marked.
    """

    __tablename__ = "photo"

    id: Mapped[str] = mapped_column(String(32), primary_key=True)
    block_id: Mapped[str] = mapped_column(String(32))
    caption: Mapped[str] = mapped_column(String(400))
    width: Mapped[int] = mapped_column(Integer)
    height: Mapped[int] = mapped_column(Integer)
    content: Mapped[bytes] = mapped_column(MEDIUMBLOB, deferred=True)
    made: Mapped[datetime] = mapped_column(MOMENT)
    deleted: Mapped[datetime | None] = mapped_column(MOMENT, default=None)


class Account(Base):
    """A person of a guild: the name to sign in with, and her password as its hash."""

    __tablename__ = "account"

    id: Mapped[str] = mapped_column(String(32), primary_key=True)
    name: Mapped[str] = mapped_column(String(40), unique=True)
    password: Mapped[str] = mapped_column(String(200))
    keeper: Mapped[bool] = mapped_column(Boolean, default=False)
    created: Mapped[datetime] = mapped_column(MOMENT)
    suspended: Mapped[bool] = mapped_column(Boolean, default=False)


class KnownDevice(Base):
    """A browser that somebody has signed in at, by the digest of what it keeps; it may try on when
    others have tried too often.
    """

    __tablename__ = "known_device"

    token: Mapped[str] = mapped_column(String(64), primary_key=True)
    account_id: Mapped[str] = mapped_column(String(32), index=True)
    until: Mapped[datetime] = mapped_column(MOMENT)


class SignedIn(Base):
    """A browser that is signed in: its token by its digest, and until when."""

    __tablename__ = "signed_in"

    token: Mapped[str] = mapped_column(String(64), primary_key=True)
    account_id: Mapped[str] = mapped_column(String(32), index=True)
    since: Mapped[datetime] = mapped_column(MOMENT)
    until: Mapped[datetime] = mapped_column(MOMENT)


class Attempt(Base):
    """A sign-in that failed: for which account or from which address, by its digest."""

    __tablename__ = "attempt"

    id: Mapped[str] = mapped_column(String(32), primary_key=True)
    about: Mapped[str] = mapped_column(String(64), index=True)
    made: Mapped[datetime] = mapped_column(MOMENT)


class PhoneLink(Base):
    """A link that lets a phone in: the token by its digest, whose it is, until when."""

    __tablename__ = "phone_link"

    token: Mapped[str] = mapped_column(String(64), primary_key=True)
    account_id: Mapped[str] = mapped_column(String(32))
    until: Mapped[datetime] = mapped_column(MOMENT)
    used: Mapped[bool] = mapped_column(Boolean, default=False)


class Invitation(Base):
    """An invitation by link: the token by its digest, whom it is for in words, until when; one for
    an account that is there leads to a new password for it.
    """

    __tablename__ = "invitation"

    token: Mapped[str] = mapped_column(String(64), primary_key=True)
    made_by: Mapped[str] = mapped_column(String(32), index=True)
    whom: Mapped[str] = mapped_column(String(120))
    made: Mapped[datetime] = mapped_column(MOMENT)
    until: Mapped[datetime] = mapped_column(MOMENT)
    used_by: Mapped[str | None] = mapped_column(String(32), default=None)
    account_id: Mapped[str | None] = mapped_column(String(32), default=None)


class Circle(Base):
    """A group of people that things are shared with."""

    __tablename__ = "circle"

    id: Mapped[str] = mapped_column(String(32), primary_key=True)
    name: Mapped[str] = mapped_column(String(120))
    owner: Mapped[str] = mapped_column(String(32), index=True)
    created: Mapped[datetime] = mapped_column(MOMENT)


class CircleMember(Base):
    """A person in a group."""

    __tablename__ = "circle_member"

    circle_id: Mapped[str] = mapped_column(String(32), primary_key=True)
    account_id: Mapped[str] = mapped_column(String(32), primary_key=True, index=True)


class RightGiven(Base):
    """What a person or a group may do with a block, a quilt or a fabric of somebody else."""

    __tablename__ = "share"

    thing_id: Mapped[str] = mapped_column(String(32), primary_key=True)
    with_id: Mapped[str] = mapped_column(String(32), primary_key=True, index=True)
    level: Mapped[str] = mapped_column(String(8))


class SharedPartRow(Base):
    """What a person took over of a quilt: so many of a block, and how many she has cut, sewn and
    handed in.
    """

    __tablename__ = "part"

    quilt_id: Mapped[str] = mapped_column(String(32), primary_key=True)
    account_id: Mapped[str] = mapped_column(String(32), primary_key=True)
    block: Mapped[str] = mapped_column(String(64), primary_key=True)
    count: Mapped[int] = mapped_column(Integer)
    cut: Mapped[int] = mapped_column(Integer, default=0)
    sewn: Mapped[int] = mapped_column(Integer, default=0)
    handed_in: Mapped[int] = mapped_column(Integer, default=0)
    changed: Mapped[datetime] = mapped_column(MOMENT)
