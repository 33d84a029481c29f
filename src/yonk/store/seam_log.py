"""Keeping the seam log."""

from __future__ import annotations

import uuid
from collections.abc import Sequence
from dataclasses import dataclass
from datetime import datetime
from typing import ClassVar

from sqlalchemy import select
from sqlalchemy.orm import Session

from yonk.core.paper import FaultCode, ToldError, message
from yonk.store.database import retried
from yonk.store.models import SeamTestRow, now
from yonk.store.rights import owned, person_of


@dataclass(frozen=True)
class KeptTest:
    """A seam test; `document` holds all that is known of it as JSON."""

    id: str
    document: str
    sewn: datetime


class NoSuchTestError(ToldError):
    """There is no seam test of that id."""

    code: ClassVar[FaultCode] = "not-found"
    text = message("seam-test-is-gone")


def all_tests(session: Session) -> Sequence[KeptTest]:
    """The tests of the log, the oldest first."""
    rows = session.scalars(
        select(SeamTestRow)
        .where(SeamTestRow.deleted.is_(None), owned(session, SeamTestRow))
        .order_by(SeamTestRow.sewn, SeamTestRow.changed, SeamTestRow.id)
    )
    return [KeptTest(row.id, row.document, row.sewn) for row in rows]


@retried
def put_test(session: Session, document: str, sewn: datetime | None = None) -> str:
    """Put a test into the log. Returns its id."""
    moment = now()
    row = SeamTestRow(
        id=uuid.uuid4().hex,
        owner=person_of(session).id,
        document=document,
        sewn=sewn or moment,
        changed=moment,
    )
    session.add(row)
    session.commit()
    return row.id


@retried
def take_out(session: Session, test_id: str, *, back: bool = False) -> None:
    """Take a test out of the log, or bring it `back`. Raises `NoSuchTestError`."""
    row = session.get(SeamTestRow, test_id)
    if row is None or row.owner != person_of(session).id:
        raise NoSuchTestError(test_id)
    row.deleted = None if back else now()
    session.commit()
