"""The steps of sewing a block: units first, then alike joins in one chain over all blocks."""

from __future__ import annotations

import json
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from fractions import Fraction
from hashlib import sha256
from typing import Literal

from yonk.core.joining import Join
from yonk.core.paper import Message, Text, listed, message, sentences, show, write_exact
from yonk.core.planning import Recipe, unit_mark
from yonk.core.pressing.in_words import part_name, reason
from yonk.core.pressing.place_names import place_name
from yonk.core.pressing.plan import ListedJoin, SewingPlan, measures, toward
from yonk.core.pressing.pressed import PressedSide
from yonk.core.pressing.stacks import Stack
from yonk.core.pressing.starting import starts_at
from yonk.core.sewing import CAUTIONS
from yonk.core.units import BY_NAME

StepKind = Literal["unit", "join"]


@dataclass(frozen=True)
class SewingStep:
    """A step over all blocks: alike joins, or the making of a unit by its recipe.

    `mark` tells what is sewn, whatever its number, so that what was done is found again after the
    draft has changed; `unit` is that of the unit that is made, by its recipe or by the last of its
    joins. Earlier joins of a unit are `within` it: of its mark, and how many in each. `start` is
    where the stitching starts, where that is not all one. All steps of a `trip` are sewn before
    the iron is needed; a unit by its recipe is pressed as that tells. `per_block` and `total` count
    joins or units; `stacks` are those that the two pieces are taken from, join by join.
    """

    number: int
    kind: StepKind
    mark: str
    words: Text
    per_block: int
    total: int
    joins: tuple[int, ...]
    label: str
    why: tuple[Text, ...]
    to_match: int
    checkpoint: Text
    batches: tuple[int, ...]
    stacks: tuple[tuple[int, int], ...]
    caution: Text
    unit: str = ""
    within: tuple[str, int] | None = None
    start: Text = ""
    trip: int = 1
    ends_trip: bool = False

    def done(self, joined: Mapping[str, int], made: Mapping[str, int]) -> int:
        """How many are done: of a unit also those that were told before units had marks; of a join
        within a unit no fewer than units of it are made.
        """
        own = joined.get(self.mark, 0) + (made.get(self.unit, 0) if self.unit else 0)
        if self.within is None:
            return own
        unit, each = self.within
        return max(own, made.get(unit, 0) * each)


def steps_of_sewing(
    plan: SewingPlan,
    recipes: Mapping[str, Recipe],
    stacks: Sequence[Stack],
    blocks: int,
) -> tuple[SewingStep, ...]:
    """The steps in the order of sewing.

    Args:
        plan: the sewing of one block.
        recipes: of each label the recipe that makes its units; joins inside others are steps.
        stacks: the places of the laid-out block.
        blocks: how many blocks are sewn.
    """
    maker = _Steps(plan, recipes, stacks, blocks)
    return maker.steps()


class _Steps:
    def __init__(
        self,
        plan: SewingPlan,
        recipes: Mapping[str, Recipe],
        stacks: Sequence[Stack],
        blocks: int,
    ) -> None:
        self.plan, self.recipes, self.blocks = plan, recipes, blocks
        self.stack_of = {frozenset(stack.faces): stack.number for stack in stacks}
        self.cautioned = False
        self.step_of: dict[int, int] = {}

    def steps(self) -> tuple[SewingStep, ...]:
        found: list[SewingStep] = []
        done: set[str] = set()
        for group in self.plan.groups:
            first = self.plan.listed[group[0]]
            label = first.join.unit
            if label is not None and self._by_recipe(label) and not self._sewn_singly(label):
                if label not in done:
                    done.add(label)
                    found.append(self._unit(len(found) + 1, label))
            else:
                found.append(self._join(len(found) + 1, group))
                self.step_of |= dict.fromkeys(group, len(found))
        last = {step.trip: step.number for step in found}
        numbers = {trip: number for number, trip in enumerate(last, start=1)}
        return tuple(
            replace(step, trip=numbers[step.trip], ends_trip=last[step.trip] == step.number)
            for step in found
        )

    def _by_recipe(self, label: str) -> bool:
        recipe = self.recipes.get(label)
        return recipe is not None and recipe.method.sew is not None

    def _sewn_singly(self, label: str) -> bool:
        """Whether the seams of a unit are steps like any other: its patches are sewn to each other
        one by one, and it is finished by one step.
        """
        recipe = self.recipes[label]
        if recipe.method.name != "cut-and-sew" or len(recipe.way.shares) > 1:
            return False
        own = [group for group in self.plan.groups if self._unit_label(group) == label]
        return sum(self._finishes(group) for group in own) == 1

    def _unit_label(self, group: Sequence[int]) -> str | None:
        return self.plan.joining.joins[group[0]].unit

    def _finishes(self, group: Sequence[int]) -> bool:
        """Whether alike joins are the last ones of their units."""
        return self.plan.unit_made(self.plan.joining.order.leaves + group[0]) is not None

    def _unit(self, number: int, label: str) -> SewingStep:
        """All units of a label, made as their recipe says; the plan tells how they are pressed."""
        recipe = self.recipes[label]
        group = recipe.group
        joins = [join for join in self.plan.joining.joins if join.unit == label]
        per_block = group.per_block
        why = self._why_unit(joins)
        words = message(
            "make-by-recipe",
            kind=BY_NAME[group.kind].words,
            unit=label,
            method=recipe.method.words,
        )
        total = per_block * self.blocks
        return SewingStep(
            number,
            "unit",
            self.mark([join.number for join in joins[:1]]),
            words,
            per_block,
            total,
            tuple(join.number for join in joins),
            label,
            tuple(dict.fromkeys(why)),
            0,
            self._unit_size(recipe),
            self._batches(total),
            (),
            self._caution(),
            unit_mark(group, self.plan.draft),
            trip=self.plan.trips[joins[0].number],
        )

    def _unit_size(self, recipe: Recipe) -> Text:
        both, unit = 2 * self.plan.draft.making.seam, self.plan.draft.unit
        sides = recipe.group.unit.width, recipe.group.unit.height
        return listed((show(side + both, unit) for side in sides), "times")

    def _why_unit(self, joins: Sequence[Join]) -> list[Message]:
        """How the seams inside a unit are pressed, and how many of them where two lots are."""
        lots: dict[tuple[int, PressedSide], list[Join]] = {}
        for join in joins:
            lots.setdefault((join.place, self.plan.pressing.presses[join.number]), []).append(join)
        places = [place for place, _ in lots]
        found = []
        for (place, _), some in lots.items():
            one, other = (part_name(self.plan, part) for part in some[0].of)
            count = len(some) * self.blocks if places.count(place) > 1 else 0
            why = reason(self.plan, some[0])
            found.append(message("why-pressed", count=count, one=one, other=other, why=why))
        return found

    def _join(self, number: int, group: Sequence[int]) -> SewingStep:
        plan = self.plan
        first = plan.listed[group[0]]
        kinds = {
            "straight": None,
            "partial": message("sew-part-of-the-seam"),
            "set-in": message("set-it-in"),
        }
        total = len(group) * self.blocks
        to_match = sum(meeting.join == first.join.number for meeting in plan.wanted.meetings)
        recipe = self._singly_made(first.join)
        makes = recipe if recipe and self._finishes(group) else None
        return SewingStep(
            number,
            "join",
            self.mark(group),
            sentences(
                self._sew_words(first),
                kinds[first.join.kind],
                _makes(makes) if makes else None,
            ),
            len(group),
            total,
            tuple(group),
            first.join.unit or "",
            (reason(plan, first.join),),
            to_match,
            self._unit_size(makes) if makes else self._checkpoint(first),
            self._batches(total),
            self._stacks(group),
            self._caution(),
            unit_mark(makes.group, plan.draft) if makes else "",
            self._within(recipe, group) if recipe and not makes else None,
            message("start-at-the-point") if starts_at(plan, first.join) else "",
            plan.trips[group[0]],
        )

    def _singly_made(self, join: Join) -> Recipe | None:
        """The recipe of the unit that a join lies in, where its seams are steps by themselves."""
        if join.unit is None or not self._by_recipe(join.unit):
            return None
        return self.recipes[join.unit]

    def _within(self, recipe: Recipe, group: Sequence[int]) -> tuple[str, int]:
        return unit_mark(recipe.group, self.plan.draft), len(group) // recipe.group.per_block

    def _sew_words(self, sewn: ListedJoin) -> Message:
        one, other = (self._name(part) for part in sewn.of)
        if one == other:
            side = toward(sewn.join, sewn.join.of.index(sewn.up))
            return message("sew-two-alike", one=one, other=other, side=side)
        return message("sew-one-to-the-other", one=one, other=other, up=self._name(sewn.up))

    def _name(self, part: int) -> Message:
        """A patch, a unit, or what an earlier step made."""
        join = self.plan.joining.join(part)
        if join is None or self.plan.unit_made(part) or join.number not in self.step_of:
            return part_name(self.plan, part)
        step = self.step_of[join.number]
        if self._singly_made(join):  # held in the hand, it lies nowhere in the block
            return message("piece-of-step", step=step)
        # alike ones lie in several places: the step tells them all
        alone = sum(other == step for other in self.step_of.values()) == 1
        place = place_name(self.plan, part) if alone else None
        if place is None:
            return message("piece-of-step", step=step)
        return message("named-piece-of-step", step=step, place=place)

    def _checkpoint(self, sewn: ListedJoin) -> Text:
        if not sewn.checkpoint or sewn.box is None:
            return ""
        sides = (show(side, self.plan.draft.unit) for side in measures(self.plan, sewn))
        return listed(sides, "times")

    def _batches(self, total: int) -> tuple[int, ...]:
        size = self.plan.draft.making.sewing.batch
        return tuple(min(size, total - start) for start in range(0, total, size))

    def _stacks(self, group: Sequence[int]) -> tuple[tuple[int, int], ...]:
        """The stacks that the pieces come from, where both are in one each."""
        found = []
        for number in group:
            sides = [
                self.stack_of.get(frozenset(self.plan.joining.order.faces(part)), 0)
                for part in self.plan.listed[number].of
            ]
            if all(sides):
                found.append((sides[0], sides[1]))
        return tuple(found)

    def _caution(self) -> Text:
        """The caution, where the first seam is sewn and pressed."""
        said, self.cautioned = self.cautioned, True
        return "" if said else sentences(CAUTIONS["needle"], CAUTIONS["iron"])

    def mark(self, group: Sequence[int]) -> str:
        """What is sewn, as a digest: the outlines of the two pieces in the draft's unit and their
        fabrics, however they are turned.
        """
        plan = self.plan
        join = plan.joining.joins[group[0]]
        turns = []
        for quarters in range(4):
            sides = [
                [self._patch(face, quarters) for face in plan.joining.order.faces(part)]
                for part in join.of
            ]
            left = min(x for side in sides for ring, _ in side for x, _ in ring)
            top = min(y for side in sides for ring, _ in side for _, y in ring)
            pieces = [
                sorted((_from(ring, left, top), fabric) for ring, fabric in side) for side in sides
            ]
            turns.append(sorted(pieces))
        scale = plan.reading.drawing.scale
        exact = [
            [[[write_exact(Fraction(n, scale)) for n in spot] for spot in ring], fabric]
            for side in min(turns)
            for ring, fabric in side
        ]
        parts = sorted(len(plan.joining.order.faces(part)) for part in join.of)
        text = json.dumps([exact, parts, write_exact(plan.draft.making.seam)])
        return sha256(text.encode()).hexdigest()

    def _patch(self, face: int, quarters: int) -> tuple[list[tuple[int, int]], str]:
        ring = list(self.plan.joining.faces[face].ring)
        for _ in range(quarters):
            ring = [(-y, x) for x, y in ring]
        return ring, self.plan.reading.fabrics[face]


def _makes(recipe: Recipe) -> Message:
    """Which unit is finished then."""
    return message(
        "that-makes-the-unit", kind=BY_NAME[recipe.group.kind].words, unit=recipe.group.label
    )


def _from(ring: Sequence[tuple[int, int]], left: int, top: int) -> list[tuple[int, int]]:
    moved = [(x - left, y - top) for x, y in ring]
    least = moved.index(min(moved))
    return moved[least:] + moved[:least]


@dataclass(frozen=True)
class Left:
    """What was sewn and is no step any more: its words, and how many of it."""

    mark: str
    words: Text
    done: int


@dataclass(frozen=True)
class Trip:
    """A trip to the iron: its number, and the steps that are sewn before it."""

    number: int
    steps: tuple[SewingStep, ...]

    @property
    def seams(self) -> int:
        """How many joins and units are sewn for it, over all blocks."""
        return sum(step.total for step in self.steps)

    @property
    def stacks(self) -> tuple[int, ...]:
        """The stacks of the laid-out block that its pieces are taken from."""
        return tuple(
            sorted({stack for step in self.steps for both in step.stacks for stack in both})
        )


def trips_of(steps: Sequence[SewingStep]) -> tuple[Trip, ...]:
    """The steps by the trips to the iron, in their order."""
    numbers = dict.fromkeys(step.trip for step in steps)
    return tuple(
        Trip(number, tuple(step for step in steps if step.trip == number)) for number in numbers
    )


def no_longer_wanted(
    steps: Sequence[SewingStep], done: Mapping[str, tuple[int, str]]
) -> tuple[Left, ...]:
    """What was sewn of which the draft as it is now has nothing.

    Args:
        steps: of the draft as it is.
        done: of each mark how many are sewn, and in what words it was told then.
    """
    known = {mark for step in steps for mark in (step.mark, step.unit)}
    return tuple(
        Left(mark, words, count)
        for mark, (count, words) in done.items()
        if mark not in known and count
    )
