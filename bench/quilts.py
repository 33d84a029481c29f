"""Quilts to measure by: many blocks of many patches, turned, listed and spread."""

from __future__ import annotations

import time
from dataclasses import replace
from statistics import median
from typing import Any

from bench.drawings import triangles
from yonk.api.quilts.answers import form_of, worked_on
from yonk.api.quilts.schemas import QuiltActsIn
from yonk.core.paper import USUAL
from yonk.core.setting import (
    Placed,
    Quilt,
    QuiltBlock,
    Setting,
    Spread,
    TurnBlock,
    apply_to_quilt,
)
from yonk.files.quilt_file import write_quilt

KEYS = ("one", "two", "three", "four", "five", "six")
TIMES = 5


def large(columns: int, rows: int, kinds: int = 1) -> Quilt:
    """Blocks of 72 patches in a straight setting, in several kinds that look the same."""
    draft = triangles(6)
    blocks = tuple(
        QuiltBlock(key=key, draft=replace(draft, name=f"Bench {key}")) for key in KEYS[:kinds]
    )
    setting = Setting(columns=columns, rows=rows, fill=Placed(block="one"))
    return Quilt(
        name="Bench", unit="in", blocks=blocks, setting=setting, making=USUAL["in"].settings
    )


def milliseconds_of_edits(columns: int, rows: int) -> tuple[float, float]:
    """The first answer, and the median of one block turned, list and picture included."""
    document = write_quilt(large(columns, rows))
    start = time.perf_counter()
    worked_on(QuiltActsIn(document=document), {})
    first = time.perf_counter() - start
    taken = []
    for number in range(TIMES):
        acts: list[Any] = [TurnBlock(at=(number % rows, number % columns))]
        start = time.perf_counter()
        worked_on(QuiltActsIn(document=document, acts=acts), {})
        taken.append(time.perf_counter() - start)
    return 1000 * first, 1000 * median(taken)


def seconds_to_spread(corners: bool) -> float:
    """12 × 15 blocks in six colourings, none alike touching."""
    quilt = large(12, 15, len(KEYS))
    start = time.perf_counter()
    apply_to_quilt(quilt, Spread(corners=corners))
    return time.perf_counter() - start


def kept(columns: int, rows: int) -> int:
    """How many bytes the shelf's card of a quilt has."""
    return len(form_of(large(columns, rows)).card)
