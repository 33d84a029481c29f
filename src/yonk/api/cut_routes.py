"""Routes of the cutting: lists and layouts, what is ticked, the fabric shelf, shopping."""

from __future__ import annotations

import json
from collections import Counter
from fractions import Fraction
from typing import cast
from urllib.parse import quote

from fastapi import APIRouter, Response
from sqlalchemy.orm import Session

from yonk.api.cut_schemas import (
    CutIn,
    CutOutPlan,
    DoneIn,
    MarksIn,
    PresetOut,
    PrintIn,
    ShelfFabricIn,
    ShelfFabricOut,
    ShoppingIn,
    ShoppingLineOut,
)
from yonk.api.cut_view import all_of, cutting_of, cutting_view, shelf_cloth, shelf_document, shelf_fabric_out
from yonk.api.routes import ERRORS, Db
from yonk.api.view import DARK_INK, LIGHT_INK
from yonk.core.contrast import luminance
from yonk.core.cutting.cloth import FAT_EIGHTH, FAT_QUARTER
from yonk.core.cutting.in_words import bought, fat_quarters
from yonk.core.cutting.progress import (
    NO_MARKS,
    Mark,
    Marks,
    MarkStage,
    all_booked,
    carried_over,
    not_booked,
)
from yonk.core.cutting.shelf import after_cutting
from yonk.core.cutting.shopping import Bought, shopping_list
from yonk.core.cutting.templates import templates
from yonk.core.cutting_stage import Cutting
from yonk.core.draft import Draft, DraftError, Unit, typed_length
from yonk.core.measure import write_exact, write_typed
from yonk.core.plan import make_plan
from yonk.core.stages import plan_stage
from yonk.files.block_file import read_block, take_block
from yonk.files.cut_drawings import write_layouts_svg, write_templates_dxf, write_templates_svg
from yonk.files.cut_mark import read_mark, read_old_mark, write_mark
from yonk.files.cutting_csv import write_cutting_csv
from yonk.files.cutting_pdf import write_cutting_pdf
from yonk.files.cutting_xlsx import write_cutting_xlsx
from yonk.files.labels_pdf import write_labels_pdf
from yonk.files.steps_pdf import write_steps_pdf
from yonk.files.templates_pdf import write_templates_pdf
from yonk.store import blocks, cutting, fabrics

router = APIRouter(prefix="/api")
PDF = "application/pdf"
XLSX = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet"


@router.post("/cut", response_model=CutOutPlan, responses=ERRORS)
def cut(asked: CutIn, db: Db) -> CutOutPlan:
    """The complete cutting list of a stage with its layouts, and what of it is ticked."""
    shelf = all_of(fabrics.all_fabrics(db))
    draft = take_block(asked.document)
    marks = _marks_of(db, asked.block_id, draft) if asked.block_id else NO_MARKS
    return cutting_view(cutting_of(draft, asked.stage, shelf, marks), shelf, marks)


@router.put("/blocks/{block_id}/cut-marks", status_code=204, responses=ERRORS)
def tick(block_id: str, asked: MarksIn, db: Db) -> None:
    """Keep how much of some cuts is cut."""
    blocks.one_block(db, block_id)
    marks = [cutting.KeptMark(one.stage, write_mark(read_mark(one.cut)), done=one.done) for one in asked.marks]
    cutting.mark(db, block_id, marks, asked.revision)


def _marks_of(db: Session, block_id: str, draft: Draft) -> Marks:
    """What is kept of a block's cutting; ticks of an older kind are carried over first."""
    old = [one for text, count in cutting.old_marks_of(db, block_id).items() if (one := read_old_mark(text, count))]
    if old:
        carried = carried_over(old, plan_stage(draft, "trial").cuts, plan_stage(draft, "all").cuts)
        kept = [cutting.KeptMark(mark.stage, write_mark(mark.what), amount) for mark, amount in carried.items()]
        cutting.carry_over(db, block_id, kept, 1)
    rows = [(Mark(cast(MarkStage, one.stage), read_mark(one.cut)), one) for one in cutting.marks_of(db, block_id)]
    return Marks({mark: one.done for mark, one in rows}, {mark: one.booked for mark, one in rows})


@router.get("/fabrics", response_model=list[ShelfFabricOut], responses=ERRORS)
def shelf(db: Db) -> list[ShelfFabricOut]:
    """The fabric shelf."""
    return [shelf_fabric_out(kept) for kept in fabrics.all_fabrics(db)]


@router.post("/fabrics", response_model=ShelfFabricOut, status_code=201, responses=ERRORS)
def put(asked: ShelfFabricIn, db: Db) -> ShelfFabricOut:
    """Put a fabric on the shelf."""
    return shelf_fabric_out(fabrics.put_fabric(db, asked.name.strip(), _document(asked)))


@router.put("/fabrics/{fabric_id}", response_model=ShelfFabricOut, responses=ERRORS)
def change(fabric_id: str, asked: ShelfFabricIn, db: Db) -> ShelfFabricOut:
    """Change a fabric of the shelf, unless it was changed since the revision that was seen."""
    kept = fabrics.change_fabric(db, fabric_id, asked.name.strip(), _document(asked), asked.revision or 0)
    return shelf_fabric_out(kept)


@router.delete("/fabrics/{fabric_id}", status_code=204, responses=ERRORS)
def take_away(fabric_id: str, db: Db) -> None:
    """Take a fabric off the shelf; it can be brought back."""
    fabrics.take_away(db, fabric_id)


@router.post("/fabrics/{fabric_id}/restore", response_model=ShelfFabricOut, responses=ERRORS)
def bring_back(fabric_id: str, db: Db) -> ShelfFabricOut:
    """Bring a fabric back on the shelf."""
    fabrics.take_away(db, fabric_id, back=True)
    return shelf_fabric_out(fabrics.one_fabric(db, fabric_id))


@router.get("/cloth-sizes/{unit}", response_model=list[PresetOut])
def presets(unit: Unit) -> list[PresetOut]:
    """The usual sizes of cloth on hand."""
    named = {
        "in": (("half a yard", "40", "18"), ("precut square 10", "10", "10"), ("precut square 5", "5", "5"), ("precut strip", "40", "5/2")),
        "cm": (("half a metre", "100", "50"), ("precut square 25", "25", "25"), ("precut square 12.5", "12.5", "12.5"), ("precut strip", "100", "6.5")),
    }[unit]  # fmt: skip
    rows = [
        ("fat quarter", *FAT_QUARTER[unit]),
        ("fat eighth", *FAT_EIGHTH[unit]),
        *((name, Fraction(width), Fraction(length)) for name, width, length in named),
    ]
    return [
        PresetOut(name=name, width=write_typed(width, unit), length=write_typed(length, unit))
        for name, width, length in rows
    ]


@router.post("/shopping", response_model=list[ShoppingLineOut], responses=ERRORS)
def shopping(asked: ShoppingIn, db: Db) -> list[ShoppingLineOut]:
    """What to buy for several blocks, each cloth laid out once for all of them."""
    shelf = all_of(fabrics.all_fabrics(db))
    plans = [make_plan(read_block(blocks.one_block(db, block_id).document)) for block_id in asked.blocks]
    found = shopping_list(plans, {name: shelf_cloth(kept) for name, kept in shelf.items()})
    return [_shopping_line(one, shelf) for one in found]


def _shopping_line(one: Bought, shelf: dict[str, fabrics.KeptFabric]) -> ShoppingLineOut:
    fabric, cloth = one.fabric, one.cloth
    on_hand = Counter(layout.source.name for layout in cloth.layouts if not layout.bought)
    return ShoppingLineOut(
        name=shelf[one.shelf].name if one.shelf else fabric.name, colour=fabric.colour,
        ink=DARK_INK if luminance(fabric.colour) > 0.18 else LIGHT_INK,
        value=fabric.value, print=fabric.print, buy=bought(cloth.buy, one.unit),
        fat_quarters=fat_quarters(cloth.fat_quarters), from_shelf=[f"{n} of {name}" for name, n in on_hand.items()],
        blocks=list(one.blocks),
    )  # fmt: skip


@router.post("/cut/done", response_model=ShelfFabricOut, responses=ERRORS)
def cutting_done(asked: DoneIn, db: Db) -> ShelfFabricOut:
    """Take what was cut of a tied fabric off the shelf, and put the leftovers worth keeping on it: all or nothing."""
    draft = take_block(asked.document)
    fabric = draft.fabric(asked.fabric)
    revision = blocks.one_block(db, asked.block_id).revision
    marks = _marks_of(db, asked.block_id, draft)
    shelf = all_of(fabrics.all_fabrics(db))
    if fabric.shelf not in shelf:
        raise DraftError("fabric", f"{fabric.name} is tied to none of the fabric shelf")
    kept = shelf[fabric.shelf]
    cloths = cutting_of(draft, asked.stage, shelf, marks).cloths
    cloth = next((one for one in cloths if one.fabric == fabric.key), None)
    if cloth is None:
        raise DraftError("fabric", f"nothing is cut of {fabric.name}")
    if not any(one.count for one in not_booked(cloth.cuts, marks.booked, asked.stage)):
        raise DraftError("fabric", f"the leftovers of {fabric.name} were put on the shelf already")
    document = shelf_document(kept, after_cutting(shelf_cloth(kept), cloth, draft.unit))
    fabrics.change_within(db, kept.id, kept.name, document, kept.revision)
    booked = all_booked(cloth.cuts, asked.stage, marks.booked).items()
    cutting.mark_booked(
        db, asked.block_id,
        [cutting.KeptMark(mark.stage, write_mark(mark.what), booked=amount) for mark, amount in booked], revision,
    )  # fmt: skip
    db.commit()
    return shelf_fabric_out(fabrics.one_fabric(db, kept.id))


def _cutting(asked: PrintIn, db: Session) -> Cutting:
    return cutting_of(take_block(asked.document), asked.stage, all_of(fabrics.all_fabrics(db)))


def _file(content: str | bytes, media: str, name: str) -> Response:
    return Response(
        content, media_type=media, headers={"Content-Disposition": f"attachment; filename*=UTF-8''{quote(name)}"}
    )


@router.post("/files/cutting.pdf", response_class=Response, responses=ERRORS)
def cutting_pdf(asked: PrintIn, db: Db) -> Response:
    """The cutting list with its layouts, on paper."""
    found = _cutting(asked, db)
    return _file(write_cutting_pdf(found, asked.paper), PDF, f"{found.draft.name} cutting list.pdf")


@router.post("/files/steps.pdf", response_class=Response, responses=ERRORS)
def steps_pdf(asked: PrintIn) -> Response:
    """The step sheets of the recipes."""
    plan = plan_stage(take_block(asked.document), asked.stage)
    return _file(write_steps_pdf(plan, asked.paper), PDF, f"{plan.reading.draft.name} steps.pdf")


@router.post("/files/templates.pdf", response_class=Response, responses=ERRORS)
def templates_pdf(asked: PrintIn) -> Response:
    """Templates at true size."""
    draft = take_block(asked.document)
    shapes = templates(plan_stage(draft, asked.stage))
    return _file(write_templates_pdf(shapes, draft.unit, draft.name, asked.paper), PDF, f"{draft.name} templates.pdf")


@router.post("/files/labels.pdf", response_class=Response, responses=ERRORS)
def labels_pdf(asked: PrintIn, db: Db) -> Response:
    """Labels for the stacks."""
    found = _cutting(asked, db)
    return _file(write_labels_pdf(found, asked.paper), PDF, f"{found.draft.name} labels.pdf")


@router.post("/files/cutting.csv", response_class=Response, responses=ERRORS)
def cutting_csv(asked: PrintIn) -> Response:
    """The cutting list of a stage as CSV."""
    plan = plan_stage(take_block(asked.document), asked.stage)
    return _file(write_cutting_csv(plan), "text/csv; charset=utf-8", f"{plan.reading.draft.name} cutting list.csv")


@router.post("/files/cutting.xlsx", response_class=Response, responses=ERRORS)
def cutting_xlsx(asked: PrintIn, db: Db) -> Response:
    """The cutting list as a spreadsheet."""
    found = _cutting(asked, db)
    return _file(write_cutting_xlsx(found), XLSX, f"{found.draft.name} cutting list.xlsx")


@router.post("/files/layouts.svg", response_class=Response, responses=ERRORS)
def layouts_svg(asked: PrintIn, db: Db) -> Response:
    """The layouts at true size."""
    found = _cutting(asked, db)
    return _file(write_layouts_svg(found), "image/svg+xml", f"{found.draft.name} layouts.svg")


@router.post("/files/templates.svg", response_class=Response, responses=ERRORS)
def templates_svg(asked: PrintIn) -> Response:
    """Templates as SVG at true size."""
    draft = take_block(asked.document)
    text = write_templates_svg(templates(plan_stage(draft, asked.stage)), draft.unit)
    return _file(text, "image/svg+xml", f"{draft.name} templates.svg")


@router.post("/files/templates.dxf", response_class=Response, responses=ERRORS)
def templates_dxf(asked: PrintIn) -> Response:
    """Templates for a cutting machine."""
    draft = take_block(asked.document)
    text = write_templates_dxf(templates(plan_stage(draft, asked.stage)), draft.unit)
    return _file(text, "image/vnd.dxf", f"{draft.name} templates.dxf")


def _document(asked: ShelfFabricIn) -> str:
    if not asked.name.strip():
        raise DraftError("name", "is missing; give the fabric a name")
    pieces = [
        {
            "width": write_exact(typed_length(piece.width, f"pieces.{number}.width", "cloth", asked.unit)),
            "length": write_exact(typed_length(piece.length, f"pieces.{number}.length", "cloth", asked.unit)),
            "count": piece.count,
        }
        for number, piece in enumerate(asked.pieces)
    ]
    known = asked.model_dump(exclude={"name", "revision", "pieces"}) | {"pieces": pieces}
    return json.dumps(known, ensure_ascii=False)
