"""The layouts at true size."""

from __future__ import annotations

from yonk.api.cut.answers import cutting_asked
from yonk.api.cut.schemas import PrintIn
from yonk.api.exports.export import Export
from yonk.api.exports.needs import its_table, the_shelf
from yonk.api.fabrics.kept import Shelf
from yonk.api.table.kept import KeptTable
from yonk.api.wire import SVG
from yonk.core.paper import message
from yonk.files.cut_drawings import write_layouts_svg
from yonk.files.download import File


def layouts_svg(asked: PrintIn, shelf: Shelf, table: KeptTable) -> File:
    """The layouts at true size."""
    found, _ = cutting_asked(asked, shelf, table)
    return File(write_layouts_svg(found).encode(), SVG, f"{found.draft.name} layouts.svg")


EXPORT = Export(
    path="layouts.svg",
    asked=PrintIn,
    make=layouts_svg,
    needs=(the_shelf, its_table),
    menus={"cut": (70, message("export-layouts-svg"))},
)
