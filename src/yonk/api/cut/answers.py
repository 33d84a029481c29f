"""The cutting of a draft: lists, layouts, what is booked, files to take along."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from typing import Any

from pydantic import RootModel

from yonk.api.cut.schemas import CutIn, DoneIn, PaperSheetOut, PrintIn
from yonk.api.cut.view import cutting_view
from yonk.api.cut.ways_out import ways_out_view
from yonk.api.fabrics.kept import Shelf, on_hand_of, shelf_cloth, shelf_document
from yonk.api.table.kept import KeptTable
from yonk.api.wire import as_bytes
from yonk.core.cutting import (
    CutList,
    CutsDone,
    Cutting,
    FoundationSection,
    OldMark,
    Template,
    after_cutting,
    all_booked,
    foundations_of,
    not_booked,
    plan_cutting,
    staged_marks,
    templates_of,
)
from yonk.core.measuring import Trial, for_the_rest
from yonk.core.paper import Draft, DraftError, Text, message
from yonk.core.planning import StageName, plan_stage
from yonk.core.table import Paces, TableStanding, cutting_at_the_table, of_no_use
from yonk.files.block_file import take_block
from yonk.files.everything_pdf import sheet_words, sheets_of
from yonk.files.table_thing import write_staged
from yonk.store.fabrics import KeptFabric
from yonk.store.table import ThingChange


def cut(asked: CutIn, shelf: Shelf, table: KeptTable) -> bytes:
    """The complete cutting list of a stage."""
    cutting, standing = _at_the_table(asked.document, asked.stage, shelf, table)
    useless = of_no_use(cutting.draft, asked.stage, table.state)
    return as_bytes(cutting_view(cutting, shelf, table, standing, useless, asked.layers))


def _at_the_table(
    document: dict[str, Any], stage: StageName, shelf: Shelf, table: KeptTable
) -> tuple[Cutting, TableStanding]:
    draft = take_block(document)
    on_hand = on_hand_of(shelf, draft.unit)
    return cutting_at_the_table(draft, stage, table.state, on_hand, table.booked)


def ways_out(asked: CutIn, shelf: Shelf, table: KeptTable, paces: Paces) -> bytes:
    """What can be done where there is not enough."""
    return as_bytes(ways_out_view(take_block(asked.document), asked.stage, table, shelf, paces))


def marks_carried(document: dict[str, Any], old: list[OldMark]) -> list[ThingChange]:
    """Ticks of the older kind as what they change on the table of a draft."""
    draft = take_block(document)
    marks = staged_marks(old, plan_stage(draft, "trial").cuts, plan_stage(draft, "all").cuts)
    return [
        ThingChange("cut", write_staged(mark.what, mark.stage), amount)
        for mark, amount in marks.items()
    ]


@dataclass(frozen=True)
class Booking:
    """What a finished cutting of a fabric changes: the shelf fabric's document, and what the shelf
    then knows of.
    """

    fabric: KeptFabric
    document: str
    known: list[ThingChange]


def booked(asked: DoneIn, shelf: Shelf, table: KeptTable) -> Booking:
    """What becomes of the shelf when a fabric is cut. Raises `DraftError` where there is nothing to
    book.
    """
    draft = take_block(asked.document)
    cutting = plan_cutting(draft, asked.stage, on_hand_of(shelf, draft.unit), table.booked)
    return booking(cutting, asked.fabric, asked.stage, shelf, table.booked)


def booking(
    cutting: CutList, key: str, stage: StageName, shelf: Shelf, before: CutsDone
) -> Booking:
    """The same of any list. Raises `DraftError` where there is nothing to book."""
    fabric = cutting.fabric(key)
    kept = shelf.get(fabric.shelf)
    if kept is None:
        raise DraftError("fabric", message("fabric-is-not-tied", fabric=fabric.called))
    cloth = next((one for one in cutting.cloths if one.fabric == fabric.key), None)
    if cloth is None:
        raise DraftError("fabric", message("nothing-is-cut-of", fabric=fabric.called))
    if not any(one.count for one in not_booked(cloth.cuts, before, stage)):
        raise DraftError("fabric", message("leftovers-were-put-back", fabric=fabric.called))
    document = shelf_document(kept, after_cutting(shelf_cloth(kept), cloth, cutting.unit))
    known = all_booked(cloth.cuts, stage, before).items()
    return Booking(
        kept,
        document,
        [
            ThingChange("booked", write_staged(mark.what, mark.stage), amount, to=True)
            for mark, amount in known
        ],
    )


def cutting_asked(asked: PrintIn, shelf: Shelf, table: KeptTable) -> tuple[Cutting, TableStanding]:
    """The cutting that is to be printed, and how its table stands."""
    return _at_the_table(asked.document, asked.stage, shelf, table)


def templates_asked(asked: PrintIn) -> tuple[Draft, list[Template]]:
    """A draft and the templates that are to be printed."""
    draft = take_block(asked.document)
    return draft, templates_of(plan_stage(draft, asked.stage))


def foundations_asked(asked: PrintIn) -> tuple[Draft, list[FoundationSection]]:
    """A draft and the foundations that are to be printed. Raises `DraftError` where no unit is sewn
    on one.
    """
    draft = take_block(asked.document)
    sections = foundations_of(plan_stage(draft, asked.stage))
    if not sections:
        raise DraftError("making.methods", message("no-unit-is-made-on-a-foundation"))
    return draft, sections


def from_trial(asked: PrintIn, found: Cutting, trial: Trial | None) -> Sequence[Text]:
    """What a trial block says for the rest, where that is what is cut."""
    return for_the_rest(trial, found.draft) if trial and asked.stage == "rest" else []


def sheets(asked: PrintIn, shelf: Shelf, table: KeptTable) -> bytes:
    """Which sheets there are to print."""
    known = sheets_of(cutting_asked(asked, shelf, table)[0])
    return as_bytes(
        RootModel([PaperSheetOut(name=name, words=sheet_words(name)) for name in known])
    )
