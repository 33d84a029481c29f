"""Landmarks of trimming, by hand: where points lie on the raw edges of every kind, at any size."""

from __future__ import annotations

from fractions import Fraction as F

import pytest

from tests.drafts import terms
from yonk.core.finder import sample_unit
from yonk.core.units import BY_NAME, landmarks_of


@pytest.mark.parametrize(
    ("kind", "high", "distances"),
    [
        ("half-square-triangle", F(3), []),
        ("quarter-square-triangle", F(3), []),
        ("flying-geese", F(4), [F(2) + F(1, 4)]),  # half of the long side
        ("square-in-a-square", F(5), [F(5, 2) + F(1, 4)]),
        ("corner-flip", F(4), [F(2) + F(1, 4)]),
        ("strip-set", F(3), [F(1) + F(1, 4)]),
    ],
)
def test_seams_end_where_the_guide_says(kind: str, high: F, distances: list[F]) -> None:
    told = landmarks_of(kind, sample_unit(kind, high), terms())
    found = [
        abs(one.span[0][0] - one.span[1][0]) + abs(one.span[0][1] - one.span[1][1])
        for one in told.sizes
    ]
    assert found == pytest.approx([float(one) for one in distances])
    assert str(told.words) and "None" not in str(told.words)


def test_what_no_words_are_needed_for_says_nothing() -> None:
    told = landmarks_of("checker", sample_unit("checker", F(4)), terms())
    assert told.words == "" and len(told.sizes) == 1


def test_every_kind_has_landmarks_or_needs_none() -> None:
    for kind in BY_NAME.values():
        if kind.stamp and kind.asked_for:
            unit = sample_unit(kind.kind, F(6), *([F(4)] if kind.two_sizes else []))
            assert len(landmarks_of(kind.kind, unit, terms()).sizes) <= 2
