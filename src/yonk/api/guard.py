"""What stands before every request: who may ask, how much may be sent, and the headers that go with
every answer.
"""

from __future__ import annotations

import asyncio
import time
from collections.abc import Callable
from urllib.parse import urlsplit

from starlette.datastructures import Headers, MutableHeaders
from starlette.exceptions import HTTPException
from starlette.responses import JSONResponse, Response
from starlette.types import ASGIApp, Message, Receive, Scope, Send

from yonk.api.wire import FaultOut, FaultsOut
from yonk.core.paper import FaultCode, Text, message
from yonk.files import log_file, photo, quilt_file, sheet_reading
from yonk.files.block_file import MOST_BLOCK_BYTES

ROOM_FOR_THE_REST = 100_000  # of a request around its document
HOSTS = frozenset({"127.0.0.1", "localhost", "::1"})
SAFE = {"GET", "HEAD", "OPTIONS"}
A_YEAR = 31_536_000  # files with a digest in their name never change
BODY_SECONDS = 20.0  # within which the next bit of what is sent must come
HEADERS = {
    "Content-Security-Policy": (
        "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data: blob:; "
        "font-src 'self'; connect-src 'self'; base-uri 'none'; form-action 'self'; "
        "frame-ancestors 'none'"
    ),
    "X-Content-Type-Options": "nosniff",
    "X-Frame-Options": "DENY",
    "Referrer-Policy": "no-referrer",
    "Cross-Origin-Opener-Policy": "same-origin",
    "Cross-Origin-Resource-Policy": "same-origin",
}


def most_bytes(path: str) -> int:
    """How much may be sent to an address."""
    if path == "/api/sheets/read":
        return sheet_reading.MOST_SCAN_BYTES
    if path.endswith("/photos"):
        return photo.MOST_PHOTO_BYTES
    if path.startswith(("/api/quilt", "/api/files/quilt")):
        return quilt_file.MOST_QUILT_BYTES
    return log_file.MOST_PARCEL_BYTES if path == "/api/blocks/import" else MOST_BLOCK_BYTES


def too_large_words(path: str) -> Text:
    """What is said of a request that is too large."""
    return message("request-is-too-large", most=most_bytes(path) // 1_000_000)


def too_large(path: str) -> Response:
    """The answer to a request that is too large."""
    return _refusal(413, "too-large", too_large_words(path))


def _refusal(status: int, code: FaultCode, words: Text) -> Response:
    body = FaultsOut(code=code, faults=[FaultOut(place="", message=words)])
    return JSONResponse(body.model_dump(mode="json"), status)


class _TooLargeError(HTTPException):
    """More came than may come; an `HTTPException`, since any other fault of a body counts as one of
    its JSON.
    """

    def __init__(self) -> None:
        super().__init__(413)


class _TooSlowError(HTTPException):
    """A body stopped coming."""

    def __init__(self) -> None:
        super().__init__(408)


class Guard:
    """Lets in who asks from this machine's own pages, counts what comes as it comes, and puts
    headers on every answer.

    A page of a foreign site can make a browser ask any address of this machine, under a name of its
    own: so the name that is asked for must be this machine's, and what changes something must come
    from Yonk's own pages.
    """

    def __init__(
        self,
        app: ASGIApp,
        too_large: Callable[[str], Response],
        hosts: frozenset[str] = HOSTS,
    ) -> None:
        self.app, self.too_large, self.hosts = app, too_large, hosts

    async def __call__(self, scope: Scope, receive: Receive, send: Send) -> None:
        if scope["type"] != "http":
            await self.app(scope, receive, send)
            return
        started, headers, answering = time.perf_counter(), Headers(scope=scope), False
        path = scope["path"]
        most = most_bytes(path) + ROOM_FOR_THE_REST

        async def sending(message: Message) -> None:
            nonlocal answering
            if message["type"] == "http.response.start":
                answering = True
                _dress(MutableHeaders(scope=message), path, time.perf_counter() - started)
            await send(message)

        refusal = _foreign(scope["method"], headers, self.hosts)
        length = headers.get("content-length", "0")
        if not refusal and (not length.isdigit() or int(length) > most):
            refusal = self.too_large(path)
        try:
            await (refusal or self.app)(scope, _counted(receive, most), sending)
        except _TooLargeError:
            refusal = self.too_large(path)
        except _TooSlowError:
            refusal = _refusal(408, "too-much", message("it-came-too-slowly"))
        else:
            return
        if not answering:
            await refusal(scope, receive, sending)


def _counted(receive: Receive, most: int) -> Receive:
    """What comes of a request, no more than it may be and not too slowly."""
    came, whole = 0, False

    async def receiving() -> Message:
        nonlocal came, whole
        if whole:
            return await receive()  # only that the browser has gone may still come
        try:
            part = await asyncio.wait_for(receive(), BODY_SECONDS)
        except TimeoutError:
            raise _TooSlowError from None
        whole = not part.get("more_body", False)
        came += len(part.get("body", b""))
        if came > most:
            raise _TooLargeError
        return part

    return receiving


def _foreign(method: str, headers: Headers, hosts: frozenset[str]) -> Response | None:
    """A refusal for who asks under a foreign name or from a foreign page."""
    host = headers.get("host", "")
    if _name(f"//{host}") not in hosts:
        return _refusal(403, "foreign", message("only-at-its-own-addresses"))
    origin = headers.get("origin")
    if method not in SAFE and origin is not None and urlsplit(origin).netloc != host:
        return _refusal(403, "foreign", message("only-from-its-own-pages"))
    if headers.get("sec-fetch-site") == "cross-site" and method not in SAFE:
        return _refusal(403, "foreign", message("only-from-its-own-pages"))
    return None


def _name(address: str) -> str:
    try:
        return urlsplit(address).hostname or ""
    except ValueError:
        return ""


def _dress(headers: MutableHeaders, path: str, taken: float) -> None:
    headers["Server-Timing"] = f"app;dur={1000 * taken:.1f}"
    for name, value in HEADERS.items():
        headers[name] = value
    if path.startswith("/api/"):
        headers.setdefault("Cache-Control", "no-store")
    elif path.startswith("/assets/"):
        headers["Cache-Control"] = f"public, max-age={A_YEAR}, immutable"
