"""The same block at other sizes: what each piece's cut becomes, and at which sizes every cut is on
the ruler.
"""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Sequence
from dataclasses import dataclass, replace
from fractions import Fraction
from math import ceil, floor

from yonk.core.paper import Draft, DraftError, Length, LengthUnit, message, typed_length
from yonk.core.planning.recipes import Recipe
from yonk.core.planning.to_the_ruler import worst_off
from yonk.core.units import Need, Terms, Unit

_STEPS_TRIED = 96  # to either side of the size; beyond, it is another block
FEW_PARTS = 12  # a unit of no more is tried as it is; of a larger one, a part of each kind
MOST_KINDS_TRIED = 400  # each is counted at every size that is tried
_MOST_ROWS = 120  # a list that can still be looked through


def needs_at(recipes: Iterable[Recipe], by: Fraction) -> Iterator[tuple[Recipe, Need]]:
    """What is cut when the block is made larger by a factor."""
    for recipe in recipes:
        if recipe.needs:
            for need in recipe.method.needs(recipe.group.unit.sized(by), recipe.terms, recipe.lots):
                yield recipe, need


def _of_each_kind(unit: Unit) -> Unit:
    """A unit of a great many patches with one of each kind, whose cuts are alike."""
    if len(unit.parts) <= FEW_PARTS:
        return unit
    kinds = {(part.cloth.letter, part.cloth.role): part for part in unit.parts}
    return replace(unit, parts=tuple(kinds.values()))


def on_the_ruler(recipes: Iterable[Recipe], terms: Terms, by: Fraction) -> bool:
    """Whether every plain piece is on the ruler when the block is made larger by a factor."""
    return all(
        worst_off(need, terms) is None
        for recipe in recipes
        if recipe.needs
        for need in recipe.method.needs(
            _of_each_kind(recipe.group.unit).sized(by),
            recipe.terms.on_ruler(terms.step),
            recipe.lots,
        )
    )


# What rulers for cutting are marked to at the finest.
FINEST_RULER: dict[LengthUnit, Fraction] = {"in": Fraction(1, 16), "cm": Fraction(1, 10)}


def finer_steps(terms: Terms) -> list[Fraction]:
    """Half and a quarter of the ruler's step, as far as there are such rulers."""
    least = FINEST_RULER[terms.unit]
    return [step for step in (terms.step / 2, terms.step / 4) if step >= least]


def sizes_on_the_ruler(
    draft: Draft, recipes: Sequence[Recipe], terms: Terms
) -> tuple[Fraction | None, Fraction | None]:
    """The nearest smaller and larger finished widths, in ruler steps, at which every cut is on the
    ruler.

    The height follows in proportion. None where none is found within 96 steps, or the block has
    hundreds of different patches, where none would be.
    """
    if sum(len(_of_each_kind(recipe.group.unit).parts) for recipe in recipes) > MOST_KINDS_TRIED:
        return None, None
    return _nearest(draft, recipes, terms, -1), _nearest(draft, recipes, terms, 1)


def _nearest(draft: Draft, recipes: Sequence[Recipe], terms: Terms, way: int) -> Fraction | None:
    marks = draft.width / terms.step
    start = marks.__floor__() if way > 0 else marks.__ceil__()
    for count in range(1, _STEPS_TRIED + 1):
        width = (start + way * count) * terms.step
        if width <= 0:
            return None
        if on_the_ruler(recipes, terms, width / draft.width):
            return width
    return None


@dataclass(frozen=True)
class ChartCell:
    """The cut of one letter's patch at one finished size, in the draft's unit; how far off the
    ruler, if it is.
    """

    letter: str
    role: str
    width: Fraction
    height: Fraction
    subcut: str
    shape: str
    off: Length | None


@dataclass(frozen=True)
class ChartRow:
    """One finished size of the block and what is cut at it."""

    width: Fraction
    height: Fraction
    cells: tuple[ChartCell, ...]
    on_the_ruler: bool


def size_chart(
    draft: Draft, recipes: Sequence[Recipe], terms: Terms, widths: Iterable[Fraction]
) -> list[ChartRow]:
    """For each finished width the cut of every letter's patch.

    Args:
        recipes: how the block's units are made; they are kept at every size.
        widths: finished widths in the draft's unit; the height is in proportion.

    Returns: a row for each width, marked where every cut lies on the ruler.
    """
    rows = []
    for width in widths:
        cells: dict[tuple[object, ...], ChartCell] = {}
        for _, need in needs_at(recipes, width / draft.width):
            off = worst_off(need, terms)
            wide, high = need.rounded(terms.step)
            cell = ChartCell(
                need.letter, need.role, wide, high, need.subcut, need.shape, off.by if off else None
            )
            cells.setdefault((need.letter, wide, high, need.subcut), cell)
        ordered = sorted(cells.values(), key=lambda cell: (len(cell.letter), cell.letter))
        height = draft.height * width / draft.width
        rows.append(
            ChartRow(width, height, tuple(ordered), all(cell.off is None for cell in ordered))
        )
    return rows


def width_range(start: str, end: str, step: str, unit: LengthUnit) -> list[Fraction]:
    """The finished widths of a chart, from texts as typed. Raises `DraftError` naming the field."""
    lengths = {
        name: typed_length(text, name, "finished", unit)
        for name, text in (("start", start), ("end", end))
    }
    lengths["step"] = typed_length(step, "step", "line", unit)
    count = (lengths["end"] - lengths["start"]) / lengths["step"]
    if count < 0:
        raise DraftError("end", message("end-before-start"))
    if count > _MOST_ROWS:
        raise DraftError("step", message("chart-has-too-many-rows", most_rows=_MOST_ROWS))
    return [lengths["start"] + number * lengths["step"] for number in range(int(count) + 1)]


def usual_range(draft: Draft) -> tuple[Fraction, Fraction, Fraction]:
    """The finished widths a block's chart begins with: from half its own to half as much again.

    Returns: from, to and in steps of, in the draft's unit; whole numbers for the ends.
    """
    step = {"in": Fraction(1, 2), "cm": Fraction(1)}[draft.unit]
    return Fraction(max(1, floor(draft.width / 2))), Fraction(ceil(draft.width * 3 / 2)), step
