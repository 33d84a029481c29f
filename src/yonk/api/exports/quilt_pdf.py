"""Everything on paper, in one document; the templates that are needed at its end."""

from __future__ import annotations

from yonk.api.exports.export import Export
from yonk.api.exports.needs import its_trials, the_shelf
from yonk.api.fabrics.kept import Shelf
from yonk.api.top.answers import Trials, templates_of_all, top_cutting
from yonk.api.top.schemas import TopPrintIn
from yonk.api.wire import PDF
from yonk.core.paper import message
from yonk.core.top import sew_top
from yonk.files.download import File
from yonk.files.paper import one_document
from yonk.files.quilt_pdf import write_quilt_pdf


def quilt_pdf(asked: TopPrintIn, shelf: Shelf, trials: Trials) -> File:
    """Everything on paper, in one document; the templates that are needed at its end."""
    found = top_cutting(asked, shelf, trials)
    plans = found.plan.plans
    made = write_quilt_pdf(found, sew_top(found.plan), plans, asked.paper)
    needed = [one for one in plans.values() if any(cut.shape == "template" for cut in one.cuts)]
    if needed:
        made = one_document([made, templates_of_all(found.plan, needed, asked)])
    return File(made, PDF, f"{found.name}.pdf")


EXPORT = Export(
    path="quilt.pdf",
    asked=TopPrintIn,
    make=quilt_pdf,
    looked_at="quilt",
    needs=(
        the_shelf,
        its_trials,
    ),
    menus={"top-cut": (10, message("export-quilt-pdf"))},
)
