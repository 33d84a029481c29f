"""The shelf of quilts and a quilt's page in the real interface."""

from __future__ import annotations

import json
from pathlib import Path

import pytest
from playwright.sync_api import Browser, Locator, Page, expect

from tests.browser.bench_page import BenchPage
from tests.browser.test_recipes import open_sample
from tests.conftest import Running

pytestmark = pytest.mark.browser


def set_into_a_quilt(page: Page, name: str, tmp_path: Path) -> None:
    """A sample block, set into a new quilt from its step."""
    open_sample(page, name, tmp_path)
    steps = page.get_by_role("navigation", name="Steps", exact=True)
    steps.get_by_role("link", name="Set", exact=True).click()
    page.get_by_role("button", name="Set it into a new quilt").click()
    expect(page.locator(".setting svg.quilt")).to_be_visible()


def place(page: Page, row: int, number: int) -> Locator:
    return page.get_by_role("button", name=f"Row {row}, place {number}", exact=True)


def size(page: Page) -> Locator:
    return page.locator(".sizes b")


def laid(page: Page, at: int) -> Locator:
    """The block that is drawn as so many before it."""
    return page.locator(".quilt-room svg.quilt use").nth(at)


def drawn(page: Page, at: int) -> str:
    """How the block at a place is drawn."""
    return laid(page, at).get_attribute("transform") or ""


def test_a_quilt_is_set_and_its_list_follows(bench: BenchPage, page: Page, tmp_path: Path) -> None:
    set_into_a_quilt(page, "Weir Gate", tmp_path)
    expect(size(page)).to_have_text("27″ × 36″")
    page.get_by_label("Sashing fabric").select_option("slate")
    expect(size(page)).to_have_text("29″ × 39″")
    page.get_by_label("wide", exact=True).fill("1 1/2")
    page.get_by_label("wide", exact=True).press("Enter")
    expect(size(page)).to_have_text("30″ × 40 1⁄2″")
    page.get_by_label("Cornerstones").select_option("fog")
    page.get_by_label("round the outside too").click()
    expect(size(page)).to_have_text("33″ × 43 1⁄2″")
    listed = page.locator(".top-list", has_text="sashing")
    expect(listed).to_contain_text("31rectangles cut 9 1⁄2″ × 2″")
    page.get_by_role("button", name="+ a border").click()
    expect(size(page)).to_have_text("41″ × 51 1⁄2″")
    page.get_by_label("Width of border 1", exact=True).fill("four")
    page.get_by_label("Width of border 1", exact=True).press("Enter")
    expect(page.get_by_role("alert")).to_contain_text("is not a length")
    page.get_by_role("button", name="take off").click()
    page.get_by_label("columns").fill("4")
    page.get_by_label("columns").press("Enter")
    expect(size(page)).to_have_text("43 1⁄2″ × 43 1⁄2″")
    page.keyboard.press("Control+z")
    expect(size(page)).to_have_text("33″ × 43 1⁄2″")
    expect(page.get_by_text("Saved", exact=True)).to_be_visible()
    page.reload()
    expect(size(page)).to_have_text("33″ × 43 1⁄2″")


def test_blocks_are_turned_by_keys_and_swapped_by_dragging(
    bench: BenchPage, page: Page, tmp_path: Path
) -> None:
    set_into_a_quilt(page, "Scree", tmp_path)
    place(page, 1, 1).click()
    page.keyboard.press("r")
    expect(page.locator("svg.quilt use").first).to_have_attribute("transform", _turned(page, 90))
    page.keyboard.press("ArrowRight")
    expect(place(page, 1, 2)).to_be_focused()
    page.keyboard.press("m")
    expect(laid(page, 1)).to_have_attribute("transform", _mirror(page))
    place(page, 1, 1).drag_to(place(page, 1, 2))
    expect(laid(page, 1)).to_have_attribute("transform", _turned(page, 90, 1))
    page.get_by_label("Turn them").select_option("quarter-turns")
    expect(laid(page, 4)).to_have_attribute("transform", _turned(page, 180, 4))


def _turned(page: Page, angle: int, at: int = 0) -> str:
    where = drawn(page, at).partition(" rotate")[0]
    return f"{where} rotate({angle}) scale(1 1)"


def _mirror(page: Page) -> str:
    return f"{drawn(page, 1).partition(' rotate')[0]} rotate(0) scale(-1 1)"


def in_rows(page: Page, rows: int) -> None:
    """The block is meant for nine, which are three rows."""
    expect(page.locator(".sizes")).to_contain_text("9 blocks")
    page.get_by_label("rows", exact=True).fill(str(rows))
    page.get_by_label("rows", exact=True).press("Enter")
    expect(page.locator(".sizes")).to_contain_text(f"{3 * rows} blocks")


def test_on_point_looked_at_in_greys_and_taken_along(
    bench: BenchPage, page: Page, running: Running, tmp_path: Path
) -> None:
    set_into_a_quilt(page, "Hut Window", tmp_path)
    in_rows(page, 4)
    page.get_by_label("Straight or on point").select_option("on-point")
    expect(page.locator(".sizes")).to_contain_text("18 blocks")
    corners = page.locator(".top-list", has_text="side triangles")
    expect(corners).to_contain_text("3squares cut 12 5⁄8″")
    colours = (
        "() => [...document.querySelectorAll('svg.quilt polygon')].map(p => p.getAttribute('fill'))"
    )
    page.get_by_label("greys").check()
    assert all(fill[1:3] == fill[3:5] == fill[5:7] for fill in page.evaluate(colours))
    with page.expect_download() as taken:
        page.get_by_role("button", name="Files").click()
        page.get_by_role("button", name="Quilt file").click()
    file = tmp_path / "throw.quilt.json"
    taken.value.save_as(file)
    assert json.loads(file.read_text())["format"] == "yonk-quilt/1"
    page.get_by_role("button", name="Go to").click()
    page.get_by_role("link", name="Quilts").click()
    before = page.locator(".quilt-shelf li")
    expect(before).to_have_count(1)
    page.get_by_label("Quilt file").set_input_files(file)
    expect(page.locator(".sizes")).to_contain_text("18 blocks")
    page.get_by_role("button", name="Go to").click()
    page.get_by_role("link", name="Quilts").click()
    expect(before).to_have_count(2)
    page.get_by_role("button", name="Delete Hut Window throw").first.click()
    expect(before).to_have_count(1)
    page.get_by_role("button", name="Bring it back").click()
    expect(before).to_have_count(2)
    page.get_by_role("button", name="Start a quilt").click()
    dialog = page.get_by_role("dialog")
    dialog.get_by_role("button", name="Set them").click()
    expect(dialog.get_by_role("alert")).to_contain_text("choose at least one")
    dialog.get_by_label("Hut Window").check()
    dialog.get_by_label("Name").fill("Ridge")
    dialog.get_by_role("button", name="Set them").click()
    expect(page.get_by_label("Name of the quilt")).to_have_value("Ridge")


def test_a_bed_size_is_typed_and_a_way_taken(bench: BenchPage, page: Page, tmp_path: Path) -> None:
    set_into_a_quilt(page, "Weir Gate", tmp_path)
    page.get_by_text("A size to reach").click()
    page.get_by_label("as wide as").fill("60")
    page.get_by_role("button", name="How?").click()
    expect(page.get_by_role("alert")).to_contain_text("height")
    page.get_by_label("as long as").fill("80")
    page.get_by_role("button", name="How?").click()
    page.get_by_role("button", name="Take 5 × 7, 35 blocks, sashing 1″, border 4 1⁄2″").click()
    expect(size(page)).to_have_text("60″ × 80″")
    expect(page.locator(".quilt-room svg.quilt use")).to_have_count(35)


def test_colourings_are_spread_and_a_place_held(
    bench: BenchPage, page: Page, tmp_path: Path
) -> None:
    set_into_a_quilt(page, "Hut Window", tmp_path)
    in_rows(page, 4)
    page.get_by_role("button", name="take in the colourings of Hut Window").click()
    expect(page.get_by_text("17 pairs touch.")).to_be_visible()
    page.get_by_role("button", name="Spread them").click()
    expect(page.get_by_text("No two touch that should not.")).to_be_visible()
    place(page, 1, 1).click()
    page.get_by_label("Block at this place").select_option(label="Hut Window in Dusk")
    page.get_by_label("hold it fast").check()
    page.get_by_role("button", name="Spread them").click()
    expect(page.get_by_text("No two touch that should not.")).to_be_visible()
    expect(page.get_by_label("Block at this place")).to_have_value("hut-window-dusk")


def test_one_more_block_is_taken_in_and_laid(bench: BenchPage, page: Page, tmp_path: Path) -> None:
    set_into_a_quilt(page, "Weir Gate", tmp_path)
    page.get_by_label("Take one more block in").select_option(label="Weir Gate")
    blocks = page.get_by_label("Blocks of the quilt").get_by_role("listitem")
    expect(blocks).to_have_count(2)
    place(page, 2, 2).click()
    page.get_by_label("Block at this place").select_option("weir-gate-2")
    expect(blocks.nth(1)).to_contain_text("1 Weir Gate")
    expect(blocks.nth(0)).to_contain_text("11 Weir Gate")


def to_step(page: Page, name: str) -> None:
    steps = page.get_by_role("navigation", name="Steps", exact=True)
    steps.get_by_role("link", name=name, exact=True).click()


def test_from_a_bed_to_the_binding(bench: BenchPage, page: Page, tmp_path: Path) -> None:
    """A size typed, a way taken, a block turned, cloth listed and ticked, printed, sewn."""
    set_into_a_quilt(page, "Weir Gate", tmp_path)
    page.get_by_text("A size to reach").click()
    page.get_by_label("as wide as").fill("60")
    page.get_by_label("as long as").fill("80")
    page.get_by_role("button", name="How?").click()
    page.get_by_role("button", name="Take 5 × 7, 35 blocks, sashing 1″, border 4 1⁄2″").click()
    place(page, 1, 1).click()
    page.keyboard.press("r")
    page.get_by_label("Backing", exact=True).select_option("slate")
    page.get_by_label("Binding", exact=True).select_option("peat")
    page.get_by_label("Grain of the binding").select_option("bias")
    expect(page.get_by_text("Saved", exact=True)).to_be_visible()
    to_step(page, "Cut")
    expect(page.get_by_role("heading", name="Cloth for the whole top")).to_be_visible()
    expect(page.get_by_text("on the bias from a square of")).to_be_visible()
    expect(page.locator(".to-buy tbody tr")).to_have_count(4)
    page.get_by_label("wide cloth, in one piece").click()
    expect(page.locator(".to-buy")).to_contain_text("Slate, wide")
    page.get_by_label("Long strips").select_option("diagonal")
    expect(page.get_by_text("on the diagonal; cut 2 of")).to_be_visible()
    page.locator(".to-buy").get_by_role("button", name="Peat").click()
    card = page.locator(".cloth-card[aria-current]")
    expect(card).to_contain_text("Peat")
    lines = page.locator(".cut-lines li").get_by_role("checkbox")
    for number in range(lines.count()):
        lines.nth(number).check()
    expect(card).to_contain_text("all cut")
    page.get_by_role("button", name="At the cutting table").click()
    strips = page.locator(".cutting-table .place")
    expect(strips).to_contain_text("Strip")
    expect(strips).not_to_contain_text(", 0 done")
    page.get_by_role("button", name="Close").click()
    page.get_by_role("button", name="Print and take along").click()
    with page.expect_download() as taken:
        page.get_by_role("button", name="Everything: list").click()
    assert taken.value.suggested_filename == "Weir Gate throw.pdf"
    to_step(page, "Sew")
    expect(page.locator(".top-overlay .row-label")).to_have_count(7)
    page.get_by_role("button", name="row 1", exact=False).first.click()
    expect(page.locator(".one-step")).to_contain_text("It must measure")
    expect(page.locator(".quilt .place.lit")).to_have_count(5)
    page.get_by_label("done", exact=True).check()
    expect(page.locator(".cards > p")).to_contain_text("1 of 7 rows and strips sewn")
    page.reload()
    expect(page.get_by_label("done", exact=True)).to_be_checked()
    page.get_by_role("button", name="At the machine").click()
    machine = page.locator(".at-the-machine")
    heading = machine.get_by_role("heading", level=1)
    for _ in ("row 1 is sewn: to the next", "row 2 is sewn"):
        before = heading.inner_text()
        page.keyboard.press("Space")
        expect(heading).not_to_have_text(before)
    page.keyboard.press("Escape")
    expect(machine).to_have_count(0)
    expect(page.locator(".cards > p")).to_contain_text("2 of 7 rows and strips sewn")
    page.get_by_role("button", name="Weir Gate 0 of").first.click()
    page.get_by_label("done so far").fill("9")
    page.get_by_label("done so far").press("Enter")
    expect(page.locator(".cards > p")).to_contain_text("9 of 35 blocks made")


def test_swapped_by_keys_zoomed_and_an_earlier_state_opened(
    bench: BenchPage, page: Page, tmp_path: Path
) -> None:
    set_into_a_quilt(page, "Scree", tmp_path)
    expect(page.get_by_text("Saved", exact=True)).to_be_visible()
    place(page, 1, 1).click()
    page.keyboard.press("r")
    expect(page.locator("svg.quilt use").first).to_have_attribute("transform", _turned(page, 90))
    page.keyboard.press("Shift+ArrowRight")
    expect(place(page, 1, 2)).to_be_focused()
    expect(page.locator("svg.quilt use").first).to_have_attribute("transform", _turned(page, 0))
    page.keyboard.press("+")
    expect(page.get_by_role("status").or_(page.locator(".stepper output"))).to_contain_text(
        ["150 %"]
    )
    room = page.locator(".quilt-room")
    assert room.evaluate("room => room.scrollWidth > room.clientWidth")
    page.keyboard.press("-")
    expect(page.get_by_text("Saved", exact=True)).to_be_visible()
    page.get_by_role("button", name="Files").click()
    page.get_by_role("button", name="Earlier states").click()
    page.get_by_label("Open state 1").click()
    expect(page.get_by_role("dialog")).to_have_count(0)
    expect(laid(page, 1)).to_have_attribute("transform", _turned(page, 0, 1))


def test_a_pieced_border_and_a_fabric_of_the_quilt(
    bench: BenchPage, page: Page, tmp_path: Path
) -> None:
    set_into_a_quilt(page, "Weir Gate", tmp_path)
    page.get_by_role("button", name="+ a fabric").click()
    page.get_by_role("dialog").get_by_label("Name").fill("Moss")
    page.get_by_role("dialog").get_by_role("button", name="Keep").click()
    expect(page.locator(".quilt-fabrics")).to_contain_text("Moss")
    page.get_by_role("button", name="+ a border").click()
    page.get_by_label("Fabric of border 1").select_option(label="pieced from Weir Gate")
    expect(size(page)).to_have_text("45″ × 54″")
    expect(page.locator(".quilt-room svg.quilt use")).to_have_count(12 + 2 * 3 + 2 * 4 + 4)
    page.get_by_label("Corners of pieced border 1").select_option(label="Moss")
    expect(page.locator(".quilt-room svg.quilt use")).to_have_count(12 + 2 * 3 + 2 * 4)
    expect(page.locator(".top-list", has_text="Moss")).to_contain_text("4squares cut 9 1⁄2″")


def tray(page: Page, name: str) -> Locator:
    """A block or a fabric in the tray."""
    group = page.get_by_role("group", name="blocks and fabrics to put in")
    return group.get_by_role("button", name=name)


def middle(of: Locator) -> tuple[float, float]:
    box = of.bounding_box()
    assert box
    return box["x"] + box["width"] / 2, box["y"] + box["height"] / 2


def drag(page: Page, one: tuple[float, float], other: tuple[float, float]) -> None:
    """Press at a spot, go to another by steps, let go."""
    page.mouse.move(*one)
    page.mouse.down()
    for step in range(1, 11):
        share = step / 10
        x, y = (a + (b - a) * share for a, b in zip(one, other, strict=True))
        page.mouse.move(x, y)
    page.mouse.up()


def side_of(page: Page, part: str) -> Locator:
    """The side of a part that is dragged, the first of it."""
    return page.get_by_role("slider", name=f"width: {part}").first


def test_a_top_is_made_by_hand(bench: BenchPage, page: Page, tmp_path: Path) -> None:
    """Fabrics dragged and painted onto its parts, sides dragged and typed, blocks over a span."""
    set_into_a_quilt(page, "Weir Gate", tmp_path)
    page.get_by_role("button", name="+ a border").click()
    expect(size(page)).to_have_text("35″ × 44″")
    grip = side_of(page, "border 1").locator(".grip")
    at = middle(grip)  # the left side; a little inside it is the border
    drag(page, middle(tray(page, "Gorse")), (at[0] + 12, at[1]))
    expect(page.get_by_label("Fabric of border 1")).to_have_value("f gorse")
    border = page.locator("[data-part=border-1]").first.bounding_box()
    assert border
    page.mouse.move(*at)
    page.mouse.down()
    page.mouse.move(at[0] + border["width"] / 2, at[1], steps=4)
    live = page.locator(".quilt.live [data-part=border-1]").first
    expect(live).to_be_visible()  # drawn while it is still in hand
    page.mouse.up()
    expect(size(page)).to_have_text("31″ × 40″")  # two inches of four
    expect(page.locator(".quilt.live")).to_have_count(0)
    page.mouse.click(*middle(side_of(page, "border 1").locator(".grip")))
    typed = page.get_by_label("width: border 1").locator("visible=true").last
    typed.fill("3 1/2")
    typed.press("Enter")
    expect(size(page)).to_have_text("34″ × 43″")
    side_of(page, "border 1").focus()
    page.keyboard.press("ArrowUp")
    expect(size(page)).to_have_text("34 1⁄4″ × 43 1⁄4″")
    page.get_by_label("Take one more block in").select_option(label="Weir Gate")
    tray(page, "Weir Gate, –").click()
    drag(page, middle(place(page, 1, 1)), middle(place(page, 1, 3)))
    expect(tray(page, "Weir Gate, 3")).to_be_visible()
    tray(page, "Slate").click()
    page.get_by_role("button", name="onto border 1").click()
    expect(page.get_by_label("Fabric of border 1")).to_have_value("f slate")
    page.keyboard.press("Escape")
    place(page, 1, 1).click()
    place(page, 1, 2).click(modifiers=["Shift"])
    expect(page.get_by_text("2 places", exact=True)).to_be_visible()
    page.get_by_role("button", name="Empty").click()
    expect(tray(page, "Weir Gate, 1").last).to_be_visible()
    bench.saved()


@pytest.mark.parametrize("wide", [820, 390])
def test_a_top_is_made_by_finger(
    chromium: Browser, running: Running, tmp_path: Path, wide: int
) -> None:
    size_of_screen = {"width": wide, "height": 900}
    context = chromium.new_context(viewport=size_of_screen, has_touch=True)  # type: ignore[arg-type]
    page = context.new_page()
    page.goto(running.url)
    set_into_a_quilt(page, "Weir Gate", tmp_path)
    page.get_by_label("Sashing fabric").select_option("peat")
    expect(size(page)).to_have_text("29″ × 39″")
    tray(page, "Rowan").tap()
    page.get_by_role("button", name="onto sashing").tap()
    expect(page.get_by_label("Sashing fabric")).to_have_value("rowan")
    tray(page, "Fog").tap()
    cloth = page.locator("[data-part=sashing]").first
    cloth.evaluate("one => one.scrollIntoView({block: 'center'})")  # not under the tray
    page.touchscreen.tap(*middle(cloth))
    expect(page.get_by_label("Sashing fabric")).to_have_value("fog")
    ring = page.locator(".quilt [data-part=outside]")
    box = ring.bounding_box()
    assert box
    page.touchscreen.tap(box["x"] + 4, box["y"] + box["height"] / 2)
    expect(page.get_by_label("Fabric of border 1")).to_have_value("f fog")
    assert page.evaluate("document.documentElement.scrollWidth") <= wide
    context.close()


def test_a_throw_is_made_by_dragging_alone(
    bench: BenchPage, page: Page, running: Running, tmp_path: Path
) -> None:
    """From the empty dialog to its PDF: places by the corner, another block of the shelf, sashing
    and a border where there were none.
    """
    open_sample(page, "Peg", tmp_path)
    page.goto(running.url)
    set_into_a_quilt(page, "Weir Gate", tmp_path)
    corner = page.get_by_role("button", name="3 × 4 places: drag the corner")
    top = page.locator(".quilt .place").first.bounding_box()
    assert top
    at = middle(corner.locator(".reach"))
    drag(page, at, (at[0] + top["width"], at[1]))
    expect(size(page)).to_have_text("36″ × 36″")
    page.get_by_role("button", name="more blocks").click()
    tray(page, "Peg").scroll_into_view_if_needed()
    drag(page, middle(tray(page, "Peg")), middle(place(page, 2, 2)))
    expect(tray(page, "Peg, 1")).to_be_visible()
    page.get_by_role("button", name="fewer", exact=True).click()
    first = place(page, 1, 1).bounding_box()
    assert first
    between = first["x"] + first["width"], first["y"] + first["height"] / 2
    drag(page, middle(tray(page, "Slate")), between)
    expect(size(page)).to_have_text("39″ × 39″")
    first = place(page, 1, 1).bounding_box()
    assert first
    drag(page, middle(tray(page, "Gorse")), (first["x"] - 6, first["y"] + first["height"] / 2))
    expect(size(page)).to_have_text("47″ × 47″")
    expect(page.get_by_label("Fabric of border 1")).to_have_value("f gorse")
    bench.saved()
    page.get_by_role("link", name="Cut", exact=True).click()
    page.get_by_role("button", name="Print and take along").click()
    with page.expect_download() as taken:
        page.get_by_role("button", name="Everything: list").click()
    assert taken.value.suggested_filename.endswith(".pdf")


def test_off_the_ruler_is_mended_by_a_touch(bench: BenchPage, page: Page, tmp_path: Path) -> None:
    set_into_a_quilt(page, "Weir Gate", tmp_path)
    page.get_by_label("Sashing fabric").select_option("peat")
    page.get_by_label("wide", exact=True).fill("1 1/16")
    page.get_by_label("wide", exact=True).press("Enter")
    page.get_by_role("button", name="take 1 1⁄8″").click()
    expect(page.get_by_label("wide", exact=True)).to_have_value("1 1/8")
    expect(page.get_by_role("button", name="take 1 1⁄8″")).to_have_count(0)


def test_a_border_of_blocks_gets_the_spacer_that_it_needs(
    bench: BenchPage, page: Page, tmp_path: Path
) -> None:
    set_into_a_quilt(page, "Weir Gate", tmp_path)
    page.get_by_label("Sashing fabric").select_option("peat")
    page.get_by_role("button", name="+ a border").click()
    page.get_by_label("Fabric of border 1").select_option(label="pieced from Weir Gate")
    expect(page.get_by_role("alert")).to_contain_text("sew a border of")
    page.get_by_role("button", name="with a spacer that makes it fit").click()
    expect(page.get_by_label("Fabric of border 2")).to_have_value("b weir-gate")
    expect(size(page)).to_have_text("54″ × 63″")
