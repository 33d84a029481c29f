"""The cutting as the screen needs it. No rule is decided here."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable, Mapping

from yonk.api.cut.schemas import (
    ChangedOut,
    CutFabricOut,
    CutLineOut,
    CutOutPlan,
    LaidOut,
    LayoutOut,
    MarkInOut,
    StripOut,
    StripsToldOut,
)
from yonk.core.cutting import (
    MOST_DRAWN,
    Changed,
    ClothLayout,
    ClothPlan,
    CutList,
    CutsDone,
    Cutting,
    Marks,
    StagedCut,
    Tick,
    bought,
    diagonal_drawn,
    each_strip_once,
    fat_quarters,
    not_booked,
    spares_beside,
    strip_words,
    strips_of,
    ticks,
)
from yonk.core.paper import LengthUnit, Text, listed, message, show
from yonk.core.planning import (
    StageName,
    cut_in_words,
    cut_size,
    cut_size_words,
    cut_words,
    further,
)
from yonk.core.sewing import CAUTIONS
from yonk.files.cut_mark import write_mark
from yonk.store.fabrics import KeptFabric


def cutting_view(
    cutting: Cutting, shelf: Mapping[str, KeptFabric], marks: Marks, changed: Changed
) -> CutOutPlan:
    """The complete list of a stage."""
    serving = spares_beside(cutting, marks.done)
    return CutOutPlan(
        stage=cutting.stage,
        blocks=cutting.plan.all_blocks,
        fabrics=[
            fabric_view(cloth, cutting, cutting.stage, shelf, marks, serving)
            for cloth in cutting.cloths
        ],
        changed=changed_view(changed, cutting),
        caution=CAUTIONS["blade"],
    )


def fabric_view(
    cloth: ClothPlan,
    cutting: CutList,
    stage: StageName,
    shelf: Mapping[str, KeptFabric],
    marks: Marks,
    serving: CutsDone | None = None,
) -> CutFabricOut:
    """How one cloth of a list is cut, and what of it is ticked in a stage; `serving` is what
    another stage gave too many of.
    """
    unit = cutting.unit
    fabric = cutting.fabric(cloth.fabric)
    standing = ticks(cloth.cuts, marks.done, stage, serving)
    lines = [_line(number, tick, cutting, cloth) for number, tick in enumerate(standing)]
    tied = shelf.get(fabric.shelf)
    booked = all(one.count == 0 for one in not_booked(cloth.cuts, marks.booked, stage))
    return CutFabricOut(
        key=fabric.key,
        name=fabric.called,
        shelf=fabric.shelf,
        shelf_name=tied.name if tied else "",
        buy=bought(cloth.buy, unit),
        buy_exact=float(cloth.buy),
        needed=show(cloth.exact, unit),
        least=show(cloth.bound, unit),
        fat_quarters=fat_quarters(cloth.fat_quarters),
        from_shelf=_from_shelf(cloth),
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
        layouts=[_layout(layout, cloth, unit) for layout in cloth.layouts],
        done=all(line.ticked for line in lines),
        put_back=booked,
    )


def _from_shelf(cloth: ClothPlan) -> list[Text]:
    counts = Counter(layout.source.name for layout in cloth.layouts if not layout.bought)
    return [
        message("so-many-of", count=count, size=name) if count > 1 else name
        for name, count in counts.items()
    ]


def _line(number: int, tick: Tick, cutting: CutList, cloth: ClothPlan) -> CutLineOut:
    cut, unit = cloth.cuts[number], cutting.unit
    sofar, whole = (
        sum(one.pieces_cut for one in cuts) for cuts in (cloth.cuts[:number], cloth.cuts)
    )
    last = sofar + cut.pieces_cut
    name = cutting.fabric(cloth.fabric).called
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
        ticked=tick.ticked,
        done=cut_in_words(cut.what, tick.done, name, unit) if tick.done else "",
        on=_marks(tick.on),
        off=_marks(tick.off),
    )


def _marks(kept: Iterable[tuple[StagedCut, int]]) -> list[MarkInOut]:
    return [
        MarkInOut(stage=mark.stage, cut=write_mark(mark.what), done=amount) for mark, amount in kept
    ]


def _layout(layout: ClothLayout, cloth: ClothPlan, unit: LengthUnit) -> LayoutOut:
    source, drawn = layout.source, each_strip_once(layout, MOST_DRAWN)
    counts = Counter(strip_words(strip, unit) for strip in layout.strips)
    return LayoutOut(
        name=message("layout-of-new-cloth")
        if layout.bought
        else message("layout-from-the-shelf", piece=source.name),
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
                diagonal=diagonal_drawn(cloth.cuts[one.line], one),
            )
            for one in drawn.laid
        ],
        strips_in_words=[
            StripsToldOut(count=count, words=words) for words, count in counts.items()
        ],
        shortened=drawn is not layout,
        straightening=float(layout.straightening),
    )


def changed_view(found: Changed, cutting: CutList) -> list[ChangedOut]:
    """What is cut and not needed any more, and what is still needed."""
    out = []
    for one in found.useless:
        name = cutting.fabric(one.what.fabric).called
        what = cut_in_words(one.what, one.useless, name, cutting.unit)
        words = message("cut-and-not-needed", count=one.useless, what=what, good=one.good)
        out.append(ChangedOut(words=words, fabric=one.what.fabric, kind="useless"))
    for one in found.still:
        name = cutting.fabric(one.what.fabric).called
        what = cut_in_words(one.what, one.done, name, cutting.unit)
        words = message("cut-and-more-needed", count=one.done, what=what, still=one.still)
        out.append(ChangedOut(words=words, fabric=one.what.fabric, kind="still"))
    return out
