"""What cloth costs, by hand."""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction as F

import pytest
from hypothesis import given
from hypothesis import strategies as st

from tests.core.test_cloth import BOLT, cut
from yonk.core.cutting import (
    ClothPiece,
    Cost,
    Price,
    cost_of,
    cost_words,
    costs_together,
    plan_cloth,
    typed_price,
)
from yonk.core.paper import DraftError
from yonk.words import in_words

A_YARD = Price(F("12.60"), "in", "€")
A_METRE = Price(F(20), "cm", "€")
EIGHT = [cut("5", "5", 8)]  # one strip of 40″, and the straightening: 6″, sold as ¼ yard


def test_a_price_is_typed_with_a_point_or_a_comma() -> None:
    assert typed_price("12,60", "price") == typed_price(" 12.6 ", "price") == F("12.60")
    assert typed_price("", "price") is None
    for wrong in ("-1", "1.234", "1e9", "12 €", "1234567", "½"):
        with pytest.raises(DraftError) as raised:
            typed_price(wrong, "price")
        assert raised.value.place == "price"


def test_what_is_bought_costs_by_the_length_that_is_sold() -> None:
    cloth = plan_cloth("fog", EIGHT, BOLT, "in")
    assert cloth.buy == 9
    assert cost_of(cloth, "in", A_YARD) == Cost(F("3.15"), F(0), "€")
    # 9″ are 22.86 cm of a metre at 20
    assert cost_of(cloth, "in", A_METRE) == Cost(F("4.57"), F(0), "€")


def test_what_is_cut_from_the_shelf_costs_by_its_area() -> None:
    on_hand = [ClothPiece("a fat quarter", F(20), F(18))]
    cloth = plan_cloth("fog", EIGHT, BOLT, "in", on_hand=on_hand)
    assert cloth.buy == 0
    # 200 square inches of the 1,440 of a yard 40″ wide
    assert cost_of(cloth, "in", A_YARD) == Cost(F(0), F("1.75"), "€")
    # 1,290.32 square centimetres of the 10,000 of a metre 100 cm wide
    assert cost_of(cloth, "in", A_METRE) == Cost(F(0), F("2.58"), "€")


amounts = st.integers(0, 10**6).map(lambda cents: F(cents, 100))


@given(st.lists(st.builds(Cost, amounts, amounts, st.sampled_from(["€", "kr", ""]))))
def test_costs_add_up_in_each_currency(costs: list[Cost]) -> None:
    summed = costs_together(costs)
    assert len({one.currency for one in summed}) == len(summed)
    for one in summed:
        mine = [cost for cost in costs if cost.currency == one.currency]
        assert one.whole == sum(cost.whole for cost in mine)
        assert one.on_hand == sum(cost.on_hand for cost in mine)


def test_costs_are_said_as_people_write_them() -> None:
    both = Cost(F("3.15"), F("1.5"), "€")
    assert in_words(cost_words(both), "en") == "4.65 €: 3.15 € to buy, 1.50 € from the shelf"
    assert in_words(cost_words(both), "de").startswith("4,65 €: 3,15 €")
    assert in_words(cost_words(replace(both, on_hand=F(0))), "en") == "3.15 € to buy"
    assert in_words(cost_words(replace(both, bought=F(0))), "en") == "1.50 € from the shelf"
