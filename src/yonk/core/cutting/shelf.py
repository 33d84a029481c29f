"""The fabric shelf: what there is of a fabric, in a draft's unit, and what becomes of it when
something is cut.
"""

from __future__ import annotations

from collections import Counter
from dataclasses import dataclass, replace
from fractions import Fraction

from yonk.core.cutting.cloth import ClothPiece, ClothPlan
from yonk.core.paper import LengthUnit
from yonk.core.planning import cut_size_words

CM_TO_AN_INCH = Fraction(254, 100)
_FINEST: dict[LengthUnit, Fraction] = {
    "in": Fraction(1, 8),
    "cm": Fraction(1, 10),
}  # what is left over is told no finer


@dataclass(frozen=True)
class ShelfPiece:
    """So many pieces of one size, usable all over, in the shelf fabric's own unit."""

    width: Fraction
    length: Fraction
    count: int


@dataclass(frozen=True)
class ShelfCloth:
    """A fabric of the shelf: the unit that it is told in, and its pieces."""

    unit: LengthUnit
    pieces: tuple[ShelfPiece, ...]


def in_unit(length: Fraction, unit: LengthUnit, to: LengthUnit) -> Fraction:
    """A length told in one unit, exactly, in another."""
    if unit == to:
        return length
    return length * CM_TO_AN_INCH if to == "cm" else length / CM_TO_AN_INCH


def pieces_of_fabric(cloth: ShelfCloth, unit: LengthUnit) -> list[ClothPiece]:
    """The pieces of a shelf fabric, one by one.

    Args:
        cloth: in its own unit.
        unit: the draft's, in which they are answered.
    """
    found = []
    for row in cloth.pieces:
        width, length = in_unit(row.width, cloth.unit, unit), in_unit(row.length, cloth.unit, unit)
        found += [ClothPiece(cut_size_words(width, length, unit), width, length)] * row.count
    return found


def after_cutting(cloth: ShelfCloth, plan: ClothPlan, unit: LengthUnit) -> ShelfCloth:
    """The shelf fabric after a cutting.

    Args:
        cloth: as it was, in its own unit, which it keeps.
        plan: what was cut from it, in `unit`.

    Returns: the fabric without the pieces that were cut from and with what is left over, told a
    little
    smaller where its ruler has no such mark.
    """
    used = Counter(
        (layout.source.width, layout.source.length) for layout in plan.layouts if not layout.bought
    )
    rows: Counter[tuple[Fraction, Fraction]] = Counter()
    for row in cloth.pieces:
        here = in_unit(row.width, cloth.unit, unit), in_unit(row.length, cloth.unit, unit)
        taken = min(row.count, used[here])
        used[here] -= taken
        rows[row.width, row.length] += row.count - taken
    assert not any(used.values()), "what is cut from the shelf was on it"
    step = _FINEST[cloth.unit]
    for piece in plan.leftovers:
        width, length = (
            in_unit(side, unit, cloth.unit) // step * step for side in (piece.width, piece.length)
        )
        if min(width, length) > 0:
            rows[width, length] += 1
    pieces = tuple(
        ShelfPiece(*sides, count) for sides, count in sorted(rows.items(), reverse=True) if count
    )
    return replace(cloth, pieces=pieces)
