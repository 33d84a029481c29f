"""Parts made as one unit, and like plain patches made one: every patch in one unit, every seam sewn
once, whatever the block.
"""

from __future__ import annotations

import json
from collections import Counter
from fractions import Fraction as F

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.drafts import block
from yonk.core.acts import ChooseMethod, apply
from yonk.core.acts.add_line import AddLine
from yonk.core.acts.choose_order import ChooseOrder
from yonk.core.acts.make_together import MakeTogether
from yonk.core.acts.rub import Rub
from yonk.core.acts.unite import Unite
from yonk.core.drawing import Span
from yonk.core.paper import Draft, DraftError
from yonk.core.planning import make_plan, read
from yonk.core.pressing import sewing_plan
from yonk.files.block_file import read_block, take_block, write_block
from yonk.words import in_words

KEYS = ("peat", "fog", "gorse")


def squares(fabrics: list[list[str]], triangles: set[tuple[int, int]] = frozenset()) -> Draft:  # type: ignore[assignment]
    """Squares row by row; of those told, triangles, the lower one in gorse."""
    rows, columns = len(fabrics), len(fabrics[0])
    seams = [f"{n} 0 {n} {rows}" for n in range(1, columns)]
    seams += [f"0 {n} {columns} {n}" for n in range(1, rows)]
    seams += [f"{x} {y + 1} {x + 1} {y}" for x, y in sorted(triangles)]
    paints = [
        f"{4 * x + 1}/4 {4 * y + 1}/4 {key}"
        for y, row in enumerate(fabrics)
        for x, key in enumerate(row)
    ]
    paints += [f"{4 * x + 3}/4 {4 * y + 3}/4 gorse" for x, y in sorted(triangles)]
    size = f"{2 * columns} {2 * rows}"
    return block(", ".join(seams), ", ".join(paints), size=size, grid=(columns, rows))


CHECKED = [["fog", "peat", "fog"], ["peat", "fog", "gorse"], ["rowan", "gorse", "peat"]]


def kinds(draft: Draft) -> Counter[str]:
    found: Counter[str] = Counter()
    for group in read(draft).groups:
        found[group.kind] += group.per_block
    return found


def test_loose_squares_are_made_from_strips() -> None:
    loose = squares(CHECKED, {(2, 0), (0, 2), (2, 2)})
    assert kinds(loose)["checker"] == 0
    made = apply(loose, MakeTogether(cell=Span(0, 0, 2, 2)))
    assert kinds(made)["checker"] == 1
    by_strips = apply(made, ChooseMethod(kind="checker", method="strip-piecing"))
    plan = make_plan(by_strips)
    assert [cut.shape for cut in plan.cuts if "checker" in _kinds_of(cut, plan)].count("strip") == 2
    assert take_block(write_block(made)) == made
    assert kinds(apply(made, MakeTogether(cell=Span(1, 1, 1, 1), apart=True))) == kinds(loose)


def _kinds_of(cut: object, plan: object) -> set[str]:
    by_label = {one.group.label: one.group.kind for one in plan.recipes}  # type: ignore[attr-defined]
    return {by_label[label] for one in cut.purposes for label in one.units}  # type: ignore[attr-defined]


def test_any_part_or_the_whole_block_may_be_sewn_on_a_foundation() -> None:
    drawn = squares(CHECKED, {(2, 0), (1, 2)})
    for cell in (Span(1, 0, 2, 2), Span(0, 0, 3, 3)):
        whole = apply(drawn, MakeTogether(cell=cell))
        (group,) = [one for one in read(whole).groups if one.kind == "pieced"]
        at = (f"{4 * cell.column + 1}/4", f"{4 * cell.row + 1}/4")
        made = apply(whole, ChooseMethod(kind="pieced", method="foundation", at=at))
        (recipe,) = [one for one in make_plan(made).recipes if one.group.kind == "pieced"]
        assert recipe.method.on_lines and not recipe.unsuited
        assert len(group.members[0]) == len(recipe.group.unit.parts)
        assert sum(need.pieces for need in recipe.needs) == len(group.members[0])


@settings(max_examples=40, deadline=None)
@given(st.data())
def test_every_patch_is_in_one_unit_and_every_seam_is_sewn_once(data: st.DataObject) -> None:
    columns, rows = data.draw(st.integers(1, 4)), data.draw(st.integers(1, 4))
    line = st.lists(st.sampled_from(KEYS), min_size=columns, max_size=columns)
    fabrics = data.draw(st.lists(line, min_size=rows, max_size=rows))
    cells = st.tuples(st.integers(0, columns - 1), st.integers(0, rows - 1))
    drawn = squares(fabrics, data.draw(st.sets(cells, max_size=4)))
    for _ in range(data.draw(st.integers(1, 2))):
        x, y = data.draw(cells)
        wide, high = data.draw(st.integers(1, columns - x)), data.draw(st.integers(1, rows - y))
        drawn = apply(drawn, MakeTogether(cell=Span(x, y, wide, high)))
    reading = read(drawn)
    faces = Counter(face for group in reading.groups for unit in group.members for face in unit)
    assert set(faces) == set(range(len(reading.drawing.faces))) and set(faces.values()) <= {1}
    of_face = {
        face: (group.label, number)
        for group in reading.groups
        for number, unit in enumerate(group.members)
        for face in unit
    }
    for box in drawn.making.sewing.together:
        inside = {
            of_face[number]
            for number, face in enumerate(reading.drawing.faces)
            if _lies_in(face.box, box, reading)
        }
        assert len(inside) == 1, "one unit"
    for order in ("rows", "columns", "quarters"):
        plan = sewing_plan(apply(drawn, ChooseOrder(order=order)))
        assert len(plan.joining.joins) == len(reading.drawing.faces) - 1
        assert {join.kind for join in plan.joining.joins} <= {"straight", "partial"}
    for want, have in ((drawn, make_plan(drawn)),):
        asked = Counter(patch.fabric for patch in read(want).patches)
        cut: Counter[str] = Counter()
        for one in have.cuts:
            if one.shape != "strip":
                cut[one.fabric] += one.wanted_pieces
        assert all(cut[key] <= asked[key] for key in cut)
    assert read_block(_text(drawn)) == drawn


def _text(draft: Draft) -> str:
    return json.dumps(write_block(draft))


def _lies_in(face: tuple[int, int, int, int], box: object, reading: object) -> bool:
    to_grid = reading.drawing.to_grid  # type: ignore[attr-defined]
    (left, top), (right, bottom) = to_grid(face[:2]), to_grid(face[2:])
    corner, opposite = box.corner, box.opposite  # type: ignore[attr-defined]
    return bool(
        corner[0] <= left and corner[1] <= top and right <= opposite[0] and bottom <= opposite[1]
    )


def test_a_part_stays_one_where_the_grid_moves_and_is_done_at_mates_too() -> None:
    made = apply(squares(CHECKED), MakeTogether(cell=Span(0, 0, 2, 2)))
    more = apply(made, AddLine(axis="columns", line=1))
    (box,) = more.making.sewing.together
    assert box.corner == (F(0), F(0)) and box.opposite == (F(3), F(2))
    four = squares([["fog", "peat"] * 2, ["peat", "fog"] * 2] * 2)
    mates = apply(four, MakeTogether(cell=Span(0, 0, 1, 2)), "both-ways")
    assert len(mates.making.sewing.together) == 4


def test_a_part_that_is_no_longer_closed_is_told_and_made_as_the_seams_run() -> None:
    made = apply(squares(CHECKED, {(2, 0)}), MakeTogether(cell=Span(0, 0, 2, 2)))
    open_now = apply(made, Rub(start=("2", "0"), end=("2", "1")))
    notices = [one for one in make_plan(open_now).notices if one.code == "part-not-closed"]
    assert len(notices) == 1 and "column 1" in in_words(notices[0].text)
    assert not [one for one in make_plan(made).notices if one.code == "part-not-closed"]


def test_what_a_patch_reaches_out_of_is_refused() -> None:
    drawn = block("0 2 4 2", "", size="8 8", grid=(4, 4))
    with pytest.raises(DraftError, match="seams"):
        apply(drawn, MakeTogether(cell=Span(0, 0, 1, 1)))


def test_like_patches_become_one_as_far_as_rectangles_come_of_them() -> None:
    drawn = squares([["fog", "fog", "peat"], ["fog", "fog", "peat"], ["gorse", "peat", "peat"]])
    made = apply(drawn, Unite(cell=Span(0, 0, 3, 3)))
    sizes = Counter(
        (reading_fabric, face.box[2] - face.box[0], face.box[3] - face.box[1])
        for reading_fabric, face in zip(read(made).fabrics, read(made).drawing.faces, strict=True)
    )
    unit = read(made).drawing.scale * 2
    assert sizes[("fog", 2 * unit, 2 * unit)] == 1
    assert (
        sum(count for (key, *_), count in sizes.items() if key == "peat") == 2
    )  # an L is no patch
    assert sum(sizes.values()) == 4
    with pytest.raises(DraftError, match="rectangle"):
        apply(made, Unite(cell=Span(0, 0, 3, 3)))


@settings(max_examples=40, deadline=None)
@given(st.integers(1, 4), st.integers(1, 4), st.data())
def test_uniting_keeps_every_spots_fabric_and_makes_fewer_patches(
    columns: int, rows: int, data: st.DataObject
) -> None:
    line = st.lists(st.sampled_from(KEYS[:2]), min_size=columns, max_size=columns)
    fabrics = data.draw(st.lists(line, min_size=rows, max_size=rows))
    drawn = squares(fabrics)
    try:
        made = apply(drawn, Unite(cell=Span(0, 0, columns, rows)))
    except DraftError:
        alike = [
            (fabrics[y][x], fabrics[y][x + 1]) for y in range(rows) for x in range(columns - 1)
        ] + [(fabrics[y][x], fabrics[y + 1][x]) for y in range(rows - 1) for x in range(columns)]
        assert all(one != other for one, other in alike)
        return
    reading = read(made)
    assert len(reading.drawing.faces) < columns * rows
    spots = [(F(2 * x + 1, 2), F(2 * y + 1, 2)) for y in range(rows) for x in range(columns)]
    for (x, y), face in zip(spots, reading.drawing.faces_at(spots), strict=True):
        assert face is not None
        assert reading.fabrics[face] == fabrics[int(y)][int(x)]
    assert not reading.drawing.loose and not reading.conflicting_paints


def test_of_two_parts_that_overlap_the_first_is_made_and_the_other_told() -> None:
    written = write_block(apply(squares(CHECKED, {(2, 0)}), MakeTogether(cell=Span(0, 0, 2, 2))))
    written["making"]["sewing"]["together"].append({"corner": ["1", "1"], "opposite": ["3", "3"]})
    both = take_block(written)
    assert kinds(both)["checker"] == 1
    notices = [one for one in make_plan(both).notices if one.code == "part-not-closed"]
    assert len(notices) == 1 and "column 2" in in_words(notices[0].text)


def test_like_patches_become_one_at_mates_too() -> None:
    drawn = squares([["fog", "fog", "peat", "peat"], ["peat", "gorse", "fog", "gorse"]])
    made = apply(drawn, Unite(cell=Span(0, 0, 2, 1)), "left-right")
    assert len(read(made).drawing.faces) == 6
