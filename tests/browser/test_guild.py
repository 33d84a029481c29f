"""A guild on the screen: invited, signed in and out, shared, sewn together, told at once."""

from __future__ import annotations

from collections.abc import Iterator
from pathlib import Path

import pytest
from playwright.sync_api import Browser, Page, expect
from sqlalchemy import Engine, text

from tests.api.test_sewing_api import SAMPLES
from tests.browser.bench_page import PAINTED
from tests.browser.test_every_page import WIDTHS, found_wrong
from tests.conftest import Running
from yonk.api.guild.config import Guild
from yonk.store.database import session_maker
from yonk.store.people import first_account

pytestmark = pytest.mark.browser
PASSWORD, OTHERS = "nine grey herons wade", "seven wet umbrellas drip"


@pytest.fixture
def guild(empty: Engine, tmp_path: Path) -> Iterator[Running]:
    """A guild's program, with its keeper."""
    with session_maker(empty)() as session:
        first_account(session, "Ismay", PASSWORD)
    program = Running(empty, Guild("http://127.0.0.1", tmp_path / "post"))
    yield program
    program.stop()


@pytest.fixture
def pages(chromium: Browser) -> Iterator[list[Page]]:
    """Two people's browsers."""
    contexts = [chromium.new_context(viewport={"width": 1280, "height": 800}) for _ in range(2)]
    yield [one.new_page() for one in contexts]
    for one in contexts:
        one.close()


def sign_in(page: Page, url: str) -> None:
    page.goto(url)
    page.get_by_label("Name").fill("ismay")
    page.get_by_label("Password").fill(PASSWORD)
    page.get_by_role("button", name="Sign in").click()
    page.get_by_role("link", name="Ismay").wait_for()


def invited(keeper: Page, url: str) -> str:
    """The token of a new invitation."""
    keeper.goto(f"{url}/account")
    keeper.get_by_label("Whom").fill("Rhona")
    keeper.get_by_role("button", name="Make a link").click()
    return keeper.locator("code").inner_text().split("#")[1]


def invite(keeper: Page, other: Page, url: str) -> None:
    token = invited(keeper, url)
    other.goto(f"{url}/invitation#{token}")
    other.get_by_label("Name").fill("Rhona")
    other.get_by_label("Password").fill("short")
    other.get_by_role("button", name="Come in").click()
    expect(other.get_by_role("alert")).to_contain_text("must have 12 to 128 signs")
    other.get_by_label("Password").fill(OTHERS)
    other.get_by_role("button", name="Come in").click()
    expect(other.get_by_text("The shelf is empty")).to_be_visible()


def kept(page: Page, url: str, where: str, body: dict[str, object]) -> dict[str, object]:
    answer = page.request.post(f"{url}{where}", data=body, headers={"Origin": url})
    assert answer.status == 201, answer.text()
    found: dict[str, object] = answer.json()
    return found


def share(page: Page, level: str) -> None:
    page.get_by_role("button", name="Share ").click()
    page.get_by_label("Share with Rhona").select_option(level)
    expect(page.get_by_label("Share with Rhona")).to_be_enabled()
    page.get_by_label("Close").click()


def test_a_quilt_is_sewn_by_two(guild: Running, pages: list[Page]) -> None:
    keeper, other = pages
    sign_in(keeper, guild.url)
    invite(keeper, other, guild.url)
    block = kept(keeper, guild.url, "/api/blocks", {"document": SAMPLES["Weir Gate"]})
    quilt = kept(keeper, guild.url, "/api/quilts", {"blocks": [block["id"]], "name": "Throw"})
    where = f"{guild.url}/quilts/{quilt['id']}/together"
    other.goto(where)
    expect(other.get_by_role("heading", name="There is no such block")).to_be_visible()
    keeper.goto(where)
    share(keeper, "see")
    keeper.get_by_text("Share it out anew").click()
    keeper.get_by_label("Rhona", exact=True).check()
    keeper.get_by_role("button", name="Share it out").click()
    expect(keeper.get_by_role("row", name="Rhona")).to_be_visible()
    other.goto(where)
    expect(other.get_by_text("Ismay’s, to see")).to_be_visible()
    other.get_by_label("Rhona: cut").fill("9")
    other.keyboard.press("Enter")
    expect(other.get_by_role("alert")).to_contain_text("cannot be 9, since only 6 were taken over")
    other.get_by_label("Rhona: cut").fill("3")
    other.keyboard.press("Enter")
    expect(other.get_by_text("Of 12 blocks 3 are cut")).to_be_visible()
    expect(other.get_by_label("Ismay: cut")).to_have_count(0)
    keeper.reload()
    expect(keeper.get_by_label("Rhona: cut")).to_have_value("3")


def test_what_another_saves_is_told_and_shown_beside_mine(
    guild: Running, pages: list[Page]
) -> None:
    keeper, other = pages
    sign_in(keeper, guild.url)
    invite(keeper, other, guild.url)
    block = kept(keeper, guild.url, "/api/blocks", {"document": SAMPLES["Weir Gate"]})
    where = f"{guild.url}/blocks/{block['id']}/draft"
    keeper.goto(where)
    share(keeper, "change")
    other.goto(where)
    other.get_by_label("Name of the block").fill("Weir Gate of two")
    other.keyboard.press("Enter")
    expect(keeper.get_by_text("Rhona saved this meanwhile.")).to_be_visible()
    keeper.get_by_role("button", name="Look at both").click()
    expect(keeper.get_by_role("img", name="Picture of Theirs")).to_be_visible()
    expect(keeper.get_by_role("img", name="Picture of Mine")).to_be_visible()
    keeper.get_by_role("button", name="Take theirs").click()
    expect(keeper.get_by_label("Name of the block")).to_have_value("Weir Gate of two")
    share(keeper, "copy")  # from now on she may not change it
    other.get_by_label("Name of the block").fill("Hers alone")
    other.keyboard.press("Enter")
    expect(other.get_by_role("dialog", name="This is Ismay’s")).to_be_visible()
    other.get_by_role("button", name="Keep mine as a copy").click()
    expect(other.get_by_label("Name of the block")).to_have_value("Hers alone (mine)")


def test_who_is_signed_out_signs_in_over_her_draft(guild: Running, pages: list[Page]) -> None:
    keeper, _ = pages
    sign_in(keeper, guild.url)
    block = kept(keeper, guild.url, "/api/blocks", {"document": SAMPLES["Weir Gate"]})
    keeper.goto(f"{guild.url}/blocks/{block['id']}/draft")
    keeper.get_by_role("application").wait_for()
    with guild.engine.begin() as connection:
        connection.execute(text("DELETE FROM signed_in"))
    keeper.get_by_label("Name of the block").fill("Weir Gate, kept")
    keeper.keyboard.press("Enter")
    dialog = keeper.get_by_role("dialog", name="You are signed out")
    dialog.get_by_label("Name").fill("Ismay")
    dialog.get_by_label("Password").fill(PASSWORD)
    dialog.get_by_role("button", name="Sign in").click()
    expect(dialog).to_have_count(0)
    expect(keeper.get_by_label("Name of the block")).to_have_value("Weir Gate, kept")
    expect(keeper.locator(".save-sign")).to_have_text("Saved")
    shelf = keeper.request.get(f"{guild.url}/api/blocks").json()
    assert [one["name"] for one in shelf["blocks"]] == ["Weir Gate, kept"]


def test_every_page_of_a_guild_can_be_read_by_all_and_fits(
    guild: Running, pages: list[Page]
) -> None:
    keeper, other = pages
    other.goto(guild.url)
    expect(other.get_by_role("heading", name="Sign in")).to_be_visible()
    sign_in(keeper, guild.url)
    token = invited(keeper, guild.url)
    fits(other, "sign in")
    other.goto(f"{guild.url}/invitation#{token}")
    expect(other.get_by_role("button", name="Come in")).to_be_visible()
    fits(other, "invitation")
    keeper.get_by_role("button", name="A new group").click()
    fits(keeper, "account")
    block = kept(keeper, guild.url, "/api/blocks", {"document": SAMPLES["Weir Gate"]})
    quilt = kept(keeper, guild.url, "/api/quilts", {"blocks": [block["id"]], "name": "Throw"})
    keeper.set_viewport_size({"width": 1280, "height": 800})
    keeper.goto(f"{guild.url}/quilts/{quilt['id']}/together")
    keeper.get_by_role("button", name="Take one over").click()
    expect(keeper.get_by_label("Ismay: cut")).to_be_visible()
    keeper.get_by_text("Share it out anew").click()
    fits(keeper, "together")
    keeper.set_viewport_size({"width": 1280, "height": 800})
    keeper.get_by_role("button", name="Share Throw").click()
    keeper.get_by_role("dialog").get_by_text("see", exact=True).first.wait_for()
    fits(keeper, "share")


def fits(page: Page, name: str) -> None:
    """Nothing is found wrong with a page, and nothing of it runs out at the side."""
    assert found_wrong(page) == [], name
    for width in WIDTHS:
        page.set_viewport_size({"width": width, "height": 900})
        page.evaluate(PAINTED)
        assert page.evaluate("document.documentElement.scrollWidth") <= width, (name, width)


def test_signing_out_leaves_nothing_behind(guild: Running, pages: list[Page]) -> None:
    keeper, _ = pages
    sign_in(keeper, guild.url)
    keeper.get_by_role("link", name="Ismay").click()
    keeper.get_by_role("button", name="A new group").click()
    keeper.get_by_label("Name of the group").fill("Thursday table")
    keeper.get_by_role("button", name="Keep").click()
    expect(keeper.get_by_text("Thursday table")).to_be_visible()
    keeper.get_by_role("button", name="Sign out", exact=True).click()
    expect(keeper.get_by_role("heading", name="Sign in")).to_be_visible()
    # Only that this machine once signed in stays, so that nobody else's wrong words shut it out.
    assert {one["name"] for one in keeper.context.cookies()} <= {"__Host-yonk-known"}
    assert keeper.request.get(f"{guild.url}/api/blocks").status == 401
