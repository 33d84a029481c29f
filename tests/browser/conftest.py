"""The real interface in Debian's Chromium."""

from __future__ import annotations

import shutil
from collections.abc import Iterator

import pytest
from playwright.sync_api import Browser, Page, expect, sync_playwright

from tests.browser.bench_page import BenchPage
from tests.conftest import Running

CHROMIUM_FLAGS = [
    "--no-sandbox",
    "--disable-gpu",
    "--disable-background-networking",
    "--disable-component-update",
    "--disable-sync",
    "--no-first-run",
]


# What is waited for is seen soon or, on a machine with much else to do, later; it is never a fault
# to be slow. One wait for all of them.
PATIENCE = 90_000
expect.set_options(timeout=PATIENCE)


@pytest.fixture(scope="session")
def chromium() -> Iterator[Browser]:
    with sync_playwright() as playwright:
        browser = playwright.chromium.launch(
            executable_path=shutil.which("chromium"), args=CHROMIUM_FLAGS
        )
        yield browser
        browser.close()


def broken_policy(said: str) -> list[str]:
    """What the browser says where a page does what its own policy forbids."""
    return [said] if "Content Security Policy" in said else []


@pytest.fixture
def page(chromium: Browser, running: Running) -> Iterator[Page]:
    """A page on the program; an error in the page's own code, and what its own policy
    forbids, fails the test.
    """
    # what a worker asks for in the page's stead could not be held up; it has a test of its own
    context = chromium.new_context(
        viewport={"width": 1280, "height": 800}, accept_downloads=True, service_workers="block"
    )
    context.set_default_timeout(PATIENCE)
    page = context.new_page()
    errors: list[str] = []
    page.on("pageerror", lambda error: errors.append(str(error)))
    page.on("console", lambda said: errors.extend(broken_policy(said.text)))
    page.goto(running.url)
    yield page
    context.close()
    assert not errors


@pytest.fixture
def bench(page: Page) -> BenchPage:
    return BenchPage(page)
