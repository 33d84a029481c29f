"""Links by which somebody who is signed in lets her phone in: for a few minutes, used once."""

from __future__ import annotations

import secrets
from datetime import datetime, timedelta
from typing import ClassVar

from sqlalchemy import delete, select, update
from sqlalchemy.orm import Session

from yonk.core.paper import FaultCode, ToldError, message
from yonk.store.database import retried
from yonk.store.models import PhoneLink, now
from yonk.store.rights import person_of
from yonk.store.secrets_kept import digest

HOLDS = timedelta(minutes=10)  # as long as it takes to fetch a phone and no longer


class NoPhoneLinkError(ToldError):
    """A link that never let anybody in, or does not any more."""

    code: ClassVar[FaultCode] = "not-found"
    text = message("phone-link-has-ended")


@retried
def make_phone_link(session: Session) -> tuple[str, datetime]:
    """Make a link for the phone of who asks; one that she made before ends. Returns its token,
    which is not kept, and until when it holds.
    """
    token, until, person = secrets.token_urlsafe(32), now() + HOLDS, person_of(session)
    ended = (PhoneLink.until < now()) | (PhoneLink.account_id == person.id)
    session.execute(delete(PhoneLink).where(ended))
    session.add(PhoneLink(token=digest(token), account_id=person.id, until=until))
    session.commit()
    return token, until


@retried
def use_phone_link(session: Session, token: str) -> str:
    """Whom a link lets in; of two at once one. Raises `NoPhoneLinkError`."""
    here = PhoneLink.token == digest(token), PhoneLink.until > now(), PhoneLink.used.is_(False)
    account = session.scalar(select(PhoneLink.account_id).where(*here))
    used = session.execute(update(PhoneLink).where(*here).values(used=True))
    if account is None or used.rowcount != 1:  # type: ignore[attr-defined]
        session.rollback()
        raise NoPhoneLinkError
    session.commit()
    return account
