"""The first page of a quilt on paper: the quilt, its sizes, each of its blocks with its count and
name, its fabrics with what to buy of them.
"""

from __future__ import annotations

from itertools import zip_longest

from reportlab.platypus import Flowable, KeepTogether, Paragraph, Spacer, Table, TableStyle

from yonk.core.paper import Text, message
from yonk.core.planning import cut_size_words, read
from yonk.core.setting import QuiltBlock
from yonk.core.top import Diagram, TopCutting
from yonk.files.block_drawing import BlockDrawing
from yonk.files.fabrics_bought import fabrics_bought
from yonk.files.paper import SOFT, marked, style
from yonk.files.quilt_drawing import DiagramDrawing

TALLEST = 300.0  # points, of the quilt: its blocks and a dozen fabrics find room below
BLOCK = 44.0  # points, of a block's longer side
_ACROSS = 3  # blocks side by side


def quilt_cover(cutting: TopCutting, diagram: Diagram, title: Text, width: float) -> list[Flowable]:
    """The page as parts to be bound with the sheets that follow, `width` points wide."""
    quilt = cutting.plan.quilt
    return [
        Paragraph(marked(title, 22), style(22, bold=True)),
        Paragraph(marked(cutting.summary, 12), style(12, colour=SOFT)),
        Spacer(1, 8),
        DiagramDrawing(quilt, diagram, width, TALLEST, plain=True),
        *_blocks(cutting, width),
        *fabrics_bought(cutting, width),
    ]


def _blocks(cutting: TopCutting, width: float) -> list[Flowable]:
    plan = cutting.plan
    cells = [
        _block(plan.quilt.by_key[key], count, width / _ACROSS) for key, count in plan.counts.items()
    ]
    if not cells:
        return []
    rows = zip_longest(*[iter(cells)] * _ACROSS, fillvalue="")
    table = Table(list(rows), colWidths=[width / _ACROSS] * _ACROSS, hAlign="LEFT")
    table.setStyle(
        TableStyle([("VALIGN", (0, 0), (-1, -1), "MIDDLE"), ("LEFTPADDING", (0, 0), (-1, -1), 0)])
    )
    heading = Paragraph(marked(message("blocks-heading"), 15), style(15, bold=True, above=12))
    return [KeepTogether([heading, table])]


def _block(block: QuiltBlock, count: int, width: float) -> Table:
    """The picture of a block beside how many there are, its name and its finished size."""
    draft = block.as_sewn
    words = [
        Paragraph(marked(message("count-of-block", count=count, block=block.title), 12), style(12)),
        Paragraph(
            marked(cut_size_words(draft.width, draft.height, draft.unit), 10),
            style(10, colour=SOFT),
        ),
    ]
    picture = BLOCK + 10
    cell = Table([[BlockDrawing(read(draft), BLOCK), words]], colWidths=[picture, width - picture])
    cell.setStyle(
        TableStyle([("VALIGN", (0, 0), (-1, -1), "MIDDLE"), ("LEFTPADDING", (0, 0), (-1, -1), 0)])
    )
    return cell
