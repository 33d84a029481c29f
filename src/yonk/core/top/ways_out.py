"""What can be done where there is not enough for a quilt: another fabric in whole blocks, laid so
that it looks meant, a smaller quilt, or buying; each was tried.

Source: *When it does not go on as planned* in `docs/table.md`.
"""

from __future__ import annotations

from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass, replace
from fractions import Fraction
from typing import Literal

from yonk.core.cutting import bolt_of, plan_cloth
from yonk.core.paper import DraftError, Fabric, Message, Text, listed, message, next_key, show
from yonk.core.planning import Cut
from yonk.core.setting import (
    Placed,
    Quilt,
    QuiltBlock,
    RowColumn,
    places_of,
    plan_quilt,
    rows_of,
    size_of_top,
    with_places,
)
from yonk.core.table import (
    OtherCloth,
    PieceOnTable,
    TableStanding,
    TableState,
    is_like,
)
from yonk.core.top.at_the_table import standing_of_top
from yonk.core.top.listing import whole_list

QuiltWayName = Literal["other-fabric", "fewer-blocks", "buy"]
LaidPlaces = Mapping[RowColumn, Placed]
MOST_SIZES = 16  # smaller quilts that are tried, the largest first


@dataclass(frozen=True)
class QuiltWayOut:
    """Something to do: in words; the quilt and the state of the table that it makes, and how the
    table stands then; at which places blocks are changed; what is bought.
    """

    do: QuiltWayName
    words: Message
    quilt: Quilt
    state: TableState
    places: tuple[RowColumn, ...] = ()
    buy: tuple[PieceOnTable, ...] = ()
    after: TableStanding | None = None


def top_standing(quilt: Quilt, state: TableState, trials: frozenset[str]) -> TableStanding:
    """How the table of a quilt stands; `trials` are the blocks of which one is made already."""
    return standing_of_top(whole_list(plan_quilt(quilt), trials=trials), state)


def quilt_ways_out(
    quilt: Quilt, state: TableState, trials: frozenset[str], others: Sequence[OtherCloth] = ()
) -> tuple[QuiltWayOut, ...]:
    """The ways out of a quilt's table, the one that changes least first; none where there is
    enough.

    Args:
        quilt: as it is.
        state: what lies on its table.
        trials: keys of blocks of which a trial is made that counts as one of them.
        others: fabrics of the shelf that are not in the quilt.
    """
    standing = top_standing(quilt, state, trials)
    if standing.enough:
        return ()
    tries = _Tries(quilt, state, trials, standing)
    found = (tries.first(find(tries, others)) for find in (_in_blocks, _smaller, _buying))
    return tuple(way for way in found if way)


@dataclass(frozen=True)
class _Tries:
    quilt: Quilt
    state: TableState
    trials: frozenset[str]
    standing: TableStanding

    @property
    def lacking(self) -> list[str]:
        return [*dict.fromkeys(cut.fabric for cut, _ in self.standing.laid.missing)]

    def first(self, ways: Iterator[QuiltWayOut]) -> QuiltWayOut | None:
        """The first way that suffices, with how the table stands then."""
        for way in ways:
            try:
                after = top_standing(way.quilt, way.state, self.trials)
            except DraftError:
                continue
            if after.enough:
                return replace(way, after=after)
        return None


def _in_blocks(tries: _Tries, others: Sequence[OtherCloth]) -> Iterator[QuiltWayOut]:
    """Another fabric of like value in some of the blocks that have the lacking one, in a pattern
    that looks meant; the one that changes fewest first.
    """
    if len(tries.lacking) != 1:
        return  # two at once would make another quilt of it
    (lacking,) = tries.lacking
    having = {key for key, one in tries.quilt.by_key.items() if _has(one, lacking)}
    laid = {
        (place.row, place.column): place.placed
        for place in places_of(tries.quilt.setting)
        if place.placed and place.placed.block in having
    }
    patterns = sorted(_patterns(tries.quilt, laid), key=lambda one: len(one[1]))
    for other, quilt, state in _in_its_place(tries, lacking, others):
        for name, places in patterns:
            changed = _changed(quilt, {at: laid[at] for at in places}, lacking, other)
            words = message(
                "way-out-blocks-of-quilt",
                changed=len(places),
                blocks=len(laid),
                pattern=name,
                fabric=tries.quilt.all_fabrics[lacking].called,
                other=quilt.all_fabrics[other].called,
            )
            yield QuiltWayOut("other-fabric", words, changed, state, tuple(places))


def _has(block: QuiltBlock, fabric: str) -> bool:
    return any(paint.fabric == fabric for paint in block.as_sewn.paints)


def _patterns(quilt: Quilt, laid: LaidPlaces) -> Iterator[tuple[str, list[RowColumn]]]:
    """Sets of places by which it looks meant that blocks differ, none empty, none twice."""
    last = rows_of(quilt.setting) - 1
    wide = {row: max(c for r, c in laid if r == row) for row, _ in laid}
    inner = {at for at in laid if 0 < at[0] < last and 0 < at[1] < wide[at[0]]}
    named = {
        "corners": [at for at in laid if at[0] in (0, last) and at[1] in (0, wide[at[0]])],
        "ring": [at for at in laid if at not in inner],
        "middle": [*inner],
        "every-other": [at for at in laid if sum(at) % 2],
        "every-other-and-corners": [at for at in laid if sum(at) % 2 == 0],
        "every-other-row": [at for at in laid if at[0] % 2],
        "outer-rows": [at for at in laid if at[0] in (0, last)],
        "all": [*laid],
    }
    known: set[frozenset[RowColumn]] = set()
    for name, places in named.items():
        if places and frozenset(places) not in known:
            known.add(frozenset(places))
            yield name, sorted(places)


def _in_its_place(
    tries: _Tries, lacking: str, others: Sequence[OtherCloth]
) -> Iterator[tuple[str, Quilt, TableState]]:
    """Fabrics of like value, those of the quilt first: the key, the quilt with it, and the state
    with what there is of it.
    """
    quilt, state = tries.quilt, tries.state
    own: Fabric = quilt.all_fabrics[lacking]
    for key, fabric in quilt.all_fabrics.items():
        if key != lacking and is_like(fabric, own) and not state.is_limited(key):
            yield key, quilt, state
    for one in others:
        if is_like(one.fabric, own):
            key = next_key([*quilt.all_fabrics], one.fabric.name)
            more = replace(quilt, fabrics=(*quilt.fabrics, replace(one.fabric, key=key)))
            pieces = tuple(PieceOnTable(key, *piece) for piece in one.pieces)
            there = replace(state, cloth=(*state.cloth, *pieces), only=state.only | {key})
            yield key, more, there


def _changed(quilt: Quilt, laid: LaidPlaces, lacking: str, other: str) -> Quilt:
    """The quilt with copies of its blocks, in the other fabric, at some places."""
    copies: dict[str, QuiltBlock] = {}
    for key in dict.fromkeys(placed.block for placed in laid.values()):
        block = quilt.by_key[key]
        fabrics = {one.key: block.fabrics.get(one.key, one.key) for one in block.draft.fabrics}
        name = f"{block.draft.name}, {quilt.all_fabrics[other].name or other}"
        copies[key] = replace(
            block,
            key=next_key([*quilt.by_key, *(one.key for one in copies.values())], name),
            draft=replace(block.draft, name=name),
            fabrics={one: other if to == lacking else to for one, to in fabrics.items()},
        )
    with_copies = replace(quilt, blocks=(*quilt.blocks, *copies.values()))
    return with_places(
        with_copies,
        {at: replace(placed, block=copies[placed.block].key) for at, placed in laid.items()},
    )


def _smaller(tries: _Tries, _: Sequence[OtherCloth]) -> Iterator[QuiltWayOut]:
    """The same quilt with fewer blocks, the largest first; among as large the one that is nearest
    to its shape.
    """
    setting = tries.quilt.setting
    least = 2 if setting.kind == "on-point" else 1
    shape = setting.columns / setting.rows
    sizes = sorted(
        (
            (columns, rows)
            for columns in range(least, setting.columns + 1)
            for rows in range(least, setting.rows + 1)
            if (columns, rows) != (setting.columns, setting.rows)
        ),
        key=lambda size: (-size[0] * size[1], abs(size[0] / size[1] - shape)),
    )
    for columns, rows in sizes[:MOST_SIZES]:
        smaller = replace(setting, columns=columns, rows=rows)
        inside = {(place.row, place.column) for place in places_of(smaller)}
        places = {at: one for at, one in setting.places.items() if at in inside}
        quilt = replace(tries.quilt, setting=replace(smaller, places=places))
        words = message(
            "way-out-smaller-quilt",
            columns=columns,
            rows=rows,
            before=setting.columns,
            rows_before=setting.rows,
            size=size_of_top(plan_quilt(quilt).finished, quilt),
        )
        yield QuiltWayOut("fewer-blocks", words, quilt, tries.state)


def _buying(tries: _Tries, _: Sequence[OtherCloth]) -> Iterator[QuiltWayOut]:
    """The least length of each fabric that is missing."""
    quilt, unit = tries.quilt, tries.quilt.unit
    for counts in (
        tries.standing.laid.missing,
        tries.standing.to_cut,
    ):
        buy = tuple(_length(quilt, key, counts) for key in tries.lacking)
        said: list[Text] = [
            message(
                "way-out-length",
                length=show(piece.height, unit),
                fabric=quilt.all_fabrics[piece.fabric].called,
            )
            for piece in buy
        ]
        width = show(quilt.making.usable, unit)
        words = message("way-out-buy", lengths=listed(said, "each-and"), width=width)
        state = replace(tries.state, cloth=(*tries.state.cloth, *buy))
        yield QuiltWayOut("buy", words, quilt, state, buy=buy)


def _length(quilt: Quilt, key: str, counts: Sequence[tuple[Cut, int]]) -> PieceOnTable:
    bolt = bolt_of(quilt.making, quilt.unit)
    cuts = [replace(cut, count=n) for cut, n in counts if cut.fabric == key and n]
    upright = quilt.all_fabrics[key].has_direction
    length: Fraction = plan_cloth(key, cuts, bolt, quilt.unit, upright=upright).exact
    return PieceOnTable(key, quilt.making.usable, length, 1)
