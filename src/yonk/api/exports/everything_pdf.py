"""All sheets that are wanted, as one document."""

from __future__ import annotations

from yonk.api.cut.answers import cutting_asked, from_trial
from yonk.api.cut.schemas import EverythingIn
from yonk.api.exports.export import Export
from yonk.api.exports.needs import its_trial, the_shelf
from yonk.api.fabrics.kept import Shelf
from yonk.api.wire import PDF
from yonk.core.measuring import Trial
from yonk.files.download import File
from yonk.files.everything_pdf import write_everything_pdf


def everything_pdf(asked: EverythingIn, shelf: Shelf, trial: Trial | None) -> File:
    """All sheets that are wanted, as one document."""
    found = cutting_asked(asked, shelf)
    made = write_everything_pdf(found, from_trial(asked, found, trial), asked.paper, asked.sheets)
    return File(made, PDF, f"{found.draft.name}.pdf")


EXPORT = Export(
    path="everything.pdf",
    asked=EverythingIn,
    make=everything_pdf,
    looked_at="everything",
    needs=(
        the_shelf,
        its_trial,
    ),
)
