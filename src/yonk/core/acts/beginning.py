"""Beginning a block: an empty draft of a name, a finished size and a grid, as they were typed."""

from __future__ import annotations

from collections.abc import Mapping
from contextlib import suppress
from dataclasses import dataclass
from fractions import Fraction
from types import MappingProxyType

from yonk.core.acts.act import Act, apply
from yonk.core.acts.grid import Axis
from yonk.core.acts.proportions import Proportions, parts_in
from yonk.core.acts.regrid import Regrid
from yonk.core.acts.rename import Rename
from yonk.core.acts.resize import Resize
from yonk.core.paper import (
    SETTINGS,
    Draft,
    DraftError,
    Fabric,
    LengthUnit,
    Making,
    check_count,
    default_making,
    given_fabric,
    message,
    next_fabric,
    with_settings,
)

NO_SETTINGS: Mapping[str, str] = MappingProxyType({})
_FIRST_FABRICS = 2  # a dark and a light one, of which most units can be drawn


@dataclass(frozen=True, kw_only=True)
class BlockBeginning:
    """A block to begin, as typed; `height` empty follows the width; `columns` and `rows` are how
    many, or their proportions.
    """

    name: str = "New block"
    unit: LengthUnit = "in"
    width: str = "9"
    height: str = ""
    columns: str = "3"
    rows: str = "3"


USUAL_BEGINNINGS: Mapping[LengthUnit, BlockBeginning] = {
    "in": BlockBeginning(),
    "cm": BlockBeginning(unit="cm", width="24"),
}


def settings_as_typed(draft: Draft) -> dict[str, str]:
    """All settings of a block by their names, as they are typed, to begin others with."""
    return {
        name: setting.write(getattr(draft.making, name), draft.unit)
        for name, setting in SETTINGS.items()
    }


def begin_block(asked: BlockBeginning, settings: Mapping[str, str] = NO_SETTINGS) -> Draft:
    """The empty draft of plain patches that was asked for.

    Args:
        settings: how it is made, as typed once and kept, by their names; the usual where nothing
        is told, or what is told is no setting (any more).

    Raises: `DraftError` naming the field.

    >>> draft = begin_block(BlockBeginning(width="8", columns="1 2 1", rows="2"))
    >>> draft.height, [str(part) for part in draft.columns], len(draft.rows)
    (Fraction(8, 1), ['1', '2', '1'], 2)
    """
    one = Fraction(1)
    draft = Draft(
        name="New block",
        unit=asked.unit,
        width=one,
        height=one,
        columns=(one,),
        rows=(one,),
        fabrics=_first_fabrics(),
        making=_making(asked.unit, settings),
    )
    columns, rows = _parts(asked.columns, "columns"), _parts(asked.rows, "rows")
    acts: list[Act] = [
        Rename(name=asked.name),
        Resize(width=asked.width, height=asked.height.strip() or asked.width),
        Regrid(columns=_count(columns, "columns"), rows=_count(rows, "rows")),
    ]
    given: list[tuple[Axis, tuple[str, ...]]] = [("columns", columns), ("rows", rows)]
    acts += [Proportions(axis=axis, parts=parts) for axis, parts in given if len(parts) > 1]
    for act in acts:
        draft = apply(draft, act)
    return draft


def _first_fabrics() -> tuple[Fabric, ...]:
    fabrics: tuple[Fabric, ...] = ()
    for _ in range(_FIRST_FABRICS):
        fabrics = (*fabrics, given_fabric(next_fabric(fabrics), [one.key for one in fabrics]))
    return fabrics


def _making(unit: LengthUnit, settings: Mapping[str, str]) -> Making:
    """The usual making with what is kept of settings, as far as it still holds."""
    making = default_making(unit)
    for name, text in settings.items():
        with suppress(DraftError):
            making = with_settings(making, {name: text}, unit)
    return making


def _parts(text: str, place: str) -> tuple[str, ...]:
    parts = parts_in(text)
    if not parts:
        raise DraftError(place, message("lines-cannot-be-read"))
    return parts


def _count(parts: tuple[str, ...], place: str) -> int:
    """How many columns or rows: the one number that was typed, or as many as there are parts."""
    if len(parts) > 1:
        return len(parts)
    return check_count(parts[0], place, "lines")
