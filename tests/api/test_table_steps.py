"""A table in use, step by step at random: two devices tell, units are made, things go wrong,
entries are taken back, the draft is edited; whatever happened, the sums agree.

What lies there is counted beside it by the test's own sums, in which no entry knows of the others.
"""

from __future__ import annotations

import json
from collections import Counter
from dataclasses import dataclass
from typing import Any
from uuid import uuid4

from hypothesis import Phase, settings
from hypothesis import strategies as st
from hypothesis.stateful import (
    RuleBasedStateMachine,
    initialize,
    invariant,
    precondition,
    rule,
    run_state_machine_as_test,
)
from sqlalchemy import Engine
from sqlalchemy.orm import Session

from yonk.api.table.answers import units_made_entry
from yonk.api.table.kept import KeptTable, kept_table
from yonk.api.table.schemas import MadeUnitsIn
from yonk.core.acts import SetMaking, apply
from yonk.core.paper import Draft
from yonk.core.planning import StageName, make_plan, plan_stage, unit_mark
from yonk.core.table import LineNeed, PieceOnTable, TableState, block_standing
from yonk.files.block_file import write_block
from yonk.files.table_thing import write_piece, write_staged, write_told
from yonk.files.told_by_boxes import all_of_line
from yonk.machine.samples import all_samples
from yonk.store.database import session_maker
from yonk.store.table import NewEntry, ThingChange, keep_entries, on_the_table, take_entry_back

SAMPLES = {draft.name: draft for draft in all_samples()}
STAGES: tuple[StageName, ...] = ("all", "trial", "rest")
DEVICES = ("table", "phone")
STEPS = 50  # of one table


@dataclass
class Told:
    """An entry as the test knows it: by how much it really changed each thing."""

    device: str
    place: str
    changed: Counter[tuple[str, str]]
    undone: bool = False


class TableInUse(RuleBasedStateMachine):
    """One block's table."""

    engine: Engine

    def __init__(self) -> None:
        super().__init__()
        self.session: Session = session_maker(self.engine)()
        self.block = uuid4().hex
        self.told: list[Told] = []
        self.lies: Counter[tuple[str, str]] = Counter()

    def teardown(self) -> None:
        self.session.close()

    @initialize(name=st.sampled_from(["Weir Gate", "Stile", "Peg"]))
    def take_a_block(self, name: str) -> None:
        self.draft: Draft = SAMPLES[name]

    # what happens

    @rule(
        blocks=st.integers(1, 14),
        margin=st.sampled_from(["0", "1/8", "1/4"]),
        which=st.booleans(),
    )
    def edit_the_draft(self, blocks: int, margin: str, which: bool) -> None:
        changed = SetMaking(blocks=blocks) if which else SetMaking(settings={"trim_margin": margin})
        self.draft = apply(self.draft, changed)

    @rule(
        device=st.sampled_from(DEVICES),
        stage=st.sampled_from(STAGES),
        line=st.integers(0, 9),
        amount=st.integers(1, 30),
    )
    def cut_some(self, device: str, stage: StageName, line: int, amount: int) -> None:
        need = self._line(stage, line)
        more = min(amount, need.to_cut)
        if more:
            thing = write_told(next(all_of_line(need, stage))[0])
            self._tell(device, "cut", ThingChange("cut", thing, more))

    @rule(device=st.sampled_from(DEVICES), stage=st.sampled_from(STAGES), line=st.integers(0, 9))
    def tick_a_line(self, device: str, stage: StageName, line: int) -> None:
        self._tell(device, "cut", *_ticked(self._line(stage, line), stage))
        assert self._line(stage, line).is_done

    @rule(device=st.sampled_from(DEVICES), line=st.integers(0, 9), side=st.integers(1, 4))
    def one_goes_wrong(self, device: str, line: int, side: int) -> None:
        need = self._line("all", line)
        lying = [one for one in self._kept().cut if one.what == need.cut.what]
        if lying and need.cut.shape in ("square", "rectangle"):
            short = min(need.cut.width, need.cut.height)
            piece = PieceOnTable(need.cut.fabric, short, short * side / 5, 1)
            self._tell(
                device,
                "cut",
                ThingChange("cut", _staged(lying[0]), -1),
                ThingChange("spoiled", write_piece(piece), 1),
            )

    @rule(device=st.sampled_from(DEVICES), group=st.integers(0, 9), count=st.integers(0, 20))
    def make_units(self, device: str, group: int, count: int) -> None:
        plan = make_plan(self.draft)
        groups = plan.wanted.groups
        if not groups:
            return
        mark = unit_mark(groups[group % len(groups)], self.draft)
        asked = MadeUnitsIn(
            document=json.loads(json.dumps(write_block(self.draft))),
            name=uuid4().hex,
            device=device,
            words="units",
            unit=mark,
            step="0" * 64,
            done=count,
        )
        self._keep(units_made_entry(asked, self._kept()))

    @precondition(lambda self: any(not one.undone for one in self.told))
    @rule(device=st.sampled_from(DEVICES), place=st.sampled_from(["cut", "sew"]))
    def take_back(self, device: str, place: Any) -> None:
        mine = [
            one
            for one in self.told
            if (one.device, one.place, one.undone) == (device, place, False)
        ]
        gone = take_entry_back(self.session, self.block, place, device, uuid4().hex)
        assert (gone is None) == (not mine)
        if mine:
            mine[-1].undone = True
            for thing, amount in mine[-1].changed.items():
                self.lies[thing] = max(0, self.lies[thing] - amount)

    @rule()
    def tell_and_take_back(self) -> None:
        """Undo is exact: what is told and taken back at once leaves everything as it was."""
        before = dict(+self.lies)
        standing = [self._lines(stage) for stage in STAGES]
        self.tick_a_line("table", "all", 0)
        self.cut_some("table", "rest", 1, 3)
        for _ in range(len(self.told) - sum(one.undone for one in self.told)):
            if dict(+self.lies) == before:
                break
            self.take_back("table", "cut")
        assert dict(+self.lies) == before
        assert [self._lines(stage) for stage in STAGES] == standing

    @rule(stage=st.sampled_from(STAGES))
    def cut_as_listed_ends_at_zero(self, stage: StageName) -> None:
        kept = self._kept()
        after: Counter[Any] = Counter()
        for one in kept.cut:
            after[_staged(one)] += one.count
        for number in range(len(self._lines(stage))):
            for thing, amount in all_of_line(self._line(stage, number), stage):
                after[write_told(thing)] += amount
        assert min(after.values(), default=0) >= 0, "nothing that serves is taken twice"

    # what holds whatever happened

    @invariant()
    def the_ledger_adds_up(self) -> None:
        found = {
            (one.kind, one.thing): one.amount for one in on_the_table(self.session, self.block)
        }
        assert found == dict(+self.lies)

    @invariant()
    def the_sums_agree(self) -> None:
        if not hasattr(self, "draft"):
            return
        kept = self._kept()
        for stage in STAGES:
            standing = block_standing(self.draft, stage, kept.state)
            for one in standing.needs:
                parts = (one.by_units, one.by_lots, one.good, one.serves, one.to_cut)
                assert min(parts) >= 0 and sum(parts) == one.wanted
            taken = sum(one.good + one.serves for one in standing.needs)
            lying = sum(one.count for one in kept.state.cut)
            assert taken + sum(standing.left) <= lying, "nothing counts twice"

    # how it is done

    def _kept(self) -> KeptTable:
        return kept_table(self.session, self.block)

    def _lines(self, stage: StageName) -> list[LineNeed]:
        state: TableState = self._kept().state
        cuts = plan_stage(self.draft, stage).cuts
        return block_standing(self.draft, stage, state).lines(cuts, stage)

    def _line(self, stage: StageName, number: int) -> LineNeed:
        lines = self._lines(stage) or self._lines("all")
        return lines[number % len(lines)]

    def _tell(self, device: str, place: Any, *changes: ThingChange) -> None:
        if changes:
            self._keep(NewEntry(uuid4().hex, place, device, "told", changes))

    def _keep(self, entry: NewEntry) -> None:
        keep_entries(self.session, self.block, [entry, entry])  # sent again it is not kept again
        changed: Counter[tuple[str, str]] = Counter()
        for one in entry.changes:
            thing = one.kind, one.thing
            after = max(0, one.amount if one.to else self.lies[thing] + one.amount)
            changed[thing] += after - self.lies[thing]
            self.lies[thing] = after
        self.told.append(Told(entry.device, entry.place, changed))


def _ticked(need: LineNeed, stage: StageName) -> list[ThingChange]:
    return [
        ThingChange("cut", write_told(thing), amount) for thing, amount in all_of_line(need, stage)
    ]


def _staged(one: Any) -> str:
    return write_staged(one.what, one.stage)


def test_whatever_happens_at_a_table_the_sums_agree(empty: Engine, long_run: bool) -> None:
    """250 steps in the usual run, 10,000 in the long one."""
    TableInUse.engine = empty
    tables = 200 if long_run else 5
    run_state_machine_as_test(
        TableInUse,
        settings=settings(
            max_examples=tables,
            stateful_step_count=STEPS,
            deadline=None,
            # to make a failing table shorter takes longer than to read it
            phases=[Phase.explicit, Phase.reuse, Phase.generate],
        ),
    )
