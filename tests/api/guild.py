"""A guild for tests: its people signed in, each asking as herself."""

from __future__ import annotations

from collections.abc import Iterator
from pathlib import Path
from typing import Any

import pytest
from argon2 import PasswordHasher
from fastapi.testclient import TestClient
from httpx import Response
from sqlalchemy import Engine

from yonk.api.app import create_app
from yonk.api.guild.config import Guild
from yonk.api.session import COOKIE
from yonk.machine.serve import FRONT_END
from yonk.store import people
from yonk.store.database import session_maker

PASSWORD = "nine grey herons wade"
NAMES = ("Ismay", "Rhona", "Cleo", "Edda", "Senga")  # the owner, reader, copier, editor, stranger


class GuildOf:
    """The people of a guild, by their names."""

    def __init__(self, web: TestClient, engine: Engine, post: Path) -> None:
        self.web, self.engine, self.post = web, engine, post
        self.ids: dict[str, str] = {}
        self.tokens: dict[str, str] = {}
        with session_maker(engine)() as session:
            for number, name in enumerate(NAMES):
                made = people.add_account(session, name, PASSWORD, keeper=number == 0)
                self.ids[name] = made.id
            session.commit()
            for name in NAMES:
                self.tokens[name] = people.sign_in(session, name, PASSWORD, name).token

    def ask(self, who: str | None, method: str, path: str, **more: Any) -> Response:
        """A request as somebody, or as nobody."""
        self.web.cookies.clear()
        headers = dict(more.pop("headers", {}))
        if who:
            headers["Cookie"] = f"{COOKIE}={self.tokens[who]}"
        return self.web.request(method, path, headers=headers, **more)

    def share(self, thing: str, **levels: str) -> None:
        """Share what is the first one's with others: a level for each name."""
        shares = [{"who": self.ids[name], "level": level} for name, level in levels.items()]
        done = self.ask(NAMES[0], "PUT", f"/api/shared/{thing}", json={"shares": shares})
        assert done.status_code == 200, done.text


@pytest.fixture
def guild(empty: Engine, tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> Iterator[GuildOf]:
    """A guild of five, whose passwords are kept less strongly, which takes less time."""
    monkeypatch.setattr(people, "HASHER", PasswordHasher(time_cost=1, memory_cost=64))
    told = Guild("https://127.0.0.1", tmp_path / "post")
    with TestClient(create_app(empty, FRONT_END, told), base_url="https://127.0.0.1") as web:
        yield GuildOf(web, empty, tmp_path / "post")
