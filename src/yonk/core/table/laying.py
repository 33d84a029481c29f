"""What is still to be cut laid on what there is: spoiled pieces, cut pieces that serve for nothing,
and the cloth of fabrics of which there is no more.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterator, Sequence
from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.cutting import ClothLayout, ClothPiece, lay_on_pieces
from yonk.core.paper import Draft
from yonk.core.planning import Cut
from yonk.core.table.need import CutNeed
from yonk.core.table.state import TableState

PieceSource = Literal["spoiled", "cut"]


@dataclass(frozen=True)
class TablePiece:
    """So many pieces of a cut that are cut from what lies there: from which list, from which entry
    of it.
    """

    source: PieceSource
    index: int
    cut: Cut
    count: int


@dataclass(frozen=True)
class TableLayout:
    """How one piece of the cloth that there is is cut: the entry of `state.cloth` that it is one
    of.
    """

    fabric: str
    cloth: int
    layout: ClothLayout
    cuts: tuple[Cut, ...]


@dataclass(frozen=True)
class LaidOnCloth:
    """What is cut from what lies there, how the cloth is cut, and what finds no place: cuts with
    how many are missing.
    """

    pieces: tuple[TablePiece, ...]
    layouts: tuple[TableLayout, ...]
    missing: tuple[tuple[Cut, int], ...]


def laid_on_cloth(
    needs: Sequence[CutNeed], useless: Sequence[int], state: TableState, draft: Draft
) -> LaidOnCloth:
    """Lay what is still to be cut.

    Args:
        needs: what is wanted and what of it lies there.
        useless: of each entry of `state.cut` how many serve for nothing as they are.
        state: what lies on the table.
        draft: its fabrics and how wide cloth is.
    """
    pieces: list[TablePiece] = []
    layouts: list[TableLayout] = []
    missing: list[tuple[Cut, int]] = []
    only = {one.fabric for one in state.cloth}
    for fabric in dict.fromkeys(need.cut.fabric for need in needs):
        cuts = [
            replace(need.cut, count=need.to_cut)
            for need in needs
            if need.cut.fabric == fabric and need.to_cut
        ]
        found, cuts = _from_pieces(fabric, cuts, useless, state, draft)
        pieces += found
        if fabric not in only:
            continue
        laid, lacking = _from_cloth(fabric, cuts, state, draft)
        layouts += laid
        missing += lacking
    return LaidOnCloth(tuple(pieces), tuple(layouts), tuple(missing))


def _is_upright(draft: Draft, fabric: str) -> bool:
    return draft.fabric(fabric).print == "directional"


def _scraps(
    fabric: str, useless: Sequence[int], state: TableState
) -> Iterator[tuple[PieceSource, int, ClothPiece]]:
    """Spoiled pieces, and cut ones that are of no use as they are, one by one."""
    for index, one in enumerate(state.spoiled):
        if one.fabric == fabric:
            for _ in range(one.count):
                yield "spoiled", index, ClothPiece("", one.width, one.height)
    for index, cut in enumerate(state.cut):
        if cut.fabric == fabric and cut.subcut == "none" and cut.shape in ("square", "rectangle"):
            for _ in range(useless[index]):
                yield "cut", index, ClothPiece("", cut.width, cut.height)


def _from_pieces(
    fabric: str, cuts: list[Cut], useless: Sequence[int], state: TableState, draft: Draft
) -> tuple[list[TablePiece], list[Cut]]:
    """What is cut from single pieces, and what is left to be cut; strips are cut from cloth."""
    whole = [cut for cut in cuts if cut.shape == "strip"]
    cuts = [cut for cut in cuts if cut.shape != "strip"]
    upright = _is_upright(draft, fabric)
    counted: Counter[tuple[PieceSource, int, Cut]] = Counter()
    for source, index, piece in _scraps(fabric, useless, state):
        if not cuts:
            break
        layouts, left = lay_on_pieces(cuts, [piece], draft.making.usable, upright=upright)
        for layout in layouts:
            for one in layout.laid:
                counted[source, index, replace(cuts[one.line], count=0)] += 1
        cuts = [replace(cut, count=n) for cut, n in zip(cuts, left, strict=True) if n]
    found = [TablePiece(*of, count) for of, count in counted.items()]
    return found, [*whole, *cuts]


def _from_cloth(
    fabric: str, cuts: list[Cut], state: TableState, draft: Draft
) -> tuple[list[TableLayout], list[tuple[Cut, int]]]:
    """How the cloth of a fabric is cut, in the order of its pieces in which least is missing."""
    cloths = [
        (index, ClothPiece("", one.width, one.height))
        for index, one in enumerate(state.cloth)
        if one.fabric == fabric
        for _ in range(one.count)
    ]
    upright = _is_upright(draft, fabric)
    orders = [
        sorted(cloths, key=lambda one: one[1].width * one[1].length),
        sorted(cloths, key=lambda one: -one[1].width * one[1].length),
        sorted(cloths, key=lambda one: min(one[1].width, one[1].length)),
        cloths,
    ]
    best: tuple[list[TableLayout], list[tuple[Cut, int]]] | None = None
    for order in orders:
        layouts, left = lay_on_pieces(
            cuts, [piece for _, piece in order], draft.making.usable, upright=upright
        )
        lacking = [(cut, count) for cut, count in zip(cuts, left, strict=True) if count]
        if best is None or _area(lacking) < _area(best[1]):
            best = _numbered(fabric, layouts, order, tuple(cuts)), lacking
        if not lacking:
            break
    assert best is not None, "there is at least one order"
    return best


def _numbered(
    fabric: str,
    layouts: Sequence[ClothLayout],
    order: Sequence[tuple[int, ClothPiece]],
    cuts: tuple[Cut, ...],
) -> list[TableLayout]:
    """Each layout with the entry that its cloth is one of."""
    left = list(order)
    found = []
    for layout in layouts:
        place = next(n for n, (_, piece) in enumerate(left) if piece == layout.source)
        index, _ = left.pop(place)
        found.append(TableLayout(fabric, index, layout, cuts))
    return found


def _area(lacking: Sequence[tuple[Cut, int]]) -> float:
    return sum(float(cut.width * cut.height) * count for cut, count in lacking)
