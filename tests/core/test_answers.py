"""What the core answered once, and was found right by the other tests, it answers again.

Each answer is told as text; a long one is kept by its digest. Drafts here are uneven, not square,
mirrored, in centimetres, with holes and slants: what a slip between across and down, or left and
right, would show in.
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import fields, replace
from fractions import Fraction as F
from functools import cache
from typing import Any, get_args

import shapely

from tests.core.kept import again, keep_anew
from tests.drafts import block, paints, seams, terms
from yonk.core.acts import Act, PaintPatch, Proportions, Put, Resize, SetMaking, Sew, apply
from yonk.core.acts.add_line import AddLine
from yonk.core.acts.copy_cells import Copy
from yonk.core.acts.drop_colouring import DropColouring
from yonk.core.acts.drop_fabric import DropFabric
from yonk.core.acts.line_length import LineLength
from yonk.core.acts.mates import MatesName, possible_mates
from yonk.core.acts.move_edge import MoveEdge
from yonk.core.acts.move_line import MoveLine
from yonk.core.acts.put_colouring import PutColouring
from yonk.core.acts.put_fabric import PutFabric
from yonk.core.acts.remove_line import RemoveLine
from yonk.core.acts.repeat_quarter import RepeatQuarter
from yonk.core.acts.rub import Rub
from yonk.core.acts.swap import Swap
from yonk.core.acts.turn import Turn
from yonk.core.cutting import (
    ShelfCloth,
    ShelfPiece,
    StagedCut,
    after_cutting,
    all_booked,
    diagonal_drawn,
    pieces_of_fabric,
    plan_cutting,
    shopping_list,
    templates_of,
)
from yonk.core.cutting.strips import WantedRectangles, first_fit, fits, lay_strips, lower_bound
from yonk.core.drawing import Span, draw, face_fabrics, lift
from yonk.core.finder import (
    BEGINNINGS,
    FABRICS,
    KIND,
    METHOD,
    PIECES,
    OnHand,
    check,
    cut_chart,
    kinds_asked,
    what_can_i_make,
)
from yonk.core.finder import pieces_of_method as pieces_asked
from yonk.core.joining import box_of_part
from yonk.core.measuring import first_guess, predict
from yonk.core.paper import (
    COUNTS,
    LENGTHS,
    SETTINGS,
    USUAL,
    Colouring,
    Draft,
    Length,
    LengthError,
    Ruling,
    cutting_schools,
    default_making,
    in_its_unit,
    inside,
    message,
    outside,
    read_length,
    seam_without,
    show,
    square_root,
    tidy,
    whole_seam,
    write_exact,
    write_mixed,
    write_typed,
)
from yonk.core.paper.bounds import NUMBERS
from yonk.core.planning import (
    Plan,
    compare,
    cut_in_words,
    make_plan,
    plan_stage,
    size_chart,
    steps_of,
    usual_range,
    way_named,
    ways_side_by_side,
)
from yonk.core.planning.contrast import colour_difference, luminance, too_near
from yonk.core.pressing import (
    Wishes,
    bare_dark,
    beside_words,
    best_words,
    dark_words,
    join_pictures,
    meetings_words,
    nesting_plans,
    reason,
    sewing_plan,
    side_by_side,
    slips_of,
    stacks_of,
    steps_of_sewing,
)
from yonk.core.pressing.wishes import choices_of
from yonk.core.sewing import picture_of
from yonk.core.units import BY_NAME, terms_of
from yonk.files.block_file import write_block
from yonk.files.plan_file import write_plan
from yonk.files.sewing_file import write_sewing
from yonk.machine.samples import all_samples
from yonk.words import fault_place_words


def uneven() -> Draft:
    """Three columns by two rows of several sizes, a unit or two in them, and a colouring."""
    draft = block(size="11 7", grid=(3, 2), trim="1/8", blocks=5)
    draft = replace(draft, columns=(F(1), F(2), F(1, 2)), rows=(F(3), F(2)), seams=seams("1 0 1 2"))
    for unit, cell, turn in (
        ("half-rectangle-triangle", Span(0, 0), 0),
        ("flying-geese", Span(1, 0), 1),
        ("split-quarter-square", Span(1, 1), 3),
        ("corner-flip", Span(2, 0, 1, 2), 2),
    ):
        act = Put(cell=cell, unit=unit, fabrics=("peat", "fog", "rowan"), turn=turn)
        draft = apply(draft, act)
    mirrored = Colouring(name="Other hand", blocks=3, mirrored=True, fabrics=(("peat", "gorse"),))
    return replace(draft, colourings=(mirrored,))


def slanted() -> Draft:
    """Patches at all angles, one with a hole, some without a fabric."""
    drawn = "0 1 3 2, 1 0 2 2, 0 1/2 3 1/3, 2 0 5/2 2, 1/4 3/2 1/2 3/2, 1/2 3/2 1/2 7/4"
    drawn += ", 1/2 7/4 1/4 7/4, 1/4 7/4 1/4 3/2, 5/4 1/5 3/2 1/5"
    painted = paints("1/8 1/8 peat, 11/4 15/8 rowan, 3/2 3/2 gorse, 3/8 13/8 fog")
    draft = block(drawn, size="13 8", grid=(3, 2), trim="1/8", blocks=2)
    return replace(draft, paints=painted)


def at_45() -> Draft:
    """Parallelograms, trapezoids and a diamond that a ruler cuts at 45°, of two widths."""
    drawn = "0 2 2 0, 1 2 3 0, 2 2 4 0, 4 0 6 2, 5 0 6 1, 6 1 7 0, 6 1 7 2, 7 0 8 1, 7 2 8 1"
    painted = "1/4 1/4 peat, 1 3/2 fog, 2 3/2 gorse, 7/2 1 rowan, 11/2 1 peat, 7 1 fog"
    return block(drawn, painted, size="24 6", grid=(8, 2), trim="1/8", blocks=3)


def every_unit() -> Draft:
    """Each kind of unit that can be put in, turned and mirrored, in a block that is not square."""
    stamps = [kind for kind in BY_NAME.values() if kind.stamp]
    draft = block(size=f"{4 * len(stamps)} 16", grid=(len(stamps), 4), trim="1/8", blocks=2)
    for column, kind in enumerate(stamps):
        for row in range(4):
            act = Put(
                cell=Span(column, row),
                unit=kind.kind,
                turn=row,
                flip=row > 1,
                fabrics=("peat", "fog", "gorse", "rowan")[row % 2 :],
            )
            draft = apply(draft, act)
    return draft


def striped(draft: Draft) -> Draft:
    """The draft with one print that points to the right."""
    return replace(
        draft,
        fabrics=tuple(
            replace(one, print="directional", direction=90) if one.key == "fog" else one
            for one in draft.fabrics
        ),
    )


def in_centimetres(draft: Draft) -> Draft:
    making = in_its_unit(replace(default_making("cm"), blocks=draft.making.blocks), "cm")
    return replace(draft, unit="cm", width=2 * draft.width, height=2 * draft.height, making=making)


@cache
def drafts() -> dict[str, Draft]:
    own = {"uneven": uneven(), "slanted": slanted(), "at 45": at_45(), "every unit": every_unit()}
    more = {
        "uneven in cm": in_centimetres(uneven()),
        "uneven, striped": striped(uneven()),
        "every unit, striped": striped(every_unit()),
        "true cut": apply(
            every_unit(),
            SetMaking(
                settings={
                    "trim_margin": "0",
                    "care": "cloth",
                    "press": "open",
                    "stitch": "two-lines",
                }
            ),
        ),
        "other seam": apply(
            every_unit(), SetMaking(settings={"seam": "7/32", "ruler_step": "1/16", "care": "time"})
        ),
    }
    return own | more | {draft.name: draft for draft in all_samples()}


ACTS: tuple[Act, ...] = (
    AddLine(axis="columns", line=1),
    AddLine(axis="rows", line=2),
    RemoveLine(axis="columns", line=1),
    RemoveLine(axis="rows", line=0),
    MoveLine(axis="columns", line=0, to=2),
    MoveLine(axis="rows", line=1, to=0),
    MoveEdge(axis="columns", line=1, to="17/5"),
    MoveEdge(axis="rows", line=1, to="5"),
    LineLength(axis="columns", line=1, length="5"),
    LineLength(axis="rows", line=0, length="3", grow=True),
    LineLength(axis="columns", line=2, length="4", grow=True),
    Proportions(axis="columns", parts=("1", "1", "2")),
    Proportions(axis="rows", parts=("1", "3")),
    Resize(width="9", height="5"),
    Resize(width="30", height="20", unit="cm"),
    Sew(start=("0", "1/2"), end=("3", "3/2")),
    Sew(start=("1/2", "0"), end=("1/2", "2")),
    Rub(start=("1", "0"), end=("1", "1")),
    Rub(start=("1", "1/2"), end=("1", "1"), whole=True),
    PaintPatch(at=("1/4", "1/4"), fabric="gorse"),
    PaintPatch(at=("1/4", "1/4"), fabric="gorse", spread="letter"),
    PaintPatch(at=("1/4", "1/4"), fabric="gorse", spread="fabric"),
    Swap(fabric="peat", other="fog"),
    Put(cell=Span(0, 0), unit="quarter-square-triangle", fabrics=("rowan", "gorse"), turn=1),
    Put(cell=Span(0, 1), unit="strip-set", fabrics=("rowan", "gorse"), turn=1, flip=True),
    Turn(cell=Span(1, 0), quarters=2),
    Turn(cell=Span(0, 0), quarters=0, flip=True),
    Copy(source=Span(0, 0), cell=Span(2, 1), quarters=2),
    Copy(source=Span(1, 0), cell=Span(1, 1), flip=True),
    DropFabric(key="peat"),
    PutFabric(key="peat", name="Moor", colour="#112233", value="light", print="allover"),
    PutFabric(key="", name="Moss", colour="#445566", print="directional", direction=450),
    PutColouring(name="", blocks=2, fabrics={"peat": "rowan", "fog": "fog"}),
    PutColouring(number=0, name="Changed", blocks=4, mirrored=True, fabrics={}),
    DropColouring(number=0),
)


def acts() -> Iterator[tuple[str, Any]]:
    for number, act in enumerate(ACTS):
        for mates in possible_mates(uneven()):
            yield f"{number} {act.do}, mates {mates}", write_block(apply(uneven(), act, mates))
    even = replace(uneven(), columns=(F(1),) * 4, width=F(16), height=F(8))
    for way in ("turned", "mirrored", "same"):
        square = replace(even, rows=(F(1),) * 4)
        yield f"repeat-quarter {way}", write_block(apply(square, RepeatQuarter(way=way)))


def drawings() -> Iterator[tuple[str, Any]]:
    for name, draft in drafts().items():
        found = draw(draft)
        yield f"faces of {name}", (found.faces, found.loose, found.neighbours, found.scale)
        yield f"inner edges of {name}", found.inner_edges()


def plans() -> Iterator[tuple[str, Any]]:
    for name, draft in drafts().items():
        plan = make_plan(draft)
        yield f"plan of {name}", write_plan(plan)
        yield f"patches of {name}", plan.reading.patches
        yield f"cuts of {name}", plan.cuts
        yield f"recipes of {name}", [_recipe(plan, number) for number in range(len(plan.recipes))]
        yield f"templates of {name}", templates_of(plan)
        for stage in ("trial", "rest"):
            yield f"{stage} of {name}", plan_stage(draft, stage).cuts


def _recipe(plan: Plan, number: int) -> tuple[Any, ...]:
    one = plan.recipes[number]
    unit = one.group.unit
    return (
        one.group.label,
        one.group.kind,
        one.way.name,
        one.reason,
        one.total,
        one.lots,
        one.makes,
        one.mirrored,
        one.serves,
        unit.width,
        unit.height,
        unit.hand,
        unit.on_point,
        unit.fabrics,
        one.group.members,
    )


def sizes() -> Iterator[tuple[str, Any]]:
    for name in ("uneven", "slanted", "Stile", "Weir Gate", "uneven in cm"):
        draft = drafts()[name]
        plan = make_plan(draft)
        widths = [F(number, 2) for number in range(9, 31, 3)]
        yield f"sizes of {name}", size_chart(draft, plan.recipes, terms_of(draft), widths)


def ways() -> Iterator[tuple[str, Any]]:
    for name in ("every unit", "true cut", "every unit, striped", "Gale Lantern", "Bracken Rails"):
        plan = make_plan(drafts()[name])
        for recipe, found in ways_side_by_side(plan):
            for figures in found.ways:
                label = f"{name} {recipe.group.label} {figures.way.name}"
                yield (
                    f"figures of {label}",
                    {
                        one.name: getattr(figures, one.name)
                        for one in fields(figures)
                        if one.name != "way"
                    },
                )
                made = steps_of(figures.way, recipe.group, plan.wanted)
                yield (
                    f"steps of {label}",
                    [
                        (
                            step.act,
                            step.words,
                            step.caution,
                            [picture_of(one) for one in step.scenes],
                        )
                        for _, carried_out in made
                        for step in carried_out.table.steps
                    ],
                )
        group = plan.recipes[0].group
        yield (
            f"chosen way of {name}",
            [one.chosen for one in compare(group, plan.wanted, "cut-and-sew").ways],
        )
        demand = plan.wanted.demand(group)
        found_way = way_named("cut-and-sew", BY_NAME[group.kind], group.unit, demand)
        yield f"way by name of {name}", found_way and found_way.makes


def cloths() -> Iterator[tuple[str, Any]]:
    shelf = ShelfCloth(
        "in",
        (ShelfPiece(F(18), F(22), 2), ShelfPiece(F(10), F(10), 3), ShelfPiece(F(40), F(9, 2), 1)),
    )
    for name in (
        "uneven",
        "slanted",
        "every unit",
        "every unit, striped",
        "uneven in cm",
        "Gale Lantern",
        "Bracken Rails",
    ):
        draft = drafts()[name]
        tied = replace(draft, fabrics=tuple(replace(one, shelf=one.key) for one in draft.fabrics))
        washed = apply(tied, SetMaking(settings={"shrinkage": "5", "keep": "2"}))
        for stage in ("trial", "rest", "all"):
            yield f"cloth of {name}, {stage}", plan_cutting(draft, stage).cloths
        on_hand = {
            "fog": pieces_of_fabric(shelf, draft.unit),
            "peat": pieces_of_fabric(shelf, draft.unit)[:2],
        }
        cutting = plan_cutting(washed, "all", on_hand)
        yield f"cloth of {name}, from the shelf", cutting.cloths
        fog = next(one for one in cutting.cloths if one.fabric == "fog")
        yield f"shelf after {name}", after_cutting(shelf, fog, draft.unit)
        yield (
            f"diagonals of {name}",
            [
                diagonal_drawn(fog.cuts[laid.line], laid)
                for layout in fog.layouts
                for laid in layout.laid
            ],
        )
        done = {StagedCut("rest", cut.what): 2 for cut in fog.cuts} | {
            StagedCut("trial", cut.what): 1 for cut in fog.cuts
        }
        yield f"booked of {name}", all_booked(fog.cuts, "all", done)
    plans_of = [
        make_plan(drafts()[name])
        for name in ("uneven", "uneven in cm", "Weir Gate", "Gale Lantern")
    ]
    yield "shopping", shopping_list(plans_of, {})


def questions() -> Iterator[tuple[str, Any]]:
    for unit, side in (("in", "5"), ("in", "10"), ("in", "3/2"), ("cm", "25/2")):
        work = terms(trim="1/8") if unit == "in" else terms("3/4", "1/4", "1/4", "cm")
        for height in (F(side), F(side) / 2):
            for fabrics in (1, 6):
                have = OnHand(F(side), height, 42, fabrics)
                yield (
                    f"from {side} by {height} {unit}, {fabrics}",
                    [
                        (
                            one.kind,
                            one.method,
                            one.unit.width,
                            one.makes,
                            one.pieces,
                            one.whole,
                            one.oversize,
                        )
                        for one in what_can_i_make(have, work)
                    ],
                )
    for kind in kinds_asked():
        high = F(1) if kind.two_sizes else None
        for method in kind.methods:
            for trim in ("0", "1/8"):
                work = terms(trim=trim)
                pieces = pieces_asked(kind.kind, method.name, F(3), high, work)[2]
                for by in (F(-1, 4), F(0), F(3, 8)):
                    sides = {0: (pieces[0].width + by, pieces[0].height + by)}
                    found = check(kind.kind, method.name, F(3), high, sides, work)
                    yield (
                        f"check of {kind.kind} {method.name} {trim} {by}",
                        (found.right, found.oversize, found.comes_out, found.sewn),
                    )
            chart = cut_chart(kind.kind, method.name, [F(2), F(7, 2)], terms())
            yield (
                f"chart of {kind.kind} {method.name}",
                [(line.finished, line.unfinished) for line in chart],
            )


WRONG_PLACES = (
    "making.trim_margin",
    "seams[0]",
    "patches[3].at",
    "borders.2.width",
    "corner-flip",
    "setting.half_blocks",
    "setting.fill.block",
    "setting.alternate",
    "setting.edge.floats",
    "setting.sashing.outer",
    "acts.3.at",
    "batches.2",
    "document.blocks.4.block.seams[1]",
    "save_key",
    "7",
    "",
)


def sayings() -> Iterator[tuple[str, Any]]:
    yield "mates", {name: message(f"mates-{name}") for name in get_args(MatesName)}
    yield "wrong places", [fault_place_words(place) for place in WRONG_PLACES]
    for name, draft in drafts().items():
        yield (
            f"cuts of {name}",
            [
                cut_in_words(cut.what, amount, draft.fabric(cut.fabric).called, draft.unit)
                for cut in make_plan(draft).cuts
                for amount in (1, 7)
            ],
        )
    for blocks in (1, 7):
        some = apply(uneven(), SetMaking(blocks=blocks))
        yield f"summary of {blocks}", plan_cutting(replace(some, colourings=()), "all").summary


def settings() -> Iterator[tuple[str, Any]]:
    for name, setting in SETTINGS.items():
        yield name, setting
    for field in LENGTHS["in"]:
        yield f"bounds of {field}", [LENGTHS[unit][field] for unit in LENGTHS]
    yield "other bounds", (NUMBERS, COUNTS)
    yield "beginnings", (BEGINNINGS, FABRICS, KIND, METHOD, PIECES)
    for unit in USUAL:
        yield f"usual in {unit}", USUAL[unit]
        yield f"schools in {unit}", cutting_schools(USUAL[unit].settings, unit)
    for name in ("uneven", "uneven in cm", "Stile"):
        yield f"range of {name}", usual_range(drafts()[name])


TYPED = (
    "9",
    "4.875",
    "12,4",
    "39/8",
    "4 7/8",
    "4-7/8",
    "4⅞",
    '4 7/8"',
    "3 cm",
    ".5",
    "0",
    "1/3",
    "2 1/64",
    "",
    "x",
    "1,234",
    "1/0",
    "4 4/3",
    "-1",
    "4 7",
    "1" * 41,
    "½",
    "¼",
    "¾",
    "⅛",
    "⅜",
    "⅝",
    "⅓",
    "⅔",
    "⅕",
    "⅖",
    "⅗",
    "⅘",
    "⅙",
    "⅚",
    "4 ½",
    "4½ in",
)
EXACT = (F(0), F(7, 8), F(39, 8), F(1, 3), F(31, 4), F(1, 10), F(41, 64), F(1234, 100), F(-5, 2))


def lengths() -> Iterator[tuple[str, Any]]:
    for text in TYPED:
        try:
            yield f"typed {text}", read_length(text)
        except LengthError as fault:
            yield f"typed {text}", str(fault)
    for one in EXACT:
        both = [(show(one, unit), write_typed(one, unit)) for unit in ("in", "cm")]
        yield f"written {one}", (write_exact(one), write_mixed(one), both)
        yield f"root of {one}", square_root(abs(one), 12)
        for root in (F(0), F(1), F(-1, 2), F(3, 7)):
            length = Length(one, root)
            on_ruler = [
                (length.up(step), length.nearest(step)) for step in (F(1, 8), F(1, 64), F(1, 4))
            ]
            sums = (
                length + one,
                length - 1,
                -length,
                length * F(3, 2),
                length / 4,
                length * length,
            )
            order = (length < 1, length > one, length == one, length == Length(one, root))
            said = (length.write(), show(length, "in"), length.floor(), float(length))
            yield f"length {one} {root}", (on_ruler, sums, order, said)


SEAMS = seams("0 0 3 2, 0 1 3 1, 1 0 1 2, 1/2 1/2 5/2 3/2, 0 2 2 0, 2 1 3 1, 1/2 0 1/2 1, 1 1 2 2")


def grids() -> Iterator[tuple[str, Any]]:
    draft = replace(uneven(), seams=SEAMS)
    ruling = Ruling.of(draft)
    low, high = (F(1, 2), F(1, 3)), (F(2), F(3, 2))
    for one in SEAMS:
        yield f"inside {one}", (inside(one, low, high), outside(one, low, high))
        placed = ruling.place(one[0]), ruling.place(one[1])
        yield f"placed {one}", (placed, ruling.count(placed[0]), whole_seam(draft, one))
        for other in SEAMS:
            yield f"{one} without {other}", seam_without(one, other)
    yield "tidy", tidy((*SEAMS, *SEAMS[::-1], *seams("0 1 1 1, 3 1 1 1, 2 0 2 1, 2 2 2 1")))
    spans = [Span(0, 0), Span(1, 0, 2, 1), Span(0, 1, 3, 1), Span(2, 0, 1, 2)]
    yield "overlaps", [one.overlaps(other) for one in spans for other in spans]
    drawing = draw(draft)
    for span in spans:
        motif = lift(draft, drawing, face_fabrics(draft, drawing)[0], span)
        turned = [motif.turned(quarters) for quarters in range(4)]
        yield f"lifted {span}", (motif, turned, motif.mirrored(), span.corners())
    colours = ("#000000", "#ffffff", "#3b2a20", "#e7e6df", "#a3262a", "#0a0b0c", "#d9a520")
    for colour in colours:
        ratios = [round(colour_difference(colour, other), 4) for other in colours]
        yield f"contrast of {colour}", (luminance(colour), ratios)
    yield "near", [too_near(one, other) for one in draft.fabrics for other in draft.fabrics]


def strips() -> Iterator[tuple[str, Any]]:
    kinds = [
        WantedRectangles(0, 30, 20, 7),
        WantedRectangles(1, 12, 12, 25),
        WantedRectangles(2, 55, 9, 4, turnable=False),
    ]
    kinds += [
        WantedRectangles(3, 44, 44, 3),
        WantedRectangles(4, 17, 6, 40),
        WantedRectangles(5, 101, 5, 2),
    ]
    for width in (60, 100, 320):
        fitting = [one for one in kinds if fits(one, width, None)]
        yield f"first fit {width}", first_fit(fitting, width)
        yield f"bound {width}", lower_bound(fitting, width)
        yield (
            f"fits {width}",
            [fits(one, width, long) for one in kinds for long in (None, 20, 50)],
        )
        for length in (None, 60, 150):
            for quick in (False, True):
                laid = lay_strips(kinds, width, length, quick=quick)
                yield f"laid {width} {length} {quick}", laid


def joinings() -> Iterator[tuple[str, Any]]:
    for name, draft in drafts().items():
        plan = sewing_plan(draft)
        yield f"joins of {name}", write_sewing(plan, draft.making.blocks)
        yield f"orders of {name}", side_by_side(plan)
        for school in ("dark", "open", "spin"):
            made = sewing_plan(apply(draft, SetMaking(settings={"pressing": school})))
            reasons = [reason(made, join) for join in made.joining.joins]
            yield f"{school} of {name}", (made.pressing.presses, made.pressing.states, reasons)
            there = nesting_plans(made, draft.making.blocks)
            said = beside_words(made, there), best_words(made.pressing), dark_words(made)
            yield f"words of {school} of {name}", (said, meetings_words(made.pressing))
        found = nesting_plans(plan, draft.making.blocks)
        told_of = found.second.presses, found.blocks, found.one_plan, found.nesting
        yield f"beside of {name}", (*told_of, found.unnested)
        yield f"offers of {name}", (plan.lots, plan.openings)


def sewn_steps() -> Iterator[tuple[str, Any]]:
    for name, draft in drafts().items():
        plan = sewing_plan(draft)
        stacks = stacks_of(plan.reading)
        recipes = {recipe.group.label: recipe for recipe in make_plan(draft).recipes}
        yield f"steps of {name}", steps_of_sewing(plan, recipes, stacks, draft.making.blocks)
        yield f"slips of {name}", slips_of(plan.reading, stacks)
        joins = plan.joining.joins
        some = [*joins[:2], *joins[len(joins) // 2 : len(joins) // 2 + 2], *joins[-2:]]
        yield (
            f"pictures of {name}",
            [join_pictures(plan, plan.listed[join.number]) for join in some],
        )
        bare = [bare_dark(plan, join, plan.pressing.presses[join.number]) for join in joins]
        yield f"dark under light of {name}", bare


def backs() -> Iterator[tuple[str, Any]]:
    for name, draft in drafts().items():
        plan = sewing_plan(draft)
        yield (
            f"layers of {name}",
            [
                (layer.face, layer.allowance, shapely.get_coordinates(layer.outline).tolist())
                for layer in plan.cloth
            ],
        )
        yield f"thick places of {name}", plan.thick
        seam = {"in": F(1, 64), "cm": F(1, 25)}[draft.unit]
        errors = replace(first_guess(draft.unit), seam_error=seam, cut_spread=2 * seam)
        yield f"foretold of {name}", predict(plan, make_plan(draft), errors)


def counts() -> Iterator[tuple[str, Any]]:
    for name, draft in drafts().items():
        for group in make_plan(draft).reading.groups:
            for method in BY_NAME[group.kind].methods:
                if method.counted and method.suits(group.unit):
                    made = [method.counted(group.unit, terms_of(draft), lots) for lots in (1, 3)]
                    yield f"{method.name} of {group.label} of {name}", made


def wishes() -> Iterator[tuple[str, Any]]:
    for name, draft in drafts().items():
        plan = sewing_plan(draft)
        wanted = Wishes(plan.reading, plan.joining)
        choices = choices_of(plan.joining)
        for school in ("nest", "dark", "spin"):
            found = wanted.of_school(school, choices, frozenset({0}))
            yield f"{school} of {name}", [(one.name, one.sides, one.pairs) for one in found]
        parts = range(len(plan.joining.faces) + len(plan.joining.joins))
        yield f"boxes of {name}", [box_of_part(plan.joining, part) for part in parts]


def test_counts() -> None:
    again(counts)


def test_wishes() -> None:
    again(wishes)


def test_acts() -> None:
    again(acts)


def test_drawings() -> None:
    again(drawings)


def test_plans() -> None:
    again(plans)


def test_sizes() -> None:
    again(sizes)


def test_ways() -> None:
    again(ways)


def test_cloths() -> None:
    again(cloths)


def test_questions() -> None:
    again(questions)


def test_sayings() -> None:
    again(sayings)


def test_settings() -> None:
    again(settings)


def test_lengths() -> None:
    again(lengths)


def test_grids() -> None:
    again(grids)


def test_strips() -> None:
    again(strips)


def test_joinings() -> None:
    again(joinings)


def test_sewn_steps() -> None:
    again(sewn_steps)


def test_backs() -> None:
    again(backs)


SORTS = (
    acts,
    drawings,
    plans,
    sizes,
    ways,
    cloths,
    questions,
    sayings,
    settings,
    lengths,
    grids,
    strips,
    joinings,
    sewn_steps,
    backs,
    wishes,
    counts,
)

if __name__ == "__main__":
    keep_anew(SORTS)
