"""Ways: how a group of units can be made over all blocks, by one method or split over two, and what
each asks of the quilter.

Sources: the lots and the judgement of a practitioner, per group of identical units over all blocks:
how many, how scrappy, directional prints, bias, waste, accuracy, effort, hand. The figures come
from the simulated sewing.
"""

from __future__ import annotations

from collections import Counter
from dataclasses import dataclass, field, replace
from fractions import Fraction

from yonk.core.paper import Text, kept, listed, message
from yonk.core.planning.lying import GroupOrientation, less_share, of_share
from yonk.core.planning.prints import TURNING, prints_of
from yonk.core.planning.shape import UnitShape, nominal_terms, sewn_at_the_table, shape_of
from yonk.core.units import (
    Method,
    MethodName,
    Need,
    Prints,
    Terms,
    Unit,
    UnitKind,
    lots_for,
    pooled,
)

Rows = list[tuple[Need, Fraction, Fraction, int]]


@dataclass(frozen=True)
class Demand:
    """How many of a unit are wanted over all blocks and how many mirror images of it; how they lie,
    where prints have a direction.
    """

    total: int
    mirrored: int = 0
    lying: GroupOrientation = field(default_factory=GroupOrientation)


@dataclass(frozen=True, eq=False)
class MethodShare:
    """So many of a group made by one method: `wanted` units from `lots` lots, that yield `makes`.

    Of a handed unit made in mirrored pairs, `makes` counts both hands.
    """

    method: Method
    wanted: int
    lots: int
    makes: int


@dataclass(frozen=True, eq=False)
class Way:
    """A way to make a whole group: one share, or two of different methods."""

    shares: tuple[MethodShare, ...]

    @property
    def name(self) -> str:
        """The methods, as a choice is written: ``two-at-a-time``,
        ``eight-at-a-time+two-at-a-time``.
        """
        return "+".join(share.method.name for share in self.shares)

    @property
    def words(self) -> Text:
        """The methods in words."""
        if len(self.shares) == 1:
            return self.shares[0].method.words
        return listed(
            (
                message("so-many-made", count=share.wanted, method=share.method.words)
                for share in self.shares
            ),
            "each-and",
        )

    @property
    def makes(self) -> int:
        """How many units come out."""
        return sum(share.makes for share in self.shares)

    @property
    def on_lines(self) -> bool:
        """Whether it is sewn on printed lines: such a way is chosen, never proposed or split."""
        return any(share.method.on_lines for share in self.shares)


@dataclass(frozen=True)
class Effort:
    """What is done at table and machine for a number of lots, and how the outcome lies. Counted in
    the simulated sewing.
    """

    seams: int = 0
    cuts: int = 0
    marks: int = 0
    loose: int = 0
    bias_sides: int = 0
    trimmed: bool = False

    def and_also(self, other: Effort) -> Effort:
        """Both, one after the other."""
        return Effort(
            self.seams + other.seams,
            self.cuts + other.cuts,
            self.marks + other.marks,
            self.loose + other.loose,
            max(self.bias_sides, other.bias_sides),
            self.trimmed or other.trimmed,
        )

    def times(self, count: int) -> Effort:
        """The same so many times."""
        return replace(
            self,
            seams=self.seams * count,
            cuts=self.cuts * count,
            marks=self.marks * count,
            loose=self.loose * count,
        )


@dataclass(frozen=True)
class Tally:
    """What a way asks: pieces cut, further cuts, seams, lines drawn, units trimmed, loose bias
    seams; cloth in square units.
    """

    pieces: int
    effort: Effort
    trims: int
    used: float
    oversize: float
    prints: Prints = "upright"

    @property
    def handlings(self) -> int:
        """How many things there are to do; a seam along a loose bias edge asks care enough for two
        more.
        """
        effort = self.effort
        return (
            self.pieces + effort.cuts + effort.seams + effort.marks + 2 * effort.loose + self.trims
        )


def all_ways(kind: UnitKind, unit: Unit, demand: Demand) -> list[Way]:
    """Every way that suits the unit: by one method, or a method of large lots with another for the
    rest.
    """
    suiting = [method for method in kind.methods if method.suits(unit)]
    ways = [Way((share_of(method, unit, demand, demand.total),)) for method in suiting]
    for large in suiting:
        whole = demand.total // large.lot * large.lot
        if large.lot < 4 or not 0 < whole < demand.total or (large.mirrors and unit.hand):
            continue
        for small in suiting:
            if small.lot < large.lot and not small.on_lines and not (small.mirrors and unit.hand):
                rest = share_of(small, unit, demand, demand.total - whole)
                ways.append(Way((share_of(large, unit, demand, whole), rest)))
    return ways


def way_named(name: str, kind: UnitKind, unit: Unit, demand: Demand) -> Way | None:
    """The way that a choice names, if it suits; a split falls back on its first method where it
    leaves no rest.
    """
    methods = [
        m for part in name.split("+") for m in kind.methods if m.name == part and m.suits(unit)
    ]
    if not methods or len(methods) != len(name.split("+")):
        return None
    for way in all_ways(kind, unit, demand):
        if way.name == name:
            return way
    return Way(
        (
            share_of(
                methods[0] if demand.total >= methods[0].lot else methods[-1],
                unit,
                demand,
                demand.total,
            ),
        )
    )


def share_of(method: Method, unit: Unit, demand: Demand, wanted: int) -> MethodShare:
    """The lots that give so many; lots of mirrored pairs serve both hands."""
    if method.mirrors and unit.hand:
        lots = lots_for(max(wanted, demand.mirrored), method.lot // 2)
    else:
        lots = lots_for(wanted, method.lot)
    return MethodShare(method, wanted, lots, lots * method.lot)


def tally(way: Way, unit: Unit, terms: Terms, demand: Demand) -> Tally:
    """What a way asks over all blocks; where mirror images are wanted too, for both hands."""
    pieces, used, effort, trims = 0, 0.0, Effort(), 0
    rooms = []
    for share in way.shares:
        lots, wanted = for_both_hands(share, demand)
        batches = share.method.batches(unit, terms, lots)
        for need, width, height, count in cut_for(share.method, unit, terms, lots):
            pieces += len(batches) * count if need.shape == "strip" else count
            used += float(width * height) * count
            effort = effort.and_also(Effort(cuts=count * need.diagonal_cuts))
        counted = Effort()
        for batch, times in Counter(batches).items():
            counted = counted.and_also(effort_of(unit, share.method, batch).times(times))
        trimmed = is_trimmed(unit, share.method, terms) if terms.margins else counted.trimmed
        rooms.append(float(terms.trim) if trimmed else 0.0)
        trims += wanted if rooms[-1] >= float(terms.hair) else 0
        effort = effort.and_also(counted)
    return Tally(
        pieces, effort, trims, used, min(rooms), way_prints(way, unit, terms, demand.lying)
    )


def way_prints(way: Way, unit: Unit, terms: Terms, lying: GroupOrientation) -> Prints:
    """How prints lie in a group that is made one way; a part of it that is made another way takes
    what the first leaves.
    """
    found: Prints = "upright"
    left = lying
    for share in way.shares:
        own = of_share(left, share.wanted)
        prints = prints_of(unit, share.method, share.lots, terms, own)
        found = max(found, prints, key=TURNING.index)
        left = less_share(left, own)
    return found


def cut_for(method: Method, unit: Unit, terms: Terms, lots: int) -> Rows:
    """What is cut for so many lots, worked out once for all ways that take as many of a method."""
    known: dict[tuple[MethodName, int], tuple[Terms, Rows]]
    known = unit.worked_out.setdefault("rows", {})
    key = method.name, lots
    if key not in known or known[key][0] is not terms:
        known[key] = terms, pooled(method.needs(unit, terms, lots), terms.step)
    return known[key][1]


def for_both_hands(share: MethodShare, demand: Demand) -> tuple[int, int]:
    """The lots of a share with those for the mirror images, and the units wanted of them."""
    if demand.mirrored and not share.method.mirrors:
        return share.lots + lots_for(
            demand.mirrored, share.method.lot
        ), share.wanted + demand.mirrored
    return share.lots, share.wanted + demand.mirrored


def effort_of(unit: Unit, method: Method, lots: int) -> Effort:
    """What so many lots ask, counted at the simulated table; the same at every size."""
    return _effort(shape_of(unit), method, lots)


def is_trimmed(unit: Unit, method: Method, terms: Terms) -> bool:
    """Whether units made so are trimmed to their size: they are sewn larger by a margin, or trimmed
    to printed lines.
    """
    if method.on_lines:
        return True
    if method.sew is None or terms.trim < terms.hair:
        return False
    if not terms.margins:
        return effort_of(unit, method, 1).trimmed
    if method.counted:
        larger = method.counted(unit, terms, 1).oversize
    else:
        made = sewn_at_the_table(shape_of(unit), method, 1, terms.margins)
        larger = made.fits[0].oversize
    return max(larger) >= float(terms.hair)


@kept()
def _effort(shape: UnitShape, method: Method, lots: int) -> Effort:
    unit = shape.unit
    if method.sew is None:
        return Effort(seams=(len(unit.parts) - 1) * lots)
    terms = nominal_terms()
    if method.counted:
        counted = method.counted(unit, terms, lots)
        return Effort(seams=counted.seams, cuts=counted.cuts)
    made = sewn_at_the_table(shape, method, lots)
    return Effort(
        seams=len(made.table.seams),
        cuts=made.table.cuts,
        marks=made.table.marks,
        loose=made.table.loose,
        bias_sides=made.bias_sides,
        trimmed=min(made.fits[0].oversize) > float(terms.trim) / 2,
    )
