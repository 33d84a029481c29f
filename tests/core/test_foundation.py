"""Foundations: sections of drawings made by chance, held against geometry that shares nothing with
what finds them; the units that come of them; the printed pages.
"""

from __future__ import annotations

import io
from collections.abc import Iterable, Iterator
from dataclasses import replace
from fractions import Fraction as F
from itertools import combinations, permutations

import pdfplumber
import pytest
import shapely
from hypothesis import given, settings
from hypothesis import strategies as st
from shapely.ops import split

from tests.drafts import block
from yonk.core.cutting import foundations_of, section_names
from yonk.core.drawing import Piece
from yonk.core.paper import Draft
from yonk.core.planning import make_plan
from yonk.core.units import FOUNDATION, Sections, carry_out, sections_of
from yonk.files.foundations_pdf import write_foundations_pdf

WIDE = 2520  # lattice steps: what halves, thirds and so on of a side divide


@st.composite
def drawings(draw: st.DrawFn, most: int = 7) -> list[shapely.Polygon]:
    """A rectangle cut again and again, each time one of its parts, from side to side."""
    parts = [shapely.box(0, 0, 12, draw(st.sampled_from([12, 8])))]
    for _ in range(draw(st.integers(1, most - 1))):
        part = parts.pop(draw(st.integers(0, len(parts) - 1)))
        corners = list(part.exterior.coords)[:-1]
        one, other = sorted(
            draw(st.lists(st.integers(0, len(corners) - 1), min_size=2, max_size=2, unique=True))
        )
        ends = []
        for number in (one, other):
            (ax, ay), (bx, by) = corners[number], corners[(number + 1) % len(corners)]
            share = draw(st.sampled_from([F(0), F(1, 2), F(1, 3)]))
            ends.append((ax + float(share) * (bx - ax), ay + float(share) * (by - ay)))
        cut = split(part, _beyond(*ends)) if ends[0] != ends[1] else None
        parts += [one for one in cut.geoms if one.area > 0.01] if cut else [part]
    return parts


def _beyond(start: tuple[float, float], end: tuple[float, float]) -> shapely.LineString:
    (ax, ay), (bx, by) = start, end
    return shapely.LineString(
        [(9 * ax - 8 * bx, 9 * ay - 8 * by), (9 * bx - 8 * ax, 9 * by - 8 * ay)]
    )


def lattice(polygons: list[shapely.Polygon]) -> list[Piece] | None:
    """The drawing as pieces of whole numbers; None where it does not lie on the lattice."""
    pieces = []
    for face, one in enumerate(polygons):
        spots = [(x * WIDE / 12, y * WIDE / 12) for x, y in one.exterior.coords[:-1]]
        if any(abs(n - round(n)) > 1e-6 for spot in spots for n in spot):
            return None
        pieces.append(Piece(face, tuple((round(x), round(y)) for x, y in spots)))
    return pieces


def shape(pieces: list[Piece], some: Iterator[int] | list[int]) -> shapely.Geometry:
    return shapely.unary_union([shapely.Polygon(pieces[one].ring) for one in some])


def separated(one: shapely.Geometry, other: shapely.Geometry) -> bool:
    """Whether two shapes lie on either side of one straight line along which they meet."""
    shared = one.intersection(other)
    if shared.length < 1:
        return False
    left, top, right, bottom = shared.bounds
    spots = [
        spot
        for part in shapely.get_parts(shared)
        if part.length
        for spot in shapely.get_coordinates(part).tolist()
    ]
    (ax, ay), (bx, by) = min(spots), max(spots)

    def side(x: float, y: float) -> float:
        return ((bx - ax) * (y - ay) - (by - ay) * (x - ax)) / max(right - left, bottom - top)

    reach = [
        [side(x, y) for x, y in shapely.get_coordinates(part).tolist()] for part in (one, other)
    ]
    if any(abs(side(x, y)) > 1e-3 for x, y in spots):
        return False
    return (min(reach[0]) > -1e-3 and max(reach[1]) < 1e-3) or (
        max(reach[0]) < 1e-3 and min(reach[1]) > -1e-3
    )


def whole(one: shapely.Geometry) -> bool:
    return one.geom_type == "Polygon"


def least(pieces: list[Piece], some: frozenset[int]) -> int:
    """The fewest sections, by trying everything."""
    for order in permutations(some):
        if all(
            separated(shape(pieces, [*order[:n]]), shape(pieces, [order[n]]))
            and whole(shape(pieces, [*order[: n + 1]]))
            for n in range(1, len(order))
        ):
            return 1
    best = 99
    for count in range(1, len(some) // 2 + 1):
        for half in combinations(sorted(some), count):
            one, other = frozenset(half), some - frozenset(half)
            a, b = shape(pieces, [*one]), shape(pieces, [*other])
            if whole(a) and whole(b) and separated(a, b):
                best = min(best, least(pieces, one) + least(pieces, other))
    return best


def check_sections(found: Sections, pieces: list[Piece]) -> None:
    """Each patch once; each seam one straight line, all earlier patches on its one side."""
    sewn = [step.piece for steps in found.sections for step in steps]
    assert sorted(sewn) == list(range(len(pieces)))
    made = []
    for steps in found.sections:
        own = [step.piece for step in steps]
        assert steps[0].seam is None
        for number, step in enumerate(steps[1:], start=1):
            earlier, now = shape(pieces, own[:number]), shape(pieces, [step.piece])
            assert step.seam is not None and separated(earlier, now)
            stretch = shapely.LineString([step.seam.start, step.seam.end])
            assert abs(stretch.length - earlier.intersection(now).length) < 1e-3
        made.append(frozenset(own))
    for one, other, seam in found.joins:
        a, b = shape(pieces, [*made[one]]), shape(pieces, [*made[other]])
        assert separated(a, b)
        stretch = shapely.LineString([seam.start, seam.end])
        assert abs(stretch.length - a.intersection(b).length) < 1e-3
        made.append(made[one] | made[other])
    assert made[-1] == frozenset(range(len(pieces)))


@given(drawings())
@settings(max_examples=150)
def test_sections_cover_the_region_once_by_straight_seams(polygons: list[shapely.Polygon]) -> None:
    pieces = lattice(polygons)
    if pieces is None or len(pieces) < 2:
        return
    found = sections_of(pieces)
    assert found is not None, "what was cut from side to side comes apart so"
    check_sections(found, pieces)


@given(drawings(most=5))
@settings(max_examples=25)
def test_there_are_no_fewer_sections(polygons: list[shapely.Polygon]) -> None:
    pieces = lattice(polygons)
    if pieces is None or len(pieces) < 2:
        return
    found = sections_of(pieces)
    assert found is not None
    assert len(found.sections) == least(pieces, frozenset(range(len(pieces))))


def of_block(drawn: str, size: str = "6 6", grid: tuple[int, int] = (6, 6)) -> Draft:
    kinds = ("pieced", "half-rectangle-triangle", "flying-geese", "square-in-a-square")
    return block(drawn, size=size, grid=grid, methods=dict.fromkeys(kinds, "foundation"), blocks=3)


@pytest.mark.parametrize(
    ("drawn", "size"),
    [
        ("0 0 3 6, 3 6 6 0", "6 6"),  # a spike
        ("0 6 6 3, 0 4 6 3, 0 2 6 1", "6 6"),
        ("0 0 6 3, 6 3 0 5", "5 7"),
        ("0 2 6 4, 2 8/3 1 6, 4 10/3 5 0", "6 4"),
    ],
)
def test_what_is_sewn_on_a_foundation_is_the_drafted_unit(drawn: str, size: str) -> None:
    plan = make_plan(of_block(drawn, size))
    for recipe in plan.recipes:
        if recipe.method is not FOUNDATION:
            continue
        unit = recipe.group.unit
        made = carry_out(unit, FOUNDATION, recipe.terms, lots=2)
        counted = FOUNDATION.counted(unit, recipe.terms, 2)  # type: ignore[misc]
        assert made.sound
        assert max(map(abs, made.fits[0].oversize)) < 1e-6
        assert len(made.table.seams) == counted.seams and made.table.cuts == counted.cuts
        assert abs(sum(made.table.seams) - counted.length) < 1e-6
    assert any(recipe.method is FOUNDATION for recipe in plan.recipes)


def test_pieces_reach_far_enough_on_every_side() -> None:
    """The box of the patch and half an inch: ¼ for the seam, ¼ for a piece laid askew."""
    plan = make_plan(of_block("0 0 3 6, 3 6 6 0"))
    sizes = sorted((cut.width, cut.height) for cut in plan.cuts)
    assert sizes == [(F(7), F(4)), (F(7), F(7))]
    assert {cut.count for cut in plan.cuts} == {6, 3}


def test_patches_are_called_by_their_letters() -> None:
    (recipe,) = make_plan(of_block("0 6 3 0, 3 0 6 6", "6 3")).recipes
    assert recipe.group.kind == "flying-geese"
    (names,) = section_names(recipe.group.unit)
    assert sorted(names) == ["A1", "A2", "B1"]


def test_a_pinwheel_that_partial_seams_join_is_not_sewn_so() -> None:
    drawn = "0 2 4 2, 4 0 4 4, 2 4 6 4, 2 2 2 6"
    plan = make_plan(block(drawn, grid=(6, 6), methods={"pieced": "foundation"}))
    (recipe,) = plan.recipes
    assert recipe.group.kind == "pieced" and recipe.unsuited == "foundation"


@pytest.mark.parametrize(("size", "unit"), [("6 6", "in"), ("14 11", "in"), ("30 20", "cm")])
def test_the_printed_foundation_is_true_to_size_and_mirrored(size: str, unit: str) -> None:

    draft = replace(of_block("0 0 3 6, 3 6 6 1", size), unit=unit)  # type: ignore[arg-type]
    sections = foundations_of(make_plan(draft))
    assert [one.of for one in sections] == [len(sections)] * len(sections)
    points = 72 if unit == "in" else 72 / 2.54
    document = write_foundations_pdf(sections, draft.unit, "Trial", "letter")
    with pdfplumber.open(io.BytesIO(document)) as pdf:
        squares = [(round(one["width"], 2), round(one["height"], 2)) for one in pdf.pages[0].rects]
        assert (72.0, 72.0) in squares
        seen = {
            round(_long(line) / points, 2)
            for page in pdf.pages[1:]
            for line in [*page.lines, *_sides(page)]
        }
    if len(pdf.pages) == len(sections) + 1:  # a page each, so no line is cut off
        for section in sections:
            for patch in section.patches:
                for a, b in zip(patch.outline, patch.outline[1:], strict=False):
                    long = ((a[0] - b[0]) ** 2 + (a[1] - b[1]) ** 2) ** 0.5
                    assert any(abs(long - one) < 0.02 for one in seen), long
    assert len(sections) == 1
    seam, wide = float(draft.making.seam), sections[0].width
    mirrored_back = [
        (wide - seam - x, y - seam) for patch in sections[0].patches for x, y in patch.outline
    ]
    assert any(_turned(mirrored_back, turn) == _turned(_spots(draft), 0) for turn in range(4))
    assert all(
        _turned([(-x, y) for x, y in mirrored_back], turn) != _turned(_spots(draft), 0)
        for turn in range(4)
    )


def _turned(spots: Iterable[tuple[float, float]], turn: int) -> set[tuple[float, float]]:
    """Spots turned by so many quarters, from the corner of their box."""
    for _ in range(turn):
        spots = [(-y, x) for x, y in spots]
    spots = [*spots]
    left, top = min(x for x, _ in spots), min(y for _, y in spots)
    return {(round(x - left, 5) + 0.0, round(y - top, 5) + 0.0) for x, y in spots}


def _long(line: dict[str, float]) -> float:
    return float(((line["x0"] - line["x1"]) ** 2 + (line["y0"] - line["y1"]) ** 2) ** 0.5)


def _sides(page: pdfplumber.page.Page) -> Iterator[dict[str, float]]:
    for curve in page.curves:
        for (ax, ay), (bx, by) in zip(curve["pts"], curve["pts"][1:], strict=False):
            yield {"x0": ax, "y0": ay, "x1": bx, "y1": by}


def _spots(draft: Draft) -> Iterator[tuple[float, float]]:
    for face in make_plan(draft).reading.drawing.faces:
        scale = make_plan(draft).reading.drawing.scale
        for x, y in face.ring:
            yield x / scale, y / scale


def test_what_no_ruler_cuts_may_be_sewn_on_a_foundation() -> None:
    """The notice names the units that can be; of a pinwheel with a slanted middle none can."""
    could = make_plan(block("1/4 0 3/4 1", size="6 6"))
    (told,) = [one for one in could.notices if one.code == "template-needed"]
    assert "unit 1 on a printed foundation" in str(told.text)
    pinwheel = "0 2 4 2, 4 0 4 4, 2 4 6 4, 2 2 2 6, 2 2 7/2 4"
    cannot = make_plan(block(pinwheel, grid=(6, 6)))
    for one in cannot.notices:
        assert "foundation" not in str(one.text)
