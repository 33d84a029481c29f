"""Starting and stopping the whole program."""

from __future__ import annotations

import contextlib
import json
import os
import signal
import socket
import sys
import threading
from collections.abc import Callable, Iterator
from pathlib import Path

import uvicorn
from prometheus_client import Gauge, start_http_server
from sqlalchemy import Engine
from sqlalchemy.exc import SQLAlchemyError

from yonk.api.app import create_app
from yonk.api.guild.config import Guild
from yonk.api.quilts.answers import quilt_contents as quilt_form
from yonk.api.records import log_as_json
from yonk.api.shelf.answers import block_contents
from yonk.api.work import Works
from yonk.files.block_file import write_block
from yonk.files.cloth_picture import picture_file
from yonk.files.seam_log_file import write_test
from yonk.machine.database_server import DatabaseServer, MachineError
from yonk.machine.drawn_cloth import INCHES, digest_of_cloth, drawn_cloth, in_drawn_cloth
from yonk.machine.measured_samples import NOTES, measured_samples, seam_test_samples
from yonk.machine.patient_http import PatientProtocol
from yonk.machine.quilt_samples import quilt_samples
from yonk.machine.samples import all_samples, sewn_samples, shelf_samples
from yonk.machine.settings import ServeSettings
from yonk.memory import look_between_requests
from yonk.store.block_log import Measured, keep_measured, put_note
from yonk.store.blocks import lay_out_once, once
from yonk.store.cloth_pictures import keep_picture
from yonk.store.database import (
    POOL,
    CutShortError,
    NewerSchemaError,
    migrate,
    open_engine,
    session_maker,
)
from yonk.store.fabrics import put_fabric
from yonk.store.models import now
from yonk.store.seam_log import put_test
from yonk.store.table import NewEntry, ThingChange, keep_entries

ROOT = Path(__file__).resolve().parents[3]
FRONT_END = ROOT / "frontend" / "dist"
HOST = "127.0.0.1"
USUAL_PORT = 8765  # taken by no common service
SAMPLES = "samples laid out"
SHELF_SAMPLES = "fabric shelf laid out"
SEEN_IN_CLOTH = "Gale Lantern"  # the sample whose fabrics have their pictures
SEAM_SAMPLES = "seam tests laid out"
QUILT_SAMPLES = "quilts laid out"


def data_folder() -> Path:
    """Where the database lives: YONK_DATA, or `.yonk` in the project."""
    return Path(os.environ.get("YONK_DATA", ROOT / ".yonk")).resolve()


@contextlib.contextmanager
def database(folder: Path) -> Iterator[Engine]:
    """The private database, up and migrated; ended again when it was started here."""
    server = DatabaseServer(folder / "mariadb")
    try:
        engine = open_engine(server.start().url)
        try:
            migrate(engine)
        except NewerSchemaError:
            raise MachineError(
                f"The blocks in {folder} were kept by a newer Yonk; start that one, or name "
                f"another folder in YONK_DATA."
            ) from None
        except CutShortError as fault:
            raise MachineError(str(fault)) from None
        yield engine
        engine.dispose()
    finally:
        server.stop()


def lay_out_samples(engine: Engine) -> None:
    """Put the samples on the shelf, once in the life of a database."""
    with session_maker(engine)() as session:
        drafts = [
            in_drawn_cloth(one) if one.name == SEEN_IN_CLOTH else one for one in all_samples()
        ]
        laid = lay_out_once(session, SAMPLES, lambda: [block_contents(draft) for draft in drafts])
        for draft, block_id in zip(drafts, laid, strict=False):
            changes = tuple(ThingChange(*one) for one in sewn_samples(draft))
            if changes:
                keep_entries(session, block_id, [NewEntry(SAMPLES, "sew", "", "", changes)])
            for what, size, expected in measured_samples(draft):
                one = Measured(what, size, expected)
                keep_measured(session, block_id, one, document=json.dumps(write_block(draft)))
            for kind, text in NOTES.get(draft.name, ()):
                put_note(session, block_id, kind, json.dumps({"text": text}))
        ids = {draft.name: one for draft, one in zip(drafts, laid, strict=False)}
        quilts = map(quilt_form, quilt_samples(ids))
        lay_out_once(session, QUILT_SAMPLES, lambda: quilts)
        if once(session, SEAM_SAMPLES):
            for sewn, test in seam_test_samples(now()):
                put_test(session, write_test(test, ""), sewn)
        if once(session, SHELF_SAMPLES):
            for name, known in shelf_samples():
                if content := drawn_cloth(name):
                    digest, side = digest_of_cloth(name), str(INCHES)
                    keep_picture(session, digest, content)
                    shown = {"file": picture_file(digest), "width": side, "height": side}
                    known["picture"] = shown
                put_fabric(session, name, json.dumps(known, ensure_ascii=False))


def run(*, samples: bool, port: int, say: Callable[[str], None]) -> None:
    """Run until Ctrl-C. Raises `MachineError` with one sentence when something is in the way."""
    _make_ready()
    listening = listen_on(port)
    try:
        with database(data_folder()) as engine:
            _go_on()
            if samples:
                lay_out_samples(engine)
            _go_on()
            app = create_app(engine, FRONT_END)
            server = _Server(
                uvicorn.Config(
                    app, log_level="warning", timeout_graceful_shutdown=1, http=PatientProtocol
                ),
                app.state.works,
            )
            look_between_requests()
            _go_on()
            say(f"Yonk is ready at http://{HOST}:{listening.getsockname()[1]}  (Ctrl-C ends it)")
            server.run(sockets=[listening])
    finally:
        listening.close()


def _make_ready() -> None:
    """Whether there is a screen; and that being told to end also ends the database."""
    if not (FRONT_END / "index.html").is_file():
        raise MachineError("The screen is not built yet; start Yonk with ./yonk, which builds it.")
    _told_to_end.clear()
    signal.signal(signal.SIGTERM, _end)


_told_to_end = threading.Event()


def _end(*_: object) -> None:
    """Ends the program. Raised where nothing can be raised, as while an object is taken away, it
    would be lost: so it is also kept, and asked for at each step of the start.
    """
    _told_to_end.set()
    sys.exit(0)


def _go_on() -> None:
    """Ends the program where it was told to while it was starting."""
    if _told_to_end.is_set():
        sys.exit(0)


def serve(settings: ServeSettings, say: Callable[[str], None]) -> None:
    """Serve several people until told to stop, and then finish what was begun. Raises
    `MachineError` with one sentence when something is in the way.
    """
    _make_ready()
    log_as_json()
    listening = listen_on(settings.port, settings.host, "YONK_PORT")
    with contextlib.closing(listening), shared_database(settings) as engine:
        _go_on()
        guild = Guild(settings.address, settings.post)
        app = create_app(engine, FRONT_END, guild, settings.hosts, settings.heavy)
        if settings.metrics_port:
            Gauge("yonk_pool_in_use", "Database connections in use.").set_function(
                lambda: engine.pool.checkedout()  # type: ignore[attr-defined]
            )
            try:
                start_http_server(settings.metrics_port, HOST)
            except OSError as fault:
                raise MachineError(
                    f"Port {settings.metrics_port} cannot be used ({fault.strerror}); end what "
                    "uses it, or choose another in YONK_METRICS_PORT."
                ) from None
        config = uvicorn.Config(
            app,
            http=PatientProtocol,
            log_config=None,
            log_level="warning",
            server_header=False,
            proxy_headers=bool(settings.proxies),
            forwarded_allow_ips=settings.proxies or None,
            timeout_graceful_shutdown=settings.stop_seconds,
        )
        look_between_requests()
        say(f"Yonk serves {settings.address} at {settings.host}:{settings.port}")
        _go_on()
        _Server(config, app.state.works, finish=True).run(sockets=[listening])


def opened(url: str, pool: int = POOL, *, cluster: bool = False) -> Engine:
    """A database by its address, migrated. Raises `MachineError`."""
    engine = open_engine(url, pool, cluster=cluster)
    try:
        migrate(engine)
    except NewerSchemaError:
        raise MachineError(
            "The blocks in this database were kept by a newer Yonk; start that one."
        ) from None
    except CutShortError as fault:
        raise MachineError(str(fault)) from None
    except SQLAlchemyError:
        raise MachineError(
            "The database that YONK_DATABASE names does not answer; look whether it runs, and "
            "whether user and password are right."
        ) from None
    return engine


@contextlib.contextmanager
def shared_database(settings: ServeSettings) -> Iterator[Engine]:
    """The database of a guild: the one that is told, or a private one beside it; migrated. Raises
    `MachineError`.
    """
    if settings.database is None:
        with database(data_folder()) as engine:
            yield engine
        return
    url = settings.database.get_secret_value()
    engine = opened(url, settings.pool, cluster=settings.cluster)
    yield engine
    engine.dispose()


@contextlib.contextmanager
def database_address(settings: ServeSettings) -> Iterator[str]:
    """Where the database is: the one that is told, the private one that runs, or that one started
    for as long. Raises `MachineError`.
    """
    if settings.database:
        yield settings.database.get_secret_value()
        return
    server = DatabaseServer(data_folder() / "mariadb")
    running = server.running()
    if running:
        yield running.url
        return
    try:
        yield server.start().url
    finally:
        server.stop()


class _Server(uvicorn.Server):
    """Ends heavy work first when it stops, so that no request is waited for that nobody will
    read; or lets it `finish`, where others wait for it.
    """

    def __init__(self, config: uvicorn.Config, works: Works, *, finish: bool = False) -> None:
        super().__init__(config)
        self.works, self.finish = works, finish

    async def shutdown(self, sockets: list[socket.socket] | None = None) -> None:
        self.works.draining = True
        if not self.finish:
            self.works.end_all()
        await super().shutdown(sockets)
        self.works.end_all()


def listen_on(port: int, host: str = HOST, field: str = "--port") -> socket.socket:
    """A socket on a port of loopback, or of another address of this machine; `field` is where it is
    told. Raises `MachineError` where another program has it.
    """
    listening = socket.socket(socket.AF_INET6 if ":" in host else socket.AF_INET)
    listening.setsockopt(socket.SOL_SOCKET, socket.SO_REUSEADDR, 1)
    # the head and the body of an answer are sent apart; else the body waits for the head's receipt
    listening.setsockopt(socket.IPPROTO_TCP, socket.TCP_NODELAY, 1)
    try:
        listening.bind((host, port))
    except OSError as fault:
        listening.close()
        raise MachineError(
            f"Port {port} cannot be used ({fault.strerror}); end what uses it, or choose another "
            f"{'with' if field.startswith('-') else 'in'} {field}."
        ) from None
    return listening
