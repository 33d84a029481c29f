"""Printed foundations: each section at true size, mirrored, with its seam lines, the order in which
its patches are sewn, their fabrics, and the seam allowance round the outside.
"""

from __future__ import annotations

from collections.abc import Sequence
from math import dist

import shapely
from reportlab.pdfgen.canvas import Canvas

from yonk.core.cutting import FoundationPatch, FoundationSection
from yonk.core.paper import LengthUnit, Polygon, message
from yonk.files.paper import (
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

CORNER_CROSS = (
    5.0  # points: half a cross at a corner of the finished section, to lay sections together by
)
SMALLEST = 4.0  # points: a name that is smaller cannot be read


def write_foundations_pdf(
    sections: Sequence[FoundationSection],
    unit: LengthUnit,
    name: str,
    paper: PaperName = "letter",
    *,
    first: int = 1,
) -> bytes:
    """All sections, each on a page or pages of its own, after a page to check the scale with.

    Args:
        sections: in the draft's unit.
        first: the number of the first page.
    """
    title = message("foundations-of", block=name)
    canvas, out = sheet_of_paper(paper, title, first)
    lines = (
        message("templates-print-true"),
        message("foundations-mirrored"),
        message("foundations-lines"),
        message("templates-over-pages"),
    )
    check_page(canvas, paper, title, lines)
    for section in sections:
        windows = list(tiles(section, unit, paper))
        for number, window in enumerate(windows, start=1):
            _page(canvas, section, unit, paper, window, (number, len(windows)), name)
    canvas.save()
    return out.getvalue()


def _page(
    canvas: Canvas,
    section: FoundationSection,
    unit: LengthUnit,
    paper: PaperName,
    window: tuple[float, float],
    sheet: tuple[int, int],
    name: str,
) -> None:
    _head(canvas, section, paper, sheet, name)
    across, down = (side + 2 * INSIDE for side in room(paper))
    canvas.saveState()
    frame = canvas.beginPath()
    frame.rect(MARGIN, MARGIN, across, down)
    canvas.clipPath(frame, stroke=0)
    left, top = MARGIN + INSIDE - window[0], MARGIN + down - INSIDE + window[1]
    points = POINTS[unit]

    def placed(outline: Polygon) -> list[tuple[float, float]]:
        return [(left + x * points, top - y * points) for x, y in outline]

    canvas.setStrokeColor(INK)
    canvas.setLineWidth(0.6)
    _trace(canvas, placed(section.outer), [4, 3])
    canvas.setLineWidth(0.9)
    for patch in section.patches:
        _trace(canvas, placed(patch.outline), [])
    for x, y in placed(section.finished):
        canvas.line(x - CORNER_CROSS, y, x + CORNER_CROSS, y)
        canvas.line(x, y - CORNER_CROSS, x, y + CORNER_CROSS)
    for patch in section.patches:
        _name(canvas, patch, placed(patch.outline))
    if sheet[1] > 1:
        joining_crosses(canvas, section, points, paper, left, top)
    canvas.restoreState()
    canvas.showPage()


def _head(
    canvas: Canvas,
    section: FoundationSection,
    paper: PaperName,
    sheet: tuple[int, int],
    name: str,
) -> None:
    width, height = SIZES[paper]
    canvas.setFillColor(INK)
    words = in_words(
        message(
            "foundation-section",
            unit=section.unit,
            number=section.number,
            of=section.of,
            sheet=sheet[0],
            sheets=sheet[1],
        )
    )
    write(canvas, MARGIN, height - MARGIN - 12, words, 14, bold=True)
    block = shortened(name, 11, width - 2 * MARGIN - width_of(words, 14, bold=True) - 24)
    write(canvas, width - MARGIN, height - MARGIN - 12, block, 11, right=True)
    write(
        canvas,
        MARGIN,
        height - MARGIN - 28,
        message("foundation-print-so-many", count=section.count),
        10,
    )


def _trace(canvas: Canvas, spots: Sequence[tuple[float, float]], dash: list[float]) -> None:
    path = canvas.beginPath()
    path.moveTo(*spots[0])
    for spot in spots[1:]:
        path.lineTo(*spot)
    path.close()
    canvas.setDash(dash)
    canvas.drawPath(path)
    canvas.setDash()


def _name(canvas: Canvas, patch: FoundationPatch, spots: Sequence[tuple[float, float]]) -> None:
    """The number, and below it the fabric, inside the largest circle that the patch has room for;
    where there is none to read, the number alone.
    """
    circle = shapely.maximum_inscribed_circle(shapely.Polygon(spots), tolerance=0.5)
    middle, edge = shapely.get_coordinates(circle).tolist()
    radius = dist(middle, edge)
    size = max(SMALLEST, min(16.0, radius * 0.8))
    x, y = middle
    canvas.setFillColor(INK)
    number = str(patch.number)
    write(canvas, x - width_of(number, size, bold=True) / 2, y, number, size, bold=True)
    small = min(9.0, size * 0.55)
    if small < SMALLEST:
        return
    canvas.setFillColor(SOFT)
    fabric = shortened(patch.fabric, small, 2 * radius)
    write(canvas, x - width_of(fabric, small) / 2, y - small - 1, fabric, small)
