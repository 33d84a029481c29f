"""Half-rectangle triangle: a rectangle halved on one diagonal; it comes left- and right-handed.

A right triangle with legs w and h has an inscribed circle of radius r = (w + h − √(w² + h²))/2. Offset outward by the
seam allowance s on all sides it is the same triangle grown by k = (r + s)/r, so the rectangle to cut is w·k by h·k.
"""

from collections.abc import Sequence
from fractions import Fraction

from yonk.core.assembly import Region
from yonk.core.measure import Length, show, square_root
from yonk.core.units.half_square_triangle import halved
from yonk.core.units.needs import Cloth, Hand, Need, Terms
from yonk.core.units.stamp import Stamp
from yonk.core.units.unit import Demand, Found, FoundPart, Method, MethodName, Unit, UnitKind


def right_triangle(
    cloth: Cloth, legs: tuple[Length, Length], terms: Terms, pieces: int, hand: Hand | None, margin: Fraction
) -> Need:
    """A right triangle of any legs: a rectangle cut once from corner to corner gives two of one hand."""
    width, height = (_rational(leg) for leg in sorted(legs, reverse=True))
    radius = (width + height - square_root(width * width + height * height)) / 2
    grown = (radius + terms.seam) / radius
    cut = Length(width * grown + margin), Length(height * grown + margin)
    working = (
        f"legs {show(max(legs), terms.unit)} and {show(min(legs), terms.unit)} finished",
        f"× {float(grown):.4f}, which offsets all three sides by {show(terms.seam, terms.unit)}",
        *([f"+ {show(margin, terms.unit)} to trim"] if margin else []),
    )
    return Need(
        fabric=cloth.fabric, letter=cloth.letter, role=cloth.role, shape="rectangle", width=cut[0], height=cut[1],
        rounding="up", pieces=pieces, subcut="one-diagonal", working=working, diagonal=hand,
    )  # fmt: skip


def _rational(leg: Length) -> Fraction:
    """Exact, or right to 40 places where a square root stays."""
    return leg.rational + (square_root(Fraction(2)) * leg.root if leg.root else 0)


def _triangles(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    legs = unit.width, unit.height
    return [right_triangle(part.cloth, legs, terms, lots, unit.hand, terms.trim) for part in unit.parts]


class HalfRectangleTriangle(UnitKind):
    kind = "half-rectangle-triangle"
    words = "half-rectangle triangle"
    stamp = Stamp("0 1 1 0", "1/4 1/4 0, 3/4 3/4 1", span=(2, 1))
    methods = (Method(name="cut-and-sew", words="cut triangles and sew", lot=1, needs=_triangles),)

    def recognise(self, region: Region) -> Found | None:
        if region.width == region.height or not halved(region):
            return None
        falls = all((0, 0) in piece.ring and (region.width, region.height) in piece.ring for piece in region.pieces)
        rises = falls if region.height > region.width else not falls
        parts = tuple(FoundPart(piece, "half", region.width, region.height) for piece in region.pieces)
        return Found(parts, seam_rises=rises)

    def hand(self, found: Found, fabrics: Sequence[str]) -> Hand | None:
        return "right" if found.seam_rises else "left"

    def propose(self, unit: Unit, demand: Demand) -> tuple[MethodName, str]:
        return (
            "cut-and-sew",
            "Rectangles cut once from corner to corner; both of a rectangle's triangles have this hand.",
        )
