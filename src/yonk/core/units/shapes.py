"""Single patches of any straight-sided shape: by ruler where a ruler can cut them, else by a
template.

A right triangle comes from a square or rectangle cut on the diagonal; a parallelogram, diamond or
trapezoid with 45° ends comes from a strip; any other shape is offset outward by the seam allowance,
its long points cut off.
"""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from fractions import Fraction
from itertools import chain
from math import atan2, cos, pi, sin

import numpy as np
import shapely

from yonk.core.drawing import Piece, Ring, from_least, lengths, ring_turned
from yonk.core.paper import MOST_INT64, ROOT_2, Array, Length, Polygon, Rational, message
from yonk.core.units.angled import SideVector, angled_cut
from yonk.core.units.form import TemplateForm
from yonk.core.units.half_rectangle_triangle import right_triangle
from yonk.core.units.needs import Cloth, Hand, Need, Rotary, Terms, isosceles, rectangle_need

POINTS_CUT_OFF_AT = (
    2.0  # seam allowances from the corner of the finished patch, measured along its bisector
)
_FINEST = 10**9  # an outline is told to so fine a part of a unit


def cut_patches(
    patches: Sequence[tuple[Cloth, Piece]], turns: int, scale: Rational, terms: Terms, pieces: int
) -> list[Need]:
    """What to cut for each of some patches; their outlines are on a frame turned by `turns` × 45°
    with `scale` steps to the unit.
    """
    by_ruler = [_by_ruler(cloth, piece, turns, scale, terms, pieces) for cloth, piece in patches]
    others = [piece for need, (_, piece) in zip(by_ruler, patches, strict=True) if need is None]
    if not others:
        return [need for need in by_ruler if need]
    cut_lines = _outlines(others, turns, scale, terms)
    forms = _forms(others, turns, scale)
    return [
        need or _template(cloth, piece, *next(cut_lines), next(forms), turns, scale, terms, pieces)
        for need, (cloth, piece) in zip(by_ruler, patches, strict=True)
    ]


def _by_ruler(
    cloth: Cloth, piece: Piece, turns: int, scale: Rational, terms: Terms, pieces: int
) -> Need | None:
    """What a ruler cuts: right triangles, squares and rectangles; None for any other shape."""
    if piece.holes or len(piece.ring) > 4:
        return None
    sides = _sides(piece.ring)
    if len(sides) == 3:
        corner = next((i for i in range(3) if _dot(sides[i - 1], sides[i]) == 0), None)
        if corner is not None:
            return _right_triangle(
                cloth, sides[corner], sides[corner - 1], turns, scale, terms, pieces
            )
    if len(sides) == 4 and all(_dot(sides[i - 1], sides[i]) == 0 for i in range(4)):
        width, height = (_length(side, turns, scale) for side in sides[:2])
        return rectangle_need(cloth, width, height, terms, pieces)
    return None


def _sides(ring: Ring) -> list[SideVector]:
    return [
        (bx - ax, by - ay) for (ax, ay), (bx, by) in zip(ring, ring[1:] + ring[:1], strict=True)
    ]


def _dot(a: SideVector, b: SideVector) -> int:
    return a[0] * b[0] + a[1] * b[1]


def _cross(a: SideVector, b: SideVector) -> int:
    return a[0] * b[1] - a[1] * b[0]


def _length(side: SideVector, turns: int, scale: Rational) -> Length:
    plain = lengths(_dot(side, side), scale * 2 ** (turns // 2))
    return plain * ROOT_2 / 2 if turns % 2 else plain


def _right_triangle(
    cloth: Cloth,
    leaving: SideVector,
    arriving: SideVector,
    turns: int,
    scale: Rational,
    terms: Terms,
    pieces: int,
) -> Need:
    """A right triangle; the legs leave and arrive at its right angle, clockwise as seen."""
    first, second = _length(leaving, turns, scale), _length(arriving, turns, scale)
    if first == second:
        along_frame, diagonal = 0 in leaving, abs(leaving[0]) == abs(leaving[1])
        long_edge_on_grain = along_frame if turns % 2 else diagonal
        return isosceles(
            cloth, first, terms, pieces, legs_on_grain=not long_edge_on_grain, trim_times=0
        )
    hand: Hand = "right" if second < first else "left"
    return right_triangle(cloth, (first, second), terms, pieces, hand, Fraction(0))


def _template(
    cloth: Cloth,
    piece: Piece,
    outline: Polygon,
    size: tuple[Length, Length],
    form: TemplateForm,
    turns: int,
    scale: Rational,
    terms: Terms,
    pieces: int,
) -> Need:
    sides = _sides(piece.ring)
    rotary = None
    if not piece.holes and len(sides) <= 4:
        step = 1 / (float(scale) * 2 ** (turns / 2))
        rotary = angled_cut(sides, step, _bases(sides, turns), terms)
        if rotary is None and len(sides) == 4:
            rotary = _rotary(sides, turns, scale, terms)
    said = rotary.words if rotary else message("work-template")
    return Need(
        fabric=cloth.fabric,
        letter=cloth.letter,
        role=cloth.role,
        shape="template",
        width=size[0],
        height=size[1],
        rounding="up",
        pieces=pieces,
        working=(said,),
        outline=outline,
        rotary=rotary,
        form=form,
        seam=terms.seam,
        on_point=turns % 2 == 1,
    )


def _forms(pieces: Sequence[Piece], turns: int, scale: Rational) -> Iterator[TemplateForm]:
    """The finished outline and the holes of each piece, exactly, alike for pieces that are quarter
    turns of each other: those of the turn in which they are least.
    """
    steps = scale * 2 ** (turns // 2)
    for piece, (left, top, wide, high), begins in zip(pieces, *_begins(pieces), strict=True):
        own = [[(x - left, y - top) for x, y in ring] for ring in (piece.ring, *piece.holes)]
        least, ways = min(begins), []
        for turn, begin in enumerate(begins):
            if begin == least:
                rings = [from_least(ring_turned(ring, turn, wide, high)) for ring in own]
                ways.append((rings[0], *sorted(rings[1:])))
        yield TemplateForm.of(min(ways), steps)


def _begins(pieces: Sequence[Piece]) -> tuple[list[list[int]], list[list[int]]]:
    """Of each piece its box, as left, top, width and height; and how high its outline begins on its
    left side in each of the four turns, which mostly tells the least of them without a look at the
    others.
    """
    counts = [len(piece.ring) for piece in pieces]
    starts, of = np.cumsum([0, *counts[:-1]]), np.repeat(np.arange(len(pieces)), counts)
    x, y = _spots(pieces).T
    left, top = np.minimum.reduceat(x, starts), np.minimum.reduceat(y, starts)
    right, bottom = np.maximum.reduceat(x, starts), np.maximum.reduceat(y, starts)

    def least(along: Array, side: Array) -> Array:
        """Of the corners on a side the least distance along it."""
        return np.minimum.reduceat(np.where(side == 0, along, wide[of] + high[of]), starts)

    wide, high = right - left, bottom - top
    on_left, on_top, on_right, on_bottom = x - left[of], y - top[of], right[of] - x, bottom[of] - y
    begins = (
        least(on_top, on_left),
        least(on_left, on_bottom),
        least(on_bottom, on_right),
        least(on_right, on_top),
    )
    return np.stack((left, top, wide, high), axis=1).tolist(), np.stack(begins, axis=1).tolist()


def _spots(pieces: Sequence[Piece]) -> Array:
    """The corners of all outlines, one after the other, by 64 bits where their sums fit."""
    numbers = [*chain.from_iterable(chain.from_iterable(piece.ring for piece in pieces))]
    kind = np.int64 if max(numbers) < MOST_INT64 else object
    return np.array(numbers, dtype=kind).reshape(-1, 2)


def _outlines(
    pieces: Sequence[Piece], turns: int, scale: Rational, terms: Terms
) -> Iterator[tuple[Polygon, tuple[Length, Length]]]:
    """The cut line of each piece as it lies in the block, from the corner of its upright box, and
    the longer and the shorter side of that, in the draft's unit. All at once, since there may be
    thousands.
    """
    angle, shrink = turns * pi / 4, 1 / (float(scale) * 2 ** (turns / 2))
    of_piece = np.repeat(np.arange(len(pieces)), [len(piece.ring) for piece in pieces])
    spots = _spots(pieces).astype(float)
    turned = np.array([[cos(angle), sin(angle)], [-sin(angle), cos(angle)]])
    rings = shapely.linearrings(spots @ turned * shrink, indices=of_piece)
    grown = shapely.buffer(
        shapely.polygons(rings),
        float(terms.seam),
        join_style="mitre",
        mitre_limit=POINTS_CUT_OFF_AT,
    )
    corners = shapely.bounds(grown)[:, :2]
    lines, of_line = shapely.get_coordinates(shapely.get_exterior_ring(grown), return_index=True)
    told = np.round(lines - corners[of_line], 9) + 0.0  # no nought with a minus
    starts = np.searchsorted(of_line, np.arange(len(pieces) + 1))
    every = list(map(tuple, told.tolist()))
    spans = np.sort(np.maximum.reduceat(told, starts[:-1]), axis=1)[:, ::-1]
    # a corner on a mark of the ruler stays on it
    sizes = (np.rint(spans * _FINEST).astype(np.int64) - 1).tolist()
    for start, end, (longer, shorter) in zip(starts, starts[1:], sizes, strict=False):
        size = Length(Fraction(longer, _FINEST)), Length(Fraction(shorter, _FINEST))
        yield tuple(every[start : end - 1]), size


def _parallels(sides: Sequence[SideVector]) -> list[int]:
    """Of a four-sided shape: the numbers of the sides that have a parallel opposite."""
    return [i for i in (0, 1) if _cross(sides[i], sides[i + 2]) == 0]


def _corner_at_45(a: SideVector, b: SideVector) -> bool:
    return abs(_dot(a, b)) == abs(_cross(a, b))


def _apart(side: SideVector, next_side: SideVector, turns: int, scale: Rational) -> Length:
    """How far a parallel side lies from this one, reached along the next side, which meets it at
    45°.
    """
    return _length(next_side, turns, scale) * ROOT_2 / 2


def _on_grain(side: SideVector, turns: int) -> bool:
    angle = round(atan2(side[1], side[0]) / (pi / 4), 9) + turns
    return angle % 2 == 0


def _bases(sides: Sequence[SideVector], turns: int) -> list[int]:
    """The sides that may lie along a strip, those on the grain first: of a triangle any, else those
    that are parallel to another, the longer of the two.
    """
    if len(sides) == 3:
        bases = [0, 1, 2]
    else:
        bases = [
            max((i, i + 2), key=lambda number: _dot(sides[number], sides[number]))
            for i in _parallels(sides)
        ]
    return sorted(bases, key=lambda number: not _on_grain(sides[number], turns))


def _rotary(
    sides: Sequence[SideVector], turns: int, scale: Rational, terms: Terms
) -> Rotary | None:
    """How a ruler cuts a parallelogram, diamond or trapezoid with 45° ends, or None."""
    parallels = sorted(_parallels(sides), key=lambda i: not _on_grain(sides[i], turns))
    if not parallels:
        return None
    base = parallels[0]
    slants = [sides[base - 1], sides[base + 1]]
    slanted = [side for side in slants if _corner_at_45(sides[base], side)]
    if not slanted or any(side not in slanted and _dot(sides[base], side) for side in slants):
        return None
    strip = (_apart(sides[base], slanted[0], turns, scale) + terms.both_seams).nearest(terms.step)
    if len(parallels) == 2:
        every = (_length(sides[base], turns, scale) * ROOT_2 / 2 + terms.both_seams).nearest(
            terms.step
        )
        said = message("rotary-both-parallel", strip=terms.show(strip), every=terms.show(every))
        return Rotary(strip, every, said)
    longest = max(_length(sides[base], turns, scale), _length(sides[base + 2], turns, scale))
    ends = len(slanted) * (1 + ROOT_2) + (2 - len(slanted))
    every = (longest + terms.seam * ends).nearest(terms.step)
    said = message(
        "rotary-ends",
        strip=terms.show(strip),
        ends="both" if len(slanted) == 2 else "one",
        every=terms.show(every),
    )
    return Rotary(strip, every, said)
