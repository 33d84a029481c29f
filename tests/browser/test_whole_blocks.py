"""Three whole blocks drafted from nothing; one with a set-in corner, one uneven, one by keyboard
alone.
"""

from __future__ import annotations

import re
from pathlib import Path

import pytest
from playwright.sync_api import Page, expect

from tests.browser.bench_page import BenchPage

pytestmark = pytest.mark.browser


def press(page: Page, keys: str) -> None:
    """Press keys on the board one after the other; what they do is waited for."""
    for key in keys.split():
        page.keyboard.press(key)


def test_free_seams_and_a_set_in_corner(bench: BenchPage, page: Page) -> None:
    """A square of 6 with a corner square set in between two slanted patches: the seams meet in
    a Y.
    """
    bench.start("Gully", "6", "6", 1, 1)
    bench.tool("Seam")
    page.get_by_label("Ruled points").select_option(label="thirds")
    bench.drag((0, 0), (2 / 3, 2 / 3))
    bench.drag((1, 2 / 3), (2 / 3, 2 / 3))
    bench.drag((2 / 3, 2 / 3), (2 / 3, 1))
    expect(page.locator(".face")).to_have_count(3)
    expect(page.locator(".notices .set-in-seam")).to_contain_text("column 1, row 1")
    bench.tool("Paint")
    bench.take(1, "Peat")
    bench.touch(0.9, 0.9)
    bench.take(1, "Fog")
    bench.touch(0.9, 0.3)
    bench.touch(0.3, 0.9)
    assert bench.units() == ["1 × pieced unit"]
    # the corner: 2 finished + 1/2 = 2 1/2; the slanted patches are 6 long and 4 wide with one 45°
    # end each,
    # cut from a strip 4 + 1/2 wide, 6 + 1/4 × (1 + 1.4142) + 1/4 = 6.854 from tip to tip, 6 7/8 on
    # the ruler
    lines = bench.cutting()
    assert "Peat: 1 square 2 1/2″" in lines
    expect(page.locator(".cut", has_text="template")).to_have_count(2)  # one leans each way
    slanted = [line for line in lines if line.startswith("Fog")]
    assert all(
        "a strip 4 1/2″ wide" in line and "6 7/8″ from tip to tip" in line for line in slanted
    )


def test_an_uneven_block_with_a_square_in_a_square_and_geese(bench: BenchPage, page: Page) -> None:
    """1-2-1 on 8 inches: corners of 2, geese of 4 by 2 on the sides, a square in a square of 4 in
    the middle.
    """
    bench.start("Tarn", "8", "8", 3, 3)
    bench.keep("Columns", "1 2 1")
    bench.keep("Rows", "1 2 1")

    def at(count: float) -> float:  # cells are uneven: where they lie in thirds of the board
        return [0.375, 1.5, 2.625][int(count)]

    bench.mates("quarter turns")
    bench.unit("flying geese unit")
    bench.touch(at(1), at(0))
    bench.unit("plain patch")
    bench.touch(at(0), at(0))
    bench.mates("none")
    bench.unit("square in a square")
    bench.touch(at(1), at(1))
    page.get_by_label("true cut").click()
    expect(page.get_by_label("true cut")).to_be_checked()
    assert sorted(bench.units()) == [
        "1 × square in a square",
        "4 × flying geese unit",
        "4 × plain patch",
    ]
    # geese 4 by 2, four at a time: large 4 + 1.207 = 5.207 → 5 1/4; small 2 + 0.854 = 2.854 → 2 7/8
    # middle: 4 ÷ 1.4142 + 1/2 = 3.328 → 3 3/8; its corners 2 + 0.854 → 2 7/8, cut once
    assert bench.cutting() == {
        "Peat: 1 square 5 1/4″",
        "Peat: 4 squares 2 1/2″",
        "Peat: 1 square 3 3/8″",
        "Fog: 4 squares 2 7/8″",
        "Fog: 2 squares 2 7/8″ then cut each once on the diagonal",
    }


def test_a_block_with_mates_by_keyboard_alone(bench: BenchPage, page: Page) -> None:
    """Four quarters of a 10-inch block: hourglasses in the corners, a seam across, painted; no
    mouse.
    """
    page.get_by_role("button", name="Start a block").first.focus()
    page.keyboard.press("Enter")
    expect(page.get_by_label("Name", exact=True)).to_be_focused()
    page.keyboard.type("Beck")
    for value in ("10", "10"):
        page.keyboard.press("Tab")
        page.keyboard.press("Control+a")
        page.keyboard.type(value)
    for value in ("", "4", "4"):
        page.keyboard.press("Tab")
        if value:
            page.keyboard.press("Control+a")
            page.keyboard.type(value)
    page.keyboard.press("Enter")
    expect(bench.board).to_be_visible()
    while not page.evaluate("document.activeElement.classList.contains('board')"):
        page.keyboard.press("Tab")
    press(
        page, "m m . ."
    )  # mates: quarter turns; from the half-square triangle on to the quarter-square triangle
    expect(page.get_by_role("combobox", name="Mates")).to_have_value("quarter-turns")
    press(page, "Enter")
    expect(page.locator(".face")).to_have_count(12 + 16)
    expect(page.locator("#cell-said")).to_have_text(
        re.compile("row 1, column 1: quarter-square triangle 1, Fog and Peat")
    )
    press(
        page,
        "s ArrowRight ArrowRight ArrowDown ArrowDown Enter ArrowRight ArrowRight ArrowDown "
        "ArrowDown Enter",
    )
    expect(page.locator(".face")).to_have_count(12 + 16 + 4)
    press(page, "2 p ArrowDown ArrowDown Enter")
    # hourglasses of 2 1/2: 2 1/2 + 1/2 + 1/8 + 1/2 × 1.4142 = 3.832 → 3 7/8
    expect(page.locator(".cut", has_text="quarter-square triangle")).to_have_count(2)
    assert {"Peat: 2 squares 3 7/8″", "Fog: 2 squares 3 7/8″"} <= bench.cutting()
    press(page, "Control+z")
    press(page, "Control+z")
    expect(page.locator(".face")).to_have_count(12 + 16)
    page.keyboard.press("Shift+?")
    expect(page.get_by_role("dialog", name="Keys")).to_be_visible()


def test_cells_are_chosen_copied_mirrored_and_repeated(bench: BenchPage, page: Page) -> None:
    bench.start("Brig", "8", "8", 4, 4)
    bench.touch(0.5, 0.5)
    bench.tool("Cells")
    page.mouse.click(*bench.spot(0.5, 0.5))
    page.get_by_role("button", name="copy", exact=True).click()
    page.mouse.click(*bench.spot(2.5, 1.5))
    page.get_by_role("button", name="paste", exact=True).click()
    expect(page.locator(".face")).to_have_count(18)
    page.get_by_role("button", name="mirror", exact=True).click()
    page.get_by_role("button", name="repeat quarter", exact=True).click()
    expect(page.locator(".units li").first).to_contain_text("4 × half-square triangle")


def test_rubbing_out_a_stretch_and_a_whole_seam(bench: BenchPage, page: Page) -> None:
    bench.start("Brig", "9", "9", 3, 3)
    with bench.answered():
        bench.tool("Rub out")
    bench.painted()
    bench.touch(1, 0.5)
    expect(page.locator(".face")).to_have_count(8)
    page.get_by_label("What is rubbed out").select_option("whole")
    bench.touch(0.5, 2)
    expect(page.locator(".face")).to_have_count(5)


def test_the_grid_is_moved_typed_and_dragged(bench: BenchPage, page: Page) -> None:
    bench.start("Brig", "9", "9", 3, 3)
    page.get_by_role("button", name="column 2: 3″ finished").click()
    bench.keep("Finished size of column 2", "4 1/2")
    bench.on_the_edge()
    expect(page.get_by_label("Finished width", exact=True)).to_have_value("10 1/2")
    page.keyboard.press("Escape")
    grip = page.locator(".edge.rows .grip").first.bounding_box()
    assert grip
    with page.expect_response("**/api/draft"):
        page.mouse.move(grip["x"] + 5, grip["y"] + 6)
        page.mouse.down()
        page.mouse.move(grip["x"] + 5, grip["y"] - 30, steps=3)
        page.mouse.up()
    expect(page.get_by_role("button", name=re.compile(r"row 1: 2\b"))).to_be_visible()


def test_a_size_is_taken_from_the_chart(bench: BenchPage, page: Page) -> None:
    bench.start("Brig", "10", "10", 3, 3)
    expect(page.locator(".notices .off-the-ruler")).to_contain_text("9 3⁄4″ or 10 1⁄8″")
    bench.on_the_edge()
    page.get_by_role("button", name="size chart").click()
    row = page.get_by_role("row", name=re.compile(r"^10 1.2″ ● all"))
    row.get_by_role("button").click()
    bench.on_the_edge()
    expect(page.get_by_label("Finished width", exact=True)).to_have_value("10 1/2")
    expect(page.locator(".notices .off-the-ruler")).to_have_count(0)


def test_colourings_are_added_up(bench: BenchPage, page: Page) -> None:
    bench.start("Brig", "6", "6", 2, 2)
    bench.touch(0.5, 0.5)
    bench.add_fabric("Gorse", "#d9a520")
    page.get_by_role("button", name="colourings").click()
    dialog = page.get_by_role("dialog")
    expect(dialog.get_by_role("article")).to_have_count(0)  # to look adds nothing to the list
    dialog.get_by_role("button", name="+ colouring").click()
    with page.expect_response("**/api/draft"):
        dialog.get_by_label("Peat in Colouring 2").select_option(label="Gorse")
    with page.expect_response("**/api/draft"):
        dialog.get_by_label("Blocks of Colouring 2").fill("3")
        dialog.get_by_label("Blocks of Colouring 2").press("Enter")
    page.keyboard.press("Escape")
    fog = page.locator(".list-body article", has_text="Fog")
    expect(fog.locator(".count")).to_have_text("3")  # drawn a moment after it was answered
    # one pair for the block as drafted, two pairs for three of the colouring
    assert {"Peat: 1 square 4″", "Gorse: 2 squares 4″", "Fog: 3 squares 4″"} <= bench.cutting()


def test_svg_goes_out_and_comes_in(bench: BenchPage, page: Page, tmp_path: Path) -> None:
    bench.start("Brig", "9", "9", 3, 3)
    bench.touch(0.5, 0.5)
    page.get_by_role("button", name="Files").click()
    with page.expect_download() as taken:
        page.get_by_role("button", name="Drawing as SVG").click()
    file = tmp_path / "brig.svg"
    taken.value.save_as(file)
    assert 'width="9in"' in file.read_text()
    page.get_by_role("button", name="Files").click()
    with page.expect_download() as picture:
        page.get_by_role("button", name="Picture as PNG").click()
    picture.value.save_as(tmp_path / "brig.png")
    assert (tmp_path / "brig.png").read_bytes().startswith(b"\x89PNG")
    drawn = (
        '<svg xmlns="http://www.w3.org/2000/svg"><rect width="90" height="90"/>'
        '<path d="M0 45 H90 M45 0 L45.5 90"/></svg>'
    )
    (tmp_path / "in.svg").write_text(drawn)
    page.get_by_label("SVG drawing").set_input_files(tmp_path / "in.svg")
    page.get_by_role("button", name="Look").click()
    expect(page.get_by_role("status").filter(has_text="seams taken")).to_be_visible()
    page.get_by_role("button", name="Take the seams").click()
    expect(page.locator(".face")).to_have_count(4)
    bench.saved()


def test_the_block_is_looked_at_in_other_ways(bench: BenchPage, page: Page) -> None:
    bench.start("Brig", "6", "6", 2, 2)
    bench.touch(0.5, 0.5)
    page.get_by_role("button", name="View").click()
    page.get_by_label("Units outlined").check()
    expect(page.locator(".outlines polygon")).to_have_count(4)
    page.get_by_label("Units apart").check()
    expect(page.locator(".face[transform]")).to_have_count(5)
    page.get_by_label("Units apart").uncheck()
    page.get_by_label("Four blocks together").check()
    expect(page.locator(".together use")).to_have_count(4)
    page.get_by_label("Letters").uncheck()
    expect(page.locator(".letter")).to_have_count(0)


def test_a_fabric_is_dropped_on_a_patch(bench: BenchPage, page: Page) -> None:
    bench.start("Brig", "6", "6", 2, 2)
    box = bench.board.bounding_box()
    assert box
    x, y = bench.spot(1.5, 0.5)
    page.get_by_role("button", name=re.compile("^Take Peat in hand")).drag_to(
        bench.board, target_position={"x": x - box["x"], "y": y - box["y"]}
    )
    expect(page.locator(".list-body h3", has_text="Peat")).to_be_visible()
    expect(page.locator(".list-body h3", has_text="No fabric yet")).to_be_visible()
