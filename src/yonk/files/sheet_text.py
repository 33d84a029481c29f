"""A printed sheet as text, to be kept."""

from __future__ import annotations

from dataclasses import asdict

import orjson
from pydantic import TypeAdapter

from yonk.core.table import PrintedSheet

_SHEET = TypeAdapter(PrintedSheet)


def write_sheet(sheet: PrintedSheet) -> str:
    """A sheet as JSON."""
    return orjson.dumps(asdict(sheet)).decode()


def read_sheet(text: str) -> PrintedSheet:
    """The sheet that was written."""
    return _SHEET.validate_json(text)
