"""What a top is cut from, counted in its drawing, held against sums that know no drawing; and the
areas of all that is drawn.
"""

from __future__ import annotations

import os
from collections import Counter
from dataclasses import replace
from fractions import Fraction as F
from typing import Any

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.core.test_setting import quilt_of, sash
from yonk.core.paper import ROOT_2, DraftError, Length, write_exact
from yonk.core.setting import (
    Alternate,
    Border,
    Edge,
    Placed,
    QuiltBlock,
    Top,
    finished_of,
    handles_of,
    plan_quilt,
    quilt_notices,
    spacer_for,
    top_of,
)
from yonk.core.setting.acts.fit_border import FitBorder
from yonk.core.setting.acts.set_border import SetBorder
from yonk.core.setting.acts.widen import Widen
from yonk.core.setting.drawn import draw_top
from yonk.core.setting.quilt import Quilt
from yonk.files.quilt_file import take_quilt, write_quilt
from yonk.machine.samples import drafted, put, sheet

HALF = drafted(sheet("Half", "8", 1, 1), [put("half-square-triangle", (0, 0), "peat fog")])

quilts: st.SearchStrategy[dict[str, Any]] = st.fixed_dictionaries(
    {
        "kind": st.sampled_from(["straight", "on-point"]),
        "columns": st.integers(1, 7),
        "rows": st.integers(1, 7),
        "wide": st.sampled_from(["0", "1", "3/2", "17/16"]),
        "stones": st.sampled_from(["", "fog"]),
        "outer": st.booleans(),
        "alternate": st.sampled_from(["", "block", "fabric"]),
        "module": st.sampled_from([None, F(8), F(9), F(97, 8)]),
        "halves": st.sampled_from(["none", "cut", "pieced"]),
        "halves_at": st.sampled_from(["all", "sides", "ends"]),
        "seam": st.sampled_from([F(1, 4), F(3, 8)]),
    }
)

QUILTS = 2000 if os.environ.get("YONK_LONG") == "1" else 200  # drawn at random


def drawn_quilt(told: dict[str, Any]) -> Quilt | None:
    """The quilt that was told, or None where such a one is refused."""
    on_point, wide = told["kind"] == "on-point", F(told["wide"])
    columns, rows = told["columns"], told["rows"]
    halves = on_point and told["halves"] != "none"
    if on_point and wide and not told["outer"] and (halves or min(columns, rows) == 1):
        return None
    quilt = quilt_of(
        "8",
        kind=told["kind"],
        columns=columns,
        rows=rows,
        sashing=sash(told["wide"], stones=told["stones"], outer=told["outer"]) if wide else None,
        alternate={"": None, "block": Alternate(block="two"), "fabric": Alternate(fabric="gorse")}[
            told["alternate"]
        ],
        edge=Edge(
            fabric="peat",
            half_blocks=halves,
            pieced=told["halves"] == "pieced",
            halves_at=told["halves_at"],
        ),
        module=told["module"],
        frame="lichen",
    )
    two = replace(quilt.blocks[0], key="two")
    blocks = (QuiltBlock(key="one", draft=HALF), replace(two, draft=HALF))
    return replace(quilt, blocks=blocks, making=replace(quilt.making, seam=told["seam"]))


def reckoned(quilt: Quilt, told: dict[str, Any]) -> tuple[Counter[str], F]:
    """How many pieces there are of each purpose, and how long all sashing is, finished."""
    setting, c, r = quilt.setting, told["columns"], told["rows"]
    on_point = setting.kind == "on-point"
    side = told["module"] or F(8)
    blocks = c * r + (c - 1) * (r - 1) if on_point else c * r
    others = 0 if not told["alternate"] else (c - 1) * (r - 1) if on_point else c * r // 2
    plain = others if told["alternate"] == "fabric" else 0
    found: Counter[str] = Counter({"alternate": plain})
    ends, sides = 2 * (c - 1), 2 * (r - 1)
    halved = 0
    if on_point:
        found["corner-triangle"] = 4
        if told["halves"] != "none":
            halved = {"all": ends + sides, "sides": sides, "ends": ends}[told["halves_at"]]
        found["side-triangle"] = ends + sides - halved
    if told["module"] and side > 8:
        each = 2 if told["halves"] == "pieced" else 4
        found["frame"] = 4 * (blocks - plain) + each * halved
    sashing = setting.sashing
    if sashing is None:
        return found, F(0)
    more, w = (1 if sashing.outer else -1), sashing.width
    if on_point:
        lines = c + r - 1
        along = across = blocks + more * lines
        strips = lines + more
        four = (max(0, r - 2) * (c - 1) + max(0, c - 2) * (r - 1)) if c > 1 and r > 1 else 0
        crossings = 1 + blocks + 2 * lines if sashing.outer else four
    else:
        along, across = (c + more) * r, (r + more) * c
        strips = r + more
        crossings = (c + more) * (r + more)
    if sashing.cornerstones:
        found["sashing"], found["cornerstone"] = along + across, crossings
        return found, (along + across) * side
    found["sashing"] = along + strips
    return found, along * side + across * side + (across + more * strips) * w


@settings(max_examples=QUILTS)
@given(quilts)
def test_pieces_are_as_many_and_as_long_as_reckoned(told: dict[str, Any]) -> None:
    quilt = drawn_quilt(told)
    if quilt is None:
        return
    plan = plan_quilt(quilt)
    wanted, long = reckoned(quilt, told)
    found: Counter[str] = Counter()
    listed = F(0)
    for piece, count in plan.pieces.items():
        each = {"both-diagonals": 4, "one-diagonal": 2}.get(piece.subcut, 1)
        found[piece.purpose] += each * count
        if piece.purpose == "sashing":
            listed += count * (max(piece.long, piece.short) - 2 * told["seam"])
    triangles = found["side-triangle"] - wanted["side-triangle"]
    assert 0 <= triangles < 4 and +found == +wanted + Counter({"side-triangle": triangles})
    assert abs(listed - long) <= F(1, 16) * found["sashing"]
    halves = sum(plan.halves.values()) + sum(plan.cut_halves.values())
    setting = quilt.setting
    places = setting.columns * setting.rows
    if setting.kind == "on-point":
        places += (setting.columns - 1) * (setting.rows - 1)
    pieced = sum(plan.halves.values())
    blocks = places - wanted["alternate"] + sum(plan.cut_halves.values()) + -(-pieced // 2)
    odd_ones = len({key for key, _ in plan.halves}) - 1
    assert blocks <= sum(plan.counts.values()) <= blocks + max(0, odd_ones)
    assert halves == sum(1 for one in draw_top(quilt).parts if one.what == "half-block")


@settings(max_examples=60)
@given(quilts)
def test_all_that_is_drawn_covers_the_top_once(told: dict[str, Any]) -> None:
    quilt = drawn_quilt(told)
    if quilt is None:
        return
    drawn, top = draw_top(quilt), top_of(quilt)
    twice = sum(face.twice_area for face in drawn.faces)
    assert Length.of(F(twice, 2) / drawn.scale**2) == top.width * top.height
    pieced = [one for one in drawn.parts if one.what == "half-block"]
    assert len(pieced) == sum(plan_quilt(quilt).halves.values()) + sum(
        plan_quilt(quilt).cut_halves.values()
    )


def half_framed(at: str = "all") -> Quilt:
    told: dict[str, Any] = {
        **{"kind": "on-point", "columns": 3, "rows": 2, "wide": "0", "stones": "", "outer": False},
        **{"alternate": "", "module": F(9), "halves": "pieced", "halves_at": at, "seam": F(1, 4)},
    }
    found = drawn_quilt(told)
    assert found is not None
    return found


def test_the_frame_of_a_half_block_by_hand() -> None:
    """An 8″ block in a module of 9: strips of ½″. A half has one of 9″ and one of 8½″ along its
    two sides; the end of each runs along the edge, and with ¼″ seams reaches ¼ + ¼(1 + √2) = 0.854″
    further: 9.854 and 9.354, up to 9⅞ and 9⅜.
    """
    frames = {
        (str(one.long), str(one.short)): count
        for one, count in plan_quilt(half_framed()).pieces.items()
        if one.purpose == "frame"
    }
    assert frames == {
        ("17/2", "1"): 16,  # beside the eight whole blocks
        ("19/2", "1"): 16,
        ("79/8", "1"): 6,
        ("75/8", "1"): 6,
    }


@pytest.mark.parametrize(
    ("at", "halves", "triangles"), [("all", 6, 0), ("sides", 2, 4), ("ends", 4, 2)]
)
def test_half_blocks_lie_where_she_says(at: str, halves: int, triangles: int) -> None:
    """Three columns and two rows: four above and below, one at either side."""
    quilt = half_framed(at)
    plan = plan_quilt(quilt)
    assert sum(plan.halves.values()) == halves
    squares = [n for one, n in plan.pieces.items() if one.purpose == "side-triangle"]
    assert sum(squares) == -(-triangles // 4)
    assert take_quilt(write_quilt(quilt)) == quilt


def test_where_halves_lie_is_told_in_the_file_where_it_is_not_all_round() -> None:
    assert write_quilt(half_framed("ends"))["setting"]["edge"]["halves_at"] == "ends"
    assert "halves_at" not in write_quilt(half_framed())["setting"]["edge"]


@settings(max_examples=40)
@given(quilts, st.sampled_from([None, F(3), F(6)]), st.integers(0, 3))
def test_a_side_that_is_dragged_makes_its_part_so_wide(
    told: dict[str, Any], small: F | None, turns: int
) -> None:
    """Every side goes outward, and the width that it is dragged to is its part's, whatever other
    blocks have other frames.
    """
    quilt = drawn_quilt(told)
    if quilt is None:
        return
    if small and told["module"]:
        one, two = quilt.blocks
        quilt = replace(quilt, blocks=(one, replace(two, draft=sheet("Small", str(small), 1, 1))))
        laid = {(0, 0): Placed(block="two", turns=turns)}
        quilt = replace(quilt, setting=replace(quilt.setting, places=laid))
    quilt = replace(quilt, borders=(Border(width=F(4), fabric="fog", ends=F(3)),))
    finished, once = finished_of(quilt), set[object]()
    for handle in handles_of(quilt):
        (x, y), (dx, dy) = handle.side[0], handle.toward
        assert abs(dx**2 + dy**2 - 1) < 1e-9
        back = x - dx * float(handle.width), y - dy * float(handle.width)
        tall = float(finished.width) + 30, float(finished.height) + 30
        assert all(-30 <= at <= most for at, most in zip(back, tall, strict=True))
        kind = handle.part, handle.ends, handle.inside
        if kind in once:
            continue
        once.add(kind)
        wide = write_exact(handle.width + F(1, 8))
        inside = "" if handle.inside is None else write_exact(handle.inside)
        act = Widen(part=handle.part, ends=handle.ends, inside=inside, width=wide)
        after = {(one.part, one.ends, one.inside): one.width for one in handles_of(act.on(quilt))}
        assert after[kind] == handle.width + F(1, 8)


def test_triangles_that_are_short_of_squares_are_counted_where_they_lie() -> None:
    """Six columns and two rows: five above, five below, one at either side: twelve from three
    squares, where five would give each side its own.
    """
    quilt = quilt_of("8", kind="on-point", columns=6, rows=2, edge=Edge(fabric="rowan"))
    fabric = replace(quilt.all_fabrics["rowan"], print="directional")
    quilt = replace(quilt, fabrics=(fabric,))
    (turned,) = [one for one in quilt_notices(plan_quilt(quilt)) if one.code == "print-turns"]
    (mend,) = turned.mends
    after = plan_quilt(mend.act.on(quilt))
    squares = [count for one, count in after.pieces.items() if one.purpose == "side-triangle"]
    assert squares == [5]
    assert "print-turns" not in {one.code for one in quilt_notices(after)}


sides = st.builds(F, st.integers(200, 900), st.sampled_from([4, 8, 16]))


@given(sides, sides, st.integers(3, 12), st.booleans(), st.booleans())
def test_a_spacer_makes_every_repeat_fit(
    wide: F, high: F, repeat: int, root_wide: bool, root_high: bool
) -> None:
    """At each side by itself, exactly where no root enters, and else by less than an eighth."""
    size = Top(
        (ROOT_2 if root_wide else Length.of(1)) * wide,
        (ROOT_2 if root_high else Length.of(1)) * high,
    )
    step, least = F(1, 8), F(1, 2)
    found = spacer_for(size, F(repeat), step, least)
    assert found is not None
    for side, spacer, root in zip(
        (size.width, size.height), found, (root_wide, root_high), strict=True
    ):
        assert least <= spacer <= repeat + 1
        over = float(side + 2 * spacer) / repeat % 1 * repeat
        assert min(over, repeat - over) <= (0.125 if root else 1e-9)
        if root:
            assert spacer % step == 0


def test_a_pieced_border_fits_a_top_on_point_by_unlike_spacers() -> None:
    """24√2 × 32√2 = 33.94 × 45.25 of 8″ blocks: 6″ repeats go six times into 36 and eight into 48;
    spacers of 1″ and 1⅜″ make 35.94 and 48.00, so the border is eased in by a sixteenth.
    """
    quilt = quilt_of("8", kind="on-point", columns=3, rows=4, edge=Edge(fabric="slate"))
    small = replace(quilt.blocks[0], key="small", draft=sheet("Small", "6", 1, 1))
    quilt = replace(quilt, blocks=(*quilt.blocks, small))
    quilt = replace(quilt, borders=(Border(width=F(4), fabric="fog"),))
    with pytest.raises(DraftError, match="at the sides and above and below"):
        plan_quilt(SetBorder(number=1, block="small").on(quilt))
    fitted = FitBorder(number=1, block="small").on(quilt)
    spacer, pieced = fitted.borders
    assert (spacer.width, spacer.ends, spacer.fabric) == (F(1), F(11, 8), "fog")
    assert (pieced.block, pieced.width, pieced.ends) == ("small", F(6), None)
    plan = plan_quilt(fitted)
    assert [(one.upright, one.level, one.blocks) for one in plan.repeats] == [(8, 6, 32)]
    assert [str(one.text) for one in quilt_notices(plan) if one.code == "border-eased"]
    assert size_told(finished_of(fitted)) == (47.941, 60.005)
    lengths = {(str(one.long), str(one.short)) for one in plan.pieces if one.purpose == "border-1"}
    assert lengths == {("183/4", "3/2"), ("73/2", "15/8")}
    assert take_quilt(write_quilt(fitted)) == fitted
    with pytest.raises(DraftError, match="as wide above and below"):
        plan_quilt(SetBorder(number=1, corner="mitred").on(fitted))


def size_told(size: Top) -> tuple[float, float]:
    return round(float(size.width), 3), round(float(size.height), 3)
