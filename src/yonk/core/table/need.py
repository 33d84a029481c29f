"""What is wanted of each cut, and what of it lies there: made units, the very cut, larger pieces
that are cut down. Nothing is counted twice, and the most is served that can be.

Source: *What lies there against what is wanted* in `docs/table.md`.
"""

from __future__ import annotations

from collections import Counter, defaultdict
from collections.abc import Hashable, Iterable, Mapping, Sequence, Set
from dataclasses import dataclass
from fractions import Fraction
from typing import NamedTuple

import numpy as np
from scipy.optimize import Bounds, LinearConstraint, milp

from yonk.core.planning import Cut, StageName
from yonk.core.table.state import CutOnTable

# A piece less to cut counts more than any cloth that is spared by serving with a smaller one.
_SPARED = 1e-3
RECTANGLES = ("square", "rectangle")  # what larger pieces are cut down to


class WantedKey(NamedTuple):
    """A row of what is wanted: for which blocks, and by what its cut is known."""

    stage: StageName
    what: Hashable


@dataclass(frozen=True)
class WantedCut:
    """How many of a cut are wanted, how many of them made units save, and how many those that can
    be made of what lies there for another way.
    """

    key: WantedKey
    cut: Cut
    wanted: int
    by_units: int
    by_lots: int = 0

    @property
    def lacking(self) -> int:
        """How many pieces of it are wanted."""
        return self.wanted - self.by_units - self.by_lots


@dataclass(frozen=True)
class CutNeed:
    """A cut of the plan: how many are `wanted`, what made units save of it and those that can be
    made of what lies there for another way, how many lie there just so, how many larger pieces are
    cut down to it, and how many are still to be cut. `served_by` tells which entries of what lies
    there serve, and how many of each.
    """

    cut: Cut
    wanted: int
    by_units: int
    good: int
    serves: int
    key: WantedKey
    served_by: tuple[tuple[int, int], ...] = ()
    by_lots: int = 0

    @property
    def to_cut(self) -> int:
        """What is still to be cut."""
        return self.wanted - self.by_units - self.by_lots - self.good - self.serves


def needs_of(
    wanted: Sequence[WantedCut], lying: Sequence[CutOnTable], directed: Set[str]
) -> tuple[tuple[CutNeed, ...], tuple[int, ...]]:
    """What becomes of what lies there.

    Args:
        wanted: the rows of the lists.
        lying: what is cut; a row takes first what was cut for its own blocks.
        directed: keys of the fabrics whose print has a direction, which no piece is turned against.

    Returns: a need for each row, and of each entry of `lying` how many serve for nothing.
    """
    left = [one.count for one in lying]
    good = _just_so(wanted, lying, left)
    lacking = {one.key: one.lacking - good[one.key] for one in wanted}
    served = _served(wanted, lacking, lying, left, directed)
    needs = tuple(
        CutNeed(
            one.cut,
            one.wanted,
            one.by_units,
            good[one.key],
            sum(count for _, count in served[one.key]),
            one.key,
            tuple(served[one.key]),
            one.by_lots,
        )
        for one in wanted
    )
    return needs, tuple(left)


def _just_so(
    wanted: Iterable[WantedCut], lying: Sequence[CutOnTable], left: list[int]
) -> Counter[WantedKey]:
    """How many of each row lie there just so: first what was cut for its own blocks, then whatever
    others have too many of. Changes `left`.
    """
    entries: dict[Hashable, list[int]] = defaultdict(list)
    for number, one in enumerate(lying):
        entries[one.key].append(number)
    good: Counter[WantedKey] = Counter()
    rows = list(wanted)
    for own in (True, False):
        for row in rows:
            for number in entries.get(row.key.what, ()):
                if own and lying[number].stage != row.key.stage:
                    continue
                lacking = row.lacking - good[row.key]
                taken = min(left[number], lacking)
                left[number] -= taken
                good[row.key] += taken
    return good


def _served(
    wanted: Sequence[WantedCut],
    lacking: Mapping[WantedKey, int],
    lying: Sequence[CutOnTable],
    left: list[int],
    directed: Set[str],
) -> Mapping[WantedKey, list[tuple[int, int]]]:
    """How many larger pieces are cut down to each row: the most pieces, and among as many those
    that waste least. A piece serves once. Changes `left`.
    """
    pairs = [
        (row, number)
        for row in wanted
        if lacking[row.key]
        for number, one in enumerate(lying)
        if left[number] and _can_become(one, row.cut, directed)
    ]
    served: dict[WantedKey, list[tuple[int, int]]] = defaultdict(list)
    if not pairs:
        return served
    rows = list(dict.fromkeys(row.key for row, _ in pairs))
    entries = sorted({number for _, number in pairs})
    table = np.zeros((len(rows) + len(entries), len(pairs)))
    largest = max(_area(lying[number]) for number in entries)
    costs = []
    for column, (row, number) in enumerate(pairs):
        table[rows.index(row.key), column] = 1
        table[len(rows) + entries.index(number), column] = 1
        costs.append(-1 + _SPARED * (_area(lying[number]) - _area(row.cut)) / largest)
    most = [lacking[key] for key in rows] + [left[number] for number in entries]
    found = milp(
        costs,
        constraints=LinearConstraint(table, -np.inf, most),
        integrality=np.ones(len(pairs)),
        bounds=Bounds(0, np.inf),
    )
    for (row, number), count in zip(pairs, np.rint(found.x).astype(int), strict=True):
        if count:
            served[row.key].append((number, int(count)))
            left[number] -= int(count)
    return served


def _area(one: Cut | CutOnTable) -> float:
    return float(one.width * one.height)


def _can_become(one: CutOnTable, cut: Cut, directed: Set[str]) -> bool:
    """Whether a piece that lies there can be cut down to a cut, its grain as it lies."""
    if one.fabric != cut.fabric or one.subcut not in ("none", cut.subcut) or one.cornered:
        return False
    if one.shape not in RECTANGLES or cut.shape not in RECTANGLES:
        return False
    if one.fabric in directed:
        told = one.what is not None
        here, there = _as_printed(one, told), _as_printed(cut, told)
        return here[0] >= there[0] and here[1] >= there[1]
    some, wanted = sorted((one.width, one.height)), sorted((cut.width, cut.height))
    return some[0] >= wanted[0] and some[1] >= wanted[1]


def _as_printed(one: Cut | CutOnTable, told: bool) -> tuple[Fraction, Fraction]:
    """How wide and how long a piece is as its print points; where that is not told, as it lies."""
    lie = one.what.lie if told and one.what else None
    if lie is None:
        return one.width, one.height
    longer, shorter = max(one.width, one.height), min(one.width, one.height)
    return (shorter, longer) if lie == "stands" else (longer, shorter)
