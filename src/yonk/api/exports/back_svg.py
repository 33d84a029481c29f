"""The back at true size."""

from __future__ import annotations

from yonk.api.exports.export import Export
from yonk.api.sewing.answers import plan_asked
from yonk.api.sewing.schemas import SewingPrintIn
from yonk.api.wire import SVG
from yonk.core.paper import message
from yonk.files.back_svg import write_back_svg
from yonk.files.download import File


def back_svg(asked: SewingPrintIn) -> File:
    """The back at true size."""
    plan = plan_asked(asked)
    return File(write_back_svg(plan).encode(), SVG, f"{plan.draft.name} back.svg")


EXPORT = Export(
    path="back.svg",
    asked=SewingPrintIn,
    make=back_svg,
    menus={"sew": (20, message("export-back-svg"))},
)
