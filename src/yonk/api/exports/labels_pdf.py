"""Labels for the stacks."""

from __future__ import annotations

from yonk.api.cut.answers import cutting_asked
from yonk.api.cut.schemas import PrintIn
from yonk.api.exports.export import Export
from yonk.api.exports.needs import its_table, the_shelf
from yonk.api.fabrics.kept import Shelf
from yonk.api.table.kept import KeptTable
from yonk.api.wire import PDF
from yonk.core.paper import message
from yonk.files.download import File
from yonk.files.labels_pdf import write_labels_pdf


def labels_pdf(asked: PrintIn, shelf: Shelf, table: KeptTable) -> File:
    """Labels for the stacks."""
    found, _ = cutting_asked(asked, shelf, table)
    return File(write_labels_pdf(found, asked.paper), PDF, f"{found.draft.name} labels.pdf")


EXPORT = Export(
    path="labels.pdf",
    asked=PrintIn,
    make=labels_pdf,
    needs=(the_shelf, its_table),
    menus={"cut": (40, message("export-labels-pdf"))},
)
