"""Labels for the stacks."""

from __future__ import annotations

from yonk.api.exports.export import Export
from yonk.api.exports.needs import its_trials, quilts_table, the_shelf
from yonk.api.fabrics.kept import Shelf
from yonk.api.table.kept import KeptTable
from yonk.api.top.answers import Trials, printed_cutting
from yonk.api.top.schemas import TopPrintIn
from yonk.api.wire import PDF
from yonk.core.paper import message
from yonk.files.download import File
from yonk.files.labels_pdf import write_labels_pdf


def quilt_labels_pdf(asked: TopPrintIn, shelf: Shelf, trials: Trials, table: KeptTable) -> File:
    """Labels for the stacks."""
    found, _ = printed_cutting(asked, shelf, trials, table)
    return File(write_labels_pdf(found, asked.paper), PDF, f"{found.name} labels.pdf")


EXPORT = Export(
    path="quilt-labels.pdf",
    asked=TopPrintIn,
    make=quilt_labels_pdf,
    needs=(
        the_shelf,
        its_trials,
        quilts_table,
    ),
    menus={"top-cut": (30, message("export-labels-pdf"))},
)
