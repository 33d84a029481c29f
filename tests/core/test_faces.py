"""The drawing's faces, exact whatever the seams."""

from dataclasses import replace
from fractions import Fraction as F

import pytest
from hypothesis import given
from hypothesis import strategies as st

from tests.drafts import block, drafts, even, scribbled, seams
from yonk.core.drawing import (
    Drawing,
    block_region,
    draw,
    grid_point_inside,
    once_a_drawing,
    read_patches,
    set_in_pieces,
    work_in,
)
from yonk.core.drawing.straight import all_run_across
from yonk.core.paper import BENCH, DraftError


def shares(draft) -> list[F]:  # type: ignore[no-untyped-def]
    drawing = draw(draft)
    whole = 2 * draft.width * draft.height * drawing.scale**2
    return [F(face.twice_area) / whole for face in drawing.faces]


@given(drafts)
def test_areas_of_the_patches_sum_to_the_block(draft) -> None:  # type: ignore[no-untyped-def]
    assert sum(shares(draft)) == 1


@given(scribbled(), st.randoms())
def test_order_and_cutting_up_of_seams_do_not_matter(draft, chance) -> None:  # type: ignore[no-untyped-def]
    pieces = []
    for (ax, ay), (bx, by) in draft.seams:
        at = F(chance.randint(1, 7), 8)
        straight = draw(replace(draft, seams=())).ruling
        (px, py), (qx, qy) = straight.place((ax, ay)), straight.place((bx, by))
        middle = straight.count((px + at * (qx - px), py + at * (qy - py)))
        pieces += [((bx, by), middle), ((ax, ay), middle)]
    chance.shuffle(pieces)
    again = draw(replace(draft, seams=tuple(pieces)))
    before = draw(draft)
    assert [set(_real(face.ring, again)) for face in again.faces] == [
        set(_real(face.ring, before)) for face in before.faces
    ]


def _real(ring, drawing):  # type: ignore[no-untyped-def]
    return [(F(x, drawing.scale), F(y, drawing.scale)) for x, y in ring]


@given(scribbled())
def test_a_point_inside_is_found_in_its_face(draft) -> None:  # type: ignore[no-untyped-def]
    drawing = draw(draft)
    points = [grid_point_inside(drawing, face) for face in drawing.faces]
    assert drawing.faces_at(points) == list(range(len(drawing.faces)))


def test_crossing_overlapping_and_continuing_seams() -> None:
    draft = block("0 0 1 1, 1/3 1/3 1 1, 0 1 1 0, 0 1/2 1/2 1/2, 1/4 1/2 1 1/2")
    assert sorted(shares(draft)) == [F(1, 8)] * 4 + [F(1, 4)] * 2


def test_three_seams_through_a_point_that_no_float_holds() -> None:
    draft = block("0 0 1 1, 0 2/3 1 1/6, 0 3/4 1/2 1/2, 1/3 0 1/3 1", size="7 7")
    assert sum(shares(draft)) == 1
    through = block("0 0 3 3, 0 1 3 1, 1 0 1 3", size="1/3 1/3", grid=(3, 3))
    assert len(draw(through).faces) == 6


def test_loose_ends_are_reported_and_divide_nothing() -> None:
    drawing = draw(block("0 1/2 1/2 1/2, 3/4 1/4 3/4 3/4"))
    assert len(drawing.faces) == 1
    assert len(drawing.loose) == 2
    assert not draw(even(3, 3)).loose


def test_a_patch_inside_a_patch() -> None:
    drawing = draw(block("1/4 1/4 3/4 1/4, 3/4 1/4 3/4 3/4, 3/4 3/4 1/4 3/4, 1/4 3/4 1/4 1/4"))
    assert len(drawing.faces) == 2
    assert [len(face.holes) for face in drawing.faces] == [1, 0]
    assert drawing.faces_at([(F(1, 2), F(1, 2)), (F(1, 8), F(1, 8)), (F(1, 4), F(1, 2))]) == [
        1,
        0,
        None,
    ]


def test_a_slanted_seam_is_straight_on_the_cloth_whatever_the_columns() -> None:
    uneven = replace(block("0 0 2 1, 1 0 1 1", grid=(2, 1), size="4 2"), columns=(F(1), F(3)))
    drawing = draw(uneven)
    corners = {spot for face in drawing.faces for spot in _real(face.ring, drawing)}
    assert (F(1), F(1, 2)) in corners


def test_too_many_patches_are_refused_with_a_sentence() -> None:
    lines = ", ".join(f"0 {n}/250 1 {n}/250, {n}/250 0 {n}/250 1" for n in range(1, 250))
    with pytest.raises(DraftError, match="patches"):
        draw(replace(block(), seams=seams(lines)))


def test_neighbours_share_a_seam_not_a_corner() -> None:
    assert draw(even(2, 2)).neighbours == {(0, 1), (0, 2), (1, 3), (2, 3)}


HOLES = "1/4 1/4 1/2 1/4, 1/2 1/4 1/4 3/4, 1/4 3/4 1/4 1/4"


def with_hole(drawn: str) -> str:
    """The letter of the patch around a hole, and of one that is the same but for its hole."""
    other = ", ".join(
        " ".join(str(F(part) + (1 if place % 2 == 0 else 0)) for place, part in enumerate(parts))
        for parts in (seam.split() for seam in drawn.split(", "))
    )
    draft = block(f"1 0 1 1, {HOLES}, {other}", size="8 4", grid=(2, 1))
    drawing = draw(draft)
    patches = read_patches(drawing, ["peat"] * len(drawing.faces))
    around = [patch.letter for patch in patches if drawing.faces[patch.face].holes]
    assert len(around) == 2
    return "".join(around)


def test_a_patch_round_a_hole_is_the_same_turned_and_another_as_its_mirror_image() -> None:
    assert with_hole(HOLES) == "AA"
    half_turn = "3/4 3/4 1/2 3/4, 1/2 3/4 3/4 1/4, 3/4 1/4 3/4 3/4"
    assert with_hole(half_turn) == "AA"
    quarter = "3/4 1/4 3/4 1/2, 3/4 1/2 1/4 1/4, 1/4 1/4 3/4 1/4"
    assert with_hole(quarter) == "AA"
    mirror = "3/4 1/4 1/2 1/4, 1/2 1/4 3/4 3/4, 3/4 3/4 3/4 1/4"
    moved = "1/4 3/8 1/2 3/8, 1/2 3/8 1/4 7/8, 1/4 7/8 1/4 3/8"
    assert with_hole(mirror) != "AA" and with_hole(moved) != "AA"


def test_the_work_in_many_seams_is_reckoned_from_all_of_them() -> None:
    """Parallels that meet no other, more than are looked at in one go, and one across them all."""
    level = [((F(0), F(row)), (F(1), F(row))) for row in range(300)]
    assert work_in(level) == 300 // 2
    across = ((F(1, 2), F(0)), (F(1, 2), F(299)))
    assert work_in([*level, across]) == (301 + 2 * 300) // 2


def test_what_follows_from_a_drawing_is_worked_out_once_for_it() -> None:
    asked = []

    @once_a_drawing
    def count(drawing: Drawing) -> int:
        asked.append(drawing)
        return len(drawing.faces)

    drawings = [draw(even(columns, 2)) for columns in range(1, 12)]
    assert [count(one) for one in drawings] == [2 * columns for columns in range(1, 12)]
    assert [count(drawings[-1]), count(drawings[-2])] == [22, 20] and len(asked) == 11
    BENCH.clear()
    assert count(drawings[0]) == 2 and len(asked) == 12, "worked out anew where it is put away"


@given(scribbled())
def test_what_runs_across_is_never_set_in(draft) -> None:  # type: ignore[no-untyped-def]
    """Seams that are known to run from edge to edge leave nothing that is set in, as it is found by
    taking the block apart seam by seam.
    """
    region = block_region(draw(draft))
    rings = [ring for piece in region.pieces for ring in (piece.ring, *piece.holes)]
    if all_run_across(rings, region.width, region.height):
        with pytest.MonkeyPatch.context() as patch:
            patch.setattr("yonk.core.drawing.set_in.all_run_across", lambda *_: False)
            assert set_in_pieces(region) == ()


@pytest.mark.parametrize(
    ("drawn", "across"),
    [
        ("1 0 1 3, 2 0 2 3, 0 1 3 2", True),
        ("0 1 3 2, 0 2 3 0, 1 0 2 3", True),
        ("1 0 1 2, 1 2 3 2", False),  # each ends on the other, or in the block
        ("0 1 2 1, 2 0 2 2, 1 2 3 2, 1 1 1 3", False),  # a pinwheel
        ("0 1 1 1, 2 1 3 1, 1 0 1 3, 2 0 2 3", False),  # one line with a gap
    ],
)
def test_whether_every_seam_runs_across(drawn: str, across: bool) -> None:
    region = block_region(draw(block(drawn, grid=(3, 3))))
    rings = [piece.ring for piece in region.pieces]
    assert all_run_across(rings, region.width, region.height) == across
