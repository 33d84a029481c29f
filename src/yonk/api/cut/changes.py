"""What changes on the table when a line is ticked or unticked, or when one of it went wrong."""

from __future__ import annotations

from collections.abc import Sequence

from yonk.api.table.schemas import ThingChangeInOut
from yonk.core.planning import StageName
from yonk.core.table import CutOnTable, LineNeed, TableState
from yonk.core.units import CutKey
from yonk.files.table_thing import write_staged, write_told
from yonk.files.told_by_boxes import all_of_line


def ticked(need: LineNeed, stage: StageName) -> list[ThingChangeInOut]:
    """What changes when all of a line is cut, and what serves is cut down to it."""
    return [
        ThingChangeInOut(kind="cut", thing=write_told(thing), amount=amount)
        for thing, amount in all_of_line(need, stage)
    ]


def unticked(need: LineNeed, state: TableState, stage: StageName) -> list[ThingChangeInOut]:
    """What changes when nothing of a line is cut: first what was cut for its own blocks goes."""
    left, changes = need.good, []
    for one in _lying(need.cut.what, state, stage):
        taken = min(left, one.count)
        left -= taken
        if taken:
            thing = write_staged(need.cut.what, one.stage)
            change = ThingChangeInOut(kind="cut", thing=thing, amount=one.count - taken, to=True)
            changes.append(change)
    return changes


def one_gone(what: CutKey, state: TableState, stage: StageName) -> list[ThingChangeInOut]:
    """What changes when one of a cut is of no use any more: the same, of one of them."""
    lying = _lying(what, state, stage)
    thing = write_staged(what, lying[0].stage if lying else stage)
    return [ThingChangeInOut(kind="cut", thing=thing, amount=-1)]


def _lying(what: CutKey, state: TableState, stage: StageName) -> Sequence[CutOnTable]:
    """What lies there of a cut, first what was cut for some blocks of its own."""
    same = [one for one in state.cut if one.what == what and one.count]
    return sorted(same, key=lambda one: one.stage != stage)
