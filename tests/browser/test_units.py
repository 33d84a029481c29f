"""Units by themselves in the real interface: own margins, pressing, foundations, bars as told."""

from __future__ import annotations

from pathlib import Path

import pdfplumber
import pytest
from playwright.sync_api import Page, expect

from tests.browser.bench_page import BenchPage
from tests.browser.test_recipes import figure, open_sample, to_recipes

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
