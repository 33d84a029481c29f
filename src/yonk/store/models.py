"""The tables."""

from __future__ import annotations

from datetime import UTC, datetime

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


class Usual(Base):
    """What new blocks begin with: a unit of length, and settings as typed, as JSON."""

    __tablename__ = "usual"

    id: Mapped[str] = mapped_column(String(8), primary_key=True)
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
    name: Mapped[str] = mapped_column(String(120))
    document: Mapped[str] = mapped_column(MEDIUMTEXT)
    revision: Mapped[int] = mapped_column(Integer)
    changed: Mapped[datetime] = mapped_column(MOMENT)
    deleted: Mapped[datetime | None] = mapped_column(MOMENT, default=None)


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


class CutDone(Base):
    """How much of a cut of a block is cut in a stage, of how much the shelf knows, and by which
    revision of the block.
    """

    __tablename__ = "cut_done"

    block_id: Mapped[str] = mapped_column(String(32), primary_key=True)
    stage: Mapped[str] = mapped_column(String(8), primary_key=True)
    digest: Mapped[str] = mapped_column(String(64), primary_key=True)
    cut: Mapped[str] = mapped_column(MEDIUMTEXT)
    done: Mapped[int] = mapped_column(Integer)
    booked: Mapped[int] = mapped_column(Integer)
    revision: Mapped[int] = mapped_column(Integer)
    changed: Mapped[datetime] = mapped_column(MOMENT)


class SewDone(Base):
    """How many joins, or units, of a kind are sewn over all blocks: the kind by its digest, in the
    words that it was told in, and by which revision of the block.
    """

    __tablename__ = "sew_done"

    block_id: Mapped[str] = mapped_column(String(32), primary_key=True)
    mark: Mapped[str] = mapped_column(String(64), primary_key=True)
    words: Mapped[str] = mapped_column(String(400))
    done: Mapped[int] = mapped_column(Integer)
    revision: Mapped[int] = mapped_column(Integer)
    changed: Mapped[datetime] = mapped_column(MOMENT)


class SeamTestRow(Base):
    """A seam test as JSON, when it was sewn; a deleted one is only marked."""

    __tablename__ = "seam_test"

    id: Mapped[str] = mapped_column(String(32), primary_key=True)
    document: Mapped[str] = mapped_column(MEDIUMTEXT)
    sewn: Mapped[datetime] = mapped_column(MOMENT)
    changed: Mapped[datetime] = mapped_column(MOMENT)
    deleted: Mapped[datetime | None] = mapped_column(MOMENT, default=None)


class Preference(Base):
    """Something that a quilter told once for all blocks, as JSON, by its name."""

    __tablename__ = "preference"

    name: Mapped[str] = mapped_column(String(64), primary_key=True)
    document: Mapped[str] = mapped_column(MEDIUMTEXT)
    changed: Mapped[datetime] = mapped_column(MOMENT)


class MeasuredRow(Base):
    """What was measured of a trial block: by its name on the card, the size, and the size that it
    should have had then.
    """

    __tablename__ = "measured"

    block_id: Mapped[str] = mapped_column(String(32), primary_key=True)
    what: Mapped[str] = mapped_column(String(64), primary_key=True)
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
