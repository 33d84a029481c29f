"""When memory is looked through for cycles."""

from __future__ import annotations

import gc
from collections.abc import Iterator

import pytest

from yonk import memory


@pytest.fixture(autouse=True)
def as_before() -> Iterator[None]:
    before = gc.get_threshold()
    yield
    gc.set_threshold(*before)
    gc.unfreeze()


def looks() -> list[int]:
    return [one["collections"] for one in gc.get_stats()]


def test_a_look_waits_until_the_answer_has_gone_out() -> None:
    memory.look_between_requests()
    before = looks()
    memory.look_if_due()
    assert looks() == before, "nothing was made since, so nothing is looked for"
    kept = [[number] for number in range(memory.SELDOM[0] + 1000)]
    assert looks() == before, "a piece of work is not held up"
    memory.look_if_due()
    assert looks() == [before[0] + 1, *before[1:]]
    memory.look_if_due()
    assert looks() == [before[0] + 1, *before[1:]]
    assert kept


def test_what_is_never_answered_is_looked_through_in_need() -> None:
    memory.look_between_requests()
    before = looks()
    kept = [[number] for number in range(memory.SELDOM[0] * memory.IN_NEED + 1000)]
    assert looks()[0] > before[0] and kept


def test_every_so_many_short_looks_there_is_a_longer_one() -> None:
    memory.look_between_requests()
    before = looks()
    kept = []
    for _ in range(memory.SELDOM[1] + 2):
        kept.append([[number] for number in range(memory.SELDOM[0] + 1000)])
        memory.look_if_due()
    assert looks()[1] == before[1] + 1
