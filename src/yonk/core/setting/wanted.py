"""The ways to reach a size that is wanted: so many blocks, sashing, a border.

Source: the size wanted of `docs/setting.md`.
"""

from __future__ import annotations

from collections.abc import Callable, Iterator
from dataclasses import dataclass, replace
from fractions import Fraction

from yonk.core.paper import COUNTS, Length
from yonk.core.setting.borders import finished_of
from yonk.core.setting.places import top_of
from yonk.core.setting.quilt import Border, Quilt, Sashing

_MOST_WAYS = 8  # pictures that fit on one screen
_MOST_LINES = COUNTS["quilt_lines"][1]
WIDEST = {"in": Fraction(12), "cm": Fraction(30)}  # a border that is proposed
_SASHES = {
    "in": (Fraction(1), Fraction(3, 2), Fraction(2), Fraction(3)),
    "cm": (Fraction(5, 2), Fraction(4), Fraction(5), Fraction(15, 2)),
}


@dataclass(frozen=True)
class SizeWay:
    """A way to reach a size: the quilt that comes of it, its sashing and border (nothing for none),
    and by how much it is wider and higher than wanted.
    """

    quilt: Quilt
    sashing: Fraction
    border: Fraction
    over: tuple[Length, Length]

    @property
    def off(self) -> float:
        """How far it is from what was wanted, both sides together."""
        return sum(abs(float(one)) for one in self.over)


def ways_to_reach(quilt: Quilt, width: Fraction, height: Fraction) -> tuple[SizeWay, ...]:
    """The ways to bring a quilt to a finished size, the nearest first.

    Args:
        quilt: its blocks, its setting and the fabrics of its sashing and border stay.
        width: as wanted, finished.
        height: likewise.

    Returns: with and without sashing, with one border of a width that the ruler has; places that
    were laid by hand are let go.
    """
    now = quilt.setting.sashing
    sashes = dict.fromkeys([Fraction(0), *([now.width] if now else []), *_SASHES[quilt.unit]])
    found = [way for sashing in sashes for way in _counted(quilt, sashing, width, height)]
    return tuple(sorted(found, key=_rank)[:_MOST_WAYS])


def of_size(quilt: Quilt, *, columns: int, rows: int, sashing: Fraction, border: Fraction) -> Quilt:
    """The quilt in so many places, with sashing and one border of these widths, none where a width
    is nothing; what was laid by hand is let go.
    """
    fabric = quilt.first_fabric
    own = quilt.setting.sashing or Sashing(width=sashing, fabric=fabric, outer=True)
    first = quilt.borders[0] if quilt.borders else Border(width=border, fabric=fabric)
    setting = replace(
        quilt.setting,
        columns=columns,
        rows=rows,
        places={},
        sashing=replace(own, width=sashing) if sashing else None,
    )
    borders = (replace(first, width=border),) if border else ()
    return replace(quilt, setting=setting, borders=borders)


def _rank(way: SizeWay) -> tuple[float, float, int]:
    """Near first; then a border that is no mere strip nor half the quilt; then few blocks."""
    usual = float(WIDEST[way.quilt.unit]) / 3
    setting = way.quilt.setting
    return round(way.off, 6), abs(float(way.border) - usual), setting.columns * setting.rows


def _counted(
    quilt: Quilt, sashing: Fraction, width: Fraction, height: Fraction
) -> Iterator[SizeWay]:
    """With as many blocks as fit inside, and with one more or fewer each way."""

    def plain(columns: int, rows: int) -> Quilt:
        nothing = Fraction(0)
        return of_size(quilt, columns=columns, rows=rows, sashing=sashing, border=nothing)

    across = _most(lambda count: top_of(plain(count, 1)).width <= width)
    down = _most(lambda count: top_of(plain(1, count)).height <= height)
    least = 2 if quilt.setting.kind == "on-point" else 1  # a single row on point is no setting
    for columns in range(max(across - 1, least), min(across + 1, _MOST_LINES) + 1):
        for rows in range(max(down - 1, least), min(down + 1, _MOST_LINES) + 1):
            yield _bordered(plain(columns, rows), sashing, width, height)


def _most(fits: Callable[[int], bool]) -> int:
    """The largest count that fits, at least one."""
    return next((count for count in range(1, _MOST_LINES) if not fits(count + 1)), _MOST_LINES)


def _bordered(plain: Quilt, sashing: Fraction, width: Fraction, height: Fraction) -> SizeWay:
    """With the border that comes nearest without reaching over on its narrower side."""
    top, step = top_of(plain), plain.making.ruler_step
    short = min(Length.of(width) - top.width, Length.of(height) - top.height)
    border = Fraction(0)
    if short > 0 and plain.first_fabric:
        border = min((short / 2 / step).floor() * step, WIDEST[plain.unit])
    setting = plain.setting
    made = of_size(
        plain, columns=setting.columns, rows=setting.rows, sashing=sashing, border=border
    )
    finished = finished_of(made)
    return SizeWay(made, sashing, border, (finished.width - width, finished.height - height))
