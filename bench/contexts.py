"""A plugin for pytest under coverage: what runs in a test is counted as reached by that test."""

from __future__ import annotations

from collections.abc import Iterator

import coverage
import pytest


@pytest.hookimpl(wrapper=True)
def pytest_runtest_call(item: pytest.Item) -> Iterator[None]:
    """Names the test, all its parameters together, for as long as it runs."""
    running = coverage.Coverage.current()
    if running:
        running.switch_context(item.nodeid.partition("[")[0])
    try:
        yield
    finally:
        if running:
            running.switch_context("")
