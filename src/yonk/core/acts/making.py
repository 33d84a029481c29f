"""Acts on the making: how the block is made, ways chosen, colourings."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Any, Literal

from yonk.core.acts.carrying import PointText, check_known, point_of
from yonk.core.acts.mates import MatesName
from yonk.core.paper import (
    WORKING_LENGTHS,
    Care,
    Colouring,
    Draft,
    DraftError,
    LengthField,
    NumberField,
    Press,
    Stitch,
    UnitMethod,
    check_count,
    typed_length,
)
from yonk.core.planning import read
from yonk.core.units import BY_NAME, Kind

MOST_COLOURINGS = 12


@dataclass(frozen=True, kw_only=True)
class SetMaking:
    """Change how the block is made; what is left out stays."""

    do: Literal["making"] = "making"
    blocks: int | None = None
    seam: str | None = None
    ruler_step: str | None = None
    trim_margin: str | None = None
    usable: str | None = None
    straightening: str | None = None
    shrinkage: str | None = None
    keep: str | None = None
    ruler_width: str | None = None
    ruler_length: str | None = None
    squares_in_a_row: int | None = None
    stitch: Stitch | None = None
    press: Press | None = None
    care: Care | None = None


@dataclass(frozen=True, kw_only=True)
class ChooseMethod:
    """Choose the way to make a kind of unit, or the group of units one of which holds `at`; None takes the proposal.

    A way is a method, or two joined by a plus sign for a group split over both.
    """

    do: Literal["method"] = "method"
    kind: Kind
    method: str | None
    at: PointText | None = None


@dataclass(frozen=True, kw_only=True)
class PutColouring:
    """Add a colouring of the block, or change the one of that number: which fabric takes the place of which."""

    do: Literal["colouring"] = "colouring"
    number: int | None = None
    name: str
    blocks: int = 1
    mirrored: bool = False
    fabrics: dict[str, str]


@dataclass(frozen=True, kw_only=True)
class DropColouring:
    """Take a colouring away."""

    do: Literal["drop-colouring"] = "drop-colouring"
    number: int


def do_set_making(draft: Draft, act: SetMaking, mates: MatesName) -> Draft:
    """The draft after `SetMaking`. Raises `DraftError` naming the field."""
    making = draft.making
    if act.blocks is not None:
        making = replace(making, blocks=check_count(act.blocks, "blocks", "blocks"))
    if act.squares_in_a_row is not None:
        count = check_count(act.squares_in_a_row, "squares_in_a_row", "squares_in_a_row")
        making = replace(making, squares_in_a_row=count)
    fields: tuple[LengthField | NumberField, ...] = (*WORKING_LENGTHS, "shrinkage")
    changed: dict[str, Any] = {
        name: typed_length(text, name, name, draft.unit) for name in fields if (text := getattr(act, name)) is not None
    }
    changed |= {name: value for name in ("stitch", "press", "care") if (value := getattr(act, name)) is not None}
    return replace(draft, making=replace(making, **changed))


def do_choose_method(draft: Draft, act: ChooseMethod, mates: MatesName) -> Draft:
    """The draft after `ChooseMethod`. Raises `DraftError` naming the field."""
    making = draft.making
    names: list[str] = [method.name for method in BY_NAME[act.kind].methods]
    if act.method is not None and not {*act.method.split("+")} <= {*names}:
        raise DraftError("method", f"is no way to make it; the ways are {', '.join(names)}")
    if act.at is None:
        methods = {kind: method for kind, method in making.methods.items() if kind != act.kind}
        if act.method:
            methods[act.kind] = act.method
        return replace(draft, making=replace(making, methods=methods))
    at = point_of(act.at, "at", draft)
    reading = read(draft)
    groups = reading.group_of_face
    face = reading.drawing.faces_at([at])[0]
    if face is None:
        raise DraftError("at", "lies on a seam; touch the inside of a unit")
    others = reading.drawing.faces_at([choice.at for choice in making.units])
    units = [
        choice
        for there, choice in zip(others, making.units, strict=True)
        if there is not None and groups[there].label != groups[face].label
    ]
    if act.method:
        units.append(UnitMethod(at, act.method))
    return replace(draft, making=replace(making, units=tuple(units)))


def do_put_colouring(draft: Draft, act: PutColouring, mates: MatesName) -> Draft:
    """The draft after `PutColouring`. Raises `DraftError` naming the field."""
    check_count(act.blocks, "blocks", "blocks_of_a_colouring")
    for key, other in act.fabrics.items():
        check_known(draft, key)
        check_known(draft, other)
    name = " ".join(act.name.split())[:120] or f"Colouring {len(draft.colourings) + 2}"
    changed = tuple((key, other) for key, other in sorted(act.fabrics.items()) if key != other)
    new = Colouring(name=name, blocks=act.blocks, mirrored=act.mirrored, fabrics=changed)
    if act.number is None:
        if len(draft.colourings) >= MOST_COLOURINGS:
            raise DraftError("colourings", f"are {MOST_COLOURINGS} already, the most there can be")
        return replace(draft, colourings=(*draft.colourings, new))
    _colouring(draft, act.number)
    kept = tuple(new if number == act.number else one for number, one in enumerate(draft.colourings))
    return replace(draft, colourings=kept)


def _colouring(draft: Draft, number: int) -> None:
    if not 0 <= number < len(draft.colourings):
        raise DraftError("number", "is no colouring of this block")


def do_drop_colouring(draft: Draft, act: DropColouring, mates: MatesName) -> Draft:
    """The draft after `DropColouring`. Raises `DraftError` naming the field."""
    _colouring(draft, act.number)
    return replace(draft, colourings=draft.colourings[: act.number] + draft.colourings[act.number + 1 :])
