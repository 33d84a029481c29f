"""What a quilt is cut from besides its blocks: sashing, cornerstones, frames, setting triangles,
borders, binding, backing. All are counted where they are drawn.

Source: `docs/setting.md`. Pieces that are sewn between others are rounded to the nearest mark of
the ruler, triangles up: what is too much of them is trimmed.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterator
from dataclasses import dataclass
from fractions import Fraction

from yonk.core.paper import ROOT_2, Length
from yonk.core.setting.borders import finished_of, plain_border_pieces
from yonk.core.setting.drawn import Pen, What
from yonk.core.setting.places import top_of
from yonk.core.setting.quilt import BINDING_OVER, Quilt
from yonk.core.units import CutShape, PrintOrientation, Subcut

PURPOSES: dict[What, str] = {
    "alternate": "alternate",
    "frame": "frame",
    "sash-in-row": "sashing",
    "sash-between": "sashing",
    "cornerstone": "cornerstone",
}


@dataclass(frozen=True)
class SettingPiece:
    """What is cut: its purpose, fabric, shape, and its size on the ruler, the longer side first; of
    a print with a direction how it lies on the cloth, so that it points up in the quilt.
    """

    purpose: str
    fabric: str
    shape: CutShape
    long: Fraction
    short: Fraction
    subcut: Subcut = "none"
    lie: PrintOrientation | None = None


def setting_pieces(quilt: Quilt, pen: Pen | None = None) -> Counter[SettingPiece]:
    """How many of each piece of the setting are cut.

    Args:
        pen: that draws the quilt, where there is one already.

    Raises: `DraftError` naming what does not fit.
    """
    cutter = _Cutter(quilt, pen or Pen(quilt))
    found: Counter[SettingPiece] = Counter()
    for piece, count in cutter.all_pieces():
        found[piece] += count
    return +found


class _Cutter:
    def __init__(self, quilt: Quilt, pen: Pen) -> None:
        self.quilt, self.setting, self.pen = quilt, quilt.setting, pen
        self.seam, self.step = quilt.making.seam, quilt.making.ruler_step

    def all_pieces(self) -> Iterator[tuple[SettingPiece, int]]:
        """Everything, from the middle outward."""
        yield from self.rectangles()
        yield from self.triangles()
        yield from self.borders()
        yield from self.binding()
        yield from self.backing()

    def _sewn(
        self,
        purpose: str,
        fabric: str,
        long: Length | Fraction,
        wide: Length | Fraction,
        lie: PrintOrientation | None = None,
    ) -> SettingPiece:
        """A piece of a finished size, with its seam allowances."""
        sides = [(Length.of(one) + 2 * self.seam).nearest(self.step) for one in (long, wide)]
        short, longer = sorted(sides)
        shape: CutShape = "square" if short == longer else "rectangle"
        lie = None if shape == "square" else lie
        return SettingPiece(purpose, fabric, shape, longer, short, lie=lie)

    def _lie(self, fabric: str, *, upright: bool) -> PrintOrientation | None:
        """How a piece lies on the cloth that lies level or upright in the quilt; None where its
        print has no direction.
        """
        known = self.quilt.all_fabrics.get(fabric)
        if known is None or not known.has_direction:
            return None
        sideways = round(known.direction / 90) % 2 == 1
        return "stands" if upright != sideways else "lies"

    def rectangles(self) -> Iterator[tuple[SettingPiece, int]]:
        """Plain squares, frames, strips between the blocks and the squares where they cross."""
        found: Counter[tuple[str, str, Fraction, Fraction, bool, bool]] = Counter()
        for one in self.pen.pieces():
            short, long = sorted((one.width, one.height))
            key = PURPOSES[one.what], one.fabric, long, short, one.height > one.width
            found[*key, self.pen.is_slanted(one)] += 1
        for (purpose, fabric, long, short, upright, slanted), count in found.items():
            if slanted:
                yield self._slanted(purpose, fabric, long, short), count
            else:
                # on point nothing lies level, so no way of cutting brings a print upright
                lie = None if self.pen.on_point else self._lie(fabric, upright=upright)
                yield self._sewn(purpose, fabric, long, short, lie), count

    def _slanted(self, purpose: str, fabric: str, long: Fraction, wide: Fraction) -> SettingPiece:
        """A strip of which one end runs along the edge of an on-point top, at half a square corner:
        its point reaches further, and what is too much is trimmed with the edge.
        """
        reach = (long + self.seam + ROOT_2 * self.seam + self.seam).up(self.step)
        wide_cut = Length.of(wide + 2 * self.seam).nearest(self.step)
        return SettingPiece(purpose, fabric, "rectangle", reach, wide_cut)

    def triangles(self) -> Iterator[tuple[SettingPiece, int]]:
        """Side and corner triangles of an on-point setting, as squares that are cut further."""
        edge, setting = self.setting.edge, self.setting
        if setting.kind != "on-point" or edge is None:
            return
        side, sashing = self.pen.module.width, self.setting.sashing
        floats = 2 * edge.floats
        leg = side + (sashing.width if sashing and not sashing.outer else 0)
        if sides := len(self.pen.side_cells):
            whole = ROOT_2 * leg + floats + ROOT_2 * (2 * self.seam) + 2 * self.seam
            squares = -(-sides // 4) + edge.more
            yield self._square("side-triangle", edge.fabric, whole, "both-diagonals"), squares
        whole = ROOT_2 * (side / 2) + floats + ROOT_2 * self.seam + 2 * self.seam
        yield self._square("corner-triangle", edge.fabric, whole, "one-diagonal"), 2

    def _square(self, purpose: str, fabric: str, side: Length, subcut: Subcut) -> SettingPiece:
        cut = side.up(self.step)
        return SettingPiece(purpose, fabric, "square", cut, cut, subcut)

    def borders(self) -> Iterator[tuple[SettingPiece, int]]:
        """Borders of one fabric, each at its full length."""
        for piece in plain_border_pieces(top_of(self.quilt), self.quilt.borders):
            fabric = self.quilt.borders[piece.border - 1].fabric
            lie = self._lie(fabric, upright=piece.upright)
            purpose = f"border-{piece.border}"
            yield self._sewn(purpose, fabric, piece.long, piece.wide, lie), piece.count

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
