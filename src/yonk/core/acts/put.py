"""Act: put a unit into a span of cells, in the fabrics in hand."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.checks import check_known
from yonk.core.acts.laying import lay_at_mates
from yonk.core.acts.mates import MatesName
from yonk.core.drawing import Span
from yonk.core.paper import Draft, DraftError, message
from yonk.core.units import DivisionError, Stamp, UnitKindName, kind_named


@dataclass(frozen=True, kw_only=True)
class Put(Act):
    """Put a unit into a span of cells, in the fabrics in hand; `divide` tells how many bars and how
    wide, how many columns by rows, or how many rounds, of a unit that can be divided so.
    """

    do: Literal["put"] = "put"
    cell: Span
    unit: UnitKindName
    fabrics: tuple[str, ...]
    turn: int = 0
    flip: bool = False
    divide: str = ""

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        stamp = stamp_of(self.unit, self.divide)
        if stamp is None:
            raise DraftError("unit", message("is-drawn-with-seams"))
        for key in self.fabrics:
            check_known(draft, key)
        motif = stamp.motif(self.fabrics)
        return lay_at_mates(
            draft, self.cell, (motif.mirrored() if self.flip else motif).turned(self.turn), mates
        )


def stamp_of(unit: UnitKindName, divide: str) -> Stamp | None:
    """How a unit is drawn when it is put in; nothing where it is drawn with seams.

    Args:
        divide: how it is divided, as typed; empty for the usual way.

    Raises: `DraftError` naming the field.
    """
    kind = kind_named(unit, "unit")
    if not divide.strip():
        return kind.stamp
    try:
        stamp = kind.divided(divide)
    except DivisionError as fault:
        raise DraftError("divide", fault.message) from None
    if stamp is None:
        raise DraftError("divide", message("is-divided-one-way"))
    return stamp
