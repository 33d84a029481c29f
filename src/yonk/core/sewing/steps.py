"""Steps: what was done at the table, in words, with all that a picture of it shows. Lengths in the
draft's unit.
"""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass
from typing import Literal

from yonk.core.paper import Message, Text, message
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
    ruler: tuple[tuple[TableSegment, ...], TableSegment] | None = (
        None  # a ruler's edges, as far as they are seen, with its 45° (or seam) line
    )
    count: int = 1
    open_seam: bool = False
    ruler_marks: tuple[Dimension, ...] = ()


@dataclass(frozen=True)
class RulerInHand:
    """The ruler that a unit is trimmed with: its sides as it lies, how far from its corner its mark
    for nothing is, and from one numbered mark to the next; lengths in the draft's unit.
    """

    width: float
    height: float
    begins: float
    every: float = 1.0


@dataclass(frozen=True)
class Landmarks:
    """What is looked at when a unit is trimmed: in words, and distances along its raw edges, as the
    unit was drafted; with which ruler, and what is said of it.

    `folded` are the words for a unit that is trimmed before it is opened; nothing where it is
    opened first. `measured` says a length in words; what is no longer than a `hair` is nothing.
    """

    words: Text
    measured: Callable[[float], Text]
    hair: float
    sizes: tuple[Dimension, ...] = ()
    ruler: RulerInHand | None = None
    of_ruler: Text = ""
    folded: Text = ""


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
