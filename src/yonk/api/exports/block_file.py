"""The block file of a draft."""

from __future__ import annotations

import json

from yonk.api.draft.schemas import ActsIn
from yonk.api.exports.export import Export
from yonk.core.paper import message
from yonk.core.planning import read
from yonk.files.block_file import check_reading, take_block, write_block
from yonk.files.download import File


def block_file(asked: ActsIn) -> File:
    """The block file of a draft."""
    draft = take_block(asked.document)
    check_reading(read(draft))
    text = json.dumps(write_block(draft), indent=1, ensure_ascii=False)
    return File(text.encode(), "application/json", f"{draft.name}.yonk.json")


EXPORT = Export(
    path="block",
    asked=ActsIn,
    make=block_file,
    menus={"draft": (10, message("export-block-file"))},
)
