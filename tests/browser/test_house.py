"""The way about the house: the same header everywhere, and anything found by typing."""

from __future__ import annotations

import re
from pathlib import Path

import pytest
from playwright.sync_api import Page, expect

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


def test_the_wheel_zooms_and_the_middle_button_pans(page: Page, tmp_path: Path) -> None:
    open_sample(page, "Peg", tmp_path)
    room = page.locator(".board-room")
    box = room.bounding_box()
    assert box
    page.mouse.move(box["x"] + 100, box["y"] + 100)
    page.keyboard.down("Control")
    page.mouse.wheel(0, -100)
    zoom = page.get_by_role("group", name="Zoom").get_by_role("status")
    expect(zoom).to_have_text("128 %")
    page.mouse.wheel(0, -200)
    expect(zoom).to_have_text("212 %")
    page.keyboard.up("Control")
    before = room.evaluate("one => one.scrollLeft")
    page.mouse.down(button="middle")
    page.mouse.move(box["x"] + 60, box["y"] + 100, steps=3)
    page.mouse.up(button="middle")
    assert abs(room.evaluate("one => one.scrollLeft") - before - 40) < 4
    expect(page.get_by_role("button", name="Undo")).to_be_disabled()


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
