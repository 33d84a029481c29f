"""Cloth: from the cuts of one fabric to layouts on what there is, how much to buy, and what is left
over.

Pieces on hand are used first, the smallest first, but only where that makes the rest to buy no
longer. Lengths in the draft's unit; `width` lies across the cloth, from selvedge to selvedge,
`length` along it.
"""

from __future__ import annotations

from bisect import bisect_right
from collections import Counter
from collections.abc import Iterable, Sequence
from dataclasses import dataclass, replace
from fractions import Fraction
from functools import cached_property
from math import lcm
from typing import Literal

from yonk.core.cutting.strips import (
    Strip,
    WantedRectangles,
    first_fit,
    fits,
    lay_strips,
    lower_bound,
)
from yonk.core.paper import LengthUnit, Text, message
from yonk.core.planning import Cut

MOST_FAT_QUARTERS = 24  # beyond, yardage is meant; also the most that is tried
MOST_FROM_HAND = 400  # pieces on hand cut up for one fabric
FEW_KINDS = 6  # of pieces, for which every plan is tried on each piece of cloth
MOST_DRAWN = 600  # pieces of one cloth; of more, strips cut alike are drawn once
_FINEST = 64  # no cut is told finer than that


@dataclass(frozen=True)
class ClothPiece:
    """A rectangle of cloth on hand, usable all over: a bolt's end, a fat quarter, a precut square,
    an offcut.
    """

    name: Text
    width: Fraction
    length: Fraction


@dataclass(frozen=True)
class Bolt:
    """How cloth is bought: the usable width, what straightening the end takes, shrinkage, and the
    steps it is sold in.
    """

    width: Fraction
    straightening: Fraction
    shrinkage: Fraction  # a share: 3/100 for three in a hundred
    step: Fraction

    def left_of(self, length: Fraction) -> Fraction:
        """What a length is once it is washed."""
        return length * (1 - self.shrinkage)


BOLT_STEPS: dict[LengthUnit, Fraction] = {
    "in": Fraction(9, 2),
    "cm": Fraction(10),
}  # an eighth of a yard
FAT_QUARTER: dict[LengthUnit, tuple[Fraction, Fraction]] = {
    "in": (Fraction(41, 2), Fraction(35, 2)),
    "cm": (Fraction(54), Fraction(44)),
}
FAT_EIGHTH: dict[LengthUnit, tuple[Fraction, Fraction]] = {
    "in": (Fraction(41, 2), Fraction(17, 2)),
    "cm": (Fraction(54), Fraction(22)),
}

_NO_LOSS = (Fraction(0), Fraction(0), Fraction(1))  # cloth that is as it lies

Stage = Literal["strip", "crosscut", "stack"]


@dataclass(frozen=True)
class Laid:
    """A piece where it lies on the cloth; `line` is the number of its cut among the fabric's
    cuts.
    """

    line: int
    x: Fraction
    y: Fraction
    width: Fraction
    height: Fraction


@dataclass(frozen=True)
class StripCut:
    """One strip across the cloth and what is crosscut from it: the number of its line, the size,
    and how many.

    `reach` is how far across its pieces go.
    """

    y: Fraction
    height: Fraction
    reach: Fraction
    crosscuts: tuple[tuple[int, Fraction, Fraction, int], ...]


@dataclass(frozen=True)
class ClothLayout:
    """How one piece of cloth is cut: the strips from the top, and every piece where it lies."""

    source: ClothPiece
    bought: bool
    strips: tuple[StripCut, ...]
    laid: tuple[Laid, ...]
    used: Fraction  # along the length, the straightening cut with it
    straightening: Fraction = Fraction(0)

    def strip_of(self, one: Laid) -> int:
        """The number of the strip that a piece is crosscut from."""
        return bisect_right(self._tops, one.y) - 1

    @cached_property
    def _tops(self) -> list[Fraction]:
        return [strip.y for strip in self.strips]

    @property
    def rest(self) -> Fraction:
        """The length that is left whole."""
        return self.source.length - self.used


@dataclass(frozen=True)
class ClothPlan:
    """How one fabric is cut: its cuts, the layouts, how much to buy, the least it could be, and
    what is left.

    `buy` has the straightening and the shrinkage in it and is rounded up to what is sold; `exact`
    is what the strips need. `too_large` are lines with a piece that no cloth takes, with how many
    of it. `fat_quarters` is how many would do instead, where every piece fits on one. Of `limited`
    cloth there is no more than it is laid on; some cuts may be `missing`, with how many.
    """

    fabric: str
    cuts: tuple[Cut, ...]
    layouts: tuple[ClothLayout, ...]
    exact: Fraction
    buy: Fraction
    bound: Fraction
    too_large: tuple[tuple[int, int], ...]
    fat_quarters: int | None
    leftovers: tuple[ClothPiece, ...]
    limited: bool = False
    missing: tuple[tuple[Cut, int], ...] = ()


def plan_cloth(
    fabric: str,
    cuts: Sequence[Cut],
    bolt: Bolt,
    unit: LengthUnit,
    *,
    upright: bool = False,
    on_hand: Sequence[ClothPiece] = (),
    keep: Fraction = Fraction(0),
) -> ClothPlan:
    """Lay all cuts of a fabric.

    `upright` cloth has a print with a direction, so nothing is turned; it runs along the length of
    the cloth. `keep` is the least side of a leftover worth keeping.
    """
    lines = _lines(cuts, bolt, upright)
    grid = _grid([size for line in lines for size in (line.width, line.height)], bolt, on_hand)
    wanted = [line.wanted(number, grid) for number, line in enumerate(lines)]
    hand, rest = _from_hand(wanted, lines, on_hand, bolt, grid)
    strips, misfits = lay_strips(rest, _whole(bolt.width, grid, up=False))
    layouts = list(hand)
    exact = Fraction(sum(strip.height for strip in strips), grid)
    if strips:
        source = ClothPiece(message("new-cloth"), bolt.width, bolt.left_of(_to_buy(exact, bolt)))
        layouts.append(_layout(source, True, strips, lines, grid, bolt.straightening))
    too_large: Counter[int] = Counter()
    for key, count in misfits.items():
        too_large[lines[key].cut] += count
    return ClothPlan(
        fabric=fabric,
        cuts=tuple(cuts),
        layouts=tuple(layouts),
        exact=exact,
        buy=_to_buy(exact, bolt) if strips else Fraction(0),
        bound=Fraction(
            lower_bound(
                [one for one in rest if one.key not in misfits], _whole(bolt.width, grid, up=False)
            ),
            grid,
        ),
        too_large=tuple(sorted(too_large.items())),
        fat_quarters=_fat_quarters(rest, grid, bolt, unit),
        leftovers=tuple(piece for layout in layouts for piece in _left_over(layout, keep))
        if keep
        else (),
    )


def lay_on_pieces(
    cuts: Sequence[Cut], pieces: Sequence[ClothPiece], across: Fraction, *, upright: bool = False
) -> tuple[list[ClothLayout], list[int]]:
    """Lay cuts of one fabric on pieces of cloth of which there are no more, in their order.

    Args:
        cuts: what is wanted.
        pieces: the cloth, usable all over.
        across: how long a strip of a strip set is at most.
        upright: whether its print has a direction, which runs along the pieces.

    Returns: the layouts, and of each cut how many find no place; a cut of strips is missing as soon
    as one of its strips is.
    """
    bolt = Bolt(min(across, max((one.width for one in pieces), default=across)), *_NO_LOSS)
    lines = _lines(cuts, bolt, upright)
    grid = _grid([size for line in lines for size in (line.width, line.height)], bolt, pieces)
    rest = [line.wanted(number, grid) for number, line in enumerate(lines)]
    layouts: list[ClothLayout] = []
    useless: set[tuple[int, int]] = set()  # of no use once, of none later: less is wanted
    for piece in pieces:
        size = _steps_of(piece, grid)
        if not rest or len(layouts) == MOST_FROM_HAND:
            break
        if not all(size) or size in useless:
            continue
        strips = _strips_on(size, rest)
        if strips:
            layouts.append(_layout(piece, False, strips, lines, grid))
            rest = _less(rest, strips)
        else:
            useless.add(size)
    missing: Counter[int] = Counter()
    for one in rest:
        missing[lines[one.key].cut] += one.count
    left = [
        min(cut.count, missing[number]) if cut.shape == "strip" else missing[number]
        for number, cut in enumerate(cuts)
    ]
    return layouts, left


@dataclass(frozen=True)
class _Line:
    """So many alike rectangles of one cut."""

    cut: int
    width: Fraction
    height: Fraction
    count: int
    turnable: bool

    def wanted(self, key: int, grid: int) -> WantedRectangles:
        return WantedRectangles(
            key,
            _whole(self.width, grid, up=True),
            _whole(self.height, grid, up=True),
            self.count,
            self.turnable,
        )


def _lines(cuts: Sequence[Cut], bolt: Bolt, upright: bool) -> list[_Line]:
    lines: list[_Line] = []
    for number, cut in enumerate(cuts):
        if cut.shape == "strip":
            lines += [
                _Line(number, width, cut.height, count * cut.count, False)
                for width, count in cut.strips_over(bolt.width)
            ]
        elif cut.what.lie == "stands" or (upright and _only_along(cut, bolt)):
            lines.append(_Line(number, cut.height, cut.width, cut.count, False))
        else:
            lines.append(_Line(number, cut.width, cut.height, cut.count, not upright))
    return [line for line in lines if line.count]


Diagonal = Literal["", "rising", "falling", "both"]


def diagonal_drawn(cut: Cut, laid: Laid) -> Diagonal:
    """Which diagonals of a piece are cut, as it is laid on the cloth; a rising one from bottom left
    to top right.
    """
    if cut.subcut != "one-diagonal":
        return "both" if cut.subcut == "both-diagonals" else ""
    turned = laid.height > laid.width
    return "rising" if (cut.what.hand != "left") != turned else "falling"


def _only_along(cut: Cut, bolt: Bolt) -> bool:
    """Whether a piece is longer than the cloth is wide, so that it lies along it whatever its print
    does.
    """
    return cut.height <= bolt.width < cut.width


def _grid(sizes: Iterable[Fraction], bolt: Bolt, on_hand: Sequence[ClothPiece]) -> int:
    """How many grid steps there are to the unit, so that every cut lies on a step if that is not
    too fine.
    """
    finest = lcm(*(size.denominator for size in (*sizes, bolt.width)), 1)
    return finest if finest <= _FINEST else _FINEST


def _whole(length: Fraction, grid: int, *, up: bool) -> int:
    steps = length * grid
    return -int(-steps // 1) if up else int(steps // 1)


def _to_buy(exact: Fraction, bolt: Bolt) -> Fraction:
    """The length with its straightening and shrinkage, up to what is sold."""
    needed = (exact + bolt.straightening) / (1 - bolt.shrinkage)
    return -(-needed // bolt.step) * bolt.step


def _from_hand(
    wanted: Sequence[WantedRectangles],
    lines: Sequence[_Line],
    on_hand: Sequence[ClothPiece],
    bolt: Bolt,
    grid: int,
) -> tuple[list[ClothLayout], list[WantedRectangles]]:
    """Pieces on hand, the smallest first, each used where that makes what is to be bought no
    longer.

    A piece that is of no use once is of none later, since less and less is wanted; so pieces of one
    size are asked once.
    """
    across = _whole(bolt.width, grid, up=False)

    def bought(strips: Iterable[Strip]) -> Fraction:
        return _to_buy(Fraction(sum(strip.height for strip in strips), grid), bolt)

    def quickly(left: Iterable[WantedRectangles]) -> list[Strip]:
        return first_fit([one for one in left if fits(one, across, None)], across)

    if not on_hand:
        return [], [one for one in wanted if one.count]
    layouts: list[ClothLayout] = []
    rest = [one for one in wanted if one.count]
    buying = bought(quickly(rest))
    useless: set[tuple[int, int]] = set()
    for piece in sorted(on_hand, key=lambda one: (one.width * one.length, one.width)):
        size = _steps_of(piece, grid)
        if not all(size) or size in useless or len(layouts) == MOST_FROM_HAND or not rest:
            continue
        strips = _strips_on(size, rest)
        after = _less(rest, strips) if strips else rest
        then = bought(quickly(after)) if strips else buying
        if strips and then <= buying:
            layouts.append(_layout(piece, False, strips, lines, grid))
            rest, buying = after, then
        else:
            useless.add(size)
    if layouts and bought(lay_strips(rest, across)[0]) > bought(lay_strips(wanted, across)[0]):
        return [], [one for one in wanted if one.count]
    return layouts, rest


def _steps_of(piece: ClothPiece, grid: int) -> tuple[int, int]:
    return _whole(piece.width, grid, up=False), _whole(piece.length, grid, up=False)


def _strips_on(size: tuple[int, int], rest: Sequence[WantedRectangles]) -> list[Strip]:
    """What of some rectangles is cut from one piece of cloth."""
    mine = [one for one in rest if fits(one, *size)]
    return lay_strips(mine, *size, quick=len(rest) > FEW_KINDS)[0]


def _less(wanted: Sequence[WantedRectangles], strips: Iterable[Strip]) -> list[WantedRectangles]:
    """What is wanted when some strips are cut."""
    laid: Counter[int] = Counter()
    for strip in strips:
        laid.update(strip.pieces)
    left = [replace(one, count=one.count - laid[one.key]) for one in wanted]
    return [one for one in left if one.count]


def _layout(
    source: ClothPiece,
    bought: bool,
    strips: Sequence[Strip],
    lines: Sequence[_Line],
    grid: int,
    straightening: Fraction = Fraction(0),
) -> ClothLayout:
    """Strips from the top of the cloth, below what straightens its end, with every piece where it
    lies.
    """
    y = straightening
    cut: list[StripCut] = []
    laid: list[Laid] = []
    for strip in strips:
        x = 0
        crosscuts: Counter[tuple[int, Fraction, Fraction]] = Counter()
        for column in strip.columns:
            down = y
            for key, *sides in column.pieces:
                wide, high = (Fraction(side, grid) for side in sides)
                crosscuts[lines[key].cut, wide, high] += 1
                laid.append(Laid(lines[key].cut, Fraction(x, grid), down, wide, high))
                down += high
            x += column.width
        cut.append(
            StripCut(
                y,
                Fraction(strip.height, grid),
                Fraction(x, grid),
                tuple((*key, n) for key, n in crosscuts.items()),
            )
        )
        y += Fraction(strip.height, grid)
    return ClothLayout(source, bought, tuple(cut), tuple(laid), y, straightening)


def each_strip_once(layout: ClothLayout, most: int) -> ClothLayout:
    """A layout of more than so many pieces with only the first of strips cut alike, moved up;
    another as it is.
    """
    if len(layout.laid) <= most:
        return layout
    kept: dict[tuple[object, ...], StripCut] = {}
    laid: list[Laid] = []
    y = layout.straightening
    by_strip: list[list[Laid]] = [[] for _ in layout.strips]
    for one in layout.laid:
        by_strip[layout.strip_of(one)].append(one)
    for number, strip in enumerate(layout.strips):
        key = strip.height, strip.crosscuts
        if key in kept:
            continue
        kept[key] = replace(strip, y=y)
        laid += [replace(one, y=one.y - strip.y + y) for one in by_strip[number]]
        y += strip.height
    return replace(
        layout,
        strips=tuple(kept.values()),
        laid=tuple(laid),
        source=replace(layout.source, length=y),
        used=y,
    )


def _fat_quarters(
    wanted: Sequence[WantedRectangles], grid: int, bolt: Bolt, unit: LengthUnit
) -> int | None:
    """How many fat quarters, washed, would do instead of cloth off the bolt.

    None where a piece does not fit on one, or where they would be more than anyone cuts up.
    """
    width, length = (_whole(bolt.left_of(side), grid, up=False) for side in FAT_QUARTER[unit])
    rest, count = [one for one in wanted if one.count], 0
    if sum(one.width * one.height * one.count for one in rest) > MOST_FAT_QUARTERS * width * length:
        return None
    while rest:
        strips, missing = lay_strips(rest, width, length)
        if not strips or count >= MOST_FAT_QUARTERS:
            return None
        count += 1
        rest = [replace(one, count=missing[one.key]) for one in rest if missing[one.key]]
    return count


def _left_over(layout: ClothLayout, keep: Fraction) -> list[ClothPiece]:
    """What is left of a cloth and worth keeping: the end of its length, and the ends of its
    strips.
    """
    whole = ClothPiece(layout.source.name, layout.source.width, layout.rest)
    pieces = [whole] if min(whole.width, whole.length) >= keep else []
    for strip in layout.strips:
        end = layout.source.width - strip.reach
        if min(end, strip.height) >= keep:
            pieces.append(ClothPiece(layout.source.name, end, strip.height))
    return pieces
