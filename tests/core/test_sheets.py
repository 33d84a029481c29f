"""What the ticks of a printed sheet tell, and how sheets are read from photos by the simulated
camera.
"""

from __future__ import annotations

import random
from dataclasses import replace

import cv2
import pytest
from hypothesis import given
from hypothesis import strategies as st
from PIL import Image

from tests.camera import WAYS, Shot, any_shot, marked, photographed, printed_pages
from yonk.core.planning import make_plan
from yonk.core.pressing import sewing_plan
from yonk.core.table import (
    CODE_SIGNS,
    SIGNS,
    BoxChange,
    BoxTold,
    PrintedBox,
    PrintedSheet,
    SheetPaper,
    TableState,
    ToldThing,
    cutting_at_the_table,
    news_of,
    typed_code,
)
from yonk.files.coded_pages import (
    MARK_CELLS,
    SheetBook,
    page_code,
    read_page_code,
)
from yonk.files.cutting_pdf import write_cutting_pdf
from yonk.files.sewing_pdf import write_sewing_pdf
from yonk.files.sheet_reading import StraightPage, preview_of, read_boxes, straight_pages
from yonk.files.sheet_text import read_sheet, write_sheet
from yonk.files.told_by_boxes import Ticking, cutting_boxes
from yonk.machine.samples import all_samples

SAMPLES = {draft.name: draft for draft in all_samples()}
SQUARES = ToldThing("cut", "squares")


def sheet_of(*boxes: BoxTold) -> PrintedSheet:
    printed = [PrintedBox(1, 20.0 * n, 100.0, 11.0, told) for n, told in enumerate(boxes)]
    return PrintedSheet("block", "A list", "letter", 0, tuple(printed))


def line(number: int, amount: int, thing: ToldThing = SQUARES) -> BoxTold:
    return BoxTold((BoxChange(number, thing, amount),), "a line", whole=True)


def strip(number: int, amount: int, thing: ToldThing = SQUARES) -> BoxTold:
    return BoxTold((BoxChange(number, thing, amount),), "a strip")


@pytest.mark.parametrize(
    ("ticked", "told", "more"),
    [
        ({0}, 0, 12),
        ({1, 2}, 0, 10),
        ({0, 1, 2}, 0, 12),
        ({0}, 5, 7),
        ({1, 2}, 12, 0),
        ({0, 3}, 0, 16),
        (set(), 0, 0),
    ],
)
def test_a_line_and_its_strips_tell_of_the_same_pieces(
    ticked: set[int], told: int, more: int
) -> None:
    sheet = sheet_of(line(0, 12), strip(0, 5), strip(0, 5), line(1, 4))
    found = news_of(sheet, ticked, [(SQUARES, told)])
    assert found == ([(SQUARES, more)] if more else [])


@pytest.mark.parametrize(
    ("printed", "told", "same"),
    [
        ("rest", "all", True),
        ("rest", "rest", True),
        ("rest", "trial", False),
        ("all", "rest", True),
    ],
)
def test_what_is_cut_for_other_blocks_is_other_work(printed: str, told: str, same: bool) -> None:
    mine, other = (replace(SQUARES, stage=one) for one in (printed, told))  # type: ignore[arg-type]
    found = news_of(sheet_of(line(0, 6, mine)), {0}, [(other, 6)])
    assert found == ([] if same else [(mine, 6)])


def test_what_is_cut_down_goes_once() -> None:
    larger = ToldThing("cut", "larger squares")
    box = BoxTold((BoxChange(0, SQUARES, 4), BoxChange(0, larger, -4)), "a line", whole=True)
    assert news_of(sheet_of(box), {0}, []) == [(SQUARES, 4), (larger, -4)]
    assert news_of(sheet_of(box), {0}, [(SQUARES, 4)]) == []


@given(
    st.lists(st.tuples(st.integers(0, 2), st.integers(1, 9), st.booleans()), max_size=8),
    st.data(),
)
def test_told_in_parts_or_at_once_it_is_the_same(
    drawn: list[tuple[int, int, bool]], data: st.DataObject
) -> None:
    """Whatever is ticked first and told, then the rest and told again, with the first still
    ticked: nothing is told twice, nothing is left out.
    """
    boxes = [(line if whole else strip)(number, amount) for number, amount, whole in drawn]
    sheet, every = sheet_of(*boxes), set(range(len(boxes)))
    first = data.draw(st.sets(st.sampled_from(sorted(every)))) if every else set()
    before = news_of(sheet, first, [])
    after = news_of(sheet, every, before)
    at_once = sum(amount for _, amount in news_of(sheet, every, []))
    assert sum(amount for _, amount in [*before, *after]) == at_once


def test_the_code_of_a_sheet_is_its_own_and_can_be_typed() -> None:
    sheet = sheet_of(line(0, 12))
    assert len(sheet.code) == CODE_SIGNS and set(sheet.code) <= set(SIGNS)
    others = [
        replace(sheet, owner="other"),
        replace(sheet, newest=1),
        replace(sheet, boxes=(replace(sheet.boxes[0], x=0.01),)),
    ]
    assert len({one.code for one in (sheet, *others)}) == 4
    assert read_sheet(write_sheet(sheet)) == sheet
    spelt = "-".join((sheet.code[:4], sheet.code[4:8], sheet.code[8:])).lower()
    assert typed_code(spelt.replace("0", "o").replace("1", "l")) == sheet.code
    assert read_page_code(page_code(sheet.code, 17)) == (sheet.code, 17)
    assert read_page_code("https://example.org") is None


def test_the_marks_are_those_of_the_dictionary() -> None:
    words = cv2.aruco.getPredefinedDictionary(cv2.aruco.DICT_4X4_50)
    for number, cells in enumerate(MARK_CELLS):
        drawn = cv2.aruco.generateImageMarker(words, number, 6)[1:5, 1:5]
        assert cells == int("".join("01"[int(one > 0)] for one in drawn.flat), 2)


def printed(name: str, paper: SheetPaper) -> list[tuple[PrintedSheet, int, Image.Image]]:
    """The sheets of a sample, and each of their pages on paper."""
    draft = SAMPLES[name]
    found = []
    cutting, standing = cutting_at_the_table(draft, "all", TableState())
    for sewn in (False, True):
        book = SheetBook("block", 0)
        pdf = (
            write_sewing_pdf(
                sewing_plan(draft), make_plan(draft), paper, ticking=Ticking(book=book)
            )
            if sewn
            else write_cutting_pdf(
                cutting,
                paper,
                ticking=Ticking(cutting_boxes(cutting, "all", standing), book=book),
            )
        )
        pages = enumerate(printed_pages(pdf), start=1)
        found += [(sheet, page, picture) for sheet in book.sheets for page, picture in pages]
    return found


def test_boxes_are_read_or_asked(long_run: bool) -> None:
    """Of a thousand boxes at most one is read wrongly and not asked, and of ten at most one is
    asked: sheets turned, in perspective, shaded, blurred, creased, ticked by pens and pencils of
    all sorts.
    """
    rng = random.Random(26)
    sheets = [*printed("Weir Gate", "letter"), *printed("Bothy Sill", "a4")]
    boxes = wrong = asked = 0
    for number in range(150 if long_run else 4):
        sheet, page, picture = sheets[number % len(sheets)]
        here = [box for box in sheet.boxes if box.page == page]
        if not here:
            continue
        ways = {n: rng.choice(WAYS[:4]) for n in range(len(here)) if rng.random() < 0.5}
        pen = marked(picture, [(box.x, box.y, box.side) for box in here], ways, rng)
        (found,) = straight_pages(photographed(pen, any_shot(rng), rng))
        assert found is not None and (found.code, found.page) in {(sheet.code, page), ("", 0)}
        read = read_boxes(found, here)
        boxes += len(here)
        asked += read.count("doubtful")
        wrong += sum(
            one != "doubtful" and (one == "ticked") != (n in ways) for n, one in enumerate(read)
        )
    assert boxes > (2500 if long_run else 50)
    assert wrong <= boxes // 1000 and asked <= boxes // 10


def blank_and(shot: Shot, seed: int = 1) -> StraightPage | None:
    _, _, picture = printed("Weir Gate", "letter")[0]
    (found,) = straight_pages(photographed(picture, shot, random.Random(seed)))
    return found


@pytest.mark.parametrize("turned", [0, 45, 90, 180, 271])
def test_a_page_is_found_however_it_lies(turned: float) -> None:
    found = blank_and(Shot(turned=turned))
    assert found is not None and found.code and found.paper == "letter"
    assert preview_of(found)[:2] == b"\xff\xd8"


def test_a_box_that_is_blackened_is_asked() -> None:
    sheet, page, picture = printed("Weir Gate", "letter")[0]
    here = [box for box in sheet.boxes if box.page == page]
    black = picture.copy()
    x, y, side = (round(one * 250 / 72) for one in (here[0].x, here[0].y, here[0].side))
    black.paste("black", (x, y, x + side, y + side))
    (found,) = straight_pages(photographed(black, Shot(blur=0.5), random.Random(1)))
    assert found is not None
    assert read_boxes(found, here) == ["doubtful", *["empty"] * (len(here) - 1)]
