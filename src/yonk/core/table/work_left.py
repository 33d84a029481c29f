"""How much work is left by the first guesses and her pace, to tell what a way out costs in time.

Source: *When it does not go on as planned* in `docs/table.md`.
"""

from __future__ import annotations

from collections.abc import Iterable

from yonk.core.planning import Plan
from yonk.core.table.evenings import CROSSCUT, PRESS, SEAM, STRIP, Paces, unit_guesses
from yonk.core.table.standing import TableStanding, wanted_units_made


def seconds_left(plans: Iterable[Plan], standing: TableStanding, paces: Paces) -> float:
    """How long it takes to cut what is still to be cut, to make the units that are not made, and to
    join everything.

    What is joined already is not taken off, since it is the same whatever is chosen: only two of
    these can be held against each other.

    Args:
        plans: all blocks of the table.
        standing: how the table stands for them.
        paces: hers.
    """
    strips = sum(len(one.layout.strips) for one in standing.laid.layouts)
    pieces = sum(count for _, count in standing.to_cut)
    cutting = strips * STRIP + pieces * CROSSCUT
    sewing = sum(_sewing(plan, standing) for plan in plans)
    # a patch that is pieced from two has a seam more
    sewing += sum(one.count for one in standing.state.pieced) * (SEAM + PRESS)
    return cutting * paces["cut"].factor + sewing * paces["sew"].factor


def _sewing(plan: Plan, standing: TableStanding) -> float:
    made, _ = wanted_units_made(plan, standing.state.units)
    guess, wanted = unit_guesses(plan), plan.wanted
    units = sum(
        (wanted.totals[group.label] - made.get(group.identity, 0)) * guess[group.label]
        for group in wanted.groups
        if group.label in guess
    )
    # so many places of a block are joined by a seam less than there are
    joins = sum(wanted.totals.values()) - plan.all_blocks
    return units + joins * (SEAM + PRESS)
