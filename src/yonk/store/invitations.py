"""Invitations by link: made for somebody, with an end date, used once."""

from __future__ import annotations

import secrets
from dataclasses import dataclass
from datetime import datetime, timedelta
from typing import ClassVar

from sqlalchemy import ColumnElement, delete, select, update
from sqlalchemy.orm import Session

from yonk.core.paper import Code, ToldError
from yonk.store.database import retried
from yonk.store.models import Account, Invitation, now
from yonk.store.people import add_account, digest
from yonk.store.rights import NotYoursError, Person, person_of

MOST_DAYS = 60


class NoInvitationError(ToldError):
    """A link that never was an invitation, or is none any more."""

    code: ClassVar[Code] = "not-found"
    words = "This invitation is used or has ended; ask for a new one."


@dataclass(frozen=True)
class Invited:
    """An invitation that was made: whom it is for, until when, whether it was taken."""

    id: str
    whom: str
    until: datetime
    used: bool


@retried
def invite(session: Session, whom: str, days: int) -> tuple[str, datetime]:
    """Make an invitation. Returns its token, which is not kept, and until when it holds. Raises
    `NotYoursError` where the person does not keep the guild.
    """
    person = _keeper(session)
    token, moment = secrets.token_urlsafe(32), now()
    until = moment + timedelta(days=days)
    session.add(
        Invitation(token=digest(token), made_by=person.id, whom=whom, made=moment, until=until)
    )
    session.commit()
    return token, until


def invitations(session: Session) -> list[Invited]:
    """Those that the person made, the newest first."""
    person = _keeper(session)
    asked = (
        select(Invitation)
        .where(Invitation.made_by == person.id)
        .order_by(Invitation.made.desc())
        .limit(200)
    )
    return [
        Invited(row.token, row.whom, row.until, row.used_by is not None)
        for row in session.scalars(asked)
    ]


@retried
def take_back(session: Session, invitation: str) -> None:
    """Make an invitation void."""
    mine = Invitation.made_by == _keeper(session).id
    session.execute(delete(Invitation).where(Invitation.token == invitation, mine))
    session.commit()


def inviting(session: Session, token: str) -> str:
    """Who invites by a link. Raises `NoInvitationError`."""
    asked = (
        select(Account.name).join(Invitation, Invitation.made_by == Account.id).where(*_open(token))
    )
    found = session.scalar(asked)
    if found is None:
        raise NoInvitationError
    return found


@retried
def accept(session: Session, token: str, name: str, password: str) -> Person:
    """Make the account that a link invites to; of two at once one. Raises `NoInvitationError`,
    `DraftError` naming the field.
    """
    inviting(session, token)
    made = add_account(session, name, password)
    used = session.execute(update(Invitation).where(*_open(token)).values(used_by=made.id))
    if used.rowcount != 1:  # type: ignore[attr-defined]
        session.rollback()
        raise NoInvitationError
    session.commit()
    return made


def _open(token: str) -> tuple[ColumnElement[bool], ...]:
    return (
        Invitation.token == digest(token),
        Invitation.until > now(),
        Invitation.used_by.is_(None),
    )


def _keeper(session: Session) -> Person:
    person = person_of(session)
    if not person.keeper:
        raise NotYoursError
    return person
