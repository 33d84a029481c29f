"""The people of a guild: accounts, signing in and out, and how often it may be tried."""

from __future__ import annotations

import secrets
import uuid
from collections.abc import Sequence
from contextlib import suppress
from dataclasses import dataclass
from datetime import datetime, timedelta
from hashlib import sha256
from threading import BoundedSemaphore
from typing import ClassVar

from argon2 import PasswordHasher
from argon2.exceptions import InvalidHashError, VerifyMismatchError
from sqlalchemy import delete, func, select, update
from sqlalchemy.exc import IntegrityError
from sqlalchemy.orm import Session

from yonk.core.paper import Code, DraftError, ToldError
from yonk.store.database import retried
from yonk.store.models import (
    Account,
    Attempt,
    Block,
    Preference,
    SeamTestRow,
    ShelfFabric,
    SignedIn,
    Usual,
    now,
)
from yonk.store.passwords import check_password
from yonk.store.rights import Person

MOST_NAME = 40
SIGNED_IN = timedelta(days=30)
MOST_ATTEMPTS = 5  # that fail within the time of waiting
WAITING = timedelta(minutes=15)
HASHER = PasswordHasher()
HASHING = BoundedSemaphore(4)  # at once, since each takes as much memory as it is safe
NOBODYS = HASHER.hash(secrets.token_hex())  # checked where there is no account, to take as long


class NotSignedInError(ToldError):
    """Nobody is signed in, or not any more."""

    code: ClassVar[Code] = "not-signed-in"
    words = "Sign in first; what you have drafted waits here."


class WrongPasswordError(ToldError):
    """A name and a password that do not belong together; not said which of them is wrong."""

    code: ClassVar[Code] = "not-signed-in"
    words = "This name and this password do not belong together."


class TooOftenError(ToldError):
    """It was tried too often."""

    code: ClassVar[Code] = "too-often"
    words = "That was wrong too often; wait a quarter of an hour, then try again."


@dataclass(frozen=True)
class Named:
    """A person as others see her."""

    id: str
    name: str


def digest(secret: str) -> str:
    """What is kept of a secret that need not be read again."""
    return sha256(secret.encode()).hexdigest()


def add_account(session: Session, name: str, password: str, *, keeper: bool = False) -> Person:
    """Make an account within what is being saved; the caller ends it. Raises `DraftError` naming
    the field.
    """
    tidy = " ".join(name.split())
    if not 1 <= len(tidy) <= MOST_NAME:
        raise DraftError("name", f"must have 1 to {MOST_NAME} signs")
    check_password(password, tidy)
    row = Account(
        id=uuid.uuid4().hex,
        name=tidy,
        password=_hashed(password),
        keeper=keeper,
        created=now(),
    )
    session.add(row)
    try:
        session.flush()
    except IntegrityError:
        session.rollback()
        raise DraftError("name", "is taken; choose another one") from None
    return _person(row)


@retried
def first_account(session: Session, name: str, password: str) -> Person:
    """Make the account of the one who keeps the guild; what was kept before there were accounts
    becomes hers. Raises `DraftError` naming the field.
    """
    first = session.scalar(select(func.count()).select_from(Account)) == 0
    made = add_account(session, name, password, keeper=True)
    if first:
        for table in (Block, ShelfFabric, SeamTestRow, Preference, Usual):
            session.execute(update(table).where(table.owner == "").values(owner=made.id))
    session.commit()
    return made


def all_people(session: Session) -> list[Named]:
    """Everybody who has an account, by name."""
    rows = session.execute(select(Account.id, Account.name).order_by(Account.name))
    return [Named(one, name) for one, name in rows]


def names_of(session: Session, ids: Sequence[str]) -> dict[str, str]:
    """The names of some people, by their ids."""
    rows = session.execute(select(Account.id, Account.name).where(Account.id.in_(ids)))
    return {one: name for one, name in rows}  # noqa: C416


def sign_in(session: Session, name: str, password: str, address: str) -> tuple[Person, str]:
    """Sign a person in. Returns her with the token of this browser.

    Raises `TooOftenError` where it failed too often for this account or from this address, and
    `WrongPasswordError`.
    """
    tidy = " ".join(name.split())
    about = [digest(f"account {tidy.casefold()}"), digest(f"address {address}")]
    _check_attempts(session, about)
    row = session.scalar(select(Account).where(Account.name == tidy))
    if not _matches(row.password if row else NOBODYS, password) or row is None:
        _note_attempt(session, about)
        raise WrongPasswordError
    if HASHER.check_needs_rehash(row.password):
        row.password = _hashed(password)
    session.execute(delete(Attempt).where(Attempt.about == about[0]))
    return _person(row), _token(session, row.id)


def signed_in(session: Session, token: str) -> Person:
    """Who is signed in by a token. Raises `NotSignedInError`."""
    row = session.scalar(
        select(Account)
        .join(SignedIn, SignedIn.account_id == Account.id)
        .where(SignedIn.token == digest(token), SignedIn.until > now())
    )
    if row is None:
        raise NotSignedInError
    return _person(row)


@retried
def sign_out(session: Session, token: str, person: Person, *, everywhere: bool) -> None:
    """Sign out of this browser, or of all."""
    which = SignedIn.account_id == person.id if everywhere else SignedIn.token == digest(token)
    session.execute(delete(SignedIn).where(which))
    session.commit()


def change_password(session: Session, person: Person, old: str, new: str, address: str) -> str:
    """Change a password, which signs out everywhere else. Returns a new token.

    Raises `WrongPasswordError` for a wrong old one, `DraftError` for a new one that is guessed
    soon.
    """
    check_old(session, person, old, address)
    check_password(new, person.name, "new")
    session.execute(update(Account).where(Account.id == person.id).values(password=_hashed(new)))
    session.execute(delete(SignedIn).where(SignedIn.account_id == person.id))
    return _token(session, person.id)


def check_old(session: Session, person: Person, password: str, address: str) -> None:
    """Whether a password is this person's. Raises `WrongPasswordError`, `TooOftenError`."""
    about = [digest(f"account {person.name.casefold()}"), digest(f"address {address}")]
    _check_attempts(session, about)
    kept = session.scalar(select(Account.password).where(Account.id == person.id))
    if not _matches(kept or NOBODYS, password):
        _note_attempt(session, about)
        raise WrongPasswordError


def _matches(kept: str, password: str) -> bool:
    with HASHING, suppress(VerifyMismatchError, InvalidHashError):
        return HASHER.verify(kept, password)
    return False


def _hashed(password: str) -> str:
    with HASHING:
        return HASHER.hash(password)


@retried
def _token(session: Session, account_id: str) -> str:
    token, moment = secrets.token_urlsafe(32), now()
    session.execute(delete(SignedIn).where(SignedIn.until < moment))
    session.add(
        SignedIn(token=digest(token), account_id=account_id, since=moment, until=moment + SIGNED_IN)
    )
    session.commit()
    return token


def _check_attempts(session: Session, about: Sequence[str]) -> None:
    counted = (
        select(func.count())
        .select_from(Attempt)
        .where(Attempt.about.in_(about), Attempt.made > now() - WAITING)
        .group_by(Attempt.about)
    )
    if max(session.scalars(counted), default=0) >= MOST_ATTEMPTS:
        raise TooOftenError


@retried
def _note_attempt(session: Session, about: Sequence[str]) -> None:
    moment: datetime = now()
    session.execute(delete(Attempt).where(Attempt.made < moment - WAITING))
    session.add_all([Attempt(id=uuid.uuid4().hex, about=one, made=moment) for one in about])
    session.commit()


def _person(row: Account) -> Person:
    return Person(row.id, row.name, row.keeper)
