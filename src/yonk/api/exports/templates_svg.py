"""Templates as SVG at true size."""

from __future__ import annotations

from yonk.api.cut.answers import templates_asked
from yonk.api.cut.schemas import PrintIn
from yonk.api.exports.export import Export
from yonk.api.wire import SVG
from yonk.core.paper import message
from yonk.files.cut_drawings import write_templates_svg
from yonk.files.download import File


def templates_svg(asked: PrintIn) -> File:
    """Templates as SVG at true size."""
    draft, shapes = templates_asked(asked)
    return File(
        write_templates_svg(shapes, draft.unit).encode(), SVG, f"{draft.name} templates.svg"
    )


EXPORT = Export(
    path="templates.svg",
    asked=PrintIn,
    make=templates_svg,
    menus={"cut": (80, message("export-templates-svg"))},
)
