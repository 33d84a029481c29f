"""Ways out that are offered are ways out; words of the trade; every sheet of a block on paper."""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction as F
from io import BytesIO

import pytest
from hypothesis import assume, given
from hypothesis import strategies as st
from PIL import Image
from pypdfium2 import PdfDocument

from tests.drafts import block, even
from yonk.core.acts import BlockBeginning, Uneven, apply, begin_block
from yonk.core.cutting import Cutting, plan_cutting
from yonk.core.finder import sizes_told
from yonk.core.paper import TRADE_WORDS, Draft, LengthUnit, trade_word
from yonk.core.planning import Plan, cut_words, make_plan
from yonk.core.planning.notices import MOST_LOOSE, Mend, Notice
from yonk.files.everything_pdf import (
    SHEETS,
    SheetName,
    sheet_words,
    sheets_of,
    write_everything_pdf,
)
from yonk.files.page_pictures import MOST_PAGES, WIDTH, picture_pages
from yonk.machine.samples import all_samples

SAMPLES = {draft.name: draft for draft in all_samples()}


def off_notices(draft: Draft) -> list[Notice]:
    return [one for one in make_plan(draft).notices if one.code == "off-the-ruler"]


def off(plan: Plan) -> list[str]:
    return [str(notice.text) for notice in plan.notices if notice.code == "off-the-ruler"]


def test_ten_inches_in_three_have_three_ways_out() -> None:
    draft = begin_block(BlockBeginning(width="10"))
    (notice,) = [one for one in make_plan(draft).notices if one.code == "off-the-ruler"]
    assert [str(mend.words) for mend in notice.mends] == [
        "take 9 3⁄4″ wide",
        "take 10 1⁄8″ wide",
        "make the columns and rows 3 3⁄8″, 3 1⁄4″, 3 3⁄8″",
    ]
    assert [mend.finished for mend in notice.mends] == [(F(39, 4),) * 2, (F(81, 8),) * 2, None]
    assert "take 9 3⁄4″ or 10 1⁄8″ wide, where every cut is on the ruler" in str(notice.text)


def test_a_finer_ruler_is_offered_where_it_has_the_marks() -> None:
    draft = begin_block(BlockBeginning(width="9 3/16", columns="3", rows="3"))
    (notice,) = [one for one in make_plan(draft).notices if one.code == "off-the-ruler"]
    assert [mend.ruler_step for mend in notice.mends if mend.ruler_step] == [F(1, 16)]
    mended = replace(draft, making=replace(draft.making, ruler_step=F(1, 16)))
    assert off(make_plan(mended)) == []


@given(
    st.sampled_from(["in", "cm"]),
    st.integers(17, 200),
    st.integers(2, 7),
    st.integers(1, 5),
)
def test_whatever_way_out_is_taken_every_cut_is_on_the_ruler(
    unit: LengthUnit, sixteenths: int, columns: int, rows: int
) -> None:
    width = F(sixteenths, 16) if unit == "in" else F(sixteenths, 10)
    asked = BlockBeginning(unit=unit, width=str(width), columns=str(columns), rows=str(rows))
    draft = begin_block(asked)
    mends = [mend for notice in make_plan(draft).notices for mend in notice.mends]
    assume(mends)
    for mend in set(mends):
        assert off(make_plan(_mended(draft, mend))) == []


def _mended(draft: Draft, mend: Mend) -> Draft:
    if mend.finished:
        return replace(draft, width=mend.finished[0], height=mend.finished[1])
    if mend.lines:
        return replace(draft, columns=mend.lines[0], rows=mend.lines[1])
    assert mend.ruler_step
    return replace(draft, making=replace(draft.making, ruler_step=mend.ruler_step))


def test_a_block_that_is_not_square_keeps_its_shape() -> None:
    draft = begin_block(BlockBeginning(width="10", height="20", columns="3", rows="6"))
    for notice in make_plan(draft).notices:
        for mend in notice.mends:
            assert mend.finished is None or mend.finished[1] == 2 * mend.finished[0]


def test_what_is_cut_says_that_it_is_cut() -> None:
    plan = make_plan(SAMPLES["Weir Gate"])
    assert {str(cut_words(cut.shape, cut.count)) for cut in plan.cuts} == {"squares cut"}
    assert str(cut_words("square", 1)) == "square cut"


def test_words_of_the_trade_are_sentences() -> None:
    assert len(TRADE_WORDS) > 25
    for word, meaning in (map(str, trade_word(one)) for one in TRADE_WORDS):
        assert word == word.lower().strip() and meaning[0].isupper() and meaning.endswith("."), word
        assert len(meaning) < 200


@pytest.mark.parametrize(("unit", "sides"), [("in", "3 7/2 31/8 4"), ("cm", "8 9.5 10.75 11")])
def test_the_three_sizes_by_hand(unit: LengthUnit, sides: str) -> None:
    # in: 3 + ½ = 3 ½; + √2/4 = 3.854, up to 3 ⅞; with ⅛ to trim 3.979, up to 4.
    # cm: 8 + 1.5 = 9.5; + 0.75 √2 = 10.561, up to 10.75; with 0.25 to trim 10.811, up to 11.
    told = sizes_told(unit)
    found = [told.finished, told.unfinished, told.true_cut, told.cut]
    assert found == [F(side) for side in sides.split()]
    assert told.unfinished == told.finished + 2 * told.seam


@pytest.fixture(scope="module")
def gate() -> Cutting:
    return plan_cutting(SAMPLES["Weir Gate"], "all")


def pages(pdf: bytes) -> list[str]:
    document = PdfDocument(pdf)
    return [document[number].get_textpage().get_text_range() for number in range(len(document))]


def numbers_of(pdf: bytes) -> list[str]:
    """What stands at the foot of each page on the right."""
    document = PdfDocument(pdf)
    feet = []
    for number in range(len(document)):
        width, _ = document[number].get_size()
        foot = document[number].get_textpage()
        feet.append(foot.get_text_bounded(left=width - 80, bottom=0, right=width, top=32).strip())
    return feet


def without_number(text: str, number: str) -> str:
    """A page's text without its number, wherever in it that comes."""
    lines = text.split("\r\n")
    for place in (0, -1):
        if lines[place].split()[-1:] == [number]:
            lines[place] = lines[place].removesuffix(number).strip()
            return " ".join(lines)
    raise AssertionError(number, text)


def texts_of(pdf: bytes) -> list[str]:
    return list(map(without_number, pages(pdf), numbers_of(pdf)))


def test_every_sheet_is_there_and_in_order(gate: Cutting) -> None:
    wanted = sheets_of(gate)
    assert wanted == [name for name in SHEETS if name != "templates"]
    pdf = write_everything_pdf(gate, [], "letter", wanted)
    whole = texts_of(pdf)
    each = [texts_of(write_everything_pdf(gate, [], "letter", [name])) for name in wanted[1:]]
    assert [text for sheet in each for text in sheet] == whole[1:]
    assert "squares cut" in whole[1] and "squares cut" in each[1][0]
    # numbered through, and the first page tells where each sheet begins
    assert numbers_of(pdf) == [str(n + 1) for n in range(len(whole))]
    begins = 2
    for name, sheet in zip(wanted[1:], each, strict=True):
        assert f"{begins}: {sheet_words(name)}" in whole[0]
        begins += len(sheet)


def test_the_first_page_shows_the_block_its_sizes_and_what_to_buy(gate: Cutting) -> None:
    first = pages(write_everything_pdf(gate, [], "letter", ["cover", "cutting"]))[0]
    assert first.startswith("Weir Gate") and "12 blocks" in first
    for words in ("9″ finished, 9 1", "unfinished", "Peat", "Fog", "Gorse", "Buy 7"):
        assert words in first
    assert "labels" not in first.lower()


def test_sheets_that_are_not_wanted_are_left_out(gate: Cutting) -> None:
    some: list[SheetName] = ["sewing", "cutting"]
    whole = pages(write_everything_pdf(gate, [], "a4", some))
    assert "cutting list" in whole[0] and "sewing" in whole[-1]
    least: tuple[list[SheetName], ...] = [], ["cutting"]
    none, list_alone = (pages(write_everything_pdf(gate, [], "a4", some)) for some in least)
    assert none == list_alone, "with none chosen there is the list at least"


def test_templates_are_printed_only_where_a_ruler_does_not_do() -> None:
    odd = block("1/2 0 1 2/3, 0 1/3 1/2 0", "1/6 1/4 peat", size="6 6")
    cutting = plan_cutting(odd, "all")
    assert any(cut.shape == "template" for cut in cutting.plan.cuts)
    assert sheets_of(cutting)[-1] == "templates"
    whole = texts_of(write_everything_pdf(cutting, [], "letter", sheets_of(cutting)))
    alone = texts_of(write_everything_pdf(cutting, [], "letter", ["templates"]))
    assert whole[-len(alone) :] == alone


def test_of_one_block_the_rest_is_nothing_and_every_sheet_says_so() -> None:
    rest = plan_cutting(begin_block(BlockBeginning()), "rest")
    assert not rest.plan.cuts
    whole = pages(write_everything_pdf(rest, [], "letter", sheets_of(rest)))
    assert any("nothing to label" in text for text in whole)


def test_what_the_trial_says_stands_above_the_list(gate: Cutting) -> None:
    told = ["Sew a thread further in."]
    assert told[0] in pages(write_everything_pdf(gate, told, "letter", ["cutting"]))[0]


def test_pages_are_pictured_as_they_are_shaped(gate: Cutting) -> None:
    for paper, ratio in (("letter", 11 / 8.5), ("a4", 297 / 210)):
        pdf = write_everything_pdf(gate, [], paper, ["cutting"])  # type: ignore[arg-type]
        found = picture_pages(pdf)
        assert found.count == len(pages(pdf)) == len(found.pictures)
        picture = Image.open(BytesIO(found.pictures[0]))
        assert abs(picture.width - WIDTH) <= 1
        assert picture.height / picture.width == pytest.approx(ratio, abs=0.01)
        darkest, lightest = picture.convert("L").getextrema()
        assert darkest < 100 and lightest > 250  # type: ignore[operator]


def test_of_many_pages_the_first_are_pictured(gate: Cutting) -> None:
    whole = PdfDocument.new()
    source = PdfDocument(write_everything_pdf(gate, [], "letter", ["labels"]))
    for _ in range(MOST_PAGES + 3):
        whole.import_pages(source, [0])
    out = BytesIO()
    whole.save(out)
    found = picture_pages(out.getvalue())
    assert (found.count, len(found.pictures)) == (MOST_PAGES + 3, MOST_PAGES)


def loose(count: int) -> list[str]:
    """What is said of so many seams that end at nothing."""
    ends = [f"1/4 {n}/64 1/2 {n}/64" for n in range(1, count + 1)]
    plan = make_plan(block(", ".join(ends)))
    return [str(one.text) for one in plan.notices if one.code == "loose-seam"]


def test_seams_that_end_at_nothing_are_named_and_the_rest_counted() -> None:
    assert len(loose(1)) == 1 and "column 1, row 1 ends at nothing" in loose(1)[0]
    assert len(loose(MOST_LOOSE)) == MOST_LOOSE
    one_more, more = loose(MOST_LOOSE + 1), loose(MOST_LOOSE + 3)
    assert len(one_more) == len(more) == MOST_LOOSE + 1
    assert one_more[-1] == "One more seam ends at nothing."
    assert more[-1] == "3 more seams end at nothing."


def test_an_uneven_grid_is_offered_where_every_unit_stays_what_it_is() -> None:
    """Ten inches in three: 3⅜, 3¼, 3⅜. Half-square triangles would be no squares any more."""
    plain = even(3, 3, "10 10")
    (mend,) = [one for one in off_notices(plain)[0].mends if one.lines]
    assert mend.lines == ((F(27, 8), F(13, 4), F(27, 8)),) * 2
    assert str(mend.words) == "make the columns and rows 3 3⁄8″, 3 1⁄4″, 3 3⁄8″"
    better = Uneven(columns=("3 3/8", "3 1/4", "3 3/8"), rows=("3 3/8", "3 1/4", "3 3/8"))
    assert not off_notices(apply(plain, better))
    halves = replace(plain, seams=(*plain.seams, ((F(0), F(0)), (F(1), F(1)))))
    turned_aside = replace(halves, seams=(*halves.seams, ((F(1), F(0)), (F(2), F(1)))))
    assert not [one for one in off_notices(turned_aside)[0].mends if one.lines]


def test_no_ruler_is_a_way_out_that_nobody_has() -> None:
    for draft in all_samples():
        for notice in make_plan(draft).notices:
            for mend in notice.mends:
                least = {"in": F(1, 16), "cm": F(1, 10)}[draft.unit]
                assert mend.ruler_step is None or mend.ruler_step >= least
