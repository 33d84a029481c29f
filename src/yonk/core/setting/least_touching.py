"""How few pairs of alike neighbours there must be: proof from groups of places that all touch each
other, and for smaller quilts by a solver.

A bound that is told is true whatever the rules are: they only add pairs that should not touch.
"""

from __future__ import annotations

from collections import defaultdict
from collections.abc import Mapping, Sequence
from itertools import combinations

import numpy as np
from scipy.optimize import Bounds, LinearConstraint, milp
from scipy.sparse import coo_array

MOST_SOLVED = 500  # places times blocks that the solver is asked about, since it is no search
_NODES = 400  # of its tree; so that the answer is the same on a machine that is busy

NumberPair = tuple[int, int]


def least_touching(
    pairs: Sequence[NumberPair], kinds: int, fixed: Mapping[int, int], found: int
) -> tuple[int, np.ndarray | None]:
    """How many pairs of places must have the same block at the least.

    Args:
        pairs: the places that touch, by number.
        kinds: of how many blocks.
        fixed: the block of each place that is held.
        found: how many pairs of the best layout that is known touch; where that is proved the
            least there is no more to do.

    Returns: the bound, and a layout by the solver where it found one.
    """
    bound = _by_groups(pairs, kinds, fixed)
    places = 1 + max((place for pair in pairs for place in pair), default=-1)
    if bound >= found or places * kinds > MOST_SOLVED:
        return min(bound, found), None
    solved, laid = _by_solver(pairs, places, kinds, fixed)
    return max(bound, solved), laid


def _by_groups(pairs: Sequence[NumberPair], kinds: int, fixed: Mapping[int, int]) -> int:
    """The sum over groups that share no pair. In a group as many are alike as when its places are
    shared out evenly; of held places it is known.
    """
    beside: dict[int, set[int]] = defaultdict(set)
    for one, other in pairs:
        beside[one].add(other)
        beside[other].add(one)
    taken: set[NumberPair] = set()
    bound = 0
    held = [pair for pair in pairs if pair[0] in fixed and pair[1] in fixed]
    taken |= {(min(pair), max(pair)) for pair in held}
    bound += sum(fixed[one] == fixed[other] for one, other in held)
    for one, other in pairs:
        group = [one, other]
        for third in sorted(beside[one] & beside[other]):
            if all(third in beside[some] for some in group):
                group.append(third)
        edges = {(min(pair), max(pair)) for pair in combinations(group, 2)}
        if len(group) > kinds and not edges & taken:
            taken |= edges
            low, extra = divmod(len(group), kinds)
            bound += extra * low + kinds * low * (low - 1) // 2
    return bound


def _by_solver(
    pairs: Sequence[NumberPair], places: int, kinds: int, fixed: Mapping[int, int]
) -> tuple[int, np.ndarray | None]:
    """A column for each place and block, one for each pair that touches."""
    choices = places * kinds
    wide = choices + len(pairs)
    rows: list[tuple[dict[int, float], float, float]] = [
        ({place * kinds + kind: 1.0 for kind in range(kinds)}, 1.0, 1.0) for place in range(places)
    ]
    for slip, (one, other) in enumerate(pairs):
        for kind in range(kinds):
            row = {one * kinds + kind: 1.0, other * kinds + kind: 1.0, choices + slip: -1.0}
            rows.append((row, -np.inf, 1.0))
    lower, upper = np.zeros(wide), np.ones(wide)
    for place, kind in fixed.items():
        lower[place * kinds + kind] = 1
    if not fixed:  # the blocks can stand for each other: any is as good at one place
        lower[0] = 1
    entries = [(n, at, value) for n, (row, _, _) in enumerate(rows) for at, value in row.items()]
    down, across, values = zip(*entries, strict=True)
    matrix = coo_array((values, (down, across)), shape=(len(rows), wide))
    lows, highs = [low for _, low, _ in rows], [high for _, _, high in rows]
    is_slip = np.arange(wide) >= choices
    found = milp(
        is_slip.astype(float),
        constraints=LinearConstraint(matrix, lows, highs),
        bounds=Bounds(lower, upper),
        integrality=(~is_slip).astype(float),
        options={"node_limit": _NODES},
    )
    bound = getattr(found, "mip_dual_bound", None)
    least = 0 if bound is None or not np.isfinite(bound) else int(np.ceil(bound - 1e-6))
    if found.x is None:
        return least, None
    return least, found.x[:choices].reshape(places, kinds).argmax(axis=1)
