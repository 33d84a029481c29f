"""All sheets of a block in one document: what is cut, how units are made, how it is sewn and
checked.
"""

from __future__ import annotations

from collections.abc import Collection, Sequence
from typing import Literal, get_args

from yonk.core.cutting import Cutting, templates_of
from yonk.core.paper import Message, Text, message
from yonk.core.planning import make_plan
from yonk.core.pressing import sewing_plan
from yonk.files.card_pdf import write_card_pdf
from yonk.files.cover_pdf import write_cover_pdf
from yonk.files.cutting_pdf import write_cutting_pdf
from yonk.files.labels_pdf import write_labels_pdf
from yonk.files.paper import PaperName, one_document, page_count
from yonk.files.sewing_pdf import write_sewing_pdf
from yonk.files.steps_pdf import write_steps_pdf
from yonk.files.templates_pdf import write_templates_pdf
from yonk.files.told_by_boxes import BY_PEN, Ticking

SheetName = Literal["cover", "cutting", "labels", "steps", "sewing", "card", "templates"]
SHEETS: tuple[SheetName, ...] = get_args(SheetName)


def sheet_words(name: SheetName) -> Message:
    """What a sheet is called."""
    return message(f"sheet-{name}")


def sheets_of(cutting: Cutting) -> list[SheetName]:
    """The sheets that this block has: templates only where the ruler alone does not do."""
    needed = any(cut.shape == "template" for cut in cutting.plan.cuts)
    return [name for name in SHEETS if needed or name != "templates"]


def write_everything_pdf(
    cutting: Cutting,
    from_trial: Sequence[Text],
    paper: PaperName,
    wanted: Collection[SheetName],
    ticking: Ticking = BY_PEN,
) -> bytes:
    """The sheets that are wanted, of those that the block has, their pages numbered through; the
    cutting list where none is.

    Args:
        from_trial: what a trial block says for the rest, above the cutting list.
        ticking: what the boxes of the cutting list and of the sewing tell.
    """
    known = sheets_of(cutting)
    chosen: list[SheetName] = [name for name in known if name in wanted] or ["cutting"]
    inside = [name for name in chosen if name != "cover"]
    begins: dict[Text, int] = {sheet_words(name): 1 for name in inside}
    covered = "cover" in chosen
    pages = 1 + (page_count(write_cover_pdf(cutting, begins, paper)) if covered else 0)
    parts = []
    for name in inside:
        begins[sheet_words(name)] = pages
        parts.append(_sheet(name, cutting, from_trial, paper, pages, ticking))
        pages += page_count(parts[-1])
    cover = [write_cover_pdf(cutting, begins, paper)] if covered else []
    return one_document([*cover, *parts])


def _sheet(
    name: SheetName,
    cutting: Cutting,
    from_trial: Sequence[Text],
    paper: PaperName,
    first: int,
    ticking: Ticking,
) -> bytes:
    draft = cutting.draft
    if name == "cutting":
        return write_cutting_pdf(cutting, paper, from_trial, first=first, ticking=ticking)
    if name == "labels":
        return write_labels_pdf(cutting, paper, first=first)
    if name == "steps":
        return write_steps_pdf(cutting.plan, paper, first=first)
    if name == "sewing":
        sewing = sewing_plan(draft)
        return write_sewing_pdf(sewing, make_plan(draft), paper, first=first, ticking=ticking)
    if name == "card":
        return write_card_pdf(sewing_plan(draft), paper, first=first)
    shapes = templates_of(cutting.plan)
    return write_templates_pdf(shapes, draft.unit, draft.name, paper, first=first)
