"""Pieces that go round a middle: where a first seam, sewn in part, lets all others be straight."""

from __future__ import annotations

from collections import defaultdict
from collections.abc import Sequence
from dataclasses import dataclass

from yonk.core.drawing import Spot
from yonk.core.joining.touching import Touch

TouchLine = tuple[Touch, ...]


@dataclass(frozen=True)
class Round:
    """A middle and what goes round it, in the order of sewing: each part lies along the middle and
    the one before; the first also along the last.
    """

    middle: frozenset[int]
    round: tuple[frozenset[int], ...]


def round_a_middle(members: set[int], between: Sequence[Touch]) -> Round | None:
    """The parts of a region that go round a middle.

    Args:
        members: the atoms of the region.
        between: where they lie together.

    Returns: None unless three or more straight seams each begin at the region's edge and end on the
    next of them, all the way round.
    """
    lines = _lines(between)
    ring = _cycle(lines)
    if ring is None:
        return None
    on_ring = {touch for number in ring for touch in lines[number]}
    groups = _groups(members, [one for one in between if one not in on_ring])
    if len(groups) != len(ring) + 1:
        return None
    sides = [
        [{groups[touch.left], groups[touch.right]} for touch in lines[number]] for number in ring
    ]
    common = set.intersection(*[set.union(*side) for side in sides])
    if len(common) != 1:
        return None
    middle = next(iter(common))
    outer = [_facing(side, middle) for side in sides]
    if None in outer or len({*outer}) != len(ring):
        return None
    parts: dict[int, set[int]] = defaultdict(set)
    for member, group in groups.items():
        parts[group].add(member)
    return Round(
        frozenset(parts[middle]),
        tuple(frozenset(parts[group]) for group in outer if group is not None),
    )


def _facing(side: list[set[int]], middle: int) -> int | None:
    """The part across a line from the middle."""
    found = {group for pair in side if middle in pair for group in pair - {middle}}
    return next(iter(found)) if len(found) == 1 else None


def _lines(between: Sequence[Touch]) -> list[TouchLine]:
    """Stretches that go straight on through a crossing or past a corner, as lines."""
    meets: dict[Spot, list[tuple[int, bool]]] = defaultdict(list)
    for number, touch in enumerate(between):
        meets[touch.start].append((number, True))
        meets[touch.end].append((number, False))
    onward: dict[int, int] = {}
    for spot, ends in meets.items():
        for number, begins in ends:
            if begins:
                continue
            for other, leaves in ends:
                if leaves and _straight_on(between[number], between[other]):
                    onward[number] = other
        del spot
    followed = {*onward.values()}
    lines = []
    for number in range(len(between)):
        if number in followed:
            continue
        line, at = [between[number]], number
        while at in onward:
            at = onward[at]
            line.append(between[at])
        lines.append(tuple(line))
    return lines


def _straight_on(one: Touch, other: Touch) -> bool:
    ux, uy = one.end[0] - one.start[0], one.end[1] - one.start[1]
    vx, vy = other.end[0] - other.start[0], other.end[1] - other.start[1]
    return ux * vy == uy * vx and ux * vx + uy * vy > 0


def _cycle(lines: Sequence[TouchLine]) -> list[int] | None:
    """Lines that begin at the edge and end on the next, all the way round."""
    inside: dict[Spot, int] = {}
    ends: set[Spot] = set()
    for number, line in enumerate(lines):
        inside |= {touch.end: number for touch in line[:-1]}
        ends |= {line[0].start, line[-1].end}
    follows: dict[int, int] = {}
    for number, line in enumerate(lines):
        tips = [spot for spot in (line[0].start, line[-1].end) if spot in inside]
        if len(tips) == 1:
            follows[number] = inside[tips[0]]
    for begin in follows:
        ring, at = [begin], follows[begin]
        while at in follows and at not in ring:
            ring.append(at)
            at = follows[at]
        if at == begin and len(ring) >= 3:
            return ring
    return None


def _groups(members: set[int], between: Sequence[Touch]) -> dict[int, int]:
    """Which atoms hang together by what is left between them."""
    group = {member: member for member in members}

    def root(one: int) -> int:
        while group[one] != one:
            group[one] = group[group[one]]
            one = group[one]
        return one

    for touch in between:
        group[root(touch.left)] = root(touch.right)
    return {member: root(member) for member in members}
