"""Blocks drafted from nothing in the real interface; the list is read off the page and compared
with hand sums.
"""

from __future__ import annotations

import json
import re
from pathlib import Path

import pytest
from playwright.sync_api import Page, expect

from tests.browser.bench_page import BenchPage
from tests.conftest import Running

pytestmark = pytest.mark.browser


def test_an_empty_shelf_says_what_to_do_first(page: Page) -> None:
    expect(
        page.get_by_role("heading", name="The shelf is empty. Begin with a block.")
    ).to_be_visible()
    expect(page.get_by_role("button", name="Start a block")).to_have_count(2)


def test_a_block_drafted_by_mouse_is_listed_saved_and_found_again(
    bench: BenchPage, page: Page
) -> None:
    bench.start("Sluice", "10 1/2", "10 1/2", 3, 3)
    bench.add_fabric("Gorse", "#d9a520")
    bench.take(1, "Peat")
    bench.take(2, "Fog")
    bench.mates("quarter turns")
    bench.touch(0.5, 0.5)  # half-square triangles of Peat and Fog in the corners
    bench.unit("plain patch")
    bench.take(1, "Fog")
    bench.touch(1.5, 0.5)
    bench.mates("none")
    bench.tool("Paint")
    bench.take(1, "Gorse")
    bench.touch(1.5, 1.5)
    page.get_by_label("true cut").click()
    expect(page.get_by_label("true cut")).to_be_checked()
    # cells of 10 1/2 by 3 = 3 1/2 finished, 4 unfinished; two at a time 4 + 1/4 × 1.4142 = 4.354,
    # up to 4 3/8
    wanted = {
        "Peat: 2 squares 4 3/8″",
        "Fog: 2 squares 4 3/8″",
        "Fog: 4 squares 4″",
        "Gorse: 1 square 4″",
    }
    expect(page.locator(".cut")).to_have_count(4)
    assert bench.cutting() == wanted
    assert bench.units() == ["4 × half-square triangle", "4 × plain patch", "1 × plain patch"]
    bench.saved()
    page.reload()
    expect(bench.board).to_be_visible()
    assert bench.cutting() == wanted
    page.get_by_role("link", name="Yonk: the shelf of blocks").click()
    expect(page.get_by_role("link", name=re.compile("Sluice 10 1.2″ finished"))).to_be_visible()


def test_blocks_margin_and_method_change_the_list(bench: BenchPage, page: Page) -> None:
    bench.start("Sluice", "6", "6", 2, 2)
    for column in (0.5, 1.5):
        for row in (0.5, 1.5):
            bench.touch(column, row)
    bench.keep("Number of blocks", "4")
    # 16 of them: 2 × (3 1/2 + 1/8 + 1/4 × 1.4142) = 7.957, up to 8
    assert bench.cutting() == {"Peat: 2 squares 8″", "Fog: 2 squares 8″"}
    with page.expect_response("**/api/draft"):
        page.get_by_label("How unit 1, half-square triangle, is made").select_option("cut-and-sew")
    # 3 + 1/4 × 3.4142 + 1/8 = 3.979, up to 4, two triangles each
    assert bench.cutting() == {
        f"{fabric}: 8 squares 4″ then cut each once on the diagonal" for fabric in ("Peat", "Fog")
    }
    bench.keep("Trim margin", "1/4")
    assert any("4 1/8″" in line for line in bench.cutting())


def test_resting_on_a_patch_lights_its_line_and_the_other_way_round(
    bench: BenchPage, page: Page
) -> None:
    bench.start("Sluice", "6", "6", 2, 2)
    bench.touch(0.5, 0.5)
    page.mouse.move(*bench.spot(0.3, 0.3))
    expect(page.locator(".cut.lit")).to_have_count(1)
    said = page.locator(".patch-said")
    expect(said).to_contain_text("finished 3″")
    expect(said).to_contain_text("unfinished 3 1⁄2″")
    expect(said).to_contain_text("cut 4″")
    page.locator(".cut", has_text="plain patch").hover()
    expect(page.locator(".lit polygon")).to_have_count(3)


def test_undo_and_redo_go_through_every_step_and_over_a_reload(
    bench: BenchPage, page: Page
) -> None:
    bench.start("Sluice", "9", "9", 3, 3)
    for column in range(3):
        bench.touch(column + 0.5, 0.5)
    expect(page.locator(".face")).to_have_count(12)
    bench.saved()
    page.reload()
    expect(page.locator(".face")).to_have_count(12)
    for left in (11, 10, 9):
        page.keyboard.press("Control+z")
        expect(page.locator(".face")).to_have_count(left)
    expect(page.get_by_role("button", name="Undo")).to_be_disabled()
    page.keyboard.press("Control+Shift+z")
    expect(page.locator(".face")).to_have_count(10)
    page.get_by_role("button", name="Redo").click()
    expect(page.locator(".face")).to_have_count(11)
    bench.touch(2.5, 2.5)
    expect(page.get_by_role("button", name="Redo")).to_be_disabled()


def test_with_the_server_gone_nothing_is_lost(
    bench: BenchPage, page: Page, running: Running
) -> None:
    bench.start("Sluice", "9", "9", 3, 3)
    bench.saved()
    running.stop()
    page.mouse.click(*bench.spot(0.5, 0.5))
    expect(page.locator(".save-sign")).to_have_text("Not saved, 1 waiting")
    page.mouse.click(*bench.spot(1.5, 0.5))
    expect(page.locator(".save-sign")).to_have_text("Not saved, 2 waiting")
    running.start()
    expect(page.locator(".face")).to_have_count(11)
    bench.saved()
    page.reload()
    expect(page.locator(".face")).to_have_count(11)


def test_two_windows_never_overwrite_each_other(
    bench: BenchPage, page: Page, running: Running
) -> None:
    bench.start("Sluice", "9", "9", 3, 3)
    bench.saved()
    block = page.url.split("/")[-2]
    kept = page.request.get(f"{running.url}/api/blocks/{block}").json()
    theirs = kept["document"] | {"name": "Theirs"}
    page.request.put(
        f"{running.url}/api/blocks/{block}", data={"document": theirs, "revision": kept["revision"]}
    )
    bench.touch(0.5, 0.5)
    dialog = page.get_by_role("dialog", name="This block was changed elsewhere")
    expect(dialog).to_be_visible()
    dialog.get_by_role("button", name="Keep mine as a copy").click()
    expect(page).not_to_have_url(re.compile(block))
    expect(page.locator(".face")).to_have_count(10)
    names = {row["name"] for row in page.request.get(f"{running.url}/api/blocks").json()["blocks"]}
    assert names == {"Theirs", "Sluice (mine)"}


def test_faults_are_said_where_they_happen(bench: BenchPage, page: Page) -> None:
    page.get_by_role("button", name="Start a block").first.click()
    page.get_by_label("Finished width").fill("wide")
    page.get_by_role("button", name="Draft it").click()
    expect(page.get_by_text("is not a length; write it as")).to_be_visible()
    page.get_by_label("Finished width").fill("9")
    page.get_by_role("button", name="Draft it").click()
    expect(bench.board).to_be_visible()
    bench.keep("Finished width", "4//8")
    expect(page.get_by_role("alert")).to_contain_text("is not a length")
    expect(page.get_by_label("Finished width", exact=True)).to_have_attribute(
        "aria-invalid", "true"
    )
    bench.keep("Finished width", "7 1/2")
    expect(page.get_by_role("alert")).to_have_count(0)
    page.keyboard.press("Escape")
    expect(page.get_by_text("2 1⁄2″").first).to_be_visible()
    for label, value, said in (
        ("Number of blocks", "2.5", "no whole number"),
        ("Seam allowance", "5", "is more than"),
        ("Trim margin", "3 cm", "is marked cm"),
    ):
        bench.keep(label, value)
        field = page.locator("label", has=page.get_by_label(label, exact=True))
        expect(field.get_by_role("alert")).to_contain_text(said)
        expect(page.get_by_role("alert")).to_have_count(1)


def test_files_go_out_and_come_in_by_button_and_by_dropping(
    bench: BenchPage, page: Page, tmp_path: Path
) -> None:
    bench.start("Sluice", "9", "9", 3, 3)
    bench.touch(0.5, 0.5)
    page.get_by_role("button", name="Files").click()
    with page.expect_download() as taken:
        page.get_by_role("button", name="Block file").click()
    file = tmp_path / "sluice.yonk.json"
    taken.value.save_as(file)
    assert json.loads(file.read_text())["name"] == "Sluice"
    page.get_by_role("link", name="Yonk: the shelf of blocks").click()
    page.get_by_label("Block file").set_input_files(file)
    expect(page.locator(".face")).to_have_count(10)
    page.get_by_role("link", name="Yonk: the shelf of blocks").click()
    expect(page.locator(".shelf li")).to_have_count(2)
    bad = file.read_text().replace('"width": "9"', '"width": 9')
    transfer = page.evaluate_handle(
        "text => "
        "{ const t = new DataTransfer(); t.items.add(new File([text], 'bad.yonk.json'));"
        " return t }",
        bad,
    )
    page.dispatch_event("main", "drop", {"dataTransfer": transfer})
    expect(page.get_by_role("alert")).to_contain_text(
        "bad.yonk.json was not taken. finished, width"
    )
    expect(page.locator(".shelf li")).to_have_count(2)


def test_a_block_taken_off_the_shelf_is_brought_back(bench: BenchPage, page: Page) -> None:
    bench.start("Sluice", "9", "9", 3, 3)
    page.get_by_role("link", name="Yonk: the shelf of blocks").click()
    page.get_by_role("button", name="Delete Sluice").click()
    expect(page.locator(".shelf li")).to_have_count(0)
    page.get_by_role("button", name="Bring it back").click()
    expect(page.locator(".shelf li")).to_have_count(1)


def test_the_draft_and_its_list_fit_the_screen(bench: BenchPage, page: Page) -> None:
    bench.start("Sluice", "9", "9", 3, 3)
    sizes = page.evaluate(
        "[document.documentElement.scrollHeight, document.documentElement.scrollWidth]"
    )
    assert sizes == [800, 1280]
    board = bench.board.bounding_box()
    assert board and board["y"] + board["height"] <= 800 and board["width"] > 400
