"""Work on a draft: at once where it is light, in a process of its own where it is heavy.

A heavy piece of work has a limit of time and of memory, and is ended when nobody waits for it any
more: when the browser has gone, has asked anew, or the program stops.
"""

from __future__ import annotations

import asyncio
import multiprocessing
import resource
import time
from base64 import b64encode
from collections.abc import Callable
from contextlib import suppress
from importlib import import_module
from multiprocessing.connection import Connection
from multiprocessing.forkserver import ensure_running
from multiprocessing.process import BaseProcess
from typing import Annotated, Any

from fastapi import Depends, Request
from prometheus_client import Histogram
from starlette.concurrency import run_in_threadpool
from starlette.responses import Response

from yonk.api.subjects import worked_out_by
from yonk.api.wire import PagesOut, as_bytes, as_json
from yonk.core.drawing import work_in
from yonk.core.paper import MessageError, YonkError, message
from yonk.core.planning import seconds_planned
from yonk.files.block_file import take_block
from yonk.files.download import File
from yonk.files.page_pictures import picture_pages
from yonk.memory import look_seldom
from yonk.words import Language, language_now, speaking

LIGHT_PAIRS = 40_000  # as `work_in` counts: a plan of as many takes about as long as a blink
BLINK = 0.2  # seconds
LIGHT_BYTES = 200_000  # a document that is longer is heavy whatever is drawn in it
FEW_PLACES = 40  # of a quilt, whose top is sewn in about a blink
_SECONDS = 60  # longer than the largest drawing takes; who waits longer is told
BYTES = 4 * 2**30  # address space; heavy work that takes more has gone astray
AT_ONCE = 2  # one is left over for light work on a machine of few cores
LOOK_AGAIN = 0.02  # sooner than a hand notices, seldom enough to cost nothing
PLANS = Histogram("yonk_plan_seconds", "How long plans took to work out.", ["weight"])
LOADED = "yonk.api.loaded"  # what every answer needs
CONTEXT = multiprocessing.get_context("forkserver")


class TooMuchWorkError(MessageError):
    """A piece of work took longer, or more memory, than it may, and what would mend it."""

    code = "too-much"


class NobodyWaitsError(RuntimeError):
    """The one who asked has gone."""


class Works:
    """The heavy work of one program: what is worked on, so many at once, and whether it stops."""

    def __init__(self, at_once: int = AT_ONCE) -> None:
        self.running: set[BaseProcess] = set()
        self.turns = asyncio.Semaphore(at_once)
        self.stopping = False
        self.draining = False  # what is begun is finished, and nothing more is to be sent here

    def prepare(self) -> None:
        """Have the process ready that heavy work starts from, with everything it needs loaded, and
        this one as well.
        """
        import_module(LOADED)
        CONTEXT.set_forkserver_preload([LOADED, *worked_out_by()])
        ensure_running()  # now, since what it loads takes longer than a blink

    def end_all(self) -> None:
        """End whatever still works, and begin nothing more: the program stops."""
        self.stopping = True
        for process in tuple(self.running):
            process.kill()


class Worker:
    """Carries out the work of one request."""

    def __init__(self, request: Request) -> None:
        self.request = request
        self.works: Works = request.app.state.works

    async def on_draft(
        self, document: dict[str, Any], work: Callable[..., Any], *given: Any
    ) -> Any:
        """What `work` makes of what is given, which is as heavy as the document's drawing."""
        return await self._weighed(_is_light, document, work, given)

    async def on_quilt(
        self, document: dict[str, Any], work: Callable[..., Any], *given: Any
    ) -> Any:
        """What `work` makes of a quilt, which is as heavy as the drawings of its blocks."""
        return await self._weighed(_are_light, document, work, given)

    async def on_top(self, document: dict[str, Any], work: Callable[..., Any], *given: Any) -> Any:
        """What `work` makes of a whole quilt top, patch by patch, which is as heavy as its blocks
        and as they are many.
        """
        if _has_few_places(document):
            return await self._weighed(_are_light, document, work, given)
        return await self._do(False, work, given)

    async def on_text(self, text: bytes, work: Callable[..., Any], *given: Any) -> Any:
        """What `work` makes of a file, which is as heavy as it is long."""
        return await self._do(len(text) <= LIGHT_BYTES, work, (text, *given))

    async def heavy(self, work: Callable[..., Any], *given: Any) -> Any:
        """What `work` makes of what is given, in a process of its own whatever it is."""
        return await self._do(False, work, given)

    async def file(self, document: dict[str, Any], work: Callable[..., File], *given: Any) -> File:
        """The file that `work` makes."""
        blocks = "blocks" in document
        made: File = await (self.on_top if blocks else self.on_draft)(document, work, *given)
        return made

    async def pages(self, work: Callable[..., File], *given: Any) -> Response:
        """The pages of the PDF that `work` makes, to be looked at."""
        return as_json(await self.heavy(_pictured, work, *given))

    async def _weighed(
        self,
        is_light: Callable[[dict[str, Any]], bool],
        document: dict[str, Any],
        work: Callable[..., Any],
        given: tuple[Any, ...],
    ) -> Any:
        def at_once() -> Any:
            """What comes of it where it is light, else nothing: one way to a thread, not two."""
            if not is_light(document):
                return None
            with PLANS.labels("light").time():
                return work(*given)

        answer = await run_in_threadpool(at_once)
        return await self._do(False, work, given) if answer is None else answer

    async def _do(self, light: bool, work: Callable[..., Any], given: tuple[Any, ...]) -> Any:
        weight = "light" if light else "heavy"
        with PLANS.labels(weight).time():
            return await (run_in_threadpool(work, *given) if light else self._in_turn(work, given))

    async def _in_turn(self, work: Callable[..., Any], given: tuple[Any, ...]) -> Any:
        try:
            async with self.works.turns:
                return await self._in_a_process(work, given)
        except asyncio.CancelledError:
            if self.works.stopping:
                raise NobodyWaitsError from None
            raise

    async def _in_a_process(self, work: Callable[..., Any], given: tuple[Any, ...]) -> Any:
        if self.works.stopping:
            raise NobodyWaitsError
        mine, theirs = CONTEXT.Pipe(duplex=False)
        process = CONTEXT.Process(
            target=_carry_out, args=(theirs, language_now(), work, given), daemon=True
        )
        await run_in_threadpool(process.start)
        theirs.close()
        self.works.running.add(process)
        try:
            await self._until(mine, process)
            answer, fault = await run_in_threadpool(_received, mine)
        finally:
            process.kill()
            await run_in_threadpool(process.join, 1)
            self.works.running.discard(process)
            mine.close()
        if isinstance(fault, MemoryError):
            raise TooMuchWorkError(message("work-takes-too-much-memory"))
        if fault is not None:
            raise fault
        return answer

    async def _until(self, answer: Connection, process: BaseProcess) -> None:
        """Waits for an answer; raises where none will come."""
        end = time.monotonic() + _SECONDS
        while not answer.poll() or self.works.stopping:
            if self.works.stopping or await self.request.is_disconnected():
                raise NobodyWaitsError
            if time.monotonic() > end:
                raise TooMuchWorkError(message("work-takes-too-long", seconds=_SECONDS))
            await asyncio.sleep(LOOK_AGAIN)


def _is_light(document: dict[str, Any]) -> bool:
    """Whether a plan of a document is made in about a blink, as far as its seams tell or because it
    just was; what is no sound document is refused in as little.
    """
    if len(document.get("seams") or ()) < 64:
        return True
    try:
        draft = take_block(document)
        known = seconds_planned(draft)
        return (known is not None and known < BLINK) or work_in(draft.seams) <= LIGHT_PAIRS
    except YonkError:
        return True


def _are_light(quilt: dict[str, Any]) -> bool:
    """Whether each block of a quilt's document is planned in about a blink."""
    blocks = quilt.get("blocks")
    known = blocks if isinstance(blocks, list) else []
    found = [one.get("block") for one in known if isinstance(one, dict)]
    return all(_is_light(one) for one in found if isinstance(one, dict))


def _has_few_places(quilt: dict[str, Any]) -> bool:
    setting = quilt.get("setting")
    sides = [setting.get(name) for name in ("columns", "rows")] if isinstance(setting, dict) else []
    whole = [side for side in sides if isinstance(side, int)]
    return len(whole) < 2 or whole[0] * whole[1] <= FEW_PLACES


def _pictured(work: Callable[..., File], *given: Any) -> bytes:
    pages = picture_pages(work(*given).content)
    pictures = [b64encode(one).decode() for one in pages.pictures]
    return as_bytes(PagesOut(count=pages.count, pictures=pictures))


def _received(connection: Connection) -> tuple[Any, BaseException | None]:
    try:
        answer: tuple[Any, BaseException | None] = connection.recv()
    except EOFError:  # the process was ended, most likely for want of memory
        return None, MemoryError()
    return answer


def _carry_out(
    connection: Connection, language: Language, work: Callable[..., Any], given: tuple[Any, ...]
) -> None:
    """In the process of its own, in the language of the one who asks."""
    look_seldom()
    resource.setrlimit(resource.RLIMIT_AS, (BYTES, BYTES))
    resource.setrlimit(resource.RLIMIT_CPU, (_SECONDS + 5, _SECONDS + 5))
    try:
        with speaking(language):
            answer: tuple[Any, BaseException | None] = work(*given), None
    except Exception as fault:
        answer = None, fault
    with suppress(OSError):
        connection.send(answer)


def _worker(request: Request) -> Worker:
    return Worker(request)


WorkerGiven = Annotated[Worker, Depends(_worker)]
