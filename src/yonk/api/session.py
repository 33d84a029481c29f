"""For whom a request is, its database session, and how a block is named in an address."""

from __future__ import annotations

from collections.abc import AsyncIterator
from typing import Annotated

import anyio
from fastapi import Depends, Path, Request
from sqlalchemy.orm import Session
from starlette.concurrency import run_in_threadpool

from yonk.store import people
from yonk.store.rights import ALONE, Person

COOKIE = "__Host-yonk"
DEVICE = "__Host-yonk-known"  # of a browser that somebody has signed in at
NOBODY = Person("nobody")


def token_of(request: Request) -> str:
    """The token that this browser was given when it signed in."""
    return request.cookies.get(COOKIE, "")


async def open_session_of(request: Request) -> AsyncIterator[Session]:
    """The session of a request, for somebody who need not be signed in and may do nothing with what
    is kept.
    """
    session: Session = request.app.state.sessions()
    session.info["person"] = NOBODY
    try:
        yield session
    finally:
        if session.in_transaction():
            with anyio.CancelScope(shield=True):
                await run_in_threadpool(session.close)


OpenDb = Annotated[Session, Depends(open_session_of)]


async def who_asks(request: Request, session: OpenDb) -> Person:
    """For whom a request is: nobody in particular where there are no accounts. Raises
    `NotSignedInError`.
    """
    if request.app.state.guild is None:
        return ALONE
    return await run_in_threadpool(_signed_in, session, token_of(request))


def _signed_in(session: Session, token: str) -> Person:
    person = people.signed_in(session, token)
    session.rollback()  # holds no connection while a plan is worked out
    return person


Who = Annotated[Person, Depends(who_asks)]


def session_of(session: OpenDb, who: Who) -> Session:
    """The session of a request, which knows for whom it works."""
    session.info["person"] = who
    return session


Db = Annotated[Session, Depends(session_of)]


BlockId = Annotated[str, Path(pattern="^[0-9a-z]{1,32}$")]
