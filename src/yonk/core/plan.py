"""The plan: a draft and its making, read, made into recipes and cut."""

from __future__ import annotations

from dataclasses import dataclass

from yonk.core.cutting.cuts import Cut, cutting_list
from yonk.core.draft import Draft
from yonk.core.notices import Notice, all_notices
from yonk.core.recipes import Recipe, choose_recipes
from yonk.core.units.reading import Reading, read


@dataclass(frozen=True)
class Plan:
    """All that follows from a draft, for a number of blocks."""

    reading: Reading
    blocks: int
    recipes: tuple[Recipe, ...]
    cuts: tuple[Cut, ...]
    notices: tuple[Notice, ...]


def make_plan(draft: Draft, blocks: int | None = None) -> Plan:
    """The plan of a draft for so many blocks, or for as many as its making says.

    Raises `DraftError` where the drawing is too much to work on.
    """
    return plan_reading(read(draft), blocks)


def plan_reading(reading: Reading, blocks: int | None = None) -> Plan:
    """The plan of a draft that was read already."""
    wanted = blocks or reading.draft.making.blocks
    recipes = choose_recipes(reading, wanted)
    cuts = cutting_list(recipes, reading.draft.making.ruler_step)
    return Plan(reading, wanted, recipes, cuts, all_notices(reading, recipes, cuts))
