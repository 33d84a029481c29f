"""What becomes of the pieces that lie on the table when units are made of them."""

from __future__ import annotations

from collections.abc import Iterator

from yonk.api.table.kept import KeptTable
from yonk.api.table.schemas import MadeUnitsIn
from yonk.core.paper import DraftError, message
from yonk.core.planning import make_plan, unit_mark
from yonk.core.table import pieces_in_units
from yonk.core.units import CutKey
from yonk.files.block_file import take_block
from yonk.files.table_thing import write_staged
from yonk.store.table import NewEntry, ThingChange


def units_made_entry(asked: MadeUnitsIn, lying: KeptTable) -> NewEntry:
    """The entry that so many of a unit are made: their pieces lie there no longer. Raises
    `DraftError` where the block has no such unit.
    """
    draft = take_block(asked.document)
    plan = make_plan(draft)
    if all(unit_mark(group, draft) != asked.unit for group in plan.wanted.groups):
        raise DraftError("unit", message("table-unit-is-gone"))
    made = {**lying.made, asked.unit: asked.done}
    before, after = (pieces_in_units(plan, units) for units in (lying.made, made))
    changes = [
        ThingChange("made", asked.unit, asked.done, to=True, words=asked.words),
        ThingChange("joined", asked.step, 0, to=True),  # as it was told before units had marks
    ]
    for what in before | after:
        more = after[what] - before[what]
        if more > 0:
            changes += _taken(lying, what, more)
        elif more < 0 and asked.pieces == "back":
            changes.append(ThingChange("cut", write_staged(what, "all"), -more))
    return NewEntry(asked.name, "sew", asked.device, asked.words, tuple(changes))


def _taken(lying: KeptTable, what: CutKey, count: int) -> Iterator[ThingChange]:
    """So many of a cut taken from those that lie there, whatever blocks they were cut for; those
    that were never told of lay there too.
    """
    for one in lying.cut:
        taken = min(count, one.count) if one.what == what else 0
        count -= taken
        if taken:
            yield ThingChange("cut", write_staged(what, one.stage), -taken)
