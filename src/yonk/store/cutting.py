"""Keeping the progress of cutting: how much of each cut of a block is cut, and of how much the
shelf knows.

A cut is kept as the text that tells what it is; ticks of an older kind wait in their own table
until they are carried over.
"""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import dataclass
from hashlib import sha256
from typing import Literal

from sqlalchemy import delete, select
from sqlalchemy.dialects.mysql import insert
from sqlalchemy.orm import Session

from yonk.store.database import retried
from yonk.store.models import CutDone, CutMark, now
from yonk.store.rights import ask

MarkColumn = Literal["done", "booked"]


@dataclass(frozen=True)
class KeptMark:
    """How much of a cut, told as text, is cut in a stage, and of how much the shelf knows."""

    stage: str
    cut: str
    done: int = 0
    booked: int = 0


def marks_of(session: Session, block_id: str) -> list[KeptMark]:
    """How much of each cut of a block is cut."""
    ask(session, block_id)
    rows = session.scalars(select(CutDone).where(CutDone.block_id == block_id))
    return [KeptMark(row.stage, row.cut, row.done, row.booked) for row in rows]


def old_marks_of(session: Session, block_id: str) -> dict[str, int]:
    """The ticks of an older kind that are not carried over yet, as they were kept."""
    ask(session, block_id)
    rows = session.scalars(select(CutMark).where(CutMark.block_id == block_id))
    return {row.signature: row.done for row in rows}


@retried
def carry_over(session: Session, block_id: str, marks: Sequence[KeptMark], revision: int) -> None:
    """Keep the marks that the ticks of an older kind become, and forget those; all of it or
    nothing.
    """
    ask(session, block_id)
    gone = session.execute(delete(CutMark).where(CutMark.block_id == block_id))
    if gone.rowcount:  # type: ignore[attr-defined]
        _put(session, block_id, marks, revision, ("done", "booked"))
    session.commit()


@retried
def mark(
    session: Session,
    block_id: str,
    marks: Iterable[KeptMark],
    revision: int,
    column: MarkColumn = "done",
) -> None:
    """Keep how much of some cuts is cut; the others stay as they are."""
    ask(session, block_id, "change")
    _put(session, block_id, marks, revision, (column,))
    session.commit()


def mark_booked(session: Session, block_id: str, marks: Iterable[KeptMark], revision: int) -> None:
    """Keep of how much the shelf knows, within what is being saved; the caller ends it."""
    ask(session, block_id, "change")
    _put(session, block_id, marks, revision, ("booked",))


def _put(
    session: Session,
    block_id: str,
    marks: Iterable[KeptMark],
    revision: int,
    columns: Sequence[MarkColumn],
) -> None:
    moment = now()
    for one in sorted(
        marks, key=lambda one: (one.stage, one.cut)
    ):  # in one order, so that two windows never wait in a ring
        row = insert(CutDone).values(
            block_id=block_id,
            stage=one.stage,
            digest=sha256(one.cut.encode()).hexdigest(),
            cut=one.cut,
            done=one.done,
            booked=one.booked,
            revision=revision,
            changed=moment,
        )
        new: dict[str, object] = {column: getattr(one, column) for column in columns}
        session.execute(row.on_duplicate_key_update(**new, revision=revision, changed=moment))
