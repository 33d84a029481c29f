"""A block begun as it is typed: its size, grid and unit; and what is refused, where and how."""

from __future__ import annotations

from fractions import Fraction

import pytest
from hypothesis import given
from hypothesis import strategies as st
from PIL import Image

from yonk.core.acts import USUAL_BEGINNINGS, BlockBeginning, begin_block
from yonk.core.paper import COUNTS, DraftError, Fabric, in_other_unit, next_fabric

F = Fraction


def test_what_is_usual_begins_in_each_unit() -> None:
    inches, cm = (begin_block(USUAL_BEGINNINGS[unit]) for unit in ("in", "cm"))
    assert (inches.width, inches.height, len(inches.columns), len(inches.rows)) == (9, 9, 3, 3)
    assert (cm.unit, cm.width, cm.height) == ("cm", 24, 24)
    assert cm.making.seam == F(3, 4) or cm.making.seam == F("0.75")
    assert [fabric.name for fabric in inches.fabrics] == ["Peat", "Fog"]


def test_the_height_follows_the_width_until_it_is_typed() -> None:
    assert begin_block(BlockBeginning(width="7 1/2")).height == F(15, 2)
    assert begin_block(BlockBeginning(width="7 1/2", height=" ")).height == F(15, 2)
    assert begin_block(BlockBeginning(width="7 1/2", height="10")).height == 10


@pytest.mark.parametrize(
    ("typed", "parts"),
    [
        ("4", ["1", "1", "1", "1"]),
        (" 1 2  1 ", ["1", "2", "1"]),
        ("1-1/2 1", ["3/2", "1"]),
        ("0.5 ½", ["1/2", "1/2"]),
        ("1-2-1", ["1", "2", "1"]),
        ("1, 2, 1", ["1", "2", "1"]),
        ("1:2:1", ["1", "2", "1"]),
        ("1-1/2-1", ["3/2", "1"]),
        ("01", ["1"]),
    ],
)
def test_a_grid_is_a_count_or_proportions(typed: str, parts: list[str]) -> None:
    draft = begin_block(BlockBeginning(columns=typed, rows="2"))
    assert [str(part) for part in draft.columns] == parts and draft.rows == (1, 1)
    assert begin_block(BlockBeginning(rows=typed)).rows == draft.columns


@pytest.mark.parametrize(
    ("field", "text", "said"),
    [
        ("name", " ", "letters"),
        ("width", "", "is empty"),
        ("width", "wide", "not a length"),
        ("width", "0", "must be more than nothing"),
        ("width", "9 cm", "is marked cm, but in is meant"),
        ("height", "-3", ""),
        ("columns", "", "say how many"),
        ("columns", "2.5", "no whole number"),
        ("columns", "0", "must be from"),
        ("columns", "99999999999999999999", "must be from"),
        ("columns", "٣", "no whole number"),
        ("columns", "9" * 5000, "must be from"),
        ("rows", "1 two 1", "not a length"),
        ("rows", "1 0 1", ""),
        ("rows", " ".join(["1"] * 200), "must be from"),
    ],
)
def test_what_cannot_be_begun_names_its_field(field: str, text: str, said: str) -> None:
    with pytest.raises(DraftError) as fault:
        begin_block(BlockBeginning(**{field: text}))  # type: ignore[arg-type]
    assert fault.value.place.split()[0] == field
    assert said in str(fault.value.message)


def test_as_many_lines_as_there_may_be() -> None:
    most = COUNTS["lines"][1]
    assert len(begin_block(BlockBeginning(columns=str(most))).columns) == most
    with pytest.raises(DraftError):
        begin_block(BlockBeginning(columns=str(most + 1)))


@given(st.fractions(F(1, 8), 100, max_denominator=16))
def test_there_and_back_between_units_is_within_half_a_mark(length: Fraction) -> None:
    centimetres = in_other_unit(length, "in")
    assert centimetres * 100 == length * 254
    back = in_other_unit(centimetres, "cm")
    assert abs(back - length) <= F(1, 16) and (back * 8).denominator == 1


def test_the_smallest_length_in_inches_is_a_mark() -> None:
    assert in_other_unit(F(1, 100), "cm") == F(1, 8)


def test_fabrics_that_begin_one_after_the_other_are_told_apart() -> None:
    """By their difference in CIELAB, as Pillow converts it: any two by 12 and more."""
    there: list[tuple[float, ...]] = []
    known: list[Fabric] = []
    for _ in range(16):
        known.append(next_fabric(known))
        pixel = Image.new("RGB", (1, 1), known[-1].colour).convert("LAB").getpixel((0, 0))
        assert isinstance(pixel, tuple)
        light, a, b = pixel
        there.append((light / 2.55, (a - 256 if a > 127 else a), (b - 256 if b > 127 else b)))
    names = [one.name for one in known]
    assert len(set(names)) == 16
    for place, one in enumerate(there):
        for other in there[:place]:
            assert sum((x - y) ** 2 for x, y in zip(one, other, strict=True)) ** 0.5 >= 12
    assert next_fabric(known).name == f"{names[0]} 2"


def test_a_fabric_that_is_called_like_one_of_the_row_has_its_colour() -> None:
    assert next_fabric([], "fog").colour == next_fabric([], "Fog").colour == "#e7e6df"
    assert next_fabric([], "my aunt's curtain").name == "Peat"
    taken = [next_fabric([])]  # a nameless one that has its colour already
    assert next_fabric(taken, "Peat").colour != taken[0].colour
