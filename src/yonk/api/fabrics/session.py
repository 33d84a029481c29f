"""The fabric shelf for one request."""

from __future__ import annotations

from sqlalchemy.orm import Session
from starlette.concurrency import run_in_threadpool

from yonk.api.fabrics.kept import all_of
from yonk.store import fabrics


async def shelf_of(db: Session) -> dict[str, fabrics.KeptFabric]:
    """The fabrics of the shelf by their ids, fetched beside other requests."""
    return await run_in_threadpool(lambda: all_of(fabrics.all_fabrics(db)))
