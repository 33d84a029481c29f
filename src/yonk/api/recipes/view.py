"""Recipes as the screen needs them. No rule is decided here."""

from __future__ import annotations

from collections.abc import Sequence
from fractions import Fraction

from yonk.api.draft.view import fabrics_out, sheet_of
from yonk.api.recipes.schemas import (
    CardOut,
    ClothOut,
    LabelOut,
    MarkOut,
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
from yonk.core.paper import Draft, Length, LengthUnit, show, show_exact, write_exact
from yonk.core.planning import (
    Comparison,
    CutLine,
    Figures,
    MethodShare,
    Plan,
    Recipe,
    UnitGroup,
    WantedUnits,
    Way,
    cut_size_words,
)
from yonk.core.sewing import Picture, RecipeStep, picture_of, rounded
from yonk.core.units import BY_NAME, CarriedOut, Method, Terms, Unit
from yonk.files.block_file import write_block


def _other_way(line: CutLine) -> str:
    return (
        f"; {line.other_way} of them the other way, for the mirror images" if line.other_way else ""
    )


PRINTS = {
    "upright": "stay upright",
    "stripes": "only one-way prints turn",
    "turned": "turn",
}


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
    found: Comparison, wanted: WantedUnits, plan: Plan, reason: str, errors: Errors
) -> CardOut:
    group, unit, terms = found.group, found.group.unit, wanted.terms
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
            _way(figures, number == 0, wanted, unit, errors)
            for number, figures in enumerate(found.ways)
        ],
    )


def _at(group: UnitGroup, plan: Plan) -> tuple[str, str] | None:
    """A point in one of the units, where the block as drafted has one."""
    known = next((one for one in plan.reading.groups if one.identity == group.identity), None)
    if known is None:
        return None
    drawing = plan.reading.drawing
    x, y = grid_point_inside(drawing, drawing.faces[known.members[0][0]])
    return write_exact(x), write_exact(y)


def _way(figures: Figures, taken: bool, wanted: WantedUnits, unit: Unit, errors: Errors) -> WayOut:
    terms, way = wanted.terms, figures.way
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
        accuracy=f"{percent(likely)} within {about_length(float(good), terms.unit)}",
        likely=likely,
        bias="none"
        if not figures.bias_sides
        else "all four sides"
        if figures.bias_sides == 4
        else f"{figures.bias_sides} sides",
        prints=PRINTS[figures.prints],
        smallest=show(figures.smallest, terms.unit),
        too_small=figures.too_small(unit),
        bonus="; ".join(
            f"{one.count} half-square triangles {show(one.finished, terms.unit)} finished"
            for one in figures.bonus
        ),
        wide=_wider_than_the_ruler(figures, draft),
        lines=[_line(line, wanted) for line in figures.lines],
    )


def _cut_words(lines: Sequence[CutLine], terms: Terms) -> str:
    """The cuts in a few words: ``12 of 8″``, alike ones together."""
    counts: dict[tuple[str, Fraction, Fraction], int] = {}
    for line in lines:
        key = line.shape, line.width, line.height
        counts[key] = counts.get(key, 0) + line.count
    return ", ".join(
        f"{count} {shape}{'' if count == 1 else 's'} {cut_size_words(width, height, terms.unit)}"
        for (shape, width, height), count in counts.items()
    )


def _exactly(width: Length, height: Length, unit: LengthUnit) -> str:
    sides = dict.fromkeys(show_exact(one, unit) for one in (width, height))
    return " × ".join(sides)


def _line(line: CutLine, wanted: WantedUnits) -> WayCutOut:
    unit = wanted.terms.unit
    said = (
        f"{show(line.height, unit)} × {show(line.width, unit)} long"
        if line.shape == "strip"
        else cut_size_words(line.width, line.height, unit)
    )
    return WayCutOut(
        fabric=line.fabric,
        name=wanted.draft.fabric(line.fabric).name,
        count=line.count,
        size=said,
        what=line.shape,
        further=further_words(line.subcut, line.hand) + _other_way(line),
        exact=_exactly(*line.exact, unit),
        strips=line.strips,
        working=list(line.working),
    )


def _wider_than_the_ruler(figures: Figures, draft: Draft) -> str:
    """A word where a cut is larger than the standard ruler."""
    ruler = draft.making.ruler_width
    if figures.widest_cut <= ruler:
        return ""
    return (
        f"{show(figures.widest_cut, draft.unit)} is wider than your {show(ruler, draft.unit)} "
        f"ruler: "
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


def _room(oversize: tuple[float, float] | None, terms: Terms) -> str:
    if oversize is None:
        return "–"
    least = min(oversize)
    if least < -1e-6:
        return f"{length_words(least, terms)} short"
    return length_words(least, terms) if least > 1e-6 else "none"


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


def _lot(method: Method, lots: int, way: Way, group: UnitGroup) -> str:
    units = BY_NAME[group.kind].words
    if method.sew is None:
        return (
            f"Cut the patches singly; join them as the block shows. A {units} has no quicker way."
        )
    if method.together and method.lot == 1:
        return f"Together they give all {lots}."
    hands = ", half of them mirror images" if method.mirrors and group.unit.hand else ""
    gives = f"1 {units}" if method.lot == 1 else f"{method.lot} of these units{hands}"
    return f"This gives {gives}; do it {'once' if lots == 1 else f'{lots} times'}."


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
            LabelOut(start=label.span[0], end=label.span[1], words=label.words)
            for label in found.labels
        ],
        box=found.box,
        count=found.count,
    )
