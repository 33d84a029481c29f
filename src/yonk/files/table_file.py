"""What lies on the table, `yonk-table/1`, and what that says, `yonk-table-plan/1`."""

from __future__ import annotations

import json
from typing import Annotated, Any, Literal

from pydantic import BaseModel, ConfigDict, Field, ValidationError

from yonk.core.paper import COUNTS, Draft, Fault, message, show, write_exact
from yonk.core.planning import Plan
from yonk.core.table import (
    CutNeed,
    CutOnTable,
    PieceOnTable,
    TableLayout,
    TablePiece,
    TableStanding,
    TableState,
    TableWayOut,
    WayOutName,
    check_state,
    sized_standing,
    ways_out_of,
)
from yonk.core.units import CutShape, Subcut
from yonk.files.block_file import BadFileError, fault_of
from yonk.files.exact import FilePart, Key, Positive
from yonk.words import in_words

_MOST_BYTES = 4_000_000  # far more than anybody tells
_MOST_ROWS = 2_000
PieceCount = Annotated[int, Field(ge=1, le=COUNTS["pieces_on_hand"][1])]


class CutOnTableIn(FilePart):
    """So many pieces that are cut, as a row of the plan has them."""

    fabric: Key
    shape: CutShape
    width: Positive
    height: Positive
    subcut: Subcut = "none"
    count: PieceCount


class PieceOnTableIn(FilePart):
    """So many rectangles of a fabric, usable all over."""

    fabric: Key
    width: Positive
    height: Positive
    count: PieceCount = 1


class MadeIn(FilePart):
    """So many units of a label that are sewn and good."""

    label: Annotated[str, Field(pattern="^[0-9]{1,5}$")]
    count: PieceCount


class TableStateIn(FilePart):
    """What lies on the table. A fabric that `cloth` names has only that."""

    format: Literal["yonk-table/1"]
    cut: Annotated[tuple[CutOnTableIn, ...], Field(max_length=_MOST_ROWS)] = ()
    spoiled: Annotated[tuple[PieceOnTableIn, ...], Field(max_length=_MOST_ROWS)] = ()
    made: Annotated[tuple[MadeIn, ...], Field(max_length=_MOST_ROWS)] = ()
    cloth: Annotated[tuple[PieceOnTableIn, ...], Field(max_length=_MOST_ROWS)] = ()


class _Out(BaseModel):
    model_config = ConfigDict(extra="forbid")


class NeedOut(_Out):
    """A cut of the plan: `wanted = by_units + good + serves + to_cut`."""

    fabric: str
    shape: CutShape
    width: str
    height: str
    subcut: Subcut
    wanted: int
    by_units: int
    good: int
    serves: int
    to_cut: int


class SizeOnTableOut(_Out):
    """A size, as cut."""

    width: str
    height: str


class TablePieceOut(_Out):
    """What of `to_cut` is cut from a spoiled piece, or from a cut one that serves for nothing."""

    model_config = ConfigDict(extra="forbid", populate_by_name=True)
    source: Literal["spoiled", "cut"] = Field(alias="from")
    index: int
    becomes: SizeOnTableOut = Field(alias="as")
    count: int


class PlaceOnClothOut(_Out):
    """A piece where it lies: across the cloth and along it."""

    x: str
    y: str
    width: str
    height: str


class TableLayoutOut(_Out):
    """How one piece of cloth is cut: `cloth` is the entry that it is one of."""

    fabric: str
    cloth: int
    places: list[PlaceOnClothOut]


class MissingOut(_Out):
    """What finds no place."""

    fabric: str
    shape: CutShape
    width: str
    height: str
    count: int


class ClothToBuyOut(_Out):
    """A length to buy, as an entry of `cloth`."""

    fabric: str
    width: str
    height: str
    count: int


class WayOutOut(_Out):
    """A way out: what it changes of the making, what is bought, which fabrics take the place of
    which; in words for people.
    """

    do: WayOutName
    text: str
    making: dict[str, Any] = {}
    blocks: int | None = None
    buy: list[ClothToBuyOut] = []
    fabrics: dict[str, str] = {}


class TablePlanOut(_Out):
    """What is wanted of each cut and what lies there; what is cut from what; what is missing."""

    format: Literal["yonk-table-plan/1"]
    needs: list[NeedOut]
    pieces: list[TablePieceOut]
    layouts: list[TableLayoutOut]
    missing: list[MissingOut]
    enough: bool
    ways_out: list[WayOutOut]


def table_schema() -> dict[str, Any]:
    """The JSON Schema of what lies on the table."""
    return TableStateIn.model_json_schema()


def table_plan_schema() -> dict[str, Any]:
    """The JSON Schema of what that says."""
    return TablePlanOut.model_json_schema(by_alias=True)


def read_table(text: str | bytes, plan: Plan) -> TableState:
    """What lies on the table of a block.

    Raises: `BadFileError` with a fault for each thing that cannot be, by its place.
    """
    if len(text) > _MOST_BYTES:
        said = message("file-is-too-large", most_block_bytes=_MOST_BYTES // 1000000)
        raise BadFileError([Fault("", said)])
    try:
        read = TableStateIn.model_validate(json.loads(text))
    except ValidationError as errors:
        raise BadFileError([fault_of(one) for one in errors.errors(include_url=False)]) from None
    except (ValueError, RecursionError):
        raise BadFileError([Fault("", message("table-is-no-json"))]) from None
    state = TableState(
        cut=tuple(
            CutOnTable(one.fabric, one.shape, one.width, one.height, one.subcut, one.count)
            for one in read.cut
        ),
        spoiled=_pieces(read.spoiled),
        made=tuple((one.label, one.count) for one in read.made),
        cloth=_pieces(read.cloth),
    )
    faults = check_state(state, plan.reading.draft, plan)
    if faults:
        raise BadFileError(faults)
    return state


def _pieces(read: tuple[PieceOnTableIn, ...]) -> tuple[PieceOnTable, ...]:
    return tuple(PieceOnTable(one.fabric, one.width, one.height, one.count) for one in read)


def write_table_plan(draft: Draft, standing: TableStanding) -> dict[str, Any]:
    """The content of the answer for a draft, ready for JSON."""
    return TablePlanOut(
        format="yonk-table-plan/1",
        needs=[_need(one) for one in standing.needs],
        pieces=[_piece(one) for one in standing.laid.pieces],
        layouts=[_layout(one) for one in standing.laid.layouts],
        missing=[
            MissingOut(
                fabric=cut.fabric,
                shape=cut.shape,
                width=write_exact(cut.width),
                height=write_exact(cut.height),
                count=count,
            )
            for cut, count in standing.laid.missing
        ],
        enough=standing.enough,
        ways_out=[_way(one) for one in ways_out_of(draft, standing, sized_standing)],
    ).model_dump(by_alias=True, exclude_none=True)


def _need(one: CutNeed) -> NeedOut:
    cut = one.cut
    return NeedOut(
        fabric=cut.fabric,
        shape=cut.shape,
        width=write_exact(cut.width),
        height=write_exact(cut.height),
        subcut=cut.subcut,
        wanted=one.wanted,
        by_units=one.by_units,
        good=one.good,
        serves=one.serves,
        to_cut=one.to_cut,
    )


def _piece(one: TablePiece) -> TablePieceOut:
    size = SizeOnTableOut(width=write_exact(one.cut.width), height=write_exact(one.cut.height))
    told = {"from": one.source, "index": one.index, "as": size, "count": one.count}
    return TablePieceOut.model_validate(told)


def _layout(one: TableLayout) -> TableLayoutOut:
    return TableLayoutOut(
        fabric=one.fabric,
        cloth=one.cloth,
        places=[
            PlaceOnClothOut(
                x=write_exact(laid.x),
                y=write_exact(laid.y),
                width=write_exact(laid.width),
                height=write_exact(laid.height),
            )
            for laid in one.layout.laid
        ],
    )


def _way(one: TableWayOut) -> WayOutOut:
    making: dict[str, Any] = {}
    if one.trim_margin is not None:
        making["trim_margin"] = write_exact(one.trim_margin)
    if one.methods:
        making["methods"] = dict(one.methods)
    return WayOutOut(
        do=one.do,
        text=in_words(one.words),
        making=making,
        blocks=one.blocks,
        fabrics=dict(one.fabrics),
        buy=[
            ClothToBuyOut(
                fabric=piece.fabric,
                width=write_exact(piece.width),
                height=write_exact(piece.height),
                count=piece.count,
            )
            for piece in one.buy
        ],
    )


def write_table_text(draft: Draft, standing: TableStanding, found: dict[str, Any]) -> str:
    """The same in lines for people: what is still to cut, what is missing, what can be done."""
    lines = [
        message(
            "table-need",
            fabric=draft.fabric(one.cut.fabric).called,
            width=show(one.cut.width, draft.unit),
            height=show(one.cut.height, draft.unit),
            wanted=one.wanted,
            there=one.by_units + one.good + one.serves,
            left=one.to_cut,
        )
        for one in standing.needs
    ]
    lines.append(message("table-enough", enough="yes" if standing.enough else "no"))
    return "\n".join([*map(in_words, lines), *(way["text"] for way in found["ways_out"])])
