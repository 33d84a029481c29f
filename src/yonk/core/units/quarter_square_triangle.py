"""Quarter-square triangle: a square quartered on both diagonals; two fabrics in turn make the
hourglass.

Two at a time: half-square triangles larger by a second s√2, laid face to face and sewn again
across.
"""

from collections import Counter

from yonk.core.drawing import Region
from yonk.core.paper import ROOT_2, XY, Length, message
from yonk.core.sewing import (
    SewnWork,
    Table,
    TableLine,
    TableSegment,
    corner_to_corner,
    edge_along,
    from_the_longest,
    middle_of,
)
from yonk.core.units.foundation import FOUNDATION
from yonk.core.units.half_square_triangle import sew_two
from yonk.core.units.needs import Cloth, Need, Terms, isosceles, square
from yonk.core.units.stamp import Stamp
from yonk.core.units.unit import (
    FoundPart,
    MakingJob,
    Method,
    RecognisedUnit,
    Unit,
    UnitKind,
    corner_sets,
    in_batches_of,
    lots_for,
    on_point,
)


def _triangles(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    legs, less = unit.width * ROOT_2 / 2, Length.of(1) * ROOT_2 / 2
    return [
        isosceles(part.cloth, legs, terms, lots, legs_on_grain=unit.on_point, trim_times=less)
        for part in unit.parts
    ]


def halves(unit: Unit) -> tuple[tuple[Cloth, Cloth], tuple[Cloth, Cloth]]:
    """The four quarters as two half-square triangles, so paired that neither is of one fabric where
    that can be.
    """
    north, east, south, west = (part.cloth for part in unit.parts)
    if north.fabric == east.fabric or south.fabric == west.fabric:
        return (east, south), (west, north)
    return (north, east), (south, west)


def _two(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    role = unit.parts[0].cloth.role
    side = unit.width + terms.both_seams + terms.trim_of(role) + 2 * terms.seam * ROOT_2
    working = (
        message(
            "work-becomes-unfinished", finished=terms.show(unit.width), seam=terms.show(terms.seam)
        ),
        terms.to_trim("work-to-trim", role),
        message("work-seams-on-both-diagonals", seam=terms.show(terms.seam)),
    )
    pairs = [tuple(sorted(half, key=lambda cloth: cloth.fabric)) for half in halves(unit)]
    wanted = Counter(tuple(cloth.fabric for cloth in pair) for pair in pairs)
    needs, seen = [], set()
    for pair in pairs:
        fabrics = tuple(cloth.fabric for cloth in pair)
        if fabrics in seen:
            continue
        seen.add(fabrics)
        squares = lots_for(
            lots * wanted[fabrics], 2
        )  # a pair of squares gives two half-square triangles
        needs += [square(cloth, side, terms, squares, working) for cloth in pair]
    return needs


def _sew_triangles(job: MakingJob) -> list[SewnWork]:
    north, east, south, west = (pieces[0] for pieces in job.pieces)
    one, edge = join_quarters(job.table, north, east)
    other, along = join_quarters(job.table, south, west)
    words = message("lay-two-halves")
    return [job.table.join(one, edge, other, along, words=words)]


def join_quarters(table: Table, one: SewnWork, next_one: SewnWork) -> tuple[SewnWork, TableSegment]:
    """Two quarters, the second clockwise of the first, sewn along their short edges; and the long
    edge of the two.
    """
    _, leg, rest = from_the_longest(one)
    words = message("sew-two-quarters")
    half = table.join(one, leg, next_one, from_the_longest(next_one)[2], words=words)
    return half, edge_along(half, rest)


def _sew_two(job: MakingJob) -> list[SewnWork]:
    """Half-square triangles first; then two of them face to face, fabrics opposed, seams nested,
    sewn across.
    """
    table = job.table
    first, second = halves(job.unit)
    made: dict[tuple[str, ...], list[SewnWork]] = {}
    in_pairs = iter(job.pieces)
    for unders, overs in zip(in_pairs, in_pairs, strict=True):
        pair = unders[0].front[0].fabric, overs[0].front[0].fabric
        words = message("lay-one-on-the-other", dark=table.name(pair[1]), light=table.name(pair[0]))
        for number, (under, over) in enumerate(zip(unders, overs, strict=True)):
            made.setdefault(pair, []).extend(sew_two(job, under, over, words, again=number > 0))
    works: list[SewnWork] = []
    for number in range(job.lots):
        under = made[_fabrics(first)].pop(0)
        over = made[_fabrics(second)].pop(0)
        works += sew_across(table, under, over, first[0].fabric, second[1].fabric, again=number > 0)
    table.aside += [work for rest in made.values() for work in rest]
    return works


def _fabrics(pair: tuple[Cloth, Cloth]) -> tuple[str, ...]:
    return tuple(sorted(cloth.fabric for cloth in pair))


def sew_across(
    table: Table, under: SewnWork, over: SewnWork, below: str, above: str, *, again: bool
) -> list[SewnWork]:
    """A half-square triangle face down on a work, seams along one line where both have one, `above`
    lying over `below`.

    Sewn either side of the diagonal that crosses the upper one's seam, and cut apart on it.
    """
    laid = table.lay(
        over, under, onto=middle_of(under), turn=_turn(table, under, over, below, above)
    )
    rising, falling = corner_to_corner(laid.over[0])
    (ax, ay), (bx, by) = laid.over[0].seams[0]
    across = falling if (bx - ax) * (by - ay) < 0 else rising
    words = (
        message("lay-two-half-square-triangles")
        if under.seams
        else message("centre-the-half-square-triangle", below=table.name(below))
    )
    sewn = table.sew_beside(
        [laid], [across], words, line=message("diagonal-across-the-seam"), again=again
    )
    bits = table.cut_apart(
        sewn, [TableLine.between(*across)], message("cut-apart-on-that-line"), again=again
    )
    return table.open(bits, again=again)


def _turn(table: Table, under: SewnWork, over: SewnWork, below: str, above: str) -> int:
    """The quarter turns that bring `above` over `below` with both seams along one line."""
    if not under.seams:
        return 0
    spot = _middle_of_fabric(under, below)
    middle = middle_of(under)

    def off(turn: int) -> float:
        lying = table.lay(over, under, onto=middle, turn=turn).over[0]
        x, y = _middle_of_fabric(lying, above)
        return abs(x - spot[0]) + abs(y - spot[1])

    return min(range(4), key=off)


def _middle_of_fabric(work: SewnWork, fabric: str) -> XY:
    spots = [spot for scrap in work.front if scrap.fabric == fabric for spot in scrap.outline]
    return sum(x for x, _ in spots) / len(spots), sum(y for _, y in spots) / len(spots)


class QuarterSquareTriangle(UnitKind):
    kind = "quarter-square-triangle"
    words = message("kind-quarter-square-triangle")
    part_names = ("quarter",)
    stamp = Stamp("0 0 1 1, 0 1 1 0", "1/2 1/4 0, 3/4 1/2 1, 1/2 3/4 0, 1/4 1/2 1")
    methods = (
        Method(
            name="two-at-a-time",
            words=message("way-two-at-a-time"),
            lot=2,
            needs=_two,
            sew=_sew_two,
            mirrors=True,
            together=True,
            batches=in_batches_of(2),
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
        if size != region.height or len(region.pieces) != 4:
            return None
        corners = ((0, 0), (size, 0), (size, size), (0, size))
        known, middle = corner_sets(region), (size // 2, size // 2)
        sides = [
            frozenset((middle, a, b))
            for a, b in zip(corners, corners[1:] + corners[:1], strict=True)
        ]
        if size % 2 or any(side not in known for side in sides):
            return None
        return RecognisedUnit(
            tuple(FoundPart(known[side], "quarter", size, size) for side in sides)
        )
