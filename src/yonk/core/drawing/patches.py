"""Patches: what shape each face of the drawing has, which are congruent, and the letters they
share.
"""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from fractions import Fraction
from functools import lru_cache
from math import isqrt
from typing import Literal, NamedTuple

from yonk.core.drawing.faces import Drawing, Outline, Ring, from_least
from yonk.core.paper import UNASSIGNED, Draft, Length, Paint, Rational, square_root

ShapeName = Literal[
    "square", "rectangle", "triangle", "diamond", "parallelogram", "trapezoid", "polygon"
]


@dataclass(frozen=True)
class PatchShape:
    """What a patch is. `congruence` is alike for patches that cover each other when turned (not
    turned over).

    `width` ≥ `height` are squares of lengths in lattice steps: the sides at the right angle of a
    right triangle, the sides of a square or rectangle, else the sides of the smallest upright box.
    """

    name: ShapeName
    width: int
    height: int
    congruence: tuple[object, ...]


class Patch(NamedTuple):
    """One face of the finished block, lettered. Sizes are finished sizes."""

    face: int
    letter: str
    shape: ShapeName
    width: Length
    height: Length
    fabric: str


def letter(index: int) -> str:
    """The name of the patches that come to be lettered at a place: A, B, … Z, AA, AB, …

    >>> letter(0), letter(25), letter(26)
    ('A', 'Z', 'AA')
    """
    name = ""
    index += 1
    while index:
        index, place = divmod(index - 1, 26)
        name = chr(ord("A") + place) + name
    return name


def lengths(squared: int, scale: Rational) -> Length:
    """The length of a stretch of the drawing.

    Args:
        squared: the square of it, in lattice steps.
        scale: how many steps make one unit of length.

    Returns: the length in the draft's unit, exactly where it is rational or a multiple of √2.
    """
    whole = isqrt(squared)
    if whole * whole == squared:
        return Length(Fraction(whole * scale.denominator, scale.numerator))
    if squared % 2 == 0 and isqrt(squared // 2) ** 2 == squared // 2:
        return Length(Fraction(0), Fraction(isqrt(squared // 2)) / scale)
    return Length(square_root(Fraction(squared) / (scale * scale)))


def read_patches(
    drawing: Drawing, fabrics: Sequence[str], letters: dict[tuple[object, ...], str] | None = None
) -> tuple[Patch, ...]:
    """Letter the faces of a drawing in reading order.

    Args:
        drawing: the faces.
        fabrics: each face's fabric.
        letters: those given to shapes before, when several drafts are read together; takes
        the new ones.

    Returns: a patch for each face. Congruent patches share a letter, however they are turned; a
    shape that
    differs from its mirror image is handed, and its mirror image has a letter of its own.
    """
    letters = {} if letters is None else letters
    known: dict[Outline, tuple[str, ShapeName, Length, Length]] = {}
    patches = []
    for index, (face, fabric) in enumerate(zip(drawing.faces, fabrics, strict=True)):
        told = known.get(face.outline)
        if told is None:
            shape = _shape(*face.outline)
            name = letters.setdefault(shape.congruence, letter(len(letters)))
            sizes = lengths(shape.width, drawing.scale), lengths(shape.height, drawing.scale)
            told = known[face.outline] = name, shape.name, *sizes
        patches.append(Patch(index, *told, fabric))
    return tuple(patches)


def face_fabrics(draft: Draft, drawing: Drawing) -> tuple[list[str], list[int], list[int]]:
    """Each face's fabric; the numbers of the draft's paints that lie on a seam; those that gainsay
    an earlier one.
    """
    fabrics = [UNASSIGNED] * len(drawing.faces)
    on_seam, conflicting = [], []
    for number, face in enumerate(paint_faces(draft, drawing)):
        fabric = draft.paints[number].fabric
        if face is None:
            on_seam.append(number)
        elif fabrics[face] not in (UNASSIGNED, fabric):
            conflicting.append(number)
        else:
            fabrics[face] = fabric
    return fabrics, on_seam, conflicting


def paint_faces(draft: Draft, drawing: Drawing) -> list[int | None]:
    """The face that each of the draft's paints lies in, None on a seam. The answer for the latest
    paints is kept.
    """
    kept = drawing.latest.get("paints")
    if kept is None or kept[0] is not draft.paints:
        kept = draft.paints, drawing.faces_at([paint.at for paint in draft.paints])
        drawing.latest["paints"] = kept
    found: list[int | None] = kept[1]
    return found


def know_paint_faces(drawing: Drawing, paints: tuple[Paint, ...], faces: list[int]) -> None:
    """Keep the face that each of some paints is known to lie in, for `paint_faces`."""
    drawing.latest["paints"] = paints, [*faces]


@lru_cache(maxsize=4096)
def _shape(ring: Ring, holes: tuple[Ring, ...]) -> PatchShape:
    sides = [
        (bx - ax, by - ay) for (ax, ay), (bx, by) in zip(ring, ring[1:] + ring[:1], strict=True)
    ]
    corners = tuple(_corners(sides))
    least = min(corners[turn:] + corners[:turn] for turn in range(len(corners)))
    starts = [
        turn for turn in range(len(corners)) if holes and corners[turn:] + corners[:turn] == least
    ]
    congruence = (
        least,
        min([_seen_from(ring[turn], sides[turn], holes) for turn in starts], default=()),
    )
    name = "polygon" if holes else _name(sides)
    if name in ("square", "rectangle"):
        box = [_square(sides[0]), _square(sides[1])]
    elif name == "triangle":
        box = sorted(map(_square, sides))[:2]
    else:
        box = [max(x for x, _ in ring) ** 2, max(y for _, y in ring) ** 2]
    return PatchShape(name, max(box), min(box), congruence)


def _seen_from(
    corner: tuple[int, int], side: tuple[int, int], holes: tuple[Ring, ...]
) -> tuple[Ring, ...]:
    """Holes counted along and across a side from its start, which is alike however the whole is
    turned.
    """
    (cx, cy), (dx, dy) = corner, side
    seen = []
    for hole in holes:
        spots = [((x - cx) * dx + (y - cy) * dy, (y - cy) * dx - (x - cx) * dy) for x, y in hole]
        seen.append(from_least(spots))
    return tuple(sorted(seen))


def _square(side: tuple[int, int]) -> int:
    return side[0] * side[0] + side[1] * side[1]


def _corners(sides: Sequence[tuple[int, int]]) -> Iterator[tuple[int, int, int]]:
    for (ax, ay), (bx, by) in zip(sides, [*sides[1:], sides[0]], strict=True):
        yield ax * ax + ay * ay, ax * bx + ay * by, ax * by - ay * bx


def _parallel(a: tuple[int, int], b: tuple[int, int]) -> bool:
    return a[0] * b[1] == a[1] * b[0]


def _name(sides: Sequence[tuple[int, int]]) -> ShapeName:
    square_corners = sum(dot == 0 for _, dot, _ in _corners(sides))
    if len(sides) == 3:
        return "triangle" if square_corners else "polygon"
    if len(sides) != 4:
        return "polygon"
    pairs = _parallel(sides[0], sides[2]), _parallel(sides[1], sides[3])
    if not all(pairs):
        return "trapezoid" if any(pairs) else "polygon"
    even = _square(sides[0]) == _square(sides[1])
    if square_corners:
        return "square" if even else "rectangle"
    return "diamond" if even else "parallelogram"
