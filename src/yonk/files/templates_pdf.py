"""Templates at true size: cut line, seam line, letter, grain and counts, over as many pages as they
need.

The first page has a square of 1″ and one of 5 cm to check the printer's scale. A template too big
for a page is split; neighbouring pages overlap, and each has the crosses that the other one has, to
lay them on each other.
"""

from __future__ import annotations

from collections.abc import Iterator
from math import ceil, dist

import shapely
from reportlab.pdfgen.canvas import Canvas

from yonk.core.cutting import Template
from yonk.core.paper import LengthUnit, Polygon, listed, message
from yonk.files.paper import (
    BOLD,
    CHALK,
    INK,
    MARGIN,
    PLAIN,
    POINTS,
    SIZES,
    SOFT,
    PaperName,
    sheet_of_paper,
    shortened,
    width_of,
    write,
)
from yonk.words import in_words

OVERLAP = 36.0  # points, by which sheets of one template lie on each other
_HEAD = 44.0
INSIDE = 2.0  # so that no line is cut off by the page's frame


def write_templates_pdf(
    templates: list[Template],
    unit: LengthUnit,
    name: str,
    paper: PaperName = "letter",
    *,
    first: int = 1,
) -> bytes:
    """All templates, each on a page or pages of its own, after a page to check the scale with."""
    canvas, out = sheet_of_paper(paper, message("templates-of", block=name), first)
    _check_page(canvas, paper, name)
    for template in templates:
        for number, (left, top) in enumerate(tiles(template, unit, paper), start=1):
            _page(canvas, template, unit, paper, (left, top), number, name)
    canvas.save()
    return out.getvalue()


def room(paper: PaperName) -> tuple[float, float]:
    """What a page has room for, in points."""
    width, height = SIZES[paper]
    return width - 2 * MARGIN - 2 * INSIDE, height - 2 * MARGIN - _HEAD - 2 * INSIDE


def tiles(template: Template, unit: LengthUnit, paper: PaperName) -> Iterator[tuple[float, float]]:
    """Where each page's window has its left and top edge on the template, in points; one page where
    it fits.
    """
    wide, high = template.width * POINTS[unit], template.height * POINTS[unit]
    across, down = room(paper)
    columns = 1 if wide <= across else ceil((wide - OVERLAP) / (across - OVERLAP))
    rows = 1 if high <= down else ceil((high - OVERLAP) / (down - OVERLAP))
    for row in range(rows):
        for column in range(columns):
            yield column * (across - OVERLAP), row * (down - OVERLAP)


def _check_page(canvas: Canvas, paper: PaperName, name: str) -> None:
    _, height = SIZES[paper]
    canvas.setFillColor(INK)
    title = shortened(
        message("templates-of", block=name), 16, SIZES[paper][0] - 2 * MARGIN, bold=True
    )
    write(canvas, MARGIN, height - MARGIN - 16, title, 16, bold=True)
    canvas.setFont(PLAIN, 11)
    lines = (
        message("templates-print-true"),
        message("templates-lines"),
        message("templates-over-pages"),
    )
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


def _page(
    canvas: Canvas,
    template: Template,
    unit: LengthUnit,
    paper: PaperName,
    window: tuple[float, float],
    number: int,
    name: str,
) -> None:
    width, height = SIZES[paper]
    across, down = (side + 2 * INSIDE for side in room(paper))
    points = POINTS[unit]
    many = len(list(tiles(template, unit, paper)))
    canvas.setFillColor(INK)
    counts = listed(
        (message("so-many-of", count=count, size=fabric) for fabric, count in template.counts),
        "comma",
    )
    whole = width - 2 * MARGIN
    letter = in_words(
        message("letter-and-sheet", letter=template.letter, number=number, sheets=many)
    )
    write(canvas, MARGIN, height - MARGIN - 12, letter, 14, bold=True)
    block = shortened(name, 11, whole - width_of(letter, 14, bold=True) - 24)
    write(canvas, width - MARGIN, height - MARGIN - 12, block, 11, right=True)
    write(
        canvas,
        MARGIN,
        height - MARGIN - 28,
        shortened(message("cut-so-many", pieces=counts), 10, whole),
        10,
    )
    canvas.saveState()
    frame = canvas.beginPath()
    frame.rect(MARGIN, MARGIN, across, down)
    canvas.clipPath(frame, stroke=0)
    left, top = MARGIN + INSIDE - window[0], MARGIN + down - INSIDE + window[1]

    def trace(outline: Polygon, dash: list[float]) -> None:
        path = canvas.beginPath()
        path.moveTo(left + outline[0][0] * points, top - outline[0][1] * points)
        for x, y in outline[1:]:
            path.lineTo(left + x * points, top - y * points)
        path.close()
        canvas.setDash(dash)
        canvas.drawPath(path)
        canvas.setDash()

    canvas.setStrokeColor(INK)
    canvas.setLineWidth(0.9)
    trace(template.cut, [])
    canvas.setLineWidth(0.6)
    trace(template.seam, [4, 3])
    _marks(canvas, template, points, left, top)
    if many > 1:
        _crosses(canvas, template, points, paper, left, top)
    canvas.restoreState()
    canvas.showPage()


def _marks(canvas: Canvas, template: Template, points: float, left: float, top: float) -> None:
    """The letter and the grain arrow, inside the largest circle that the seam line has room for."""
    circle = shapely.maximum_inscribed_circle(
        shapely.Polygon(template.seam), tolerance=template.width / 200
    )
    (cx, cy), edge = shapely.get_coordinates(circle).tolist()
    radius = dist((cx, cy), edge) * points
    x, y = left + cx * points, top - cy * points
    size = min(18.0, radius * 0.7)
    canvas.setFont(BOLD, size)
    canvas.drawCentredString(x - radius * 0.35, y - size / 3, template.letter)
    across, long = x + min(radius * 0.45, 24.0), min(18.0, radius * 0.6)
    canvas.setStrokeColor(SOFT)
    canvas.line(across, y - long, across, y + long)
    tip = min(5.0, long / 3)
    for end, way in ((y + long, -1), (y - long, 1)):
        canvas.line(across, end, across - tip * 0.6, end + tip * way)
        canvas.line(across, end, across + tip * 0.6, end + tip * way)


def _crosses(
    canvas: Canvas, template: Template, points: float, paper: PaperName, left: float, top: float
) -> None:
    """Joining marks in the middle of every overlap, at the same places on both pages."""
    across, down = room(paper)
    canvas.setStrokeColor(CHALK)
    columns, rows = (
        int(template.width * points // (across - OVERLAP)) + 1,
        int(template.height * points // (down - OVERLAP)) + 1,
    )
    xs = [n * (across - OVERLAP) + OVERLAP / 2 for n in range(columns + 1)]
    ys = [n * (down - OVERLAP) + OVERLAP / 2 for n in range(rows + 1)]
    spots = {(x, y + step) for x in xs for y in ys for step in (0.0, (down - OVERLAP) / 2)}
    spots |= {(x + (across - OVERLAP) / 2, y) for x in xs for y in ys}
    for x, y in spots:
        px, py = left + x, top - y
        canvas.line(px - 8, py, px + 8, py)
        canvas.line(px, py - 8, px, py + 8)
