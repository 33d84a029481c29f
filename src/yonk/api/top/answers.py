"""The making of a quilt top: the whole list, what is booked, files to take along."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace

from yonk.api.cut.answers import Booking, booking
from yonk.api.fabrics.kept import Shelf, on_hand_of
from yonk.api.table.kept import KeptTable
from yonk.api.top.schemas import TopDoneIn, TopIn, TopPrintIn
from yonk.api.top.view import top_cutting_view, top_sewing_view
from yonk.api.top.ways_out import quilt_ways_view
from yonk.api.wire import as_bytes
from yonk.core.cutting import Booked, CutsDone, templates_of
from yonk.core.measuring import Trial, judge
from yonk.core.planning import Plan
from yonk.core.setting import Quilt, QuiltPlan, plan_quilt
from yonk.core.table import Paces, TableStanding
from yonk.core.top import Judged, TopCutting, made_already, sew_top, top_at_the_table, whole_list
from yonk.files.quilt_file import take_quilt
from yonk.files.templates_pdf import write_templates_pdf


@dataclass(frozen=True)
class ShelfTrial:
    """What is kept of the trial of a block of the shelf, and the revision that the block has."""

    revision: int
    trial: Trial


Trials = Mapping[str, ShelfTrial]


def quilt_cut(asked: TopIn, shelf: Shelf, table: KeptTable, trials: Trials) -> bytes:
    """The whole list of a quilt."""
    found = top_cutting(asked, shelf, trials, table.booked)
    return as_bytes(top_cutting_view(found, shelf, table, asked.layers))


def printed_cutting(
    asked: TopIn, shelf: Shelf, trials: Trials, table: KeptTable
) -> tuple[TopCutting, TableStanding]:
    """The whole list as it is printed, and how its table stands."""
    found = top_cutting(asked, shelf, trials, table.booked)
    return top_at_the_table(found, table.state)


def quilt_ways(asked: TopIn, shelf: Shelf, table: KeptTable, trials: Trials, paces: Paces) -> bytes:
    """What can be done where there is not enough for a quilt."""
    quilt = take_quilt(asked.document)
    made = made_already(quilt, judged_trials(quilt, trials))
    return as_bytes(quilt_ways_view(quilt, table, shelf, made, paces))


def quilt_booked(asked: TopDoneIn, shelf: Shelf, table: KeptTable, trials: Trials) -> Booking:
    """What becomes of the shelf when a fabric is cut. Raises `DraftError` where there is nothing to
    book.
    """
    cutting = top_cutting(asked, shelf, trials, table.booked)
    return booking(cutting, asked.fabric, "all", shelf, table.booked)


def top_cutting(
    asked: TopIn, shelf: Shelf, trials: Trials, booked: CutsDone | None = None
) -> TopCutting:
    """The whole list of a quilt, with what the shelf has and what its trial blocks say."""
    quilt = take_quilt(asked.document)
    on_hand = on_hand_of(shelf, quilt.unit)
    made = made_already(quilt, judged_trials(quilt, trials))
    return whole_list(plan_quilt(quilt), on_hand, Booked(booked or {}, "all"), made)


def judged_trials(quilt: Quilt, trials: Trials) -> dict[str, Judged]:
    """How the trial blocks of a quilt's blocks came out, where they were measured."""
    found = {}
    for one in quilt.blocks:
        kept = trials.get(one.origin)
        if kept is None or kept.trial.newest.is_empty or one.origin in found:
            continue
        verdict = judge(kept.trial, kept.trial.newest, one.draft).found
        if verdict:
            found[one.origin] = Judged(kept.revision, verdict.verdict)
    return found


def quilt_sewing(asked: TopIn, sewn: Mapping[str, tuple[int, str]]) -> bytes:
    """How a quilt top is sewn, and what of it is done."""
    quilt = take_quilt(asked.document)
    return as_bytes(top_sewing_view(sew_top(plan_quilt(quilt)), sewn))


def templates_of_all(plan: QuiltPlan, plans: Sequence[Plan], asked: TopPrintIn) -> bytes:
    """The templates of some blocks, each called by its block."""
    shapes = [
        replace(one, letter=f"{block.reading.draft.name} {one.letter}")
        for block in plans
        for one in templates_of(block)
    ]
    return write_templates_pdf(shapes, plan.quilt.unit, plan.quilt.name, asked.paper)
