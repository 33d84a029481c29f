"""What all tests share: hypothesis without a clock, a real MariaDB, the running program."""

from __future__ import annotations

import os
import subprocess
import sys
import threading
import time
from collections.abc import Iterator

import pytest
import uvicorn
from fastapi.testclient import TestClient
from hypothesis import settings
from sqlalchemy import Engine, text

from yonk.api.app import create_app
from yonk.api.guild.config import Guild
from yonk.machine.serve import FRONT_END, database
from yonk.store.models import Base

# What the tests start dies with them, also where they are broken off: a watcher, which notices when
# its pipe is closed, ends every process that has this mark in its environment.
RUN = f"{os.getpid()}-{time.time_ns()}"
os.environ["YONK_TEST_RUN"] = RUN
WATCHER = """
import os, signal, sys, time
sys.stdin.read()
mark = f"YONK_TEST_RUN={sys.argv[1]}".encode()
for wait, which in ((0, signal.SIGTERM), (5, signal.SIGKILL)):
    time.sleep(wait)
    for name in filter(str.isdigit, os.listdir("/proc")):
        try:
            told = open(f"/proc/{name}/environ", "rb").read().split(bytes(1))
            if mark in told and int(name) != os.getpid():
                os.kill(int(name), which)
        except OSError:
            pass
"""
_watched = subprocess.Popen(
    [sys.executable, "-c", WATCHER, RUN],
    stdin=subprocess.PIPE,
    stdout=subprocess.DEVNULL,
    stderr=subprocess.DEVNULL,
    start_new_session=True,
)

# The usual run draws the same examples each time, so that a red one is due to the change that it
# follows; the long run draws others each time, and finds what nobody thought of.
settings.register_profile("usual", deadline=None, derandomize=True)
settings.register_profile("long", deadline=None, max_examples=500)
settings.load_profile("long" if os.environ.get("YONK_LONG") == "1" else "usual")


@pytest.fixture(scope="session")
def long_run() -> bool:
    """Whether the tests that draw at random take their time: with YONK_LONG=1."""
    return os.environ.get("YONK_LONG") == "1"


@pytest.fixture(scope="session")
def engine(tmp_path_factory: pytest.TempPathFactory) -> Iterator[Engine]:
    """A MariaDB of the tests' own, migrated."""
    with database(tmp_path_factory.mktemp("yonk")) as found:
        yield found


@pytest.fixture
def empty(engine: Engine) -> Engine:
    """The database with nothing in it."""
    with engine.begin() as connection:
        for table in Base.metadata.tables:
            connection.execute(text(f"DELETE FROM {table}"))
    return engine


@pytest.fixture
def web(empty: Engine) -> Iterator[TestClient]:
    """The API on an empty database."""
    with TestClient(create_app(empty, FRONT_END), base_url="http://127.0.0.1") as client:
        yield client


class Running:
    """The program on a port of its own, to be stopped and started again."""

    def __init__(self, engine: Engine, guild: Guild | None = None) -> None:
        self.engine, self.guild = engine, guild
        self.port = 0
        self.start()

    @property
    def url(self) -> str:
        return f"http://127.0.0.1:{self.port}"

    def start(self) -> None:
        config = uvicorn.Config(
            create_app(self.engine, FRONT_END, self.guild),
            port=self.port,
            log_level="warning",
            timeout_graceful_shutdown=1,
        )
        self.server = uvicorn.Server(config)
        self.thread = threading.Thread(target=self.server.run, daemon=True)
        self.thread.start()
        while not self.server.started:
            time.sleep(0.01)
        self.port = self.server.servers[0].sockets[0].getsockname()[1]

    def stop(self) -> None:
        self.server.should_exit = True
        self.thread.join()


@pytest.fixture
def running(empty: Engine) -> Iterator[Running]:
    """The program running on an empty database."""
    program = Running(empty)
    yield program
    program.stop()
