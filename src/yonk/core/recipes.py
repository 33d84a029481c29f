"""Recipes: for each group of units the way it is made, chosen by the quilter or proposed, in lots over all blocks."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from dataclasses import dataclass

from yonk.core.draft import DEFAULTS, Draft
from yonk.core.units import BY_NAME
from yonk.core.units.needs import Need, Terms
from yonk.core.units.reading import Group, Reading
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


def choose_recipes(reading: Reading, blocks: int) -> tuple[Recipe, ...]:
    """One recipe for each group, for so many blocks, in the order of the groups."""
    terms = terms_of(reading.draft)
    by_unit = _chosen_by_unit(reading)
    choices = {group.label: _choose(group, reading, blocks, by_unit) for group in reading.groups}
    made: dict[str, Recipe] = {}
    for group in reading.groups:
        made[group.label] = _make(group, reading, blocks, terms, choices)
    return tuple(made.values())


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


def _choose(group: Group, reading: Reading, blocks: int, by_unit: Mapping[str, str]) -> _Choice:
    wanted = by_unit.get(group.label) or reading.draft.making.methods.get(group.kind)
    method = method_named(group, wanted) if wanted else None
    if method:
        return _Choice(method, f"Chosen by you: {method.words}.", chosen=True)
    mirrored = next((other.per_block for other in reading.groups if other.label == group.mirror), 0)
    directional = any(reading.draft.fabric(key).print == "directional" for key in group.unit.fabrics)
    demand = Demand(group.per_block * blocks, mirrored * blocks, directional)
    name, reason = BY_NAME[group.kind].propose(group.unit, demand)
    proposed = method_named(group, name)
    assert proposed is not None, "what is proposed suits"
    return _Choice(proposed, reason, chosen=False, unsuited=wanted)


def _make(group: Group, reading: Reading, blocks: int, terms: Terms, choices: Mapping[str, _Choice]) -> Recipe:
    choice = choices[group.label]
    method, total = choice.method, group.per_block * blocks
    if not (method.mirrors and group.unit.hand):
        lots = lots_for(total, method.lot)
        needs = tuple(method.needs(group.unit, terms, lots))
        return _recipe(group, choice, total, lots, lots * method.lot, 0, needs, (group.label,))
    half = method.lot // 2
    other = _mirror_made_alike(group, reading.groups, choices)
    if other is None:
        lots = lots_for(total, half)
        needs = tuple(method.needs(group.unit, terms, lots))
        return _recipe(group, choice, total, lots, lots * method.lot, lots * half, needs, (group.label,))
    lots = lots_for(max(group.per_block, other.per_block) * blocks, half)
    leads = int(group.label) < int(other.label)
    needs = tuple(method.needs(group.unit, terms, lots)) if leads else ()
    return _recipe(group, choice, total, lots, lots * half, 0, needs, (group.label, other.label))


def _mirror_made_alike(group: Group, groups: Iterable[Group], choices: Mapping[str, _Choice]) -> Group | None:
    for other in groups:
        if other.label == group.mirror and choices[other.label].method == choices[group.label].method:
            return other
    return None


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
