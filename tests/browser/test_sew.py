"""The Sew step in the real interface."""

from __future__ import annotations

import re
from pathlib import Path

import pytest
from playwright.sync_api import Locator, Page, Route, expect

from tests.browser.bench_page import BenchPage
from tests.browser.test_recipes import open_sample

pytestmark = pytest.mark.browser


def to_sew(page: Page) -> None:
    page.get_by_role("navigation", name="Steps", exact=True).get_by_role("link", name="Sew").click()
    expect(front(page)).to_be_visible()


def front(page: Page) -> Locator:
    return page.get_by_role("group", name="The front of the block")


def go_to(page: Page, name: str) -> None:
    """One of the pages of the step."""
    if name == "laid out":
        page.get_by_role("button", name="Lay it out first").click()
        expect(page.locator(".spread")).to_be_visible()
    if name == "join":
        step(page, 8).click()
        expect(page.locator(".join-pictures svg")).to_have_count(3)
    if name == "machine":
        page.get_by_role("button", name="At the machine").click()
        expect(page.locator(".at-the-machine")).to_be_visible()


def step(page: Page, number: int) -> Locator:
    steps = page.get_by_role("navigation", name="Steps of sewing")
    return steps.get_by_role("listitem").nth(number - 1).get_by_role("button")


def seam(page: Page, number: int) -> Locator:
    """The first seam of a step on the front."""
    return front(page).get_by_role("button", name=re.compile(rf"^Seam of step {number}, ")).first


def way(page: Page) -> Locator:
    return page.get_by_role("group", name="Press it").locator("[aria-pressed=true]")


def test_an_order_chosen_and_a_seam_turned_stay_after_a_reload(
    bench: BenchPage, page: Page, tmp_path: Path
) -> None:
    open_sample(page, "Scree", tmp_path)
    to_sew(page)
    expect(page.locator(".orders th.taken")).to_contain_text("proposed, taken")
    page.locator(".orders").get_by_role("button", name="columns", exact=True).click()
    expect(page.locator(".orders th.taken")).to_have_text(re.compile("columnsyour choice", re.I))
    before = front(page).inner_html()
    seam(page, 4).click()
    expect(page.locator(".chosen-seam h2")).to_contain_text("Seam of step 4")
    first = way(page).inner_text()
    other = page.get_by_role("group", name="Press it").locator("[aria-pressed=false]").first
    turned = other.inner_text()
    other.click()
    expect(page.locator(".chosen-seam")).to_contain_text("Turned by hand.")
    expect(way(page)).to_have_text(turned)
    expect(page.locator(".sew-back")).to_have_count(2)
    bench.saved()
    page.reload()
    expect(page.locator(".orders th.taken")).to_contain_text("your choice")
    seam(page, 4).click()
    expect(page.locator(".chosen-seam")).to_contain_text("Turned by hand.")
    page.get_by_role("button", name="leave it to the plan").click()
    expect(way(page)).to_have_text(first)
    page.get_by_role("button", name="Undo").click()
    expect(way(page)).to_have_text(turned)
    assert front(page).inner_html() != before


def test_seams_are_reached_by_keys_with_one_stop_for_all(page: Page, tmp_path: Path) -> None:
    open_sample(page, "Weir Gate", tmp_path)
    to_sew(page)
    assert front(page).locator('[tabindex="0"]').count() == 1
    front(page).locator('[tabindex="0"]').focus()
    page.keyboard.press("ArrowRight")
    page.keyboard.press("ArrowRight")
    expect(front(page).locator(".seam:focus")).to_have_attribute("aria-pressed", "true")
    expect(page.locator(".chosen-seam h2")).to_be_visible()
    page.keyboard.press("Tab")
    assert page.evaluate("document.activeElement.closest('.sew-front')") is None


def test_ticks_so_many_of_a_step_and_all_of_it_are_kept(page: Page, tmp_path: Path) -> None:
    open_sample(page, "Weir Gate", tmp_path)
    to_sew(page)
    step(page, 1).click()
    page.get_by_label("sewn so far").fill("12")
    page.keyboard.press("Enter")
    expect(step(page, 1)).to_contain_text("12 of 48")
    step(page, 2).click()
    with page.expect_response("**/entries"):
        page.get_by_label("all 12 sewn").check()
    expect(step(page, 2)).to_contain_text("✓")
    page.reload()
    expect(step(page, 1)).to_contain_text("12 of 48")
    expect(page.get_by_label("all 12 sewn")).to_be_checked()
    page.get_by_role("link", name="Draft", exact=True).click()
    page.get_by_role("button", name="Size and grid").click()
    page.get_by_role("textbox", name="Finished width").fill("12")
    page.keyboard.press("Enter")
    to_sew(page)
    expect(page.locator(".changed li")).to_have_count(2)
    expect(page.locator(".changed")).to_contain_text("12 were sewn of “Make the half-square")


def test_a_tick_that_was_not_kept_is_told(page: Page, tmp_path: Path) -> None:
    open_sample(page, "Weir Gate", tmp_path)
    to_sew(page)
    step(page, 2).click()
    refused = {"code": "bad", "faults": [{"place": "", "where": "", "message": "No room."}]}
    page.route("**/entries", lambda route: route.fulfill(status=422, json=refused))
    page.get_by_label("all 12 sewn").click()
    expect(page.get_by_role("alert")).to_contain_text("What you told was not kept. No room.")
    expect(page.get_by_label("all 12 sewn")).not_to_be_checked()


def test_at_the_machine_space_does_a_chain_and_goes_on(page: Page, tmp_path: Path) -> None:
    open_sample(page, "Weir Gate", tmp_path)
    to_sew(page)
    page.get_by_role("button", name="At the machine").click()
    so_far = page.locator(".so-far")
    expect(so_far).to_have_text("0 of 48")
    expect(page.locator(".clock")).to_have_count(0)
    page.get_by_role("button", name="Start the clock").click()
    page.keyboard.press("Space")
    expect(so_far).to_have_text("24 of 48")
    expect(page.locator(".clock")).to_contain_text("left")
    page.keyboard.press("ArrowLeft")
    expect(so_far).to_have_text("0 of 48")
    page.get_by_role("button", name="just one more").click()
    expect(so_far).to_have_text("1 of 48")
    page.get_by_role("button", name="These 24 are sewn").click()
    page.get_by_role("button", name="These 23 are sewn").click()
    expect(so_far).to_have_text("0 of 12")
    expect(page.locator(".what-to-sew")).to_contain_text("Sew Fog B to Gorse B")
    expect(page.locator(".join-pictures svg")).to_have_count(3)
    page.keyboard.press("Escape")
    expect(page.locator(".at-the-machine")).to_have_count(0)
    expect(step(page, 1)).to_contain_text("48 of 48")


def test_a_slip_is_recognised_and_the_mend_told(page: Page, tmp_path: Path) -> None:
    open_sample(page, "Weir Gate", tmp_path)
    to_sew(page)
    go_to(page, "laid out")
    expect(page.locator(".slips li")).to_have_count(6)
    page.get_by_role("button", name="Show 18 more").click()
    expect(page.locator(".slips li")).to_have_count(24)
    page.get_by_role("button", name=re.compile("^Stack 3: half-square triangle 1")).click()
    expect(page.locator(".slips li")).to_have_count(5)
    page.get_by_role("button", name="Stack 3 lies upside down.").click()
    expect(page.get_by_role("status").filter(has_text="half round")).to_be_visible()
    expect(page.locator(".spread .wrong")).to_have_count(1)


def test_the_sheet_and_the_back_are_taken_along(page: Page, tmp_path: Path) -> None:
    open_sample(page, "Weir Gate", tmp_path)
    to_sew(page)
    for words, name, begin in (
        ("Sewing sheet (PDF)", "Weir Gate sewing.pdf", b"%PDF"),
        ("The back at true size (SVG)", "Weir Gate back.svg", b"<svg"),
    ):
        page.get_by_role("button", name="Print and take along").click()
        with page.expect_download() as found:
            page.get_by_role("button", name=words).click()
        assert found.value.suggested_filename == name
        assert found.value.path().read_bytes().startswith(begin)


def test_a_group_is_pressed_in_two_lots_and_a_colouring_is_looked_at(
    page: Page, tmp_path: Path
) -> None:
    open_sample(page, "Clint", tmp_path)
    to_sew(page)
    expect(page.locator(".told")).to_contain_text("one place: 1 bulky")
    page.locator(".offer", has_text="press 10").get_by_role("button", name="do so").click()
    expect(page.locator(".told")).to_contain_text("one place: 1 nested")
    page.get_by_role("link", name="Yonk").click()
    open_sample(page, "Hut Window", tmp_path)
    to_sew(page)
    page.get_by_label("Sewn").select_option(label="Dusk")
    seam(page, 1).click()
    expect(page.locator(".chosen-seam")).to_contain_text("under Slate")
    expect(page.locator(".chosen-seam")).to_contain_text("as drafted; its colourings follow")


def test_ticks_made_faster_than_they_are_kept_are_all_kept_in_their_order(
    page: Page, tmp_path: Path
) -> None:
    """The first answer comes late; what is ticked meanwhile is neither lost nor overwritten."""
    open_sample(page, "Weir Gate", tmp_path)
    to_sew(page)
    go_to(page, "machine")
    held: list[Route] = []
    page.route("**/made", lambda route: route.continue_() if held else held.append(route))
    for _ in range(3):
        page.get_by_role("button", name="just one more").click()
    expect(page.locator(".so-far")).to_have_text("3 of 48")
    while not held:
        page.wait_for_timeout(20)
    with page.expect_response(lambda answer: answer.url.endswith("/api/sewing")):
        held[0].continue_()
    expect(page.locator(".so-far")).to_have_text("3 of 48")
    page.reload()
    expect(page.locator(".so-far")).to_have_text("3 of 48")


def test_what_can_be_done_this_evening(page: Page, tmp_path: Path) -> None:
    """So many minutes, a day by which it is to be done, a calendar to take along."""
    open_sample(page, "Weir Gate", tmp_path)
    to_sew(page)
    page.get_by_role("button", name="This evening").click()
    evenings = page.locator(".evenings")
    expect(evenings.locator(".one-evening").first).to_contain_text("Cut Fog: 5 strips")
    expect(evenings).to_contain_text("By a first guess.")
    page.get_by_label("I have").fill("20")
    page.keyboard.press("Enter")
    expect(evenings).to_contain_text(re.compile("in [0-9]+ evenings"))
    page.reload()
    expect(page.get_by_label("I have")).to_have_value("20")
    with page.expect_download() as calendar:
        page.get_by_role("button", name="As a calendar file").click()
    assert calendar.value.suggested_filename == "Weir Gate evenings.ics"
    page.get_by_text("The evenings after it").click()
    evenings.get_by_role("button", name="to the step").first.click()
    expect(page.locator(".one-step")).to_be_visible()
