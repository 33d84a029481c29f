"""Corner flip: a square or rectangle with one to four corners replaced by right isosceles
triangles.
"""

from dataclasses import replace
from math import copysign

from yonk.core.drawing import Piece, Region
from yonk.core.paper import ROOT_2, XY, Length, message
from yonk.core.sewing import Motion, SewnWork, TableLine, bounds, edge_along, longest_side
from yonk.core.units.flying_geese import flip_corners
from yonk.core.units.foundation import FOUNDATION
from yonk.core.units.needs import CornerOff, Need, Terms, isosceles, rectangle_need
from yonk.core.units.stamp import Stamp
from yonk.core.units.unit import (
    FoundPart,
    MakingJob,
    Method,
    Part,
    RecognisedUnit,
    Unit,
    UnitKind,
    on_point,
)


def _flip(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    base, *corners = unit.parts
    return [
        rectangle_need(base.cloth, base.width, base.height, terms, lots, trims=["base", "corner"]),
        *(
            rectangle_need(
                part.cloth, part.width, part.width, terms, lots, trims=["base", "corner"]
            )
            for part in corners
        ),
    ]


def _triangles(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    base, *corners = unit.parts
    whole = rectangle_need(base.cloth, base.width, base.height, terms, lots)
    off: list[CornerOff | None] = [None] * 4
    for part in corners:
        off[part.spot[1]] = corner_off(part, unit, terms)
    if base.height > base.width:  # listed with its longer side across
        off = [off[-1], *off[:-1]]
    return [
        replace(whole, corners_off=(off[0], off[1], off[2], off[3])),
        *(_triangle(part, unit, terms, lots) for part in corners),
    ]


def _triangle(part: Part, unit: Unit, terms: Terms, lots: int) -> Need:
    return isosceles(part.cloth, part.width, terms, lots, legs_on_grain=not unit.on_point)


def corner_off(part: Part, unit: Unit, terms: Terms) -> CornerOff:
    """How far along each side of the base a corner is cut off: its leg + 2s − s√2.

    On the ruler it is the nearest mark, but never more than the listed triangle fills: its legs
    less 2s√2.
    """
    exact = part.width + terms.both_seams - terms.seam * ROOT_2
    need = _triangle(part, unit, terms, 1)
    side = need.rounded(terms.step)[0]
    legs = Length.of(side) if need.subcut == "one-diagonal" else Length.of(side) * ROOT_2 / 2
    most = (legs - 2 * terms.seam * ROOT_2) / terms.step
    return CornerOff(
        exact, max(terms.step, min(exact.nearest(terms.step), most.floor() * terms.step))
    )


def _sew_flip(job: MakingJob) -> list[SewnWork]:
    base, *squares = (pieces[0] for pieces in job.pieces)
    base = _lying(base, job.unit)
    spots = _corners(base)
    places = [part.spot[1] for part in job.unit.parts[1:]]
    return [
        flip_corners(
            job,
            base,
            [(square, spots[place]) for square, place in zip(squares, places, strict=True)],
        )
    ]


def _sew_triangles(job: MakingJob) -> list[SewnWork]:
    base, *triangles = (pieces[0] for pieces in job.pieces)
    base = _lying(base, job.unit)
    table, work, spots = job.table, base, _corners(base)
    for part, triangle in zip(job.unit.parts[1:], triangles, strict=True):
        corner = corner_off(part, job.unit, job.terms)
        off = float(corner.exact if job.exact else corner.listed)
        x, y = spots[part.spot[1]]
        ends = (x - copysign(off, x), y), (x, y - copysign(off, y))
        line = TableLine.between(*ends)
        line = TableLine.between(*ends[::-1]) if line.side((x, y)) > 0 else line
        work = table.cut_off(work, line)
        edge = edge_along(work, (line.at(0), line.at(1)))
        words = message("cut-the-corner-off")
        work = table.join(
            work, edge, triangle, longest_side(triangle), words=words, again=work is not base
        )
    return [work]


def _lying(base: SewnWork, unit: Unit) -> SewnWork:
    """The base as the unit lies: a cut is listed long side first."""
    left, top, right, bottom = bounds(base.outlines)
    wide = unit.parts[0].width > unit.parts[0].height
    return (
        base
        if (right - left > bottom - top) == wide
        else base.moved(Motion.turning((1.0, 0.0), (0.0, 1.0)))
    )


def _corners(base: SewnWork) -> tuple[XY, ...]:
    left, top, right, bottom = bounds(base.outlines)
    return (left, top), (right, top), (right, bottom), (left, bottom)


class CornerFlip(UnitKind):
    kind = "corner-flip"
    words = message("kind-corner-flip")
    part_names = ("base", "corner")
    stamp = Stamp("1/2 0 1 1/2", "1/4 3/4 0, 7/8 1/8 1")
    methods = (
        Method(
            name="stitch-and-flip",
            words=message("way-stitch-and-flip"),
            lot=1,
            needs=_flip,
            sew=_sew_flip,
        ),
        Method(
            name="cut-and-sew",
            words=message("way-corners"),
            lot=1,
            needs=_triangles,
            sew=_sew_triangles,
            bias=on_point,
        ),
        FOUNDATION,
    )

    def recognise(self, region: Region) -> RecognisedUnit | None:
        if not 2 <= len(region.pieces) <= 5:
            return None
        corners, rest = [], []
        for piece in region.pieces:
            place = _corner(piece, region.width, region.height)
            if place is None or piece.holes:
                rest.append(piece)
            else:
                corners.append((place, piece))
        if len(rest) != 1 or not corners or rest[0].holes:
            return None
        parts = [FoundPart(rest[0], "base", region.width, region.height)]
        for place, piece in sorted(corners, key=lambda corner: corner[0]):
            leg = piece.box[2] - piece.box[0]
            parts.append(FoundPart(piece, "corner", leg, leg, spot=(0, place)))
        return RecognisedUnit(tuple(parts))


def _corner(piece: Piece, width: int, height: int) -> int | None:
    """Which corner of the region the piece is the right isosceles triangle of, clockwise from the
    top left.
    """
    left, top, right, bottom = piece.box
    if len(piece.ring) != 3 or right - left != bottom - top:
        return None
    leg = right - left
    places = (
        (0, 0, (0, 0), (leg, 0), (0, leg)),
        (width - leg, 0, (width, 0), (width - leg, 0), (width, leg)),
        (width - leg, height - leg, (width, height), (width - leg, height), (width, height - leg)),
        (0, height - leg, (0, height), (leg, height), (0, height - leg)),
    )
    for number, (_, _, *corners) in enumerate(places):
        if set(piece.ring) == set(corners):
            return number
    return None
