"""What is noted of every request: a line in the log and a count, under an id of its own; nothing
that tells who asked, or what for.
"""

from __future__ import annotations

import logging
import re
import time
import uuid
from contextvars import ContextVar
from typing import Any

from prometheus_client import Counter, Histogram
from pythonjsonlogger.json import JsonFormatter
from starlette.datastructures import Headers, MutableHeaders
from starlette.types import ASGIApp, Message, Receive, Scope, Send

from yonk.memory import look_if_due

HEADER = "X-Request-Id"
AN_ID = re.compile(r"[0-9A-Za-z-]{8,64}")
LOG = logging.getLogger("yonk.requests")
_NONE = "none"  # the route of what led nowhere

REQUESTS = Counter("yonk_requests_total", "Requests answered.", ["method", "route", "status"])
_SECONDS = Histogram("yonk_request_seconds", "How long a request took.", ["route"])

_request_id: ContextVar[str] = ContextVar("request_id", default="")


class Records:
    """Gives each request an id, and notes how it went."""

    def __init__(self, app: ASGIApp) -> None:
        self.app = app

    async def __call__(self, scope: Scope, receive: Receive, send: Send) -> None:
        if scope["type"] != "http":
            await self.app(scope, receive, send)
            return
        sent = Headers(scope=scope).get(HEADER, "")
        name = sent if AN_ID.fullmatch(sent) else uuid.uuid4().hex
        _request_id.set(name)
        started, status = time.perf_counter(), 0

        async def sending(message: Message) -> None:
            nonlocal status
            if message["type"] == "http.response.start":
                status = message["status"]
                MutableHeaders(scope=message)[HEADER] = name
            await send(message)

        try:
            await self.app(scope, receive, sending)
        finally:
            _note(scope, status, time.perf_counter() - started)
            look_if_due()


def _note(scope: Scope, status: int, seconds: float) -> None:
    route, method = getattr(scope.get("route"), "path", _NONE), scope["method"]
    method = method if method in ("GET", "HEAD", "POST", "PUT", "DELETE") else "other"
    REQUESTS.labels(method, route, str(status)).inc()
    _SECONDS.labels(route).observe(seconds)
    entry = {"method": method, "route": route, "status": status, "ms": round(1000 * seconds, 1)}
    LOG.info("answered", extra=entry)


class _WithId(logging.Filter):
    def filter(self, record: logging.LogRecord) -> bool:
        record.request_id = _request_id.get()
        return True


def log_as_json() -> None:
    """Have what is logged written as JSON, a line each, with the id of its request: of Yonk all, of
    the libraries warnings alone.
    """
    handler = logging.StreamHandler()
    names: dict[str, Any] = {"levelname": "level", "asctime": "time", "name": "logger"}
    form = "%(asctime)s %(levelname)s %(name)s %(message)s %(request_id)s"
    handler.setFormatter(JsonFormatter(form, rename_fields=names))
    handler.addFilter(_WithId())
    logging.basicConfig(level=logging.WARNING, handlers=[handler], force=True)
    logging.getLogger("yonk").setLevel(logging.INFO)
