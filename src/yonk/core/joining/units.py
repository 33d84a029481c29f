"""The joins inside units: worked out for the first of a label, and the same for all of them."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass

from yonk.core.drawing import Face, Ring
from yonk.core.joining.regions import Atom, RegionStep, assemble
from yonk.core.joining.touching import Touch
from yonk.core.joining.tree import Pair, Tree
from yonk.core.planning import UnitGroup
from yonk.core.units import BY_NAME, Segment

Rings = tuple[Ring, ...]


@dataclass(frozen=True)
class UnitJoining:
    """How the units of a label are joined: the faces of the first, and the steps, by their places
    among them. A middle comes after all faces.
    """

    faces: tuple[int, ...]
    steps: tuple[RegionStep, ...]
    middle: bool


def template_of(
    group: UnitGroup,
    middle: Sequence[int],
    drawing: Sequence[Face],
    between: Mapping[int, Sequence[Touch]],
) -> UnitJoining:
    """The joins of the unit that a group was read from.

    Args:
        group: the units of a label.
        middle: the faces in the middle of the unit, where something else is.
        drawing: all faces of the block.
        between: the stretches along which each face lies beside another, by face.

    Returns: a template, whose steps sew the segments first where the kind of unit has them, else
    go along straight seams.
    """
    faces = tuple(part.piece.face for part in group.unit.parts)
    segments = BY_NAME[group.kind].segments(group.unit)
    if segments:
        return UnitJoining(faces, tuple(_in_segments(len(faces), segments)), False)
    atoms = [_atom((face,), drawing) for face in faces]
    if middle:
        atoms.append(_atom(middle, drawing))
    place = {face: number for number, atom in enumerate(atoms) for face in atom.faces}
    inner = {touch for face in place for touch in between[face]}
    told = [
        Touch(one.start, one.end, place[one.left], place[one.right])
        for one in sorted(inner, key=lambda one: (one.start, one.end))
        if one.left in place and one.right in place and place[one.left] != place[one.right]
    ]
    size = _size([drawing[face].ring for face in place])
    steps = assemble(atoms, told, size) if len(atoms) > 1 else []
    return UnitJoining(faces, tuple(steps), bool(middle))


def _atom(faces: Sequence[int], drawing: Sequence[Face]) -> Atom:
    rings = tuple(drawing[face].ring for face in faces)
    holes = tuple(hole for face in faces for hole in drawing[face].holes)
    return Atom(tuple(faces), rings, holes if len(faces) == 1 else ())


def _size(rings: Sequence[Ring]) -> int:
    across = [x for ring in rings for x, _ in ring]
    down = [y for ring in rings for _, y in ring]
    return max(1, max(across) - min(across), max(down) - min(down))


def _in_segments(parts: int, segments: Sequence[Segment]) -> list[RegionStep]:
    """The segments, those of a band alike, then their rows."""
    tree, alike, made = Tree(parts), [], []
    for segment in segments:
        begin = len(tree.pairs)
        made.append(tree.in_strips(segment.parts))
        alike += [segment.band * parts + place for place in range(len(tree.pairs) - begin)]
    tree.in_strips(made)
    alike += [len(segments) * parts + place for place in range(len(tree.pairs) - len(alike))]
    return [
        RegionStep(pair.one, pair.other, alike=place)
        for pair, place in zip(tree.pairs, alike, strict=True)
    ]


class UnitTurns:
    """How a unit lies: its patches by their outlines from the corner of its box, under each quarter
    turn.
    """

    def __init__(
        self, faces: Sequence[int], drawing: Sequence[Face], fabrics: Sequence[str]
    ) -> None:
        self.faces = faces
        self.rings = [drawing[face].ring for face in faces]
        self.fabrics = [fabrics[face] for face in faces]

    def places(self, quarters: int) -> dict[tuple[Ring, str], int]:
        """The places of the patches by outline and fabric, turned so."""
        rings = self.rings
        for _ in range(quarters):
            rings = [tuple((-y, x) for x, y in ring) for ring in rings]
        left = min(x for ring in rings for x, _ in ring)
        top = min(y for ring in rings for _, y in ring)
        return {
            (_from(ring, left, top), fabric): number
            for number, (ring, fabric) in enumerate(zip(rings, self.fabrics, strict=True))
        }


def _from(ring: Ring, left: int, top: int) -> Ring:
    moved = [(x - left, y - top) for x, y in ring]
    least = moved.index(min(moved))
    return tuple(moved[least:] + moved[:least])


def matched(first: dict[tuple[Ring, str], int], other: UnitTurns) -> list[int]:
    """The faces of another unit of the label in the order of the first's.

    Raises `AssertionError` where it is no such unit.
    """
    for quarters in range(4):
        places = other.places(quarters)
        if places.keys() == first.keys():
            order = sorted(first, key=first.__getitem__)
            return [other.faces[places[one]] for one in order]
    raise AssertionError("units of a label cover each other when turned")


def sew_unit(
    tree: Tree, template: UnitJoining, faces: Sequence[int], middle: int | None, label: str
) -> int:
    """Adds the joins of one unit to a tree. Returns the number of what they make."""
    parts = [*faces, *([middle] if middle is not None else [])]
    begun = []
    for place, step in enumerate(template.steps):
        alike = place if step.alike is None else step.alike
        made = tree.sew(Pair(parts[step.one], parts[step.other], unit=label, place=alike))
        parts.append(made)
        if step.until is not None:
            begun.append((made, step.until))
    tree.finished_after |= {made: parts[until] for made, until in begun}
    return parts[-1]
