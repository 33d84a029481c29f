"""Everything that can have gone wrong with a block, and how each measure answers to it.

Source: the causes of *The trial block* in `docs/measuring.md`.
"""

from __future__ import annotations

from collections import defaultdict
from collections.abc import Iterable, Iterator, Mapping, Sequence
from dataclasses import dataclass, replace
from math import hypot
from typing import Literal

import numpy as np

from yonk.core.measuring.places import Measurable, between, rows_or_columns, seam_name
from yonk.core.measuring.response import Response, matrix_of
from yonk.core.paper import Array
from yonk.core.planning import Cut

CauseKind = Literal["seam", "one-seam", "cut", "trim", "press", "skew", "stretch"]
WhichEnd = Literal["", "first", "last"]  # which end of a seam: the upper, or the left one, is first

_SAME = 1e-4  # in a measure, below which two suspects answer alike
_MOST_PATCHES = 400  # that are suspected one by one; of more, only letters, lines and rows are


@dataclass(frozen=True)
class Suspect:
    """A possible cause: how each measure answers to one unit of it, with nothing and with all
    eased. `same_as` are other names of what cannot be told from it by any measure.
    """

    kind: CauseKind
    where: str
    answers: Array
    end: WhichEnd = ""
    same_as: tuple[str, ...] = ()

    @property
    def name(self) -> tuple[str, str]:
        """What it is told by."""
        return self.kind, self.where

    @property
    def sort(self) -> str:
        """What sort of place it is at: a patch, a letter, a row."""
        return self.where.partition(":")[0]


def suspects_of(response: Response, known: Mapping[str, Measurable]) -> tuple[Suspect, ...]:
    """All that can have gone wrong once; those that answer alike are one.

    Args:
        known: what can be measured, in the order of each suspect's answers.
    """
    rows = matrix_of(response, known)
    found = [
        Suspect(kind, where, rows @ causes, end)
        for kind, where, end, causes in _by_causes(response)
    ]
    found += _skewed(response, known)
    found += _stretched(response, known)
    return tuple(_alike_as_one(one for one in found if np.abs(one.answers).max(initial=0) > _SAME))


Wrong = tuple[CauseKind, str, WhichEnd, Array]


def _by_causes(response: Response) -> Iterator[Wrong]:
    yield from _seams(response)
    yield from _cuts(response)
    yield from _trims(response)


def _of(response: Response, causes: Iterable[int], by: float = 1.0) -> Array:
    found = np.zeros(response.causes)
    found[list(causes)] = by
    return found


def _seams(response: Response) -> Iterator[Wrong]:
    """The allowance everywhere; one seam, whole or at one end; folds that were not opened."""
    runs = response.runs
    seams = runs.seam_of
    yield "seam", "", "", _of(response, seams.values())
    yield "press", "", "", _of(response, seams.values())
    units: dict[str, list[int]] = defaultdict(list)
    many = len(seams) > _MOST_PATCHES
    for join, seam in seams.items():
        unit = response.plan.joining.joins[join].unit
        if unit is not None:
            units[unit].append(seam)
        if many:
            continue
        whole, first = _of(response, [seam]), _of(response, [len(runs.numbers) + join])
        where = f"join:{seam_name(response.plan, join)}"
        yield "one-seam", where, "", whole
        yield "one-seam", where, "first", first
        yield "one-seam", where, "last", whole - first
    for unit, mine in units.items():
        yield "press", f"unit:{unit}", "", _of(response, mine)


def _trims(response: Response) -> Iterator[Wrong]:
    """All trimmed units, or those of a label; each of a side's two edges has half."""
    stacks, sides = response.runs.stacks, defaultdict[str, list[int]](list)
    for cause, number in response.runs.numbers.items():
        if cause.kind == "unit":
            sides[stacks[cause.of[0]].label].append(number)
    if sides:
        yield "trim", "", "", _of(response, [n for mine in sides.values() for n in mine], 0.5)
    if len(sides) > 1:
        for label, mine in sides.items():
            yield "trim", f"unit:{label}", "", _of(response, mine, 0.5)


def _cuts(response: Response) -> Iterator[Wrong]:
    """Patches of a line of the list, or of a letter; one patch; a row or a column: too large both
    ways, or one way alone.
    """
    edges = _Edges(response)
    patches = response.plan.reading.patches
    letters = sorted({patch.letter for patch in patches}, key=lambda one: (len(one), one))
    for letter in letters:
        mine = [face for face, patch in enumerate(patches) if patch.letter == letter]
        for causes in edges.moved(mine):
            yield "cut", f"letter:{letter}", "", causes
    for number, cut in enumerate(response.planned.cuts, start=1):
        for causes in edges.moved(_faces_of(cut, response)):
            yield "cut", f"line:{number}", "", causes
    if len(patches) <= _MOST_PATCHES:
        for face in range(len(patches)):
            for causes in edges.moved([face]):
                yield "cut", f"patch:{_spot_name(response, face)}", "", causes
    for name, faces, axis in _lines(response):
        yield "cut", name, "", edges.across(faces, axis)


def _spot_name(response: Response, face: int) -> str:
    _, spot, _ = between(response.plan, face, "across").split(":")
    return spot


def _faces_of(cut: Cut, response: Response) -> list[int]:
    """The patches that come of a line of the list, in the block as drafted."""
    groups = {group.label: group for group in response.plan.reading.groups}
    wanted = {
        (label, purpose.letter)
        for purpose in cut.purposes
        for label in purpose.units
        if label in groups
    }
    patches = response.plan.reading.patches
    return sorted(
        {
            face
            for label, letter in wanted
            for member in groups[label].members
            for face in member
            if patches[face].letter == letter and patches[face].fabric == cut.fabric
        }
    )


def _lines(response: Response) -> Iterator[tuple[str, tuple[int, ...], int]]:
    """The rows and columns of the block's grid, whether or not it is joined by them."""
    for kind, axis in (("row", 1), ("column", 0)):
        lines = rows_or_columns(response.plan, axis)
        if len(lines) > 1:
            for number, faces in enumerate(lines, start=1):
                yield f"{kind}:{number}", faces, axis


class _Edges:
    """The edges of the patches as they are cut: how far each lies further out where a piece is cut
    too large by one.
    """

    def __init__(self, response: Response) -> None:
        self.response = response
        self.subcut = {
            purpose.letter: cut.subcut
            for cut in reversed(response.planned.cuts)
            for purpose in cut.purposes
        }
        self.by_face: dict[int, list[tuple[int, float, float, float]]] = defaultdict(list)
        patches, faces = response.plan.reading.patches, response.plan.joining.faces
        for cause, number in response.runs.numbers.items():
            if cause.kind != "edge":
                continue
            face, edge = cause.of
            ring = faces[face].ring
            a, b = ring[edge], ring[(edge + 1) % len(ring)]
            long = hypot(b[0] - a[0], b[1] - a[1])
            longest = max(
                hypot(d[0] - c[0], d[1] - c[1])
                for c, d in zip(ring, ring[1:] + ring[:1], strict=True)
            )
            share = _moves(self.subcut.get(patches[face].letter, "none"), long >= longest - 1e-9)
            wide, high = abs(b[1] - a[1]) / long, abs(b[0] - a[0]) / long
            self.by_face[face].append((number, share, wide, high))

    def moved(self, faces: Sequence[int]) -> Iterator[Array]:
        """Pieces too large both ways; those cut by themselves too wide or too high alone too."""
        both = np.zeros(self.response.causes)
        wide, high = both.copy(), both.copy()
        for face in faces:
            for number, share, across, down in self.by_face[face]:
                both[number] = share
                wide[number], high[number] = share * across, share * down
        yield both
        if wide.any() and high.any():
            yield wide
            yield high

    def across(self, faces: Sequence[int], axis: int) -> Array:
        """A whole row too high, or a column too wide: its outer edges lie further out."""
        found, inner = np.zeros(self.response.causes), frozenset(faces)
        drawn = self.response.plan.joining.faces
        places = [spot[axis] for face in faces for spot in drawn[face].ring]
        outer = min(places), max(places)
        for cause, number in self.response.runs.numbers.items():
            if cause.kind == "edge":
                ring = drawn[cause.of[0]].ring
                a, b = ring[cause.of[1]], ring[(cause.of[1] + 1) % len(ring)]
                mine = cause.of[0] in inner and a[axis] == b[axis]
                at = a[axis]
            elif cause.kind == "unit" and cause.of[1] in _SIDES:
                stack, (lies, side) = self.response.runs.stacks[cause.of[0]], _SIDES[cause.of[1]]
                mine = lies == axis and inner.issuperset(stack.faces)
                at = stack.box[side]
            else:
                continue
            if mine and at in outer:
                found[number] = 0.5
        return found


# The side of a trimmed unit by how it is gone along: which way it lies (0 at a place across, 1 at a
# place down), and which part of the unit's box that is.
_SIDES = {0: (1, 1), 90: (0, 2), 180: (1, 3), 270: (0, 0)}


def _moves(subcut: str, is_longest: bool) -> float:
    """How far an edge of a piece lies further out where what it is cut from is too large by one: a
    half, but for the edges that a cut on the diagonal makes.
    """
    if subcut == "one-diagonal":
        return 0.0 if is_longest else 0.5
    if subcut == "both-diagonals":
        return 0.5 if is_longest else 0.0
    return 0.5


def _skewed(response: Response, known: Mapping[str, Measurable]) -> list[Suspect]:
    """A block that leans, its top against its bottom by one: one diagonal is longer, the other
    shorter, by what of the lean lies along it.
    """
    wide, high = float(response.plan.draft.width), float(response.plan.draft.height)
    along = wide / hypot(wide, high)
    answers = np.array([[one.diagonal * along] * 2 for one in known.values()]).reshape(-1, 2)
    return [Suspect("skew", "", answers)]


def _stretched(response: Response, known: Mapping[str, Measurable]) -> list[Suspect]:
    """Patches of a letter pulled longer along an edge on the bias; trimmed units forget it."""
    cloth = response.cloth
    if cloth is None:
        return []
    shapes, letters = _bias_shapes(response)
    if not letters:
        return []
    parts: dict[tuple[int, ...], list[int]] = defaultdict(list)
    ones = list(known.values())
    for place, one in enumerate(ones):
        parts[tuple(sorted(one.faces))].append(place)
    answers = np.zeros((len(letters), len(ones), 2))
    for faces, places in parts.items():
        sewn = cloth.sewn(faces)
        asked = {place: response.asked(sewn, ones[place]) for place in places}
        mine = [place for place in places if asked[place] is not None]
        if not mine:
            continue
        told = sewn.stretched(np.array([asked[place] for place in mine]).T, shapes)
        answers[:, mine, :] = told.T[:, :, None]
    return [
        Suspect("stretch", f"letter:{letter}", answers[number])
        for number, letter in enumerate(letters)
    ]


def _bias_shapes(response: Response) -> tuple[Array, list[str]]:
    """For each letter with an edge on the bias the shape that its patches come to where that edge
    is longer by one, over the places of the cloth.
    """
    cloth = response.cloth
    assert cloth is not None
    patches, faces = response.plan.reading.patches, response.plan.joining.faces
    trimmed = {
        face
        for stack in response.runs.stacks
        if stack.label in response.runs.trimmed
        for face in stack.faces
    }
    shapes: dict[str, Array] = {}
    for face, patch in enumerate(patches):
        ring = np.array(faces[face].ring, dtype=float) / response.runs.scale
        sides = np.roll(ring, -1, axis=0) - ring
        bias = [side for side in sides if min(abs(side)) > 0.3 * np.hypot(*side)]
        if face in trimmed or not bias:
            continue
        longest = max(bias, key=lambda side: float(np.hypot(*side)))
        long = float(np.hypot(*longest))
        way = longest / long
        shape = shapes.setdefault(patch.letter, np.zeros(2 * len(cloth.corner)))
        for place in range(cloth.begin[face], cloth.begin[face + 1]):
            far = float(cloth.spots[cloth.corner[place]] @ way)
            shape[2 * place : 2 * place + 2] = far / long * way
    return np.array([*shapes.values()]).T, list(shapes)


# How a cause is told where several places answer alike: what she holds in her hand comes first.
_FIRST = ("patch", "letter", "line", "row", "column", "unit", "join", "")


def _alike_as_one(suspects: Iterable[Suspect]) -> Iterator[Suspect]:
    """Suspects of a kind that every measure answers to alike, as one."""
    alike: dict[tuple[object, ...], list[Suspect]] = defaultdict(list)
    for one in suspects:
        key = one.kind, one.end, tuple(np.round(one.answers / _SAME).ravel().astype(int))
        alike[key].append(one)
    for mine in alike.values():
        names = sorted(
            dict.fromkeys(one.where for one in mine),
            key=lambda where: _FIRST.index(where.partition(":")[0]),
        )
        yield replace(mine[0], where=names[0], same_as=tuple(names[1:]))
