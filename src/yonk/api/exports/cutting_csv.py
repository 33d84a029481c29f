"""The cutting list of a stage as CSV."""

from __future__ import annotations

from yonk.api.cut.schemas import PrintIn
from yonk.api.exports.export import Export
from yonk.api.wire import CSV
from yonk.core.paper import message
from yonk.core.planning import plan_stage
from yonk.files.block_file import take_block
from yonk.files.cutting_csv import write_cutting_csv
from yonk.files.download import File


def cutting_csv(asked: PrintIn) -> File:
    """The cutting list of a stage as CSV."""
    plan = plan_stage(take_block(asked.document), asked.stage)
    return File(
        write_cutting_csv(plan).encode(), CSV, f"{plan.reading.draft.name} cutting list.csv"
    )


EXPORT = Export(
    path="cutting.csv",
    asked=PrintIn,
    make=cutting_csv,
    menus={
        "cut": (60, message("export-cutting-csv")),
        "draft": (20, message("export-list-csv")),
    },
)
