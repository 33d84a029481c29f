"""The seam log and the Measure step in the real interface."""

from __future__ import annotations

import re
from pathlib import Path

import pytest
from playwright.sync_api import Locator, Page, expect

from tests.api.test_measuring_api import picture
from tests.browser.bench_page import BenchPage
from tests.browser.test_recipes import open_sample
from tests.conftest import Running

pytestmark = pytest.mark.browser


def to_measure(page: Page) -> None:
    steps = page.get_by_role("navigation", name="Steps", exact=True)
    steps.get_by_role("link", name="Measure").click()
    expect(page.locator(".block-lines")).to_be_visible()


def look_at(page: Page, name: str) -> None:
    """One of the parts of the step."""
    words, sign = {
        "trial": ("The trial block", ".card-of-trial"),
        "foretold": ("What to expect", ".foretold table"),
        "log": ("Log and photos", ".note-form"),
    }[name]
    page.get_by_role("button", name=words).click()
    expect(page.locator(sign)).to_be_visible()


def measured(page: Page, words: str) -> Locator:
    return page.get_by_label(f"{words} measures", exact=True)


def verdict(page: Page) -> Locator:
    return page.locator(".verdict-card")


def note_tests(page: Page, running: Running, *middles: str) -> None:
    page.goto(f"{running.url}/seam-log")
    for middle in middles:
        before = page.locator(".tests tbody tr")
        expect(page.get_by_label("Middle one measures")).to_have_value("")
        count = before.count()
        page.get_by_label("Middle one measures").fill(middle)
        page.get_by_role("button", name="Note this test").click()
        expect(page.locator(".tests").first.locator("tbody tr")).to_have_count(count + 1)


def test_a_test_is_logged_plotted_and_practised(page: Page, running: Running) -> None:
    page.goto(f"{running.url}/seam-log")
    page.get_by_label("Middle one measures").fill("two fingers")
    page.get_by_role("button", name="Note this test").click()
    expect(page.get_by_role("alert")).to_contain_text("is not a length")
    page.get_by_label("Foot").fill("walking foot")
    page.get_by_label("Middle one measures").fill("15/16")
    page.get_by_role("button", name="Note this test").click()
    expect(page.locator(".verdict")).to_have_text("Each seam is 1⁄32″ too wide, by one test.")
    expect(page.locator(".change")).to_contain_text("one step to the right")
    expect(page.locator(".tests").first).to_contain_text("walking foot")
    dots = page.locator(".trend circle")
    expect(dots).to_have_count(1)
    page.get_by_text("Sewn with", exact=True).click()
    page.get_by_label("Needle position").fill("one step to the right")
    for number in range(5):
        page.get_by_label("Middle one measures").fill("1")
        page.get_by_role("button", name="Note this test").click()
        expect(dots).to_have_count(2 + number)
    expect(page.locator(".verdict")).to_have_text("Learnt: 5 in a row are within 1⁄64″.")
    expect(page.get_by_text("the practice is over")).to_be_visible()
    page.get_by_role("button", name=re.compile("Take out the test")).first.click()
    expect(dots).to_have_count(5)
    page.get_by_role("button", name="Bring it back").click()
    expect(dots).to_have_count(6)


def test_a_trial_block_is_typed_in_by_keys_and_the_verdict_followed_to_the_rest(
    bench: BenchPage, page: Page, tmp_path: Path
) -> None:
    open_sample(page, "Weir Gate", tmp_path)
    to_measure(page)
    expect(verdict(page)).to_contain_text("No verdict yet")
    measured(page, "The top row").focus()
    for size in ("9 1/4", "9 1/4", "9 1/4"):
        page.keyboard.type(size)
        page.keyboard.press("Enter")
    expect(measured(page, "Along the top edge")).to_be_focused()
    page.keyboard.type("nine")
    page.keyboard.press("Enter")
    expect(page.get_by_role("alert")).to_contain_text("is not a length")
    measured(page, "Along the top edge").fill("9 1/4")
    page.keyboard.press("ArrowUp")
    expect(measured(page, "The bottom row")).to_be_focused()
    expect(page.get_by_text("Look at it before you join it.")).to_have_count(3)
    expect(verdict(page)).to_contain_text("Take back the seams")
    expect(verdict(page)).to_contain_text("Each seam takes up 1⁄16″ too much")
    verdict(page).get_by_role("link", name="The cutting list of the rest").click()
    told = page.get_by_label("From the trial block")
    expect(told).to_contain_text("Set the needle 1⁄16″ to the right")
    told.get_by_role("link").click()
    cut_for = page.locator(".remedies li").filter(has_text="Cut for the seam you sew").first
    expect(cut_for).to_contain_text("5⁄16″, not 1⁄4″")
    cut_for.get_by_role("button", name="Do so").click()
    expect(page.locator(".trials")).to_contain_text("It was cut for a seam of 1⁄4″.")
    expect(measured(page, "The top row")).to_have_value("9 1/4")
    expect(page.get_by_text("Saved", exact=True)).to_be_visible()
    page.reload()
    steps = page.get_by_role("navigation", name="Steps", exact=True)
    steps.get_by_role("link", name="Cut").click()
    page.get_by_label("the rest after it").click()
    expect(page.get_by_label("From the trial block")).to_contain_text("Take back the seams")
    # by hand: 3 + 2 × 5/16 = 3 5/8
    expect(page.locator(".cloth-list")).to_contain_text("44squares cut 3 5⁄8″")


def test_a_row_is_measured_as_it_is_sewn(bench: BenchPage, page: Page, tmp_path: Path) -> None:
    """Its step asks for it, warns at once, and the card has it."""
    open_sample(page, "Weir Gate", tmp_path)
    page.get_by_role("navigation", name="Steps", exact=True).get_by_role("link", name="Sew").click()
    page.get_by_role("navigation", name="Steps of sewing").get_by_role("listitem").nth(
        5
    ).get_by_role("button").click()
    row = page.locator(".one-step .measures tbody tr").first
    row.get_by_role("textbox").fill("9 1/4")
    row.get_by_role("textbox").press("Enter")
    expect(row).to_contain_text("Look at it before you join it.")
    name = row.get_by_role("rowheader").inner_text()
    to_measure(page)
    expect(measured(page, name)).to_have_value("9 1/4")


def test_a_seam_taken_back_twice_is_not_taken_back_again(
    bench: BenchPage, page: Page, tmp_path: Path
) -> None:
    open_sample(page, "Weir Gate", tmp_path)
    to_measure(page)
    for name in ("The top row", "The middle row", "Along the left edge"):
        measured(page, name).fill("9 1/4")
        measured(page, name).press("Enter")
    expect(verdict(page)).to_contain_text("Take back the seams")
    page.get_by_role("navigation", name="Steps", exact=True).get_by_role("link", name="Sew").click()
    page.get_by_role("navigation", name="Steps of sewing").get_by_role("listitem").nth(
        5
    ).get_by_role("button").click()
    expect(page.locator(".one-step")).to_contain_text("Nine of ten measure")
    for told in ("taken back once", "taken back 2 times"):
        page.get_by_role("button", name="once more").click()
        expect(page.locator(".taken-back")).to_contain_text(told)
    to_measure(page)
    expect(verdict(page)).to_contain_text("Cut these pieces again")
    expect(verdict(page)).to_contain_text("taken back 2 times already")


def test_what_it_looks_like_and_what_lies_between_its_seams_decide(
    bench: BenchPage, page: Page, tmp_path: Path
) -> None:
    """A patch is pointed at on the drawing, by the mouse or by keys; a second block is begun."""
    open_sample(page, "Weir Gate", tmp_path)
    to_measure(page)
    page.get_by_role("button", name="bowed out").click()
    expect(page.get_by_role("button", name="bowed out")).to_have_attribute("aria-pressed", "true")
    page.get_by_role("button", name="Measure patch B (number 6) from seam to seam").press("Enter")
    beside = measured(page, "Patch B on the left, from seam to seam across")
    expect(beside).to_be_focused()
    beside.fill("3 1/4")
    beside.press("Enter")
    for words, size in (("across", "3 1/4"), ("from top to bottom", "3 3/16")):
        field = measured(page, f"Patch B in the middle, from seam to seam {words}")
        field.fill(size)
        field.press("Enter")
    expect(verdict(page)).to_contain_text("Patch B in the middle was cut")
    expect(verdict(page)).to_contain_text("That it is something else")
    page.get_by_role("button", name="Begin another trial block").click()
    expect(page.locator(".trials li")).to_have_count(2)
    expect(verdict(page)).to_contain_text("No verdict yet")
    page.get_by_role("button", name="Trial block 1").click()
    expect(verdict(page)).to_contain_text("Patch B in the middle was cut")


def test_what_is_foretold_and_one_touch_cuts_for_the_seam(
    bench: BenchPage, page: Page, running: Running, tmp_path: Path
) -> None:
    open_sample(page, "Weir Gate", tmp_path)
    address = page.url
    note_tests(page, running, "15/16", "15/16", "15/16")
    page.goto(address)
    to_measure(page)
    look_at(page, "foretold")
    told = page.locator(".foretold")
    expect(told).to_contain_text("a seam is 1⁄32″ too wide (yours)")
    expect(told).to_contain_text("cuts by 1⁄64″ (a first guess)")
    cut_for = page.locator(".remedies li").filter(has_text="Cut for the seam you sew").first
    expect(cut_for).to_contain_text("9⁄32″, not 1⁄4″")
    cut_for.get_by_role("button", name="Do so").click()
    expect(cut_for).to_have_count(0)
    expect(told).to_contain_text("a seam is right (yours)")


def test_notes_and_photos_are_kept_and_told_next_time(
    bench: BenchPage, page: Page, tmp_path: Path
) -> None:
    open_sample(page, "Weir Gate", tmp_path)
    to_measure(page)
    look_at(page, "log")
    page.get_by_role("radio", name="to change next time").check()
    page.get_by_label("In your words").fill("Starch the Fog.")
    page.get_by_role("button", name="Note it").click()
    banner = page.get_by_label("What to change next time")
    expect(banner).to_contain_text("Starch the Fog.")
    page.get_by_role("radio", name="what was left of a strip").check()
    page.get_by_role("button", name="Note it").click()
    expect(page.get_by_role("alert")).to_be_visible()
    for label, text in (
        ("The strip was long", "20"),
        ("and gave so many pieces", "8"),
        ("What was left", "1 7/8"),
        ("Pieces wanted of the next", "16"),
    ):
        page.get_by_label(label, exact=True).fill(text)
    page.get_by_role("button", name="Note it").click()
    expect(page.locator(".notes")).to_contain_text(
        ["Starch the Fog.", "cut the next 35 1⁄4″ long for 16"]
    )
    photo, no_photo = tmp_path / "back.jpg", tmp_path / "words.jpg"
    photo.write_bytes(picture())
    no_photo.write_text("no picture")
    page.get_by_label("What it shows").fill("the back")
    page.get_by_label("A photo of the block").set_input_files(photo)
    expect(page.get_by_alt_text("the back")).to_be_visible()
    page.get_by_label("A photo of the block").set_input_files(no_photo)
    expect(page.get_by_text("This is no photo")).to_be_visible()
    page.get_by_role("button", name="Take out the photo the back").click()
    expect(page.get_by_alt_text("the back")).to_have_count(0)
    page.get_by_role("button", name="Bring it back").click()
    expect(page.get_by_alt_text("the back")).to_be_visible()
    with page.expect_download() as taken:
        page.get_by_role("link", name="Block, log and photos").click()
    parcel = tmp_path / "parcel.zip"
    taken.value.save_as(parcel)
    page.get_by_role("link", name="Yonk").first.click()
    page.get_by_label("Block file").set_input_files(parcel)
    expect(banner).to_contain_text("Starch the Fog.")
    banner.get_by_role("button", name="put away").click()
    expect(banner).to_have_count(0)
