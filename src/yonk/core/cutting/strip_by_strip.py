"""The cutting strip by strip, in the order of the layouts, as it is done at the table; strips that
are cut alike in layers.

Source: *At the cutting table* in `docs/table.md`.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from fractions import Fraction

from yonk.core.cutting.cloth import ClothPlan
from yonk.core.planning import Cut

MOST_LAYERS = 6  # more than a blade goes through cleanly


@dataclass(frozen=True)
class StripPieces:
    """So many pieces crosscut from a strip: the number of their line, the size as they lie;
    `amount` counts them as the list does, of strip sets in segments, and `there` how much of it is
    there already.
    """

    line: int
    cut: Cut
    width: Fraction
    height: Fraction
    count: int
    amount: int
    there: int


@dataclass(frozen=True)
class StripStep:
    """A strip of a layout, and what is cut from it."""

    fabric: str
    layout: int
    strip: int
    height: Fraction
    pieces: tuple[StripPieces, ...]

    @property
    def is_done(self) -> bool:
        """Whether all of it is there."""
        return all(one.there == one.amount for one in self.pieces)

    @property
    def cut_like(self) -> object:
        """What it has in common with strips that can be cut with it in layers."""
        return self.height, tuple((one.width, one.height, one.count) for one in self.pieces)


def strip_steps(cloth: ClothPlan, there: Sequence[int]) -> list[StripStep]:
    """The strips of a cloth in their order.

    Args:
        cloth: how it is cut.
        there: of each line of its list how much is there.
    """
    # what no layout has, as what was cut and its cloth taken off the shelf, is not cut again
    before = [cut.amount for cut in cloth.cuts]
    for layout in cloth.layouts:
        for strip in layout.strips:
            for line, width, height, count in strip.crosscuts:
                before[line] -= count * _each(cloth.cuts[line], max(width, height))
    steps = []
    for number, layout in enumerate(cloth.layouts):
        for place, strip in enumerate(layout.strips):
            pieces = []
            for line, width, height, count in strip.crosscuts:
                cut = cloth.cuts[line]
                amount = count * _each(cut, max(width, height))
                have = min(max(there[line] - before[line], 0), amount)
                before[line] += amount
                pieces.append(StripPieces(line, cut, width, height, count, amount, have))
            steps.append(StripStep(cloth.fabric, number, place, strip.height, tuple(pieces)))
    return steps


def _each(cut: Cut, length: Fraction) -> int:
    """As how much a piece counts: a strip of a strip set as the segments that its length gives."""
    return int((length - cut.squaring) / cut.segment) if cut.segment else 1


def in_layers(steps: Sequence[StripStep], layers: int) -> list[tuple[StripStep, ...]]:
    """Strips that are cut alike together, up to so many layers, each where its first one comes;
    what is done and what is not are not mixed.
    """
    stacks: list[list[StripStep]] = []
    open_stacks: dict[object, list[StripStep]] = {}
    for step in steps:
        key = step.cut_like, step.is_done
        stack = open_stacks.get(key)
        if stack is None or len(stack) == layers:
            stack = open_stacks[key] = []
            stacks.append(stack)
        stack.append(step)
    return [tuple(stack) for stack in stacks]
