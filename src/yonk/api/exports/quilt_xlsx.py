"""The whole list as a spreadsheet."""

from __future__ import annotations

from yonk.api.exports.export import Export
from yonk.api.exports.needs import its_trials, quilts_table, the_shelf
from yonk.api.fabrics.kept import Shelf
from yonk.api.table.kept import KeptTable
from yonk.api.top.answers import Trials, printed_cutting
from yonk.api.top.schemas import TopPrintIn
from yonk.api.wire import XLSX
from yonk.core.paper import message
from yonk.files.cutting_xlsx import write_cutting_xlsx
from yonk.files.download import File


def quilt_xlsx(asked: TopPrintIn, shelf: Shelf, trials: Trials, table: KeptTable) -> File:
    """The whole list as a spreadsheet."""
    found, _ = printed_cutting(asked, shelf, trials, table)
    return File(write_cutting_xlsx(found), XLSX, f"{found.name} cutting list.xlsx")


EXPORT = Export(
    path="quilt.xlsx",
    asked=TopPrintIn,
    make=quilt_xlsx,
    needs=(
        the_shelf,
        its_trials,
        quilts_table,
    ),
    menus={"top-cut": (40, message("export-cutting-xlsx"))},
)
