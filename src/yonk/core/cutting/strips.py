"""Strips: laying rectangles on one piece of cloth so that hands can cut them.

Three stages and no more: strips across the whole cloth, the widest first; each strip crosscut into
columns; each column cut again where several pieces fit one above the other, and a narrower one
below them trimmed. No cut stops in the middle of the cloth. What goes into a strip is found by a
knapsack over its width; whole plans are made in several ways and the shortest is kept, among them
plain first-fit strips, so that none is ever longer than those.

Lengths here are whole numbers of a fine grid.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Callable, Iterable, Iterator, Mapping, Sequence
from dataclasses import dataclass, replace
from fractions import Fraction
from functools import cached_property
from math import ceil

import numpy as np


@dataclass(frozen=True)
class WantedRectangles:
    """So many alike rectangles: `width` across the cloth, `height` along it; turned only where they
    may be.
    """

    key: int
    width: int
    height: int
    count: int
    turnable: bool = True


@dataclass(frozen=True)
class StripColumn:
    """A crosscut of a strip: `count` pieces of `height` one above the other; `below` them others,
    no wider.
    """

    key: int
    width: int
    height: int
    count: int
    below: tuple[tuple[int, int, int], ...] = ()  # key, width, height

    @property
    def pieces(self) -> list[tuple[int, int, int]]:
        """Each piece from the top down: its key, width and height."""
        return [(self.key, self.width, self.height)] * self.count + list(self.below)


@dataclass(frozen=True)
class Strip:
    """A strip across the cloth and its columns from left to right."""

    height: int
    columns: tuple[StripColumn, ...]

    @property
    def used(self) -> int:
        """The width that its columns take."""
        return sum(column.width for column in self.columns)

    @cached_property
    def pieces(self) -> Counter[int]:
        """How many of each kind it gives."""
        counts: Counter[int] = Counter()
        for column in self.columns:
            counts[column.key] += column.count
            counts.update(key for key, _, _ in column.below)
        return counts


MANY_KINDS = 60  # of pieces, beyond which fewer plans are tried
FEW_FOR_TOWERS = 12  # kinds of pieces; with more a strip as high as several of them takes too long
MOST_TOWER = 3  # times the tallest piece; a higher strip can no longer be handled on the table
StripChoice = Callable[["_Left", int], Strip]


class _Left:
    """What is still to be laid."""

    def __init__(self, wanted: Iterable[WantedRectangles]) -> None:
        self.kinds = {one.key: one for one in wanted if one.count}
        self.counts: Counter[int] = Counter({key: one.count for key, one in self.kinds.items()})
        self._filled: dict[tuple[int, int], Strip] = {}

    def alive(self) -> list[WantedRectangles]:
        return [one for key, one in self.kinds.items() if self.counts[key] > 0]

    def take(self, strip: Strip) -> int:
        """As many such strips as the counts allow are taken; says how many."""
        pieces = strip.pieces
        times = min(self.counts[key] // count for key, count in pieces.items())
        for key, count in pieces.items():
            self.counts[key] -= count * times
        return times

    def fill(self, width: int, height: int) -> Strip:
        """The strip of a height that uses the most cloth.

        What was the fullest stays it as long as there are pieces for it, since there are never more
        than before.
        """
        known = self._filled.get((width, height))
        if known is None or any(self.counts[key] < count for key, count in known.pieces.items()):
            known = self._filled[width, height] = fill(self.alive(), self.counts, width, height)
        return known


def lay_strips(
    wanted: Sequence[WantedRectangles],
    width: int,
    length: int | None = None,
    *,
    quick: bool = False,
) -> tuple[list[Strip], Counter[int]]:
    """Strips for all that is wanted, the widest first.

    Args:
        wanted: rectangles, in steps of a fine grid.
        width: of the cloth, in steps.
        length: of the cloth; without one it is as long as need be, and only what is wider
        finds no room.
        quick: try fewer plans.

    Returns: the strips, and how many of each kind found no room.

    >>> strips, left = lay_strips([WantedRectangles(0, 4, 4, 10)], 40)
    >>> len(strips), strips[0].used, sum(left.values())
    (1, 40, 0)
    """
    fitting = [one for one in wanted if fits(one, width, length)]
    misfits = Counter({one.key: one.count for one in wanted if not fits(one, width, length)})
    plans = [
        _laid(fitting, width, choice)
        for choice in (CHOICES[:1] if quick or len(fitting) > MANY_KINDS else CHOICES)
    ]
    plans.append(first_fit(fitting, width))
    best = min(plans, key=lambda plan: sum(strip.height for strip in plan))
    best.sort(key=lambda strip: (-strip.height, -strip.used))
    if length is None:
        return best, misfits
    return _within(best, length, misfits)


def _within(
    strips: list[Strip], length: int, misfits: Counter[int]
) -> tuple[list[Strip], Counter[int]]:
    """The strips that a length has room for, the fullest first; the pieces of the others find
    none.
    """
    kept: list[Strip] = []
    for strip in sorted(strips, key=lambda one: -_area(one) / one.height):
        if strip.height <= length:
            kept.append(strip)
            length -= strip.height
        else:
            misfits += strip.pieces
    kept.sort(key=lambda strip: (-strip.height, -strip.used))
    return kept, misfits


def fits(one: WantedRectangles, width: int, length: int | None) -> bool:
    """Whether a piece fits on the cloth, turned where it may be."""
    ways = [(one.width, one.height)] + ([(one.height, one.width)] if one.turnable else [])
    return any(w <= width and (length is None or h <= length) for w, h in ways)


def _ways(one: WantedRectangles, width: int) -> list[tuple[int, int]]:
    """Across and along, as it may lie on the cloth."""
    ways = [(one.width, one.height)] + (
        [(one.height, one.width)] if one.turnable and one.width != one.height else []
    )
    return [way for way in ways if way[0] <= width]


def _area(strip: Strip) -> int:
    return sum(wide * high for column in strip.columns for _, wide, high in column.pieces)


def _laid(wanted: Sequence[WantedRectangles], width: int, choose: StripChoice) -> list[Strip]:
    left = _Left(wanted)
    strips: list[Strip] = []
    while left.alive():
        strip = choose(left, width)
        strips += [strip] * left.take(strip)
    return strips


def _must(left: _Left, width: int) -> int:
    """The least height that the tallest piece asks of its strip, lying as it takes the least."""
    return max(min(high for _, high in _ways(one, width)) for one in left.alive())


def _tallest_first(left: _Left, width: int) -> Strip:
    return left.fill(width, _must(left, width))


def _fullest_first(left: _Left, width: int) -> Strip:
    """The fullest strip of any height, unless the tallest piece's own is nearly as full."""
    heights = {high for one in left.alive() for _, high in _ways(one, width)}
    filled = [left.fill(width, high) for high in heights]
    return max(
        filled, key=lambda strip: (round(_area(strip) / strip.height / width, 3), strip.height)
    )


def _fullest_of_the_tall(left: _Left, width: int) -> Strip:
    """The fullest of the strips that take the tallest piece."""
    must = _must(left, width)
    heights = {
        high for one in left.alive() for _, high in _ways(one, width) if must <= high <= 2 * must
    }
    tall = [left.fill(width, high) for high in heights]
    return max(
        tall, key=lambda strip: (round(_area(strip) / strip.height / width, 3), -strip.height)
    )


def _rows_of_one(left: _Left, width: int) -> Strip:
    """As many of the tallest as go side by side, then whatever fills the end."""
    must = _must(left, width)
    alive = left.alive()
    one = next(one for one in alive if any(high == must for _, high in _ways(one, width)))
    wide = next(way[0] for way in _ways(one, width) if way[1] == must)
    across = min(left.counts[one.key], width // wide)
    rest = [other for other in alive if other is not one]
    end = fill(rest, left.counts, width - across * wide, must) if rest else None
    columns = (StripColumn(one.key, wide, must, 1),) * across
    return Strip(must, columns + (end.columns if end else ()))


def _towers(left: _Left, width: int) -> Strip:
    """The fullest of the strips that are as high as one, two or three pieces, in which pieces stand
    and lie side by side.
    """
    must, alive = _must(left, width), left.alive()
    if len(alive) > FEW_FOR_TOWERS:
        return left.fill(width, must)
    heights = {
        times * high
        for one in alive
        for _, high in _ways(one, width)
        for times in (1, 2, 3)
        if must <= times * high <= MOST_TOWER * must
    }
    strips = [strip for high in heights for strip in _either_way(left, alive, width, high)]
    return max(strips, key=lambda one: (round(_area(one) / one.height / width, 4), -one.height))


def _either_way(
    left: _Left, alive: Sequence[WantedRectangles], width: int, height: int
) -> Iterator[Strip]:
    """A strip of a height with each kind lying one way, and one with the kinds lying either way,
    where there are enough pieces for it.
    """
    yield left.fill(width, height)
    options: list[tuple[StripColumn, int, int]] = []
    for one in alive:
        for wide, high in _ways(one, width):
            if high <= height:
                stack = min(height // high, left.counts[one.key])
                options += _copies(one.key, wide, high, stack, left.counts[one.key], width)
    if options:
        mixed = Strip(height, _knapsack(options, width))
        if all(left.counts[key] >= count for key, count in mixed.pieces.items()):
            yield mixed


CHOICES: tuple[StripChoice, ...] = (
    _tallest_first,
    _fullest_first,
    _fullest_of_the_tall,
    _rows_of_one,
    _towers,
)


def fill(
    kinds: Sequence[WantedRectangles], counts: Mapping[int, int], width: int, height: int
) -> Strip:
    """The strip of a height that uses the most cloth: a knapsack of columns over the width."""
    options: list[
        tuple[StripColumn, int, int]
    ] = []  # a column, so many of them together, and their value
    for one in kinds:
        lying = [(w, h) for w, h in _ways(one, width) if h <= height]
        if not lying:
            continue
        wide, high = max(lying, key=lambda way: (height // way[1] * way[1], -way[0]))
        stack = min(height // high, counts[one.key])
        options += _copies(one.key, wide, high, stack, counts[one.key], width)
    if not options:
        return Strip(height, ())
    return Strip(height, _stacked(_knapsack(options, width), kinds, counts, width, height))


def _stacked(
    columns: Sequence[StripColumn],
    kinds: Sequence[WantedRectangles],
    counts: Mapping[int, int],
    width: int,
    height: int,
) -> tuple[StripColumn, ...]:
    """The columns with what room is left below their pieces used for others that are still wanted,
    the largest first.
    """
    left = Counter({one.key: counts[one.key] for one in kinds})
    left.subtract(Strip(height, tuple(columns)).pieces)
    ways = sorted(
        ((wide * high, wide, high, one.key) for one in kinds for wide, high in _ways(one, width)),
        reverse=True,
    )
    filled = []
    for column in columns:
        room, below = height - column.height * column.count, []
        for _, wide, high, key in ways:
            while wide <= column.width and high <= room and left[key] > 0:
                below.append((key, wide, high))
                room -= high
                left[key] -= 1
        filled.append(replace(column, below=tuple(below)) if below else column)
    return tuple(filled)


def _copies(
    key: int, wide: int, high: int, stack: int, count: int, width: int
) -> list[tuple[StripColumn, int, int]]:
    """Columns of a kind in bundles of 1, 2, 4 …, so that any number of them can be made up; and one
    of the rest.
    """
    options = []
    columns, rest = min(count // stack, width // wide), count % stack
    bundle = 1
    while columns > 0:
        taken = min(bundle, columns)
        options.append((StripColumn(key, wide, high, stack), taken, taken * stack * wide * high))
        columns, bundle = columns - taken, bundle * 2
    if rest:
        options.append((StripColumn(key, wide, high, rest), 1, rest * wide * high))
    return options


def _knapsack(
    options: Sequence[tuple[StripColumn, int, int]], width: int
) -> tuple[StripColumn, ...]:
    width = min(
        width, sum(column.width * copies for column, copies, _ in options)
    )  # no wider than all of them
    best = np.zeros(width + 1, dtype=np.int64)
    taken = np.zeros((len(options), width + 1), dtype=bool)
    for number, (column, copies, value) in enumerate(options):
        wide = column.width * copies
        if wide > width:
            continue
        better = best[: width + 1 - wide] + value
        np.greater(better, best[wide:], out=taken[number, wide:])
        np.maximum(better, best[wide:], out=best[wide:])
    columns: list[StripColumn] = []
    room = int(np.argmax(best))
    for number in range(len(options) - 1, -1, -1):
        if taken[number, room]:
            column, copies, _ = options[number]
            columns += [column] * copies
            room -= column.width * copies
    return tuple(
        sorted(
            columns, key=lambda column: (-column.height * column.count, -column.width, column.key)
        )
    )


@dataclass
class _Run:
    """So many strips filled alike, the room that is left in each, and what is in them."""

    height: int
    room: int
    columns: tuple[StripColumn, ...]
    times: int


def first_fit(wanted: Sequence[WantedRectangles], width: int) -> list[Strip]:
    """Plain first-fit strips: the tallest first, each piece into the first strip that has room for
    it.

    Strips that are filled alike are worked on together, so that a thousand blocks take no longer
    than one.
    """
    kinds = [(*min(_ways(one, width), key=lambda way: way[1]), one) for one in wanted if one.count]
    runs: list[_Run] = []
    for wide, high, one in sorted(kinds, key=lambda kind: (-kind[1], -kind[0])):
        column, left, after = StripColumn(one.key, wide, high, 1), one.count, []
        for run in runs:
            each = run.room // wide if run.height >= high else 0
            full = min(run.times, left // each) if each else 0
            over = left - full * each if each and full < run.times else 0
            after += _filled(run, column, full, each)
            after += _filled(replace(run, times=run.times - full), column, 1 if over else 0, over)
            after += [replace(run, times=run.times - full - (1 if over else 0))]
            left -= full * each + over
        each = width // wide
        empty = _Run(high, width, (), -(-left // each))
        after += [
            *_filled(empty, column, left // each, each),
            *_filled(empty, column, 1 if left % each else 0, left % each),
        ]
        runs = [run for run in after if run.times]
    return [strip for run in runs for strip in [Strip(run.height, run.columns)] * run.times]


def _filled(run: _Run, column: StripColumn, times: int, each: int) -> list[_Run]:
    """So many strips of a run with so many columns more in each."""
    return (
        [_Run(run.height, run.room - column.width * each, run.columns + (column,) * each, times)]
        if times
        else []
    )


def lower_bound(wanted: Sequence[WantedRectangles], width: int) -> int:
    """A length below which no layout at all can be, cut by hand or not.

    Several bounds, the greatest counts. Cloth: the area of all pieces over the width. Length: a
    piece that lies along the cloth since it is longer than that is wide. Across: whatever level
    line is drawn over the cloth, the pieces that it crosses lie side by side, so their widths add
    up to no more than the cloth's; that still holds when each width is changed by a function that
    never makes more of several widths than of their sum, as in `_weights`; so the lengths of all
    pieces times their changed widths are no more than the cloth's length. A piece that may lie
    either way counts the lesser. Squares: a piece holds ⌊w/s⌋·⌊h/s⌋ squares of side s, whatever way
    it lies, and a cloth of width W and length L holds at most ⌊W/s⌋·⌊L/s⌋ of them, since a lattice
    of points s apart can be shifted so that just so many of its points lie on the cloth, and every
    square has one of them; so L is at least s times the squares over ⌊W/s⌋, rounded up. Alone: a
    piece that leaves less beside it, whatever way it lies, than the narrowest is wide has its
    length of the cloth for itself, and the others what is bound for them.
    """
    narrowest = min((_least_wide(one, width) for one in wanted), default=0)
    alone = [one for one in wanted if _least_wide(one, width) > width - narrowest]
    if not alone:
        return _bound_together(wanted, width)
    theirs = sum(one.count * min(high for _, high in _ways(one, width)) for one in alone)
    return theirs + lower_bound([one for one in wanted if one not in alone], width)


def _least_wide(one: WantedRectangles, width: int) -> int:
    return min(wide for wide, _ in _ways(one, width))


def _bound_together(wanted: Sequence[WantedRectangles], width: int) -> int:
    """The greatest of the bounds for pieces of which any may lie beside another."""
    bound = -(-sum(one.width * one.height * one.count for one in wanted) // width)
    for side in sorted(
        {min(one.width, one.height) for one in wanted if min(one.width, one.height) <= width}
    ):
        squares = sum((one.width // side) * (one.height // side) * one.count for one in wanted)
        bound = max(bound, side * -(-squares // (width // side)))
    for one in wanted:
        bound = max(bound, min(high for _, high in _ways(one, width)))
    for weight in _weights(wanted, width):
        total = sum(
            (one.count * min(weight(wide) * high for wide, high in _ways(one, width)))
            for one in wanted
        )
        bound = max(bound, ceil(total))
    return bound


MOST_WEIGHTS = 24  # functions of a sort that are tried


def _weights(wanted: Sequence[WantedRectangles], width: int) -> Iterator[Callable[[int], Fraction]]:
    """What a width counts as a share of the cloth's: functions of which the values of widths that
    fit side by side add up to no more than one.

    Source: dual feasible functions, as bounds of packing use them. With k: multiples of 1/(k + 1)
    stay, others go down to the next k-th. With a threshold: narrower ones count nothing, those that
    leave less than it beside them the whole width.
    """
    for k in range(1, 9):

        def down(wide: int, k: int = k) -> Fraction:
            shares = Fraction((k + 1) * wide, width)
            return shares / (k + 1) if shares.denominator == 1 else Fraction(int(shares), k)

        yield down
    halves = sorted({w for one in wanted for w, _ in _ways(one, width) if 2 * w <= width})
    for least in halves[-MOST_WEIGHTS:]:

        def apart(wide: int, least: int = least) -> Fraction:
            if wide > width - least:
                return Fraction(1)
            return Fraction(wide, width) if wide >= least else Fraction(0)

        yield apart
