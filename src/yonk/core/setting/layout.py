"""Where everything of a quilt lies, to be drawn and looked at: blocks as they are turned, and the
cloth between and around them.

Places are in the quilt's unit from the top left corner of the finished quilt.
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass
from math import cos, radians, sin, sqrt

from yonk.core.setting.borders import Repeat, finished_of, repeats_of
from yonk.core.setting.cuts import diagonal_rows
from yonk.core.setting.drawn import Pen
from yonk.core.setting.places import Module, module_of, places_of, top_of
from yonk.core.setting.quilt import Border, Placed, Quilt

Spot = tuple[float, float]


@dataclass(frozen=True)
class LaidBlock:
    """A place as it lies: its middle, how far it is turned clockwise in degrees with the setting
    and by hand, and what is in it; None for a plain square.
    """

    row: int
    column: int
    middle: Spot
    angle: int
    placed: Placed | None


@dataclass(frozen=True)
class LaidCloth:
    """A piece of the setting as it lies: what it is, its fabric, its corners."""

    purpose: str
    fabric: str
    outline: tuple[Spot, ...]


@dataclass(frozen=True)
class Layout:
    """A quilt as it lies. Cloth that is told later lies on what is told before; blocks lie on top.
    Those of pieced borders are told by the border and their number in it, half blocks as the
    whole ones that the edge of the top cuts.
    """

    width: float
    height: float
    top: tuple[float, float, float, float]
    module: Module
    cloths: tuple[LaidCloth, ...]
    blocks: tuple[LaidBlock, ...]
    border_blocks: tuple[LaidBlock, ...]
    halves: tuple[LaidBlock, ...]


def layout_of(quilt: Quilt) -> Layout:
    """Where everything of a quilt lies.

    Raises: `DraftError` naming what does not fit.
    """
    finished, laid = finished_of(quilt), _Laid(quilt)
    return Layout(
        float(finished.width),
        float(finished.height),
        laid.top,
        laid.module,
        (*laid.borders(), *laid.edge(), *laid.sashing(), *laid.plain(), *laid.frames()),
        tuple(laid.blocks()),
        tuple(laid.border_blocks()),
        tuple(laid.halves()),
    )


class _Laid:
    def __init__(self, quilt: Quilt) -> None:
        self.quilt, self.setting, self.module = quilt, quilt.setting, module_of(quilt)
        top = top_of(quilt)
        self.left = float(sum((one.width for one in quilt.borders), 0))
        self.width, self.height = float(top.width), float(top.height)
        self.top = (self.left, self.left, self.width, self.height)
        sashing = quilt.setting.sashing
        self.wide = float(sashing.width) if sashing else 0.0
        self.outer = bool(sashing and sashing.outer)
        self.on_point = quilt.setting.kind == "on-point"
        self.angle = 45 if self.on_point else 0

    def _middle(self, row: int, column: int) -> Spot:
        high, wide = float(self.module.height), float(self.module.width)
        if not self.on_point:
            before = self.wide if self.outer else 0.0
            return (
                self.left + before + column * (wide + self.wide) + wide / 2,
                self.left + before + row * (high + self.wide) + high / 2,
            )
        return self._at(2 * column + row % 2, row)

    def _at(self, across: int, down: int) -> Spot:
        """A middle on point, in half diagonals."""
        wide, edge = float(self.module.width), self.setting.edge
        half = (wide + self.wide) / sqrt(2)
        first = half if self.outer else wide / sqrt(2)
        first += float(edge.floats) if edge else 0.0
        return self.left + first + across * half, self.left + first + down * half

    def blocks(self) -> Iterator[LaidBlock]:
        """Every place."""
        for place in places_of(self.setting):
            turned = 90 * place.placed.turns if place.placed else 0
            middle = self._middle(place.row, place.column)
            yield LaidBlock(place.row, place.column, middle, self.angle + turned, place.placed)

    def halves(self) -> Iterator[LaidBlock]:
        """Half blocks at the sides of an on-point setting."""
        pen = Pen(self.quilt)
        for number, cell in enumerate(pen.half_cells):
            placed, (down, along) = pen.half_at(cell), cell
            middle = self._at(down + along, down - along)
            yield LaidBlock(0, number, middle, self.angle + 90 * placed.turns, placed)

    def borders(self) -> Iterator[LaidCloth]:
        """Each border as four pieces, as they are sewn on."""
        x = y = self.left
        wide, high = self.width, self.height
        for number, border in enumerate(self.quilt.borders, start=1):
            by = float(border.width)
            if border.block:
                corners = [(a, b) for a in (x - by, x + wide) for b in (y - by, y + high)]
                for corner in corners if border.fabric else ():
                    yield LaidCloth(f"border-{number}", border.fabric, _box(*corner, by, by))
            elif border.fabric:
                for outline in _round((x, y, wide, high), by, border):
                    yield LaidCloth(f"border-{number}", border.fabric, outline)
            x, y, wide, high = x - by, y - by, wide + 2 * by, high + 2 * by

    def border_blocks(self) -> Iterator[LaidBlock]:
        """The blocks of pieced borders, clockwise from the top left corner, their top outward."""
        repeats = {one.border: one for one in repeats_of(self.quilt)}
        x = y = self.left
        wide, high = self.width, self.height
        for number, border in enumerate(self.quilt.borders, start=1):
            by = float(border.width)
            if border.block:
                repeat, placed = repeats[number], Placed(block=border.block)
                spots = _round_about((x, y, wide, high), by, repeat, corners=not border.fabric)
                for place, (middle, angle) in enumerate(spots):
                    yield LaidBlock(number, place, middle, angle, placed)
            x, y, wide, high = x - by, y - by, wide + 2 * by, high + 2 * by

    def edge(self) -> Iterator[LaidCloth]:
        """What fills an on-point setting, under everything else."""
        edge = self.setting.edge
        if self.on_point and edge:
            yield LaidCloth(
                "edge", edge.fabric, _box(self.left, self.left, self.width, self.height)
            )

    def sashing(self) -> Iterator[LaidCloth]:
        """Strips on each side of a block that another lies at, or on all of them; squares where
        they cross.
        """
        sashing = self.setting.sashing
        if sashing is None:
            return
        stones = sashing.cornerstones or sashing.fabric
        if not self.on_point:
            yield from self._straight(sashing.fabric, stones)
            return
        rows = diagonal_rows(self.setting)
        known = {(down, along) for down, row in enumerate(rows) for along in row}
        side, wide = float(self.module.width), self.wide
        for block in self.blocks():
            across = 2 * block.column + block.row % 2
            down, along = (across + block.row) // 2, (across - block.row) // 2
            for step, turn in (((1, 0), 0), ((0, -1), 90), ((-1, 0), 180), ((0, 1), 270)):
                there = (down + step[0], along + step[1]) in known
                if self.outer or there:
                    yield LaidCloth(
                        "sashing",
                        sashing.fabric,
                        _placed((side / 2, -side / 2, wide, side), block.middle, 45 + turn),
                    )
                next_step = {0: (0, -1), 90: (-1, 0), 180: (0, 1), 270: (1, 0)}[turn]
                corner = {
                    (down, along),
                    (down + step[0], along + step[1]),
                    (down + next_step[0], along + next_step[1]),
                    (down + step[0] + next_step[0], along + step[1] + next_step[1]),
                }
                if self.outer or corner <= known:
                    box = (side / 2, side / 2, wide, wide)
                    yield LaidCloth("cornerstone", stones, _placed(box, block.middle, 45 + turn))

    def _straight(self, fabric: str, stones: str) -> Iterator[LaidCloth]:
        """The whole top in the sashing's fabric, and squares on it where strips cross."""
        yield LaidCloth("sashing", fabric, _box(self.left, self.left, self.width, self.height))
        if stones == fabric:
            return
        wide, high = float(self.module.width), float(self.module.height)
        first = 0.0 if self.outer else wide
        down = 0.0 if self.outer else high
        more = 1 if self.outer else -1
        for column in range(self.setting.columns + more):
            for row in range(self.setting.rows + more):
                x = self.left + first + column * (wide + self.wide)
                y = self.left + down + row * (high + self.wide)
                yield LaidCloth("cornerstone", stones, _box(x, y, self.wide, self.wide))

    def plain(self) -> Iterator[LaidCloth]:
        """Plain squares in every other place."""
        alternate = self.setting.alternate
        for block in self.blocks():
            if block.placed is None and alternate:
                yield self._whole(block, "alternate", alternate.fabric)

    def frames(self) -> Iterator[LaidCloth]:
        """The module under each smaller block."""
        for block in self.blocks():
            if block.placed and self.setting.module is not None:
                yield self._whole(block, "frame", self.setting.frame)

    def _whole(self, block: LaidBlock, purpose: str, fabric: str) -> LaidCloth:
        wide, high = float(self.module.width), float(self.module.height)
        box = (-wide / 2, -high / 2, wide, high)
        return LaidCloth(purpose, fabric, _placed(box, block.middle, self.angle))


Box = tuple[float, float, float, float]


def _box(x: float, y: float, wide: float, high: float) -> tuple[Spot, ...]:
    return (x, y), (x + wide, y), (x + wide, y + high), (x, y + high)


def _placed(box: Box, middle: Spot, angle: float) -> tuple[Spot, ...]:
    """The corners of a box round a middle, turned clockwise."""
    c, s = cos(radians(angle)), sin(radians(angle))
    return tuple((middle[0] + x * c - y * s, middle[1] + x * s + y * c) for x, y in _box(*box))


def _round_about(
    inside: Box, by: float, repeat: Repeat, *, corners: bool
) -> Iterator[tuple[Spot, int]]:
    """The middle of each block of a pieced border, and how far it is turned."""
    x, y, wide, high = inside
    half = by / 2
    along, down = wide / repeat.level, high / repeat.upright
    if corners:
        yield (x - half, y - half), 0
    for one in range(repeat.level):
        yield (x + (one + 0.5) * along, y - half), 0
    if corners:
        yield (x + wide + half, y - half), 90
    for one in range(repeat.upright):
        yield (x + wide + half, y + (one + 0.5) * down), 90
    if corners:
        yield (x + wide + half, y + high + half), 180
    for one in reversed(range(repeat.level)):
        yield (x + (one + 0.5) * along, y + high + half), 180
    if corners:
        yield (x - half, y + high + half), 270
    for one in reversed(range(repeat.upright)):
        yield (x - half, y + (one + 0.5) * down), 270


def _round(inside: Box, by: float, border: Border) -> Iterator[tuple[Spot, ...]]:
    """The four pieces of a border round a box."""
    x, y, wide, high = inside
    right, bottom = x + wide, y + high
    out = x - by, y - by, right + by, bottom + by
    if border.corner == "mitred":
        yield (out[0], out[1]), (out[2], out[1]), (right, y), (x, y)
        yield (out[2], out[1]), (out[2], out[3]), (right, bottom), (right, y)
        yield (out[2], out[3]), (out[0], out[3]), (x, bottom), (right, bottom)
        yield (out[0], out[3]), (out[0], out[1]), (x, y), (x, bottom)
        return
    if border.first == "sides":
        yield _box(out[0], y, by, high)
        yield _box(right, y, by, high)
        yield _box(out[0], out[1], wide + 2 * by, by)
        yield _box(out[0], bottom, wide + 2 * by, by)
    else:
        yield _box(x, out[1], wide, by)
        yield _box(x, bottom, wide, by)
        yield _box(out[0], out[1], by, high + 2 * by)
        yield _box(right, out[1], by, high + 2 * by)
