"""A pattern's list of pieces: read, judged, drafted."""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction

import pytest
from hypothesis import assume, given, settings
from hypothesis import strategies as st

from yonk.core.acts import BlockBeginning
from yonk.core.finder import check, kinds_asked, pieces_of_method, sample_unit
from yonk.core.paper import DraftError, default_making, write_mixed
from yonk.core.pattern import PatternVerdict, judge_list, read_list
from yonk.core.pattern.arranged import arranged
from yonk.core.pattern.piece_uses import true_terms, uses_of
from yonk.core.planning import make_plan
from yonk.core.units import Terms

INCHES = Terms(default_making("in").settings, "in")
CENTIMETRES = Terms(default_making("cm").settings, "cm")
HAIR = 1 / 64 + 1e-9  # a seam may lie so far from where it was drafted, on the ruler


def judged(text: str, wanted: str = "", terms: Terms = INCHES) -> PatternVerdict:
    begun = BlockBeginning(name="From a list", unit=terms.unit)
    return judge_list(text, terms, wanted, begun)


@pytest.mark.parametrize(
    ("line", "told"),
    [
        ("4 squares 3 1/2 Fog", (4, "3 1/2", "3 1/2", "none", "Fog")),
        ('A: (4) 3½" squares of Fog', (4, "3 1/2", "3 1/2", "none", "Fog")),
        ("Cut 12 @ 2-1/2 x 4-1/2 hill grey", (12, "4 1/2", "2 1/2", "none", "hill grey")),
        ("- 2 squares 3.875, cut once on the diagonal", (2, "3 7/8", "3 7/8", "one-diagonal", "")),
        ("1 square 7 1/4 in Fog, cut twice", (1, "7 1/4", "7 1/4", "both-diagonals", "Fog")),
        ("2 Quadrate 3 7/8 Torf, einmal diagonal", (2, "3 7/8", "3 7/8", "one-diagonal", "Torf")),
        ("8 QSTs 4 1/4 A", (8, "4 1/4", "4 1/4", "both-diagonals", "A")),
    ],
)
def test_a_line_is_read_as_patterns_write_it(
    line: str, told: tuple[int, str, str, str, str]
) -> None:
    [piece] = read_list(line, "in")
    read = (
        piece.count,
        write_mixed(piece.width),
        write_mixed(piece.height),
        piece.subcut,
        piece.fabric,
    )
    assert read == told


def test_a_fabric_with_a_colon_holds_for_the_lines_below() -> None:
    pieces = read_list("Fog:\n4 squares 3 1/2\n\nPeat:\n1 square 3 1/2\n2 squares 2 Gorse", "in")
    assert [piece.fabric for piece in pieces] == ["Fog", "Peat", "Gorse"]
    assert [piece.line for piece in pieces] == [2, 5, 6]


@pytest.mark.parametrize(
    ("text", "place", "code"),
    [
        ("", "list", "list-is-empty"),
        ("4 squares 2\n3 1/2 squares", "line[1]", "list-line-has-no-count"),
        ("3½ squares", "line[0]", "list-line-has-no-count"),
        ("squares 3 1/2", "line[0]", "list-line-has-no-count"),
        ("4 squares", "line[0]", "list-line-has-no-size"),
        ("4 squares 3 1/2 and 4", "line[0]", "list-line-has-sizes"),
        ("1 rectangle 2 x 4, cut twice", "line[0]", "list-line-is-no-square"),
        ("0 squares 3", "line[0]", "must-be-from-to"),
        ("9999999999999 squares 3", "line[0]", "must-be-from-to"),
        ("1 square 99999", "line[0]", None),
        ("1 square 3\n" * 61, "list", "list-has-many-lines"),
    ],
)
def test_a_line_that_could_mean_anything_else_is_asked_about(
    text: str, place: str, code: str | None
) -> None:
    with pytest.raises(DraftError) as caught:
        read_list(text, "in")
    assert caught.value.place == place
    assert code is None or getattr(caught.value.message, "code", "") == code


STAR = """4 squares 3 1/2 Fog
1 square 7 1/4 Fog, cut twice diagonally
4 squares 3 7/8 Peat, cut once
1 square 6 1/2 Peat"""


def test_a_right_list_makes_what_it_says() -> None:
    """The hand's numbers: 3 + ½; 6 + 1 ¼; 3 + ⅞; 6 + ½."""
    found = judged(STAR, "12")
    assert [one.word for one in found.lines] == ["right"] * 4
    assert found.really == 12
    geese = [one for one in found.solution.made if one.use.kind]
    [goose] = geese
    assert goose.use.kind is not None
    assert (goose.use.kind.kind, goose.count) == ("flying-geese", 4)
    assert found.draft is not None
    plan = make_plan(found.draft)
    assert not plan.notices
    assert {fabric.name for fabric in found.draft.fabrics} == {"Fog", "Peat"}


def test_an_eighth_too_small_is_found_and_the_mend_told() -> None:
    found = judged(
        "4 squares 3 1/2 Fog\n2 squares 3 3/4 Fog\n2 squares 3 3/4 Peat\n1 square 3 1/2 Peat", "9"
    )
    wrong = [one for one in found.lines if one.word != "right"]
    assert [one.piece.line for one in wrong] == [2, 3]
    assert {one.word for one in wrong} == {"too-small"}
    assert {one.size for one in wrong} == {(Fraction(31, 8), Fraction(31, 8))}
    assert found.really is None  # three inches beside two and seven eighths


def test_a_pattern_whose_block_is_smaller_than_it_says() -> None:
    """Sixteen half-squares of 1 ⅝ are 6 ½ together, not 7."""
    found = judged("8 squares 2 1/2 Fog, cut once\n8 squares 2 1/2 Peat, cut once", "7")
    assert found.really == Fraction(13, 2)
    assert found.solution.grid == (4, 4)
    assert {one.size for one in found.lines} == {(Fraction(21, 8), Fraction(21, 8))}


def test_pieces_cut_larger_to_be_trimmed_are_told_so() -> None:
    found = judged("2 squares 4 Fog\n2 squares 4 Peat\n5 squares 3 1/2 Fog", "9")
    assert [one.word for one in found.lines] == ["larger", "larger", "right"]
    assert found.really == 9


@pytest.mark.parametrize("count", [256, 240, 900, 992, 9000])
def test_very_many_squares_are_answered(count: int) -> None:
    """As many as a block has by hand are laid; more fill no block, and nothing gives way."""
    found = judged(f"{count} squares 2 Fog")
    assert found.lines[0].word == "right"
    assert (found.draft is not None) == (count <= 256)


def test_leftovers_fill_no_block() -> None:
    found = judged("5 squares 3 1/2 Fog\n2 squares 2 Peat, cut once")
    assert found.draft is None or sum(one.left for one in found.lines) == 0


def test_in_centimetres() -> None:
    """Seams of 0.75 cm: squares cut 9.5 finish 8."""
    found = judged("4 squares 9.5 Fog\n5 squares 9.5 Peat", "24", CENTIMETRES)
    assert [one.word for one in found.lines] == ["right", "right"]
    assert found.really == 24


def test_a_wider_seam_of_hers_makes_the_same_pieces_smaller() -> None:
    wide = Terms(replace(INCHES.settings, seam=Fraction(3, 8)), "in")
    assert judged("9 squares 3 1/2 Fog", "", wide).really == Fraction(33, 4)
    assert judged("9 squares 3 1/2 Fog").really == 9


SUBCUTS = ("", ", cut once", ", cut twice")
CUTS = dict(zip(("none", "one-diagonal", "both-diagonals"), SUBCUTS, strict=True))


@given(
    st.lists(
        st.tuples(st.integers(12, 60), st.sampled_from(SUBCUTS)),
        min_size=2,
        max_size=3,
    )
)
@settings(max_examples=20)
def test_whatever_a_list_is_said_to_make_can_be_sewn_of_its_pieces(
    lines: list[tuple[int, str]],
) -> None:
    """Carried out at the simulated table, which knows no formula, on the sizes as they are listed:
    each unit comes out no smaller than it is said to.
    """
    text = "\n".join(
        f"8 squares {write_mixed(Fraction(eighths, 8))} {name}{cut}"
        for name, (eighths, cut) in zip("ABC", lines, strict=False)
    )
    pieces, terms = read_list(text, "in"), true_terms(INCHES)
    found = [one for one in uses_of(pieces, terms) if one.kind and one.method]
    for one in found[:4]:
        assert one.kind and one.method
        _, _, parts = pieces_of_method(one.kind.kind, one.method.name, one.width, None, terms)
        listed = {
            (taken.need.role, *taken.need.rounded(terms.step)): pieces[taken.piece]
            for taken in one.takes
        }
        given_sizes = {
            number: (line.width, line.height)
            for number, part in enumerate(parts)
            for line in [listed[part.role, part.width, part.height]]
        }
        verdict = check(one.kind.kind, one.method.name, one.width, None, given_sizes, terms)
        assert verdict.sewn, (text, one)
        assert verdict.oversize is not None
        assert min(verdict.oversize) >= -HAIR, (text, one)


def test_every_way_of_single_pieces_is_found_from_its_own_list() -> None:
    """What a way asks for, written as a list, is found to make that unit of that size."""
    terms = true_terms(INCHES)
    ways = [
        (kind, method)
        for kind in kinds_asked()
        for method in kind.methods
        if kind.kind not in ("checker", "strip-set") and not kind.two_sizes
        if not (method.on_lines or method.together)
    ]
    assert len(ways) > 10
    for kind, method in ways:
        needs = method.needs(sample_unit(kind.kind, Fraction(4)), terms, 1)
        if any(need.shape not in ("square", "rectangle") for need in needs):
            continue
        text = "\n".join(
            f"{need.pieces * 4} pieces {write_mixed(wide)} x {write_mixed(high)} {need.fabric}"
            f"{CUTS[need.subcut]}"
            for need in needs
            for wide, high in [need.rounded(terms.step)]
        )
        found = uses_of(read_list(text, "in"), terms)
        assert any(one.kind is kind and one.method is method and one.width == 4 for one in found), (
            kind.kind,
            method.name,
            text,
        )


@given(
    st.integers(2, 6),
    st.lists(st.tuples(st.integers(1, 3), st.integers(1, 2)), min_size=1, max_size=4),
)
def test_whatever_is_laid_fills_the_grid_once(side: int, shapes: list[tuple[int, int]]) -> None:
    """Counted by cells painted one by one, single cells in what the shapes leave."""
    sizes = [(max(shape), min(shape), 1) for shape in shapes if max(shape) <= side]
    rest = side * side - sum(wide * high for wide, high, _ in sizes)
    assume(sizes and rest >= 0)
    if rest:
        sizes.append((1, 1, rest))
    places = arranged(sizes, side, side)
    if not places:
        return
    cells = [
        (column, row)
        for one in places
        for column in range(one.column, one.column + one.columns)
        for row in range(one.row, one.row + one.rows)
    ]
    assert sorted(cells) == [(c, r) for c in range(side) for r in range(side)]
    for number, (wide, high, count) in enumerate(sizes):
        laid = [one for one in places if one.which == number]
        assert len(laid) == count
        assert {tuple(sorted((one.columns, one.rows))) for one in laid} == {
            tuple(sorted((wide, high)))
        }
