"""What units that are made already save of what is wanted.

Source: *What lies there against what is wanted* in `docs/table.md`.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Callable, Hashable, Iterator, Mapping, Sequence
from dataclasses import replace
from fractions import Fraction
from itertools import product
from typing import NamedTuple

from yonk.core.paper import Draft
from yonk.core.planning import Cut, Plan, StageName, plan_stage
from yonk.core.table.state import CutSize


class Counting(NamedTuple):
    """By what the cuts of a list are known, and how many of each there are."""

    key: Callable[[Cut], Hashable]
    count: Callable[[Cut], int]


BY_SIZE = Counting(CutSize.of, lambda cut: cut.count)
BY_WHAT = Counting(lambda cut: cut.what, lambda cut: cut.amount)
UnitsMade = Mapping[object, int]  # of each group of units, by its identity


def counted(cuts: Sequence[Cut], counting: Counting) -> Counter[Hashable]:
    """How many there are of each cut."""
    found: Counter[Hashable] = Counter()
    for cut in cuts:
        found[counting.key(cut)] += counting.count(cut)
    return found


def saved_by_units(
    plan: Plan, stage: StageName, made: UnitsMade, counting: Counting
) -> Mapping[Hashable, int]:
    """How many of each cut the made units save, each group made in the way that it is made in.

    Args:
        plan: of a stage.
        stage: which; of the rest after a trial only the units count that the trial does not take.
        made: no more than are wanted.
        counting: by what the cuts are known.
    """
    if not made:
        return Counter()
    whole = counted(plan.cuts, counting)
    sizes = {counting.key(cut): _cloth(cut, counting) for cut in plan.cuts}
    saved = []
    for draft in _ways_held(plan):
        without = counted(plan_stage(draft, stage, made=made).cuts, counting)
        if without.keys() <= whole.keys() and all(whole[key] >= n for key, n in without.items()):
            saved.append({key: count - without[key] for key, count in whole.items()})
    # nothing where what is left to make is cut otherwise in every way: the lots are made whole
    return max(
        saved, key=lambda one: sum(sizes[key] * n for key, n in one.items()), default=Counter()
    )


def _cloth(cut: Cut, counting: Counting) -> Fraction:
    """How much cloth one of them takes."""
    return cut.width * cut.height * cut.count / max(1, counting.count(cut))


def _ways_held(plan: Plan) -> Iterator[Draft]:
    """The draft with the way of each kind of unit held, since a way is not changed half way; where
    a kind is split over two methods, also with what is left made by one of them.
    """
    draft = plan.reading.draft
    ways = {recipe.group.kind: recipe.way.name for recipe in reversed(plan.recipes)}
    ways = {**ways, **draft.making.methods}
    choices = [dict.fromkeys([name, *name.split("+")]) for name in ways.values()]
    for names in product(*choices):
        methods = dict(zip(ways, names, strict=True))
        yield replace(draft, making=replace(draft.making, methods=methods))
