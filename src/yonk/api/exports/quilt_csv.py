"""The list for the whole top as CSV."""

from __future__ import annotations

from yonk.api.exports.export import Export
from yonk.api.quilts.answers import quilt_done
from yonk.api.quilts.schemas import QuiltActsIn
from yonk.api.wire import CSV
from yonk.core.paper import message
from yonk.core.setting import plan_quilt
from yonk.core.top import whole_list
from yonk.files.download import File
from yonk.files.quilt_plan_file import write_quilt_csv


def quilt_csv(asked: QuiltActsIn) -> File:
    """The list for the whole top as CSV."""
    quilt = quilt_done(asked)
    made = write_quilt_csv(whole_list(plan_quilt(quilt)))
    return File(made.encode(), CSV, f"{quilt.name} cutting list.csv")


EXPORT = Export(
    path="quilt.csv",
    asked=QuiltActsIn,
    make=quilt_csv,
    menus={"top-cut": (50, message("export-cutting-csv"))},
)
