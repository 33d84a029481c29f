"""Colourings added up, the size chart, and the grid moved about."""

from collections import Counter
from dataclasses import replace
from fractions import Fraction as F

import pytest
from hypothesis import assume, given, settings
from hypothesis import strategies as st

from tests.drafts import block, even, stamped
from yonk.core.acts import PaintPatch, Put, PutColouring, apply
from yonk.core.acts.drop_colouring import DropColouring
from yonk.core.acts.drop_fabric import DropFabric
from yonk.core.acts.move_edge import MoveEdge
from yonk.core.acts.move_line import MoveLine
from yonk.core.acts.rub import Rub
from yonk.core.drawing import Span, draw
from yonk.core.paper import Draft, DraftError
from yonk.core.planning import make_plan, size_chart, width_range
from yonk.core.units import terms_of
from yonk.files.plan_file import write_plan


def split(flip: bool = False) -> Draft:
    put = Put(
        cell=Span(0, 0), unit="split-quarter-square", fabrics=("peat", "fog", "gorse"), flip=flip
    )
    return apply(even(2, 1, "6 3"), put)


def counts(draft: Draft) -> dict[tuple[str, F], int]:
    return {(cut.fabric, cut.width): cut.count for cut in make_plan(draft).cuts}


def test_a_colouring_adds_its_own_fabrics_and_shares_the_rest() -> None:
    draft = block(
        "0 1 1 0",
        "1/4 1/4 peat, 3/4 3/4 fog",
        methods={"half-square-triangle": "two-at-a-time"},
        blocks=2,
    )
    both = apply(draft, PutColouring(name="Dusk", blocks=4, fabrics={"peat": "rowan"}))
    side = F(55, 8)  # 6 + 1/2 + 1/4 × 1.4142 = 6.854
    assert counts(both) == {("peat", side): 1, ("rowan", side): 2, ("fog", side): 3}
    rows = write_plan(make_plan(both))["patches"]
    assert {(row["fabric"], row["per_block"], row["total"]) for row in rows} == {
        ("peat", 1, 2),
        ("fog", 1, 6),
        ("rowan", 0, 4),
    }


def test_a_mirrored_colouring_uses_the_other_hand_of_each_pair() -> None:
    mirrored = apply(split(), PutColouring(name="Mirror", blocks=1, mirrored=True, fabrics={}))
    mirrored = replace(
        mirrored, making=replace(mirrored.making, methods={"split-quarter-square": "two-at-a-time"})
    )
    plan = make_plan(mirrored)
    pairs = [r for r in plan.recipes if r.group.kind == "split-quarter-square"]
    assert {r.group.unit.hand for r in pairs} == {"left", "right"}
    assert all((r.makes, r.spare) == (1, 0) for r in pairs)


def test_a_colouring_of_nothing_else_changes_only_the_count() -> None:
    draft = replace(
        even(3, 3), making=replace(even(3, 3).making, methods={"checker": "cut-and-sew"})
    )
    twice = apply(draft, PutColouring(name="Again", blocks=1, fabrics={}))
    assert counts(twice) == {("unassigned", F(7, 2)): 18}


def test_colourings_are_refused_dropped_and_lose_a_dropped_fabric() -> None:
    draft = apply(even(2, 2), PutColouring(name="", blocks=1, fabrics={"peat": "rowan"}))
    assert draft.colourings[0].name == "Colouring 2"
    assert apply(draft, DropFabric(key="rowan")).colourings[0].fabrics == ()
    assert apply(draft, DropColouring(number=0)).colourings == ()
    for act in (
        DropColouring(number=1),
        PutColouring(name="", fabrics={"wool": "peat"}),
        PutColouring(name="", blocks=-1, fabrics={}),
    ):
        with pytest.raises(DraftError):
            apply(draft, act)


def test_what_a_change_of_a_colouring_leaves_out_stays_as_it_is() -> None:
    """Two quick changes made from one look at the page never undo each other."""
    draft = apply(even(2, 2), PutColouring())
    draft = apply(draft, PutColouring(number=0, fabrics={"peat": "rowan"}))
    draft = apply(draft, PutColouring(number=0, blocks="3"))
    draft = apply(draft, PutColouring(number=0, fabrics={"fog": "gorse"}, mirrored=True))
    draft = apply(draft, PutColouring(number=0, name=" Dusk  two "))
    (one,) = draft.colourings
    assert (one.name, one.blocks, one.mirrored) == ("Dusk two", 3, True)
    assert one.fabrics == (("fog", "gorse"), ("peat", "rowan"))
    back = apply(draft, PutColouring(number=0, fabrics={"peat": "peat"}))
    assert back.colourings[0].fabrics == (("fog", "gorse"),)


def test_the_chart_marks_the_sizes_on_the_ruler() -> None:
    draft = apply(
        even(3, 3), Put(cell=Span(0, 0), unit="half-square-triangle", fabrics=("peat", "fog"))
    )
    plan = make_plan(draft)
    rows = size_chart(draft, plan.recipes, terms_of(draft), width_range("9", "12", "1/2", "in"))
    assert [str(row.width) for row in rows if row.on_the_ruler] == ["9", "21/2", "12"]
    ten = next(row for row in rows if row.width == 10)
    square = next(cell for cell in ten.cells if cell.letter == "B")
    assert (square.width, round(float(square.off or 0), 3)) == (F(31, 8), 0.042)


@given(stamped(), st.sampled_from([F(1, 2), F(3, 4), F(2), F(7, 3)]))
@settings(max_examples=30)
def test_a_row_of_the_chart_is_the_plan_at_that_size(draft: Draft, by: F) -> None:
    plan = make_plan(draft)
    (row,) = size_chart(draft, plan.recipes, terms_of(draft), [draft.width * by])
    there = make_plan(replace(draft, width=draft.width * by, height=draft.height * by))
    assume(
        [one.way.name for one in there.recipes] == [one.way.name for one in plan.recipes]
    )  # the chart keeps the ways
    charted = Counter((cell.letter, cell.width, cell.height) for cell in row.cells)
    planned = Counter({(p.letter, c.width, c.height) for c in there.cuts for p in c.purposes})
    assert set(charted) == set(planned)


@pytest.mark.parametrize(
    ("start", "end", "step", "place"),
    [
        ("x", "9", "1", "start"),
        ("9", "8", "1", "end"),
        ("1", "99", "1/8", "step"),
        ("1", "9", "0", "step"),
    ],
)
def test_a_chart_that_cannot_be_is_refused(start: str, end: str, step: str, place: str) -> None:
    with pytest.raises(DraftError) as refused:
        width_range(start, end, step, "in")
    assert refused.value.place == place


def test_moving_a_column_there_and_back() -> None:
    draft = apply(
        even(3, 2, "9 6"),
        Put(cell=Span(0, 0), unit="half-square-triangle", fabrics=("peat", "fog")),
    )
    draft = apply(draft, PaintPatch(at=("5/2", "3/2"), fabric="rowan"))
    moved = apply(draft, MoveLine(axis="columns", line=0, to=2))
    drawing = draw(moved)
    assert drawing.faces_at([(F(9, 4), F(1, 4))])[0] is not None
    assert {p.fabric for p in moved.paints} == {p.fabric for p in draft.paints}
    back = apply(moved, MoveLine(axis="columns", line=2, to=0))
    assert set(back.seams) == set(draft.seams)
    assert Counter(p.fabric for p in back.paints) == Counter(p.fabric for p in draft.paints)


def test_a_grid_line_dragged_stops_on_the_ruler() -> None:
    draft = apply(even(3, 3), MoveEdge(axis="rows", line=1, to="2.2"))
    assert draft.rows == (F(9, 4), F(15, 4), F(3))
    for line, to in ((0, "1"), (1, "6"), (3, "1")):
        with pytest.raises(DraftError):
            apply(even(3, 3), MoveEdge(axis="rows", line=line, to=to))


def test_a_whole_seam_is_rubbed_out_but_not_one_in_line_with_it() -> None:
    draft = block("0 1/2 1/4 1/2, 1/4 1/2 1/2 1/2, 3/4 1/2 1 1/2, 1/2 0 1/2 1, 3/4 0 3/4 1")
    rubbed = apply(draft, Rub(start=("0", "1/2"), end=("1/8", "1/2"), whole=True))
    assert len(draw(draft).faces) == 5
    assert len(draw(rubbed).faces) == 4
