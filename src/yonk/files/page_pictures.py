"""The pages of a PDF as small pictures, to be looked at before they are printed."""

from __future__ import annotations

from dataclasses import dataclass
from io import BytesIO

from pypdfium2 import PdfDocument

WIDTH = 420  # pixels
MOST_PAGES = 40  # that are pictured; all are counted


@dataclass(frozen=True)
class Pages:
    """How many pages there are, and the first of them as PNG."""

    count: int
    pictures: tuple[bytes, ...]


def picture_pages(pdf: bytes) -> Pages:
    """The pages of a PDF, as they will come out of a printer."""
    document = PdfDocument(pdf)
    count = len(document)
    pictures = tuple(_picture(document, number) for number in range(min(count, MOST_PAGES)))
    document.close()
    return Pages(count, pictures)


def _picture(document: PdfDocument, number: int) -> bytes:
    page = document[number]
    drawn = page.render(scale=WIDTH / page.get_width()).to_pil()
    out = BytesIO()
    drawn.quantize(32).save(out, "PNG", optimize=True)
    return out.getvalue()
