"""How the table stands: what is wanted of each cut, what lies there, what is missing."""

from __future__ import annotations

from dataclasses import dataclass

from yonk.core.paper import Draft
from yonk.core.planning import Plan, make_plan
from yonk.core.table.laying import LaidOnCloth, laid_on_cloth
from yonk.core.table.need import CutNeed, needs_of
from yonk.core.table.state import TableState


@dataclass(frozen=True)
class TableStanding:
    """The plan of all blocks, a need for each of its cuts, and how the rest is cut."""

    plan: Plan
    state: TableState
    needs: tuple[CutNeed, ...]
    laid: LaidOnCloth

    @property
    def enough(self) -> bool:
        """Whether nothing is missing."""
        return not self.laid.missing


def standing_of(draft: Draft, state: TableState) -> TableStanding:
    """How the table stands for a draft, over all its blocks.

    Raises: `DraftError` where the drawing is too much to work on.
    """
    plan = make_plan(draft)
    needs, useless = needs_of(plan, state)
    return TableStanding(plan, state, needs, laid_on_cloth(needs, useless, state, draft))
