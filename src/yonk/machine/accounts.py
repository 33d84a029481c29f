"""Accounts from the command line: the first one, and what is done for those that are there."""

from __future__ import annotations

from collections.abc import Iterator
from contextlib import contextmanager

from sqlalchemy import select
from sqlalchemy.orm import Session

from yonk.api.guild.config import Guild
from yonk.core.paper import MessageError
from yonk.machine.serve import database_address, opened
from yonk.machine.settings import ServeSettings, settings_given
from yonk.store import members
from yonk.store.database import session_maker
from yonk.store.models import Account
from yonk.store.people import first_account
from yonk.store.rights import Person


def make_keeper(name: str, password: str) -> str:
    """Make the account of a keeper; says so."""
    with _session() as (session, _):
        made = first_account(session, name, password)
    return f"{made.name} keeps the guild now, and can sign in."


def do_for(
    name: str, *, link: bool, out: bool, suspended: bool | None, remove: bool
) -> Iterator[str]:
    """What the keeper of the guild may do for somebody, done at this machine; says each.

    Raises: `DraftError` where there is no such account, or it keeps the guild.
    """
    with _session() as (session, settings):
        keeper = session.scalar(select(Account).where(Account.keeper.is_(True)).limit(1))
        if keeper is None:
            raise MessageError("Nobody keeps this guild yet; make that account first.")
        session.info["person"] = Person(keeper.id, keeper.name, keeper=True)
        member = members.member_named(session, name)
        guild = Guild(settings.address, settings.post)
        if link:
            token, until = members.link_for_password(session, member.id)
            address = guild.link(token)
            yield f"A new password for {member.name} until {until:%d %B %Y %H:%M} UTC: {address}"
        if out:
            members.end_sessions(session, member.id)
            yield f"{member.name} is signed out everywhere."
        if suspended is not None:
            members.suspend(session, member.id, suspended=suspended)
            yield f"{member.name} may {'not sign in any more' if suspended else 'sign in again'}."
        if remove:
            for letter in members.remove(session, member.id):
                guild.drop_letter(letter)
            yield f"{member.name} is removed, with all that was hers."


@contextmanager
def _session() -> Iterator[tuple[Session, ServeSettings]]:
    settings = settings_given()
    with database_address(settings) as address, session_maker(opened(address))() as session:
        yield session, settings
