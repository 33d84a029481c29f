"""Recipes and the size finder in the real interface."""

from __future__ import annotations

import json
import re
from pathlib import Path

import pytest
from playwright.sync_api import Page, expect

from tests.browser.bench_page import BenchPage
from yonk.files.block_file import write_block
from yonk.machine.samples import all_samples

pytestmark = pytest.mark.browser


def open_sample(page: Page, name: str, tmp_path: Path) -> None:
    """A sample block, opened as a file."""
    file = tmp_path / f"{name}.yonk.json"
    file.write_text(
        json.dumps(write_block(next(draft for draft in all_samples() if draft.name == name)))
    )
    page.get_by_label("Block file").set_input_files(file)
    expect(page.get_by_role("application")).to_be_visible()


def figure(page: Page, row: str, way: str) -> str:
    """What the table says of a way."""
    heads = [
        text.split("\n")[0].lower() for text in page.locator(".ways thead th").all_inner_texts()
    ]
    cells = (
        page.locator(".ways tbody tr")
        .filter(has=page.get_by_role("rowheader", name=row, exact=True))
        .locator("td")
    )
    return cells.nth(heads.index(way)).inner_text().replace("⁄", "/")


def to_recipes(page: Page) -> None:
    """Where the pictures come first; all figures are unfolded beside each other."""
    page.get_by_role("navigation", name="Steps").get_by_role("link", name="Recipes").click()
    expect(page.locator(".ways")).to_be_visible()
    if page.locator(".ways tbody tr").count() == 1:
        page.get_by_role("button", name="All figures, side by side").click()


def test_choosing_a_method_changes_list_and_counts(
    bench: BenchPage, page: Page, tmp_path: Path
) -> None:
    open_sample(page, "Weir Gate", tmp_path)
    assert "Peat: 6 squares 8″" in bench.cutting()
    to_recipes(page)
    expect(page.get_by_role("heading", level=1)).to_have_text("half-square triangle 1")
    # by hand: 3 + 1/2 + 1/8 + 1/4 × 1.4142 = 3.979, up to 4; twice that for eight; (3 5/8) × 1.4142
    # + 1/2 = 5.63, up to 5 3/4
    assert figure(page, "Cut", "two at a time") == "48 squares 4″"
    assert figure(page, "Cut", "eight at a time") == "12 squares 8″"
    assert figure(page, "Cut", "four at a time") == "24 squares 5 3/4″"
    assert figure(page, "Makes", "two at a time") == "48"
    assert figure(page, "Bias outside", "four at a time") == "all four sides"
    assert figure(page, "Room to trim", "two at a time") == "1/8″"
    page.get_by_role("button", name="Take two at a time").click()
    expect(page.locator(".ways th.taken small")).to_have_text("your choice")
    expect(page.locator(".unit-card[aria-current] .yours")).to_contain_text(
        "two at a time, your choice"
    )
    page.get_by_role("link", name="Draft", exact=True).click()
    expect(page.locator(".list-body article").first).to_contain_text("squares cut 4″")
    assert {"Peat: 24 squares 4″", "Fog: 24 squares 4″"} <= bench.cutting()
    page.get_by_role("button", name="Undo").click()
    expect(page.locator(".list-body article").first).to_contain_text("squares cut 8″")
    bench.saved()


def test_steps_are_pictured_and_the_working_is_line_by_line(page: Page, tmp_path: Path) -> None:
    open_sample(page, "Weir Gate", tmp_path)
    to_recipes(page)
    page.get_by_role("button", name="two at a time", exact=True).click()
    steps = page.locator(".steps > li")
    expect(steps).to_have_count(5)
    expect(steps.nth(1)).to_contain_text("right sides together")
    expect(steps.nth(1).locator("svg .drawn")).to_have_count(1)
    expect(steps.nth(1).locator("svg .sewn")).to_have_count(2)
    expect(steps.nth(2).locator("svg .cut")).to_have_count(1)
    expect(steps.nth(4).locator("svg .guide")).to_have_count(1)
    expect(steps.nth(0).locator(".caution")).to_contain_text("Cut away from yourself")
    expect(page.locator(".workings li").first).to_have_text(
        "3″ finished + 2 × 1⁄4″ = 3 1⁄2″ unfinished"
    )
    expect(page.locator(".workings li").last).to_have_text("up, to 4″, on a ruler of 1⁄8″ steps")


def test_the_comparison_fits_the_screen(page: Page, tmp_path: Path) -> None:
    open_sample(page, "Scree", tmp_path)
    to_recipes(page)
    box = page.locator(".ways").bounding_box()
    assert box and box["x"] + box["width"] <= 1280 and box["y"] + box["height"] <= 800


def test_how_you_work_changes_the_proposal(page: Page, tmp_path: Path) -> None:
    open_sample(page, "Weir Gate", tmp_path)
    to_recipes(page)
    page.get_by_role("button", name="How you work").click()
    dialog = page.get_by_role("dialog")
    dialog.get_by_label("Trim margin").fill("0")
    with page.expect_response("**/api/draft"):
        dialog.get_by_label("Trim margin").press("Enter")
    with page.expect_response("**/api/draft"):
        dialog.get_by_label("two lines drawn, sewn on both, cut between").click()
    dialog.get_by_role("textbox", name="Seam allowance").fill("a bit")
    dialog.get_by_role("textbox", name="Seam allowance").press("Enter")
    expect(dialog.get_by_role("alert")).to_contain_text("is not a length")
    dialog.get_by_label("Close").click()
    expect(page.locator(".steps")).to_contain_text("sew on them")
    expect(page.locator(".ways tbody")).to_contain_text("48 squares 3 7⁄8″")
    assert figure(page, "Cut", "two at a time") == "48 squares 3 7/8″"
    page.get_by_role("button", name="48 × plain patch").click()
    expect(page.get_by_role("heading", level=1)).to_have_text(re.compile("plain patch"))


def test_squares_on_hand_a_wrong_number_and_a_chart(page: Page) -> None:
    page.get_by_role("link", name="Size finder").click()
    row = page.locator(".answers tr").filter(has_text="half-square triangle").first
    expect(row).to_contain_text("4″")
    expect(row).to_contain_text("use each 5″ piece as it is")
    page.get_by_label("Of how many fabrics").fill("99")
    expect(page.get_by_text("must be from 1 to the number of pieces")).to_be_visible()
    page.get_by_role("button", name="Is this number right?").click()
    page.get_by_label("You were told to cut the half").fill("3 3/4")
    expect(page.locator(".verdict")).to_contain_text("Too small: it comes out 3.396″")
    page.get_by_label("You were told to cut the half").fill("4")
    expect(page.locator(".verdict")).to_contain_text("It works")
    page.get_by_label("You were told to cut the half").fill("four")
    expect(page.get_by_text("“four” is not a length")).to_be_visible()
    page.get_by_role("button", name="The chart").click()
    page.get_by_label("Made").select_option("eight-at-a-time")
    line = page.locator(".answers tr").filter(
        has=page.get_by_role("rowheader", name="3″", exact=True)
    )
    expect(line).to_contain_text("8″")
    with page.expect_download() as sheet:
        page.get_by_role("button", name="CSV").click()
    assert "3″,3 1/2″,8″" in Path(sheet.value.path()).read_text("utf-8-sig")
