"""The whole list of a quilt as it is at its table."""

from __future__ import annotations

from dataclasses import replace

from yonk.core.table import TableStanding, TableState, on_what_there_is, quilt_standing
from yonk.core.top.listing import TopCutting


def standing_of_top(cutting: TopCutting, state: TableState) -> TableStanding:
    """How the table stands for a whole list."""
    cuts = [cut for cloth in cutting.cloths for cut in cloth.cuts]
    pointing = {key for key, one in cutting.fabrics.items() if one.has_direction}
    return quilt_standing(cuts, state, pointing, cutting.plan.quilt.making.usable)


def top_at_the_table(cutting: TopCutting, state: TableState) -> tuple[TopCutting, TableStanding]:
    """A whole list with the fabrics of which there is no more laid on what there is, and how its
    table stands.
    """
    standing = standing_of_top(cutting, state)
    cloths = on_what_there_is(cutting.cloths, "all", standing, cutting.unit)
    return replace(cutting, cloths=cloths), standing
