"""A region that is no grid of cells: taken apart along straight seams, else round a middle, else
set in.

A part is what lies in it; parts are taken apart from above, and sewn from below.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, field

import numpy as np

from yonk.core.drawing import Ring, corners, lines_of, part_halfway
from yonk.core.joining.partial import Round, round_a_middle
from yonk.core.joining.set_in import set_in_order
from yonk.core.joining.touching import Touch
from yonk.core.paper import Array


@dataclass(frozen=True)
class RegionStep:
    """A join of two parts of a region: atoms by number, then steps. `until` is, where it is only
    begun, the step after which it is finished. Steps of one `alike` are sewn and pressed alike.
    """

    one: int
    other: int
    until: int | None = None
    alike: int | None = None


@dataclass
class _Node:
    atoms: Array
    lines: Array | None = None
    beside: Array | None = None
    parts: tuple[int, int] | None = None
    until: int | None = None


@dataclass(frozen=True)
class Atom:
    """What is sewn before the region is: a patch, or a middle. `rings` are the outlines of what is
    in it.
    """

    faces: tuple[int, ...]
    rings: tuple[Ring, ...]
    holes: tuple[Ring, ...] = ()


@dataclass
class _Region:
    atoms: Sequence[Atom]
    between: Sequence[Touch]
    size: int
    nodes: list[_Node] = field(default_factory=list)

    def new(self, atoms: Array, lines: Array | None, beside: Array | None = None) -> int:
        self.nodes.append(_Node(atoms, lines, beside))
        return len(self.nodes) - 1


def assemble(atoms: Sequence[Atom], between: Sequence[Touch], size: int) -> list[RegionStep]:
    """The joins that make a region of its atoms.

    Args:
        atoms: what there is, two or more.
        between: where they lie together; `left` and `right` are atoms.
        size: the longer side of the region in lattice steps.

    Returns: the joins in an order in which they can be sewn: along straight seams as long as there
    are any, each halving what is left best; then round a middle with a partial seam; else with as
    few set-in corners as there can be.
    """
    region = _Region(atoms, between, size)
    spots = [np.concatenate(corners(atom.rings, size)) for atom in atoms]
    rings = [ring for atom in atoms for ring in (*atom.rings, *atom.holes)]
    waiting = [region.new(np.arange(len(atoms)), lines_of(rings, size))]
    while waiting:
        number = waiting.pop()
        node = region.nodes[number]
        if len(node.atoms) == 1:
            continue
        found = (
            part_halfway([spots[one] for one in node.atoms], node.lines, node.beside)
            if node.lines is not None
            else None
        )
        if found is not None and _is_one_seam(region, node.atoms, found.beyond):
            node.parts = (
                region.new(node.atoms[~found.beyond], found.lines, found.normal),
                region.new(node.atoms[found.beyond], found.lines, found.normal),
            )
            waiting += node.parts
        else:
            waiting += _otherwise(region, number)
    return _sewn(region)


def _is_one_seam(region: _Region, members: Array, beyond: Array) -> bool:
    """Whether two sides of a line hang together, each, and meet."""
    sides = (set(members[beyond].tolist()), set(members[~beyond].tolist()))
    return all(len(_together(side, region.between)) == 1 for side in sides)


def _together(members: set[int], between: Sequence[Touch]) -> list[set[int]]:
    """What of some atoms hangs together."""
    beside: dict[int, set[int]] = {one: set() for one in members}
    for touch in between:
        if touch.left in beside and touch.right in beside:
            beside[touch.left].add(touch.right)
            beside[touch.right].add(touch.left)
    found, left = [], set(members)
    while left:
        group, waiting = set(), [min(left)]
        while waiting:
            one = waiting.pop()
            if one not in group:
                group.add(one)
                waiting += beside[one] - group
        found.append(group)
        left -= group
    return found


def _otherwise(region: _Region, number: int) -> list[int]:
    """Takes apart what no straight seam does; returns the nodes that are to be looked at."""
    node = region.nodes[number]
    members = set(node.atoms.tolist())
    inner = [one for one in region.between if one.left in members and one.right in members]
    turn = round_a_middle(members, inner)
    if turn is not None:
        return _rounded(region, number, turn)
    chain = set_in_order(members, inner)
    _chained(region, number, chain)
    return []


def _rounded(region: _Region, number: int, turn: Round) -> list[int]:
    whole = region.nodes[number]
    middle = region.new(np.array(sorted(turn.middle)), whole.lines)
    outer = [region.new(np.array(sorted(part)), whole.lines) for part in turn.round]
    made = middle
    for place, part in enumerate(outer):
        last = place == len(outer) - 1
        joined = number if last else region.new(np.array([]), None)
        region.nodes[joined].parts = (made, part)
        if not place:
            region.nodes[joined].until = number
        made = joined
    return [middle, *outer]


def _chained(region: _Region, number: int, chain: Sequence[tuple[int, int]]) -> None:
    """Puts joins of atoms and of earlier joins below a node; the last makes it."""
    atoms = sorted({one for pair in chain for one in pair if one >= 0})
    made: dict[int, int] = {one: region.new(np.array([one]), None) for one in atoms}
    for place, (one, other) in enumerate(chain, start=1):
        joined = number if place == len(chain) else region.new(np.array([]), None)
        region.nodes[joined].parts = (made[one], made[other])
        made[-place] = joined


def _sewn(region: _Region) -> list[RegionStep]:
    """The joins from below, each after its parts."""
    order: list[int] = []
    waiting = [0]
    while waiting:
        number = waiting.pop()
        parts = region.nodes[number].parts
        if parts:
            order.append(number)
            waiting += parts
    order.reverse()
    place = {number: len(region.atoms) + step for step, number in enumerate(order)}

    def part(number: int) -> int:
        node = region.nodes[number]
        return place[number] if node.parts else int(node.atoms[0])

    steps = []
    for number in order:
        node = region.nodes[number]
        assert node.parts is not None
        until = None if node.until is None else place[node.until]
        steps.append(RegionStep(part(node.parts[0]), part(node.parts[1]), until))
    return steps
