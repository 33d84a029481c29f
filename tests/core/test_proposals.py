"""What is proposed, for any unit and any count: it makes enough, spoils nothing it need not, and is
best at what she cares for.
"""

from __future__ import annotations

from fractions import Fraction as F

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.core.test_sewing import one
from yonk.core.paper import Care
from yonk.core.planning import Way, way_named
from yonk.core.planning.comparison import figures
from yonk.core.planning.lying import GroupOrientation
from yonk.core.planning.prints import TURNING
from yonk.core.planning.proposal import _cuts_off_on_the_ruler, propose, smallest
from yonk.core.planning.ways import Demand, all_ways, share_of, tally
from yonk.core.units import BY_NAME, Terms, Unit, UnitKindName

KINDS = (
    "half-square-triangle",
    "quarter-square-triangle",
    "split-quarter-square",
    "flying-geese",
    "square-in-a-square",
    "corner-flip",
    "strip-set",
    "checker",
    "half-rectangle-triangle",
)
CARES: tuple[Care, ...] = ("balance", "cloth", "time", "exact")
counts = st.integers(1, 60)
units = st.builds(
    lambda kind, high: (kind, *one(kind, high, trim=F(1, 8))),
    st.sampled_from(KINDS),
    st.sampled_from([F(2), F(3), F(6)]),
)


def sound(ways: list[Way], unit: Unit, terms: Terms, demand: Demand) -> list[Way]:
    """The ways that are left when those are out that spoil what need not be spoiled. What is sewn
    on printed lines is hers to choose, never proposed.
    """
    ways = [way for way in ways if not way.on_lines]
    tallies = {way: tally(way, unit, terms, demand) for way in ways}
    if demand.lying.prints:
        thrifty = 2 * min(tallies[way].used for way in ways)
        least = min(
            TURNING.index(tallies[way].prints) for way in ways if tallies[way].used <= thrifty
        )
        ways = [way for way in ways if TURNING.index(tallies[way].prints) <= least]
    on_it = [way for way in ways if _cuts_off_on_the_ruler(way, unit, terms)]
    ways = on_it or ways
    ways = [way for way in ways if not tallies[way].effort.bias_sides] or ways
    fitting = [
        way
        for way in ways
        if float(unit.width) >= smallest(unit, terms, trimmed=tallies[way].trims > 0) - 1e-9
    ]
    return fitting or ways


@settings(max_examples=60)
@given(units, counts, st.sampled_from(CARES), st.booleans())
def test_a_proposal_is_best_at_what_she_cares_for_among_the_sound_ways(
    found: tuple[UnitKindName, Unit, Terms], total: int, care: Care, directional: bool
) -> None:
    kind, unit, terms = found
    prints = tuple((key, 0) for key in unit.fabrics[:1]) if directional else ()
    demand = Demand(total, 0, GroupOrientation(prints, (total, 0, 0, 0)))
    proposal = propose(BY_NAME[kind], unit, terms, demand, care)
    ways = all_ways(BY_NAME[kind], unit, demand)
    allowed = sound(ways, unit, terms, demand)
    assert proposal.way.name in [way.name for way in allowed]
    own = tally(proposal.way, unit, terms, demand)
    for other in (tally(way, unit, terms, demand) for way in allowed):
        if care == "cloth":
            assert own.used <= other.used + 1e-9
        if care == "time":
            assert own.handlings <= other.handlings
        if care == "exact":
            assert own.oversize >= other.oversize
    assert (str(proposal.reason).endswith(".") and str(proposal.reason)[0].isupper()) or str(
        proposal.reason
    )[0].isdigit()


@settings(max_examples=60)
@given(units, counts, st.integers(0, 30))
def test_every_way_makes_enough_and_its_spares_are_fewer_than_a_lot(found, total, mirrored) -> None:  # type: ignore[no-untyped-def]
    kind, unit, terms = found
    demand = Demand(total, mirrored if unit.hand else 0)
    for way in all_ways(BY_NAME[kind], unit, demand):
        out = figures(
            way, unit, terms, demand, tally(way, unit, terms, demand), [GroupOrientation()]
        )
        assert sum(share.wanted for share in way.shares) == total
        assert out.makes >= out.wanted and out.spare == out.makes - out.wanted
        assert 0 <= out.wasted <= out.used and out.pieces > 0
        if not unit.hand:
            assert out.spare < max(share.method.lot for share in way.shares) * len(way.shares)


@settings(max_examples=40)
@given(units, counts)
def test_a_choice_by_name_gives_the_same_way_or_the_part_of_it_that_is_left(found, total) -> None:  # type: ignore[no-untyped-def]
    kind, unit, _ = found
    demand = Demand(total)
    for way in all_ways(BY_NAME[kind], unit, demand):
        again = way_named(way.name, BY_NAME[kind], unit, demand)
        assert again and [(s.method.name, s.wanted, s.lots) for s in again.shares] == [
            (s.method.name, s.wanted, s.lots) for s in way.shares
        ]
    assert way_named("by-magic", BY_NAME[kind], unit, demand) is None
    assert way_named("two-at-a-time+by-magic", BY_NAME[kind], unit, demand) is None


@pytest.mark.parametrize(
    ("total", "split"),
    [(9, ("8", "1")), (12, ("8", "4")), (20, ("16", "4")), (8, ()), (7, ()), (16, ())],
)
def test_a_split_takes_whole_lots_and_leaves_the_rest(total: int, split: tuple[str, ...]) -> None:
    unit, _ = one("half-square-triangle", F(3))
    ways = {way.name: way for way in all_ways(BY_NAME["half-square-triangle"], unit, Demand(total))}
    way = ways.get("eight-at-a-time+two-at-a-time")
    assert (tuple(str(share.wanted) for share in way.shares) if way else ()) == split
    if way:
        assert (
            str(way.words) == f"{split[0]} made eight at a time and {split[1]} made two at a time"
        )


def test_lots_of_mirrored_pairs_serve_the_hand_that_wants_more() -> None:
    unit, _ = one("split-quarter-square", F(3))
    assert unit.hand
    pair = next(m for m in BY_NAME["split-quarter-square"].methods if m.mirrors)
    assert (
        share_of(pair, unit, Demand(5, 9), 5).lots,
        share_of(pair, unit, Demand(5, 9), 5).makes,
    ) == (9, 18)
    assert share_of(pair, unit, Demand(5), 5).lots == 5


@pytest.mark.parametrize(
    ("kind", "trimmed", "wanted"),
    [
        # the circle in half a square of side f has radius f(1 − √½) = 0.29289 f; it must reach ¼,
        # or ⅜ when nothing is trimmed
        ("half-square-triangle", True, 0.25 / 0.29289),
        ("half-square-triangle", False, 0.375 / 0.29289),
        # in a quarter it is 0.20711 f
        ("quarter-square-triangle", True, 0.25 / 0.20711),
    ],
)
def test_the_smallest_reasonable_size_is_the_circle_inside_a_patch(
    kind: str, trimmed: bool, wanted: float
) -> None:
    unit, terms = one(kind, F(3))
    assert smallest(unit, terms, trimmed=trimmed) == pytest.approx(wanted, abs=1e-4)
