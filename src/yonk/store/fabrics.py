"""Keeping the fabric shelf: put, find, change with a revision, take away."""

from __future__ import annotations

import uuid
from collections.abc import Sequence
from dataclasses import dataclass, replace

from sqlalchemy import select, update
from sqlalchemy.orm import Session

from yonk.core.paper import ToldError, message
from yonk.store.database import retried
from yonk.store.models import Account, ShelfFabric, now
from yonk.store.rights import ask, owned, person_of, visible_to


@dataclass(frozen=True)
class KeptFabric:
    """A fabric of the shelf; `document` holds all that is known of it as JSON. `owner` is whose it
    is where it is somebody else's.
    """

    id: str
    name: str
    document: str
    revision: int
    owner: str = ""


class NoSuchFabricError(ToldError):
    """There is no fabric of that id on the shelf."""

    code = "not-found"
    text = message("fabric-is-gone")


class OldFabricError(ToldError):
    """A change came with a revision that is not the newest."""

    code = "old-revision"
    text = message("fabric-was-changed")


def all_fabrics(session: Session) -> Sequence[KeptFabric]:
    """The fabrics of the shelf by name."""
    others = (Account.id == ShelfFabric.owner) & (Account.id != person_of(session).id)
    rows = session.execute(
        select(ShelfFabric, Account.name)
        .outerjoin(Account, others)
        .where(ShelfFabric.deleted.is_(None), *visible_to(session, ShelfFabric))
        .order_by(ShelfFabric.name, ShelfFabric.id)
    )
    return [replace(_kept(row), owner=owner or "") for row, owner in rows]


def all_own_fabrics(session: Session) -> Sequence[KeptFabric]:
    """The fabrics of the shelf that are the person's own."""
    rows = session.scalars(
        select(ShelfFabric)
        .where(ShelfFabric.deleted.is_(None), owned(session, ShelfFabric))
        .order_by(ShelfFabric.name, ShelfFabric.id)
    )
    return [_kept(row) for row in rows]


def one_fabric(session: Session, fabric_id: str) -> KeptFabric:
    """A fabric. Raises `NoSuchFabricError`."""
    ask(session, fabric_id, "see", NoSuchFabricError)
    row = session.get(ShelfFabric, fabric_id, populate_existing=True)
    if row is None or row.deleted:
        raise NoSuchFabricError(fabric_id)
    hers = row.owner == person_of(session).id
    account = None if hers else session.get(Account, row.owner)
    return replace(_kept(row), owner=account.name if account else "")


@retried
def put_fabric(session: Session, name: str, document: str) -> KeptFabric:
    """Put a new fabric on the shelf."""
    row = ShelfFabric(
        id=uuid.uuid4().hex,
        owner=person_of(session).id,
        name=name,
        document=document,
        revision=1,
        changed=now(),
    )
    session.add(row)
    session.commit()
    return _kept(row)


@retried
def change_fabric(
    session: Session, fabric_id: str, name: str, document: str, revision: int
) -> KeptFabric:
    """Change a fabric from the `revision` that was seen.

    Raises `OldFabricError` when it was changed meanwhile, and `NoSuchFabricError`; nothing is
    changed then.
    """
    change_within(session, fabric_id, name, document, revision)
    session.commit()
    return one_fabric(session, fabric_id)


def change_within(
    session: Session, fabric_id: str, name: str, document: str, revision: int
) -> None:
    """The same within what is being saved; the caller ends it."""
    ask(session, fabric_id, "change", NoSuchFabricError)
    done = session.execute(
        update(ShelfFabric)
        .where(
            ShelfFabric.id == fabric_id,
            ShelfFabric.revision == revision,
            ShelfFabric.deleted.is_(None),
        )
        .values(name=name, document=document, revision=revision + 1, changed=now())
    )
    if done.rowcount != 1:  # type: ignore[attr-defined]
        session.rollback()
        one_fabric(session, fabric_id)
        raise OldFabricError(fabric_id)


@retried
def take_away(session: Session, fabric_id: str, *, back: bool = False) -> None:
    """Take a fabric off the shelf, or bring it `back`. Raises `NoSuchFabricError`."""
    ask(session, fabric_id, "own", NoSuchFabricError)
    row = session.get(ShelfFabric, fabric_id)
    if row is None:
        raise NoSuchFabricError(fabric_id)
    row.deleted = None if back else now()
    session.commit()


def _kept(row: ShelfFabric) -> KeptFabric:
    return KeptFabric(row.id, row.name, row.document, row.revision)
