"""Routes of a draft: acts, SVG, the size chart, the tray; stateless."""

from __future__ import annotations

from fractions import Fraction
from functools import lru_cache
from typing import Any

from fastapi import APIRouter, Response

from yonk.api.draft import answers
from yonk.api.draft.schemas import (
    ActsIn,
    ChartIn,
    ChartRowOut,
    DraftOut,
    StampOut,
    StampPartOut,
    SvgIn,
    SvgOut,
)
from yonk.api.wire import ERRORS, as_json
from yonk.api.work import WorkerGiven
from yonk.core.paper import Draft, Fabric
from yonk.core.planning import read
from yonk.core.units import KINDS
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
    out = []
    for kind in KINDS:
        stamp = kind.stamp
        if stamp is None:
            continue
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
        out.append(
            StampOut(
                kind=kind.kind,
                words=kind.words,
                columns=columns,
                rows=rows,
                parts=parts,
                division=kind.usual_division,
            )
        )
    return out
