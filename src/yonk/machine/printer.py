"""A stand-in printer: it prints a PDF to page pictures that can be looked at."""

from __future__ import annotations

from pathlib import Path

import pypdfium2

from yonk.core.paper import MessageError

DOTS = 110  # to the inch


class PrinterError(MessageError):
    """A file that cannot be printed. The message says why."""


def print_pages(document: bytes, folder: Path, name: str = "page") -> list[Path]:
    """Print every page into a folder as PNG; gives the files in their order. Raises
    `PrinterError`.
    """
    try:
        opened = pypdfium2.PdfDocument(document)
    except pypdfium2.PdfiumError as fault:
        raise PrinterError(f"is no PDF that can be printed ({fault})") from None
    folder.mkdir(parents=True, exist_ok=True)
    pages = []
    for number, page in enumerate(opened, start=1):
        file = folder / f"{name}-{number}.png"
        page.render(scale=DOTS / 72).to_pil().save(file)
        pages.append(file)
    return pages
