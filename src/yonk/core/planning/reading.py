"""Reading a block: its assembly, with every region that stays whole known as a unit, and the units
in groups.

Regions divided alike are looked at once; the answer is kept for the length of one reading.
"""

from __future__ import annotations

from collections.abc import Collection, Iterable, Mapping, Sequence
from dataclasses import dataclass, replace
from math import gcd
from typing import Any, NamedTuple

import numpy as np

from yonk.core.drawing import (
    AssemblyNode,
    Drawing,
    Patch,
    Piece,
    Region,
    Whole,
    block_region,
    draw,
    face_fabrics,
    read_patches,
    take_apart,
    wholes,
)
from yonk.core.paper import A_FACE, MOST_INT64, UNASSIGNED, Draft, Length, Text, kept, message
from yonk.core.planning.together import LatticeSpan, spans_together
from yonk.core.units import (
    BY_NAME,
    KINDS,
    REST,
    Cloth,
    FoundPart,
    Hand,
    Part,
    RecognisedUnit,
    Unit,
    UnitKindName,
)

Identity = tuple[Any, ...]
MANY_PIECES = 512  # of a larger region there is seldom a second one
PLAIN: frozenset[UnitKindName] = frozenset(("patch", "checker", "strip-set"))


@dataclass(frozen=True)
class KnownUnit:
    """What a region is: its kind and the numbers, among its pieces, of those that are its own (not
    its middle's).
    """

    kind: UnitKindName
    own: tuple[int, ...]


@dataclass(frozen=True)
class UnitGroup:
    """Identical units: the first of them, the faces of each, and what their mirror images
    would be. `turns` tells of each by how many quarters it is turned clockwise to lie as the unit
    does, `symmetry` in how many of the four ways it looks the same.
    """

    label: str
    kind: UnitKindName
    unit: Unit
    members: tuple[tuple[int, ...], ...]
    turns: tuple[int, ...]
    symmetry: int
    identity: Identity
    mirror_identity: Identity
    as_drafted: bool = True  # whether it is in the block as drafted, not only in a colouring

    @property
    def words(self) -> Text:
        """What it is called; paper on which nothing is drawn or painted yet is no checker."""
        if self.kind == "checker" and set(self.unit.fabrics) == {UNASSIGNED}:
            return message("squares-without-fabric")
        return BY_NAME[self.kind].words

    @property
    def is_plain(self) -> bool:
        """Whether it is of squares and rectangles alone."""
        return self.kind in PLAIN

    @property
    def per_block(self) -> int:
        """How many are in one block as drafted."""
        return len(self.members) if self.as_drafted else 0


@dataclass(frozen=True)
class Reading:
    """A draft as it was read."""

    draft: Draft
    drawing: Drawing
    fabrics: tuple[str, ...]
    patches: tuple[Patch, ...]
    assembly: AssemblyNode[KnownUnit]
    groups: tuple[UnitGroup, ...]
    paints_on_seams: tuple[int, ...]
    conflicting_paints: tuple[int, ...]

    @property
    def group_of_face(self) -> dict[int, UnitGroup]:
        """The group of units that each face belongs to."""
        return {face: group for group in self.groups for faces in group.members for face in faces}


Letters = Mapping[tuple[object, ...], str]  # of shapes, by what makes them alike
_READING = 2 * A_FACE  # patches and groups, as measured


def read(draft: Draft) -> Reading:
    """Read a draft: faces, patches, assembly, units.

    Returns: the reading, with identical units in groups labelled in reading order.

    Raises: `DraftError` where its seams are too many to work on.

    Source: the rules of reading in `docs/formats.md`.
    """
    return _read_first(draft)[0]


def read_together(draft: Draft, others: Iterable[Draft]) -> tuple[Reading, list[Reading]]:
    """Read a draft, and others after it whose shapes have the letters that they have in it.

    Raises: `DraftError` where its seams are too many to work on.
    """
    reading, known = _read_first(draft)
    letters = dict(known)
    return reading, [_read(other, letters) for other in others]


@kept(lambda answer, _: _READING * len(answer[0].drawing.faces))
def _read_first(draft: Draft) -> tuple[Reading, Letters]:
    letters: dict[tuple[object, ...], str] = {}
    return _read(draft, letters), letters


def _read(draft: Draft, letters: dict[tuple[object, ...], str]) -> Reading:
    drawing = draw(draft)
    fabrics, on_seams, conflicting = face_fabrics(draft, drawing)
    patches = read_patches(drawing, fabrics, letters)
    together = spans_together(draft, drawing).spans
    assembly = _taken_apart(drawing, together)
    groups = _Grouping(patches, drawing.scale).groups(_single_units(drawing, together))
    return Reading(
        draft,
        drawing,
        tuple(fabrics),
        patches,
        assembly,
        groups,
        tuple(on_seams),
        tuple(conflicting),
    )


def read_part(reading: Reading, faces: Collection[int]) -> Reading:
    """Of a reading what is made where only some of its patches are sewn, as in half a block: the
    units that lie wholly among them, and the patches of all others, which are cut singly.

    Args:
        faces: the patches, by their faces.
    """
    singles = []
    together = spans_together(reading.draft, reading.drawing).spans
    for single in _single_units(reading.drawing, together):
        kept = tuple([piece for piece in single.own.pieces if piece.face in faces])
        if len(kept) == len(single.own.pieces):
            singles.append(single)
        elif kept:
            region = replace(single.own, pieces=kept)
            lies = REST.kind, region.turns, region.shape_key
            there = tuple([piece.face for piece in kept])
            singles.append(_Single(Whole(region, _rest(region)), region, there, lies))
    grouping = _Grouping(reading.patches, reading.drawing.scale)
    return replace(reading, groups=grouping.groups(singles))


def gather(readings: Sequence[tuple[Reading, int]]) -> tuple[tuple[UnitGroup, ...], dict[str, int]]:
    """The groups of several readings, each for so many blocks, as one list with their totals by
    label.
    """
    groups: dict[Identity, UnitGroup] = {}
    totals: dict[Identity, int] = {}
    for number, (reading, blocks) in enumerate(readings):
        for group in reading.groups:
            label = str(len(groups) + 1)
            groups.setdefault(group.identity, replace(group, label=label, as_drafted=number == 0))
            totals[group.identity] = totals.get(group.identity, 0) + group.per_block * blocks
    return tuple(groups.values()), {
        groups[identity].label: total for identity, total in totals.items()
    }


def _weigh_parts(_: object, drawing: Drawing, together: object) -> int:
    return A_FACE * len(drawing.faces)


@kept(_weigh_parts)
def _taken_apart(drawing: Drawing, together: tuple[LatticeSpan, ...]) -> AssemblyNode[KnownUnit]:
    return take_apart(block_region(drawing, together), _Knower().know, _rest)


class _Single(NamedTuple):
    """A unit by itself: the region with the pieces that are its own, their faces, and how it is
    divided and lies.
    """

    whole: Whole[KnownUnit]
    own: Region
    faces: tuple[int, ...]
    lies: tuple[object, ...]


@kept(_weigh_parts)
def _single_units(drawing: Drawing, together: tuple[LatticeSpan, ...]) -> list[_Single]:
    """All units of the block by themselves, in reading order."""
    found = wholes(_taken_apart(drawing, together))
    singles = []
    for whole in found:
        own = _own_region(whole)
        faces = tuple([piece.face for piece in own.pieces])
        # a unit that is all of the block is compared with none, and its key may be long
        lies = () if len(found) == 1 else (whole.known.kind, own.turns, own.shape_key)
        singles.append(_Single(whole, own, faces, lies))
    return singles


def _rest(region: Region) -> KnownUnit:
    return KnownUnit(REST.kind, tuple(range(len(region.pieces))))


class _Knower:
    """Says what a region is; regions divided alike are recognised once."""

    def __init__(self) -> None:
        self._answers: dict[object, tuple[KnownUnit, Region | None] | None] = {}

    def know(self, region: Region) -> tuple[KnownUnit, Region | None] | None:
        if len(region.pieces) > MANY_PIECES:  # there are few such, and to compare them takes long
            answer = self._recognise(region.numbered_anew())
        else:
            key = region.shape_key
            try:  # a key of many numbers is hashed once
                answer = self._answers[key]
            except KeyError:
                answer = self._answers[key] = self._recognise(region.numbered_anew())
        if answer is None:
            return None
        known, middle = answer
        if middle is None:
            return answer
        own = tuple(
            Piece(region.pieces[piece.face].face, piece.ring, piece.holes)
            for piece in middle.pieces
        )
        return known, Region(own, middle.width, middle.height, middle.turns + region.turns)

    def _recognise(self, region: Region) -> tuple[KnownUnit, Region | None] | None:
        for kind in KINDS:
            found = kind.recognise(region)
            if found:
                return KnownUnit(
                    kind.kind, tuple(sorted(part.piece.face for part in found.parts))
                ), found.middle
        return None


class _Identified(NamedTuple):
    """By what a unit is known: its identity and its mirror image's, itself turned as its identity
    tells, by how many quarters, and in how many of the four ways it looks the same.
    """

    identity: Identity
    mirror: Identity
    region: Region
    turns: int
    symmetry: int


class _Grouping:
    """Puts identical units into groups, labelled in reading order."""

    def __init__(self, patches: Sequence[Patch], scale: int) -> None:
        self.patches = patches
        self.scale = scale
        self._cloths: dict[tuple[str, str, str], Cloth] = {}

    def groups(self, found: Sequence[_Single]) -> tuple[UnitGroup, ...]:
        members: dict[Identity, list[tuple[int, tuple[int, ...], int]]] = {}
        first: dict[Identity, tuple[Whole[KnownUnit], _Identified]] = {}
        for single, places in self._lying_alike(found):
            identified = self._identity(single.whole.known.kind, single.own)
            here = [(place, faces, identified.turns) for place, faces in places]
            members.setdefault(identified.identity, []).extend(here)
            first.setdefault(identified.identity, (single.whole, identified))
        return tuple(
            self._group(str(number), *first[identity], sorted(places))
            for number, (identity, places) in enumerate(members.items(), start=1)
        )

    def _group(
        self,
        label: str,
        whole: Whole[KnownUnit],
        identified: _Identified,
        places: Sequence[tuple[int, tuple[int, ...], int]],
    ) -> UnitGroup:
        return UnitGroup(
            label=label,
            kind=whole.known.kind,
            unit=self._unit(whole, identified.region, identified.identity, identified.mirror),
            members=tuple(faces for _, faces, _ in places),
            turns=tuple(turns for *_, turns in places),
            symmetry=identified.symmetry,
            identity=identified.identity,
            mirror_identity=identified.mirror,
        )

    def _lying_alike(
        self, found: Sequence[_Single]
    ) -> Iterable[tuple[_Single, list[tuple[int, tuple[int, ...]]]]]:
        """The units gathered as they lie: the first of each, and the place in the order and the
        faces of all.
        """
        fabrics = [patch.fabric for patch in self.patches]
        alike: dict[object, tuple[_Single, list[tuple[int, tuple[int, ...]]]]] = {}
        for place, single in enumerate(found):
            key = single.lies, tuple([fabrics[face] for face in single.faces])
            alike.setdefault(key, (single, []))[1].append((place, single.faces))
        return alike.values()

    def _identity(self, kind: UnitKindName, region: Region) -> _Identified:
        """Alike for units of one kind, size, and fabrics in place, however turned."""
        sizes = sorted(
            (region.length(region.width, self.scale), region.length(region.height, self.scale))
        )
        stem = kind, region.on_point, *sizes
        turned: Region | None = None
        if region.plain and max(region.width, region.height) < MOST_INT64:
            own, mirror = self._of_boxes(region)
            least, least_mirrored = min(own), min(mirror)
            turns = [turn for turn, one in enumerate(own) if one == least]
        else:
            plain = region.in_lowest_terms()
            least, turns, lying = self._least_turned(plain)
            turned = lying if plain is region else None
            least_mirrored, *_ = self._least_turned(plain, mirrored=True)
        return _Identified(
            (*stem, least),
            (*stem, least_mirrored),
            turned or region.turned(turns[0]),
            turns[0],
            len(turns),
        )

    def _least_turned(
        self, region: Region, *, mirrored: bool = False
    ) -> tuple[Identity, list[int], Region]:
        """How it, or its mirror image, lies in the turn in which that is least, all turns in which
        it lies so, and itself turned by the first of them.

        What lies in its corners comes first in every turn; so the rest, which may be thousands of
        pieces, is only turned where that does not tell.
        """
        wide, high = region.width, region.height
        corners = {(0, 0), (wide, 0), (wide, high), (0, high)}
        outer = tuple([p for p in region.pieces if not corners.isdisjoint(p.ring)])
        tried = [0, 1, 2, 3]
        if corners <= {spot for piece in outer for spot in piece.ring}:
            few = replace(region, pieces=outer)
            begins = [_beginning(few.turned(turn, mirrored=mirrored)) for turn in tried]
            tried = [turn for turn in tried if begins[turn] == min(begins)]
        turned = {turn: region.turned(turn, mirrored=mirrored) for turn in tried}
        lying = {turn: self._as_it_lies(one) for turn, one in turned.items()}
        least = min(lying.values())
        turns = [turn for turn, one in lying.items() if one == least]
        return least, turns, turned[turns[0]]

    def _of_boxes(self, region: Region) -> tuple[list[Identity], list[Identity]]:
        """How it and its mirror image lie in every turn, where its pieces are plain, so that their
        boxes tell all of them; there may be thousands.
        """
        boxes = np.array(region.boxes, dtype=np.int64)
        fabrics = np.array(
            [self.patches[piece.face].fabric for piece in region.pieces], dtype=object
        )
        left, top, right, bottom = boxes.T
        mirrored = np.stack((region.width - right, top, region.width - left, bottom), axis=1)
        own = _turned_boxes(boxes, fabrics, region.width, region.height)
        return own, _turned_boxes(mirrored, fabrics, region.width, region.height)

    def _as_it_lies(self, region: Region) -> Identity:
        rings = tuple([(p.ring, *p.holes) for p in region.pieces])
        fabrics = tuple([self.patches[p.face].fabric for p in region.pieces])
        return region.width, region.height, rings, fabrics

    def _unit(
        self, whole: Whole[KnownUnit], lying: Region, identity: Identity, mirror: Identity
    ) -> Unit:
        kind = BY_NAME[whole.known.kind]
        found = kind.recognise(lying)
        assert found is not None, "what was recognised is recognised however it lies"
        fabrics = [self.patches[part.piece.face].fabric for part in found.parts]
        hand: Hand | None = None
        if identity != mirror and kind.handed:
            hand = kind.hand(found, fabrics) or ("left" if identity[-1] < mirror[-1] else "right")
        own = whole.region
        return Unit(
            width=own.length(own.width, self.scale),
            height=own.length(own.height, self.scale),
            on_point=lying.on_point,
            hand=hand,
            region=lying,
            scale=self.scale,
            has_middle=whole.middle is not None,
            parts=self._parts(found, lying),
        )

    def _parts(self, found: RecognisedUnit, region: Region) -> tuple[Part, ...]:
        """The parts of a unit; those alike share what is told of them, since there may be
        thousands.
        """
        sizes: dict[object, tuple[Length, Length]] = {}
        parts = []
        for part in found.parts:
            key = part.width, part.height, part.turns
            if key not in sizes:
                sizes[key] = self._size(part, region.turns)
            parts.append(Part(self._cloth(part), *sizes[key], part.spot, part.piece))
        return tuple(parts)

    def _size(self, part: FoundPart, turns: int) -> tuple[Length, Length]:
        frame = Region((), 0, 0, turns + part.turns)
        return frame.length(part.width, self.scale), frame.length(part.height, self.scale)

    def _cloth(self, part: FoundPart) -> Cloth:
        patch = self.patches[part.piece.face]
        key = patch.fabric, patch.letter, part.role
        if key not in self._cloths:
            self._cloths[key] = Cloth(*key)
        return self._cloths[key]


def _beginning(region: Region) -> tuple[object, ...]:
    """What is compared first of how regions lie."""
    first = region.pieces[0]
    return region.width, region.height, (first.ring, *first.holes)


def _turned_boxes(boxes: Any, fabrics: Any, width: int, height: int) -> list[Identity]:
    """Boxes and fabrics as they lie and turned by one, two and three quarters clockwise, each in
    the same order.
    """
    ways: list[Identity] = []
    for _ in range(4):
        common = int(np.gcd.reduce(boxes, axis=None))
        common = gcd(common, width, height)
        order = np.lexsort((boxes[:, 1], boxes[:, 0]))
        least = boxes[order] // common
        ways.append(
            (
                width // common,
                height // common,
                least.astype(">i8").tobytes(),
                tuple(fabrics[order].tolist()),
            )
        )
        left, top, right, bottom = boxes.T
        boxes = np.stack((height - bottom, left, height - top, right), axis=1)
        width, height = height, width
    return ways


def _own_region(whole: Whole[KnownUnit]) -> Region:
    """The region with the pieces that are the unit's own."""
    region = whole.region
    if len(whole.known.own) == len(region.pieces):
        return region
    own = tuple(region.pieces[number] for number in whole.known.own)
    return Region(own, region.width, region.height, region.turns)
