"""The making of a quilt top: the whole list, what is booked, files to take along."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace

from yonk.api.cut.answers import Booking, booking
from yonk.api.fabrics.kept import Shelf, shelf_cloth
from yonk.api.measuring.trial import Trial
from yonk.api.quilts.answers import planned
from yonk.api.top.schemas import TopDoneIn, TopIn, TopPrintIn
from yonk.api.top.view import top_cutting_view, top_sewing_view
from yonk.api.wire import PDF, SVG, XLSX, as_bytes
from yonk.core.cutting import NO_MARKS, Booked, Marks, pieces_of_fabric, templates_of
from yonk.core.measuring import measurables, still_counting
from yonk.core.planning import Plan, make_plan
from yonk.core.pressing import sewing_plan
from yonk.core.setting import Quilt, QuiltPlan, plan_quilt
from yonk.core.top import Judged, TopCutting, diagram_of, made_already, sew_top, whole_list
from yonk.files.cut_drawings import write_layouts_svg
from yonk.files.cutting_xlsx import write_cutting_xlsx
from yonk.files.download import File
from yonk.files.labels_pdf import write_labels_pdf
from yonk.files.paper import one_document
from yonk.files.quilt_drawing import write_diagram_svg
from yonk.files.quilt_file import take_quilt
from yonk.files.quilt_pdf import write_quilt_pdf
from yonk.files.templates_pdf import write_templates_pdf


@dataclass(frozen=True)
class KeptTrial:
    """What is kept of the trial of a block of the shelf, and the revision that the block has."""

    revision: int
    trial: Trial


Trials = Mapping[str, KeptTrial]


def quilt_cut(asked: TopIn, shelf: Shelf, marks: Marks, trials: Trials) -> bytes:
    """The whole list of a quilt."""
    found = top_cutting(asked, shelf, trials, marks)
    return as_bytes(top_cutting_view(found, shelf, marks))


def quilt_booked(asked: TopDoneIn, shelf: Shelf, marks: Marks, trials: Trials) -> Booking:
    """What becomes of the shelf when a fabric is cut. Raises `DraftError` where there is nothing to
    book.
    """
    return booking(top_cutting(asked, shelf, trials, marks), asked.fabric, "all", shelf, marks)


def top_cutting(asked: TopIn, shelf: Shelf, trials: Trials, marks: Marks = NO_MARKS) -> TopCutting:
    """The whole list of a quilt, with what the shelf has and what its trial blocks say."""
    quilt = take_quilt(asked.document)
    on_hand = {
        name: pieces_of_fabric(shelf_cloth(kept), quilt.unit) for name, kept in shelf.items()
    }
    made = made_already(quilt, judged(quilt, trials))
    return whole_list(plan_quilt(quilt, planned), on_hand, Booked(marks.booked, "all"), made)


def judged(quilt: Quilt, trials: Trials) -> dict[str, Judged]:
    """How the trial blocks of a quilt's blocks came out, where they were measured."""
    found = {}
    for one in quilt.blocks:
        kept = trials.get(one.origin)
        if kept is None or not kept.trial.sizes or one.origin in found:
            continue
        plan = sewing_plan(one.draft)
        measured, _ = still_counting(measurables(plan), kept.trial.sizes)
        verdict = kept.trial.verdict(plan, make_plan(one.draft), measured)
        if verdict:
            found[one.origin] = Judged(kept.revision, verdict.verdict)
    return found


def quilt_sewing(asked: TopIn, sewn: Mapping[str, tuple[int, str]]) -> bytes:
    """How a quilt top is sewn, and what of it is done."""
    quilt = take_quilt(asked.document)
    return as_bytes(top_sewing_view(sew_top(plan_quilt(quilt, planned)), sewn))


def quilt_cutting_xlsx(asked: TopPrintIn, shelf: Shelf, trials: Trials) -> File:
    """The whole list as a spreadsheet."""
    found = top_cutting(asked, shelf, trials)
    return File(write_cutting_xlsx(found), XLSX, f"{found.name} cutting list.xlsx")


def quilt_layouts_svg(asked: TopPrintIn, shelf: Shelf, trials: Trials) -> File:
    """The layouts at true size."""
    found = top_cutting(asked, shelf, trials)
    return File(write_layouts_svg(found).encode(), SVG, f"{found.name} layouts.svg")


def quilt_pdf(asked: TopPrintIn, shelf: Shelf, trials: Trials) -> File:
    """Everything on paper, in one document; the templates that are needed at its end."""
    found = top_cutting(asked, shelf, trials)
    plans = found.plan.plans
    made = write_quilt_pdf(found, sew_top(found.plan), plans, asked.paper)
    needed = [one for one in plans.values() if any(cut.shape == "template" for cut in one.cuts)]
    if needed:
        made = one_document([made, _templates(found.plan, needed, asked)])
    return File(made, PDF, f"{found.name}.pdf")


def quilt_templates_pdf(asked: TopPrintIn) -> File:
    """Templates of every block at true size."""
    plan = plan_quilt(take_quilt(asked.document), planned)
    made = _templates(plan, list(plan.plans.values()), asked)
    return File(made, PDF, f"{plan.quilt.name} templates.pdf")


def _templates(plan: QuiltPlan, plans: Sequence[Plan], asked: TopPrintIn) -> bytes:
    shapes = [
        replace(one, letter=f"{block.reading.draft.name} {one.letter}")
        for block in plans
        for one in templates_of(block)
    ]
    return write_templates_pdf(shapes, plan.quilt.unit, plan.quilt.name, asked.paper)


def quilt_labels_pdf(asked: TopPrintIn, shelf: Shelf, trials: Trials) -> File:
    """Labels for the stacks."""
    found = top_cutting(asked, shelf, trials)
    return File(write_labels_pdf(found, asked.paper), PDF, f"{found.name} labels.pdf")


def diagram_svg(asked: TopPrintIn) -> File:
    """The setting diagram."""
    found = sew_top(plan_quilt(take_quilt(asked.document), planned))
    made = write_diagram_svg(found.quilt, diagram_of(found))
    return File(made.encode(), SVG, f"{found.quilt.name}.svg")
