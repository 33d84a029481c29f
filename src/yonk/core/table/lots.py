"""Pieces that lie there for another way of making the same unit: eight squares two at a time for a
pair of squares eight at a time.

Source: *What lies there against what is wanted* in `docs/table.md`.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Callable, Hashable, Iterator, Mapping
from dataclasses import dataclass, replace

from yonk.core.planning import Plan, StageName, UnitGroup, make_plan
from yonk.core.table.made import BY_WHAT, UnitsMade, counted, saved_by_units
from yonk.core.units import BY_NAME

Amounts = Mapping[Hashable, int]


@dataclass(frozen=True)
class LotsThere:
    """Units that can be made of what lies there in another way: what they save of each cut, and
    which pieces they take.
    """

    saves: Amounts
    takes: Amounts


def lots_there(
    plan: Plan, stage: StageName, made: UnitsMade, lacking: Amounts, left: Amounts
) -> LotsThere:
    """The units that can be made of pieces that serve for nothing else.

    Args:
        plan: of a stage.
        made: the units that are made already.
        lacking: how many of each cut are wanted and not there.
        left: how many pieces of each cut serve for nothing else.
    """
    units: Counter[object] = Counter(made)
    takes: Counter[Hashable] = Counter()
    saves: Counter[Hashable] = Counter()
    before = saved_by_units(plan, stage, made, BY_WHAT)
    for group in plan.wanted.groups:
        mine = _wanted_for(plan, group, lacking)
        if not mine:
            continue
        most = plan.wanted.totals[group.label] - units[group.identity]
        for way in _ways(group):
            rest = {what: count - takes[what] for what, count in left.items()}
            of = _Lots(plan, group, way).of
            count = _most(most, lambda n: _covers(rest, of(n)))  # noqa: B023, called at once
            saved = _saved(plan, stage, units, group, count, before, mine, saves)
            if not saved:
                continue

            def does_as_much(n: int) -> bool:
                return _saved(plan, stage, units, group, n, before, mine, saves) == saved  # noqa: B023

            count = count - _most(count, lambda n: does_as_much(count - n))  # noqa: B023
            units[group.identity] += count
            takes.update(of(count))
            saves.update(saved)
            break
    return LotsThere(saves, takes)


def _wanted_for(plan: Plan, group: UnitGroup, lacking: Amounts) -> Amounts:
    """What is lacking of the cuts that a group is made of."""
    return {
        cut.what: lacking[cut.what]
        for cut in plan.cuts
        if group.label in cut.units and lacking.get(cut.what, 0) > 0
    }


def _ways(group: UnitGroup) -> Iterator[str]:
    """The ways to make all of a group alike."""
    for method in BY_NAME[group.kind].methods:
        if method.suits(group.unit):
            yield method.name


class _Lots:
    """The cuts of so many units of a group, made in one way."""

    def __init__(self, plan: Plan, group: UnitGroup, way: str) -> None:
        draft = plan.reading.draft
        methods = {**draft.making.methods, group.kind: way}
        self.draft = replace(draft, making=replace(draft.making, methods=methods, units=()))
        whole = make_plan(self.draft).wanted
        self.totals: dict[object, int] = {
            one.identity: whole.totals[one.label] for one in whole.groups
        }
        self.identity = group.identity

    def of(self, count: int) -> Counter[Hashable]:
        """How many of each cut so many units take."""
        made: dict[object, int] = {
            **self.totals,
            self.identity: self.totals.get(self.identity, 0) - count,
        }
        return counted(make_plan(self.draft, made=made).cuts, BY_WHAT)


def _covers(left: Amounts, wanted: Amounts) -> bool:
    return all(left.get(what, 0) >= count for what, count in wanted.items())


def _most(most: int, holds: Callable[[int], bool]) -> int:
    """The largest number up to the most for which something holds; it holds for all smaller."""
    least = 0
    while least < most:
        middle = (least + most + 1) // 2
        least, most = (middle, most) if holds(middle) else (least, middle - 1)
    return least


def _saved(
    plan: Plan,
    stage: StageName,
    units: UnitsMade,
    group: UnitGroup,
    count: int,
    before: Amounts,
    wanted: Amounts,
    saves: Amounts,
) -> dict[Hashable, int]:
    """What so many more units of a group save of what is lacking."""
    if not count:
        return {}
    more = {**units, group.identity: units.get(group.identity, 0) + count}
    after = saved_by_units(plan, stage, more, BY_WHAT)
    found = {
        what: min(lacking, after.get(what, 0) - before.get(what, 0) - saves.get(what, 0))
        for what, lacking in wanted.items()
    }
    return {what: n for what, n in found.items() if n > 0}
