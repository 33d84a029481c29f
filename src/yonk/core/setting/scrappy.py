"""Blocks in several colourings laid so that none alike touch: solved, with places held fast, and
told how near it can come where it cannot be.

Source: the scrappy placement of `docs/setting.md`.
"""

from __future__ import annotations

from collections import Counter, defaultdict
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from itertools import combinations
from typing import Any

import numpy as np
from scipy.optimize import Bounds, LinearConstraint, milp
from scipy.sparse import coo_array

from yonk.core.paper import DraftError
from yonk.core.setting.places import columns_in, places_of, rows_of
from yonk.core.setting.quilt import Placed, Quilt, Setting

SECONDS = 4.0  # after which the best that was found is taken
At = tuple[int, int]


@dataclass(frozen=True)
class Scrappy:
    """A placement: which block lies where; pairs of neighbours that are alike; whether it is proved
    that fewer cannot be.
    """

    laid: Mapping[At, str]
    touching: int
    proved: bool


def lay_scrappy(
    quilt: Quilt, blocks: Sequence[str], held: Sequence[At], *, corners: bool
) -> Scrappy:
    """Spread blocks evenly over a quilt so that none alike touch.

    Args:
        blocks: keys of the blocks that are spread, each about as often as the others.
        held: places that stay as they are.
        corners: whether blocks that meet at a corner touch as well.

    Returns: the placement with the fewest pairs that touch.

    Raises: `DraftError` for fewer than two blocks, or a place that is none.
    """
    for key in blocks:
        if key not in quilt.by_key:
            raise DraftError("blocks", f"“{key}” is no block of the quilt")
    if len(set(blocks)) < 2:
        raise DraftError("blocks", "must be at least two, so that they can be spread")
    lies = {(one.row, one.column): one.placed for one in places_of(quilt.setting)}
    for at in held:
        if at not in lies:
            raise DraftError("held", "is no place of the setting")
    places = [at for at, placed in lies.items() if placed is not None]
    kept = {at: placed.block for at in held if (placed := lies[at]) and placed.block in blocks}
    free = [at for at in places if at not in held]
    pairs = touching_pairs(quilt.setting, corners=corners)
    return _solved(free, kept, list(dict.fromkeys(blocks)), pairs)


def touching_pairs(setting: Setting, *, corners: bool) -> list[tuple[At, At]]:
    """The places that touch along a side; also those that meet at a corner, if asked."""
    if setting.kind == "straight":
        steps = [(0, 1), (1, 0), *([(1, 1), (1, -1)] if corners else [])]

        def near(at: At) -> list[At]:
            return [(at[0] + down, at[1] + right) for down, right in steps]
    else:

        def near(at: At) -> list[At]:
            shift = at[0] % 2
            beside = [(at[0] + 1, at[1] + shift), (at[0] + 1, at[1] + shift - 1)]
            return [*beside, *([(at[0], at[1] + 1), (at[0] + 2, at[1])] if corners else [])]

    known = {(row, c) for row in range(rows_of(setting)) for c in range(columns_in(setting, row))}
    return [(at, other) for at in sorted(known) for other in near(at) if other in known]


def _solved(
    free: list[At], kept: Mapping[At, str], blocks: list[str], pairs: list[tuple[At, At]]
) -> Scrappy:
    """The fewest touching pairs, by a solver: a choice for each place, a slip for each pair."""
    if not kept and free:  # the blocks can stand for each other: any is as good at one place
        kept, free = {free[0]: blocks[0]}, free[1:]
    places = [*free, *kept]
    number = {at: index for index, at in enumerate(places)}
    known = ((number[a], number[b]) for a, b in pairs if a in number and b in number)
    met = [(min(pair), max(pair)) for pair in known]
    many, kinds = len(places), len(blocks)
    choices = many * kinds
    rows = _Rows(choices + len(met))
    for place in range(many):
        rows.add({place * kinds + kind: 1.0 for kind in range(kinds)}, 1, 1)
    for slip, (one, other) in enumerate(met):
        for kind in range(kinds):
            rows.add(
                {one * kinds + kind: 1.0, other * kinds + kind: 1.0, choices + slip: -1.0},
                -np.inf,
                1,
            )
    slips = {pair: choices + slip for slip, pair in enumerate(met)}
    for four in _fours(met):
        # no more alike in a square of four than pairs of it slip: the solver sees it at once
        mine = {slips[pair]: -1.0 for pair in combinations(four, 2) if pair in slips}
        for kind in range(kinds):
            rows.add({**{place * kinds + kind: 1.0 for place in four}, **mine}, -np.inf, 1)
    already = Counter(kept.values())
    for kind, key in enumerate(blocks):
        low = max(many // kinds, already[key])
        spread = {place * kinds + kind: 1.0 for place in range(many)}
        rows.add(spread, min(many // kinds, many), max(-(-many // kinds), low))
    lower, upper = np.zeros(rows.wide), np.ones(rows.wide)
    for at, key in kept.items():
        lower[number[at] * kinds + blocks.index(key)] = 1
    cost = np.zeros(rows.wide)
    cost[choices:] = 1
    integral = np.zeros(rows.wide)
    integral[:choices] = 1
    found = milp(
        cost,
        constraints=rows.constraint(),
        bounds=Bounds(lower, upper),
        integrality=integral,
        options={"time_limit": SECONDS},
    )
    if found.x is None:
        raise DraftError("held", "are so many of one block that the others cannot be spread evenly")
    chosen = found.x[:choices].reshape(many, kinds).argmax(axis=1)
    laid = {at: blocks[int(kind)] for at, kind in zip(places, chosen, strict=True)}
    touching = sum(laid[a] == laid[b] for a, b in pairs if a in laid and b in laid)
    return Scrappy(laid, touching, found.status == 0)


def _fours(met: Sequence[tuple[int, int]]) -> list[tuple[int, ...]]:
    """Places of which each touches the three others."""
    beside: dict[int, set[int]] = defaultdict(set)
    for one, other in met:
        beside[one].add(other)
        beside[other].add(one)
    found = set()
    for one, other in met:
        for third, fourth in combinations(sorted(beside[one] & beside[other]), 2):
            if fourth in beside[third]:
                found.add(tuple(sorted((one, other, third, fourth))))
    return sorted(found)


class _Rows:
    """Rows of constraints, as they come."""

    def __init__(self, wide: int) -> None:
        self.wide = wide
        self.entries: list[tuple[int, int, float]] = []
        self.low: list[float] = []
        self.high: list[float] = []

    def add(self, row: Mapping[int, float], low: float, high: float) -> None:
        self.entries += [(len(self.low), column, value) for column, value in row.items()]
        self.low.append(low)
        self.high.append(high)

    def constraint(self) -> Any:
        down, across, values = zip(*self.entries, strict=True)
        matrix = coo_array((values, (down, across)), shape=(len(self.low), self.wide))
        return LinearConstraint(matrix, self.low, self.high)


def laid_out(quilt: Quilt, found: Scrappy) -> Quilt:
    """The quilt with a placement laid; each place keeps how it is turned."""
    lies = {(one.row, one.column): one.placed for one in places_of(quilt.setting)}
    fill = quilt.setting.fill
    places = dict(quilt.setting.places)
    for at, key in found.laid.items():
        now = lies[at] or fill
        places[at] = Placed(block=key, turns=now.turns, mirrored=now.mirrored)
    return replace(quilt, setting=replace(quilt.setting, places=places))


def alike_touching(quilt: Quilt) -> int:
    """How many neighbours along a side are the same block, in the same colouring."""
    lies = {(one.row, one.column): one.placed for one in places_of(quilt.setting)}
    pairs = touching_pairs(quilt.setting, corners=False)
    known = ((lies[one], lies[other]) for one, other in pairs)
    return sum(
        one is not None and other is not None and one.block == other.block for one, other in known
    )
