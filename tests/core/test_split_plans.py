"""A group split over two methods, as the plan file, the notices and the lists tell it."""

from __future__ import annotations

import csv
import io
from collections import Counter

import pytest

from tests.drafts import block
from yonk.core.acts import apply
from yonk.core.acts.choose_method import ChooseMethod
from yonk.core.paper import Draft
from yonk.core.planning import make_plan
from yonk.files.cutting_csv import write_cutting_csv
from yonk.files.plan_file import write_plan


def triangles(blocks: int, **methods: str) -> Draft:
    named = {name.replace("_", "-"): way for name, way in methods.items()}
    return block(
        "0 1 1 0", "1/4 1/4 peat, 3/4 3/4 fog", size="3 3", blocks=blocks, trim="1/8", methods=named
    )


def test_the_plan_has_a_row_for_each_method_with_one_label() -> None:
    written = write_plan(make_plan(triangles(12)))
    rows = [
        (unit["label"], unit["method"], unit["total"], unit["makes"], unit["spare"])
        for unit in written["units"]
    ]
    assert rows == [("1", "eight-at-a-time", 8, 8, 0), ("1", "two-at-a-time", 4, 4, 0)]
    assert all(cut["for"] == ["1"] for cut in written["cuts"])
    assert Counter((cut["fabric"], cut["width"], cut["count"]) for cut in written["cuts"]) == {
        ("peat", "8", 1): 1,
        ("peat", "4", 2): 1,
        ("fog", "8", 1): 1,
        ("fog", "4", 2): 1,
    }


@pytest.mark.parametrize(
    ("blocks", "way", "spares"),
    [
        (9, "eight-at-a-time+two-at-a-time", 1),
        (9, "eight-at-a-time", 7),
        (9, "two-at-a-time", 1),
        (9, "cut-and-sew", 0),
        (9, "eight-at-a-time+cut-and-sew", 0),
        (13, "eight-at-a-time+four-at-a-time", 3),
        (3, "four-at-a-time", 1),
    ],
)
def test_spares_are_named_once_and_add_up(blocks: int, way: str, spares: int) -> None:
    plan = make_plan(triangles(blocks, half_square_triangle=way))
    assert sum(recipe.spare for recipe in plan.recipes) == spares
    assert sum(recipe.total for recipe in plan.recipes) == blocks
    named = [notice.text for notice in plan.notices if notice.code == "spares"]
    assert len(named) == (1 if spares else 0)
    assert all(recipe.chosen for recipe in plan.recipes)


def test_bias_is_said_of_the_part_that_has_it() -> None:
    plan = make_plan(triangles(9, half_square_triangle="four-at-a-time+two-at-a-time"))
    bias = [notice.text for notice in plan.notices if notice.code == "bias-edge"]
    assert len(bias) == 1 and "four at a time" in str(bias[0])


def test_a_split_is_chosen_by_hand_and_given_back() -> None:
    chosen = apply(
        triangles(12),
        ChooseMethod(
            kind="half-square-triangle", method="four-at-a-time+two-at-a-time", at=("1/4", "1/4")
        ),
    )
    assert [recipe.method.name for recipe in make_plan(chosen).recipes] == [
        "four-at-a-time"
    ]  # twelve leave no rest of four
    given_back = apply(
        chosen, ChooseMethod(kind="half-square-triangle", method=None, at=("1/4", "1/4"))
    )
    assert not any(recipe.chosen for recipe in make_plan(given_back).recipes)


def test_the_csv_lists_the_cuts_of_both_parts() -> None:
    rows = list(csv.DictReader(io.StringIO(write_cutting_csv(make_plan(triangles(12))))))
    assert Counter((row["fabric"], row["count"], row["cut width"]) for row in rows) == {
        ("Peat", "1", "8"): 1,
        ("Peat", "2", "4"): 1,
        ("Fog", "1", "8"): 1,
        ("Fog", "2", "4"): 1,
    }
