"""A quilt on paper: its first page, and pages that end with what they began."""

from __future__ import annotations

import ctypes
from functools import cache

import pytest
from pypdfium2 import PdfDocument, PdfPage, raw
from reportlab.platypus import Paragraph

from yonk.core.cutting import bought, plan_cutting
from yonk.core.setting import Quilt, plan_quilt
from yonk.core.top import TopCutting, sew_top, whole_list
from yonk.files.everything_pdf import SHEETS, write_everything_pdf
from yonk.files.paper import PaperName, bound, style
from yonk.files.quilt_pdf import write_quilt_pdf
from yonk.machine.quilt_samples import quilt_samples
from yonk.machine.samples import all_samples
from yonk.words import in_words

QUILTS = {quilt.name: quilt for quilt in quilt_samples({})}
BLOCKS = {draft.name: draft for draft in all_samples()}
FOOTING = 40.0  # points: below it stand the title and the number of every page
HEADING = 13.5  # points, from which on a text is a heading of what follows


@cache
def listed(name: str) -> TopCutting:
    return whole_list(plan_quilt(QUILTS[name]))


@cache
def printed(name: str, paper: PaperName) -> bytes:
    found = listed(name)
    return write_quilt_pdf(found, sew_top(found.plan), found.plan.plans, paper)


def text_on(pdf: bytes, number: int) -> str:
    found: str = PdfDocument(pdf)[number].get_textpage().get_text_range()
    return " ".join(found.split())


def last_size(page: PdfPage) -> float:
    """How large the lowest text of a page is set, in points; nothing where a picture is lower."""
    lowest, size = page.get_height(), 0.0
    for one in page.get_objects():
        left, bottom, right, _ = one.get_bounds()
        whole_page = right - left > page.get_width() - 1
        if bottom < FOOTING or whole_page or bottom >= lowest:
            continue
        lowest, size = bottom, 0.0
        if one.type == raw.FPDF_PAGEOBJ_TEXT:
            found = ctypes.c_float()
            raw.FPDFTextObj_GetFontSize(one, found)
            size = found.value
    return size


def alone(pdf: bytes) -> list[int]:
    """The pages that end with a heading."""
    return [number for number, page in enumerate(PdfDocument(pdf), 1) if last_size(page) >= HEADING]


@pytest.mark.parametrize("quilt", QUILTS.values(), ids=QUILTS)
def test_page_1_is_the_quilt_its_blocks_and_what_to_buy(quilt: Quilt) -> None:
    found, said = listed(quilt.name), text_on(printed(quilt.name, "letter"), 0)
    assert quilt.name in said
    for key, count in found.plan.counts.items():
        assert f"{count} × {quilt.by_key[key].draft.name}" in said
    for cloth in found.cloths:
        line = found.fabric(cloth.fabric).called, "Buy", bought(cloth.buy, found.unit)
        assert "".join(map(in_words, line)).replace(" ", "") in said.replace(" ", "")


@pytest.mark.parametrize("paper", ["letter", "a4"])
@pytest.mark.parametrize("name", QUILTS)
def test_no_page_of_a_quilt_ends_with_a_heading(name: str, paper: PaperName) -> None:
    assert not alone(printed(name, paper))


def test_no_page_of_a_block_ends_with_a_heading() -> None:
    for draft in list(BLOCKS.values())[:6]:
        assert not alone(write_everything_pdf(plan_cutting(draft, "all"), [], "letter", SHEETS)), (
            draft.name
        )


def test_a_heading_that_stands_alone_is_seen() -> None:
    heading = [Paragraph("Slate", style(15, bold=True))]
    assert alone(bound(heading, "letter", "Fabrics")) == [1]
    assert not alone(bound([*heading, Paragraph("Buy 1 yd", style(11))], "letter", "Fabrics"))
