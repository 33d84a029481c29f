"""Keeping the progress of sewing: how many joins or units of a kind are sewn over all blocks."""

from __future__ import annotations

from dataclasses import dataclass

from sqlalchemy import select
from sqlalchemy.dialects.mysql import insert
from sqlalchemy.orm import Session

from yonk.store.database import retried
from yonk.store.models import SewDone, now
from yonk.store.rights import ask


@dataclass(frozen=True)
class KeptSewing:
    """How many of a kind are sewn: the kind by its digest, and the words that it was told in."""

    mark: str
    words: str
    done: int


def sewn_of(session: Session, block_id: str) -> list[KeptSewing]:
    """What is sewn of a block, what was ticked last at the end."""
    ask(session, block_id)
    mine = select(SewDone).where(SewDone.block_id == block_id)
    rows = session.scalars(mine.order_by(SewDone.changed, SewDone.mark))
    return [KeptSewing(row.mark, row.words, row.done) for row in rows]


@retried
def keep_sewn(session: Session, block_id: str, sewn: KeptSewing, revision: int) -> None:
    """Keep how many of a kind are sewn; the others stay as they are."""
    ask(session, block_id, "change")
    new = {"words": sewn.words, "done": sewn.done, "revision": revision, "changed": now()}
    row = insert(SewDone).values(block_id=block_id, mark=sewn.mark, **new)
    session.execute(row.on_duplicate_key_update(**new))
    session.commit()
