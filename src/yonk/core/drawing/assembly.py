"""Assembly: how a block comes apart along straight seams into units.

A region is a rectangle of the finished block, looked at in its own frame: upright, or turned by 45°
when it stands on point. `take_apart` carries out the rules: a region that is a known unit stays
whole; one that straight seams cross in both directions comes apart into its cells in one go; one
crossed in one direction comes apart into its bands.
"""

from __future__ import annotations

from bisect import bisect_right
from collections import defaultdict
from collections.abc import Callable, Sequence
from dataclasses import dataclass, replace
from fractions import Fraction
from functools import cached_property
from math import gcd
from typing import Generic, NamedTuple, TypeVar

from yonk.core.drawing.faces import Drawing, Ring, Spot, from_least
from yonk.core.paper import ROOT_2, Length, Rational

WhatIsKnown = TypeVar("WhatIsKnown")


class Piece(NamedTuple):
    """A face inside a region: its number in the drawing and its outline in the region's frame, from
    its corner.
    """

    face: int
    ring: Ring
    holes: tuple[Ring, ...] = ()

    @property
    def box(self) -> tuple[int, int, int, int]:
        """Left, top, right, bottom."""
        if self.fills_its_box:
            return *self.ring[0], *self.ring[2]
        down = [y for _, y in self.ring]
        return (
            self.ring[0][0],
            min(down),
            max([x for x, _ in self.ring]),
            max(down),
        )  # a ring begins at its least spot

    @property
    def fills_its_box(self) -> bool:
        """Whether it is a plain square or rectangle along the region's sides."""
        if len(self.ring) != 4 or self.holes:
            return False
        (left, top), (right, level), (edge, bottom), (begin, under) = (
            self.ring
        )  # clockwise from the top left
        return top == level and right == edge and bottom == under and left == begin


@dataclass(frozen=True)
class Region:
    """A rectangle of the block in a frame turned by `turns` × 45°. Sizes are in the frame's
    steps. `together` are the boxes in it that are made as one unit each.
    """

    pieces: tuple[Piece, ...]
    width: int
    height: int
    turns: int = 0
    together: tuple[tuple[int, int, int, int], ...] = ()

    @property
    def on_point(self) -> bool:
        """Whether it stands on point in the block, so that its sides are off the grain."""
        return self.turns % 2 == 1

    @cached_property
    def shape_key(self) -> tuple[object, ...]:
        """Alike for regions divided alike and lying the same way."""
        return self.width, self.height, tuple([(piece.ring, piece.holes) for piece in self.pieces])

    @cached_property
    def upright_cuts(self) -> tuple[int, ...]:
        """Where a straight seam runs from top to bottom."""
        return _cuts([(left, right) for left, _, right, _ in self._unparted])

    @cached_property
    def level_cuts(self) -> tuple[int, ...]:
        """Where a straight seam runs from side to side."""
        return _cuts([(top, bottom) for _, top, _, bottom in self._unparted])

    @cached_property
    def boxes(self) -> list[tuple[int, int, int, int]]:
        """The upright box of each piece."""
        return [piece.box for piece in self.pieces]

    @cached_property
    def _unparted(self) -> list[tuple[int, int, int, int]]:
        """The box of each piece, or of what it is made together with, which no seam parts."""
        if not self.together:
            return self.boxes
        return [
            next((whole for whole in self.together if _holds(whole, box)), box)
            for box in self.boxes
        ]

    @property
    def is_together(self) -> bool:
        """Whether all of it is made as one unit."""
        return (0, 0, self.width, self.height) in self.together

    @cached_property
    def plain(self) -> bool:
        """Whether every piece is a plain square or rectangle along the region's sides."""
        return all(piece.fills_its_box for piece in self.pieces)

    def numbered_anew(self) -> Region:
        """The region upright, with its pieces numbered from nought, whatever faces they are."""
        pieces = tuple(
            [Piece(number, piece.ring, piece.holes) for number, piece in enumerate(self.pieces)]
        )
        same = Region(pieces, self.width, self.height)
        same.__dict__.update(
            boxes=self.boxes, plain=self.plain
        )  # of the same rings; there may be thousands
        return same

    def cells(self) -> tuple[Region, ...]:
        """The rectangles between the straight seams, row by row."""
        across, down = (0, *self.upright_cuts, self.width), (0, *self.level_cuts, self.height)
        members: dict[tuple[int, int], list[Piece]] = defaultdict(list)
        for piece, (left, top, _, _) in zip(self.pieces, self._unparted, strict=True):
            members[bisect_right(down, top) - 1, bisect_right(across, left) - 1].append(piece)
        return tuple(
            self.part(
                members[row, column], across[column], down[row], across[column + 1], down[row + 1]
            )
            for row in range(len(down) - 1)
            for column in range(len(across) - 1)
        )

    def part(self, pieces: Sequence[Piece], left: int, top: int, right: int, bottom: int) -> Region:
        """A rectangle of this region that holds `pieces`, as a region of its own."""
        moved = [
            Piece(
                piece.face,
                _moved(piece.ring, left, top),
                tuple([_moved(hole, left, top) for hole in piece.holes]),
            )
            for piece in pieces
        ]
        if len(moved) > 1:
            moved.sort(key=_ring)
        together = self.together and tuple(
            (x - left, y - top, far - left, low - top)
            for x, y, far, low in self.together
            if _holds((left, top, right, bottom), (x, y, far, low))
        )
        return Region(tuple(moved), right - left, bottom - top, self.turns, together)

    def on_its_point(self, pieces: Sequence[Piece]) -> Region:
        """The square that stands on point inside this square region, in a frame turned by 45°."""
        turned = tuple(
            Piece(piece.face, _quartered(piece.ring), tuple(map(_quartered, piece.holes)))
            for piece in pieces
        )
        half = self.width // 2  # whole: the middles of the sides are corners of pieces
        inner = Region(turned, self.width, self.width, self.turns + 1)
        return inner.part(turned, half, -half, half + self.width, half)

    def in_lowest_terms(self) -> Region:
        """The same region counted in steps as large as can be."""
        common = gcd(
            self.width,
            self.height,
            *(n for p in self.pieces for ring in (p.ring, *p.holes) for spot in ring for n in spot),
        )
        if common == 1:
            return self

        def ring(old: Ring) -> Ring:
            return tuple([(x // common, y // common) for x, y in old])

        pieces = [Piece(p.face, ring(p.ring), tuple(map(ring, p.holes))) for p in self.pieces]
        return Region(tuple(pieces), self.width // common, self.height // common, self.turns)

    def turned(self, quarters: int = 1, *, mirrored: bool = False) -> Region:
        """The same region turned clockwise by so many quarters, none to three; where it is asked
        for `mirrored`, as a mirror shows it first, left for right.
        """
        if not quarters and not mirrored:
            return self
        if self.plain and not mirrored:
            return self._plainly_turned(quarters)
        wide, high = self.width, self.height

        def laid(ring: Ring) -> Ring:
            return from_least(ring_turned(ring, quarters, wide, high, mirrored=mirrored))

        pieces = [
            Piece(
                piece.face,
                laid(piece.ring),
                tuple(sorted(map(laid, piece.holes))) if piece.holes else (),
            )
            for piece in self.pieces
        ]
        pieces.sort(key=_ring)
        sides = (high, wide) if quarters % 2 else (wide, high)
        return Region(tuple(pieces), *sides, self.turns)

    def _plainly_turned(self, quarters: int) -> Region:
        """Turned by its boxes, which tell all of plain pieces; there may be thousands of them."""
        wide, high = self.width, self.height
        boxes = self.boxes
        for _ in range(quarters):
            boxes = [(high - bottom, left, high - top, right) for left, top, right, bottom in boxes]
            wide, high = high, wide
        order = sorted(range(len(boxes)), key=boxes.__getitem__)
        boxes = [boxes[place] for place in order]
        pieces = [
            Piece(
                self.pieces[place].face,
                ((left, top), (right, top), (right, bottom), (left, bottom)),
            )
            for place, (left, top, right, bottom) in zip(order, boxes, strict=True)
        ]
        same = Region(tuple(pieces), wide, high, self.turns)
        same.__dict__.update(boxes=boxes, plain=True)
        return same

    def mirrored(self) -> Region:
        """The same region as a mirror shows it, left for right."""
        return self.turned(0, mirrored=True)

    def length(self, steps: int, scale: Rational) -> Length:
        """A stretch along the frame, in the draft's unit."""
        whole = scale * 2 ** (self.turns // 2)
        doubled = Length(Fraction(steps * whole.denominator, whole.numerator))
        return doubled * ROOT_2 / 2 if self.on_point else doubled


def _holds(outer: tuple[int, int, int, int], inner: tuple[int, int, int, int]) -> bool:
    """Whether a box lies in another."""
    return (
        outer[0] <= inner[0]
        and outer[1] <= inner[1]
        and inner[2] <= outer[2]
        and inner[3] <= outer[3]
    )


@dataclass(frozen=True)
class Whole(Generic[WhatIsKnown]):
    """A region that stays whole, with what it was known as and, in its middle, what is assembled
    before it.
    """

    region: Region
    known: WhatIsKnown
    middle: AssemblyNode[WhatIsKnown] | None = None


@dataclass(frozen=True)
class Cells(Generic[WhatIsKnown]):
    """A region that comes apart into cells, row by row."""

    region: Region
    columns: int
    rows: int
    parts: tuple[AssemblyNode[WhatIsKnown], ...]


@dataclass(frozen=True)
class Cornered(Generic[WhatIsKnown]):
    """A square whose corners, clockwise from the top left, are sewn round what stands on point in
    its middle; each is assembled by itself.
    """

    region: Region
    corners: tuple[Whole[WhatIsKnown], ...]
    middle: AssemblyNode[WhatIsKnown]


AssemblyNode = Whole[WhatIsKnown] | Cells[WhatIsKnown] | Cornered[WhatIsKnown]


def block_region(drawing: Drawing, together: Sequence[tuple[int, int, int, int]] = ()) -> Region:
    """The whole block as a region; of the boxes that are made `together` none lies in another."""
    across, down = drawing.ruling.across[-1], drawing.ruling.down[-1]
    pieces = sorted(
        (Piece(index, face.ring, face.holes) for index, face in enumerate(drawing.faces)), key=_ring
    )
    region = Region(tuple(pieces), int(across * drawing.scale), int(down * drawing.scale))
    if together:
        region = replace(region, together=tuple(together))
    boxes = [drawing.faces[piece.face].box for piece in pieces]
    region.__dict__.update(boxes=boxes)  # known already; there may be thousands
    return region


def take_apart(
    region: Region,
    know: Callable[[Region], tuple[WhatIsKnown, Region | None] | None],
    rest: Callable[[Region], WhatIsKnown],
) -> AssemblyNode[WhatIsKnown]:
    """Take a region apart into what stays whole.

    Args:
        region: what is looked at, in its own frame.
        know: says what a region is, with the region in its middle that is assembled first, or None.
        rest: names what neither is known nor comes apart.

    Returns: the tree of cells; its leaves are the regions that stay whole.

    Source: the rules of reading in `docs/formats.md`.
    """
    whole, inside = region.is_together, bool(region.together) and not region.is_together
    if whole:
        region = replace(region, together=())
    answer = None if inside else know(region)
    if answer:
        known, middle = answer
        return Whole(region, known, take_apart(middle, know, rest) if middle else None)
    if whole:
        return Whole(region, rest(region))
    if not region.upright_cuts and not region.level_cuts:
        found = None if inside else halved_corners(region)
        if found is None:
            return Whole(region, rest(region))
        corners, inner = found
        around = tuple(Whole(corner, rest(corner)) for corner in corners)
        return Cornered(region, around, take_apart(inner, know, rest))
    parts = tuple(take_apart(cell, know, rest) for cell in region.cells())
    return Cells(region, len(region.upright_cuts) + 1, len(region.level_cuts) + 1, parts)


def wholes(node: AssemblyNode[WhatIsKnown]) -> list[Whole[WhatIsKnown]]:
    """All regions that stay whole, in reading order; a middle right after what is around it."""
    if isinstance(node, Cells):
        return [whole for part in node.parts for whole in wholes(part)]
    if isinstance(node, Cornered):
        return [*node.corners, *wholes(node.middle)]
    return [node, *(wholes(node.middle) if node.middle else [])]


def halved_corners(region: Region) -> tuple[tuple[Region, ...], Region] | None:
    """The corners of a square in a square whose corner triangles are halved, one of them at least,
    and what stands on point in its middle; None where the region is none.

    Source: the rules of reading in `docs/formats.md`.
    """
    size, half = region.width, region.width // 2
    if size != region.height or size % 4:  # the halves meet in the middle of a corner's long edge
        return None
    whole = {frozenset(piece.ring): piece for piece in region.pieces if not piece.holes}
    corners: list[Region] = []
    taken: set[int] = set()
    for x, y in ((0, 0), (size, 0), (size, size), (0, size)):
        across, down = (half, y), (x, half)
        middle = (x + half) // 2, (y + half) // 2
        one = whole.get(frozenset(((x, y), across, down)))
        two = [whole.get(frozenset(((x, y), end, middle))) for end in (across, down)]
        pieces = [piece for piece in ([one] if one else two) if piece]
        if not one and len(pieces) < 2:
            return None
        taken.update(piece.face for piece in pieces)
        left, top = min(x, half), min(y, half)
        corners.append(region.part(pieces, left, top, left + half, top + half))
    if all(len(corner.pieces) == 1 for corner in corners):
        return None
    inner = [piece for piece in region.pieces if piece.face not in taken]
    return (tuple(corners), region.on_its_point(inner)) if inner else None


def _ring(piece: Piece) -> Ring:
    return piece.ring


def ring_turned(
    ring: Sequence[Spot], quarters: int, wide: int, high: int, *, mirrored: bool = False
) -> list[Spot]:
    """A ring within a box so wide and high, as it lies where the box is turned clockwise by so many
    quarters, none to three; mirrored before, left for right, where that is asked for.
    """
    if mirrored:
        ring = ring[::-1]  # clockwise again
        if quarters == 0:
            return [(wide - x, y) for x, y in ring]
        if quarters == 1:
            return [(high - y, wide - x) for x, y in ring]
        return [(x, high - y) for x, y in ring] if quarters == 2 else [(y, x) for x, y in ring]
    if quarters == 1:
        return [(high - y, x) for x, y in ring]
    if quarters == 2:
        return [(wide - x, high - y) for x, y in ring]
    return [(y, wide - x) for x, y in ring] if quarters else [*ring]


def _moved(ring: Ring, left: int, top: int) -> Ring:
    return tuple([(x - left, y - top) for x, y in ring]) if left or top else ring


def _quartered(ring: Ring) -> Ring:
    """In the frame turned by 45°, whose steps are 1/√2 as long."""
    return from_least([(x + y, y - x) for x, y in ring])


def _cuts(spans: list[tuple[int, int]]) -> tuple[int, ...]:
    """Where no span lies across."""
    spans.sort()
    cuts, reach = [], spans[0][1]
    for start, end in spans:
        if start >= reach:
            cuts.append(start)
        reach = max(reach, end)
    return tuple(dict.fromkeys(cuts))
