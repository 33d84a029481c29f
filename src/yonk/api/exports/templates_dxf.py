"""Templates for a cutting machine."""

from __future__ import annotations

from yonk.api.cut.answers import templates_asked
from yonk.api.cut.schemas import PrintIn
from yonk.api.exports.export import Export
from yonk.core.paper import message
from yonk.files.cut_drawings import write_templates_dxf
from yonk.files.download import File


def templates_dxf(asked: PrintIn) -> File:
    """Templates for a cutting machine."""
    draft, shapes = templates_asked(asked)
    return File(
        write_templates_dxf(shapes, draft.unit).encode(),
        "image/vnd.dxf",
        f"{draft.name} templates.dxf",
    )


EXPORT = Export(
    path="templates.dxf",
    asked=PrintIn,
    make=templates_dxf,
    menus={"cut": (90, message("export-templates-dxf"))},
)
