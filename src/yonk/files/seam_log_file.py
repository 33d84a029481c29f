"""The seam log as it is kept, and as it leaves in a table."""

from __future__ import annotations

import csv
import json
from collections.abc import Sequence
from datetime import datetime
from fractions import Fraction
from io import StringIO
from typing import Any

from yonk.core.measuring import SeamTest, Setup, WorkAccuracy
from yonk.core.paper import read_length, write_exact
from yonk.files.plain_text import for_a_cell, sized

SETUP = ("machine", "foot", "needle", "stitch", "thread", "cloth", "starch", "pressed")


def write_test(test: SeamTest, note: str) -> str:
    """A test as JSON."""
    outer = [write_exact(one) for one in test.outer] if test.outer else None
    return json.dumps(
        {
            "unit": test.unit,
            "aimed": write_exact(test.aimed),
            "cut": write_exact(test.cut),
            "middle": write_exact(test.middle),
            "outer": outer,
            "setup": {name: getattr(test.setup, name) for name in SETUP},
            "note": note,
        },
        ensure_ascii=False,
    )


def read_test(document: str) -> tuple[SeamTest, str]:
    """A kept test and the note on it."""
    raw: dict[str, Any] = json.loads(document)
    sizes = {name: read_length(raw[name]) for name in ("aimed", "cut", "middle")}
    outer: tuple[Fraction, Fraction] | None = None
    if raw["outer"]:
        left, right = raw["outer"]
        outer = read_length(left), read_length(right)
    test = SeamTest(unit=raw["unit"], outer=outer, setup=Setup(**raw["setup"]), **sizes)
    return test, str(raw["note"])


def write_seam_log_csv(tests: Sequence[tuple[datetime, SeamTest, str]]) -> str:
    """The seam log as a table, the oldest test first."""
    out = StringIO()
    rows = csv.writer(out, lineterminator="\n")
    rows.writerow(
        ["sewn", "unit", "aimed", "cut", "middle", "left", "right", "seam", "off", *SETUP, "note"]
    )
    for sewn, test, note in tests:
        sizes = [sized(one) for one in (test.aimed, test.cut, test.middle)]
        outer = [sized(one) for one in test.outer] if test.outer else ["", ""]
        found = [f"{float(one):.4f}" for one in (test.seam, test.off)]
        words = [for_a_cell(getattr(test.setup, name)) for name in SETUP]
        day = sewn.date().isoformat()
        rows.writerow([day, test.unit, *sizes, *outer, *found, *words, for_a_cell(note)])
    return out.getvalue()


def write_figures(figures: WorkAccuracy) -> str:
    """What she told of her work, as JSON."""
    reported = {name: write_exact(one) for name, one in figures.reported.items()}
    return json.dumps({"unit": figures.unit, "told": reported, "taken_back": figures.taken_back})


def read_figures(document: str | None) -> WorkAccuracy:
    """What was kept of it; what is usual where nothing was."""
    if not document:
        return WorkAccuracy()
    raw = json.loads(document)
    reported = {name: read_length(one) for name, one in raw["told"].items()}
    return WorkAccuracy(unit=raw["unit"], reported=reported, taken_back=raw["taken_back"])
