"""German is spoken where it is chosen: on pages, in answers, on paper."""

from __future__ import annotations

from pathlib import Path

import pdfplumber
import pytest
from playwright.sync_api import Page, expect

from tests.browser.test_recipes import open_sample, to_recipes

pytestmark = pytest.mark.browser


def test_german_is_chosen_in_how_you_work_and_spoken_everywhere(page: Page, tmp_path: Path) -> None:
    open_sample(page, "Gale Lantern", tmp_path)
    to_recipes(page)
    page.get_by_role("button", name="How you work").click()
    page.get_by_label("Language").select_option("de")
    expect(page.get_by_role("button", name="So arbeitest du")).to_be_visible()
    expect(page.locator("html")).to_have_attribute("lang", "de")
    page.get_by_role("link", name="Entwerfen").click()
    expect(page.get_by_role("heading", name="Zuschneideliste")).to_be_visible()
    expect(page.locator("#cutting-list")).to_contain_text("fertig")
    page.get_by_role("link", name="Zuschneiden", exact=True).click()
    page.get_by_role("button", name="Drucken und mitnehmen").click()
    with page.expect_download() as sheet:
        page.get_by_role("button", name="Zuschneideliste mit Schnittlagen (PDF)").click()
    with pdfplumber.open(sheet.value.path()) as read:
        text = " ".join(part.extract_text() for part in read.pages)
    assert "Zuschneideliste" in text and "Cutting" not in text
    page.goto(page.url.split("/blocks")[0])
    expect(page.get_by_role("heading", name="Das Regal der Blöcke")).to_be_attached()
