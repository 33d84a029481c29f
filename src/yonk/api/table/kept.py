"""What is kept of a table, as the core needs it."""

from __future__ import annotations

from collections import Counter
from collections.abc import Mapping
from dataclasses import dataclass, field

from sqlalchemy.orm import Session

from yonk.api.table.schemas import EntryIn
from yonk.core.cutting import CutsDone, StagedCut
from yonk.core.table import CutOnTable, PiecedPatch, PieceOnTable, TableState
from yonk.files.table_thing import read_booked, read_lying, read_piece, read_pieced, same_thing
from yonk.store import table
from yonk.store.table import NewEntry, ThingChange


@dataclass(frozen=True)
class KeptTable:
    """What lies on the table of a block or a quilt.

    `made` tells how many units of a mark are made and `units` in which words, `joined` how many of
    a step are sewn and in which words; the fabrics in `only` have no more than `cloth` says; of
    `booked` the shelf knows. `newest` is the number of the newest entry.
    """

    cut: tuple[CutOnTable, ...] = ()
    spoiled: tuple[PieceOnTable, ...] = ()
    cloth: tuple[PieceOnTable, ...] = ()
    only: frozenset[str] = frozenset()
    made: Mapping[str, int] = field(default_factory=dict)
    joined: Mapping[str, tuple[int, str]] = field(default_factory=dict)
    units: Mapping[str, str] = field(default_factory=dict)
    pieced: tuple[PiecedPatch, ...] = ()
    booked: CutsDone = field(default_factory=dict)
    newest: int = 0

    @property
    def state(self) -> TableState:
        """What the lists are held against."""
        return TableState(
            cut=self.cut,
            spoiled=self.spoiled,
            cloth=self.cloth,
            units=self.made,
            only=self.only,
            pieced=self.pieced,
        )

    @property
    def sewn(self) -> dict[str, int]:
        """How many of each step are sewn."""
        return {mark: count for mark, (count, _) in self.joined.items()}

    @property
    def done(self) -> dict[str, tuple[int, str]]:
        """How many of each step and of each unit are done, in the words that it was told in."""
        made = {mark: (count, self.units[mark]) for mark, count in self.made.items()}
        return {**self.joined, **made}


BARE = KeptTable()


def kept_table(db: Session, block_id: str) -> KeptTable:
    """What lies on a table."""
    cut: list[CutOnTable] = []
    pieces: dict[str, list[PieceOnTable]] = {"spoiled": [], "cloth": []}
    only: set[str] = set()
    pieced: list[PiecedPatch] = []
    made: dict[str, int] = {}
    units: dict[str, str] = {}
    joined: dict[str, tuple[int, str]] = {}
    booked: Counter[StagedCut] = Counter()
    for one in table.on_the_table(db, block_id):
        if one.kind == "cut":
            cut.append(read_lying(one.thing, one.amount))
        elif one.kind == "booked":
            booked[read_booked(one.thing)] += one.amount
        elif one.kind == "pieced":
            pieced.append(read_pieced(one.thing, one.amount))
        elif one.kind in pieces:
            pieces[one.kind].append(read_piece(one.thing, one.amount))
        elif one.kind == "only":
            only.add(one.thing)
        elif one.kind == "made":
            made[one.thing], units[one.thing] = one.amount, one.words
        else:
            joined[one.thing] = one.amount, one.words
    return KeptTable(
        tuple(cut),
        tuple(pieces["spoiled"]),
        tuple(pieces["cloth"]),
        frozenset(only),
        made,
        joined,
        units,
        tuple(pieced),
        dict(booked),
        table.newest_entry(db, block_id),
    )


def new_entry(asked: EntryIn) -> NewEntry:
    """An entry as it is to be kept. Raises `DraftError` where it tells of nothing."""
    changes = tuple(
        ThingChange(one.kind, same_thing(one.kind, one.thing), one.amount, one.to, one.words)
        for one in asked.changes
    )
    return NewEntry(asked.name, asked.place, asked.device, asked.words, changes)
