"""Templates at true size."""

from __future__ import annotations

from yonk.api.cut.answers import templates_asked
from yonk.api.cut.schemas import PrintIn
from yonk.api.exports.export import Export
from yonk.api.wire import PDF
from yonk.core.paper import message
from yonk.files.download import File
from yonk.files.templates_pdf import write_templates_pdf


def templates_pdf(asked: PrintIn) -> File:
    """Templates at true size."""
    draft, shapes = templates_asked(asked)
    return File(
        write_templates_pdf(shapes, draft.unit, draft.name, asked.paper),
        PDF,
        f"{draft.name} templates.pdf",
    )


EXPORT = Export(
    path="templates.pdf",
    asked=PrintIn,
    make=templates_pdf,
    menus={"cut": (30, message("export-templates-pdf"))},
)
