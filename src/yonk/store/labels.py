"""What is said of blocks on their shelf: labels and notes; and what lies in the bin."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import datetime

from sqlalchemy import delete, func, select
from sqlalchemy.orm import Session

from yonk.store.database import retried
from yonk.store.models import Block, BlockLabel, ShelfNote
from yonk.store.rights import ask, owned, visible_to

MOST_BINNED = 200  # a list that can still be looked through


@dataclass(frozen=True)
class About:
    """What is said of a block."""

    labels: tuple[str, ...] = ()
    note: str = ""


@dataclass(frozen=True)
class Binned:
    """A block or a quilt that was taken off its shelf, and when."""

    id: str
    name: str
    kind: str
    deleted: datetime


def about_blocks(session: Session, ids: Sequence[str]) -> dict[str, About]:
    """What is said of some blocks, by their ids."""
    labels: dict[str, list[str]] = {}
    rows = session.execute(
        select(BlockLabel.block_id, BlockLabel.label)
        .where(BlockLabel.block_id.in_(ids))
        .order_by(BlockLabel.label)
    )
    for block_id, label in rows:
        labels.setdefault(block_id, []).append(label)
    asked = select(ShelfNote.block_id, ShelfNote.note).where(ShelfNote.block_id.in_(ids))
    notes = {block_id: note for block_id, note in session.execute(asked)}  # noqa: C416
    return {one: About(tuple(labels.get(one, ())), notes.get(one, "")) for one in ids}


def all_labels(session: Session) -> list[tuple[str, int]]:
    """Every label that a block on the shelf has, and how many have it."""
    asked = (
        select(BlockLabel.label, func.count())
        .join(Block, Block.id == BlockLabel.block_id)
        .where(Block.deleted.is_(None), *visible_to(session, Block))
        .group_by(BlockLabel.label)
        .order_by(BlockLabel.label)
    )
    return [(label, count) for label, count in session.execute(asked)]


@retried
def keep_about(session: Session, block_id: str, said: About) -> None:
    """Keep what is said of a block, instead of what was."""
    ask(session, block_id, "change")
    session.execute(delete(BlockLabel).where(BlockLabel.block_id == block_id))
    session.execute(delete(ShelfNote).where(ShelfNote.block_id == block_id))
    session.add_all([BlockLabel(block_id=block_id, label=one) for one in said.labels])
    if said.note:
        session.add(ShelfNote(block_id=block_id, note=said.note))
    session.commit()


def binned(session: Session) -> list[Binned]:
    """What lies in the bin, the last first."""
    asked = (
        select(Block.id, Block.name, Block.kind, Block.deleted)
        .where(Block.deleted.is_not(None), owned(session, Block))
        .order_by(Block.deleted.desc())
        .limit(MOST_BINNED)
    )
    rows = session.execute(asked)
    return [Binned(one, name, kind, when) for one, name, kind, when in rows if when]
