"""What can be done to a quilt, act by act: what comes of it, what stays, and what is refused."""

from __future__ import annotations

from collections import Counter
from collections.abc import Callable
from dataclasses import fields, replace
from fractions import Fraction as F
from typing import Any

import pytest
from hypothesis import given
from hypothesis import strategies as st
from pydantic import TypeAdapter

from tests.core.test_setting import SAMPLES, quilt_of, sash
from yonk.core.paper import COUNTS, DraftError
from yonk.core.setting import (
    Edge,
    Placed,
    Quilt,
    QuiltAct,
    QuiltBlock,
    Top,
    all_quilt_acts,
    apply_to_quilt,
    begun,
    finished_of,
    places_of,
    plan_quilt,
    quilt_notices,
    taken_anew,
)

KINDS = {getattr(kind, "do", ""): kind for kind in all_quilt_acts()}
STRAIGHT = quilt_of("Weir Gate", columns=3, rows=4)
POINT = quilt_of("Weir Gate", kind="on-point", edge=Edge(fabric="fog"))
TWO = replace(
    STRAIGHT,
    blocks=(
        *STRAIGHT.blocks,
        QuiltBlock(key="two", draft=replace(SAMPLES["Weir Gate"], name="Other")),
    ),
)


def do(quilt: Quilt, name: str, /, **told: Any) -> Quilt:
    """The quilt after an act, told as it comes over the wire."""
    act: QuiltAct = TypeAdapter(KINDS[name]).validate_python({"do": name, **told})
    return apply_to_quilt(quilt, act)


def lies(quilt: Quilt) -> dict[tuple[int, int], Placed]:
    return {
        (one.row, one.column): one.placed
        for one in places_of(quilt.setting)
        if one.placed is not None
    }


def test_no_act_changes_the_quilt_that_it_is_done_to() -> None:
    before = repr(TWO)
    do(TWO, "lay", block="two")
    do(TWO, "add-border")
    do(TWO, "turn-all", turning="mirrored")
    assert repr(TWO) == before


def test_every_act_is_named_once_and_says_what_it_is() -> None:
    assert len(KINDS) == len(all_quilt_acts())
    for name, kind in KINDS.items():
        assert kind.__doc__ and fields(kind)[0].name == "do" and fields(kind)[0].default == name  # type: ignore[arg-type]


@pytest.mark.parametrize(
    ("name", "told", "place"),
    [
        ("rename", {"name": " "}, "name"),
        ("rename", {"name": "x" * 200}, "name"),
        ("lay", {"block": "none"}, "block"),
        ("lay", {"block": "one", "at": (9, 9)}, "at"),
        ("lay", {"block": "one", "at": (-1, 0)}, "at"),
        ("turn", {"at": (4, 0)}, "at"),
        ("swap", {"at": (0, 0), "other": (0, 3)}, "at"),
        ("alternate", {"block": "none"}, "block"),
        ("alternate", {"fabric": "none"}, "fabric"),
        ("places", {"columns": 0}, "columns"),
        ("places", {"rows": "2.5"}, "rows"),
        ("places", {"rows": COUNTS["quilt_lines"][1] + 1}, "rows"),
        ("sashing", {"width": "2"}, "fabric"),
        ("sashing", {"fabric": "none"}, "fabric"),
        ("sashing", {"fabric": "fog", "width": "0"}, "width"),
        ("sashing", {"fabric": "fog", "cornerstones": "none"}, "cornerstones"),
        ("edge", {"floats": "1"}, "fabric"),
        ("edge", {"fabric": "none"}, "fabric"),
        ("edge", {"fabric": "fog", "floats": "-1"}, "floats"),
        ("module", {"module": "wide"}, "module"),
        ("module", {"module": "12", "fabric": "none"}, "fabric"),
        ("border", {"number": 1, "width": "2"}, "number"),
        ("border-off", {"number": 0}, "number"),
        ("add-border", {"fabric": "none"}, "fabric"),
        ("backing", {"overhang": "4"}, "fabric"),
        ("backing", {"fabric": "fog", "overhang": "4 cm"}, "overhang"),
        ("binding", {"width": "2"}, "fabric"),
        ("binding", {"fabric": "fog", "width": "x"}, "width"),
        ("colourings", {"block": "none"}, "block"),
        ("colourings", {"block": "one"}, "block"),
        ("making", {"settings": {"seam": "9"}}, "seam"),
        ("take-size", {"columns": 0, "rows": 3, "sashing": "0", "border": "0"}, "columns"),
        ("take-size", {"columns": 3, "rows": 3, "sashing": "x", "border": "0"}, "sashing"),
        ("fabric", {"key": "", "name": " ", "colour": "#000000"}, "name"),
        ("fabric", {"key": "", "name": "New", "colour": "red"}, "colour"),
    ],
)
def test_what_is_refused_names_its_field(name: str, told: dict[str, Any], place: str) -> None:
    with pytest.raises(DraftError) as fault:
        do(STRAIGHT, name, **told)
    assert fault.value.place == place and fault.value.message


def test_a_block_is_laid_at_a_place_or_everywhere() -> None:
    one = do(TWO, "lay", block="two", at=(1, 2))
    assert Counter(placed.block for placed in lies(one).values()) == {"one": 11, "two": 1}
    assert lies(one)[1, 2].block == "two"
    turned = do(one, "turn", at=(1, 2))
    assert lies(do(turned, "lay", block="one", at=(1, 2)))[1, 2] == Placed(block="one", turns=1)
    every = do(one, "lay", block="two")
    assert {placed.block for placed in lies(every).values()} == {"two"}
    assert every.setting.places == {}


@given(st.integers(0, 3), st.booleans(), st.integers(-7, 7))
def test_turned_by_four_and_mirrored_twice_it_lies_as_before(
    turns: int, mirrored: bool, by: int
) -> None:
    first = do(STRAIGHT, "turn", at=(2, 1), by=turns, mirror=False)
    if mirrored:
        first = do(first, "turn", at=(2, 1), mirror=True)
    assert do(do(first, "turn", at=(2, 1), by=by), "turn", at=(2, 1), by=-by) == first
    assert do(do(first, "turn", at=(2, 1), mirror=True), "turn", at=(2, 1), mirror=True) == first
    assert do(first, "turn", at=(2, 1), by=4) == first


def test_mirrored_as_it_lies_a_turned_block_is_turned_back() -> None:
    turned = do(STRAIGHT, "turn", at=(0, 0))
    assert lies(do(turned, "turn", at=(0, 0), mirror=True))[0, 0] == Placed(
        block="one", turns=3, mirrored=True
    )


def test_two_places_are_swapped_with_how_they_lie() -> None:
    quilt = do(do(TWO, "lay", block="two", at=(0, 0)), "turn", at=(0, 0))
    swapped = do(quilt, "swap", at=(0, 0), other=(3, 2))
    assert lies(swapped)[3, 2] == Placed(block="two", turns=1)
    assert lies(swapped)[0, 0] == Placed(block="one")
    assert do(swapped, "swap", at=(3, 2), other=(0, 0)) == quilt
    assert do(quilt, "swap", at=(0, 0), other=(0, 0)) == quilt


@pytest.mark.parametrize(
    ("turning", "found"),
    [
        ("alike", {(0, 0): (0, False), (1, 1): (0, False)}),
        ("quarter-turns", {(0, 0): 0, (0, 1): 1, (1, 1): 2, (1, 0): 3, (2, 2): 0}),
        ("every-other", {(0, 0): 0, (0, 1): 1, (1, 0): 1, (3, 2): 1}),
        (
            "mirrored",
            {(0, 0): (0, False), (0, 2): (0, True), (3, 0): (2, True), (3, 2): (2, False)},
        ),
    ],
)
def test_all_are_turned_in_a_pattern(turning: str, found: dict[tuple[int, int], Any]) -> None:
    quilt = do(do(STRAIGHT, "turn", at=(0, 0)), "turn-all", turning=turning)
    for at, wanted in found.items():
        turns, mirrored = wanted if isinstance(wanted, tuple) else (wanted, False)
        assert lies(quilt)[at] == Placed(block="one", turns=turns, mirrored=mirrored), at


def test_fewer_places_let_go_what_lay_outside_and_only_that() -> None:
    quilt = do(do(STRAIGHT, "turn", at=(3, 2)), "turn", at=(0, 0))
    fewer = do(quilt, "places", columns="2", rows=3)
    assert (fewer.setting.columns, fewer.setting.rows) == (2, 3)
    assert set(fewer.setting.places) == {(0, 0)}
    assert lies(do(fewer, "places", columns=3, rows=4))[3, 2] == Placed(block="one")


def test_on_point_there_is_an_edge_at_once() -> None:
    point = do(STRAIGHT, "places", kind="on-point")
    assert point.setting.edge == Edge(fabric=STRAIGHT.first_fabric)
    own = do(point, "edge", fabric="fog", floats="1/2", half_blocks=True)
    assert own.setting.edge == Edge(fabric="fog", floats=F(1, 2), half_blocks=True)
    straight = do(own, "places", kind="straight")
    assert do(straight, "places", kind="on-point").setting.edge == own.setting.edge


def test_every_other_place_is_a_block_a_fabric_or_as_the_rest() -> None:
    plain = do(TWO, "alternate", fabric="fog")
    assert Counter(placed.block for placed in lies(plain).values()) == {"one": 6}
    other = do(plain, "alternate", block="two")
    assert Counter(placed.block for placed in lies(other).values()) == {"one": 6, "two": 6}
    assert do(other, "alternate") == TWO


def test_sashing_keeps_what_is_not_told() -> None:
    first = do(STRAIGHT, "sashing", fabric="fog")
    assert first.setting.sashing is not None and first.setting.sashing.width == 1
    more = do(first, "sashing", width="2", cornerstones="peat", outer=True)
    assert more.setting.sashing == replace(sash("2", stones="peat", outer=True), fabric="fog")
    assert do(more, "sashing", cornerstones="").setting.sashing == replace(
        sash("2", outer=True), fabric="fog"
    )
    assert do(more, "sashing", fabric="") == STRAIGHT


def test_borders_are_added_changed_and_taken_off_by_number() -> None:
    quilt = do(do(STRAIGHT, "add-border"), "add-border", fabric="fog")
    quilt = do(quilt, "border", number=1, width="1 1/2", corner="mitred")
    inner, outer = quilt.borders
    assert (inner.width, inner.corner, inner.fabric) == (F(3, 2), "mitred", STRAIGHT.first_fabric)
    assert outer.fabric == "fog" and outer.corner == "butted"
    assert do(quilt, "border-off", number=1).borders == (outer,)
    pieced = do(quilt, "border", number=2, block="one")
    assert (pieced.borders[1].block, pieced.borders[1].fabric) == ("one", "")
    assert pieced.borders[1].width == SAMPLES["Weir Gate"].height
    squares = do(pieced, "border", number=2, corners="peat")
    assert (squares.borders[1].block, squares.borders[1].fabric) == ("one", "peat")
    plain = do(squares, "border", number=2, fabric="fog")
    assert (plain.borders[1].block, plain.borders[1].fabric) == ("", "fog")


def test_a_pieced_border_is_never_mitred_in_silence() -> None:
    quilt = do(do(STRAIGHT, "add-border"), "border", number=1, corner="mitred")
    pieced = do(quilt, "border", number=1, block="one")
    assert pieced.borders[0].corner == "butted"
    with pytest.raises(DraftError, match="cannot be mitred") as fault:
        do(pieced, "border", number=1, corner="mitred")
    assert fault.value.place == "corner"
    kept = replace(pieced, borders=(replace(pieced.borders[0], corner="mitred"),))
    assert "corner-not-mitred" in {one.code for one in quilt_notices(plan_quilt(kept))}


def test_a_new_quilt_has_as_many_blocks_as_they_are_meant_for() -> None:
    def of(*counts: int) -> Quilt:
        drafts = [SAMPLES["Weir Gate"], SAMPLES["Scree"], SAMPLES["Stile"]]
        return begun(
            "Throw",
            [
                QuiltBlock(
                    key=f"b{n}", draft=replace(draft, making=replace(draft.making, blocks=b))
                )
                for n, (draft, b) in enumerate(zip(drafts, counts, strict=False))
            ],
        )

    def laid(quilt: Quilt) -> list[int]:
        found = Counter(one.block for one in lies(quilt).values())
        return [found[one.key] for one in quilt.blocks]

    assert laid(of(8)) == [8] and (of(8).setting.columns, of(8).setting.rows) == (2, 4)
    assert laid(of(5, 3)) == [5, 3]
    assert laid(of(2, 4, 6)) == [2, 4, 6]
    assert laid(of(1)) == [12] and laid(of(1, 1)) == [6, 6]  # nobody said how many
    assert laid(of(4, 3)) == [5, 3]  # seven would be a strip
    most = COUNTS["quilt_lines"][1]
    large = of(*[COUNTS["blocks"][1]] * 3).setting, begun("All", many_blocks()).setting
    assert all(max(one.columns, one.rows) <= most for one in large)


def many_blocks() -> list[QuiltBlock]:
    """As many blocks as a quilt may have, each meant for as many as it may be."""
    draft = SAMPLES["Stile"]
    draft = replace(draft, making=replace(draft.making, blocks=COUNTS["blocks"][1]))
    return [QuiltBlock(key=f"k{n}", draft=draft) for n in range(COUNTS["quilt_blocks"][1])]


def test_the_same_block_in_two_colourings_is_called_by_both() -> None:
    draft = SAMPLES["Hut Window"]
    assert draft.colourings
    one, other = (QuiltBlock(key=f"b{n}", draft=draft, colouring=n) for n in (None, 0))
    assert str(one.title) == "Hut Window"
    assert str(other.title) == f"Hut Window in {draft.colourings[0].name}"


def test_no_more_borders_than_there_may_be() -> None:
    quilt, most = STRAIGHT, COUNTS["borders"][1]
    for _ in range(most):
        quilt = do(quilt, "add-border")
    with pytest.raises(DraftError) as fault:
        do(quilt, "add-border")
    assert fault.value.place == "borders" and str(most) in str(fault.value.message)


def test_a_frame_takes_the_fabric_that_there_is() -> None:
    framed = do(STRAIGHT, "module", module="12")
    assert framed.setting.module == 12 and framed.setting.frame == STRAIGHT.first_fabric
    assert do(framed, "module", fabric="fog").setting.frame == "fog"
    assert do(framed, "module", module=" ") == STRAIGHT


@pytest.mark.parametrize(
    ("part", "told", "usual"),
    [("backing", {"overhang": "3"}, F(4)), ("binding", {"width": "2"}, F(5, 2))],
)
def test_backing_and_binding_keep_what_is_not_told(
    part: str, told: dict[str, str], usual: F
) -> None:
    (name, text), *_ = told.items()
    first = do(STRAIGHT, part, fabric="fog")
    assert getattr(getattr(first, part), name) == usual
    changed = do(first, part, **told)
    assert getattr(getattr(changed, part), name) == F(text)
    assert getattr(changed, part).fabric == "fog"
    assert getattr(do(changed, part, fabric="peat"), part) == replace(
        getattr(changed, part), fabric="peat"
    )
    assert do(changed, part, fabric="") == STRAIGHT


def test_a_fabric_of_the_quilt_is_its_own() -> None:
    added = do(STRAIGHT, "fabric", name="Moss", colour="#556b2f", value="dark")
    (moss,) = added.fabrics
    assert (moss.name, moss.value, moss.print) == ("Moss", "dark", "solid")
    changed = do(added, "fabric", key=moss.key, print="directional", direction=90)
    assert changed.fabrics == (replace(moss, print="directional", direction=90),)
    tied = do(STRAIGHT, "fabric", key="fog", shelf="abc")
    assert [fabric.shelf for fabric in tied.fabrics] == ["abc"]
    assert tied.blocks == STRAIGHT.blocks, "the blocks keep theirs"


def test_how_it_is_sewn_and_joined_is_kept() -> None:
    quilt = do(do(STRAIGHT, "together", together="quarters"), "joins", joins="whole")
    assert (quilt.together, quilt.joins) == ("quarters", "whole")
    assert do(quilt, "making", settings={"seam": "3/8"}).making.seam == F(3, 8)


def test_a_way_to_a_size_is_taken_whole() -> None:
    told = {"columns": 4, "rows": 5, "sashing": "2", "border": "3"}
    turned = do(do(STRAIGHT, "turn", at=(0, 0)), "turn", at=(2, 1))
    quilt = do(turned, "take-size", **told)
    assert quilt.setting.places == turned.setting.places  # what was laid by hand stays
    assert sides(finished_of(quilt)) == (4 * 9 + 5 * 2 + 2 * 3, 5 * 9 + 6 * 2 + 2 * 3)
    bare = do(quilt, "take-size", columns=2, rows=2, sashing="0", border="0")
    assert sides(finished_of(bare)) == (18, 18)
    assert [*bare.setting.places] == [(0, 0)]  # where there is a place for it
    larger = do(quilt, "take-size", **told | {"ends": "5/2", "block": "12"})
    assert sides(finished_of(larger)) == (4 * 12 + 5 * 2 + 2 * 3, 5 * 12 + 6 * 2 + 2 * F(5, 2))


def sides(top: Top) -> tuple[float, float]:
    return float(top.width), float(top.height)


WAYS: list[Callable[[Quilt], Quilt]] = [
    lambda quilt: do(quilt, "add-border"),
    lambda quilt: do(quilt, "sashing", fabric="fog", outer=True),
    lambda quilt: do(quilt, "module", module="10"),
    lambda quilt: do(quilt, "places", columns=2),
    lambda quilt: do(quilt, "turn-all", turning="quarter-turns"),
    lambda quilt: do(quilt, "binding", fabric="fog"),
    lambda quilt: do(quilt, "backing", fabric="fog"),
    lambda quilt: do(quilt, "alternate", fabric="fog"),
    lambda quilt: do(quilt, "lay", block="two", at=(0, 0)),
]


@given(st.lists(st.sampled_from(WAYS), max_size=6), st.sampled_from([TWO, POINT]))
def test_whatever_is_done_the_quilt_can_be_planned(
    ways: list[Callable[[Quilt], Quilt]], quilt: Quilt
) -> None:
    for way in ways:
        try:
            quilt = way(quilt)
        except DraftError as fault:
            assert fault.place == "block" and len(quilt.blocks) == 1
    plan = plan_quilt(quilt)
    assert sum(plan.counts.values()) == len(lies(quilt))


def test_a_block_taken_anew_keeps_its_colouring_where_there_still_is_one() -> None:
    draft = SAMPLES["Hut Window"]
    kinds = [("plain", None, "abc"), ("dusk", 0, "abc"), ("gone", 7, "abc"), ("other", None, "xyz")]
    blocks = tuple(
        QuiltBlock(key=key, draft=draft, origin=origin, revision=2, colouring=colouring)
        for key, colouring, origin in kinds
    )
    anew = taken_anew(replace(STRAIGHT, blocks=blocks), replace(draft, name="New"), "abc", 5)
    assert [(one.draft.name, one.revision, one.colouring) for one in anew.blocks] == [
        ("New", 5, None),
        ("New", 5, 0),
        ("New", 5, None),
        ("Hut Window", 2, None),
    ]
