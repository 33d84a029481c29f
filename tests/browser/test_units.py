"""Units by themselves in the real interface: own margins, pressing, foundations, bars as told."""

from __future__ import annotations

import re
from pathlib import Path

import pdfplumber
import pytest
from playwright.sync_api import Page, expect

from tests.browser.bench_page import BenchPage
from tests.browser.test_recipes import figure, open_sample, to_recipes
from tests.browser.test_sew import to_sew

pytestmark = pytest.mark.browser


def test_a_margin_of_the_sky_alone_counts_and_says_so(
    bench: BenchPage, page: Page, tmp_path: Path
) -> None:
    open_sample(page, "Heron Reach", tmp_path)
    to_recipes(page)
    expect(page.locator(".own li")).to_have_count(3)
    sky = page.get_by_label("margin to trim, sky")
    sky.fill("3/8")
    sky.press("Enter")
    # 4 + ¼ × 3.4142 + ⅜ = 5.229, up to 5 ¼
    expect(page.locator(".ways .taken").first).to_be_visible()
    expect(page.locator(".own li").nth(2)).to_contain_text("3⁄8″, as set for this part")
    assert figure(page, "Cut", "four at a time") == "4 squares 9 1/2″, 16 squares 5 1/4″"
    expect(page.locator(".how")).to_contain_text("as set for this part")
    sky.fill("9")
    sky.press("Enter")
    expect(page.get_by_role("alert").first).to_contain_text("is more than 2″")
    sky.fill("")
    sky.press("Enter")
    expect(page.locator(".own li").nth(2)).to_contain_text("as for the whole block")
    page.get_by_label("choose for all of this kind").uncheck()
    whole = page.get_by_label("margin to trim, the whole unit")
    whole.fill("1/2")
    whole.press("Enter")
    expect(page.locator(".own li").first).to_contain_text("1⁄2″, as set for this unit")
    page.get_by_label("pressed inside").select_option(label="open")
    page.get_by_role("button", name="Undo").click()
    expect(page.get_by_label("pressed inside")).to_have_value("")
    bench.saved()


def test_a_unit_is_sewn_on_a_foundation_that_is_printed(page: Page, tmp_path: Path) -> None:
    open_sample(page, "Heron Reach", tmp_path)
    to_recipes(page)
    page.get_by_role("button", name="Take on a printed foundation").click()
    expect(page.locator(".ways th.taken small")).to_have_text("your choice")
    expect(page.locator(".how")).to_contain_text("Fold the foundation back on the line")
    page.get_by_role("navigation", name="Steps").get_by_role("link", name="Cut").click()
    page.get_by_role("button", name="Print and take along").click()
    with page.expect_download() as taken:
        page.get_by_role("button", name="Foundations at true size (PDF)").click()
    with pdfplumber.open(taken.value.path()) as document:
        text = "".join(one.extract_text() for one in document.pages)
    assert "Unit 1" in text and "Rowan" in text and "Print 16." in text


def test_no_allowance_is_laid_under_a_fabric_that_is_kept_clear(page: Page, tmp_path: Path) -> None:
    open_sample(page, "Weir Gate", tmp_path)
    page.get_by_role("navigation", name="Steps").get_by_role("link", name="Sew").click()
    fog = page.get_by_role("checkbox", name="Fog")
    fog.click()
    expect(fog).to_be_checked()
    page.reload()
    expect(page.get_by_role("checkbox", name="Fog")).to_be_checked()
    expect(page.get_by_role("checkbox", name="Peat")).not_to_be_checked()


def test_bars_are_put_in_as_they_are_told(bench: BenchPage, page: Page) -> None:
    bench.start("Rill", "8", "8", 1, 1)
    bench.unit("strip set")
    bars = page.get_by_label("bars")
    bars.fill("1 2 1")
    bars.press("Enter")
    bench.touch(0.5, 0.5)
    expect(page.locator(".list-body")).to_contain_text("strip set")
    # 8 in parts of 1, 2 and 1: 2, 4 and 2 finished, so 2 ½ and 4 ½ wide
    expect(page.locator(".cut").filter(has_text="4 1⁄2″").first).to_be_visible()
    bars.fill("1")
    bars.press("Enter")
    bench.touch(0.5, 0.5)
    expect(page.get_by_role("alert").first).to_contain_text("such as 1 2 1")


def test_rulers_are_owned_and_a_unit_is_trimmed_with_one(page: Page, tmp_path: Path) -> None:
    open_sample(page, "Scree", tmp_path)
    to_recipes(page)
    page.get_by_role("button", name="How you work").click()
    dialog = page.get_by_role("dialog")
    dialog.get_by_role("button", name="Add a ruler").click()
    ruler = dialog.get_by_role("group", name="ruler 1")
    expect(ruler).to_be_visible()
    ruler.get_by_label("width of ruler 1").fill("0")
    ruler.get_by_label("width of ruler 1").press("Enter")
    expect(dialog.get_by_role("alert")).to_contain_text("more than nothing")
    ruler.get_by_label("width of ruler 1").fill("4")
    ruler.get_by_label("width of ruler 1").press("Enter")
    ruler.get_by_label("numbered by").select_option("finished")
    folded = dialog.get_by_label("trimmed while still folded, then pressed")
    folded.click()
    expect(folded).to_be_checked()
    page.keyboard.press("Escape")
    trim = page.locator(".steps li.trim").first
    expect(trim).to_contain_text("while it is still folded")
    expect(trim).to_contain_text("read 3″")
    expect(trim.locator(".ruler-number").first).to_be_visible()


def test_a_unit_sewn_singly_is_joined_step_by_step(page: Page, tmp_path: Path) -> None:
    open_sample(page, "Heron Reach", tmp_path)
    to_recipes(page)
    page.get_by_role("button", name="Take cut triangles and sew").click()
    expect(page.locator(".ways th.taken small")).to_have_text("your choice")
    to_sew(page)
    steps = page.get_by_role("navigation", name="Steps of sewing")
    last = steps.get_by_role("button", name=re.compile("That makes the flying geese"))
    expect(last.first).to_be_visible()
    last.first.click()
    step = page.locator(".one-step")
    expect(step).to_contain_text("At the point, where it must be exact")
    expect(step.locator(".join-pictures .start")).to_have_count(1)
    expect(step.locator(".steps li.trim")).to_be_visible()
    expect(page.locator(".trip h2").first).to_contain_text("Trip 1 to the iron")


def test_cells_are_made_one_unit_and_like_patches_one(bench: BenchPage, page: Page) -> None:
    bench.start("Loose", "6", "6", 3, 3)
    bench.unit("half-square triangle")
    bench.touch(2.5, 0.5)
    bench.unit("plain patch")
    for x, y in ((0, 0), (1, 0), (0, 1), (1, 1), (2, 1), (0, 2), (1, 2), (2, 2)):
        bench.touch(x + 0.5, y + 0.5)
    assert not any("checker" in one for one in bench.units())
    bench.tool("Cells")
    page.mouse.move(*bench.spot(0.5, 0.5))
    page.mouse.down()
    page.mouse.move(*bench.spot(1.5, 1.5), steps=4)
    page.mouse.up()
    with bench.answered():
        page.get_by_role("button", name="one unit", exact=True).click()
    bench.painted()
    assert any("checker" in one for one in bench.units())
    with bench.answered():
        page.get_by_role("button", name="apart", exact=True).click()
    bench.painted()
    assert not any("checker" in one for one in bench.units())
    before = bench.cutting()
    with bench.answered():
        page.get_by_role("button", name="unite like", exact=True).click()
    bench.painted()
    # four squares of 2″ are one of 4″
    assert any("4 1/2″" in line for line in bench.cutting() - before)
    bench.saved()
