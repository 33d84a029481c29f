"""What a quilt is cut from besides its blocks: sashing, cornerstones, frames, setting triangles,
borders, binding, backing.

Source: `docs/setting.md`. Pieces that are sewn between others are rounded to the nearest mark of
the ruler, triangles up: what is too much of them is trimmed.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass
from fractions import Fraction
from itertools import pairwise

from yonk.core.paper import ROOT_2, Length
from yonk.core.setting.borders import finished_of, plain_border_pieces
from yonk.core.setting.places import columns_in, module_of, places_of, rows_of, top_of
from yonk.core.setting.quilt import BINDING_OVER, Quilt, Setting
from yonk.core.units import CutShape, Subcut


@dataclass(frozen=True)
class SettingPiece:
    """What is cut: its purpose, fabric, shape, and its size on the ruler, the longer side first."""

    purpose: str
    fabric: str
    shape: CutShape
    long: Fraction
    short: Fraction
    subcut: Subcut = "none"


def setting_pieces(
    quilt: Quilt, cut_halves: Mapping[str, int] | None = None
) -> Counter[SettingPiece]:
    """How many of each piece of the setting are cut.

    Args:
        cut_halves: how many blocks, by their keys, are made to be cut in half for the sides; each
            has its frame.

    Raises: `DraftError` naming what does not fit.
    """
    found: Counter[SettingPiece] = Counter()
    for piece, count in _all(quilt, cut_halves or {}):
        found[piece] += count
    return +found


def _all(quilt: Quilt, cut_halves: Mapping[str, int]) -> Iterator[tuple[SettingPiece, int]]:
    cutter = _Cutter(quilt)
    yield from cutter.alternates()
    yield from cutter.frames(cut_halves)
    yield from cutter.sashing()
    yield from cutter.triangles()
    yield from cutter.borders()
    yield from cutter.binding()
    yield from cutter.backing()


class _Cutter:
    def __init__(self, quilt: Quilt) -> None:
        self.quilt, self.setting = quilt, quilt.setting
        self.module = module_of(quilt)
        self.seam, self.step = quilt.making.seam, quilt.making.ruler_step
        self.places = list(places_of(quilt.setting))

    def _sewn(
        self, purpose: str, fabric: str, long: Length | Fraction, wide: Length | Fraction
    ) -> SettingPiece:
        """A piece of a finished size, with its seam allowances."""
        sides = [(Length.of(one) + 2 * self.seam).nearest(self.step) for one in (long, wide)]
        short, longer = sorted(sides)
        shape: CutShape = "square" if short == longer else "rectangle"
        return SettingPiece(purpose, fabric, shape, longer, short)

    def alternates(self) -> Iterator[tuple[SettingPiece, int]]:
        """Plain squares in every other place."""
        plain = sum(one.placed is None for one in self.places)
        if plain and self.setting.alternate:
            fabric = self.setting.alternate.fabric
            yield self._sewn("alternate", fabric, self.module.width, self.module.height), plain

    def frames(self, cut_halves: Mapping[str, int]) -> Iterator[tuple[SettingPiece, int]]:
        """What brings smaller blocks to the module: first the sides, then above and below."""
        if self.setting.module is None:
            return
        used = Counter(one.placed.block for one in self.places if one.placed)
        used.update(cut_halves)
        for key, count in used.items():
            draft = self.quilt.by_key[key].draft
            beside = (self.module.width - draft.width) / 2
            above = (self.module.height - draft.height) / 2
            if beside:
                yield self._sewn("frame", self.setting.frame, draft.height, beside), 2 * count
            if above:
                yield self._sewn("frame", self.setting.frame, self.module.width, above), 2 * count

    def sashing(self) -> Iterator[tuple[SettingPiece, int]]:
        """Strips between the blocks, with or without squares where they cross."""
        sashing = self.setting.sashing
        if sashing is None:
            return
        wide, fabric = sashing.width, sashing.fabric
        strips = self._on_point() if self.setting.kind == "on-point" else self._straight()
        for long, count in strips:
            if count > 0:
                yield self._sewn("sashing", fabric, long, wide), count
        if sashing.cornerstones and (stones := self._crossings()):
            yield self._sewn("cornerstone", sashing.cornerstones, wide, wide), stones

    def _straight(self) -> Iterator[tuple[Length | Fraction, int]]:
        sashing, setting = self.setting.sashing, self.setting
        assert sashing is not None
        more = 1 if sashing.outer else -1
        yield self.module.height, (setting.columns + more) * setting.rows
        if sashing.cornerstones:
            yield self.module.width, (setting.rows + more) * setting.columns
        else:
            yield top_of(self.quilt).width, setting.rows + more

    def _on_point(self) -> Iterator[tuple[Fraction, int]]:
        """Between the blocks of each diagonal row, and between the rows: in block lengths where
        there are cornerstones, else in one piece.
        """
        sashing, side = self.setting.sashing, self.module.width
        assert sashing is not None
        rows = diagonal_rows(self.setting)
        more = 1 if sashing.outer else -1
        yield side, sum(len(row) + more for row in rows)
        for blocks in _between(rows, outer=sashing.outer):
            if sashing.cornerstones:
                yield side, blocks
            else:
                yield blocks * side + (blocks + more) * sashing.width, 1

    def _crossings(self) -> int:
        """How many squares lie where strips cross. On point without an outer ring a setting
        triangle reaches into a crossing that it lies at.
        """
        sashing, setting = self.setting.sashing, self.setting
        assert sashing is not None
        if setting.kind == "straight":
            more = 1 if sashing.outer else -1
            return (setting.columns + more) * (setting.rows + more)
        spots = [(down, along) for down, row in enumerate(diagonal_rows(setting)) for along in row]
        corners = Counter(
            (down + one, along + other)
            for down, along in spots
            for one in (0, 1)
            for other in (0, 1)
        )
        return len(corners) if sashing.outer else sum(n == 4 for n in corners.values())

    def triangles(self) -> Iterator[tuple[SettingPiece, int]]:
        """Side and corner triangles of an on-point setting, as squares that are cut further."""
        edge, setting = self.setting.edge, self.setting
        if setting.kind != "on-point" or edge is None:
            return
        side, sashing = self.module.width, self.setting.sashing
        floats = 2 * edge.floats
        leg = side + (sashing.width if sashing and not sashing.outer else 0)
        if not edge.half_blocks and (sides := side_triangles(self.setting)):
            whole = ROOT_2 * leg + floats + ROOT_2 * (2 * self.seam) + 2 * self.seam
            yield (
                self._square("side-triangle", edge.fabric, whole, "both-diagonals"),
                -(-sides // 4),
            )
        whole = ROOT_2 * (side / 2) + floats + ROOT_2 * self.seam + 2 * self.seam
        yield self._square("corner-triangle", edge.fabric, whole, "one-diagonal"), 2

    def _square(self, purpose: str, fabric: str, side: Length, subcut: Subcut) -> SettingPiece:
        cut = side.up(self.step)
        return SettingPiece(purpose, fabric, "square", cut, cut, subcut)

    def borders(self) -> Iterator[tuple[SettingPiece, int]]:
        """Borders of one fabric, each at its full length."""
        for piece in plain_border_pieces(top_of(self.quilt), self.quilt.borders):
            fabric = self.quilt.borders[piece.border - 1].fabric
            yield self._sewn(f"border-{piece.border}", fabric, piece.long, piece.wide), piece.count

    def binding(self) -> Iterator[tuple[SettingPiece, int]]:
        """One strip of the whole length: once round, and some over for corners and the join."""
        binding = self.quilt.binding
        if binding is None:
            return
        whole = binding_length(self.quilt).up(self.step)
        yield SettingPiece("binding", binding.fabric, "strip", whole, binding.width), 1

    def backing(self) -> Iterator[tuple[SettingPiece, int]]:
        """One piece that reaches beyond the top on every side."""
        backing = self.quilt.backing
        if backing is None:
            return
        size = finished_of(self.quilt)
        sides = [(one + 2 * backing.overhang).up(self.step) for one in (size.width, size.height)]
        short, long = sorted(sides)
        shape: CutShape = "square" if short == long else "rectangle"
        yield SettingPiece("backing", backing.fabric, shape, long, short), 1


def binding_length(quilt: Quilt) -> Length:
    """How long the binding is: once round, and ten inches or 25 cm over."""
    size = finished_of(quilt)
    return 2 * (size.width + size.height) + BINDING_OVER[quilt.unit]


def side_triangles(setting: Setting) -> int:
    """How many triangles fill the sides of an on-point setting."""
    return 2 * (setting.columns - 1) + 2 * (setting.rows - 1)


def diagonal_rows(setting: Setting) -> list[range]:
    """The diagonal rows of an on-point setting from the top left: of each, which places along it
    hold a block.
    """
    found: dict[int, list[int]] = {}
    for row in range(rows_of(setting)):
        for column in range(columns_in(setting, row)):
            across = 2 * column + row % 2  # in half diagonals
            found.setdefault((across + row) // 2, []).append((across - row) // 2)
    return [range(min(found[down]), max(found[down]) + 1) for down in sorted(found)]


def _between(rows: Sequence[range], *, outer: bool) -> Iterator[int]:
    """How many blocks lie along each strip between two diagonal rows; with an outer ring the strips
    go on to the longer row's end, and round the first and the last.
    """
    if outer:
        yield len(rows[0])
        yield len(rows[-1])
    for one, other in pairwise(rows):
        if outer:
            yield max(one.stop, other.stop) - min(one.start, other.start)
        else:
            yield min(one.stop, other.stop) - max(one.start, other.start)
