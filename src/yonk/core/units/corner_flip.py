"""Corner flip: a square or rectangle with one to four corners replaced by right isosceles triangles."""

from dataclasses import replace

from yonk.core.assembly import Piece, Region
from yonk.core.measure import ROOT_2
from yonk.core.units.needs import Need, Terms, box, isosceles
from yonk.core.units.stamp import Stamp
from yonk.core.units.unit import Demand, Found, FoundPart, Method, MethodName, Unit, UnitKind


def _flip(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    base, *corners = unit.parts
    return [
        box(base.cloth, base.width, base.height, terms, lots),
        *(box(part.cloth, part.width, part.width, terms, lots) for part in corners),
    ]


def _triangles(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    base, *corners = unit.parts
    whole = box(base.cloth, base.width, base.height, terms, lots)
    off = tuple(part.width + terms.both_seams - terms.seam * ROOT_2 for part in corners)
    return [
        replace(whole, corners_off=off),
        *(
            isosceles(part.cloth, part.width, terms, lots, legs_on_grain=not unit.on_point, margin=terms.trim)
            for part in corners
        ),
    ]


class CornerFlip(UnitKind):
    kind = "corner-flip"
    words = "corner flip"
    stamp = Stamp("1/2 0 1 1/2", "1/4 3/4 0, 7/8 1/8 1")
    methods = (
        Method(
            name="stitch-and-flip", words="stitch and flip", lot=1, needs=_flip, bias=lambda unit: unit.on_point
        ),
        Method(name="cut-and-sew", words="cut the corners off and sew triangles on", lot=1, needs=_triangles),
    )  # fmt: skip

    def recognise(self, region: Region) -> Found | None:
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
        return Found(tuple(parts))

    def propose(self, unit: Unit, demand: Demand) -> tuple[MethodName, str]:
        return "stitch-and-flip", "Stitch and flip: squares sewn across the corners, no triangle to cut or stretch."


def _corner(piece: Piece, width: int, height: int) -> int | None:
    """Which corner of the region the piece is the right isosceles triangle of, clockwise from the top left."""
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
