"""What holds for every page: names for all that can be touched, one main part, room on a tablet,
its own address.
"""

from __future__ import annotations

import re
from pathlib import Path

import pytest
from playwright.sync_api import Page, expect

from tests.browser.bench_page import PAINTED, BenchPage
from tests.browser.marked import unmarked_texts
from tests.browser.test_cutting import to_cut
from tests.browser.test_measure import look_at, to_measure
from tests.browser.test_paper import read_paper
from tests.browser.test_quilts import set_into_a_quilt
from tests.browser.test_recipes import open_sample, to_recipes
from tests.browser.test_sew import go_to, to_sew
from tests.conftest import Running

pytestmark = pytest.mark.browser

NAMELESS = """() => [...document.querySelectorAll(
    'button, a, input, select, [role=button], [role=radio]')]
  .filter(node => node.offsetParent && node.type !== 'hidden')
  .filter(node => !(node.textContent.trim() || node.getAttribute('aria-label')
    || node.getAttribute('aria-labelledby')
    || node.title || node.labels?.length))
  .map(node => node.outerHTML.slice(0, 120))"""
TWICE = """() => {
  const ids = [...document.querySelectorAll('[id]')].map(node => node.id).filter(Boolean);
  return ids.filter((id, index) => ids.indexOf(id) !== index); }"""
CONTRASTS = """() => {
  const lum = ([r, g, b]) => { const part = value => { value /= 255;
    return value <= 0.03928 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4; };
    return 0.2126 * part(r) + 0.7152 * part(g) + 0.0722 * part(b); };
  const numbers = text => (text.match(/[\\d.]+/g) || []).map(Number);
  const ground = node => { for (let at = node; at; at = at.parentElement) {
    const [r, g, b, a] = numbers(getComputedStyle(at).backgroundColor);
    if (a === undefined ? r !== undefined : a > 0.5) return [r, g, b]; }
    return [255, 255, 255]; };
  const poor = [];
  for (const node of document.querySelectorAll('main *, header *')) {
    if (!node.offsetParent || node.closest('svg, [disabled], .ticked')
      || getComputedStyle(node).opacity < 1) continue;
    if (![...node.childNodes].some(
      child => child.nodeType === 3 && child.textContent.trim())) continue;
    const ink = numbers(getComputedStyle(node).color).slice(0, 3), paper = ground(node);
    const [high, low] = [lum(ink), lum(paper)].sort((a, b) => b - a);
    if ((high + 0.05) / (low + 0.05) < 4.5)
      poor.push(node.className + ': ' + node.textContent.trim().slice(0, 40));
  }
  return poor;
}"""


def plan_the_evening(page: Page) -> None:
    page.get_by_role("button", name="This evening").click()
    expect(page.locator(".one-evening").first).to_be_visible()


def at_the_table(page: Page) -> None:
    page.get_by_role("button", name="At the cutting table").click()


def how_she_works(page: Page) -> None:
    page.get_by_role("button", name="How you work").click()
    expect(page.get_by_role("dialog")).to_be_visible()


def run_short(page: Page) -> None:
    """A line that did not go as planned is open, and there is too little cloth."""
    page.get_by_role("button", name="Not as planned").first.click()
    page.get_by_role("button", name="This is all there is").click()
    page.locator(".cloth-rows").get_by_label("width").fill("20")
    page.locator(".cloth-rows").get_by_label("length").fill("9")
    page.get_by_role("button", name="That is all there is").click()
    expect(page.locator(".ways-out li").first).to_be_visible()


# What is done further on a page of a block's.
FURTHER = {"table": at_the_table, "work": how_she_works, "short": run_short}


def visit(page: Page, running: Running, tmp_path: Path, name: str) -> None:
    """Go to one of the pages, with something on it."""
    if name in MEASURING:
        open_sample(page, "Gale Lantern", tmp_path)
        to_measure(page)
        look_at(page, name)
    elif name in QUILT:
        set_into_a_quilt(page, "Gale Lantern", tmp_path)
        page.get_by_label("Backing", exact=True).select_option("peat")
        page.goto(page.url + QUILT[name])
        page.wait_for_load_state("networkidle")
    elif name in SEWING:
        open_sample(page, "Gale Lantern", tmp_path)
        to_sew(page)
        go_to(page, name)
    elif name == "paper":
        read_paper(page, running, tmp_path)
    elif name == "evening":
        open_sample(page, "Gale Lantern", tmp_path)
        to_sew(page)
        plan_the_evening(page)
    elif name in ("recipes", "cut", "table", "work", "short"):
        open_sample(page, "Gale Lantern", tmp_path)
        if name in ("recipes", "work"):
            to_recipes(page)
            expect(page.locator(".steps")).to_be_visible()
        else:
            to_cut(page)
        FURTHER.get(name, lambda page: None)(page)
    elif name == "draft":
        open_sample(page, "Gale Lantern", tmp_path)
    elif name in ("check", "chart"):
        page.goto(f"{running.url}/finder")
        page.get_by_role(
            "button", name={"check": "Is this number right?", "chart": "The chart"}[name]
        ).click()
    else:
        page.goto(f"{running.url}/{name}")
    page.wait_for_load_state("networkidle")
    # the net is quiet between a page's code and its data, too
    expect(page.locator("[aria-busy=true]")).to_have_count(0)
    expect(page.locator("h1").first).to_be_attached()


SEWING = ("pressing", "laid out", "join", "machine")
FIRST = ("", "draft", "recipes", "work", "cut", "table", "finder", "check", "chart", "fabrics")
QUILT = {
    "quilt": "",
    "top cut": "/cut",
    "top cloth": "/cut?fabric=peat",
    "top sewn": "/sew",
    "top evening": "/sew?look=evening",
    "top at the machine": "/sew?machine=1",
}
MEASURING = ("trial", "foretold", "log")
PAGES = (
    *FIRST,
    "short",
    *SEWING,
    "evening",
    "paper",
    "seam-log",
    *MEASURING,
    "quilts",
    *QUILT,
    "bin",
    "words",
)


AXE = Path(__file__).parents[2] / "frontend" / "node_modules" / "axe-core" / "axe.min.js"
FOUND = """async () => {
  const tags = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];
  const { violations } = await axe.run(document, { runOnly: { type: 'tag', values: tags } });
  return violations.map(one => one.id + ': ' + one.nodes[0].html.slice(0, 120)
    + one.nodes[0].any.map(why => why.message)); }"""
WIDTHS = (1280, 820, 390, 320)
OVER_EACH_OTHER = """() => {
  const parts = [...document.querySelectorAll('main > *')].filter(one => {
    const style = getComputedStyle(one);
    return style.position === 'static' && style.display !== 'contents' && one.clientHeight; });
  const found = parts.filter(one => getComputedStyle(one).overflowY === 'visible'
    && one.scrollHeight > one.clientHeight + 8).map(one => one.tagName + one.className
      + ' holds ' + one.scrollHeight + ' in ' + one.clientHeight);
  parts.forEach((one, place) => parts.slice(place + 1).forEach(other => {
    const [a, b] = [one, other].map(part => part.getBoundingClientRect());
    const across = Math.min(a.right, b.right) - Math.max(a.left, b.left);
    const down = Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top);
    if (Math.min(across, down) > 1) found.push(one.className + ' over ' + other.className); }));
  return found; }"""


def found_wrong(page: Page) -> list[str]:
    """What the accessibility checker finds, when nothing moves any more."""
    # one that is broken off, as where what moved is gone, is over as well
    over = "() => Promise.all(document.getAnimations().map(one => one.finished.catch(() => null)))"
    page.evaluate(over)
    page.evaluate(AXE.read_text())
    found: list[str] = page.evaluate(FOUND)
    return found


@pytest.mark.parametrize("name", PAGES)
def test_every_page_is_named_told_from_its_ground_fits_any_screen_and_speaks_by_the_catalogue(
    page: Page, running: Running, tmp_path: Path, name: str
) -> None:
    visit(page, running, tmp_path, name)
    assert page.evaluate(NAMELESS) == []
    assert page.evaluate(TWICE) == []
    assert page.locator("main").count() == 1
    assert page.title().endswith("Yonk") or page.title().startswith("Yonk")
    assert page.evaluate(CONTRASTS) == []
    assert found_wrong(page) == []
    for width in WIDTHS:
        page.set_viewport_size({"width": width, "height": 900})
        page.evaluate(PAINTED)
        assert page.evaluate("document.documentElement.scrollWidth") <= width, width
        assert page.evaluate(OVER_EACH_OTHER) == [], width
    page.set_viewport_size({"width": WIDTHS[0], "height": 800})
    unmarked = unmarked_texts(page, running)
    assert not unmarked, "\n".join(unmarked)


def test_every_step_has_an_address_and_a_wrong_one_leads_to_the_draft(
    page: Page, running: Running, tmp_path: Path
) -> None:
    open_sample(page, "Weir Gate", tmp_path)
    block = re.search(r"/blocks/(\w+)/draft", page.url)
    assert block
    for step, sign in (
        ("recipes", ".ways"),
        ("cut", ".cut-lines"),
        ("sew", ".pressing > section .sew-front"),
        ("measure", ".block-lines"),
        ("set", ".quilt-shelf"),
        ("draft", ".board"),
        ("nowhere", ".board"),
    ):
        page.goto(f"{running.url}/blocks/{block.group(1)}/{step}")
        expect(page.locator(sign)).to_be_visible()
    page.goto(f"{running.url}/blocks/{block.group(1)}/cut?stage=trial&fabric=peat")
    expect(page.get_by_label("one trial block")).to_be_checked()
    expect(page.get_by_role("heading", level=1)).to_have_text("Peat")
    page.goto(f"{running.url}/blocks/none/recipes")
    expect(page.get_by_role("heading", name=re.compile("no such block|gone", re.I))).to_be_visible()


def test_undo_reaches_over_the_steps_and_a_reload(
    bench: BenchPage, page: Page, tmp_path: Path
) -> None:
    open_sample(page, "Weir Gate", tmp_path)
    to_recipes(page)
    page.get_by_role("button", name="Take four at a time").click()
    expect(page.locator(".unit-card[aria-current]")).to_contain_text("your choice")
    bench.saved()
    page.reload()
    expect(page.locator(".unit-card[aria-current]")).to_contain_text("your choice")
    to_cut(page)
    expect(page.locator(".cut-lines")).to_contain_text("5 3⁄4″")
    page.get_by_role("button", name="Undo").click()
    expect(page.locator(".cut-lines")).not_to_contain_text("5 3⁄4″")
    to_recipes(page)
    expect(page.locator(".unit-card[aria-current]")).not_to_contain_text("your choice")


def test_recipes_wait_for_a_server_that_is_gone(
    page: Page, running: Running, tmp_path: Path
) -> None:
    open_sample(page, "Weir Gate", tmp_path)
    page.route("**/api/recipes", lambda route: route.abort())
    page.get_by_role("link", name="Recipes").click()
    expect(page.get_by_role("alert")).to_contain_text("does not answer")
    page.unroute("**/api/recipes")
    page.get_by_role("button", name="Try again").click()
    expect(page.locator(".ways")).to_be_visible()


def test_it_finds_nothing_in_an_open_menu_or_dialog(
    page: Page, running: Running, tmp_path: Path
) -> None:
    open_sample(page, "Weir Gate", tmp_path)
    page.get_by_role("button", name="Files").click()
    expect(page.get_by_text("An earlier state of this block")).to_be_visible()
    beneath = "target-size"  # the open menu lies over a field, which counts as a small target then
    assert [one for one in found_wrong(page) if not one.startswith(beneath)] == []
    page.keyboard.press("Escape")
    page.get_by_role("button", name="Size and grid").click()
    page.get_by_role("button", name="size chart").click()
    expect(page.get_by_role("dialog")).to_be_visible()
    assert found_wrong(page) == []
    page.keyboard.press("Escape")
    page.get_by_label("What is meant by cut?").click()
    expect(page.locator(".help[open] p")).to_be_visible()
    assert [one for one in found_wrong(page) if not one.startswith(beneath)] == []
    page.get_by_role("link", name="Cut", exact=True).click()
    page.get_by_role("button", name="Print and take along").click()
    page.get_by_role("button", name="Everything, looked at first").click()
    expect(page.locator(".pages img").first).to_be_visible()
    assert found_wrong(page) == []
