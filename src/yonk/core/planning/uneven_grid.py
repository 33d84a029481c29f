"""An uneven grid as a way out of cuts that are off the ruler: lines that all lie on it, where that
leaves every unit of triangles what it is.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Sequence
from dataclasses import replace
from fractions import Fraction

from yonk.core.planning.off_the_ruler import off_the_ruler
from yonk.core.planning.reading import Reading, read
from yonk.core.planning.recipes import choose_recipes
from yonk.core.units import terms_of

_MOST_PATCHES = 256  # of a block that is read once more to see what an uneven grid makes of it


def uneven_grid(reading: Reading) -> tuple[tuple[Fraction, ...], tuple[Fraction, ...]] | None:
    """The finished widths of columns and heights of rows that bring every cut onto the ruler, and
    leave every unit of triangles what it is; None where there are none.
    """
    draft, step = reading.draft, reading.draft.making.ruler_step
    if len(reading.patches) > _MOST_PATCHES:
        return None
    columns, rows = (
        on_marks(whole, parts, step)
        for whole, parts in ((draft.width, draft.columns), (draft.height, draft.rows))
    )
    if (
        columns is None
        or rows is None
        or (_alike(columns, draft.columns) and _alike(rows, draft.rows))
    ):
        return None
    other = read(replace(draft, columns=columns, rows=rows))
    if _kinds(other) != _kinds(reading):
        return None
    recipes = choose_recipes([(other, draft.making.blocks)])
    return None if off_the_ruler(recipes, terms_of(other.draft)) else (columns, rows)


def on_marks(
    whole: Fraction, parts: Sequence[Fraction], step: Fraction
) -> tuple[Fraction, ...] | None:
    """A length shared out in proportions so that each share is a whole number of steps: the lines
    that lose most to the ruler get a step more, from the middle outward in pairs, so that the block
    stays even on both sides where it can. None where it is no whole number of steps itself.

    >>> [str(one) for one in on_marks(Fraction(10), (Fraction(1),) * 3, Fraction(1, 8)) or ()]
    ['27/8', '13/4', '27/8']
    """
    if (whole / step).denominator != 1:
        return None
    exact = [part * whole / sum(parts) / step for part in parts]
    found = [int(one) for one in exact]
    more = int(whole / step) - sum(found)
    last = len(parts) - 1
    middle = [n for n in range(len(parts)) if 2 * n == last and more % 2]
    pairs = [n for half in range((last + 1) // 2) for n in (half, last - half)]
    order = sorted(
        [*middle, *pairs, *(n for n in range(len(parts)) if 2 * n == last and not more % 2)],
        key=lambda n: -(exact[n] - found[n]),
    )
    for n in order[:more]:
        found[n] += 1
    return tuple(count * step for count in found) if all(found) else None


def _alike(sizes: Sequence[Fraction], parts: Sequence[Fraction]) -> bool:
    return all(size * parts[0] == part * sizes[0] for size, part in zip(sizes, parts, strict=True))


def _kinds(reading: Reading) -> Counter[str]:
    """How many units there are of each kind that is not plain: of those an uneven grid makes one of
    another.
    """
    return Counter(
        group.kind for group in reading.groups for _ in group.members if not group.is_plain
    )
