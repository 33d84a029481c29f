"""What is wanted of each cut, and what of it lies there: made units, the very cut, larger pieces
that are cut down. Nothing is counted twice, and the most is served that can be.

Source: *What lies there against what is wanted* in `docs/table.md`.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from fractions import Fraction
from typing import NamedTuple

import numpy as np
from scipy.optimize import Bounds, LinearConstraint, milp

from yonk.core.paper import Draft
from yonk.core.planning import Cut, Plan, make_plan
from yonk.core.table.state import CutOnTable, TableState

# A piece less to cut counts more than any cloth that is spared by serving with a smaller one.
_SPARED = 1e-3
_RECTANGLES = ("square", "rectangle")


class CutSize(NamedTuple):
    """What a cut is known by: its fabric and shape, its longer and shorter side, how it is cut
    further.
    """

    fabric: str
    shape: str
    longer: Fraction
    shorter: Fraction
    subcut: str

    @staticmethod
    def of(cut: Cut | CutOnTable) -> CutSize:
        """That of a line of the list, or of what lies there."""
        longer, shorter = max(cut.width, cut.height), min(cut.width, cut.height)
        return CutSize(cut.fabric, cut.shape, longer, shorter, cut.subcut)

    @property
    def area(self) -> Fraction:
        """How much cloth it takes."""
        return self.longer * self.shorter


@dataclass(frozen=True)
class CutNeed:
    """A cut of the plan: how many are `wanted`, what made units save of it, how many lie there just
    so, how many larger pieces are cut down to it, and how many are still to be cut.
    """

    cut: Cut
    wanted: int
    by_units: int
    good: int
    serves: int

    @property
    def to_cut(self) -> int:
        """What is still to be cut."""
        return self.wanted - self.by_units - self.good - self.serves


def needs_of(plan: Plan, state: TableState) -> tuple[tuple[CutNeed, ...], tuple[int, ...]]:
    """What is wanted and what lies there.

    Args:
        plan: of all blocks.
        state: what lies on the table.

    Returns: a need for each cut of the plan, and of each entry of `state.cut` how many serve for
    nothing.
    """
    rows = _merged(plan.cuts)
    saved = _saved_by_units(plan, state, rows)
    left = [one.count for one in state.cut]
    needs = {}
    for size, cut in rows.items():
        lacking = cut.count - saved[size]
        good = 0
        for number, one in enumerate(state.cut):
            if CutSize.of(one) == size:
                taken = min(left[number], lacking - good)
                left[number] -= taken
                good += taken
        needs[size] = CutNeed(cut, cut.count, saved[size], good, 0)
    served = _served(needs, state.cut, left, plan.reading.draft)
    return tuple(replace(one, serves=served[size]) for size, one in needs.items()), tuple(left)


def _merged(cuts: Sequence[Cut]) -> dict[CutSize, Cut]:
    """The cuts by their sizes; those of one size, for mirror images, as one."""
    rows: dict[CutSize, Cut] = {}
    for cut in cuts:
        size = CutSize.of(cut)
        known = rows.get(size)
        rows[size] = cut if known is None else replace(known, count=known.count + cut.count)
    return rows


def _saved_by_units(
    plan: Plan, state: TableState, rows: Mapping[CutSize, Cut]
) -> Mapping[CutSize, int]:
    """How many of each cut the made units save, each group made in the way that it is made in."""
    if not state.made:
        return Counter()
    wanted = plan.wanted
    made: Counter[object] = Counter()
    for label, count in state.made:
        group = next(one for one in wanted.groups if one.label == label)
        made[group.identity] += min(count, wanted.totals[label])
    without = _merged(make_plan(_as_made(plan), made=made).cuts)
    saved: Counter[CutSize] = Counter()
    for size, cut in rows.items():
        less = without.get(size)
        saved[size] = cut.count - (less.count if less else 0)
    return saved


def _as_made(plan: Plan) -> Draft:
    """The draft with the way of each kind of unit held, since a way is not changed half way."""
    draft = plan.reading.draft
    ways = {recipe.group.kind: recipe.way.name for recipe in reversed(plan.recipes)}
    methods = {**ways, **draft.making.methods}
    return replace(draft, making=replace(draft.making, methods=methods))


def _served(
    needs: Mapping[CutSize, CutNeed], cut: Sequence[CutOnTable], left: list[int], draft: Draft
) -> Counter[CutSize]:
    """How many larger pieces are cut down to each size: the most pieces, and among as many those
    that waste least. A piece serves once. Changes `left`.
    """
    pairs = [
        (size, number)
        for size, need in needs.items()
        for number, one in enumerate(cut)
        if left[number] and need.to_cut and _can_become(one, size, need.cut, draft)
    ]
    if not pairs:
        return Counter()
    sizes = list(dict.fromkeys(size for size, _ in pairs))
    entries = sorted({number for _, number in pairs})
    table = np.zeros((len(sizes) + len(entries), len(pairs)))
    largest = max(float(one.width * one.height) for one in cut)
    costs = []
    for column, (size, number) in enumerate(pairs):
        table[sizes.index(size), column] = 1
        table[len(sizes) + entries.index(number), column] = 1
        spent = float(cut[number].width * cut[number].height - size.area) / largest
        costs.append(-1 + _SPARED * spent)
    most = [needs[size].to_cut for size in sizes] + [left[number] for number in entries]
    found = milp(
        costs,
        constraints=LinearConstraint(table, -np.inf, most),
        integrality=np.ones(len(pairs)),
        bounds=Bounds(0, np.inf),
    )
    served: Counter[CutSize] = Counter()
    for (size, number), count in zip(pairs, np.rint(found.x).astype(int), strict=True):
        served[size] += int(count)
        left[number] -= int(count)
    return served


def _can_become(one: CutOnTable, size: CutSize, cut: Cut, draft: Draft) -> bool:
    """Whether a piece that lies there can be cut down to a size, its grain as it lies."""
    if one.fabric != size.fabric or one.subcut not in ("none", size.subcut):
        return False
    if one.shape not in _RECTANGLES or size.shape not in _RECTANGLES:
        return False
    if draft.fabric(one.fabric).print == "directional":
        return one.width >= cut.width and one.height >= cut.height
    return max(one.width, one.height) >= size.longer and min(one.width, one.height) >= size.shorter
