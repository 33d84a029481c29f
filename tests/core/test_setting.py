"""The quilt: worked examples for each setting, areas that add up, files that come back the same."""

from __future__ import annotations

import json
from collections import Counter
from dataclasses import replace
from fractions import Fraction as F
from pathlib import Path
from typing import Any

import pytest
from click.testing import CliRunner
from hypothesis import given
from hypothesis import strategies as st

from yonk.cli import main
from yonk.core.paper import ROOT_2, USUAL, Colouring, DraftError, Length
from yonk.core.planning import make_plan
from yonk.core.setting import (
    Alternate,
    Backing,
    Binding,
    Border,
    Edge,
    Placed,
    Quilt,
    QuiltBlock,
    Sashing,
    Setting,
    Spread,
    Top,
    apply_to_quilt,
    binding_length,
    diagonal_rows,
    places_of,
    plan_quilt,
    quilt_notices,
    spacer_for,
    taken_anew,
    top_of,
    ways_to_reach,
)
from yonk.core.setting.acts.add_colourings import AddColourings
from yonk.files.block_file import BadFileError
from yonk.files.plan_file import cut_rows
from yonk.files.quilt_file import quilt_schema, read_quilt, take_quilt, write_quilt
from yonk.files.quilt_plan_file import quilt_plan_schema, write_quilt_plan
from yonk.machine.samples import all_samples, drafted, put, sheet

ROOT = Path(__file__).resolve().parents[2]
SAMPLES = {draft.name: draft for draft in all_samples()}
FILL = Placed(block="one")


def quilt_of(
    name: str = "Weir Gate", *, columns: int = 3, rows: int = 4, kind: str = "straight", **more: Any
) -> Quilt:
    """A quilt of one block; what goes round it, or the setting, by name."""
    draft = SAMPLES.get(name) or sheet("Plain", name, 1, 1)
    round_it = {key: more.pop(key) for key in ("borders", "backing", "binding") if key in more}
    setting = Setting(kind=kind, columns=columns, rows=rows, fill=FILL, **more)  # type: ignore[arg-type]
    blocks = (QuiltBlock(key="one", draft=draft),)
    making = replace(USUAL[draft.unit].settings)
    return Quilt(
        name="Hut throw", unit=draft.unit, blocks=blocks, setting=setting, making=making, **round_it
    )


def cut(quilt: Quilt, purpose: str) -> Counter[tuple[str, str]]:
    """What is cut for a purpose: the sizes as the ruler tells them."""
    found: Counter[tuple[str, str]] = Counter()
    for piece, count in plan_quilt(quilt).pieces.items():
        if piece.purpose == purpose:
            found[str(piece.long), str(piece.short)] += count
    return found


def size(top: Top) -> tuple[float, float]:
    return round(float(top.width), 4), round(float(top.height), 4)


def sash(width: str = "3/2", *, stones: str = "", outer: bool = False) -> Sashing:
    return Sashing(width=F(width), fabric="slate", cornerstones=stones, outer=outer)


def test_straight_by_hand() -> None:
    """3 × 4 of 9″: 27 × 36; with 1½″ between them 30 × 40½, with a ring 33 × 43½."""
    assert size(top_of(quilt_of())) == (27, 36)
    assert size(top_of(quilt_of(sashing=sash()))) == (30, 40.5)
    assert size(top_of(quilt_of(sashing=sash(outer=True)))) == (33, 43.5)
    assert plan_quilt(quilt_of()).counts == {"one": 12}


def side_triangles(setting: Setting) -> int:
    """How many triangles fill the sides of an on-point setting, reckoned and not drawn."""
    return 2 * (setting.columns - 1) + 2 * (setting.rows - 1)


@pytest.mark.parametrize(
    ("stones", "outer", "strips", "squares"),
    [
        ("", False, {("19/2", "2"): 8, ("61/2", "2"): 3}, {}),
        ("", True, {("19/2", "2"): 16, ("67/2", "2"): 5}, {}),
        ("fog", False, {("19/2", "2"): 8 + 9}, {("2", "2"): 6}),
        ("fog", True, {("19/2", "2"): 16 + 15}, {("2", "2"): 20}),
    ],
)
def test_sashing_by_hand(
    stones: str, outer: bool, strips: dict[Any, int], squares: dict[Any, int]
) -> None:
    quilt = quilt_of(sashing=sash(stones=stones, outer=outer))
    assert cut(quilt, "sashing") == strips and cut(quilt, "cornerstone") == squares


def test_in_centimetres_with_another_seam() -> None:
    """Three rails of 15 cm in a row, ¾ cm seams: sashes of 15 × 4 are cut 16½ × 5½."""
    quilt = quilt_of("Bracken Rails", columns=3, rows=1, sashing=sash("4"))
    assert size(top_of(quilt)) == (53, 15)
    assert cut(quilt, "sashing") == {("33/2", "11/2"): 2}
    wide = replace(quilt, making=replace(quilt.making, seam=F(1)))
    assert cut(wide, "sashing") == {("17", "6"): 2}
    assert "other-seam" in {one.code for one in quilt_notices(plan_quilt(wide))}


def test_on_point_by_hand() -> None:
    """3 × 4 of 8″: 18 blocks, 24√2 × 32√2; ten side triangles from three squares of 12⅝, four
    corners from two of 6⅝.
    """
    quilt = quilt_of("Hut Window", kind="on-point", edge=Edge(fabric="slate"))
    assert plan_quilt(quilt).counts == {"one": 18}
    assert top_of(quilt) == Top(ROOT_2 * 24, ROOT_2 * 32)
    assert side_triangles(quilt.setting) == 10
    assert cut(quilt, "side-triangle") == {("101/8", "101/8"): 3}
    assert cut(quilt, "corner-triangle") == {("53/8", "53/8"): 2}
    assert [len(row) for row in diagonal_rows(quilt.setting)] == [1, 3, 5, 5, 3, 1]


def test_blocks_that_float_and_half_blocks() -> None:
    floating = quilt_of("Hut Window", kind="on-point", edge=Edge(fabric="slate", floats=F(1)))
    assert top_of(floating) == Top(ROOT_2 * 24 + 2, ROOT_2 * 32 + 2)
    assert cut(floating, "side-triangle") == {("117/8", "117/8"): 3}
    assert cut(floating, "corner-triangle") == {("69/8", "69/8"): 2}
    halves = quilt_of("Hut Window", kind="on-point", edge=Edge(fabric="slate", half_blocks=True))
    assert plan_quilt(halves).counts == {"one": 28} and not cut(halves, "side-triangle")
    bare = plan_quilt(quilt_of("Hut Window", kind="on-point"))
    assert [one.code for one in quilt_notices(bare)] == ["edge-missing"]


HALVED = Edge(fabric="slate", half_blocks=True)


def with_setting(quilt: Quilt, **more: Any) -> Quilt:
    return replace(quilt, setting=replace(quilt.setting, **more))


def test_half_blocks_cut_from_framed_ones_have_their_frames() -> None:
    """Five places and four halves, each from a framed block of its own."""
    quilt = quilt_of("6", kind="on-point", columns=2, rows=2, edge=HALVED)
    framed = with_setting(quilt, module=F(8), frame="fog")
    assert plan_quilt(framed).counts == {"one": 9}
    assert cut(framed, "frame") == {("13/2", "3/2"): 18, ("17/2", "3/2"): 18}
    pieced = replace(HALVED, pieced=True)
    with pytest.raises(DraftError, match="no seam along its diagonal"):
        plan_quilt(with_setting(framed, edge=pieced))


def test_half_blocks_go_on_with_the_alternate_block() -> None:
    quilt = quilt_of("8", kind="on-point", columns=3, rows=2, edge=HALVED)
    other = replace(quilt.blocks[0], key="two")
    both = replace(quilt, blocks=(*quilt.blocks, other))
    assert plan_quilt(with_setting(both, alternate=Alternate(block="two"))).counts == {
        "one": 6,
        "two": 8,
    }


def test_halves_pieced_as_drafted_are_loose_patches() -> None:
    """An 8″ half-square triangle: eight whole ones and six halves, each one loose triangle; from a
    square 8⅞ come two. What is sewn together gives none.
    """
    half = drafted(sheet("Half", "8", 1, 1), [put("half-square-triangle", (0, 0), "peat fog")])
    quilt = quilt_of("8", kind="on-point", columns=3, rows=2, edge=replace(HALVED, pieced=True))
    quilt = replace(quilt, blocks=(QuiltBlock(key="one", draft=half),))
    plan = plan_quilt(quilt)
    assert plan.counts == {"one": 11} and plan.whole_blocks("one") == 8
    loose = {cut.fabric: cut.yields for cut in plan.plans["one"].cuts if cut.subcut != "none"}
    assert sum(loose.values()) >= 6 and sum(plan.halves.values()) == 6
    faces = plan.plans["one"].reading.fabrics
    for (_, patches), count in plan.halves.items():
        (patch,) = patches
        assert loose[faces[patch]] >= count
    sewn = [recipe for recipe in plan.plans["one"].recipes if recipe.group.kind != "pieced"]
    assert sum(recipe.total for recipe in sewn) == 8


@pytest.mark.parametrize(
    ("more", "told"),
    [
        ({"module": F(97, 8), "frame": "fog"}, ["1⁄16″ too wide", "12″ or 12 1⁄4″"]),
        ({"module": F(12), "frame": "fog"}, []),
        ({"sashing": sash("17/16")}, ["Sashing", "a width of 1″ or 1 1⁄8″"]),
    ],
)
def test_widths_of_the_setting_off_the_ruler_are_told(
    more: dict[str, Any], told: list[str]
) -> None:
    """A 9″ block in a module of 12⅛ wants strips of 2¹⁄₁₆; the ruler has 2⅛, so each framed block
    comes out ⅛ larger.
    """
    plan = plan_quilt(quilt_of("9", columns=2, rows=2, **more))
    off = [one.text for one in quilt_notices(plan) if one.code == "off-the-ruler"]
    assert len(off) == bool(told)
    assert all(part in str(off[0]) for part in told)


def test_on_point_with_sashing_by_hand() -> None:
    """2 × 2 of 8″ with 2″ between: five blocks, four strips, no whole crossing; side triangles
    reach over a strip's end: 10√2 + ¼(2 + 2√2) = 15.35.
    """
    quilt = quilt_of(
        "Hut Window", kind="on-point", columns=2, rows=2,
        sashing=sash("2", stones="fog"), edge=Edge(fabric="slate"),
    )  # fmt: skip
    assert cut(quilt, "sashing") == {("17/2", "5/2"): 4}
    assert not cut(quilt, "cornerstone")
    assert cut(quilt, "side-triangle") == {("123/8", "123/8"): 1}
    ring = replace(quilt.setting, sashing=sash("2", stones="fog", outer=True))
    outer = replace(quilt, setting=ring)
    assert cut(outer, "sashing") == {("17/2", "5/2"): 16}
    assert cut(outer, "cornerstone") == {("5/2", "5/2"): 12}
    assert top_of(outer) == Top(ROOT_2 * 20, ROOT_2 * 20)


AREA_SETTINGS: st.SearchStrategy[dict[str, Any]] = st.builds(
    dict,
    kind=st.sampled_from(["straight", "on-point"]),
    columns=st.integers(1, 6),
    rows=st.integers(1, 6),
    wide=st.sampled_from(["0", "1", "3/2", "2"]),
    stones=st.sampled_from(["", "fog"]),
    outer=st.booleans(),
)


@given(AREA_SETTINGS)
def test_the_areas_of_all_finished_pieces_add_up_to_the_top(told: dict[str, Any]) -> None:
    """On point without an outer ring, or with cornerstones that the edge halves."""
    wide, outer, stones = F(told["wide"]), told["outer"], told["stones"]
    on_point = told["kind"] == "on-point"
    if on_point and outer and not stones:
        return  # long strips of an outer ring are trimmed at the edge
    if on_point and wide and not outer and min(told["columns"], told["rows"]) == 1:
        return  # refused, where it is more than one block
    sashing = Sashing(width=wide, fabric="slate", cornerstones=stones, outer=outer)
    quilt = quilt_of(
        "8",
        kind=told["kind"],
        columns=told["columns"],
        rows=told["rows"],
        sashing=sashing if wide else None,
        edge=Edge(fabric="peat"),
    )
    plan = plan_quilt(quilt)
    total = Length.of(64 * plan.counts["one"])
    corners: int = 2 * (told["columns"] + told["rows"]) if on_point and outer and wide else 0
    for piece, count in plan.pieces.items():
        if piece.purpose in ("sashing", "cornerstone"):
            area = (piece.long - F(1, 2)) * (piece.short - F(1, 2))
            halved = F(corners, 2) if piece.purpose == "cornerstone" else F(0)
            total = total + area * (count - halved)
    if on_point:
        leg = 8 + (wide if not outer else F(0))
        total = total + side_triangles(quilt.setting) * leg * leg / 2 + 4 * F(64) / 4
    assert total == plan.top.width * plan.top.height


def test_every_other_place() -> None:
    quilt = quilt_of("Cairn Path", columns=5, rows=5, alternate=Alternate(fabric="slate"))
    assert plan_quilt(quilt).counts == {"one": 13}
    assert cut(quilt, "alternate") == {("21/2", "21/2"): 12}
    point = quilt_of("Cairn Path", kind="on-point", alternate=Alternate(fabric="slate"))
    assert plan_quilt(point).counts == {"one": 12} and cut(point, "alternate").total() == 6


def test_frames_bring_blocks_to_the_module() -> None:
    """A 9″ block in a module of 12: two of 9 × 1½ and two of 12 × 1½."""
    quilt = quilt_of(module=F(12), frame="slate")
    assert cut(quilt, "frame") == {("19/2", "2"): 24, ("25/2", "2"): 24}
    assert size(top_of(quilt)) == (36, 48)
    with pytest.raises(DraftError, match="larger than the module"):
        plan_quilt(quilt_of(module=F(8), frame="slate"))
    with pytest.raises(DraftError, match="need a fabric to frame"):
        plan_quilt(quilt_of(module=F(12)))


def test_borders_by_hand() -> None:
    """27 × 36: a butted inch, sides first; then a mitred two."""
    borders = (
        Border(width=F(1), fabric="fog"),
        Border(width=F(2), fabric="slate", corner="mitred"),
    )
    quilt = quilt_of(borders=borders)
    assert cut(quilt, "border-1") == {("73/2", "3/2"): 2, ("59/2", "3/2"): 2}
    assert cut(quilt, "border-2") == {("85/2", "5/2"): 2, ("67/2", "5/2"): 2}
    assert size(plan_quilt(quilt).finished) == (33, 42)
    other = quilt_of(borders=(replace(borders[0], first="top"),))
    assert cut(other, "border-1") == {("55/2", "3/2"): 2, ("77/2", "3/2"): 2}


def test_a_pieced_border_fits_or_says_what_would_make_it_fit() -> None:
    fits = quilt_of(borders=(Border(width=F(9), block="one"),))
    assert plan_quilt(fits).counts == {"one": 12 + 2 * (3 + 4) + 4}
    assert spacer(37, 49) == (F(5, 2), F(5, 2))
    off = quilt_of(borders=(Border(width=F(1), fabric="fog"), Border(width=F(9), block="one")))
    with pytest.raises(DraftError, match="sew a border of 3 1⁄2″ on first"):
        plan_quilt(off)
    with pytest.raises(DraftError, match="must be 9″"):
        plan_quilt(quilt_of(borders=(Border(width=F(8), block="one"),)))


def spacer(wide: int, high: int) -> tuple[F, F] | None:
    return spacer_for(Top(Length.of(F(wide)), Length.of(F(high))), F(6), F(1, 8), F(1, 2))


def test_where_both_sides_fit_a_spacer_is_half_a_repeat() -> None:
    """36 and 42 are six and seven repeats of 6; three on each side make them seven and eight."""
    assert spacer(36, 42) == (3, 3)
    assert spacer(36, 45) == (3, F(3, 2))


@pytest.mark.parametrize(
    ("wide", "high", "fits"), [(6, 9, True), (9, 6, True), (6, 10, False), (10, 6, False)]
)
def test_a_block_larger_than_the_module_either_way_is_refused(
    wide: int, high: int, fits: bool
) -> None:
    draft = replace(SAMPLES["Weir Gate"], width=F(wide), height=F(high))
    quilt = quilt_of(module=F(9), frame="fog")
    oblong = replace(quilt, blocks=(replace(quilt.blocks[0], draft=draft),))
    if fits:
        assert size(plan_quilt(oblong).finished) == (27, 36)
        return
    with pytest.raises(DraftError, match="larger than the module of 9") as refused:
        plan_quilt(oblong)
    assert refused.value.place == "blocks.one"


@pytest.mark.parametrize(("number", "there"), [(0, True), (1, True), (2, False), (3, False)])
def test_a_colouring_that_is_gone_is_refused_and_let_go_when_taken_anew(
    number: int, there: bool
) -> None:
    two = (Colouring(name="Dusk"), Colouring(name="Dawn"))
    draft = replace(SAMPLES["Weir Gate"], colourings=two)
    quilt = quilt_of()
    block = replace(quilt.blocks[0], draft=draft, colouring=number, origin="shelf")
    asked = replace(quilt, blocks=(block,))
    if there:
        assert plan_quilt(asked).plans["one"].blocks == 12
    else:
        with pytest.raises(DraftError, match="none of the block's"):
            plan_quilt(asked).plans  # noqa: B018
    anew = taken_anew(asked, draft, "shelf", 7).blocks[0]
    assert (anew.colouring, anew.revision) == (number if there else None, 7)


def test_backing_and_binding_by_hand() -> None:
    """27 × 36: once round is 126, ten over; the backing reaches four beyond on each side."""
    quilt = quilt_of(
        backing=Backing(fabric="peat", overhang=F(4)), binding=Binding(fabric="fog", width=F(5, 2))
    )
    assert binding_length(quilt) == 136
    assert cut(quilt, "binding") == {("136", "5/2"): 1}
    assert cut(quilt, "backing") == {("44", "35"): 1}


def test_a_quilt_of_one_block_cuts_what_its_block_cuts() -> None:
    for name in ("Weir Gate", "Heron Reach", "Hut Window"):
        draft = replace(SAMPLES[name], colourings=())
        alone = cut_rows(make_plan(draft, 1).cuts)
        rows = write_quilt_plan(plan_quilt(quilt_of(name, columns=1, rows=1)))["cuts"]
        assert [row | {"for": None, "units": None} for row in rows] == [
            row | {"for": None, "units": None} for row in alone
        ]
        assert all(row["for"] == ["one"] for row in rows)


@given(st.integers(2, 7), st.integers(2, 7), st.booleans())
def test_swapped_rows_and_columns_swap_only_the_picture(
    columns: int, rows: int, on_point: bool
) -> None:
    kind = "on-point" if on_point else "straight"

    def pieces(columns: int, rows: int) -> Counter[Any]:
        quilt = quilt_of(
            "8", columns=columns, rows=rows, kind=kind,
            sashing=sash(stones="fog"), edge=Edge(fabric="fog"),
        )  # fmt: skip
        return Counter(plan_quilt(quilt).pieces)

    assert pieces(columns, rows) == pieces(rows, columns)


def test_what_does_not_fit_is_told_by_place() -> None:
    quilt = quilt_of()
    other = replace(quilt, blocks=(*quilt.blocks, QuiltBlock(key="two", draft=SAMPLES["Stile"])))
    at = {(0, 1): Placed(block="two")}
    with pytest.raises(DraftError, match="give the setting a module"):
        plan_quilt(replace(other, setting=replace(other.setting, places=at)))
    for places, said in (
        ({(9, 9): FILL}, "no place"),
        ({(0, 0): Placed(block="nine")}, "no block of the quilt"),
    ):
        with pytest.raises(DraftError, match=said):
            plan_quilt(replace(quilt, setting=replace(quilt.setting, places=places)))
    lone = quilt_of("8", kind="on-point", columns=1, sashing=sash())
    with pytest.raises(DraftError, match="outer ring"):
        plan_quilt(lone)
    flat = quilt_of("Clint", columns=2, rows=2)
    turned = replace(flat.setting, places={(0, 0): Placed(block="one", turns=1)})
    with pytest.raises(DraftError, match="cannot be turned"):
        plan_quilt(replace(flat, setting=turned))
    with pytest.raises(DraftError, match="square blocks"):
        plan_quilt(quilt_of("Clint", kind="on-point"))


def test_a_colouring_and_the_quilts_own_fabrics() -> None:
    dusk = QuiltBlock(
        key="one", draft=SAMPLES["Hut Window"], colouring=0, fabrics={"slate": "bracken"}
    )
    quilt = replace(quilt_of("Hut Window"), blocks=(dusk,))
    plan = plan_quilt(quilt)
    fabrics = {row["fabric"] for row in write_quilt_plan(plan)["cuts"]}
    assert "rowan" not in fabrics and "slate" not in fabrics and "bracken" in fabrics
    assert write_quilt_plan(plan)["blocks"] == [{"key": "one", "colouring": "Dusk", "count": 12}]


FULL = quilt_of(
    "Hut Window",
    kind="on-point",
    places={(1, 1): Placed(block="one", turns=1, mirrored=True)},
    alternate=Alternate(block="one"),
    sashing=sash(stones="fog", outer=True),
    edge=Edge(fabric="slate", floats=F(1, 2)),
    module=F(10),
    frame="fog",
    borders=(Border(width=F(2), fabric="fog", corner="mitred"),),
    backing=Backing(fabric="peat", overhang=F(4)),
    binding=Binding(fabric="fog", width=F(5, 2), grain="bias"),
)


@pytest.mark.parametrize("quilt", [quilt_of(), FULL])
def test_a_quilt_file_comes_back_the_same(quilt: Quilt) -> None:
    again = read_quilt(json.dumps(write_quilt(quilt)))
    assert again == quilt
    plan = write_quilt_plan(plan_quilt(again))
    assert {*quilt_plan_schema()["required"]} <= plan.keys()


def test_every_fault_of_a_file_is_told_by_its_place() -> None:
    sound = write_quilt(FULL)

    def places(**change: Any) -> set[str]:
        with pytest.raises(BadFileError) as bad:
            take_quilt(sound | change)
        return {fault.place for fault in bad.value.faults}

    block = sound["blocks"][0]
    assert places(format="yonk-quilt/2") == {"format"}
    assert places(blocks=[]) == {"blocks"}
    assert places(blocks=[block, block]) == {"blocks[0].key", "blocks[1].key"}
    assert places(blocks=[block | {"colouring": 9}]) == {"blocks[0].colouring"}
    broken = block["block"] | {"finished": {"width": "-1", "height": "8"}}
    assert places(blocks=[block | {"block": broken}]) == {"blocks[0].block.finished.width"}
    assert places(unit="cm") >= {"blocks[0].block.unit"}
    assert places(setting=sound["setting"] | {"columns": 1000}) == {"setting.columns"}
    wide = sound["setting"] | {"sashing": {"width": "9999", "fabric": "fog"}}
    assert places(setting=wide) == {"setting.sashing.width"}
    nobody = sound["setting"] | {"edge": {"fabric": "nobody"}}
    assert places(setting=nobody) == {"setting.edge.fabric"}
    twice = [{"row": 0, "column": 1, "block": block["key"]}] * 2
    assert places(setting=sound["setting"] | {"places": twice}) == {"setting.places[1]"}
    assert places(borders=[{"width": "2"}]) == {"borders[0]"}
    assert places(borders=[{"width": "2", "block": "two"}]) == {"borders[0].block"}
    for text in (b"[]", b"{", b"\xff", b"[" * 100_000):
        with pytest.raises(BadFileError):
            read_quilt(text)


def test_the_command_line(tmp_path: Path) -> None:
    file = tmp_path / "hut.quilt.json"
    file.write_text(json.dumps(write_quilt(FULL)))
    told = CliRunner().invoke(main, ["quilt", str(file), "--json"])
    assert json.loads(told.stdout)["format"] == "yonk-quilt-plan/1"
    listed = CliRunner().invoke(main, ["quilt", str(file)]).stdout
    assert "side triangles" in listed and listed.startswith("fabric,count,shape")
    file.write_text(json.dumps(write_quilt(FULL) | {"borders": [{"width": "2"}]}))
    bad = CliRunner().invoke(main, ["quilt", str(file)])
    assert bad.exit_code == 2 and "borders[0]: must have either" in bad.stderr


def test_the_published_schemas_are_the_programs_own() -> None:
    assert json.loads((ROOT / "docs/quilt.schema.json").read_text()) == quilt_schema()
    assert json.loads((ROOT / "docs/quilt-plan.schema.json").read_text()) == quilt_plan_schema()


def test_places_are_told_row_by_row() -> None:
    setting = Setting(kind="on-point", columns=2, rows=2, fill=FILL)
    assert [(one.row, one.column) for one in places_of(setting)] == [
        (0, 0),
        (0, 1),
        (1, 0),
        (2, 0),
        (2, 1),
    ]


def test_a_size_is_reached_by_hand() -> None:
    """60 × 80 of 9″ blocks: 5 × 7 with an inch between and around is 51 × 71, and 4½ on each
    side.
    """
    first = ways_to_reach(quilt_of(), F(60), F(80))[0]
    setting = first.quilt.setting
    assert (setting.columns, setting.rows, first.sashing, first.border) == (5, 7, 1, F(9, 2))
    assert first.off == 0 and size(plan_quilt(first.quilt).finished) == (60, 80)
    found = ways_to_reach(quilt_of(), F(45), F(36))
    plain = next(one for one in found if not one.sashing and not one.border)
    setting = plain.quilt.setting
    assert (setting.columns, setting.rows, plain.off) == (5, 4, 0)


@given(
    st.sampled_from(["straight", "on-point"]),
    st.fractions(F(20), F(120), max_denominator=8),
    st.fractions(F(20), F(120), max_denominator=8),
)
def test_every_way_to_a_size_is_the_size_that_it_says(kind: str, width: F, height: F) -> None:
    found = ways_to_reach(quilt_of("8", kind=kind, edge=Edge(fabric="fog")), width, height)
    offs = [round(one.off, 6) for one in found]
    assert offs and offs == sorted(offs)
    sorts = {(way.block is not None, way.ends is not None) for way in found}
    assert (True, False) in sorts or (True, True) in sorts  # some with the blocks redrafted
    for way in found:
        finished = plan_quilt(way.quilt).finished
        assert finished.width == way.over[0] + width and finished.height == way.over[1] + height
        assert way.border % F(1, 8) == 0 and (way.ends or F(0)) % F(1, 8) == 0
        drafts = {one.draft.width for one in way.quilt.blocks}
        assert drafts == {F(8) if way.block is None else way.block}


def test_what_was_laid_by_hand_and_inner_borders_are_kept_on_the_way_to_a_size() -> None:
    borders = (Border(width=F(1), fabric="fog"), Border(width=F(4), fabric="peat"))
    quilt = quilt_of(borders=borders)
    laid = {(0, 0): Placed(block="one", turns=1), (3, 2): Placed(block="one", turns=2)}
    quilt = replace(quilt, setting=replace(quilt.setting, places=laid))
    for way in ways_to_reach(quilt, F(40), F(50)):
        setting = way.quilt.setting
        kept = {at for at in laid if at[0] < setting.rows and at[1] < setting.columns}
        assert setting.places == {at: laid[at] for at in kept} and way.lost == 2 - len(kept)
        assert way.quilt.borders[0] == borders[0]
        assert [one.fabric for one in way.quilt.borders[1:]] == ["peat"] * bool(way.border)


def several(kinds: int, **told: Any) -> Quilt:
    """A quilt of so many kinds of plain block."""
    quilt = quilt_of("8", **told)
    names = ("one", "two", "three", "four", "five", "six", "seven", "eight", "nine")
    keys = names[:kinds]
    return replace(quilt, blocks=tuple(replace(quilt.blocks[0], key=key) for key in keys))


def test_colourings_are_taken_in_once() -> None:
    quilt = apply_to_quilt(quilt_of("Hut Window"), AddColourings(block="one"))
    assert [(one.key, one.colouring) for one in quilt.blocks] == [("one", None), ("one-dusk", 0)]
    assert apply_to_quilt(quilt, AddColourings(block="one")) == quilt
    spread = apply_to_quilt(quilt, Spread())
    assert plan_quilt(spread).counts == {"one": 6, "one-dusk": 6}
    with pytest.raises(DraftError, match="has no colourings"):
        apply_to_quilt(quilt_of("Stile"), AddColourings(block="one"))
