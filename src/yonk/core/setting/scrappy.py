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

from yonk.core.paper import DraftError, message
from yonk.core.setting.places import columns_in, places_of, rows_of
from yonk.core.setting.quilt import Placed, Quilt, RowColumn, Setting

_SECONDS = 4.0  # after which the best that was found is taken
MOST_CHOICES = 12_000  # places times blocks, more than a wall is covered with
TIME_IS_UP = 1  # as the solver tells it


@dataclass(frozen=True)
class Scrappy:
    """A placement: which block lies where; pairs of neighbours that are alike; whether it is proved
    that fewer cannot be.
    """

    laid: Mapping[RowColumn, str]
    touching: int
    proved: bool


def lay_scrappy(
    quilt: Quilt, blocks: Sequence[str], held: Sequence[RowColumn], *, corners: bool
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
            raise DraftError("blocks", message("key-is-no-block-of-the-quilt", key=key))
    if len(set(blocks)) < 2:
        raise DraftError("blocks", message("spread-needs-two-blocks"))
    lies = {(one.row, one.column): one.placed for one in places_of(quilt.setting)}
    for at in held:
        if at not in lies:
            raise DraftError("held", message("is-no-place"))
    places = [at for at, placed in lies.items() if placed is not None]
    kept = {at: placed.block for at in held if (placed := lies[at]) and placed.block in blocks}
    free = [at for at in places if at not in held]
    pairs = touching_pairs(quilt.setting, corners=corners)
    return _solved(free, kept, list(dict.fromkeys(blocks)), pairs)


def touching_pairs(setting: Setting, *, corners: bool) -> list[tuple[RowColumn, RowColumn]]:
    """The places that touch along a side; also those that meet at a corner, if asked."""
    if setting.kind == "straight":
        steps = [(0, 1), (1, 0), *([(1, 1), (1, -1)] if corners else [])]

        def near(at: RowColumn) -> list[RowColumn]:
            return [(at[0] + down, at[1] + right) for down, right in steps]
    else:

        def near(at: RowColumn) -> list[RowColumn]:
            shift = at[0] % 2
            beside = [(at[0] + 1, at[1] + shift), (at[0] + 1, at[1] + shift - 1)]
            return [*beside, *([(at[0], at[1] + 1), (at[0] + 2, at[1])] if corners else [])]

    known = {(row, c) for row in range(rows_of(setting)) for c in range(columns_in(setting, row))}
    return [(at, other) for at in sorted(known) for other in near(at) if other in known]


def _solved(
    free: list[RowColumn],
    kept: Mapping[RowColumn, str],
    blocks: list[str],
    pairs: list[tuple[RowColumn, RowColumn]],
) -> Scrappy:
    """The fewest touching pairs, by a solver: a choice for each place, a slip for each pair."""
    if not kept and free:  # the blocks can stand for each other: any is as good at one place
        kept, free = {free[0]: blocks[0]}, free[1:]
    places = [*free, *kept]
    if len(places) * len(blocks) > MOST_CHOICES:
        raise DraftError("blocks", message("spread-has-too-many"))
    puzzle = _Puzzle(places, kept, blocks, pairs)
    found = puzzle.solved()
    if found.x is None:
        held = message("spread-cannot-be-even")
        slow = message("spread-takes-too-long")
        late = found.status == TIME_IS_UP
        raise DraftError("blocks" if late else "held", slow if late else held)
    laid = puzzle.laid(found.x)
    touching = sum(laid[a] == laid[b] for a, b in pairs if a in laid and b in laid)
    return Scrappy(laid, touching, found.status == 0)


class _Puzzle:
    """The placement as a mixed-integer program. A column for each place and kind of block, one for
    each pair that touches.
    """

    def __init__(
        self,
        places: Sequence[RowColumn],
        kept: Mapping[RowColumn, str],
        blocks: Sequence[str],
        pairs: Sequence[tuple[RowColumn, RowColumn]],
    ) -> None:
        self.places, self.kept, self.blocks = places, kept, blocks
        self.many, self.kinds = len(places), len(blocks)
        number = {at: index for index, at in enumerate(places)}
        known = ((number[a], number[b]) for a, b in pairs if a in number and b in number)
        met = [(min(pair), max(pair)) for pair in known]
        self.choices = self.many * self.kinds
        self.slips = {pair: self.choices + slip for slip, pair in enumerate(met)}
        self.rows = _Rows(self.choices + len(met))

    def _column(self, place: int, kind: int) -> int:
        return place * self.kinds + kind

    def solved(self) -> Any:
        """What the solver says."""
        self._one_at_each_place()
        self._none_alike_touch()
        self._evenly()
        lower, upper = np.zeros(self.rows.wide), np.ones(self.rows.wide)
        for place, at in enumerate(self.places):
            if at in self.kept:
                lower[self._column(place, self.blocks.index(self.kept[at]))] = 1
        is_slip = np.arange(self.rows.wide) >= self.choices
        return milp(
            is_slip.astype(float),
            constraints=self.rows.constraint(),
            bounds=Bounds(lower, upper),
            integrality=(~is_slip).astype(float),
            options={"time_limit": _SECONDS},
        )

    def laid(self, found: Any) -> dict[RowColumn, str]:
        """The block at each place."""
        chosen = found[: self.choices].reshape(self.many, self.kinds).argmax(axis=1)
        return {at: self.blocks[int(kind)] for at, kind in zip(self.places, chosen, strict=True)}

    def _one_at_each_place(self) -> None:
        for place in range(self.many):
            columns = (self._column(place, kind) for kind in range(self.kinds))
            self.rows.add(dict.fromkeys(columns, 1.0), 1, 1)

    def _none_alike_touch(self) -> None:
        """Unless they slip. In a square of four no more are alike than pairs of it slip, which the
        solver would not see by itself.
        """
        groups: list[tuple[tuple[int, ...], list[int]]] = [
            (pair, [slip]) for pair, slip in self.slips.items()
        ]
        for four in _fours([*self.slips]):
            slips = [self.slips[pair] for pair in combinations(four, 2) if pair in self.slips]
            groups.append((four, slips))
        for places, slips in groups:
            for kind in range(self.kinds):
                alike = dict.fromkeys((self._column(one, kind) for one in places), 1.0)
                self.rows.add(alike | dict.fromkeys(slips, -1.0), -np.inf, 1)

    def _evenly(self) -> None:
        already = Counter(self.kept.values())
        low, high = self.many // self.kinds, -(-self.many // self.kinds)
        for kind, key in enumerate(self.blocks):
            columns = (self._column(place, kind) for place in range(self.many))
            self.rows.add(dict.fromkeys(columns, 1.0), low, max(high, already[key]))


def _fours(met: Sequence[tuple[int, int]]) -> list[tuple[int, int, int, int]]:
    """Places of which each touches the three others."""
    beside: dict[int, set[int]] = defaultdict(set)
    for one, other in met:
        beside[one].add(other)
        beside[other].add(one)
    found = set()
    for one, other in met:
        for third, fourth in combinations(sorted(beside[one] & beside[other]), 2):
            if fourth in beside[third]:
                a, b, c, d = sorted((one, other, third, fourth))
                found.add((a, b, c, d))
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
