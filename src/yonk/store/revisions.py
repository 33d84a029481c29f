"""The saved states of a block: which there are, opening and naming one, and thinning the old
ones.
"""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import dataclass
from datetime import datetime, timedelta
from typing import Any

from sqlalchemy import delete, select, update
from sqlalchemy.orm import Session

from yonk.core.paper import ToldError, message
from yonk.store.database import retried
from yonk.store.models import BlockRevision
from yonk.store.rights import ask

THIN_EVERY = 20
RULE = message("states-are-kept-so")
_STEPS = (
    (timedelta(days=30), timedelta(0)),
    (timedelta(days=365), timedelta(days=1)),
    (timedelta.max, timedelta(days=30)),
)


@dataclass(frozen=True)
class SavedState:
    """One saved state of a block."""

    revision: int
    saved: datetime
    title: str
    opened: bool


class NoSuchStateError(ToldError):
    """That state of the block is not kept (any more)."""

    code = "not-found"
    text = message("state-is-gone")


def states_of(session: Session, block_id: str) -> list[SavedState]:
    """The saved states of a block, the newest first."""
    ask(session, block_id)
    columns = BlockRevision.revision, BlockRevision.saved, BlockRevision.title, BlockRevision.opened
    asked = (
        select(*columns)
        .where(BlockRevision.block_id == block_id)
        .order_by(BlockRevision.revision.desc())
    )
    return [
        SavedState(revision, saved, title or "", opened)
        for revision, saved, title, opened in session.execute(asked)
    ]


@retried
def open_state(session: Session, block_id: str, revision: int) -> str:
    """The document of a saved state, which from now on is not thinned. Raises
    `NoSuchStateError`.
    """
    ask(session, block_id)
    row = session.get(BlockRevision, (block_id, revision))
    if row is None:
        raise NoSuchStateError(block_id)
    row.opened = True
    session.commit()
    return row.document


@retried
def name_state(session: Session, block_id: str, revision: int, title: str) -> None:
    """Give a saved state a title, or take it away. Raises `NoSuchStateError`."""
    ask(session, block_id, "change")
    here = BlockRevision.block_id == block_id, BlockRevision.revision == revision
    named: Any = session.execute(update(BlockRevision).where(*here).values(title=title or None))
    if named.rowcount != 1:
        session.rollback()
        if session.get(BlockRevision, (block_id, revision)) is None:
            raise NoSuchStateError(block_id)
    session.commit()


def thin(session: Session, block_id: str, moment: datetime) -> None:
    """Forget the states that the rule does not keep, within what is being saved."""
    gone = [state.revision for state in to_thin(states_of(session, block_id), moment)]
    if gone:
        here = BlockRevision.block_id == block_id, BlockRevision.revision.in_(gone)
        session.execute(
            delete(BlockRevision).where(
                *here, BlockRevision.title.is_(None), BlockRevision.opened.is_(False)
            )
        )


def to_thin(states: Sequence[SavedState], moment: datetime) -> Iterable[SavedState]:
    """The states that the rule does not keep: of each stretch of time the newest stays; a month is
    30 days.
    """
    ordered = sorted(states, key=lambda state: state.revision)
    kept: set[tuple[timedelta, int]] = set()
    for state in reversed(ordered[1:-1]):
        age = moment - state.saved
        step = next(step for until, step in _STEPS if age < until)
        stretch = (
            step,
            int(state.saved.timestamp() // step.total_seconds()) if step else state.revision,
        )
        if stretch in kept and not state.title and not state.opened:
            yield state
        kept.add(stretch)
