"""A quilt that several sew: dealt out, taken over, how far it is; by properties and by hand."""

from __future__ import annotations

from collections import Counter

import pytest
from hypothesis import given
from hypothesis import strategies as st

from yonk.core.paper import DraftError
from yonk.core.setting import (
    SharedPart,
    block_progress,
    check_part,
    shared_evenly,
    whole_progress,
)

counts = st.dictionaries(st.sampled_from("abcd"), st.integers(0, 40), max_size=4)
people = st.lists(st.sampled_from(["ann", "bea", "cleo", "dee"]), min_size=1, unique=True)


@given(counts, people)
def test_dealt_out_each_has_as_many_or_one_more_and_nothing_is_left(
    wanted: dict[str, int], hands: list[str]
) -> None:
    parts = shared_evenly(wanted, hands)
    each = Counter(dict.fromkeys(hands, 0))
    for part in parts:
        each[part.person] += part.count
    assert max(each.values()) - min(each.values()) <= 1
    assert all(part.count > 0 for part in parts)
    assert all(row.left == 0 for row in block_progress(wanted, parts).values())
    for part in parts:
        check_part(part, wanted, [one for one in parts if one is not part])


@given(counts, st.lists(st.tuples(st.sampled_from("abcd"), *[st.integers(0, 9)] * 4), max_size=6))
def test_the_whole_is_the_sum_of_its_blocks(
    wanted: dict[str, int], rows: list[tuple[str, int, int, int, int]]
) -> None:
    parts = [SharedPart(f"p{number}", *row) for number, row in enumerate(rows)]
    whole, each = whole_progress(wanted, parts), block_progress(wanted, parts).values()
    for name in ("wanted", "taken", "cut", "sewn", "handed_in", "left"):
        assert getattr(whole, name) == sum(getattr(one, name) for one in each)


@pytest.mark.parametrize(
    ("part", "place", "words"),
    [
        (SharedPart("ann", "a", 4), "count", "only 3 of 8 blocks are left to take"),
        (SharedPart("ann", "b", 1), "count", "none of 0 blocks is left to take"),
        (SharedPart("ann", "a", 2, cut=3), "cut", "since only 2 were taken over"),
        (
            SharedPart("ann", "a", 3, cut=3, sewn=2, handed_in=3),
            "handed_in",
            "since only 2 are sewn",
        ),
        (SharedPart("ann", "a", 3, cut=1, sewn=2), "sewn", "since only 1 are cut"),
    ],
)
def test_more_than_there_are_is_refused(part: SharedPart, place: str, words: str) -> None:
    with pytest.raises(DraftError, match=words) as refused:
        check_part(part, {"a": 8}, [SharedPart("bea", "a", 5)])
    assert refused.value.faults[0].place == place


def test_too_many_taken_over_are_told_and_not_hidden() -> None:
    told = whole_progress({"a": 4}, [SharedPart("bea", "a", 6, cut=6)])
    assert told.left == -2 and "2 more taken over than there are" in str(told.words)
    with pytest.raises(DraftError, match="none of 4"):
        check_part(SharedPart("ann", "a", 1), {"a": 4}, [SharedPart("bea", "a", 6)])
    with pytest.raises(DraftError, match="missing"):
        shared_evenly({"a": 4}, [])
