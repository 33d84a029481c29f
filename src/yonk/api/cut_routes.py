"""Routes of the cutting: lists and layouts, what is ticked, the fabric shelf, shopping."""

from __future__ import annotations

import json
from fractions import Fraction
from typing import Any, cast

from fastapi import APIRouter, Response
from sqlalchemy.orm import Session
from starlette.concurrency import run_in_threadpool

from yonk.api import answers
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
from yonk.api.cut_view import all_of, shelf_fabric_out
from yonk.api.routes import ERRORS, BlockId, Db, as_json
from yonk.api.work import Work, Worker
from yonk.core.cutting import FAT_EIGHTH, FAT_QUARTER, NO_MARKS, Mark, Marks, MarkStage
from yonk.core.paper import DraftError, LengthUnit, typed_length, write_exact, write_typed
from yonk.files.cut_mark import read_mark, read_old_mark, write_mark
from yonk.store import blocks, cutting, fabrics

router = APIRouter(prefix="/api")


@router.post("/cut", response_model=CutOutPlan, responses=ERRORS)
async def cut(asked: CutIn, db: Db, work: Work) -> Response:
    """The complete cutting list of a stage with its layouts, and what of it is ticked."""
    shelf = await run_in_threadpool(lambda: all_of(fabrics.all_fabrics(db)))
    marks = await _marks_of(db, work, asked.block_id, asked.document) if asked.block_id else NO_MARKS
    return as_json(await work.on_draft(asked.document, answers.cut, asked, shelf, marks))


@router.put("/blocks/{block_id}/cut-marks", status_code=204, responses=ERRORS)
def tick(block_id: BlockId, asked: MarksIn, db: Db) -> None:
    """Keep how much of some cuts is cut."""
    blocks.live_block(db, block_id)
    marks = [cutting.KeptMark(one.stage, write_mark(read_mark(one.cut)), done=one.done) for one in asked.marks]
    cutting.mark(db, block_id, marks, asked.revision)


async def _marks_of(db: Session, work: Worker, block_id: str, document: dict[str, Any]) -> Marks:
    """What is kept of a block's cutting; ticks of an older kind are carried over first."""
    kept = await run_in_threadpool(cutting.old_marks_of, db, block_id)
    old = [one for text, count in kept.items() if (one := read_old_mark(text, count))]
    if kept:
        carried = await work.on_draft(document, answers.carried, document, old)
        await run_in_threadpool(cutting.carry_over, db, block_id, carried, 1)
    found = await run_in_threadpool(cutting.marks_of, db, block_id)
    rows = [(Mark(cast(MarkStage, one.stage), read_mark(one.cut)), one) for one in found]
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
def change(fabric_id: BlockId, asked: ShelfFabricIn, db: Db) -> ShelfFabricOut:
    """Change a fabric of the shelf, unless it was changed since the revision that was seen."""
    kept = fabrics.change_fabric(db, fabric_id, asked.name.strip(), _document(asked), asked.revision or 0)
    return shelf_fabric_out(kept)


@router.delete("/fabrics/{fabric_id}", status_code=204, responses=ERRORS)
def take_away(fabric_id: BlockId, db: Db) -> None:
    """Take a fabric off the shelf; it can be brought back."""
    fabrics.take_away(db, fabric_id)


@router.post("/fabrics/{fabric_id}/restore", response_model=ShelfFabricOut, responses=ERRORS)
def bring_back(fabric_id: BlockId, db: Db) -> ShelfFabricOut:
    """Bring a fabric back on the shelf."""
    fabrics.take_away(db, fabric_id, back=True)
    return shelf_fabric_out(fabrics.one_fabric(db, fabric_id))


@router.get("/cloth-sizes/{unit}", response_model=list[PresetOut])
def presets(unit: LengthUnit) -> list[PresetOut]:
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
async def shopping(asked: ShoppingIn, db: Db, work: Work) -> list[ShoppingLineOut]:
    """What to buy for several blocks, each cloth laid out once for all of them."""
    shelf = await run_in_threadpool(lambda: all_of(fabrics.all_fabrics(db)))
    documents = await run_in_threadpool(lambda: [blocks.live_block(db, one).document for one in asked.blocks])
    found: list[ShoppingLineOut] = await work.heavy(answers.shopping, documents, shelf)
    return found


@router.post("/cut/done", response_model=ShelfFabricOut, responses=ERRORS)
async def cutting_done(asked: DoneIn, db: Db, work: Work) -> ShelfFabricOut:
    """Take what was cut of a tied fabric off the shelf, and put the leftovers worth keeping on it: all or nothing."""
    kept_block = await run_in_threadpool(blocks.live_block, db, asked.block_id)
    marks = await _marks_of(db, work, asked.block_id, asked.document)
    shelf = await run_in_threadpool(lambda: all_of(fabrics.all_fabrics(db)))
    booking = await work.on_draft(asked.document, answers.booked, asked, shelf, marks)
    return await run_in_threadpool(_book, db, asked.block_id, kept_block.revision, booking)


def _book(db: Session, block_id: str, revision: int, booking: answers.Booking) -> ShelfFabricOut:
    kept = booking.fabric
    fabrics.change_within(db, kept.id, kept.name, booking.document, kept.revision)
    cutting.mark_booked(db, block_id, booking.marks, revision)
    db.commit()
    return shelf_fabric_out(fabrics.one_fabric(db, kept.id))


async def _shelf(db: Session) -> dict[str, fabrics.KeptFabric]:
    return await run_in_threadpool(lambda: all_of(fabrics.all_fabrics(db)))


@router.post("/files/cutting.pdf", response_class=Response, responses=ERRORS)
async def cutting_pdf(asked: PrintIn, db: Db, work: Work) -> Response:
    """The cutting list with its layouts, on paper."""
    return await work.file(asked.document, answers.cutting_pdf, asked, await _shelf(db))


@router.post("/files/steps.pdf", response_class=Response, responses=ERRORS)
async def steps_pdf(asked: PrintIn, work: Work) -> Response:
    """The step sheets of the recipes."""
    return await work.file(asked.document, answers.steps_pdf, asked)


@router.post("/files/templates.pdf", response_class=Response, responses=ERRORS)
async def templates_pdf(asked: PrintIn, work: Work) -> Response:
    """Templates at true size."""
    return await work.file(asked.document, answers.templates_pdf, asked)


@router.post("/files/labels.pdf", response_class=Response, responses=ERRORS)
async def labels_pdf(asked: PrintIn, db: Db, work: Work) -> Response:
    """Labels for the stacks."""
    return await work.file(asked.document, answers.labels_pdf, asked, await _shelf(db))


@router.post("/files/cutting.csv", response_class=Response, responses=ERRORS)
async def cutting_csv(asked: PrintIn, work: Work) -> Response:
    """The cutting list of a stage as CSV."""
    return await work.file(asked.document, answers.cutting_csv, asked)


@router.post("/files/cutting.xlsx", response_class=Response, responses=ERRORS)
async def cutting_xlsx(asked: PrintIn, db: Db, work: Work) -> Response:
    """The cutting list as a spreadsheet."""
    return await work.file(asked.document, answers.cutting_xlsx, asked, await _shelf(db))


@router.post("/files/layouts.svg", response_class=Response, responses=ERRORS)
async def layouts_svg(asked: PrintIn, db: Db, work: Work) -> Response:
    """The layouts at true size."""
    return await work.file(asked.document, answers.layouts_svg, asked, await _shelf(db))


@router.post("/files/templates.svg", response_class=Response, responses=ERRORS)
async def templates_svg(asked: PrintIn, work: Work) -> Response:
    """Templates as SVG at true size."""
    return await work.file(asked.document, answers.templates_svg, asked)


@router.post("/files/templates.dxf", response_class=Response, responses=ERRORS)
async def templates_dxf(asked: PrintIn, work: Work) -> Response:
    """Templates for a cutting machine."""
    return await work.file(asked.document, answers.templates_dxf, asked)


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
