"""The fabrics of a first page: each with its swatch, and what to buy of it."""

from __future__ import annotations

from reportlab.lib.colors import HexColor
from reportlab.platypus import Flowable, KeepTogether, Paragraph, Spacer, Table, TableStyle

from yonk.core.cutting import CutList
from yonk.core.paper import message
from yonk.files.cutting_pdf import buying_words
from yonk.files.paper import INK, SOFT, marked, style

SWATCH = 16.0  # points, of its sides


def fabrics_bought(cutting: CutList, width: float) -> list[Flowable]:
    """Each fabric of a list in a line, `width` points wide, below a heading; nothing where no cloth
    is cut.
    """
    if not cutting.cloths:
        return []
    rows = [
        [
            "",
            Paragraph(marked(cutting.fabric(cloth.fabric).called, 13), style(13, bold=True)),
            Paragraph(marked(buying_words(cloth, cutting), 12), style(12)),
        ]
        for cloth in cutting.cloths
    ]
    colours = [HexColor(cutting.fabric(cloth.fabric).colour) for cloth in cutting.cloths]
    table = Table(rows, colWidths=[SWATCH, width * 0.3, width * 0.7 - SWATCH], hAlign="LEFT")
    table.setStyle(
        TableStyle(
            [("BACKGROUND", (0, row), (0, row), colour) for row, colour in enumerate(colours)]
            + [("BOX", (0, row), (0, row), 0.5, INK) for row in range(len(rows))]
            + [("LINEBELOW", (1, 0), (-1, -1), 0.4, SOFT), ("VALIGN", (0, 0), (-1, -1), "MIDDLE")]
        )
    )
    heading = Paragraph(marked(message("fabrics-heading"), 15), style(15, bold=True, above=14))
    return [KeepTogether([heading, Spacer(1, 4), table])]
