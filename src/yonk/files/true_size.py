"""Pages at true size: a page to check the printer's scale with, and shapes too big for a page split
over several, which overlap and have the crosses that the other one has, to lay them on each other.
"""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from math import ceil
from typing import Protocol

from reportlab.pdfgen.canvas import Canvas

from yonk.core.paper import LengthUnit, Message
from yonk.files.paper import CHALK, INK, MARGIN, PLAIN, POINTS, SIZES, PaperName, shortened, write

OVERLAP = 36.0  # points, by which sheets of one shape lie on each other
HEAD = 44.0
INSIDE = 2.0  # so that no line is cut off by the page's frame


class TrueSize(Protocol):
    """What is printed at true size: how wide and high it is, in the draft's unit."""

    @property
    def width(self) -> float:
        """How wide it is."""

    @property
    def height(self) -> float:
        """How high it is."""


def room(paper: PaperName) -> tuple[float, float]:
    """What a page has room for, in points."""
    width, height = SIZES[paper]
    return width - 2 * MARGIN - 2 * INSIDE, height - 2 * MARGIN - HEAD - 2 * INSIDE


def tiles(shape: TrueSize, unit: LengthUnit, paper: PaperName) -> Iterator[tuple[float, float]]:
    """Where each page's window has its left and top edge on the shape, in points; one page where
    it fits.
    """
    wide, high = shape.width * POINTS[unit], shape.height * POINTS[unit]
    across, down = room(paper)
    columns = 1 if wide <= across else ceil((wide - OVERLAP) / (across - OVERLAP))
    rows = 1 if high <= down else ceil((high - OVERLAP) / (down - OVERLAP))
    for row in range(rows):
        for column in range(columns):
            yield column * (across - OVERLAP), row * (down - OVERLAP)


def check_page(canvas: Canvas, paper: PaperName, title: Message, lines: Iterable[Message]) -> None:
    """A page with a title, how it is used, and squares of 1″ and 5 cm to check the printer with."""
    _, height = SIZES[paper]
    canvas.setFillColor(INK)
    head = shortened(title, 16, SIZES[paper][0] - 2 * MARGIN, bold=True)
    write(canvas, MARGIN, height - MARGIN - 16, head, 16, bold=True)
    canvas.setFont(PLAIN, 11)
    for number, line in enumerate(lines):
        write(canvas, MARGIN, height - MARGIN - 44 - 16 * number, line, 11)
    y = height - MARGIN - 120
    canvas.setStrokeColor(INK)
    canvas.setLineWidth(0.8)
    canvas.rect(MARGIN, y - 72, 72, 72)
    five = 5 * POINTS["cm"]
    canvas.rect(MARGIN + 130, y - five, five, five)
    canvas.drawString(MARGIN, y - 86, "1″")
    canvas.drawString(MARGIN + 130, y - five - 14, "5 cm")
    canvas.showPage()


def joining_crosses(
    canvas: Canvas, shape: TrueSize, points: float, paper: PaperName, left: float, top: float
) -> None:
    """Joining marks in the middle of every overlap, at the same places on both pages."""
    across, down = room(paper)
    canvas.setStrokeColor(CHALK)
    columns, rows = (
        int(shape.width * points // (across - OVERLAP)) + 1,
        int(shape.height * points // (down - OVERLAP)) + 1,
    )
    xs = [n * (across - OVERLAP) + OVERLAP / 2 for n in range(columns + 1)]
    ys = [n * (down - OVERLAP) + OVERLAP / 2 for n in range(rows + 1)]
    spots = {(x, y + step) for x in xs for y in ys for step in (0.0, (down - OVERLAP) / 2)}
    spots |= {(x + (across - OVERLAP) / 2, y) for x in xs for y in ys}
    for x, y in spots:
        px, py = left + x, top - y
        canvas.line(px - 8, py, px + 8, py)
        canvas.line(px, py - 8, px, py + 8)
