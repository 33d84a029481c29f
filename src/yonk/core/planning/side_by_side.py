"""A plan's groups with their ways side by side, and one of those ways as it is asked for."""

from __future__ import annotations

from yonk.core.paper import DraftError, message
from yonk.core.planning.comparison import Comparison, Figures, compare, figures
from yonk.core.planning.plan import Plan
from yonk.core.planning.reading import UnitGroup
from yonk.core.planning.recipes import Recipe, of_group
from yonk.core.planning.ways import Way, tally, way_named
from yonk.core.units import BY_NAME


def ways_side_by_side(plan: Plan) -> list[tuple[Recipe, Comparison]]:
    """Each group of a plan: the first recipe that makes it, and all ways to make it in the same
    figures.
    """
    wanted = plan.wanted
    return [
        (recipes[0], compare(group, wanted, recipes[0].way.name if recipes[0].chosen else None))
        for group, recipes in of_group(plan.recipes)
    ]


def ways_taken(plan: Plan) -> list[tuple[Recipe, Figures]]:
    """Each group of a plan: the first recipe that makes it, and the figures of its way alone."""
    wanted, found = plan.wanted, []
    for group, recipes in of_group(plan.recipes):
        way, unit, demand = recipes[0].way, group.unit, wanted.demand(group)
        terms = recipes[0].terms
        counted = tally(way, unit, terms, demand)
        lying = wanted.lying_of_any_print(group)
        found.append((recipes[0], figures(way, unit, terms, demand, counted, lying)))
    return found


def way_asked(plan: Plan, label: str, name: str) -> tuple[UnitGroup, Way]:
    """The group of a label and its way of a name, the one that is taken where the name is empty.
    Raises `DraftError` naming the field where there is none.
    """
    wanted = plan.wanted
    group = next((one for one in wanted.groups if one.label == label), None)
    if group is None:
        raise DraftError("label", message("is-no-unit-of-this-block"))
    taken = next((one.way for one in plan.recipes if one.group.label == label), None)
    known = way_named(name, BY_NAME[group.kind], group.unit, wanted.demand(group))
    way = known if name else taken
    if way is None:
        raise DraftError("way", message("way-is-not-there"))
    return group, way
