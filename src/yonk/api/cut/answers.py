"""The cutting of a draft: lists, layouts, what is booked, files to take along."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from typing import Any

from pydantic import RootModel

from yonk.api.cut.schemas import CutIn, DoneIn, PaperSheetOut, PrintIn
from yonk.api.cut.view import cutting_view
from yonk.api.fabrics.kept import Shelf, cutting_of, shelf_cloth, shelf_document
from yonk.api.wire import as_bytes
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
from yonk.core.measuring import Trial, for_the_rest
from yonk.core.paper import Draft, DraftError, Text, message
from yonk.core.planning import StageName, plan_stage
from yonk.files.block_file import take_block
from yonk.files.cut_mark import write_mark
from yonk.files.everything_pdf import sheet_words, sheets_of
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


def cutting_asked(asked: PrintIn, shelf: Shelf) -> Cutting:
    """The cutting that is to be printed."""
    return cutting_of(take_block(asked.document), asked.stage, shelf)


def templates_asked(asked: PrintIn) -> tuple[Draft, list[Template]]:
    """A draft and the templates that are to be printed."""
    draft = take_block(asked.document)
    return draft, templates_of(plan_stage(draft, asked.stage))


def from_trial(asked: PrintIn, found: Cutting, trial: Trial | None) -> Sequence[Text]:
    """What a trial block says for the rest, where that is what is cut."""
    return for_the_rest(trial, found.draft) if trial and asked.stage == "rest" else []


def sheets(asked: PrintIn, shelf: Shelf) -> bytes:
    """Which sheets there are to print."""
    known = sheets_of(cutting_asked(asked, shelf))
    return as_bytes(
        RootModel([PaperSheetOut(name=name, words=sheet_words(name)) for name in known])
    )
