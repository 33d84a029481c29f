"""How prints with a direction lie in the block: by hand, against every way to lay the pieces, and
the same for a block that is turned or mirrored.
"""

from __future__ import annotations

from collections import Counter
from dataclasses import replace
from itertools import product
from typing import Any

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.core.test_sewing import method_of
from tests.drafts import FABRICS, block, mirrored, turned
from yonk.core.paper import Draft
from yonk.core.planning import make_plan, steps_of, way_named
from yonk.core.planning.corners import CornerAngles, corner_of
from yonk.core.planning.lying import directed, lying_of
from yonk.core.planning.notices import Notice
from yonk.core.planning.prints import prints_of, row_prints, short_of_squares
from yonk.core.planning.reading import read
from yonk.core.sewing import placed
from yonk.core.units import BY_NAME, Prints, carry_out, terms_of

HALF = "0 1 1 0"
GOOSE = "0 1 1/2 0, 1/2 0 1 1"
IN_A_SQUARE = "1/2 0 1 1/2, 1 1/2 1/2 1, 1/2 1 0 1/2, 0 1/2 1/2 0"
CORNERS = ("1/8 1/8", "7/8 1/8", "7/8 7/8", "1/8 7/8")


def printed(draft: Draft, *keys: str, direction: int = 0) -> Draft:
    fabrics = tuple(
        replace(one, print="directional", direction=direction) if one.key in keys else one
        for one in FABRICS
    )
    return replace(draft, fabrics=fabrics)


def told(draft: Draft) -> list[Notice]:
    return [one for one in make_plan(draft).notices if one.code == "print-turns"]


def half(**more: Any) -> Draft:
    return block(HALF, "1/4 1/4 peat, 3/4 3/4 fog", size="3 3", **more)


@pytest.mark.parametrize(
    ("blocks", "method", "expected"),
    [
        (1, "cut-and-sew", ""),  # one square gives it, and one to spare
        (2, "cut-and-sew", "one lot more"),  # the other triangle of the square stands on its head
        (1, "two-at-a-time", ""),
        (2, "two-at-a-time", "one lot more"),
        (8, "eight-at-a-time", "lots more"),
    ],
)
def test_half_square_triangles_that_all_lie_alike(blocks: int, method: str, expected: str) -> None:
    draft = printed(half(blocks=blocks, methods={"half-square-triangle": method}), "peat")
    texts = [one.text for one in told(draft)]
    assert len(texts) == bool(expected) and all(expected in str(text) for text in texts)


def test_a_goose_cut_singly_lies_upright_as_far_as_each_square_gives_one() -> None:
    goose = {"methods": {"flying-geese": "cut-and-sew"}, "size": "6 3"}
    drawn = block(GOOSE, "1/2 3/4 peat, 1/8 1/4 fog, 7/8 1/4 fog", **goose)  # type: ignore[arg-type]
    assert not told(printed(drawn, "peat"))
    four = printed(replace(drawn, making=replace(drawn.making, blocks=4)), "peat")
    (notice,) = told(four)
    assert "stitch and flip it stays upright" in str(notice.text)


@pytest.mark.parametrize("where", [n for n in range(16) if n])
def test_corners_of_a_square_in_a_square(where: int) -> None:
    """Two corners opposite each other come from one square; two beside each other need two, of
    which the list has one.
    """
    fabrics = ["peat" if where >> n & 1 else "fog" for n in range(4)]
    paints = ", ".join(f"{spot} {key}" for spot, key in zip(CORNERS, fabrics, strict=True))
    draft = block(
        IN_A_SQUARE,
        f"1/2 1/2 gorse, {paints}",
        size="4 4",
        methods={"square-in-a-square": "cut-and-sew"},
    )
    mine = [n for n in range(4) if where >> n & 1]
    squares = -(-len(mine) // 2)
    fits = any(
        not Counter(mine) - Counter(n for hand in hands for n in (hand, hand + 2))
        for hands in product([0, 1], repeat=squares)
    )
    assert bool(told(printed(draft, "peat"))) == (not fits)


corners = st.tuples(*[st.integers(0, 3)] * 4)


@given(corners, st.integers(1, 4), st.sampled_from(["one-diagonal", "both-diagonals"]))
def test_squares_are_laid_as_suits_best(wanted: CornerAngles, cuts: int, subcut: Any) -> None:
    """Against every way to lay every square."""
    every: dict[str, list[tuple[int, ...]]] = {
        "one-diagonal": [(0, 2), (1, 3)],
        "both-diagonals": [(0, 1, 2, 3)],
    }
    gives = every[subcut]
    if sum(wanted) > cuts * len(gives[0]):
        return

    def covers(like: int) -> bool:
        need = Counter(n % like for n, count in enumerate(wanted) for _ in range(count))
        return any(
            not need - Counter(n % like for square in laid for n in square)
            for laid in product(gives, repeat=cuts)
        )

    expected: Prints = "upright" if covers(4) else "stripes" if covers(2) else "turned"
    assert row_prints(subcut, cuts, wanted) == expected
    short = short_of_squares(subcut, cuts, wanted)
    assert row_prints(subcut, cuts + max(short, 0), wanted) == "upright"
    if short > 0:
        assert row_prints(subcut, cuts + short - 1, wanted) != "upright"


@pytest.mark.parametrize(
    ("kind", "drawn", "painted", "method"),
    [
        ("half-square-triangle", HALF, "1/4 1/4 peat, 3/4 3/4 fog", "two-at-a-time"),
        ("half-square-triangle", HALF, "1/4 1/4 peat, 3/4 3/4 fog", "eight-at-a-time"),
        ("half-square-triangle", HALF, "1/4 1/4 peat, 3/4 3/4 fog", "four-at-a-time"),
        ("flying-geese", GOOSE, "1/2 3/4 peat, 1/8 1/4 fog, 7/8 1/4 fog", "four-at-a-time"),
        (
            "quarter-square-triangle",
            "0 0 1 1, 0 1 1 0",
            "1/2 1/8 peat, 7/8 1/2 fog, 1/2 7/8 peat, 1/8 1/2 fog",
            "two-at-a-time",
        ),
    ],
)
@pytest.mark.parametrize("keys", [("peat",), ("fog",), ("peat", "fog")])
def test_a_lot_at_the_table_laid_in_every_way(
    kind: Any, drawn: str, painted: str, method: str, keys: tuple[str, ...]
) -> None:
    """One lot, for each set of places: against every way to turn every piece before it is sewn,
    looked at in the units that come out.
    """
    wide = 2 if kind == "flying-geese" else 1
    draft = printed(block(drawn, painted, size=f"{6 * wide} 6"), *keys)
    (group,) = read(draft).groups
    made_by, terms = method_of(kind, method), terms_of(draft)
    pieces = sum(need.cuts for need in made_by.needs(group.unit, terms, 1))
    of_piece = [n.fabric for n in made_by.needs(group.unit, terms, 1) for _ in range(n.cuts)]
    choices = [range(4) if of_piece[n] in keys else (0,) for n in range(pieces)]
    outcomes = set()
    for turns in product(*choices):
        laid = dict(enumerate(turns, start=1))
        made = carry_out(group.unit, made_by, terms, laid=laid, looked_at=1)
        ups = Counter[int]()
        for work in made.works:
            there = placed(work, made.target)
            assert there is not None
            ways = {
                (round(scrap.up[0], 3), round(scrap.up[1], 3))
                for scrap in there.front
                if scrap.fabric in keys
            }
            known: list[tuple[float, float]] = [(0, -1), (1, 0), (0, 1), (-1, 0)]
            if len(ways) == 1 and (way := next(iter(ways))) in known:
                ups[known.index(way) % (4 // group.symmetry)] += 1
        outcomes.add(tuple(ups[n] for n in range(4)))
    prints = directed(group.unit.fabrics, draft)
    for wanted in product(range(3), repeat=4 // group.symmetry):
        if not 0 < sum(wanted) <= made_by.lot:
            continue
        a, b, c, d = (*wanted, 0, 0, 0, 0)[:4]
        turns4 = a, b, c, d
        lying = replace(lying_of(group, [(read(draft), 1)], prints), turns=turns4)
        possible = any(all(a >= b for a, b in zip(one, turns4, strict=True)) for one in outcomes)
        found = prints_of(group.unit, made_by, 1, terms, lying)
        assert (found == "upright") == possible, (wanted, outcomes)


@pytest.mark.parametrize("asked_first", ["peat fog", "fog peat", "moss gorse"])
def test_what_is_kept_of_a_unit_holds_for_it_in_other_fabrics(asked_first: str) -> None:
    """What was sewn at the table is kept; a unit divided alike in other fabrics asks it anew."""
    made_by = method_of("quarter-square-triangle", "two-at-a-time")

    def lies(one: str, other: str) -> tuple[object, ...]:
        painted = f"1/2 1/8 {one}, 7/8 1/2 {other}, 1/2 7/8 {one}, 1/8 1/2 {other}"
        draft = printed(block("0 0 1 1, 0 1 1 0", painted, size="6 6"), one)
        (group,) = read(draft).groups
        lying = lying_of(group, [(read(draft), 1)], directed(group.unit.fabrics, draft))
        ways = [replace(lying, turns=turns) for turns in ((2, 0, 0, 0), (0, 2, 0, 0), (1, 1, 0, 0))]
        return tuple(prints_of(group.unit, made_by, 1, terms_of(draft), one) for one in ways)

    first, second = asked_first.split()
    lies(first, second)
    assert lies("peat", "fog") == ("turned", "turned", "upright")
    assert lies("fog", "peat") == ("turned", "turned", "upright")


def test_the_corner_of_a_triangle() -> None:
    assert [corner_of(ring) for ring in (
        [(0, 0), (4, 0), (0, 4)], [(0, 0), (4, 0), (4, 4)], [(4, 0), (4, 4), (0, 4)],
        [(0, 0), (4, 4), (0, 4)],
    )] == [0, 1, 2, 3]  # fmt: skip
    assert corner_of([(0, 0), (4, 0), (2, 2)]) == 0 and corner_of([(1, 0), (4, 1), (0, 3)]) is None
    assert corner_of([(0, 0), (0, 4), (2, 2)]) == 3
    assert corner_of([(0, 0), (4, 0), (4, 4), (0, 4)]) is None


def test_what_is_flipped_is_laid_so_that_it_ends_upright() -> None:
    """A sky square with its print sideways; after it is flipped the unit has it upright."""
    draft = printed(block(GOOSE, "1/2 3/4 peat, 1/8 1/4 fog, 7/8 1/4 fog", size="6 3"), "fog")
    plan = make_plan(draft)
    (group,) = plan.reading.groups
    way = way_named("stitch-and-flip", BY_NAME[group.kind], group.unit, plan.wanted.demand(group))
    assert way is not None
    ((_, made),) = steps_of(way, group, plan.wanted)
    lying = placed(made.works[0], made.target)
    assert lying is not None
    turn = group.turns[0]
    up = [(0, -1), (1, 0), (0, 1), (-1, 0)][turn]
    assert {(round(one.up[0]), round(one.up[1])) for one in lying.front if one.fabric == "fog"} == {
        up
    }
    assert any("lies sideways now" in str(step.words) for step in made.table.steps)


painted = st.lists(st.sampled_from(["peat", "fog", "gorse"]), min_size=8, max_size=8)
DRAWN = {
    "goose": (GOOSE, ["1/2 3/4", "1/8 1/4", "7/8 1/4"], "6 3", (1, 1)),
    "halves": (
        "0 1 1 0, 1 0 2 1, 1 0 1 1",
        ["1/4 1/4", "3/4 3/4", "5/4 3/4", "7/4 1/4"],
        "6 3",
        (2, 1),
    ),
    "hourglass": ("0 0 1 1, 0 1 1 0", ["1/2 1/8", "7/8 1/2", "1/2 7/8", "1/8 1/2"], "4 4", (1, 1)),
    "square": (IN_A_SQUARE, ["1/2 1/2", *CORNERS], "4 4", (1, 1)),
}


@settings(max_examples=80, deadline=None)
@given(
    st.sampled_from(sorted(DRAWN)), painted, st.integers(1, 9), st.integers(0, 3), st.booleans(),
    st.sampled_from(["1/8", "0"]),
)  # fmt: skip
def test_a_block_seen_in_a_mirror_or_turned_is_made_the_same_way(
    name: str, keys: list[str], blocks: int, quarters: int, in_a_mirror: bool, trim: str
) -> None:
    """The print is turned with the block. What is proposed and what is told is the same."""
    drawn, spots, size, grid = DRAWN[name]
    paints = ", ".join(f"{spot} {key}" for spot, key in zip(spots, keys, strict=False))
    draft = block(drawn, paints, size=size, grid=grid, blocks=blocks, trim=trim)
    other, direction = draft, 0
    if in_a_mirror:
        other = mirrored(other)
    for _ in range(quarters):
        other, direction = turned(other), direction + 90
    plans = [
        make_plan(printed(draft, "peat")),
        make_plan(printed(other, "peat", direction=direction)),
    ]
    seen = [
        (
            Counter((one.method.name, one.total, one.lots) for one in plan.recipes),
            Counter(
                str(one.text).split("the print")[1]
                for one in plan.notices
                if one.code == "print-turns"
            ),
        )
        for plan in plans
    ]
    assert seen[0] == seen[1]
