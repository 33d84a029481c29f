"""How the table stands: what is wanted of each cut, what lies there, what is missing. Trial, rest
and all at once are views of the one assignment.

Source: *What lies there against what is wanted* in `docs/table.md`.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Hashable, Mapping, Sequence, Set
from dataclasses import dataclass, field, replace
from fractions import Fraction
from functools import cached_property

from yonk.core.cutting import left_to_cut
from yonk.core.paper import Draft
from yonk.core.planning import Cut, Plan, StageName, make_plan, plan_stage, unit_mark
from yonk.core.table.laying import LaidOnCloth, StillCut, laid_on_cloth
from yonk.core.table.lots import lots_there
from yonk.core.table.made import BY_SIZE, BY_WHAT, Counting, UnitsMade, saved_by_units
from yonk.core.table.need import CutNeed, WantedCut, WantedKey, needs_of
from yonk.core.table.pieced import with_pieced
from yonk.core.table.state import CutOnTable, TableState
from yonk.core.units import CutKey

VIEWS: tuple[tuple[StageName, ...], ...] = (("all",), ("trial", "rest"))


@dataclass(frozen=True)
class LineNeed:
    """How a line of a list stands, in pieces, of strip sets in segments: what made units save,
    what units save that can be made of pieces for another way, what lies there just so, what serves
    when it is cut down: `served_by` tells which cuts, and how many of each.
    """

    cut: Cut
    by_units: int
    by_lots: int
    good: int
    serves: int
    served_by: tuple[tuple[CutOnTable, int], ...]

    @property
    def to_cut(self) -> int:
        """What is still to be cut."""
        return self.cut.amount - self.there - self.serves

    @property
    def there(self) -> int:
        """What is there."""
        return self.by_units + self.by_lots + self.good

    @property
    def is_done(self) -> bool:
        """Whether nothing is to be done for it any more."""
        return self.there == self.cut.amount


@dataclass(frozen=True)
class TableStanding:
    """What lies on a table against the lists of a view: a need for each row; of each entry of what
    is cut how many are left; what is `still` to be cut, and how; how many of the units that are
    made are not wanted, by their marks.
    """

    state: TableState
    needs: tuple[CutNeed, ...]
    left: tuple[int, ...]
    still: tuple[StillCut, ...]
    laid: LaidOnCloth
    unwanted: Mapping[str, int] = field(default_factory=dict)

    @property
    def enough(self) -> bool:
        """Whether nothing is missing."""
        return not self.laid.missing

    @property
    def to_cut(self) -> list[tuple[Cut, int]]:
        """What is still to be cut, and how many of each."""
        return [(one.cut, one.cut.count) for one in self.still if one.cut.count]

    def lines(self, cuts: Sequence[Cut], stage: StageName) -> list[LineNeed]:
        """How each line of a list stands. Lines of one cut, as strips of several lengths, are
        served in their order.
        """
        above: Counter[CutKey] = Counter()
        return [self._line(cut, stage, above) for cut in cuts]

    def _line(self, cut: Cut, stage: StageName, above: Counter[CutKey]) -> LineNeed:
        need = self._by_key[WantedKey(stage, cut.what)]
        start = above[cut.what]
        end = above[cut.what] = start + cut.amount
        by_units = _between(start, end, 0, need.by_units)
        lots = need.by_units + need.by_lots
        have = lots + need.good
        by_lots = _between(start, end, need.by_units, lots)
        good = _between(start, end, lots, have)
        serves = _between(start, end, have, have + need.serves)
        served_by = [(self.state.cut[number], count) for number, count in need.served_by]
        return LineNeed(cut, by_units, by_lots, good, serves, tuple(served_by if serves else ()))

    @cached_property
    def _by_key(self) -> Mapping[WantedKey, CutNeed]:
        return {need.key: need for need in self.needs}


def _between(start: int, end: int, first: int, last: int) -> int:
    """How much of a stretch lies in a line's own."""
    return max(0, min(end, last) - max(start, first))


@dataclass(frozen=True)
class UselessCut:
    """So much of what is cut is of no use to the draft as it is now; `good` of it are."""

    what: CutKey
    count: int
    good: int


@dataclass(frozen=True)
class OfNoUse:
    """What lies there for nothing, whichever way she goes about it: cuts, and made units by their
    marks.
    """

    cuts: tuple[UselessCut, ...] = ()
    units: Mapping[str, int] = field(default_factory=dict)


def sized_standing(draft: Draft, state: TableState) -> TableStanding:
    """How the table stands over all blocks of a draft where only the sizes of what is cut are told.

    Raises: `DraftError` where the drawing is too much to work on.
    """
    plan = plan_with_pieced(draft, "all", state)
    rows = _wanted(plan, "all", _labelled(plan, state), BY_SIZE)
    return _standing_of(rows, state, with_direction(draft), draft.making.usable, BY_SIZE)


def block_standing(draft: Draft, stage: StageName, state: TableState) -> TableStanding:
    """How the table stands for a list of a draft: for all blocks at once, or for a trial block and
    the rest after it together.

    Raises: `DraftError` where the drawing is too much to work on.
    """
    view = next(view for view in VIEWS if stage in view)
    if view != ("all",) and not (state.cut or state.units or state.spoiled or state.only):
        view = (stage,)  # nothing lies there that one could take from the other
    units, unwanted = wanted_units_made(make_plan(draft), state.units) if state.units else ({}, {})
    plans = {one: plan_with_pieced(draft, one, state) for one in view}
    shares = {one: _share(draft, one, units) for one in view}
    rows = [row for one, plan in plans.items() for row in _wanted(plan, one, shares[one], BY_WHAT)]
    found = _standing_of(rows, state, with_direction(draft), draft.making.usable)
    if any(found.left) and any(need.good < need.wanted for need in found.needs):
        rows, lying = _with_lots(rows, found, plans, shares)
        found = _standing_of(rows, state, with_direction(draft), draft.making.usable, lying=lying)
    return replace(found, unwanted=unwanted)


def _with_lots(
    rows: Sequence[WantedCut],
    found: TableStanding,
    plans: Mapping[StageName, Plan],
    shares: Mapping[StageName, UnitsMade],
) -> tuple[list[WantedCut], tuple[CutOnTable, ...]]:
    """The rows less what can be made of pieces that lie there for another way, and what lies there
    without those pieces.
    """
    left: Counter[Hashable] = Counter()
    for one, count in zip(found.state.cut, found.left, strict=True):
        left[one.key] += count
    by_lots: Counter[WantedKey] = Counter()
    takes: Counter[Hashable] = Counter()
    for stage, plan in plans.items():
        lacking = {
            need.key.what: need.to_cut + need.serves
            for need in found.needs
            if need.key.stage == stage
        }
        lots = lots_there(plan, stage, shares[stage], lacking, left)
        takes.update(lots.takes)
        left.subtract(lots.takes)
        by_lots.update({WantedKey(stage, what): n for what, n in lots.saves.items()})
    cut = []
    for one, count in zip(found.state.cut, found.left, strict=True):
        taken = min(count, takes[one.key])
        takes[one.key] -= taken
        cut.append(replace(one, count=one.count - taken))
    less = [replace(row, by_lots=by_lots[row.key]) for row in rows]
    return less, tuple(cut)


def plan_with_pieced(draft: Draft, stage: StageName, state: TableState) -> Plan:
    """The plan of a stage with the patches that are pieced from two; a trial block has none."""
    plan = plan_stage(draft, stage)
    if not state.pieced or stage == "trial":
        return plan
    return replace(plan, cuts=with_pieced(plan.cuts, state.pieced, draft.unit))


def quilt_standing(
    cuts: Sequence[Cut], state: TableState, pointing: Set[str], usable: Fraction
) -> TableStanding:
    """How the table stands for the whole list of a quilt; `pointing` are the keys of its fabrics
    whose print has a direction.
    """
    rows: dict[WantedKey, WantedCut] = {}
    for cut in cuts:
        key = WantedKey("all", cut.what)
        before = rows[key].wanted if key in rows else 0
        rows[key] = WantedCut(key, cut, before + cut.amount, 0)
    return _standing_of([*rows.values()], state, pointing, usable)


def _standing_of(
    rows: Sequence[WantedCut],
    state: TableState,
    pointing: Set[str],
    usable: Fraction,
    counting: Counting = BY_WHAT,
    lying: Sequence[CutOnTable] | None = None,
) -> TableStanding:
    """How the table stands for the rows of some lists; `lying` is what of the cuts there is not
    taken for something else.
    """
    needs, left = needs_of(rows, state.cut if lying is None else lying, pointing)
    still = tuple(
        StillCut(
            need.key,
            replace(need.cut, count=need.to_cut)
            if counting is BY_SIZE
            else left_to_cut(need.cut, need.to_cut),
        )
        for need in needs
    )
    laid = laid_on_cloth(still, left, state, pointing, usable)
    return TableStanding(state, needs, left, still, laid)


def of_no_use(draft: Draft, stage: StageName, state: TableState) -> OfNoUse:
    """What lies there for nothing: what neither the list that is shown has a use for, nor, just as
    it is, that of the other way of going about it, all at once or a trial block first.
    """
    if not state.cut and not state.units:
        return OfNoUse()
    # nothing need be laid for it
    bare = TableState(cut=state.cut, units=state.units, pieced=state.pieced)
    shown, other = sorted(VIEWS, key=lambda view: stage not in view)
    mine, theirs = (block_standing(draft, view[0], bare) for view in (shown, other))
    least = [
        min(some, key=lambda one: one.count)
        for some in zip(_useless(mine), _useless(theirs, as_it_is=True), strict=True)
    ]
    return OfNoUse(tuple(one for one in least if one.count), mine.unwanted)


def useless_of_quilt(standing: TableStanding) -> OfNoUse:
    """The same of a quilt, which is cut all at once."""
    return OfNoUse(tuple(one for one in _useless(standing) if one.count))


def _useless(standing: TableStanding, *, as_it_is: bool = False) -> list[UselessCut]:
    """A row for every cut that lies there; `as_it_is` what could be cut down serves for nothing."""
    useless: Counter[CutKey] = Counter()
    there: Counter[CutKey] = Counter()
    cut_down: Counter[int] = Counter()
    for need in standing.needs if as_it_is else ():
        cut_down.update(dict(need.served_by))
    for number, (one, count) in enumerate(zip(standing.state.cut, standing.left, strict=True)):
        if one.what:
            there[one.what] += one.count
            useless[one.what] += count + cut_down[number]
    return [UselessCut(what, useless[what], n - useless[what]) for what, n in there.items()]


def pieces_in_units(plan: Plan, made: Mapping[str, int]) -> Counter[CutKey]:
    """How many pieces of each cut are in the units that are made, by their marks: whole lots, since
    what is left of one is not made yet.
    """
    units, _ = wanted_units_made(plan, made)
    found: Counter[CutKey] = Counter()
    for what, count in saved_by_units(plan, "all", units, BY_WHAT).items():
        if isinstance(what, CutKey) and count:
            found[what] = count
    return found


def wanted_units_made(plan: Plan, made: Mapping[str, int]) -> tuple[UnitsMade, Mapping[str, int]]:
    """The made units that are wanted, by the identity of their groups; and those that are not, by
    their marks.
    """
    wanted = plan.wanted
    units: dict[object, int] = {}
    unwanted = dict(made)
    for group in wanted.groups if made else ():
        mark = unit_mark(group, plan.reading.draft)
        count = min(made.get(mark, 0), wanted.totals[group.label])
        if count:
            units[group.identity] = count
            unwanted[mark] -= count
    return units, {mark: count for mark, count in unwanted.items() if count}


def with_direction(draft: Draft) -> Set[str]:
    """The keys of the fabrics whose print has a direction."""
    return {fabric.key for fabric in draft.fabrics if fabric.has_direction}


def _wanted(plan: Plan, stage: StageName, made: UnitsMade, counting: Counting) -> list[WantedCut]:
    """The rows of a plan; cuts that are known by the same, as mirror images by their size, as
    one.
    """
    saved = saved_by_units(plan, stage, made, counting)
    rows: dict[WantedKey, tuple[Cut, int]] = {}
    for cut in plan.cuts:
        key, count = WantedKey(stage, counting.key(cut)), counting.count(cut)
        known, before = rows.get(key, (replace(cut, count=0), 0))
        rows[key] = replace(known, count=known.count + cut.count), before + count
    return [WantedCut(key, cut, n, saved.get(key.what, 0)) for key, (cut, n) in rows.items()]


def _labelled(plan: Plan, state: TableState) -> UnitsMade:
    """The made units that are told by their labels, no more than are wanted."""
    wanted = plan.wanted
    groups = {group.label: group for group in wanted.groups}
    made: Counter[object] = Counter()
    for label, count in state.made:
        made[groups[label].identity] += min(count, wanted.totals[label])
    return made


def _share(draft: Draft, stage: StageName, made: UnitsMade) -> UnitsMade:
    """Which of the made units a stage takes: the trial those of its one block."""
    if stage != "trial" or not made:
        return made
    wanted = plan_stage(draft, "trial").wanted
    totals: dict[object, int] = {
        group.identity: wanted.totals[group.label] for group in wanted.groups
    }
    shares = {identity: min(count, totals.get(identity, 0)) for identity, count in made.items()}
    return {identity: count for identity, count in shares.items() if count}
