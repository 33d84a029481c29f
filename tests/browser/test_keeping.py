"""What is kept, in the real interface: the shelf searched and paged, earlier states, a block
deleted elsewhere.
"""

from __future__ import annotations

import re

import pytest
from playwright.sync_api import Page, expect

from tests.browser.bench_page import BenchPage
from tests.conftest import Running
from yonk.files.block_file import write_block
from yonk.machine.samples import all_samples

pytestmark = pytest.mark.browser

GATE = write_block(next(draft for draft in all_samples() if draft.name == "Weir Gate"))


def test_a_long_shelf_is_searched_sorted_and_paged(page: Page, running: Running) -> None:
    for number in range(52):
        page.request.post(
            f"{running.url}/api/blocks", data={"document": GATE | {"name": f"Throw {number:02}"}}
        )
    page.reload()
    blocks = page.locator(".shelf-block")
    expect(blocks).to_have_count(48)
    page.get_by_label("In which order").select_option("name")
    expect(blocks.first).to_contain_text("Throw 00")
    page.get_by_role("navigation", name="Pages of the shelf").get_by_role(
        "button", name="On"
    ).click()
    expect(blocks).to_have_count(4)
    expect(page.get_by_text("page 2 of 2")).to_be_visible()
    page.reload()
    expect(blocks).to_have_count(4)
    page.get_by_label("Find a block by its name").fill("throw 07")
    expect(blocks).to_have_count(1)
    page.get_by_label("Find a block by its name").fill("nothing like it")
    expect(page.get_by_text("No block is called or labelled so.")).to_be_visible()


def test_an_earlier_state_is_named_and_opened_and_can_be_undone(
    bench: BenchPage, page: Page
) -> None:
    bench.start("Sluice", "9", "9", 3, 3)
    bench.saved()
    bench.touch(0.5, 0.5)
    bench.saved()
    page.get_by_role("button", name="Files").click()
    page.get_by_role("button", name="An earlier state of this block").click()
    dialog = page.get_by_role("dialog", name="Earlier states")
    expect(dialog.get_by_text("a state that you named", exact=False)).to_be_visible()
    with page.expect_response("**/states/1"):
        dialog.get_by_label("Name of state 1").fill("as begun")
        dialog.get_by_label("Name of state 1").press("Tab")
    dialog.get_by_role("button", name="Open state 1").click()
    expect(page.locator(".face")).to_have_count(9)
    page.get_by_role("button", name="Undo").click()
    expect(page.locator(".face")).to_have_count(10)


def test_a_block_deleted_elsewhere_is_told_and_brought_back(
    bench: BenchPage, page: Page, running: Running
) -> None:
    bench.start("Sluice", "9", "9", 3, 3)
    bench.saved()
    block = page.url.split("/")[-2]
    page.request.delete(f"{running.url}/api/blocks/{block}")
    bench.touch(0.5, 0.5)
    dialog = page.get_by_role("dialog", name="This block was deleted elsewhere")
    dialog.get_by_role("button", name="Bring it back").click()
    bench.saved()
    kept = page.request.get(f"{running.url}/api/blocks/{block}").json()
    assert len(kept["document"]["patches"]) >= 2
    expect(dialog).not_to_be_visible()


def test_a_second_window_that_lies_idle_is_told(bench: BenchPage, page: Page) -> None:
    bench.start("Gate of two windows", "9", "9", 3, 3)
    bench.saved()
    idle = page.context.new_page()
    idle.goto(page.url)
    expect(idle.get_by_label("Name of the block")).to_have_value("Gate of two windows")
    page.get_by_label("Name of the block").fill("Saved once")
    page.keyboard.press("Enter")
    expect(idle.get_by_text("Another window saved this meanwhile.")).to_be_visible()
    with page.expect_response(lambda answer: answer.request.method == "PUT"):
        page.get_by_label("Name of the block").fill("Saved twice")
        page.keyboard.press("Enter")
    idle.get_by_role("button", name="Look at both").click()
    idle.get_by_role("button", name="Take theirs").click()
    expect(idle.get_by_label("Name of the block")).to_have_value("Saved twice")


def test_a_block_is_labelled_copied_binned_and_brought_back(
    bench: BenchPage, page: Page, running: Running
) -> None:
    bench.start("Sluice", "9", "9", 3, 3)
    bench.saved()
    page.goto(running.url)
    page.get_by_role("button", name="Label Sluice").click()
    page.get_by_label("Labels, a comma between them").fill("raffle, for Ailsa")
    page.get_by_label("Note").fill("wants a darker middle")
    page.get_by_role("button", name="Keep").click()
    expect(page.locator(".shelf-labels")).to_have_text("for Ailsa · raffle")
    page.get_by_role("button", name="Duplicate Sluice").click()
    expect(page.locator(".shelf li")).to_have_count(2)
    page.get_by_label("Of which label").select_option("raffle")
    expect(page).to_have_url(re.compile("label=raffle"))
    expect(page.locator(".shelf li")).to_have_count(2)
    page.get_by_role("button", name="Delete Sluice, copy").click()
    expect(page.locator(".shelf li")).to_have_count(1)
    page.reload()
    page.get_by_role("link", name="The bin").click()
    expect(page.locator(".binned")).to_contain_text("Sluice, copy")
    page.get_by_role("button", name="Bring Sluice, copy back").click()
    expect(page.get_by_text("Nothing was deleted.")).to_be_visible()
    page.get_by_role("link", name="Blocks", exact=True).click()
    expect(page.locator(".shelf li")).to_have_count(2)


def test_the_board_is_zoomed_and_drawn_on(bench: BenchPage, page: Page) -> None:
    bench.start("Sluice", "9", "9", 3, 3)
    before = bench.board.bounding_box()
    page.get_by_label("Larger").click()
    page.get_by_label("Larger").click()
    expect(page.locator(".stepper output")).to_have_text("200 %")
    after = bench.board.bounding_box()
    assert before and after and after["width"] > 1.9 * before["width"]
    room = page.locator(".board-room")
    room.evaluate("room => room.scrollTo(0, 0)")
    bench.touch(0.5, 0.5)
    expect(page.locator(".units")).to_contain_text("half-square triangle")
