"""What cloth costs: of a block, of a quilt, of a shopping list; by prices that she told."""

from __future__ import annotations

import re
from collections import defaultdict
from collections.abc import Iterable
from dataclasses import dataclass
from fractions import Fraction

from yonk.core.cutting.cloth import ClothPlan
from yonk.core.cutting.shelf import in_unit
from yonk.core.paper import Decimal, DraftError, LengthUnit, Message, message

SOLD_BY: dict[LengthUnit, int] = {"in": 36, "cm": 100}  # a yard, a metre
# what a length that is sold is taken to hold, to say what a piece of another shape is worth
SOLD_WIDE: dict[LengthUnit, int] = {"in": 40, "cm": 100}
MOST_DIGITS = 6  # before the point: cloth in any currency there is
_PRICE = re.compile(rf"(\d{{1,{MOST_DIGITS}}})(?:[.,](\d{{1,2}}))?")


@dataclass(frozen=True)
class Price:
    """What a yard or a metre of a cloth costs; in a currency as she writes it."""

    amount: Fraction
    unit: LengthUnit
    currency: str


@dataclass(frozen=True)
class Cost:
    """What cloth costs: what of it is bought, and what pieces of the shelf that are cut are
    worth.
    """

    bought: Fraction
    on_hand: Fraction
    currency: str

    @property
    def whole(self) -> Fraction:
        """Both together."""
        return self.bought + self.on_hand


def typed_price(text: str, place: str) -> Fraction | None:
    """A price as typed, with a point or a comma and two places at most; None for nothing.

    Raises: `DraftError` at the place where it is no price.
    """
    if not text.strip():
        return None
    found = _PRICE.fullmatch(text.strip())
    if found is None:
        raise DraftError(place, message("no-price", digits=MOST_DIGITS))
    return Fraction(f"{found[1]}.{found[2] or 0}")


def cost_of(cloth: ClothPlan, unit: LengthUnit, price: Price) -> Cost:
    """What one cloth of a list costs.

    Args:
        cloth: how it is cut, in `unit`.
        price: by the yard or the metre, whatever the list is in.

    Returns: what is bought, by the length that is sold; and what the pieces that are cut from the
    shelf's cloth take of it, by their area. Each to the hundredth, so that what is shown adds up.
    """
    area = sum(
        one.width * one.height
        for layout in cloth.layouts
        if not layout.bought
        for one in layout.laid
    )
    squared = in_unit(in_unit(Fraction(area), unit, price.unit), unit, price.unit)
    by_length = price.amount / SOLD_BY[price.unit]
    return Cost(
        _to_the_hundredth(in_unit(cloth.buy, unit, price.unit) * by_length),
        _to_the_hundredth(squared / SOLD_WIDE[price.unit] * by_length),
        price.currency,
    )


def _to_the_hundredth(amount: Fraction) -> Fraction:
    return Fraction(int(amount * 100 + Fraction(1, 2)), 100)  # a half goes up, as tills do


def costs_together(costs: Iterable[Cost]) -> list[Cost]:
    """Costs added up, each currency by itself, in the order in which they come."""
    sums: defaultdict[str, list[Fraction]] = defaultdict(lambda: [Fraction(0), Fraction(0)])
    for one in costs:
        sums[one.currency][0] += one.bought
        sums[one.currency][1] += one.on_hand
    return [Cost(bought, on_hand, currency) for currency, (bought, on_hand) in sums.items()]


def cost_words(cost: Cost) -> Message:
    """What cloth costs, rounded to two places."""
    return message(
        "cloth-costs",
        whole=_money(cost.whole, cost.currency),
        bought=_money(cost.bought, cost.currency),
        shelf=_money(cost.on_hand, cost.currency),
        parts="both" if cost.bought and cost.on_hand else "one",
        way="bought" if cost.bought else "shelf",
    )


def _money(amount: Fraction, currency: str) -> Message:
    return message("money", amount=Decimal(float(amount), 2, fixed=True), currency=currency)
