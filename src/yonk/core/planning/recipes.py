"""Recipes: for each group of units the way it is made, chosen by the quilter or proposed, in lots
over all blocks.
"""

from __future__ import annotations

from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass
from functools import cached_property

from yonk.core.paper import Capital, Care, Draft, Message, UnitPress, UnitWish, kept, message
from yonk.core.planning.lying import GroupOrientation, directed, lying_of, of_share
from yonk.core.planning.proposal import Proposal, propose
from yonk.core.planning.reading import Reading, UnitGroup, gather
from yonk.core.planning.ways import Demand, MethodShare, Way, is_trimmed, way_named
from yonk.core.units import BY_NAME, Method, Need, Terms, lots_for, terms_for, terms_of


@dataclass(frozen=True)
class Recipe:
    """How a group of units, or a part of it, is made over all blocks by one method.

    `total` is how many are made so; a group that is split over two methods has two recipes. `makes`
    counts all that the lots yield for this group; `mirrored` those of them that are mirror images
    nobody asked for. `needs` is empty where the group comes out of its mirror images' lots. `way`
    is the whole group's way, `chosen` whether the quilter chose it; `unsuited` names a choice of
    hers that cannot make this unit, `terms` are those on which this very unit is made.
    """

    group: UnitGroup
    method: Method
    way: Way
    reason: Message
    chosen: bool
    total: int
    lots: int
    makes: int
    mirrored: int
    needs: tuple[Need, ...]
    serves: tuple[str, ...]
    terms: Terms
    unsuited: str | None = None

    @property
    def spare(self) -> int:
        """How many are left over."""
        return self.makes - self.total

    @property
    def is_trimmed(self) -> bool:
        """Whether its units are trimmed to their size: they are sewn larger by a margin."""
        return is_trimmed(self.group.unit, self.method, self.terms)


def choose_recipes(
    readings: Sequence[tuple[Reading, int]], made: Mapping[object, int] | None = None
) -> tuple[Recipe, ...]:
    """The recipes for the groups of the readings, each for so many blocks, in the order of the
    groups.

    The first reading is the block as drafted; the others are its colourings. `made` tells how many
    of a group, by its identity, are there already and need not be made.
    """
    wanted = wanted_of(readings, made)
    choices = {
        group.label: _choose(group, wanted) for group in wanted.groups if wanted.totals[group.label]
    }
    return tuple(
        recipe
        for group in wanted.groups
        if wanted.totals[group.label]
        for share in choices[group.label].way.shares
        for recipe in [_make(group, share, wanted, choices)]
    )


@dataclass(frozen=True)
class WantedUnits:
    """All groups and how many of each are wanted over all blocks; `terms` are those of the block,
    `wishes` what is set for groups by themselves, by label.
    """

    draft: Draft
    terms: Terms
    wishes: Mapping[str, UnitWish]
    groups: tuple[UnitGroup, ...]
    totals: Mapping[str, int]
    by_identity: Mapping[object, UnitGroup]
    readings: Sequence[tuple[Reading, int]] = ()

    def terms_for(self, group: UnitGroup) -> Terms:
        """On which terms the units of a group are made."""
        if group.label not in self.wishes and group.kind not in self.draft.making.kinds:
            return self.terms
        if group.label not in self._own_terms:
            wish = self.wishes.get(group.label)
            self._own_terms[group.label] = terms_for(self.draft, group.kind, wish)
        return self._own_terms[group.label]

    @cached_property
    def _own_terms(self) -> dict[str, Terms]:
        return {}

    def more_lots(self, group: UnitGroup) -> int:
        """How many lots more than are needed she wants of a group, or of its mirror images that
        come out of the same lots.
        """
        other = self.mirror(group) if group.unit.hand else None
        labels = [one.label for one in (group, other) if one]
        return max(wish.more if (wish := self.wishes.get(label)) else 0 for label in labels)

    def way_chosen(self, group: UnitGroup) -> str | None:
        """The way that she chose for a group, by itself or for its kind."""
        wish = self.wishes.get(group.label)
        by_kind = self.draft.making.methods.get(group.kind)
        return (wish.method if wish else None) or by_kind

    def mirror(self, group: UnitGroup) -> UnitGroup | None:
        """The group of a group's mirror images."""
        if group.identity == group.mirror_identity:
            return None
        return self.by_identity.get(group.mirror_identity)

    def demand(self, group: UnitGroup) -> Demand:
        """How many of a group are wanted, with its mirror images where its hands are told apart."""
        other = self.mirror(group) if group.unit.hand else None
        total = self.totals[group.label]
        lying = self.lying(group, directed(group.unit.fabrics, self.draft))
        return Demand(total, self.totals[other.label] if other else 0, lying)

    def lying(self, group: UnitGroup, prints: tuple[tuple[str, int], ...]) -> GroupOrientation:
        """How what is wanted of a group lies in the block, where prints point so."""
        return of_share(lying_of(group, self.readings, prints), self.totals[group.label])

    def lying_of_any_print(self, group: UnitGroup) -> list[GroupOrientation]:
        """How a group lies; where no print of it has a direction, as if all had one, upright or
        sideways, to say how a way could lay them.
        """
        prints = directed(group.unit.fabrics, self.draft)
        every = [tuple((key, way) for key in group.unit.fabrics) for way in (0, 1)]
        return [self.lying(group, one) for one in ([prints] if prints else every)]


def wanted_of(
    readings: Sequence[tuple[Reading, int]], made: Mapping[object, int] | None = None
) -> WantedUnits:
    """What is wanted of each group over the blocks of all readings.

    Args:
        readings: each reading and for how many blocks it is; the first is the block as drafted.
        made: how many of a group, by its identity, are there already.

    Returns: all groups, each with its number, less what is made.
    """
    groups, totals = gather(readings)
    if made:
        totals = {
            group.label: max(0, totals[group.label] - made.get(group.identity, 0))
            for group in groups
        }
    draft = readings[0][0].draft
    return WantedUnits(
        draft,
        terms_of(draft),
        _wishes_of_units(readings[0][0], groups),
        groups,
        totals,
        {group.identity: group for group in groups},
        readings,
    )


def unit_presses(reading: Reading) -> Mapping[str, UnitPress]:
    """How the units of a block are pressed inside, by their labels, where that is set for them or
    their kind.
    """
    kinds, wishes = reading.draft.making.kinds, _wishes_of_units(reading, reading.groups)
    found = {}
    for group in reading.groups:
        own = [one for one in (wishes.get(group.label), kinds.get(group.kind)) if one]
        press = next((one.press for one in own if one.press), None)
        if press:
            found[group.label] = press
    return found


@dataclass(frozen=True)
class _Choice:
    way: Way
    reason: Message
    chosen: bool
    unsuited: str | None = None


def _wishes_of_units(reading: Reading, groups: Sequence[UnitGroup]) -> Mapping[str, UnitWish]:
    """What is set for a group through a point that one of its units holds, by the group's label
    among `groups`.
    """
    choices = reading.draft.making.units
    if not choices:
        return {}
    of_face = reading.group_of_face
    labels = {group.identity: group.label for group in groups}
    faces = reading.drawing.faces_at([choice.at for choice in choices])
    return {
        labels[of_face[face].identity]: choice
        for face, choice in zip(faces, choices, strict=True)
        if face in of_face
    }


def _choose(group: UnitGroup, wanted: WantedUnits) -> _Choice:
    named = wanted.way_chosen(group)
    demand = wanted.demand(group)
    way = way_named(named, BY_NAME[group.kind], group.unit, demand) if named else None
    if way:
        return _Choice(way, message("as-you-chose", way=Capital(way.words)), chosen=True)
    found = proposal_for(group, wanted)
    return _Choice(found.way, found.reason, chosen=False, unsuited=named)


def proposal_for(group: UnitGroup, wanted: WantedUnits) -> Proposal:
    """The way proposed for a group."""
    return _proposed(
        _Asked(group), wanted.terms_for(group), wanted.demand(group), wanted.draft.making.care
    )


class _Asked:
    """A group that counts as the same as any other of its identity."""

    def __init__(self, group: UnitGroup) -> None:
        self.group = group

    def __hash__(self) -> int:
        return hash(self.group.identity)

    def __eq__(self, other: object) -> bool:
        return isinstance(other, _Asked) and other.group.identity == self.group.identity


@kept()
def _proposed(asked: _Asked, terms: Terms, demand: Demand, care: Care) -> Proposal:
    return propose(BY_NAME[asked.group.kind], asked.group.unit, terms, demand, care)


def _make(
    group: UnitGroup, share: MethodShare, wanted: WantedUnits, choices: Mapping[str, _Choice]
) -> Recipe:
    choice, method, lots, makes = choices[group.label], share.method, share.lots, share.makes
    serves: tuple[str, ...] = (group.label,)
    terms = wanted.terms_for(group)
    mirrored, leads = 0, True
    more = wanted.more_lots(group) if len(choices[group.label].way.shares) == 1 else 0
    lots, makes = lots + more, makes + more * method.lot
    if method.mirrors and group.unit.hand:
        other = wanted.mirror(group)
        makes = lots * (method.lot // 2)
        if (
            other
            and wanted.totals[other.label]
            and choices[other.label].way.name == choice.way.name
            and wanted.terms_for(other) == terms  # cut alike, or not in one lot
        ):
            serves, leads = (group.label, other.label), int(group.label) < int(other.label)
        else:
            lots = lots_for(share.wanted, method.lot // 2) + more
            makes, mirrored = lots * method.lot, lots * (method.lot // 2)
    needs = tuple(method.needs(group.unit, terms, lots)) if leads else ()
    return Recipe(
        group,
        method,
        choice.way,
        choice.reason,
        choice.chosen,
        share.wanted,
        lots,
        makes,
        mirrored,
        needs,
        serves,
        terms,
        choice.unsuited,
    )


def of_group(recipes: Sequence[Recipe]) -> Iterator[tuple[UnitGroup, list[Recipe]]]:
    """The recipes by group: two where a group is split."""
    rows: dict[str, list[Recipe]] = {}
    for recipe in recipes:
        rows.setdefault(recipe.group.label, []).append(recipe)
    for found in rows.values():
        yield found[0].group, found
