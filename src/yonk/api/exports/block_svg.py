"""A draft as SVG at true size."""

from __future__ import annotations

from yonk.api.draft.schemas import ActsIn
from yonk.api.exports.export import Export
from yonk.api.wire import SVG
from yonk.core.paper import message
from yonk.core.planning import read
from yonk.files.block_file import take_block
from yonk.files.download import File
from yonk.files.svg_out import write_svg


def block_svg(asked: ActsIn) -> File:
    """A draft as SVG at true size."""
    reading = read(take_block(asked.document))
    return File(write_svg(reading).encode(), SVG, f"{reading.draft.name}.svg")


EXPORT = Export(
    path="block.svg",
    asked=ActsIn,
    make=block_svg,
    menus={"draft": (30, message("export-block-svg"))},
)
