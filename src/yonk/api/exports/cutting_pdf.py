"""The cutting list with its layouts, on paper; of the rest, with what the trial says for it."""

from __future__ import annotations

from yonk.api.cut.answers import cutting_asked, from_trial
from yonk.api.cut.schemas import PrintIn
from yonk.api.exports.export import Export
from yonk.api.exports.needs import its_trial, the_shelf
from yonk.api.fabrics.kept import Shelf
from yonk.api.wire import PDF
from yonk.core.measuring import Trial
from yonk.core.paper import message
from yonk.files.cutting_pdf import write_cutting_pdf
from yonk.files.download import File


def cutting_pdf(asked: PrintIn, shelf: Shelf, trial: Trial | None) -> File:
    """The cutting list with its layouts, on paper; of the rest, with what the trial says for it."""
    found = cutting_asked(asked, shelf)
    made = write_cutting_pdf(found, asked.paper, from_trial(asked, found, trial))
    return File(made, PDF, f"{found.draft.name} cutting list.pdf")


EXPORT = Export(
    path="cutting.pdf",
    asked=PrintIn,
    make=cutting_pdf,
    needs=(
        the_shelf,
        its_trial,
    ),
    menus={"cut": (10, message("export-cutting-pdf"))},
)
