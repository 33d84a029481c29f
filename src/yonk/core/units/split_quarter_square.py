"""Split quarter-square: one half plain, the other half two quarters; it comes left- and
right-handed.

Cut again: two squares sewn either side of one drawn diagonal are cut on both before anything is
pressed; the four pieced triangles that open out, two of each hand, are each sewn to a plain half.

As a pair: a half-square triangle of the two quarters, larger by a second s√2, is centred on a plain
square, sewn either side of the diagonal that crosses its seam, and cut: one left and one right.
"""

from collections.abc import Sequence

from yonk.core.drawing import Region
from yonk.core.paper import ROOT_2, Length, Text, message
from yonk.core.sewing import SewnWork, TableLine, corner_to_corner, edge_along, longest_side
from yonk.core.units.foundation import FOUNDATION
from yonk.core.units.half_square_triangle import sew_two
from yonk.core.units.needs import Hand, Need, Terms, isosceles, square
from yonk.core.units.quarter_square_triangle import join_quarters, sew_across
from yonk.core.units.stamp import Stamp
from yonk.core.units.unit import (
    FoundPart,
    MakingJob,
    Method,
    Part,
    RecognisedUnit,
    Unit,
    UnitKind,
    corner_sets,
    in_batches_of,
    in_every_turn,
    lots_for,
    on_point,
)


def _triangles(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    half, *quarters = unit.parts
    legs, less = unit.width * ROOT_2 / 2, Length.of(1) * ROOT_2 / 2
    return [
        isosceles(half.cloth, unit.width, terms, lots, legs_on_grain=not unit.on_point),
        *(
            isosceles(part.cloth, legs, terms, lots, legs_on_grain=unit.on_point, trim_times=less)
            for part in quarters
        ),
    ]


def _pair(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    half, *quarters = unit.parts
    once = unit.width + terms.both_seams + terms.seam * ROOT_2
    becomes = message(
        "work-becomes-unfinished", finished=terms.show(unit.width), seam=terms.show(terms.seam)
    )

    def side(part: Part, seams: Length, last: Text, count: int) -> Need:
        said = (becomes, terms.to_trim("work-to-trim", part.cloth.role), last)
        return square(part.cloth, seams + terms.trim_of(part.cloth.role), terms, count, said)

    on_one = message("work-seam-on-diagonal", seam=terms.show(terms.seam))
    on_both = message("work-seams-on-both-diagonals", seam=terms.show(terms.seam))
    return [
        side(half, once, on_one, lots),
        *(side(part, once + terms.seam * ROOT_2, on_both, lots_for(lots, 2)) for part in quarters),
    ]


def _again(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    half, *quarters = unit.parts
    role = quarters[0].cloth.role
    side = unit.width + terms.along_long_edge + terms.trim_of(role)
    working = (
        message("work-finished", size=terms.show(unit.width)),
        message("work-seams-of-both-diagonals", seam=terms.show(terms.seam)),
        *([terms.to_trim("work-to-trim", role)] if terms.trim_of(role) else []),
    )
    return [
        isosceles(half.cloth, unit.width, terms, 4 * lots, legs_on_grain=not unit.on_point),
        *(square(part.cloth, side, terms, lots, working) for part in quarters),
    ]


def _sew_again(job: MakingJob) -> list[SewnWork]:
    halves, (under, *_), (over, *_) = job.pieces
    table = job.table
    one, other = (table.name(work.front[0].fabric) for work in (under, over))
    sewn_on, across = corner_to_corner(over)
    words = message("lay-one-on-the-other", dark=other, light=one)
    laid = table.sew_beside([table.lay(over, under)], [sewn_on], words)
    lines = [TableLine.between(*sewn_on), TableLine.between(*across)]
    words = message("cut-apart-on-both")
    pairs = table.open(table.cut_apart(laid, lines, words))
    works = []
    for number, (pair, half) in enumerate(zip(pairs, halves, strict=True)):
        edge = edge_along(pair, across)
        if (
            sum(
                TableLine.between(*edge).side(spot) for outline in pair.outlines for spot in outline
            )
            < 0
        ):
            edge = edge[::-1]  # it runs clockwise around the cloth
        words = message("lay-half-on-a-triangle")
        works.append(
            table.join(pair, edge, half, longest_side(half), words=words, again=number > 0)
        )
    return works


def _sew_triangles(job: MakingJob) -> list[SewnWork]:
    half, top, left = (pieces[0] for pieces in job.pieces)
    pair, edge = join_quarters(job.table, left, top)
    words = message("lay-half-on-two-quarters")
    return [job.table.join(pair, edge, half, longest_side(half), words=words)]


def _sew_pair(job: MakingJob) -> list[SewnWork]:
    plain, *squares = job.pieces
    table = job.table
    one, other = (table.name(pieces[0].front[0].fabric) for pieces in squares)
    triangles: list[SewnWork] = []
    for number, (under, over) in enumerate(zip(*squares, strict=True)):
        words = message("lay-one-on-the-other", dark=other, light=one)
        triangles += sew_two(job, under, over, words, again=number > 0)
    works: list[SewnWork] = []
    for number, under in enumerate(plain):
        fabric = under.front[0].fabric
        works += sew_across(table, under, triangles.pop(0), fabric, fabric, again=number > 0)
    table.aside += triangles
    return works


class SplitQuarterSquare(UnitKind):
    kind = "split-quarter-square"
    words = message("kind-split-quarter-square")
    part_names = ("half", "quarter")
    stamp = Stamp("0 1 1 0, 0 0 1/2 1/2", "3/4 3/4 0, 1/2 1/4 1, 1/4 1/2 2")
    methods = (
        Method(
            name="two-at-a-time",
            words=message("way-in-pairs"),
            lot=2,
            needs=_pair,
            sew=_sew_pair,
            mirrors=True,
            together=True,
            batches=in_batches_of(2),
        ),
        Method(
            name="cut-again",
            words=message("way-in-fours"),
            lot=4,
            needs=_again,
            sew=_sew_again,
            mirrors=True,
            bias=on_point,
        ),
        Method(
            name="cut-and-sew",
            words=message("way-triangles"),
            lot=1,
            needs=_triangles,
            sew=_sew_triangles,
            bias=on_point,
        ),
        FOUNDATION,
    )

    def recognise(self, region: Region) -> RecognisedUnit | None:
        size = region.width
        if size != region.height or len(region.pieces) != 3 or size % 2:
            return None
        middle = (size // 2, size // 2)
        half = frozenset(((size, 0), (size, size), (0, size)))
        top, left = frozenset(((0, 0), (size, 0), middle)), frozenset(((0, 0), middle, (0, size)))
        for turned in in_every_turn(region):
            known = corner_sets(turned)
            if half in known and top in known and left in known:
                return RecognisedUnit(
                    (
                        FoundPart(known[half], "half", size, size),
                        FoundPart(known[top], "quarter", size, size),
                        FoundPart(known[left], "quarter", size, size),
                    )
                )
        return None

    def hand(self, found: RecognisedUnit, fabrics: Sequence[str]) -> Hand | None:
        _, top, left = fabrics
        return "right" if top < left else "left"
