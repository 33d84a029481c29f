"""Invitations by link: made for somebody, with an end date, used once."""

from __future__ import annotations

import secrets
from dataclasses import dataclass
from datetime import datetime, timedelta
from typing import ClassVar

from sqlalchemy import ColumnElement, delete, select, update
from sqlalchemy.orm import Session

from yonk.core.paper import FaultCode, ToldError, message
from yonk.store.database import retried
from yonk.store.models import Account, Invitation, now
from yonk.store.people import add_account, set_password
from yonk.store.rights import NotYoursError, Person, person_of
from yonk.store.secrets_kept import digest

MOST_DAYS = 60  # a link lies open to whoever finds it


class NoInvitationError(ToldError):
    """A link that never was an invitation, or is none any more."""

    code: ClassVar[FaultCode] = "not-found"
    text = message("invitation-has-ended")


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
    person = keeper_of(session)
    token, moment = secrets.token_urlsafe(32), now()
    until = moment + timedelta(days=days)
    session.add(
        Invitation(token=digest(token), made_by=person.id, whom=whom, made=moment, until=until)
    )
    session.commit()
    return token, until


def invitations(session: Session) -> list[Invited]:
    """Those that the person made, the newest first."""
    person = keeper_of(session)
    asked = (
        select(Invitation)
        .where(Invitation.made_by == person.id, Invitation.account_id.is_(None))
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
    mine = Invitation.made_by == keeper_of(session).id
    session.execute(delete(Invitation).where(Invitation.token == invitation, mine))
    session.commit()


def inviting(session: Session, token: str) -> tuple[str, str]:
    """Who invites by a link, and whom it gives a new password, where it is for that. Raises
    `NoInvitationError`.
    """
    asked = (
        select(Account.name, Invitation.account_id)
        .join(Invitation, Invitation.made_by == Account.id)
        .where(*_open(token))
    )
    found = session.execute(asked).one_or_none()
    if found is None:
        raise NoInvitationError
    by, account_id = found
    whom = session.scalar(select(Account.name).where(Account.id == account_id))
    if account_id and not whom:
        raise NoInvitationError
    return by, whom or ""


@retried
def accept(session: Session, token: str, name: str, password: str) -> str:
    """Make the account that a link invites to, or give one that is there a new password; of two at
    once one. Returns the id of the account. Raises `NoInvitationError`, `DraftError` naming the
    field.
    """
    inviting(session, token)
    account_id = session.scalar(select(Invitation.account_id).where(*_open(token)))
    session.rollback()  # holds no connection while it is hashed
    if account_id:
        set_password(session, account_id, password)
    else:
        account_id = add_account(session, name, password).id
    used = session.execute(update(Invitation).where(*_open(token)).values(used_by=account_id))
    if used.rowcount != 1:  # type: ignore[attr-defined]
        session.rollback()
        raise NoInvitationError
    session.commit()
    return account_id


def _open(token: str) -> tuple[ColumnElement[bool], ...]:
    return (
        Invitation.token == digest(token),
        Invitation.until > now(),
        Invitation.used_by.is_(None),
    )


def keeper_of(session: Session) -> Person:
    """The person who asks. Raises `NotYoursError` where she does not keep the guild."""
    person = person_of(session)
    if not person.keeper:
        raise NotYoursError
    return person
