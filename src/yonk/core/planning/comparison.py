"""The ways to make a group side by side: every figure computed, from the cuts on the ruler and the
simulated sewing.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass
from fractions import Fraction
from math import sqrt
from typing import Literal

import shapely

from yonk.core.paper import Length, Message, Text, kept, listed, message, show
from yonk.core.planning.laid_in_lots import first_laid
from yonk.core.planning.lying import GroupOrientation
from yonk.core.planning.prints import TURNING
from yonk.core.planning.proposal import smallest
from yonk.core.planning.reading import UnitGroup
from yonk.core.planning.recipes import WantedUnits, proposal_for
from yonk.core.planning.shape import UnitShape, shape_and_size_of
from yonk.core.planning.ways import (
    Demand,
    MethodShare,
    Tally,
    Way,
    all_ways,
    for_both_hands,
    tally,
    way_named,
    way_prints,
)
from yonk.core.sewing import (
    NOTHING,
    Layers,
    SewingError,
    TableLine,
    area,
    falls_off,
    length,
    sides_of,
)
from yonk.core.units import (
    BY_NAME,
    CarriedOut,
    CutShape,
    Hand,
    Method,
    Need,
    Prints,
    Subcut,
    Terms,
    Unit,
    carry_out,
    landmarks_of,
    pooled,
    target_of,
)

_MOST_WAYS = 7  # columns that fit beside each other and can be compared
INSIDE_HALF_A_SQUARE = 1 - sqrt(0.5)  # the circle inside half a square, of its side


@dataclass(frozen=True)
class CutLine:
    """What is cut for a way: so many of a fabric, on the ruler; `strips` tells how a strip's length
    is divided.

    `hand` tells which way a diagonal is cut where that matters; `other_way` are cut the other way,
    for mirror images.
    """

    fabric: str
    count: int
    width: Fraction
    height: Fraction
    shape: CutShape
    subcut: Subcut
    working: tuple[Text, ...]
    exact: tuple[Length, Length]
    strips: Text = ""
    hand: Hand | None = None
    other_way: int = 0


Least = Literal["cloth", "seams"]


@dataclass(frozen=True)
class Bonus:
    """What cut-off corners give when they are kept: so many half-square triangles of a finished
    size.
    """

    count: int
    finished: Fraction


@dataclass(frozen=True)
class Figures:
    """One way in figures. Lengths in the draft's unit, cloth in its square.

    `used` is all that is cut, `wasted` what of it ends in no unit. `oversize` is how much wider and
    higher than unfinished the units come out; None where nothing is sewn. `trims` are those that
    come out larger; `with_margin` tells whether they are cut so much larger as to be trimmed, as
    the one school does. `spare` units are left over, `mirrored` of them mirror images.
    """

    way: Way
    chosen: bool
    proposed: bool
    lines: tuple[CutLine, ...]
    wanted: int
    makes: int
    spare: int
    mirrored: int
    used: float
    wasted: float
    pieces: int
    cuts: int
    seams: int
    seam_length: float
    trims: int
    with_margin: bool
    oversize: tuple[float, float] | None
    bias_sides: int
    prints: Prints
    smallest: Fraction
    bonus: tuple[Bonus, ...]
    handlings: int

    @property
    def wasted_share(self) -> float:
        """The part of the cloth used that ends in no unit."""
        return self.wasted / self.used if self.used else 0.0

    @property
    def widest_cut(self) -> Fraction:
        """The most that a ruler must reach across to cut them; templates are cut otherwise."""
        across = [min(line.width, line.height) for line in self.lines if line.shape != "template"]
        return max(across, default=Fraction(0))

    def too_small(self, unit: Unit) -> bool:
        """Whether a unit is smaller than this way is reasonable for."""
        return unit.width < self.smallest


@dataclass(frozen=True)
class Comparison:
    """A group of units with its ways: the one taken first, then the proposed one, then the
    others.
    """

    group: UnitGroup
    demand: Demand
    reason: Message
    ways: tuple[Figures, ...]


def compare(group: UnitGroup, wanted: WantedUnits, chosen: str | None) -> Comparison:
    """All ways to make a group, in the same figures.

    Args:
        group: identical units.
        wanted: how many are wanted, and on which terms.
        chosen: the way that the quilter chose, if she did.

    Returns: the way taken first, then the proposed one, then the others; seven at most.
    """
    kind, unit, demand = BY_NAME[group.kind], group.unit, wanted.demand(group)
    terms = wanted.terms_for(group)
    proposal = proposal_for(group, wanted)
    ways = {way.name: way for way in all_ways(kind, unit, demand)}
    own = way_named(chosen, kind, unit, demand) if chosen else None
    first = own or proposal.way
    ways.setdefault(first.name, first)
    tallies = {name: tally(way, unit, terms, demand) for name, way in ways.items()}
    singles = [name for name, way in ways.items() if len(way.shares) == 1]
    splits = sorted(
        (name for name in ways if name not in singles), key=lambda name: tallies[name].handlings
    )
    order = dict.fromkeys([first.name, proposal.way.name, *singles, *splits])
    names = [name for name in order if name in ways][:_MOST_WAYS]
    return Comparison(
        group,
        demand,
        proposal.reason,
        tuple(
            figures(
                ways[name],
                unit,
                terms,
                demand,
                tallies[name],
                wanted.lying_of_any_print(group),
                chosen=bool(own) and name == first.name,
                proposed=name == proposal.way.name,
            )
            for name in names
        ),
    )


def figures(
    way: Way,
    unit: Unit,
    terms: Terms,
    demand: Demand,
    counted: Tally,
    lying: Sequence[GroupOrientation],
    *,
    chosen: bool = False,
    proposed: bool = False,
) -> Figures:
    """The figures of one way to meet a demand; `lying` tells how its units may lie in the block,
    for their prints; the best of them counts.
    """
    lines: list[CutLine] = []
    made_units, mirrored, wasted, sewn = 0, 0, counted.used, 0.0
    rooms: list[tuple[float, float]] = []
    bonus: list[Bonus] = []
    for share in way.shares:
        lots, wanted = for_both_hands(share, demand)
        lines += _lines(share.method, unit, terms, lots, share.lots)
        made_units += lots * share.method.lot
        if share.method.mirrors and unit.hand and not demand.mirrored:
            mirrored += lots * (share.method.lot // 2)
        for batch, times in Counter(share.method.batches(unit, terms, lots)).items():
            looked = _look(shape_and_size_of(unit), share.method, terms, batch)
            wasted -= looked.kept * batch * times * share.method.lot
            sewn += looked.seam_length * times
            rooms += [looked.oversize] if looked.oversize else []
            bonus += [Bonus(count * wanted, size) for size, count in looked.bonus.items()]
    total = demand.total + demand.mirrored
    trimmed = [oversize for oversize in rooms if falls_off(oversize, float(terms.hair))]
    return Figures(
        way=way,
        chosen=chosen,
        proposed=proposed,
        lines=tuple(lines),
        wanted=total,
        makes=made_units,
        spare=made_units - total,
        mirrored=mirrored,
        used=counted.used,
        wasted=0.0 if abs(wasted) < NOTHING else wasted,
        pieces=counted.pieces,
        cuts=counted.effort.cuts,
        seams=counted.effort.seams,
        seam_length=sewn,
        trims=total if trimmed else 0,
        with_margin=counted.trims > 0,
        oversize=min(rooms, key=min) if rooms else None,
        bias_sides=counted.effort.bias_sides,
        prints=min((way_prints(way, unit, terms, one) for one in lying), key=TURNING.index),
        smallest=Length(
            Fraction(
                smallest(unit, terms, trimmed=bool(trimmed) or way.on_lines)
            ).limit_denominator(10**6)
        ).up(terms.step),
        bonus=tuple(bonus),
        handlings=counted.handlings,
    )


def _lines(method: Method, unit: Unit, terms: Terms, lots: int, own: int) -> Iterator[CutLine]:
    """What is cut for so many lots, of which `own` are of the unit's own hand."""
    rows = pooled(method.needs(unit, terms, lots), terms.step)
    own_rows = rows if own == lots else pooled(method.needs(unit, terms, own), terms.step)
    for (need, width, height, count), own_row in zip(rows, own_rows, strict=True):
        strips = _strips(method, unit, terms, lots, need) if need.shape == "strip" else ""
        yield CutLine(
            need.fabric,
            count,
            width,
            height,
            need.shape,
            need.subcut,
            working(need, terms),
            (need.width, need.height),
            strips,
            need.listed(terms.step).hand,
            count - own_row[3] if need.diagonal else 0,
        )


def working(need: Need, terms: Terms) -> tuple[Text, ...]:
    """How a cut came about, line by line, from the finished size to the ruler."""
    width, height = need.rounded(terms.step)
    size = listed((show(side, terms.unit) for side in dict.fromkeys((width, height))), "times")
    if (Length(width), Length(height)) == (need.width, need.height):
        return (*need.working, message("work-on-the-ruler", size=size))
    step = show(terms.step, terms.unit)
    return (*need.working, message("work-rounded", way=need.rounding, size=size, step=step))


def _strips(method: Method, unit: Unit, terms: Terms, lots: int, need: Need) -> Message:
    """How a strip's whole length is cut from widths of fabric."""
    sets = method.batches(unit, terms, lots)
    full, rest = sets[0], sets[-1]
    widths = show(terms.settings.usable, terms.unit)
    if len(sets) == 1:
        return (
            message("strip-one")
            if need.width <= terms.settings.usable
            else message("strip-longer", width=widths)
        )
    return message(
        "strips-several", sets=len(sets), width=widths, full=full, last=rest if rest != full else 0
    )


@dataclass(frozen=True)
class _Looked:
    kept: float
    seam_length: float
    oversize: tuple[float, float] | None
    bonus: Mapping[Fraction, int]


@kept()
def _look(shape: UnitShape, method: Method, terms: Terms, lots: int) -> _Looked:
    """What a batch comes to at its true size: the cloth kept in a unit, the length sewn, the room,
    bonus sizes a lot.
    """
    unit = shape.unit
    if method.counted:
        counted = method.counted(unit, terms, lots)
        return _Looked(counted.kept, counted.length, counted.oversize, {})
    try:
        made = carry_out(unit, method, terms, lots=lots, looked_at=1)
    except SewingError:
        return _Looked(0.0, 0.0, None, {})
    if not made.fits:
        return _Looked(_offset_cloth(unit, terms), _shared_length(unit, terms) * lots, None, {})
    sizes = (bonus_size(corner, terms) for corner in made.table.bonus)
    oversize = made.fits[0].oversize if made.table.seams else None
    return _Looked(
        made.fits[0].kept, sum(made.table.seams), oversize, Counter(size for size in sizes if size)
    )


def least_of(ways: Sequence[Figures]) -> list[list[Least]]:
    """Of what each of several ways takes no more than any other: seams, and cloth in whole squares
    of the unit, as it is listed, so that equals look equal. One way alone is compared with none.
    """
    if len(ways) < 2:
        return [[] for _ in ways]
    taken: dict[Least, list[int]] = {
        "cloth": [round(way.used) for way in ways],
        "seams": [way.seams for way in ways],
    }
    return [
        [name for name, figures in taken.items() if figures[number] == min(figures)]
        for number in range(len(ways))
    ]


def listed_oversize(unit: Unit, method: Method, terms: Terms) -> tuple[float, float] | None:
    """How much wider and higher than unfinished a unit comes out of the listed cuts, in the draft's
    unit, as its group is told; None where nothing is known of its sewing.
    """
    batch = method.batches(unit, terms, 1)[0] if method.together else 1
    return _look(shape_and_size_of(unit), method, terms, batch).oversize


def _offset_cloth(unit: Unit, terms: Terms) -> float:
    """The cloth in a unit whose patches are cut singly: each with its seam allowance, the points as
    cut.
    """
    shapes = [shapely.Polygon(outline) for outline, _ in target_of(unit, terms.seam).parts]
    return sum(
        float(shape.buffer(float(terms.seam), join_style="mitre", mitre_limit=2).area)
        for shape in shapes
    )


def _shared_length(unit: Unit, terms: Terms) -> float:
    """The length of the seams inside a unit, each with its seam allowances at the ends."""
    target = target_of(unit, terms.seam)
    around = sum(length(side) for outline, _ in target.parts for side in sides_of(outline))
    return (around - 2 * (target.width + target.height)) / 2 + 2 * target.seam * max(
        0, len(target.parts) - 1
    )


def bonus_size(corner: Layers, terms: Terms) -> Fraction | None:
    """The largest finished half-square triangle, on the ruler, from two cut-off triangles face to
    face.

    None where it would be smaller than is reasonable: the circle inside its halves must reach as
    far as the seam.
    """
    edge = max(
        (side for scrap in corner.over[0].front for side in sides_of(scrap.outline)), key=length
    )
    seam = TableLine.between(*edge).beside(float(terms.seam))
    try:
        opened = Layers(
            corner.under, corner.over, sewn=((seam.at(0.0), seam.at(length(edge))),)
        ).opened()
    except SewingError:
        return None
    side = sqrt(max(0.0, sum(map(area, opened.outlines)))) - 2 * float(terms.seam)
    size = int(Fraction(side + 1e-9).limit_denominator(10**9) / terms.step) * terms.step
    return size if float(size) * INSIDE_HALF_A_SQUARE >= float(terms.seam) else None


def comparisons(wanted: WantedUnits, chosen: dict[str, str]) -> Sequence[Comparison]:
    """All groups that are wanted, compared; `chosen` has the ways she chose, by label."""
    return [
        compare(group, wanted, chosen.get(group.label))
        for group in wanted.groups
        if wanted.totals[group.label]
    ]


def steps_of(
    way: Way, group: UnitGroup, wanted: WantedUnits
) -> list[tuple[MethodShare, CarriedOut]]:
    """Each share of a way carried out for one lot (or one batch), with its record. Pieces of a
    print with a direction are laid so that the first unit has it as drafted, where that can be.
    """
    unit, terms = group.unit, wanted.terms_for(group)
    fabrics = {key: wanted.draft.fabric(key) for key in unit.fabrics}
    lying = wanted.demand(group).lying
    found = []
    for share in way.shares:
        lots = share.method.batches(unit, terms, share.lots)[0] if share.method.together else 1

        def sewn(
            laid: Mapping[int, int] | None, method: Method = share.method, lots: int = lots
        ) -> CarriedOut:
            return carry_out(
                unit,
                method,
                terms,
                lots=lots,
                fabrics=fabrics,
                looked_at=1,
                laid=laid,
                landmarks=landmarks_of(group.kind, unit, terms),
            )

        made = sewn(None)
        turns = first_laid(made, unit, lying)
        found.append((share, sewn(turns) if turns else made))
    return found
