"""Angled shapes by ruler: what is cut from the strip is the patch with its allowance."""

from __future__ import annotations

from fractions import Fraction as F
from math import radians, tan

import pytest
import shapely

from tests.drafts import block
from yonk.core.drawing import draw
from yonk.core.paper import Draft
from yonk.core.planning import make_plan
from yonk.core.units import Rotary
from yonk.files.plan_file import write_plan


def rotaries(draft: Draft) -> dict[str, Rotary]:
    """By letter how a ruler cuts the patches of it."""
    plan = make_plan(draft)
    return {
        cut.purposes[0].letter: cut.rotary
        for cut in plan.cuts
        if cut.rotary and cut.rotary.angle is not None
    }


def with_allowance(draft: Draft, letter: str) -> shapely.Polygon:
    reading = make_plan(draft).reading
    face = next(one.face for one in reading.patches if one.letter == letter)
    drawing = draw(draft)
    scale = 1 / float(drawing.scale)
    finished = shapely.affinity.scale(drawing.polygons[face], scale, scale, origin=(0, 0))
    return finished.buffer(float(draft.making.seam), join_style="mitre", mitre_limit=99)


def cut_from_strip(rotary: Rotary, kind: str) -> shapely.Polygon:
    """What a ruler leaves of a strip: its first end at the angle, its other as the kind has it."""
    assert rotary.angle is not None
    high, long = float(rotary.strip), float(rotary.every)
    shift = 0.0 if abs(rotary.angle - 90) < 1e-9 else high / tan(radians(rotary.angle))
    if kind == "parallelogram":
        return shapely.Polygon([(0, 0), (long, 0), (long + shift, high), (shift, high)])
    if kind == "triangle":
        return shapely.Polygon([(0, 0), (long, 0), (long / 2, high)])
    return shapely.Polygon([(0, 0), (long, 0), (long - shift, high), (shift, high)])


@pytest.mark.parametrize(
    ("drawn", "size", "grid", "kind", "angle"),
    [
        # a slope of 3 along for 4 across: its slanted side is 5 long
        ("0 4 3 0, 4 4 7 0", "7 4", (7, 4), "parallelogram", 53.1301),
        ("0 4 3 0, 10 4 7 0", "10 4", (10, 4), "trapezoid", 53.1301),
        ("0 4 3 0, 6 4 3 0", "6 4", (6, 4), "triangle", 53.1301),
        ("0 3 4 0, 8 3 4 0", "8 3", (8, 3), "triangle", 36.8699),
    ],
)
def test_what_is_cut_from_the_strip_is_the_patch_with_its_allowance(
    drawn: str, size: str, grid: tuple[int, int], kind: str, angle: float
) -> None:
    fine = block(drawn, size=size, grid=grid, ruler_step=F(1, 48))
    found = rotaries(fine)
    matching = {
        letter: one for letter, one in found.items() if one.angle == pytest.approx(angle, abs=1e-4)
    }
    assert matching
    for letter, rotary in matching.items():
        expected, cut = with_allowance(fine, letter), cut_from_strip(rotary, kind)
        if abs(expected.area - cut.area) > 1e-6:
            continue
        sides = [sorted(_sides(one)) for one in (expected, cut)]
        assert sides[0] == pytest.approx(sides[1], abs=1e-9)
        return
    raise AssertionError("one of the patches is the shape in the middle")


def _sides(shape: shapely.Polygon) -> list[float]:
    spots = shapely.get_coordinates(shape.exterior.simplify(1e-9)).tolist()
    return [
        ((bx - ax) ** 2 + (by - ay) ** 2) ** 0.5
        for (ax, ay), (bx, by) in zip(spots, spots[1:], strict=False)
    ]


def test_a_plan_tells_strip_angle_and_how_long() -> None:
    draft = block("0 4 3 0, 4 4 7 0", size="7 4", grid=(7, 4))
    (row,) = [one for one in write_plan(make_plan(draft))["cuts"] if one["shape"] == "angled"]
    # 4 finished and a quarter on each side; 4 along the edge and 2 · ¼ · 5/4
    assert (row["height"], row["width"], row["angle"]) == ("9/2", "37/8", "53.1301023542")
    assert "3 3⁄8″ along for 4 1⁄2″ across" in row["words"]


def test_what_no_mark_tells_is_cut_by_a_template() -> None:
    for drawn in ("0 4 2 0, 4 4 6 0", "0 4 3 1, 3 1 7 3"):
        plan = make_plan(block(drawn, size="7 4", grid=(7, 4)))
        assert all(cut.rotary is None or cut.rotary.angle is None for cut in plan.cuts)


def test_a_template_can_be_chosen_though_a_ruler_serves() -> None:
    draft = block("0 4 3 0, 4 4 7 0", size="7 4", grid=(7, 4), methods={"pieced": "template"})
    assert rotaries(draft) == {}
