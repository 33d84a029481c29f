"""The cutting of a draft in one stage: its plan, and how each fabric is cut from what there is."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace

from yonk.core.cutting.cloth import BOLT_STEPS, Bolt, ClothPlan, Piece, plan_cloth
from yonk.core.cutting.progress import Done, Standing, cut_so_far, not_booked, of_no_use, standings
from yonk.core.paper import Draft
from yonk.core.planning import Plan, StageName, plan_stage


@dataclass(frozen=True)
class Cutting:
    """A draft's cutting in one stage: the plan, and how each fabric is cut."""

    draft: Draft
    stage: StageName
    plan: Plan
    cloths: tuple[ClothPlan, ...]


def plan_cutting(
    draft: Draft,
    stage: StageName,
    on_hand: Mapping[str, Sequence[Piece]] | None = None,
    booked: Done | None = None,
) -> Cutting:
    """How each fabric of a draft is cut in a stage.

    Fabrics tied to the same one of the shelf are cut one after the other, from what the ones
    before have left.

    Args:
        stage: ``trial``, ``rest`` or ``all``.
        on_hand: the pieces there are, in the draft's unit, by the shelf's name of a fabric.
        booked: what was cut and its cloth taken off the shelf before: on the list, but on no cloth.

    Returns: the plan of the stage and the layouts of each fabric.

    Raises: `DraftError` where the drawing is too much to work on.
    """
    plan = plan_stage(draft, stage)
    left = {name: list(pieces) for name, pieces in (on_hand or {}).items()}
    cloths = []
    for key in dict.fromkeys(cut.fabric for cut in plan.cuts):
        fabric = draft.fabric(key)
        cuts = [cut for cut in plan.cuts if cut.fabric == key]
        cloth = plan_cloth(
            key,
            not_booked(cuts, booked or {}, stage),
            bolt_of(draft),
            draft.unit,
            upright=fabric.print == "directional",
            on_hand=left.get(fabric.shelf, ()),
            keep=draft.making.keep,
        )
        for layout in cloth.layouts:
            if not layout.bought:
                left[fabric.shelf].remove(layout.source)
        cloths.append(replace(cloth, cuts=tuple(cuts)))
    return Cutting(draft, stage, plan, tuple(cloths))


@dataclass(frozen=True)
class Changed:
    """What a changed draft makes of what is cut: cuts that are of no use any more, and those of
    which more is wanted.
    """

    useless: tuple[Standing, ...]
    still: tuple[Standing, ...]


def changed(cutting: Cutting, done: Done) -> Changed:
    """What became of the cuts that are done, in whatever order they were cut."""
    if not done:
        return Changed((), ())
    staged = [*plan_stage(cutting.draft, "trial").cuts, *plan_stage(cutting.draft, "rest").cuts]
    whole, known = plan_stage(cutting.draft, "all").cuts, cut_so_far(done, "all")
    still = [
        one for one in standings(whole, known) if one.done and one.still and cutting.stage == "all"
    ]
    return Changed(tuple(of_no_use(whole, staged, known)), tuple(still))


def bolt_of(draft: Draft) -> Bolt:
    """How the cloth for a draft is bought."""
    making = draft.making
    return Bolt(making.usable, making.straightening, making.shrinkage / 100, BOLT_STEPS[draft.unit])
