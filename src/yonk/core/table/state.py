"""What lies on the table: what is cut, what went wrong, which units are made, what cloth there is.

Source: *One state, made of entries* in `docs/table.md`.
"""

from __future__ import annotations

from collections.abc import Hashable, Iterator, Mapping
from dataclasses import dataclass, field
from fractions import Fraction
from typing import NamedTuple

from yonk.core.paper import Draft, Fault, message
from yonk.core.planning import Cut, Plan, StageName
from yonk.core.table.pieced import PiecedPatch
from yonk.core.units import CutKey


@dataclass(frozen=True)
class PieceOnTable:
    """So many rectangles of a fabric, usable all over, in the draft's unit: spoiled pieces, or the
    cloth that there is.
    """

    fabric: str
    width: Fraction
    height: Fraction
    count: int


class CutSize(NamedTuple):
    """What a cut is known by where only its sizes are told: its fabric and shape, its longer and
    shorter side, how it is cut further.
    """

    fabric: str
    shape: str
    longer: Fraction
    shorter: Fraction
    subcut: str

    @staticmethod
    def of(cut: Cut | CutOnTable) -> CutSize:
        """That of a line of the list, or of what lies there."""
        longer, shorter = max(cut.width, cut.height), min(cut.width, cut.height)
        return CutSize(cut.fabric, cut.shape, longer, shorter, cut.subcut)

    @property
    def area(self) -> Fraction:
        """How much cloth it takes."""
        return self.longer * self.shorter


@dataclass(frozen=True)
class CutOnTable:
    """So many pieces that are cut, as the list has them. Where it is known as `what` the list has
    them, strips are counted in segments; where only sizes are told, in whole lengths. `stage` tells
    for which blocks they were cut.
    """

    fabric: str
    shape: str
    width: Fraction
    height: Fraction
    subcut: str
    count: int
    what: CutKey | None = None
    stage: StageName = "all"

    @staticmethod
    def known(what: CutKey, count: int, stage: StageName = "all") -> CutOnTable:
        """So many of a cut that is known by its identity."""
        size = what.width, what.height
        return CutOnTable(what.fabric, what.shape, *size, what.subcut, count, what, stage)

    @property
    def key(self) -> Hashable:
        """By what it is found again on a list."""
        return self.what or CutSize.of(self)

    @property
    def cornered(self) -> bool:
        """Whether its corners are off, so that it is no whole rectangle."""
        return bool(self.what and any(self.what.corners_off))


@dataclass(frozen=True)
class TableState:
    """All that lies there. `made` tells how many units of a label are sewn, `units` how many of a
    mark. A fabric that `cloth` or `only` names has only what `cloth` tells; the others are bought
    as they are needed. `pieced` are the patches that are pieced from two.
    """

    cut: tuple[CutOnTable, ...] = ()
    spoiled: tuple[PieceOnTable, ...] = ()
    made: tuple[tuple[str, int], ...] = ()
    cloth: tuple[PieceOnTable, ...] = ()
    units: Mapping[str, int] = field(default_factory=dict)
    only: frozenset[str] = frozenset()
    pieced: tuple[PiecedPatch, ...] = ()

    def is_limited(self, fabric: str) -> bool:
        """Whether there is no more of a fabric than is told."""
        return fabric in self.only or any(one.fabric == fabric for one in self.cloth)


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
