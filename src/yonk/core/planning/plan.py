"""The plan: a draft and its making, read, made into recipes and cut."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass

from yonk.core.paper import A_FACE, FACT, USUAL, Draft, coloured, kept
from yonk.core.planning.cuts import Cut, cutting_list
from yonk.core.planning.lie import laid_by_print
from yonk.core.planning.notices import Notice, all_notices
from yonk.core.planning.reading import Reading, read_part, read_together
from yonk.core.planning.recipes import Recipe, WantedUnits, choose_recipes, wanted_of
from yonk.core.planning.turned_prints import turned_prints

_PLAN = 2 * A_FACE  # recipes and notices, as measured; what is cut has its own weight

# Parts of a block that are made by themselves, as halves of it: the faces of each, and how many.
Parts = tuple[tuple[frozenset[int], int], ...]


@dataclass(frozen=True)
class Plan:
    """All that follows from a draft, for a number of blocks; `colourings` are its other colourings
    as they were read, `parts` what is read of parts of it that are made beside the blocks.
    """

    reading: Reading
    blocks: int
    colourings: tuple[tuple[Reading, int], ...]
    recipes: tuple[Recipe, ...]
    cuts: tuple[Cut, ...]
    notices: tuple[Notice, ...]
    parts: tuple[tuple[Reading, int], ...] = ()

    @property
    def wanted(self) -> WantedUnits:
        """What is wanted of each group over the blocks of all colourings."""
        return wanted_of([(self.reading, self.blocks), *self.colourings, *self.parts])

    @property
    def all_blocks(self) -> int:
        """How many blocks there are in all colourings together."""
        return self.blocks + sum(blocks for _, blocks in self.colourings)


def make_plan(
    draft: Draft,
    blocks: int | None = None,
    made: Mapping[object, int] | None = None,
    parts: Parts = (),
) -> Plan:
    """The plan of a draft and its colourings.

    Args:
        draft: as the quilter made it.
        blocks: stands in for the number of blocks that its making says.
        made: how many units of a group, by its identity, are there already and need not be made.
        parts: what is made beside the blocks.

    Returns: readings, recipes, cuts on the ruler in the draft's unit, and notices.

    Raises: `DraftError` where the drawing is too much to work on.
    """
    wanted = draft.making.blocks if blocks is None else blocks
    return _plan(draft, wanted, frozenset((made or {}).items()), parts)


def seconds_planned(draft: Draft) -> float | None:
    """How long the plan of a draft took that lies on the bench; None where none does."""
    return _plan.seconds(draft, draft.making.blocks, frozenset(), ())


@kept(lambda plan, *_: _PLAN * len(plan.reading.drawing.faces) + FACT * len(plan.cuts))
def _plan(draft: Draft, wanted: int, there: frozenset[tuple[object, int]], parts: Parts) -> Plan:
    made = dict(there)
    others = [coloured(draft, one) for one in draft.colourings]
    reading, coloured_so = read_together(draft, others)
    colourings = tuple(
        (other, one.blocks) for other, one in zip(coloured_so, draft.colourings, strict=True)
    )
    beside = tuple((read_part(reading, faces), count) for faces, count in parts)
    readings = [(reading, wanted), *colourings, *beside]
    recipes = choose_recipes(readings, made)
    listed = cutting_list(
        recipes, draft.making.ruler_step, USUAL[draft.unit].squaring, draft.making.usable
    )
    cuts = laid_by_print(listed, recipes, readings)
    directional = any(fabric.has_direction for fabric in draft.fabrics)
    turned = tuple(turned_prints(recipes, cuts, wanted_of(readings, made))) if directional else ()
    notices = all_notices(reading, recipes, cuts, colourings, turned)
    return Plan(reading, wanted, colourings, recipes, cuts, notices, beside)
