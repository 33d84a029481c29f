"""The plan as a file, `yonk-plan/1`."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterator
from typing import Any

from yonk.core.cutting.cuts import Cut
from yonk.core.measure import Length, write_exact
from yonk.core.plan import Plan
from yonk.core.recipes import Recipe, terms_of


def write_plan(plan: Plan) -> dict[str, Any]:
    """The content of a plan file, ready for JSON."""
    draft = plan.reading.draft
    both = 2 * draft.making.seam
    return {
        "format": "yonk-plan/1",
        "block": {
            "name": draft.name,
            "unit": draft.unit,
            "finished": {"width": write_exact(draft.width), "height": write_exact(draft.height)},
            "unfinished": {"width": write_exact(draft.width + both), "height": write_exact(draft.height + both)},
            "blocks": plan.blocks,
        },
        "patches": list(_patches(plan)),
        "units": [_unit(recipe, plan) for recipe in plan.recipes],
        "cuts": [_cut(cut) for cut in plan.cuts],
        "notices": [
            {
                "code": notice.code,
                "text": notice.text,
                "patches": list(notice.patches),
                "units": list(notice.units),
            }
            for notice in plan.notices
        ],
    }


def size(width: Length, height: Length) -> dict[str, str]:
    """A width and a height as a plan writes them."""
    return {"width": width.write(), "height": height.write()}


def _patches(plan: Plan) -> Iterator[dict[str, Any]]:
    counts = Counter((patch.letter, patch.fabric) for patch in plan.reading.patches)
    first = {patch.letter: patch for patch in reversed(plan.reading.patches)}
    for (letter, fabric), count in sorted(counts.items(), key=lambda item: (len(item[0][0]), item[0])):
        patch = first[letter]
        yield {
            "letter": letter,
            "shape": patch.shape,
            "finished": size(patch.width, patch.height),
            "fabric": fabric,
            "per_block": count,
            "total": count * plan.blocks,
        }


def _unit(recipe: Recipe, plan: Plan) -> dict[str, Any]:
    unit, both = recipe.group.unit, terms_of(plan.reading.draft).both_seams
    row: dict[str, Any] = {
        "label": recipe.group.label,
        "kind": recipe.group.kind,
        "letters": sorted({part.cloth.letter for part in unit.parts}, key=lambda name: (len(name), name)),
        "fabrics": list(unit.fabrics),
        "finished": size(unit.width, unit.height),
        "unfinished": size(unit.width + both, unit.height + both),
        "per_block": recipe.group.per_block,
        "total": recipe.total,
        "method": recipe.method.name,
        "chosen": recipe.chosen,
        "reason": recipe.reason,
        "makes": recipe.makes,
        "spare": recipe.spare,
    }
    if unit.on_point:
        row["on_point"] = True
    if unit.hand:
        row["hand"] = unit.hand
    return row


def _cut(cut: Cut) -> dict[str, Any]:
    row: dict[str, Any] = {
        "fabric": cut.fabric,
        "shape": cut.shape,
        "width": write_exact(cut.width),
        "height": write_exact(cut.height),
        "subcut": cut.subcut,
        "count": cut.count,
        "for": list(cut.units),
        "letters": sorted({purpose.letter for purpose in cut.purposes}, key=lambda name: (len(name), name)),
        "spare_pieces": cut.spare_pieces,
    }
    if cut.diagonals:
        row["diagonals"] = dict(cut.diagonals)
    if cut.corners_off:
        row["corners_off"] = [*map(write_exact, cut.corners_off)]
    if cut.outline:
        row["outline"] = [[f"{x:.4f}", f"{y:.4f}"] for x, y in cut.outline]
    if cut.rotary:
        row["rotary"] = {
            "strip": write_exact(cut.rotary.strip),
            "every": write_exact(cut.rotary.every),
            "words": cut.rotary.words,
        }
    return row
