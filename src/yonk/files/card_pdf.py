"""The card of a trial block on one sheet of paper: where to measure, what it must be, room to write
what it is, and what it was sewn with.
"""

from __future__ import annotations

from collections.abc import Sequence

from reportlab.platypus import Flowable, Paragraph, Spacer, Table, TableStyle

from yonk.core.measuring import (
    CARD_KINDS,
    LOOKS,
    Look,
    Measurable,
    about_length,
    card_heading,
    lettered_patches,
    listed_size,
    look_picture,
    looks_words,
    measurables,
    measure_words,
)
from yonk.core.paper import Capital, message
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

_PICTURE = 170.0  # points, of the longer side
_GAP = 14.0  # points between the two halves of the sheet
_MOST_ROWS = 17  # on either half, with their headings; what is left is on the screen
_LOOK = 34.0  # points, of the picture of what a block looks like
_IN_A_ROW = 4
_ASKED = ("date", "machine", "seam-test")
_FINISHED = ("block", "between")


def write_card_pdf(plan: SewingPlan, paper: PaperName = "letter", *, first: int = 1) -> bytes:
    """The card of a block, on one sheet."""
    width = SIZES[paper][0] - 2 * MARGIN
    half = (width - _GAP) / 2
    known = measurables(plan)
    sewing = [kind for kind in CARD_KINDS if kind not in _FINISHED]
    head = Table(
        [[CardDrawing(plan), [*_asked(half), Spacer(1, 6), *_looks(half)]]],
        colWidths=[half + _GAP, half],
    )
    head.setStyle(TableStyle([("VALIGN", (0, 0), (-1, -1), "TOP"), *_NO_PADDING]))
    body = Table(
        [
            [
                _half(plan, [*known.values()], sewing, half),
                "",
                _half(plan, [*known.values()], _FINISHED, half),
            ]
        ],
        colWidths=[half, _GAP, half],
    )
    body.setStyle(TableStyle([("VALIGN", (0, 0), (-1, -1), "TOP"), *_NO_PADDING]))
    title = marked(message("trial-block-of", block=plan.draft.name), 18)
    flow: list[Flowable] = [
        Paragraph(title, style(18, bold=True)),
        Paragraph(marked(message("card-how"), 10), style(10, colour=SOFT)),
        Spacer(1, 6),
        head,
        Spacer(1, 6),
        body,
    ]
    return bound(flow, paper, message("card-of-the-trial-block", block=plan.draft.name), first)


_NO_PADDING = [
    (f"{side}PADDING", (0, 0), (-1, -1), 0) for side in ("LEFT", "RIGHT", "TOP", "BOTTOM")
]


def _asked(width: float) -> list[Flowable]:
    """Room to write when it was sewn, with what, and what the last seam test said."""
    rows = [
        [Paragraph(marked(message("card-asks", what=one), 10), style(10, colour=SOFT)), ""]
        for one in _ASKED
    ]
    table = Table(rows, colWidths=[width * 0.4, width * 0.6], rowHeights=22)
    table.setStyle(TableStyle([("LINEBELOW", (1, 0), (1, -1), 0.6, INK)]))
    return [table]


def _looks(width: float) -> list[Flowable]:
    """What it looks like, to be marked before anything is measured."""
    how = Paragraph(marked(message("card-looks"), 10), style(10, colour=SOFT))
    rows = []
    for begin in range(0, len(LOOKS), _IN_A_ROW):
        mine = LOOKS[begin : begin + _IN_A_ROW]
        rows.append([LookDrawing(one) for one in mine])
        rows.append([Paragraph(marked(looks_words(one), 8.5), style(8.5)) for one in mine])
    table = Table(rows, colWidths=[width / _IN_A_ROW] * _IN_A_ROW)
    table.setStyle(TableStyle(_NO_PADDING))
    return [how, Spacer(1, 2), table]


class LookDrawing(Flowable):  # type: ignore[misc]
    """A block that looks so, far too much, over what it should be."""

    def __init__(self, look: Look) -> None:
        super().__init__()
        self.look = look

    def wrap(self, *_: float) -> tuple[float, float]:
        """How much room it takes, in points."""
        return _LOOK, _LOOK

    def draw(self) -> None:
        """Draw it from the bottom left."""
        canvas, side = self.canv, 0.7 * _LOOK
        left = (_LOOK - side) / 2
        canvas.setStrokeColor(SOFT)
        canvas.setLineWidth(0.4)
        canvas.rect(left, left, side, side)
        path = canvas.beginPath()
        for number, (x, y) in enumerate(look_picture(self.look)):
            (path.lineTo if number else path.moveTo)(left + x * side, left + (1 - y) * side)
        path.close()
        canvas.setStrokeColor(INK)
        canvas.setLineWidth(1)
        canvas.drawPath(path)


def _half(
    plan: SewingPlan, known: Sequence[Measurable], kinds: Sequence[str], width: float
) -> list[Flowable]:
    """One half of the card: what is measured as she sews, or of the finished block."""
    flow: list[Flowable] = []
    room = _MOST_ROWS
    for kind in kinds:
        rows = [one for one in known if one.what.partition(":")[0] == kind]
        if not rows or room < 2:
            continue
        shown = rows[: room - 1]
        room -= len(shown) + 1
        flow.append(Paragraph(marked(card_heading(kind), 10.5), style(10.5, bold=True)))
        flow += [_table(shown, plan, width), Spacer(1, 6)]
        if len(shown) < len(rows):
            more = message("card-more", rows=len(rows) - len(shown))
            flow.append(Paragraph(marked(more, 9), style(9, colour=SOFT)))
    return flow or [Spacer(1, 1)]


def _table(rows: Sequence[Measurable], plan: SewingPlan, width: float) -> Table:
    cells: list[list[object]] = [
        [
            Paragraph(marked(Capital(measure_words(one.what, plan)), 9.5), style(9.5)),
            Paragraph(
                marked(about_length(float(listed_size(plan, one)), plan.draft.unit), 9.5),
                style(9.5, bold=True),
            ),
            "",
        ]
        for one in rows
    ]
    table = Table(cells, colWidths=[width * 0.56, width * 0.22, width * 0.22])
    table.setStyle(
        TableStyle(
            [
                ("LINEBELOW", (0, 0), (-1, -1), 0.4, SOFT),
                ("BOX", (2, 0), (2, -1), 0.8, INK),
                ("INNERGRID", (2, 0), (2, -1), 0.8, INK),
                ("VALIGN", (0, 0), (-1, -1), "MIDDLE"),
                ("TOPPADDING", (0, 0), (-1, -1), 2),
                ("BOTTOMPADDING", (0, 0), (-1, -1), 2),
            ]
        )
    )
    return table


class CardDrawing(Flowable):  # type: ignore[misc]
    """The front of a block with the letters of its patches."""

    def __init__(self, plan: SewingPlan) -> None:
        super().__init__()
        self.plan = plan
        across, down = float(plan.draft.width), float(plan.draft.height)
        self.scale = _PICTURE / max(across, down)
        self.width, self.height = across * self.scale, down * self.scale

    def wrap(self, *_: float) -> tuple[float, float]:
        """How much room it takes, in points."""
        return self.width, self.height

    def draw(self) -> None:
        """Draw it from the bottom left."""
        canvas, plan = self.canv, self.plan
        draw_block(canvas, plan.reading, self.scale)
        patches = lettered_patches(plan)
        for one in patches:
            size = min(10.0, one.room * self.scale)
            canvas.setFont(PLAIN, size)
            x, y = one.spot[0] * self.scale, self.height - one.spot[1] * self.scale
            canvas.setFillColor("#ffffff")
            canvas.circle(x, y, size * 0.75, stroke=0, fill=1)
            canvas.setFillColor(INK)
            canvas.drawCentredString(x, y - size * 0.35, one.letter)
