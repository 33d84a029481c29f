"""The cutting of a draft: lists, layouts, what is booked, files to take along."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from typing import Any

from pydantic import RootModel

from yonk.api.cut.schemas import CutIn, DoneIn, EverythingIn, PaperSheetOut, PrintIn
from yonk.api.cut.view import cutting_view
from yonk.api.fabrics.kept import Shelf, cutting_of, shelf_cloth, shelf_document
from yonk.api.measuring.trial import Trial, for_the_rest
from yonk.api.wire import CSV, PDF, SVG, XLSX, as_bytes
from yonk.core.cutting import (
    CutList,
    Cutting,
    Marks,
    OldMark,
    Template,
    after_cutting,
    all_booked,
    changed,
    not_booked,
    staged_marks,
    templates_of,
)
from yonk.core.paper import Draft, DraftError, Text, message
from yonk.core.planning import StageName, plan_stage
from yonk.files.block_file import take_block
from yonk.files.cut_drawings import write_layouts_svg, write_templates_dxf, write_templates_svg
from yonk.files.cut_mark import write_mark
from yonk.files.cutting_csv import write_cutting_csv
from yonk.files.cutting_pdf import write_cutting_pdf
from yonk.files.cutting_xlsx import write_cutting_xlsx
from yonk.files.download import File
from yonk.files.everything_pdf import sheet_words, sheets_of, write_everything_pdf
from yonk.files.labels_pdf import write_labels_pdf
from yonk.files.templates_pdf import write_templates_pdf
from yonk.store.cutting import KeptMark
from yonk.store.fabrics import KeptFabric


def cut(asked: CutIn, shelf: Shelf, marks: Marks) -> bytes:
    """The complete cutting list of a stage."""
    cutting = cutting_of(take_block(asked.document), asked.stage, shelf, marks)
    return as_bytes(cutting_view(cutting, shelf, marks, changed(cutting, marks.done)))


def marks_carried(document: dict[str, Any], old: list[OldMark]) -> list[KeptMark]:
    """Ticks of the older kind as marks of a draft's cuts."""
    draft = take_block(document)
    marks = staged_marks(old, plan_stage(draft, "trial").cuts, plan_stage(draft, "all").cuts)
    return [KeptMark(mark.stage, write_mark(mark.what), amount) for mark, amount in marks.items()]


@dataclass(frozen=True)
class Booking:
    """What a finished cutting of a fabric changes: the shelf fabric's document, and what the shelf
    then knows of.
    """

    fabric: KeptFabric
    document: str
    marks: list[KeptMark]


def booked(asked: DoneIn, shelf: Shelf, marks: Marks) -> Booking:
    """What becomes of the shelf when a fabric is cut. Raises `DraftError` where there is nothing to
    book.
    """
    draft = take_block(asked.document)
    cutting = cutting_of(draft, asked.stage, shelf, marks)
    return booking(cutting, asked.fabric, asked.stage, shelf, marks)


def booking(cutting: CutList, key: str, stage: StageName, shelf: Shelf, marks: Marks) -> Booking:
    """The same of any list. Raises `DraftError` where there is nothing to book."""
    fabric = cutting.fabric(key)
    kept = shelf.get(fabric.shelf)
    if kept is None:
        raise DraftError("fabric", message("fabric-is-not-tied", fabric=fabric.called))
    cloth = next((one for one in cutting.cloths if one.fabric == fabric.key), None)
    if cloth is None:
        raise DraftError("fabric", message("nothing-is-cut-of", fabric=fabric.called))
    if not any(one.count for one in not_booked(cloth.cuts, marks.booked, stage)):
        raise DraftError("fabric", message("leftovers-were-put-back", fabric=fabric.called))
    document = shelf_document(kept, after_cutting(shelf_cloth(kept), cloth, cutting.unit))
    known = all_booked(cloth.cuts, stage, marks.booked).items()
    return Booking(
        kept,
        document,
        [KeptMark(mark.stage, write_mark(mark.what), booked=amount) for mark, amount in known],
    )


def _cutting(asked: PrintIn, shelf: Shelf) -> Cutting:
    return cutting_of(take_block(asked.document), asked.stage, shelf)


def _templates(asked: PrintIn) -> tuple[Draft, list[Template]]:
    draft = take_block(asked.document)
    return draft, templates_of(plan_stage(draft, asked.stage))


def cutting_pdf(asked: PrintIn, shelf: Shelf, trial: Trial | None) -> File:
    """The cutting list with its layouts, on paper; of the rest, with what the trial says for it."""
    found = _cutting(asked, shelf)
    made = write_cutting_pdf(found, asked.paper, _from_trial(asked, found, trial))
    return File(made, PDF, f"{found.draft.name} cutting list.pdf")


def everything_pdf(asked: EverythingIn, shelf: Shelf, trial: Trial | None) -> File:
    """All sheets that are wanted, as one document."""
    found = _cutting(asked, shelf)
    made = write_everything_pdf(found, _from_trial(asked, found, trial), asked.paper, asked.sheets)
    return File(made, PDF, f"{found.draft.name}.pdf")


def _from_trial(asked: PrintIn, found: Cutting, trial: Trial | None) -> Sequence[Text]:
    """What a trial block says for the rest, where that is what is cut."""
    return for_the_rest(trial, found.draft) if trial and asked.stage == "rest" else []


def sheets(asked: PrintIn, shelf: Shelf) -> bytes:
    """Which sheets there are to print."""
    known = sheets_of(_cutting(asked, shelf))
    return as_bytes(
        RootModel([PaperSheetOut(name=name, words=sheet_words(name)) for name in known])
    )


def templates_pdf(asked: PrintIn) -> File:
    """Templates at true size."""
    draft, shapes = _templates(asked)
    return File(
        write_templates_pdf(shapes, draft.unit, draft.name, asked.paper),
        PDF,
        f"{draft.name} templates.pdf",
    )


def labels_pdf(asked: PrintIn, shelf: Shelf) -> File:
    """Labels for the stacks."""
    found = _cutting(asked, shelf)
    return File(write_labels_pdf(found, asked.paper), PDF, f"{found.draft.name} labels.pdf")


def cutting_csv(asked: PrintIn) -> File:
    """The cutting list of a stage as CSV."""
    plan = plan_stage(take_block(asked.document), asked.stage)
    return File(
        write_cutting_csv(plan).encode(), CSV, f"{plan.reading.draft.name} cutting list.csv"
    )


def cutting_xlsx(asked: PrintIn, shelf: Shelf) -> File:
    """The cutting list as a spreadsheet."""
    found = _cutting(asked, shelf)
    return File(write_cutting_xlsx(found), XLSX, f"{found.draft.name} cutting list.xlsx")


def layouts_svg(asked: PrintIn, shelf: Shelf) -> File:
    """The layouts at true size."""
    found = _cutting(asked, shelf)
    return File(write_layouts_svg(found).encode(), SVG, f"{found.draft.name} layouts.svg")


def templates_svg(asked: PrintIn) -> File:
    """Templates as SVG at true size."""
    draft, shapes = _templates(asked)
    return File(
        write_templates_svg(shapes, draft.unit).encode(), SVG, f"{draft.name} templates.svg"
    )


def templates_dxf(asked: PrintIn) -> File:
    """Templates for a cutting machine."""
    draft, shapes = _templates(asked)
    return File(
        write_templates_dxf(shapes, draft.unit).encode(),
        "image/vnd.dxf",
        f"{draft.name} templates.dxf",
    )
