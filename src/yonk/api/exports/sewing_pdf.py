"""The sewing sheet."""

from __future__ import annotations

from yonk.api.exports.export import Export
from yonk.api.exports.needs import its_table
from yonk.api.exports.returning import ticking_at
from yonk.api.sewing.answers import draft_asked
from yonk.api.sewing.schemas import SewingPrintIn
from yonk.api.table.kept import KeptTable
from yonk.api.wire import PDF
from yonk.core.paper import message
from yonk.core.planning import make_plan
from yonk.core.pressing import sewing_plan
from yonk.files.download import File
from yonk.files.sewing_pdf import write_sewing_pdf


def sewing_pdf(asked: SewingPrintIn, table: KeptTable) -> File:
    """The sewing sheet."""
    draft, _ = draft_asked(asked)
    ticking = ticking_at(asked.block_id, table)
    made = write_sewing_pdf(sewing_plan(draft), make_plan(draft), asked.paper, ticking=ticking)
    return File(made, PDF, f"{draft.name} sewing.pdf", ticking.sheets)


EXPORT = Export(
    path="sewing.pdf",
    asked=SewingPrintIn,
    make=sewing_pdf,
    needs=(its_table,),
    menus={"sew": (10, message("export-sewing-pdf"))},
)
