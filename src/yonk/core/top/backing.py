"""The backing: in panels with upright or level seams, as the cloth gives them or all of one width;
its last panel pieced across the cloth; in one piece of wide cloth; the batting.

Source: backing of `docs/setting.md`.
"""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass
from fractions import Fraction
from typing import Literal

from yonk.core.paper import Length, LengthUnit
from yonk.core.setting import BackingLay, Quilt, Top, finished_of
from yonk.core.top.joined import strips_for

# wider than a piecing seam, since it bears weight
BACKING_SEAM: dict[LengthUnit, Fraction] = {"in": Fraction(1, 2), "cm": Fraction(5, 4)}
# the usable width of cloth that is sold for backings
WIDE_CLOTH: dict[LengthUnit, Fraction] = {"in": Fraction(106), "cm": Fraction(270)}

Seams = Literal["upright", "level"]
EVEN: dict[Seams, BackingLay] = {"upright": "upright-even", "level": "level-even"}
PIECED: dict[Seams, BackingLay] = {"upright": "upright-pieced", "level": "level-pieced"}


@dataclass(frozen=True)
class BackingWay:
    """A way to make the backing: how many panels of which size lie how, and what cloth it takes:
    how wide that is and how much of its length.

    `panels` are across the cloth by along it, with how many.
    """

    lay: BackingLay
    panels: tuple[tuple[Fraction, Fraction, int], ...]
    across: Fraction
    length: Fraction

    @property
    def seams(self) -> int:
        """How many seams join the panels."""
        return sum(count for *_, count in self.panels) - 1

    @property
    def area(self) -> Fraction:
        """How much cloth it takes, selvedge to selvedge as far as it is used."""
        return self.across * self.length


def backing_size(quilt: Quilt) -> tuple[Fraction, Fraction]:
    """How wide and high the backing is cut; the quilt must have one."""
    assert quilt.backing is not None
    size, step = finished_of(quilt), quilt.making.ruler_step
    over = 2 * quilt.backing.overhang
    return (size.width + over).up(step), (size.height + over).up(step)


def ways_to_back(quilt: Quilt) -> tuple[BackingWay, ...]:
    """The ways to make the backing: of the plain ones that which takes the least cloth first, then
    those that she may like better; none where there is none. A print with a direction stands
    upright only.
    """
    backing, unit = quilt.backing, quilt.unit
    if backing is None:
        return ()
    wide, high = backing_size(quilt)
    across, step = quilt.making.usable, quilt.making.ruler_step
    turned = not quilt.all_fabrics[backing.fabric].has_direction
    upright = _Seamed("upright", wide, high, across, unit)
    level = _Seamed("level", high, wide, across, unit)
    seamed = (upright, level) if turned else (upright,)
    plain = [one.in_panels() for one in seamed]
    laid = [(wide, high), *([(high, wide)] if turned else [])]
    fitting = [(along, across) for across, along in laid if across <= WIDE_CLOTH[unit]]
    if fitting:
        along, across = min(fitting)
        plain.append(BackingWay("wide", ((across, along, 1),), WIDE_CLOTH[unit], along))
    others = [one.even(step) for one in seamed]
    if turned:
        others += [one.pieced() for one in seamed]
    return (*_least_first(plain), *_least_first(way for way in others if way))


def _least_first(ways: Iterable[BackingWay]) -> list[BackingWay]:
    return sorted(ways, key=lambda way: (way.area, way.seams))


@dataclass(frozen=True)
class _Seamed:
    """A backing that is so far over its panels, each so long, of cloth so far across."""

    lay: Seams
    over: Fraction
    long: Fraction
    across: Fraction
    unit: LengthUnit

    @property
    def lost(self) -> Fraction:
        """What a seam takes."""
        return 2 * BACKING_SEAM[self.unit]

    @property
    def whole(self) -> int:
        """How many panels are as wide as the cloth."""
        if self.over <= self.across:
            return 0
        return int((self.over - self.lost) / (self.across - self.lost))

    @property
    def rest(self) -> Fraction:
        """How wide the last panel is; nothing where whole ones do."""
        rest = self.over - self.whole * (self.across - self.lost)
        return rest if not self.whole or rest > self.lost else Fraction(0)

    def in_panels(self) -> BackingWay:
        """Panels along the cloth, whole widths of it and the rest."""
        panels = [(self.across, self.long, self.whole)] if self.whole else []
        panels += [(self.rest, self.long, 1)] if self.rest else []
        return self._way(self.lay, panels)

    def even(self, step: Fraction) -> BackingWay | None:
        """Panels of one width, so that a single seam lies in the middle; None where there is no
        seam, or where the cloth gives them so.
        """
        count = self.whole + bool(self.rest)
        if count < 2 or not self.rest:
            return None
        own = Length.of((self.over + (count - 1) * self.lost) / count).up(step)
        return self._way(EVEN[self.lay], [(own, self.long, count)])

    def pieced(self) -> BackingWay | None:
        """The last panel pieced of strips across the cloth; None where that takes no less."""
        if not self.whole or not self.rest:
            return None
        strips = strips_for(self.long, self.across, self.lost)
        panels = [
            (self.across, self.long, self.whole),
            *((one, self.rest, count) for one, count in strips),
        ]
        way = self._way(PIECED[self.lay], panels)
        return way if way.area < self.in_panels().area else None

    def _way(self, lay: BackingLay, panels: list[tuple[Fraction, Fraction, int]]) -> BackingWay:
        long = sum((along * count for _, along, count in panels), Fraction(0))
        return BackingWay(lay, tuple(panels), self.across, long)


def backing_way(quilt: Quilt) -> BackingWay | None:
    """The way that the backing is made: as she wants it, else the plain one that takes the least;
    None for no backing.
    """
    ways = ways_to_back(quilt)
    wanted = quilt.backing.lay if quilt.backing else ""
    return next((way for way in ways if way.lay == wanted), ways[0] if ways else None)


def batting_of(quilt: Quilt) -> Top | None:
    """How large the batting is cut: beyond the top by half of what the backing is, so that both can
    be seen while it is layered; None for no backing.
    """
    if quilt.backing is None:
        return None
    size, over = finished_of(quilt), quilt.backing.overhang
    return Top(size.width + over, size.height + over)
