"""The layouts at true size."""

from __future__ import annotations

from yonk.api.exports.export import Export
from yonk.api.exports.needs import its_trials, quilts_table, the_shelf
from yonk.api.fabrics.kept import Shelf
from yonk.api.table.kept import KeptTable
from yonk.api.top.answers import Trials, printed_cutting
from yonk.api.top.schemas import TopPrintIn
from yonk.api.wire import SVG
from yonk.core.paper import message
from yonk.files.cut_drawings import write_layouts_svg
from yonk.files.download import File


def quilt_layouts_svg(asked: TopPrintIn, shelf: Shelf, trials: Trials, table: KeptTable) -> File:
    """The layouts at true size."""
    found, _ = printed_cutting(asked, shelf, trials, table)
    return File(write_layouts_svg(found).encode(), SVG, f"{found.name} layouts.svg")


EXPORT = Export(
    path="quilt-layouts.svg",
    asked=TopPrintIn,
    make=quilt_layouts_svg,
    needs=(
        the_shelf,
        its_trials,
        quilts_table,
    ),
    menus={"top-cut": (60, message("export-layouts-svg"))},
)
