"""Groups whose prints turn as they are made and cut, and what would keep them upright."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass, replace

from yonk.core.planning.corners import NONE, CornerAngles, sum_of
from yonk.core.planning.cuts import Cut
from yonk.core.planning.lying import of_share
from yonk.core.planning.prints import TURNING, prints_of, row_prints
from yonk.core.planning.reading import UnitGroup
from yonk.core.planning.recipes import Recipe, WantedUnits, of_group
from yonk.core.planning.ways import Way, all_ways, tally, way_prints
from yonk.core.units import BY_NAME, YIELDS, CutKey, Prints

MOST_MORE = (
    8  # lots more that are tried, to say how many would keep a print upright; more is no way
)


@dataclass(frozen=True)
class TurnedPrint:
    """A group whose prints turn: how it is made, in which fabrics, how they lie; the way that
    keeps them upright with the least cloth, and how many more lots would, with what they ask to be
    cut; nought where none does.
    """

    group: UnitGroup
    way: Way
    fabrics: tuple[str, ...]
    prints: Prints
    in_strips: bool
    better: Way | None
    more: int
    more_cuts: tuple[tuple[CutKey, int], ...]


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
                prints = max((row.prints for row in rows), key=TURNING.index, default=found)
            else:
                prints = prints_of(unit, recipe.method, recipe.lots, terms, own)
            found = max(found, prints, key=TURNING.index)
        if found == "upright":
            continue
        demand = wanted.demand(group)
        every = all_ways(BY_NAME[group.kind], unit, demand)
        others = [one for one in every if not one.on_lines]
        better = [one for one in others if way_prints(one, unit, terms, lying) == "upright"]
        more, more_cuts = _more(made, rows, cuts, wanted)
        yield TurnedPrint(
            group,
            way,
            tuple(key for key, _ in lying.prints),
            found,
            any(recipe.method.name == "strip-piecing" for recipe in made),
            min(better, key=lambda one: tally(one, unit, terms, demand).used, default=None),
            more,
            more_cuts,
        )


@dataclass(frozen=True)
class _Row:
    """Alike squares that triangles come from: what they are, how many there are listed, the pieces
    that they are for, and the triangles wanted of them by how they lie.
    """

    what: CutKey
    cuts: int
    pieces: int
    wanted: CornerAngles
    stripes: bool

    @property
    def prints(self) -> Prints:
        """How the prints lie in the triangles of so many."""
        return row_prints(self.what.subcut, self.cuts, self.wanted, stripes=self.stripes)


def _rows(group: UnitGroup, cuts: Sequence[Cut], wanted: WantedUnits) -> Iterator[_Row]:
    """The squares that triangles of a group come from, for all groups that they are cut for."""
    lying = wanted.demand(group).lying
    directed = {key for key, _ in lying.prints}
    alike: dict[object, list[Cut]] = {}
    for cut in cuts:
        if cut.fabric in directed and cut.subcut != "none":
            alike.setdefault(_however_it_lies(cut.what), []).append(cut)
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
            yield _Row(
                _however_it_lies(rows[0].what),
                sum(cut.count for cut in rows),
                sum(cut.wanted_pieces for cut in rows),
                corners,
                fabric in lying.stripes,
            )


def _however_it_lies(what: CutKey) -> CutKey:
    """A cut without what is told of its print."""
    square = what.width == what.height
    return replace(what, lie=None, hand=None if square else what.hand)


MoreCuts = tuple[tuple[CutKey, int], ...]


def _more(
    made: Sequence[Recipe], rows: Sequence[_Row], cuts: Sequence[Cut], wanted: WantedUnits
) -> tuple[int, MoreCuts]:
    """How many lots more would keep the prints upright, and what they ask to be cut; nought where
    none would.
    """
    if len(made) > 1 or not made[0].needs:
        return 0, ()
    (recipe,) = made
    singly = recipe.method.lot == 1 and not recipe.method.together
    lying = wanted.demand(recipe.group).lying
    listed = _listed_pieces(cuts)
    for more in range(1, MOST_MORE + 1):
        lots = recipe.lots + more
        asked = _cuts_more(recipe, more, listed)
        found: Prints
        if singly:
            after = [replace(row, cuts=row.cuts + asked.get(row.what, 0)) for row in rows]
            found = max((row.prints for row in after), key=TURNING.index, default="turned")
        else:
            found = prints_of(recipe.group.unit, recipe.method, lots, recipe.terms, lying)
        if found == "upright":
            return more, tuple((what, count) for what, count in asked.items() if count)
    return 0, ()


def _listed_pieces(cuts: Sequence[Cut]) -> Mapping[CutKey, int]:
    """How many pieces are wanted of each cut that is listed."""
    found: Counter[CutKey] = Counter()
    for cut in cuts:
        found[_however_it_lies(cut.what)] += cut.wanted_pieces
    return found


def _cuts_more(recipe: Recipe, more: int, listed: Mapping[CutKey, int]) -> dict[CutKey, int]:
    """How many more of each cut are listed for so many lots more."""
    step, unit = recipe.terms.step, recipe.group.unit
    pieces: Counter[CutKey] = Counter()
    for need in recipe.method.needs(unit, recipe.terms, recipe.lots + more):
        pieces[_however_it_lies(need.listed(step))] += need.pieces
    for need in recipe.needs:
        pieces[_however_it_lies(need.listed(step))] -= need.pieces
    found = {}
    for what, count in pieces.items():
        each, before = YIELDS[what.subcut], listed.get(what, 0)
        found[what] = -(-(before + count) // each) + -before // each
    return found
