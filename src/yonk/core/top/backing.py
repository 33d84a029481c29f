"""The backing: in panels with upright or level seams, or in one piece of wide cloth; the batting.

Source: backing of `docs/setting.md`.
"""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction

from yonk.core.paper import LengthUnit
from yonk.core.setting import BackingLay, Quilt, Top, finished_of

# wider than a piecing seam, since it bears weight
BACKING_SEAM: dict[LengthUnit, Fraction] = {"in": Fraction(1, 2), "cm": Fraction(5, 4)}
# the usable width of cloth that is sold for backings
WIDE_CLOTH: dict[LengthUnit, Fraction] = {"in": Fraction(106), "cm": Fraction(270)}


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
    """The ways to make the backing, that which takes the least cloth first; none where there is
    none. A print with a direction stands upright only.
    """
    backing, unit = quilt.backing, quilt.unit
    if backing is None:
        return ()
    wide, high = backing_size(quilt)
    across = quilt.making.usable
    fabric = quilt.all_fabrics[backing.fabric]
    turned = not fabric.has_direction
    ways = [_in_panels("upright", wide, high, across, unit)]
    if turned:
        ways.append(_in_panels("level", high, wide, across, unit))
    laid = [(wide, high), *([(high, wide)] if turned else [])]
    fitting = [(along, across) for across, along in laid if across <= WIDE_CLOTH[unit]]
    if fitting:
        along, across = min(fitting)
        ways.append(BackingWay("wide", ((across, along, 1),), WIDE_CLOTH[unit], along))
    return tuple(sorted(ways, key=lambda way: (way.area, way.seams)))


def _in_panels(
    lay: BackingLay, over: Fraction, long: Fraction, across: Fraction, unit: LengthUnit
) -> BackingWay:
    """Panels along the cloth, whole widths of it and the rest."""
    lost = 2 * BACKING_SEAM[unit]
    whole = 0 if over <= across else int((over - lost) / (across - lost))
    rest = over - whole * (across - lost)
    panels = [(across, long, whole)] if whole else []
    if not whole or rest > lost:
        panels.append((rest, long, 1))
    return BackingWay(lay, tuple(panels), across, long * sum(count for *_, count in panels))


def backing_way(quilt: Quilt) -> BackingWay | None:
    """The way that the backing is made: as she wants it, else that which takes the least; None for
    no backing.
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
