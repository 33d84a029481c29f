"""Where the joins of long borders lie: at seams of the blocks, in few strips, and what is cut for
them; mitred borders longer.
"""

from __future__ import annotations

from collections import Counter
from dataclasses import replace
from fractions import Fraction as F
from itertools import combinations, product

import pytest
from hypothesis import given
from hypothesis import strategies as st

from tests.core.test_setting import quilt_of, sash
from yonk.core.paper import Fabric, Print
from yonk.core.setting import JOINS, Border, Quilt, plan_quilt
from yonk.core.top import JoinedLength, TopCutting, joins_at_seams, strips_beside, whole_list

LOST = F(1, 2)
AROUND = Border(width=F(4), fabric="slate")


def listed(quilt: Quilt) -> TopCutting:
    return whole_list(plan_quilt(quilt))


def lengths_made(placed: tuple[JoinedLength, ...], lost: F) -> Counter[F]:
    """What the pieces make when they are sewn, each join taking its part."""
    made: Counter[F] = Counter()
    for one in placed:
        pieces = list(one.pieces(lost))
        made[sum(pieces, F(0)) - (len(pieces) - 1) * lost] += one.count
    return made


@given(
    st.dictionaries(st.integers(41, 110).map(F), st.integers(1, 3), min_size=1, max_size=2),
    st.integers(5, 12).map(F),
)
def test_joined_at_seams_the_lengths_come_out_and_no_piece_is_too_long(
    lengths: dict[F, int], block: F
) -> None:
    seams = {one: [place * block for place in range(1, int(one / block) + 1)] for one in lengths}
    placed = joins_at_seams(lengths, seams, F(40), LOST, F(4))
    if placed is None:
        return
    assert lengths_made(placed, LOST) == Counter(lengths)
    for one in placed:
        assert all(0 < piece <= 40 for piece in one.pieces(LOST))
        assert all(place in seams[one.length] for place in one.joins)
        assert all(4 <= place <= one.length - 4 for place in one.joins)


@given(st.integers(42, 76).map(F), st.integers(1, 3), st.integers(6, 11).map(F))
def test_no_other_seam_takes_fewer_strips(length: F, count: int, block: F) -> None:
    """Every seam tried, the pieces put into strips in every order: an own, slow count."""
    seams = [place * block for place in range(1, int(length / block) + 1)]
    placed = joins_at_seams({length: count}, {length: seams}, F(40), LOST, F(4))
    tried = [
        _fewest([place + LOST / 2, length - place + LOST / 2] * count)
        for place in seams
        if 4 <= place <= length - 4 and max(place, length - place) + LOST / 2 <= 40
    ]
    if placed:
        assert min(tried) >= _fewest(list(placed[0].pieces(LOST)) * count)
    else:  # only where a strip more would not do
        least = -(-(length * count - LOST) // (40 - LOST))
        assert not tried or min(tried) > least + 1


def _fewest(pieces: list[F]) -> int:
    """How many strips of 40 the pieces need, by trying which two or three share one."""
    if not pieces:
        return 0
    first, *rest = pieces
    ways = [1 + _fewest(rest)]
    for size in (1, 2):
        for others in set(combinations(range(len(rest)), size)):
            if first + sum(rest[one] for one in others) <= 40:
                left = [piece for place, piece in enumerate(rest) if place not in others]
                ways.append(1 + _fewest(left))
    return min(ways)


@pytest.mark.parametrize("kind", ["straight", "on-point"])
def test_seams_meet_a_border_where_blocks_end(kind: str) -> None:
    """5 × 6 blocks of 9, their border 4 wide, the sides first: every 9 along the sides; above and
    below 4 later. On point blocks touch the edge with their corners, every 9·√2.
    """
    quilt = quilt_of(columns=5, rows=6, borders=(AROUND,))
    if kind == "on-point":
        quilt = replace(quilt, setting=replace(quilt.setting, kind="on-point"))
    every = 9 if kind == "straight" else 9 * 2**0.5
    first = every if kind == "straight" else every / 2
    sides = {round(one.length, 3): one.seams for one in strips_beside(quilt)}
    tall, across = sides[round(6 * every, 3)], sides[round(5 * every + 8, 3)]
    inner = [first + every * place for place in range(5 if kind == "straight" else 6)]
    assert tall == pytest.approx(inner)
    level = [4 + first + every * place for place in range(4 if kind == "straight" else 5)]
    assert across == pytest.approx(level)


def test_sashing_between_rows_is_joined_at_a_block() -> None:
    """Blocks of 9 and sashing of 1½ between them: seams at 9, 10½, 19½ and so on."""
    strips = strips_beside(quilt_of(columns=5, rows=6, sashing=sash()))
    long = [one.seams for one in strips if one.seams]
    assert len(long) == 5
    assert all(seams == pytest.approx((9, 10.5, 19.5, 21, 30, 31.5, 40.5, 42)) for seams in long)


def test_every_border_of_the_list_can_be_cut_from_its_strips() -> None:
    for columns, rows, joins in product((5, 6), (6, 7), JOINS[:2]):
        quilt = replace(quilt_of(columns=columns, rows=rows, borders=(AROUND,)), joins=joins)
        for joined in listed(quilt).joined:
            lost = LOST if joins == "straight" else joined.wide
            made = sum(one * count for one, count in joined.strips) - joined.joins * lost
            assert made == joined.whole
            if joined.placed:
                assert lengths_made(joined.placed, lost) == Counter(dict(joined.lengths))


def test_mitred_borders_are_cut_an_inch_longer_at_each_end() -> None:
    """3 × 4 blocks of 9 with 4 of border: 35 and 44 finished, half an inch of allowances."""
    mitred = replace(AROUND, corner="mitred")
    found = listed(replace(quilt_of(columns=3, rows=4, borders=(mitred,)), joins="whole"))
    cuts = {
        (cut.width, cut.height)
        for cloth in found.cloths
        for cut in cloth.cuts
        if cut.height == F(9, 2)
    }
    assert cuts == {(F(75, 2), F(9, 2)), (F(93, 2), F(9, 2))}
    assert F(89, 2) in {one.long for one in found.plan.pieces}


@pytest.mark.parametrize("print_", ["solid", "directional", "stripes"])
def test_in_centimetres_and_with_a_print_that_points(print_: Print) -> None:
    """9 × 10 blocks of 15 cm with 10 cm about them: 150 at the sides, 155 above and below, each 1½
    longer to cut. A join lies at a seam of the blocks, ¾ cm further on than it is finished. Where
    a print points up the sides are cut along the cloth, in one.
    """
    reed = Fabric(key="reed", name="Reed", colour="#778855", print=print_)
    border = Border(width=F(10), fabric="reed")
    quilt = replace(
        quilt_of("Bracken Rails", columns=9, rows=10, borders=(border,)), fabrics=(reed,)
    )
    found = listed(quilt)
    [joined] = found.joined
    above, sides = (F(313, 2), 2), (F(303, 2), 2)
    assert sorted(joined.lengths) == ([sides, above] if print_ == "solid" else [above])
    assert lengths_made(joined.placed, F(3, 2)) == Counter(dict(joined.lengths))
    at_the_seams = {F(313, 2): [10 + 15 * n for n in range(1, 9)], F(303, 2): range(15, 150, 15)}
    for one in joined.placed:
        assert all(place - F(3, 4) in at_the_seams[one.length] for place in one.joins)
        assert all(piece <= 100 for piece in one.pieces(F(3, 2)))
    [cloth] = [one for one in found.cloths if one.fabric == "reed"]
    along = [
        laid.height for layout in cloth.layouts for laid in layout.laid if laid.height == F(303, 2)
    ]
    assert len(along) == (0 if print_ == "solid" else 2)
