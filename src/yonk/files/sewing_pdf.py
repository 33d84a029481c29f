"""The sewing sheet on paper: the pressing map at a readable size, the order with its checkpoints,
pictures of each step.
"""

from __future__ import annotations

from collections.abc import Sequence

from reportlab.platypus import Flowable, KeepTogether, Paragraph, Spacer, Table, TableStyle

from yonk.core.paper import Capital, message, sentences, so_many_blocks
from yonk.core.planning import Plan
from yonk.core.pressing import (
    PressedStretch,
    SewingPlan,
    SewingStep,
    join_pictures,
    meetings_words,
    stacks_of,
    steps_of_sewing,
)
from yonk.files.cloth_on_paper import fill_cloth
from yonk.files.coded_pages import TickBoxes, bound_with_boxes
from yonk.files.paper import (
    INK,
    MADDER,
    MARGIN,
    PLAIN,
    SHEET,
    SIZES,
    SOFT,
    PaperName,
    marked,
    style,
)
from yonk.files.steps_pdf import StepDrawing, arrow_tip
from yonk.files.told_by_boxes import BY_PEN, Ticking, sewing_boxes

MAP_SHARE = 0.62  # of the page's width
_LARGEST = 78.0  # points, of the largest picture of a step
_MOST_DRAWN = 120  # steps that have pictures; beyond, a drawing is a book
_ARROW = 14.0
NUMBER = 8.0  # points, of a step's number on the map
_GAP = 8.0  # points beside a picture


def write_sewing_pdf(
    plan: SewingPlan,
    planned: Plan,
    paper: PaperName = "letter",
    *,
    first: int = 1,
    ticking: Ticking = BY_PEN,
) -> bytes:
    """The sewing of a block on sheets: pressing map, steps, checkpoints, boxes for `ticking`."""
    draft, width = plan.draft, SIZES[paper][0] - 2 * MARGIN
    recipes = {recipe.group.label: recipe for recipe in planned.recipes}
    steps = steps_of_sewing(plan, recipes, stacks_of(plan.reading), draft.making.blocks)
    joined = message("joined-by", blocks=so_many_blocks(draft.making.blocks), order=plan.order)
    said = sentences(Capital(joined), meetings_words(plan.pressing))
    head: list[Flowable] = [
        Paragraph(marked(message("sewing-of", block=draft.name), 18), style(18, bold=True)),
        Paragraph(
            marked(said, 11),
            style(11, colour=SOFT),
        ),
        Spacer(1, 8),
        PressingMap(plan, steps, width * MAP_SHARE),
        Paragraph(
            marked(
                message("pressing-map-how"),
                10,
            ),
            style(10, colour=SOFT, above=4),
        ),
        Spacer(1, 10),
    ]
    told = [
        TickBoxes(sewing_boxes(step.number, step, step.done(ticking.joined, ticking.made)))
        for step in steps
    ]
    beside = max((one.width for one in told), default=0) + _GAP
    rows = [
        _step(plan, step, width, boxes, beside) for step, boxes in zip(steps, told, strict=True)
    ]
    title = message("sewing-sheet-of", block=draft.name)
    return bound_with_boxes([*head, *rows], paper, title, first, ticking.book)


def _step(
    plan: SewingPlan, step: SewingStep, width: float, boxes: TickBoxes, beside: float
) -> Flowable:
    words: list[Flowable] = [
        Paragraph(
            f"<b>{step.number}</b> {marked(step.words, 11)} "
            f"<font color='#4d625d'>{marked(message('in-all', count=step.total), 11)}</font>",
            style(11),
        )
    ]
    if step.start:
        words.append(Paragraph(marked(message("to-start", where=step.start), 10), style(10)))
    words += [Paragraph(marked(line, 10), style(10, colour=SOFT)) for line in step.why[:3]]
    if step.checkpoint:
        words.append(
            Paragraph(marked(message("to-measure", size=step.checkpoint), 12), style(12, bold=True))
        )
    if step.caution:
        words.append(Paragraph(marked(step.caution, 9), style(9, colour=MADDER)))
    drawings = _drawings(plan, step)
    room = sum(one.width for one in drawings) + _GAP * len(drawings)
    cells: list[object] = [boxes, words]
    widths = [beside, width - beside - room]
    if drawings:
        cells.append(Table([drawings], colWidths=[one.width + _GAP for one in drawings]))
        widths.append(room)
    row = Table([cells], colWidths=widths)
    row.setStyle(
        TableStyle(
            [
                ("VALIGN", (0, 0), (-1, -1), "MIDDLE"),
                ("LINEBELOW", (0, 0), (-1, -1), 0.4, SOFT),
                ("LEFTPADDING", (0, 0), (-1, -1), 0),
                ("RIGHTPADDING", (0, 0), (-1, -1), 0),
            ]
        )
    )
    return KeepTogether([row])


def _drawings(plan: SewingPlan, step: SewingStep) -> list[StepDrawing]:
    """The two pieces together, and opened."""
    if step.kind != "join" or step.number > _MOST_DRAWN:
        return []
    pictures = join_pictures(plan, plan.listed[step.joins[0]])[1:]
    largest = max(max(one.box[2], one.box[3]) for one in pictures)
    return [StepDrawing(one, plan.draft, _LARGEST / largest) for one in pictures]


class PressingMap(Flowable):  # type: ignore[misc]
    """The front of a block with an arrow at each seam, so many points wide."""

    def __init__(self, plan: SewingPlan, steps: Sequence[SewingStep], width: float) -> None:
        super().__init__()
        self.plan = plan
        self.step_of = {join: step.number for step in steps for join in step.joins}
        draft = plan.draft
        self.scale = width / max(float(draft.width), float(draft.height))
        self.width, self.height = float(draft.width) * self.scale, float(draft.height) * self.scale

    def wrap(self, *_: float) -> tuple[float, float]:
        """How much room it takes, in points."""
        return self.width, self.height

    def _at(self, spot: tuple[int, int]) -> tuple[float, float]:
        steps = float(self.plan.reading.drawing.scale)
        return spot[0] / steps * self.scale, self.height - spot[1] / steps * self.scale

    def draw(self) -> None:
        """Draw it from the bottom left."""
        canvas, plan = self.canv, self.plan
        canvas.setStrokeColor(INK)
        canvas.setLineWidth(0.5)
        for face, key in zip(plan.joining.faces, plan.reading.fabrics, strict=True):
            outline = [self._at(spot) for spot in face.ring]
            fabric = plan.draft.fabric(key)
            at = 0.0, self.height
            fill_cloth(canvas, [outline], fabric, self.scale, origin=at, turn=fabric.direction)
        for number, lies in plan.lying(plan.pressing).items():
            for one in lies:
                self._arrow(number, one)

    def _arrow(self, number: int, lies: PressedStretch) -> None:
        x, y = lies.middle[0] * self.scale, self.height - lies.middle[1] * self.scale
        # the first part is on the left hand as one looks at the block
        across = lies.way[1], lies.way[0]
        for toward in (0, 1) if lies.side is None else (lies.side,):
            reach = _ARROW if toward == 0 else -_ARROW
            self._line((x, y), (x + across[0] * reach, y + across[1] * reach))
        away = _ARROW * (0.6 if lies.side else -0.6)
        self._number(str(self.step_of[number]), (x + across[0] * away, y + across[1] * away))

    def _line(self, start: tuple[float, float], end: tuple[float, float]) -> None:
        canvas = self.canv
        for colour, thick in ((SHEET, 4.0), (INK, 1.2)):
            canvas.setStrokeColor(colour)
            canvas.setLineWidth(thick)
            canvas.line(*start, *end)
        arrow_tip(canvas, start, end)

    def _number(self, words: str, at: tuple[float, float]) -> None:
        """A step's number behind its arrow, on a patch of paper so that it is read on any cloth."""
        canvas = self.canv
        half = canvas.stringWidth(words, PLAIN, NUMBER) / 2
        canvas.setFillColor(SHEET)
        canvas.roundRect(
            at[0] - half - 2, at[1] - NUMBER * 0.6, 2 * half + 4, NUMBER * 1.2, 2, stroke=0, fill=1
        )
        canvas.setFillColor(INK)
        canvas.setFont(PLAIN, NUMBER)
        canvas.drawCentredString(at[0], at[1] - NUMBER * 0.35, words)
