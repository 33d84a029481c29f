"""The cutting as the screen needs it. No rule is decided here."""

from __future__ import annotations

import json
from collections import Counter
from collections.abc import Mapping, Sequence
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
    StripsToldOut,
)
from yonk.api.view import DARK_INK, LIGHT_INK
from yonk.core.contrast import luminance
from yonk.core.cutting.cloth import MOST_DRAWN, ClothPlan, Layout, Piece, each_strip_once
from yonk.core.cutting.cuts import Cut
from yonk.core.cutting.in_words import (
    bought,
    cut_shape,
    cut_size,
    fat_quarters,
    further,
    purposes,
    size,
    strip_words,
    strips_of,
)
from yonk.core.cutting.progress import done_when_ticked, standings
from yonk.core.cutting_stage import Cutting, plan_cutting
from yonk.core.draft import UNASSIGNED, Draft, Unit
from yonk.core.measure import show, write_typed
from yonk.core.sewing.steps import CAUTIONS
from yonk.core.stages import StageName, plan_stage
from yonk.store.fabrics import KeptFabric


def cutting_of(draft: Draft, stage: StageName, shelf: Mapping[str, KeptFabric]) -> Cutting:
    """How each fabric of a draft is cut in a stage, with the pieces that the shelf has of it."""
    return plan_cutting(draft, stage, {name: pieces_of(kept, draft.unit) for name, kept in shelf.items()})


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
        stage=cutting.stage, blocks=cutting.plan.blocks,
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
        fat_quarters=fat_quarters(cloth.fat_quarters), from_shelf=_from_shelf(cloth),
        too_large=[f"{count} of {size(cloth.cuts[line].width, cloth.cuts[line].height, unit)}" for line, count in cloth.too_large],
        leftovers=[size(piece.width, piece.length, unit) for piece in cloth.leftovers], lines=lines,
        layouts=[_layout(layout, cloth, unit) for layout in cloth.layouts], done=all(line.ticked for line in lines), put_back=bool(done.get(put_back_mark(fabric.key, cutting.stage))),
    )  # fmt: skip


def put_back_mark(fabric: str, stage: StageName) -> str:
    """Under which name it is kept that the leftovers of a fabric are on the shelf."""
    return f"{PUT_BACK}{fabric}|{stage}"


def _from_shelf(cloth: ClothPlan) -> list[str]:
    counts = Counter(layout.source.name for layout in cloth.layouts if not layout.bought)
    return [f"{count} of {name}" if count > 1 else name for name, count in counts.items()]


def _line(
    number: int, cut: Cut, cutting: Cutting, cloth: ClothPlan, done: Mapping[str, int], before: Counter[str]
) -> CutLineOut:
    unit, known = cutting.draft.unit, done.get(cut.signature, 0)
    taken = before[cut.signature]
    on = done_when_ticked(cut.count, taken, ticked=True)
    sofar, whole = (sum(one.count for one in cuts) for cuts in (cloth.cuts[:number], cloth.cuts))
    last = sofar + cut.count
    return CutLineOut(
        number=number, signature=cut.signature, count=cut.count, size=cut_size(cut, unit),
        what=cut_shape(cut), shape=cut.shape, subcut=cut.subcut, further=further(cut, unit),
        purpose="; ".join(purposes(cut, cutting.plan.recipes)), letters=list(dict.fromkeys(p.letter for p in cut.purposes)),
        units=list(cut.units), strips=strips_of(number, cloth, unit),
        running=f"{sofar + 1} to {last} of {whole}" if cut.count > 1 else f"{last} of {whole}", ticked=known >= on, done=known, done_on=on,
        done_off=min(known, taken),
    )  # fmt: skip


def _layout(layout: Layout, cloth: ClothPlan, unit: Unit) -> LayoutOut:
    source, drawn = layout.source, each_strip_once(layout, MOST_DRAWN)
    counts = Counter(strip_words(strip, unit) for strip in layout.strips)
    return LayoutOut(
        name="New cloth" if layout.bought else f"From the shelf: {source.name}", bought=layout.bought,
        width=float(source.width), length=float(drawn.source.length), size=f"{show(source.width, unit)} × {show(source.length, unit)}",
        strips=[StripOut(y=float(strip.y), height=float(strip.height), words=strip_words(strip, unit)) for strip in drawn.strips],
        laid=[
            LaidOut(line=one.line, x=float(one.x), y=float(one.y), width=float(one.width), height=float(one.height))
            for one in drawn.laid
        ],
        told=[StripsToldOut(count=count, words=words) for words, count in counts.items()], shortened=drawn is not layout,
    )  # fmt: skip


def _changed(cutting: Cutting, done: Mapping[str, int]) -> list[ChangedOut]:
    """What was cut and is of no use to the draft as it is now, in whatever order it is cut."""
    draft, unit = cutting.draft, cutting.draft.unit
    done = {signature: count for signature, count in done.items() if not signature.startswith(PUT_BACK)}
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


PUT_BACK = "put back|"


def all_of(kept: Sequence[KeptFabric]) -> dict[str, KeptFabric]:
    """The shelf by id."""
    return {one.id: one for one in kept}
