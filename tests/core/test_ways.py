"""Ways side by side: lots, splits, what is proposed for whom, and figures that can be checked by
hand.
"""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction as F
from math import sqrt

import pytest

from tests.drafts import block
from yonk.core.acts import SetMaking, apply
from yonk.core.acts.choose_method import ChooseMethod
from yonk.core.paper import Draft, DraftError
from yonk.core.planning import (
    Comparison,
    Figures,
    Plan,
    WantedUnits,
    compare,
    make_plan,
    of_group,
    read,
    wanted_of,
)
from yonk.core.planning.comparison import comparisons

HST = "0 1 1 0", "1/4 1/4 peat, 3/4 3/4 fog"
GEESE = "0 1 1/2 0, 1/2 0 1 1", "1/2 3/4 peat, 1/8 1/4 fog, 7/8 1/4 fog"
SPLIT = "0 1 1 0, 0 0 1/2 1/2", "3/4 3/4 peat, 1/2 1/4 fog, 1/4 1/2 gorse"


def asked(draft: Draft) -> WantedUnits:
    return wanted_of([(read(draft), draft.making.blocks)])


def ways_of(draft: Draft, chosen: str | None = None) -> Comparison:
    wanted = asked(draft)
    return compare(wanted.groups[0], wanted, chosen)


def figures(draft: Draft, name: str) -> Figures:
    return next(one for one in ways_of(draft).ways if one.way.name == name)


def rows(plan: Plan) -> list[tuple[str, int, int, int]]:
    return [(r.method.name, r.total, r.makes, r.spare) for r in plan.recipes]


def hst(blocks: int, size: str = "3 3", trim: str = "1/8") -> Draft:
    return block(*HST, size=size, blocks=blocks, trim=trim)


@pytest.mark.parametrize(
    ("wanted", "expected"),
    [
        (1, [("two-at-a-time", 1, 2, 1)]),
        (4, [("two-at-a-time", 4, 4, 0)]),
        (6, [("two-at-a-time", 6, 6, 0)]),
        (7, [("eight-at-a-time", 7, 8, 1)]),
        (8, [("eight-at-a-time", 8, 8, 0)]),
        (12, [("eight-at-a-time", 8, 8, 0), ("two-at-a-time", 4, 4, 0)]),
        (48, [("eight-at-a-time", 48, 48, 0)]),
    ],
)
def test_lots_follow_from_how_many_are_wanted(
    wanted: int, expected: list[tuple[str, int, int, int]]
) -> None:
    assert rows(make_plan(hst(wanted))) == expected


def test_a_split_group_has_a_row_each_and_every_cut() -> None:
    plan = make_plan(hst(12))
    sizes = {(cut.fabric, cut.width): cut.count for cut in plan.cuts}
    assert sizes == {("peat", F(8)): 1, ("fog", F(8)): 1, ("peat", F(4)): 2, ("fog", F(4)): 2}
    group, both = next(iter(of_group(plan.recipes)))
    assert group.label == "1" and [recipe.total for recipe in both] == [8, 4]
    assert not any(notice.code == "spares" for notice in plan.notices)


def test_what_she_cares_for_changes_the_proposal() -> None:
    def taken(care: str, draft: Draft) -> str:
        return make_plan(apply(draft, SetMaking(settings={"care": care}))).recipes[0].way.name

    six, four_geese = hst(6), block(*GEESE, size="4 2", blocks=4, trim="1/8")
    assert taken("time", six) == "eight-at-a-time"
    assert taken("cloth", six) == "two-at-a-time"
    assert taken("exact", four_geese) == "four-at-a-time"
    two_geese = block(*GEESE, size="4 2", blocks=2, trim="1/8")
    assert taken("exact", two_geese) == "four-at-a-time"  # stitch and flip leaves nothing to trim
    assert (
        taken("cloth", two_geese) == "stitch-and-flip"
    )  # 47½ square inches beside 48¼ of triangles
    assert taken("cloth", block(*GEESE, size="4 2", blocks=3, trim="1/8")) == "cut-and-sew"


def test_the_reason_is_made_of_the_real_figures() -> None:
    reason = ways_of(hst(8)).reason
    eight, two = figures(hst(8), "eight-at-a-time"), figures(hst(8), "two-at-a-time")
    assert "1 pair of 8″ squares make all 8" in str(reason)
    assert f"two at a time would need {two.pieces - eight.pieces} more pieces" in str(reason)
    assert f"{two.seams - eight.seams} more seams" in str(reason)


def test_a_directional_print_and_bias_are_kept_out_before_anything_is_weighed() -> None:
    draft = hst(8)
    striped = replace(draft, fabrics=tuple(replace(f, print="directional") for f in draft.fabrics))
    for care in ("balance", "cloth", "time", "exact"):
        plain = make_plan(apply(draft, SetMaking(settings={"care": care}))).recipes[0]
        turned = make_plan(apply(striped, SetMaking(settings={"care": care}))).recipes[0]
        assert plain.method.name != "four-at-a-time"
        assert turned.method.name in ("two-at-a-time", "cut-and-sew")


def test_a_block_of_both_hands_uses_both() -> None:
    one_hand = block(*SPLIT, size="3 3", blocks=4)
    assert make_plan(one_hand).recipes[0].method.name == "cut-and-sew"
    drawn = "1 0 1 1, 0 1 1 0, 0 0 1/2 1/2, 1 0 2 1, 3/2 1/2 2 0"
    painted = "3/4 3/4 peat, 1/2 1/4 fog, 1/4 1/2 gorse, 5/4 3/4 peat, 3/2 1/4 fog, 7/4 1/2 gorse"
    both = block(drawn, painted, size="6 3", grid=(2, 1), blocks=4)
    plan = make_plan(both)
    assert [(r.method.name, r.makes, r.spare) for r in plan.recipes] == [
        ("two-at-a-time", 4, 0)
    ] * 2
    found = ways_of(both)
    assert found.demand.mirrored == 4 and found.ways[0].wanted == 8 and found.ways[0].spare == 0
    lonely = next(one for one in ways_of(one_hand).ways if one.way.name == "two-at-a-time")
    assert (lonely.makes, lonely.spare, lonely.mirrored) == (8, 4, 4)


def test_her_choice_stays_and_is_shown_as_hers() -> None:
    draft = apply(hst(12), ChooseMethod(kind="half-square-triangle", method="four-at-a-time"))
    recipe = make_plan(draft).recipes[0]
    assert recipe.chosen and recipe.method.name == "four-at-a-time" and recipe.makes == 12
    found = ways_of(hst(12), "four-at-a-time")
    assert [one.way.name for one in found.ways[:2]] == [
        "four-at-a-time",
        "eight-at-a-time+two-at-a-time",
    ]
    assert found.ways[0].chosen and not found.ways[0].proposed and found.ways[1].proposed
    split = apply(
        hst(12), ChooseMethod(kind="half-square-triangle", method="eight-at-a-time+cut-and-sew")
    )
    assert [r.method.name for r in make_plan(split).recipes] == ["eight-at-a-time", "cut-and-sew"]
    fewer = apply(split, SetMaking(blocks=4))  # the choice stays though no lot of eight is left
    assert [(r.method.name, r.chosen) for r in make_plan(fewer).recipes] == [("cut-and-sew", True)]
    with pytest.raises(DraftError, match="no way to make it"):
        apply(
            hst(12),
            ChooseMethod(kind="half-square-triangle", method="eight-at-a-time+strip-piecing"),
        )


@pytest.mark.parametrize(
    ("name", "side", "pieces", "used"),
    [
        ("eight-at-a-time", F(8), 2, 128.0),
        ("two-at-a-time", F(4), 8, 128.0),
        ("four-at-a-time", F(23, 4), 4, 132.25),
    ],
)
def test_cut_sizes_and_cloth_of_eight_half_square_triangles(
    name: str, side: F, pieces: int, used: float
) -> None:
    found = figures(hst(8), name)
    assert {line.width for line in found.lines} == {side}
    assert (found.pieces, found.used) == (pieces, used)
    unit = 3.5**2 + 2 * 0.25 * 3.5 * sqrt(2)  # what shows, and two allowances along the diagonal
    points = 2 * (0.25 * sqrt(2)) ** 2 / 2  # where the allowances run out in the corners
    assert found.wasted == pytest.approx(used - 8 * (unit - points), abs=0.5)
    assert 0 < found.wasted_share < 0.2


@pytest.mark.parametrize(
    ("name", "seams", "cuts", "sewn"),
    [
        ("two-at-a-time", 8, 4, 8 * (4 * sqrt(2) - 0.5)),
        ("eight-at-a-time", 4, 4, 4 * (8 * sqrt(2) - 0.5)),
        ("cut-and-sew", 8, 8, None),
    ],
)
def test_seams_and_cuts_of_eight_half_square_triangles(
    name: str, seams: int, cuts: int, sewn: float | None
) -> None:
    found = figures(hst(8), name)
    assert (found.seams, found.cuts) == (seams, cuts)
    if sewn:
        assert found.seam_length == pytest.approx(sewn)


def test_room_bias_and_size_come_from_the_sewn_unit() -> None:
    found = {one.way.name: one for one in ways_of(hst(8)).ways}
    two = found["two-at-a-time"]
    assert two.oversize and two.oversize[0] == pytest.approx(4 - 0.25 * sqrt(2) - 3.5)
    assert two.trims == 8 and two.bias_sides == 0 and found["four-at-a-time"].bias_sides == 4
    true_cut = figures(hst(8, trim="0"), "two-at-a-time")
    assert true_cut.oversize and 0 < true_cut.oversize[0] < 1 / 32  # only what rounding up adds
    geese = block(*GEESE, size="4 2", blocks=4, trim="1/8")
    assert figures(geese, "stitch-and-flip").trims == 0
    assert figures(geese, "stitch-and-flip").smallest > figures(geese, "four-at-a-time").smallest


def test_stitch_and_flip_names_what_the_corners_give() -> None:
    found = figures(block(*GEESE, size="8 4", blocks=3, trim="0"), "stitch-and-flip")
    (bonus,) = found.bonus
    assert (bonus.count, bonus.finished) == (
        6,
        F(13, 4),
    )  # 4 less two seams on the diagonal, down to the ruler
    assert found.wasted > 6 * 3.9**2 / 2


def test_strips_are_said_in_widths_of_fabric() -> None:
    rails = block(
        "0 1/3 1 1/3, 0 2/3 1 2/3",
        "1/2 1/6 peat, 1/2 1/2 fog, 1/2 5/6 gorse",
        size="6 6",
        blocks=20,
    )
    found = figures(rails, "strip-piecing")
    assert {line.height for line in found.lines} == {F(5, 2)}
    assert {line.width for line in found.lines} == {20 * F(13, 2) + 1}
    assert (
        str(found.lines[0].strips)
        == "4 strips of 40″ width of fabric, each for 6 units, the last for 2"
    )
    assert found.pieces == 3 * 4 and found.cuts == 20 + 4 and found.seams == 2 * 4


def test_a_checker_turns_the_rows_that_are_the_same_end_for_end() -> None:
    draft = block(
        "1/2 0 1/2 1, 0 1/2 1 1/2",
        "1/4 1/4 peat, 3/4 1/4 fog, 1/4 3/4 fog, 3/4 3/4 peat",
        size="4 4",
        blocks=7,
    )
    found = figures(draft, "strip-piecing")
    assert found.prints == "stripes" and found.seams == 1 + 7 and found.spare == 0


def test_rectangles_are_as_long_as_the_width_of_fabric_allows() -> None:
    found = figures(hst(48), "rectangle")
    assert {(line.width, line.height, line.count) for line in found.lines} == {(F(32), F(4), 3)}
    assert found.makes == 48


def test_small_units_are_rather_trimmed() -> None:
    tiny = block(*GEESE, size="2 1", blocks=1, trim="1/8")
    recipe = make_plan(apply(tiny, SetMaking(settings={"care": "time"}))).recipes[0]
    assert recipe.method.name != "stitch-and-flip" and "trimmed" in str(recipe.reason)


def test_every_group_of_a_block_is_compared_and_the_first_way_is_the_one_taken() -> None:
    draft = block(
        "1 0 1 1, 0 1 1 0",
        "1/4 1/4 peat, 3/4 3/4 fog, 3/2 1/2 gorse",
        size="6 3",
        grid=(2, 1),
        blocks=3,
    )
    found = comparisons(asked(draft), {})
    plan = make_plan(draft)
    assert [one.group.label for one in found] == ["1", "2"]
    for one, (group, recipes) in zip(found, of_group(plan.recipes), strict=True):
        assert one.group.label == group.label and one.ways[0].way.name == recipes[0].way.name
        assert sum(recipe.spare for recipe in recipes) == one.ways[0].spare
