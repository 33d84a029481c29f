"""Everything of a quilt on paper: its cover, its cutting list with the layouts, the setting
diagram, the steps of sewing it, the step sheets of its blocks.
"""

from __future__ import annotations

from collections.abc import Mapping

from reportlab.platypus import (
    Flowable,
    KeepTogether,
    PageBreak,
    Paragraph,
    Spacer,
    Table,
    TableStyle,
)

from yonk.core.paper import message, sentences
from yonk.core.planning import Plan
from yonk.core.sewing import CAUTIONS
from yonk.core.top import (
    Diagram,
    TopCutting,
    TopSewing,
    TopStep,
    diagram_of,
    pressed_words,
    top_words,
)
from yonk.files.coded_pages import TickBoxes, bound_with_boxes
from yonk.files.cutting_pdf import cutting_story
from yonk.files.paper import MADDER, MARGIN, SIZES, SOFT, PaperName, marked, style
from yonk.files.quilt_cover import quilt_cover
from yonk.files.quilt_drawing import DiagramDrawing
from yonk.files.steps_pdf import steps_story
from yonk.files.told_by_boxes import BY_PEN, Ticking, top_boxes

_TALLEST = 420.0  # points, of the diagram
_BOXES = 150.0  # points, beside a step


def write_quilt_pdf(
    cutting: TopCutting,
    sewing: TopSewing,
    plans: Mapping[str, Plan],
    paper: PaperName = "letter",
    *,
    ticking: Ticking = BY_PEN,
) -> bytes:
    """One document of all sheets but the templates, which are at true size and by themselves, with
    boxes for `ticking`.

    Args:
        plans: of the quilt's blocks, by key.
    """
    title = message("everything-for-the-top", quilt=cutting.name)
    width = SIZES[paper][0] - 2 * MARGIN
    diagram = diagram_of(sewing)
    story = [*quilt_cover(cutting, diagram, cutting.name, width), PageBreak()]
    cut_title = message("cutting-list-for", block=cutting.name, stage=cutting.whole)
    story += cutting_story(cutting, cut_title, paper, top_words(cutting), ticking)
    story += [PageBreak(), *_sewing(sewing, diagram, width, ticking.joined)]
    for key, plan in plans.items():
        name = cutting.plan.quilt.by_key[key].title
        own = steps_story(plan, paper, message("how-units-are-made", block=name))
        story += [Spacer(1, 24), *own] if own else []
    return bound_with_boxes(story, paper, title, 1, ticking.book, cutting)


def _sewing(
    sewing: TopSewing, diagram: Diagram, width: float, done: Mapping[str, int]
) -> list[Flowable]:
    """The diagram and the steps."""
    head = [
        Paragraph(
            marked(message("sewing-the-top", quilt=sewing.quilt.name), 17), style(17, bold=True)
        ),
        Paragraph(marked(pressed_words(sewing.pressing), 11), style(11, colour=SOFT)),
        Spacer(1, 8),
        DiagramDrawing(sewing.quilt, diagram, width, _TALLEST),
        Paragraph(
            marked(
                message("diagram-how"),
                10,
            ),
            style(10, colour=SOFT, above=4),
        ),
        Paragraph(
            marked(sentences(CAUTIONS["iron"], CAUTIONS["needle"]), 10), style(10, colour=MADDER)
        ),
        Spacer(1, 8),
    ]
    steps = [
        _step(number, one, width, done.get(one.mark, 0))
        for number, one in enumerate(sewing.steps, start=1)
    ]
    return [*head, *steps]


def _step(number: int, step: TopStep, width: float, done: int) -> Flowable:
    said = sentences(step.words, step.press or None)
    words: list[Flowable] = [Paragraph(f"<b>{number}</b> {marked(said, 11)}", style(11))]
    if step.check:
        words.append(Paragraph(marked(step.check, 11), style(11, bold=True)))
    boxes = TickBoxes(top_boxes(number, step, done))
    table = Table([[words, boxes]], colWidths=[width - _BOXES, _BOXES])
    table.setStyle(
        TableStyle(
            [("LINEBELOW", (0, 0), (-1, -1), 0.4, SOFT), ("VALIGN", (0, 0), (-1, -1), "TOP")]
        )
    )
    return KeepTogether([table])
