"""The application: routes, errors in one shape, limits, and the built front end."""

from __future__ import annotations

from collections.abc import AsyncIterator, Collection
from contextlib import asynccontextmanager
from pathlib import Path
from typing import Any

import anyio.to_thread
from fastapi import Depends, FastAPI, Request
from fastapi.exceptions import RequestValidationError
from fastapi.responses import JSONResponse
from sqlalchemy import Engine
from sqlalchemy.exc import SQLAlchemyError
from starlette.exceptions import HTTPException
from starlette.middleware.gzip import GZipMiddleware
from starlette.responses import Response

from yonk.api.front_end import serve_front_end
from yonk.api.guard import HOSTS, Guard, too_large, too_large_words
from yonk.api.guild.config import Guild
from yonk.api.guild.open_routes import router as open_to_all
from yonk.api.guild.phone import router as phone
from yonk.api.guild.routes import router as guild_routes
from yonk.api.guild.together import router as together
from yonk.api.health import router as health
from yonk.api.language import Spoken
from yonk.api.language import router as language
from yonk.api.records import Records
from yonk.api.session import who_asks
from yonk.api.shelf.kept import block_out
from yonk.api.subjects import routers
from yonk.api.usual import router as usual
from yonk.api.wire import BlockOut, FaultOut, FaultsOut
from yonk.api.work import AT_ONCE, NobodyWaitsError, Works
from yonk.core.paper import FaultCode, Text, YonkError, message
from yonk.files.plain_words import in_plain_words
from yonk.store.blocks import OldRevisionError
from yonk.store.database import session_maker

THREADS = 200  # so that requests that wait for the database leave room for those that need none
STATUS: dict[FaultCode, int] = {
    "not-found": 404,
    "deleted": 410,
    "old-revision": 409,
    "not-signed-in": 401,
    "not-yours": 403,
    "too-often": 429,
    "busy": 503,
}
SMALL, PRESSED = 2000, 6  # bytes that are sent as they are; how hard the rest is pressed
# what HTTP itself refuses, under the codes that the rest of the answers have
CODES: dict[int, FaultCode] = {
    400: "bad-request",
    404: "not-found",
    405: "not-allowed",
    413: "too-large",
}


def create_app(
    engine: Engine | None,
    front_end: Path | None = None,
    guild: Guild | None = None,
    hosts: Collection[str] = HOSTS,
    heavy: int = AT_ONCE,
) -> FastAPI:
    """The application on a database; without one it can only tell its OpenAPI document.

    With a `guild` it has accounts, and answers only who is signed in; `hosts` are the names that it
    may be asked by, and it works out so many `heavy` plans at once.
    """
    app = FastAPI(
        title="Yonk",
        version="1",
        docs_url=None,
        redoc_url=None,
        openapi_url=None,
        lifespan=_lifespan,
    )
    app.state.sessions = session_maker(engine) if engine else None
    app.state.works = Works(heavy)
    app.state.guild = guild
    app.add_middleware(GZipMiddleware, minimum_size=SMALL, compresslevel=PRESSED)
    app.add_middleware(Guard, too_large=too_large, hosts=frozenset(hosts))
    app.add_middleware(Records)
    app.add_middleware(Spoken)
    app.include_router(health)
    app.include_router(open_to_all)
    for router in (*routers(), usual, language, guild_routes, together, phone):
        app.include_router(router, dependencies=[Depends(who_asks)])
    for fault, answer in (
        (YonkError, _fault_answer),
        (RequestValidationError, _bad_request),
        (UnicodeError, _bad_signs),
        (NobodyWaitsError, _nobody),
        (SQLAlchemyError, _database),
        (HTTPException, _other),
        (Exception, _unforeseen),
    ):
        app.add_exception_handler(fault, answer)
    if front_end:
        serve_front_end(app, front_end)
    return app


@asynccontextmanager
async def _lifespan(app: FastAPI) -> AsyncIterator[None]:
    anyio.to_thread.current_default_thread_limiter().total_tokens = THREADS
    app.state.works.prepare()
    yield
    app.state.works.end_all()


def _answer(
    status: int, code: Any, faults: list[FaultOut], theirs: BlockOut | None = None
) -> JSONResponse:
    return JSONResponse(
        FaultsOut(code=code, faults=faults, theirs=theirs).model_dump(mode="json"), status
    )


def _said(status: int, code: FaultCode, words: Text, place: str = "") -> JSONResponse:
    return _answer(status, code, [FaultOut(place=place, message=words)])


async def _fault_answer(_: Request, fault: Exception) -> Response:
    assert isinstance(fault, YonkError)
    faults = [FaultOut(place=one.place, message=one.message) for one in fault.faults]
    theirs = block_out(fault.theirs) if isinstance(fault, OldRevisionError) else None
    return _answer(STATUS.get(fault.code, 422), fault.code, faults, theirs)


async def _bad_request(_: Request, fault: Exception) -> Response:
    assert isinstance(fault, RequestValidationError)
    faults = [
        FaultOut(
            place=".".join(str(step) for step in error["loc"][1:]), message=in_plain_words(error)
        )
        for error in fault.errors()[:50]
    ]
    return _answer(422, "bad-request", faults)


async def _bad_signs(_: Request, fault: Exception) -> Response:
    return _said(422, "bad-request", message("a-text-holds-half-a-sign"))


async def _nobody(_: Request, fault: Exception) -> Response:
    return Response(status_code=499)


async def _database(_: Request, fault: Exception) -> Response:
    return _said(503, "database", message("the-database-does-not-answer"))


async def _other(request: Request, fault: Exception) -> Response:
    assert isinstance(fault, HTTPException)
    words = {
        404: message("nothing-at-this-address"),
        405: message("address-takes-no-such-request"),
        400: message("request-cannot-be-read"),
        413: too_large_words(request.url.path),
    }.get(fault.status_code) or str(fault.detail)
    return _said(fault.status_code, CODES.get(fault.status_code, "bad-request"), words)


async def _unforeseen(_: Request, fault: Exception) -> Response:
    return _said(
        500,
        "unforeseen",
        message("something-not-foreseen"),
    )
