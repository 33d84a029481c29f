"""The plan as a file, `yonk-plan/1`."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable, Iterator, Sequence
from dataclasses import replace
from typing import Any

from yonk.core.cutting import section_names
from yonk.core.drawing import Patch
from yonk.core.paper import Length, write_exact
from yonk.core.planning import Cut, Plan, Recipe
from yonk.core.units import BY_NAME, FOUNDATION, terms_of
from yonk.words import in_words


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
            "unfinished": {
                "width": write_exact(draft.width + both),
                "height": write_exact(draft.height + both),
            },
            "blocks": plan.blocks,
        },
        "patches": list(_patches(plan)),
        "units": [_unit(recipe, plan) for recipe in plan.recipes],
        "cuts": cut_rows(plan.cuts),
        "notices": [
            {
                "code": notice.code,
                "text": in_words(notice.text),
                "patches": list(notice.patches),
                "units": list(notice.units),
            }
            for notice in plan.notices
        ],
    }


def plan_schema() -> dict[str, Any]:
    """The JSON Schema of a plan file."""
    text, count = {"type": "string"}, {"type": "integer", "minimum": 0}
    texts = {"type": "array", "items": text}
    both = {
        "type": "object",
        "properties": {"width": text, "height": text},
        "required": ["width", "height"],
    }

    def rows(**fields: Any) -> dict[str, Any]:
        optional = ("hand", "segment", "sections", "angle", "words")
        row = {
            "type": "object",
            "properties": fields,
            "required": [name for name in fields if name not in optional],
        }
        return {"type": "array", "items": row}

    block = {
        "name": text,
        "unit": {"enum": ["in", "cm"]},
        "finished": both,
        "unfinished": both,
        "blocks": count,
    }
    return {
        "$schema": "https://json-schema.org/draft/2020-12/schema",
        "title": "yonk-plan/1",
        "type": "object",
        "required": ["format", "block", "patches", "units", "cuts", "notices"],
        "properties": {
            "format": {"const": "yonk-plan/1"},
            "block": {"type": "object", "properties": block, "required": [*block]},
            "patches": rows(
                letter=text, shape=text, finished=both, fabric=text, per_block=count, total=count
            ),
            "units": rows(
                label=text,
                kind={"enum": [*BY_NAME]},
                letters=texts,
                fabrics=texts,
                finished=both,
                unfinished=both,
                per_block=count,
                total=count,
                method=text,
                makes=count,
                spare=count,
                hand={"enum": ["left", "right"]},
                sections={"type": "array", "items": texts},
            ),
            "cuts": rows(
                fabric=text,
                shape={"enum": ["square", "rectangle", "strip", "angled", "template"]},
                width=text,
                height=text,
                subcut={"enum": ["none", "one-diagonal", "both-diagonals"]},
                count=count,
                angle=text,
                words=text,
                segment={
                    "type": "object",
                    "properties": {"length": text, "count": count},
                    "required": ["length", "count"],
                },
                **{"for": texts},
            ),
            "notices": rows(code=text, text=text, patches=texts),
        },
    }


def size_out(width: Length, height: Length) -> dict[str, str]:
    """A width and a height as a plan writes them."""
    return {"width": width.write(), "height": height.write()}


def _patches(plan: Plan) -> Iterator[dict[str, Any]]:
    per_block = Counter((patch.letter, patch.fabric) for patch in plan.reading.patches)
    totals: Counter[tuple[str, str]] = Counter()
    first: dict[str, Patch] = {}
    for reading, blocks in ((plan.reading, plan.blocks), *plan.colourings):
        for patch in reading.patches:
            totals[patch.letter, patch.fabric] += blocks
            first.setdefault(patch.letter, patch)
    for (letter, fabric), total in sorted(
        totals.items(), key=lambda item: (len(item[0][0]), item[0])
    ):
        patch = first[letter]
        yield {
            "letter": letter,
            "shape": patch.shape,
            "finished": size_out(patch.width, patch.height),
            "fabric": fabric,
            "per_block": per_block[letter, fabric],
            "total": total,
        }


def _unit(recipe: Recipe, plan: Plan) -> dict[str, Any]:
    unit, both = recipe.group.unit, terms_of(plan.reading.draft).both_seams
    row: dict[str, Any] = {
        "label": recipe.group.label,
        "kind": recipe.group.kind,
        "letters": sorted(
            {part.cloth.letter for part in unit.parts}, key=lambda name: (len(name), name)
        ),
        "fabrics": list(unit.fabrics),
        "finished": size_out(unit.width, unit.height),
        "unfinished": size_out(unit.width + both, unit.height + both),
        "per_block": recipe.group.per_block,
        "total": recipe.total,
        "method": recipe.method.name,
        "chosen": recipe.chosen,
        "reason": in_words(recipe.reason),
        "makes": recipe.makes,
        "spare": recipe.spare,
    }
    if unit.on_point:
        row["on_point"] = True
    if unit.hand:
        row["hand"] = unit.hand
    if recipe.method is FOUNDATION:
        row["sections"] = section_names(unit)
    return row


def cut_rows(cuts: Iterable[Cut]) -> list[dict[str, Any]]:
    """The cuts as rows of the file."""
    return [_cut(alike) for alike in _both_hands(cuts)]


def _both_hands(cuts: Iterable[Cut]) -> list[list[Cut]]:
    """Cuts that differ only in the way that they lie or their diagonal is cut; they are one row of
    the file.
    """
    rows: dict[object, list[Cut]] = {}
    for cut in cuts:
        rows.setdefault((replace(cut.what, hand=None, lie=None), cut.width), []).append(cut)
    return list(rows.values())


def _cut(alike: Sequence[Cut]) -> dict[str, Any]:
    cut = alike[0]
    row: dict[str, Any] = {
        "fabric": cut.fabric,
        "shape": cut.shape,
        "width": write_exact(cut.width),
        "height": write_exact(cut.height),
        "subcut": cut.subcut,
        "count": sum(one.count for one in alike),
        "for": sorted({label for one in alike for label in one.units}, key=int),
        "letters": sorted(
            {purpose.letter for one in alike for purpose in one.purposes},
            key=lambda name: (len(name), name),
        ),
        "spare_pieces": sum(one.spare_pieces for one in alike),
    }
    if cut.segment:
        row["segment"] = {"length": write_exact(cut.segment), "count": cut.segments}
    hands: Counter[str] = Counter()
    for one in alike:
        hands.update({one.what.hand: one.count} if one.what.hand else {})
    if hands:
        row["diagonals"] = dict(hands)
    if cut.what.corners_off:
        row["corners_off"] = [*map(write_exact, cut.what.corners_off)]
    if cut.outline:
        row["outline"] = [[f"{x:.4f}", f"{y:.4f}"] for x, y in cut.outline]
    if cut.rotary and cut.rotary.angle is not None:
        row |= {
            "shape": "angled",
            "width": write_exact(cut.rotary.every),
            "height": write_exact(cut.rotary.strip),
            "angle": f"{cut.rotary.angle:.12g}",
            "words": in_words(cut.rotary.words),
        }
    elif cut.rotary:
        row["rotary"] = {
            "strip": write_exact(cut.rotary.strip),
            "every": write_exact(cut.rotary.every),
            "words": in_words(cut.rotary.words),
        }
    return row
