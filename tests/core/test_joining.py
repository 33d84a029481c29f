"""The joining order, judged by geometry alone."""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction as F
from math import hypot

import pytest
from hypothesis import given, settings
from shapely import LineString, Polygon, unary_union
from shapely.geometry.base import BaseGeometry

from tests.drafts import block, drafts, even, mirrored, seams, turned
from yonk.core.drawing import Face, Spot
from yonk.core.joining import (
    Joining,
    box_of_part,
    joining_of,
    joining_order,
    parts_with_orders,
    touches,
)
from yonk.core.joining.touching import COARSE
from yonk.core.paper import ORDERS, Draft, OrderName
from yonk.core.planning import read
from yonk.machine.samples import all_samples

NEAR = 1e-6


def joined(draft: Draft, order: OrderName = "rows") -> Joining:
    reading = read(draft)
    tree, beside = joining_order(reading, order)
    return joining_of(tree, beside, reading.drawing.faces)


def shape(face: Face) -> Polygon:
    return Polygon(face.ring, face.holes)


def made(joining: Joining) -> list[BaseGeometry]:
    """Every part as a polygon, put together by Shapely."""
    shapes: list[BaseGeometry] = [shape(face) for face in joining.faces]
    for join in joining.joins:
        shapes.append(unary_union([shapes[part] for part in join.of]))
    return shapes


@settings(max_examples=120)
@given(drafts)
def test_each_join_takes_two_parts_that_are_there_and_lie_along_its_seam(draft: Draft) -> None:
    for order in ORDERS:
        joining = joined(draft, order)
        free, shapes = set(range(len(joining.faces))), made(joining)
        near = NEAR * max(shapes[-1].bounds)
        for join in joining.joins:
            assert set(join.of) <= free
            free = (free - set(join.of)) | {len(joining.faces) + join.number}
            one, other = (shapes[part] for part in join.of)
            seam = unary_union([LineString(stretch) for stretch in join.along])
            if not joining.order.finished_after:
                shared = one.buffer(near).intersection(other.buffer(near))
                assert shared.buffer(near).covers(seam)
                assert shared.area / (2 * near) == pytest.approx(seam.length, rel=1e-2, abs=near)
        assert len(free) == 1
        assert shapes[-1].area == pytest.approx(sum(shape(one).area for one in joining.faces))


@settings(max_examples=80)
@given(drafts)
def test_a_part_measures_what_its_outline_says(draft: Draft) -> None:
    joining = joined(draft)
    for number, outline in enumerate(made(joining)):
        box = box_of_part(joining, number)
        round_it = outline.minimum_rotated_rectangle
        assert (box is not None) == (abs(round_it.area - outline.area) < 1e-9 * outline.area)
        if box is not None:
            assert float(box.wide * box.high) ** 0.5 == pytest.approx(outline.area)
            corners = list(round_it.exterior.coords)
            sides = sorted(LineString(corners[at : at + 2]).length for at in (0, 1))
            assert sorted((float(box.wide) ** 0.5, float(box.high) ** 0.5)) == pytest.approx(sides)


def sides_of(face: Face) -> list[tuple[Spot, Spot]]:
    rings = (face.ring, *face.holes)
    return [pair for ring in rings for pair in zip(ring, ring[1:] + ring[:1], strict=True)]


def shared_by(one: Face, other: Face) -> float:
    """How long two patches lie together, side by side with side, in whole numbers."""
    whole = 0.0
    for (ax, ay), (bx, by) in sides_of(one):
        dx, dy = bx - ax, by - ay
        for side in sides_of(other):
            if any(dx * (y - ay) != dy * (x - ax) for x, y in side):
                continue
            ends = sorted(dx * (x - ax) + dy * (y - ay) for x, y in side)
            least, most = max(0, ends[0]), min(dx * dx + dy * dy, ends[1])
            if least < most:
                whole += float(most - least) / hypot(float(dx), float(dy))
    return whole


@settings(max_examples=60)
@given(drafts)
def test_patches_touch_where_their_sides_lie_together_and_where_shapely_says(draft: Draft) -> None:
    faces = read(draft).drawing.faces
    shapes = [shape(face) for face in faces]
    told: dict[tuple[int, int], float] = {}
    for touch in touches(faces):
        pair = min(touch.left, touch.right), max(touch.left, touch.right)
        told[pair] = told.get(pair, 0.0) + LineString([touch.start, touch.end]).length
        a, b = touch.start, touch.end
        right = (a[0] + b[0]) / 2 - (b[1] - a[1]) * 1e-6, (a[1] + b[1]) / 2 + (b[0] - a[0]) * 1e-6
        assert shapes[touch.right].distance(LineString([right, right]).centroid) < 1e-9
    reach = max(part for face in faces for spot in face.ring for part in spot)
    for one in range(len(faces)):
        for other in range(one):
            length = told.get((other, one), 0.0)
            assert length == pytest.approx(shared_by(faces[one], faces[other]))
            if reach < COARSE:  # shapely's floats lose the spots of a finer lattice
                shared = shapes[one].boundary.intersection(shapes[other].boundary).length
                assert length == pytest.approx(shared)


@settings(max_examples=40)
@given(drafts)
def test_turned_or_mirrored_a_block_is_joined_by_as_many_seams_of_each_kind(draft: Draft) -> None:
    kinds = sorted(join.kind for join in joined(draft).joins)
    assert sorted(join.kind for join in joined(mirrored(draft)).joins) == kinds
    assert sorted(join.kind for join in joined(turned(draft)).joins) == kinds


def test_of_more_pieces_than_are_tried_the_same_are_set_in_however_the_block_lies() -> None:
    lines = (F(1, 2), F(2), F(2), F(2))
    drawn = "0 1/2 2 1, 2 0 2 1, 2 1 4 0, 3/4 1/4 11/3 1, 2 1/4 1 1/2, 3 0 3/2 1/2, 1 1/2 7/2 1"
    draft = replace(block(drawn, size="147/8 3"), columns=lines, rows=lines)
    for lying in (draft, mirrored(draft), turned(draft)):
        kinds = [join.kind for join in joined(lying).joins]
        assert (kinds.count("set-in"), len(kinds)) == (2, 8)


def test_four_pieces_round_a_middle_are_one_partial_seam() -> None:
    draft = replace(
        block(size="9 9", grid=(3, 3)), seams=seams("0 1 2 1, 2 0 2 2, 1 2 3 2, 1 1 1 3")
    )
    joining = joined(draft)
    kinds = [join.kind for join in joining.joins]
    assert sorted(kinds) == ["partial", "straight", "straight", "straight"]
    begun = next(join for join in joining.joins if join.kind == "partial")
    assert begun.finished_after == len(joining.faces) + 3
    assert begun.along[0][0] != begun.along[0][1] and len(begun.along) == 1
    assert LineString(begun.along[0]).length == 2 * LineString([(0, 0), (1, 0)]).length * _step(
        draft
    )


@pytest.mark.parametrize("turns", range(4))
@pytest.mark.parametrize("over", [False, True])
def test_a_partial_seam_is_one_line_however_the_block_lies(turns: int, over: bool) -> None:
    draft = replace(
        block(size="9 9", grid=(3, 3)), seams=seams("0 1 2 1, 2 0 2 2, 1 2 3 2, 1 1 1 3")
    )
    draft = mirrored(draft) if over else draft
    for _ in range(turns):
        draft = turned(draft)
    joins = joined(draft).joins
    begun = next(join for join in joins if join.kind == "partial")
    assert len(begun.along) == 1 and sum(len(join.along) for join in joins) == 4


def test_each_gap_of_the_row_of_patches_is_closed_by_a_join() -> None:
    for draft in (even(1, 1), even(2, 3), *all_samples()):
        order = joined(draft).order
        gaps = order.joins_of_gaps
        assert len(gaps) == order.leaves - 1 == len(order.pairs)
        assert sorted(gaps) == [*range(len(order.pairs))]


def _step(draft: Draft) -> float:
    return float(draft.width / 3 * read(draft).drawing.scale)


def test_a_corner_without_any_straight_seam_is_set_in_with_one_corner() -> None:
    """Three pieces that meet in a point, none of whose seams goes on straight."""
    draft = replace(block(size="6 6", grid=(6, 6)), seams=seams("3 3 0 2, 3 3 6 2, 3 3 3 6"))
    joins = joined(draft).joins
    assert [join.kind for join in joins] == ["straight", "set-in"]
    assert len(joins[1].along) == 2


def test_a_piece_inside_another_is_set_in_all_round() -> None:
    draft = replace(
        block(size="6 6", grid=(6, 6)), seams=seams("2 1 4 2, 4 2 4 4, 4 4 1 4, 1 4 2 1")
    )
    joins = joined(draft).joins
    assert [(join.kind, len(join.along)) for join in joins] == [("set-in", 4)]


def test_rows_columns_and_quarters() -> None:
    draft = even(4, 4, "12 12")
    draft = replace(draft, seams=(*draft.seams, *seams("0 0 1 1")))
    long = {
        order: sorted(round(join.length) for join in joined(draft, order).joins)[-3:]
        for order in ORDERS
    }
    scale = read(draft).drawing.scale
    assert long["rows"] == long["columns"] == [12 * scale] * 3
    assert long["quarters"] == [6 * scale, 6 * scale, 12 * scale]
    assert [part.orders for part in parts_with_orders(read(draft))] == [ORDERS]


def test_quarters_are_offered_only_where_seams_cross_the_middle() -> None:
    draft = even(3, 4, "9 12")
    draft = replace(draft, seams=(*draft.seams, *seams("0 0 1 1")))
    assert parts_with_orders(read(draft))[0].orders == ("rows", "columns", "chained")


def test_many_patches_all_askew_get_an_order() -> None:
    """A net without a straight seam through it, of more pieces than every order is tried of."""
    drawn = ", ".join(
        f"{x} {y} {x + 1} {y + 1 if (x + y) % 2 else y - 1}"
        for x in range(1, 5)
        for y in range(1, 5)
    )
    draft = replace(block(size="6 6", grid=(6, 6)), seams=seams(drawn))
    joining = joined(draft)
    assert len(joining.joins) == len(joining.faces) - 1


def test_inside_units_alike_joins_share_their_place() -> None:
    draft = replace(even(2, 2, "6 6"), columns=(F(1), F(1)))
    draft = replace(draft, seams=(*draft.seams, *seams("0 0 1 1, 1 2 2 1")))
    places = [(join.unit, join.place) for join in joined(draft).joins if join.unit]
    assert len(places) == 2 and len(set(places)) == 1
