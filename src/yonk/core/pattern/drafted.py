"""The draft that a list fills: its units in a grid, in its fabrics."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from fractions import Fraction

from yonk.core.acts import BlockBeginning, Put, apply, begin_block
from yonk.core.drawing import Span
from yonk.core.paper import Draft, Fabric, Paint, Point, given_fabric, next_fabric, write_exact
from yonk.core.pattern.arranged import GridPlace, arranged
from yonk.core.pattern.listed_piece import ListedPiece
from yonk.core.pattern.solution import Made, Solution


def draft_of_list(
    pieces: Sequence[ListedPiece], solution: Solution, begun: BlockBeginning
) -> Draft | None:
    """The draft that a solution fills; none where it fills no grid.

    Args:
        begun: how the block begins otherwise: its name and unit.
    """
    if solution.grid is None:
        return None
    columns, rows = solution.grid
    sizes = [(one.columns, one.rows, one.count) for one in solution.made]
    places = arranged(sizes, columns, rows)
    if not places:
        return None
    draft = begin_block(
        replace(
            begun,
            width=write_exact(solution.module * columns),
            height=write_exact(solution.module * rows),
            columns=str(columns),
            rows=str(rows),
        )
    )
    draft, keys = _with_fabrics(draft, pieces)
    single: list[Paint] = []
    for place in places:
        made = solution.made[place.which]
        if made.use.kind is None and place.columns == place.rows == 1:
            single.append(Paint(_middle(place), keys[made.use.takes[0].piece]))
        else:
            draft = apply(draft, _put(made, place, keys))
    # the ruled grid has them drawn already, and there may be hundreds
    return replace(draft, paints=(*draft.paints, *single))


def _middle(place: GridPlace) -> Point:
    """The middle of a single cell, in columns and rows."""
    return place.column + Fraction(1, 2), place.row + Fraction(1, 2)


def _with_fabrics(draft: Draft, pieces: Sequence[ListedPiece]) -> tuple[Draft, tuple[str, ...]]:
    """The draft with the list's fabrics, and the key of each line's. A fabric without a name is one
    for all lines that tell none.
    """
    draft = replace(draft, fabrics=())
    by_name: dict[str, str] = {}
    for piece in pieces:
        name = piece.fabric.casefold()
        if name not in by_name:
            fabric = _fabric(piece.fabric, draft.fabrics)
            by_name[name] = fabric.key
            draft = replace(draft, fabrics=(*draft.fabrics, fabric))
    return draft, tuple(by_name[piece.fabric.casefold()] for piece in pieces)


def _fabric(name: str, there: Sequence[Fabric]) -> Fabric:
    """A fabric of that name in the next colour; of none, the next with its own."""
    begun = next_fabric(there, name)
    return given_fabric(replace(begun, name=name or begun.name), [one.key for one in there])


def _put(made: Made, place: GridPlace, keys: Sequence[str]) -> Put:
    """The act that lays one of them: its fabrics in the order in which the unit takes them."""
    span = Span(column=place.column, row=place.row, columns=place.columns, rows=place.rows)
    use = made.use
    in_order = sorted(use.takes, key=lambda one: _ORDER.index(one.need.fabric))
    fabrics = tuple(dict.fromkeys(keys[one.piece] for one in in_order))
    of_places = {one.need.fabric: keys[one.piece] for one in use.takes}
    hand = tuple(of_places.get(name, fabrics[-1]) for name in _ORDER)
    return Put(
        cell=span,
        unit=use.kind.kind if use.kind else "patch",
        fabrics=hand,
        turn=place.turn if use.kind else 0,
    )


_ORDER = ("first", "second", "third")  # the fabrics of a sample unit, by which its needs are told


def side_of(solution: Solution) -> Fraction | None:
    """The finished width that all of it really gives: units that come out larger than they are
    meant are trimmed, what comes out smaller stays so; none where the sizes do not go together.
    """
    if solution.grid is None:
        return None
    sides = set()
    for one in solution.made:
        meant = solution.meant(one)
        real = one.use.width, one.use.height
        if one.use.kind and all(a >= b for a, b in zip(real, meant, strict=True)):
            real = meant
        sides |= {real[0] / one.columns, real[1] / one.rows}
    return sides.pop() * solution.grid[0] if len(sides) == 1 else None
