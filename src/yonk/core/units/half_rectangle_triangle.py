"""Half-rectangle triangle: a rectangle halved on one diagonal; it comes left- and right-handed.

A right triangle with legs w and h has an inscribed circle of radius r = (w + h − √(w² + h²))/2.
Offset outward by the seam allowance s on all sides it is the same triangle grown by k = (r + s)/r,
so the rectangle to cut is w·k by h·k. For a unit that comes out larger by t both ways the legs move
out by another t/2, which keeps the slope: k grows by t(w + h)/(2wh).
"""

from collections.abc import Sequence
from fractions import Fraction
from math import hypot

from yonk.core.drawing import Region
from yonk.core.paper import Decimal, Length, Text, message, square_root
from yonk.core.sewing import SewnWork, from_the_longest, length, longest_side
from yonk.core.units.foundation import FOUNDATION
from yonk.core.units.half_square_triangle import halved
from yonk.core.units.needs import Cloth, Hand, Need, Terms, about_mark
from yonk.core.units.stamp import Stamp
from yonk.core.units.unit import (
    FoundPart,
    MakingJob,
    Method,
    RecognisedUnit,
    Unit,
    UnitKind,
    on_point,
)


def right_triangle(
    cloth: Cloth,
    legs: tuple[Length, Length],
    terms: Terms,
    pieces: int,
    hand: Hand | None,
    margin: Fraction,
) -> Need:
    """A right triangle of any legs: a rectangle cut once from corner to corner gives two of one
    hand.
    """
    width, height = (_rational(leg) for leg in sorted(legs, reverse=True))
    radius = (width + height - square_root(width * width + height * height)) / 2
    grown = (radius + terms.seam) / radius + margin * (width + height) / (2 * width * height)
    cut = Length(width * grown), Length(height * grown)
    offset: dict[str, Text] = {
        "grown": Decimal(float(grown), 4, fixed=True),
        "seam": terms.show(terms.seam),
    }
    working = (
        message("work-legs", longer=terms.show(max(legs)), shorter=terms.show(min(legs))),
        message(
            "work-offset-three-sides-and-trim",
            **offset,
            margin=terms.show(margin / 2),
            set=terms.margin(cloth.role).set_for,
        )
        if margin
        else message("work-offset-three-sides", **offset),
    )
    return Need(
        fabric=cloth.fabric,
        letter=cloth.letter,
        role=cloth.role,
        shape="rectangle",
        width=cut[0],
        height=cut[1],
        rounding="up",
        pieces=pieces,
        subcut="one-diagonal",
        working=working,
        diagonal=hand,
    )


def _rational(leg: Length) -> Fraction:
    """Exact, or right to 40 places where a square root stays."""
    return leg.rational + (square_root(Fraction(2)) * leg.root if leg.root else 0)


def _triangles(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    legs = unit.width, unit.height
    return [
        right_triangle(part.cloth, legs, terms, lots, unit.hand, terms.trim_of(part.cloth.role))
        for part in unit.parts
    ]


def _sew_triangles(job: MakingJob) -> list[SewnWork]:
    """The points are not alike at both ends, so the long edges are shifted until the finished seams
    would match.
    """
    (one, *_), (other, *_) = job.pieces
    edge = longest_side(one)
    _, after, before = from_the_longest(one)
    width, height = (
        float(max(job.unit.width, job.unit.height)),
        float(min(job.unit.width, job.unit.height)),
    )
    shift = _past_the_point(width, height, max(length(after), length(before)), job.table.seam)
    if length(after) > length(before):  # the long edge ends in the sharp point
        shift = -shift
    past = about_mark(abs(shift), job.terms)
    words = message("lay-triangles-points-out", past=past)
    return [job.table.join(one, edge, other, longest_side(other), shift=shift, words=words)]


def _past_the_point(width: float, height: float, cut: float, seam: float) -> float:
    """How far one triangle moves along the other's long edge; `cut` is the longer leg as cut, the
    sizes finished.

    The legs lie `off` outside the finished ones; along the long edge that and the seam reach (off +
    s·cos)/sin beyond a finished point of that angle.
    """
    long = hypot(width, height)
    off = (cut - width - seam * long / height) * height / (height + width)
    return (off + seam * width / long) * long / height - (off + seam * height / long) * long / width


class HalfRectangleTriangle(UnitKind):
    kind = "half-rectangle-triangle"
    two_sizes = True
    words = message("kind-half-rectangle-triangle")
    part_names = ("half",)
    stamp = Stamp("0 1 1 0", "1/4 1/4 0, 3/4 3/4 1", span=(2, 1))
    methods = (
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
        if region.width == region.height or not halved(region):
            return None
        falls = all(
            (0, 0) in piece.ring and (region.width, region.height) in piece.ring
            for piece in region.pieces
        )
        rises = falls if region.height > region.width else not falls
        parts = tuple(
            FoundPart(piece, "half", region.width, region.height) for piece in region.pieces
        )
        return RecognisedUnit(parts, seam_rises=rises)

    def hand(self, found: RecognisedUnit, fabrics: Sequence[str]) -> Hand | None:
        return "right" if found.seam_rises else "left"
