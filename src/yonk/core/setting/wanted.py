"""The ways to reach a size that is wanted: so many blocks, sashing, a border.

Source: the size wanted of `docs/setting.md`.
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, replace
from fractions import Fraction

from yonk.core.paper import COUNTS, Length
from yonk.core.setting.borders import finished_of
from yonk.core.setting.places import top_of
from yonk.core.setting.quilt import Border, Quilt, Sashing

MOST_WAYS = 8
WIDEST = {"in": Fraction(12), "cm": Fraction(30)}  # a border that is proposed
SASHES = {
    "in": (Fraction(1), Fraction(3, 2), Fraction(2), Fraction(3)),
    "cm": (Fraction(5, 2), Fraction(4), Fraction(5), Fraction(15, 2)),
}


@dataclass(frozen=True)
class SizeWay:
    """A way to reach a size: the quilt that comes of it, and by how much it is wider and higher
    than wanted.
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
    found = [way for plain in _sashed(quilt) for way in _counted(plain, width, height)]
    unlike = {(_shape(one)): one for one in sorted(found, key=_rank, reverse=True)}
    return tuple(sorted(unlike.values(), key=_rank)[:MOST_WAYS])


def _shape(way: SizeWay) -> tuple[int, int, Fraction, Fraction]:
    setting = way.quilt.setting
    return setting.columns, setting.rows, way.sashing, way.border


def _rank(way: SizeWay) -> tuple[float, float, int]:
    """Near first; then a border that is no mere strip nor half the quilt; then few blocks."""
    unit = way.quilt.unit
    usual = float(WIDEST[unit]) / 3
    setting = way.quilt.setting
    return round(way.off, 6), abs(float(way.border) - usual), setting.columns * setting.rows


def _sashed(quilt: Quilt) -> Iterator[Quilt]:
    """The quilt without borders and with each sashing that is tried."""
    setting = quilt.setting
    bare = replace(quilt, borders=(), setting=replace(setting, places={}, sashing=None))
    yield bare
    now = setting.sashing
    fabric = now.fabric if now else next(iter(quilt.all_fabrics), "")
    usual = now or Sashing(width=Fraction(1), fabric=fabric, outer=True)
    for width in dict.fromkeys([*([now.width] if now else []), *SASHES[quilt.unit]]):
        sashed = replace(bare.setting, sashing=replace(usual, width=width))
        yield replace(bare, setting=sashed)


def _counted(plain: Quilt, width: Fraction, height: Fraction) -> Iterator[SizeWay]:
    """With as many blocks as fit inside, and with one more or fewer each way."""
    columns = _most(plain, width, 0)
    rows = _most(plain, height, 1)
    for across in {columns - 1, columns, columns + 1}:
        for down in {rows - 1, rows, rows + 1}:
            if min(across, down) < 1 or max(across, down) > COUNTS["quilt_lines"][1]:
                continue
            if plain.setting.kind == "on-point" and min(across, down) == 1:
                continue
            setting = replace(plain.setting, columns=across, rows=down)
            yield _bordered(replace(plain, setting=setting), width, height)


def _most(plain: Quilt, wanted: Fraction, side: int) -> int:
    """The largest count whose top is not larger than wanted, at least one."""
    count = 1
    while count < COUNTS["quilt_lines"][1]:
        setting = replace(plain.setting, **{("columns", "rows")[side]: count + 1})  # type: ignore[arg-type]
        top = top_of(replace(plain, setting=setting))
        if (top.height if side else top.width) > wanted:
            break
        count += 1
    return count


def _bordered(plain: Quilt, width: Fraction, height: Fraction) -> SizeWay:
    """With the border that comes nearest without reaching over on its narrower side."""
    top, step = top_of(plain), plain.making.ruler_step
    short = min(Length.of(width) - top.width, Length.of(height) - top.height)
    border = max(Fraction(0), (short / 2 / step).floor() * step)
    border = min(border, WIDEST[plain.unit])
    fabric = next(iter(plain.all_fabrics), "")
    borders = (Border(width=border, fabric=fabric),) if border >= step and fabric else ()
    made = replace(plain, borders=borders)
    finished = finished_of(made)
    sashing = plain.setting.sashing
    return SizeWay(
        made,
        sashing.width if sashing else Fraction(0),
        borders[0].width if borders else Fraction(0),
        (finished.width - width, finished.height - height),
    )
