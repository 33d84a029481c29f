"""Recipes as the screen needs them. No rule is decided here."""

from __future__ import annotations

from collections.abc import Sequence
from fractions import Fraction
from typing import Literal

from yonk.api.draft.view import fabrics_out, sheet_of
from yonk.api.recipes.schemas import (
    CardOut,
    ClothOut,
    LabelOut,
    MarkOut,
    OwnOut,
    OwnPartOut,
    OwnPressOut,
    OwnTrimmedOut,
    RecipesOut,
    ShareOut,
    StepOut,
    StepPictureOut,
    StepsOut,
    WayCutOut,
    WayOut,
)
from yonk.api.shown import further_words, length_words, unit_picture
from yonk.core.drawing import grid_point_inside
from yonk.core.measuring import Errors, about_length, chance_of_units, percent, tolerance_of
from yonk.core.paper import (
    TRIMMED,
    UNIT_PRESSES,
    Decimal,
    Draft,
    Length,
    LengthUnit,
    Message,
    OwnMaking,
    PartName,
    Several,
    Text,
    Trimmed,
    UnitPress,
    listed,
    message,
    show,
    show_exact,
    suffix_of,
    write_exact,
    write_typed,
)
from yonk.core.planning import (
    Comparison,
    CutLine,
    Figures,
    Least,
    MethodShare,
    Plan,
    Recipe,
    UnitGroup,
    WantedUnits,
    Way,
    cut_size_words,
    least_of,
)
from yonk.core.sewing import Picture, RecipeStep, picture_of, rounded
from yonk.core.units import BY_NAME, FOLDED, CarriedOut, Method, Terms
from yonk.files.block_file import write_block


def recipes_view(
    plan: Plan, compared: Sequence[tuple[Recipe, Comparison]], errors: Errors
) -> RecipesOut:
    """All groups of a plan with their ways, as they compare; `errors` is how exactly she works."""
    wanted = plan.wanted
    cards = [_card(found, wanted, plan, recipe.reason, errors) for recipe, found in compared]
    return RecipesOut(
        document=write_block(plan.reading.draft),
        sheet=sheet_of(plan),
        fabrics=fabrics_out(plan),
        cards=cards,
    )


def _card(
    found: Comparison, wanted: WantedUnits, plan: Plan, reason: Text, errors: Errors
) -> CardOut:
    group, unit = found.group, found.group.unit
    terms = wanted.terms_for(group)
    wide, high = unit.longer_first
    both = terms.both_seams
    mate = wanted.mirror(group) if unit.hand else None
    parts, width, height = unit_picture(unit, terms.seam)
    return CardOut(
        label=group.label,
        kind=group.kind,
        words=BY_NAME[group.kind].words,
        hand=unit.hand,
        mate=mate.label if mate and found.demand.mirrored else None,
        letters=unit.letters,
        finished=cut_size_words(wide, high, terms.unit),
        unfinished=cut_size_words(wide + both, high + both, terms.unit),
        per_block=group.per_block,
        total=found.demand.total,
        at=_at(group, plan),
        width=width,
        height=height,
        picture=parts,
        reason=reason,
        proposal=found.reason,
        ways=[
            _way(figures, least, number == 0, wanted, group, errors)
            for number, (figures, least) in enumerate(
                zip(found.ways, least_of(found.ways), strict=True)
            )
        ],
        own=_own(group, wanted) if BY_NAME[group.kind].part_names else None,
    )


def _own(group: UnitGroup, wanted: WantedUnits) -> OwnOut:
    """What is set for a group and its kind, and what counts of it."""
    terms, unit = wanted.terms_for(group), wanted.draft.unit
    of_unit = wanted.wishes.get(group.label) or OwnMaking()
    of_kind = wanted.draft.making.kinds.get(group.kind) or OwnMaking()
    names = BY_NAME[group.kind].part_names

    def typed(own: OwnMaking, part: PartName | Literal[""]) -> str:
        margin = own.parts.get(part) if part else own.trim_margin
        return "" if margin is None else write_typed(margin, unit)

    presses: list[UnitPress | Literal[""]] = ["", *UNIT_PRESSES]
    trimmings: list[Trimmed | Literal[""]] = ["", *TRIMMED]
    parts: list[PartName | Literal[""]] = ["", *(names if len(names) > 1 else ())]
    return OwnOut(
        parts=[
            OwnPartOut(
                part=part,
                words=message("part-role", role=part) if part else message("own-whole-unit"),
                of_unit=typed(of_unit, part),
                of_kind=typed(of_kind, part),
                counts=message(
                    "own-margin-counts",
                    margin=show(terms.margin(part or names[0]).by, unit),
                    set=terms.margin(part or names[0]).set_for,
                ),
            )
            for part in parts
        ],
        presses=[
            OwnPressOut(value=value, words=message("own-press", press=value or "block"))
            for value in presses
        ],
        press_of_unit=of_unit.press or "",
        press_of_kind=of_kind.press or "",
        more=str(wanted.wishes[group.label].more) if group.label in wanted.wishes else "0",
        trimmings=[
            OwnTrimmedOut(value=value, words=message("own-trimmed", trimmed=value or "block"))
            for value in (trimmings if group.kind in FOLDED else ())
        ],
        trimmed_of_unit=of_unit.trimmed or "",
        trimmed_of_kind=of_kind.trimmed or "",
        suffix=suffix_of(unit),
    )


def _at(group: UnitGroup, plan: Plan) -> tuple[str, str] | None:
    """A point in one of the units, where the block as drafted has one."""
    known = next((one for one in plan.reading.groups if one.identity == group.identity), None)
    if known is None:
        return None
    drawing = plan.reading.drawing
    x, y = grid_point_inside(drawing, drawing.faces[known.members[0][0]])
    return write_exact(x), write_exact(y)


def _way(
    figures: Figures,
    least: list[Least],
    taken: bool,
    wanted: WantedUnits,
    group: UnitGroup,
    errors: Errors,
) -> WayOut:
    terms, way, unit = wanted.terms_for(group), figures.way, group.unit
    draft = wanted.draft
    good = tolerance_of(unit, draft, errors)
    likely = chance_of_units(figures, unit, errors, good)
    return WayOut(
        name=way.name,
        words=way.words,
        taken=taken,
        chosen=figures.chosen,
        proposed=figures.proposed,
        cut=_cut_words(figures.lines, terms),
        least=least,
        makes=figures.makes,
        spare=figures.spare,
        spare_words=_spare(figures),
        used=_cloth(figures.used, terms),
        wasted=_cloth(figures.wasted, terms),
        wasted_share=round(figures.wasted_share, 4),
        pieces=figures.pieces,
        cuts=figures.cuts,
        seams=figures.seams,
        sewn=_sewn(figures.seam_length, terms),
        trims=figures.trims,
        oversize=_room(figures.oversize, terms),
        accuracy=message(
            "so-likely-within",
            chance=percent(likely),
            within=about_length(float(good), terms.unit),
        ),
        likely=likely,
        bias=message("bias-sides", sides=figures.bias_sides),
        prints=message("prints-lie", prints=figures.prints),
        smallest=show(figures.smallest, terms.unit),
        too_small=figures.too_small(unit),
        bonus=listed(
            (
                message("bonus", count=one.count, size=show(one.finished, terms.unit))
                for one in figures.bonus
            ),
            "semicolon",
        ),
        wide=_wider_than_the_ruler(figures, draft),
        lines=[_line(line, wanted) for line in figures.lines],
    )


def _cut_words(lines: Sequence[CutLine], terms: Terms) -> Several:
    """The cuts in a few words: ``12 squares 8″``, alike ones together."""
    counts: dict[tuple[str, Fraction, Fraction], int] = {}
    for line in lines:
        key = line.shape, line.width, line.height
        counts[key] = counts.get(key, 0) + line.count
    return listed(
        (
            message(
                "so-many-shapes",
                count=count,
                shapes=message("shapes", shape=shape, count=count),
                size=cut_size_words(width, height, terms.unit),
            )
            for (shape, width, height), count in counts.items()
        ),
        "comma",
    )


def _exactly(width: Length, height: Length, unit: LengthUnit) -> Several:
    return listed((show_exact(one, unit) for one in dict.fromkeys((width, height))), "times")


def _line(line: CutLine, wanted: WantedUnits) -> WayCutOut:
    unit = wanted.terms.unit
    size = (
        message("strip-size", wide=show(line.height, unit), long=show(line.width, unit))
        if line.shape == "strip"
        else cut_size_words(line.width, line.height, unit)
    )
    cut_on = further_words(line.subcut, line.hand)
    other = message("cut-the-other-way", count=line.other_way) if line.other_way else None
    steps = [one for one in (cut_on, other) if one]
    return WayCutOut(
        fabric=line.fabric,
        name=wanted.draft.fabric(line.fabric).called,
        count=line.count,
        size=size,
        what=line.shape,
        further=listed(steps, "semicolon") if steps else "",
        exact=_exactly(*line.exact, unit),
        strips=line.strips,
        working=list(line.working),
    )


def _wider_than_the_ruler(figures: Figures, draft: Draft) -> Text:
    """A word where a cut is wider than the widest ruler that she has."""
    ruler = max(one.sides[0] for one in draft.making.all_rulers)
    if figures.widest_cut <= ruler:
        return ""
    return message(
        "is-wider-than-your-ruler",
        cut=show(figures.widest_cut, draft.unit),
        ruler=show(ruler, draft.unit),
    )


def _spare(figures: Figures) -> Message:
    return message("spare-units", spare=figures.spare, mirrored=figures.mirrored)


def _cloth(area: float, terms: Terms) -> Message:
    return message("area", area=Decimal(area), unit=terms.unit)


def _sewn(long: float, terms: Terms) -> Message:
    """A length of seams: from two yards or metres on in those."""
    if terms.unit == "in":
        if long >= 72:
            return message("bought-yards", length=Decimal(long / 36, 1, fixed=True))
        return message("inches", length=Decimal(long))
    if long >= 200:
        return message("bought-metres", length=Decimal(long / 100, 1, fixed=True))
    return message("bought-centimetres", length=Decimal(long))


def _room(oversize: tuple[float, float] | None, terms: Terms) -> Text:
    if oversize is None:
        return "–"
    least = min(oversize)
    if least < -1e-6:
        return message("side-is", size=length_words(least, terms), what="short", way="both")
    return length_words(least, terms) if least > 1e-6 else message("none-of-it")


def steps_view(
    group: UnitGroup, way: Way, carried_out: Sequence[tuple[MethodShare, CarriedOut]]
) -> StepsOut:
    """A way of making a group step by step, each share as it was carried out."""
    return StepsOut(
        shares=[
            ShareOut(
                method=share.method.name,
                words=share.method.words,
                lot=_lot(share.method, share.lots, way, group),
                steps=[_step(step) for step in made.table.steps],
            )
            for share, made in carried_out
        ]
    )


def _lot(method: Method, lots: int, way: Way, group: UnitGroup) -> Message:
    units = BY_NAME[group.kind].words
    if method.sew is None:
        return message("lot-singly", kind=units)
    if method.together and method.lot == 1:
        return message("lot-together", count=lots)
    mirrors = "yes" if method.mirrors and group.unit.hand else "no"
    return message("lot-gives", units=method.lot, kind=units, mirrors=mirrors, times=lots)


def _step(step: RecipeStep) -> StepOut:
    return StepOut(
        act=step.act,
        words=step.words,
        caution=step.caution,
        pictures=[picture_view(picture_of(scene)) for scene in step.scenes[:6]],
    )


def picture_view(found: Picture) -> StepPictureOut:
    """A picture of a step as it is sent."""
    return StepPictureOut(
        cloths=[
            ClothOut(
                outline=list(rounded(cloth.outline)),
                fabric=cloth.fabric,
                side=cloth.side,
                turn=cloth.turn,
            )
            for cloth in found.cloths
        ],
        marks=[
            MarkOut(
                start=rounded((line.span[0],))[0], end=rounded((line.span[1],))[0], mark=line.mark
            )
            for line in found.lines
        ],
        labels=[
            LabelOut(start=label.span[0], end=label.span[1], words=label.words, of=label.of)
            for label in found.labels
        ],
        box=found.box,
        count=found.count,
    )
