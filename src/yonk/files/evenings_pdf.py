"""The evenings on paper: day by day what is done."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from math import ceil

from reportlab.platypus import Flowable, KeepTogether, Paragraph, Spacer

from yonk.core.paper import Day, Text, message
from yonk.core.table import Planned, Schedule
from yonk.files.paper import PaperName, bound, marked, style


def write_evenings_pdf(
    name: str,
    schedule: Schedule,
    words: Callable[[Planned], Text],
    said: Sequence[Text],
    paper: PaperName = "letter",
) -> bytes:
    """The pages.

    Args:
        name: of the block.
        words: of what is done.
        said: of the whole.
    """
    title = message("evenings-of", block=name)
    story: list[Flowable] = [
        Paragraph(marked(title, 20), style(20, bold=True)),
        Spacer(1, 8),
        *(Paragraph(marked(one, 12), style(12)) for one in said),
    ]
    for evening in schedule.evenings:
        head = message(
            "evening-and-minutes", day=Day(evening.day), minutes=ceil(evening.seconds / 60)
        )
        lines: list[Flowable] = [Paragraph(marked(head, 13), style(13, bold=True, above=10))]
        for one in evening.planned:
            told = message("evening-line", what=words(one), minutes=ceil(one.seconds / 60))
            lines.append(Paragraph(marked(told, 12), style(12)))
        story.append(KeepTogether(lines))
    return bound(story, paper, title)
