"""Recipes: for each group of units the way it is made, chosen by the quilter or proposed, in lots over all blocks."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass

from yonk.core.draft import DEFAULTS, Draft
from yonk.core.units import BY_NAME
from yonk.core.units.needs import Need, Terms
from yonk.core.units.reading import Group, Reading, gather
from yonk.core.units.unit import Demand, Method, lots_for


@dataclass(frozen=True)
class Recipe:
    """How one group of units is made over all blocks.

    `makes` counts all that the lots yield for this group; `mirrored` those of them that are mirror images nobody
    asked for. `needs` is empty where the group comes out of its mirror images' lots. `chosen` tells whether the
    quilter chose the method; `unsuited` names a choice of hers that cannot make this unit.
    """

    group: Group
    method: Method
    reason: str
    chosen: bool
    total: int
    lots: int
    makes: int
    mirrored: int
    needs: tuple[Need, ...]
    serves: tuple[str, ...]
    unsuited: str | None = None

    @property
    def spare(self) -> int:
        """How many are left over."""
        return self.makes - self.total


def terms_of(draft: Draft) -> Terms:
    """The quilter's seam allowance, ruler and margin with what is usual in her unit."""
    usual, making = DEFAULTS[draft.unit], draft.making
    return Terms(making.seam, making.ruler_step, making.trim_margin, usual.squaring, usual.hair, draft.unit)


def choose_recipes(readings: Sequence[tuple[Reading, int]]) -> tuple[Recipe, ...]:
    """One recipe for each group of the readings, each for so many blocks, in the order of the groups.

    The first reading is the block as drafted; the others are its colourings.
    """
    groups, totals = gather(readings)
    reading = readings[0][0]
    terms = terms_of(reading.draft)
    by_unit = _chosen_by_unit(reading)
    wanted = _Wanted(reading.draft, groups, totals, {group.identity: group for group in groups})
    choices = {group.label: _choose(group, wanted, by_unit) for group in groups}
    return tuple(_make(group, wanted, terms, choices) for group in groups if totals[group.label])


@dataclass(frozen=True)
class _Wanted:
    """All groups and how many of each are wanted over all blocks."""

    draft: Draft
    groups: tuple[Group, ...]
    totals: Mapping[str, int]
    by_identity: Mapping[object, Group]

    def mirror(self, group: Group) -> Group | None:
        """The group of a group's mirror images."""
        if group.identity == group.mirror_identity:
            return None
        return self.by_identity.get(group.mirror_identity)


@dataclass(frozen=True)
class _Choice:
    method: Method
    reason: str
    chosen: bool
    unsuited: str | None = None


def method_named(group: Group, name: str) -> Method | None:
    """The group's method of that name, if its kind has one and it suits the unit."""
    return next((m for m in BY_NAME[group.kind].methods if m.name == name and m.suits(group.unit)), None)


def _chosen_by_unit(reading: Reading) -> Mapping[str, str]:
    """The method chosen for a group through a point that one of its units holds."""
    choices = reading.draft.making.units
    if not choices:
        return {}
    groups = reading.group_of_face
    faces = reading.drawing.faces_at([choice.at for choice in choices])
    return {groups[face].label: choice.method for face, choice in zip(faces, choices, strict=True) if face is not None}


def _choose(group: Group, wanted: _Wanted, by_unit: Mapping[str, str]) -> _Choice:
    named = by_unit.get(group.label) or wanted.draft.making.methods.get(group.kind)
    method = method_named(group, named) if named else None
    if method:
        return _Choice(method, f"Chosen by you: {method.words}.", chosen=True)
    other = wanted.mirror(group)
    directional = any(wanted.draft.fabric(key).print == "directional" for key in group.unit.fabrics)
    demand = Demand(wanted.totals[group.label], wanted.totals[other.label] if other else 0, directional)
    name, reason = BY_NAME[group.kind].propose(group.unit, demand)
    proposed = method_named(group, name)
    assert proposed is not None, "what is proposed suits"
    return _Choice(proposed, reason, chosen=False, unsuited=named)


def _make(group: Group, wanted: _Wanted, terms: Terms, choices: Mapping[str, _Choice]) -> Recipe:
    choice = choices[group.label]
    method, total = choice.method, wanted.totals[group.label]
    if not (method.mirrors and group.unit.hand):
        lots = lots_for(total, method.lot)
        needs = tuple(method.needs(group.unit, terms, lots))
        return _recipe(group, choice, total, lots, lots * method.lot, 0, needs, (group.label,))
    half = method.lot // 2
    other = wanted.mirror(group)
    if other is None or choices[other.label].method != method or not wanted.totals[other.label]:
        lots = lots_for(total, half)
        needs = tuple(method.needs(group.unit, terms, lots))
        return _recipe(group, choice, total, lots, lots * method.lot, lots * half, needs, (group.label,))
    lots = lots_for(max(total, wanted.totals[other.label]), half)
    leads = int(group.label) < int(other.label)
    needs = tuple(method.needs(group.unit, terms, lots)) if leads else ()
    return _recipe(group, choice, total, lots, lots * half, 0, needs, (group.label, other.label))


def _recipe(
    group: Group,
    choice: _Choice,
    total: int,
    lots: int,
    makes: int,
    mirrored: int,
    needs: tuple[Need, ...],
    serves: tuple[str, ...],
) -> Recipe:
    return Recipe(
        group, choice.method, choice.reason, choice.chosen, total, lots, makes, mirrored, needs, serves,
        choice.unsuited,
    )  # fmt: skip
