"""Foundations to sew on, at true size."""

from __future__ import annotations

from yonk.api.cut.answers import foundations_asked
from yonk.api.cut.schemas import PrintIn
from yonk.api.exports.export import Export
from yonk.api.wire import PDF
from yonk.core.paper import message
from yonk.files.download import File
from yonk.files.foundations_pdf import write_foundations_pdf


def foundations_pdf(asked: PrintIn) -> File:
    """Foundations to sew on, at true size."""
    draft, sections = foundations_asked(asked)
    return File(
        write_foundations_pdf(sections, draft.unit, draft.name, asked.paper),
        PDF,
        f"{draft.name} foundations.pdf",
    )


EXPORT = Export(
    path="foundations.pdf",
    asked=PrintIn,
    make=foundations_pdf,
    menus={
        "recipes": (40, message("export-foundations-pdf")),
        "cut": (35, message("export-foundations-pdf")),
    },
)
