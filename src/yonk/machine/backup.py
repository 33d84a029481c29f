"""Backups: the whole database as it is at one moment, while it runs, with a checksum; and back."""

from __future__ import annotations

import contextlib
import gzip
import hashlib
import os
import shutil
import subprocess
import tempfile
import zlib
from collections.abc import Iterator
from pathlib import Path

from sqlalchemy import Engine, inspect, text
from sqlalchemy.engine import URL, make_url

from yonk.machine.database_server import MachineError, program
from yonk.store.database import RESTORING, open_engine

PIECE = 1 << 20  # read at once: a megabyte


def back_up(url: str, file: Path) -> str:
    """Write a backup of a database to a file, and its checksum beside it.

    Args:
        url: where the database is.
        file: where the backup goes; a file that is there is kept until the new one is whole.

    Returns: the checksum.

    Raises: `MachineError` where the database does not answer or the file cannot be written.
    """
    half = file.with_name(f"{file.name}.half")
    try:
        with _options_file(url) as options, half.open("wb") as kept:
            half.chmod(0o600)
            command = [
                program("mariadb-dump"),
                f"--defaults-extra-file={options}",
                "--single-transaction",
                "--skip-lock-tables",
                "--skip-comments",
                "--hex-blob",
                "--default-character-set=utf8mb4",
                str(make_url(url).database),
            ]
            dump = subprocess.Popen(command, stdout=subprocess.PIPE, stderr=subprocess.PIPE)
            assert dump.stdout and dump.stderr
            with gzip.GzipFile(fileobj=kept, mode="wb", mtime=0) as pressed:
                shutil.copyfileobj(dump.stdout, pressed, PIECE)
            said = dump.stderr.read().decode(errors="replace").strip().splitlines()
            if dump.wait():
                raise MachineError(f"The backup could not be made: {(said or ['no reason'])[-1]}")
        sum_ = checksum(half)
        _sum_file(file).write_text(f"{sum_}  {file.name}\n")
        half.rename(file)
    except OSError as fault:
        raise MachineError(f"{file} cannot be written ({fault.strerror}).") from None
    finally:
        half.unlink(missing_ok=True)
    return sum_


def restore(url: str, file: Path, *, over: bool) -> None:
    """Bring a database to what a backup holds; a restore that is cut short is noticed and done
    again.

    Args:
        url: where the database is.
        file: the backup, with its checksum beside it.
        over: whether what is in the database now may go.

    Raises: `MachineError` where the backup is not whole, or there is something in the database.
    """
    _check_whole(file)
    engine = open_engine(url)
    try:
        tables = inspect(engine).get_table_names()
        if tables and RESTORING not in tables and not over:
            raise MachineError(
                "There is something in this database already; give --over to put the backup in "
                "its place, after a backup of what is there now."
            )
        if tables:
            _check_alone(engine)
        _empty(engine, tables)
        _load(url, file)
        with engine.begin() as connection:
            connection.execute(text(f"DROP TABLE {RESTORING}"))
    finally:
        engine.dispose()


def _check_alone(engine: Engine) -> None:
    """Raises `MachineError` where a program works on the database: what it keeps meanwhile would be
    lost.
    """
    with engine.connect() as connection:
        others = connection.execute(
            text(
                "SELECT COUNT(*) FROM information_schema.processlist "
                "WHERE db = DATABASE() AND id <> CONNECTION_ID()"
            )
        ).scalar()
    if others:
        raise MachineError(
            "Yonk runs on this database; end it first, so that nothing is lost that is kept "
            "meanwhile."
        )


def checksum(file: Path) -> str:
    """The SHA-256 of a file."""
    with file.open("rb") as content:
        return hashlib.file_digest(content, "sha256").hexdigest()


def _check_whole(file: Path) -> None:
    try:
        recorded = _sum_file(file).read_text().split()
        whole = bool(recorded) and recorded[0] == checksum(file)
    except OSError as fault:
        raise MachineError(f"{fault.filename} cannot be read ({fault.strerror}).") from None
    if not whole:
        raise MachineError(f"{file} is not as it was written; take another backup.")
    # a sum may have been reckoned when it was short already; looked at before anything is lost
    try:
        with gzip.open(file) as content:
            while content.read(PIECE):
                pass
    except (EOFError, gzip.BadGzipFile, zlib.error):
        raise MachineError(f"{file} is cut short or is no backup; take another one.") from None


def _empty(engine: Engine, tables: list[str]) -> None:
    with engine.begin() as connection:
        connection.execute(text(f"CREATE TABLE IF NOT EXISTS {RESTORING} (id INT PRIMARY KEY)"))
        for table in tables:
            if table != RESTORING:
                connection.execute(text(f"DROP TABLE `{table}`"))


def _load(url: str, file: Path) -> None:
    with _options_file(url) as options, gzip.open(file) as content:
        command = [
            program("mariadb"),
            f"--defaults-extra-file={options}",
            "--default-character-set=utf8mb4",
            str(make_url(url).database),
        ]
        client = subprocess.Popen(command, stdin=subprocess.PIPE, stderr=subprocess.PIPE)
        assert client.stdin and client.stderr
        with contextlib.suppress(BrokenPipeError):
            shutil.copyfileobj(content, client.stdin, PIECE)
        with contextlib.suppress(BrokenPipeError):
            client.stdin.close()
        said = client.stderr.read().decode(errors="replace").strip().splitlines()
        if client.wait():
            raise MachineError(f"The backup could not be put back: {(said or ['no reason'])[-1]}")


@contextlib.contextmanager
def _options_file(url: str) -> Iterator[Path]:
    """The way to a database in a file that only this user reads, so that no password is seen among
    the processes.
    """
    where: URL = make_url(url)
    handle, name = tempfile.mkstemp(suffix=".cnf")
    path = Path(name)
    try:
        with os.fdopen(handle, "w") as kept:
            password = str(where.password or "").replace("\\", "\\\\").replace('"', '\\"')
            kept.write(
                f'[client]\nprotocol=tcp\nhost="{where.host}"\nport={where.port or 3306}\n'
                f'user="{where.username}"\npassword="{password}"\n'
            )
        yield path
    finally:
        path.unlink(missing_ok=True)


def _sum_file(file: Path) -> Path:
    return file.with_name(f"{file.name}.sha256")
