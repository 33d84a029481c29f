"""What can I make from these? For squares or rectangles on hand the largest finished size of every
unit by every method.
"""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from fractions import Fraction

from yonk.core.finder.samples import kinds_asked, sample_unit
from yonk.core.paper import COUNTS, DraftError, message
from yonk.core.planning import is_trimmed, smallest, worst_off
from yonk.core.sewing import SewingError
from yonk.core.units import (
    YIELDS,
    CarriedOut,
    Method,
    Need,
    Size,
    Terms,
    Unit,
    UnitKind,
    carry_out,
    ruler_slack,
)

MOST_PIECES = COUNTS["pieces_on_hand"][1]
# ruler steps down from the largest that the formula allows; a seam and a trim come to fewer
_STEPS_TRIED = 64
LOTS_TOGETHER = 4  # no method shares its pieces over more lots than that


@dataclass(frozen=True)
class OnHand:
    """Pieces of cloth on hand, all of one size: so many over so many fabrics."""

    width: Fraction
    height: Fraction
    count: int
    fabrics: int


@dataclass(frozen=True)
class Possible:
    """What they can become: a unit of a finished size, how many, from how many of the pieces.

    `whole` tells that the pieces are used as they are; then `oversize` is how much larger than
    unfinished the units come out. Otherwise they are cut to the sizes of `needs` first, which are
    those of one of the `lots`.
    """

    kind: UnitKind
    method: Method
    unit: Unit
    needs: tuple[Need, ...]
    lots: int
    pieces: int
    whole: bool
    oversize: tuple[float, float] | None

    @property
    def makes(self) -> int:
        """How many units come of them."""
        return self.lots * self.method.lot

    def cuts(self, step: Fraction) -> list[tuple[Need, Fraction, Fraction, int]]:
        """What is cut for all lots on the ruler, alike ones together, and how many of each."""
        rows: dict[object, tuple[Need, int]] = {}
        for need in self.needs:
            key = need.rounded(step), need.subcut
            first, pieces = rows.get(key, (need, 0))
            rows[key] = first, pieces + need.pieces * self.lots
        return [
            (need, *need.rounded(step), -(-pieces // YIELDS[need.subcut]))
            for need, pieces in rows.values()
        ]


def what_can_i_make(have: OnHand, terms: Terms) -> list[Possible]:
    """What pieces on hand can become: each kind and way with the largest unit on the ruler's marks.

    Args:
        have: the size of the pieces, how many, and of how many fabrics.
        terms: seam allowance, ruler and margin, in the unit of the pieces.

    Returns: the possible units, the most of each first.

    Raises: `DraftError` naming the field.
    """
    if not 1 <= have.count <= MOST_PIECES:
        raise DraftError("count", message("must-be-from-to", least=1, most=MOST_PIECES))
    if not 1 <= have.fabrics <= have.count:
        raise DraftError("fabrics", message("must-be-no-more-than-the-pieces"))
    return [
        one
        for kind in kinds_asked()
        for method in kind.methods
        if not method.on_lines
        for one in _possible(kind, method, have, terms)
    ]


def _possible(kind: UnitKind, method: Method, have: OnHand, terms: Terms) -> Iterator[Possible]:
    unit = _largest(kind, method, have, terms)
    if unit is None:
        return
    needs = tuple(method.needs(unit, terms, 1))
    if float(unit.width) < smallest(unit, terms, trimmed=is_trimmed(unit, method, terms)):
        return  # so small that the seams take up what would show
    if method.name == "rectangle" and any(_fitting(need, have, terms) < 2 for need in needs):
        return  # of single squares it is two at a time
    lots, pieces = _lots(unit, method, have, terms)
    if not lots:
        return
    as_they_are = [(have.width, have.height)] * len(needs)
    made = _sewn(unit, method, terms, as_they_are) if _one_cut_each(needs, have, terms) else None
    whole = made is not None and made.sound
    made = made if whole else _sewn(unit, method, terms, None)
    oversize = made.fits[0].oversize if made and made.fits and made.table.seams else None
    yield Possible(kind, method, unit, needs, lots, pieces, whole, oversize)


def _largest(kind: UnitKind, method: Method, have: OnHand, terms: Terms) -> Unit | None:
    """The largest finished size on the ruler for which every piece of a lot fits on one on hand."""
    low, high = 0, int(max(have.width, have.height) * 4 / terms.step)
    while low < high:
        marks = (low + high + 1) // 2
        needs = method.needs(sample_unit(kind.kind, marks * terms.step), terms, 1)
        if all(_fitting(need, have, terms) for need in needs):
            low = marks
        else:
            high = marks - 1
    for marks in range(low, max(0, low - _STEPS_TRIED), -1):
        unit = sample_unit(kind.kind, marks * terms.step)
        if method.suits(unit) and all(
            worst_off(need, terms) is None for need in method.needs(unit, terms, 1)
        ):
            return unit
    return None


def _fitting(need: Need, have: OnHand, terms: Terms) -> int:
    """How many such cuts come out of one piece on hand. A template is counted by its upright
    box.
    """
    width, height = _least(need, terms)
    either = ((width, height), (height, width))
    return max(int(have.width / w) * int(have.height / h) for w, h in either)


def _least(need: Need, terms: Terms) -> tuple[Fraction, Fraction]:
    """The least cut on the ruler that is large enough; a strip's length is that of one segment and
    its squaring.
    """
    return need.width.up(terms.step), need.height.up(terms.step)


def _one_cut_each(needs: Sequence[Need], have: OnHand, terms: Terms) -> bool:
    """Whether each piece gives just one cut that is trimmed later, so that it may be used as
    it is.
    """
    alike = len({_least(need, terms) for need in needs}) == 1
    return (
        alike
        and have.width == have.height
        and all(
            need.rounding == "up" and need.shape == "square" and _fitting(need, have, terms) == 1
            for need in needs
        )
    )


def _lots(unit: Unit, method: Method, have: OnHand, terms: Terms) -> tuple[int, int]:
    """How many lots the pieces give and how many of them that takes, each fabric kept for one place
    in the unit.
    """
    per_lot: dict[str, Fraction] = {}
    one, several = method.needs(unit, terms, 1), method.needs(unit, terms, LOTS_TOGETHER)
    pooling = {_least(need, terms) for need in one} == {_least(need, terms) for need in several}
    together, asked_of = (LOTS_TOGETHER, several) if pooling else (1, one)
    for need in asked_of:
        share = Fraction(need.pieces, YIELDS[need.subcut] * _fitting(need, have, terms) * together)
        per_lot[need.fabric] = per_lot.get(need.fabric, Fraction(0)) + share
    asked = sorted(per_lot.values(), reverse=True)
    counts = [
        have.count // have.fabrics + (number < have.count % have.fabrics)
        for number in range(have.fabrics)
    ]
    low, high = 0, int(have.count / sum(asked))
    while low < high:
        lots = (low + high + 1) // 2
        low, high = (
            (lots, high) if _shared_out(lots, asked, counts) is not None else (low, lots - 1)
        )
    return low, _shared_out(low, asked, counts) or 0


def _shared_out(lots: int, asked: Sequence[Fraction], counts: Sequence[int]) -> int | None:
    """How many pieces so many lots take; None where the fabrics do not give as many.

    `asked` is what each place in the unit takes of a lot, the most first; a fabric serves one place
    of a lot, so all places together ask no more lots of it than there are. The fullest fabric is
    used first, and used up.
    """
    left = [Fraction(count) for count in counts]
    free = [lots] * len(counts)
    pieces = 0
    for share in asked:
        wanted = lots
        for number in sorted(range(len(counts)), key=lambda n: -left[n]):
            taken = min(wanted, free[number], int(left[number] / share))
            used = -int(-taken * share // 1)
            if taken and used <= left[number]:
                left[number] -= used
                free[number] -= taken
                wanted -= taken
                pieces += used
        if wanted:
            return None
    return pieces


def _sewn(
    unit: Unit, method: Method, terms: Terms, sizes: Sequence[Size] | None
) -> CarriedOut | None:
    try:
        return carry_out(
            unit,
            method,
            terms,
            sizes=sizes,
            looked_at=1,
            slack=ruler_slack(method.needs(unit, terms, 1), terms),
        )
    except SewingError:
        return None
