"""The fabric shelf, and what the size finder says in centimetres, in the real interface."""

from __future__ import annotations

import re
from pathlib import Path

import pytest
from playwright.sync_api import Page, expect

from tests.browser.test_cutting import fabric, line, tick, to_cut
from tests.browser.test_recipes import open_sample, to_recipes
from tests.conftest import Running
from tests.core.test_cloth_picture import as_file, dotted

pytestmark = pytest.mark.browser


def put_on_shelf(page: Page, name: str, *presets: str) -> None:
    page.get_by_role("button", name="Put a fabric on the shelf").click()
    dialog = page.get_by_role("dialog")
    dialog.get_by_label("Name").fill(name)
    for preset in presets:
        dialog.get_by_role("button", name=f"+ {preset}", exact=True).click()
    dialog.get_by_role("button", name="Keep").click()
    expect(dialog).to_have_count(0)


def test_a_fabric_is_put_changed_taken_away_and_brought_back(page: Page) -> None:
    page.get_by_role("link", name="Fabric shelf").click()
    put_on_shelf(page, "Heather", "fat eighth", "precut square 10")
    shelf = page.locator(".shelf-fabrics").first
    expect(shelf).to_contain_text("1 × 20 1⁄2″ × 8 1⁄2″, 1 × 10″ × 10″")
    page.get_by_role("button", name="Change Heather").click()
    dialog = page.get_by_role("dialog")
    dialog.get_by_label("Value").select_option("dark")
    dialog.get_by_label("Note").fill("from the fair at Skerrow")
    dialog.get_by_role("button", name="take out").first.click()
    dialog.get_by_role("button", name="Keep").click()
    expect(shelf).to_contain_text("dark, solid, cotton")
    expect(shelf).to_contain_text("from the fair at Skerrow")
    expect(shelf).not_to_contain_text("20 1⁄2″")
    page.get_by_role("button", name="Change Heather").click()
    page.get_by_role("dialog").get_by_role("button", name="Take it off the shelf").click()
    expect(page.get_by_role("alert")).to_contain_text("Heather was taken off the shelf.")
    page.get_by_role("button", name="Bring it back").click()
    expect(shelf).to_contain_text("Heather")


def test_a_fabric_changed_in_two_windows_is_not_overwritten(page: Page, running: Running) -> None:
    page.get_by_role("link", name="Fabric shelf").click()
    put_on_shelf(page, "Heather")
    page.get_by_role("button", name="Change Heather").click()
    other = page.context.new_page()
    other.goto(f"{running.url}/fabrics")
    other.get_by_role("button", name="Change Heather").click()
    other.get_by_role("dialog").get_by_label("Note").fill("the other window")
    other.get_by_role("dialog").get_by_role("button", name="Keep").click()
    expect(other.get_by_role("dialog")).to_have_count(0)
    dialog = page.get_by_role("dialog")
    dialog.get_by_label("Note").fill("this window")
    dialog.get_by_role("button", name="Keep").click()
    expect(dialog.get_by_role("alert")).to_contain_text("changed elsewhere meanwhile")


def test_leftovers_go_back_once_all_is_cut(page: Page, tmp_path: Path) -> None:
    page.get_by_role("link", name="Fabric shelf").click()
    put_on_shelf(page, "Peat, washed", "half a yard")
    page.get_by_role("link", name="Yonk: the shelf of blocks").click()
    open_sample(page, "Weir Gate", tmp_path)
    to_cut(page)
    fabric(page, "Peat").click()
    page.get_by_text("How this cloth is bought").click()
    page.get_by_label("From the fabric shelf").select_option(label="Peat, washed")
    expect(page.locator(".cloth-list header")).to_contain_text("Nothing to buy")
    tick(page, line(page, "8″"))
    page.get_by_role("button", name="put the leftovers on the shelf").click()
    expect(page.get_by_text("The leftovers are on the shelf.")).to_be_visible()
    page.get_by_role("link", name="Yonk: the shelf of blocks").click()
    page.get_by_role("link", name="Fabric shelf").click()
    expect(page.locator(".shelf-fabrics").first).to_contain_text("1 × 32″ × 8″")


def test_a_tick_waits_while_the_server_does_not_take_it(
    page: Page, running: Running, tmp_path: Path
) -> None:
    open_sample(page, "Weir Gate", tmp_path)
    to_cut(page)
    fabric(page, "Gorse").click()
    page.route(re.compile("/entries$"), lambda route: route.abort())
    line(page, "3 1⁄2″").get_by_role("checkbox").click()
    expect(page.get_by_text("One entry waits")).to_be_visible()
    page.unroute(re.compile("/entries$"))
    expect(page.get_by_text("One entry waits")).to_have_count(0)
    page.reload()
    expect(line(page, "3 1⁄2″").get_by_role("checkbox")).to_be_checked()


def test_cloth_settings_change_the_layout(page: Page, tmp_path: Path) -> None:
    open_sample(page, "Weir Gate", tmp_path)
    to_cut(page)
    fabric(page, "Peat").click()
    expect(page.locator(".layout .laid")).to_have_count(6)
    expect(page.locator(".strip-said")).to_contain_text("8″ strip: 5 of 8″")
    page.get_by_text("How this cloth is bought").click()
    width = page.get_by_label("Usable width")
    width.fill("48")
    width.press("Enter")
    expect(page.locator(".strip-said")).to_contain_text("8″ strip: 6 of 8″")
    shrinks = page.get_by_label("Shrinks")
    shrinks.fill("45")
    shrinks.press("Enter")
    expect(page.get_by_role("alert")).to_contain_text("shrinks: is more than 30")


def test_the_arrows_turn_the_pages_at_the_table_and_a_diagonal_is_drawn(
    page: Page, tmp_path: Path
) -> None:
    open_sample(page, "Gale Lantern", tmp_path)
    to_cut(page)
    page.get_by_role("button", name="At the cutting table").click()
    place = page.locator(".cutting-table .place")
    expect(place).to_contain_text("Strip 1 of")
    page.keyboard.press("ArrowRight")
    expect(place).to_contain_text("Strip 2 of")
    page.keyboard.press("ArrowLeft")
    expect(place).to_contain_text("Strip 1 of")
    expect(page.locator(".cutting-table .diagonal").first).to_be_visible()
    expect(page.locator(".one-strip li").first).to_contain_text(
        "then cut each once on the diagonal"
    )
    page.keyboard.press("Escape")
    expect(page.locator(".cut-lines")).to_be_visible()


def test_a_block_in_centimetres_through_recipes_and_cut(page: Page, tmp_path: Path) -> None:
    open_sample(page, "Bracken Rails", tmp_path)
    to_recipes(page)
    expect(page.locator(".ways")).to_contain_text("cm²")
    expect(page.locator(".workings")).to_contain_text(
        "4 strips of 100 cm width of fabric, each for 5 units, the last for 1"
    )
    to_cut(page)
    expect(page.locator(".cloth-list header")).to_contain_text("Buy 30 cm")
    expect(page.locator(".cut-lines")).to_contain_text("6.5 cm × ")
    expect(page.locator(".layout .laid")).to_have_count(4)


def test_a_choice_for_one_group_leaves_the_others(page: Page, tmp_path: Path) -> None:
    open_sample(page, "Scree", tmp_path)
    to_recipes(page)
    page.get_by_label("choose for all of this kind").uncheck()
    page.get_by_role("button", name="Take cut triangles and sew").click()
    cards = page.locator(".unit-card")
    expect(cards.nth(0)).to_contain_text("cut triangles and sew, your choice")
    expect(cards.nth(1)).not_to_contain_text("your choice")
    page.get_by_role("button", name="let Yonk propose").click()
    expect(cards.nth(0)).not_to_contain_text("your choice")
    page.get_by_role("button", name="Take eight at a time").click()
    expect(cards.nth(0)).to_contain_text("eight at a time, your choice")


def test_the_finder_in_centimetres_and_for_a_half_rectangle(page: Page) -> None:
    page.get_by_role("link", name="Size finder").click()
    page.get_by_label("Unit of length").select_option("cm")
    expect(page.get_by_label("Pieces")).to_have_value("12.5")
    row = page.locator(".answers tr").filter(has_text="half-square triangle").first
    expect(row).to_contain_text("use each 12.5 cm piece as it is")
    page.get_by_role("button", name="Is this number right?").click()
    page.get_by_label("Unit", exact=True).select_option("half-rectangle-triangle")
    page.get_by_label("Finished width").fill("8")
    page.get_by_label("Finished height").fill("6")
    page.get_by_label("You were told to cut the half").fill("9 x 7")
    expect(page.locator(".verdict")).to_contain_text("Too small")
    page.get_by_label("Finished height").fill("9")
    expect(page.get_by_text("must be less than the width")).to_be_visible()


def test_a_cloth_is_photographed_and_a_block_is_seen_in_it(page: Page, tmp_path: Path) -> None:
    """From a photo with a ruler in it to the patches on the board, at the cloth's true size."""
    photo = tmp_path / "cloth.png"
    photo.write_bytes(as_file(dotted()))
    page.get_by_role("link", name="Fabric shelf").click()
    page.get_by_role("button", name="Put a fabric on the shelf").click()
    dialog = page.get_by_role("dialog")
    dialog.get_by_label("Name").fill("Dotted")
    dialog.get_by_label("Piles").fill("spring, hut")
    dialog.get_by_label("A photo of it", exact=True).set_input_files(photo)
    make = dialog.get_by_role("button", name="Make the picture")
    make.click()
    expect(dialog.get_by_role("alert").first).to_contain_text("is empty")
    end = dialog.get_by_role("button", name="The other end of the known length")
    end.focus()
    page.keyboard.press("Shift+ArrowLeft")
    dialog.get_by_label("The line is so long").fill("7 3/5")  # 0.1 to 0.86 of 10 inches
    corner = dialog.get_by_role("button", name="Upper left of the part")
    corner.scroll_into_view_if_needed()
    box = corner.bounding_box()
    assert box
    x, y = box["x"] + box["width"] / 2, box["y"] + box["height"] / 2
    page.mouse.move(x, y)
    page.mouse.down()
    page.mouse.move(x - 30, y - 20, steps=3)
    page.mouse.up()
    make.click()
    expect(make).to_have_count(0)
    expect(dialog.get_by_label("Value")).to_have_value("light")
    dialog.get_by_role("button", name="Keep").click()
    expect(dialog).to_have_count(0)
    expect(page.locator(".shelf-fabrics li", has_text="Dotted").locator("image")).to_be_attached()
    page.get_by_role("link", name="Blocks", exact=True).click()
    open_sample(page, "Peg", tmp_path)
    page.get_by_role("button", name="from the shelf").click()
    dialog = page.get_by_role("dialog", name="From the fabric shelf")
    dialog.get_by_role("button", name="Fog", exact=True).click()  # those first that are like it
    dialog.get_by_label("Value").select_option("dark")
    expect(dialog.get_by_role("button", name=re.compile("Dotted"))).to_have_count(0)
    dialog.get_by_label("Value").select_option("light")
    dialog.get_by_role("button", name=re.compile("Dotted")).click()
    expect(dialog.get_by_role("button", name=re.compile("Dotted"))).to_contain_text("there already")
    dialog.get_by_label("Pile", exact=True).select_option("spring")
    expect(dialog.get_by_role("button", name=re.compile("^Take"))).to_have_count(0)
    dialog.get_by_label("Close").click()
    page.get_by_role("radio", name="Paint").check()
    page.get_by_role("radio", name=re.compile("Dotted")).click()
    board = page.get_by_role("application")
    board.focus()
    page.keyboard.press("Enter")
    pattern = page.locator(".board-cloth pattern", has=page.locator("image"))
    expect(pattern).to_have_count(1)
    key = pattern.get_attribute("id")
    expect(page.locator(f'.board-cloth [fill="url(#{key})"]')).not_to_have_count(0)
    wide = float(pattern.get_attribute("width") or 0)
    assert 2 < wide < 6  # inches of the cloth, as it is on the table
    loaded = """one => fetch(one.getAttribute('href')).then(answer => answer.ok)"""
    assert pattern.locator("image").evaluate(loaded)


def test_a_colour_is_a_dye_a_shade_of_it_or_typed(page: Page) -> None:
    page.get_by_role("link", name="Fabric shelf").click()
    page.get_by_role("button", name="Put a fabric on the shelf").click()
    dialog = page.get_by_role("dialog")
    colour = dialog.get_by_label("Colour", exact=True)
    dialog.get_by_role("button", name="Tarn").click()
    expect(colour).to_have_value("#2d566f")
    dialog.get_by_role("button", name="Shade 6 of 7").click()
    expect(colour).not_to_have_value("#2d566f")
    colour.fill("teall")
    expect(dialog.get_by_text("is no colour")).to_be_visible()
    dialog.get_by_label("Name").fill("Burn")
    dialog.get_by_role("button", name="Keep").click()
    expect(dialog).to_be_visible()  # what is no colour is not kept
    colour.fill("teal")
    expect(dialog.get_by_text("is no colour")).to_have_count(0)
    dialog.get_by_role("button", name="Keep").click()
    expect(dialog).to_have_count(0)
    page.get_by_role("button", name="Change Burn").click()
    expect(dialog.get_by_label("Colour", exact=True)).to_have_value("#008080")


def test_a_pile_is_taken_into_a_block_at_once(page: Page, tmp_path: Path) -> None:
    """By one act, so that one undo takes it back; what is there already is not taken twice."""
    page.get_by_role("link", name="Fabric shelf").click()
    for name in ("Tarn", "Sloe", "Whey"):
        page.get_by_role("button", name="Put a fabric on the shelf").click()
        dialog = page.get_by_role("dialog")
        dialog.get_by_label("Name").fill(name)
        dialog.get_by_role("button", name=name).click()
        dialog.get_by_label("Piles").fill("hut" if name == "Whey" else "hut, darks")
        dialog.get_by_role("button", name="Keep").click()
        expect(dialog).to_have_count(0)
    page.get_by_role("link", name="Blocks", exact=True).click()
    open_sample(page, "Peg", tmp_path)
    fabrics = page.get_by_role("list", name="Fabrics of the block").get_by_role("listitem")
    before = fabrics.count()
    page.get_by_role("button", name="from the shelf").click()
    dialog = page.get_by_role("dialog", name="From the fabric shelf")
    dialog.get_by_label("Pile", exact=True).select_option("darks")
    dialog.get_by_role("button", name="Take all 2").click()
    expect(fabrics).to_have_count(before + 2)
    dialog.get_by_label("Pile", exact=True).select_option("hut")
    dialog.get_by_role("button", name="Take it").click()
    expect(fabrics).to_have_count(before + 3)
    dialog.get_by_label("Close").click()
    page.get_by_role("button", name="Undo").click()
    page.get_by_role("button", name="Undo").click()
    expect(fabrics).to_have_count(before)
