"""Laying out first: the places of a block, each with its stack, and the slips that happen there."""

from __future__ import annotations

from collections.abc import Collection, Iterator, Sequence
from dataclasses import dataclass
from itertools import islice
from typing import Any, Literal

from yonk.core.drawing import Ring, Whole, wholes
from yonk.core.paper import Message, message
from yonk.core.planning import Reading, UnitGroup

SlipKind = Literal["quarter", "half", "three-quarters", "swapped", "mirrored"]
MOST_SLIPS = 240  # slips that are shown; of more nobody looks at each
_TURNS: tuple[tuple[SlipKind, int], ...] = (("quarter", 1), ("half", 2), ("three-quarters", 3))


@dataclass(frozen=True)
class Stack:
    """A place of the laid-out block: its number in reading order, the unit that lies there, the
    patches of it and of what is in its middle, and its box in lattice steps.
    """

    number: int
    label: str
    faces: tuple[int, ...]
    box: tuple[int, int, int, int]


@dataclass(frozen=True)
class Shown:
    """A patch as it would be seen: its outline in lattice steps, and its fabric."""

    ring: Ring
    fabric: str


@dataclass(frozen=True)
class Slip:
    """Something laid wrong: the stacks that it concerns, what is wrong, the mend, and how the
    places look then.
    """

    kind: SlipKind
    stacks: tuple[int, ...]
    words: Message
    mend: Message
    shown: tuple[Shown, ...]


def stacks_of(reading: Reading) -> tuple[Stack, ...]:
    """The places of a block in reading order. A block that is a single unit has one."""
    groups = reading.group_of_face
    found: list[Stack] = []
    taken: set[int] = set()
    for whole in wholes(reading.assembly):
        faces = _all_faces(whole)
        if taken.issuperset(faces):  # in the middle of a unit
            continue
        taken.update(faces)
        own = whole.region.pieces[whole.known.own[0]].face
        rings = [reading.drawing.faces[face].ring for face in faces]
        across = [x for ring in rings for x, _ in ring]
        down = [y for ring in rings for _, y in ring]
        box = min(across), min(down), max(across), max(down)
        found.append(Stack(len(found) + 1, groups[own].label, tuple(faces), box))
    return tuple(found)


def _all_faces(whole: Whole[Any]) -> list[int]:
    own = [piece.face for piece in whole.region.pieces]
    inner = (
        []
        if whole.middle is None
        else [face for one in wholes(whole.middle) for face in _all_faces(one)]
    )
    return list(dict.fromkeys([*own, *inner]))


def slips_of(
    reading: Reading, stacks: Sequence[Stack], spare_mirrors: Collection[str] = ()
) -> tuple[Slip, ...]:
    """The common slips of laying out: a unit turned, two neighbours swapped, a mirror image in
    place of its twin. Only those that can be seen, and no more than `MOST_SLIPS`.

    Args:
        spare_mirrors: the labels of units of which mirror images come along that are only spares.
    """
    found: list[Slip] = []
    every = (
        _turned(reading, stacks),
        _mirrored(reading, stacks, spare_mirrors),
        _swapped(reading, stacks),
    )
    for slips in every:
        found += islice(slips, MOST_SLIPS - len(found))
    return tuple(found)


def _patches(reading: Reading, stack: Stack) -> tuple[Shown, ...]:
    return tuple(
        Shown(reading.drawing.faces[face].ring, reading.fabrics[face]) for face in stack.faces
    )


def _turned(reading: Reading, stacks: Sequence[Stack]) -> Iterator[Slip]:
    for stack in stacks:
        seen = [_as_seen(_patches(reading, stack))]
        left, top, right, bottom = stack.box
        for kind, quarters in _TURNS:
            if quarters % 2 and right - left != bottom - top:
                continue
            shown = tuple(_turn(one, stack.box, quarters) for one in _patches(reading, stack))
            if _as_seen(shown) not in seen:
                seen.append(_as_seen(shown))
                said = message("stack-lies", stack=stack.number, turned=kind)
                yield Slip(kind, (stack.number,), said, message("turn-back", turned=kind), shown)


def _turn(shown: Shown, box: tuple[int, int, int, int], quarters: int) -> Shown:
    """A patch turned clockwise about the middle of a box, by quarters."""
    left, top, right, bottom = box
    ring = shown.ring
    for _ in range(quarters):
        if right - left == bottom - top:
            ring = tuple((left + bottom - y, top + x - left) for x, y in ring)
    if quarters == 2:
        ring = tuple((left + right - x, top + bottom - y) for x, y in shown.ring)
    return Shown(ring, shown.fabric)


def _as_seen(shown: Sequence[Shown]) -> frozenset[tuple[frozenset[tuple[int, int]], str]]:
    return frozenset((frozenset(one.ring), one.fabric) for one in shown)


def _mirrored(
    reading: Reading, stacks: Sequence[Stack], spare_mirrors: Collection[str]
) -> Iterator[Slip]:
    """A unit whose mirror image is in the block as well, or made with it, laid in its place."""
    groups: dict[str, UnitGroup] = {group.label: group for group in reading.groups}
    known = {group.identity: group.label for group in reading.groups}
    for stack in stacks:
        twin = known.get(groups[stack.label].mirror_identity)
        if twin == stack.label or (twin is None and stack.label not in spare_mirrors):
            continue
        left, _, right, _ = stack.box
        shown = tuple(
            Shown(tuple((left + right - x, y) for x, y in reversed(one.ring)), one.fabric)
            for one in _patches(reading, stack)
        )
        said = (
            message("stack-is-the-mirror-image", stack=stack.number, unit=twin)
            if twin
            else message("stack-is-a-spare-mirror-image", stack=stack.number, unit=stack.label)
        )
        yield Slip(
            "mirrored", (stack.number,), said, message("take-the-unit", unit=stack.label), shown
        )


def _swapped(reading: Reading, stacks: Sequence[Stack]) -> Iterator[Slip]:
    """Two neighbours of one size that look unlike, each in the place of the other."""
    places = {stack.box[:2]: stack for stack in stacks}
    for stack in stacks:
        left, top, right, bottom = stack.box
        for corner in ((right, top), (left, bottom)):
            other = places.get(corner)
            if other is None or _size(other) != _size(stack):
                continue
            moved = _moved(reading, stack, other), _moved(reading, other, stack)
            if _as_seen(moved[0]) == _as_seen(_patches(reading, other)):
                continue
            numbers = stack.number, other.number
            said = message("stacks-are-swapped", one=numbers[0], other=numbers[1])
            yield Slip(
                "swapped", numbers, said, message("change-them-over"), (*moved[0], *moved[1])
            )


def _size(stack: Stack) -> tuple[int, int]:
    left, top, right, bottom = stack.box
    return right - left, bottom - top


def _moved(reading: Reading, stack: Stack, place: Stack) -> tuple[Shown, ...]:
    """What lies in one place as it would in another."""
    dx, dy = place.box[0] - stack.box[0], place.box[1] - stack.box[1]
    return tuple(
        Shown(tuple((x + dx, y + dy) for x, y in one.ring), one.fabric)
        for one in _patches(reading, stack)
    )
