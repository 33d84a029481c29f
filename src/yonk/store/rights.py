"""Who may do what with what is kept: the one place that is asked.

Every function of the store that is told of a block, a quilt or a fabric asks here before it reads
or writes; a session knows for whom it works. Where there are no accounts everything is the one
quilter's.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from typing import Any, ClassVar, Literal

from sqlalchemy import ColumnElement, literal, or_, select, union_all
from sqlalchemy.orm import Session

from yonk.core.paper import FaultCode, Message, ToldError, message
from yonk.store.models import Block, CircleMember, RightGiven, ShelfFabric

Level = Literal["see", "copy", "change"]
Right = Literal["see", "copy", "change", "own"]
LEVELS: tuple[Level, ...] = ("see", "copy", "change")
RIGHTS: tuple[Right, ...] = (*LEVELS, "own")
TELLS: dict[Level, Message] = {
    "see": message("level-see"),
    "copy": message("level-copy"),
    "change": message("level-change"),
}


@dataclass(frozen=True)
class Person:
    """For whom a session works; `keeper` invites others. Without an id it is the quilter of a
    program that has no accounts, to whom everything belongs.
    """

    id: str = ""
    name: str = ""
    keeper: bool = False

    @property
    def alone(self) -> bool:
        """Whether there are no others."""
        return not self.id


ALONE = Person()


class NoSuchBlockError(ToldError):
    """There is no block of that id, or none that this person may know of."""

    code: ClassVar[FaultCode] = "not-found"
    text = message("block-is-not-there")


class InTheBinError(ToldError):
    """What was shared lies in its owner's bin."""

    code: ClassVar[FaultCode] = "deleted"
    text = message("is-in-the-bin")


class NotYoursError(ToldError):
    """It was shared for less than this."""

    code: ClassVar[FaultCode] = "not-yours"
    text = message("is-not-yours")


def person_of(session: Session) -> Person:
    """For whom a session works."""
    person: Person = session.info.get("person", ALONE)
    return person


def ask(
    session: Session,
    thing_id: str,
    right: Right = "see",
    missing: type[ToldError] = NoSuchBlockError,
) -> Right:
    """Whether the session's person may do this with a block, a quilt or a fabric. Returns the most
    that she may.

    Raises `missing` where she may not even know of it, `NotYoursError` where it is shared for less.
    """
    if person_of(session).alone:
        return "own"
    found = right_to(session, thing_id)
    if found is None:
        raise InTheBinError(thing_id) if _was_shared(session, thing_id) else missing(thing_id)
    if not reaches(found, right):
        raise NotYoursError(thing_id)
    return found


def _was_shared(session: Session, thing_id: str) -> bool:
    """Whether it is shared with the session's person, be it in the bin."""
    person = person_of(session)
    asked = select(RightGiven.level).where(
        RightGiven.thing_id == thing_id, RightGiven.with_id.in_(_with(person))
    )
    return session.scalars(asked).first() is not None


def reaches(found: Right | None, right: Right) -> bool:
    """Whether what somebody may do is as much as a right, or more."""
    return found is not None and RIGHTS.index(found) >= RIGHTS.index(right)


def right_to(session: Session, thing_id: str) -> Right | None:
    """The most that the session's person may do with a thing; None where nothing."""
    return rights_to(session, [thing_id]).get(thing_id)


def rights_to(session: Session, things: Sequence[str]) -> dict[str, Right]:
    """The same of several things at once. What lies in the bin is its owner's alone."""
    person = person_of(session)
    if person.alone:
        return dict.fromkeys(things, "own")
    in_the_bin = [
        select(table.id).where(table.id.in_(things), table.deleted.is_not(None))
        for table in (Block, ShelfFabric)
    ]
    shared = select(RightGiven.thing_id, RightGiven.level).where(
        RightGiven.thing_id.in_(things),
        RightGiven.with_id.in_(_with(person)),
        RightGiven.thing_id.not_in(union_all(*in_the_bin)),
    )
    mine = [
        select(table.id, literal("own")).where(table.id.in_(things), table.owner == person.id)
        for table in (Block, ShelfFabric)
    ]
    found: dict[str, Right] = {}
    for thing, level in session.execute(union_all(shared, *mine)):
        found[thing] = RIGHTS[max(RIGHTS.index(found.get(thing, "see")), RIGHTS.index(level))]
    return found


def visible_to(session: Session, table: type[Block | ShelfFabric]) -> list[ColumnElement[bool]]:
    """What a search of a table is narrowed to: her own, and what is shared with her."""
    person = person_of(session)
    mine: ColumnElement[bool] = table.owner == person.id
    if person.alone:
        return [mine]
    shared = session.scalars(
        select(RightGiven.thing_id).where(RightGiven.with_id.in_(_with(person)))
    ).all()
    return [or_(mine, table.id.in_(shared)) if shared else mine]


def owned(session: Session, table: Any) -> ColumnElement[bool]:
    """What a search of a table is narrowed to where only her own counts."""
    narrowed: ColumnElement[bool] = table.owner == person_of(session).id
    return narrowed


def _with(person: Person) -> Any:
    """The person and her groups."""
    circles = select(CircleMember.circle_id).where(CircleMember.account_id == person.id)
    return circles.union_all(select(literal(person.id)))
