"""HTTP with patience that ends: who opens a connection must have told what is asked within a time,
or it is closed; thousands of half-open ones would keep everybody else out.
"""

from __future__ import annotations

import asyncio
from typing import Any

from uvicorn.protocols.http.httptools_impl import HttpToolsProtocol

HEAD_SECONDS = 20.0  # within which the head of a request must have come


class PatientProtocol(HttpToolsProtocol):
    """Uvicorn's HTTP with a limit of time for the head of each request; its body has one in the
    app.
    """

    _waiting: asyncio.TimerHandle | None = None

    def connection_made(self, transport: Any) -> None:
        """A connection is opened."""
        super().connection_made(transport)
        self._wait()

    def data_received(self, data: bytes) -> None:
        """Some of a request comes; what comes after an answer begins to be waited for anew."""
        if self._waiting is None and self._between():
            self._wait()
        super().data_received(data)

    def on_headers_complete(self) -> None:
        """The head has come."""
        self._wait_no_more()
        super().on_headers_complete()

    def connection_lost(self, exc: Exception | None) -> None:
        """A connection is closed."""
        self._wait_no_more()
        super().connection_lost(exc)

    def _between(self) -> bool:
        cycle = getattr(self, "cycle", None)
        return cycle is None or cycle.response_complete

    def _wait(self) -> None:
        self._waiting = self.loop.call_later(HEAD_SECONDS, self._too_slow)

    def _wait_no_more(self) -> None:
        if self._waiting is not None:
            self._waiting.cancel()
            self._waiting = None

    def _too_slow(self) -> None:
        self._waiting = None
        if not self.transport.is_closing():
            self.transport.close()
