"""The application: routes, errors in one shape, limits, and the built front end."""

from __future__ import annotations

import time
from pathlib import Path
from typing import Any

from fastapi import FastAPI, Request
from fastapi.exceptions import RequestValidationError
from fastapi.responses import FileResponse, JSONResponse
from fastapi.staticfiles import StaticFiles
from sqlalchemy import Engine
from sqlalchemy.exc import DBAPIError, SQLAlchemyError
from starlette.datastructures import Headers, MutableHeaders
from starlette.responses import Response
from starlette.types import ASGIApp, Message, Receive, Scope, Send

from yonk.api.cut_routes import router as cut_router
from yonk.api.recipe_routes import router as recipe_router
from yonk.api.routes import block_out, router
from yonk.api.schemas import BlockOut, FaultOut, FaultsOut
from yonk.core.draft import DraftError
from yonk.files.block_file import MOST_BYTES, BadFileError
from yonk.store.blocks import NoSuchBlockError, OldRevisionError
from yonk.store.database import session_maker
from yonk.store.fabrics import NoSuchFabricError, OldFabricError

ROOM_FOR_THE_REST = 100_000  # of a request around its document


def create_app(engine: Engine | None, front_end: Path | None = None) -> FastAPI:
    """The application on a database; without one it can only tell its OpenAPI document."""
    app = FastAPI(title="Yonk", version="1", docs_url=None, redoc_url=None)
    app.state.sessions = session_maker(engine) if engine else None
    app.add_middleware(LimitSize)
    app.include_router(router)
    app.include_router(recipe_router)
    app.include_router(cut_router)
    for fault, answer in (
        (BadFileError, _bad_file),
        (DraftError, _bad_draft),
        (RequestValidationError, _bad_request),
        (NoSuchBlockError, _no_block),
        (OldRevisionError, _old_revision),
        (NoSuchFabricError, _no_fabric),
        (OldFabricError, _old_fabric),
        (SQLAlchemyError, _database),
    ):
        app.add_exception_handler(fault, answer)
    if front_end:
        _serve(app, front_end)
    return app


def _answer(status: int, code: Any, faults: list[FaultOut], theirs: BlockOut | None = None) -> JSONResponse:
    return JSONResponse(FaultsOut(code=code, faults=faults, theirs=theirs).model_dump(mode="json"), status)


class LimitSize:
    """Refuses a request that is too large before it is read, and tells in a header how long an answer took."""

    def __init__(self, app: ASGIApp) -> None:
        self.app = app

    async def __call__(self, scope: Scope, receive: Receive, send: Send) -> None:
        if scope["type"] != "http":
            await self.app(scope, receive, send)
            return
        started = time.perf_counter()
        length = Headers(scope=scope).get("content-length", "0")
        if not length.isdigit() or int(length) > MOST_BYTES + ROOM_FOR_THE_REST:
            fault = FaultOut(place="", message="This is larger than 2 MB, the most there can be.")
            await _answer(413, "too-large", [fault])(scope, receive, send)
            return

        async def timed(message: Message) -> None:
            if message["type"] == "http.response.start":
                taken = 1000 * (time.perf_counter() - started)
                MutableHeaders(scope=message)["Server-Timing"] = f"app;dur={taken:.1f}"
            await send(message)

        await self.app(scope, receive, timed)


async def _bad_file(_: Request, fault: Exception) -> Response:
    assert isinstance(fault, BadFileError)
    faults = [FaultOut(place=one.place, message=one.message) for one in fault.faults]
    return _answer(422, "bad-document", faults)


async def _bad_draft(_: Request, fault: Exception) -> Response:
    assert isinstance(fault, DraftError)
    return _answer(422, "bad-request", [FaultOut(place=fault.place, message=fault.message)])


async def _bad_request(_: Request, fault: Exception) -> Response:
    assert isinstance(fault, RequestValidationError)
    faults = [
        FaultOut(place=".".join(str(step) for step in error["loc"][1:]), message=str(error["msg"]))
        for error in fault.errors()
    ]
    return _answer(422, "bad-request", faults)


async def _no_block(_: Request, fault: Exception) -> Response:
    return _answer(404, "not-found", [FaultOut(place="", message="This block is not on the shelf any more.")])


async def _no_fabric(_: Request, fault: Exception) -> Response:
    return _answer(404, "not-found", [FaultOut(place="", message="This fabric is not on the shelf any more.")])


async def _old_fabric(_: Request, fault: Exception) -> Response:
    words = "This fabric was changed elsewhere meanwhile; open it again to see how it is now."
    return _answer(409, "old-revision", [FaultOut(place="", message=words)])


async def _old_revision(_: Request, fault: Exception) -> Response:
    assert isinstance(fault, OldRevisionError)
    message = "This block was saved from another window meanwhile. Both versions are kept."
    return _answer(409, "old-revision", [FaultOut(place="revision", message=message)], block_out(fault.theirs))


async def _database(_: Request, fault: Exception) -> Response:
    what = "does not answer" if isinstance(fault, DBAPIError) and fault.connection_invalidated else "could not do this"
    message = f"The database {what}; nothing was saved. Your draft waits in the browser and is saved when it is back."
    return _answer(503, "database", [FaultOut(place="", message=message)])


def _serve(app: FastAPI, front_end: Path) -> None:
    app.mount("/assets", StaticFiles(directory=front_end / "assets"), name="assets")

    @app.get("/{path:path}", include_in_schema=False)
    def page(path: str) -> Response:
        if path.startswith("api/"):
            return _answer(404, "not-found", [FaultOut(place=path, message="There is nothing at this address.")])
        file = (front_end / path).resolve()
        if path and file.is_file() and file.is_relative_to(front_end.resolve()):
            return FileResponse(file)
        return FileResponse(front_end / "index.html", headers={"Cache-Control": "no-cache"})
