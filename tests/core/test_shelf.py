"""The fabric shelf and shopping: no piece used twice, blocks laid out together, inches and
centimetres in one sum.
"""

from __future__ import annotations

from collections import Counter
from dataclasses import replace
from fractions import Fraction as F

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.drafts import block
from yonk.core.cutting import (
    ShelfCloth,
    ShelfPiece,
    after_cutting,
    all_booked,
    pieces_of_fabric,
    plan_cutting,
    shopping_list,
)
from yonk.core.cutting.cloth import BOLT_STEPS, Bolt, ClothPiece, plan_cloth
from yonk.core.cutting.shelf import CM_TO_AN_INCH, in_unit
from yonk.core.paper import Draft, default_making
from yonk.core.planning import make_plan

QUARTER = ShelfPiece(F(41, 2), F(35, 2), 1)


def squares(side: str, blocks: int, **tied: str) -> Draft:
    """Blocks of two plain patches, Peat beside Fog, tied to fabrics of the shelf."""
    draft = block(
        "1/2 0 1/2 1",
        "1/4 1/2 peat, 3/4 1/2 fog",
        size=f"{2 * F(side)} {side}",
        blocks=blocks,
        methods={"strip-set": "cut-and-sew"},
    )
    return replace(
        draft, fabrics=tuple(replace(one, shelf=tied.get(one.key, "")) for one in draft.fabrics)
    )


def test_two_fabrics_tied_to_one_do_not_cut_the_same_piece() -> None:
    draft = squares("7", 4, peat="one", fog="one")
    shelf = ShelfCloth("in", (replace(QUARTER, count=1),))
    cloths = plan_cutting(draft, "all", {"one": pieces_of_fabric(shelf, "in")}).cloths
    used = [layout.source for cloth in cloths for layout in cloth.layouts if not layout.bought]
    assert len(used) == 1


def test_six_small_blocks_buy_what_they_need_together() -> None:
    draft = squares("3", 2, peat="one", fog="two")
    shelf = {"one": ShelfCloth("in", ()), "two": ShelfCloth("in", ())}
    alone = make_plan(draft)
    each = next(one for one in shopping_list([alone], shelf) if one.fabric.key == "peat")
    together = next(one for one in shopping_list([alone] * 6, shelf) if one.fabric.key == "peat")
    assert each.cloth.buy == F(9, 2) or each.cloth.buy == F(9)
    assert together.cloth.buy < 6 * each.cloth.buy and len(together.blocks) == 6
    assert sum(len(layout.laid) for layout in together.cloth.layouts) == 12


def test_inches_and_centimetres_are_one_cloth_and_a_piece_is_used_once() -> None:
    inches = squares("7", 2, peat="one")
    metric = replace(
        squares("18", 2, peat="one"),
        unit="cm",
        making=replace(default_making("cm"), blocks=2, methods={"strip-set": "cut-and-sew"}),
    )
    shelf = {"one": ShelfCloth("in", (QUARTER,))}
    found = [
        one
        for one in shopping_list([make_plan(inches), make_plan(metric)], shelf)
        if one.shelf == "one"
    ]
    (peat,) = found
    assert peat.unit == "in" and len(peat.blocks) == 2
    assert sum(not layout.bought for layout in peat.cloth.layouts) <= 1
    sizes = {one.width for layout in peat.cloth.layouts for one in layout.laid}
    assert F(15, 2) in sizes and any(abs(float(size) - 19.5 / 2.54) < 0.03 for size in sizes)
    untied = shopping_list([make_plan(squares("3", 1))] * 2, {})
    assert Counter(one.fabric.key for one in untied) == {"peat": 1, "fog": 1}


def test_the_books_after_a_second_cutting() -> None:
    shelf = ShelfCloth("in", (replace(QUARTER, count=2),))
    draft = squares("7", 4, peat="one")
    first = plan_cutting(draft, "all", {"one": pieces_of_fabric(shelf, "in")}).cloths
    peat = next(cloth for cloth in first if cloth.fabric == "peat")
    after = after_cutting(shelf, peat, "in")
    assert (
        sum(
            one.count
            for one in after.pieces
            if (one.width, one.length) == (QUARTER.width, QUARTER.length)
        )
        == 1
    )
    booked = all_booked(peat.cuts, "all", {})
    again = plan_cutting(draft, "all", {"one": pieces_of_fabric(after, "in")}, booked).cloths
    assert not next(cloth for cloth in again if cloth.fabric == "peat").layouts, (
        "what is booked is on no cloth again"
    )
    more = replace(draft, making=replace(draft.making, blocks=7))
    second = plan_cutting(more, "all", {"one": pieces_of_fabric(after, "in")}, booked).cloths
    laid = [
        one
        for cloth in second
        if cloth.fabric == "peat"
        for layout in cloth.layouts
        for one in layout.laid
    ]
    assert len(laid) == 3


def test_leftovers_are_no_longer_than_the_cloth_once_it_is_washed_and_straight() -> None:
    cuts = make_plan(squares("7", 5)).cuts[:1]
    plan = plan_cloth("peat", cuts, Bolt(F(40), F(1), F(1, 10), F(9, 2)), "in", keep=F(1, 4))
    (layout,) = plan.layouts
    assert layout.source.length == plan.buy * F(9, 10) and layout.strips[0].y == 1
    end = next(piece for piece in plan.leftovers if piece.width == 40)
    assert end.length == plan.buy * F(9, 10) - 1 - plan.exact
    dry = plan_cloth(
        "peat", make_plan(squares("8", 40)).cuts[:1], Bolt(F(40), F(0), F(0), F(9, 2)), "in"
    )
    shrunk = plan_cloth(
        "peat", make_plan(squares("8", 40)).cuts[:1], Bolt(F(40), F(0), F(1, 5), F(9, 2)), "in"
    )
    assert (dry.fat_quarters or 99) < (shrunk.fat_quarters or 99)


sides = st.builds(F, st.integers(8, 400), st.just(8))


@settings(max_examples=40)
@given(
    st.lists(st.tuples(sides, sides, st.integers(1, 3)), min_size=1, max_size=4),
    st.integers(1, 9),
    st.booleans(),
)
def test_what_comes_off_and_goes_on_the_shelf_adds_up(
    rows: list[tuple[F, F, int]], blocks: int, metric: bool
) -> None:
    shelf = ShelfCloth(
        "cm" if metric else "in",
        tuple(
            ShelfPiece(*size, count) for size, count in {row[:2]: row[2] for row in rows}.items()
        ),
    )
    cloth = plan_cloth(
        "peat",
        make_plan(squares("4", blocks)).cuts[:1],
        Bolt(F(40), F(1), F(0), BOLT_STEPS["in"]),
        "in",
        on_hand=pieces_of_fabric(shelf, "in"),
        keep=F(2),
    )
    before, after = (
        Counter({(p.width, p.length): p.count for p in one.pieces})
        for one in (shelf, after_cutting(shelf, cloth, "in"))
    )
    used = [layout.source for layout in cloth.layouts if not layout.bought]
    assert sum((before - after).values()) <= len(used) and sum((after - before).values()) <= len(
        cloth.leftovers
    )
    assert sum(after.values()) == sum(before.values()) - len(used) + len(cloth.leftovers)


@pytest.mark.parametrize("length", [F(1), F(35, 2), F(1, 3)])
def test_units_are_exact_there_and_back(length: F) -> None:
    assert (
        in_unit(in_unit(length, "in", "cm"), "cm", "in") == length
        and in_unit(F(1), "in", "cm") == CM_TO_AN_INCH
    )
    assert ClothPiece("", length, length) == ClothPiece("", length, length)
