"""What lies on the table: what is cut, what went wrong, which units are made, what cloth there is.

Source: *One state, made of entries* in `docs/table.md`.
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass
from fractions import Fraction

from yonk.core.paper import Draft, Fault, message
from yonk.core.planning import Plan


@dataclass(frozen=True)
class PieceOnTable:
    """So many rectangles of a fabric, usable all over, in the draft's unit: spoiled pieces, or the
    cloth that there is.
    """

    fabric: str
    width: Fraction
    height: Fraction
    count: int


@dataclass(frozen=True)
class CutOnTable:
    """So many pieces that are cut, as the list has them; of strips so many whole lengths."""

    fabric: str
    shape: str
    width: Fraction
    height: Fraction
    subcut: str
    count: int


@dataclass(frozen=True)
class TableState:
    """All that lies there. `made` tells how many units of a label are sewn. A fabric that `cloth`
    names has only that; the others are bought as they are needed.
    """

    cut: tuple[CutOnTable, ...] = ()
    spoiled: tuple[PieceOnTable, ...] = ()
    made: tuple[tuple[str, int], ...] = ()
    cloth: tuple[PieceOnTable, ...] = ()


def check_state(state: TableState, draft: Draft, plan: Plan) -> list[Fault]:
    """What of a state cannot be, by its place: fabrics and units that the block does not have."""
    return [*_fabric_faults(state, draft), *_unit_faults(state, plan)]


def _fabric_faults(state: TableState, draft: Draft) -> Iterator[Fault]:
    known = {fabric.key for fabric in draft.fabrics}
    for name in ("cut", "spoiled", "cloth"):
        for number, one in enumerate(getattr(state, name)):
            if one.fabric not in known:
                said = message("table-no-such-fabric", fabric=one.fabric)
                yield Fault(f"{name}[{number}].fabric", said)


def _unit_faults(state: TableState, plan: Plan) -> Iterator[Fault]:
    known = {group.label for group in plan.wanted.groups}
    for number, (label, _) in enumerate(state.made):
        if label not in known:
            yield Fault(f"made[{number}].label", message("table-no-such-unit", unit=label))
