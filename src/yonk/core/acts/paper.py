"""Acts on the ruled paper: its size and name, its columns and rows."""

from __future__ import annotations

from dataclasses import dataclass, replace
from fractions import Fraction
from typing import Literal

from yonk.core.acts.carrying import carried
from yonk.core.acts.grid import Axis, add_line, parts_of, remove_line, reorder_lines, with_parts
from yonk.core.acts.mates import MatesName
from yonk.core.paper import (
    Draft,
    DraftError,
    Length,
    LengthUnit,
    Ruling,
    check_count,
    in_its_unit,
    length_fault,
    ruled_seams,
    typed_length,
)


@dataclass(frozen=True, kw_only=True)
class Resize:
    """Give the block a finished size, and the unit it is in."""

    do: Literal["resize"] = "resize"
    width: str
    height: str
    unit: LengthUnit | None = None


@dataclass(frozen=True, kw_only=True)
class Proportions:
    """Set the proportions of all columns or rows; their number stays."""

    do: Literal["proportions"] = "proportions"
    axis: Axis
    parts: tuple[str, ...]


@dataclass(frozen=True, kw_only=True)
class LineLength:
    """Give one column or row a finished size; the others share what is left, or the block grows."""

    do: Literal["line-length"] = "line-length"
    axis: Axis
    line: int
    length: str
    grow: bool = False


@dataclass(frozen=True, kw_only=True)
class AddLine:
    """Add a column or row before the one with that number (at the end for the last number), of the same width."""

    do: Literal["add-line"] = "add-line"
    axis: Axis
    line: int


@dataclass(frozen=True, kw_only=True)
class RemoveLine:
    """Remove a column or row with all it holds."""

    do: Literal["remove-line"] = "remove-line"
    axis: Axis
    line: int


@dataclass(frozen=True, kw_only=True)
class MoveLine:
    """Move a column or row with all it holds to another place among them."""

    do: Literal["move-line"] = "move-line"
    axis: Axis
    line: int
    to: int


@dataclass(frozen=True, kw_only=True)
class MoveEdge:
    """Move the grid line before a column or row to a length from the edge, on the ruler; its neighbours give and take."""

    do: Literal["move-edge"] = "move-edge"
    axis: Axis
    line: int
    to: str


@dataclass(frozen=True, kw_only=True)
class Regrid:
    """Start the drawing anew on an even grid of plain patches."""

    do: Literal["regrid"] = "regrid"
    columns: int
    rows: int


@dataclass(frozen=True, kw_only=True)
class Rename:
    """Give the block a name."""

    do: Literal["rename"] = "rename"
    name: str


def do_resize(draft: Draft, act: Resize, mates: MatesName) -> Draft:
    """The draft after `Resize`. Raises `DraftError` naming the field."""
    unit = act.unit or draft.unit
    width, height = (
        typed_length(text, place, "finished", unit) for text, place in ((act.width, "width"), (act.height, "height"))
    )
    now = replace(draft, width=width, height=height)
    if unit != draft.unit:
        now = replace(now, unit=unit, making=in_its_unit(draft.making, unit))
    return carried(now, (), draft)


def do_proportions(draft: Draft, act: Proportions, mates: MatesName) -> Draft:
    """The draft after `Proportions`. Raises `DraftError` naming the field."""
    if len(act.parts) != len(parts_of(draft, act.axis)):
        raise DraftError(act.axis, f"need {len(parts_of(draft, act.axis))} proportions, one for each")
    parts = tuple(
        typed_length(part, f"{act.axis} {place}", "proportion", draft.unit)
        for place, part in enumerate(act.parts, start=1)
    )
    return carried(with_parts(draft, act.axis, parts), (), draft)


def do_line_length(draft: Draft, act: LineLength, mates: MatesName) -> Draft:
    """The draft after `LineLength`. Raises `DraftError` naming the field."""
    parts = parts_of(draft, act.axis)
    if not 0 <= act.line < len(parts):
        raise DraftError(act.axis, "have no such line")
    whole = draft.width if act.axis == "columns" else draft.height
    length = typed_length(act.length, f"{act.axis} {act.line + 1}", "line", draft.unit)
    per_part = whole / sum(parts)
    if act.grow:
        finished = [part * per_part for part in parts]
        finished[act.line] = length
        now, total = with_parts(draft, act.axis, tuple(finished)), sum(finished, Fraction(0))
        fault = length_fault(total, "finished", draft.unit)
        if fault:
            raise DraftError(f"{act.axis} {act.line + 1}", f"the whole block {fault}")
        now = replace(now, width=total) if act.axis == "columns" else replace(now, height=total)
        return carried(now, (), draft)
    if length >= whole or len(parts) == 1:
        raise DraftError(
            f"{act.axis} {act.line + 1}", "leaves nothing for the others; take less, or let the block grow"
        )
    rest = sum(parts) - parts[act.line]
    share = (whole - length) / rest
    finished = [length if line == act.line else part * share for line, part in enumerate(parts)]
    return carried(with_parts(draft, act.axis, tuple(finished)), (), draft)


def _line(draft: Draft, act: AddLine | RemoveLine | MoveLine, *, last: int) -> None:
    if not 0 <= act.line <= last:
        raise DraftError(act.axis, "have no such line")


def do_add_line(draft: Draft, act: AddLine, mates: MatesName) -> Draft:
    """The draft after `AddLine`. Raises `DraftError` naming the field."""
    _line(draft, act, last=len(parts_of(draft, act.axis)))
    now, back = add_line(draft, act.axis, act.line)
    return carried(now, (), draft, back)


def do_remove_line(draft: Draft, act: RemoveLine, mates: MatesName) -> Draft:
    """The draft after `RemoveLine`. Raises `DraftError` naming the field."""
    _line(draft, act, last=len(parts_of(draft, act.axis)) - 1)
    now, back = remove_line(draft, act.axis, act.line)
    return carried(now, (), draft, back)


def do_move_line(draft: Draft, act: MoveLine, mates: MatesName) -> Draft:
    """The draft after `MoveLine`. Raises `DraftError` naming the field."""
    last = len(parts_of(draft, act.axis)) - 1
    _line(draft, act, last=last)
    if not 0 <= act.to <= last:
        raise DraftError(act.axis, "have no such place")
    order = [line for line in range(last + 1) if line != act.line]
    order.insert(act.to, act.line)
    now, back = reorder_lines(draft, act.axis, order)
    return carried(replace(now, paints=()), (), draft, back)


def do_move_edge(draft: Draft, act: MoveEdge, mates: MatesName) -> Draft:
    """The draft after `MoveEdge`. Raises `DraftError` naming the field."""
    parts = parts_of(draft, act.axis)
    if not 0 < act.line < len(parts):
        raise DraftError(act.axis, "have no such line between them")
    ruling = Ruling.of(draft)
    lines = list(ruling.across if act.axis == "columns" else ruling.down)
    step = draft.making.ruler_step
    at = Length.of(typed_length(act.to, "to", "place", draft.unit)).nearest(step)
    if not lines[act.line - 1] < at < lines[act.line + 1]:
        raise DraftError("to", "would leave a column or row with nothing")
    lines[act.line] = at
    sizes = tuple(high - low for low, high in zip(lines, lines[1:], strict=False))
    return carried(with_parts(draft, act.axis, sizes), (), draft)


def do_regrid(draft: Draft, act: Regrid, mates: MatesName) -> Draft:
    """The draft after `Regrid`. Raises `DraftError` naming the field."""
    for name, count in (("columns", act.columns), ("rows", act.rows)):
        check_count(count, name, "lines")
    one = Fraction(1)
    return replace(
        draft, columns=(one,) * act.columns, rows=(one,) * act.rows, seams=ruled_seams(act.columns, act.rows), paints=(),
        making=replace(draft.making, units=()),
    )  # fmt: skip


def do_rename(draft: Draft, act: Rename, mates: MatesName) -> Draft:
    """The draft after `Rename`. Raises `DraftError` naming the field."""
    name = " ".join(act.name.split())
    if not 1 <= len(name) <= 120:
        raise DraftError("name", "must have from 1 to 120 letters")
    return replace(draft, name=name)
