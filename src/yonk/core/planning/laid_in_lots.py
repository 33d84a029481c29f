"""How the pieces of lots are laid so that prints come out as drafted, asked at the simulated table.

Each piece may be laid with its print turned by quarters, and what comes of a lot must go into the
places there are.

Angles are clockwise; in eighths of a turn where pieces may stand on point, else in quarters. A
patch that stands on point is cut along its own sides: nothing can be done about its print.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable, Iterator, Mapping, Sequence
from math import atan2, degrees
from typing import NamedTuple

import numpy as np
from scipy.optimize import Bounds, LinearConstraint, milp

from yonk.core.paper import Polygon, kept
from yonk.core.planning.lying import GroupOrientation
from yonk.core.planning.shape import UnitShape, sewn_at_the_table, shape_of
from yonk.core.sewing import Scrap, TableLine, placed, sides_of
from yonk.core.units import CarriedOut, Method, Unit

EIGHTHS = 8  # of a turn: what is laid may be turned by 45°
STRAIGHT = 1e-6  # how far from level or upright a side may run, to be so


class LaidScrap(NamedTuple):
    """A scrap of a unit: which of the unit's fabrics it is by its number, of which cut piece, where
    its print points in eighths, and whether its patch has a side along the unit's sides, or across
    them.
    """

    fabric: int
    piece: int
    angle: int
    along: bool
    askew: bool


LaidUnit = tuple[LaidScrap, ...]


@kept()
def _laid(shape: UnitShape, method: Method, lots: int) -> tuple[LaidUnit, ...]:
    """How the scraps of each unit of so many lots lie that are of the unit's own hand, when every
    piece is laid with its print upright.
    """
    return laid_in(sewn_at_the_table(shape, method, lots), shape.unit)


def laid_in(made: CarriedOut, unit: Unit) -> tuple[LaidUnit, ...]:
    """How the scraps of each work lie, of those that are of the unit's own hand."""
    numbers = fabric_numbers(unit)
    found = []
    for work in made.works:
        lying = placed(work, made.target)
        if lying:
            scraps = [_laid_scrap(one, made.target.parts, numbers) for one in lying.front]
            found.append(tuple(sorted({one for one in scraps if one})))
    return tuple(found)


def fabric_numbers(unit: Unit) -> dict[str, int]:
    """The fabrics of a unit's parts by their numbers, as units divided alike have them."""
    return {key: number for number, key in enumerate(unit.fabrics)}


def _laid_scrap(
    scrap: Scrap, parts: Sequence[tuple[Polygon, str]], numbers: Mapping[str, int]
) -> LaidScrap | None:
    """None for cloth that is no part's: what is trimmed away, or a middle made before."""
    middle = tuple(sum(axis) / len(axis) for axis in zip(*scrap.outline, strict=True))
    for outline, fabric in parts:
        inside = all(
            TableLine.between(*side).side((middle[0], middle[1])) > 0 for side in sides_of(outline)
        )
        if inside and fabric == scrap.fabric and fabric in numbers:
            x, y = scrap.up
            angle = round(degrees(atan2(x, -y)) / 45) % EIGHTHS
            ways = [_way(side) for side in sides_of(outline)]
            return LaidScrap(numbers[fabric], scrap.piece, angle, 0 in ways, 1 in ways)
    return None


def _way(side: tuple[tuple[float, float], tuple[float, float]]) -> int | None:
    """0 for a side that runs level or upright, 1 for one at 45°."""
    (ax, ay), (bx, by) = side
    wide, high = abs(bx - ax), abs(by - ay)
    if min(wide, high) < STRAIGHT:
        return 0
    return 1 if abs(wide - high) < STRAIGHT * max(wide, high) else None


def turns_for(
    laid: LaidUnit,
    up: int,
    prints: Mapping[int, int],
    around: int = EIGHTHS,
    stripes: frozenset[int] = frozenset(),
) -> dict[int, int] | None:
    """By how many quarters each piece of a unit is turned before it is laid, so that its prints
    point as drafted; None where that cannot be.

    Args:
        up: where the block's up lies in the unit, in eighths.
        prints: where prints point in the block, in quarters, by the number of their fabric.
        around: in how many eighths a print looks the same again.
        stripes: the numbers of the fabrics that look the same upside down whatever others do.
    """
    turns: dict[int, int] = {}
    for scrap in laid:
        if scrap.fabric not in prints or not (scrap.askew if up % 2 else scrap.along):
            continue
        again = min(around, EIGHTHS // 2) if scrap.fabric in stripes else around
        eighths = (2 * prints[scrap.fabric] + up - scrap.angle) % again
        if eighths % 2 or turns.setdefault(scrap.piece, eighths // 2) != eighths // 2:
            return None
    return turns


def first_laid(made: CarriedOut, unit: Unit, lying: GroupOrientation) -> dict[int, int]:
    """By how many quarters each piece is turned before it is laid, so that the first unit has its
    prints as drafted where most of them lie; nothing where that needs or helps nothing.
    """
    laid, numbers = laid_in(made, unit)[:1], fabric_numbers(unit)
    if not laid or not lying.prints:
        return {}
    prints = {numbers[key]: way for key, way in lying.prints if key in numbers}
    most = max(range(4), key=lambda turn: (lying.turns[turn], -turn))
    stripes = _striped(lying, numbers)
    turns = turns_for(laid[0], up_in(unit, most), prints, stripes=stripes) or {}
    return {piece: turn for piece, turn in turns.items() if turn}


def _striped(lying: GroupOrientation, numbers: Mapping[str, int]) -> frozenset[int]:
    """The numbers of a unit's fabrics that look the same upside down."""
    return frozenset(numbers[key] for key in lying.stripes if key in numbers)


def up_in(unit: Unit, turn: int) -> int:
    """Where the block's up lies in a unit that is turned back by so many quarters, in eighths."""
    return (2 * turn - unit.region.turns) % EIGHTHS


LotState = tuple[frozenset[tuple[int, int]], tuple[int, ...]]


@kept()
def _outcomes(
    shape: UnitShape,
    method: Method,
    batch: int,
    prints: tuple[tuple[int, int], ...],
    ups: tuple[int, ...],
    around: int,
    stripes: frozenset[int],
) -> tuple[tuple[int, ...], ...]:
    """What a batch can give: how many units for each of the `ups`, for every way to lay its pieces
    that gives no less than another.
    """
    laid, points = _laid(shape, method, batch), dict(prints)
    # how the pieces used so far are turned that are used again, with the units that this gives
    states: set[tuple[frozenset[tuple[int, int]], tuple[int, ...]]] = {
        (frozenset(), (0,) * len(ups))
    }
    for number, unit in enumerate(laid):
        later = {scrap.piece for other in laid[number + 1 :] for scrap in other}
        ways = [turns_for(unit, up, points, around, stripes) for up in ups]
        states = {
            (frozenset(one for one in turned if one[0] in later), counts)
            for fixed, before in states
            for turned, counts in _with_one_more(fixed, before, ways)
        }
    found = {counts for _, counts in states}
    return tuple(sorted(one for one in found if not any(map(_no_more, *_beside(one, found)))))


def _with_one_more(
    fixed: frozenset[tuple[int, int]],
    counts: tuple[int, ...],
    ways: Sequence[Mapping[int, int] | None],
) -> Iterator[LotState]:
    """What pieces turned so, and the units of them, can come to with one more unit: it lies one of
    the ways, or it is left over and its pieces serve others.
    """
    known = dict(fixed)
    yield fixed, counts
    for way, turns in enumerate(ways):
        if turns is not None and all(known.get(p, t) == t for p, t in turns.items()):
            more = (*counts[:way], counts[way] + 1, *counts[way + 1 :])
            yield fixed | turns.items(), more


def _beside(
    one: tuple[int, ...], all_of: Iterable[tuple[int, ...]]
) -> tuple[list[tuple[int, ...]], list[tuple[int, ...]]]:
    others = [other for other in all_of if other != one]
    return [one] * len(others), others


def _no_more(one: tuple[int, ...], other: tuple[int, ...]) -> bool:
    return all(a <= b for a, b in zip(one, other, strict=True))


def is_covered(
    unit: Unit, method: Method, batches: Sequence[int], lying: GroupOrientation, around: int
) -> bool:
    """Whether the lots can be laid so that they give what is wanted for each way of lying."""
    ways = min(4 // lying.symmetry, around // 2)
    wanted = [sum(lying.turns[way::ways]) for way in range(ways)]
    numbers = fabric_numbers(unit)
    prints = tuple((numbers[key], way) for key, way in lying.prints if key in numbers)
    ups = tuple(up_in(unit, way) for way in range(ways))
    stripes = _striped(lying, numbers)
    sizes = Counter(batches)
    found = {
        batch: _outcomes(shape_of(unit), method, batch, prints, ups, around, stripes)
        for batch in sizes
    }
    plain = _plainly_covered(wanted, [(found[batch], count) for batch, count in sizes.items()])
    if plain is not None:
        return plain
    gives = [one for outcomes in found.values() for one in outcomes]
    of_batch = [number for number, some in enumerate(found.values()) for _ in some]
    enough = LinearConstraint(np.array(gives).T, lb=wanted)
    rows = [[int(one == number) for one in of_batch] for number in range(len(sizes))]
    solved = milp(
        np.zeros(len(gives)),
        integrality=np.ones(len(gives)),
        bounds=Bounds(0, np.inf),
        constraints=[enough, LinearConstraint(np.array(rows), ub=list(sizes.values()))],
    )
    return bool(solved.success)


def _plainly_covered(
    wanted: Sequence[int], outcomes: Sequence[tuple[tuple[tuple[int, ...], ...], int]]
) -> bool | None:
    """What can be said without a solver, which is asked most often where all is plain: not covered
    where even the most for one way, or for all together, is not enough; covered where one way of
    lying alone is wanted, or no batch can be laid otherwise. None where neither is so.

    Args:
        wanted: how many for each way of lying.
        outcomes: what a batch can give, and how many such batches there are.
    """
    most = [
        sum(count * max(one[way] for one in some) for some, count in outcomes)
        for way in range(len(wanted))
    ]
    in_all = sum(count * max(map(sum, some)) for some, count in outcomes)
    if in_all < sum(wanted) or any(a < b for a, b in zip(most, wanted, strict=True)):
        return False
    alone = sum(1 for one in wanted if one) <= 1
    return True if alone or all(len(some) == 1 for some, _ in outcomes) else None
