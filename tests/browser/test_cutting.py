"""From a draft to the cutting table in the real interface."""

from __future__ import annotations

import io
import re
from pathlib import Path

import pdfplumber
import pytest
from playwright.sync_api import Browser, Locator, Page, expect

from tests.browser.bench_page import BenchPage
from tests.browser.conftest import PATIENCE
from tests.browser.test_recipes import open_sample
from tests.conftest import Running
from yonk.machine.printer import print_pages

pytestmark = pytest.mark.browser

# Done when the worker that opens pages without a server has charge of this one.
KEPT_FOR_LATER = """() => new Promise(done => {
  const look = () => navigator.serviceWorker.controller ? done() : setTimeout(look, 50);
  look();
})"""


def to_cut(page: Page) -> None:
    page.get_by_role("navigation", name="Steps").get_by_role("link", name="Cut").click()
    expect(page.locator(".cut-lines")).to_be_visible()


def line(page: Page, size: str) -> Locator:
    return page.locator(".cut-lines li").filter(has_text=size)


def fabric(page: Page, name: str) -> Locator:
    return page.get_by_role("navigation", name="Fabrics to cut").get_by_role(
        "button", name=re.compile(f"^{name}")
    )


def tick(page: Page, row: Locator) -> None:
    with page.expect_response(re.compile("/entries$")):
        row.get_by_role("checkbox").click()
    expect(row.get_by_role("checkbox")).to_be_checked()


def for_blocks(page: Page, words: str) -> None:
    """Choose the stage; it is checked once the address has changed."""
    page.get_by_label(words).click()
    expect(page.get_by_label(words)).to_be_checked()


def test_a_block_from_draft_to_printed_list(bench: BenchPage, page: Page, tmp_path: Path) -> None:
    bench.start("Sluice", "9", "9", 3, 3)
    bench.mates("quarter turns")
    bench.touch(0.5, 0.5)
    bench.mates("none")
    bench.keep("Number of blocks", "12")
    to_cut(page)
    expect(page.locator(".cloth-list h1")).to_be_visible()
    fabric(page, "Peat").click()
    # 48 half-square triangles of 3″, eight at a time: six squares of 8″, five across 40″: two
    # strips, 16″ and 1″ straightened
    expect(line(page, "8″")).to_contain_text("from 2 strips 8″")
    expect(page.locator(".cloth-list header")).to_contain_text("Buy 1⁄2 yd or 2 fat quarters")
    expect(page.locator(".layout .laid")).to_have_count(6)
    line(page, "8″").hover()
    expect(page.locator(".layout .laid.lit")).to_have_count(6)
    expect(page.locator(".cut-picture .lit")).to_have_count(4)
    page.get_by_role("button", name="Print and take along").click()
    with page.expect_download() as sheet:
        page.get_by_role("button", name="Cutting list with layouts (PDF)").click()
    document = Path(sheet.value.path()).read_bytes()
    with pdfplumber.open(io.BytesIO(document)) as read:
        text = " ".join(part.extract_text() for part in read.pages)
    assert (
        "Sluice: cutting list for all blocks" in text
        and "Peat" in text
        and "from 2 strips 8″" in text
    )
    assert all(picture.stat().st_size > 5000 for picture in print_pages(document, tmp_path))


@pytest.mark.parametrize(
    ("words", "ending"),
    [
        ("Step sheets of the recipes (PDF)", "steps.pdf"),
        ("Templates at true size (PDF)", "templates.pdf"),
        ("Labels for the stacks (PDF)", "labels.pdf"),
        ("Cutting list (XLSX)", "cutting list.xlsx"),
        ("Cutting list (CSV)", "cutting list.csv"),
        ("Layouts (SVG)", "layouts.svg"),
        ("Templates (SVG)", "templates.svg"),
        ("Templates for a cutting machine (DXF)", "templates.dxf"),
    ],
)
def test_everything_can_be_taken_along(page: Page, tmp_path: Path, words: str, ending: str) -> None:
    open_sample(page, "Heron Reach", tmp_path)
    to_cut(page)
    page.get_by_role("button", name="Print and take along").click()
    with page.expect_download() as sheet:
        page.get_by_role("button", name=words).click()
    assert sheet.value.suggested_filename == f"Heron Reach {ending}"
    assert Path(sheet.value.path()).stat().st_size > 150


def test_ticks_and_place_are_kept_over_a_reload(page: Page, tmp_path: Path) -> None:
    open_sample(page, "Weir Gate", tmp_path)
    to_cut(page)
    tick(page, line(page, "3 1⁄2″"))
    expect(fabric(page, "Fog")).to_contain_text("1 of 2 lines cut")
    page.reload()
    expect(fabric(page, "Fog")).to_contain_text("1 of 2 lines cut")
    page.keyboard.press("Control+z")
    expect(line(page, "3 1⁄2″").get_by_role("checkbox")).not_to_be_checked()
    expect(page.get_by_role("button", name="Take back")).to_have_count(0)


def test_strip_by_strip_at_the_table(page: Page, tmp_path: Path) -> None:
    """By space and by touch, so many of a strip, one that went wrong, and the last taken back."""
    open_sample(page, "Weir Gate", tmp_path)
    to_cut(page)
    page.get_by_role("button", name="At the cutting table").click()
    place, strip = page.locator(".cutting-table .place"), page.locator(".one-strip")
    expect(place).to_have_text("Strip 1 of 9, 0 done")
    expect(strip.get_by_role("heading")).to_have_text("Fog")
    page.keyboard.press("Space")
    expect(place).to_have_text("Strip 2 of 9, 1 done")
    page.reload()
    expect(place).to_have_text("Strip 2 of 9, 1 done")
    page.get_by_role("button", name="Only so many").click()
    strip.get_by_role("textbox").last.fill("7")
    page.get_by_role("button", name="So many are cut").click()
    expect(strip).to_contain_text("7 of 18 are there.")
    page.get_by_role("button", name="One went wrong").click()
    page.get_by_label("width of what is left of it").fill("7 1/2")
    page.get_by_label("height of what is left of it").fill("7")
    page.get_by_role("button", name="Keep that").click()
    last = page.get_by_role("button", name="Take back")
    expect(last).to_contain_text("one went wrong of square")
    page.get_by_label("Layers").select_option("2")
    expect(place).not_to_contain_text("of 9")
    page.get_by_role("button", name="Close").click()
    expect(page.locator(".not-as-planned")).to_contain_text("4 Fog squares 3 1⁄2″ from a piece")
    page.get_by_role("button", name="At the cutting table").click()
    last.click()
    expect(last).to_contain_text("7 squares")


def test_cloth_that_runs_out_has_ways_out_of_which_one_is_taken_and_undone(
    page: Page, tmp_path: Path
) -> None:
    open_sample(page, "Weir Gate", tmp_path)
    to_cut(page)
    page.get_by_role("button", name="This is all there is").click()
    rows = page.locator(".cloth-rows")
    rows.get_by_label("width").fill("40")
    rows.get_by_label("length").fill("21 1/2")
    page.get_by_role("button", name="That is all there is").click()
    expect(page.locator(".not-as-planned").get_by_role("alert")).to_contain_text("No cloth for")
    ways = page.locator(".ways-out > ol > li")
    buying = ways.filter(has_text="Buy ")
    fewer = ways.filter(has_text=re.compile("^Make [0-9]+ blocks, not 12"))
    buying.get_by_role("button", name="Do so").click()
    expect(page.locator(".not-as-planned")).to_contain_text("It suffices")
    page.get_by_role("button", name="Take back").click()
    expect(fewer).to_have_count(1)
    fewer.get_by_role("button", name="Do so").click()
    expect(page.locator(".not-as-planned")).to_contain_text("It suffices")
    page.get_by_role("button", name="Undo").click()
    expect(page.locator(".not-as-planned").get_by_role("alert")).to_be_visible()


def test_the_table_goes_on_without_the_server(
    chromium: Browser, running: Running, tmp_path: Path
) -> None:
    """The page opens, what is told waits over a reload and is told when the server is back; another
    device adds to it.
    """
    context = chromium.new_context(viewport={"width": 390, "height": 844})
    context.set_default_timeout(PATIENCE)
    page = context.new_page()
    page.goto(running.url)
    open_sample(page, "Weir Gate", tmp_path)
    to_cut(page)
    page.get_by_role("button", name="At the cutting table").click()
    place = page.locator(".cutting-table .place")
    expect(place).to_have_text("Strip 1 of 9, 0 done")
    page.evaluate(KEPT_FOR_LATER)
    running.stop()
    page.reload()
    expect(page.get_by_text("This is what was opened last")).to_be_visible()
    page.get_by_role("button", name=re.compile("^Done")).click()
    page.get_by_role("button", name=re.compile("^Done")).click()
    expect(page.get_by_text("2 entries wait")).to_be_visible()
    page.reload()
    expect(page.get_by_text("2 entries wait")).to_be_visible()
    expect(place).to_have_text("Strip 3 of 9, 2 done")
    running.start()
    expect(page.get_by_text("entries wait")).to_have_count(0)
    other = chromium.new_context()
    desk = other.new_page()
    desk.goto(page.url)
    expect(desk.locator(".cutting-table .place")).to_have_text("Strip 3 of 9, 2 done")
    expect(desk.get_by_role("button", name="Take back")).to_have_count(0)
    desk.get_by_role("button", name=re.compile("^Done")).click()
    page.get_by_role("button", name="Take back").click()
    page.reload()
    page.get_by_role("button", name="Back", exact=True).click()
    expect(page.locator(".one-strip")).to_contain_text("11 of 18 are there.")  # the desk's
    other.close()
    context.close()


def test_sizes_at_the_table_are_read_from_a_metre_away(page: Page, tmp_path: Path) -> None:
    open_sample(page, "Weir Gate", tmp_path)
    to_cut(page)
    page.set_viewport_size({"width": 1024, "height": 768})
    page.get_by_role("button", name="At the cutting table").click()
    size = page.locator(".one-strip .size").first
    assert float(size.evaluate("node => parseFloat(getComputedStyle(node).fontSize)")) >= 48
    page.set_viewport_size({"width": 320, "height": 640})
    box, done = size.bounding_box(), page.get_by_role("button", name="Done").bounding_box()
    assert box and box["x"] + box["width"] <= 320, "the whole size is in sight"
    assert done and done["height"] >= 60 and done["y"] + done["height"] <= 640


def test_a_change_after_half_is_cut_says_what_is_good_and_what_is_not(
    bench: BenchPage, page: Page, tmp_path: Path
) -> None:
    open_sample(page, "Weir Gate", tmp_path)
    to_cut(page)
    fabric(page, "Peat").click()
    tick(page, line(page, "8″"))
    page.get_by_role("link", name="Draft", exact=True).click()
    bench.keep("Number of blocks", "10")
    to_cut(page)
    fabric(page, "Peat").click()
    expect(page.locator(".changed")).to_contain_text(
        "1 Peat square 8″ is cut, but not needed any more; 5 are still good."
    )
    expect(line(page, "8″").get_by_role("checkbox")).to_be_checked()


def test_trial_first_and_then_the_rest(page: Page, tmp_path: Path) -> None:
    open_sample(page, "Weir Gate", tmp_path)
    to_cut(page)
    for_blocks(page, "one trial block")
    fabric(page, "Peat").click()
    expect(page.locator(".cut-lines li")).to_have_count(1)  # the list before is shown till it comes
    expect(line(page, "4″")).to_contain_text("2")
    tick(page, line(page, "4″"))
    for_blocks(page, "the rest after it")
    expect(page.locator(".cut-lines li")).to_have_count(2)
    expect(line(page, "8″").locator(".count")).to_have_text("5")
    expect(line(page, "4″").get_by_role("checkbox")).not_to_be_checked()
    tick(page, line(page, "4″"))
    for_blocks(page, "one trial block")
    expect(line(page, "4″").get_by_role("checkbox")).to_be_checked()


def test_a_shelf_that_lacks_half_a_yard(page: Page, tmp_path: Path) -> None:
    page.get_by_role("link", name="Fabric shelf").click()
    expect(page.get_by_text("The fabric shelf is empty.")).to_be_visible()
    page.get_by_role("button", name="Put a fabric on the shelf").click()
    dialog = page.get_by_role("dialog")
    dialog.get_by_label("Name").fill("Fog, washed")
    dialog.get_by_role("button", name="+ fat quarter").click()
    dialog.get_by_label("How many of piece 1").fill("2")
    dialog.get_by_role("button", name="+ another size").click()
    dialog.get_by_label("Width of piece 2").fill("wide")
    dialog.get_by_label("Length of piece 2").fill("9")
    dialog.get_by_role("button", name="Keep").click()
    expect(dialog.get_by_role("alert")).to_contain_text("“wide” is not a length")
    dialog.get_by_label("Width of piece 2").fill("12 1/2")
    dialog.get_by_role("button", name="Keep").click()
    expect(page.locator(".shelf-fabrics")).to_contain_text(
        "2 × 20 1⁄2″ × 17 1⁄2″, 1 × 12 1⁄2″ × 9″"
    )
    page.get_by_role("link", name="Yonk: the shelf of blocks").click()
    open_sample(page, "Weir Gate", tmp_path)
    to_cut(page)
    expect(page.locator(".cloth-list header")).to_contain_text("Buy 7⁄8 yd")
    page.get_by_text("How this cloth is bought").click()
    page.get_by_label("From the fabric shelf").select_option(label="Fog, washed")
    expect(page.locator(".cloth-list header")).to_contain_text("From the shelf first")
    expect(page.locator(".cloth-list header")).to_contain_text(re.compile("Buy (1⁄4|3⁄8|1⁄2) yd"))
    expect(page.locator(".layout figcaption").first).to_contain_text("From the shelf")
    page.get_by_role("link", name="Yonk: the shelf of blocks").click()
    page.get_by_role("link", name="Fabric shelf").click()
    page.get_by_label(re.compile("12 × Weir Gate")).check()
    expect(page.locator(".shopping .shelf-fabrics")).to_contain_text("Fog, washed")
    expect(page.locator(".shopping .shelf-fabrics")).to_contain_text("from the shelf")
