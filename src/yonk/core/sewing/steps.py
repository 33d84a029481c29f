"""Steps: what was done at the table, in words, with all that a picture of it shows. Lengths in the
draft's unit.
"""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from yonk.core.paper import Message, Polygon, Text, message
from yonk.core.sewing.plane import TableSegment
from yonk.core.sewing.work import Layers, SewnWork

ActName = Literal["cut", "draw", "sew", "cut-apart", "press", "trim", "join"]
Caution = Literal["blade", "iron", "needle"]
CAUTIONS: dict[Caution, Message] = {
    "blade": message("caution-blade"),
    "iron": message("caution-iron"),
    "needle": message("caution-needle"),
}
BY_ACT: dict[ActName, Caution] = {
    "cut": "blade",
    "cut-apart": "blade",
    "trim": "blade",
    "press": "iron",
    "sew": "needle",
    "join": "needle",
}


@dataclass(frozen=True)
class Dimension:
    """A length to be read on a picture: from where to where, and what it is."""

    span: TableSegment
    words: Text


@dataclass(frozen=True)
class Scene:
    """One thing on the table: a work or works in layers, with the lines that the step is about."""

    shown: SewnWork | Layers
    drawn: tuple[TableSegment, ...] = ()
    sewn: tuple[TableSegment, ...] = ()
    cut: tuple[TableSegment, ...] = ()
    pressed: tuple[TableSegment, ...] = ()  # from under the iron to where the seam is pressed
    sizes: tuple[Dimension, ...] = ()
    ruler: tuple[Polygon, TableSegment] | None = (
        None  # a ruler's edge lines with its 45° (or seam) line
    )
    count: int = 1
    open_seam: bool = False


@dataclass(frozen=True)
class Landmarks:
    """What is looked at when a unit is trimmed: in words, and distances along its raw edges, as the
    unit was drafted.
    """

    words: Text
    sizes: tuple[Dimension, ...] = ()


@dataclass(frozen=True)
class RecipeStep:
    """One act, for one lot."""

    act: ActName
    words: Text
    scenes: tuple[Scene, ...]

    @property
    def caution(self) -> Message | None:
        """The usual caution for it."""
        named = BY_ACT.get(self.act)
        return CAUTIONS[named] if named else None
