"""What is said of prints that turn: every way out is tried, and where none is told there is none;
stripes that look the same upside down; a right side that is hard to see.
"""

from __future__ import annotations

from collections import Counter
from dataclasses import replace
from fractions import Fraction as F
from itertools import product
from typing import Any

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.core.test_prints import CORNERS, GOOSE, HALF, IN_A_SQUARE, corners
from tests.drafts import FABRICS, block
from yonk.core.acts import Act, apply
from yonk.core.acts.choose_method import ChooseMethod
from yonk.core.acts.put_fabric import PutFabric
from yonk.core.acts.set_own import SetOwn
from yonk.core.drawing import grid_point_inside
from yonk.core.paper import Draft, DraftError, Print, write_exact
from yonk.core.planning import make_plan, steps_of, way_named
from yonk.core.planning.corners import CornerAngles
from yonk.core.planning.notices import Mend
from yonk.core.planning.plan import Plan
from yonk.core.planning.prints import row_prints, short_of_squares
from yonk.core.planning.ways import all_ways, way_prints
from yonk.core.units import BY_NAME
from yonk.files.block_file import take_block, write_block
from yonk.words import in_words


def with_prints(draft: Draft, prints: dict[str, Print], direction: int = 0) -> Draft:
    fabrics = tuple(
        replace(one, print=prints[one.key], direction=direction) if one.key in prints else one
        for one in FABRICS
    )
    return replace(draft, fabrics=fabrics)


def turning(draft: Draft) -> list[Any]:
    return [one for one in make_plan(draft).notices if one.code == "print-turns"]


def taken(draft: Draft, plan: Plan, mend: Mend) -> Draft:
    group = next(one for one in plan.reading.groups if one.label == mend.unit)
    drawing = plan.reading.drawing
    x, y = grid_point_inside(drawing, drawing.faces[group.members[0][0]])
    at = write_exact(x), write_exact(y)
    act: Act = (
        ChooseMethod(kind=group.kind, at=at, method=mend.method)
        if mend.method
        else SetOwn(kind=group.kind, at=at, more=mend.more)
    )
    return apply(draft, act)


DRAWN = {
    "goose": (GOOSE, ["1/2 3/4", "1/8 1/4", "7/8 1/4"], "6 3", (1, 1)),
    "halves": (
        "0 1 1 0, 1 0 2 1, 1 0 1 1",
        ["1/4 1/4", "3/4 3/4", "5/4 3/4", "7/4 1/4"],
        "6 3",
        (2, 1),
    ),
    "turned halves": (
        "0 1 1 0, 1 0 2 1, 1 0 1 1, 0 1 2 1, 0 1 1 2, 1 1 1 2, 1 2 2 1",
        ["1/4 1/4", "3/4 3/4", "5/4 3/4", "7/4 1/4", "1/4 7/4", "3/4 5/4", "5/4 5/4", "7/4 7/4"],
        "6 6",
        (2, 2),
    ),
    "oblong": (
        "0 1 1 0, 1 0 2 1, 1 0 1 1",
        ["1/4 1/4", "3/4 3/4", "5/4 3/4", "7/4 1/4"],
        "12 3",
        (2, 1),
    ),
    "hourglass": ("0 0 1 1, 0 1 1 0", ["1/2 1/8", "7/8 1/2", "1/2 7/8", "1/8 1/2"], "4 4", (1, 1)),
    "square": (IN_A_SQUARE, ["1/2 1/2", *CORNERS], "4 4", (1, 1)),
}
KINDS: list[Print] = ["directional", "stripes"]


@settings(max_examples=60, deadline=None)
@given(
    st.sampled_from(sorted(DRAWN)),
    st.lists(st.sampled_from(["peat", "fog", "gorse"]), min_size=9, max_size=9),
    st.integers(1, 9),
    st.sampled_from(KINDS),
    st.sampled_from(["1/8", "0"]),
    st.sampled_from([None, "cut-and-sew", "two-at-a-time", "four-at-a-time", "eight-at-a-time"]),
)
def test_every_way_out_that_is_offered_keeps_the_prints_upright(
    name: str, keys: list[str], blocks: int, kind: Print, trim: str, method: str | None
) -> None:
    drawn, spots, size, grid = DRAWN[name]
    paints = ", ".join(f"{spot} {key}" for spot, key in zip(spots, keys, strict=False))
    methods = {}
    if method:
        methods = {
            one.kind: method
            for one in BY_NAME.values()
            if method in [made.name for made in one.methods]
        }
    draft = with_prints(
        block(drawn, paints, size=size, grid=grid, blocks=blocks, trim=trim, methods=methods),
        {"peat": kind},
    )
    plan = make_plan(draft)
    for notice in turning(draft):
        assert notice.mends, "a notice stands only while something can be done"
        for mend in notice.mends:
            after = taken(draft, plan, mend)
            left = [label for one in turning(after) for label in one.units]
            assert mend.unit not in left, (mend, in_words(notice.text))
            if mend.more:
                fewer = replace(mend, more=mend.more - 1)
                if fewer.more:
                    still = turning(taken(draft, plan, fewer))
                    assert mend.unit in [label for one in still for label in one.units]


@settings(max_examples=40, deadline=None)
@given(
    st.sampled_from(sorted(DRAWN)),
    st.lists(st.sampled_from(["peat", "fog"]), min_size=9, max_size=9),
    st.integers(1, 6),
)
def test_stripes_are_content_where_a_one_way_print_stands_or_stands_on_its_head(
    name: str, keys: list[str], blocks: int
) -> None:
    drawn, spots, size, grid = DRAWN[name]
    paints = ", ".join(f"{spot} {key}" for spot, key in zip(spots, keys, strict=False))
    plain = block(drawn, paints, size=size, grid=grid, blocks=blocks)
    found = []
    for kind in KINDS:
        wanted = make_plan(with_prints(plain, {"peat": kind})).wanted
        found.append(
            {
                (group.label, way.name): way_prints(
                    way, group.unit, wanted.terms_for(group), wanted.demand(group).lying
                )
                for group in wanted.groups
                for way in all_ways(BY_NAME[group.kind], group.unit, wanted.demand(group))
                if not way.on_lines
            }
        )
    one_way, both = found
    for what, prints in one_way.items():
        assert both[what] == ("turned" if prints == "turned" else "upright"), what


def test_two_triangles_of_one_square_are_enough_for_stripes() -> None:
    half = block(
        HALF, "1/4 1/4 peat, 3/4 3/4 fog", size="3 3", blocks=2,
        methods={"half-square-triangle": "cut-and-sew"},
    )  # fmt: skip
    assert turning(with_prints(half, {"peat": "directional"}))
    assert not turning(with_prints(half, {"peat": "stripes"}))


@given(corners, st.integers(0, 5), st.sampled_from(["one-diagonal", "both-diagonals"]))
def test_squares_of_stripes_against_every_way_to_lay_them(
    wanted: CornerAngles, cuts: int, subcut: Any
) -> None:
    every: dict[str, list[tuple[int, ...]]] = {
        "one-diagonal": [(0, 2), (1, 3)],
        "both-diagonals": [(0, 1, 2, 3)],
    }
    gives = every[subcut]
    need = Counter(n % 2 for n, count in enumerate(wanted) for _ in range(count))
    possible = any(
        not need - Counter(n % 2 for square in laid for n in square)
        for laid in product(gives, repeat=cuts)
    )
    assert (row_prints(subcut, cuts, wanted, stripes=True) == "upright") == possible
    short = short_of_squares(subcut, cuts, wanted, stripes=True)
    assert (short <= 0) == possible


def test_one_more_square_is_told_with_its_cloth_and_can_be_taken() -> None:
    half = block(
        HALF, "1/4 1/4 peat, 3/4 3/4 fog", size="3 3", blocks=2,
        methods={"half-square-triangle": "cut-and-sew"},
    )  # fmt: skip
    draft = with_prints(half, {"peat": "directional"})
    plan = make_plan(draft)
    (notice,) = turning(draft)
    mend = next(one for one in notice.mends if one.more)
    assert "1 of Peat 3" in in_words(mend.words)
    before = {cut.fabric: cut.count for cut in plan.cuts}
    after = taken(draft, plan, mend)
    more = make_plan(after)
    now: Counter[str] = Counter()
    for cut in more.cuts:
        now[cut.fabric] += cut.count
    # two squares instead of one, and a triangle of the other fabric more
    assert now["peat"] == before["peat"] + 1
    (recipe,) = more.recipes
    assert recipe.makes == recipe.total + mend.more and recipe.spare == mend.more
    assert take_block(write_block(after)) == after
    with pytest.raises(DraftError, match="more"):
        apply(draft, SetOwn(kind="half-square-triangle", at=("1/4", "1/4"), more="51"))


def test_squares_parted_by_their_diagonals_are_for_the_units_that_they_suit() -> None:
    """Three units share squares of one print: each row tells whose triangles come from it."""
    drawn, spots, size, grid = DRAWN["turned halves"]
    keys = ["peat", "gorse", "peat", "peat", "peat", "peat", "peat", "fog"]
    paints = ", ".join(f"{spot} {key}" for spot, key in zip(spots, keys, strict=True))
    singly = {"half-square-triangle": "cut-and-sew"}
    draft = block(drawn, paints, size=size, grid=grid, methods=singly)
    plan = make_plan(with_prints(draft, {"peat": "directional"}))
    rows = [cut for cut in plan.cuts if cut.fabric == "peat"]
    assert [(row.what.hand, row.count, row.wanted_pieces) for row in rows] == [
        ("right", 1, 2),
        ("left", 2, 4),
    ]
    told = [{one.units: one.pieces for one in row.purposes} for row in rows]
    assert told == [{("1",): 1, ("3",): 1}, {("2",): 4}]


@settings(max_examples=60)
@given(
    st.sampled_from(sorted(DRAWN)),
    st.lists(st.sampled_from(["peat", "fog", "gorse"]), min_size=9, max_size=9),
    st.integers(1, 5),
    st.sampled_from(KINDS),
)
def test_parts_of_cuts_add_up_for_every_unit(
    name: str, keys: list[str], blocks: int, kind: Print
) -> None:
    drawn, spots, size, grid = DRAWN[name]
    paints = ", ".join(f"{spot} {key}" for spot, key in zip(spots, keys, strict=False))
    singly = {one.kind: "cut-and-sew" for one in BY_NAME.values()}
    draft = block(drawn, paints, size=size, grid=grid, blocks=blocks, methods=singly)
    plan = make_plan(with_prints(draft, {"peat": kind}))
    needed: Counter[object] = Counter()
    listed: Counter[object] = Counter()
    for recipe in plan.recipes:
        for need in recipe.needs:
            needed[recipe.serves, need.letter, need.fabric] += need.pieces
    for cut in plan.cuts:
        for purpose in cut.purposes:
            assert purpose.pieces > 0
            listed[purpose.units, purpose.letter, cut.fabric] += purpose.pieces
    assert listed == needed


def test_lots_more_are_for_the_lots_of_both_hands() -> None:
    """Two units, each the other's mirror image, from the same lots."""
    draft = block(
        "0 0 4 4, 4 0 2 2, 4 0 4 4, 4 4 8 0, 4 0 6 2",
        "2 1 peat, 3 2 fog, 1 3 gorse, 6 1 peat, 5 2 fog, 7 3 gorse",
        size="8 4",
        grid=(8, 4),
        blocks=2,
        methods={"split-quarter-square": "two-at-a-time"},
    )
    before = make_plan(draft)
    assert [one.group.kind for one in before.recipes] == ["split-quarter-square"] * 2
    after = make_plan(apply(draft, SetOwn(kind="split-quarter-square", at=("2", "1"), more=1)))
    assert [one.lots for one in after.recipes] == [one.lots + 1 for one in before.recipes]
    assert [one.makes for one in after.recipes] == [one.makes + 1 for one in before.recipes]


def test_a_right_side_that_is_hard_to_see_is_said_where_it_is_cut() -> None:
    draft = block(HALF, "1/4 1/4 peat, 3/4 3/4 fog", size="3 3")
    fog = draft.fabric("fog")
    put = PutFabric(key="fog", name=fog.name, colour=fog.colour, right_side="hard-to-see")
    marked = apply(draft, put)
    assert take_block(write_block(marked)) == marked
    assert "right_side" not in write_block(draft)["fabrics"][0]
    plan = make_plan(marked)
    (group,) = plan.reading.groups
    demand = plan.wanted.demand(group)
    way = way_named("two-at-a-time", BY_NAME[group.kind], group.unit, demand)
    assert way is not None
    ((_, made),) = steps_of(way, group, plan.wanted)
    words = in_words(made.table.steps[0].words)
    assert "Mark the wrong side of each piece of Fog" in words
    assert "each piece of Peat" not in words


def test_cloth_is_told_in_centimetres_too() -> None:
    half = replace(
        block(
            HALF, "1/4 1/4 peat, 3/4 3/4 fog", size="3 3", blocks=2,
            methods={"half-square-triangle": "cut-and-sew"},
        ),
        unit="cm",
        width=F(10),
        height=F(10),
    )  # fmt: skip
    (notice,) = turning(with_prints(half, {"peat": "directional"}))
    assert "cm" in in_words(notice.text)
