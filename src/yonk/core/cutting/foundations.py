"""Foundations to print: the sections of every unit that is sewn on one, at true size and mirrored,
since the cloth lies on the other side of the paper.
"""

from __future__ import annotations

from collections import Counter
from dataclasses import dataclass

from yonk.core.paper import XY, Polygon, Text
from yonk.core.planning import Plan, Recipe, of_group
from yonk.core.units import (
    FOUNDATION,
    SectionStep,
    Unit,
    patch_outline,
    section_outline,
    sectioned,
)


@dataclass(frozen=True)
class FoundationPatch:
    """A patch on a printed section: the number in the order of sewing, its letter with its number
    among those of the letter, its fabric, and its finished outline.
    """

    number: int
    name: str
    fabric: Text
    outline: Polygon


@dataclass(frozen=True)
class FoundationSection:
    """A section to print, in the draft's unit from the corner of its box, mirrored left for right:
    the `number`-th of so many of the unit with this label, of which `count` are wanted; its
    outline finished and with the seam allowance.
    """

    unit: str
    number: int
    of: int
    count: int
    patches: tuple[FoundationPatch, ...]
    finished: Polygon
    outer: Polygon
    width: float
    height: float


def foundations_of(plan: Plan) -> list[FoundationSection]:
    """The sections of all units of a plan that are sewn on a foundation, in their order; where none
    is, those of every unit that could be.
    """
    all_of = [recipe for _, recipes in of_group(plan.recipes) for recipe in recipes]
    chosen = [recipe for recipe in all_of if recipe.method is FOUNDATION]
    could = [recipe for recipe in all_of if FOUNDATION.suits(recipe.group.unit)]
    return [section for recipe in chosen or could for section in _sections(recipe, plan)]


def section_names(unit: Unit) -> list[list[str]]:
    """The patches of each section in the order in which they are sewn, each called by its letter
    and its number among those of that letter in the unit: ``A1``, ``B1``, ``A2``.
    """
    sections = sectioned(unit)
    if sections is None:
        return []
    letters = {part.piece.face: part.cloth.letter for part in unit.parts}
    counts: Counter[str] = Counter()
    names = []
    for steps in sections.sections:
        own = []
        for step in steps:
            letter = letters[unit.region.pieces[step.piece].face]
            counts[letter] += 1
            own.append(f"{letter}{counts[letter]}")
        names.append(own)
    return names


def _sections(recipe: Recipe, plan: Plan) -> list[FoundationSection]:
    unit = recipe.group.unit
    sections, names = sectioned(unit), section_names(unit)
    assert sections is not None, "only what has sections is made so"
    return [
        _section(recipe, plan, steps, names[number], number + 1, len(names))
        for number, steps in enumerate(sections.sections)
    ]


def _section(
    recipe: Recipe,
    plan: Plan,
    steps: tuple[SectionStep, ...],
    names: list[str],
    number: int,
    of: int,
) -> FoundationSection:
    unit, draft = recipe.group.unit, plan.reading.draft
    pieces = [step.piece for step in steps]
    outer = section_outline(unit, pieces, float(recipe.terms.seam))
    right, top = max(x for x, _ in outer), min(y for _, y in outer)

    def mirrored(outline: Polygon) -> Polygon:
        told: list[XY] = [(round(right - x, 9), round(y - top, 9)) for x, y in outline]
        return tuple(told[::-1])

    fabrics = {part.piece.face: part.cloth.fabric for part in unit.parts}
    patches = tuple(
        FoundationPatch(
            place,
            name,
            draft.fabric(fabrics[unit.region.pieces[piece].face]).called,
            mirrored(patch_outline(unit, piece)),
        )
        for place, (piece, name) in enumerate(zip(pieces, names, strict=True), start=1)
    )
    printed = mirrored(outer)
    return FoundationSection(
        recipe.group.label,
        number,
        of,
        recipe.total,
        patches,
        mirrored(section_outline(unit, pieces, 0.0)),
        printed,
        max(x for x, _ in printed),
        max(y for _, y in printed),
    )
