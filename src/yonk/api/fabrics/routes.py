"""Routes of the fabric shelf and of shopping."""

from __future__ import annotations

import json
from fractions import Fraction

from fastapi import APIRouter
from starlette.concurrency import run_in_threadpool

from yonk.api.fabrics import answers
from yonk.api.fabrics.kept import all_of
from yonk.api.fabrics.schemas import (
    PresetOut,
    ShelfFabricIn,
    ShelfFabricOut,
    ShoppingIn,
    ShoppingLineOut,
)
from yonk.api.fabrics.view import shelf_fabric_out
from yonk.api.session import BlockId, Db
from yonk.api.wire import ERRORS
from yonk.api.work import WorkerGiven
from yonk.core.cutting import FAT_EIGHTH, FAT_QUARTER
from yonk.core.paper import DraftError, LengthUnit, message, typed_length, write_exact, write_typed
from yonk.store import blocks, fabrics

router = APIRouter(prefix="/api")


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
    kept = fabrics.change_fabric(
        db, fabric_id, asked.name.strip(), _document(asked), asked.revision or 0
    )
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
        "in": (
            (message("half-yard"), "40", "18"),
            (message("precut-square-10"), "10", "10"),
            (message("precut-square-5"), "5", "5"),
            (message("precut-strip"), "40", "5/2"),
        ),
        "cm": (
            (message("half-metre"), "100", "50"),
            (message("precut-square-25"), "25", "25"),
            (message("precut-square-12-5"), "12.5", "12.5"),
            (message("precut-strip"), "100", "6.5"),
        ),
    }[unit]
    rows = [
        (message("fat-quarter"), *FAT_QUARTER[unit]),
        (message("fat-eighth"), *FAT_EIGHTH[unit]),
        *((name, Fraction(width), Fraction(length)) for name, width, length in named),
    ]
    return [
        PresetOut(name=name, width=write_typed(width, unit), length=write_typed(length, unit))
        for name, width, length in rows
    ]


@router.post("/shopping", response_model=list[ShoppingLineOut], responses=ERRORS)
async def shopping(asked: ShoppingIn, db: Db, work: WorkerGiven) -> list[ShoppingLineOut]:
    """What to buy for several blocks, each cloth laid out once for all of them."""
    shelf = await run_in_threadpool(lambda: all_of(fabrics.all_fabrics(db)))
    documents = await run_in_threadpool(
        lambda: [blocks.live_block(db, one).document for one in asked.blocks]
    )
    found: list[ShoppingLineOut] = await work.heavy(answers.shopping, documents, shelf)
    return found


def _document(asked: ShelfFabricIn) -> str:
    if not asked.name.strip():
        raise DraftError("name", message("fabric-needs-a-name"))
    pieces = [
        {
            "width": write_exact(
                typed_length(piece.width, f"pieces.{number}.width", "cloth", asked.unit)
            ),
            "length": write_exact(
                typed_length(piece.length, f"pieces.{number}.length", "cloth", asked.unit)
            ),
            "count": piece.count,
        }
        for number, piece in enumerate(asked.pieces)
    ]
    known = asked.model_dump(exclude={"name", "revision", "pieces"}) | {"pieces": pieces}
    return json.dumps(known, ensure_ascii=False)
