"""The plan: a draft and its making, read, made into recipes and cut."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass

from yonk.core.paper import USUAL, Draft, coloured
from yonk.core.planning.cuts import Cut, cutting_list
from yonk.core.planning.lie import laid_by_print
from yonk.core.planning.notices import Notice, all_notices
from yonk.core.planning.reading import Reading, read
from yonk.core.planning.recipes import Recipe, Wanted, choose_recipes, wanted_of


@dataclass(frozen=True)
class Plan:
    """All that follows from a draft, for a number of blocks; `colourings` are its other colourings
    as they were read.
    """

    reading: Reading
    blocks: int
    colourings: tuple[tuple[Reading, int], ...]
    recipes: tuple[Recipe, ...]
    cuts: tuple[Cut, ...]
    notices: tuple[Notice, ...]

    @property
    def wanted(self) -> Wanted:
        """What is wanted of each group over the blocks of all colourings."""
        return wanted_of([(self.reading, self.blocks), *self.colourings])

    @property
    def all_blocks(self) -> int:
        """How many blocks there are in all colourings together."""
        return self.blocks + sum(blocks for _, blocks in self.colourings)


def make_plan(
    draft: Draft, blocks: int | None = None, made: Mapping[object, int] | None = None
) -> Plan:
    """The plan of a draft and its colourings.

    Args:
        draft: as the quilter made it.
        blocks: stands in for the number of blocks that its making says.
        made: how many units of a group, by its identity, are there already and need not be made.

    Returns: readings, recipes, cuts on the ruler in the draft's unit, and notices.

    Raises: `DraftError` where the drawing is too much to work on.
    """
    letters: dict[tuple[object, ...], str] = {}
    reading = read(draft, letters)
    colourings = tuple(
        (read(coloured(draft, one), letters), one.blocks) for one in draft.colourings
    )
    wanted = blocks or draft.making.blocks
    recipes = choose_recipes([(reading, wanted), *colourings], made)
    listed = cutting_list(recipes, draft.making.ruler_step, USUAL[draft.unit].squaring)
    cuts = laid_by_print(listed, recipes, [(reading, wanted), *colourings])
    return Plan(
        reading, wanted, colourings, recipes, cuts, all_notices(reading, recipes, cuts, colourings)
    )
