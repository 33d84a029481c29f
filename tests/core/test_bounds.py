"""The least and the most of every number: refused beyond, planned at the edge, alike for file and
act.
"""

from __future__ import annotations

import json
from dataclasses import replace
from fractions import Fraction as F

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.drafts import block
from yonk.core.acts import Proportions, Rename, Resize, SetMaking, apply
from yonk.core.acts.line_length import LineLength
from yonk.core.cutting import plan_cutting
from yonk.core.paper import (
    COUNTS,
    LENGTHS,
    SETTINGS,
    Draft,
    DraftError,
    LengthError,
    LengthUnit,
    default_making,
    read_length,
    typed_length,
    write_exact,
)
from yonk.core.paper.bounds import NUMBERS, Bound
from yonk.core.planning import make_plan
from yonk.files.block_file import BadFileError, read_block, take_block, write_block

IN_FILES = {
    "usable": "width_of_fabric",
    "ruler_width": "ruler.width",
    "ruler_length": "ruler.length",
}
LENGTHS_SET = [name for name, one in SETTINGS.items() if one.kind == "length"]
TRIANGLES = "0 1 1 0", "1/4 1/4 peat, 3/4 3/4 fog"


def with_making(draft: Draft, field: str, value: F) -> dict:  # type: ignore[type-arg]
    written = write_block(replace(draft, making=default_making(draft.unit)))
    part, _, inner = IN_FILES.get(field, field).partition(".")
    if inner:
        written["making"][part][inner] = write_exact(value)
    else:
        written["making"][part] = write_exact(value)
    return written


def bound_of(field: str, unit: str) -> Bound:
    return SETTINGS[field].bounds[unit] if field in SETTINGS else LENGTHS[unit][field]  # type: ignore[index]


def beyond(field: str, unit: str) -> list[F]:
    bound = bound_of(field, unit)
    return [*([bound.least / 2] if bound.least else []), bound.most + F(1, 8), F(10) ** 9]


@pytest.mark.parametrize("unit", ["in", "cm"])
@pytest.mark.parametrize("field", LENGTHS_SET)
def test_a_length_beyond_its_bounds_is_refused_by_file_and_act(field: str, unit: str) -> None:
    draft = replace(block(*TRIANGLES), unit=unit, making=default_making(unit))  # type: ignore[arg-type]
    for value in beyond(field, unit):
        with pytest.raises(BadFileError) as bad:
            take_block(with_making(draft, field, value))
        assert [fault.place for fault in bad.value.faults] == [
            f"making.{IN_FILES.get(field, field)}"
        ]
        with pytest.raises(DraftError) as fault:
            apply(draft, SetMaking(settings={field: write_exact(value)}))
        assert fault.value.place == field and fault.value.message == bad.value.faults[0].message


@pytest.mark.parametrize("unit", ["in", "cm"])
@pytest.mark.parametrize("field", [*LENGTHS_SET, "finished"])
@pytest.mark.parametrize("end", ["least", "most"])
def test_at_the_edge_of_its_bounds_everything_is_planned_and_cut(
    field: str, unit: LengthUnit, end: str
) -> None:
    draft = replace(
        block(*TRIANGLES, size="3 3", blocks=8),
        unit=unit,
        making=replace(default_making(unit), blocks=8),
    )
    value = getattr(bound_of(field, unit), end)
    if field == "finished":
        draft = replace(draft, width=value, height=value)
    else:
        draft = take_block(with_making(draft, field, value))
    cutting = plan_cutting(draft, "all")
    assert all(cut.width > 0 and cut.height > 0 and cut.count > 0 for cut in cutting.plan.cuts)
    assert read_block(json.dumps(write_block(draft))) == draft


@pytest.mark.parametrize(
    ("width", "words"), [("1/16", "less than"), ("1001", "more than"), ("0", "more than nothing")]
)
def test_a_finished_size_beyond_its_bounds_is_refused(width: str, words: str) -> None:
    written = write_block(block())
    written["finished"]["width"] = width
    with pytest.raises(BadFileError, match=f"finished.width: .*{words}"):
        take_block(written)
    with pytest.raises(DraftError, match=words):
        apply(block(), Resize(width=width, height="6"))


def test_proportions_shrinkage_and_counts_have_bounds_too() -> None:
    written = write_block(block())
    written["grid"]["columns"] = ["1/10000000"]
    written["making"]["shrinkage"] = "31"
    written["making"]["blocks"] = COUNTS["blocks"][1] + 1
    written["making"]["squares_in_a_row"] = 11
    with pytest.raises(BadFileError) as bad:
        take_block(written)
    places = {fault.place for fault in bad.value.faults}
    assert {"grid.columns[0]", "making.blocks", "making.squares_in_a_row"} <= places
    with pytest.raises(DraftError):
        apply(
            block(grid=(2, 1)),
            Proportions(axis="columns", parts=("1", write_exact(NUMBERS["proportion"].most + 1))),
        )
    with pytest.raises(DraftError, match="whole block"):
        apply(block(grid=(2, 1)), LineLength(axis="columns", line=0, length="999", grow=True))


def test_a_length_told_too_fine_or_in_other_signs_is_refused() -> None:
    assert read_length("1/1000000000") == F(1, 10**9)
    for text in ("1/1000000001", "0.0000000001", "\ud800", "1e400", "nan", "inf", "4\x007", "½½"):
        with pytest.raises(LengthError):
            read_length(text)
    with pytest.raises(DraftError) as fault:
        typed_length("\ud800", "width", "finished", "in")
    str(fault.value.message).encode()  # what is said of it can be sent


def test_a_seam_end_a_hair_off_a_corner_is_planned_or_refused_in_words() -> None:
    for under in (10**3, 10**6, 10**9):
        draft = block(f"0 1/{under} 1 1, 0 0 1 1, 1/{under} 0 1/2 1")
        try:
            assert make_plan(draft).cuts
        except DraftError as fault:
            assert fault.message


coordinates = st.builds(F, st.integers(0, 7), st.sampled_from([1, 2, 3, 7, 97, 1009, 99991])).map(
    lambda at: min(at, F(1))
)


@settings(max_examples=40)
@given(st.lists(st.tuples(coordinates, coordinates, coordinates, coordinates), max_size=12))
def test_seams_at_any_angle_make_a_plan_whose_patches_fill_the_block(
    ends: list[tuple[F, F, F, F]],
) -> None:
    drawn = replace(
        block(), seams=tuple(((a, b), (c, d)) for a, b, c, d in ends if (a, b) != (c, d))
    )
    try:
        reading = make_plan(drawn).reading
    except DraftError:
        return
    whole = float(drawn.width * drawn.height)
    scale = reading.drawing.scale
    assert sum(face.twice_area for face in reading.drawing.faces) / scale**2 / 2 == pytest.approx(
        whole, rel=1e-6
    )


def test_no_least_is_more_than_its_most() -> None:
    lengths = [bound for fields in LENGTHS.values() for bound in fields.values()]
    assert all(bound.least < bound.most for bound in [*lengths, *NUMBERS.values()])
    assert all(least < most for least, most in COUNTS.values())


def test_an_act_that_leaves_too_fine_a_number_names_its_line() -> None:
    draft = block(size="9 9", grid=(2, 3))
    odd = replace(draft, rows=(F(1), F(10**15 + 1, 10**15), F(1)))
    with pytest.raises(DraftError, match="finer than can be kept") as fault:
        apply(odd, Rename(name="Odd"))
    assert fault.value.place == "rows 2"
