"""Work for who is not signed in, apart from that for members: however many knock, members do not
wait.
"""

from __future__ import annotations

from collections.abc import Callable
from typing import ClassVar, TypeVar

import anyio
from anyio.lowlevel import current_token

from yonk.core.paper import FaultCode, ToldError, message

T = TypeVar("T")
STRANGERS_AT_ONCE = 3  # threads and connections that who is not signed in may take
MOST_WAITING = 24  # that wait for one; more are told to come again


class CrowdedError(ToldError):
    """Too many who are not signed in wait for an answer."""

    code: ClassVar[FaultCode] = "busy"
    text = message("too-many-sign-in")


_doors: dict[object, anyio.CapacityLimiter] = {}


async def in_bulkhead(work: Callable[[], T]) -> T:
    """Do something for who is not signed in. Raises `CrowdedError` where too many wait."""
    loop = current_token()
    door = _doors.setdefault(loop, anyio.CapacityLimiter(STRANGERS_AT_ONCE))
    if door.statistics().tasks_waiting >= MOST_WAITING:
        raise CrowdedError
    return await anyio.to_thread.run_sync(work, limiter=door)
