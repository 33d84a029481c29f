"""Ticks of an older kind, from before cuts had an identity of their own: they wait in a table of
their own until they are carried over to the ledger.
"""

from __future__ import annotations

from collections.abc import Sequence

from sqlalchemy import delete, select
from sqlalchemy.orm import Session

from yonk.store.database import retried
from yonk.store.models import CutMark
from yonk.store.rights import ask
from yonk.store.table import NewEntry, ThingChange, keep_within

OLD_TICKS = "ticks of an older kind"  # the name of the entry that they become


def old_marks_of(session: Session, block_id: str) -> dict[str, int]:
    """The ticks of an older kind that are not carried over yet, as they were kept."""
    ask(session, block_id)
    rows = session.scalars(select(CutMark).where(CutMark.block_id == block_id))
    return {row.signature: row.done for row in rows}


@retried
def carry_over(session: Session, block_id: str, changes: Sequence[ThingChange]) -> None:
    """Keep what the ticks of an older kind become, and forget those; all of it or nothing."""
    ask(session, block_id)
    gone = session.execute(delete(CutMark).where(CutMark.block_id == block_id))
    if gone.rowcount:  # type: ignore[attr-defined]
        keep_within(session, block_id, [NewEntry(OLD_TICKS, "shelf", "", "", tuple(changes))])
    session.commit()
