"""For whom a request is, its database session, and how a block is named in an address."""

from __future__ import annotations

from collections.abc import Iterator
from typing import Annotated

from fastapi import Depends, Path, Request
from sqlalchemy.orm import Session
from starlette.concurrency import run_in_threadpool

from yonk.store import people
from yonk.store.rights import ALONE, Person

COOKIE = "__Host-yonk"
NOBODY = Person("nobody")


def token_of(request: Request) -> str:
    """The token that this browser was given when it signed in."""
    return request.cookies.get(COOKIE, "")


async def who_asks(request: Request) -> Person:
    """For whom a request is: nobody in particular where there are no accounts. Raises
    `NotSignedInError`.
    """
    if request.app.state.guild is None:
        return ALONE
    return await run_in_threadpool(_signed_in, request)


def _signed_in(request: Request) -> Person:
    with request.app.state.sessions() as session:
        return people.signed_in(session, token_of(request))


Who = Annotated[Person, Depends(who_asks)]


def session_of(request: Request, who: Who) -> Iterator[Session]:
    """A session for one request, which knows for whom it works."""
    with request.app.state.sessions() as session:
        session.info["person"] = who
        yield session


def open_session_of(request: Request) -> Iterator[Session]:
    """A session for a request of somebody who need not be signed in, who may do nothing with what
    is kept.
    """
    with request.app.state.sessions() as session:
        session.info["person"] = NOBODY
        yield session


Db = Annotated[Session, Depends(session_of)]
OpenDb = Annotated[Session, Depends(open_session_of)]


BlockId = Annotated[str, Path(pattern="^[0-9a-z]{1,32}$")]
