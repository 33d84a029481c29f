"""Everything on paper, in one document; the templates that are needed at its end."""

from __future__ import annotations

from yonk.api.exports.export import Export
from yonk.api.exports.needs import its_trials, quilts_table, the_shelf
from yonk.api.exports.returning import ticking_at
from yonk.api.fabrics.kept import Shelf
from yonk.api.table.kept import KeptTable
from yonk.api.top.answers import Trials, printed_cutting, templates_of_all
from yonk.api.top.schemas import TopPrintIn
from yonk.api.wire import PDF
from yonk.core.paper import message
from yonk.core.top import sew_top
from yonk.files.download import File
from yonk.files.paper import one_document
from yonk.files.quilt_pdf import write_quilt_pdf
from yonk.files.told_by_boxes import cutting_boxes


def quilt_pdf(asked: TopPrintIn, shelf: Shelf, trials: Trials, table: KeptTable) -> File:
    """Everything on paper, in one document; the templates that are needed at its end."""
    found, standing = printed_cutting(asked, shelf, trials, table)
    plans = found.plan.plans
    ticking = ticking_at(asked.quilt_id, table, cutting_boxes(found, "all", standing))
    made = write_quilt_pdf(found, sew_top(found.plan), plans, asked.paper, ticking=ticking)
    needed = [one for one in plans.values() if any(cut.shape == "template" for cut in one.cuts)]
    if needed:
        made = one_document([made, templates_of_all(found.plan, needed, asked)])
    return File(made, PDF, f"{found.name}.pdf", ticking.sheets)


EXPORT = Export(
    path="quilt.pdf",
    asked=TopPrintIn,
    make=quilt_pdf,
    looked_at="quilt",
    needs=(
        the_shelf,
        its_trials,
        quilts_table,
    ),
    menus={"top-cut": (10, message("export-quilt-pdf"))},
)
