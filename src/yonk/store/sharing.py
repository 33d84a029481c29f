"""Groups of people, and what is shared with whom."""

from __future__ import annotations

import uuid
from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from typing import ClassVar, cast

from sqlalchemy import delete, select
from sqlalchemy.orm import Session

from yonk.core.paper import DraftError, FaultCode, ToldError, message
from yonk.store.database import retried
from yonk.store.models import (
    Account,
    Block,
    Circle,
    CircleMember,
    RightGiven,
    ShelfFabric,
    now,
)
from yonk.store.people import Named
from yonk.store.rights import Level, ask, person_of

MOST_MEMBERS = 200  # a guild, and not the world


class NoSuchGroupError(ToldError):
    """There is no group of that id, or not hers."""

    code: ClassVar[FaultCode] = "not-found"
    text = message("group-is-gone")


@dataclass(frozen=True)
class PeopleGroup:
    """A group: its people, and whether it is hers to change."""

    id: str
    name: str
    members: tuple[Named, ...]
    hers: bool


def groups(session: Session) -> list[PeopleGroup]:
    """The groups that the person is in or made, by name."""
    person = person_of(session)
    within = select(CircleMember.circle_id).where(CircleMember.account_id == person.id)
    asked = (
        select(Circle)
        .where((Circle.owner == person.id) | Circle.id.in_(within))
        .order_by(Circle.name)
    )
    rows = session.scalars(asked).all()
    members: dict[str, list[Named]] = {row.id: [] for row in rows}
    found = session.execute(
        select(CircleMember.circle_id, Account.id, Account.name)
        .join(Account, Account.id == CircleMember.account_id)
        .where(CircleMember.circle_id.in_(members))
        .order_by(Account.name)
    )
    for circle, one, name in found:
        members[circle].append(Named(one, name))
    return [
        PeopleGroup(row.id, row.name, tuple(members[row.id]), row.owner == person.id)
        for row in rows
    ]


@retried
def keep_group(session: Session, group_id: str | None, name: str, people: Sequence[str]) -> str:
    """Make a group, or change one: its name and its people. Returns its id; raises
    `NoSuchGroupError`, `DraftError`.
    """
    person = person_of(session)
    if not name.strip():
        raise DraftError("name", message("group-needs-a-name"))
    wanted = set(people) | {person.id}
    known = set(session.scalars(select(Account.id).where(Account.id.in_(wanted))))
    if known != wanted:
        raise DraftError("people", message("people-have-left"))
    row = session.get(Circle, group_id) if group_id else None
    if row is None:
        if group_id:
            raise NoSuchGroupError
        row = Circle(id=uuid.uuid4().hex, name=name.strip(), owner=person.id, created=now())
        session.add(row)
    elif row.owner != person.id:
        raise NoSuchGroupError
    row.name = name.strip()
    made = row.id
    session.execute(delete(CircleMember).where(CircleMember.circle_id == made))
    session.add_all([CircleMember(circle_id=made, account_id=one) for one in sorted(wanted)])
    session.commit()
    return made


@retried
def drop_group(session: Session, group_id: str) -> None:
    """Take a group apart; what was shared with it is not shared any more. Raises
    `NoSuchGroupError`.
    """
    row = session.get(Circle, group_id)
    if row is None or row.owner != person_of(session).id:
        raise NoSuchGroupError
    session.execute(delete(CircleMember).where(CircleMember.circle_id == group_id))
    session.execute(delete(RightGiven).where(RightGiven.with_id == group_id))
    session.delete(row)
    session.commit()


def shares_of(session: Session, thing_id: str) -> dict[str, Level]:
    """With whom a thing is shared, and how far. Raises `NoSuchBlockError`, `NotYoursError`."""
    ask(session, thing_id, "own")
    rows = session.execute(
        select(RightGiven.with_id, RightGiven.level).where(RightGiven.thing_id == thing_id)
    )
    return {one: cast(Level, level) for one, level in rows}


@retried
def keep_shares(session: Session, thing_id: str, shares: Mapping[str, Level]) -> None:
    """Share a thing with these people and groups, and no longer with any others. Raises
    `NoSuchBlockError`, `NotYoursError`, `DraftError`.
    """
    ask(session, thing_id, "own")
    person = person_of(session)
    people = set(session.scalars(select(Account.id).where(Account.id.in_(shares))))
    known = people | {group.id for group in groups(session)}
    if not set(shares) <= known or person.id in shares:
        raise DraftError("shares", message("shares-name-who-has-left"))
    session.execute(delete(RightGiven).where(RightGiven.thing_id == thing_id))
    session.add_all(
        [RightGiven(thing_id=thing_id, with_id=one, level=level) for one, level in shares.items()]
    )
    session.commit()


def owners_of(session: Session, things: Sequence[str]) -> dict[str, str]:
    """The names of those whom some things belong to, by the things' ids."""
    found: dict[str, str] = {}
    for table in (Block, ShelfFabric):
        asked = (
            select(table.id, Account.name)
            .join(Account, Account.id == table.owner)
            .where(table.id.in_(things))
        )
        found |= {one: name for one, name in session.execute(asked)}  # noqa: C416
    return found
