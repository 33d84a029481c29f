"""The way to the database: engine, sessions and migrations."""

from __future__ import annotations

from importlib.resources import files

from alembic import command
from alembic.config import Config
from sqlalchemy import Engine, create_engine
from sqlalchemy.orm import Session, sessionmaker


def open_engine(url: str) -> Engine:
    """An engine for a database address; a dropped connection is noticed before it is used."""
    return create_engine(url, pool_pre_ping=True, pool_recycle=600, connect_args={"connect_timeout": 5})


def session_maker(engine: Engine) -> sessionmaker[Session]:
    """Where sessions come from."""
    return sessionmaker(engine, expire_on_commit=False)


def migrate(engine: Engine) -> None:
    """Bring the tables up to date."""
    config = Config()
    config.set_main_option("script_location", str(files("yonk.store") / "migrations"))
    with engine.begin() as connection:
        config.attributes["connection"] = connection
        command.upgrade(config, "head")
