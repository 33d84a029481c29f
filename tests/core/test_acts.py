"""What a quilter does to a draft, and that nothing is lost by it."""

from dataclasses import replace
from fractions import Fraction as F
from typing import get_args

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.drafts import block, drafts, even, paints, seams, stamped
from yonk.core.acts import (
    MatesName,
    PaintPatch,
    Proportions,
    Put,
    Regrid,
    Rename,
    Resize,
    SetMaking,
    Sew,
    apply,
)
from yonk.core.acts.add_line import AddLine
from yonk.core.acts.choose_method import ChooseMethod
from yonk.core.acts.copy_cells import Copy
from yonk.core.acts.drop_fabric import DropFabric
from yonk.core.acts.line_length import LineLength
from yonk.core.acts.move_seam import MoveSeam
from yonk.core.acts.put_fabric import PutFabric
from yonk.core.acts.remove_line import RemoveLine
from yonk.core.acts.repeat_quarter import RepeatQuarter
from yonk.core.acts.rub import Rub
from yonk.core.acts.swap import Swap
from yonk.core.acts.turn import Turn
from yonk.core.drawing import Motif, Span, draw, face_fabrics
from yonk.core.paper import Draft, DraftError, tidy
from yonk.core.planning import make_plan


def fabric_at(draft: Draft, x: str, y: str) -> str:
    drawing = draw(draft)
    face = drawing.faces_at([(F(x), F(y))])[0]
    assert face is not None
    return face_fabrics(draft, drawing)[0][face]


def put(
    unit: str, column: int = 0, row: int = 0, columns: int = 1, rows: int = 1, turn: int = 0
) -> Put:
    return Put(
        cell=Span(column, row, columns, rows),
        unit=unit,
        fabrics=("peat", "fog", "gorse"),
        turn=turn,
    )


def painted(draft: Draft) -> Draft:
    for number, (x, y) in enumerate(
        [(x, y) for x in range(len(draft.columns)) for y in range(len(draft.rows))]
    ):
        at = (f"{2 * x + 1}/2", f"{2 * y + 1}/2")
        draft = apply(
            draft, PaintPatch(at=at, fabric=("peat", "fog", "gorse", "rowan")[number % 4])
        )
    return draft


def test_a_unit_goes_into_its_cell_and_its_mates_and_nowhere_else() -> None:
    draft = apply(painted(even(3, 3)), put("half-square-triangle"), "quarter-turns")
    assert [
        fabric_at(draft, *at)
        for at in (("1/4", "1/4"), ("11/4", "1/4"), ("11/4", "11/4"), ("1/4", "11/4"))
    ] == ["peat"] * 4
    assert fabric_at(draft, "3/2", "3/2") == fabric_at(painted(even(3, 3)), "3/2", "3/2")
    kinds = {recipe.group.kind: recipe.group.per_block for recipe in make_plan(draft).recipes}
    assert kinds["half-square-triangle"] == 4


def test_a_unit_over_a_span_of_uneven_columns_sits_in_its_middle() -> None:
    draft = apply(even(3, 2, "8 8"), Proportions(axis="columns", parts=("1", "2", "1")))
    draft = apply(draft, put("square-in-a-square", 0, 0, 3, 2))
    assert [recipe.group.kind for recipe in make_plan(draft).recipes] == ["square-in-a-square"]


def test_turning_four_times_and_mirroring_twice_gives_the_same_drawing() -> None:
    draft = apply(painted(even(2, 2)), put("split-quarter-square"))
    again = draft
    for _ in range(4):
        again = apply(again, Turn(cell=Span(0, 0)))
    for _ in range(2):
        again = apply(again, Turn(cell=Span(0, 0), quarters=0, flip=True))
    assert set(again.seams) == set(draft.seams)
    assert fabric_at(again, "3/4", "3/4") == fabric_at(draft, "3/4", "3/4") == "peat"
    once = apply(draft, Turn(cell=Span(0, 0)))
    assert fabric_at(once, "1/4", "3/4") == "peat"


def test_copying_a_span_and_repeating_a_quarter() -> None:
    draft = apply(painted(even(4, 4)), put("half-square-triangle", 1, 0))
    copied = apply(draft, Copy(source=Span(0, 0, 2, 1), cell=Span(2, 3, 2, 1)))
    assert fabric_at(copied, "13/4", "13/4") == "peat"
    repeated = make_plan(apply(draft, RepeatQuarter(way="turned")))
    assert {r.group.kind: r.group.per_block for r in repeated.recipes}["half-square-triangle"] == 4
    with pytest.raises(DraftError, match="even number"):
        apply(even(3, 3), RepeatQuarter())


def test_a_seam_divides_and_both_sides_keep_the_fabric_until_it_is_rubbed_out() -> None:
    draft = painted(even(2, 2, "6 6"))
    sewn = apply(draft, Sew(start=("0", "0"), end=("2", "2")), "both-ways")
    assert len(draw(sewn).faces) == 8
    assert (
        fabric_at(sewn, "1/4", "3/4")
        == fabric_at(sewn, "3/4", "1/4")
        == fabric_at(draft, "1/2", "1/2")
    )
    rubbed = apply(sewn, Rub(start=("0", "0"), end=("1", "1")), "quarter-turns")
    assert set(rubbed.seams) == set(draft.seams)
    assert len(rubbed.paints) == 4


def test_rubbing_out_a_stretch_leaves_the_rest() -> None:
    draft = apply(even(3, 3), Rub(start=("1", "1"), end=("2", "1")))
    assert len(draw(draft).faces) == 8
    assert not draw(draft).loose


def test_painting_spreads_over_a_letter_or_a_fabric_and_swaps() -> None:
    draft = painted(even(2, 2))
    by_letter = apply(draft, PaintPatch(at=("1/2", "1/2"), fabric="rowan", spread="letter"))
    assert {paint.fabric for paint in by_letter.paints} == {"rowan"}
    both = apply(draft, PaintPatch(at=("1/2", "1/2"), fabric="fog"))
    by_fabric = apply(both, PaintPatch(at=("1/2", "1/2"), fabric="gorse", spread="fabric"))
    assert sorted(paint.fabric for paint in by_fabric.paints) == ["gorse"] * 3 + ["rowan"]
    swapped = apply(draft, Swap(fabric="peat", other="fog"))
    assert fabric_at(swapped, "1/2", "1/2") == "fog" and fabric_at(swapped, "1/2", "3/2") == "peat"


def test_a_line_added_and_taken_out_again_leaves_the_drawing() -> None:
    draft = apply(painted(even(3, 3)), put("half-square-triangle", 1, 1))
    for axis in ("columns", "rows"):
        for line in range(4):
            more = apply(draft, AddLine(axis=axis, line=line))
            assert len(more.columns if axis == "columns" else more.rows) == 4
            less = apply(more, RemoveLine(axis=axis, line=line))
            assert set(less.seams) == set(draft.seams), (axis, line)
            assert {p.fabric for p in less.paints} == {p.fabric for p in draft.paints}
            assert fabric_at(less, "5/4", "5/4") == "peat"


def test_sizes_follow_and_one_column_may_be_typed_over() -> None:
    draft = even(3, 3)
    assert apply(draft, LineLength(axis="columns", line=1, length="5")).columns == (
        F(2),
        F(5),
        F(2),
    )
    grown = apply(draft, LineLength(axis="columns", line=1, length="4 1/2", grow=True))
    assert (grown.width, grown.columns) == (F(21, 2), (F(3), F(9, 2), F(3)))
    sized = apply(draft, Resize(width="30", height="30", unit="cm"))
    assert (sized.unit, sized.making.seam) == ("cm", F(3, 4))


@pytest.mark.parametrize(
    ("act", "place"),
    [
        (Resize(width="nine", height="9"), "width"),
        (Resize(width="9", height="0"), "height"),
        (Put(cell=Span(3, 0), unit="patch", fabrics=("peat",)), "cell"),
        (Put(cell=Span(0, 0, 0, 1), unit="patch", fabrics=("peat",)), "cell"),
        (Put(cell=Span(0, 0), unit="patch", fabrics=("wool",)), "fabric"),
        (Put(cell=Span(0, 0), unit="pieced", fabrics=("peat",)), "unit"),
        (Sew(start=("0", "0"), end=("0", "0")), "end"),
        (Sew(start=("0", "0"), end=("9", "0")), "end"),
        (PaintPatch(at=("1", "1"), fabric="peat"), "at"),
        (Proportions(axis="rows", parts=("1", "2")), "rows"),
        (Proportions(axis="rows", parts=("1", "0", "2")), "rows 2"),
        (LineLength(axis="rows", line=0, length="9"), "rows 1"),
        (LineLength(axis="rows", line=7, length="1"), "rows"),
        (AddLine(axis="rows", line=9), "rows"),
        (RemoveLine(axis="columns", line=3), "columns"),
        (Regrid(columns=65, rows=1), "columns"),
        (PutFabric(key="", name="Moss", colour="green"), "colour"),
        (PutFabric(key="", name=" ", colour="#008000"), "name"),
        (DropFabric(key="moss"), "fabric"),
        (SetMaking(blocks=1001), "blocks"),
        (SetMaking(settings={"seam": "0"}), "seam"),
        (ChooseMethod(kind="checker", method="rectangle"), "method"),
        (Rename(name="  "), "name"),
    ],
)
def test_what_cannot_be_is_refused_where_it_is(act, place: str) -> None:  # type: ignore[no-untyped-def]
    draft = even(3, 3)
    with pytest.raises(DraftError) as refused:
        apply(draft, act)
    assert refused.value.place == place


def test_a_span_lies_in_a_grid_that_is_not_square() -> None:
    draft = even(2, 3)
    for span in (Span(0, 0, 2, 3), Span(1, 2), Span(0, 1, 2, 2)):
        span.check(draft)
    for span in (Span(2, 0), Span(0, 3), Span(1, 0, 2, 1), Span(0, 2, 1, 2), Span(-1, 0)):
        with pytest.raises(DraftError, match="grid of 2 columns by 3 rows"):
            span.check(draft)


def test_a_motif_is_turned_round_and_back() -> None:
    motif = Motif(seams("0 0 1 1, 1/3 0 1 1/4"), paints("1/4 3/4 peat, 3/4 1/4 fog"))
    assert motif.turned(5) == motif.turned() != motif and motif.turned(4) == motif
    assert motif.turned(-1).turned() == motif and motif.turned(6) == motif.turned().turned()
    assert motif.mirrored().mirrored() == motif != motif.mirrored()


def test_spans_overlap_where_they_have_a_cell_in_common() -> None:
    span = Span(1, 1, 2, 3)
    for other in (Span(3, 1), Span(0, 1), Span(1, 0), Span(1, 4), Span(3, 4, 2, 2), Span(0, 0)):
        assert not span.overlaps(other) and not other.overlaps(span)
    for other in (Span(2, 3), Span(1, 1), Span(0, 0, 2, 2), Span(0, 2, 9, 1), Span(2, 0, 1, 9)):
        assert span.overlaps(other) and other.overlaps(span)


def test_quarter_turns_need_a_square_grid() -> None:
    with pytest.raises(DraftError, match="half turn"):
        apply(even(3, 2), put("patch"), "quarter-turns")


def test_fabrics_come_change_and_go() -> None:
    draft = painted(even(2, 2))
    more = apply(draft, PutFabric(key="", name="Fog", colour="#ABCDEF"))
    assert more.fabrics[-1].key == "fog-2" and more.fabrics[-1].colour == "#abcdef"
    changed = apply(more, PutFabric(key="fog-2", name="Mist", colour="#aaaaaa", value="light"))
    assert [fabric.name for fabric in changed.fabrics][-1] == "Mist"
    less = apply(draft, DropFabric(key="peat"))
    assert len(less.paints) == 3 and fabric_at(less, "1/2", "1/2") == "unassigned"


def test_a_method_for_one_group_wins_over_its_kind() -> None:
    draft = apply(
        apply(even(2, 1, "6 3"), put("half-square-triangle")), put("half-square-triangle", 1)
    )
    draft = apply(draft, PaintPatch(at=("7/4", "3/4"), fabric="rowan"))
    chosen = apply(draft, ChooseMethod(kind="half-square-triangle", method="cut-and-sew"))
    chosen = apply(
        chosen,
        ChooseMethod(kind="half-square-triangle", method="eight-at-a-time", at=("1/4", "1/4")),
    )
    assert [r.method.name for r in make_plan(chosen).recipes] == ["eight-at-a-time", "cut-and-sew"]
    back = apply(chosen, ChooseMethod(kind="half-square-triangle", method=None, at=("1/4", "1/4")))
    assert [r.method.name for r in make_plan(back).recipes] == ["cut-and-sew", "cut-and-sew"]


@given(drafts, st.data())
@settings(max_examples=40)
def test_any_act_keeps_every_patch_painted_once(draft: Draft, data: st.DataObject) -> None:
    columns, rows = len(draft.columns), len(draft.rows)
    column, row = data.draw(st.integers(0, columns - 1)), data.draw(st.integers(0, rows - 1))
    act = data.draw(
        st.sampled_from(
            [
                put("quarter-square-triangle", column, row),
                Turn(cell=Span(column, row)),
                AddLine(axis="columns", line=column),
                Sew(start=(str(column), str(row)), end=(str(columns), str(rows))),
                Rub(start=("0", str(row)), end=(str(columns), str(row))),
                Resize(width="7", height="5"),
                Copy(source=Span(0, 0), cell=Span(column, row)),
            ]
        )
    )
    mates = data.draw(
        st.sampled_from(
            [
                name
                for name in get_args(MatesName)
                if columns == rows or name in ("none", "half-turn")
            ]
        )
    )
    try:
        done = apply(draft, act, mates)
    except DraftError:
        return
    found = draw(done).faces_at([paint.at for paint in done.paints])
    assert None not in found
    assert len(set(found)) == len(found)
    make_plan(done)


@given(stamped())
def test_tidying_keeps_the_drawing(draft: Draft) -> None:
    messy = replace(draft, seams=tuple((b, a) for a, b in draft.seams) + draft.seams)
    assert draw(replace(draft, seams=tidy(messy.seams))).faces == draw(draft).faces


def test_mates_of_a_seam_are_drawn_where_the_eye_expects_them() -> None:
    draft = apply(block(grid=(2, 2)), Sew(start=("0", "1/2"), end=("1/2", "0")), "both-ways")
    assert len(draft.seams) == 4
    diagonal = apply(block(grid=(2, 2)), Sew(start=("0", "1/2"), end=("1", "1/2")), "diagonals")
    assert ((F(1, 2), F(0)), (F(1, 2), F(1))) in diagonal.seams


def test_proportions_are_told_one_by_one_or_in_one_text() -> None:
    wide = even(3, 1)
    for parts in (("1", "2", "1"), ("1-2-1",), ("1 2 1",)):
        told = apply(wide, Proportions(axis="columns", parts=parts))
        assert [str(one) for one in told.columns] == ["1", "2", "1"]
    assert apply(wide, Proportions(axis="rows", parts=("4 1/2",))).rows == (F(9, 2),)
    with pytest.raises(DraftError, match="need 3 proportions"):
        apply(wide, Proportions(axis="columns", parts=("1-2",)))


def seam(ax: str, ay: str, bx: str, by: str) -> tuple[tuple[F, F], tuple[F, F]]:
    return tuple(sorted(((F(ax), F(ay)), (F(bx), F(by)))))  # type: ignore[return-value]


def slanted(draft: Draft) -> set[tuple[tuple[F, F], tuple[F, F]]]:
    return {
        tuple(sorted(one))  # type: ignore[misc]
        for one in draft.seams
        if one[0][0] != one[1][0] and one[0][1] != one[1][1]
    }


def test_an_end_of_a_seam_moves_and_the_other_stays() -> None:
    draft = apply(even(3, 3), Sew(start=("0", "0"), end=("1", "1")))
    moved = apply(draft, MoveSeam(start=("0", "0"), end=("1", "1"), to=("1", "1/2")))
    assert slanted(moved) == {seam("0", "0", "1", "1/2")}
    # whichever way it was drawn
    back = apply(moved, MoveSeam(start=("1", "1/2"), end=("0", "0"), to=("0", "1")))
    assert slanted(back) == {seam("1", "1/2", "0", "1")}


def test_its_mates_go_along_where_they_are_drawn() -> None:
    draft = apply(even(3, 3), Sew(start=("0", "0"), end=("1", "1")), "quarter-turns")
    to = MoveSeam(start=("0", "0"), end=("1", "1"), to=("1", "1/2"))
    assert slanted(apply(draft, to, "quarter-turns")) == {
        seam("0", "0", "1", "1/2"),
        seam("3", "0", "5/2", "1"),
        seam("3", "3", "2", "5/2"),
        seam("0", "3", "1/2", "2"),
    }
    alone = apply(draft, Rub(start=("2", "1"), end=("3", "0")))
    assert len(slanted(apply(alone, to, "quarter-turns"))) == 3


def test_a_seam_that_is_its_own_mate_moves_both_ends() -> None:
    draft = apply(even(3, 3), Sew(start=("1", "1"), end=("2", "2")))
    act = MoveSeam(start=("1", "1"), end=("2", "2"), to=("2", "3/2"))
    ends = {end for one in apply(draft, act, "half-turn").seams for end in one}
    assert (F(2), F(3, 2)) in ends and (F(1), F(3, 2)) in ends


@pytest.mark.parametrize(
    ("start", "end", "to", "place"),
    [
        (("0", "0"), ("2", "2"), ("1", "1"), "start"),
        (("0", "0"), ("1", "1"), ("0", "0"), "to"),
        (("0", "0"), ("1", "1"), ("4", "0"), "to"),
    ],
)
def test_a_seam_that_is_not_there_or_would_be_none_is_told(
    start: tuple[str, str], end: tuple[str, str], to: tuple[str, str], place: str
) -> None:
    draft = apply(even(3, 3), Sew(start=("0", "0"), end=("1", "1")))
    with pytest.raises(DraftError) as caught:
        apply(draft, MoveSeam(start=start, end=end, to=to))
    assert caught.value.place == place


def test_a_fabric_without_a_name_is_the_next_of_the_row() -> None:
    draft = even(2, 2)
    more = apply(apply(draft, PutFabric(key="")), PutFabric(key=""))
    new = more.fabrics[len(draft.fabrics) :]
    assert len({one.colour for one in more.fabrics}) == len(more.fabrics)
    assert all(one.name and one.key for one in new)
