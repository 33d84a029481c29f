"""Acts on cells: putting units in, turning, copying, repeating a quarter, at all mates at once."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from yonk.core.acts.carrying import carried, check_known, grid_size
from yonk.core.acts.mates import MatesName, mates_of
from yonk.core.drawing import Motif, Span, draw, fabrics_of, lay, lift
from yonk.core.paper import Draft, DraftError, Paint
from yonk.core.units import BY_NAME, Kind


@dataclass(frozen=True, kw_only=True)
class Put:
    """Put a unit into a span of cells, in the fabrics in hand."""

    do: Literal["put"] = "put"
    cell: Span
    unit: Kind
    fabrics: tuple[str, ...]
    turn: int = 0
    flip: bool = False


@dataclass(frozen=True, kw_only=True)
class Turn:
    """Turn what a span holds by quarters, or mirror it left for right first."""

    do: Literal["turn"] = "turn"
    cell: Span
    quarters: int = 1
    flip: bool = False


@dataclass(frozen=True, kw_only=True)
class Copy:
    """Copy what a span holds into another, turned or mirrored."""

    do: Literal["copy"] = "copy"
    source: Span
    cell: Span
    quarters: int = 0
    flip: bool = False


@dataclass(frozen=True, kw_only=True)
class RepeatQuarter:
    """Repeat the top left quarter over the block: turned around the middle, or mirrored."""

    do: Literal["repeat-quarter"] = "repeat-quarter"
    way: Literal["turned", "mirrored", "same"] = "turned"


def _lay_at_mates(draft: Draft, span: Span, motif: Motif, mates: MatesName) -> Draft:
    """Lay a motif into a span and its mates; where two mates are one span, the first counts."""
    span.check(draft)
    now, brought, taken = draft, list[Paint](), list[Span]()
    for mate in mates_of(draft, mates):
        place = mate.span(span, grid_size(draft))
        if not any(place.overlaps(other) for other in taken):
            now, paints = lay(now, place, mate.motif(motif))
            brought += paints
            taken.append(place)
    return carried(now, brought, draft)


def do_put(draft: Draft, act: Put, mates: MatesName) -> Draft:
    """The draft after `Put`. Raises `DraftError` naming the field."""
    stamp = BY_NAME[act.unit].stamp
    if stamp is None:
        raise DraftError("unit", "is drawn with seams, not put in")
    for key in act.fabrics:
        check_known(draft, key)
    motif = stamp.motif(act.fabrics)
    return _lay_at_mates(draft, act.cell, (motif.mirrored() if act.flip else motif).turned(act.turn), mates)


def _lifted(draft: Draft, span: Span) -> Motif:
    span.check(draft)
    drawing = draw(draft)
    return lift(draft, drawing, fabrics_of(draft, drawing)[0], span)


def do_turn(draft: Draft, act: Turn, mates: MatesName) -> Draft:
    """The draft after `Turn`. Raises `DraftError` naming the field."""
    motif = _lifted(draft, act.cell)
    return _lay_at_mates(draft, act.cell, (motif.mirrored() if act.flip else motif).turned(act.quarters), mates)


def do_copy(draft: Draft, act: Copy, mates: MatesName) -> Draft:
    """The draft after `Copy`. Raises `DraftError` naming the field."""
    motif = _lifted(draft, act.source)
    return _lay_at_mates(draft, act.cell, (motif.mirrored() if act.flip else motif).turned(act.quarters), mates)


def do_repeat_quarter(draft: Draft, act: RepeatQuarter, mates: MatesName) -> Draft:
    """The draft after `RepeatQuarter`. Raises `DraftError` naming the field."""
    columns, rows = grid_size(draft)
    if columns % 2 or rows % 2:
        raise DraftError("grid", "needs an even number of columns and rows for a quarter to be repeated")
    quarter = Span(0, 0, columns // 2, rows // 2)
    motif = _lifted(draft, quarter)
    if act.way == "same":
        now, brought = draft, list[Paint]()
        for column, row in ((columns // 2, 0), (0, rows // 2), (columns // 2, rows // 2)):
            now, paints = lay(now, Span(column, row, columns // 2, rows // 2), motif)
            brought += paints
        return carried(now, brought, draft)
    return _lay_at_mates(draft, quarter, motif, "quarter-turns" if act.way == "turned" else "both-ways")
