"""Units put in as they are told: bars, columns by rows, rounds."""

from __future__ import annotations

from fractions import Fraction as F

import pytest
from hypothesis import given
from hypothesis import strategies as st

from tests.drafts import block
from yonk.core.acts import Put, apply
from yonk.core.drawing import Span
from yonk.core.paper import Draft, DraftError
from yonk.core.planning import make_plan, read


def put(
    unit: str, divide: str, *, size: str = "12 12", fabrics: tuple[str, ...] = ("fog", "peat")
) -> Draft:
    act = Put(cell=Span(0, 0, 1, 1), unit=unit, fabrics=fabrics, divide=divide)
    return apply(block(size=size), act)


@given(st.lists(st.sampled_from(["1", "2", "1/2", "3"]), min_size=2, max_size=9))
def test_bars_are_as_wide_as_told(parts: list[str]) -> None:
    (group,) = read(put("strip-set", " ".join(parts))).groups
    assert group.kind in ("strip-set", "checker")
    high = [float(part.width) for part in group.unit.parts]
    whole = sum(F(part) for part in parts)
    wanted = sorted(12 * float(F(part) / whole) for part in parts)
    assert sorted(high) == pytest.approx(wanted)


@given(st.integers(1, 9), st.integers(1, 9))
def test_a_checker_has_as_many_columns_and_rows_as_told(columns: int, rows: int) -> None:
    if columns * rows < 2:
        return
    draft = put("checker", f"{columns} x {rows}", size=f"{columns} {rows}")
    (group,) = read(draft).groups
    assert len(group.unit.parts) == columns * rows
    assert group.kind == "checker" or 1 in (columns, rows)
    fabrics = {part.spot: part.cloth.fabric for part in group.unit.parts}
    assert set(fabrics.values()) == {"fog", "peat"}


@pytest.mark.parametrize("count", [1, 2, 3, 4])
def test_rounds_are_nested_as_often_as_told(count: int) -> None:
    draft = put("square-in-a-square", str(count), fabrics=("fog", "peat", "gorse", "rowan"))
    (group,) = read(draft).groups
    assert group.kind == "square-in-a-square"
    assert len(group.unit.playing("corner")) == 4 * count
    assert group.unit.playing("centre")[0].cloth.fabric == "fog"
    assert make_plan(draft).cuts


@pytest.mark.parametrize(
    ("unit", "divide"),
    [
        ("strip-set", "1"),
        ("strip-set", "1 0 1"),
        ("strip-set", "1 -2"),
        ("strip-set", "one two"),
        ("strip-set", "1 " * 40),
        ("checker", "3"),
        ("checker", "1 x 1"),
        ("checker", "99 x 2"),
        ("square-in-a-square", "0"),
        ("square-in-a-square", "99"),
        ("flying-geese", "2"),
    ],
)
def test_what_tells_no_division_says_what_would(unit: str, divide: str) -> None:
    with pytest.raises(DraftError) as told:
        put(unit, divide)
    assert told.value.place == "divide"
