"""Blocks spread over a quilt: patterns, search and proof, against every layout that there is."""

from __future__ import annotations

from collections import Counter
from dataclasses import replace
from itertools import product
from random import Random
from typing import Any

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.core.test_setting import quilt_of, several
from yonk.core.paper import DraftError
from yonk.core.setting import (
    Alternate,
    Edge,
    Placed,
    Quilt,
    QuiltBlock,
    Spread,
    SpreadRule,
    SpreadWish,
    apply_to_quilt,
    clashing,
    lonely,
    places_of,
    plan_quilt,
    spread_blocks,
    touching_pairs,
)
from yonk.core.setting.spreading import spread_over
from yonk.files.quilt_file import take_quilt, write_quilt
from yonk.machine.samples import drafted, put, sheet

KEYS = [*several(9).by_key]


@given(
    st.integers(3, 6),
    st.integers(2, 5),
    st.integers(2, 5),
    st.sampled_from(["straight", "on-point"]),
    st.booleans(),
)
@settings(max_examples=15)
def test_blocks_are_spread_evenly_and_none_alike_touch(
    kinds: int, columns: int, rows: int, kind: str, corners: bool
) -> None:
    quilt = several(kinds, columns=columns, rows=rows, kind=kind, edge=Edge(fabric="fog"))
    keys = [*quilt.by_key]
    wish = SpreadWish(corners=corners, held=((0, 0),))
    found = spread_blocks(quilt, keys, wish)
    counts = Counter(found.laid.values())
    assert found.laid[0, 0] == "one"
    laid = apply_to_quilt(quilt, Spread(corners=corners, held=((0, 0),)))
    if kinds > 4 or not corners:
        assert found.touching == 0 and not clashing(laid, wish)
        assert max(counts.values()) - min(counts[key] for key in keys) <= 1
    plan = plan_quilt(laid)
    assert sum(plan.counts.values()) == len(plan.places)
    assert take_quilt(write_quilt(laid)) == laid


def exactly(quilt: Quilt, keys: list[str], wish: SpreadWish) -> int:
    """How few pairs touch in the best of all layouts, each of them tried."""
    at = {(one.row, one.column): n for n, one in enumerate(places_of(quilt.setting))}
    lies = {(one.row, one.column): one.placed for one in places_of(quilt.setting)}
    every = np.array([*product(range(len(keys)), repeat=len(at))])
    for held in wish.held:
        placed = lies[held]
        assert placed is not None
        every = every[every[:, at[held]] == keys.index(placed.block)]
    cost = sum(
        (every[:, at[one]] == every[:, at[other]]).astype(int)
        for one, other in touching_pairs(quilt.setting, corners=wish.corners)
    )
    return int(np.min(cost))


def test_small_sets_against_every_layout(long_run: bool) -> None:
    """Never worse than one pair more, and what is said to be proved is true."""
    rng = Random(28)
    shapes = [(3, 3), (2, 4), (4, 2), (1, 8), (8, 1), (3, 2)]
    worse = proved = 0
    tries = 300 if long_run else 100
    for _ in range(tries):
        columns, rows = rng.choice(shapes)
        kind = rng.choice(["straight", "straight", "on-point"])
        if kind == "on-point":
            columns, rows = rng.choice([(2, 2), (3, 2), (2, 3)])
        quilt = several(
            rng.choice([2, 2, 3]), columns=columns, rows=rows, kind=kind, edge=Edge(fabric="fog")
        )
        keys = [*quilt.by_key]
        places = [(one.row, one.column) for one in places_of(quilt.setting)]
        held = tuple(sorted(rng.sample(places, rng.choice([0, 0, 2, 3]))))
        laid = {at: Placed(block=rng.choice(keys)) for at in held}
        quilt = replace(quilt, setting=replace(quilt.setting, places=laid))
        wish = SpreadWish(corners=rng.random() < 0.5, held=held, seed=rng.randrange(9))
        found, best = spread_blocks(quilt, keys, wish), exactly(quilt, keys, wish)
        assert found.least <= best <= found.touching <= best + 1
        worse += found.touching > best
        proved += found.least == best
        for at in held:
            assert found.laid[at] == laid[at].block
        there = spread_over(quilt, wish, found)
        assert len(clashing(there, wish)) == found.touching  # as the page counts them
    assert proved >= 0.9 * tries and worse <= tries // 50


@pytest.mark.parametrize(("corners", "kinds"), [(False, 2), (True, 4), (False, 5), (True, 9)])
def test_large_quilts_have_a_pattern_that_no_two_touch_in(corners: bool, kinds: int) -> None:
    quilt = several(kinds, columns=40, rows=40)
    found = spread_blocks(quilt, [*quilt.by_key], SpreadWish(corners=corners))
    counts = Counter(found.laid.values())
    assert (found.touching, found.least) == (0, 0)
    assert max(counts.values()) - min(counts.values()) <= 1


def test_the_same_seed_gives_the_same_layout_and_another_another() -> None:
    quilt = several(5, columns=6, rows=7)
    keys = [*quilt.by_key]
    one, again, other = (
        spread_blocks(quilt, keys, SpreadWish(corners=True, seed=seed)) for seed in (3, 3, 4)
    )
    assert one == again and one.laid != other.laid and other.touching == 0


def test_three_kinds_whose_corners_count_touch_in_every_four() -> None:
    quilt = several(3, columns=2, rows=2)
    found = spread_blocks(quilt, [*quilt.by_key], SpreadWish(corners=True))
    assert (found.touching, found.least) == (1, 1)


def test_what_cannot_be_spread_is_refused() -> None:
    with pytest.raises(DraftError, match="too many to spread"):
        spread_blocks(several(9, columns=90, rows=90), KEYS, SpreadWish())
    with pytest.raises(DraftError, match="at least two"):
        spread_blocks(quilt_of(), ["one"], SpreadWish())
    with pytest.raises(DraftError, match="no place"):
        spread_blocks(several(2), ["one", "two"], SpreadWish(held=((9, 9),)))
    rule = SpreadRule(how="never", one="one", other="nine")
    with pytest.raises(DraftError, match="no block"):
        spread_blocks(several(2), ["one", "two"], SpreadWish(rules=(rule,)))


def test_blocks_that_are_never_to_touch_do_not_and_those_that_should_do() -> None:
    quilt = several(4, columns=5, rows=5)
    one, two, three, *_ = quilt.by_key
    never = SpreadRule(how="never", one=one, other=two)
    pull = SpreadRule(how="together", one=three, other=one)
    wish = SpreadWish(rules=(never, pull))
    laid = apply_to_quilt(quilt, Spread(rules=(never, pull)))
    assert not clashing(laid, wish) and not lonely(laid, wish)
    one_of = SpreadRule(how="together", one=one, other=two)
    odd = SpreadWish(rules=(never, one_of))  # which cannot both be
    found = spread_blocks(quilt, [*quilt.by_key], odd)
    there = spread_over(quilt, odd, found)
    assert len(clashing(there, odd)) + len(lonely(there, odd)) == found.touching > 0
    lies = {(place.row, place.column): place.placed for place in places_of(laid.setting)}
    for a, b in touching_pairs(laid.setting, corners=False):
        first, second = lies[a], lies[b]
        assert first and second and {first.block, second.block} != {one, two}


def two_tone(key: str, left: str, right: str) -> QuiltBlock:
    draft = drafted(
        sheet(key, "8", 2, 1),
        [put("patch", (0, 0), left), put("patch", (1, 0), right)],
    )
    return QuiltBlock(key=key, draft=draft)


def test_fabrics_that_are_never_to_touch_are_looked_at_where_they_lie() -> None:
    """Peat at the left, fog at the right, and the other way round: side by side the same block
    brings peat to fog, the two in turn bring like to like.
    """
    blocks = (two_tone("one", "peat", "fog"), two_tone("two", "fog", "peat"))
    quilt = replace(quilt_of(columns=4, rows=1), blocks=blocks)
    rule = SpreadRule(how="never", one="peat", other="fog", of="fabrics")
    wish = SpreadWish(rules=(rule,))
    plain: dict[Any, Placed] = {(0, n): Placed(block="one") for n in range(4)}
    alike = replace(quilt, setting=replace(quilt.setting, places=plain))
    assert len(clashing(alike, wish)) == 3
    laid = apply_to_quilt(quilt, Spread(rules=(rule,)))
    assert not clashing(laid, wish)
    turned = {at: replace(one, turns=2 * (at[1] % 2)) for at, one in plain.items()}
    assert len(clashing(replace(alike, setting=replace(alike.setting, places=turned)), wish)) == 3


def test_a_proof_is_of_what_was_asked() -> None:
    """Another block at a held place, another size or plain places: what was proved is no proof."""
    quilt = several(3, columns=2, rows=2)
    laid = apply_to_quilt(quilt, Spread(corners=True, held=((0, 0),)))
    wish = laid.setting.spread
    assert wish is not None and wish.least == 1
    assert wish.proved_for == wish.asked_of(laid.setting, 3)
    other = {**laid.setting.places, (0, 0): Placed(block="three")}
    for change in ({"places": other}, {"columns": 3}, {"alternate": Alternate(fabric="fog")}):
        changed: Any = replace(laid.setting, **change)
        assert wish.proved_for != wish.asked_of(changed, 3)
    assert wish.proved_for != wish.asked_of(laid.setting, 2)
