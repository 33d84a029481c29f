"""What a quilter told once for all blocks."""

from __future__ import annotations

from sqlalchemy.dialects.mysql import insert
from sqlalchemy.orm import Session

from yonk.store.database import retried
from yonk.store.models import Preference, now
from yonk.store.rights import person_of


def preference(session: Session, name: str) -> str | None:
    """What was told under a name, as JSON; None where nothing was."""
    row = session.get(Preference, (person_of(session).id, name), populate_existing=True)
    return row.document if row else None


@retried
def keep_preference(session: Session, name: str, document: str) -> None:
    """Keep what is told under a name."""
    new = {"document": document, "changed": now()}
    row = insert(Preference).values(owner=person_of(session).id, name=name, **new)
    session.execute(row.on_duplicate_key_update(**new))
    session.commit()
