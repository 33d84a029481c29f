"""The cutting strip by strip as the cutting table needs it. No rule is decided here."""

from __future__ import annotations

from collections.abc import Iterator, Sequence

from yonk.api.cut.changes import one_gone
from yonk.api.cut.schemas import StripPiecesOut, TableStepOut
from yonk.core.cutting import (
    MOST_DRAWN,
    ClothLayout,
    CutList,
    StripPieces,
    StripStep,
    each_strip_once,
    in_layers,
    strip_steps,
)
from yonk.core.paper import LengthUnit, Text, listed, message, show
from yonk.core.planning import StageName, cut_size_words, cut_words, further
from yonk.core.table import PieceOnTable, TableStanding, TableState
from yonk.files.table_thing import write_piece, write_staged


def strips_view(
    cutting: CutList, stage: StageName, standing: TableStanding, layers: int
) -> list[TableStepOut]:
    """Every strip of a list, fabric by fabric; those that are cut alike in so many layers."""
    steps: list[StripStep] = []
    for cloth in cutting.cloths:
        steps += strip_steps(cloth, [need.there for need in standing.lines(cloth.cuts, stage)])
    stacks = in_layers(steps, layers)
    return [
        _step(number, stack, cutting, stage, standing.state) for number, stack in enumerate(stacks)
    ]


def _step(
    number: int,
    stack: tuple[StripStep, ...],
    cutting: CutList,
    stage: StageName,
    state: TableState,
) -> TableStepOut:
    first, unit = stack[0], cutting.unit
    cloth = next(one for one in cutting.cloths if one.fabric == first.fabric)
    names = listed(
        [cutting.fabric(key).called for key in dict.fromkeys(one.fabric for one in stack)],
        "comma",
    )
    pieces = [_pieces(fabric, some, cutting, stage, state) for fabric, some in _of_a_line(stack)]
    size = message("table-strip", count=len(stack), height=show(first.height, unit))
    return TableStepOut(
        key=f"{first.fabric} {first.layout} {first.strip} {number}",
        fabrics=[one.fabric for one in stack],
        layout=first.layout,
        strip=_drawn_at(cloth.layouts[first.layout], first.strip),
        words=message(
            "table-strip-into", fabrics=names, strip=size, pieces=_into(first.pieces, unit)
        ),
        strip_words=size,
        name=names,
        pieces=pieces,
        done=all(one.is_done for one in stack),
    )


def _into(pieces: Sequence[StripPieces], unit: LengthUnit) -> Text:
    """What a strip is cut into: 5 of 8″, 18 of 3 1⁄2″."""
    return listed(
        [
            message(
                "so-many-of",
                count=one.count,
                size=cut_size_words(max(one.width, one.height), min(one.width, one.height), unit),
            )
            for one in pieces
        ],
        "comma",
    )


def _drawn_at(layout: ClothLayout, strip: int) -> int:
    """The number of a strip in the picture, which shows strips cut alike once where they are
    many.
    """
    shown = each_strip_once(layout, MOST_DRAWN)
    if shown is layout:
        return strip
    wanted = layout.strips[strip]
    alike = (wanted.height, wanted.crosscuts)
    return next(n for n, one in enumerate(shown.strips) if (one.height, one.crosscuts) == alike)


def _of_a_line(stack: Sequence[StripStep]) -> Iterator[tuple[str, list[StripPieces]]]:
    """The pieces of each line, of all the layers together."""
    found: dict[tuple[str, int], list[StripPieces]] = {}
    for step in stack:
        for one in step.pieces:
            found.setdefault((step.fabric, one.line), []).append(one)
    for (fabric, _), some in found.items():
        yield fabric, some


def _pieces(
    fabric: str,
    some: Sequence[StripPieces],
    cutting: CutList,
    stage: StageName,
    state: TableState,
) -> StripPiecesOut:
    one, unit, count = some[0], cutting.unit, sum(each.count for each in some)
    cut, size = one.cut, (max(one.width, one.height), min(one.width, one.height))
    plain = cut.shape in ("square", "rectangle")
    return StripPiecesOut(
        line=one.line,
        fabric=cutting.fabric(fabric).called,
        count=count,
        amount=sum(each.amount for each in some),
        there=sum(each.there for each in some),
        size=cut_size_words(*size, unit),
        what=cut_words(cut.shape, count),
        further=further(cut, unit),
        purpose=listed(cutting.purposes(cut), "semicolon"),
        thing=write_staged(cut.what, stage),
        piece=write_piece(PieceOnTable(cut.fabric, *size, 1)) if plain else "",
        gone=one_gone(cut.what, state, stage),
    )
