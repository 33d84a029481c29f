"""The acts of the sewing table, one by one, on pieces whose outcome can be reckoned by hand."""

from __future__ import annotations

from fractions import Fraction as F
from math import sqrt
from typing import Any

import pytest
from hypothesis import given
from hypothesis import strategies as st

from yonk.core.paper import Fabric
from yonk.core.sewing import (
    CAUTIONS,
    Layers,
    Motion,
    Practice,
    RecipeStep,
    SewingError,
    SewnWork,
    Table,
    TableLine,
    Target,
    area,
    bias_sides,
    bounds,
    corner_to_corner,
    edge_along,
    from_the_longest,
    length,
    longest_side,
    middle_of,
    picture_of,
    placed,
    rectangle,
    rectangle_around,
    sides_of,
)
from yonk.core.sewing.pictures import PEEK
from yonk.core.sewing.plane import crossed_by
from yonk.core.sewing.steps import Scene
from yonk.core.sewing.trimming import fit
from yonk.core.sewing.work import Scrap, clip, split_segments

R2 = sqrt(2)
FABRICS = {
    "peat": Fabric(key="peat", name="Peat", colour="#3b2a20", value="dark"),
    "fog": Fabric(key="fog", name="Fog", colour="#e7e6df", value="light"),
    "gorse": Fabric(key="gorse", name="Gorse", colour="#d9a520", value="medium"),
}


def table(**school: Any) -> Table:
    return Table(Practice(F(1, 4), "in", **school), FABRICS)


def sides(work: SewnWork) -> tuple[float, float]:
    left, top, right, bottom = bounds(work.outlines)
    return round(right - left, 9), round(bottom - top, 9)


def test_two_strips_joined_are_half_an_inch_narrower_than_both() -> None:
    desk = table()
    one, other = desk.piece(10, 2, "peat"), desk.piece(10, 3, "fog")
    work = desk.join(
        one, sides_of(one.front[0].outline)[2], other, sides_of(other.front[0].outline)[0]
    )
    assert sides(work) == (10.0, 4.5)
    assert desk.seams == [10.0] and desk.loose == 0 and len(work.seams) == 1
    assert work.cloth == pytest.approx(10 * 5)  # nothing is cut off: the allowances lie behind
    assert sum(area(scrap.outline) for scrap in work.behind) == pytest.approx(2 * 10 * 0.25)


def test_pieces_meet_at_the_start_the_middle_or_the_end_of_an_edge() -> None:
    lefts = []
    for at in (-1, 0, 1):
        desk = table()
        base, short = desk.piece(10, 2, "peat"), desk.piece(4, 2, "fog")
        work = desk.join(
            base,
            sides_of(base.front[0].outline)[2],
            short,
            sides_of(short.front[0].outline)[0],
            at=at,
        )
        fog = next(scrap for scrap in work.front if scrap.fabric == "fog")
        lefts.append(round(bounds([fog.outline])[0], 9))
    assert lefts == [1.0, -2.0, -5.0]  # clockwise the lower edge runs from right to left
    desk = table()
    base, short = desk.piece(10, 2, "peat"), desk.piece(4, 2, "fog")
    with pytest.raises(SewingError, match=r"^the two pieces do not meet$"):
        desk.join(
            base,
            sides_of(base.front[0].outline)[2],
            short,
            sides_of(short.front[0].outline)[0],
            shift=30,
        )


def test_a_square_cut_once_and_twice() -> None:
    desk = table()
    square = desk.piece(4, 4, "peat")
    halves, quarters = desk.cut_once(square), desk.cut_twice(desk.piece(4, 4, "fog"))
    assert [round(area(half.front[0].outline), 9) for half in halves] == [8.0, 8.0]
    assert [round(area(part.front[0].outline), 9) for part in quarters] == [4.0] * 4
    assert length(longest_side(halves[0])) == pytest.approx(4 * R2)
    assert length(longest_side(quarters[0])) == pytest.approx(4.0)
    assert longest_side(quarters[0]) == from_the_longest(quarters[0])[0]
    rising, falling = desk.cut_once(square)[0], desk.cut_once(square, rising=False)[0]
    assert rising.front[0].outline != falling.front[0].outline


def test_a_loose_bias_edge_is_told_from_one_on_the_straight_grain() -> None:
    desk = table()
    one, other = (
        desk.cut_once(desk.piece(4, 4, "peat"))[0],
        desk.cut_once(desk.piece(4, 4, "fog"))[0],
    )
    desk.join(one, longest_side(one), other, longest_side(other))
    assert desk.loose == 1
    desk.join(one, from_the_longest(one)[1], other, from_the_longest(other)[2])
    assert desk.loose == 1


def test_layers_lie_face_down_and_turn() -> None:
    desk = table()
    under = desk.piece(6, 6, "peat")
    left, right = desk.cut_once(desk.piece(4, 4, "fog"))
    laid = desk.lay(left, under, onto=(1.0, 1.0))
    assert bounds(laid.over[0].outlines) == pytest.approx((-1.0, -1.0, 3.0, 3.0))
    assert laid.over[0].front[0].up == pytest.approx((0.0, -1.0))
    turned = desk.lay(right, under, turn=1)
    assert turned.over[0].front[0].up == pytest.approx((1.0, 0.0))
    assert middle_of(turned.over[0]) == pytest.approx((0.0, 0.0))


def test_a_flipped_corner_covers_what_was_cut_away() -> None:
    desk = table()
    base, square = desk.piece(4.5, 4.5, "peat"), desk.piece(2.5, 2.5, "fog")
    corner = desk.lay(square, base, (-1.0, -1.0))
    line = TableLine.between((0.25, -2.25), (-2.25, 0.25))
    line = (
        line if line.side((-2.25, -2.25)) < 0 else TableLine.between((-2.25, 0.25), (0.25, -2.25))
    )
    sewn = desk.sew_on(corner, line, "Sew.")
    bits = desk.cut_apart([sewn], [line.beside(-0.25)], "Cut.")
    assert len(bits) == 2 and sum(bool(bit.sewn) for bit in bits) == 1
    (flipped,) = desk.open([bit for bit in bits if bit.sewn])
    assert sides(flipped) == (4.5, 4.5)
    assert sum(map(area, flipped.outlines)) == pytest.approx(4.5 * 4.5)
    fog = [scrap for scrap in flipped.front if scrap.fabric == "fog"]
    assert sum(area(scrap.outline) for scrap in fog) == pytest.approx(2.5 * 2.5 / 2)
    assert len(desk.seams) == 1 and desk.seams[0] == pytest.approx(2.5 * R2) and desk.marks == 1


def test_strips_are_squared_up_and_cut_across() -> None:
    desk = table()
    work = desk.piece(21, 2, "peat")
    segments = desk.cut_across(work, 4, 5, "Cut across.")
    assert [sides(segment) for segment in segments] == [(4.0, 2.0)] * 5
    assert desk.cuts == 6 and sum(waste.cloth for waste in desk.waste) == pytest.approx(2.0)
    assert sides(desk.square_up(work, 10, 1.5)) == (10.0, 1.5)
    assert sides(desk.cut_off(work, TableLine((0.0, 0.0), (0.0, -1.0)))) == (10.5, 2.0)


@pytest.mark.parametrize(
    ("fabrics", "press", "said"),
    [
        (("peat", "fog"), "dark", "toward Peat, the darker"),
        (("fog", "gorse"), "dark", "toward Gorse, the darker"),
        (("fog", "fog"), "dark", "press it to one side"),
        (("peat", "fog"), "open", "press it open"),
    ],
)
def test_pressing_follows_the_value_or_the_school(
    fabrics: tuple[str, str], press: str, said: str
) -> None:
    desk = table(press=press)
    one, other = desk.piece(6, 2, fabrics[0]), desk.piece(6, 2, fabrics[1])
    desk.join(
        one,
        sides_of(one.front[0].outline)[2],
        other,
        sides_of(other.front[0].outline)[0],
        words="Sew.",
    )
    pressed = next(step for step in desk.steps if step.act == "press")
    assert said in str(pressed.words) and pressed.caution == CAUTIONS["iron"]
    ((_, end),) = pressed.scenes[0].pressed[:1]
    picture = picture_of(pressed.scenes[0])
    assert sum(line.mark == "press" for line in picture.lines) == (2 if press == "open" else 1)
    if fabrics == ("peat", "fog") and press == "dark":
        assert end[1] < 0.75  # peat lies above the seam


def test_steps_of_one_kind_are_put_together_and_silence_records_nothing() -> None:
    desk = table()
    one, other = desk.piece(6, 2, "peat"), desk.piece(6, 2, "fog")
    edges = sides_of(one.front[0].outline)[2], sides_of(other.front[0].outline)[0]
    desk.join(one, edges[0], other, edges[1], words="Sew.")
    desk.join(one, edges[0], other, edges[1], words="Sew.", again=True)
    assert [(step.act, len(step.scenes)) for step in desk.steps] == [("join", 2), ("press", 1)]
    desk.recording = False
    desk.join(one, edges[0], other, edges[1], words="Sew.")
    assert len(desk.steps) == 2 and len(desk.seams) == 3
    assert RecipeStep("draw", "Draw.", ()).caution is None


def test_a_picture_shows_the_lower_cloth_peeking_out() -> None:
    desk = table()
    laid = desk.lay(desk.piece(4, 4, "fog"), desk.piece(4, 4, "peat"))
    picture = picture_of(Scene(laid))
    under, over = picture.cloths
    assert (under.side, over.side) == ("right", "wrong")
    assert under.outline[0][0] - over.outline[-1][0] != 0
    assert picture.box[2] == pytest.approx(4 * (1 + PEEK))


def test_a_target_is_found_however_the_work_lies() -> None:
    top, bottom = rectangle(4, 1, 0, 0), rectangle(4, 2, 0, 1)
    target = Target(((top, "fog"), (bottom, "peat")), 4.0, 3.0, 0.25)
    desk = table()
    fog, peat = desk.piece(4.5, 1.5, "fog"), desk.piece(4.5, 2.5, "peat")
    work = desk.join(
        fog, sides_of(fog.front[0].outline)[2], peat, sides_of(peat.front[0].outline)[0]
    )
    for way in ((1.0, 0.0), (0.0, 1.0), (-1.0, 0.0), (0.6, 0.8)):
        lying = work.moved(Motion.turning((1.0, 0.0), way, onto=(7.0, -3.0)))
        found = fit(lying, target)
        assert found.sound and found.oversize == pytest.approx((0.0, 0.0))
        assert placed(lying, target) is not None
    assert not fit(work, Target(((top, "peat"), (bottom, "fog")), 4.0, 3.0, 0.25)).right
    assert bias_sides(fit(work, target).work, target) == 0
    assert (
        target.mirrored().mirrored().parts[0][0] != ()
        and placed(work, target.mirrored()) is not None
    )


def test_a_little_slack_forgives_a_seam_beside_its_place_but_no_missing_cloth() -> None:
    parts = (
        (rectangle(4, 1, 0, 0), "fog"),
        (rectangle(4, 2, 0, 1), "peat"),
        (rectangle(4, 1, 0, 3), "fog"),
    )
    desk = table()

    def sewn(middle: float) -> SewnWork:
        rows = [
            desk.piece(4.5, high, name)
            for high, name in ((1.5, "fog"), (middle, "peat"), (1.5, "fog"))
        ]
        work = rows[0]
        for row in rows[1:]:
            left, _, right, bottom = bounds(work.outlines)
            work = desk.join(
                work, ((right, bottom), (left, bottom)), row, sides_of(row.front[0].outline)[0]
            )
        return work

    strict, easy = Target(parts, 4.0, 4.0, 0.25), Target(parts, 4.0, 4.0, 0.25, slack=1 / 64)
    assert fit(sewn(2.5), strict).sound
    assert not fit(sewn(2.51), strict).right and fit(sewn(2.51), easy).right
    assert not fit(sewn(2.40), easy).sound


spots = st.tuples(st.floats(-9, 9), st.floats(-9, 9))


@given(spots, spots.filter(lambda spot: abs(spot[0]) + abs(spot[1]) > 0.1), spots)
def test_turning_and_folding_keep_every_distance(about, to, spot) -> None:  # type: ignore[no-untyped-def]
    long = (to[0] ** 2 + to[1] ** 2) ** 0.5
    way = (to[0] / long, to[1] / long)
    turn = Motion.turning((1.0, 0.0), way, about=about, onto=(2.0, 3.0))
    assert turn.spot(about) == pytest.approx((2.0, 3.0))
    assert turn.way((1.0, 0.0)) == pytest.approx(way)
    fold = Motion.folding(TableLine(about, way))
    assert fold.spot(fold.spot(spot)) == pytest.approx(spot, abs=1e-6)
    assert abs(TableLine(about, way).side(fold.spot(spot))) == pytest.approx(
        abs(TableLine(about, way).side(spot)), abs=1e-6
    )


def test_stretches_are_clipped_and_split_where_the_cloth_ends() -> None:
    square = SewnWork((Scrap(rectangle(4, 4), "peat", (0.0, -1.0), 1),))
    line = TableLine.between((-9.0, 0.0), (9.0, 0.0))
    assert clip(line, [square]) == ((-2.0, 0.0), (2.0, 0.0))
    assert clip(TableLine.between((-9.0, 5.0), (9.0, 5.0)), [square]) is None
    assert crossed_by(TableLine.between((-9.0, 2.0), (9.0, 2.0)), square.outlines) == pytest.approx(
        (7.0, 11.0)
    )
    right, left = split_segments([((-1.0, -1.0), (1.0, 1.0))], TableLine((0.0, 0.0), (0.0, -1.0)))
    assert right == (((0.0, 0.0), (1.0, 1.0)),) and left == (((-1.0, -1.0), (0.0, 0.0)),)
    assert edge_along(square, ((0.0, -2.0), (1.0, -2.0))) == ((-2.0, -2.0), (2.0, -2.0))
    assert corner_to_corner(square)[0] == ((-2.0, 2.0), (2.0, -2.0))
    assert rectangle_around(((0.0, 0.0), (2.0, 1.0), (1.0, 3.0))) == rectangle(2.0, 3.0, 0.0, 0.0)


def test_the_part_of_a_stack_that_is_folded_over_first_comes_to_lie_on_top() -> None:
    desk = table()
    base = desk.piece(8, 4, "peat")
    first, second = desk.piece(5, 4, "fog"), desk.piece(5, 4, "gorse")
    overs = (desk.lay(first, base, (-1.5, 0.0)).over[0], desk.lay(second, base, (1.5, 0.0)).over[0])
    seam = ((-4.0, 1.75), (4.0, 1.75))
    opened = Layers(base, overs, sewn=(seam,)).opened()
    assert sum(map(area, opened.outlines)) == pytest.approx(8 * 3.75 + 8 * 3.75)
    shown = {
        fabric: sum(area(s.outline) for s in opened.front if s.fabric == fabric)
        for fabric in ("fog", "gorse")
    }
    assert shown == {"fog": pytest.approx(5 * 3.75), "gorse": pytest.approx(3 * 3.75)}


def test_the_box_around_an_outline_lies_where_it_lies() -> None:
    around = rectangle_around(((3.0, 1.0), (5.0, 2.0), (4.0, 6.0)))
    assert bounds([around]) == (3.0, 1.0, 5.0, 6.0) and area(around) == 10.0
