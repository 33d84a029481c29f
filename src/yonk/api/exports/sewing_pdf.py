"""The sewing sheet."""

from __future__ import annotations

from yonk.api.exports.export import Export
from yonk.api.sewing.answers import draft_asked
from yonk.api.sewing.schemas import SewingPrintIn
from yonk.api.wire import PDF
from yonk.core.paper import message
from yonk.core.planning import make_plan
from yonk.core.pressing import sewing_plan
from yonk.files.download import File
from yonk.files.sewing_pdf import write_sewing_pdf


def sewing_pdf(asked: SewingPrintIn) -> File:
    """The sewing sheet."""
    draft, _ = draft_asked(asked)
    made = write_sewing_pdf(sewing_plan(draft), make_plan(draft), asked.paper)
    return File(made, PDF, f"{draft.name} sewing.pdf")


EXPORT = Export(
    path="sewing.pdf",
    asked=SewingPrintIn,
    make=sewing_pdf,
    menus={"sew": (10, message("export-sewing-pdf"))},
)
