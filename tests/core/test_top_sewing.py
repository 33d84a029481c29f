"""The top as one drawing, its joins, its pressing held against every other pressing, its steps."""

from __future__ import annotations

from collections import Counter
from dataclasses import replace
from fractions import Fraction as F
from itertools import product
from typing import Any

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.core.test_setting import SAMPLES, quilt_of, sash
from yonk.core.joining import touches
from yonk.core.pressing import sewing_plan
from yonk.core.setting import (
    Alternate,
    Border,
    Edge,
    Placed,
    Quilt,
    QuiltBlock,
    TurnAll,
    apply_to_quilt,
    draw_top,
    plan_quilt,
    top_of,
    vanishing,
)
from yonk.core.top import (
    TopSewing,
    TopStep,
    can_be_quartered,
    diagram_of,
    pressed_words,
    sew_top,
    top_progress,
)
from yonk.core.top.nesting import _Board, two_plans
from yonk.core.top.row_names import RowName
from yonk.core.top.together import sewn_together
from yonk.machine.samples import sheet

EDGE = Edge(fabric="peat")
HALVES = ("upper", "lower")
PURPOSE: dict[str, tuple[Any, ...]] = {
    "sashing": ("sash-in-row", "sash-between"),
    "cornerstone": ("cornerstone",),
    "alternate": ("alternate",),
    "frame": ("frame",),
}


def setting(kind: str, columns: int, rows: int, **more: Any) -> Quilt:
    edge = {"edge": EDGE} if kind == "on-point" else {}
    return quilt_of(kind=kind, columns=columns, rows=rows, **(edge | more))


SASHES = [
    None,
    sash(),
    sash(outer=True),
    sash(stones="fog"),
    sash(stones="fog", outer=True),
]
SETTINGS = [
    (kind, columns, rows, strips)
    for kind in ("straight", "on-point")
    for columns, rows in ((1, 1), (3, 1), (2, 2), (3, 4), (4, 3))
    for strips in SASHES
    if not (kind == "on-point" and strips and not strips.outer and rows == 1 and columns > 1)
]


def four_patch(size: str = "6") -> QuiltBlock:
    return QuiltBlock(key="one", draft=sheet("Four", size, 2, 2))


def of_four_patches(columns: int, rows: int, **more: Any) -> Quilt:
    quilt = quilt_of("6", columns=columns, rows=rows, **more)
    return replace(quilt, blocks=(four_patch(),))


@pytest.mark.parametrize(("kind", "columns", "rows", "strips"), SETTINGS)
def test_the_drawing_fills_the_top_and_counts_as_the_list(
    kind: str, columns: int, rows: int, strips: Any
) -> None:
    quilt = setting(kind, columns, rows, sashing=strips, alternate=Alternate(fabric="reed"))
    drawn, top, pieces = draw_top(quilt), top_of(quilt), plan_quilt(quilt).pieces
    area = sum(F(face.twice_area, 2 * drawn.scale**2) for face in drawn.faces)
    assert top.width * top.height == area
    found = Counter(part.what for part in drawn.parts)
    for purpose, kinds in PURPOSE.items():
        listed = sum(n for one, n in pieces.items() if one.purpose == purpose)
        assert sum(found[one] for one in kinds) == listed, purpose
    triangles = sum(n for one, n in pieces.items() if one.purpose == "side-triangle")
    assert -(-found["side-triangle"] // 4) == triangles
    assert found["corner-triangle"] == (4 if kind == "on-point" else 0)
    assert found["block"] == sum(plan_quilt(quilt).counts.values())


@pytest.mark.parametrize(("kind", "columns", "rows", "strips"), SETTINGS)
def test_everything_is_joined_and_nearly_all_of_it_straight(
    kind: str, columns: int, rows: int, strips: Any
) -> None:
    quilt = setting(kind, columns, rows, sashing=strips)
    drawn = draw_top(quilt)
    plans = {key: sewing_plan(quilt.by_key[key].as_sewn) for key in drawn.readings}
    together = sewn_together(quilt, drawn, plans)
    assert len(together.joining.joins) == len(drawn.faces) - 1
    set_in = [join for join in together.outer if join.kind != "straight"]
    rings = strips is None or strips.outer or kind == "straight"
    assert len(set_in) <= (0 if rings else 1)  # where two rows are as long, one strip is set in
    seams = sum(len(join.touches) for join in together.joining.joins)
    assert seams == len(touches(drawn.faces))


def test_half_blocks_are_drawn_and_joined_without_what_is_cut_off() -> None:
    half = replace(EDGE, half_blocks=True)
    quilt = setting("on-point", 3, 4, edge=half)
    drawn, top = draw_top(quilt), top_of(quilt)
    assert sum(part.what == "half-block" for part in drawn.parts) == 10
    area = sum(F(face.twice_area, 2 * drawn.scale**2) for face in drawn.faces)
    assert top.width * top.height == area
    steps = sew_top(plan_quilt(quilt)).steps
    edge = next(step for step in steps if str(step.label) == "Weir Gate for half blocks")
    assert edge.total == 10 and "1⁄4″ beyond its diagonal" in str(edge.words)


def test_framed_half_blocks_are_drawn_and_sewn_whole_before_they_are_cut() -> None:
    quilt = setting(
        "on-point", 2, 2, edge=replace(EDGE, half_blocks=True), module=F(12), frame="fog"
    )
    drawn, top = draw_top(quilt), top_of(quilt)
    area = sum(F(face.twice_area, 2 * drawn.scale**2) for face in drawn.faces)
    assert top.width * top.height == area
    steps = {str(step.label): step for step in sew_top(plan_quilt(quilt)).steps}
    assert steps["frames of Weir Gate"].total == 5 + 4
    assert "each of the 4 for half blocks" in str(steps["frames of Weir Gate"].words)


def bulky(sides: tuple[int, ...], board: _Board, met: Any) -> int:
    presses = {number: board.press(number, sides) for number in board.follows}
    return sum(one.state(presses) == "bulky" for one in met)


@pytest.mark.parametrize(
    ("quilt", "expected"),
    [
        (of_four_patches(2, 2), 0),
        (of_four_patches(3, 1), 0),
        (of_four_patches(2, 1, sashing=sash(outer=True, stones="fog")), 0),
        (apply_to_quilt(setting("straight", 2, 2), TurnAll(turning="quarter-turns")), None),
        (apply_to_quilt(of_four_patches(2, 3), TurnAll(turning="every-other")), None),
        (setting("on-point", 2, 1), None),
    ],
)
def test_no_other_pressing_nests_more(quilt: Quilt, expected: int | None) -> None:
    sewing = sew_top(plan_quilt(quilt))
    drawn, together = sewing.drawn, sewing.together
    plans = {key: sewing_plan(quilt.by_key[key].as_sewn) for key in drawn.readings}
    counts = plan_quilt(quilt).counts
    board = _Board(together, {key: two_plans(one, counts[key]) for key, one in plans.items()})
    free = [one for one in range(board.count) if one not in board.fixed]
    assert len(free) <= 16
    least = min(
        bulky(
            tuple(
                board.fixed.get(one, dict(zip(free, sides, strict=True)).get(one, 0))
                for one in range(board.count)
            ),
            board,
            sewing.pressing.meetings,
        )
        for sides in product((0, 1), repeat=len(free))
    )
    found = sewing.pressing
    assert found.count("bulky") == least and found.chosen and found.chosen.proved
    if expected is not None:
        assert least == expected


def test_blocks_of_four_patches_alternate_between_two_plans() -> None:
    """Alike blocks side by side lie alike; the second plan turns the seams that end on the edge."""
    sewing = sew_top(plan_quilt(of_four_patches(3, 3)))
    kinds = sewing.pressing.kinds
    beside = [kinds[a, b] != kinds[a, b + 1] for a in range(3) for b in range(2)]
    assert sewing.pressing.count("bulky") == 0
    two = {sewing.kind_at((row, column)) for row in range(3) for column in range(3)}
    assert two in ({0}, {0, 1}) and (two == {0} or all(beside))
    assert "nest" in str(pressed_words(sewing.pressing))


def test_sashing_takes_the_allowances() -> None:
    quilt = setting("straight", 3, 2, sashing=sash(outer=True, stones="fog"))
    sewing = sew_top(plan_quilt(quilt))
    kinds = [sewing.drawn.parts[part].what for part in sewing.drawn.part_of]
    for join in sewing.together.outer:
        if join.number not in sewing.pressing.to_sash:
            continue
        side = sewing.pressing.presses[join.number]
        toward = {kinds[one.left if side == 0 else one.right] for one in join.touches}
        assert toward <= {"sash-in-row", "sash-between", "cornerstone"}
    rows = [step for step in sewing.steps if step.kind == "row"]
    assert {str(step.press) for step in rows} == {"Press toward the strips."}
    assert sewing.pressing.count("nested") == len(sewing.pressing.meetings) > 0


def test_a_frame_takes_the_allowances_of_its_block() -> None:
    quilt = setting("straight", 2, 2, module=F(12), frame="fog")
    sewing = sew_top(plan_quilt(quilt))
    frames = [n for n, role in sewing.together.roles.items() if role == "frame"]
    assert len(frames) == 16 and {*frames} <= sewing.pressing.to_sash
    assert {sewing.pressing.presses[number] for number in frames} == {1}
    step = next(one for one in sewing.steps if one.kind == "frames")
    assert (step.total, str(step.check)) == (4, "Each must measure 12 1⁄2″ × 12 1⁄2″.")


def test_all_seams_open_by_her_school() -> None:
    quilt = setting("straight", 3, 2)
    quilt = replace(quilt, making=replace(quilt.making, pressing="open"))
    sewing = sew_top(plan_quilt(quilt))
    assert {sewing.pressing.presses[n] for n in sewing.together.roles} == {None}
    row = next(step for step in sewing.steps if str(step.label) == "row 1")
    assert str(row.press) == "Press its seams open."


def told(sewing: TopSewing, label: str) -> TopStep:
    return next(step for step in sewing.steps if str(step.label) == label)


def test_steps_of_a_straight_top_by_hand() -> None:
    """3 × 4 of 9″ with a 4″ border: rows of 27½ × 9½, a top of 27½ × 36½, 35½ × 44½ with it."""
    border = Border(width=F(4), fabric="slate")
    sewing = sew_top(plan_quilt(setting("straight", 3, 4, borders=(border,))))
    assert [step.total for step in sewing.steps if step.kind == "blocks"] in ([12], [6, 6])
    assert str(told(sewing, "row 1").check) == "It must measure 27 1⁄2″ × 9 1⁄2″."
    assert told(sewing, "row 2").places == ((1, 0), (1, 1), (1, 2))
    assert str(told(sewing, "row 1 and row 2").check) == "It must measure 27 1⁄2″ × 18 1⁄2″."
    whole = told(sewing, "rows 1 to 2 and rows 3 to 4")
    assert str(whole.words) == "Sew rows 3 to 4 to rows 1 to 2."
    assert str(whole.check) == "It must measure 27 1⁄2″ × 36 1⁄2″."
    around = told(sewing, "border 1")
    assert "(36 1⁄2″ as planned)" in str(around.words) and "(35 1⁄2″ as planned)" in str(
        around.words
    )
    assert str(around.check) == "The top must measure 35 1⁄2″ × 44 1⁄2″."
    top_first = sew_top(
        plan_quilt(setting("straight", 3, 4, borders=(replace(border, first="top"),)))
    )
    assert "side to side (27 1⁄2″ as planned)" in str(told(top_first, "border 1").words)
    assert "top to bottom (44 1⁄2″ as planned)" in str(told(top_first, "border 1").words)


def test_steps_on_point_are_diagonal_rows_and_end_trimmed() -> None:
    sewing = sew_top(plan_quilt(setting("on-point", 3, 4)))
    rows = [step for step in sewing.steps if step.kind == "row"]
    assert [len(step.places) for step in rows] == [1, 3, 5, 5, 3, 1]
    assert str(rows[0].words) == "Diagonal row 1: sew 1 block and 2 setting triangles side by side."
    assert str(rows[0].check) == "It must be 9 1⁄2″ wide."
    trim = told(sewing, "the edges")
    assert "1⁄4″ beyond the points" in str(
        trim.words
    ) and "about 38 5⁄8″ × 51 3⁄8″ (38.684 × 51.412)" in str(trim.check)
    floating = setting("on-point", 3, 4, edge=replace(EDGE, floats=F(1)))
    assert "1 1⁄4″ beyond the points" in str(told(sew_top(plan_quilt(floating)), "the edges").words)
    ring = setting("on-point", 3, 4, sashing=sash(outer=True))
    words = told(sew_top(plan_quilt(ring)), "the edges").words
    assert "beyond the middle of the outer cornerstones" in str(words)


def test_triangles_that_reach_over_strips_come_after_them() -> None:
    sewing = sew_top(plan_quilt(setting("on-point", 3, 4, sashing=sash(stones="fog"))))
    joins = [step for step in sewing.steps if step.kind == "join"]
    with_triangle = [n for n, step in enumerate(joins) if "setting triangle" in str(step.label)]
    strips = [n for n, step in enumerate(joins) if "the strip" in str(step.label)]
    assert len(with_triangle) == 10 and max(strips) < min(with_triangle)
    assert "the strip above" in str(joins[0].label)


def test_a_top_by_quarters() -> None:
    quilt = replace(setting("straight", 4, 4), together="quarters")
    sewing = sew_top(plan_quilt(quilt))
    labels = [str(step.label) for step in sewing.steps if step.kind == "join"]
    assert str(labels[-1]) == "the upper half and the lower half"
    sides = [labels.index(f"the {one} left quarter and the {one} right quarter") for one in HALVES]
    assert sides == sorted(sides)
    quarter = told(sewing, "row 1 and row 2 of the upper left quarter")
    assert str(quarter.check) == "It must measure 18 1⁄2″ × 18 1⁄2″."
    assert can_be_quartered(quilt) and not can_be_quartered(setting("on-point", 4, 4))
    through = setting("straight", 4, 4, sashing=sash())
    assert not can_be_quartered(through)
    assert can_be_quartered(setting("straight", 4, 4, sashing=sash(stones="fog")))
    assert not can_be_quartered(setting("straight", 1, 4))
    rows = sew_top(plan_quilt(replace(through, together="quarters"))).steps
    assert not any("quarter" in str(step.label) for step in rows)


def test_alike_strips_are_one_step() -> None:
    quilt = setting("straight", 3, 4, sashing=sash(outer=True, stones="fog"))
    sewing = sew_top(plan_quilt(quilt))
    strips = told(sewing, "5 strips between the rows, alike")
    assert strips.total == 5 and "3 strips and 4 cornerstones" in str(strips.words)
    assert str(strips.check) == "It must measure 33 1⁄2″ × 2″."
    assert str(told(sewing, "row 4 and the strip below row 4").words) == (
        "Sew the strip below row 4 to row 4."
    )


def marks_of(quilt: Quilt) -> dict[str, str]:
    return {str(step.label): step.mark for step in sew_top(plan_quilt(quilt)).steps}


def test_a_changed_row_is_a_new_one_and_the_others_stay() -> None:
    quilt = of_four_patches(3, 4)
    other = replace(four_patch(), key="two", draft=replace(four_patch().draft, name="Other"))
    quilt = replace(quilt, blocks=(*quilt.blocks, other))
    before = marks_of(quilt)
    assert len({*before.values()}) == len(before)
    for placed in (Placed(block="two"), Placed(block="one", turns=2)):
        places = {(2, 0): placed}
        after = marks_of(replace(quilt, setting=replace(quilt.setting, places=places)))
        kept = {label for label, mark in before.items() if after.get(label) == mark}
        assert {"row 1", "row 2", "row 4", "the layout"} <= kept and "row 3" not in kept


def test_made_blocks_stay_made_when_there_are_more_or_they_are_turned() -> None:
    quilt = setting("straight", 3, 4)
    steps = sew_top(plan_quilt(quilt)).steps
    made = {step.mark for step in steps if step.kind == "blocks"}
    turned = apply_to_quilt(quilt, TurnAll(turning="every-other"))
    for changed in (turned, setting("straight", 3, 5), setting("straight", 2, 2)):
        again = {one.mark for one in sew_top(plan_quilt(changed)).steps if one.kind == "blocks"}
        assert again & made
    larger = replace(quilt.blocks[0], draft=replace(SAMPLES["Weir Gate"], width=F(12)))
    stretched = sew_top(plan_quilt(replace(quilt, blocks=(larger,)))).steps
    assert not made & {step.mark for step in stretched}


def test_what_was_done_and_is_no_part_now_is_told() -> None:
    sewing = sew_top(plan_quilt(setting("straight", 3, 4)))
    rows = {step.mark: 1 for step in sewing.steps if step.kind == "row"}
    now = top_progress(sewing, rows)
    assert "4 of 4 rows" in str(now.words)
    mark = told(sewing, "row 1").mark
    gone = now.no_longer({"f" * 64: (2, "row 9"), mark: (1, "row 1"), "e" * 64: (0, "row 8")})
    assert [*map(str, gone)] == ["row 9: 2 done, and no part of the quilt as it is now."]


def test_progress_counts_no_more_than_there_is() -> None:
    sewing = sew_top(plan_quilt(setting("straight", 2, 2)))
    blocks = [step for step in sewing.steps if step.kind == "blocks"]
    found = top_progress(sewing, {step.mark: 99 for step in blocks})
    assert found.done == 4 and str(found.words).startswith("4 of 4 blocks made, 0 of 2 rows")
    assert found.total == sum(step.total for step in sewing.steps)


def test_the_diagram_draws_arrows_into_the_strips_and_numbers_the_rows() -> None:
    quilt = setting("straight", 2, 3, sashing=sash(outer=True, stones="fog"))
    diagram = diagram_of(sew_top(plan_quilt(quilt)))
    assert [one.number for one in diagram.labels] == [1, 2, 3]
    assert len(diagram.seams) == 2 * 3 * 2 + (2 * 2) * 4 + 6  # in rows, in strips, between them
    row = [one for one in diagram.seams if abs(one.arrow[0][1] - one.arrow[1][1]) < 1e-9]
    for one in row:
        (ax, ay), (bx, _) = one.arrow
        in_a_row = (ay - 1.5) % 10.5 < 9
        column = bx % 10.5
        assert (column < 1.5) == in_a_row, one  # strips of 1½ every 10½; stones press out of them
        assert abs(ax - bx) <= 2 * 0.35 * 1.5 + 1e-9
    assert all(one.step for one in diagram.seams)


def test_the_diagram_of_an_on_point_top_lies_over_its_picture() -> None:
    sewing = sew_top(plan_quilt(setting("on-point", 2, 3)))
    diagram = diagram_of(sewing)
    left, top, wide, high = diagram.layout.top
    for seam in diagram.seams:
        for x, y in (spot for ends in seam.stretches for spot in ends):
            assert left - 1e-6 <= x <= left + wide + 1e-6
            assert top - 1e-6 <= y <= top + high + 1e-6
    middles = {(one.row, one.column): one.middle for one in diagram.layout.blocks}
    ends = [spot for seam in diagram.seams for stretch in seam.stretches for spot in stretch]
    x, y = middles[0, 0]
    side = 9 / 2**0.5
    assert any(abs(a - x - side) < 1e-6 and abs(b - y) < 1e-6 for a, b in ends)


@settings(max_examples=25, deadline=None)
@given(
    st.integers(1, 4),
    st.integers(1, 4),
    st.lists(st.tuples(st.integers(0, 3), st.booleans()), min_size=16, max_size=16),
    st.sampled_from(["straight", "on-point"]),
)
def test_turned_and_mirrored_blocks_leave_no_gap(
    columns: int, rows: int, turned: list[tuple[int, bool]], kind: str
) -> None:
    quilt = setting(kind, columns, rows)
    places = {
        (row, column): Placed(block="one", turns=turned[4 * row + column][0], mirrored=flip)
        for row in range(rows)
        for column in range(columns if kind == "straight" or row % 2 == 0 else columns - 1)
        for flip in [turned[4 * row + column][1]]
    }
    quilt = replace(quilt, setting=replace(quilt.setting, places=places))
    drawn, top = draw_top(quilt), top_of(quilt)
    area = sum(F(face.twice_area, 2 * drawn.scale**2) for face in drawn.faces)
    assert top.width * top.height == area
    assert all(one.left != one.right for one in touches(drawn.faces))


def test_looking_through_the_drawing_by_hand() -> None:
    """The left half dark, the right half light: beside each other dark meets light; one mirrored,
    alike meets alike along the whole edge.
    """
    draft = SAMPLES["Weir Gate"]
    assert {one.share for one in vanishing(quilt_of(columns=2, rows=1))} == {1.0}
    halves = replace(sheet("Halves", "6", 2, 1), fabrics=draft.fabrics, paints=())
    painted = replace(
        halves,
        paints=tuple(
            replace(draft.paints[0], at=(F(x, 2), F(1, 2)), fabric=fabric)
            for x, fabric in ((1, "peat"), (3, "fog"))
        ),
    )
    quilt = quilt_of("6", columns=2, rows=1)
    quilt = replace(quilt, blocks=(QuiltBlock(key="one", draft=painted),))
    assert vanishing(quilt) == ()
    mirrored = {(0, 1): Placed(block="one", mirrored=True)}
    (found,) = vanishing(replace(quilt, setting=replace(quilt.setting, places=mirrored)))
    assert (found.one, found.other, found.share) == ((0, 0), (0, 1), 1.0)
    turned = {(0, 1): Placed(block="one", turns=1)}  # its dark half is up, its light half down
    (half,) = vanishing(replace(quilt, setting=replace(quilt.setting, places=turned)))
    assert half.share == 0.5


@pytest.mark.parametrize(
    ("one", "other", "both"),
    [
        (RowName(0, 0), RowName(1, 1), "rows 1 to 2"),
        (RowName(0, 0, strip=True), RowName(0, 0), "row 1"),
        (RowName(0, 1), RowName(2, 2, strip=True), "rows 1 to 2"),
        (RowName(0, 0, quarter=2), RowName(0, 0, quarter=3), "the lower half"),
        (RowName(1, 1, diagonal=True), RowName(2, 3, diagonal=True), "diagonal rows 2 to 4"),
    ],
)
def test_what_two_rows_are_called_together(one: RowName, other: RowName, both: str) -> None:
    assert str(one.with_other(other).words) == both
