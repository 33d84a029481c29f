"""A database session for one request, and how a block is named in an address."""

from __future__ import annotations

from collections.abc import Iterator
from typing import Annotated

from fastapi import Depends, Path, Request
from sqlalchemy.orm import Session


def session_of(request: Request) -> Iterator[Session]:
    """A session for one request."""
    with request.app.state.sessions() as session:
        yield session


Db = Annotated[Session, Depends(session_of)]


BlockId = Annotated[str, Path(pattern="^[0-9a-z]{1,32}$")]
