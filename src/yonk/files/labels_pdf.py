"""Labels for the stacks of cut pieces: letter, fabric, cut size and count, to be cut apart."""

from __future__ import annotations

from reportlab.lib.colors import HexColor
from reportlab.platypus import Paragraph

from yonk.core.cutting import CutList
from yonk.core.paper import Text, listed, message
from yonk.core.planning import cut_size, cut_words, further
from yonk.files.paper import (
    INK,
    MARGIN,
    SIZES,
    SOFT,
    PaperName,
    marked,
    sheet_of_paper,
    shortened,
    style,
    write,
)

ACROSS, DOWN = 3, 8


def write_labels_pdf(cutting: CutList, paper: PaperName = "letter", *, first: int = 1) -> bytes:
    """A label for every line of the list, three across and eight down."""
    canvas, out = sheet_of_paper(paper, message("labels-of", block=cutting.name), first)
    width, height = (
        (side - 2 * MARGIN) / count
        for side, count in zip(SIZES[paper], (ACROSS, DOWN), strict=True)
    )
    labels = [(cloth, cut) for cloth in cutting.cloths for cut in cloth.cuts]
    if not labels:
        write(canvas, MARGIN, SIZES[paper][1] - MARGIN - 20, message("nothing-to-label"), 12)
    for number, (cloth, cut) in enumerate(labels):
        if number and number % (ACROSS * DOWN) == 0:
            canvas.showPage()
        column, row = number % ACROSS, number // ACROSS % DOWN
        x, y = MARGIN + column * width, SIZES[paper][1] - MARGIN - (row + 1) * height
        canvas.setStrokeColor(SOFT)
        canvas.setDash(2, 2)
        canvas.rect(x, y, width, height)
        canvas.setDash()
        letters = " ".join(dict.fromkeys(purpose.letter for purpose in cut.purposes))
        what, size = cut_words(cut.shape, cut.pieces_cut), cut_size(cut, cutting.unit)
        more = further(cut, cutting.unit)
        lines: tuple[tuple[Text, float, bool, HexColor], ...] = (
            (letters, 20, True, INK),
            (message("label-of-a-cut", count=cut.pieces_cut, what=what, size=size), 12, True, INK),
            (cutting.fabric(cloth.fabric).called, 11, False, INK),
            (listed((cutting.name, more), "semicolon") if more else cutting.name, 8.5, False, SOFT),
        )
        top = y + height - 6
        for number_of_line, (text, points, bold, colour) in enumerate(lines):
            room = top - y - 4 - sum(1.25 * later for _, later, _, _ in lines[number_of_line + 1 :])
            paragraph, taken = _fitting(text, points, bold, colour, width - 16, room)
            top -= taken
            paragraph.drawOn(canvas, x + 8, top)
    canvas.save()
    return out.getvalue()


def _fitting(
    text: Text, points: float, bold: bool, colour: HexColor, width: float, room: float
) -> tuple[Paragraph, float]:
    """A line of a label, wrapped where there is room for it, else in one line as long as the label
    is wide.
    """
    for shown in (text, shortened(text, points, width, bold=bold)):
        paragraph = Paragraph(marked(shown, points), style(points, bold=bold, colour=colour))
        _, taken = paragraph.wrap(width, room)
        if taken <= room:
            break
    return paragraph, taken
