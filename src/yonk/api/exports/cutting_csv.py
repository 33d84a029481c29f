"""The cutting list of a stage as CSV."""

from __future__ import annotations

from yonk.api.cut.answers import cutting_asked
from yonk.api.cut.schemas import PrintIn
from yonk.api.exports.export import Export
from yonk.api.exports.needs import its_table, the_shelf
from yonk.api.fabrics.kept import Shelf
from yonk.api.table.kept import KeptTable
from yonk.api.wire import CSV
from yonk.core.paper import message
from yonk.files.cutting_csv import write_cutting_csv
from yonk.files.download import File


def cutting_csv(asked: PrintIn, shelf: Shelf, table: KeptTable) -> File:
    """The cutting list of a stage as CSV."""
    plan = cutting_asked(asked, shelf, table)[0].plan
    return File(
        write_cutting_csv(plan).encode(), CSV, f"{plan.reading.draft.name} cutting list.csv"
    )


EXPORT = Export(
    path="cutting.csv",
    asked=PrintIn,
    make=cutting_csv,
    needs=(the_shelf, its_table),
    menus={
        "cut": (60, message("export-cutting-csv")),
        "draft": (20, message("export-list-csv")),
    },
)
