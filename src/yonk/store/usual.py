"""What a quilter works with by rule: kept once, and what new blocks begin with."""

from __future__ import annotations

import json
from dataclasses import dataclass

from sqlalchemy import delete
from sqlalchemy.orm import Session

from yonk.core.paper import LengthUnit
from yonk.store.database import retried
from yonk.store.models import PersonDefaults
from yonk.store.rights import owned, person_of


@dataclass(frozen=True)
class KeptUsual:
    """The unit of length that new blocks are in, and their settings as typed, by their names."""

    unit: LengthUnit
    settings: dict[str, str]


def usual_of(session: Session) -> KeptUsual | None:
    """What is kept, if anything is."""
    row = session.get(PersonDefaults, person_of(session).id)
    if row is None:
        return None
    return KeptUsual("cm" if row.unit == "cm" else "in", json.loads(row.settings))


@retried
def keep_usual(session: Session, usual: KeptUsual | None) -> None:
    """Keep it instead of what was; nothing lets it go."""
    session.execute(delete(PersonDefaults).where(owned(session, PersonDefaults)))
    if usual:
        text = json.dumps(usual.settings, ensure_ascii=False)
        session.add(PersonDefaults(owner=person_of(session).id, unit=usual.unit, settings=text))
    session.commit()
