"""What is still to be cut laid on what there is: spoiled pieces, cut pieces that serve for nothing,
and the cloth of fabrics of which there is no more.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterator, Mapping, Sequence, Set
from dataclasses import dataclass, replace
from fractions import Fraction
from itertools import repeat
from typing import Literal, NamedTuple

from yonk.core.cutting import ClothLayout, ClothPiece, lay_on_pieces
from yonk.core.planning import Cut
from yonk.core.table.need import RECTANGLES, WantedKey
from yonk.core.table.state import TableState

PieceSource = Literal["spoiled", "cut"]


@dataclass(frozen=True)
class TablePiece:
    """So many pieces of a row's cut that are cut from what lies there: from which list, from which
    entry of it.
    """

    source: PieceSource
    index: int
    row: WantedKey
    cut: Cut
    count: int


@dataclass(frozen=True)
class TableLayout:
    """How one piece of the cloth that there is is cut: the entry of `state.cloth` that it is one
    of. Its lines are `cuts`, of some `rows`.
    """

    fabric: str
    cloth: int
    layout: ClothLayout
    cuts: tuple[Cut, ...]
    rows: tuple[WantedKey, ...]


@dataclass(frozen=True)
class LaidOnCloth:
    """What is cut from what lies there, and how many pieces of each entry are cut up for it; how
    the cloth is cut, and what finds no place: cuts with how many are missing.
    """

    pieces: tuple[TablePiece, ...]
    cut_up: Mapping[tuple[PieceSource, int], int]
    layouts: tuple[TableLayout, ...]
    missing: tuple[tuple[Cut, int], ...]


class StillCut(NamedTuple):
    """What is still to be cut of a row."""

    row: WantedKey
    cut: Cut


def laid_on_cloth(
    still: Sequence[StillCut],
    useless: Sequence[int],
    state: TableState,
    directed: Set[str],
    usable: Fraction,
) -> LaidOnCloth:
    """Lay what is still to be cut.

    Args:
        still: what is, with how many of each.
        useless: of each entry of `state.cut` how many serve for nothing as they are.
        state: what lies on the table.
        directed: keys of the fabrics whose print has a direction.
        usable: how wide cloth is that can be used.
    """
    pieces: list[TablePiece] = []
    cut_up: Counter[tuple[PieceSource, int]] = Counter()
    layouts: list[TableLayout] = []
    missing: list[tuple[Cut, int]] = []
    for fabric in dict.fromkeys(one.cut.fabric for one in still):
        laid = _OfFabric(usable, upright=fabric in directed)
        mine = [one for one in still if one.cut.fabric == fabric and one.cut.count]
        strips = [one for one in mine if one.cut.shape == "strip"]  # are cut from cloth
        cuts = [one for one in mine if one.cut.shape != "strip"]
        scraps = laid.on(cuts, [*_scraps(fabric, useless, state)])
        pieces += _pieces_of(scraps, cuts)
        cut_up.update((source, index) for (source, index), _ in scraps.layouts if source != "cloth")
        if not state.is_limited(fabric):
            continue
        cuts = [*strips, *scraps.left]
        found = min(
            (laid.on(cuts, order) for order in _orders([*_cloths(fabric, state)])),
            key=lambda laid: sum(
                float(one.cut.width * one.cut.height) * one.cut.count for one in laid.left
            ),
        )
        rows, lines = tuple(one.row for one in cuts), tuple(one.cut for one in cuts)
        layouts += [
            TableLayout(fabric, index, layout, lines, rows) for (_, index), layout in found.layouts
        ]
        missing += [(one.cut, one.cut.count) for one in found.left]
    return LaidOnCloth(tuple(pieces), cut_up, tuple(layouts), tuple(missing))


# Which list of the state a piece of cloth stands in, and which entry of it that is.
_Entry = tuple[Literal["spoiled", "cut", "cloth"], int]


class _Laid(NamedTuple):
    """The layouts, each with the entry that its piece is one of; what finds no place."""

    layouts: list[tuple[_Entry, ClothLayout]]
    left: list[StillCut]


@dataclass(frozen=True)
class _OfFabric:
    """Lays the cuts of one fabric."""

    usable: Fraction
    upright: bool

    def on(self, still: list[StillCut], pieces: Sequence[tuple[_Entry, ClothPiece]]) -> _Laid:
        """The cuts laid on pieces of cloth in their order."""
        layouts, left = lay_on_pieces(
            [one.cut for one in still],
            [piece for _, piece in pieces],
            self.usable,
            upright=self.upright,
        )
        found, rest = [], list(pieces)
        for layout in layouts:  # in the order of the pieces, some of which are of no use
            while rest[0][1] != layout.source:
                del rest[0]
            found.append((rest.pop(0)[0], layout))
        return _Laid(
            found,
            [
                StillCut(one.row, replace(one.cut, count=n))
                for one, n in zip(still, left, strict=True)
                if n
            ],
        )


def _scraps(
    fabric: str, useless: Sequence[int], state: TableState
) -> Iterator[tuple[_Entry, ClothPiece]]:
    """Spoiled pieces, and cut ones that are of no use as they are, one by one."""
    for index, one in enumerate(state.spoiled):
        if one.fabric == fabric:
            yield from _so_many(("spoiled", index), one.width, one.height, one.count)
    for index, cut in enumerate(state.cut):
        if cut.fabric == fabric and cut.subcut == "none" and cut.shape in RECTANGLES:
            yield from _so_many(("cut", index), cut.width, cut.height, useless[index])


def _cloths(fabric: str, state: TableState) -> Iterator[tuple[_Entry, ClothPiece]]:
    """The cloth that there is of a fabric, piece by piece."""
    for index, one in enumerate(state.cloth):
        if one.fabric == fabric:
            yield from _so_many(("cloth", index), one.width, one.height, one.count)


def _so_many(
    entry: _Entry, width: Fraction, height: Fraction, count: int
) -> Iterator[tuple[_Entry, ClothPiece]]:
    return repeat((entry, ClothPiece("", width, height)), count)


def _orders(
    cloths: list[tuple[_Entry, ClothPiece]],
) -> Iterator[list[tuple[_Entry, ClothPiece]]]:
    """The orders in which pieces of cloth are taken: the smallest, the largest, the narrowest
    first.
    """
    yield sorted(cloths, key=lambda one: one[1].width * one[1].length)
    if len({(one.width, one.length) for _, one in cloths}) > 1:
        yield sorted(cloths, key=lambda one: -one[1].width * one[1].length)
        yield sorted(cloths, key=lambda one: min(one[1].width, one[1].length))


def _pieces_of(laid: _Laid, still: Sequence[StillCut]) -> Iterator[TablePiece]:
    """How many pieces of each cut come from each entry."""
    counted = Counter(
        (source, index, one.line)
        for (source, index), layout in laid.layouts
        for one in layout.laid
        if source != "cloth"
    )
    for (source, index, line), count in counted.items():
        yield TablePiece(source, index, *still[line], count)
