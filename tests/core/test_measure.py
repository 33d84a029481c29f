"""Exact lengths: reading, rounding, writing."""

from fractions import Fraction as F
from math import sqrt

import pytest
from hypothesis import given
from hypothesis import strategies as st

from yonk.core.paper import (
    ROOT_2,
    Length,
    LengthError,
    read_length,
    show,
    show_size,
    square_root,
    write_exact,
    write_mixed,
)

fractions = st.fractions(min_value=0, max_value=500, max_denominator=64)
signed = st.fractions(min_value=-500, max_value=500, max_denominator=64)
steps = st.sampled_from([F(1, 8), F(1, 16), F(1, 4), F(1, 10), F(1, 3)])


@pytest.mark.parametrize(
    ("typed", "meant"),
    [
        ("9", F(9)),
        ("4 7/8", F(39, 8)),
        ("4-7/8", F(39, 8)),
        ("4.875", F(39, 8)),
        ("4⅞", F(39, 8)),
        ('4 7/8"', F(39, 8)),
        ("4 ⅞″", F(39, 8)),
        ("39/8", F(39, 8)),
        ("12,4", F(62, 5)),
        ("12,4 cm", F(62, 5)),
        (" ½ ", F(1, 2)),
        ("½", F(1, 2)),
        ("4 7⁄8", F(39, 8)),
        (".5", F(1, 2)),
        ("7 in", F(7)),
        ("0", F(0)),
        ("4 - 7/8", F(39, 8)),
    ],
)
def test_reads_what_people_type(typed: str, meant: F) -> None:
    assert read_length(typed) == meant


@pytest.mark.parametrize(
    "typed", ["", "nine", "4 7", "4/0", "-3", "1e3", "1,234", "4 7/8 9", "9" * 41, "1/2/3", "٣"]
)
def test_refuses_with_a_mend(typed: str) -> None:
    if typed == "٣":
        assert read_length(typed) == 3  # digits of any script are digits
        return
    with pytest.raises(LengthError) as refused:
        read_length(typed)
    assert "write" in str(refused.value)


@given(fractions)
def test_written_lengths_are_read_back(length: F) -> None:
    assert read_length(write_mixed(length)) == length == read_length(write_exact(length))
    assert read_length(str(show(length, "in"))) == length


@given(signed, signed, steps)
def test_rounding_lands_on_the_ruler_and_not_too_far(rational: F, root: F, step: F) -> None:
    length = Length(rational, root)
    up, nearest = length.up(step), length.nearest(step)
    assert (up / step).denominator == (nearest / step).denominator == 1
    assert not length > up
    assert up - step < length
    assert abs(float(length) - float(nearest)) <= float(step) / 2 + 1e-9


@given(signed, signed, signed, signed)
def test_arithmetic_with_a_root_agrees_with_floats(a: F, b: F, c: F, d: F) -> None:
    one, other = Length(a, b), Length(c, d)
    x, y = float(a) + float(b) * sqrt(2), float(c) + float(d) * sqrt(2)
    assert float(one + other) == pytest.approx(x + y, abs=1e-6)
    assert float(one * other) == pytest.approx(x * y, abs=1e-3, rel=1e-9)
    assert (one < other) == (x < y) or x == pytest.approx(y, abs=1e-9)


def test_an_exact_root_is_not_rounded_away() -> None:
    assert Length(F(2)) == (ROOT_2 * ROOT_2)
    assert (3 * ROOT_2 * ROOT_2 / 2).up(F(1, 8)) == 3
    assert square_root(F(9, 16)) == F(3, 4)
    assert float(square_root(F(2))) == sqrt(2)


def test_shows_fractions_and_says_when_it_rounds() -> None:
    assert str(show(F(39, 8), "in")) == "4 7⁄8″"
    assert str(show(F(62, 5), "cm")) == "12.4 cm"
    assert str(show(F(10, 3), "cm")) == "about 3.3 cm (3.333)"
    assert str(show(4 * ROOT_2, "in")) == "about 5 5⁄8″ (5.657)"
    assert (
        str(show(F(84853, 5000), "in")) == "about 17″ (16.971)"
        and str(show(F(10, 3), "in")) == "3 1⁄3″"
    )
    assert str(show_size(24 * ROOT_2, F(9), "in")) == "about 34″ × 9″ (33.941 × 9)"
    assert str(write_mixed(F(-1, 2))) == "-1/2"
    assert str((4 * ROOT_2).write()) == "5.6569"
