"""The hand on the board: what is dragged moves at once, what was chosen stays, few touches do."""

from __future__ import annotations

import random
import re
from pathlib import Path

import pytest
from playwright.sync_api import Page, expect

from tests.browser.bench_page import BenchPage
from tests.browser.test_recipes import open_sample
from tests.camera import Shot, photographed_at
from tests.core.test_block_photo import BLOCKS, printed

pytestmark = pytest.mark.browser
RESTS = "() => Promise.all(document.getAnimations().map(one => one.finished.catch(() => null)))"


class Touches:
    """A hand that counts: each touch, drag, chosen entry and typed field is one."""

    def __init__(self, page: Page, bench: BenchPage) -> None:
        self.page, self.bench, self.count = page, bench, 0

    def start(self, columns: str = "", rows: str = "", width: str = "") -> None:
        self.button("Start a block")
        for label, text in (("Columns", columns), ("Rows", rows), ("Finished width", width)):
            if text:
                self.page.get_by_label(label, exact=True).fill(text)
                self.count += 1
        self.button("Draft it")
        expect(self.bench.board).to_be_visible()

    def button(self, name: str) -> None:
        self.page.get_by_role("button", name=name, exact=True).first.click()
        self.count += 1

    def unit(self, name: str) -> None:
        self.bench.unit(name)
        self.count += 1

    def tool(self, name: str) -> None:
        self.bench.tool(name)
        self.count += 1

    def mates(self, name: str) -> None:
        self.bench.mates(name)
        self.count += 1

    def cell(self, column: float, row: float) -> None:
        self.bench.touch(column, row)
        self.count += 1

    def drag(self, start: tuple[float, float], end: tuple[float, float]) -> None:
        self.bench.drag(start, end)
        self.count += 1

    def fabric(self, name: str) -> None:
        self.page.get_by_role("button", name=f"Take {name} in hand").click()
        self.count += 1

    def new_fabric(self) -> None:
        with self.bench.answered():
            self.button("+ fabric")


def listed(page: Page) -> str:
    return page.locator("#cutting-list").inner_text()


@pytest.fixture
def touches(page: Page, bench: BenchPage) -> Touches:
    return Touches(page, bench)


def test_a_star_of_three_fabrics_in_twelve_touches(page: Page, touches: Touches) -> None:
    """Of 12 inches: four quarter-square triangles, the corners and the middle painted."""
    touches.start(width="12")
    touches.mates("quarter turns")
    touches.unit("quarter-square triangle")
    touches.cell(1.5, 0.5)
    touches.tool("Paint")
    touches.cell(0.5, 0.5)
    touches.new_fabric()
    touches.cell(1.5, 1.5)
    assert touches.count <= 12
    expect(page.locator("#cutting-list h3").filter(has_text="No fabric")).to_have_count(0)
    expect(page.locator("#cutting-list article")).to_have_count(3)
    assert "4 × quarter-square triangle" in listed(page).replace("\n", " ")


def test_an_uneven_block_in_fourteen_touches(page: Page, touches: Touches) -> None:
    """Columns and rows of one, two and one: corners halved, geese at the sides, a plain middle."""
    touches.bench.grid = (4, 4)  # by quarters of its side
    touches.start("1 2 1", "1 2 1")
    touches.mates("quarter turns")
    touches.unit("half-square triangle")
    touches.cell(0.5, 0.5)
    touches.unit("flying geese unit")
    touches.cell(2, 0.5)
    touches.tool("Paint")
    touches.cell(2, 2)
    assert touches.count <= 14
    text = listed(page).replace("\n", " ")
    assert "4 × half-square triangle" in text and "4 × flying geese" in text
    expect(page.locator("#cutting-list h3").filter(has_text="No fabric")).to_have_count(0)


def test_four_half_squares_of_eight_fabrics_in_twenty_touches(page: Page, touches: Touches) -> None:
    touches.bench.grid = (2, 2)
    touches.start("2", "2")
    touches.unit("half-square triangle")
    for place in range(4):
        touches.new_fabric()
        touches.new_fabric()
        touches.cell(place % 2 + 0.5, place // 2 + 0.5)
    assert touches.count <= 20
    expect(page.locator("#cutting-list article")).to_have_count(8)


def test_a_square_in_a_square_of_two_rounds_in_eight_touches(page: Page, touches: Touches) -> None:
    touches.bench.grid = (1, 1)
    touches.start("1", "1")
    touches.unit("square in a square")
    # seen on the unit in hand before it is put in
    tray = page.get_by_role("radio", name="square in a square").locator("polygon")
    before = tray.count()
    page.get_by_label("rounds").fill("2")
    page.keyboard.press("Enter")
    touches.count += 1
    expect(tray).not_to_have_count(before)
    touches.cell(0.5, 0.5)
    assert touches.count <= 8
    expect(page.locator(".board-cloth .face")).to_have_count(tray.count())


def test_a_grid_line_takes_its_patches_and_numbers_along(
    page: Page, bench: BenchPage, tmp_path: Path
) -> None:
    open_sample(page, "Gale Lantern", tmp_path)
    grip = page.locator(".edge.columns .grip").first.bounding_box()
    sizes = page.locator(".edge.columns .edge-size")
    patch = page.locator(".board-cloth .face").first
    before, first = patch.get_attribute("d"), sizes.first.inner_text()
    assert grip
    x, y = grip["x"] + grip["width"] / 2, grip["y"] + grip["height"] / 2
    page.mouse.move(x, y)
    page.mouse.down()
    page.mouse.move(x + 30, y, steps=5)
    expect(patch).not_to_have_attribute("d", before or "")
    expect(sizes.first).not_to_have_text(first)
    expect(page.get_by_role("button", name="Undo")).to_be_disabled()  # still in the hand
    with bench.answered():
        page.mouse.up()
    expect(page.get_by_role("button", name="Undo")).to_be_enabled()
    moved = sizes.first.inner_text()
    assert moved != first
    page.get_by_role("button", name="Undo").click()
    expect(sizes.first).to_have_text(first)


def rings(texts: list[str]) -> set[frozenset[tuple[int, int]]]:
    """The corners of shapes as they are drawn, to a hundredth of an inch."""
    return {
        frozenset(
            (round(100 * float(x)), round(100 * float(y)))
            for x, y in re.findall(r"(-?[\d.]+)[ ,](-?[\d.]+)", text)
        )
        for text in texts
    }


def test_what_is_seen_in_the_hand_is_what_is_drawn(page: Page, bench: BenchPage) -> None:
    """A handed unit, turned and mirrored, over an oblong span and at its mates: the picture of the
    browser and the server's drawing are the same shapes.
    """
    bench.start("Oblong", "12", "9", 4, 4)
    bench.unit("split quarter-square")
    page.get_by_role("button", name="turn it").click()
    page.get_by_role("button", name="mirror it").click()
    bench.mates("half turn")
    page.mouse.move(*bench.spot(0.5, 0.5))
    page.mouse.down()
    page.mouse.move(*bench.spot(1.5, 0.6), steps=3)
    ghost = page.locator(".ghost polygon")
    expect(ghost).to_have_count(6)
    seen = rings([one.get_attribute("points") or "" for one in ghost.all()])
    with bench.answered():
        page.mouse.up()
    faces = page.locator(".board-cloth .face")
    expect(faces).to_have_count(18)
    assert seen <= rings([one.get_attribute("d") or "" for one in faces.all()])


def test_an_end_of_a_seam_is_dragged_and_moved_by_keys(page: Page, bench: BenchPage) -> None:
    bench.start("Ends", "9", "9", 3, 3)
    bench.tool("Seam")
    bench.drag((0, 0), (1, 1))
    expect(page.locator(".board-cloth .face")).to_have_count(10)
    page.mouse.click(*bench.spot(0.5, 0.5))
    expect(page.locator(".seam-ends circle")).to_have_count(2)
    page.mouse.move(*bench.spot(1, 1))
    page.mouse.down()
    page.mouse.move(*bench.spot(1, 0.55), steps=4)
    expect(page.locator(".seam-to-be")).to_have_count(1)
    page.mouse.up()
    expect(page.get_by_role("button", name="Undo")).to_be_enabled()
    corner = page.locator(".seam-ends circle").nth(1)
    expect(corner).to_have_attribute("cx", "3")
    expect(corner).to_have_attribute("cy", "1.5")
    # by keys: the next seam of the cell, its end in hand, a step down, let go
    bench.board.focus()
    page.keyboard.press("Escape")
    for _ in range(6):
        page.keyboard.press("n")
        slant = page.locator(".seam-ends path").get_attribute("d") or ""
        if slant in ("M0 0L3 1.5", "M3 1.5L0 0"):
            break
    page.keyboard.press("Enter")
    page.keyboard.press("ArrowDown")
    with bench.answered():
        page.keyboard.press("Enter")
    ends = page.locator(".seam-ends path")
    expect(ends).not_to_have_attribute("d", slant)


def test_what_was_chosen_stays_chosen(page: Page, tmp_path: Path) -> None:
    """Tool, unit, fabrics, mates and zoom outlast a change of step."""
    open_sample(page, "Gale Lantern", tmp_path)
    page.get_by_role("radio", name="flying geese unit").click()
    page.get_by_role("button", name="mirror it").click()
    page.get_by_role("button", name="Take Rowan in hand").click()
    page.get_by_role("group", name="Zoom").get_by_role("button", name="Larger").click()
    page.get_by_role("link", name="Recipes").click()
    expect(page.locator(".steps").first).to_be_visible()
    page.get_by_role("link", name="Draft", exact=True).click()
    expect(page.get_by_role("radio", name="flying geese unit")).to_be_checked()
    expect(page.get_by_role("radio", name="first in hand: Rowan")).to_be_visible()
    expect(page.get_by_role("group", name="Zoom").get_by_role("status")).to_have_text("150 %")


def test_the_page_fits_and_true_size_is_chosen(page: Page, bench: BenchPage) -> None:
    bench.start("Four inches", "4", "4", 2, 2)
    more = page.get_by_role("group", name="Zoom").get_by_role("button", name="100 %")
    more.click()
    page.get_by_role("menuitem", name="True size").click()
    wide = "document.querySelector('svg#board').getScreenCTM().a * 4"
    expect(more).to_have_count(0)
    assert abs(page.evaluate(wide) - 4 * 96) < 2
    page.get_by_role("group", name="Zoom").get_by_role("button").nth(1).click()
    page.get_by_role("menuitem", name="Fit the page").click()
    expect(more).to_be_visible()


def test_the_board_stands_still_whatever_is_chosen_or_said(page: Page, bench: BenchPage) -> None:
    bench.start("Still", "9", "9", 3, 3)
    first = bench.board.bounding_box()
    for tool in ("Look", "Turn", "Cells", "Paint", "Seam", "Rub out", "Put in"):
        bench.tool(tool)
        bench.painted()
        assert bench.board.bounding_box() == first, tool
    bench.board.focus()
    page.keyboard.press("Control+v")  # nothing is copied: it is said
    expect(page.locator(".board-said")).to_contain_text("Nothing is copied")
    assert bench.board.bounding_box() == first
    for _ in range(6):
        with bench.answered():
            page.get_by_role("button", name="+ fabric").click()
    bench.painted()
    assert bench.board.bounding_box() == first


def test_an_empty_board_says_what_to_do_first(page: Page, bench: BenchPage) -> None:
    bench.start("Empty", "9", "9", 3, 3)
    lines = page.get_by_role("region", name="Lines of the cutting list")
    expect(lines).to_contain_text("What to do first")
    expect(lines).not_to_contain_text("No fabric yet")
    bench.touch(0.5, 0.5)
    expect(lines).not_to_contain_text("What to do first")


def test_a_patterns_list_is_judged_and_drafted(page: Page, running, tmp_path: Path) -> None:  # type: ignore[no-untyped-def]
    page.goto(f"{running.url}/finder?ask=list")
    page.get_by_label("The pieces of the pattern").fill(
        "4 squares 3 1/2 Fog\n2 squares 3 3/4 Fog, cut once\n2 squares 3 3/4 Peat, cut once\n"
        "1 square 3 1/2 Rowan"
    )
    page.get_by_label("Finished width the pattern tells").fill("9")
    rows = page.locator(".pattern-list tbody tr")
    expect(rows).to_have_count(4)
    expect(rows.nth(1)).to_contain_text("too small: cut 3 7⁄8")
    expect(rows.nth(0)).to_contain_text("right")
    page.get_by_label("The pieces of the pattern").fill("3 1/2 squares")
    expect(page.get_by_role("alert")).to_contain_text("line 1 does not say how many")
    page.get_by_label("The pieces of the pattern").fill("4 squares 3 1/2 Fog\n5 squares 3 1/2 Peat")
    expect(page.locator(".pattern-said")).to_contain_text("as the pattern says")
    page.get_by_role("button", name="Draft this block").click()
    expect(page.get_by_role("application")).to_be_visible()
    expect(page.locator("#cutting-list article")).to_have_count(2)


def test_a_photo_lies_under_the_paper_and_its_seams_are_taken_one_by_one(
    page: Page, bench: BenchPage, tmp_path: Path
) -> None:
    rng = random.Random(4)
    shot = Shot(turned=5, leaning=0.08, shade=0.4, blur=0.8, grain=4, longer=1200)
    photo, corners = photographed_at(printed(BLOCKS["half squares at the corners"], rng), shot, rng)
    file = tmp_path / "photo.jpg"
    file.write_bytes(photo)
    bench.start("Copied", "9", "9", 3, 3)
    page.locator(".first-steps input[type=file]").set_input_files(file)
    dialog = page.get_by_role("dialog", name="A picture under the paper")
    expect(dialog.locator(".spot")).to_have_count(4)
    page.evaluate(RESTS)  # a dialog that still moves is no place to aim at
    box = dialog.locator("img").bounding_box()
    assert box
    for place, (x, y) in enumerate(corners):
        handle = dialog.locator(".spot").nth(place).bounding_box()
        assert handle
        page.mouse.move(handle["x"] + handle["width"] / 2, handle["y"] + handle["height"] / 2)
        page.mouse.down()
        page.mouse.move(box["x"] + x * box["width"], box["y"] + y * box["height"], steps=3)
        page.mouse.up()
    dialog.get_by_role("button", name="Lay it under the paper").click()
    expect(page.locator(".board-cloth image")).to_be_visible()
    page.get_by_role("button", name="Picture", exact=True).click()
    page.get_by_role("menuitem", name="Find its seams").click()
    offered = page.locator(".seam-offers [role=button]")
    expect(offered).to_have_count(4)
    with bench.answered():
        page.mouse.click(*bench.spot(0.5, 0.5))
    expect(offered).to_have_count(3)
    offered.first.focus()
    page.keyboard.press("Delete")
    expect(offered).to_have_count(2)
    expect(page.locator(".board-cloth .face")).to_have_count(10)
    page.reload()
    expect(page.locator(".board-cloth image")).to_be_visible()
    page.get_by_role("button", name="Picture", exact=True).click()
    page.get_by_role("menuitem", name="Take the picture away").click()
    expect(page.locator(".board-cloth image")).to_have_count(0)
