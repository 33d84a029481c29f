"""The top as one planar drawing: every patch of every block and every piece of the setting as a
face on one lattice, which the rooms of joining and pressing take as they take a block's.

An on-point top is drawn with its diagonal rows lying level, its edges on the slant; so everything
stays rational. Borders, and what floats beyond the points, are not in it.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable, Iterator, Mapping, Sequence
from dataclasses import dataclass, replace
from fractions import Fraction
from functools import cache, cached_property
from itertools import chain, pairwise
from math import lcm
from typing import Literal

from yonk.core.drawing import Face
from yonk.core.paper import DraftError, Point, message
from yonk.core.planning import Reading, read
from yonk.core.setting.places import (
    diagonal_rows,
    half_block_of,
    module_of,
    places_of,
    rows_of,
)
from yonk.core.setting.quilt import Placed, Quilt, RowColumn

PointRing = tuple[Point, ...]
Steps = tuple[tuple[int, int], ...]
What = Literal[
    "block",
    "frame",
    "alternate",
    "half-block",
    "sash-in-row",
    "sash-between",
    "cornerstone",
    "side-triangle",
    "corner-triangle",
]


@dataclass(frozen=True)
class DrawnPart:
    """A part of the top: what it is, where, which faces are its own; of a block which it is, and
    which of its patches the faces are.

    `at` is down and along the rows of cells: of a strip or a corner the cell that it lies before;
    on point the rows are the diagonal ones.
    """

    what: What
    at: RowColumn
    faces: range
    placed: Placed | None = None
    patches: tuple[int, ...] = ()


@dataclass(frozen=True)
class Grid:
    """The cells of a setting as its rows lie: which hold a place, and which."""

    cells: Mapping[RowColumn, RowColumn]

    def beside(self, cell: RowColumn) -> list[RowColumn]:
        """The steps from a cell to the cells beside it that hold a place."""
        down, along = cell
        steps = ((-1, 0), (0, 1), (1, 0), (0, -1))
        return [(i, j) for i, j in steps if (down + i, along + j) in self.cells]

    @cached_property
    def ends(self) -> list[RowColumn]:
        """The first and the last cell of each row: nothing reaches further."""
        first: dict[int, int] = {}
        last: dict[int, int] = {}
        for down, along in self.cells:
            first[down] = min(first.get(down, along), along)
            last[down] = max(last.get(down, along), along)
        return [*first.items(), *last.items()]

    @cached_property
    def last_row(self) -> int:
        """The lowest of its rows."""
        return max(down for down, _ in self.cells)

    @cached_property
    def edge(self) -> list[RowColumn]:
        """The empty cells beside those that hold a place, row by row."""
        near = {
            (a + i, b + j) for a, b in self.cells for i, j in ((-1, 0), (0, 1), (1, 0), (0, -1))
        }
        return sorted(near - {*self.cells})


@dataclass(frozen=True)
class DrawnTop:
    """The top on one lattice: `scale` steps to the unit; the fabric of each face; what is read of
    each block.
    """

    grid: Grid
    scale: int
    faces: tuple[Face, ...]
    fabrics: tuple[str, ...]
    parts: tuple[DrawnPart, ...]
    readings: Mapping[str, Reading]

    def of(self, *kinds: What) -> dict[RowColumn, list[int]]:
        """The parts of some kinds by where they are: the numbers of those at each."""
        found: dict[RowColumn, list[int]] = {}
        for number in sorted(n for kind in kinds for n in self._of_kind.get(kind, ())):
            found.setdefault(self.parts[number].at, []).append(number)
        return found

    def in_row(self, kind: What, row: int) -> Sequence[int]:
        """The parts of a kind in a row of cells."""
        return self._in_row.get((kind, row), ())

    @cached_property
    def _of_kind(self) -> Mapping[What, list[int]]:
        found: dict[What, list[int]] = {}
        for number, one in enumerate(self.parts):
            found.setdefault(one.what, []).append(number)
        return found

    @cached_property
    def _in_row(self) -> Mapping[tuple[What, int], list[int]]:
        found: dict[tuple[What, int], list[int]] = {}
        for number, one in enumerate(self.parts):
            found.setdefault((one.what, one.at[0]), []).append(number)
        return found

    @cached_property
    def part_of(self) -> list[int]:
        """The part of each face."""
        return [number for number, one in enumerate(self.parts) for _ in one.faces]


def grid_of(quilt: Quilt) -> Grid:
    """The cells of a quilt's setting, with the row and column of the place in each."""
    setting = quilt.setting
    if setting.kind == "straight":
        return Grid({(one.row, one.column): (one.row, one.column) for one in places_of(setting)})
    found = {}
    for place in places_of(setting):
        across = 2 * place.column + place.row % 2  # in half diagonals
        cell = (across + place.row) // 2, (across - place.row) // 2
        found[cell] = place.row, place.column
    return Grid(found)


def draw_top(quilt: Quilt) -> DrawnTop:
    """The top of a quilt as one drawing.

    Raises: `DraftError` naming what does not fit.
    """
    return Pen(quilt).drawn()


def on_a_lattice(rings: Sequence[PointRing]) -> tuple[int, list[Steps]]:
    """Outlines on one lattice: how many of its steps make a unit, and the outlines in steps."""
    scale = scale_for(spot for ring in rings for spot in ring)
    return scale, [in_steps(ring, scale) for ring in rings]


def scale_for(spots: Iterable[Point]) -> int:
    """Of how many steps a unit must be for all of some spots to lie on the lattice."""
    return lcm(*{part.denominator for spot in spots for part in spot})


def in_steps(ring: PointRing, scale: int) -> Steps:
    """An outline in steps, so many to the unit."""
    return tuple([(int(x * scale), int(y * scale)) for x, y in ring])


def check_halves(quilt: Quilt) -> None:
    """Raises `DraftError` where half blocks are to be pieced and the block has no seam for it."""
    edge = quilt.setting.edge
    if edge and edge.pieced:
        pen = Pen(quilt)
        for cell in pen.half_cells:
            pen.half_at(cell)


@dataclass(frozen=True)
class DrawnShape:
    """An outline in the quilt's unit, its fabric, its holes; which patch of its block it is."""

    ring: PointRing
    fabric: str
    holes: tuple[PointRing, ...] = ()
    patch: int = 0

    @property
    def rings(self) -> tuple[PointRing, ...]:
        """Its outline and its holes."""
        return (self.ring, *self.holes)


@dataclass(frozen=True)
class PlacedPiece:
    """A rectangle of the setting before the edges of the top cut it: what it is, its cell, how far
    from the cell's corner it begins, how wide and high it lies, its fabric. On point the drawing
    lies on its side, so a width is neither level nor upright.
    """

    what: What
    at: RowColumn
    begins: Point
    width: Fraction
    height: Fraction
    fabric: str


Told = tuple[What, RowColumn, Iterable[DrawnShape], Placed | None]


class _OnLattice:
    """The faces of a top as they are found, in steps of its lattice."""

    def __init__(self) -> None:
        self.faces: list[Face] = []
        self.fabrics: list[str] = []
        self.parts: list[DrawnPart] = []

    def add(
        self,
        what: What,
        at: RowColumn,
        shapes: Sequence[DrawnShape],
        rings: Sequence[Sequence[Steps]],
        placed: Placed | None,
    ) -> None:
        """A part, with the outline and the holes of each of its shapes."""
        first = len(self.faces)
        self.faces += [Face(ring, tuple(holes)) for ring, *holes in rings]
        self.fabrics += [one.fabric for one in shapes]
        patches = tuple([one.patch for one in shapes]) if placed else ()
        self.parts.append(DrawnPart(what, at, range(first, len(self.faces)), placed, patches))


def _moved(ring: Steps, x: int, y: int) -> Steps:
    return tuple([(a + x, b + y) for a, b in ring])


class Pen:
    """Draws the parts of a top, each where it lies."""

    def __init__(self, quilt: Quilt) -> None:
        self.quilt, self.setting = quilt, quilt.setting
        self.module, self.grid = module_of(quilt), grid_of(quilt)
        self.on_point = quilt.setting.kind == "on-point"
        sashing = quilt.setting.sashing
        self.wide = sashing.width if sashing else Fraction(0)
        self.outer = bool(sashing and sashing.outer)
        self.placed = {(one.row, one.column): one.placed for one in places_of(self.setting)}
        used = {one.block for one in self.placed.values() if one}
        self.half = half_block_of(self.setting)
        if self.half:
            used.add(self.half.block)
        self.used = sorted(used)
        self.unit, self.frame = cache(self._unit), cache(self._frame)  # alike ones once

    @cached_property
    def readings(self) -> Mapping[str, Reading]:
        """What is read of each block that is used."""
        return {key: read(self.quilt.by_key[key].as_sewn) for key in self.used}

    def drawn(self) -> DrawnTop:
        """Everything on one lattice, blocks first; of blocks that lie alike one is worked out, and
        moved to the place of each.
        """
        blocks = [
            (cell, placed)
            for cell, at in sorted(self.grid.cells.items())
            if (placed := self.placed[at])
        ]
        alike = {placed: self.turned(placed) for placed in {one for _, one in blocks}}
        corners = {cell: self.corner(cell) for cell, _ in blocks}
        others = [(what, at, list(shapes), placed) for what, at, shapes, placed in self._others()]
        seen = (one for some in (*alike.values(), *(other[2] for other in others)) for one in some)
        spots = (spot for one in seen for ring in one.rings for spot in ring)
        scale = scale_for(chain(spots, corners.values()))
        top = _OnLattice()
        steps = {
            placed: [[in_steps(ring, scale) for ring in one.rings] for one in shapes]
            for placed, shapes in alike.items()
        }
        for cell, placed in blocks:
            ((x, y),) = in_steps((corners[cell],), scale)
            rings = [[_moved(ring, x, y) for ring in patch] for patch in steps[placed]]
            top.add("block", cell, alike[placed], rings, placed)
        for what, at, shapes, half in others:
            rings = [[in_steps(ring, scale) for ring in one.rings] for one in shapes]
            top.add(what, at, shapes, rings, half)
        faces, fabrics, parts = tuple(top.faces), tuple(top.fabrics), tuple(top.parts)
        return DrawnTop(self.grid, scale, faces, fabrics, parts, self.readings)

    def _others(self) -> Iterator[Told]:
        """Everything but the blocks."""
        yield from self._cloth_parts()
        if self.on_point:
            yield from self._edge()

    def cloths(self) -> Iterator[tuple[What, DrawnShape]]:
        """Every piece of the setting but what fills its edge."""
        for what, _, shapes, _ in self._cloth_parts():
            for shape in shapes:
                yield what, shape

    def _cloth_parts(self) -> Iterator[Told]:
        for one in self.pieces():
            if shapes := self._inside(self._outline(one), one.fabric):
                yield one.what, one.at, shapes, None

    def _outline(self, piece: PlacedPiece) -> PointRing:
        (x, y), (i, j) = self.corner(piece.at), piece.begins
        return _box((x + i, y + j), piece.width, piece.height)

    def pieces(self) -> Iterator[PlacedPiece]:
        """Every rectangle that is sewn in whole, perhaps to be cut off at the edge of the top:
        plain squares, frames, those of half blocks too, sashing and what lies where it crosses.
        """
        module, zero = self.module, Fraction(0)
        plain = self.setting.alternate.fabric if self.setting.alternate else ""
        for cell, at in sorted(self.grid.cells.items()):
            placed = self.placed[at]
            if placed is None:
                yield PlacedPiece(
                    "alternate", cell, (zero, zero), module.width, module.height, plain
                )
            else:
                yield from self._framed(cell, placed)
        yield from self._frames_of_halves()
        if self.setting.sashing:
            yield from self._in_rows(self.setting.sashing.fabric)
            yield from self._between(self.setting.sashing.fabric)
            yield from self._crossings(self.setting.sashing.cornerstones)

    def _framed(self, cell: RowColumn, placed: Placed) -> Iterator[PlacedPiece]:
        """The frame of a block as it lies, the same upside down and in a mirror."""
        sideways = (placed.turns + self.on_point) % 2
        for (x, y), wide, high in self.frame(placed.block):
            if sideways:
                x, y, wide, high = y, x, high, wide
            yield PlacedPiece("frame", cell, (x, y), wide, high, self.setting.frame)

    def _frames_of_halves(self) -> Iterator[PlacedPiece]:
        """Of one that is cut from a whole block the whole frame; one that is pieced has a strip
        along each of the two sides that meet inside, to the edge of the top.
        """
        edge = self.setting.edge
        for cell in self.half_cells:
            half = self.half_at(cell)
            if not edge or not edge.pieced:
                yield from self._framed(cell, half)
                continue
            around, side = self._round(half.block)[0], self.module.width
            if around:
                right, below = self._inner_corner(cell)
                zero, far = Fraction(0), side - around
                first = zero, far if below else zero
                then = far if right else zero, zero if below else around
                fabric = self.setting.frame
                yield PlacedPiece("frame", cell, first, side, around, fabric)
                yield PlacedPiece("frame", cell, then, around, far, fabric)

    def _inner_corner(self, cell: RowColumn) -> tuple[bool, bool]:
        """Which corner of a cell at the edge lies inside the top: whether the right one, and
        whether a lower one.
        """
        near = self.grid.beside(cell)
        return (0, 1) in near, (1, 0) in near

    def _plain(self, corner: Point) -> DrawnShape:
        fabric = self.setting.alternate.fabric if self.setting.alternate else ""
        return DrawnShape(_box(corner, self.module.width, self.module.height), fabric)

    def seen_at(self, placed: Placed | None, cell: RowColumn) -> list[DrawnShape]:
        """What is seen of a block, or of a plain square, laid at a cell."""
        corner = self.corner(cell)
        if placed is None:
            return [self._plain(corner)]
        return list(self._laid(self.unit(placed.block), placed, corner))

    def turned(self, placed: Placed) -> list[DrawnShape]:
        """The patches of a block as it is turned, from the corner of its place."""
        return list(self._laid(self.unit(placed.block), placed, (Fraction(0), Fraction(0))))

    def corner(self, cell: RowColumn) -> Point:
        """The top left corner of a cell."""
        down, along = cell
        pitch = self.module.width + self.wide, self.module.height + self.wide
        return along * pitch[0], down * pitch[1]

    def _unit(self, key: str) -> list[DrawnShape]:
        """The patches of a block in the middle of its place."""
        beside, above = self._round(key)
        reading = self.readings.get(key) or read(self.quilt.by_key[key].as_sewn)
        scale = Fraction(reading.drawing.scale)

        def there(ring: Iterable[tuple[int, int]]) -> PointRing:
            return tuple((x / scale + beside, y / scale + above) for x, y in ring)

        return [
            DrawnShape(there(face.ring), name, tuple(map(there, face.holes)), number)
            for number, (face, name) in enumerate(
                zip(reading.drawing.faces, reading.fabrics, strict=True)
            )
        ]

    def _round(self, key: str) -> Point:
        """How far a block lies from the sides of its place, and from above and below."""
        draft = self.quilt.by_key[key].draft
        return (self.module.width - draft.width) / 2, (self.module.height - draft.height) / 2

    def _frame(self, key: str) -> list[tuple[Point, Fraction, Fraction]]:
        """Each piece of a block's frame as they are sewn on, its sides, then above and below: where
        it begins, how wide and high it is.
        """
        (beside, above), zero = self._round(key), Fraction(0)
        wide, high = self.module.width, self.module.height
        sides = [((x, above), beside, high - 2 * above) for x in (zero, wide - beside)]
        ends = [((zero, y), wide, above) for y in (zero, high - above)]
        return [*(sides if beside else []), *(ends if above else [])]

    def _laid(
        self, shapes: Sequence[DrawnShape], placed: Placed, corner: Point
    ) -> Iterator[DrawnShape]:
        """Shapes of a place as it is turned, perhaps mirrored. The diagonal rows lie level, so what
        stands on point is turned once more.
        """
        turns = (placed.turns + self.on_point) % 4
        wide, high = self.module.width, self.module.height

        def there(ring: PointRing) -> PointRing:
            spots = [(wide - x, y) for x, y in reversed(ring)] if placed.mirrored else list(ring)
            w, h = wide, high
            for _ in range(turns):
                spots, (w, h) = [(h - y, x) for x, y in spots], (h, w)
            return tuple((x + corner[0], y + corner[1]) for x, y in spots)

        for one in shapes:
            yield replace(one, ring=there(one.ring), holes=tuple(map(there, one.holes)))

    def _in_rows(self, fabric: str) -> Iterator[PlacedPiece]:
        """Strips before and between the blocks of a row, and after the last."""
        cells, begins = self.grid.cells, (-self.wide, Fraction(0))
        for down, along in sorted({c for a, b in cells for c in ((a, b), (a, b + 1))}):
            both = ((down, along) in cells) + ((down, along - 1) in cells)
            if both == 2 or self.outer:
                at, high = (down, along), self.module.height
                yield PlacedPiece("sash-in-row", at, begins, self.wide, high, fabric)

    def _between(self, fabric: str) -> Iterator[PlacedPiece]:
        """Strips above the rows and below the last: in block lengths where there are cornerstones,
        else whole.
        """
        sashing, zero = self.setting.sashing, Fraction(0)
        assert sashing is not None
        for down, line in self._lines():
            if sashing.cornerstones:
                for along in line:
                    at, begins, wide = (down, along), (zero, -self.wide), self.module.width
                    yield PlacedPiece("sash-between", at, begins, wide, self.wide, fabric)
                continue
            more = self.wide if self.outer else zero
            length = len(line) * (self.module.width + self.wide) - self.wide + 2 * more
            at, begins = (down, line[0]), (-more, -self.wide)
            yield PlacedPiece("sash-between", at, begins, length, self.wide, fabric)

    def _lines(self) -> Iterator[tuple[int, range]]:
        """The strips above each row and below the last: over which cells they go. Without a ring
        they lie between two blocks only; with it, on to the longer row's end.
        """
        rows = self._rows()
        if self.outer:
            yield 0, rows[0]
        for number, (one, other) in enumerate(pairwise(rows), start=1):
            if self.outer:
                yield number, range(min(one.start, other.start), max(one.stop, other.stop))
            else:
                yield number, range(max(one.start, other.start), min(one.stop, other.stop))
        if self.outer:
            yield len(rows), rows[-1]

    def _rows(self) -> list[range]:
        if self.on_point:
            return diagonal_rows(self.setting)
        return [range(self.setting.columns)] * self.setting.rows

    def _crossings(self, stones: str) -> Iterator[PlacedPiece]:
        """Squares where strips cross. On point without an outer ring a setting triangle reaches
        into a crossing that it lies at.
        """
        cells, begins = self.grid.cells, (-self.wide, -self.wide)
        if not stones:
            return
        for spot in sorted({(a + i, b + j) for a, b in cells for i in (0, 1) for j in (0, 1)}):
            near = [(spot[0] - i, spot[1] - j) for i in (0, 1) for j in (0, 1)]
            if self.outer or all(one in cells for one in near):
                yield PlacedPiece("cornerstone", spot, begins, self.wide, self.wide, stones)

    def _edge(self) -> Iterator[Told]:
        """What fills the sides and corners of an on-point top."""
        fabric = self.setting.edge.fabric if self.setting.edge else ""
        reach = Fraction(0) if self.outer else self.wide  # over the end of a strip
        for cell in self.grid.edge:
            near, (x, y) = self.grid.beside(cell), self.corner(cell)
            left, right = ((0, step) in near for step in (-1, 1))
            up, down = ((step, 0) in near for step in (-1, 1))
            box = _box(
                (x - reach * left, y - reach * up),
                self.module.width + reach * (left + right),
                self.module.height + reach * (up + down),
            )
            if len(near) == 1:
                yield "corner-triangle", cell, self._inside(box, fabric), None
            elif cell in self.half_cells:
                half = self.half_at(cell)
                yield "half-block", cell, self._all_inside(self.seen_at(half, cell)), half
            else:
                yield "side-triangle", cell, self._inside(box, fabric), None

    @cached_property
    def half_cells(self) -> Sequence[RowColumn]:
        """The cells that half blocks lie at, row by row; none where the setting has none."""
        if not self.half:
            return ()
        sides = [cell for cell in self.grid.edge if len(self.grid.beside(cell)) > 1]
        return [cell for cell in sides if self._has_half(cell)]

    @cached_property
    def side_cells(self) -> Sequence[RowColumn]:
        """The cells that side triangles lie at."""
        if not self.on_point:
            return ()
        sides = [cell for cell in self.grid.edge if len(self.grid.beside(cell)) > 1]
        return sorted({*sides} - {*self.half_cells})

    def is_slanted(self, piece: PlacedPiece) -> bool:
        """Whether the edge of the top cuts off an end of a piece that is sewn on before, as of the
        frame of a half block that is pieced: its end is aslant.
        """
        edge = self.setting.edge
        pieced = edge is not None and edge.pieced
        return pieced and piece.what == "frame" and piece.at not in self.grid.cells

    def _has_half(self, cell: RowColumn) -> bool:
        """Whether the edge has half blocks at a cell: above and below, or at the left and right."""
        edge, (down, along) = self.setting.edge, cell
        where = edge.halves_at if edge else "all"
        is_end = not 0 <= down - along < rows_of(self.setting)  # its row among the places
        return where == "all" or (where == "ends") == is_end

    def half_at(self, cell: RowColumn) -> Placed:
        """The half block at a cell of the edge, as it is turned: one that is pieced so that its
        diagonal seam lies at the edge.

        Raises: `DraftError` where it has none.
        """
        half, edge = self.half, self.setting.edge
        assert half is not None
        if not edge or not edge.pieced:
            return half
        for turns in range(4):
            turned = replace(half, turns=(half.turns + turns) % 4)
            if not any(self._cut_through(one.ring) for one in self.seen_at(turned, cell)):
                return turned
        raise DraftError(
            "setting.edge.pieced",
            message("no-seam-along-the-diagonal"),
        )

    @cached_property
    def pieced_halves(self) -> Mapping[tuple[str, frozenset[int]], int]:
        """Half blocks that are pieced as drafted: the block of each with the patches that it has,
        and how many are alike.
        """
        edge = self.setting.edge
        found: Counter[tuple[str, frozenset[int]]] = Counter()
        for cell in self.half_cells if edge and edge.pieced else []:
            half = self.half_at(cell)
            inside = self._all_inside(self.seen_at(half, cell))
            found[half.block, frozenset(one.patch for one in inside)] += 1
        return found

    @cached_property
    def cut_halves(self) -> Mapping[str, int]:
        """Half blocks that are cut from a whole block each, by the block."""
        edge = self.setting.edge
        whole = self.half_cells if edge and not edge.pieced else []
        return Counter(self.half_at(cell).block for cell in whole)

    def _cut_through(self, ring: PointRing) -> bool:
        """Whether the edge of the top cuts through a patch."""
        beyond = [max(i * x + j * y - most for i, j, most in self._limits) for x, y in ring]
        return max(beyond) > 0 > min(beyond)

    def _inside(self, ring: PointRing, fabric: str) -> list[DrawnShape]:
        return self._all_inside([DrawnShape(ring, fabric)])

    def _all_inside(self, shapes: Iterable[DrawnShape]) -> list[DrawnShape]:
        """What of some shapes lies inside the top's edges."""
        if not self.on_point:
            return list(shapes)
        kept = []
        for one in shapes:
            ring = one.ring
            for sign in self._limits:
                ring = _cut_off(ring, *sign)
            if ring:
                kept.append(replace(one, ring=ring))
        return kept

    @cached_property
    def _limits(self) -> list[tuple[int, int, Fraction]]:
        """The edges of an on-point top: x and y, each with its sign, add up to no more. They
        run through the outermost points of the blocks; with a ring, through the middle of its
        cornerstones.
        """
        more = self.wide if self.outer else Fraction(0)
        wide, high = self.module.width, self.module.height
        found = []
        for i, j in ((1, 1), (1, -1), (-1, 1), (-1, -1)):
            reach = max(
                i * (x + (wide if i > 0 else 0)) + j * (y + (high if j > 0 else 0))
                for x, y in map(self.corner, self.grid.ends)
            )
            found.append((i, j, reach + more))
        return found


def _box(corner: Point, width: Fraction, height: Fraction) -> PointRing:
    x, y = corner
    return (x, y), (x + width, y), (x + width, y + height), (x, y + height)


def _cut_off(ring: PointRing, i: int, j: int, most: Fraction) -> PointRing:
    """What of an outline lies where `i·x + j·y` is no more than `most`."""
    kept: list[Point] = []
    beyond = [i * x + j * y - most for x, y in ring]
    for at, spot in enumerate(ring):
        before, here = beyond[at - 1], beyond[at]
        if before * here < 0:
            share = before / (before - here)
            (ax, ay), (bx, by) = ring[at - 1], spot
            kept.append((ax + (bx - ax) * share, ay + (by - ay) * share))
        if here <= 0:
            kept.append(spot)
    return tuple(dict.fromkeys(kept)) if len({*kept}) > 2 else ()
