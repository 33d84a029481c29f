"""Paper: sizes, the shipped type, and words set for print with true fractions."""

from __future__ import annotations

import re
from functools import lru_cache
from html import escape
from importlib.resources import files
from io import BytesIO
from typing import Any, Literal

from reportlab.lib.colors import HexColor
from reportlab.lib.enums import TA_CENTER
from reportlab.lib.pagesizes import A4, LETTER
from reportlab.lib.styles import ParagraphStyle
from reportlab.pdfbase import pdfmetrics
from reportlab.pdfbase.ttfonts import TTFont
from reportlab.pdfgen.canvas import Canvas
from reportlab.platypus import Flowable, SimpleDocTemplate

PaperName = Literal["letter", "a4"]
SIZES: dict[PaperName, tuple[float, float]] = {"letter": LETTER, "a4": A4}
POINTS = {"in": 72.0, "cm": 72 / 2.54}
MARGIN = 36.0
INK, MADDER, CHALK, SOFT, SHEET = (HexColor(code) for code in ("#14312c", "#9c2f2b", "#3f6d99", "#4d625d", "#fffdf6"))
PLAIN, BOLD = "AlegreyaSans", "AlegreyaSans-Bold"
_MIXED = re.compile(r"(\d+)⁄(\d+)")


@lru_cache(maxsize=1)
def set_type() -> None:
    """Register the shipped type, once."""
    for name, file in ((PLAIN, "AlegreyaSans-Regular.ttf"), (BOLD, "AlegreyaSans-Bold.ttf")):
        pdfmetrics.registerFont(TTFont(name, str(files("yonk.files") / "fonts" / file)))
    pdfmetrics.registerFontFamily(PLAIN, normal=PLAIN, bold=BOLD, italic=PLAIN, boldItalic=BOLD)


def style(
    size: float, *, bold: bool = False, centred: bool = False, colour: HexColor = INK, above: float = 0
) -> ParagraphStyle:
    """How a paragraph is set."""
    set_type()
    centring = {"alignment": TA_CENTER} if centred else {}
    return ParagraphStyle(
        f"{size}{bold}{centred}{colour}", fontName=BOLD if bold else PLAIN, fontSize=size, leading=size * 1.22, textColor=colour,
        spaceBefore=above, **centring,
    )  # fmt: skip


def marked(text: str, size: float) -> str:
    """Text as a paragraph takes it, its fractions set small above and below the stroke."""
    plain = escape(text, quote=False).replace("√2", "1.414…").replace("≈", "about")
    small, rise = size * 0.62, size * 0.3
    return _MIXED.sub(rf'<super size="{small}" rise="{rise}">\1</super>⁄<font size="{small}">\2</font>', plain)


def drawable(text: str) -> str:
    """Text as a canvas draws it, in signs that the type has."""
    return text.replace("√2", "1.414").replace("≈ ", "about ").replace("⁄", "/")


def bound(story: list[Flowable], paper: PaperName, title: str) -> bytes:
    """A document of flowing parts, its title and the number on every page."""
    set_type()
    out = BytesIO()

    def footing(canvas: Any, document: Any) -> None:
        canvas.saveState()
        canvas.setFont(PLAIN, 9)
        canvas.setFillColor(SOFT)
        canvas.drawString(MARGIN, MARGIN * 0.6, title)
        canvas.drawRightString(SIZES[paper][0] - MARGIN, MARGIN * 0.6, str(document.page))
        canvas.restoreState()

    document = SimpleDocTemplate(
        out, pagesize=SIZES[paper], leftMargin=MARGIN, rightMargin=MARGIN, topMargin=MARGIN, bottomMargin=MARGIN * 1.2, title=title,
        author="Yonk", invariant=1,
    )  # fmt: skip
    document.build(story, onFirstPage=footing, onLaterPages=footing)
    return out.getvalue()


def sheet_of_paper(paper: PaperName, title: str) -> tuple[Canvas, BytesIO]:
    """A canvas to draw pages on, and where they go."""
    set_type()
    out = BytesIO()
    canvas = Canvas(out, pagesize=SIZES[paper], invariant=1)
    canvas.setTitle(title)
    canvas.setAuthor("Yonk")
    return canvas, out
