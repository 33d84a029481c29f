"""Keeping blocks: create, find, save with a revision, delete and bring back."""

from __future__ import annotations

import uuid
from collections.abc import Sequence
from dataclasses import dataclass
from datetime import datetime

from sqlalchemy import select, update
from sqlalchemy.orm import Session

from yonk.store.models import Block, BlockRevision, Marker, now


@dataclass(frozen=True)
class Kept:
    """A block as it is kept; `document` is its block file."""

    id: str
    name: str
    document: str
    revision: int
    created: datetime
    changed: datetime
    deleted: bool


class NoSuchBlockError(LookupError):
    """There is no block of that id."""


class OldRevisionError(RuntimeError):
    """A save came with a revision that is not the newest; `theirs` is what is kept."""

    def __init__(self, theirs: Kept) -> None:
        super().__init__(f"revision {theirs.revision} is kept already")
        self.theirs = theirs


def all_blocks(session: Session) -> Sequence[Kept]:
    """The blocks on the shelf, the last changed first."""
    rows = session.scalars(select(Block).where(Block.deleted.is_(None)).order_by(Block.changed.desc(), Block.id))
    return [_kept(row) for row in rows]


def one_block(session: Session, block_id: str) -> Kept:
    """A block, deleted or not. Raises `NoSuchBlockError`."""
    row = session.get(Block, block_id, populate_existing=True)
    if row is None:
        raise NoSuchBlockError(block_id)
    return _kept(row)


def create_block(session: Session, name: str, document: str) -> Kept:
    """Keep a new block."""
    moment = now()
    row = Block(id=uuid.uuid4().hex, name=name, document=document, revision=1, created=moment, changed=moment)
    session.add_all([row, BlockRevision(block_id=row.id, revision=1, document=document, saved=moment)])
    session.commit()
    return _kept(row)


def save_block(session: Session, block_id: str, name: str, document: str, revision: int) -> Kept:
    """Keep a new state of a block over the `revision` that it was made from.

    Raises `OldRevisionError` when another state was kept meanwhile, and `NoSuchBlockError`; nothing is changed then.
    """
    moment = now()
    done = session.execute(
        update(Block)
        .where(Block.id == block_id, Block.revision == revision, Block.deleted.is_(None))
        .values(name=name, document=document, revision=revision + 1, changed=moment)
    )
    if done.rowcount != 1:  # type: ignore[attr-defined]
        session.rollback()
        raise OldRevisionError(one_block(session, block_id))
    session.add(BlockRevision(block_id=block_id, revision=revision + 1, document=document, saved=moment))
    session.commit()
    return one_block(session, block_id)


def delete_block(session: Session, block_id: str) -> None:
    """Take a block off the shelf; it can be brought back. Raises `NoSuchBlockError`."""
    _mark(session, block_id, now())


def restore_block(session: Session, block_id: str) -> Kept:
    """Bring a deleted block back. Raises `NoSuchBlockError`."""
    _mark(session, block_id, None)
    return one_block(session, block_id)


def once(session: Session, name: str) -> bool:
    """Whether this is the first time that something is asked for; False ever after."""
    if session.get(Marker, name):
        return False
    session.add(Marker(name=name, set_at=now()))
    session.commit()
    return True


def _mark(session: Session, block_id: str, moment: datetime | None) -> None:
    one_block(session, block_id)
    session.execute(update(Block).where(Block.id == block_id).values(deleted=moment))
    session.commit()


def _kept(row: Block) -> Kept:
    return Kept(row.id, row.name, row.document, row.revision, row.created, row.changed, row.deleted is not None)
