"""Routes of a draft: acts, SVG, the size chart, the tray; stateless."""

from __future__ import annotations

from fractions import Fraction
from functools import lru_cache
from typing import Annotated, Any

from fastapi import APIRouter, Query, Request, Response

from yonk.api.draft import answers
from yonk.api.draft.schemas import (
    ActsIn,
    ChartIn,
    ChartRowOut,
    DraftOut,
    SeenIn,
    SeenSeamOut,
    StampOut,
    StampPartOut,
    SvgIn,
    SvgOut,
)
from yonk.api.wire import ERRORS, as_json
from yonk.api.work import WorkerGiven
from yonk.core.acts import stamp_of
from yonk.core.paper import Draft, DraftError, Fabric, message
from yonk.core.planning import read
from yonk.core.units import KINDS, Stamp, UnitKind, UnitKindName, kind_named
from yonk.files.block_file import block_schema

router = APIRouter(prefix="/api")


@router.post("/draft", response_model=DraftOut, responses=ERRORS)
async def work_on_draft(asked: ActsIn, work: WorkerGiven) -> Response:
    """Apply acts to a draft and read what comes of it; nothing is stored."""
    return as_json(await work.on_draft(asked.document, answers.worked_on, asked))


@router.get("/tray", response_model=list[StampOut])
def tray() -> list[StampOut]:
    """The kinds of unit that can be put into cells, with their pictures."""
    return _tray()


@router.get("/tray/{unit}", response_model=StampOut, responses=ERRORS)
def unit_in_hand(
    unit: UnitKindName, divide: Annotated[str, Query(max_length=200)] = ""
) -> StampOut:
    """A kind of unit as it is put in when it is divided so."""
    stamp = stamp_of(unit, divide)
    if stamp is None:
        raise DraftError("unit", message("is-drawn-with-seams"))
    return _stamp_out(kind_named(unit, "unit"), stamp)


@router.post("/picture/straight", responses=ERRORS, response_class=Response)
async def picture_straight(
    request: Request,
    work: WorkerGiven,
    corners: Annotated[list[float], Query(min_length=8, max_length=8)],
    ratio: Annotated[float, Query(ge=0.05, le=20)] = 1,
) -> Response:
    """A photo of a block, sent as it is, laid straight by its corners (as shares of the photo's
    width and height: upper left, upper right, lower right, lower left).
    """
    pairs = list(zip(corners[::2], corners[1::2], strict=True))
    jpeg = await work.heavy(answers.laid_straight, await request.body(), pairs, ratio)
    return Response(jpeg, media_type="image/jpeg")


@router.post("/picture/seams", response_model=list[SeenSeamOut], responses=ERRORS)
async def picture_seams(asked: SeenIn, work: WorkerGiven) -> list[SeenSeamOut]:
    """The seams that are seen in a straightened picture of a block; nothing is drawn."""
    found: list[SeenSeamOut] = await work.heavy(answers.seen_in_picture, asked)
    return found


@router.post("/draft/from-svg", response_model=SvgOut, responses=ERRORS)
async def seams_from_svg(asked: SvgIn, work: WorkerGiven) -> Response:
    """A draft with its seams taken from an SVG drawing; nothing is stored."""
    return as_json(await work.heavy(answers.from_svg, asked))


@router.post("/draft/sizes", response_model=list[ChartRowOut], responses=ERRORS)
async def sizes(asked: ChartIn, work: WorkerGiven) -> Response:
    """The size chart of a draft: what every letter is cut to over a range of finished widths."""
    return as_json(await work.on_draft(asked.document, answers.sizes, asked))


@router.get("/schema/block.json")
def schema() -> dict[str, Any]:
    """The JSON Schema of a block file."""
    return block_schema()


@lru_cache(maxsize=1)
def _tray() -> list[StampOut]:
    return [_stamp_out(kind, kind.stamp) for kind in KINDS if kind.stamp]


def _stamp_out(kind: UnitKind, stamp: Stamp) -> StampOut:
    hand = ("0", "1", "2", "3")
    motif = stamp.motif(hand)
    one = Fraction(1)
    columns, rows = stamp.span
    drawn = Draft(
        name="",
        unit="in",
        width=Fraction(columns),
        height=Fraction(rows),
        columns=(one,),
        rows=(one,),
        seams=motif.seams,
        fabrics=tuple(Fabric(key=key, name=key, colour="#000000") for key in hand),
        paints=motif.paints,
    )
    reading = read(drawn)
    scale = reading.drawing.scale
    parts = [
        StampPartOut(outline=[(x / scale, y / scale) for x, y in face.ring], fabric=int(fabric))
        for face, fabric in zip(reading.drawing.faces, reading.fabrics, strict=True)
    ]
    return StampOut(
        kind=kind.kind,
        words=kind.words,
        columns=columns,
        rows=rows,
        parts=parts,
        division=kind.usual_division,
    )
