"""Recipes, their steps and the questions outside a block, as the screen needs them. No rule is decided here."""

from __future__ import annotations

from collections.abc import Sequence
from fractions import Fraction

from yonk.api.recipe_schemas import (
    AskedOut,
    CardOut,
    ClothOut,
    CutChartOut,
    CutChartRowOut,
    LabelOut,
    MarkOut,
    PartOut,
    PossibleOut,
    RecipesOut,
    ShareOut,
    StepOut,
    StepPictureOut,
    StepsOut,
    VerdictOut,
    WayCutOut,
    WayOut,
)
from yonk.api.view import fabrics_of, sheet_of
from yonk.core.drawing import grid_point_inside
from yonk.core.finder import Asked, ChartLine, OnHand, Possible, Verdict
from yonk.core.paper import Draft, DraftError, show, write_exact
from yonk.core.planning import (
    Comparison,
    CutLine,
    Figures,
    Group,
    Plan,
    Wanted,
    Way,
    compare,
    diagonal,
    of_group,
    size,
    steps_of,
    wanted_of,
    way_named,
    working,
)
from yonk.core.sewing import Picture, Step, picture_of, rounded
from yonk.core.units import BY_NAME, Hand, Method, Subcut, Terms, Unit, target_of
from yonk.files.block_file import write_block

FURTHER = {"none": "", "one-diagonal": "cut once on the diagonal", "both-diagonals": "cut on both diagonals"}


def _further(subcut: Subcut, hand: Hand | None) -> str:
    """How a piece is cut further, and which way where that matters."""
    return f"{FURTHER[subcut]}, {diagonal(hand, None)}" if hand else FURTHER[subcut]


def _other_way(line: CutLine) -> str:
    return f"; {line.other_way} of them the other way, for the mirror images" if line.other_way else ""


PRINTS = {
    "upright": "stay upright",
    "stripes": "only one-way prints turn",
    "turned": "turn",
}
ROLES = {
    "goose": "goose", "sky": "sky", "half": "half", "quarter": "quarter", "corner": "corner", "centre": "centre",
    "base": "base", "strip": "strip", "square": "square", "patch": "patch",
}  # fmt: skip


def wanted_in(plan: Plan) -> Wanted:
    """What a plan wants of each group."""
    return wanted_of([(plan.reading, plan.blocks), *plan.colourings])


def recipes_view(plan: Plan) -> RecipesOut:
    """All groups of a plan with their ways."""
    draft, wanted = plan.reading.draft, wanted_in(plan)
    cards = []
    for group, recipes in of_group(plan.recipes):
        chosen = recipes[0].way.name if recipes[0].chosen else None
        cards.append(_card(compare(group, wanted, chosen), wanted, plan, recipes[0].reason))
    return RecipesOut(document=write_block(draft), sheet=sheet_of(plan), fabrics=fabrics_of(plan), cards=cards)


def _card(found: Comparison, wanted: Wanted, plan: Plan, reason: str) -> CardOut:
    group, unit, terms = found.group, found.group.unit, wanted.terms
    wide, high = max(unit.width, unit.height), min(unit.width, unit.height)
    both = terms.both_seams
    mate = wanted.mirror(group) if unit.hand else None
    parts, width, height = picture(unit, terms.seam)
    return CardOut(
        label=group.label, kind=group.kind, words=BY_NAME[group.kind].words, hand=unit.hand,
        mate=mate.label if mate and found.demand.mirrored else None,
        letters=sorted({part.cloth.letter for part in unit.parts}, key=lambda name: (len(name), name)),
        finished=size(wide, high, terms.unit), unfinished=size(wide + both, high + both, terms.unit),
        per_block=group.per_block, total=found.demand.total, at=_at(group, plan), width=width, height=height,
        picture=parts, reason=reason, proposal=found.reason,
        ways=[_way(figures, number == 0, wanted, unit) for number, figures in enumerate(found.ways)],
    )  # fmt: skip


def _at(group: Group, plan: Plan) -> tuple[str, str] | None:
    """A point in one of the units, where the block as drafted has one."""
    known = next((one for one in plan.reading.groups if one.identity == group.identity), None)
    if known is None:
        return None
    drawing = plan.reading.drawing
    x, y = grid_point_inside(drawing, drawing.faces[known.members[0][0]])
    return write_exact(x), write_exact(y)


def picture(unit: Unit, seam: Fraction) -> tuple[list[PartOut], float, float]:
    """A unit as it is drafted, with its width and height."""
    target = target_of(unit, seam)
    parts = [PartOut(outline=list(rounded(outline)), fabric=fabric) for outline, fabric in target.parts]
    return parts, round(target.width, 3), round(target.height, 3)


def _way(figures: Figures, taken: bool, wanted: Wanted, unit: Unit) -> WayOut:
    terms, way = wanted.terms, figures.way
    draft = wanted.draft
    return WayOut(
        name=way.name, words=way.words, taken=taken, chosen=figures.chosen, proposed=figures.proposed,
        cut=_cut_words(figures.lines, terms), makes=figures.makes, spare=figures.spare,
        spare_words=_spare(figures), used=_cloth(figures.used, terms), wasted=_cloth(figures.wasted, terms),
        wasted_share=round(figures.wasted_share, 4), pieces=figures.pieces, cuts=figures.cuts, seams=figures.seams,
        sewn=_sewn(figures.seam_length, terms), trims=figures.trims, room=_room(figures.room, terms),
        bias="none" if not figures.bias_sides else "all four sides" if figures.bias_sides == 4 else f"{figures.bias_sides} sides",
        prints=PRINTS[figures.prints], smallest=show(figures.smallest, terms.unit),
        too_small=figures.smallest > unit.width.rational if not unit.width.root else float(figures.smallest) > float(unit.width),
        bonus="; ".join(f"{one.count} half-square triangles {show(one.finished, terms.unit)} finished" for one in figures.bonus),
        wide=_wider_than_the_ruler(figures.lines, draft),
        lines=[_line(line, wanted) for line in figures.lines],
    )  # fmt: skip


def _cut_words(lines: Sequence[CutLine], terms: Terms) -> str:
    """The cuts in a few words: ``12 of 8″``, alike ones together."""
    counts: dict[tuple[str, Fraction, Fraction], int] = {}
    for line in lines:
        key = line.shape, line.width, line.height
        counts[key] = counts.get(key, 0) + line.count
    return ", ".join(
        f"{count} {shape}{'' if count == 1 else 's'} {size(width, height, terms.unit)}"
        for (shape, width, height), count in counts.items()
    )


def _line(line: CutLine, wanted: Wanted) -> WayCutOut:
    unit = wanted.terms.unit
    said = (
        f"{show(line.height, unit)} × {show(line.width, unit)} long"
        if line.shape == "strip"
        else size(line.width, line.height, unit)
    )
    return WayCutOut(
        fabric=line.fabric, name=wanted.draft.fabric(line.fabric).name, count=line.count, size=said, what=line.shape,
        further=_further(line.subcut, line.hand) + _other_way(line), exact=size(*line.exact, unit), strips=line.strips, working=list(line.working),
    )  # fmt: skip


def _wider_than_the_ruler(lines: Sequence[CutLine], draft: Draft) -> str:
    """A word where a cut is larger than the standard ruler."""
    making = draft.making
    widest = max((min(line.width, line.height) for line in lines if line.shape != "template"), default=Fraction(0))
    if widest <= making.ruler_width:
        return ""
    return (
        f"{show(widest, draft.unit)} is wider than your {show(making.ruler_width, draft.unit)} ruler: "
        "lay a second one beside it, or cut by the lines of the mat."
    )


def _spare(figures: Figures) -> str:
    if not figures.spare:
        return "none"
    mirrored = f", {figures.mirrored} of them mirror images" if figures.mirrored else ""
    return f"{figures.spare}{mirrored}"


def _cloth(area: float, terms: Terms) -> str:
    return f"{area:.0f} {'in²' if terms.unit == 'in' else 'cm²'}"


def _sewn(long: float, terms: Terms) -> str:
    if terms.unit == "in":
        return f"{long / 36:.1f} yd" if long >= 72 else f"{long:.0f}″"
    return f"{long / 100:.1f} m" if long >= 200 else f"{long:.0f} cm"


def length_words(length: float, terms: Terms) -> str:
    """A length that was measured on the table: to the nearest sixteenth, or half millimetre."""
    if terms.unit == "in":
        marks = Fraction(round(abs(length) * 16), 16)
        return "under 1⁄16″" if not marks and abs(length) > 1e-6 else show(marks, "in")
    return f"{round(abs(length) * 20) / 20:g} cm"


def _room(room: tuple[float, float] | None, terms: Terms) -> str:
    if room is None:
        return "–"
    least = min(room)
    if least < -1e-6:
        return f"{length_words(least, terms)} short"
    return length_words(least, terms) if least > 1e-6 else "none"


def steps_view(plan: Plan, label: str, name: str) -> StepsOut:
    """A way step by step. Raises `DraftError` where the draft has no such group or way."""
    wanted = wanted_in(plan)
    group = next((one for one in wanted.groups if one.label == label), None)
    if group is None:
        raise DraftError("label", "is no unit of this block")
    demand = wanted.demand(group)
    way = way_named(name, BY_NAME[group.kind], group.unit, demand)
    if way is None:
        raise DraftError("way", "is no way to make it")
    return StepsOut(shares=[
        ShareOut(
            method=share.method.name, words=share.method.words, lot=_lot(share.method, share.lots, way, group),
            steps=[_step(step) for step in made.table.steps],
        )
        for share, made in steps_of(way, group.unit, wanted.terms, wanted)
    ])  # fmt: skip


def _lot(method: Method, lots: int, way: Way, group: Group) -> str:
    units = BY_NAME[group.kind].words
    if method.sew is None:
        return f"Cut the patches singly; join them as the block shows. A {units} has no quicker way."
    if method.together and method.lot == 1:
        return f"Together they give all {lots}."
    hands = ", half of them mirror images" if method.mirrors and group.unit.hand else ""
    gives = f"1 {units}" if method.lot == 1 else f"{method.lot} of these units{hands}"
    return f"This gives {gives}; do it {'once' if lots == 1 else f'{lots} times'}."


def _step(step: Step) -> StepOut:
    return StepOut(
        act=step.act, words=step.words, caution=step.caution,
        pictures=[_picture(picture_of(scene)) for scene in step.scenes[:6]],
    )  # fmt: skip


def _picture(found: Picture) -> StepPictureOut:
    return StepPictureOut(
        cloths=[
            ClothOut(outline=list(rounded(cloth.outline)), fabric=cloth.fabric, side=cloth.side, turn=cloth.turn)
            for cloth in found.cloths
        ],
        marks=[MarkOut(start=rounded((line.span[0],))[0], end=rounded((line.span[1],))[0], mark=line.mark) for line in found.lines],
        labels=[LabelOut(start=label.span[0], end=label.span[1], words=label.words) for label in found.labels],
        box=found.box, count=found.count,
    )  # fmt: skip


def possible_view(found: Sequence[Possible], have: OnHand, terms: Terms) -> list[PossibleOut]:
    """What pieces on hand can become."""
    return [_possible(one, have, terms) for one in found]


def _possible(one: Possible, have: OnHand, terms: Terms) -> PossibleOut:
    parts, width, height = picture(one.unit, terms.seam)
    cuts = {need.rounded(terms.step): _further(need.subcut, need.diagonal) for need in one.needs}
    if one.whole:
        cut = f"use each {size(have.width, have.height, terms.unit)} piece as it is"
    else:
        cut = "cut " + ", ".join(size(*sides, terms.unit) for sides in cuts)
    further = next((words for words in cuts.values() if words), "")
    room = one.room
    trim = (
        "–" if room is None else f"{length_words(min(room), terms)} to trim" if min(room) > 1e-6 else "nothing to trim"
    )
    return PossibleOut(
        kind=one.kind.kind, kind_words=one.kind.words, method=one.method.name, method_words=one.method.words,
        picture=parts, width=width, height=height, finished=size(max(one.unit.width, one.unit.height), min(one.unit.width, one.unit.height), terms.unit),
        makes=one.makes, pieces=one.pieces, cut=f"{cut}, {further}" if further else cut, trim=trim,
    )  # fmt: skip


def verdict_view(found: Verdict, told: dict[int, str], terms: Terms) -> VerdictOut:
    """What comes of the numbers told."""
    wide, high = (length_words(side, terms) for side in found.unfinished)
    unfinished = wide if wide == high else f"{wide} × {high}"
    return VerdictOut(
        right=found.right, verdict=_verdict(found, terms), unfinished=unfinished,
        pieces=[_asked(one, told.get(number, ""), terms) for number, one in enumerate(found.pieces)],
    )  # fmt: skip


def _verdict(found: Verdict, terms: Terms) -> str:
    if found.comes_out is None and found.sewn:
        return "Too small by far: the seams take up nearly all of these pieces."
    if found.comes_out is None or found.room is None:
        return "It cannot be sewn: the pieces are so small that the seams do not meet."
    out = " × ".join(dict.fromkeys(f"{side:.3f}".rstrip("0").rstrip(".") for side in found.comes_out))
    mark = "″" if terms.unit == "in" else " cm"
    least = min(found.room)
    if least < -1e-6:
        return f"Too small: it comes out {out}{mark}, {length_words(least, terms)} short."
    if not found.right:
        return f"It comes out {out}{mark}, but not as drafted: a point or a seam allowance is cut into."
    if least <= 1e-6:
        return f"Right, with nothing to trim: it comes out {out}{mark}."
    return f"It works: it comes out {out}{mark}, with {length_words(least, terms)} to trim."


def _asked(one: Asked, told: str, terms: Terms) -> AskedOut:
    return AskedOut(
        role=ROLES.get(one.role, one.role), told=told, right=size(one.width, one.height, terms.unit), what=one.need.shape,
        further=_further(one.need.subcut, one.need.diagonal), working=list(working(one.need, terms)),
    )  # fmt: skip


def cut_chart_view(lines: Sequence[ChartLine], title: str, terms: Terms) -> CutChartOut:
    """A chart as texts."""
    unit = terms.unit
    columns = [_column(one) for one in lines[0].pieces] if lines else []
    settings = (
        f"{show(terms.seam, unit)} seam allowance, ruler of {show(terms.step, unit)} steps, "
        + (f"{show(terms.trim, unit)} to trim" if terms.trim else "cut true, nothing to trim")
    )  # fmt: skip
    return CutChartOut(
        title=title, settings=settings, columns=columns,
        rows=[
            CutChartRowOut(
                finished=size(*line.finished, unit), unfinished=size(*line.unfinished, unit),
                cuts=[size(one.width, one.height, unit) for one in line.pieces],
            )
            for line in lines
        ],
    )  # fmt: skip


def _column(one: Asked) -> str:
    further = _further(one.need.subcut, one.need.diagonal)
    return f"{ROLES.get(one.role, one.role)}{f', {further}' if further else ''}"
