"""The ways out of a table on which something is missing, as the screen needs them: what each
changes, and how the table stands before and after. No rule is decided here.
"""

from __future__ import annotations

import json
from collections.abc import Iterator, Mapping, Sequence

from yonk.api.cut.schemas import (
    TableFiguresOut,
    WayOutLayoutsOut,
    WayOutShown,
    WaysOutOut,
)
from yonk.api.cut.view import layout_view
from yonk.api.fabrics.kept import shelf_cloth, shelf_picture
from yonk.api.table.kept import KeptTable
from yonk.api.table.schemas import ThingChangeInOut
from yonk.api.wire import Document
from yonk.core.cutting import pieces_of_fabric
from yonk.core.paper import Draft, Fabric, LengthUnit, Text, coloured, message
from yonk.core.planning import StageName, make_plan
from yonk.core.table import (
    OtherCloth,
    Paces,
    PieceOnTable,
    TableStanding,
    TableWayOut,
    block_standing,
    seconds_left,
    ways_out_of,
)
from yonk.files.block_file import write_block
from yonk.files.table_thing import write_piece, write_pieced
from yonk.store.fabrics import KeptFabric

LEAST_MINUTES = 3  # of a difference that is told


def ways_out_view(
    draft: Draft,
    stage: StageName,
    table: KeptTable,
    shelf: Mapping[str, KeptFabric],
    paces: Paces,
) -> WaysOutOut:
    """Every way out of a draft's table, with what it costs in time by her paces."""
    standing = block_standing(draft, stage, table.state)
    ways = ways_out_of(
        draft,
        standing,
        lambda other, state: block_standing(other, stage, state),
        [*other_cloths(draft.fabrics, draft.unit, shelf)],
    )
    before = seconds_left([make_plan(draft)], standing, paces) if ways else 0.0

    def takes(one: TableWayOut) -> Text:
        assert one.after is not None, "each was tried"
        return more_time(seconds_left([make_plan(one.draft)], one.after, paces) - before)

    return WaysOutOut(
        enough=standing.enough,
        before=_figures(draft, standing),
        ways=[_way(draft, standing, one, takes(one)) for one in ways],
    )


def more_time(seconds: float) -> Text:
    """By how much longer or shorter it takes, in minutes; nothing where that is less than a first
    guess is good for.
    """
    minutes = round(abs(seconds) / 60)
    if minutes < LEAST_MINUTES:
        return ""
    return message("way-out-takes", minutes=minutes, more="yes" if seconds > 0 else "no")


def other_cloths(
    fabrics: Sequence[Fabric], unit: LengthUnit, shelf: Mapping[str, KeptFabric]
) -> Iterator[OtherCloth]:
    """The fabrics of the shelf that are not among some, with what there is of them."""
    known = {fabric.shelf for fabric in fabrics}
    called = {fabric.name.casefold() for fabric in fabrics}  # most likely the same cloth
    for name, kept in shelf.items():
        told = json.loads(kept.document)
        pieces = pieces_of_fabric(shelf_cloth(kept), unit)
        if name in known or kept.name.casefold() in called or not pieces:
            continue
        fabric = Fabric(
            key="",
            name=kept.name,
            colour=told["colour"],
            value=told["value"],
            print=told["print"],
            shelf=name,
            picture=shelf_picture(told, unit),
        )
        yield OtherCloth(fabric, [(one.width, one.length, 1) for one in pieces])


def bought_cloth(buy: Sequence[PieceOnTable]) -> list[ThingChangeInOut]:
    """That so much more cloth there is of fabrics of which there was no more."""
    return [
        ThingChangeInOut(kind="cloth", thing=write_piece(piece), amount=piece.count)
        for piece in buy
    ]


def _way(draft: Draft, before: TableStanding, one: TableWayOut, takes: Text) -> WayOutShown:
    assert one.after is not None, "each was tried"
    unit, spoilt = draft.unit, _for_nothing(one.after) - _for_nothing(before)
    limited = dict.fromkeys(layout.fabric for layout in one.after.laid.layouts)
    changes = bought_cloth(one.buy)
    changes += [
        ThingChangeInOut(kind="pieced", thing=write_pieced(patch), amount=patch.count)
        for patch in one.pieced
    ]
    return WayOutShown(
        do=one.do,
        words=one.words,
        document=write_block(one.draft) if one.draft != draft else None,
        shown=_shown(draft, one.draft),
        changes=changes,
        after=_figures(one.draft, one.after),
        spoils=message("way-out-spoils", count=spoilt) if spoilt > 0 else "",
        takes=takes,
        layouts=[
            WayOutLayoutsOut(
                fabric=fabric,
                name=one.draft.fabric(fabric).called,
                layouts=[
                    layout_view(layout.layout, layout.cuts, unit, limited=True)
                    for layout in one.after.laid.layouts
                    if layout.fabric == fabric
                ],
            )
            for fabric in limited
        ],
    )


def _shown(draft: Draft, changed: Draft) -> Document | None:
    """What a block looks like that is changed, if any is."""
    if len(changed.colourings) > len(draft.colourings):
        return write_block(coloured(changed, changed.colourings[-1]))
    return write_block(changed) if changed.paints != draft.paints else None


def _for_nothing(standing: TableStanding) -> int:
    """How many pieces and units serve for nothing."""
    return sum(standing.left) + sum(standing.unwanted.values())


def _figures(draft: Draft, standing: TableStanding) -> TableFiguresOut:
    return TableFiguresOut(
        blocks=draft.making.blocks + sum(one.blocks for one in draft.colourings),
        to_cut=sum(count for _, count in standing.to_cut),
        missing=sum(count for _, count in standing.laid.missing),
    )
