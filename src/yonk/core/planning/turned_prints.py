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
from yonk.core.units import BY_NAME, YIELDS, CutKey, Method, Need, Prints

MOST_MORE = 8  # lots more that are tried to keep a print upright; more than that is no way out


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
        rows = _Rows(group, cuts, wanted)
        now = rows.prints([need for recipe in made for need in recipe.needs])
        found: Prints = "upright"
        for recipe in made:
            own = of_share(lying, recipe.total)
            if _is_singly(recipe.method):
                prints = now
            else:
                prints = prints_of(unit, recipe.method, recipe.lots, terms, own)
            found = max(found, prints, key=TURNING.index)
        if found == "upright":
            continue
        more, more_cuts = _more(made, rows, cuts, wanted)
        yield TurnedPrint(
            group,
            way,
            tuple(key for key, _ in lying.prints),
            found,
            any(recipe.method.name == "strip-piecing" for recipe in made),
            _better(group, rows, wanted),
            more,
            more_cuts,
        )


def _better(group: UnitGroup, rows: _Rows, wanted: WantedUnits) -> Way | None:
    """The way that keeps the prints of a group upright with the least cloth, with all else as it is
    made.
    """
    unit, terms, demand = group.unit, wanted.terms_for(group), wanted.demand(group)

    def is_upright(way: Way) -> bool:
        if way.on_lines or way_prints(way, unit, terms, demand.lying) != "upright":
            return False
        needs = [one for it in way.shares for one in it.method.needs(unit, terms, it.lots)]
        singly = any(_is_singly(share.method) for share in way.shares)
        return not singly or rows.prints(needs) == "upright"

    better = filter(is_upright, all_ways(BY_NAME[group.kind], unit, demand))
    return min(better, key=lambda one: tally(one, unit, terms, demand).used, default=None)


def _is_singly(method: Method) -> bool:
    """Whether a method sews patches that are cut one by one, each laid as suits."""
    return method.lot == 1 and not method.together and method.sew is not None


@dataclass(frozen=True)
class _Rows:
    """Alike squares that triangles of a group come from, with those of other groups that are listed
    with them.
    """

    group: UnitGroup
    cuts: Sequence[Cut]
    wanted: WantedUnits

    def prints(self, needs: Sequence[Need]) -> Prints:
        """How the prints lie in the triangles, were these the needs of the group."""
        lying = self.wanted.demand(self.group).lying
        directed = {key for key, _ in lying.prints}
        step = self.wanted.draft.making.ruler_step
        alike: dict[CutKey, list[Need]] = {}
        for need in needs:
            if need.fabric in directed and need.subcut != "none":
                alike.setdefault(_however_it_lies(need.listed(step)), []).append(need)
        found: Prints = "upright"
        for what, its in alike.items():
            pieces, corners = self._asked_of(what, its)
            squares = -(-pieces // YIELDS[what.subcut])
            stripes = what.fabric in lying.stripes
            prints = row_prints(what.subcut, squares, corners, stripes=stripes)
            found = max(found, prints, key=TURNING.index)
        return found

    def _asked_of(self, what: CutKey, needs: Sequence[Need]) -> tuple[int, CornerAngles]:
        """How many triangles are wanted of alike squares over all groups, and how they lie."""
        pieces = sum(need.pieces for need in needs)
        purposes = {(self.group.label, need.letter) for need in needs}
        for cut in self.cuts:
            if _however_it_lies(cut.what) == what:
                for purpose in cut.purposes:
                    if self.group.label not in purpose.units:
                        pieces += purpose.pieces
                        purposes |= {(label, purpose.letter) for label in purpose.units}
        by_label = {one.label: one for one in self.wanted.groups}
        corners = sum_of(
            dict(self.wanted.demand(by_label[label]).lying.corners).get((letter, what.fabric), NONE)
            for label, letter in sorted(purposes)
        )
        return pieces, corners


def _however_it_lies(what: CutKey) -> CutKey:
    """A cut without what is told of its print."""
    square = what.width == what.height
    return replace(what, lie=None, hand=None if square else what.hand)


MoreCuts = tuple[tuple[CutKey, int], ...]


def _more(
    made: Sequence[Recipe], rows: _Rows, cuts: Sequence[Cut], wanted: WantedUnits
) -> tuple[int, MoreCuts]:
    """How many lots more would keep the prints upright, and what they ask to be cut; nought where
    none would.
    """
    if len(made) > 1 or not made[0].needs:
        return 0, ()
    (recipe,) = made
    unit, method, terms = recipe.group.unit, recipe.method, recipe.terms
    lying = wanted.demand(recipe.group).lying
    for more in range(1, MOST_MORE + 1):
        lots = recipe.lots + more
        if _is_singly(method):
            found = rows.prints([*method.needs(unit, terms, lots)])
        else:
            found = prints_of(unit, method, lots, terms, lying)
        if found == "upright":
            asked = _cuts_more(recipe, more, _listed_pieces(cuts))
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
