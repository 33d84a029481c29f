"""The whole list of a top: joined lengths, binding, backing and shared pieces, each by hand."""

from __future__ import annotations

from collections import Counter
from dataclasses import replace
from fractions import Fraction as F
from typing import Any

import pytest
from hypothesis import example, given
from hypothesis import strategies as st

from tests.core.test_setting import SAMPLES, quilt_of, sash
from yonk.core.cutting import Booked, StagedCut
from yonk.core.measuring import Verdict
from yonk.core.paper import DraftError, Fabric
from yonk.core.planning import Cut, Purpose, alike_together, make_plan, plan_stage
from yonk.core.setting import (
    Backing,
    Binding,
    Border,
    Edge,
    Placed,
    Quilt,
    QuiltBlock,
    SettingPiece,
    places_of,
    plan_quilt,
)
from yonk.core.table import (
    CutOnTable,
    OtherCloth,
    PieceOnTable,
    TableState,
    quilt_standing,
    useless_of_quilt,
)
from yonk.core.top import (
    Judged,
    TopCutting,
    bias_square,
    joined_lengths,
    lost_to,
    made_already,
    quilt_ways_out,
    strips_for,
    top_standing,
    top_words,
    ways_to_back,
    whole_list,
)
from yonk.core.units import CutKey

AROUND: dict[str, Any] = {"borders": (Border(width=F(4), fabric="slate"),), "columns": 5, "rows": 6}


def listed(quilt: Quilt, **more: Any) -> TopCutting:
    return whole_list(plan_quilt(quilt), **more)


def cut_for(found: TopCutting, words: str) -> Counter[tuple[str, str]]:
    """The sizes that are cut for a purpose, by the first words of it, over all cloths."""
    sizes: Counter[tuple[str, str]] = Counter()
    for cloth in found.cloths:
        for cut in cloth.cuts:
            if any(str(said).startswith(words) for said in found.purposes(cut)):
                sizes[str(cut.width), str(cut.height)] += cut.count
    return sizes


def test_a_long_border_is_joined_at_seams_of_the_blocks() -> None:
    """Two sides of 54½, seams every 9; two ends of 53½, seams 4 later: a join each, half an inch
    of either piece in it.
    """
    found = listed(quilt_of(**AROUND))
    pieces = {("73/2", "9/2"): 2, ("63/2", "9/2"): 2, ("45/2", "9/2"): 2, ("37/2", "9/2"): 2}
    assert cut_for(found, "border 1") == pieces
    (joined,) = found.joined
    assert joined.lengths == ((F(109, 2), 2), (F(107, 2), 2)) and joined.joins == 4
    sides, ends = joined.placed
    assert (sides.length, sides.joins) == (F(109, 2), (F(73, 4) + 18,)) or sides.joins == (
        F(73, 4),
    )
    assert ends.joins in ((F(1, 4) + 4 + 18,), (F(1, 4) + 4 + 27,))
    assert all(not cloth.too_large for cloth in found.cloths)


def test_where_no_seam_meets_it_a_long_border_is_cut_from_one_strip() -> None:
    """216 inches from strips of 40, half an inch a join."""
    long = SettingPiece("border-1", "slate", "rectangle", F(54), F(9, 2))
    (joined,), _ = joined_lengths({long: 4}, F(40), "straight", F(1, 4))
    assert joined.strips == ((F(40), 5), (F(37, 2), 1)) and joined.joins == 5
    assert 5 * 40 + F(37, 2) - 5 * F(1, 2) == joined.whole == 216 and not joined.placed


def test_a_diagonal_join_takes_the_width_of_the_strip() -> None:
    """216 inches, 4½ a join: five of 40 and one of 38½; each length by itself would take eight."""
    found = listed(replace(quilt_of(**AROUND), joins="diagonal"))
    assert cut_for(found, "border 1") == {("40", "9/2"): 5, ("77/2", "9/2"): 1}
    assert not found.joined[0].placed
    assert lost_to("diagonal", F(9, 2), F(1, 4)) == F(9, 2)


def test_cut_along_the_cloth_nothing_is_joined() -> None:
    found = listed(replace(quilt_of(**AROUND), joins="whole"))
    assert not found.joined
    assert cut_for(found, "border 1") == {("109/2", "9/2"): 2, ("107/2", "9/2"): 2}
    slate = next(cloth for cloth in found.cloths if cloth.fabric == "slate")
    assert not slate.too_large and slate.exact >= F(109, 2)


def test_a_border_that_one_strip_gives_stays_as_it_is() -> None:
    found = listed(quilt_of(borders=(Border(width=F(2), fabric="slate"),), columns=3, rows=4))
    assert cut_for(found, "border 1") == {("73/2", "5/2"): 2, ("63/2", "5/2"): 2}


def test_whole_lengths_of_sashing_are_joined_too() -> None:
    """Five of 51½ between six rows, 257½ in all; the strips between blocks stay."""
    found = listed(quilt_of(columns=5, rows=6, sashing=sash()))
    assert cut_for(found, "sashing")["19/2", "2"] == 4 * 6
    (joined,) = found.joined
    assert joined.lengths == ((F(103, 2), 5),) and joined.whole == F(515, 2)
    assert [one.count for one in joined.placed] == [5] and joined.joins == 5
    (join,) = joined.placed[0].joins
    assert join - F(1, 4) in {F(21, 2) * one + end for one in range(6) for end in (-F(3, 2), 0)}


@given(
    st.integers(1, 4000), st.integers(40, 400), st.fractions(F(1, 64), F(30), max_denominator=64)
)
def test_strips_add_up_to_the_length(eighths: int, across: int, lost: F) -> None:
    strips = strips_for(F(eighths, 8), F(across, 1), lost)
    count = sum(n for _, n in strips)
    assert sum(one * n for one, n in strips) - (count - 1) * lost == F(eighths, 8)
    assert all(0 < one <= across for one, _ in strips)


def test_no_strip_is_all_lost_to_its_join() -> None:
    with pytest.raises(ValueError, match="takes the whole strip"):
        strips_for(F(100), F(4), F(4))


def test_alike_lengths_of_one_purpose_are_joined_each_for_itself() -> None:
    long = SettingPiece("border-1", "peat", "rectangle", F(60), F(3))
    other = SettingPiece("border-2", "peat", "rectangle", F(60), F(3))
    square = SettingPiece("backing", "peat", "square", F(60), F(60))
    joined, rest = joined_lengths({long: 2, other: 1, square: 1}, F(40), "straight", F(1, 4))
    assert [(one.purpose, one.whole) for one in joined] == [("border-1", 120), ("border-2", 60)]
    assert rest == {square: 1}


def test_binding_by_hand() -> None:
    """Round 45 × 54: 198 and 10 over; strips of 40, the join takes 2½ of each two."""
    binding = Binding(fabric="peat", width=F(5, 2))
    found = listed(quilt_of(columns=5, rows=6, binding=binding))
    assert found.binding and found.binding.length == 208 and found.binding.joins == 5
    assert found.binding.strips == ((F(40), 5), (F(41, 2), 1))
    assert cut_for(found, "binding") == {("40", "5/2"): 5, ("41/2", "5/2"): 1}


def test_bias_binding_is_cut_from_squares() -> None:
    bias = Binding(fabric="peat", width=F(5, 2), grain="bias")
    found = listed(quilt_of(columns=5, rows=6, binding=bias))
    assert found.binding and not found.binding.strips and found.binding.joins == 0
    side = found.binding.square
    assert side == F(189, 8)  # 23⅝² − 23⅝ = 534.5, 23½² − 23½ = 528.75; (208 + 5) · 2½ = 532½
    large = listed(quilt_of(columns=20, rows=24, binding=bias))
    assert large.binding and large.binding.squares == 2 and large.binding.square <= 40


@given(
    st.integers(40, 4000),
    st.sampled_from([F(2), F(9, 4), F(5, 2), F(6)]),
    st.sampled_from([F(1, 4), F(3, 8), F(3, 4)]),
    st.sampled_from([F(1, 8), F(1, 16), F(1, 10)]),
)
@example(40, F(2), F(3, 4), F(1, 16))
def test_a_bias_square_gives_enough_and_no_step_more(
    length: int, width: F, seam: F, step: F
) -> None:
    side = bias_square(F(length), width, seam, step)
    wanted = (length + 2 * width) * width
    assert (side / step).denominator == 1
    assert side**2 - 4 * seam * side >= wanted
    less = side - step
    assert less**2 - 4 * seam * less < wanted


def test_a_binding_as_wide_as_the_cloth_is_refused() -> None:
    quilt = quilt_of(binding=Binding(fabric="peat", width=F(20)))
    with pytest.raises(DraftError, match="as wide as the cloth"):
        listed(replace(quilt, making=replace(quilt.making, usable=F(20))))


@pytest.mark.parametrize(("width", "refused"), [("159/8", False), ("20", True), ("161/8", True)])
def test_a_strip_exactly_as_wide_as_the_cloth_leaves_nothing_to_join(
    width: str, refused: bool
) -> None:
    """A strip joined on the diagonal loses as much as it is wide: of 20 nothing would be left."""
    quilt = quilt_of(binding=Binding(fabric="peat", width=F(width)))
    narrow = replace(quilt, making=replace(quilt.making, usable=F(20)))
    if refused:
        with pytest.raises(DraftError, match="as wide as the cloth"):
            listed(narrow)
    else:
        assert cut_for(listed(narrow), "binding")


BACK = Backing(fabric="slate", overhang=F(4))


@pytest.mark.parametrize(
    ("overhang", "panels"),
    [
        ("8", [("40", 2)]),  # 79: two of 40, less an inch in their seam, and nothing over
        ("129/16", [("40", 2), ("9/8", 1)]),  # an eighth more is a third panel, with its seam
        ("127/16", [("40", 1), ("319/8", 1)]),  # an eighth less, and the second is narrower
    ],
)
def test_whole_widths_of_a_backing_by_hand(overhang: str, panels: list[tuple[str, int]]) -> None:
    """63 and twice the overhang, from cloth of 40, half an inch of each panel in a seam."""
    quilt = quilt_of(columns=7, rows=9, backing=replace(BACK, overhang=F(overhang)))
    upright = next(way for way in ways_to_back(quilt) if way.lay == "upright")
    assert [(str(across), count) for across, _, count in upright.panels] == panels


def test_backing_by_hand() -> None:
    """53 × 62 from cloth of 40: level, 40 and 23 across 53; upright, 40 and 14 across 62."""
    level, upright, wide, *others = ways_to_back(quilt_of(columns=5, rows=6, backing=BACK))
    assert (level.lay, level.panels) == ("level", ((F(40), F(53), 1), (F(23), F(53), 1)))
    assert (upright.lay, upright.panels) == ("upright", ((F(40), F(62), 1), (F(14), F(62), 1)))
    assert (wide.lay, wide.length, wide.area) == ("wide", 53, 106 * 53)
    assert (level.length, upright.length, level.seams) == (106, 124, 1)
    assert [one.lay for one in others] == [
        "upright-pieced",
        "level-pieced",
        "level-even",
        "upright-even",
    ]


def test_a_backing_has_its_seam_in_the_middle_or_its_rest_pieced_by_hand() -> None:
    """53 × 62 from cloth of 40. Two panels of 27; or 40 and 14 wide, that from 40 and 23 across the
    cloth, 14 long each: 62 + 28 of cloth.
    """
    ways = {one.lay: one for one in ways_to_back(quilt_of(columns=5, rows=6, backing=BACK))}
    even, pieced = ways["upright-even"], ways["upright-pieced"]
    assert even.panels == ((F(27), F(62), 2),) and even.length == 124
    assert pieced.panels == ((F(40), F(62), 1), (F(40), F(14), 1), (F(23), F(14), 1))
    assert (pieced.length, pieced.seams) == (90, 2)
    asked = replace(BACK, lay="upright-pieced")
    found = listed(quilt_of(columns=5, rows=6, backing=asked))
    assert cut_for(found, "backing") == {("62", "40"): 1, ("40", "14"): 1, ("23", "14"): 1}


def test_the_backing_lies_as_she_wants_and_its_print_stands() -> None:
    asked = replace(BACK, lay="upright")
    found = listed(quilt_of(columns=5, rows=6, backing=asked))
    assert cut_for(found, "backing") == {("62", "40"): 1, ("62", "14"): 1}
    quilt = quilt_of(columns=5, rows=6, backing=replace(BACK, fabric="reed"))
    reed = Fabric(key="reed", name="Reed", colour="#778855", print="directional")
    directional = replace(quilt, fabrics=(reed,))
    assert {way.lay for way in ways_to_back(directional)} == {"upright", "wide", "upright-even"}
    laid = next(cloth for cloth in listed(directional).cloths if cloth.fabric == "reed")
    assert not laid.too_large and {cut.what.lie for cut in laid.cuts} == {"stands"}


def test_wide_cloth_is_a_cloth_of_its_own() -> None:
    found = listed(quilt_of(columns=5, rows=6, backing=replace(BACK, lay="wide")))
    wide = found.cloths[-1]
    assert str(found.fabric(wide.fabric).called) == "Slate, wide" and wide.fabric != "slate"
    assert wide.layouts[0].source.width == 106 and wide.exact == 53
    assert found.batting and (float(found.batting.width), float(found.batting.height)) == (49, 58)


def test_a_backing_as_wide_as_the_cloth_needs_no_seam() -> None:
    quilt = quilt_of(columns=3, rows=4, backing=replace(BACK, overhang=F(2)))
    first = ways_to_back(quilt)[0]
    assert (first.seams == 0 and first.panels == ((F(31), F(40), 1),)) or first.length == 31


def test_centimetres_have_their_own_backing_and_binding() -> None:
    back = Backing(fabric="slate", overhang=F(10))
    metric = replace(
        quilt_of("Bracken Rails", columns=4, rows=5, backing=back),
        binding=Binding(fabric="peat", width=F(6)),
    )
    found = listed(metric)
    assert metric.unit == "cm" and found.binding
    size = 4 * SAMPLES["Bracken Rails"].width, 5 * SAMPLES["Bracken Rails"].height
    around = 2 * sum(size)
    assert found.binding.length == 288  # three strips of 100, joined on the diagonal, are enough
    assert found.binding.strips == ((F(100), 3),) and around + 12 <= 288 < around + 25
    assert any("cm" in str(words) for words in top_words(found))


def triangles(fabric: str, pieces: int) -> Cut:
    what = CutKey(fabric=fabric, shape="square", width=F(4), height=F(4), subcut="one-diagonal")
    return Cut(what, F(4), -(-pieces // 2), (Purpose((), "A", "", pieces, ()),))


def test_a_second_triangle_of_one_block_serves_another() -> None:
    """Three and three want three squares together, two each alone; four and one want three."""
    (both,) = alike_together([triangles("fog", 3), triangles("fog", 3)])
    assert (both.count, both.wanted_pieces, both.spare_pieces) == (3, 6, 0)
    apart = alike_together([triangles("fog", 4), triangles("peat", 1)])
    assert [(cut.fabric, cut.count) for cut in apart] == [("fog", 2), ("peat", 1)]
    (left,) = alike_together([replace(triangles("fog", 4), count=1, before=2), triangles("fog", 1)])
    assert (left.count, left.before, left.spare_pieces) == (2, 2, 1)


def test_every_piece_of_the_blocks_is_on_the_whole_list() -> None:
    two = QuiltBlock(key="two", draft=replace(SAMPLES["Weir Gate"], name="Other gate"))
    quilt = quilt_of(columns=3, rows=3, alternate=None)
    quilt = replace(quilt, blocks=(*quilt.blocks, two))
    places = {(0, 0): Placed(block="two"), (1, 1): Placed(block="two", turns=1)}
    quilt = replace(quilt, setting=replace(quilt.setting, places=places))
    plan = plan_quilt(quilt)
    assert plan.counts == {"one": 7, "two": 2}
    wanted = sum(cut.wanted_pieces for key in plan.plans for cut in plan.plans[key].cuts)
    found = whole_list(plan)
    assert wanted == sum(cut.wanted_pieces for one in found.cloths for cut in one.cuts)
    fog = next(one for one in found.cloths if one.fabric == "fog")
    said = {str(words).split(":")[0] for cut in fog.cuts for words in found.purposes(cut)}
    assert said == {"Weir Gate", "Other gate"}
    alone = make_plan(SAMPLES["Weir Gate"], 9).cuts
    assert sorted((str(c.width), c.count) for c in alone) == sorted(
        (str(c.width), c.count) for one in found.cloths for c in one.cuts
    )


def test_a_fabric_that_nobody_told_is_listed_and_called_so() -> None:
    bare = replace(SAMPLES["Weir Gate"], paints=())
    quilt = replace(quilt_of(), blocks=(QuiltBlock(key="one", draft=bare),))
    names = {str(listed(quilt).fabric(one.fabric).called) for one in listed(quilt).cloths}
    assert "No fabric yet" in names


def test_cloth_on_hand_and_what_was_cut_before_are_taken_off() -> None:
    quilt = quilt_of(**AROUND)
    first = listed(quilt)
    slate = next(one for one in first.cloths if one.fabric == "slate")
    known = {StagedCut("rest", cut.what): cut.amount for cut in slate.cuts}
    after = next(
        one for one in listed(quilt, booked=Booked(known, "all")).cloths if one.fabric == "slate"
    )
    assert slate.buy > 0 and after.buy == 0 and after.cuts == slate.cuts
    first_cut = slate.cuts[0].what
    gone = CutOnTable.known(replace(first_cut, width=F(1, 2), height=F(1, 2)), 3)
    half = CutOnTable.known(first_cut, 2)
    cuts = [cut for cloth in first.cloths for cut in cloth.cuts]
    found = quilt_standing(cuts, TableState(cut=(gone, half)), set(), F(40))
    assert [one.count for one in useless_of_quilt(found).cuts] == [3]
    line = found.lines(slate.cuts, "all")[0]
    assert (line.good, line.to_cut) == (2, slate.cuts[0].count - 2)


@pytest.mark.parametrize(
    ("verdict", "revision", "counts"),
    [("good", 4, True), ("ease", 4, True), ("cut again", 4, False), ("good", 5, False)],
)
def test_which_trial_block_counts(verdict: Verdict, revision: int, counts: bool) -> None:
    quilt = quilt_of()
    taken = replace(quilt.blocks[0], origin="abc", revision=4)
    again = replace(taken, key="again")
    quilt = replace(quilt, blocks=(taken, again))
    made = made_already(quilt, {"abc": Judged(revision, verdict)})
    assert made == (frozenset({"one"}) if counts else frozenset())
    assert not made_already(quilt, {"other": Judged(4, "good")})


def test_a_trial_that_counts_leaves_one_block_less_to_cut() -> None:
    quilt = quilt_of()
    all_of_them, rest = listed(quilt), listed(quilt, trials=frozenset({"one"}))

    def cuts(found: TopCutting) -> Counter[tuple[str, F]]:
        return Counter({(c.fabric, c.width): c.count for cloth in found.cloths for c in cloth.cuts})

    draft = SAMPLES["Weir Gate"]
    twelve = replace(draft, making=replace(draft.making, blocks=12))
    staged = plan_stage(twelve, "rest").cuts
    assert cuts(rest) == Counter({(c.fabric, c.width): c.count for c in staged})
    assert (cuts(all_of_them)["fog", F(7, 2)], cuts(rest)["fog", F(7, 2)]) == (48, 44)
    assert any(
        "trial block of Weir Gate is one of its 12" in str(words) for words in top_words(rest)
    )


def test_half_blocks_pieced_take_one_block_for_two() -> None:
    edge = Edge(fabric="peat", half_blocks=True, pieced=True)
    quilt = quilt_of("Eddy", kind="on-point", columns=3, rows=4, edge=edge)
    assert plan_quilt(quilt).counts == {"one": 18 + 5}
    whole = replace(quilt, setting=replace(quilt.setting, edge=replace(edge, pieced=False)))
    assert plan_quilt(whole).counts == {"one": 18 + 10}
    with pytest.raises(DraftError, match="no seam along its diagonal"):
        plan_quilt(quilt_of("Weir Gate", kind="on-point", edge=edge))
    strips = replace(quilt, setting=replace(quilt.setting, sashing=sash()))
    with pytest.raises(DraftError, match="give the sashing its outer ring"):
        plan_quilt(strips)


def test_a_pieced_border_has_blocks_or_plain_squares_in_its_corners() -> None:
    block = Border(width=F(9), block="one")
    assert plan_quilt(quilt_of(borders=(block,))).counts == {"one": 12 + 2 * (3 + 4) + 4}
    plain = plan_quilt(quilt_of(borders=(replace(block, fabric="fog"),)))
    assert plain.counts == {"one": 12 + 2 * (3 + 4)}
    corners = [(one.long, one.short, n) for one, n in plain.pieces.items()]
    assert corners == [(F(19, 2), F(19, 2), 4)]
    tall = replace(SAMPLES["Weir Gate"], width=F(3))
    quilt = quilt_of(borders=(Border(width=F(9), block="tall"),))
    quilt = replace(quilt, blocks=(*quilt.blocks, QuiltBlock(key="tall", draft=tall)))
    with pytest.raises(DraftError, match="plain squares go into the corners"):
        plan_quilt(quilt)
    mended = replace(quilt, borders=(Border(width=F(9), block="tall", fabric="fog"),))
    assert plan_quilt(mended).counts == {"one": 12, "tall": 2 * (9 + 12)}


def short(quilt: Quilt, fabric: str, share: F) -> TableState:
    """Of a fabric there is only so much of the length that it takes."""
    needed = next(one for one in listed(quilt).cloths if one.fabric == fabric).exact
    return TableState(cloth=(PieceOnTable(fabric, F(40), needed * share, 1),))


def test_another_fabric_in_blocks_of_a_pattern_a_smaller_quilt_or_buying() -> None:
    quilt = quilt_of()
    state = short(quilt, "fog", F(3, 4))
    chalk = Fabric(key="", name="Chalk", colour="#f4f0e4", value="light", shelf="c")
    others = [OtherCloth(chalk, [(F(40), F(60), 1)])]
    assert not top_standing(quilt, state, frozenset()).enough
    ways = {one.do: one for one in quilt_ways_out(quilt, state, frozenset(), others)}
    assert set(ways) == {"other-fabric", "fewer-blocks", "buy"}
    for way in ways.values():
        assert way.after and way.after.enough
        assert top_standing(way.quilt, way.state, frozenset()).enough
    in_blocks = ways["other-fabric"]
    whole = [place for place in places_of(quilt.setting) if place.placed]
    assert 0 < len(in_blocks.places) < len(whole)
    changed = [
        (place.row, place.column)
        for place, before in zip(places_of(in_blocks.quilt.setting), whole, strict=True)
        if place.placed != before.placed
    ]
    assert changed == sorted(in_blocks.places)
    last = in_blocks.quilt.blocks[-1]
    assert "fog" not in {paint.fabric for paint in last.as_sewn.paints}
    smaller = ways["fewer-blocks"].quilt.setting
    assert smaller.columns * smaller.rows < quilt.setting.columns * quilt.setting.rows
    assert quilt_ways_out(quilt, TableState(), frozenset()) == ()


def test_a_dark_fabric_stands_in_for_no_light_one() -> None:
    quilt = quilt_of()
    coal = Fabric(key="", name="Coal", colour="#111111", value="dark", shelf="k")
    state = short(quilt, "fog", F(3, 4))
    found = quilt_ways_out(quilt, state, frozenset(), [OtherCloth(coal, [(F(40), F(60), 1)])])
    assert {one.do for one in found} == {"fewer-blocks", "buy"}
