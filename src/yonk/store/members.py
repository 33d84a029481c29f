"""What the keeper of a guild does for its members: a link for a new password, ending what is signed
in, suspending, removing.
"""

from __future__ import annotations

import secrets
from dataclasses import dataclass
from datetime import datetime, timedelta

from sqlalchemy import delete, func, select, update
from sqlalchemy.orm import Session

from yonk.core.paper import DraftError, message
from yonk.store.database import retried
from yonk.store.invitations import keeper_of
from yonk.store.leaving import delete_account
from yonk.store.models import Account, Invitation, SignedIn, now
from yonk.store.rights import Person
from yonk.store.secrets_kept import digest

LINK_HOLDS = timedelta(days=2)  # time to hand it over, and no longer


@dataclass(frozen=True)
class Member:
    """A person of the guild as its keeper sees her; whether she may sign in, and at how many
    browsers she is signed in.
    """

    id: str
    name: str
    keeper: bool
    suspended: bool
    signed_in: int


def members(session: Session) -> list[Member]:
    """Everybody, by name. Raises `NotYoursError` for who does not keep the guild."""
    keeper_of(session)
    counted = (
        select(SignedIn.account_id, func.count().label("count"))
        .where(SignedIn.until > now())
        .group_by(SignedIn.account_id)
        .subquery()
    )
    rows = session.execute(
        select(Account, counted.c.count)
        .outerjoin(counted, counted.c.account_id == Account.id)
        .order_by(Account.name)
    )
    return [Member(one.id, one.name, one.keeper, one.suspended, n or 0) for one, n in rows]


def member_named(session: Session, name: str) -> Person:
    """A person by her name. Raises `DraftError`."""
    row = session.scalar(select(Account).where(Account.name == " ".join(name.split())))
    if row is None:
        raise DraftError("name", message("is-nobodys-here"))
    return Person(row.id, row.name, row.keeper)


@retried
def link_for_password(session: Session, account_id: str) -> tuple[str, datetime]:
    """A link by which a member chooses a new password. Returns its token, which is not kept, and
    until when it holds.
    """
    keeper, member = keeper_of(session), _member(session, account_id)
    token, moment = secrets.token_urlsafe(32), now()
    session.execute(delete(Invitation).where(Invitation.account_id == member.id))
    session.add(
        Invitation(
            token=digest(token),
            made_by=keeper.id,
            whom=member.name,
            made=moment,
            until=moment + LINK_HOLDS,
            account_id=member.id,
        )
    )
    session.commit()
    return token, moment + LINK_HOLDS


@retried
def end_sessions(session: Session, account_id: str) -> None:
    """Sign a member out of every browser."""
    keeper_of(session)
    session.execute(delete(SignedIn).where(SignedIn.account_id == _member(session, account_id).id))
    session.commit()


@retried
def suspend(session: Session, account_id: str, *, suspended: bool) -> None:
    """Let a member sign in no more, or again; what is hers stays."""
    keeper_of(session)
    member = _another(session, account_id)
    session.execute(update(Account).where(Account.id == member.id).values(suspended=suspended))
    if suspended:
        session.execute(delete(SignedIn).where(SignedIn.account_id == member.id))
    session.commit()


def remove(session: Session, account_id: str) -> list[str]:
    """Delete a member's account and all that is her own, for good. Returns what her letters are
    called.
    """
    keeper_of(session)
    return delete_account(session, _another(session, account_id))


def _member(session: Session, account_id: str) -> Person:
    row = session.get(Account, account_id)
    if row is None:
        raise DraftError("member", message("member-has-left"))
    return Person(row.id, row.name, row.keeper)


def _another(session: Session, account_id: str) -> Person:
    """A member who is no keeper: the guild is never left without one."""
    member = _member(session, account_id)
    if member.keeper:
        raise DraftError("member", message("keeper-stays"))
    return member
