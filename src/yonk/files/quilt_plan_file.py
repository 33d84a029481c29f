"""The plan of a quilt as a file, `yonk-quilt-plan/1`."""

from __future__ import annotations

import csv
from collections.abc import Iterator
from io import StringIO
from typing import Any

from yonk.core.paper import Length, listed, write_exact
from yonk.core.planning import further
from yonk.core.setting import QuiltPlan, SettingPiece, Top, quilt_notices
from yonk.core.top import TopCutting
from yonk.files.plain_text import for_a_cell, plain_fractions, sized
from yonk.files.plan_file import cut_rows, plan_schema
from yonk.words import in_words

_HEADINGS = ("fabric", "count", "shape", "cut width", "cut height", "unit", "cut further", "for")


def write_quilt_plan(plan: QuiltPlan) -> dict[str, Any]:
    """The content of the plan, ready for JSON."""
    quilt, both = plan.quilt, 2 * plan.quilt.making.seam
    finished = plan.finished
    return {
        "format": "yonk-quilt-plan/1",
        "quilt": {
            "name": quilt.name,
            "unit": quilt.unit,
            "top": _size(plan.top),
            "finished": _size(finished),
            "unfinished": _size(Top(finished.width + both, finished.height + both)),
        },
        "blocks": [
            {"key": key, "colouring": quilt.by_key[key].colouring_name, "count": count}
            for key, count in plan.counts.items()
        ],
        "cuts": [*_block_cuts(plan), *(_row(one, n) for one, n in plan.pieces.items())],
        "notices": [{"code": one.code, "text": in_words(one.text)} for one in quilt_notices(plan)],
    }


def quilt_plan_schema() -> dict[str, Any]:
    """The JSON Schema of the plan."""
    text, count = {"type": "string"}, {"type": "integer", "minimum": 0}
    both = {
        "type": "object",
        "properties": {"width": text, "height": text},
        "required": ["width", "height"],
    }

    def table(**fields: Any) -> dict[str, Any]:
        row = {"type": "object", "properties": fields, "required": [*fields]}
        return {"type": "array", "items": row}

    quilt = {
        "name": text,
        "unit": {"enum": ["in", "cm"]},
        "top": both,
        "finished": both,
        "unfinished": both,
    }
    return {
        "$schema": "https://json-schema.org/draft/2020-12/schema",
        "title": "yonk-quilt-plan/1",
        "type": "object",
        "required": ["format", "quilt", "blocks", "cuts", "notices"],
        "properties": {
            "format": {"const": "yonk-quilt-plan/1"},
            "quilt": {"type": "object", "properties": quilt, "required": [*quilt]},
            "blocks": table(key=text, colouring={"type": ["string", "null"]}, count=count),
            "cuts": plan_schema()["properties"]["cuts"],
            "notices": table(code=text, text=text),
        },
    }


def _size(top: Top) -> dict[str, str]:
    return {"width": _side(top.width), "height": _side(top.height)}


def _side(length: Length) -> str:
    return length.write()


def _block_cuts(plan: QuiltPlan) -> Iterator[dict[str, Any]]:
    """The cuts of each block, for its key."""
    for key, block in plan.plans.items():
        for row in cut_rows(block.cuts):
            yield row | {"for": [key], "units": row["for"]}


def _row(piece: SettingPiece, count: int) -> dict[str, Any]:
    return {
        "fabric": piece.fabric,
        "shape": piece.shape,
        "width": write_exact(piece.long),
        "height": write_exact(piece.short),
        "subcut": piece.subcut,
        "count": count,
        "for": [piece.purpose],
        "letters": [],
        "spare_pieces": 0,
    }


def write_quilt_csv(cutting: TopCutting) -> str:
    """The list for the whole top, as it is cut from cloth: long borders, binding and backing in the
    strips and panels that they are joined from.
    """
    out = StringIO()
    rows = csv.writer(out, lineterminator="\n")
    rows.writerow(
        ["fabric", "count", "shape", "cut width", "cut height", "unit", "cut further", "for"]
    )
    for cloth in cutting.cloths:
        for cut in cloth.cuts:
            rows.writerow(
                [
                    for_a_cell(cutting.fabric(cloth.fabric).called),
                    cut.pieces_cut,
                    cut.shape,
                    sized(cut.strips[0][0] if cut.segment else cut.width),
                    sized(cut.height),
                    cutting.unit,
                    plain_fractions(further(cut, cutting.unit)),
                    for_a_cell(listed(cutting.purposes(cut), "semicolon")),
                ]
            )
    return out.getvalue()
