"""The cutting of a draft in one stage: its plan, and how each fabric is cut from what there is."""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass, replace
from typing import Protocol

from yonk.core.cutting.cloth import BOLT_STEPS, Bolt, ClothPiece, ClothPlan, plan_cloth
from yonk.core.cutting.progress import CutsDone, not_booked
from yonk.core.paper import Draft, Fabric, LengthUnit, Message, Settings, Text, message, show
from yonk.core.planning import Cut, Plan, StageName, cut_size_words, plan_stage, purposes

ShelfPieces = Mapping[str, Sequence[ClothPiece]]


class CutList(Protocol):
    """A list of cuts with how each cloth is cut: of a draft, or of a whole quilt top."""

    @property
    def name(self) -> str:
        """What is made of it."""

    @property
    def unit(self) -> LengthUnit:
        """The unit of its lengths."""

    @property
    def cloths(self) -> tuple[ClothPlan, ...]:
        """How each fabric is cut."""

    @property
    def whole(self) -> Message:
        """For what it is the list, in words."""

    @property
    def summary(self) -> Message:
        """How large it is, how many there are, the seam allowance, in words."""

    def fabric(self, key: str) -> Fabric:
        """A fabric by its key."""

    def purposes(self, cut: Cut) -> Sequence[Text]:
        """What a cut is for, in words."""


STAGES: dict[StageName, Message] = {
    "all": message("stage-all"),
    "trial": message("stage-trial"),
    "rest": message("stage-rest"),
}


@dataclass(frozen=True)
class Cutting:
    """A draft's cutting in one stage: the plan, and how each fabric is cut."""

    draft: Draft
    stage: StageName
    plan: Plan
    cloths: tuple[ClothPlan, ...]

    @property
    def name(self) -> str:
        """The block's name."""
        return self.draft.name

    @property
    def unit(self) -> LengthUnit:
        """The draft's unit."""
        return self.draft.unit

    @property
    def whole(self) -> Message:
        """For which blocks it is, in words."""
        return STAGES[self.stage]

    @property
    def summary(self) -> Message:
        """The finished size, the seam allowance, how many blocks."""
        draft, many = self.draft, self.plan.all_blocks
        return message(
            "cutting-summary",
            size=cut_size_words(draft.width, draft.height, draft.unit),
            seam=show(draft.making.seam, draft.unit),
            blocks=many,
        )

    def fabric(self, key: str) -> Fabric:
        """A fabric of the draft by its key."""
        return self.draft.fabric(key)

    def purposes(self, cut: Cut) -> Sequence[Text]:
        """The letters and units that a cut is for."""
        return purposes(cut, self.plan.recipes)


def plan_cutting(
    draft: Draft,
    stage: StageName,
    on_hand: ShelfPieces | None = None,
    booked: CutsDone | None = None,
    plan: Plan | None = None,
) -> Cutting:
    """How each fabric of a draft is cut in a stage.

    Args:
        stage: ``trial``, ``rest`` or ``all``.
        on_hand: the pieces there are, in the draft's unit, by the shelf's name of a fabric.
        booked: what was cut and its cloth taken off the shelf before: on the list, but on no cloth.
        plan: stands in for the stage's own.

    Returns: the plan of the stage and the layouts of each fabric.

    Raises: `DraftError` where the drawing is too much to work on.
    """
    plan = plan or plan_stage(draft, stage)
    making, unit = draft.making, draft.unit
    known, bolt = Booked(booked or {}, stage), bolt_of(making, unit)
    cloths = on_cloth(plan.cuts, draft.fabric, making, unit, on_hand, known, bolt)
    return Cutting(draft, stage, plan, cloths)


@dataclass(frozen=True)
class Booked:
    """What was cut in a stage and its cloth taken off the shelf before."""

    done: CutsDone
    stage: StageName


def on_cloth(
    cuts: Sequence[Cut],
    fabric_of: Callable[[str], Fabric],
    making: Settings,
    unit: LengthUnit,
    on_hand: ShelfPieces | None,
    booked: Booked,
    bolt: Bolt,
) -> tuple[ClothPlan, ...]:
    """How each fabric of some cuts is cut, in the order of their first cuts.

    Fabrics tied to the same one of the shelf are cut one after the other, from what the ones
    before have left.

    Args:
        fabric_of: a fabric by its key.
        making: how large a leftover is kept.
        on_hand: the pieces there are, in `unit`, by the shelf's name of a fabric.
        booked: is on the list, but on no cloth.
        bolt: how the cloth is bought.
    """
    left = {name: list(pieces) for name, pieces in (on_hand or {}).items()}
    cloths = []
    for key in dict.fromkeys(cut.fabric for cut in cuts):
        fabric = fabric_of(key)
        mine = [cut for cut in cuts if cut.fabric == key]
        cloth = plan_cloth(
            key,
            not_booked(mine, booked.done, booked.stage),
            bolt,
            unit,
            upright=fabric.has_direction,
            on_hand=left.get(fabric.shelf, ()),
            keep=making.keep,
        )
        for layout in cloth.layouts:
            if not layout.bought:
                left[fabric.shelf].remove(layout.source)
        cloths.append(replace(cloth, cuts=tuple(mine)))
    return tuple(cloths)


def bolt_of(making: Settings, unit: LengthUnit) -> Bolt:
    """How cloth is bought."""
    return Bolt(making.usable, making.straightening, making.shrinkage / 100, BOLT_STEPS[unit])
