"""Every method is carried out at the simulated table: what comes out must be the drafted unit, and
the formulas must agree.
"""

from __future__ import annotations

from fractions import Fraction as F
from math import isclose, sqrt

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.drafts import block
from tests.drafts import terms as usual_terms
from yonk.core.acts import Put, apply
from yonk.core.drawing import Span
from yonk.core.planning import read
from yonk.core.planning.comparison import bonus_size
from yonk.core.planning.ways import effort_of
from yonk.core.sewing import (
    Layers,
    Practice,
    SewingError,
    Table,
    TableLine,
    Target,
    area,
    length,
    picture_of,
    rectangle,
)
from yonk.core.sewing.plane import common, outline_without, split
from yonk.core.sewing.trimming import fit
from yonk.core.units import BY_NAME, CarriedOut, Method, Terms, Unit, carry_out, terms_of

R2 = sqrt(2)
SAME = 1e-9
FOUR = ("peat", "fog", "gorse", "rowan")
PROPORTIONS = {"flying-geese": (2, 1), "half-rectangle-triangle": (3, 2)}
METHODS = [
    (kind.kind, method.name)
    for kind in BY_NAME.values()
    for method in kind.methods
    if method.sew is not None and kind.stamp
]
# pieces for a foundation are rough: none of a 64th less is too small
CUT_TO_FIT = [one for one in METHODS if one[1] != "foundation"]
TRIMMED = {
    ("half-square-triangle", name)
    for name in ("cut-and-sew", "two-at-a-time", "four-at-a-time", "eight-at-a-time", "rectangle")
} | {
    ("half-rectangle-triangle", "cut-and-sew"),
    ("quarter-square-triangle", "cut-and-sew"),
    ("quarter-square-triangle", "two-at-a-time"),
    ("split-quarter-square", "cut-and-sew"),
    ("split-quarter-square", "two-at-a-time"),
    ("split-quarter-square", "cut-again"),
    ("flying-geese", "cut-and-sew"),
    ("flying-geese", "four-at-a-time"),
    ("square-in-a-square", "cut-and-sew"),
}


def one(
    kind: str,
    high: F,
    *,
    seam: F = F(1, 4),
    trim: F = F(0),
    fabrics: tuple[str, ...] = FOUR,
    turn: int = 0,
) -> tuple[Unit, Terms]:
    """A unit by itself, so high, with the terms it is made on."""
    across, down = PROPORTIONS.get(kind, (1, 1))
    wide, tall = high * across / down, high
    if turn % 2:
        wide, tall = tall, wide
    draft = block(size=f"{wide} {tall}", trim=str(trim), seam=seam)
    draft = apply(draft, Put(cell=Span(0, 0, 1, 1), unit=kind, fabrics=fabrics, turn=turn))
    group = read(draft).groups[0]
    assert group.kind == kind
    return group.unit, terms_of(draft)


def method_of(kind: str, name: str) -> Method:
    return next(method for method in BY_NAME[kind].methods if method.name == name)


def exactly(
    unit: Unit, method: Method, terms: Terms, lots: int = 1, less: float = 0.0
) -> CarriedOut:
    """Carried out with the formulas' own numbers, off any ruler, or with pieces smaller by
    `less`.
    """
    sizes = [
        (F(float(need.width)) - F(less), F(float(need.height)) - F(less))
        for need in method.needs(unit, terms, lots)
    ]
    return carry_out(unit, method, terms, lots=lots, sizes=sizes, exact=True)


heights = st.builds(F, st.integers(12, 96), st.sampled_from([8, 6, 5]))
seams = st.sampled_from([F(1, 4), F(3, 8), F(7, 32), F(3, 4)])
trims = st.sampled_from([F(0), F(1, 8), F(1, 4), F(5, 16)])


@pytest.mark.parametrize(("kind", "name"), METHODS)
@settings(max_examples=12, deadline=None)
@given(high=heights, seam=seams, trim=trims)
def test_what_is_sewn_is_the_drafted_unit_with_just_the_margin_to_trim(
    kind: str, name: str, high: F, seam: F, trim: F
) -> None:
    if name == "strip-piecing":  # its segments are counted on the ruler
        high = F(round(high * 2), 2) * 3
    unit, terms = one(kind, high + 4 * seam, seam=seam, trim=trim)
    if name == "rectangle" or name == "strip-piecing":
        terms = terms.on_ruler(F(1, 10**12))
    made = exactly(unit, method_of(kind, name), terms)
    assert made.sound
    wanted = float(trim) if (kind, name) in TRIMMED else 0.0
    for found in made.fits:
        assert min(found.oversize) == pytest.approx(wanted, abs=SAME)
        assert min(found.sides) >= -SAME


@pytest.mark.parametrize(("kind", "name"), CUT_TO_FIT)
@settings(max_examples=6, deadline=None)
@given(high=st.builds(F, st.integers(3, 9)), less=st.sampled_from([1 / 64, 1 / 1024, 1e-5]))
def test_pieces_too_small_by_very_little_are_found_too_small(
    kind: str, name: str, high: F, less: float
) -> None:
    unit, terms = one(kind, high * 3)
    made = exactly(unit, method_of(kind, name), terms, less=less)
    assert not made.sound
    assert any(min(found.oversize) < 0 or not found.right for found in made.fits)


@pytest.mark.parametrize(("kind", "name"), METHODS)
def test_on_the_ruler_every_unit_is_sound_in_every_turn_and_for_several_lots(
    kind: str, name: str
) -> None:
    for turn in range(4):
        unit, terms = one(kind, F(6), trim=F(1, 8), turn=turn)
        method = method_of(kind, name)
        for lots in (1, 3):
            made = carry_out(unit, method, terms, lots=lots)
            assert made.sound
            assert len(made.works) >= lots * method.lot


@settings(max_examples=20, deadline=None)
@given(side=st.floats(3, 12), seam=st.sampled_from([F(1, 4), F(3, 8)]))
def test_squares_come_out_as_the_field_reckons(side: float, seam: F) -> None:
    s = float(seam)
    for name, comes_out in (
        ("two-at-a-time", side - s * R2),
        ("four-at-a-time", (side - 2 * s) / R2),
        ("eight-at-a-time", side / 2 - s * R2),
    ):
        unit, terms = one("half-square-triangle", F(1), seam=seam)
        made = carry_out(
            unit, method_of("half-square-triangle", name), terms, sizes=[(F(side), F(side))] * 2
        )
        assert 1 + 2 * s + made.fits[0].oversize[0] == pytest.approx(comes_out, abs=SAME)
    unit, terms = one("quarter-square-triangle", F(1), seam=seam, fabrics=("peat", "fog"))
    made = carry_out(
        unit,
        method_of("quarter-square-triangle", "two-at-a-time"),
        terms,
        sizes=[(F(side), F(side))] * 2,
    )
    assert 1 + 2 * s + made.fits[0].oversize[0] == pytest.approx(side - 2 * s * R2, abs=SAME)


@pytest.mark.parametrize(
    ("large", "small"), [(F(11, 2), F(3)), (F(21, 4), F(23, 8)), (F(6), F(13, 4))]
)
def test_geese_of_any_two_squares_come_out_as_the_field_reckons(large: F, small: F) -> None:
    unit, terms = one("flying-geese", F(2))
    made = carry_out(
        unit,
        method_of("flying-geese", "four-at-a-time"),
        terms,
        sizes=[(large, large), (small, small), (small, small)],
    )
    found, s = made.fits[0], 0.25
    wide, tall = (4, 2) if made.target.width > made.target.height else (2, 4)
    across = (found.oversize[0] + wide + 2 * s, found.oversize[1] + tall + 2 * s)
    assert max(across) == pytest.approx(float(large) - 2 * s * R2, abs=SAME)
    assert min(across) == pytest.approx(float(small) - s * R2, abs=SAME)
    point_above_trim = float(small - large / 2) - s
    assert any(isclose(side, point_above_trim, abs_tol=SAME) for side in found.sides)


def test_pairs_come_out_one_left_and_one_right() -> None:
    unit, terms = one("split-quarter-square", F(3))
    made = carry_out(unit, method_of("split-quarter-square", "two-at-a-time"), terms, lots=2)
    as_drafted = [fit(work, made.target).right for work in made.works]
    assert sorted(as_drafted) == [False, False, True, True] and made.sound
    assert not made.table.aside
    alone = carry_out(unit, method_of("split-quarter-square", "two-at-a-time"), terms, lots=1)
    assert (
        len(alone.table.aside) == 1
    )  # the second half-square triangle waits for another plain square


def test_a_quarter_square_of_four_fabrics_comes_in_both_hands() -> None:
    drawn = "0 0 1 1, 0 1 1 0"
    draft = block(drawn, "1/2 1/4 peat, 3/4 1/2 fog, 1/2 3/4 gorse, 1/4 1/2 rowan", size="3 3")
    unit = read(draft).groups[0].unit
    made = carry_out(
        unit, method_of("quarter-square-triangle", "two-at-a-time"), terms_of(draft), lots=2
    )
    assert sorted(fit(work, made.target).right for work in made.works) == [False, False, True, True]


def test_a_square_in_a_square_of_two_rounds_and_one_with_an_assembly_inside() -> None:
    first = "1/2 0 1 1/2, 1 1/2 1/2 1, 1/2 1 0 1/2, 0 1/2 1/2 0"
    second = "1/4 1/4 3/4 1/4, 3/4 1/4 3/4 3/4, 3/4 3/4 1/4 3/4, 1/4 3/4 1/4 1/4"
    corners = "1/8 1/8 fog, 7/8 1/8 peat, 7/8 7/8 gorse, 1/8 7/8 rowan"
    inner = "1/2 3/16 gorse, 13/16 1/2 rowan, 1/2 13/16 fog, 3/16 1/2 peat"
    for drawn, painted in (
        (f"{first}, {second}", f"{corners}, {inner}, 1/2 1/2 fog"),
        (f"{first}, {second}, 1/2 1/4 1/2 3/4, 1/4 1/2 3/4 1/2", corners),
    ):
        for trim in ("0", "1/8"):
            draft = block(drawn, painted, size="8 8", trim=trim)
            unit = next(
                group.unit for group in read(draft).groups if group.kind == "square-in-a-square"
            )
            made = exactly(unit, method_of("square-in-a-square", "cut-and-sew"), terms_of(draft))
            assert made.sound
            assert min(made.fits[0].oversize) == pytest.approx(float(F(trim)), abs=SAME)


def test_a_unit_on_point_has_bias_outside_only_where_its_triangles_follow_the_block() -> None:
    first = "1/2 0 1 1/2, 1 1/2 1/2 1, 1/2 1 0 1/2, 0 1/2 1/2 0"
    draft = block(f"{first}, 1/2 0 1/2 1", "1/4 1/2 peat, 3/4 1/2 fog", size="8 8")
    unit = next(group.unit for group in read(draft).groups if group.kind == "half-square-triangle")
    assert unit.on_point
    for method in BY_NAME["half-square-triangle"].methods:
        assert (effort_of(unit, method, 1).bias_sides > 0) == method.bias(unit), method.name


@pytest.mark.parametrize(("kind", "name"), METHODS)
def test_the_bias_that_is_said_is_the_bias_that_is_there(kind: str, name: str) -> None:
    unit, _ = one(kind, F(6))
    method = method_of(kind, name)
    assert (effort_of(unit, method, 1).bias_sides > 0) == method.bias(unit)


@settings(max_examples=20, deadline=None)
@given(leg=st.builds(F, st.integers(16, 64), st.just(8)))
def test_a_kept_corner_gives_a_smaller_half_square_triangle(leg: F) -> None:
    draft = block("1/2 0 1 1/2", "1/4 3/4 peat, 7/8 1/8 fog", size=f"{2 * leg} {2 * leg}")
    unit, terms = read(draft).groups[0].unit, terms_of(draft)
    made = exactly(unit, method_of("corner-flip", "stitch-and-flip"), terms)
    size = bonus_size(made.table.bonus[0], terms)
    exact = float(leg) - 2 * R2 * 0.25
    assert size is not None and float(size) <= exact + SAME < float(size) + 0.125 + SAME


def test_one_eighth_of_a_stack_is_all_accounted_for() -> None:
    """No cloth is lost: what is cut is in the works, set aside, or waste of the table's own."""
    unit, terms = one("half-square-triangle", F(3), trim=F(1, 8))
    made = carry_out(unit, method_of("half-square-triangle", "eight-at-a-time"), terms)
    cut = sum(
        float(width * height) * need.cuts
        for need in made.needs
        for width, height in [need.rounded(terms.step)]
    )
    assert sum(work.cloth for work in made.works) == pytest.approx(cut, abs=1e-6)


def test_layers_sewn_all_round_cannot_be_opened() -> None:
    table = Table(Practice(F(1, 4), "in"))
    layers = table.sew_inside_edges(
        table.lay(table.piece(4, 4, "fog"), table.piece(4, 4, "peat")), ""
    )
    with pytest.raises(SewingError, match="shut"):
        layers.opened()
    with pytest.raises(SewingError, match="nothing holds"):
        Layers(layers.under, layers.over).opened()


def test_the_two_schools_of_stitching_sew_the_same_and_say_what_they_do() -> None:
    unit, _ = one("half-square-triangle", F(3))
    words = []
    for stitch, lines in (("beside", 1), ("two-lines", 2)):
        terms = usual_terms(stitch=stitch, press="open")
        made = carry_out(unit, method_of("half-square-triangle", "two-at-a-time"), terms)
        assert made.sound and made.table.marks == lines
        words.append(next(step.words for step in made.table.steps if step.act == "sew"))
        assert any("press it open" in str(step.words) for step in made.table.steps)
    assert "sew 1⁄4″ to either side" in str(words[0]) and "sew on them" in str(words[1])


@pytest.mark.parametrize(("kind", "name"), METHODS)
def test_every_step_can_be_pictured_and_the_dangerous_ones_carry_a_caution(
    kind: str, name: str
) -> None:
    unit, terms = one(kind, F(6), trim=F(1, 8))
    made = carry_out(unit, method_of(kind, name), terms)
    acts = [step.act for step in made.table.steps]
    assert acts[0] == "cut" and acts[-1] == "trim"
    for step in made.table.steps:
        assert str(step.words).endswith(".")
        assert step.caution is not None
        for scene in step.scenes:
            picture = picture_of(scene)
            left, top, width, height = picture.box
            assert width > 0 and height > 0 and picture.cloths
            for cloth in picture.cloths:
                assert all(
                    left - SAME <= x <= left + width + SAME
                    and top - SAME <= y <= top + height + SAME
                    for x, y in cloth.outline
                )
    if any(step.act == "sew" for step in made.table.steps):
        sewn = next(step for step in made.table.steps if step.act == "sew")
        sides = {cloth.side for cloth in picture_of(sewn.scenes[0]).cloths}
        assert sides == {"right", "wrong"}


outlines = st.builds(
    lambda w, h, x, y: rectangle(w, h, x, y),
    st.floats(0.5, 9),
    st.floats(0.5, 9),
    st.floats(-5, 5),
    st.floats(-5, 5),
)


@given(
    outlines,
    st.tuples(st.floats(-5, 5), st.floats(-5, 5)),
    st.tuples(st.floats(-5, 5), st.floats(5.5, 9)),
)
def test_a_cut_loses_no_cloth(outline, start, end) -> None:  # type: ignore[no-untyped-def]
    right, left = split(outline, TableLine.between(start, end))
    assert area(right) + area(left) == pytest.approx(area(outline), abs=1e-6)


@given(outlines, outlines)
def test_what_is_common_and_what_is_left_make_the_whole(one_outline, other) -> None:  # type: ignore[no-untyped-def]
    left = sum(map(area, outline_without(one_outline, other)))
    assert left + area(common(one_outline, other)) == pytest.approx(area(one_outline), abs=1e-6)


def test_folding_over_a_seam_keeps_the_cloth_and_doubles_it_back() -> None:
    table = Table(Practice(F(1, 4), "in"))
    line = TableLine.between((-2.0, -1.0), (3.0, 2.0))
    work = table.piece(4, 3, "fog")
    folded = [line.mirrored(spot) for spot in work.front[0].outline]
    assert [line.mirrored(spot) for spot in folded] == [
        pytest.approx(spot) for spot in work.front[0].outline
    ]


def test_a_work_of_other_fabrics_fits_nowhere() -> None:
    table = Table(Practice(F(1, 4), "in"))
    target = Target((((rectangle(3, 3, 0, 0)), "peat"),), 3.0, 3.0, 0.25)
    assert not fit(table.piece(3.5, 3.5, "fog"), target).right
    found = fit(table.piece(3.5, 3.5, "peat"), target)
    assert found.sound and found.oversize == (0.0, 0.0)
    assert not fit(table.piece(3.4, 3.5, "peat"), target).covered
    assert length(((0.0, 0.0), (3.0, 4.0))) == 5.0
