"""How a block is eased: by hand, against straight runs where nothing need be eased, and against
blocks of springs that share nothing with the model.
"""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction as F
from typing import Any

import numpy as np
import pytest
from bench import spoilt_blocks
from bench.spoilt_blocks import Block, Wrong
from hypothesis import given, settings

from tests.drafts import block, drafts, even
from yonk.core.measuring import (
    Measurable,
    chance_of_units,
    first_guess,
    measurable,
    measurables,
)
from yonk.core.measuring.chances import chance_within
from yonk.core.measuring.response import Response, matrix_of, response_of
from yonk.core.paper import Draft
from yonk.core.planning import listed_oversize, make_plan, ways_side_by_side
from yonk.core.pressing import sewing_plan
from yonk.machine.samples import all_samples

WAYS = ("across", "down")
SAMPLES = {draft.name: draft for draft in all_samples()}


class Still:
    """A hand that is never off."""

    def normal(self, mean: float, spread: float, shape: Any = None) -> Any:
        return np.zeros(shape) if shape else 0.0


def seams_off(response: Response) -> Any:
    wrong = np.zeros(response.causes)
    wrong[response.runs.of_kind("seam")] = 1.0
    return wrong


@pytest.mark.parametrize("name", ["Weir Gate", "Hut Window", "Cairn Path", "Scree"])
def test_seams_off_everywhere_need_no_easing_where_all_rows_have_as_many(name: str) -> None:
    response = response_of(SAMPLES[name])
    known = measurables(response.plan)
    for what, (loose, eased) in zip(known, matrix_of(response, known), strict=True):
        wrong = seams_off(response)
        if what.startswith("block:") and name != "Hut Window":
            assert eased @ wrong == pytest.approx(loose @ wrong, abs=0.02), what


def test_a_patch_too_large_is_shared_by_its_row_and_column() -> None:
    """Nine squares, the middle one too large by one: by itself the middle row is; joined to two
    that are right all three come out a third too long, the middle a little more than the edges.
    """
    response = response_of(even(3, 3, "9 9"))
    middle = np.zeros(response.causes)
    middle[response.runs.edges_of([4])] = 0.5

    def off(what: str) -> Any:
        return response.rows(measurable(response.plan, what)) @ middle

    assert off("row:2") == pytest.approx([1, 1], abs=1e-6)
    assert off("row:1") == pytest.approx([0, 0], abs=1e-6)
    edges = [off(f"block:{one}") for one in ("top", "middle", "bottom", "left", "center", "right")]
    assert [one[0] for one in edges] == pytest.approx([0, 1, 0, 0, 1, 0], abs=1e-6)
    assert np.mean([one[1] for one in edges[:3]]) == pytest.approx(1 / 3, abs=0.12)
    assert edges[0][1] < edges[1][1] < 1
    assert edges[0] == pytest.approx(edges[2]) and edges[1] == pytest.approx(edges[4], abs=1e-6)


@given(drafts)
@settings(max_examples=15, deadline=None)
def test_a_patch_alone_is_as_it_is_cut(draft: Draft) -> None:
    """What is not sewn to anything lies as it was cut, whatever its shape."""
    response = response_of(draft)
    if response.cloth is None:
        return
    for face, patch in enumerate(response.plan.reading.patches):
        if patch.shape not in ("square", "rectangle"):
            continue
        sewn = response.cloth.sewn([face])
        ring = response.plan.joining.faces[face].ring
        xs = {x for x, _ in ring}
        if len(ring) != 4 or len(xs) != 2:
            continue
        cut = np.zeros(response.causes)
        cut[response.runs.edges_of([face])] = 0.5
        asked = response.asked(sewn, Measurable("", (face,), (1.0, 0.0), 0.5, 0.0))
        assert asked is not None
        (wide,) = sewn.answers(asked[:, None]) @ cut
        assert wide == pytest.approx(1.0 if wide else 0.0, abs=1e-6)  # none in a trimmed unit


def gone_wrong(held: Block) -> list[tuple[Wrong, Any]]:
    """Some things wrong with a block, each with the same in the model's causes."""
    response = response_of(held.plan.draft)
    found: list[tuple[Wrong, Any]] = [(Wrong("seam", seam=0.05), 0.05 * seams_off(response))]
    for face in range(len(held.rings)):
        if face not in held.unit and len(held.rings[face]) == 4:
            for by in (0.12, -0.12):
                cut = np.zeros(response.causes)
                cut[response.runs.edges_of([face])] = by / 2
                found.append((Wrong("patch", cut={face: (by, by)}), cut))
    return found[:5]


@pytest.mark.parametrize("name", ["Weir Gate", "Stile"])
def test_blocks_of_springs_come_to_rest_where_it_says(
    name: str, monkeypatch: pytest.MonkeyPatch
) -> None:
    """Springs know nothing of triangles of cloth: they agree to a quarter of what is wrong."""
    monkeypatch.setattr(spoilt_blocks, "SPREAD", 0.0)
    held = Block(SAMPLES[name])
    response = response_of(held.plan.draft)
    known = {
        what: one
        for what, one in measurables(held.plan).items()
        if one.patch is None or one.patch not in held.unit
    }
    rows = matrix_of(response, known)
    for wrong, causes in gone_wrong(held):
        sewn = held.sewn(wrong, Still())
        parts = {tuple(sorted(one.faces)) for one in known.values()}
        rested = {part: sewn.corners(part) for part in parts}
        much = max(abs(float(value)) for value in (wrong.seam * 4, *sum(wrong.cut.values(), ())))
        for (what, one), row in zip(known.items(), rows, strict=True):
            seen = sewn.measured(one, 1.0, rested) - one.size
            assert row[1] @ causes == pytest.approx(seen, abs=0.25 * much), (what, wrong.kind)


@pytest.mark.parametrize("name", SAMPLES)
def test_with_no_error_units_come_out_as_the_sewn_table_says(name: str) -> None:
    """Listed cuts and what ways yield of them, off the ruler too."""
    draft = SAMPLES[name]
    planned, response = make_plan(draft), response_of(draft)
    for recipe in planned.recipes:
        yields = listed_oversize(recipe.group.unit, recipe.method, recipe.terms)
        if yields is None or recipe.group.is_plain or recipe.group.turns[0] % 2:
            continue
        if not recipe.group.as_drafted:
            continue  # in a colouring alone
        if recipe.is_trimmed:
            yields = min(0.0, yields[0]), min(0.0, yields[1])
        for way, larger in zip(("across", "down"), yields, strict=True):
            one = measurable(response.plan, f"unit:{recipe.group.label}:{way}")
            assert response.larger(one) == pytest.approx([larger, larger], abs=1e-6)


def test_off_the_ruler_the_whole_block_is_what_its_listed_cuts_give() -> None:
    """Two squares of 1 15/16 are cut to the nearest eighth: 2 7/16 becomes 2½."""
    draft = block("1 0 1 1", size="31/8 31/16", grid=(2, 1))
    response = response_of(draft)
    for what in ("block:top", "block:middle", "block:left"):
        one = measurable(sewing_plan(draft), what)
        sixteenths = 2 if what != "block:left" else 1
        assert response.larger(one) == pytest.approx([sixteenths / 16] * 2, abs=1e-6)
    assert F(31, 16) * 2 == F(31, 8)


@pytest.mark.parametrize("name", ["Cairn Path", "Gale Lantern", "Scree", "Weir Gate"])
def test_recipes_and_the_matrix_foretell_a_unit_alike(name: str) -> None:
    """How large a unit comes out on average that is not trimmed, also one whose listed cuts are off
    the ruler, and how much that spreads: by its recipe and by the block that it is in.
    """
    drawn, smaller = SAMPLES[name], F(7, 9)
    draft = replace(
        drawn,
        width=drawn.width * smaller,
        height=drawn.height * smaller,
        making=replace(drawn.making, trim_margin=F(0)),
    )
    errors = replace(first_guess("in"), seam_error=F(1, 100))
    response, seen = response_of(draft), 0
    for recipe, compared in ways_side_by_side(response.planned):
        group, figures = recipe.group, compared.ways[0]
        if group.is_plain or figures.with_margin or figures.oversize is None:
            continue
        seen += 1
        sides = [measurable(response.plan, f"unit:{group.label}:{way}") for way in WAYS]
        rows = np.array([response.rows(one)[0] for one in sides])
        means, spreads = rows @ response.runs.means(errors), response.spreads(errors)
        told = chance_within(means, (rows * spreads**2) @ rows.T, 1 / 16)
        assert chance_of_units(figures, group.unit, errors, F(1, 16)) == pytest.approx(
            told, abs=1e-6
        )
    assert seen
