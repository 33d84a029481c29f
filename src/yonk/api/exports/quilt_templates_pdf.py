"""Templates of every block at true size."""

from __future__ import annotations

from yonk.api.exports.export import Export
from yonk.api.top.answers import templates_of_all
from yonk.api.top.schemas import TopPrintIn
from yonk.api.wire import PDF
from yonk.core.paper import message
from yonk.core.setting import plan_quilt
from yonk.files.download import File
from yonk.files.quilt_file import take_quilt


def quilt_templates_pdf(asked: TopPrintIn) -> File:
    """Templates of every block at true size."""
    plan = plan_quilt(take_quilt(asked.document))
    made = templates_of_all(plan, list(plan.plans.values()), asked)
    return File(made, PDF, f"{plan.quilt.name} templates.pdf")


EXPORT = Export(
    path="quilt-templates.pdf",
    asked=TopPrintIn,
    make=quilt_templates_pdf,
    menus={"top-cut": (20, message("export-templates-pdf"))},
)
