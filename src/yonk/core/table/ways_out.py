"""What can be done where there is not enough: each way out is a whole plan that was tried and
suffices.

Source: *When it does not go on as planned* in `docs/table.md`.
"""

from __future__ import annotations

from collections.abc import Iterator, Mapping
from dataclasses import dataclass, field, replace
from fractions import Fraction
from typing import Literal

from yonk.core.cutting import bolt_of, plan_cloth
from yonk.core.paper import Draft, DraftError, Message, listed, message, show
from yonk.core.planning import ways_side_by_side
from yonk.core.table.standing import TableStanding, standing_of
from yonk.core.table.state import PieceOnTable
from yonk.core.units import BY_NAME, UnitKindName

WayOutName = Literal[
    "smaller-margin", "another-way", "other-fabric", "pieced-patch", "fewer-blocks", "buy"
]


@dataclass(frozen=True)
class TableWayOut:
    """Something to do: in words; the draft that it makes, what is bought for it. `trim_margin`,
    `methods` and `blocks` are what it changes of the making.
    """

    do: WayOutName
    words: Message
    draft: Draft
    buy: tuple[PieceOnTable, ...] = ()
    trim_margin: Fraction | None = None
    methods: Mapping[UnitKindName, str] = field(default_factory=dict)
    blocks: int | None = None


def ways_out_of(standing: TableStanding) -> tuple[TableWayOut, ...]:
    """The ways out of a table on which something is missing, the one that changes least first;
    none where there is enough. Each was tried.
    """
    if standing.enough:
        return ()
    offered = (
        way
        for find in (_smaller_margin, _another_way, _fewer_blocks, _buying)
        for way in find(standing)
    )
    return tuple(way for way in offered if _suffices(standing, way))


def _suffices(standing: TableStanding, way: TableWayOut) -> bool:
    state = replace(standing.state, cloth=(*standing.state.cloth, *way.buy))
    try:
        return standing_of(way.draft, state).enough
    except DraftError:
        return False


def _draft(standing: TableStanding) -> Draft:
    return standing.plan.reading.draft


def _smaller_margin(standing: TableStanding) -> Iterator[TableWayOut]:
    """Units cut less much too large, or true: the largest margin that suffices."""
    draft, unit = _draft(standing), _draft(standing).unit
    margin, step = draft.making.trim_margin, draft.making.ruler_step
    smaller = (step * n for n in range(int(-(-margin // step)) - 1, -1, -1))
    for less in smaller:
        other = replace(draft, making=replace(draft.making, trim_margin=less))
        how = show(less, unit) if less else message("way-out-true-cut")
        words = message("way-out-smaller-margin", margin=how, before=show(margin, unit))
        way = TableWayOut("smaller-margin", words, other, trim_margin=less)
        if _suffices(standing, way):
            yield way
            return


def _another_way(standing: TableStanding) -> Iterator[TableWayOut]:
    """A kind of unit made in another way; of several ways that suffice the one proposed first."""
    draft = _draft(standing)
    for recipe, compared in ways_side_by_side(standing.plan):
        kind = recipe.group.kind
        for figures in compared.ways[1:]:
            name = figures.way.name
            methods = {**draft.making.methods, kind: name}
            other = replace(draft, making=replace(draft.making, methods=methods))
            words = {method.name: method.words for method in BY_NAME[kind].methods}
            ways = listed((words[part] for part in name.split("+")), "and")
            said = message("way-out-another-way", kind=BY_NAME[kind].words, way=ways)
            way = TableWayOut("another-way", said, other, methods={kind: name})
            if _suffices(standing, way):
                yield way
                break


def _fewer_blocks(standing: TableStanding) -> Iterator[TableWayOut]:
    """The most blocks for which there is enough."""
    draft = _draft(standing)
    enough, too_many = 0, draft.making.blocks
    while too_many - enough > 1:  # what suffices for some suffices for fewer
        blocks = (enough + too_many) // 2
        if _suffices(standing, _of_blocks(draft, blocks)):
            enough = blocks
        else:
            too_many = blocks
    if enough:
        yield _of_blocks(draft, enough)


def _of_blocks(draft: Draft, blocks: int) -> TableWayOut:
    words = message("way-out-fewer-blocks", blocks=blocks, before=draft.making.blocks)
    other = replace(draft, making=replace(draft.making, blocks=blocks))
    return TableWayOut("fewer-blocks", words, other, blocks=blocks)


def _buying(standing: TableStanding) -> Iterator[TableWayOut]:
    """The least length of each fabric that is missing: off the bolt, as far as it is usable."""
    draft = _draft(standing)
    exact = _lengths(standing, only_missing=True)
    way = _to_buy(draft, exact)
    if not _suffices(standing, way):  # the cloth that there is was cut into what does not go on
        way = _to_buy(draft, _lengths(standing, only_missing=False))
    yield way


def _lengths(standing: TableStanding, *, only_missing: bool) -> dict[str, Fraction]:
    draft = _draft(standing)
    bolt = bolt_of(draft.making, draft.unit)
    lacking = dict.fromkeys(cut.fabric for cut, _ in standing.laid.missing)
    found = {}
    for fabric in lacking:
        counts = (
            standing.laid.missing
            if only_missing
            else [(need.cut, need.to_cut) for need in standing.needs if need.to_cut]
        )
        cuts = [replace(cut, count=count) for cut, count in counts if cut.fabric == fabric]
        upright = draft.fabric(fabric).print == "directional"
        found[fabric] = plan_cloth(fabric, cuts, bolt, draft.unit, upright=upright).exact
    return found


def _to_buy(draft: Draft, lengths: Mapping[str, Fraction]) -> TableWayOut:
    width = draft.making.usable
    said = (
        message(
            "way-out-length",
            length=show(length, draft.unit),
            fabric=draft.fabric(fabric).called,
        )
        for fabric, length in lengths.items()
    )
    words = message("way-out-buy", lengths=listed(said, "each-and"), width=show(width, draft.unit))
    buy = tuple(PieceOnTable(fabric, width, length, 1) for fabric, length in lengths.items())
    return TableWayOut("buy", words, draft, buy)
