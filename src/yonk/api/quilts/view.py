"""A quilt as the screen needs it. No rule is decided here."""

from __future__ import annotations

from collections import defaultdict
from collections.abc import Iterator, Mapping, Sequence

from yonk.api.draft.view import fabric_out, settings_view
from yonk.api.fabrics.view import dye_out
from yonk.api.quilts.schemas import (
    AlikeOut,
    BorderOut,
    HandleOut,
    PartNameOut,
    QuiltBlockOut,
    QuiltClothOut,
    QuiltLineOut,
    QuiltMendOut,
    QuiltNoticeOut,
    QuiltOut,
    QuiltPictureOut,
    QuiltSettingOut,
    QuiltSheetOut,
    SettingClothOut,
    SizeWayOut,
    SpreadOut,
    StopOut,
    SymbolOut,
    UseOut,
    VanishingOut,
)
from yonk.api.shown import picture, picture_by_fabric
from yonk.api.wire import PictureFaceOut
from yonk.core.paper import (
    XY,
    Capital,
    Decimal,
    Fabric,
    LengthUnit,
    Message,
    Text,
    listed,
    message,
    next_fabric,
    no_fabric,
    show,
    suffix_of,
    write_typed,
)
from yonk.core.planning import (
    Cut,
    cut_size,
    cut_size_words,
    cut_words,
    further,
    lightness,
    read,
)
from yonk.core.setting import (
    LaidBlock,
    Quilt,
    QuiltPlan,
    SizeWay,
    SpreadWish,
    Vanishing,
    clashing,
    handles_of,
    layout_of,
    lonely,
    purpose_message,
    quilt_notices,
    size_of_top,
    vanishing,
    widths_on_the_ruler,
)
from yonk.core.top import cuts_around
from yonk.files.quilt_file import write_quilt

MANY = 150  # patches of a block, above which those of a fabric are drawn as one


def quilt_view(plan: QuiltPlan) -> QuiltOut:
    """Everything the page of a quilt shows."""
    quilt = plan.quilt
    return QuiltOut(
        document=write_quilt(quilt),
        sheet=QuiltSheetOut(
            name=quilt.name,
            unit=quilt.unit,
            suffix=suffix_of(quilt.unit),
            finished=size_of_top(plan.finished, quilt),
            top=size_of_top(plan.top, quilt),
            blocks=sum(plan.counts.values()),
            settings=settings_view(quilt.making, quilt.unit),
        ),
        setting=_setting(quilt),
        picture=_by_hand(quilt),
        blocks=[_block(quilt, key, plan.counts.get(key, 0)) for key in quilt.by_key],
        fabrics=[fabric_out(one, 0) for one in quilt.all_fabrics.values()],
        next=dye_out(next_fabric([*quilt.all_fabrics.values()])),
        cloths=list(_cloths(plan)),
        vanishing=list(_vanishing(quilt)),
        alike=_alike(quilt),
        spread=_spread(quilt),
        can_colour=[
            one.key for one in quilt.blocks if one.colouring is None and one.draft.colourings
        ],
        notices=_notices(plan),
    )


def _notices(plan: QuiltPlan) -> list[QuiltNoticeOut]:
    """What there is to say, each once, with the acts that would mend it."""
    once = {one.text: one for one in quilt_notices(plan)}
    return [
        QuiltNoticeOut(
            words=one.text,
            mends=[QuiltMendOut(words=mend.words, act=mend.act) for mend in one.mends],
        )
        for one in once.values()
    ]


def quilt_picture(quilt: Quilt) -> QuiltPictureOut:
    """A quilt to be drawn."""
    layout, fabrics = layout_of(quilt), quilt.all_fabrics
    places = {key: place for place, key in enumerate(fabrics)}
    laid = (*layout.blocks, *layout.border_blocks, *layout.halves)
    used = dict.fromkeys(one.placed.block for one in laid if one.placed)
    return QuiltPictureOut(
        width=layout.width,
        height=layout.height,
        top=layout.top,
        side=(float(layout.module.width), float(layout.module.height)),
        symbols=[_symbol(quilt, key) for key in used],
        uses=list(_uses(layout.blocks)),
        border_uses=list(_uses(layout.border_blocks)),
        half_uses=list(_uses(layout.halves)),
        cloths=[
            SettingClothOut(
                purpose=one.purpose,
                cloth=places.get(one.fabric),
                outline=list(one.outline),
                colour=_colour(fabrics, one.fabric),
                grey=_grey(_colour(fabrics, one.fabric)),
            )
            for one in layout.cloths
        ],
    )


def _by_hand(quilt: Quilt) -> QuiltPictureOut:
    """A quilt to be drawn, and taken hold of."""
    unit = quilt.unit
    handles = [
        HandleOut(
            part=one.part,
            ends=one.ends,
            side=one.side,
            toward=one.toward,
            inside="" if one.inside is None else write_typed(one.inside, unit),
            width=float(one.width),
            typed=write_typed(one.width, unit),
            words=show(one.width, unit),
        )
        for one in handles_of(quilt)
    ]
    stops = [
        StopOut(width=float(one), typed=write_typed(one, unit), words=show(one, unit))
        for one in widths_on_the_ruler(quilt)
    ]
    drawn = quilt_picture(quilt)
    names = dict.fromkeys(one.purpose for one in drawn.cloths)
    parts = [PartNameOut(part=one, words=_part_name(one)) for one in names]
    symbols = [_symbol(quilt, key) for key in quilt.by_key]  # those that lie nowhere yet too
    more = {"handles": handles, "stops": stops, "parts": parts, "symbols": symbols}
    return drawn.model_copy(update=more)


def _part_name(part: str) -> Text:
    return purpose_message("side-triangle" if part == "edge" else part)


def _colour(fabrics: Mapping[str, Fabric], key: str) -> str:
    return fabrics[key].colour if key in fabrics else "#fffdf6"


def _grey(colour: str) -> str:
    part = round(lightness(colour) * 2.55)
    return f"#{part:02x}{part:02x}{part:02x}"


def _symbol(quilt: Quilt, key: str) -> SymbolOut:
    draft = quilt.by_key[key].as_sewn
    reading = read(draft)
    drawn = picture_by_fabric if len(reading.drawing.faces) > MANY else picture
    half = float(draft.width) / 2, float(draft.height) / 2
    of_quilt = {fabric: place for place, fabric in enumerate(quilt.all_fabrics)}
    cloth = {place: of_quilt[one.key] for place, one in enumerate(draft.fabrics)}
    faces = [
        PictureFaceOut(
            outline=[(x - half[0], y - half[1]) for x, y in face.outline],
            colour=face.colour,
            cloth=None if face.cloth is None else cloth[face.cloth],
        )
        for face in drawn(reading)
    ]
    return SymbolOut(key=key, faces=faces, greys=[_grey(one.colour) for one in faces])


def _uses(blocks: Sequence[LaidBlock]) -> Iterator[UseOut]:
    for one in blocks:
        yield UseOut(
            row=one.row,
            column=one.column,
            block=one.placed.block if one.placed else "",
            x=one.middle[0],
            y=one.middle[1],
            angle=one.angle,
            mirrored=bool(one.placed and one.placed.mirrored),
        )


def _block(quilt: Quilt, key: str, count: int) -> QuiltBlockOut:
    block = quilt.by_key[key]
    draft = block.draft
    return QuiltBlockOut(
        key=key,
        name=block.title,
        finished=cut_size_words(draft.width, draft.height, quilt.unit),
        count=count,
        origin=block.origin,
        revision=block.revision,
    )


def _cloths(plan: QuiltPlan) -> Iterator[QuiltClothOut]:
    """The list by fabric, as the whole list has it: the blocks' cuts, then what is around them."""
    unit, fabrics = plan.quilt.unit, plan.quilt.all_fabrics
    lines: dict[str, list[QuiltLineOut]] = defaultdict(list)
    for key, block in plan.plans.items():
        name = plan.quilt.by_key[key].title
        for cut in block.cuts:
            lines[cut.fabric].append(_line(cut, name, unit))
    around = cuts_around(plan)
    for cut in (*around.cuts, *around.panels):
        role = listed(dict.fromkeys(one.role for one in cut.purposes), "comma")
        lines[cut.fabric].append(_line(cut, role, unit))
    for key, mine in lines.items():
        fabric = fabrics.get(key) or no_fabric(key)
        yield QuiltClothOut(fabric=key, name=fabric.called, lines=mine)


def _line(cut: Cut, purpose: Text, unit: LengthUnit) -> QuiltLineOut:
    return QuiltLineOut(
        count=cut.pieces_cut,
        size=cut_size(cut, unit),
        what=cut_words(cut.shape, cut.pieces_cut),
        further=further(cut, unit),
        purpose=purpose,
    )


def _alike(quilt: Quilt) -> AlikeOut:
    """Whether neighbours are alike, as she asked, where there are several blocks to spread; where
    they were spread the pairs are marked.
    """
    if len(quilt.blocks) < 2:
        return AlikeOut(words="", marks=[])
    setting = quilt.setting
    wish = setting.spread or SpreadWish()
    pairs, alone = clashing(quilt, wish), lonely(quilt, wish)
    proved = wish.proved_for == wish.asked_of(setting, len(quilt.blocks))
    touching = len(pairs) + len(alone)
    least = min(wish.least, touching) if proved else 0
    words = message(
        "alike-neighbours",
        pairs=touching,
        least=least,
        how="proved" if touching and touching == least else "some" if least else "free",
    )
    if setting.spread is None:
        return AlikeOut(words=words, marks=[])
    middles = {(one.row, one.column): one.middle for one in layout_of(quilt).blocks}
    marks = [_between(middles[one], middles[other]) for one, other in pairs]
    return AlikeOut(words=words, marks=[*marks, *(middles[at] for at in alone)])


def _between(one: XY, other: XY) -> XY:
    return (one[0] + other[0]) / 2, (one[1] + other[1]) / 2


def _spread(quilt: Quilt) -> SpreadOut:
    wish = quilt.setting.spread or SpreadWish()
    return SpreadOut(
        corners=wish.corners, held=list(wish.held), rules=list(wish.rules), seed=wish.seed
    )


def size_way(plan: QuiltPlan, way: SizeWay) -> SizeWayOut:
    """A way to reach a size, in words."""
    quilt, setting = plan.quilt, plan.quilt.setting
    unit = quilt.unit
    many = sum(plan.counts.values())
    parts = [
        message("so-many-places", columns=setting.columns, rows=setting.rows, blocks=many),
        message("sashing-so-wide", wide=show(way.sashing, unit))
        if way.sashing
        else message("no-sashing"),
        _border_of(way, unit),
        *([message("blocks-redrafted", side=show(way.block, unit))] if way.block else []),
    ]
    differs = (("wider", "narrower"), ("higher", "lower"))
    off = [
        message("size-differs", by=show(over, unit), way=more)
        if over > 0
        else message("size-differs", by=show(-over, unit), way=less)
        for over, (more, less) in zip(way.over, differs, strict=True)
        if over != 0
    ]
    return SizeWayOut(
        size=size_of_top(plan.finished, quilt),
        words=listed(parts, "comma"),
        off=listed(off, "each-and") if off else message("just-so"),
        cloth=cloth_words(plan),
        columns=setting.columns,
        rows=setting.rows,
        sashing=write_typed(way.sashing, unit),
        border=write_typed(way.border, unit),
        ends="" if way.ends is None else write_typed(way.ends, unit),
        block="" if way.block is None else write_typed(way.block, unit),
        picture=quilt_picture(quilt),
        fabrics=listed(_areas(plan), "comma"),
        pieces=sum(cut.pieces_cut for one in plan.plans.values() for cut in one.cuts)
        + sum(plan.pieces.values()),
        lost=way.lost,
    )


def _border_of(way: SizeWay, unit: str) -> Message:
    if not way.border:
        return message("no-border")
    if way.ends is None:
        return message("border-so-wide", wide=show(way.border, unit))
    both = show(way.border, unit), show(way.ends, unit)
    return message("border-at-sides-and-ends", sides=both[0], ends=both[1])


def _areas(plan: QuiltPlan) -> list[Message]:
    """How much of each fabric is cut, the most first."""
    unit, fabrics = plan.quilt.unit, plan.quilt.all_fabrics
    areas = sorted(plan.areas.items(), key=lambda one: -one[1])
    return [
        message(
            "cloth-of-a-fabric",
            fabric=(fabrics.get(key) or no_fabric(key)).called,
            area=Decimal(area / (1296 if unit == "in" else 10_000), 1, fixed=True),
            unit=unit,
        )
        for key, area in areas
    ]


def cloth_words(plan: QuiltPlan) -> Message:
    """How much cloth is cut for the whole top: square yards are of 36 × 36 inches, square metres of
    100 × 100 centimetres.
    """
    unit = plan.quilt.unit
    area = plan.area / (1296 if unit == "in" else 10_000)
    return message("cloth-of-a-top", area=Decimal(float(area), 1, fixed=True), unit=unit)


def _vanishing(quilt: Quilt) -> Iterator[VanishingOut]:
    """Neighbours that nearly vanish, those of the same blocks and the same share told once."""
    alike: dict[tuple[frozenset[str | None], int], list[Vanishing]] = defaultdict(list)
    for one in vanishing(quilt):
        alike[frozenset(one.blocks), round(100 * one.share)].append(one)
    for (keys, share), pairs in alike.items():
        yield VanishingOut(
            pairs=[(one.one, one.other) for one in pairs],
            words=_vanish_words(quilt, keys, share, pairs),
        )


def _vanish_words(
    quilt: Quilt, keys: frozenset[str | None], share: int, pairs: Sequence[Vanishing]
) -> Message:
    """Which neighbours nearly vanish into each other; plain squares come after the blocks."""
    (row, column), (below, beside) = pairs[0].one, pairs[0].other
    first = message(
        "row-and-place-and-other",
        row=row + 1,
        place=column + 1,
        other_row=below + 1,
        other_place=beside + 1,
    )
    if len(pairs) == 1:
        return message("pair-vanishes", pair=Capital(first), share=share)
    names = [
        quilt.by_key[key].title if key else message("a-plain-square")
        for key in [
            *(key for key in quilt.by_key if key in keys),
            *([None] if None in keys else []),
        ]
    ]
    which = message("one-beside-the-other", one=names[0], other=names[-1])
    if len(names) == 1:
        which = message("one-beside-itself", one=names[0])
    return message("pairs-vanish", which=Capital(which), pairs=len(pairs), share=share, first=first)


def _setting(quilt: Quilt) -> QuiltSettingOut:
    setting, unit = quilt.setting, quilt.unit
    alternate, sashing, edge = setting.alternate, setting.sashing, setting.edge
    return QuiltSettingOut(
        kind=setting.kind,
        columns=setting.columns,
        rows=setting.rows,
        fill=setting.fill.block,
        alternate_block=alternate.block if alternate else "",
        alternate_fabric=alternate.fabric if alternate else "",
        sashing_fabric=sashing.fabric if sashing else "",
        sashing_width=write_typed(sashing.width, unit) if sashing else "",
        cornerstones=sashing.cornerstones if sashing else "",
        outer=bool(sashing and sashing.outer),
        edge_fabric=edge.fabric if edge else "",
        floats=write_typed(edge.floats, unit) if edge else "",
        half_blocks=bool(edge and edge.half_blocks),
        pieced=bool(edge and edge.pieced),
        halves_at=edge.halves_at if edge else "all",
        module="" if setting.module is None else write_typed(setting.module, unit),
        frame=setting.frame,
        borders=[
            BorderOut(
                width=write_typed(one.width, unit),
                ends="" if one.ends is None else write_typed(one.ends, unit),
                fabric=one.fabric,
                block=one.block,
                corner=one.corner,
                first=one.first,
            )
            for one in quilt.borders
        ],
        backing=quilt.backing.fabric if quilt.backing else "",
        overhang=write_typed(quilt.backing.overhang, unit) if quilt.backing else "",
        binding=quilt.binding.fabric if quilt.binding else "",
        binding_width=write_typed(quilt.binding.width, unit) if quilt.binding else "",
        grain=quilt.binding.grain if quilt.binding else "straight",
        seam=write_typed(quilt.making.seam, unit),
    )
