"""The way about the house: the same header everywhere, and anything found by typing."""

from __future__ import annotations

import re
from pathlib import Path

import pytest
from playwright.sync_api import Locator, Page, expect

from tests.browser.test_every_page import CONTRASTS, found_wrong
from tests.browser.test_recipes import open_sample

pytestmark = pytest.mark.browser


def find(page: Page, words: str) -> None:
    """Open what finds anything and type."""
    page.keyboard.press("Control+k")
    page.get_by_role("combobox", name="Find an act").fill(words)


def test_from_a_block_to_next_door_and_back_by_what_was_open(page: Page, tmp_path: Path) -> None:
    open_sample(page, "Peg", tmp_path)
    page.get_by_role("button", name="Go to").click()
    page.get_by_role("navigation", name="Pages").get_by_role("link", name="Seam log").click()
    expect(page.get_by_role("heading", level=1, name="Seam log")).to_be_attached()
    page.set_viewport_size({"width": 820, "height": 900})
    page.get_by_role("button", name="Go to").click()
    page.get_by_role("navigation", name="Pages").get_by_role("link", name="Peg").click()
    expect(page.get_by_role("application")).to_be_visible()
    page.get_by_role("button", name="Go to").click()
    page.keyboard.press("Escape")
    expect(page.get_by_role("navigation", name="Pages")).to_have_count(0)


def test_an_act_a_word_and_a_block_are_found_by_typing(page: Page, tmp_path: Path) -> None:
    open_sample(page, "Peg", tmp_path)
    find(page, "rub ou")
    page.keyboard.press("Enter")
    expect(
        page.get_by_role("button", name="Rub out").or_(page.get_by_text("Rub out"))
    ).to_be_visible()
    find(page, "recip")
    page.get_by_role("option", name="Recipes").click()
    expect(page).to_have_url(re.compile("/recipes$"))
    find(page, "on point")
    page.keyboard.press("ArrowDown")
    page.keyboard.press("ArrowUp")
    page.keyboard.press("Enter")
    expect(page).to_have_url(re.compile("/words#"))
    expect(page.get_by_role("heading", level=1)).to_be_attached()  # its header hears the key
    find(page, "no such thing")
    expect(page.get_by_text("Nothing here is called so.")).to_be_visible()
    page.keyboard.press("Escape")
    find(page, "peg")
    page.keyboard.press("Enter")
    expect(page.get_by_role("application")).to_be_visible()


def test_the_thing_under_the_pointer_has_its_menu(page: Page, tmp_path: Path) -> None:
    """On the board by the right button and by its key; taken by arrows, undone as ever."""
    open_sample(page, "Peg", tmp_path)
    board = page.get_by_role("application")
    box = board.bounding_box()
    assert box
    page.mouse.click(box["x"] + box["width"] / 2, box["y"] + box["height"] / 2, button="right")
    menu = page.get_by_role("menu", name="What can be done here")
    expect(menu.get_by_role("menuitem").first).to_be_focused()
    page.keyboard.press("ArrowDown")
    page.keyboard.press("Escape")
    expect(menu).to_have_count(0)
    expect(board).to_be_focused()
    page.mouse.click(box["x"] + box["width"] / 2, box["y"] + box["height"] / 2, button="right")
    menu.get_by_role("menuitem", name="Put the unit in hand here").click()
    expect(page.get_by_role("button", name="Undo")).to_be_enabled()


def over_the_board(page: Page, tmp_path: Path) -> tuple[Locator, tuple[float, float]]:
    """A sample's board with the pointer over it, and where that is."""
    open_sample(page, "Peg", tmp_path)
    room = page.locator(".board-room")
    box = room.bounding_box()
    assert box
    at = box["x"] + 100, box["y"] + 100
    page.mouse.move(*at)
    return room, at


def zoomed(page: Page, *pixels: int) -> Locator:
    """Turn the wheel with Ctrl; what says how large it is."""
    page.keyboard.down("Control")
    for down in pixels:
        page.mouse.wheel(0, down)
    page.keyboard.up("Control")
    return page.get_by_role("group", name="Zoom").get_by_role("status")


def test_the_wheel_zooms_and_the_middle_button_pans(page: Page, tmp_path: Path) -> None:
    room, (x, y) = over_the_board(page, tmp_path)
    expect(zoomed(page, -100)).to_have_text("128 %")
    expect(zoomed(page, -200)).to_have_text("212 %")
    before = room.evaluate("one => one.scrollLeft")
    page.mouse.down(button="middle")
    page.mouse.move(x - 40, y, steps=3)
    page.mouse.up(button="middle")
    assert abs(room.evaluate("one => one.scrollLeft") - before - 40) < 4
    expect(page.get_by_role("button", name="Undo")).to_be_disabled()


def test_the_space_bar_pans(page: Page, tmp_path: Path) -> None:
    """What is dragged with it draws nothing; pressed alone on the board it does what Enter does."""
    room, (x, y) = over_the_board(page, tmp_path)
    expect(zoomed(page, -300)).to_have_text("212 %")
    before = room.evaluate("one => [one.scrollLeft, one.scrollTop]")
    page.keyboard.down("Space")
    page.mouse.down()
    page.mouse.move(x - 30, y - 20, steps=4)
    page.mouse.up()
    page.keyboard.up("Space")
    after = room.evaluate("one => [one.scrollLeft, one.scrollTop]")
    assert abs(after[0] - before[0] - 30) < 4
    assert abs(after[1] - before[1] - 20) < 4
    expect(page.get_by_role("button", name="Undo")).to_be_disabled()
    page.get_by_role("application").focus()
    page.keyboard.press("Space")
    expect(page.get_by_role("button", name="Undo")).to_be_enabled()


def test_two_fingers_zoom_and_pan(page: Page, tmp_path: Path) -> None:
    """By true touches: what the first of them began is let go, and nothing is drawn."""
    open_sample(page, "Peg", tmp_path)
    box = page.locator(".board-room").bounding_box()
    assert box
    x, y = box["x"] + box["width"] / 2, box["y"] + box["height"] / 2
    hand = page.context.new_cdp_session(page)

    def fingers(kind: str, apart: float = 0, down: float = 0) -> None:
        points = [{"x": x + side * apart, "y": y + down, "id": side} for side in (-1, 1)]
        spots = [] if kind == "touchEnd" else points
        hand.send("Input.dispatchTouchEvent", {"type": kind, "touchPoints": spots})

    hand.send(
        "Input.dispatchTouchEvent",
        {"type": "touchStart", "touchPoints": [{"x": x - 40, "y": y, "id": -1}]},
    )
    fingers("touchStart", 40)
    for apart in (50, 60, 80):
        fingers("touchMove", apart)
    zoom = page.get_by_role("group", name="Zoom").get_by_role("status")
    expect(zoom).to_have_text("200 %")
    before = page.locator(".board-room").evaluate("one => one.scrollTop")
    fingers("touchMove", 80, down=-30)
    fingers("touchEnd")
    assert abs(page.locator(".board-room").evaluate("one => one.scrollTop") - before - 30) < 4
    expect(zoom).to_have_text("200 %")
    expect(page.get_by_role("button", name="Undo")).to_be_disabled()


def test_by_the_lamp_all_is_told_from_its_ground_and_it_is_remembered(
    page: Page, tmp_path: Path
) -> None:
    """The dark ground: chosen in the house, taken from the system where nothing was chosen."""
    open_sample(page, "Peg", tmp_path)
    ground = "getComputedStyle(document.body).backgroundColor"
    day = page.evaluate(ground)
    page.get_by_role("button", name="Go to").click()
    page.get_by_role("button", name="Lamp").click()
    assert page.evaluate(ground) != day
    lamp = page.evaluate(ground)
    signs = {
        "Recipes": ".ways",
        "Cut": ".cut-lines",
        "Sew": ".pressing > section .sew-front",
        "Measure": ".block-lines",
        "Set": ".quilt-shelf",
        "Draft": ".board",
    }
    for step, sign in signs.items():
        page.get_by_role("navigation", name="Steps").get_by_role("link", name=step).click()
        expect(page.locator(sign).first).to_be_visible()
        page.wait_for_load_state("networkidle")
        expect(page.locator("[aria-busy=true]")).to_have_count(0)
        assert page.evaluate(CONTRASTS) == [], step
        assert found_wrong(page) == [], step
    page.reload()
    assert page.evaluate(ground) == lamp
    page.get_by_role("button", name="Go to").click()
    page.get_by_role("button", name="Day").click()
    assert page.evaluate(ground) == day
    page.emulate_media(color_scheme="dark")
    assert page.evaluate(ground) == day
    page.evaluate("localStorage.clear()")
    page.reload()
    expect(page.get_by_role("application")).to_be_visible()
    assert page.evaluate(ground) == lamp
    page.emulate_media(media="print")
    assert page.evaluate(ground) != lamp


def test_a_tip_is_shown_on_a_card_and_goes_by_escape(page: Page, tmp_path: Path) -> None:
    """By pointer and by keyboard; what lent its title has it back."""
    open_sample(page, "Peg", tmp_path)
    find_anything = page.get_by_role("button", name="Find", exact=True)
    words = find_anything.get_attribute("title")
    assert words
    tip = page.locator(".tip-card")
    find_anything.hover()
    expect(tip).to_have_text(words)
    assert find_anything.get_attribute("title") is None
    page.keyboard.press("Escape")
    expect(tip).to_have_count(0)
    assert find_anything.get_attribute("title") == words
    page.mouse.move(640, 400)
    page.get_by_role("button", name="Go to").focus()
    page.keyboard.press("Tab")
    expect(tip).to_have_text(words)
    expect(find_anything).to_have_attribute("aria-describedby", "tip")
    page.keyboard.press("Tab")
    expect(tip).to_have_count(0)


def test_a_unit_is_dragged_from_the_tray_and_turned_on_its_way(page: Page, tmp_path: Path) -> None:
    """Into a cell, whatever tool is in hand; its ghost turned by R; put back by Escape."""
    open_sample(page, "Peg", tmp_path)
    page.get_by_role("radio", name="Paint").check()
    unit = page.get_by_role("radio", name="half-square triangle")
    box, room = unit.bounding_box(), page.get_by_role("application").bounding_box()
    assert box and room
    begin = box["x"] + box["width"] / 2, box["y"] + box["height"] / 2
    middle = room["x"] + room["width"] / 2, room["y"] + room["height"] / 2
    for taken_back in (True, False):
        page.mouse.move(*begin)
        page.mouse.down()
        page.mouse.move(*middle, steps=5)
        ghost = page.locator(".tray .carried g")
        expect(ghost).to_be_visible()
        if taken_back:
            page.keyboard.press("Escape")
            expect(ghost).to_have_count(0)
        else:
            page.keyboard.press("r")
            expect(ghost).to_have_attribute("transform", re.compile(r"^rotate\(90\)"))
        page.mouse.up()
    expect(page.get_by_role("button", name="Undo")).to_be_enabled()
    page.get_by_role("button", name="Undo").click()
    expect(page.get_by_role("button", name="Undo")).to_be_disabled()
