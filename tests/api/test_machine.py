"""The private database and what can go wrong on a machine: each mended, or told in one sentence."""

from __future__ import annotations

import json
import os
import random
import signal
import subprocess
import sys
import threading
import time
from collections.abc import Callable, Iterator
from contextlib import suppress
from pathlib import Path

import httpx
import pytest
from fastapi.testclient import TestClient
from sqlalchemy import Engine, event, inspect, text

from yonk.api.app import create_app
from yonk.files.block_file import write_block
from yonk.machine.database_server import DatabaseServer, MachineError
from yonk.machine.samples import all_samples
from yonk.machine.serve import database, listen_on
from yonk.store.database import migrate, open_engine

WEIR_GATE = write_block(next(draft for draft in all_samples() if draft.name == "Weir Gate"))
ROOT = Path(__file__).resolve().parents[2]


def until(true: Callable[[], bool], seconds: float = 30) -> None:
    end = time.monotonic() + seconds
    while not true():
        assert time.monotonic() < end, "it did not come about"
        time.sleep(0.02)


@pytest.fixture
def server(tmp_path: Path) -> Iterator[DatabaseServer]:
    found = DatabaseServer(tmp_path)
    yield found
    found.stop()


def test_a_database_that_is_gone_is_said_in_one_sentence(server: DatabaseServer) -> None:
    engine = open_engine(server.start().url)
    migrate(engine)
    with TestClient(create_app(engine), base_url="http://127.0.0.1") as client:
        assert client.get("/api/blocks").json()["blocks"] == []
        server.stop()
        answer = client.get("/api/blocks")
        assert answer.status_code == 503
        assert (
            answer.json()["code"] == "database"
            and "not sure" in answer.json()["faults"][0]["message"]
        )
        drawn = client.post("/api/draft", json={"document": WEIR_GATE})
        assert drawn.status_code == 200, "drafting needs no database"


def test_a_folder_belongs_to_one_program_at_a_time(server: DatabaseServer, tmp_path: Path) -> None:
    access = server.start()
    with pytest.raises(MachineError, match="running already"):
        DatabaseServer(tmp_path).start()
    assert access.answers()
    server.stop()
    assert not access.answers()
    again = server.start()
    assert again.answers()


def test_a_database_that_ends_of_itself_is_started_again(server: DatabaseServer) -> None:
    access = server.start()
    process = json.loads((server.folder / "running.json").read_text())["server"]
    os.kill(process, signal.SIGKILL)
    until(lambda: not access.answers())
    until(access.answers)


class KilledError(Exception):
    """The program is no more."""


def tables_of(engine: Engine) -> dict[str, tuple[set[str], set[str]]]:
    found = inspect(engine)
    return {
        name: (
            {column["name"] for column in found.get_columns(name)},
            {str(index["name"]) for index in found.get_indexes(name)},
        )
        for name in found.get_table_names()
    }


def test_tables_laid_out_half_are_mended_wherever_it_was_killed(
    server: DatabaseServer, long_run: bool
) -> None:
    """At every seventh step in the usual run, at each in the long one."""
    engine = open_engine(server.start().url)
    left = 0

    def kill(*_: object) -> None:
        nonlocal left
        left -= 1
        if left == 0:
            raise KilledError

    def changing(connection: object, cursor: object, statement: str, *_: object) -> None:
        if statement.lstrip().startswith(("CREATE", "ALTER", "UPDATE", "INSERT")):
            kill()

    event.listen(engine, "after_cursor_execute", changing)
    migrate(engine)
    whole, steps = tables_of(engine), -left
    for step in range(1, steps + 1, 1 if long_run else 7):
        with engine.begin() as connection:
            for name in whole:
                connection.execute(text(f"DROP TABLE {name}"))
        left = step
        with pytest.raises(KilledError):
            migrate(engine)
        left = 0
        migrate(engine)
        assert tables_of(engine) == whole
    assert steps > 10


def test_what_was_measured_before_is_of_the_first_trial_block(server: DatabaseServer) -> None:
    """Sizes of a block that knew of no trial blocks; and a card that was kept in words."""
    engine = open_engine(server.start().url)
    migrate(engine)
    before = (
        "DROP TABLE trial_block",
        "ALTER TABLE measured DROP PRIMARY KEY, DROP COLUMN trial, MODIFY what VARCHAR(64),"
        " ADD PRIMARY KEY (block_id, what)",
        "UPDATE alembic_version SET version_num = '0013'",
        "INSERT INTO block (id, owner, kind, name, document, card, revision, created, changed)"
        " VALUES ('one', '', 'block', 'Gate', '{}', '{\"finished\": \"9\"}', 3, NOW(), NOW())",
        "INSERT INTO measured (block_id, what, size, expected, changed)"
        " VALUES ('one', 'row:1', '75/8', '9.5000', NOW()), ('one', 'unit:1', '7/2', '3.5', NOW())",
    )
    with engine.begin() as connection:
        for statement in before:
            connection.exec_driver_sql(statement)
    migrate(engine)
    with engine.begin() as connection:
        sizes = connection.execute(text("SELECT trial, what, size FROM measured ORDER BY what"))
        assert [tuple(row) for row in sizes] == [(1, "row:1", "75/8"), (1, "unit:1", "7/2")]
        trial = connection.execute(
            text("SELECT block_id, number, document, looks FROM trial_block")
        )
        assert [tuple(row) for row in trial] == [("one", 1, "{}", "")]
        assert connection.execute(text("SELECT card FROM block")).scalar() is None


def test_a_database_left_behind_by_a_killed_program_is_taken_over(tmp_path: Path) -> None:
    left = (
        "import sys, os; from pathlib import Path; from yonk.machine.database_server import "
        "DatabaseServer"
    )
    run = f"{left}; DatabaseServer(Path(sys.argv[1])).start(); os.kill(os.getpid(), 9)"
    subprocess.run([sys.executable, "-c", run, str(tmp_path)], check=False)
    heir = DatabaseServer(tmp_path)
    access = heir.start()
    assert access.answers() and heir.started_here
    heir.stop()
    assert not access.answers()


def test_a_layout_that_was_killed_half_way_is_laid_out_anew(
    server: DatabaseServer, tmp_path: Path
) -> None:
    (tmp_path / "data.new" / "mysql").mkdir(parents=True)
    (tmp_path / "data").mkdir()
    assert server.start().answers()


def test_a_database_that_starts_leaves_the_temporary_tables_of_another_alone(
    server: DatabaseServer, tmp_path: Path
) -> None:
    other = DatabaseServer(tmp_path / "other")
    with open_engine(server.start().url).connect() as first:
        first.execute(text("CREATE TEMPORARY TABLE kept (one INT) ENGINE=Aria"))
        place = Path(first.scalar(text("SELECT @@tmpdir")) or "")
        before = {*place.glob("#sql*")}
        assert place == tmp_path / "temporary" and before
        other.start()
        other.stop()
        assert {*place.glob("#sql*")} == before
        first.execute(text("INSERT INTO kept VALUES (1)"))
        assert first.scalar(text("SELECT one FROM kept")) == 1


def test_blocks_of_a_newer_program_are_told_as_such(tmp_path: Path) -> None:
    with database(tmp_path) as engine, engine.begin() as connection:
        connection.execute(text("UPDATE alembic_version SET version_num = '9999'"))
    with pytest.raises(MachineError, match="newer Yonk"), database(tmp_path):
        pass


def test_of_two_starts_at_once_one_runs_and_the_other_is_told(tmp_path: Path) -> None:
    start = (
        "import sys, time; from pathlib import Path; from yonk.machine.database_server import *\n"
    )
    start += (
        "try:\n    server = DatabaseServer(Path(sys.argv[1])); server.start(); print('runs', "
        "flush=True); sys.stdin.read(); server.stop()\n"
    )
    start += "except MachineError as told:\n    print(told, flush=True)"
    command = [sys.executable, "-c", start, str(tmp_path)]
    both = [
        subprocess.Popen(command, stdin=subprocess.PIPE, stdout=subprocess.PIPE, text=True)
        for _ in range(2)
    ]
    said = sorted(one.stdout.readline().strip() for one in both if one.stdout)
    for one in both:
        one.communicate()
    assert said[1] == "runs" and "running already" in said[0]


def test_what_is_in_the_way_is_one_sentence(
    tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    taken = listen_on(0)
    taken.listen()
    with pytest.raises(MachineError, match=r"Port .* cannot be used"):
        listen_on(taken.getsockname()[1])
    taken.close()
    (tmp_path / "file").write_text("")
    with pytest.raises(MachineError, match="cannot be written"):
        DatabaseServer(tmp_path / "file").start()
    monkeypatch.setattr("yonk.machine.database_server.LEAST_FREE", 2**70)
    with pytest.raises(MachineError, match="is full"):
        DatabaseServer(tmp_path).start()


def test_a_database_takes_room_only_when_it_is_laid_out(
    tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    monkeypatch.setattr("yonk.machine.database_server.LEAST_ROOM", 2**70)
    with pytest.raises(MachineError, match="too little room"):
        DatabaseServer(tmp_path).start()
    monkeypatch.undo()
    server = DatabaseServer(tmp_path)
    server.start()
    server.stop()
    monkeypatch.setattr("yonk.machine.database_server.LEAST_ROOM", 2**70)
    server.start()
    server.stop()


def test_being_told_to_end_ends_all_of_it_soon_also_heavy_work(tmp_path: Path) -> None:
    command = [sys.executable, "-m", "yonk", "start", "--port", "0"]
    environment = os.environ | {"YONK_DATA": str(tmp_path), "PYTHONUNBUFFERED": "1"}
    pipes = {"stdout": subprocess.PIPE, "stderr": subprocess.PIPE}
    process = subprocess.Popen(command, text=True, env=environment, cwd=ROOT, **pipes)  # type: ignore[call-overload]
    ready = process.stdout.readline()
    server = json.loads((tmp_path / "mariadb" / "running.json").read_text())["server"]
    chance = random.Random(1)
    seams = [
        [[f"{chance.randint(0, 300)}/100", f"{chance.randint(0, 300)}/100"] for _ in "ab"]
        for _ in range(400)
    ]
    asked = {"document": WEIR_GATE | {"seams": seams, "patches": []}}

    def ask() -> None:
        with suppress(httpx.HTTPError):
            httpx.post(f"{ready.split()[4]}/api/draft", json=asked, timeout=60)

    asking = [threading.Thread(target=ask) for _ in range(3)]
    for one in asking:
        one.start()
    until(lambda: b"multiprocessing" in children_of(process.pid))
    process.terminate()
    _, errors = process.communicate(timeout=60)
    assert process.returncode == 0 and "Traceback" not in errors
    with pytest.raises(ProcessLookupError):
        os.kill(server, 0)
    for one in asking:
        one.join()


def children_of(process: int) -> bytes:
    """The command lines of the processes that a process has begun."""
    children = Path(f"/proc/{process}/task/{process}/children").read_text().split()
    return b" ".join(Path(f"/proc/{child}/cmdline").read_bytes() for child in children)
