"""The language that marks every text of the catalogue: what stands on a page unmarked is seen."""

from __future__ import annotations

import re

from playwright.sync_api import Page

from tests.conftest import Running

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


def unmarked_texts(page: Page, running: Running) -> list[str]:
    """What the page shows, opened anew in that language, that is not of the catalogue."""
    page.context.add_cookies([{"name": "yonk-language", "value": "xa", "url": running.url}])
    page.reload()
    page.wait_for_load_state("networkidle")
    return [text for text in page.evaluate(UNMARKED) if not NAMES.fullmatch(text)]
