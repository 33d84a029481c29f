"""The fabric shelf for one request."""

from __future__ import annotations

from sqlalchemy.orm import Session
from starlette.concurrency import run_in_threadpool

from yonk.api.fabrics.kept import Shelf, all_of
from yonk.store import fabrics


def kept_shelf(db: Session) -> Shelf:
    """The fabrics of the shelf by their ids."""
    return all_of(fabrics.all_fabrics(db))


async def shelf_of(db: Session) -> Shelf:
    """The same, fetched beside other requests."""
    return await run_in_threadpool(kept_shelf, db)
