"""The card of a trial block on paper: where to measure, what it must be, room to write what it
is.
"""

from __future__ import annotations

from collections.abc import Sequence

from reportlab.platypus import Flowable, KeepTogether, Paragraph, Spacer, Table, TableStyle

from yonk.core.measuring import (
    CARD_KINDS,
    Measurable,
    about_length,
    card_heading,
    measurables,
    measure_words,
)
from yonk.core.paper import message
from yonk.core.pressing import SewingPlan
from yonk.files.block_drawing import draw_block
from yonk.files.paper import (
    INK,
    MARGIN,
    PLAIN,
    SIZES,
    SOFT,
    PaperName,
    bound,
    marked,
    style,
)

_PICTURE = 190.0  # points, of the longer side
_MOST_ROWS = 200


def write_card_pdf(plan: SewingPlan, paper: PaperName = "letter", *, first: int = 1) -> bytes:
    """The card of a block, on sheets."""
    width = SIZES[paper][0] - 2 * MARGIN
    known = list(measurables(plan).values())[:_MOST_ROWS]
    flow: list[Flowable] = [
        Paragraph(
            marked(message("trial-block-of", block=plan.draft.name), 18), style(18, bold=True)
        ),
        Paragraph(marked(message("card-how"), 11), style(11, colour=SOFT)),
        Spacer(1, 8),
        CardDrawing(plan),
        Spacer(1, 8),
    ]
    for kind in CARD_KINDS:
        rows = [one for one in known if one.what.partition(":")[0] == kind]
        if rows:
            title = Paragraph(marked(card_heading(kind), 13), style(13, bold=True))
            flow.append(KeepTogether([title, _table(rows, plan, width), Spacer(1, 8)]))
    return bound(flow, paper, message("card-of-the-trial-block", block=plan.draft.name), first)


def _table(rows: Sequence[Measurable], plan: SewingPlan, width: float) -> Table:
    cells: list[list[object]] = [
        [
            Paragraph(marked(words, 10), style(10, colour=SOFT))
            for words in ("", message("must-be"), message("size-is"))
        ]
    ]
    cells += [
        [
            Paragraph(marked(measure_words(one.what, plan.reading), 11), style(11)),
            Paragraph(marked(about_length(one.size, plan.draft.unit), 11), style(11, bold=True)),
            "",
        ]
        for one in rows
    ]
    table = Table(cells, colWidths=[width * 0.5, width * 0.2, width * 0.3], repeatRows=1)
    table.setStyle(
        TableStyle(
            [
                ("LINEBELOW", (0, 0), (-1, -1), 0.4, SOFT),
                ("BOX", (2, 1), (2, -1), 0.8, INK),
                ("INNERGRID", (2, 1), (2, -1), 0.8, INK),
                ("VALIGN", (0, 0), (-1, -1), "MIDDLE"),
            ]
        )
    )
    return table


class CardDrawing(Flowable):  # type: ignore[misc]
    """The front of a block with the numbers of its rows and columns."""

    def __init__(self, plan: SewingPlan) -> None:
        super().__init__()
        self.plan = plan
        across, down = float(plan.draft.width), float(plan.draft.height)
        self.scale = _PICTURE / max(across, down)
        self.width, self.height = across * self.scale + 16, down * self.scale + 16

    def wrap(self, *_: float) -> tuple[float, float]:
        """How much room it takes, in points."""
        return self.width, self.height

    def draw(self) -> None:
        """Draw it from the bottom left."""
        canvas, plan = self.canv, self.plan
        high = float(plan.draft.height) * self.scale
        draw_block(canvas, plan.reading, self.scale, left=16)
        canvas.setFillColor(INK)
        canvas.setFont(PLAIN, 8)
        for what, one in measurables(plan).items():
            kind, _, number = what.partition(":")
            (ax, ay), (bx, by) = one.line(plan)
            if kind == "row":
                canvas.drawString(2, high - (ay + by) / 2 * self.scale - 3, number)
            if kind == "column":
                canvas.drawString(14 + (ax + bx) / 2 * self.scale, high + 5, number)
