"""The cutting as the screen needs it. No rule is decided here."""

from __future__ import annotations

import json
from collections import Counter
from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from fractions import Fraction
from typing import Any

from yonk.api.cut_schemas import (
    ChangedOut,
    CutFabricOut,
    CutLineOut,
    CutOutPlan,
    LaidOut,
    LayoutOut,
    ShelfFabricOut,
    ShelfPieceOut,
    StripOut,
)
from yonk.api.view import DARK_INK, FURTHER, LIGHT_INK, size
from yonk.core.contrast import luminance
from yonk.core.cutting.cloth import Bolt, ClothPlan, Layout, Piece, StripCut, plan_cloth
from yonk.core.cutting.cuts import Cut
from yonk.core.cutting.progress import done_when_ticked, standings
from yonk.core.draft import DEFAULTS, UNASSIGNED, Draft, Unit
from yonk.core.measure import show, write_mixed, write_typed
from yonk.core.plan import Plan
from yonk.core.sewing.steps import CAUTIONS
from yonk.core.stages import StageName, plan_stage
from yonk.core.units import BY_NAME
from yonk.store.fabrics import KeptFabric

BOLT_STEP: dict[Unit, Fraction] = {"in": Fraction(9, 2), "cm": Fraction(10)}


@dataclass(frozen=True)
class Cutting:
    """A draft's cutting in one stage: the plan, and how each fabric is cut."""

    draft: Draft
    stage: StageName
    plan: Plan
    cloths: tuple[ClothPlan, ...]


def cutting_of(draft: Draft, stage: StageName, shelf: Mapping[str, KeptFabric]) -> Cutting:
    """How each fabric of a draft is cut in a stage, with the pieces that the shelf has of it."""
    plan = plan_stage(draft, stage)
    making = draft.making
    bolt = Bolt(making.usable, making.straightening, making.shrinkage / 100, BOLT_STEP[draft.unit])
    cloths = []
    for key in dict.fromkeys(cut.fabric for cut in plan.cuts):
        fabric = draft.fabric(key)
        cuts = [cut for cut in plan.cuts if cut.fabric == key]
        on_hand = pieces_of(shelf[fabric.shelf], draft.unit) if fabric.shelf in shelf else []
        cloths.append(
            plan_cloth(
                key, cuts, bolt, draft.unit, squaring=DEFAULTS[draft.unit].squaring, upright=fabric.print == "directional",
                standing=[_standing(plan, cut) for cut in cuts], on_hand=on_hand, keep=making.keep,
            )
        )  # fmt: skip
    return Cutting(draft, stage, plan, tuple(cloths))


def _standing(plan: Plan, cut: Cut) -> float:
    """Which share of a cut's patches stand rather than lie in the block."""
    letters = {purpose.letter for purpose in cut.purposes}
    drawing = plan.reading.drawing
    shapes = [drawing.faces[p.face].box for p in plan.reading.patches if p.letter in letters and p.fabric == cut.fabric]
    tall = sum(bottom - top > right - left for left, top, right, bottom in shapes)
    return tall / len(shapes) if shapes else 0.0


def pieces_of(kept: KeptFabric, unit: Unit) -> list[Piece]:
    """The pieces of a shelf fabric, one by one, in a draft's unit."""
    known = json.loads(kept.document)
    to_unit = Fraction(1)
    if known["unit"] != unit:
        to_unit = Fraction(254, 100) if unit == "cm" else Fraction(100, 254)
    pieces = []
    for row in known["pieces"]:
        width, length = (Fraction(row[side]) * to_unit for side in ("width", "length"))
        name = size(width, length, unit)
        pieces += [Piece(name, width, length)] * row["count"]
    return pieces


def cutting_view(cutting: Cutting, shelf: Mapping[str, KeptFabric], done: Mapping[str, int]) -> CutOutPlan:
    """The complete list of a stage."""
    before = Counter[str]()
    if cutting.stage == "rest":
        for cut in plan_stage(cutting.draft, "trial").cuts:
            before[cut.signature] += cut.count
    return CutOutPlan(
        stage=cutting.stage, blocks=cutting.plan.blocks if cutting.stage != "rest" else max(0, cutting.plan.blocks - 1),
        fabrics=[_fabric(cloth, cutting, shelf, done, before) for cloth in cutting.cloths],
        changed=_changed(cutting, done) if done else [], caution=CAUTIONS["blade"],
    )  # fmt: skip


def _fabric(
    cloth: ClothPlan, cutting: Cutting, shelf: Mapping[str, KeptFabric], done: Mapping[str, int], before: Counter[str]
) -> CutFabricOut:
    draft, unit = cutting.draft, cutting.draft.unit
    fabric = draft.fabric(cloth.fabric)
    lines = [_line(number, cut, cutting, cloth, done, before) for number, cut in enumerate(cloth.cuts)]
    tied = shelf.get(fabric.shelf)
    return CutFabricOut(
        key=fabric.key, name=fabric.name, shelf=fabric.shelf, shelf_name=tied.name if tied else "", buy=bought(cloth.buy, unit),
        buy_exact=float(cloth.buy), needed=show(cloth.exact, unit), least=show(cloth.bound, unit),
        fat_quarters=_fat_quarters(cloth.fat_quarters), from_shelf=_from_shelf(cloth),
        too_large=[f"{count} of {size(cloth.cuts[line].width, cloth.cuts[line].height, unit)}" for line, count in cloth.too_large],
        leftovers=[size(piece.width, piece.length, unit) for piece in cloth.leftovers], lines=lines,
        layouts=[_layout(layout, cloth, unit) for layout in cloth.layouts], done=all(line.ticked for line in lines),
    )  # fmt: skip


def _fat_quarters(count: int | None) -> str:
    if not count:
        return ""
    return f"{count} fat quarter{'' if count == 1 else 's'}"


def _from_shelf(cloth: ClothPlan) -> list[str]:
    counts = Counter(layout.source.name for layout in cloth.layouts if not layout.bought)
    return [f"{count} of {name}" if count > 1 else name for name, count in counts.items()]


def bought(length: Fraction, unit: Unit) -> str:
    """A length of cloth as it is sold: ``5⁄8 yd``, ``30 cm``, ``1.2 m``."""
    if not length:
        return "nothing"
    if unit == "in":
        return f"{write_mixed(length / 36).replace('/', '⁄')} yd"
    return f"{float(length / 100):g} m" if length >= 100 else f"{float(length):g} cm"


def _line(
    number: int, cut: Cut, cutting: Cutting, cloth: ClothPlan, done: Mapping[str, int], before: Counter[str]
) -> CutLineOut:
    unit, known = cutting.draft.unit, done.get(cut.signature, 0)
    taken = before[cut.signature]
    on = done_when_ticked(cut.count, taken, ticked=True)
    return CutLineOut(
        number=number, signature=cut.signature, count=cut.count, size=cut_size(cut, unit),
        what=f"{cut.shape}{'' if cut.count == 1 else 's'}", shape=cut.shape, subcut=cut.subcut, further=further(cut, unit),
        purpose="; ".join(purpose_words(cut, cutting.plan)), letters=list(dict.fromkeys(p.letter for p in cut.purposes)),
        units=list(cut.units), strips=_strips_words(number, cloth, unit), ticked=known >= on, done=known, done_on=on,
        done_off=min(known, taken),
    )  # fmt: skip


def cut_size(cut: Cut, unit: Unit) -> str:
    """A cut's size in words."""
    if cut.shape == "strip":
        return f"{show(cut.height, unit)} × {show(cut.width, unit)} long"
    return size(cut.width, cut.height, unit)


def further(cut: Cut, unit: Unit) -> str:
    """How a cut is cut further."""
    if cut.rotary:
        return f"from {cut.rotary.words}"
    if cut.corners_off:
        return f"then cut {len(cut.corners_off)} corners off, {show(cut.corners_off[0], unit)} along each side"
    return FURTHER[cut.subcut]


def purpose_words(cut: Cut, plan: Plan) -> list[str]:
    """What a cut is for: letter, kind and label of each unit."""
    kinds = {recipe.group.label: recipe.group.kind for recipe in plan.recipes}
    return [f"{one.letter}, {BY_NAME[kinds[one.units[0]]].words} {' and '.join(one.units)}" for one in cut.purposes]


def _strips_words(number: int, cloth: ClothPlan, unit: Unit) -> str:
    """From which strips a line is cut: ``2 strips 4 7⁄8″``."""
    heights: Counter[Fraction] = Counter()
    for layout in cloth.layouts:
        for strip in layout.strips:
            if any(line == number for line, _, _, _ in strip.crosscuts):
                heights[strip.height] += 1
    return ", ".join(
        f"{count} strip{'' if count == 1 else 's'} {show(height, unit)}" for height, count in heights.items()
    )


def _layout(layout: Layout, cloth: ClothPlan, unit: Unit) -> LayoutOut:
    source = layout.source
    return LayoutOut(
        name="New cloth" if layout.bought else f"From the shelf: {source.name}", bought=layout.bought,
        width=float(source.width), length=float(source.length), size=f"{show(source.width, unit)} × {show(source.length, unit)}",
        strips=[StripOut(y=float(strip.y), height=float(strip.height), words=strip_words(strip, cloth, unit)) for strip in layout.strips],
        laid=[
            LaidOut(line=one.line, x=float(one.x), y=float(one.y), width=float(one.width), height=float(one.height))
            for one in layout.laid
        ],
    )  # fmt: skip


def strip_words(strip: StripCut, cloth: ClothPlan, unit: Unit) -> str:
    """A strip and what is crosscut from it."""
    said = [f"{count} of {size(max(w, h), min(w, h), unit)}" for _, w, h, count in strip.crosscuts]
    return f"{show(strip.height, unit)} strip: {', '.join(said)}"


def _changed(cutting: Cutting, done: Mapping[str, int]) -> list[ChangedOut]:
    """What was cut and is of no use to the draft as it is now, in whatever order it is cut."""
    draft, unit = cutting.draft, cutting.draft.unit
    staged = [*plan_stage(draft, "trial").cuts, *plan_stage(draft, "rest").cuts]
    whole = {one.signature: one for one in standings(plan_stage(draft, "all").cuts, done)}
    parts = {one.signature: one for one in standings(staged, done)}
    out = []
    for signature, one in whole.items():
        useless = min(one.useless, parts[signature].useless) if signature in parts else one.useless
        if useless:
            fabric, shape, width, height, _, letter = signature.split("|")
            what = f"template {letter}" if letter else shape
            sizes = size(Fraction(width), Fraction(height), unit)
            good = f", {one.good} are still good" if one.good else ""
            name = draft.fabric(fabric).name if fabric != UNASSIGNED else "No fabric yet"
            words = f"{useless} of {name} {what} {sizes} {'was' if useless == 1 else 'were'} cut and {'is' if useless == 1 else 'are'} of no use now{good}."
            out.append(ChangedOut(words=words, fabric=fabric, kind="useless"))
    for line_done in whole.values():
        if line_done.done and line_done.still and cutting.stage == "all":
            fabric, shape, width, height, _, _ = line_done.signature.split("|")
            words = (
                f"{line_done.done} of {draft.fabric(fabric).name} {shape} {size(Fraction(width), Fraction(height), unit)} are cut, "
                f"{line_done.still} more are wanted."
            )  # fmt: skip
            out.append(ChangedOut(words=words, fabric=fabric, kind="still"))
    return out


def shelf_fabric_out(kept: KeptFabric) -> ShelfFabricOut:
    """A fabric of the shelf as it is sent."""
    known: dict[str, Any] = json.loads(kept.document)
    unit: Unit = known["unit"]
    return ShelfFabricOut(
        id=kept.id, name=kept.name, colour=known["colour"], value=known["value"], print=known["print"], fibre=known["fibre"],
        note=known["note"], unit=unit, revision=kept.revision,
        ink=DARK_INK if luminance(known["colour"]) > 0.18 else LIGHT_INK,
        pieces=[_shelf_piece(row, unit) for row in known["pieces"]],
    )  # fmt: skip


def _shelf_piece(row: Mapping[str, Any], unit: Unit) -> ShelfPieceOut:
    width, length = Fraction(row["width"]), Fraction(row["length"])
    return ShelfPieceOut(
        width=write_typed(width, unit), length=write_typed(length, unit), count=row["count"],
        words=f"{row['count']} × {show(width, unit)} × {show(length, unit)}",
    )  # fmt: skip


def all_of(kept: Sequence[KeptFabric]) -> dict[str, KeptFabric]:
    """The shelf by id."""
    return {one.id: one for one in kept}
