"""What a newcomer tries: keys alone, a finger, the server gone, words that are new."""

from __future__ import annotations

import re
from collections.abc import Iterator
from pathlib import Path

import pytest
from playwright.sync_api import Browser, Page, expect

from tests.browser.bench_page import BenchPage
from tests.browser.test_recipes import open_sample
from tests.conftest import Running


@pytest.fixture
def phone(chromium: Browser, running: Running) -> Iterator[Page]:
    """A page on a phone: narrow, and touched."""
    context = chromium.new_context(
        viewport={"width": 390, "height": 844}, has_touch=True, is_mobile=True
    )
    page = context.new_page()
    page.goto(running.url)
    yield page
    context.close()


def focused(page: Page) -> str:
    """What has the focus: its name for those who listen."""
    return str(
        page.evaluate(
            "() => { const at = document.activeElement;"
            " return at.getAttribute('aria-label') || at.textContent; }"
        )
    )


def test_a_block_is_begun_as_draft_takes_it(bench: BenchPage, page: Page) -> None:
    page.get_by_role("button", name="Start a block").first.click()
    dialog = page.get_by_role("dialog")
    expect(dialog.get_by_label("Finished height")).to_have_attribute("placeholder", "9")
    dialog.get_by_label("In", exact=True).select_option("cm")
    expect(dialog.get_by_label("Finished width")).to_have_value("24")
    dialog.get_by_label("Finished width").fill("20")
    expect(dialog.get_by_role("status")).to_contain_text("in centimetres; they are not converted")
    dialog.get_by_label("Columns").fill("1 2 1")
    dialog.get_by_label("Rows").fill("2.5")
    dialog.get_by_role("button", name="Draft it").click()
    expect(dialog).to_contain_text("no whole number")
    dialog.get_by_label("Rows").fill("2")
    dialog.get_by_role("button", name="Draft it").click()
    expect(page.get_by_role("button", name="Size and grid")).to_contain_text(
        "20 cm finished · 3 × 2"
    )
    expect(page.get_by_role("button", name="column 2: 10 cm finished")).to_be_visible()
    expect(bench.board).to_be_focused()
    expect(page.locator("#cell-said")).to_contain_text("No fabric yet")


def test_another_unit_keeps_the_numbers_and_offers_to_convert(bench: BenchPage, page: Page) -> None:
    bench.start("Sluice", "9", "9", 3, 3)
    bench.on_the_edge()
    page.get_by_label("Unit of length").select_option("cm")
    expect(page.locator(".paper-unit")).to_contain_text("The numbers are kept: 9 cm now")
    page.get_by_role("button", name="Convert it to 22.86 cm").click()
    expect(page.get_by_label("Finished width", exact=True)).to_have_value("22.86")
    page.get_by_label("Unit of length").select_option("in")
    expect(page.get_by_role("button", name="Convert it to 9″")).to_be_visible()


def test_a_size_that_is_refused_can_be_put_away(bench: BenchPage, page: Page) -> None:
    bench.start("Sluice", "9", "9", 3, 3)
    bench.keep("Finished width", "wide")
    expect(page.locator(".paper-menu").get_by_role("alert")).to_contain_text("is not a length")
    page.keyboard.press("Escape")
    expect(page.locator(".paper-menu")).not_to_be_visible()
    bench.keep("Finished height", "12")
    expect(page.get_by_role("button", name="Size and grid")).to_contain_text("9″ × 12″ finished")


def test_a_way_out_is_taken_with_one_touch(bench: BenchPage, page: Page) -> None:
    bench.start("Sluice", "10", "10", 3, 3)
    page.get_by_role("button", name="take 10 1⁄8″ wide").first.click()
    expect(page.locator(".notices .off-the-ruler")).to_have_count(0)
    expect(page.get_by_role("button", name="Size and grid")).to_contain_text("10 1⁄8″ finished")


def test_a_star_by_keys_alone(bench: BenchPage, page: Page) -> None:
    bench.start("Star", "9", "9", 3, 3)
    bench.saved()
    page.reload()
    expect(bench.board).to_be_focused()
    page.keyboard.press("j")
    assert focused(page) == "Lines of the cutting list"
    page.keyboard.press("b")
    expect(bench.board).to_be_focused()
    for key in ("u", "Enter", "ArrowRight", "ArrowRight", "r", "Enter"):
        page.keyboard.press(key)
    for key in ("ArrowDown", "ArrowDown", "r", "Enter", "ArrowLeft", "ArrowLeft", "r", "Enter"):
        page.keyboard.press(key)
    expect(page.locator(".units")).to_contain_text("4 × half-square triangle")
    page.keyboard.press("l")
    page.keyboard.press("Enter")
    expect(page.locator(".patch-said")).to_contain_text("finished 3″")
    page.keyboard.press("]")
    expect(page).to_have_url(re.compile("/recipes$"))
    page.keyboard.press("[")
    expect(page).to_have_url(re.compile("/draft$"))


def test_a_skip_link_leads_over_the_header(bench: BenchPage, page: Page) -> None:
    bench.start("Sluice", "9", "9", 3, 3)
    skip = page.get_by_role("button", name="To the board")
    small = skip.bounding_box()
    skip.focus()
    shown = skip.bounding_box()
    assert small and shown and small["width"] <= 1 and shown["height"] >= 24
    page.keyboard.press("Enter")
    expect(bench.board).to_be_focused()
    page.get_by_role("link", name="Recipes").click()
    expect(page.get_by_role("heading", level=1)).to_be_visible()
    page.get_by_role("button", name="To the page").focus()
    page.keyboard.press("Enter")
    assert page.evaluate("() => document.activeElement.tagName") == "MAIN"


def test_a_group_is_one_tab_stop_with_arrows_inside(bench: BenchPage, page: Page) -> None:
    bench.start("Sluice", "9", "9", 3, 3)
    for name in ("Units to put in", "What a touch does", "Fabrics in hand"):
        group = page.get_by_role("radiogroup", name=name)
        stops = group.get_by_role("radio")
        expect(stops.first).to_be_visible()
        found = stops.evaluate_all("all => all.map(one => one.tabIndex)")
        assert sorted(found) == [-1] * (len(found) - 1) + [0], name
    tools = page.get_by_role("radiogroup", name="What a touch does")
    tools.get_by_role("radio", name="Put in").focus()
    page.keyboard.press("ArrowRight")
    expect(tools.get_by_role("radio", name="Turn")).to_be_focused()
    expect(tools.get_by_role("radio", name="Turn")).to_have_attribute("aria-checked", "true")
    page.keyboard.press("End")
    expect(tools.get_by_role("radio", name="Rub out")).to_be_focused()
    page.keyboard.press("ArrowRight")
    expect(tools.get_by_role("radio", name="Look")).to_be_focused()
    page.keyboard.press("Tab")
    expect(tools.get_by_role("radio", name="Look")).not_to_be_focused()
    steps = page.get_by_role("navigation", name="Steps").get_by_role("link")
    assert steps.evaluate_all("all => all.filter(one => one.tabIndex === 0).length") == 1


def test_what_waits_for_the_server_is_marked_and_taken_back(bench: BenchPage, page: Page) -> None:
    bench.start("Sluice", "9", "9", 3, 3)
    bench.saved()
    page.route("**/api/draft", lambda route: route.abort())
    page.mouse.click(*bench.spot(0.5, 0.5))
    page.mouse.click(*bench.spot(1.5, 0.5))
    expect(page.locator(".waiting .stamp-in")).to_have_count(2)
    expect(page.locator(".patch-said")).to_contain_text("2 changes wait for the server")
    page.get_by_role("button", name="Undo").click()
    expect(page.locator(".waiting .stamp-in")).to_have_count(1)
    page.unroute("**/api/draft")
    expect(page.locator(".waiting")).to_have_count(0)
    expect(page.locator(".units")).to_contain_text("1 × half-square triangle")
    bench.saved()


def test_paint_is_seen_before_the_server_has_answered(bench: BenchPage, page: Page) -> None:
    bench.start("Sluice", "9", "9", 3, 3)
    bench.tool("Paint")
    held = []
    page.route("**/api/draft", lambda route: held.append(route))
    page.mouse.click(*bench.spot(1.5, 1.5))
    expect(page.locator(".waiting path")).to_have_attribute("style", re.compile("cloth-peat"))
    while not held:  # it is seen before the request for it is on its way
        page.wait_for_timeout(20)
    with bench.answered():
        held.pop().continue_()
    expect(page.locator(".waiting")).to_have_count(0)
    expect(page.locator(".face[fill='url(#cloth-peat)']")).to_have_count(1)


def test_by_finger_a_tap_tells_what_the_mouse_is_told(phone: Page) -> None:
    bench = BenchPage(phone)
    bench.start("Sluice", "9", "9", 3, 3)
    expect(bench.board).to_be_in_viewport()
    with bench.answered():
        phone.touchscreen.tap(*bench.spot(0.5, 0.5))
    expect(phone.locator(".units")).to_contain_text("1 × half-square triangle")
    bench.tool("Look")
    phone.touchscreen.tap(*bench.spot(0.8, 0.8))
    said = phone.locator(".patch-said")
    for words in ("finished 3″", "unfinished 3 1⁄2″", "cut "):
        expect(said).to_contain_text(words)
    expect(phone.locator(".units")).to_contain_text("1 × half-square triangle")
    line = phone.locator(".cut summary").first
    line.tap()
    expect(phone.locator(".lit polygon").first).to_be_attached()
    phone.locator(".units li").first.tap()
    expect(phone.locator(".lit polygon")).to_have_count(2)


def test_by_touch_from_the_first_strip_to_the_last_unit(phone: Page, tmp_path: Path) -> None:
    """Every strip is tapped done, one goes wrong and is taken back; then the units are sewn."""
    open_sample(phone, "Weir Gate", tmp_path)
    phone.get_by_role("navigation", name="Steps").get_by_role("link", name="Cut").tap()
    phone.get_by_role("button", name="At the cutting table").tap()
    place = phone.locator(".cutting-table .place")
    for done in range(9):
        expect(place).to_have_text(f"Strip {done + 1} of 9, {done} done")
        phone.get_by_role("button", name=re.compile("^Done")).tap()
    expect(place).to_have_text("Strip 9 of 9, 9 done")
    phone.get_by_role("button", name="One went wrong").tap()
    phone.get_by_role("button", name="It is of no use").tap()
    expect(place).to_have_text("Strip 9 of 9, 8 done")
    phone.get_by_role("button", name="Take back").tap()
    expect(place).to_have_text("Strip 9 of 9, 9 done")
    phone.get_by_role("button", name="Close").tap()
    phone.get_by_role("navigation", name="Steps").get_by_role("link", name="Sew").tap()
    phone.get_by_role("button", name="At the machine").tap()
    phone.get_by_role("button", name="These 24 are sewn").tap()
    expect(phone.locator(".so-far")).to_have_text("24 of 48")
    phone.get_by_role("button", name="These 24 are sewn").tap()
    expect(phone.locator(".so-far")).to_have_text("0 of 12")
    phone.get_by_role("button", name="Close").tap()
    phone.get_by_role("navigation", name="Steps").get_by_role("link", name="Cut").tap()
    expect(phone.get_by_text("are sewn into units already").first).to_be_visible()


@pytest.mark.parametrize("step", ["cut?table=1", "cut", "sew", "recipes"])
def test_no_step_runs_out_of_a_phone(phone: Page, step: str) -> None:
    BenchPage(phone).start("Sluice", "9", "9", 3, 3)
    phone.goto(f"{phone.url.rpartition('/')[0]}/{step}")
    expect(phone.locator("main")).to_be_visible()
    wide = phone.evaluate("() => document.documentElement.scrollWidth")
    assert wide <= 390


def test_a_word_of_the_trade_is_explained_beside_it(bench: BenchPage, page: Page) -> None:
    bench.start("Sluice", "9", "9", 3, 3)
    page.get_by_label("What is meant by mates?").click()
    meaning = page.locator(".help[open] p")
    expect(meaning).to_contain_text("The places of the block that match")
    page.keyboard.press("Escape")
    expect(meaning).to_have_count(0)
    page.get_by_label("What is meant by cut?").click()
    meaning.get_by_role("link", name="All words").click()
    expect(page.get_by_role("heading", name="Finished, unfinished, cut")).to_be_visible()
    picture = page.get_by_role("img", name=re.compile("3″ finished, 3 1⁄2″ unfinished"))
    expect(picture).to_be_visible()
    page.get_by_label("Unit of length").select_option("cm")
    expect(page.get_by_role("img", name=re.compile("8 cm finished, 9.5 cm"))).to_be_visible()


def test_nothing_is_judged_before_a_number_is_typed(page: Page) -> None:
    page.get_by_role("link", name="Size finder").click()
    page.get_by_role("button", name="Is this number right?").click()
    expect(page.get_by_text("Type the number that you were told")).to_be_visible()
    expect(page.locator(".verdict")).to_have_count(0)
    expect(page.locator(".kind-picture svg")).to_be_visible()
    page.get_by_label("You were told to cut the half").fill("4")
    expect(page.locator(".verdict")).to_contain_text("It works")
    page.get_by_label("You were told to cut the half").fill("")
    expect(page.locator(".verdict")).to_have_count(0)


def test_the_strip_being_cut_stands_out(bench: BenchPage, page: Page) -> None:
    bench.start("Sluice", "9", "9", 3, 3)
    bench.keep("Number of blocks", "60")
    bench.touch(0.5, 0.5)
    bench.saved()
    page.get_by_role("link", name="Cut", exact=True).click()
    said = page.locator(".strip-said").first
    expect(said).to_contain_text("Strip 1 of")
    expect(page.locator(".strip.now").first).to_be_attached()
    page.get_by_role("button", name="The next strip").first.click()
    expect(said).to_contain_text("Strip 2 of")
    page.get_by_role("button", name="The strip before").first.click()
    expect(said).to_contain_text("Strip 1 of")
    page.locator(".strip text").nth(1).click()
    expect(said).to_contain_text("Strip 2 of")
    page.locator(".laid").first.hover()
    expect(page.locator(".cut-lines .lit")).to_have_count(1)


def test_everything_is_looked_at_before_it_is_printed(bench: BenchPage, page: Page) -> None:
    bench.start("Sluice", "9", "9", 3, 3)
    bench.touch(0.5, 0.5)
    bench.saved()
    page.get_by_role("link", name="Cut", exact=True).click()
    page.get_by_role("button", name="Print and take along").click()
    page.get_by_role("button", name="Everything, looked at first").click()
    dialog = page.get_by_role("dialog")
    pages = dialog.locator(".pages img")
    expect(dialog.get_by_text(re.compile(r"^\d+ pages$"))).to_be_visible()
    before = pages.count()
    dialog.get_by_label("Labels for the stacks").uncheck()
    expect(pages).to_have_count(before - 1)
    dialog.get_by_role("button", name="Page 1, larger").click()
    expect(dialog.locator(".pages .large")).to_have_count(1)
    with page.expect_download() as taken:
        dialog.get_by_role("button", name="Keep as PDF").click()
    assert taken.value.suggested_filename == "Sluice.pdf"


def test_new_blocks_begin_with_what_was_kept_once(
    bench: BenchPage, page: Page, running: Running
) -> None:
    bench.start("Sluice", "9", "9", 3, 3)
    bench.keep("Seam allowance", "3/8")
    page.get_by_role("link", name="Recipes").click()
    page.get_by_role("button", name="How you work").click()
    with page.expect_response("**/api/usual"):
        page.get_by_role("button", name="Begin new blocks like this").click()
    expect(page.get_by_text("New blocks begin in this unit")).to_be_visible()
    page.goto(running.url)
    bench.start("Second", "9", "9", 3, 3)
    expect(page.get_by_label("Seam allowance")).to_have_value("3/8")
    page.get_by_role("link", name="Recipes").click()
    page.get_by_role("button", name="How you work").click()
    with page.expect_response("**/api/usual"):
        page.get_by_role("button", name="begin them as Yonk would").click()
    expect(page.get_by_role("button", name="begin them as Yonk would")).to_have_count(0)
