"""Paper that comes back, in the real interface: printed, ticked, photographed, read, told."""

from __future__ import annotations

import random
import re
from pathlib import Path

import pytest
from PIL import Image, ImageDraw
from playwright.sync_api import Page, expect

from tests.browser.test_cutting import line, to_cut
from tests.browser.test_recipes import open_sample
from tests.camera import POINT, Shot, marked, photographed, printed_pages
from tests.conftest import Running

pytestmark = pytest.mark.browser

SHOT = Shot(turned=5, leaning=0.04, shade=0.3, blur=0.7, grain=2, creases=1, longer=1800)


def printed(page: Page) -> Image.Image:
    """The cutting list that is shown, as it comes out of the printer."""
    page.get_by_role("button", name="Print and take along").click()
    with page.expect_download() as taken:
        page.get_by_role("button", name="Cutting list with layouts (PDF)").click()
    return printed_pages(taken.value.path().read_bytes())[0]


def ticked_photo(page: Page, running: Running, to: Path) -> Path:
    """A photo of the list with its second line ticked, and its third box blackened: is it crossed
    out?
    """
    picture = printed(page)
    blank = photographed(picture, Shot(blur=0.5), random.Random(1))
    found = page.request.post(f"{running.url}/api/sheets/read", data=blank).json()["pages"][0]
    wide, high = picture.size
    boxes = [
        (box["x"] * wide / POINT, box["y"] * high / POINT, box["width"] * wide / POINT)
        for box in found["boxes"]
    ]
    pen = marked(picture, boxes, {1: "cross"}, random.Random(2))
    x, y, side = (one * POINT for one in boxes[2])
    ImageDraw.Draw(pen).rectangle((x, y, x + side, y + side), fill="black")
    to.write_bytes(photographed(pen, SHOT, random.Random(3)))
    return to


def choose(page: Page, photo: Path) -> None:
    """Choose a photo once the page itself is there: its address is there a moment before."""
    expect(page.get_by_role("heading", name="What was ticked on paper")).to_be_visible()
    page.locator("input[type=file]").first.set_input_files(photo)


def read_paper(page: Page, running: Running, tmp_path: Path) -> None:
    """A ticked list of the Weir Gate is read; a box of it is asked."""
    open_sample(page, "Weir Gate", tmp_path)
    to_cut(page)
    photo = ticked_photo(page, running, tmp_path / "photo.jpg")
    page.get_by_role("button", name="Print and take along").click()
    page.get_by_role("link", name="From paper").click()
    choose(page, photo)
    expect(page.get_by_role("heading", name="Weir Gate: cutting list")).to_be_visible()


def test_a_photo_of_a_ticked_list_is_asked_and_told(
    page: Page, running: Running, tmp_path: Path
) -> None:
    read_paper(page, running, tmp_path)
    tell = page.get_by_role("button", name="Tell the table")
    expect(tell).to_be_disabled()
    expect(page.get_by_text("Say first whether")).to_be_visible()
    page.get_by_role("radio", name="No").check()
    told = page.locator(".it-tells li")
    expect(told).to_have_text(["48 Fog squares 3 1⁄2″ cut"])
    tell.click()
    expect(page.get_by_role("heading", name="It is told.")).to_be_visible()
    page.get_by_role("link", name="To the cutting list").click()
    expect(line(page, "3 1⁄2″").get_by_role("checkbox")).to_be_checked()
    expect(page.locator(".cut-lines > li").get_by_role("checkbox", checked=True)).to_have_count(1)
    page.go_back()
    choose(page, tmp_path / "photo.jpg")
    page.get_by_role("radio", name="No").check()
    expect(page.get_by_text("Nothing that the table does not know")).to_be_visible()


def test_a_box_that_was_read_wrongly_is_put_right_by_a_touch(
    page: Page, running: Running, tmp_path: Path
) -> None:
    page.set_viewport_size({"width": 390, "height": 844})
    read_paper(page, running, tmp_path)
    page.get_by_role("radio", name="Yes").check()
    page.get_by_role("checkbox", name=re.compile("box 1 of 48 Fog")).uncheck()
    expect(page.locator(".it-tells li")).to_have_text(["5 Fog squares 8″ cut"])


def test_what_is_no_sheet_says_so_and_a_photo_can_be_dropped_on_cut(
    page: Page, running: Running, tmp_path: Path
) -> None:
    open_sample(page, "Weir Gate", tmp_path)
    to_cut(page)
    drop = """async () => {
      const canvas = new OffscreenCanvas(80, 60);
      canvas.getContext('2d').fillRect(0, 0, 80, 60);
      const given = new DataTransfer();
      const photo = await canvas.convertToBlob({ type: 'image/png' });
      given.items.add(new File([photo], 'table.png', { type: 'image/png' }));
      document.querySelector('main').dispatchEvent(
        new DragEvent('drop', { bubbles: true, cancelable: true, dataTransfer: given }));
    }"""
    page.evaluate(drop)
    expect(page).to_have_url(re.compile("/paper$"))
    expect(page.get_by_role("alert")).to_contain_text("fewer than three are seen")
