"""The cutting list as a spreadsheet: a row for each line, a sheet for what to buy."""

from __future__ import annotations

from io import BytesIO

from openpyxl import Workbook
from openpyxl.styles import Font
from openpyxl.worksheet.worksheet import Worksheet

from yonk.core.cutting import CutList, bought, fat_quarters, strips_of
from yonk.core.paper import write_mixed
from yonk.core.planning import cut_shape, further, size
from yonk.files.plain_text import plain_fractions, printable

HEADINGS = (
    "fabric",
    "line",
    "count",
    "shape",
    "width",
    "height",
    "unit",
    "cut further",
    "from",
    "for",
    "done",
)


def write_cutting_xlsx(cutting: CutList) -> bytes:
    """A workbook; sizes as mixed numbers in text, so that a program takes none of them for a
    date.
    """
    unit, book = cutting.unit, Workbook()
    sheet = book.active
    assert isinstance(sheet, Worksheet)
    sheet.title = "Cutting list"
    sheet.append(HEADINGS)
    for cloth in cutting.cloths:
        for number, cut in enumerate(cloth.cuts):
            sheet.append(
                [
                    printable(cutting.fabric(cloth.fabric).name),
                    number + 1,
                    cut.count,
                    cut_shape(cut),
                    write_mixed(cut.width),
                    write_mixed(cut.height),
                    unit,
                    plain_fractions(further(cut, unit)),
                    plain_fractions(strips_of(number, cloth, unit)),
                    "; ".join(cutting.purposes(cut)),
                    "",
                ]
            )
    buying = book.create_sheet("To buy")
    buying.append(("fabric", "buy", "or", "from the shelf", "left over"))
    for cloth in cutting.cloths:
        hand = [layout.source.name for layout in cloth.layouts if not layout.bought]
        buying.append(
            [
                printable(cutting.fabric(cloth.fabric).name),
                plain_fractions(bought(cloth.buy, unit)),
                fat_quarters(cloth.fat_quarters),
                plain_fractions(", ".join(hand)),
                plain_fractions(
                    ", ".join(size(one.width, one.length, unit) for one in cloth.leftovers)
                ),
            ]
        )
    for page in (sheet, buying):
        for row in page.iter_rows():
            for cell in row:
                if isinstance(cell.value, str):
                    cell.data_type, cell.number_format = "s", "@"  # text, whatever it begins with
        for cell in page[1]:
            cell.font = Font(bold=True)
        for column in page.columns:
            page.column_dimensions[column[0].column_letter].width = min(
                48, 2 + max(len(str(cell.value or "")) for cell in column)
            )
        page.freeze_panes = "A2"
    out = BytesIO()
    book.save(out)
    return out.getvalue()
