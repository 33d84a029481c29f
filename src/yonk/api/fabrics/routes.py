"""Routes of the fabric shelf and of shopping."""

from __future__ import annotations

import json
from fractions import Fraction
from typing import Annotated

from fastapi import APIRouter, Query, Request, Response
from fastapi import Path as PathParameter
from starlette.concurrency import run_in_threadpool

from yonk.api.fabrics import answers
from yonk.api.fabrics.kept import all_of
from yonk.api.fabrics.schemas import (
    ChangedFabricOut,
    ColoursOut,
    DyeOut,
    FabricsOfIn,
    PresetOut,
    SeenClothOut,
    ShelfFabricIn,
    ShelfFabricOut,
    ShoppingIn,
    ShoppingOut,
)
from yonk.api.fabrics.view import changed_on_shelf, dye_out, shelf_fabric_out
from yonk.api.session import BlockId, Db
from yonk.api.shown import cloth_picture_out
from yonk.api.wire import ERRORS
from yonk.api.work import WorkerGiven
from yonk.core.cutting import FAT_EIGHTH, FAT_QUARTER, typed_price
from yonk.core.paper import (
    ClothPicture,
    DraftError,
    Fabric,
    LengthUnit,
    PictureTold,
    dyes,
    length_fault,
    message,
    next_fabric,
    shades,
    tidy_labels,
    typed_colour,
    typed_length,
    write_exact,
    write_typed,
)
from yonk.core.planning import colour_difference
from yonk.files.cloth_picture import (
    ClothTile,
    Ends,
    cloth_tile,
    picture_digest,
    picture_file,
)
from yonk.store import blocks, cloth_pictures, fabrics
from yonk.store.fabrics import KeptFabric

router = APIRouter(prefix="/api")


@router.get("/fabrics", response_model=list[ShelfFabricOut], responses=ERRORS)
def shelf(db: Db, like: Annotated[str, Query(max_length=40)] = "") -> list[ShelfFabricOut]:
    """The fabric shelf by name; those first that look most `like` a colour, where one is given."""
    found = [shelf_fabric_out(kept) for kept in fabrics.all_fabrics(db)]
    if not like:
        return found
    wanted = typed_colour(like, "like")
    return sorted(found, key=lambda one: colour_difference(wanted, one.colour.lower()))


@router.get("/fabrics/next", response_model=DyeOut, responses=ERRORS)
def next_one(db: Db) -> DyeOut:
    """What a new fabric of the shelf begins as: the next of the row of dyes that is not there."""
    there = [shelf_fabric_out(kept) for kept in fabrics.all_fabrics(db)]
    found = next_fabric([Fabric(key="", name=one.name, colour=one.colour) for one in there])
    return dye_out(found)


@router.post("/fabrics/changed", response_model=list[ChangedFabricOut], responses=ERRORS)
def changed(asked: FabricsOfIn, db: Db) -> list[ChangedFabricOut]:
    """Which fabrics of a block or a quilt are another on the shelf since they were taken from it;
    nothing is changed.
    """
    return changed_on_shelf(asked.document, all_of(fabrics.all_fabrics(db)))


@router.get("/colours", response_model=ColoursOut, responses=ERRORS)
def colours(of: Annotated[str, Query(max_length=200)]) -> ColoursOut:
    """A colour as typed, darker and lighter, beside the row of dyes; stateless."""
    colour = typed_colour(of)
    row = [dye_out(one) for one in dyes()]
    return ColoursOut(colour=colour, shades=list(shades(colour)), dyes=row)


@router.post("/fabrics", response_model=ShelfFabricOut, status_code=201, responses=ERRORS)
def put(asked: ShelfFabricIn, db: Db) -> ShelfFabricOut:
    """Put a fabric on the shelf."""
    return shelf_fabric_out(fabrics.put_fabric(db, asked.name.strip(), _document(asked)))


@router.put("/fabrics/{fabric_id}", response_model=ShelfFabricOut, responses=ERRORS)
def change(fabric_id: BlockId, asked: ShelfFabricIn, db: Db) -> ShelfFabricOut:
    """Change a fabric of the shelf, unless it was changed since the revision that was seen."""
    document = _document(asked, fabrics.one_fabric(db, fabric_id))
    kept = fabrics.change_fabric(db, fabric_id, asked.name.strip(), document, asked.revision or 0)
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


@router.post("/cloth", response_model=SeenClothOut, status_code=201, responses=ERRORS)
async def put_cloth(  # the photo is the body, so all else is in the address
    request: Request,
    db: Db,
    work: WorkerGiven,
    part: Annotated[list[float], Query(min_length=4, max_length=4)],
    line: Annotated[list[float], Query(min_length=4, max_length=4)],
    length: Annotated[str, Query(max_length=40)],
    unit: LengthUnit = "in",
) -> SeenClothOut:
    """Keep a picture of a cloth, made from a photo that is sent as it is. `part` shows the print,
    `line` lies over a known `length`; both by two spots as shares of the photo's width and height.
    """
    far = typed_length(length, "length", "cloth_seen", unit)
    ends = _two_spots(part, "part"), _two_spots(line, "line")
    tile: ClothTile = await work.heavy(cloth_tile, await request.body(), *ends, far)
    for side, long in (("width", tile.width), ("height", tile.height)):
        if fault := length_fault(long, "cloth_seen", unit):
            raise DraftError(side, fault)
    digest = picture_digest(tile.content)
    await run_in_threadpool(cloth_pictures.keep_picture, db, digest, tile.content)
    picture = ClothPicture(file=picture_file(digest), width=tile.width, height=tile.height)
    shown = cloth_picture_out(picture)
    assert shown, "it was just made"
    return SeenClothOut(picture=shown, colour=tile.colour, value=tile.value)


@router.get("/cloth/{digest}.jpg", response_class=Response, responses=ERRORS)
def cloth(digest: Annotated[str, PathParameter(pattern="^[0-9a-f]{32}$")], db: Db) -> Response:
    """A picture of a cloth, which stays what it is."""
    content = cloth_pictures.picture_content(db, digest)
    kept = {"Cache-Control": "private, max-age=31536000, immutable"}
    return Response(content, media_type="image/jpeg", headers=kept)


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


@router.post("/shopping", response_model=ShoppingOut, responses=ERRORS)
async def shopping(asked: ShoppingIn, db: Db, work: WorkerGiven) -> ShoppingOut:
    """What to buy for several blocks, each cloth laid out once for all of them."""
    shelf = await run_in_threadpool(lambda: all_of(fabrics.all_fabrics(db)))
    documents = await run_in_threadpool(
        lambda: [blocks.live_block(db, one).document for one in asked.blocks]
    )
    found: ShoppingOut = await work.heavy(answers.shopping, documents, shelf)
    return found


def _two_spots(shares: list[float], place: str) -> Ends:
    if not all(0 <= share <= 1 for share in shares):
        raise DraftError(place, message("must-be-from-to", least=0, most=1))
    return (shares[0], shares[1]), (shares[2], shares[3])


def _document(asked: ShelfFabricIn, before: KeptFabric | None = None) -> str:
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
    told_apart = {"name", "revision", "pieces", "picture", "price", "currency"}
    known = asked.model_dump(exclude=told_apart) | {"pieces": pieces}
    known["piles"] = [*tidy_labels(asked.piles, "piles")]
    if asked.picture:
        told = PictureTold(**asked.picture.model_dump()).read(asked.unit)
        assert told, "one with a file is there"
        known["picture"] = {
            "file": told.file,
            "width": write_exact(told.width),
            "height": write_exact(told.height),
        }
    amount = typed_price(asked.price, "price")
    if amount is not None:
        known["price"] = {"amount": str(amount), "currency": asked.currency.strip()}
    if before and before.owner:  # what somebody else paid, and where, is hers: it was not seen
        hers = json.loads(before.document)
        known |= {name: hers[name] for name in ("price", "bought_at") if name in hers}
    return json.dumps(known, ensure_ascii=False)
