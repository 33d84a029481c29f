"""What of a block can be measured, by the names that a card has for it."""

from __future__ import annotations

from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass
from fractions import Fraction
from math import hypot

import numpy as np

from yonk.core.drawing import Cells
from yonk.core.paper import (
    XY,
    Array,
    LengthError,
    LengthUnit,
    Message,
    message,
    read_length,
    show,
    write_exact,
)
from yonk.core.pressing import SewingPlan

ACROSS: XY = (1.0, 0.0)
DOWN: XY = (0.0, 1.0)
# Further off than a whole inch on a small piece, or an eighth of a large one, is read wrong.
MOST_OFF: dict[LengthUnit, Fraction] = {"in": Fraction(1), "cm": Fraction(5, 2)}
_EDGES = {"top": 0.0, "middle": 0.5, "bottom": 1.0, "left": 0.0, "center": 0.5, "right": 1.0}
_WAYS = {"across": ACROSS, "down": DOWN}
_MOST_LETTERED = 400  # patches; of more no letter can be read
_ROOM = 0.36  # of the side of a square as large, that a letter has in a patch of any shape
_FINE = 64  # parts of a lattice step, by which a spot inside an odd patch is named


@dataclass(frozen=True)
class Measurable:
    """Something that can be measured: its name; the patches that are sewn to each other when it is
    measured; in which direction, at which share of the way across them (None for the mean), and the
    size that was drafted. A diagonal has no direction of its own. `patch` is what is measured from
    seam to seam in the finished block, through the spot `through`, in the draft's unit.
    """

    what: str
    faces: tuple[int, ...]
    way: XY
    at: float | None
    size: float
    diagonal: int = 0
    patch: int | None = None
    through: XY | None = None

    @property
    def expected(self) -> str:
        """The size that was drafted, to four places, as it is kept beside what was measured."""
        return f"{self.size:.4f}"

    def line(self, plan: SewingPlan) -> tuple[XY, XY]:
        """Where it is measured, from where to where in the finished block."""
        spots = _spots(plan, self.faces if self.patch is None else (self.patch,))
        left, top = spots.min(axis=0)
        right, bottom = spots.max(axis=0)
        if self.diagonal:
            ends = (top, bottom) if self.diagonal > 0 else (bottom, top)
            return (left, ends[0]), (right, ends[1])
        if self.patch is not None and self.through is not None:
            return _through(plan, self.patch, self.way, self.through)
        at = 0.5 if self.at is None else self.at
        if self.way == DOWN:
            across = left + at * (right - left)
            return (across, top), (across, bottom)
        level = top + at * (bottom - top)
        return (left, level), (right, level)


def measurables(plan: SewingPlan) -> dict[str, Measurable]:
    """Everything that a card of a block asks for: as she sews the units, rows, columns and other
    parts that the block is joined by; of the finished block its edges, its middles and diagonals,
    and from seam to seam a patch of each letter.
    """
    names = [*_units(plan), *_lines_joined(plan), *_parts(plan)]
    names += [f"block:{edge}" for edge in (*_EDGES, "diagonal-down", "diagonal-up")]
    if len(plan.joining.faces) > 1:
        names += _between(plan)
    return {name: measurable(plan, name) for name in dict.fromkeys(names)}


def measurable(plan: SewingPlan, what: str) -> Measurable:
    """Something that can be measured, by its name.

    Raises: `KeyError` for what the block does not have, or is not joined by.
    """
    kind, _, which = what.partition(":")
    makers = {"unit": _unit, "part": _part, "row": _line, "column": _line, "block": _block}
    if kind == "between":
        return _seam_to_seam(plan, what, which)
    return makers[kind](plan, what, which)


def _sized(
    plan: SewingPlan, what: str, faces: tuple[int, ...], way: XY, at: float | None = None
) -> Measurable:
    both = 2 * float(plan.draft.making.seam)
    size = float(np.ptp(_spots(plan, faces) @ np.array(way))) + both
    return Measurable(what, faces, way, at, size)


def _way_of(plan: SewingPlan, faces: tuple[int, ...], way: str) -> XY:
    """The direction that is named; without a name the larger side."""
    if way:
        return _WAYS[way]
    wide, high = np.ptp(_spots(plan, faces), axis=0)
    return DOWN if high > wide * (1 + 1e-9) else ACROSS


def _units(plan: SewingPlan) -> Iterator[str]:
    """Each unit, both ways where they differ."""
    for group in plan.reading.groups:
        wide, high = np.ptp(_spots(plan, group.members[0]), axis=0)
        name = f"unit:{group.label}"
        alike = abs(wide - high) < 1e-9 * max(wide, high)
        yield from [name] if alike else [f"{name}:across", f"{name}:down"]


def _unit(plan: SewingPlan, what: str, which: str) -> Measurable:
    label, _, way = which.partition(":")
    members = {group.label: group.members for group in plan.reading.groups}
    faces = members[label][0]
    return _sized(plan, what, faces, _way_of(plan, faces, way))


def _block(plan: SewingPlan, what: str, which: str) -> Measurable:
    every = tuple(range(len(plan.joining.faces)))
    if which in ("diagonal-down", "diagonal-up"):
        both = 2 * float(plan.draft.making.seam)
        long = hypot(float(plan.draft.width) + both, float(plan.draft.height) + both)
        return Measurable(what, every, ACROSS, None, long, 1 if which == "diagonal-down" else -1)
    way = ACROSS if which in ("top", "middle", "bottom") else DOWN
    return _sized(plan, what, every, way, _EDGES[which])


def _lines_joined(plan: SewingPlan) -> Iterator[str]:
    for kind, lines in (("row", _rows(plan)), ("column", _columns(plan))):
        for number, faces in enumerate(lines, start=1):
            if _is_joined(plan, faces):
                yield f"{kind}:{number}"


def _is_joined(plan: SewingPlan, faces: tuple[int, ...]) -> bool:
    """Whether some patches are one part at some time, and not yet the block."""
    return frozenset(faces) in _parts_made(plan) and len(faces) < len(plan.joining.faces)


def _parts_made(plan: SewingPlan) -> dict[frozenset[int], int]:
    """Every part of the block by its patches; a patch by itself is one too."""
    order = plan.joining.order
    return {frozenset(order.faces(part)): part for part in range(order.leaves + len(order.pairs))}


def _line(plan: SewingPlan, what: str, which: str) -> Measurable:
    kind, _, _ = what.partition(":")
    lines = _rows(plan) if kind == "row" else _columns(plan)
    faces = dict(enumerate(lines, start=1))[_whole(which)]
    if not _is_joined(plan, faces):
        raise KeyError(what)
    return _sized(plan, what, faces, ACROSS if kind == "row" else DOWN)


def _parts(plan: SewingPlan) -> Iterator[str]:
    """What else is measured when it is made: of alike joins the first."""
    known = {frozenset(one) for one in (*_rows(plan), *_columns(plan))} | {
        frozenset(member) for group in plan.reading.groups for member in group.members
    }
    order, seen = plan.joining.order, set[int]()
    for number, sewn in enumerate(plan.sewn[:-1], start=1):
        faces = tuple(order.faces(order.leaves + sewn.join.number))
        askew = sewn.box is None or sewn.box.round is not None
        if not sewn.checkpoint or askew or sewn.alike in seen or frozenset(faces) in known:
            continue
        seen.add(sewn.alike)
        wide, high = np.ptp(_spots(plan, faces), axis=0)
        name = f"part:j{number}"
        alike = abs(wide - high) < 1e-9 * max(wide, high)
        yield from [name] if alike else [f"{name}:across", f"{name}:down"]


def join_of(plan: SewingPlan, name: str) -> int:
    """The number of a join by its name in the sewing file. Raises `KeyError`."""
    listed = {f"j{place}": sewn.join.number for place, sewn in enumerate(plan.sewn, start=1)}
    return listed[name]


def seam_name(plan: SewingPlan, join: int) -> str:
    """The name of a join in the sewing file."""
    place = next(n for n, sewn in enumerate(plan.sewn, start=1) if sewn.join.number == join)
    return f"j{place}"


def _part(plan: SewingPlan, what: str, which: str) -> Measurable:
    name, _, way = which.partition(":")
    join = join_of(plan, name)
    order = plan.joining.order
    faces = tuple(order.faces(order.leaves + join))
    return _sized(plan, what, faces, _way_of(plan, faces, way))


def _between(plan: SewingPlan) -> Iterator[str]:
    """From seam to seam, both ways: of each letter the square or oblong nearest the middle of the
    block; where there is none, what lies there.
    """
    middle = np.array([float(plan.draft.width), float(plan.draft.height)]) / 2
    nearest: dict[str, tuple[float, int]] = {}
    odd: tuple[float, int] | None = None
    for face, patch in enumerate(plan.reading.patches):
        spots = _spots(plan, (face,))
        far = float(np.abs((spots.min(axis=0) + spots.max(axis=0)) / 2 - middle).sum())
        if patch.shape in ("square", "rectangle") and _lies_straight(spots):
            here = (round(far, 6), face)
            nearest[patch.letter] = min(nearest.get(patch.letter, here), here)
        odd = min(odd or (far, face), (far, face))
    chosen = [face for _, (_, face) in sorted(nearest.items())] or [odd[1] if odd else 0]
    for face in chosen:
        for way in _WAYS:
            yield between(plan, face, way)


@dataclass(frozen=True)
class LetteredPatch:
    """A patch with its letter, a spot inside it and how large a letter has room there, in the
    draft's unit; the names of its two measures from seam to seam.
    """

    letter: str
    spot: XY
    room: float
    across: str
    down: str


def lettered_patches(plan: SewingPlan) -> list[LetteredPatch]:
    """The patches of a block, to be pointed at; none of a block of very many."""
    if not 1 < len(plan.joining.faces) <= _MOST_LETTERED:
        return []
    found = []
    for face, patch in enumerate(plan.reading.patches):
        polygon, scale = plan.reading.drawing.polygons[face], float(plan.reading.drawing.scale)
        spot = polygon.centroid
        if not polygon.contains(spot):
            spot = polygon.representative_point()
        room = _ROOM * polygon.area**0.5 / scale
        across, down = (between(plan, face, way) for way in _WAYS)
        at = spot.x / scale, spot.y / scale
        found.append(LetteredPatch(patch.letter, at, room, across, down))
    return found


def measured_after(
    plan: SewingPlan, known: Mapping[str, Measurable], joins: Sequence[int]
) -> list[str]:
    """What of a card is measured when some joins are sewn, before what they make is joined
    further.
    """
    order = plan.joining.order
    made = {
        frozenset(order.faces(order.leaves + join)) for join in joins if join < len(order.pairs)
    }
    return [
        what
        for what, one in known.items()
        if not what.startswith(("block:", "between:")) and frozenset(one.faces) in made
    ]


def asked_for(plan: SewingPlan, names: Sequence[str]) -> dict[str, Measurable]:
    """What is asked for by name, as far as the block has it."""
    found = {}
    for name in names:
        try:
            found[name] = measurable(plan, name)
        except (KeyError, ValueError):
            continue  # the block was changed meanwhile
    return found


def _lies_straight(spots: Array) -> bool:
    return len(np.unique(np.round(spots, 9), axis=0)) == 4 and all(
        len(np.unique(np.round(spots[:, axis], 9))) == 2 for axis in (0, 1)
    )


def between(plan: SewingPlan, face: int, way: str) -> str:
    """The name of the measure of a patch in the finished block, from seam to seam."""
    drawing = plan.reading.drawing
    left, top, right, bottom = drawing.faces[face].box
    spot = Fraction(left + right, 2), Fraction(top + bottom, 2)
    polygon = drawing.polygons[face]
    if drawing.faces_at([drawing.to_grid(spot)])[0] != face:
        inside = polygon.representative_point()
        spot = Fraction(round(inside.x * _FINE), _FINE), Fraction(round(inside.y * _FINE), _FINE)
    x, y = drawing.to_grid(spot)
    return f"between:{write_exact(x)},{write_exact(y)}:{way}"


def _seam_to_seam(plan: SewingPlan, what: str, which: str) -> Measurable:
    at, _, way = which.partition(":")
    try:
        x, y = map(read_length, at.split(","))
    except (LengthError, ValueError):
        raise KeyError(what) from None
    drawing = plan.reading.drawing
    try:
        (face,) = drawing.faces_at([(x, y)])
    except IndexError:
        face = None
    if face is None:
        raise KeyError(what)
    spot = drawing.to_lattice((x, y))
    through = (float(spot[0] / drawing.scale), float(spot[1] / drawing.scale))
    (ax, ay), (bx, by) = _through(plan, face, _WAYS[way], through)
    edges = sum(_at_the_edge(plan, spot) for spot in ((ax, ay), (bx, by)))
    size = hypot(bx - ax, by - ay) + edges * float(plan.draft.making.seam)
    every = tuple(range(len(plan.joining.faces)))
    return Measurable(what, every, _WAYS[way], None, size, patch=face, through=through)


def _at_the_edge(plan: SewingPlan, spot: XY) -> bool:
    """Whether a spot is at the edge of the block, where a patch still has its allowance."""
    wide, high = float(plan.draft.width), float(plan.draft.height)
    near = 1e-9 * max(wide, high)
    return min(abs(spot[0]), abs(spot[1]), abs(spot[0] - wide), abs(spot[1] - high)) < near


def _through(plan: SewingPlan, face: int, way: XY, spot: XY) -> tuple[XY, XY]:
    """From which side to which a line through a spot runs inside a patch."""
    ring = _spots(plan, (face,))
    across = np.array([-way[1], way[0]])
    level, mine = float(np.array(spot) @ across), float(np.array(spot) @ np.array(way))
    hits = []
    for a, b in zip(ring, np.roll(ring, -1, axis=0), strict=True):
        low, high = float(a @ across), float(b @ across)
        if (low < level) != (high < level):
            hit = a + (level - low) / (high - low) * (b - a)
            hits.append((float(hit @ np.array(way)), (float(hit[0]), float(hit[1]))))
    before = max((hit for hit in hits if hit[0] <= mine), default=min(hits))
    after = min((hit for hit in hits if hit[0] > mine), default=max(hits))
    return before[1], after[1]


def _whole(number: str) -> int:
    return int(number) if number.isascii() and number.isdigit() and len(number) < 6 else 0


def size_fault(size: Fraction, must: float, unit: LengthUnit) -> Message | None:
    """What is wrong with a size that was measured, or nothing: no hand is so far off that it cannot
    have been read wrong.
    """
    if abs(float(size) - must) <= max(float(MOST_OFF[unit]), must / 8) and must / 2 <= float(size):
        return None
    meant = show(Fraction(must).limit_denominator(64), unit)
    return message("size-cannot-be-so-far", meant=meant)


def still_counting(
    known: Mapping[str, Measurable], sizes: Mapping[str, tuple[Fraction, str]]
) -> tuple[dict[str, Fraction], dict[str, Fraction]]:
    """Which of some kept sizes still count, and which do not.

    Args:
        known: what can be measured of the block as it is now.
        sizes: by its name what was measured, and the size that it should have had then. Where that
            is another now, the block was changed.
    """
    counting: dict[str, Fraction] = {}
    stale: dict[str, Fraction] = {}
    for what, (size, expected) in sizes.items():
        same = what in known and known[what].expected == expected
        (counting if same else stale)[what] = size
    return counting, stale


def _spots(plan: SewingPlan, faces: tuple[int, ...]) -> Array:
    rings = [spot for face in faces for spot in plan.joining.faces[face].ring]
    return np.array(rings, dtype=float) / float(plan.reading.drawing.scale)


def rows_or_columns(plan: SewingPlan, axis: int) -> list[tuple[int, ...]]:
    """The patches of each row (1) or column (0) of the block, where it comes apart so."""
    boxes = [face.box for face in plan.joining.faces]
    reach = max(box[axis + 2] for box in boxes)
    middles = [(box[axis] + box[axis + 2]) / 2 for box in boxes]
    edges = (0, *_cuts_across(plan, axis), reach)
    return [
        tuple(face for face, middle in enumerate(middles) if low < middle < high)
        for low, high in zip(edges, edges[1:], strict=False)
    ]


def _cuts_across(plan: SewingPlan, axis: int) -> Sequence[int]:
    """Where the rows or columns of its units meet; of a block that is one unit, its patches'."""
    whole = plan.reading.assembly
    if isinstance(whole, Cells):
        return whole.region.level_cuts if axis else whole.region.upright_cuts
    boxes = [face.box for face in plan.joining.faces]
    reach = max(box[axis + 2] for box in boxes)
    edges = {box[axis] for box in boxes} - {0, reach}
    return sorted(
        edge for edge in edges if not any(box[axis] < edge < box[axis + 2] for box in boxes)
    )


def _rows(plan: SewingPlan) -> list[tuple[int, ...]]:
    return rows_or_columns(plan, 1)


def _columns(plan: SewingPlan) -> list[tuple[int, ...]]:
    return rows_or_columns(plan, 0)
