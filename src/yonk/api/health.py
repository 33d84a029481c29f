"""Whether this server lives, and whether it can be sent requests."""

from __future__ import annotations

from fastapi import APIRouter, Request, Response
from sqlalchemy import text
from sqlalchemy.exc import SQLAlchemyError
from starlette.concurrency import run_in_threadpool

from yonk.store.database import is_up_to_date

router = APIRouter()
WSREP = text("SHOW STATUS LIKE 'wsrep_ready'")


@router.get("/live", include_in_schema=False)
async def live() -> Response:
    """It lives as long as it answers."""
    return Response("lives\n", media_type="text/plain")


@router.get("/ready", include_in_schema=False)
async def ready(request: Request) -> Response:
    """Whether it can be sent requests: it is not stopping, and its database answers, is part of its
    cluster and has the tables that this program knows.
    """
    said = "stopping" if request.app.state.works.draining else ""
    said = said or await run_in_threadpool(_database_says, request)
    return Response(f"{said or 'ready'}\n", 503 if said else 200, media_type="text/plain")


def _database_says(request: Request) -> str:
    try:
        with request.app.state.sessions() as session:
            state = session.execute(WSREP).first()
            clustered = session.execute(text("SELECT @@wsrep_on")).scalar()
            if clustered and (state is None or state[1] != "ON"):
                return "the database is cut off from its cluster"
            return "" if is_up_to_date(session) else "the tables are of another version"
    except SQLAlchemyError:
        return "the database does not answer"
