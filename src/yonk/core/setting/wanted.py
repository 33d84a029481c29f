"""The ways to reach a size that is wanted: so many blocks, of this size or another, sashing, a
border.

Source: the size wanted of `docs/setting.md`.
"""

from __future__ import annotations

from collections.abc import Callable, Iterator
from dataclasses import dataclass, replace
from fractions import Fraction

from yonk.core.paper import COUNTS, DraftError, Length
from yonk.core.setting.borders import finished_of, repeats_of
from yonk.core.setting.handles import WIDEST
from yonk.core.setting.places import places_of
from yonk.core.setting.quilt import Border, Quilt, Sashing

_MOST_WAYS = 8  # pictures that fit on one screen
_MOST_LINES = COUNTS["quilt_lines"][1]
_SASHES = {
    "in": (Fraction(1), Fraction(3, 2), Fraction(2), Fraction(3)),
    "cm": (Fraction(5, 2), Fraction(4), Fraction(5), Fraction(15, 2)),
}
# of the widest border: what lies above and below otherwise by more looks like a mistake
_UNLIKE = Fraction(1, 4)
# other finished sizes that a block is redrafted to: so much larger or smaller
_OTHER_SIZES = {"in": (-2, -1, 1, 2), "cm": (-5, -3, 3, 5)}


@dataclass(frozen=True)
class SizeWay:
    """A way to reach a size: the quilt that comes of it, its sashing and its outermost border
    (nothing for none), `ends` where that is of another width above and below, the side that the
    blocks are redrafted to, if they are; by how much it is wider and higher than wanted, and how
    many places that were laid by hand are let go.
    """

    quilt: Quilt
    sashing: Fraction
    border: Fraction
    over: tuple[Length, Length]
    ends: Fraction | None = None
    block: Fraction | None = None
    lost: int = 0

    @property
    def off(self) -> float:
        """How far it is from what was wanted, both sides together."""
        return sum(abs(float(one)) for one in self.over)


def ways_to_reach(quilt: Quilt, width: Fraction, height: Fraction) -> tuple[SizeWay, ...]:
    """The ways to bring a quilt to a finished size, the nearest first.

    Args:
        quilt: its setting, its fabrics, its inner borders and what was laid by hand where there is
            a place for it stay.
        width: as wanted, finished.
        height: likewise.

    Returns: with and without sashing, with an outermost border of widths that the ruler has, all
    round or otherwise above and below than at the sides; the blocks as they are or redrafted.
    """
    now = quilt.setting.sashing
    sashes = dict.fromkeys([Fraction(0), *([now.width] if now else []), *_SASHES[quilt.unit]])
    found = [way for sashing in sashes for way in _counted(quilt, sashing, width, height)]
    for side in _other_sides(quilt):
        other = redrafted(quilt, side)
        for sashing in dict.fromkeys([Fraction(0), *([now.width] if now else [])]):
            found += [replace(it, block=side) for it in _counted(other, sashing, width, height)]
    found = sorted((way for way in found if _fits(way.quilt)), key=_rank)
    return tuple(replace(way, lost=_lost(quilt, way)) for way in _of_all_sorts(found))


def _of_all_sorts(ways: list[SizeWay]) -> list[SizeWay]:
    """The nearest, some of each sort among them: borders of two widths and redrafted blocks would
    else be hidden by the many that reach the size without.
    """
    plain = [one for one in ways if one.block is None and one.ends is None]
    unlike = [one for one in ways if one.block is None and one.ends is not None]
    redrawn = [one for one in ways if one.block is not None]
    some = [*plain[: _MOST_WAYS // 2], *unlike[: _MOST_WAYS // 4], *redrawn[: _MOST_WAYS // 4]]
    rest = [one for one in ways if one not in some]
    return sorted([*some, *rest[: _MOST_WAYS - len(some)]], key=_rank)


def of_size(
    quilt: Quilt,
    *,
    columns: int,
    rows: int,
    sashing: Fraction,
    border: Fraction,
    ends: Fraction | None = None,
) -> Quilt:
    """The quilt in so many places, with sashing and an outermost border of these widths, none where
    a width is nothing; what was laid by hand stays where there is a place for it.
    """
    fabric = quilt.first_fabric
    own = quilt.setting.sashing or Sashing(width=sashing, fabric=fabric, outer=True)
    setting = replace(
        quilt.setting,
        columns=columns,
        rows=rows,
        places={},
        sashing=replace(own, width=sashing) if sashing else None,
    )
    known = {(one.row, one.column) for one in places_of(setting)}
    kept = {at: one for at, one in quilt.setting.places.items() if at in known}
    borders = list(quilt.borders)
    last = borders.pop() if borders and not borders[-1].block else None
    if border:
        outermost = last or Border(width=border, fabric=fabric)
        borders.append(replace(outermost, width=border, ends=ends))
    return replace(quilt, setting=replace(setting, places=kept), borders=tuple(borders))


def redrafted(quilt: Quilt, side: Fraction) -> Quilt:
    """The quilt with every block that lies in its places drafted to another finished side."""
    used = {one.placed.block for one in places_of(quilt.setting) if one.placed}
    blocks = tuple(
        replace(one, draft=replace(one.draft, width=side, height=side)) if one.key in used else one
        for one in quilt.blocks
    )
    return replace(quilt, blocks=blocks)


def _other_sides(quilt: Quilt) -> Iterator[Fraction]:
    """Other sides for blocks that are square and all of one size, whose lines the ruler has."""
    used = {one.placed.block for one in places_of(quilt.setting) if one.placed}
    drafts = [one.draft for one in quilt.blocks if one.key in used]
    sides = {side for one in drafts for side in (one.width, one.height)}
    if quilt.setting.module is not None or len(sides) != 1:
        return
    (side,) = sides
    grids = [lines for one in drafts for lines in (one.columns, one.rows)]
    step = quilt.making.ruler_step
    for by in _OTHER_SIZES[quilt.unit]:
        other = side + by
        on_the_ruler = all(
            other * line / sum(lines) % step == 0 for lines in grids for line in lines
        )
        if other >= side / 2 and on_the_ruler:
            yield other


def _fits(quilt: Quilt) -> bool:
    """Whether pieced borders still fit."""
    try:
        tuple(repeats_of(quilt))
    except DraftError:
        return False
    return True


def _lost(quilt: Quilt, way: SizeWay) -> int:
    """How many places that were laid by hand there are no more."""
    return len(quilt.setting.places) - len(way.quilt.setting.places)


def _rank(way: SizeWay) -> tuple[float, bool, bool, float, int]:
    """Near first; then with the blocks as they are, one border all round, that is no mere strip nor
    half the quilt; then few blocks.
    """
    usual = float(WIDEST[way.quilt.unit]) / 3
    setting = way.quilt.setting
    odd = abs(float(way.border) - usual)
    many = setting.columns * setting.rows
    return round(way.off, 6), way.block is not None, way.ends is not None, odd, many


def _counted(
    quilt: Quilt, sashing: Fraction, width: Fraction, height: Fraction
) -> Iterator[SizeWay]:
    """With as many blocks as fit inside, and with one more or fewer each way."""

    def plain(columns: int, rows: int) -> Quilt:
        nothing = Fraction(0)
        return of_size(quilt, columns=columns, rows=rows, sashing=sashing, border=nothing)

    across = _most(lambda count: finished_of(plain(count, 1)).width <= width)
    down = _most(lambda count: finished_of(plain(1, count)).height <= height)
    least = 2 if quilt.setting.kind == "on-point" else 1  # a single row on point is no setting
    for columns in range(max(across - 1, least), min(across + 1, _MOST_LINES) + 1):
        for rows in range(max(down - 1, least), min(down + 1, _MOST_LINES) + 1):
            yield from _bordered(quilt, plain(columns, rows), sashing, width, height)


def _most(fits: Callable[[int], bool]) -> int:
    """The largest count that fits, at least one."""
    return next((count for count in range(1, _MOST_LINES) if not fits(count + 1)), _MOST_LINES)


def _bordered(
    quilt: Quilt, plain: Quilt, sashing: Fraction, width: Fraction, height: Fraction
) -> Iterator[SizeWay]:
    """With the border that comes nearest without reaching over on its narrower side; and with one
    that is of another width above and below.
    """
    inside, step, most = finished_of(plain), plain.making.ruler_step, WIDEST[plain.unit]

    def widest(room: Length) -> Fraction:
        return max(Fraction(0), min((room / 2 / step).floor() * step, most))

    beside, above = (
        widest(Length.of(width) - inside.width),
        widest(Length.of(height) - inside.height),
    )
    if not plain.first_fabric:
        beside = above = Fraction(0)
    ways: list[tuple[Fraction, Fraction | None]] = [(min(beside, above), None)]
    mitred = bool(quilt.borders) and quilt.borders[-1].corner == "mitred"
    unlike = beside and above and 0 < abs(beside - above) <= most * _UNLIKE
    if unlike and not mitred:
        ways.append((beside, above))
    setting = plain.setting
    for border, ends in ways:
        made = of_size(
            quilt,
            columns=setting.columns,
            rows=setting.rows,
            sashing=sashing,
            border=border,
            ends=ends,
        )
        finished = finished_of(made)
        over = finished.width - width, finished.height - height
        yield SizeWay(made, sashing, border, over, ends)
