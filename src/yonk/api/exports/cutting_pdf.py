"""The cutting list with its layouts, on paper; of the rest, with what the trial says for it."""

from __future__ import annotations

from yonk.api.cut.answers import cutting_asked, from_trial
from yonk.api.cut.schemas import PrintIn
from yonk.api.exports.export import Export
from yonk.api.exports.needs import its_table, its_trial, the_shelf
from yonk.api.exports.returning import ticking_at
from yonk.api.fabrics.kept import Shelf
from yonk.api.table.kept import KeptTable
from yonk.api.wire import PDF
from yonk.core.measuring import Trial
from yonk.core.paper import message
from yonk.files.cutting_pdf import write_cutting_pdf
from yonk.files.download import File
from yonk.files.told_by_boxes import cutting_boxes


def cutting_pdf(asked: PrintIn, shelf: Shelf, table: KeptTable, trial: Trial | None) -> File:
    """The cutting list with its layouts, on paper; of the rest, with what the trial says for it."""
    found, standing = cutting_asked(asked, shelf, table)
    ticking = ticking_at(asked.block_id, table, cutting_boxes(found, asked.stage, standing))
    said = from_trial(asked, found, trial)
    made = write_cutting_pdf(found, asked.paper, said, ticking=ticking)
    return File(made, PDF, f"{found.draft.name} cutting list.pdf", ticking.sheets)


EXPORT = Export(
    path="cutting.pdf",
    asked=PrintIn,
    make=cutting_pdf,
    needs=(
        the_shelf,
        its_table,
        its_trial,
    ),
    menus={"cut": (10, message("export-cutting-pdf"))},
)
