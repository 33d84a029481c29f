"""What is left of a quilt as tasks, each with a time by a first guess, for the evenings.

Source: *Evenings* in `docs/table.md`.
"""

from __future__ import annotations

from collections.abc import Iterator, Mapping
from fractions import Fraction

from yonk.core.paper import Draft, convert, message
from yonk.core.setting import top_of
from yonk.core.table import (
    IRON,
    PRESS,
    SEAM,
    TableStanding,
    Task,
    cutting_tasks,
    guessed_block,
)
from yonk.core.top.listing import TopCutting
from yonk.core.top.steps import TopSewing, TopStep

# First guesses in seconds, for who neither hurries nor dawdles; her clock puts them right.
LAY_OUT = 20.0  # a place of the layout
AN_INCH = 2.0  # of a long seam, pinned, sewn and pressed
TRIM_TOP = 600.0  # the edges of a top
FINISH = 80 * 60.0  # backing joined; layers basted; binding sewn on by machine: each


def tasks_of_top(
    cutting: TopCutting, standing: TableStanding, sewing: TopSewing, joined: Mapping[str, int]
) -> list[Task]:
    """What is left of a quilt, in its order: fabric by fabric to cut, then step by step to sew.

    Args:
        cutting: its whole list.
        standing: how its table stands.
        sewing: how it is sewn.
        joined: how many of each step are done, by its mark.
    """
    return [*cutting_tasks(cutting, standing), *_sewing(sewing, joined)]


def blocks_of_top_left(sewing: TopSewing, joined: Mapping[str, int]) -> int:
    """How many blocks are still to be made."""
    return sum(_left(one, joined) for one in sewing.steps if one.kind == "blocks")


def _left(step: TopStep, joined: Mapping[str, int]) -> int:
    return step.total - min(step.total, joined.get(step.mark, 0))


def _sewing(sewing: TopSewing, joined: Mapping[str, int]) -> Iterator[Task]:
    blocks: dict[str, float] = {}
    for number, step in enumerate(sewing.steps, start=1):
        left = _left(step, joined)
        if not left:
            continue
        if step.kind == "blocks" and step.block not in blocks:
            draft: Draft = sewing.quilt.by_key[step.block].draft
            blocks[step.block] = guessed_block(draft)
        each = blocks[step.block] if step.kind == "blocks" else _each(sewing, step)
        words = message("evening-step-of-top", step=number, what=step.label)
        yield Task("sew", words, left, step.total, 1, each, IRON, number)


def _each(sewing: TopSewing, step: TopStep) -> float:
    """How long one of a step takes that makes no block."""
    if step.kind == "lay":
        return LAY_OUT * len(sewing.together.blocks)
    if step.kind == "trim":
        return TRIM_TOP
    if step.kind == "finish":
        return FINISH
    return _long_seams(sewing, step) / step.total


def _long_seams(sewing: TopSewing, step: TopStep) -> float:
    """How long all seams of a step take: those of its joins, or the four of a frame or a border."""
    quilt = sewing.quilt
    inch = float(convert(Fraction(1), quilt.unit, "in"))
    if step.joins:
        joins = [sewing.together.joining.joins[number] for number in step.joins]
        long = sum(one.length for one in joins) / sewing.drawn.scale * inch
        return len(joins) * (SEAM + PRESS) + long * AN_INCH
    framed = quilt.by_key[step.block].draft if step.kind == "frames" else top_of(quilt)
    around = 2 * (framed.width + framed.height)
    return step.total * (4 * (SEAM + PRESS) + float(around) * inch * AN_INCH)
