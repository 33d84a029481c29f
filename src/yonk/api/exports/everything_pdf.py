"""All sheets that are wanted, as one document."""

from __future__ import annotations

from yonk.api.cut.answers import cutting_asked, from_trial
from yonk.api.cut.schemas import EverythingIn
from yonk.api.exports.export import Export
from yonk.api.exports.needs import its_table, its_trial, the_shelf
from yonk.api.exports.returning import ticking_at
from yonk.api.fabrics.kept import Shelf
from yonk.api.table.kept import KeptTable
from yonk.api.wire import PDF
from yonk.core.measuring import Trial
from yonk.files.download import File
from yonk.files.everything_pdf import write_everything_pdf
from yonk.files.told_by_boxes import cutting_boxes


def everything_pdf(
    asked: EverythingIn, shelf: Shelf, table: KeptTable, trial: Trial | None
) -> File:
    """All sheets that are wanted, as one document."""
    found, standing = cutting_asked(asked, shelf, table)
    ticking = ticking_at(asked.block_id, table, cutting_boxes(found, asked.stage, standing))
    said = from_trial(asked, found, trial)
    made = write_everything_pdf(found, said, asked.paper, asked.sheets, ticking)
    return File(made, PDF, f"{found.draft.name}.pdf", ticking.sheets)


EXPORT = Export(
    path="everything.pdf",
    asked=EverythingIn,
    make=everything_pdf,
    looked_at="everything",
    needs=(
        the_shelf,
        its_table,
        its_trial,
    ),
)
