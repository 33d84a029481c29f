"""The way to the database: engine, sessions, migrations, and trying again what was in another's
way.
"""

from __future__ import annotations

import random
import time
from collections.abc import Callable
from functools import wraps
from importlib.resources import files
from typing import Any, Concatenate, ParamSpec, TypeVar, cast

from alembic import command
from alembic.config import Config
from alembic.script import ScriptDirectory
from alembic.util import CommandError
from prometheus_client import Counter
from sqlalchemy import Engine, create_engine, text
from sqlalchemy.exc import OperationalError
from sqlalchemy.orm import Session, sessionmaker

from yonk.core.paper import ToldError, message

TRIES = 6  # after which another cause than another node's work is likely
BACK_OFF = 0.02  # seconds, for each try before; by chance, so that two do not meet again
IN_THE_WAY = (1205, 1213)  # a lock that was waited for too long, and two that waited for each other
_SECONDS = 10  # a connection that is not there by then is told to be missing
POOL = 16  # connections of one process; who comes later waits for one
RESTORING = "restoring"  # a table that is there while a backup is put back
RETRIES = Counter("yonk_retries_total", "Pieces of work that were in another's way.")

Given = ParamSpec("Given")
WorkResult = TypeVar("WorkResult")


class NewerSchemaError(ToldError):
    """The database was brought up to date by a newer program."""

    text = message("schema-is-newer")


class CutShortError(ToldError):
    """A backup was put back, but not to its end."""

    text = message("restore-was-cut-short")


def open_engine(url: str, pool: int = POOL, *, cluster: bool = False) -> Engine:
    """An engine for a database address; a dropped connection is noticed before it is used, and none
    waits for good. In a `cluster`, what another node has acknowledged is waited for.
    """
    patience = {"connect_timeout": 3, "read_timeout": _SECONDS, "write_timeout": _SECONDS}
    more = {"init_command": "SET SESSION wsrep_sync_wait = 1"} if cluster else {}
    return create_engine(
        url,
        pool_pre_ping=True,
        pool_recycle=600,
        pool_size=pool,
        max_overflow=0,  # one more would be opened and closed for each request
        pool_timeout=3,
        connect_args=patience | more,
        hide_parameters=True,
    )


def session_maker(engine: Engine) -> sessionmaker[Session]:
    """Where sessions come from."""
    return sessionmaker(engine, expire_on_commit=False)


def migrate(engine: Engine) -> None:
    """Bring the tables up to date. Raises `NewerSchemaError` where they are newer than this
    program, `CutShortError` where a restore was cut short.
    """
    config = database_config()
    with engine.begin() as connection:
        if connection.dialect.has_table(connection, RESTORING):
            raise CutShortError
        connection.execute(text("SELECT GET_LOCK('yonk-migrate', 60)"))
        config.attributes["connection"] = connection
        try:
            command.upgrade(config, "head")
        except CommandError as fault:
            raise NewerSchemaError(str(fault)) from None
        finally:
            connection.execute(text("SELECT RELEASE_LOCK('yonk-migrate')"))


def is_up_to_date(session: Session) -> bool:
    """Whether the tables are those that this program knows."""
    kept = session.execute(text("SELECT version_num FROM alembic_version")).scalar()
    return kept == ScriptDirectory.from_config(database_config()).get_current_head()


def database_config() -> Config:
    """How the migrations are found."""
    config = Config()
    config.set_main_option("script_location", str(files("yonk.store") / "migrations"))
    return config


def retried(
    work: Callable[Concatenate[Session, Given], WorkResult],
) -> Callable[Concatenate[Session, Given], WorkResult]:
    """Does a piece of work that ends in one commit again, where another one's locks were in its
    way.
    """

    @wraps(work)
    def again(session: Session, *given: Given.args, **named: Given.kwargs) -> WorkResult:
        for tried in range(1, TRIES + 1):
            try:
                return work(session, *given, **named)
            except OperationalError as fault:
                session.rollback()
                if tried == TRIES or _code(fault) not in IN_THE_WAY:
                    raise
                RETRIES.inc()
                time.sleep(random.uniform(0, BACK_OFF * tried))
            except Exception:
                session.rollback()  # what is refused holds no locks, and leaves nothing half there
                raise
        raise AssertionError("the last try raises")

    return cast(Callable[Concatenate[Session, Given], WorkResult], again)


def _code(fault: OperationalError) -> Any:
    return fault.orig.args[0] if fault.orig and fault.orig.args else None
