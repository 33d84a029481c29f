"""What a thing on the table is, as text: one text for each thing, to keep and to send."""

from __future__ import annotations

import json
from typing import Annotated, get_args

from pydantic import BaseModel, ConfigDict, Field, TypeAdapter, ValidationError

from yonk.core.cutting import StagedCut
from yonk.core.paper import DraftError, message, write_exact
from yonk.core.planning import StageName
from yonk.core.table import CutOnTable, PiecedPatch, PieceOnTable, ToldKind, ToldThing
from yonk.core.units import CutKey
from yonk.files.cut_mark import read_mark, write_mark
from yonk.files.exact import Key, Positive

_DIGEST = TypeAdapter(Annotated[str, Field(pattern="^[0-9a-f]{64}$")])
_KEY = TypeAdapter(Key)


class _PieceIn(BaseModel):
    model_config = ConfigDict(extra="forbid", frozen=True)

    fabric: Key
    width: Positive
    height: Positive


def write_staged(what: CutKey, stage: StageName) -> str:
    """A cut for some of the blocks, as text."""
    return f"{stage} {write_mark(what)}"


def read_staged(text: str) -> tuple[StageName, CutKey]:
    """The cut that a text tells. Raises `DraftError` where it tells none."""
    name, _, mark = text.partition(" ")
    stage: StageName | None = next((one for one in get_args(StageName) if one == name), None)
    if stage is None:
        raise DraftError("cut", message("names-no-cut"))
    return stage, read_mark(mark)


def write_piece(piece: PieceOnTable) -> str:
    """A piece of cloth as text, however many there are."""
    told = {
        "fabric": piece.fabric,
        "width": write_exact(piece.width),
        "height": write_exact(piece.height),
    }
    return json.dumps(told, ensure_ascii=False, separators=(",", ":"))


def read_piece(text: str, count: int = 1) -> PieceOnTable:
    """So many of the piece that a text tells. Raises `DraftError` where it tells none."""
    try:
        read = _PieceIn.model_validate_json(text)
    except (ValidationError, RecursionError):
        raise DraftError("changes", message("names-no-piece")) from None
    return PieceOnTable(read.fabric, read.width, read.height, count)


class _PiecedIn(BaseModel):
    model_config = ConfigDict(extra="forbid", frozen=True)

    cut: str
    longer: Positive
    strip: Positive


def write_pieced(one: PiecedPatch) -> str:
    """A patch that is pieced from two as text, however many there are."""
    told = {
        "cut": write_mark(one.what),
        "longer": write_exact(one.longer),
        "strip": write_exact(one.strip),
    }
    return json.dumps(told, ensure_ascii=False, separators=(",", ":"))


def read_pieced(text: str, count: int = 1) -> PiecedPatch:
    """So many of the patches that a text tells. Raises `DraftError` where it tells none."""
    try:
        read = _PiecedIn.model_validate_json(text)
    except (ValidationError, RecursionError):
        raise DraftError("changes", message("names-no-piece")) from None
    return PiecedPatch(read_mark(read.cut), read.longer, read.strip, count)


def write_told(thing: ToldThing) -> str:
    """What a printed sheet tells of, as text."""
    return f"{thing.stage} {thing.thing}" if thing.kind == "cut" else thing.thing


def read_told(kind: ToldKind, text: str) -> ToldThing:
    """The same back again. Raises `DraftError` where it tells nothing of its kind."""
    if kind != "cut":
        return ToldThing(kind, text)
    stage, what = read_staged(text)
    return ToldThing(kind, write_mark(what), stage)


def same_thing(kind: str, text: str) -> str:
    """A thing's text as it is kept. Raises `DraftError` where it tells nothing of its kind."""
    if kind in ("cut", "booked"):
        stage, what = read_staged(text)
        return write_staged(what, stage)
    if kind in ("spoiled", "cloth"):
        return write_piece(read_piece(text))
    if kind == "pieced":
        return write_pieced(read_pieced(text))
    try:
        return (_KEY if kind == "only" else _DIGEST).validate_python(text)
    except ValidationError:
        raise DraftError("changes", message("names-no-piece")) from None


def read_lying(text: str, count: int) -> CutOnTable:
    """So many of the cut that a text tells."""
    stage, what = read_staged(text)
    return CutOnTable.known(what, count, stage)


def read_booked(text: str) -> StagedCut:
    """Of which cut the shelf knows."""
    stage, what = read_staged(text)
    return StagedCut("trial" if stage == "trial" else "rest", what)
