"""Heavy work in a process of its own: the same answer, a limit of time, ended when nobody waits;
the others go on.
"""

from __future__ import annotations

import asyncio
import multiprocessing
import time
from dataclasses import replace
from fractions import Fraction as F

import pytest
from fastapi.testclient import TestClient
from sqlalchemy import Engine

from tests.drafts import block, even
from yonk.api import work
from yonk.api.app import create_app
from yonk.core.paper import DraftError
from yonk.files.block_file import write_block

HEAVY = write_block(even(64, 64))


@pytest.fixture
def everything_heavy(monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr(work, "_is_light", lambda _: False)


def test_a_heavy_draft_is_worked_on_like_a_light_one(
    web: TestClient, everything_heavy: None
) -> None:
    document = write_block(even(3, 3))
    heavy = web.post("/api/draft", json={"document": document})
    assert heavy.status_code == 200 and len(heavy.json()["faces"]) == 9
    assert web.post("/api/files/cutting.pdf", json={"document": document}).content.startswith(
        b"%PDF"
    )
    refused = web.post("/api/draft", json={"document": document | {"name": ""}})
    assert refused.status_code == 422 and refused.json()["faults"][0]["place"] == "name"


def test_what_takes_too_long_is_ended_and_told(
    web: TestClient, everything_heavy: None, monkeypatch: pytest.MonkeyPatch
) -> None:
    monkeypatch.setattr(work, "_SECONDS", 0)
    answer = web.post("/api/draft", json={"document": HEAVY})
    assert answer.status_code == 422 and answer.json()["code"] == "too-much"
    assert not web.app.state.works.running  # type: ignore[attr-defined]


class Gone:
    """A request whose browser leaves after a moment."""

    def __init__(self, engine: Engine, looks: int) -> None:
        self.app, self.looks = create_app(engine), looks

    async def is_disconnected(self) -> bool:
        self.looks -= 1
        return self.looks < 0


def sleeps(seconds: float) -> None:
    time.sleep(seconds)


def fails() -> None:
    raise DraftError("place", "and the mend")


def test_work_that_nobody_waits_for_is_ended(empty: Engine) -> None:
    gone = Gone(empty, 3)

    async def ask() -> None:
        await work.Worker(gone).heavy(sleeps, 600)  # type: ignore[arg-type]

    with pytest.raises(work.NobodyWaitsError):
        asyncio.run(ask())
    assert not gone.app.state.works.running and not [
        p for p in multiprocessing.active_children() if p.is_alive()
    ]


def test_a_fault_comes_back_as_it_was(empty: Engine) -> None:
    async def ask() -> None:
        await work.Worker(Gone(empty, 10**6)).heavy(fails)  # type: ignore[arg-type]

    with pytest.raises(DraftError) as fault:
        asyncio.run(ask())
    assert (fault.value.place, fault.value.message) == ("place", "and the mend")


@pytest.mark.parametrize(
    ("draft", "light"), [(even(16, 16), True), (even(64, 64), True), (block(), True)]
)
def test_a_usual_block_is_light(draft: object, light: bool) -> None:
    assert work._is_light(write_block(draft)) is light  # type: ignore[arg-type]


def test_a_block_of_thousands_of_crossings_is_heavy() -> None:
    seams = tuple(((i % 64, 0), (64 - i // 6, 64)) for i in range(360))
    drawn = replace(
        even(64, 64), seams=tuple(((F(a), F(b)), (F(c), F(d))) for (a, b), (c, d) in seams)
    )
    assert not work._is_light(write_block(drawn))
    assert work._is_light({"seams": [1] * 100})


@pytest.mark.parametrize(
    ("setting", "few"),
    [
        ({"columns": 5, "rows": 8}, True),
        ({"columns": 6, "rows": 8}, False),
        ({"columns": "6"}, True),
        (None, True),
    ],
)
def test_a_top_of_many_places_is_worked_on_in_a_process_of_its_own(
    setting: object, few: bool
) -> None:
    assert work._has_few_places({"setting": setting}) == few
