"""Paper: sizes, the shipped type, and words set for print with true fractions."""

from __future__ import annotations

import re
from collections.abc import Callable, Sequence
from dataclasses import dataclass
from functools import lru_cache
from html import escape
from importlib.resources import files
from io import BytesIO
from typing import Any, Literal

from pypdfium2 import PdfDocument
from reportlab.lib.colors import HexColor
from reportlab.lib.enums import TA_CENTER
from reportlab.lib.pagesizes import A4, LETTER
from reportlab.lib.styles import ParagraphStyle
from reportlab.pdfbase import pdfmetrics
from reportlab.pdfbase.ttfonts import TTFont
from reportlab.pdfgen.canvas import Canvas
from reportlab.platypus import Flowable, SimpleDocTemplate

from yonk.core.paper import Text
from yonk.words import in_words

PaperName = Literal["letter", "a4"]
SIZES: dict[PaperName, tuple[float, float]] = {"letter": LETTER, "a4": A4}
POINTS = {"in": 72.0, "cm": 72 / 2.54}
MARGIN = 36.0  # half an inch, which every printer can print
INK, MADDER, CHALK, SOFT, SHEET = (
    HexColor(code) for code in ("#14312c", "#9c2f2b", "#3f6d99", "#4d625d", "#fffdf6")
)
PLAIN, BOLD = "AlegreyaSans", "AlegreyaSans-Bold"
_MIXED = re.compile(r"(\d+)⁄(\d+)")


# Each face with those that stand in for the signs it lacks: Latin, Greek, Cyrillic, Hebrew and
# more; then the rest.
FILES = {
    PLAIN: "AlegreyaSans-Regular.ttf",
    BOLD: "AlegreyaSans-Bold.ttf",
    "DejaVuSans": "DejaVuSans.ttf",
    "DejaVuSans-Bold": "DejaVuSans-Bold.ttf",
    "DroidSansFallback": "DroidSansFallbackFull.ttf",
}
STAND_INS = {
    PLAIN: ("DejaVuSans", "DroidSansFallback"),
    BOLD: ("DejaVuSans-Bold", "DroidSansFallback"),
}
NO_SIGN = "\ufffd"


@lru_cache(maxsize=1)
def set_type() -> None:
    """Register the shipped type, once."""
    for name in (PLAIN, BOLD):
        _face(name)
    pdfmetrics.registerFontFamily(PLAIN, normal=PLAIN, bold=BOLD, italic=PLAIN, boldItalic=BOLD)


@lru_cache(maxsize=8)
def _face(name: str) -> frozenset[int]:
    """The signs that a face has; it is read when it is first needed."""
    face = TTFont(name, str(files("yonk.files") / "fonts" / FILES[name]))
    pdfmetrics.registerFont(face)
    return frozenset(face.face.charToGlyph)


def runs(text: str, face: str) -> list[tuple[str, str]]:
    """A text in runs of one face each, so that every sign of it is printed; one that no face has
    shows as a mark.
    """
    found: list[tuple[str, str]] = []
    for sign in text:
        own = next(
            (name for name in (face, *STAND_INS[face]) if sign == " " or ord(sign) in _face(name)),
            None,
        )
        name, shown = (own, sign) if own else (STAND_INS[face][0], NO_SIGN)
        if found and (found[-1][0] == name or sign == " "):
            found[-1] = found[-1][0], found[-1][1] + shown
        else:
            found.append((name, shown))
    return found


def width_of(text: str, size: float, *, bold: bool = False) -> float:
    """How wide a text is set, in points."""
    set_type()
    return float(
        sum(
            pdfmetrics.stringWidth(part, name, size)
            for name, part in runs(text, BOLD if bold else PLAIN)
        )
    )


def shortened(said: Text, size: float, width: float, *, bold: bool = False) -> str:
    """The text, or as much of its beginning as there is room for, and three dots."""
    text = in_words(said)
    if width_of(text, size, bold=bold) <= width:
        return text
    while text and width_of(f"{text}…", size, bold=bold) > width:
        text = text[:-1]
    return f"{text.rstrip()}…"


def write(
    canvas: Any,
    x: float,
    y: float,
    said: Text,
    size: float,
    *,
    bold: bool = False,
    right: bool = False,
) -> None:
    """Draws a text on a canvas from a point on, or up to it."""
    text = in_words(said)
    if right:
        x -= width_of(text, size, bold=bold)
    for name, part in runs(text, BOLD if bold else PLAIN):
        canvas.setFont(name, size)
        canvas.drawString(x, y, part)
        x += pdfmetrics.stringWidth(part, name, size)


def style(
    size: float,
    *,
    bold: bool = False,
    centred: bool = False,
    colour: HexColor = INK,
    above: float = 0,
) -> ParagraphStyle:
    """How a paragraph is set."""
    set_type()
    centring = {"alignment": TA_CENTER} if centred else {}
    return ParagraphStyle(
        f"{size}{bold}{centred}{colour}",
        fontName=BOLD if bold else PLAIN,
        fontSize=size,
        leading=size * 1.22,
        textColor=colour,
        spaceBefore=above,
        **centring,
    )


def marked(said: Text, size: float) -> str:
    """Text as a paragraph takes it, its fractions set small above and below the stroke, every sign
    in a face that has it.
    """
    set_type()
    plain = in_words(said).replace("√2", "1.414…").replace("≈", "about")
    parts = []
    for name, part in runs(plain, PLAIN):
        safe = escape(part, quote=False)
        parts.append(safe if name == PLAIN else f'<font name="{name}">{safe}</font>')
    small, rise = size * 0.62, size * 0.3
    return _MIXED.sub(
        rf'<super size="{small}" rise="{rise}">\1</super>⁄<font size="{small}">\2</font>',
        "".join(parts),
    )


def drawable(said: Text) -> str:
    """Text as a canvas draws it, in signs that the type has."""
    return in_words(said).replace("√2", "1.414").replace("≈ ", "about ").replace("⁄", "/")


@dataclass(frozen=True)
class Coded:
    """How pages are coded: the canvas that does so, with `leave_room` for it on each page; how much
    room that takes at the foot, and at the left and the right of the line of the title.
    """

    canvas: Callable[..., Canvas]
    foot: float
    left: float
    right: float


def bound(
    story: list[Flowable],
    paper: PaperName,
    title: Text,
    first: int = 1,
    *,
    coded: Coded | None = None,
) -> bytes:
    """A document of flowing parts, its title and the number on every page, from `first` on; its
    pages `coded` where they are to come back.
    """
    set_type()
    out = BytesIO()
    wide = SIZES[paper][0]
    left, right = (coded.left, coded.right) if coded else (MARGIN, MARGIN)

    def footing(canvas: Any, document: Any) -> None:
        canvas.saveState()
        canvas.setFillColor(SOFT)
        words = shortened(title, 9, wide - left - right - 40)
        write(canvas, left, MARGIN * 0.6, words, 9)
        _number(canvas, document.page + first - 1, wide - right)
        canvas.restoreState()
        if coded:
            canvas.leave_room()

    document = SimpleDocTemplate(
        out,
        pagesize=SIZES[paper],
        leftMargin=MARGIN,
        rightMargin=MARGIN,
        topMargin=MARGIN,
        bottomMargin=coded.foot if coded else MARGIN * 1.2,
        title=in_words(title),
        author="Yonk",
        invariant=1,
    )
    maker = coded.canvas if coded else Canvas
    document.build(story, onFirstPage=footing, onLaterPages=footing, canvasmaker=maker)
    return out.getvalue()


def _number(canvas: Any, page: int, right: float) -> None:
    canvas.setFillColor(SOFT)
    write(canvas, right, MARGIN * 0.6, str(page), 9, right=True)


class _NumberedCanvas(Canvas):  # type: ignore[misc]
    """A canvas whose pages have their numbers, from `first` on."""

    first = 1

    def showPage(self) -> None:  # noqa: N802 (the name is the library's)
        self.saveState()
        _number(self, self.getPageNumber() + self.first - 1, self._pagesize[0] - MARGIN)
        self.restoreState()
        super().showPage()


def sheet_of_paper(paper: PaperName, title: Text, first: int = 1) -> tuple[Canvas, BytesIO]:
    """A canvas to draw pages on, which are numbered from `first` on, and where they go."""
    set_type()
    out = BytesIO()
    canvas = _NumberedCanvas(out, pagesize=SIZES[paper], invariant=1)
    canvas.first = first
    canvas.setTitle(in_words(title))
    canvas.setAuthor("Yonk")
    return canvas, out


def page_count(pdf: bytes) -> int:
    """How many pages a PDF has."""
    return len(PdfDocument(pdf))


def one_document(parts: Sequence[bytes]) -> bytes:
    """PDFs one after the other as one."""
    whole = PdfDocument.new()
    for part in parts:
        whole.import_pages(PdfDocument(part))
    out = BytesIO()
    whole.save(out)
    return out.getvalue()
