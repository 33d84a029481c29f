"""Square in a square: a square set on point inside another; nested again it has more rounds.

The corners of each round are right isosceles triangles with legs half the side; those that stand on
the block's grain by their legs are cut once, the others twice. The middle may be a plain square or
any assembly.
"""

from collections.abc import Mapping
from math import sqrt

from yonk.core.drawing import Region
from yonk.core.paper import message
from yonk.core.sewing import Motion, SewnWork, Table, bounds, longest_side, rectangle, sides_of
from yonk.core.units.divided import rounds
from yonk.core.units.flying_geese import flip_corners
from yonk.core.units.foundation import FOUNDATION
from yonk.core.units.needs import Need, Terms, about_mark, isosceles, rectangle_need
from yonk.core.units.stamp import Stamp
from yonk.core.units.unit import (
    FoundPart,
    MakingJob,
    Method,
    RecognisedUnit,
    Unit,
    UnitKind,
    corner_sets,
    on_point,
)


def _rounds(unit: Unit) -> int:
    return len(unit.playing("corner")) // 4


def _triangles(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    needs = []
    for part in unit.playing("corner"):
        upright = unit.on_point == (part.spot[0] % 2 == 1)
        needs.append(isosceles(part.cloth, part.width, terms, lots, legs_on_grain=upright))
    needs += [
        rectangle_need(part.cloth, part.width, part.width, terms, lots)
        for part in unit.playing("centre")
    ]
    return needs


def _flip(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    centre = unit.playing("centre")[0]
    corners = [
        rectangle_need(part.cloth, part.width, part.width, terms, lots, trims=["centre", "corner"])
        for part in unit.playing("corner")
    ]
    return [
        rectangle_need(
            centre.cloth, unit.width, unit.width, terms, lots, trims=["centre", "corner"]
        ),
        *corners,
    ]


def _sew_triangles(job: MakingJob) -> list[SewnWork]:
    """From the middle out: opposite corners first, then the two others; each round is squared up
    before the next.
    """
    table, unit = job.table, job.unit
    corners = [
        (part, job.pieces[n][0]) for n, part in enumerate(unit.parts) if part.cloth.role == "corner"
    ]
    rounds = sorted({part.spot[0] for part, _ in corners}, reverse=True)
    work = job.pieces[-1][0] if unit.playing("centre") else _middle(job)
    for number in rounds:
        of_round = {part.spot[1]: piece for part, piece in corners if part.spot[0] == number}
        work = _round(table, work, of_round)
        if number:
            leg = next(float(part.width) for part, _ in corners if part.spot[0] == number)
            inner = 2 * leg + 2 * table.seam
            said = about_mark(inner, job.terms)
            words = message("square-up-this-round", size=said)
            work = table.square_up(work, inner, inner, words)
    return [work]


def _middle(job: MakingJob) -> SewnWork:
    """The assembly in the middle, as it comes unfinished from elsewhere."""
    inner = (
        min(float(part.width) for part in job.unit.playing("corner")) * sqrt(2) + 2 * job.table.seam
    )
    return job.table.piece(inner, inner, "")


def _round(table: Table, work: SewnWork, corners: Mapping[int, SewnWork]) -> SewnWork:
    """Four corners sewn on an upright square, which then is turned to stand as the round does."""
    sides = dict(
        zip(
            (1, 2, 3, 0), sides_of(rectangle(*_size(work), *bounds(work.outlines)[:2])), strict=True
        )
    )
    words = (
        message("sew-corners-first"),
        message("sew-corners-then"),
    )
    for place, said, again in ((1, 0, False), (3, 0, True), (2, 1, False), (0, 1, True)):
        piece = corners[place]
        work = table.join(
            work,
            sides[place],
            piece,
            longest_side(piece),
            words=words[said],
            again=again,
            outward=True,
        )
    half = sqrt(0.5)
    return work.moved(Motion.turning((1.0, 0.0), (half, half)))


def _size(work: SewnWork) -> tuple[float, float]:
    left, top, right, bottom = bounds(work.outlines)
    return right - left, bottom - top


def _sew_flip(job: MakingJob) -> list[SewnWork]:
    centre = next(n for n, part in enumerate(job.unit.parts) if part.cloth.role == "centre")
    base = job.pieces[0][0]  # listed first
    corners = [part for n, part in enumerate(job.unit.parts) if n != centre]
    left, top, right, bottom = bounds(base.outlines)
    spots = ((left, top), (right, top), (right, bottom), (left, bottom))
    squares = [
        (pieces[0], spots[part.spot[1]])
        for part, pieces in zip(corners, job.pieces[1:], strict=True)
    ]
    return [flip_corners(job, base, squares)]


class SquareInASquare(UnitKind):
    kind = "square-in-a-square"
    words = message("kind-square-in-a-square")
    part_names = ("centre", "corner")
    usual_division = "1"
    stamp = Stamp(
        "1/2 0 1 1/2, 1 1/2 1/2 1, 1/2 1 0 1/2, 0 1/2 1/2 0",
        "1/2 1/2 0, 1/8 1/8 1, 7/8 1/8 1, 7/8 7/8 1, 1/8 7/8 1",
        span=(2, 2),
    )
    methods = (
        Method(
            name="cut-and-sew",
            words=message("way-triangles"),
            lot=1,
            needs=_triangles,
            sew=_sew_triangles,
            bias=on_point,
        ),
        Method(
            name="stitch-and-flip",
            words=message("way-stitch-and-flip"),
            lot=1,
            needs=_flip,
            sew=_sew_flip,
            suits=lambda unit: _rounds(unit) == 1 and not unit.has_middle,
        ),
        FOUNDATION,
    )

    def divided(self, text: str) -> Stamp | None:
        return rounds(text)

    def recognise(self, region: Region) -> RecognisedUnit | None:
        size, half = region.width, region.width // 2
        if size != region.height or len(region.pieces) < 4 or size % 2:
            return None
        known = corner_sets(region)
        spots = (
            ((0, 0), (half, 0), (0, half)),
            ((size, 0), (size, half), (half, 0)),
            ((size, size), (half, size), (size, half)),
            ((0, size), (0, half), (half, size)),
        )
        corners = [known.get(frozenset(spot)) for spot in spots]
        round_one = tuple(
            FoundPart(piece, "corner", half, half, spot=(0, place))
            for place, piece in enumerate(corners)
            if piece
        )
        if len(round_one) < 4:
            return None
        taken = {part.piece.face for part in round_one}
        inner = region.on_its_point([piece for piece in region.pieces if piece.face not in taken])
        if not inner.pieces:  # looked at without the assembly in its middle
            return RecognisedUnit(round_one)
        if (
            region.upright_cuts and region.level_cuts
        ):  # four units that meet in a diamond, not a diamond in a square
            return None
        if len(inner.pieces) == 1:
            return RecognisedUnit(
                (
                    *round_one,
                    FoundPart(inner.pieces[0], "centre", inner.width, inner.width, turns=1),
                )
            )
        nested = self.recognise(inner)
        if nested is None:
            return RecognisedUnit(round_one, middle=inner)
        further = tuple(
            FoundPart(
                part.piece,
                part.role,
                part.width,
                part.height,
                part.turns + 1,
                (part.spot[0] + 1, part.spot[1]),
            )
            for part in nested.parts
        )
        return RecognisedUnit((*round_one, *further), nested.middle)
