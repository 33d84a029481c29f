"""The first page of everything printed: the block, its sizes, its fabrics and what to buy, and on
which page each sheet begins.
"""

from __future__ import annotations

from collections.abc import Mapping

from reportlab.lib.colors import HexColor
from reportlab.platypus import Flowable, Paragraph, Spacer, Table, TableStyle

from yonk.core.cutting import Cutting
from yonk.core.paper import Text, listed, message, show, so_many_blocks
from yonk.core.planning import cut_size_words
from yonk.files.block_drawing import BlockDrawing
from yonk.files.cutting_pdf import buying_words
from yonk.files.paper import INK, MARGIN, SIZES, SOFT, PaperName, bound, marked, style

_PICTURE = 270.0  # points, of the longer side
SWATCH = 16.0


def write_cover_pdf(
    cutting: Cutting, sheets: Mapping[Text, int], paper: PaperName = "letter"
) -> bytes:
    """One page.

    Args:
        sheets: what each sheet that follows is called, and on which page it begins.
    """
    draft = cutting.draft
    story: list[Flowable] = [
        Paragraph(marked(draft.name, 24), style(24, bold=True)),
        Spacer(1, 10),
        BlockDrawing(cutting.plan.reading, _PICTURE),
        Spacer(1, 10),
        *(Paragraph(marked(words, 13), style(13)) for words in _sizes(cutting)),
        *_fabrics(cutting, SIZES[paper][0] - 2 * MARGIN),
        Paragraph(marked(message("in-here"), 15), style(15, bold=True, above=14)),
        *(
            Paragraph(marked(message("page-and-sheet", page=page, sheet=words), 12), style(12))
            for words, page in sheets.items()
        ),
    ]
    return bound(story, paper, message("everything-of", block=draft.name))


def _sizes(cutting: Cutting) -> list[Text]:
    draft, plan = cutting.draft, cutting.plan
    both, unit = 2 * draft.making.seam, draft.unit
    blocks: Text = so_many_blocks(plan.all_blocks)
    counts = [
        message("so-many-in-colouring", count=one.blocks, colouring=one.name)
        for one in draft.colourings
    ]
    if counts:
        drafted = message("so-many-as-drafted", count=draft.making.blocks)
        blocks = message(
            "blocks-by-colouring", blocks=blocks, counts=listed((drafted, *counts), "comma")
        )
    return [
        message(
            "finished-and-unfinished",
            finished=cut_size_words(draft.width, draft.height, unit),
            unfinished=cut_size_words(draft.width + both, draft.height + both, unit),
        ),
        message("blocks-with-seam", blocks=blocks, seam=show(draft.making.seam, unit)),
    ]


def _fabrics(cutting: Cutting, width: float) -> list[Flowable]:
    """Each fabric with its swatch, and what to buy of it."""
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
    return [Paragraph("Fabrics", style(15, bold=True, above=14)), Spacer(1, 4), table]
