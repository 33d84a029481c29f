"""The setting diagram."""

from __future__ import annotations

from yonk.api.exports.export import Export
from yonk.api.top.schemas import TopPrintIn
from yonk.api.wire import SVG
from yonk.core.paper import message
from yonk.core.setting import plan_quilt
from yonk.core.top import diagram_of, sew_top
from yonk.files.download import File
from yonk.files.quilt_drawing import write_diagram_svg
from yonk.files.quilt_file import take_quilt


def diagram_svg(asked: TopPrintIn) -> File:
    """The setting diagram."""
    found = sew_top(plan_quilt(take_quilt(asked.document)))
    made = write_diagram_svg(found.quilt, diagram_of(found))
    return File(made.encode(), SVG, f"{found.quilt.name}.svg")


EXPORT = Export(
    path="quilt.svg",
    asked=TopPrintIn,
    make=diagram_svg,
    menus={
        "top-cut": (70, message("export-diagram-svg")),
        "top-sew": (10, message("export-diagram-svg")),
    },
)
