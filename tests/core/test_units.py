"""Each kind of unit recognised in every lie, with its cut sizes worked out by hand."""

from collections import Counter
from fractions import Fraction as F

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.drafts import block, drafts, even, mirrored, paints, scribbled, seams, stamped, turned
from yonk.core.acts import Put, Sew, apply
from yonk.core.drawing import Span
from yonk.core.paper import Draft
from yonk.core.planning import Plan, make_plan
from yonk.core.units import KINDS

S = 0.25
R2 = 2**0.5


def rows(plan: Plan) -> Counter[tuple[object, ...]]:
    return Counter(
        {
            (cut.fabric, cut.shape, *sorted((cut.width, cut.height)), cut.subcut): cut.count
            for cut in plan.cuts
        }
    )


def units(plan: Plan) -> Counter[tuple[str, str | None]]:
    return Counter({(r.group.kind, r.group.unit.hand): r.group.per_block for r in plan.recipes})


def cuts(draft: Draft) -> dict[str, str]:
    """``fabric: count×size subcut`` for a plan of one kind of cut a fabric."""
    return {
        cut.fabric: f"{cut.count} {cut.shape} {cut.width} {cut.height} {cut.subcut}"
        for cut in make_plan(draft).cuts
    }


@pytest.mark.parametrize(
    "kind", [kind for kind in KINDS if kind.kind != "patch"], ids=lambda kind: kind.kind
)
def test_a_stamp_is_recognised_however_it_lies(kind) -> None:  # type: ignore[no-untyped-def]
    columns, span_rows = kind.stamp.span
    hands = set()
    for turn in range(4):
        for flip in (False, True):
            span = (columns, span_rows) if turn % 2 == 0 else (span_rows, columns)
            draft = even(4, 4, "12 12")
            put = Put(
                cell=Span(1, 1, *span),
                unit=kind.kind,
                fabrics=("peat", "fog", "gorse"),
                turn=turn,
                flip=flip,
            )
            found = [r for r in make_plan(apply(draft, put)).recipes if r.group.kind == kind.kind]
            assert len(found) == 1, (turn, flip)
            hands.add((flip, found[0].group.unit.hand))
    if kind.kind in ("split-quarter-square", "half-rectangle-triangle"):
        assert len(hands) == 2, "turning keeps the hand and mirroring changes it"


def test_half_square_triangles_by_each_way() -> None:
    draft = even(2, 4, "6 12")
    for row in range(4):
        for column in range(2):
            draft = apply(
                draft,
                Put(cell=Span(column, row), unit="half-square-triangle", fabrics=("peat", "fog")),
            )
    by_hand = {
        "two-at-a-time": ("4 square 31/8 31/8 none", 3.5 + S * R2),
        "four-at-a-time": ("2 square 11/2 11/2 none", 3.5 * R2 + 2 * S),
        "eight-at-a-time": ("1 square 31/4 31/4 none", 2 * (3.5 + S * R2)),
        "cut-and-sew": ("4 square 31/8 31/8 one-diagonal", 3 + S * (2 + R2)),
    }
    for method, (listed, exact) in by_hand.items():
        made = make_plan(_with(draft, method))
        assert cuts(_with(draft, method)) == {"peat": listed, "fog": listed}
        assert float(made.recipes[0].needs[0].width) == pytest.approx(exact, abs=1e-12)
        assert made.recipes[0].makes == 8


def _with(
    draft: Draft, method: str, kind: str = "half-square-triangle", trim: str = "0", blocks: int = 1
) -> Draft:
    from dataclasses import replace

    making = replace(draft.making, methods={kind: method}, trim_margin=F(trim), blocks=blocks)
    return replace(draft, making=making)


def test_the_easy_sums_come_of_an_eighth_to_trim() -> None:
    draft = block("0 1 1 0", "1/4 1/4 peat, 3/4 3/4 fog", size="4 4", trim="1/8")
    assert cuts(_with(draft, "two-at-a-time", trim="1/8"))["peat"] == "1 square 5 5 none"
    assert cuts(_with(draft, "eight-at-a-time", trim="1/8"))["peat"] == "1 square 10 10 none"


def test_lots_leave_spares() -> None:
    draft = block("0 1 1 0", "1/4 1/4 peat, 3/4 3/4 fog")
    plan = make_plan(_with(draft, "eight-at-a-time", blocks=11))
    assert (plan.recipes[0].makes, plan.recipes[0].spare) == (16, 5)
    assert "spares" in {notice.code for notice in plan.notices}
    assert "bias-edge" in {
        notice.code for notice in make_plan(_with(draft, "four-at-a-time")).notices
    }


def test_square_in_a_square_grain_turns_with_each_round() -> None:
    draft = block(
        "1/2 0 1 1/2, 1 1/2 1/2 1, 1/2 1 0 1/2, 0 1/2 1/2 0, 1/4 1/4 3/4 1/4, 3/4 1/4 3/4 3/4, "
        "3/4 3/4 1/4 3/4, 1/4 3/4 1/4 1/4",
        "1/8 1/8 fog, 7/8 1/8 fog, 7/8 7/8 fog, 1/8 7/8 fog, 1/2 1/8 rowan, 7/8 1/2 rowan, 1/2 "
        "7/8 rowan, 1/8 1/2 rowan, 1/2 1/2 gorse",
        size="8 8",
    )
    assert cuts(draft) == {
        "fog": "2 square 39/8 39/8 one-diagonal",
        "rowan": "1 square 21/4 21/4 both-diagonals",
        "gorse": "1 square 9/2 9/2 none",
    }


def test_a_centre_on_point_may_be_any_assembly() -> None:
    draft = block(
        "1/2 0 1 1/2, 1 1/2 1/2 1, 1/2 1 0 1/2, 0 1/2 1/2 0, 1/4 1/4 3/4 3/4, 3/4 1/4 1/4 3/4",
        size="8 8",
    )
    plan = make_plan(draft)
    assert units(plan) == {("square-in-a-square", None): 1, ("checker", None): 1}
    checker = plan.recipes[1].group.unit
    assert checker.on_point
    assert checker.width.write() == "5.6569"
    assert sorted(
        face for r in plan.recipes for members in r.group.members for face in members
    ) == list(range(8))


def test_mirrored_pairs_are_planned_together() -> None:
    draft = even(2, 1, "6 3")
    for column, flip in ((0, False), (1, True)):
        put = Put(
            cell=Span(column, 0),
            unit="split-quarter-square",
            fabrics=("peat", "fog", "gorse"),
            flip=flip,
        )
        draft = apply(draft, put)
    plan = make_plan(_with(draft, "two-at-a-time", "split-quarter-square", blocks=4))
    assert units(plan) == {
        ("split-quarter-square", "left"): 1,
        ("split-quarter-square", "right"): 1,
    }
    assert [(r.makes, r.spare) for r in plan.recipes] == [(4, 0), (4, 0)]
    assert {cut.fabric: cut.count for cut in plan.cuts} == {"peat": 4, "fog": 2, "gorse": 2}
    alone = block("0 1 1 0, 0 0 1/2 1/2", "3/4 3/4 peat, 1/2 1/4 fog, 1/4 1/2 gorse")
    lonely = make_plan(_with(alone, "two-at-a-time", "split-quarter-square", blocks=4))
    assert lonely.recipes[0].group.unit.hand == "right"
    assert (lonely.recipes[0].makes, lonely.recipes[0].spare, lonely.recipes[0].mirrored) == (
        8,
        4,
        4,
    )
    assert "mirrored-pairs" in {notice.code for notice in lonely.notices}


def test_half_rectangles_keep_their_hand_and_an_exact_root_stays_exact() -> None:
    rising = block("0 1 1 0", "1/4 1/4 fog, 3/4 3/4 peat", size="4 3")
    plan = make_plan(rising)
    assert units(plan) == {("half-rectangle-triangle", "right"): 1}
    # legs 4 and 3, long edge 5: the inscribed circle has radius 1, so k = 5/4 exactly
    assert [(cut.width, cut.height, cut.what.hand, cut.count) for cut in plan.cuts] == [
        (F(5), F(15, 4), "right", 1)
    ] * 2
    assert units(make_plan(turned(rising))) == {("half-rectangle-triangle", "right"): 1}
    assert units(make_plan(mirrored(rising))) == {("half-rectangle-triangle", "left"): 1}


@pytest.mark.parametrize(
    ("drawn", "kind"),
    [
        ("0 1/3 1/3 0", "corner-flip"),
        ("0 1/2 1/2 0, 1/2 1 1 1/2", "corner-flip"),
        ("0 1/3 1 1/3", "strip-set"),
        ("1/2 0 1/2 1, 0 1/2 1 1/2", "checker"),
        ("0 0 1/2 1, 1/2 1 1 0", "pieced"),
        ("0 0 1/2 1/2, 1/2 1/2 1 0, 1/2 1/2 1/2 1", "pieced"),
        ("0 0 1 1, 1/2 1/2 0 1", "split-quarter-square"),
    ],
)
def test_a_block_that_is_itself_a_unit(drawn: str, kind: str) -> None:
    assert [recipe.group.kind for recipe in make_plan(block(drawn)).recipes] == [kind]


def test_a_rectangle_with_slanted_ends_is_a_corner_flip_and_geese_are_geese() -> None:
    assert units(make_plan(block("0 1 1/3 0, 2/3 0 1 1", size="9 3"))) == {("corner-flip", None): 1}
    assert units(make_plan(block("0 1 1/2 0, 1/2 0 1 1", size="6 3"))) == {
        ("flying-geese", None): 1
    }
    assert units(make_plan(block("0 1 1/2 0, 1/2 0 1 1", size="6 4"))) == {("pieced", None): 1}


def test_set_in_seams_are_named_only_where_no_straight_seam_goes() -> None:
    around = block(
        "0 1/3 2/3 1/3, 2/3 0 2/3 2/3, 1/3 2/3 1 2/3, 1/3 1/3 1/3 1", size="9 9", grid=(1, 1)
    )
    notice = next(n for n in make_plan(around).notices if n.code == "set-in-seam")
    assert "column 1, row 1" in str(notice.text)
    assert len(notice.faces) == 5
    slanted = make_plan(block("1/4 0 3/4 1, 0 1/2 1/2 1/2"))
    assert units(slanted) == {("pieced", None): 1}
    assert "set-in-seam" not in {n.code for n in slanted.notices}


def test_a_patch_no_ruler_cuts_gets_a_template_and_a_45_degree_one_does_not() -> None:
    odd = make_plan(block("1/4 0 3/4 1", "1/8 1/2 peat, 7/8 1/2 fog"))
    assert {cut.shape for cut in odd.cuts} == {"template"}
    assert "template-needed" in {n.code for n in odd.notices}
    width, height = 6 * 3 / 4, 6
    (first, *_) = odd.cuts
    assert first.height >= width and first.width >= height + 2 * S
    leaning = make_plan(block("0 1 1/3 0, 1/3 0 2/3 0, 1/3 1 2/3 0", size="9 3"))
    rotary = [cut.rotary for cut in leaning.cuts if cut.rotary]
    assert rotary and rotary[0].strip == F(7, 2)
    assert "template-needed" not in {n.code for n in leaning.notices}


def test_template_outline_is_the_shape_offset_by_the_seam() -> None:
    plan = make_plan(block("1/4 0 3/4 1", "1/8 1/2 peat, 7/8 1/2 fog", size="8 8"))
    outline = plan.cuts[0].outline
    across, down = [x for x, _ in outline], [y for _, y in outline]
    assert max(down) - min(down) == pytest.approx(8 + 2 * S)
    slant = (8**2 + 4**2) ** 0.5
    # right angles stay; at the slanted side the corner moves out along its bisector
    assert max(across) - min(across) == pytest.approx(6 + S + S * (slant + 4) / 8)


def test_off_the_ruler_says_how_much_and_the_ways_out() -> None:
    draft = even(3, 3, "10 10")
    notice = next(n for n in make_plan(draft).notices if n.code == "off-the-ruler")
    assert (
        "3.833" in str(notice.text)
        and "3 7⁄8" in str(notice.text)
        and "3 in a row" in str(notice.text)
    )
    assert "9 3⁄4" in str(notice.text) and "10 1⁄8" in str(notice.text)
    assert "off-the-ruler" not in {n.code for n in make_plan(even(3, 3, "39/4 39/4")).notices}


def test_low_contrast_names_the_pair_that_touches() -> None:
    draft = block("1/2 0 1/2 1", "1/4 1/2 peat, 3/4 1/2 rowan")
    assert not [n for n in make_plan(draft).notices if n.code == "low-contrast"]
    from dataclasses import replace

    near = tuple(replace(f, colour="#3c2b22") if f.key == "rowan" else f for f in draft.fabrics)
    notice = next(
        n for n in make_plan(replace(draft, fabrics=near)).notices if n.code == "low-contrast"
    )
    assert "Peat and Rowan" in str(notice.text)


@given(drafts)
@settings(max_examples=60)
def test_every_patch_is_in_exactly_one_unit(draft) -> None:  # type: ignore[no-untyped-def]
    plan = make_plan(draft)
    faces = [face for r in plan.recipes for members in r.group.members for face in members]
    assert sorted(faces) == list(range(len(plan.reading.patches)))


@given(st.one_of(stamped(), scribbled()))
@settings(max_examples=60)
def test_turning_or_mirroring_a_block_changes_no_cut(draft) -> None:  # type: ignore[no-untyped-def]
    plan = make_plan(draft)
    assert rows(make_plan(turned(draft))) == rows(plan)
    assert _kinds(make_plan(mirrored(draft))) == _kinds(plan)
    assert rows(make_plan(mirrored(draft))) == rows(plan)


def _kinds(plan: Plan) -> Counter[str]:
    counts: Counter[str] = Counter()
    for recipe in plan.recipes:
        counts[recipe.group.kind] += recipe.group.per_block
    return counts


@given(
    stamped(),
    st.integers(1, 30),
    st.sampled_from([F(0), F(1, 8), F(1, 4)]),
    st.sampled_from([F(1, 8), F(1, 4), F(3, 8)]),
    st.integers(0, 4),
)
@settings(max_examples=60)
def test_every_way_makes_enough_and_no_trimmed_piece_is_too_small(
    draft: Draft, blocks: int, trim: F, seam: F, which: int
) -> None:
    from dataclasses import replace

    methods = {kind.kind: kind.methods[which % len(kind.methods)].name for kind in KINDS}
    making = replace(draft.making, blocks=blocks, trim_margin=trim, seam=seam, methods=methods)
    plan = make_plan(replace(draft, making=making))
    for recipe in plan.recipes:
        assert recipe.makes >= recipe.total
        for need in recipe.needs:
            if need.rounding == "up":
                width, height = need.rounded(F(1, 8))
                assert not need.width > width and not need.height > height
    for cut in plan.cuts:
        assert cut.spare_pieces >= 0


def test_letters_run_in_reading_order_and_go_on_after_z() -> None:
    from yonk.core.drawing.patches import letter

    assert [letter(n) for n in (0, 25, 26, 701, 702)] == ["A", "Z", "AA", "ZZ", "AAA"]
    plan = make_plan(apply(even(3, 1, "9 3"), Sew(start=("1", "1"), end=("2", "0"))))
    assert [patch.letter for patch in plan.reading.patches] == ["A", "B", "B", "A"]


def test_gainsaying_paints_keep_the_first_and_say_so() -> None:
    plan = make_plan(block("", "1/4 1/4 peat, 3/4 3/4 fog"))
    assert [cut.fabric for cut in plan.cuts] == ["peat"]
    assert "two-fabrics" in {notice.code for notice in plan.notices}
    assert seams("") == () and paints("") == ()
