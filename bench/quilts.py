"""Quilts to measure by: many blocks of many patches, turned, listed and spread."""

from __future__ import annotations

import random
import time
from dataclasses import replace
from fractions import Fraction
from statistics import median
from typing import Any, Literal

from bench.drawings import triangles
from yonk.api.quilts.answers import quilt_contents, quilt_worked_on
from yonk.api.quilts.schemas import QuiltActsIn
from yonk.core.paper import USUAL, Draft
from yonk.core.setting import (
    Backing,
    Binding,
    Border,
    Edge,
    Placed,
    Quilt,
    QuiltBlock,
    Sashing,
    Setting,
    Spread,
    TurnBlock,
    apply_to_quilt,
    plan_quilt,
)
from yonk.core.top import sew_top, whole_list
from yonk.files.quilt_file import write_quilt
from yonk.machine.samples import all_samples

KEYS = ("one", "two", "three", "four", "five", "six")
TIMES = 5
QUILTS = 60


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
    quilt_worked_on(QuiltActsIn(document=document), {})
    first = time.perf_counter() - start
    taken = []
    for number in range(TIMES):
        acts: list[Any] = [TurnBlock(at=(number % rows, number % columns))]
        start = time.perf_counter()
        quilt_worked_on(QuiltActsIn(document=document, acts=acts), {})
        taken.append(time.perf_counter() - start)
    return 1000 * first, 1000 * median(taken)


def seconds_to_spread(corners: bool) -> float:
    """12 × 15 blocks in six colourings, none alike touching."""
    quilt = large(12, 15, len(KEYS))
    start = time.perf_counter()
    apply_to_quilt(quilt, Spread(corners=corners))
    return time.perf_counter() - start


def seconds_to_sew(count: int, kind: Literal["straight", "on-point"]) -> float:
    """A top of so many blocks each way, of nine patches and four triangles each: drawn, joined,
    pressed, in steps.
    """
    gate = next(one for one in all_samples() if one.name == "Weir Gate")
    edge = Edge(fabric=gate.fabrics[0].key) if kind == "on-point" else None
    quilt = Quilt(
        name="Bench",
        unit="in",
        blocks=(QuiltBlock(key="one", draft=gate),),
        setting=Setting(kind=kind, columns=count, rows=count, fill=Placed(block="one"), edge=edge),
        making=USUAL["in"].settings,
    )
    plan = plan_quilt(quilt)
    start = time.perf_counter()
    sew_top(plan)
    return time.perf_counter() - start


def kept(columns: int, rows: int) -> int:
    """How many bytes the shelf's card of a quilt has."""
    return len(quilt_contents(large(columns, rows)).card)


def cloth_over_bound() -> list[float]:
    """Quilts at random, set and bordered in one way and another: the cloth of each fabric over the
    least that any layout needs, the smallest first.
    """
    chance = random.Random(11)
    drafts = [one for one in all_samples() if one.unit == "in" and one.width == one.height]
    found = []
    for _ in range(QUILTS):
        cutting = whole_list(plan_quilt(_at_random(chance, chance.choice(drafts))))
        found += [float(one.exact / one.bound) for one in cutting.cloths if one.bound]
    return sorted(found)


def _at_random(chance: random.Random, draft: Draft) -> Quilt:
    fabrics = [one.key for one in draft.fabrics]
    columns, rows = chance.randint(2, 6), chance.randint(2, 7)
    on_point, sashed = chance.random() < 0.4, chance.random() < 0.5
    sashing = Sashing(
        width=Fraction(chance.randint(4, 16), 8),
        fabric=chance.choice(fabrics),
        cornerstones=chance.choice(["", *fabrics]),
        outer=chance.random() < 0.5 or on_point,
    )
    borders = tuple(
        Border(width=Fraction(chance.randint(8, 56), 8), fabric=chance.choice(fabrics))
        for _ in range(chance.randint(0, 3))
    )
    return Quilt(
        name="Bench",
        unit="in",
        blocks=(QuiltBlock(key="one", draft=draft),),
        setting=Setting(
            kind="on-point" if on_point else "straight",
            columns=columns,
            rows=rows,
            fill=Placed(block="one"),
            sashing=sashing if sashed else None,
            edge=Edge(fabric=chance.choice(fabrics)) if on_point else None,
        ),
        borders=borders,
        backing=Backing(fabric=chance.choice(fabrics), overhang=Fraction(4)),
        binding=Binding(fabric=chance.choice(fabrics), width=Fraction(5, 2)),
        making=USUAL["in"].settings,
    )
