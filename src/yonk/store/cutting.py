"""Keeping the progress of cutting: how many of each cut of a block are cut."""

from __future__ import annotations

from collections.abc import Mapping

from sqlalchemy import select
from sqlalchemy.dialects.mysql import insert
from sqlalchemy.orm import Session

from yonk.store.models import CutMark, now


def marks_of(session: Session, block_id: str) -> dict[str, int]:
    """How many of each cut are cut, by the cut's signature."""
    rows = session.scalars(select(CutMark).where(CutMark.block_id == block_id))
    return {row.signature: row.done for row in rows}


def mark(session: Session, block_id: str, done: Mapping[str, int], revision: int) -> dict[str, int]:
    """Keep how many of some cuts are cut; the others stay as they are."""
    for signature, count in done.items():
        row = insert(CutMark).values(
            block_id=block_id, signature=signature, done=count, revision=revision, changed=now()
        )
        session.execute(row.on_duplicate_key_update(done=count, revision=revision, changed=now()))
    session.commit()
    return marks_of(session, block_id)
