"""Templates at true size: cut line, seam line, letter, grain and counts, over as many pages as they
need.

The first page has a square of 1″ and one of 5 cm to check the printer's scale. A template too big
for a page is split; neighbouring pages overlap, and each has the crosses that the other one has, to
lay them on each other.
"""

from __future__ import annotations

from math import dist

import shapely
from reportlab.pdfgen.canvas import Canvas

from yonk.core.cutting import Template
from yonk.core.paper import LengthUnit, Polygon, listed, message
from yonk.files.paper import (
    BOLD,
    INK,
    MARGIN,
    POINTS,
    SIZES,
    SOFT,
    PaperName,
    sheet_of_paper,
    shortened,
    width_of,
    write,
)
from yonk.files.true_size import INSIDE, check_page, joining_crosses, room, tiles
from yonk.words import in_words


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
    lines = (
        message("templates-print-true"),
        message("templates-lines"),
        message("templates-over-pages"),
    )
    check_page(canvas, paper, message("templates-of", block=name), lines)
    for template in templates:
        for number, (left, top) in enumerate(tiles(template, unit, paper), start=1):
            _page(canvas, template, unit, paper, (left, top), number, name)
    canvas.save()
    return out.getvalue()


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
        joining_crosses(canvas, template, points, paper, left, top)
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
