"""The cutting list as a spreadsheet: a row for each line, a sheet for what to buy."""

from __future__ import annotations

from io import BytesIO

from openpyxl import Workbook
from openpyxl.styles import Font
from openpyxl.worksheet.worksheet import Worksheet

from yonk.core.cutting import CutList, bought, fat_quarters, strips_of
from yonk.core.paper import LengthUnit, listed, message
from yonk.core.planning import cut_shape, cut_size, cut_size_words, further
from yonk.files.plain_text import plain_fractions, printable
from yonk.words import in_words

_HEADINGS = (
    "fabric",
    "line",
    "count",
    "shape",
    "width",
    "height",
    "unit",
    "size",
    "further",
    "from",
    "for",
    "done",
)
_BUYING = ("fabric", "buy", "or", "shelf", "left")


# how a program shows a length: mixed, to the finest mark of a ruler; or decimal, to a tenth of a mm
_NUMBERS: dict[LengthUnit, str] = {"in": "# ??/??", "cm": "0.00"}


def write_cutting_xlsx(cutting: CutList) -> bytes:
    """A workbook; widths and heights are numbers shown as a ruler has them, the size beside them is
    text, so that a program takes none of it for a date.
    """
    unit, book = cutting.unit, Workbook()
    sheet = book.active
    assert isinstance(sheet, Worksheet)
    sheet.title = in_words(message("cutting-list"))
    sheet.append([in_words(message(f"column-{one}")) for one in _HEADINGS])
    for cloth in cutting.cloths:
        for number, cut in enumerate(cloth.cuts):
            sheet.append(
                [
                    printable(cutting.fabric(cloth.fabric).called),
                    number + 1,
                    cut.pieces_cut,
                    in_words(cut_shape(cut)),
                    float(cut.strips[0][0] if cut.segment else cut.width),
                    float(cut.height),
                    unit,
                    plain_fractions(cut_size(cut, unit)),
                    plain_fractions(further(cut, unit)),
                    plain_fractions(strips_of(number, cloth, unit)),
                    in_words(listed(cutting.purposes(cut), "semicolon")),
                    "",
                ]
            )
    buying = book.create_sheet(in_words(message("to-buy")))
    buying.append([in_words(message(f"column-{one}")) for one in _BUYING])
    for cloth in cutting.cloths:
        hand = [layout.source.name for layout in cloth.layouts if not layout.bought]
        buying.append(
            [
                printable(cutting.fabric(cloth.fabric).called),
                plain_fractions(bought(cloth.buy, unit)),
                in_words(fat_quarters(cloth.fat_quarters)),
                plain_fractions(listed(hand, "comma")),
                plain_fractions(
                    listed(
                        (cut_size_words(one.width, one.length, unit) for one in cloth.leftovers),
                        "comma",
                    )
                ),
            ]
        )
    for page in (sheet, buying):
        _set(page, unit)
    out = BytesIO()
    book.save(out)
    return out.getvalue()


def _set(page: Worksheet, unit: LengthUnit) -> None:
    """How the cells of a page are shown, and how wide they are."""
    for row in page.iter_rows():
        for cell in row:
            if isinstance(cell.value, str):
                cell.data_type, cell.number_format = "s", "@"  # text, whatever it begins with
            elif isinstance(cell.value, float):
                cell.number_format = _NUMBERS[unit]
    for cell in page[1]:
        cell.font = Font(bold=True)
    for column in page.columns:
        page.column_dimensions[column[0].column_letter].width = min(
            48, 2 + max(len(str(cell.value or "")) for cell in column)
        )
    page.freeze_panes = "A2"
