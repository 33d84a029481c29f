"""The cutting of a draft in one stage: its plan, and how each fabric is cut from what there is."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from fractions import Fraction

from yonk.core.cutting.cloth import Bolt, ClothPlan, Piece, plan_cloth
from yonk.core.cutting.cuts import Cut
from yonk.core.draft import DEFAULTS, Draft, Unit
from yonk.core.plan import Plan
from yonk.core.stages import StageName, plan_stage

BOLT_STEP: dict[Unit, Fraction] = {"in": Fraction(9, 2), "cm": Fraction(10)}


@dataclass(frozen=True)
class Cutting:
    """A draft's cutting in one stage: the plan, and how each fabric is cut."""

    draft: Draft
    stage: StageName
    plan: Plan
    cloths: tuple[ClothPlan, ...]


def plan_cutting(draft: Draft, stage: StageName, on_hand: Mapping[str, Sequence[Piece]] | None = None) -> Cutting:
    """How each fabric of a draft is cut in a stage; `on_hand` has the pieces there are, by the shelf's name of a fabric."""
    plan = plan_stage(draft, stage)
    making = draft.making
    bolt = Bolt(making.usable, making.straightening, making.shrinkage / 100, BOLT_STEP[draft.unit])
    cloths = []
    for key in dict.fromkeys(cut.fabric for cut in plan.cuts):
        fabric = draft.fabric(key)
        cuts = [cut for cut in plan.cuts if cut.fabric == key]
        own = (on_hand or {}).get(fabric.shelf, ())
        cloths.append(
            plan_cloth(
                key, cuts, bolt, draft.unit, squaring=DEFAULTS[draft.unit].squaring, upright=fabric.print == "directional",
                standing=[_standing(plan, cut) for cut in cuts], on_hand=own, keep=making.keep,
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
