"""What lies on the table against what is wanted: sums that agree, the most that serves, ways out
that were tried.
"""

from __future__ import annotations

import json
from collections import Counter
from dataclasses import replace
from fractions import Fraction as F
from pathlib import Path
from typing import Any

import pytest
from click.testing import CliRunner
from hypothesis import given, settings
from hypothesis import strategies as st

from yonk.cli import main
from yonk.core.paper import Draft, Fabric, Paint, Print, default_making, ruled_seams
from yonk.core.planning import make_plan, read
from yonk.core.table import (
    CutOnTable,
    OtherCloth,
    PieceOnTable,
    TableState,
    TableWayOut,
    block_standing,
    sized_standing,
    ways_out_of,
)
from yonk.files.block_file import write_block
from yonk.machine.samples import all_samples

SAMPLES = {draft.name: draft for draft in all_samples()}
GATE = SAMPLES["Weir Gate"]
NAMES = ("Weir Gate", "Peg", "Stile", "Heron Reach", "Bracken Rails", "Hut Window")


def all_cut(draft: Draft) -> tuple[CutOnTable, ...]:
    """Everything cut just as it is listed."""
    return tuple(
        CutOnTable(cut.fabric, cut.shape, cut.width, cut.height, cut.subcut, cut.count)
        for cut in make_plan(draft).cuts
    )


def left(draft: Draft, state: TableState) -> Counter[str]:
    found: Counter[str] = Counter()
    for need in sized_standing(draft, state).needs:
        found[need.cut.fabric] += need.to_cut
    return +found


@pytest.mark.parametrize("name", SAMPLES)
def test_nothing_is_left_when_all_is_cut_and_all_when_nothing_is(name: str) -> None:
    draft = SAMPLES[name]
    standing = sized_standing(draft, TableState(cut=all_cut(draft)))
    assert standing.enough and not any(need.to_cut for need in standing.needs)
    bare = sized_standing(draft, TableState())
    assert [need.to_cut for need in bare.needs] == [need.wanted for need in bare.needs]
    assert bare.enough, "what is not told of is bought"


@given(st.sampled_from(NAMES), st.data())
@settings(max_examples=40, deadline=None)
def test_what_is_wanted_is_the_sum_of_what_becomes_of_it(name: str, data: st.DataObject) -> None:
    draft = SAMPLES[name]
    cut = [
        replace(one, count=n)
        for one in all_cut(draft)
        if (n := data.draw(st.integers(0, one.count + 2)))
    ]
    cut += [
        replace(one, width=one.width + F(1, 2), height=one.height + F(1, 4), count=1)
        for one in all_cut(draft)
        if one.shape != "strip" and data.draw(st.booleans())
    ]
    labels = [group.label for group in make_plan(draft).wanted.groups]
    made = tuple((label, data.draw(st.integers(1, 9))) for label in labels[:2])
    state = TableState(cut=tuple(cut), made=made)
    standing = sized_standing(draft, state)
    for need in standing.needs:
        parts = need.by_units, need.good, need.serves, need.to_cut
        assert min(parts) >= 0 and sum(parts) == need.wanted
    more = tuple(
        CutOnTable(
            need.cut.fabric,
            need.cut.shape,
            need.cut.width,
            need.cut.height,
            need.cut.subcut,
            need.to_cut,
        )
        for need in standing.needs
        if need.to_cut
    )
    again = sized_standing(draft, replace(state, cut=(*state.cut, *more)))
    assert not any(need.to_cut for need in again.needs), "what is listed, once cut, is enough"


def square(fabric: str, side: str, count: int) -> CutOnTable:
    return CutOnTable(fabric, "square", F(side), F(side), "none", count)


def test_larger_pieces_are_cut_down_and_none_serves_twice() -> None:
    draft = replace(GATE, making=replace(GATE.making, blocks=1))
    wanted = {
        (need.cut.fabric, need.cut.width): need.wanted
        for need in sized_standing(draft, TableState()).needs
    }
    assert wanted[("fog", F(7, 2))] == 4
    state = TableState(cut=(square("fog", "4", 3), square("peat", "3", 9)))
    found = {
        (need.cut.fabric, need.cut.width): (need.good, need.serves)
        for need in sized_standing(draft, state).needs
    }
    assert found[("fog", F(4))] == (2, 0), "the very cut first"
    assert found[("fog", F(7, 2))] == (0, 1), "the third is cut down"
    assert found[("peat", F(4))] == (0, 0), "what is too small serves for nothing"


def test_a_print_with_a_direction_is_not_turned() -> None:
    draft = replace(
        SAMPLES["Peg"],
        fabrics=tuple(replace(one, print="directional") for one in SAMPLES["Peg"].fabrics),
    )
    oblong = next(
        (cut for cut in make_plan(draft).cuts if cut.shape == "rectangle" and cut.subcut == "none"),
        None,
    )
    if oblong is None:
        wide = replace(GATE, columns=(F(2), F(1), F(1)))
        draft = replace(
            wide, fabrics=tuple(replace(one, print="directional") for one in wide.fabrics)
        )
        oblong = next(cut for cut in make_plan(draft).cuts if cut.shape == "rectangle")
    there = CutOnTable(
        oblong.fabric, "rectangle", oblong.height + 1, oblong.width + F(1, 8), "none", 1
    )
    needs = sized_standing(draft, TableState(cut=(there,))).needs
    if oblong.height + 1 < oblong.width:
        assert not any(need.serves for need in needs if need.cut.what == oblong.what)
    standing = replace(there, width=oblong.width, height=oblong.height + 1)
    needs = sized_standing(draft, TableState(cut=(standing,))).needs
    assert any(need.serves for need in needs if need.cut.what == oblong.what)


def test_a_spoiled_piece_gives_what_fits_on_it() -> None:
    cut = tuple(
        replace(one, count=one.count - 2 * (one.fabric == "fog" and one.width == F(7, 2)))
        for one in all_cut(GATE)
    )
    spoiled = (PieceOnTable("fog", F(8), F(15, 4), 1),)
    cloth = (PieceOnTable("fog", F(1), F(1), 1),)
    standing = sized_standing(GATE, TableState(cut=cut, spoiled=spoiled, cloth=cloth))
    assert standing.enough
    assert [(one.source, one.index, one.count) for one in standing.laid.pieces] == [
        ("spoiled", 0, 2)
    ]


@pytest.mark.parametrize("name", ["Weir Gate", "Peg", "Heron Reach", "Stile"])
def test_each_way_out_suffices_and_there_is_always_one(name: str) -> None:
    draft = SAMPLES[name]
    fabric = make_plan(draft).cuts[0].fabric
    state = TableState(cloth=(PieceOnTable(fabric, F(20), F(9), 1),))
    standing = sized_standing(draft, state)
    assert not standing.enough
    found = ways_out_of(draft, standing, sized_standing)
    assert "buy" in {way.do for way in found}
    for way in found:
        assert sized_standing(way.draft, way.state).enough, way.do
    assert [way.spoils for way in found] == sorted(way.spoils for way in found)
    fewer = [way for way in found if way.do == "fewer-blocks"]
    for way in fewer:
        assert way.blocks is not None and 0 < way.blocks < draft.making.blocks
        more_blocks = replace(draft, making=replace(draft.making, blocks=way.blocks + 1))
        assert not sized_standing(more_blocks, state).enough, "it is the most"


def plain(print_: Print = "solid", blocks: int = 8) -> Draft:
    """Blocks of four plain patches: 4″ and 8″ squares of a light, the others of a dark."""
    fabrics = (
        Fabric(key="fog", name="Fog", colour="#eeeeee", value="light", print=print_),
        Fabric(key="chalk", name="Chalk", colour="#f4f0e4", value="light"),
        Fabric(key="peat", name="Peat", colour="#222222", value="dark"),
    )
    places = [((F(1, 2), F(1, 2)), "fog"), ((F(3, 2), F(3, 2)), "fog")]
    places += [((F(3, 2), F(1, 2)), "peat"), ((F(1, 2), F(3, 2)), "peat")]
    return Draft(
        name="Four",
        unit="in",
        width=F(12),
        height=F(12),
        columns=(F(1), F(2)),
        rows=(F(1), F(2)),
        seams=ruled_seams(2, 2),
        fabrics=fabrics,
        paints=tuple(Paint(at, key) for at, key in places),
        making=replace(default_making("in"), blocks=blocks),
    )


def ways(draft: Draft, *others: OtherCloth, **state: Any) -> dict[str, TableWayOut]:
    """The ways out of a table, by what they do; of two other fabrics the last."""
    standing = block_standing(draft, "all", TableState(**state))
    found = ways_out_of(draft, standing, lambda d, s: block_standing(d, "all", s), others)
    assert all(way.after and way.after.enough for way in found)
    return {way.do + str(bool(way.draft.colourings)): way for way in found}


FOR_FOUR = (PieceOnTable("fog", F(40), F(17, 2), 1), PieceOnTable("fog", F(40), F(9, 2), 1))


def test_another_fabric_of_like_value_is_taken_in_the_fewest_whole_blocks() -> None:
    """Strips 40 long give four squares 8½ and eight 4½: four blocks of eight have Fog."""
    found = ways(plain(), cloth=FOR_FOUR)
    in_blocks = found["other-fabricTrue"].draft
    (colouring,) = in_blocks.colourings
    assert colouring.fabrics == (("fog", "chalk"),), "Peat is dark"
    assert (in_blocks.making.blocks, colouring.blocks) == (4, 4)
    letter = found["other-fabricFalse"]
    assert [paint.fabric for paint in letter.draft.paints].count("chalk") == 1
    assert read(letter.draft).fabrics.count("peat") == 2


def test_a_fabric_of_the_shelf_has_no_more_than_lies_there() -> None:
    draft = replace(plain(), fabrics=tuple(one for one in plain().fabrics if one.key != "chalk"))
    wool = Fabric(key="", name="Wool", colour="#fff8e8", value="light", shelf="w")
    enough = OtherCloth(wool, [(F(40), F(13), 1)])
    found = ways(draft, enough, cloth=FOR_FOUR)
    assert found["other-fabricTrue"].draft.fabrics[-1].shelf == "w"
    short = OtherCloth(wool, [(F(40), F(8), 1)])
    assert "other-fabricTrue" not in ways(draft, short, cloth=FOR_FOUR)


def test_a_plain_patch_is_pieced_from_two_along_its_side() -> None:
    """One square 8½ is missing: from a piece 7½ wide comes the most of it, and from another the
    strip of 1½: 7½ + 1½ − ½ = 8½.
    """
    cloth = (
        PieceOnTable("fog", F(9, 2), F(9, 2), 1),
        PieceOnTable("fog", F(15, 2), F(17, 2), 1),
        PieceOnTable("fog", F(2), F(9), 1),
    )
    way = ways(plain(blocks=1), cloth=cloth)["pieced-patchFalse"]
    (pieced,) = way.pieced
    assert (pieced.count, pieced.longer, pieced.strip) == (1, F(15, 2), F(3, 2))
    after = {need.cut.what.height: need.wanted for need in way.after.needs} if way.after else {}
    assert after[F(15, 2)] == 1 and after[F(3, 2)] == 1
    stripes = replace(plain(blocks=1), fabrics=plain("directional").fabrics)
    assert "pieced-patchFalse" not in ways(stripes, cloth=cloth), "a seam in stripes is seen"


@pytest.mark.parametrize(
    ("made", "eights", "twos"),
    [(1, 0, 0), (2, 0, 1), (4, 0, 2), (7, 0, 2), (8, 1, 0), (9, 1, 0), (10, 1, 1), (12, 1, 2)],
)
def test_units_of_a_group_split_over_two_ways_save_whole_lots(
    made: int, eights: int, twos: int
) -> None:
    """Twelve pairs, eight at a time and four by two: after seven are made the five that are left
    come of one lot of eight.
    """
    methods: dict[Any, str] = {"half-square-triangle": "eight-at-a-time+two-at-a-time"}
    making = replace(GATE.making, blocks=3, methods=methods)
    needs = sized_standing(replace(GATE, making=making), TableState(made=(("1", made),))).needs
    saved = {need.cut.width: need.by_units for need in needs if need.cut.fabric == "peat"}
    assert saved == {F(8): eights, F(4): twos}


def test_where_there_is_enough_there_are_no_ways_out() -> None:
    assert ways_out_of(GATE, sized_standing(GATE, TableState()), sized_standing) == ()


def told(tmp_path: Path, state: Any, *more: str) -> Any:
    (tmp_path / "state.json").write_text(state if isinstance(state, str) else json.dumps(state))
    command = ["table", "-", str(tmp_path / "state.json"), *more]
    return CliRunner().invoke(main, command, input=json.dumps(write_block(GATE)))


def lying(**rows: Any) -> dict[str, Any]:
    return {"format": "yonk-table/1", **rows}


def test_the_command_line(tmp_path: Path) -> None:
    cloth = [{"fabric": "fog", "width": "40", "height": "9", "count": 1}]
    found = json.loads(told(tmp_path, lying(cloth=cloth), "--json").stdout)
    assert (found["format"], found["enough"]) == ("yonk-table-plan/1", False)
    assert found["layouts"][0]["cloth"] == 0 and found["missing"]
    text = told(tmp_path, lying(cloth=cloth)).stdout
    assert "There is not enough." in text and "Buy " in text
    assert "There is enough." in told(tmp_path, lying()).stdout


@pytest.mark.parametrize(
    ("state", "said"),
    [
        (lying(cut=[{"fabric": "moss", "shape": "square", "width": "1", "height": "1"}]), "cut"),
        (lying(cloth=[{"fabric": "moss", "width": "1", "height": "1"}]), "no fabric “moss”"),
        (lying(made=[{"label": "9", "count": 1}]), "made[0].label: this block has no unit 9"),
        (lying(made=[{"label": "1", "count": 0}]), "made[0].count"),
        (lying(spoiled=[{"fabric": "fog", "width": "-1", "height": "1"}]), "spoiled[0].width"),
        ({"format": "yonk-table/2"}, "format"),
        ("{", "not JSON"),
        ("[" * 100_000, "not JSON"),
    ],
)
def test_what_cannot_lie_there_is_told_by_place(tmp_path: Path, state: Any, said: str) -> None:
    answer = told(tmp_path, state)
    assert answer.exit_code == 2 and said in answer.stderr and answer.stdout == ""
