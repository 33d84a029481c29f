"""The quilt file."""

from __future__ import annotations

import json

from yonk.api.exports.export import Export
from yonk.api.quilts.answers import quilt_done
from yonk.api.quilts.schemas import QuiltActsIn
from yonk.files.download import File
from yonk.files.quilt_file import write_quilt


def quilt_file(asked: QuiltActsIn) -> File:
    """The quilt file."""
    quilt = quilt_done(asked)
    text = json.dumps(write_quilt(quilt), ensure_ascii=False, indent=1)
    return File(text.encode(), "application/json", f"{quilt.name}.quilt.json")


EXPORT = Export(
    path="quilt",
    asked=QuiltActsIn,
    make=quilt_file,
)
