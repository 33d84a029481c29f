"""Every text that a page shows is out of the catalogue, and German is spoken where it is chosen."""

from __future__ import annotations

import re
from pathlib import Path

import pdfplumber
import pytest
from playwright.sync_api import Page, expect

from tests.browser.test_every_page import PAGES, visit
from tests.browser.test_recipes import open_sample, to_recipes
from tests.conftest import Running

pytestmark = pytest.mark.browser

# what is shown outside the marks of the language that marks every text
UNMARKED = """() => {
  const found = [];
  let deep = 0;
  const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  for (let node = texts.nextNode(); node; node = texts.nextNode()) {
    if (node.parentElement.closest('script, style')) continue;
    let bare = '';
    for (const sign of node.data) {
      if (sign === '⟦') deep++;
      else if (sign === '⟧') deep--;
      else bare += deep ? '\\0' : sign;
    }
    for (const part of bare.split('\\0')) if (/\\p{L}{2}/u.test(part)) found.push(part.trim());
  }
  for (const node of document.querySelectorAll('[aria-label], [title], [placeholder], [alt]'))
    for (const name of ['aria-label', 'title', 'placeholder', 'alt']) {
      const text = node.getAttribute(name) ?? '';
      if (/\\p{L}{2}/u.test(text.replace(/⟦.*⟧/gs, ''))) found.push(`${name}: ${text}`);
    }
  return [...new Set(found)];
}"""
# names that somebody gave, and signs of units and files that are alike in every language
FABRICS = "Peat|Fog|Gorse|Rowan|Lichen|Slate|Bracken"
NAMES = re.compile(rf"Yonk|Gale Lantern|(?:aria-label: )?(?:{FABRICS})(?:, [\d ⁄″]+)?|([A-Z])\1+")


def speak(page: Page, running: Running, language: str) -> None:
    """Have the browser ask for a language, and open the page anew in it."""
    page.context.add_cookies([{"name": "yonk-language", "value": language, "url": running.url}])
    page.reload()
    page.wait_for_load_state("networkidle")


@pytest.mark.parametrize("name", PAGES)
def test_no_page_shows_a_text_that_is_not_of_the_catalogue(
    page: Page, running: Running, tmp_path: Path, name: str
) -> None:
    visit(page, running, tmp_path, name)
    speak(page, running, "xa")
    unmarked = [text for text in page.evaluate(UNMARKED) if not NAMES.fullmatch(text)]
    assert not unmarked, "\n".join(unmarked)


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
