"""The step sheets of the recipes."""

from __future__ import annotations

from yonk.api.cut.schemas import PrintIn
from yonk.api.exports.export import Export
from yonk.api.wire import PDF
from yonk.core.paper import message
from yonk.core.planning import plan_stage
from yonk.files.block_file import take_block
from yonk.files.download import File
from yonk.files.steps_pdf import write_steps_pdf


def steps_pdf(asked: PrintIn) -> File:
    """The step sheets of the recipes."""
    plan = plan_stage(take_block(asked.document), asked.stage)
    return File(write_steps_pdf(plan, asked.paper), PDF, f"{plan.reading.draft.name} steps.pdf")


EXPORT = Export(
    path="steps.pdf",
    asked=PrintIn,
    make=steps_pdf,
    menus={"cut": (20, message("export-steps-pdf"))},
)
