"""Groups whose prints turn as they are made and cut, and what would keep them upright."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass

from yonk.core.planning.corners import NONE, CornerAngles, sum_of
from yonk.core.planning.cuts import Cut
from yonk.core.planning.lying import of_share
from yonk.core.planning.prints import TURNING, prints_of, row_prints, short_of_squares
from yonk.core.planning.reading import UnitGroup
from yonk.core.planning.recipes import Recipe, WantedUnits, of_group
from yonk.core.planning.ways import Way, all_ways, tally, way_prints
from yonk.core.units import BY_NAME, Prints, Subcut

MOST_MORE = 8  # lots more that are tried, to say how many would keep a print upright


@dataclass(frozen=True)
class TurnedPrint:
    """A group whose prints turn: how it is made, in which fabrics, how they lie; the way that
    keeps them upright with the least cloth, and how many more squares or lots would; nought where
    none does.
    """

    group: UnitGroup
    way: Way
    fabrics: tuple[str, ...]
    prints: Prints
    in_strips: bool
    better: Way | None
    more: int


def turned_prints(
    recipes: Sequence[Recipe], cuts: Sequence[Cut], wanted: WantedUnits
) -> Iterator[TurnedPrint]:
    """The groups whose prints turn, as the listed cuts give them."""
    for group, made in of_group(recipes):
        lying = wanted.demand(group).lying
        if not lying.prints:
            continue
        way, unit, terms = made[0].way, group.unit, made[0].terms
        rows = list(_rows(group, cuts, wanted))
        found: Prints = "upright"
        for recipe in made:
            own = of_share(lying, recipe.total)
            if recipe.method.lot == 1 and not recipe.method.together and recipe.method.sew:
                prints = max((row_prints(*row) for row in rows), key=TURNING.index, default=found)
            else:
                prints = prints_of(unit, recipe.method, recipe.lots, terms, own)
            found = max(found, prints, key=TURNING.index)
        if found == "upright":
            continue
        demand = wanted.demand(group)
        every = all_ways(BY_NAME[group.kind], unit, demand)
        others = [one for one in every if not one.on_lines]
        better = [one for one in others if way_prints(one, unit, terms, lying) == "upright"]
        yield TurnedPrint(
            group,
            way,
            tuple(key for key, _ in lying.prints),
            found,
            any(recipe.method.name == "strip-piecing" for recipe in made),
            min(better, key=lambda one: tally(one, unit, terms, demand).used, default=None),
            _more(made, rows, wanted),
        )


def _rows(
    group: UnitGroup, cuts: Sequence[Cut], wanted: WantedUnits
) -> Iterator[tuple[Subcut, int, CornerAngles]]:
    """The squares that triangles of a group come from: how they are cut further, how many there
    are, and the triangles wanted of them, for all groups that they are cut for.
    """
    directed = {key for key, _ in wanted.demand(group).lying.prints}
    alike: dict[object, list[Cut]] = {}
    for cut in cuts:
        if cut.fabric in directed and cut.subcut != "none":
            alike.setdefault((cut.fabric, cut.width, cut.height, cut.subcut), []).append(cut)
    by_label = {one.label: one for one in wanted.groups}
    for rows in alike.values():
        purposes = {
            (label, purpose.letter)
            for cut in rows
            for purpose in cut.purposes
            for label in purpose.units
        }
        if group.label in {label for label, _ in purposes}:
            fabric = rows[0].fabric
            corners = sum_of(
                dict(wanted.demand(by_label[label]).lying.corners).get((letter, fabric), NONE)
                for label, letter in sorted(purposes)
            )
            yield rows[0].subcut, sum(cut.count for cut in rows), corners


def _more(
    made: Sequence[Recipe], rows: Sequence[tuple[Subcut, int, CornerAngles]], wanted: WantedUnits
) -> int:
    """How many squares or lots more would keep the prints upright; nought where none would."""
    if len(made) > 1:
        return 0
    (recipe,) = made
    if recipe.method.lot == 1 and not recipe.method.together:
        return max((short_of_squares(*row) for row in rows), default=0)
    lying = wanted.demand(recipe.group).lying
    for more in range(1, MOST_MORE + 1):
        lots = recipe.lots + more
        if prints_of(recipe.group.unit, recipe.method, lots, recipe.terms, lying) == "upright":
            return more
    return 0
