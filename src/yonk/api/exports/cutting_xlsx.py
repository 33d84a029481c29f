"""The cutting list as a spreadsheet."""

from __future__ import annotations

from yonk.api.cut.answers import cutting_asked
from yonk.api.cut.schemas import PrintIn
from yonk.api.exports.export import Export
from yonk.api.exports.needs import its_table, the_shelf
from yonk.api.fabrics.kept import Shelf
from yonk.api.table.kept import KeptTable
from yonk.api.wire import XLSX
from yonk.core.paper import message
from yonk.files.cutting_xlsx import write_cutting_xlsx
from yonk.files.download import File


def cutting_xlsx(asked: PrintIn, shelf: Shelf, table: KeptTable) -> File:
    """The cutting list as a spreadsheet."""
    found, _ = cutting_asked(asked, shelf, table)
    return File(write_cutting_xlsx(found), XLSX, f"{found.draft.name} cutting list.xlsx")


EXPORT = Export(
    path="cutting.xlsx",
    asked=PrintIn,
    make=cutting_xlsx,
    needs=(the_shelf, its_table),
    menus={"cut": (50, message("export-cutting-xlsx"))},
)
