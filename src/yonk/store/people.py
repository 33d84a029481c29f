"""The people of a guild: accounts, signing in and out, and how often it may be tried."""

from __future__ import annotations

import secrets
import unicodedata
import uuid
from collections.abc import Sequence
from contextlib import suppress
from dataclasses import dataclass
from datetime import timedelta
from threading import BoundedSemaphore
from typing import ClassVar

from argon2 import PasswordHasher
from argon2.exceptions import InvalidHashError, VerifyMismatchError
from sqlalchemy import delete, func, select, update
from sqlalchemy.exc import IntegrityError
from sqlalchemy.orm import Session

from yonk.core.paper import DraftError, FaultCode, ToldError, message
from yonk.store.attempts import forget_attempts, limits_of, note_attempt
from yonk.store.database import retried
from yonk.store.models import (
    Account,
    Block,
    KnownDevice,
    PersonDefaults,
    Preference,
    SeamTestRow,
    ShelfFabric,
    SignedIn,
    now,
)
from yonk.store.passwords import check_password
from yonk.store.rights import Person
from yonk.store.secrets_kept import digest

MOST_NAME = 40
SIGNED_IN = timedelta(days=30)  # who is away for a month signs in anew
KNOWN = timedelta(days=400)  # that a browser may try on when others have tried too often
HASHER = PasswordHasher()
HASHING = BoundedSemaphore(4)  # at once, since each takes as much memory as it is safe
NOBODYS = HASHER.hash(secrets.token_hex())  # checked where there is no account, to take as long


class NotSignedInError(ToldError):
    """Nobody is signed in, or not any more."""

    code: ClassVar[FaultCode] = "not-signed-in"
    text = message("sign-in-first")


class WrongPasswordError(ToldError):
    """A name and a password that do not belong together; not said which of them is wrong."""

    code: ClassVar[FaultCode] = "not-signed-in"
    text = message("password-is-wrong")


class SuspendedError(ToldError):
    """The keeper of the guild lets somebody sign in no more."""

    code: ClassVar[FaultCode] = "not-signed-in"
    text = message("account-is-suspended")


@dataclass(frozen=True)
class Named:
    """A person as others see her."""

    id: str
    name: str


def add_account(session: Session, name: str, password: str, *, keeper: bool = False) -> Person:
    """Make an account within what is being saved; the caller ends it. Raises `DraftError` naming
    the field.
    """
    tidy = " ".join(name.split())
    if not 1 <= len(tidy) <= MOST_NAME:
        raise DraftError("name", message("name-has-no-such-length", most_name=MOST_NAME))
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
        raise DraftError("name", message("name-is-taken")) from None
    return _person(row)


@retried
def first_account(session: Session, name: str, password: str) -> Person:
    """Make the account of the one who keeps the guild; what was kept before there were accounts
    becomes hers. Raises `DraftError` naming the field.
    """
    first = session.scalar(select(func.count()).select_from(Account)) == 0
    made = add_account(session, name, password, keeper=True)
    if first:
        for table in (Block, ShelfFabric, SeamTestRow, Preference, PersonDefaults):
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


@dataclass(frozen=True)
class Arrived:
    """Somebody who signed in: herself, the token of this session, and that by which the browser is
    known from now on.
    """

    person: Person
    token: str
    device: str


def sign_in(session: Session, name: str, password: str, address: str, device: str = "") -> Arrived:
    """Sign a person in.

    Tries are counted by the account that was found, however its name was typed, and noted before
    the password is looked at; no connection is held while that takes its time.

    Args:
        device: what the browser keeps from when somebody signed in at it before.

    Raises: `TooOftenError` where it failed too often, `WrongPasswordError`, `SuspendedError`.
    """
    tidy = " ".join(name.split())
    row = session.scalar(select(Account).where(Account.name == tidy))
    found = (row.id, row.password, row.suspended) if row else None
    known = found is not None and _is_known(session, device, found[0])
    session.rollback()
    account = found[0] if found else f"nobody {_plain(tidy)}"
    limits = limits_of(account, address, device if known else None)
    note_attempt(session, limits)
    session.rollback()  # holds no connection while it is hashed
    right = _matches(found[1] if found else NOBODYS, password)
    if not right or found is None:
        raise WrongPasswordError
    forget_attempts(session, limits)
    if found[2]:
        raise SuspendedError
    if HASHER.check_needs_rehash(found[1]):
        anew = _hashed(password)
        session.execute(update(Account).where(Account.id == account).values(password=anew))
    return arrive(session, account, device if known else "")


@retried
def arrive(session: Session, account_id: str, device: str = "") -> Arrived:
    """Let somebody in who was found to be her."""
    kept = device or secrets.token_urlsafe(32)
    moment = now()
    session.execute(delete(KnownDevice).where(KnownDevice.until < moment))
    until = moment + KNOWN
    session.merge(KnownDevice(token=digest(kept), account_id=account_id, until=until))
    row = session.get(Account, account_id)
    if row is None:
        raise NotSignedInError
    person = _person(row)
    return Arrived(person, _token(session, account_id), kept)


def _is_known(session: Session, device: str, account_id: str) -> bool:
    if not device:
        return False
    asked = select(KnownDevice.account_id).where(
        KnownDevice.token == digest(device), KnownDevice.until > now()
    )
    return session.scalar(asked) == account_id


def _plain(name: str) -> str:
    """A name as the database compares it: without accents, in small letters."""
    parted = unicodedata.normalize("NFKD", name)
    return "".join(sign for sign in parted if not unicodedata.combining(sign)).casefold()


def signed_in(session: Session, token: str) -> Person:
    """Who is signed in by a token. Raises `NotSignedInError`."""
    row = session.scalar(
        select(Account)
        .join(SignedIn, SignedIn.account_id == Account.id)
        .where(
            SignedIn.token == digest(token),
            SignedIn.until > now(),
            Account.suspended.is_(False),
        )
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
    kept = session.scalar(select(Account.password).where(Account.id == person.id))
    limits = limits_of(person.id, address, None)
    note_attempt(session, limits)
    session.rollback()
    if not _matches(kept or NOBODYS, password):
        raise WrongPasswordError
    forget_attempts(session, limits)


@retried
def set_password(session: Session, account_id: str, password: str) -> None:
    """Give somebody a new password within what is being saved, which signs her out everywhere; the
    caller ends it. Raises `DraftError`.
    """
    row = session.get(Account, account_id)
    if row is None:
        raise NotSignedInError
    check_password(password, row.name)
    row.password = _hashed(password)
    session.execute(delete(SignedIn).where(SignedIn.account_id == account_id))


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


def _person(row: Account) -> Person:
    return Person(row.id, row.name, row.keeper)
