"""The cutting as the screen needs it. No rule is decided here."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterator, Mapping, Sequence

from yonk.api.cut.changes import one_gone, ticked, unticked
from yonk.api.cut.schemas import (
    ChangedOut,
    ClothPieceOut,
    CutFabricOut,
    CutLineOut,
    CutOutPlan,
    LaidOut,
    LayoutOut,
    RecutOut,
    StripOut,
    StripsToldOut,
)
from yonk.api.cut.strips import strips_view
from yonk.api.fabrics.view import cost_on_shelf, costs_words
from yonk.api.table.kept import KeptTable
from yonk.api.table.schemas import ThingChangeInOut
from yonk.core.cutting import (
    MOST_DRAWN,
    ClothLayout,
    ClothPlan,
    CutList,
    Cutting,
    bought,
    cost_words,
    diagonal_drawn,
    each_strip_once,
    fat_quarters,
    not_booked,
    strip_words,
    strips_of,
)
from yonk.core.paper import Fabric, LengthUnit, Text, listed, message, show, write_typed
from yonk.core.planning import (
    Cut,
    StageName,
    cut_in_words,
    cut_size,
    cut_size_words,
    cut_words,
    further,
    note_on_fabric,
)
from yonk.core.sewing import CAUTIONS
from yonk.core.table import CutOnTable, LineNeed, OfNoUse, PieceOnTable, TableStanding
from yonk.files.cut_mark import write_mark
from yonk.files.table_thing import write_piece, write_staged
from yonk.store.fabrics import KeptFabric


def cutting_view(
    cutting: Cutting,
    shelf: Mapping[str, KeptFabric],
    table: KeptTable,
    standing: TableStanding,
    useless: OfNoUse,
    layers: int = 1,
) -> CutOutPlan:
    """The complete list of a stage."""
    return CutOutPlan(
        stage=cutting.stage,
        blocks=cutting.plan.all_blocks,
        fabrics=[
            fabric_view(cloth, cutting, cutting.stage, shelf, table, standing)
            for cloth in cutting.cloths
        ],
        steps=strips_view(cutting, cutting.stage, standing, layers),
        changed=[*changed_view(useless, cutting), *_unwanted(useless, table)],
        costs=costs_view(cutting, shelf),
        caution=CAUTIONS["blade"],
    )


def costs_view(cutting: CutList, shelf: Mapping[str, KeptFabric]) -> list[Text]:
    """What the cloth of a list costs, where she told prices."""
    return costs_words(
        [
            cost_on_shelf(one, cutting.unit, shelf.get(cutting.fabric(one.fabric).shelf))
            for one in cutting.cloths
        ]
    )


def fabric_view(
    cloth: ClothPlan,
    cutting: CutList,
    stage: StageName,
    shelf: Mapping[str, KeptFabric],
    table: KeptTable,
    standing: TableStanding,
) -> CutFabricOut:
    """How one cloth of a list is cut, and how each of its lines stands."""
    unit = cutting.unit
    fabric = cutting.fabric(cloth.fabric)
    needs = standing.lines(cloth.cuts, stage)
    lines = [
        _line(number, need, standing, stage, cutting, cloth) for number, need in enumerate(needs)
    ]
    tied = shelf.get(fabric.shelf)
    cost = cost_on_shelf(cloth, unit, tied)
    booked = all(one.count == 0 for one in not_booked(cloth.cuts, table.booked, stage))
    return CutFabricOut(
        key=fabric.key,
        name=fabric.called,
        note=note_on_fabric(fabric),
        shelf=fabric.shelf,
        shelf_name=tied.name if tied else "",
        buy=bought(cloth.buy, unit),
        buy_exact=float(cloth.buy),
        needed=show(cloth.exact, unit),
        least=show(cloth.bound, unit),
        fat_quarters=fat_quarters(cloth.fat_quarters),
        from_shelf=[] if cloth.limited else _from_shelf(cloth),
        cost=cost_words(cost) if cost else "",
        too_large=[
            message(
                "so-many-of",
                count=count,
                size=cut_size_words(cloth.cuts[line].width, cloth.cuts[line].height, unit),
            )
            for line, count in cloth.too_large
        ],
        leftovers=[cut_size_words(piece.width, piece.length, unit) for piece in cloth.leftovers],
        lines=lines,
        layouts=[
            layout_view(layout, cloth.cuts, unit, limited=cloth.limited) for layout in cloth.layouts
        ],
        done=all(line.ticked for line in lines),
        put_back=booked,
        limited=cloth.limited,
        cloth=[
            ClothPieceOut(
                width=write_typed(one.width, unit),
                length=write_typed(one.height, unit),
                count=one.count,
                words=message("so-many-of", count=one.count, size=size) if one.count > 1 else size,
            )
            for one in _cloth_of(fabric.key, table, cloth)
            for size in [cut_size_words(one.width, one.height, unit)]
        ],
        missing=[
            cut_in_words(cut.what, count * (cut.segments or 1), fabric.called, unit)
            for cut, count in cloth.missing
        ],
        recut=[*_recut(fabric, standing, unit)],
    )


def _cloth_of(fabric: str, table: KeptTable, cloth: ClothPlan) -> list[PieceOnTable]:
    """The pieces that there are of a fabric, as far as it is told: on the table, else on the
    shelf.
    """
    if cloth.limited:
        return [one for one in table.cloth if one.fabric == fabric]
    counts = Counter(
        (layout.source.width, layout.source.length) for layout in cloth.layouts if not layout.bought
    )
    return [PieceOnTable(fabric, *size, count) for size, count in counts.items()]


def _recut(fabric: Fabric, standing: TableStanding, unit: LengthUnit) -> Iterator[RecutOut]:
    """What is cut from pieces that went wrong, or that are of no other use, entry by entry."""
    state = standing.state
    for (source, index), count in standing.laid.cut_up.items():
        entry = state.spoiled[index] if source == "spoiled" else state.cut[index]
        if entry.fabric != fabric.key:
            continue
        pieces = [one for one in standing.laid.pieces if (one.source, one.index) == (source, index)]
        told = [cut_in_words(one.cut.what, one.count, fabric.called, unit) for one in pieces]
        changes = [
            ThingChangeInOut(
                kind="cut", thing=write_staged(one.cut.what, one.row.stage), amount=one.count
            )
            for one in pieces
        ]
        yield RecutOut(
            words=message(
                "cut-from-a-piece",
                what=listed(told, "comma"),
                count=count,
                size=cut_size_words(entry.width, entry.height, unit),
            ),
            changes=[*changes, _gone(entry, count)],
        )


def _gone(entry: PieceOnTable | CutOnTable, count: int) -> ThingChangeInOut:
    """So many of what lies there are cut up."""
    if isinstance(entry, CutOnTable):
        assert entry.what is not None, "what is kept is known by its identity"
        thing = write_staged(entry.what, entry.stage)
        return ThingChangeInOut(kind="cut", thing=thing, amount=-count)
    return ThingChangeInOut(kind="spoiled", thing=write_piece(entry), amount=-count)


def _from_shelf(cloth: ClothPlan) -> list[Text]:
    counts = Counter(layout.source.name for layout in cloth.layouts if not layout.bought)
    return [
        message("so-many-of", count=count, size=name) if count > 1 else name
        for name, count in counts.items()
    ]


def _line(
    number: int,
    need: LineNeed,
    standing: TableStanding,
    stage: StageName,
    cutting: CutList,
    cloth: ClothPlan,
) -> CutLineOut:
    cut, unit = need.cut, cutting.unit
    sofar, whole = (
        sum(one.pieces_cut for one in cuts) for cuts in (cloth.cuts[:number], cloth.cuts)
    )
    last = sofar + cut.pieces_cut
    name, there = cutting.fabric(cloth.fabric).called, need.there
    return CutLineOut(
        number=number,
        key=f"{write_mark(cut.what)} {number}",
        count=cut.pieces_cut,
        size=cut_size(cut, unit),
        what=cut_words(cut.shape, cut.pieces_cut),
        shape=cut.shape,
        subcut=cut.subcut,
        further=further(cut, unit),
        purpose=listed(cutting.purposes(cut), "semicolon"),
        letters=list(dict.fromkeys(p.letter for p in cut.purposes if p.letter)),
        units=list(cut.units),
        strips=strips_of(number, cloth, unit),
        running=message(
            "running-count", count=cut.pieces_cut, first=sofar + 1, last=last, whole=whole
        ),
        ticked=need.is_done,
        done=cut_in_words(cut.what, there, name, unit) if there else "",
        serves=_serving(need, name, unit),
        there=need.there,
        in_units=need.by_units,
        in_lots=need.by_lots,
        wanted=cut.amount,
        thing=write_staged(cut.what, stage),
        piece=write_piece(PieceOnTable(cut.fabric, cut.width, cut.height, 1))
        if cut.shape in ("square", "rectangle")
        else "",
        on=ticked(need, stage),
        off=unticked(need, standing.state, stage),
        gone=one_gone(cut.what, standing.state, stage),
    )


def _serving(need: LineNeed, fabric: Text, unit: LengthUnit) -> Text:
    """Which larger pieces can be cut down: 4 squares 4″ × 4″."""
    return listed(
        [
            cut_in_words(one.what, count, fabric, unit)
            for one, count in need.served_by
            if one.what is not None
        ],
        "semicolon",
    )


def layout_view(
    layout: ClothLayout, cuts: Sequence[Cut], unit: LengthUnit, *, limited: bool = False
) -> LayoutOut:
    """How a piece of cloth is cut; where it is `limited` there is no more."""
    source, drawn = layout.source, each_strip_once(layout, MOST_DRAWN)
    counts = Counter(strip_words(strip, unit) for strip in layout.strips)
    return LayoutOut(
        name=message("layout-of-new-cloth")
        if layout.bought
        else message(
            "layout-of-what-there-is" if limited else "layout-from-the-shelf", piece=source.name
        ),
        bought=layout.bought,
        width=float(source.width),
        length=float(drawn.source.length),
        size=listed((show(source.width, unit), show(source.length, unit)), "times"),
        strips=[
            StripOut(
                y=float(strip.y),
                height=float(strip.height),
                wide=show(strip.height, unit),
                words=strip_words(strip, unit),
            )
            for strip in drawn.strips
        ],
        laid=[
            LaidOut(
                line=one.line,
                strip=drawn.strip_of(one),
                x=float(one.x),
                y=float(one.y),
                width=float(one.width),
                height=float(one.height),
                diagonal=diagonal_drawn(cuts[one.line], one),
            )
            for one in drawn.laid
        ],
        strips_in_words=[
            StripsToldOut(count=count, words=words) for words, count in counts.items()
        ],
        shortened=drawn is not layout,
        straightening=float(layout.straightening),
    )


def changed_view(useless: OfNoUse, cutting: CutList) -> list[ChangedOut]:
    """What is cut and not needed any more."""
    found = []
    for one in useless.cuts:
        name = cutting.fabric(one.what.fabric).called
        what = cut_in_words(one.what, one.count, name, cutting.unit)
        words = message("cut-and-not-needed", count=one.count, what=what, good=one.good)
        found.append(ChangedOut(words=words, fabric=one.what.fabric))
    return found


def _unwanted(useless: OfNoUse, table: KeptTable) -> list[ChangedOut]:
    """The units that are made and not wanted any more, in the words of their step."""
    return [
        ChangedOut(
            words=message("made-and-not-needed", count=count, step=table.units.get(mark, "")),
            fabric="",
        )
        for mark, count in useless.units.items()
    ]
