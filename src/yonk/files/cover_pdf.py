"""The first page of everything printed: the block, its sizes, its fabrics and what to buy, and on
which page each sheet begins.
"""

from __future__ import annotations

from collections.abc import Mapping

from reportlab.platypus import Flowable, Paragraph, Spacer

from yonk.core.cutting import Cutting
from yonk.core.paper import Text, listed, message, show, so_many_blocks
from yonk.core.planning import cut_size_words
from yonk.files.block_drawing import BlockDrawing
from yonk.files.fabrics_bought import fabrics_bought
from yonk.files.paper import MARGIN, SIZES, PaperName, bound, marked, style

_PICTURE = 270.0  # points, of the longer side


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
        *fabrics_bought(cutting, SIZES[paper][0] - 2 * MARGIN),
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
