"""Keeping the fabric shelf and the ledger of the table, on a real MariaDB, with several hands."""

from __future__ import annotations

from concurrent.futures import ThreadPoolExecutor
from typing import Any

import pytest
from alembic import command
from sqlalchemy import Engine, func, inspect, select, text
from sqlalchemy.orm import Session

from yonk.store import cutting, fabrics
from yonk.store.database import database_config, migrate, session_maker
from yonk.store.models import CutMark, TableChange, TableThing, now
from yonk.store.table import (
    NewEntry,
    ThingChange,
    entries_of,
    keep_entries,
    on_the_table,
    take_entry_back,
)


def test_the_migrations_make_the_tables_and_can_be_run_again(empty: Engine) -> None:
    migrate(empty)
    names = set(inspect(empty).get_table_names())
    assert {"shelf_fabric", "cut_mark", "table_entry", "table_thing", "block"} <= names


def entry(name: str, *changes: ThingChange, device: str = "one", place: Any = "cut") -> NewEntry:
    return NewEntry(name, place, device, name, changes)


def add(amount: int, thing: str = "peat") -> ThingChange:
    return ThingChange("cut", thing, amount)


def to(amount: int, thing: str = "peat") -> ThingChange:
    return ThingChange("cut", thing, amount, to=True)


def amounts(session: Session, block: str = "b") -> dict[str, int]:
    """What lies there; the changes of all entries add up to it."""
    added = (
        select(TableThing.thing, func.sum(TableChange.amount))
        .join(
            TableChange,
            (TableChange.digest == TableThing.digest)
            & (TableChange.block_id == TableThing.block_id),
        )
        .where(TableThing.block_id == block)
        .group_by(TableThing.thing)
    )
    lies = {one.thing: one.amount for one in on_the_table(session, block)}
    assert {thing: int(n) for thing, n in session.execute(added) if n} == lies
    return lies


def test_entries_add_up_by_block_and_exact_name_and_one_sent_again_counts_once(
    empty: Engine,
) -> None:
    long = "peat " + "x" * 5000
    with session_maker(empty)() as session:
        keep_entries(session, "b", [entry("1", add(3, long), add(5, long.title()))])
        keep_entries(session, "b", [entry("2", add(4, long)), entry("1", add(3, long))])
        keep_entries(session, "c", [entry("1", add(1, long))])
        assert amounts(session) == {long: 7, long.title(): 5}
        assert amounts(session, "c") == {long: 1}


def test_nothing_adds_up_to_less_than_nought(empty: Engine) -> None:
    with session_maker(empty)() as session:
        keep_entries(session, "b", [entry("1", add(3)), entry("2", add(-5)), entry("3", add(4))])
        assert amounts(session) == {"peat": 4}
        keep_entries(session, "b", [entry("4", to(2)), entry("5", to(2))])
        assert amounts(session) == {"peat": 2}, "told twice that there are two, there are two"


def test_each_takes_back_her_own_last_entry_and_only_of_that_place(empty: Engine) -> None:
    with session_maker(empty)() as session:
        keep_entries(session, "b", [entry("1", add(3)), entry("2", add(4), device="two")])
        keep_entries(session, "b", [entry("3", add(5)), entry("4", add(1), place="sew")])
        gone = take_entry_back(session, "b", "cut", "one", "back 1")
        assert gone and gone.words == "3" and amounts(session) == {"peat": 8}
        again = take_entry_back(session, "b", "cut", "one", "back 1")
        assert amounts(session) == {"peat": 8}, f"sent again it takes back no other: {again}"
        take_entry_back(session, "b", "cut", "one", "back 2")
        assert take_entry_back(session, "b", "cut", "one", "back 3") is None
        assert amounts(session) == {"peat": 5}, "what was told elsewhere stays"
        kept = entries_of(session, "b")
        assert [one.undone for one in kept] == [False, False, False, True, False, True]
        assert [one.undoes for one in kept][:2] == [1, 3], "nothing is rewritten"


def test_what_was_used_up_meanwhile_cannot_be_taken_back_twice(empty: Engine) -> None:
    with session_maker(empty)() as session:
        keep_entries(session, "b", [entry("1", add(6)), entry("2", add(-4), device="two")])
        take_entry_back(session, "b", "cut", "one", "back")
        assert amounts(session) == {}
        take_entry_back(session, "b", "cut", "two", "back two")
        assert amounts(session) == {"peat": 4}


def test_old_ticks_are_carried_over_once(empty: Engine) -> None:
    old = "pe|at|square|4|4|none|"
    with session_maker(empty)() as session:
        session.add(CutMark(block_id="b", signature=old, done=3, revision=1, changed=now()))
        session.commit()
        assert cutting.old_marks_of(session, "b") == {old: 3}
        for _ in range(2):
            cutting.carry_over(session, "b", [add(3)])
        assert cutting.old_marks_of(session, "b") == {} and amounts(session) == {"peat": 3}


def test_ticks_bookings_and_sewing_of_before_are_carried_over_without_loss(empty: Engine) -> None:
    """As a database of before is brought up to date; and back, for who goes back."""
    config = database_config()
    with empty.begin() as connection:
        config.attributes["connection"] = connection
        command.downgrade(config, "0015")
        connection.execute(
            text(
                "INSERT INTO cut_done VALUES ('b', 'trial', 'd1', '{\"fabric\":\"peat\"}', 3, 2, 1,"
                " UTC_TIMESTAMP(6)), ('b', 'rest', 'd2', 'fog', 0, 4, 1, UTC_TIMESTAMP(6))"
            )
        )
        connection.execute(
            text("INSERT INTO sew_done VALUES ('b', 'mark', 'Sew it', 7, 1, UTC_TIMESTAMP(6))")
        )
        command.upgrade(config, "head")
    with session_maker(empty)() as session:
        found = {(one.kind, one.thing): one.amount for one in on_the_table(session, "b")}
        assert found == {
            ("cut", 'trial {"fabric":"peat"}'): 3,
            ("booked", 'trial {"fabric":"peat"}'): 2,
            ("booked", "rest fog"): 4,
            ("joined", "mark"): 7,
        }
        keep_entries(
            session, "b", [NewEntry("n", "sew", "", "", (ThingChange("joined", "mark", 1),))]
        )
        (one,) = [one for one in on_the_table(session, "b") if one.kind == "joined"]
        assert (one.amount, one.words) == (8, "Sew it")
    with empty.begin() as connection:
        config.attributes["connection"] = connection
        command.downgrade(config, "0015")
        rows = connection.execute(text("SELECT stage, cut, done, booked FROM cut_done")).all()
        assert {tuple(row) for row in rows} == {
            ("trial", '{"fabric":"peat"}', 3, 2),
            ("rest", "fog", 0, 4),
        }
        command.upgrade(config, "head")


def test_hands_at_one_table_lose_nothing(empty: Engine) -> None:
    def tell(number: int) -> None:
        with session_maker(empty)() as session:
            lines = add(number, f"line {number}"), add(1)
            keep_entries(session, "b", [entry(str(number), *lines, device=str(number))])

    with ThreadPoolExecutor(8) as hands:
        list(hands.map(tell, [*range(1, 25)] * 2))  # each is sent twice
    with session_maker(empty)() as session:
        found = amounts(session)
        assert found.pop("peat") == 24
        assert found == {f"line {number}": number for number in range(1, 25)}


def test_of_many_changes_of_one_fabric_at_once_one_wins(empty: Engine) -> None:
    with session_maker(empty)() as session:
        kept = fabrics.put_fabric(session, "Fog", "{}")

    def change(number: int) -> bool:
        with session_maker(empty)() as session:
            try:
                fabrics.change_fabric(session, kept.id, f"Fog {number}", "{}", 1)
            except fabrics.OldFabricError:
                return False
            return True

    with ThreadPoolExecutor(8) as hands:
        assert sum(hands.map(change, range(8))) == 1
    with session_maker(empty)() as session:
        assert fabrics.one_fabric(session, kept.id).revision == 2


def test_a_fabric_taken_away_is_gone_until_it_is_brought_back(empty: Engine) -> None:
    with session_maker(empty)() as session:
        kept = fabrics.put_fabric(session, "Fog", "{}")
        fabrics.take_away(session, kept.id)
        assert fabrics.all_fabrics(session) == []
        with pytest.raises(fabrics.NoSuchFabricError):
            fabrics.one_fabric(session, kept.id)
        with pytest.raises(fabrics.NoSuchFabricError):
            fabrics.change_fabric(session, kept.id, "Fog", "{}", 1)
        fabrics.take_away(session, kept.id, back=True)
        assert [one.name for one in fabrics.all_fabrics(session)] == ["Fog"]
        with pytest.raises(fabrics.NoSuchFabricError):
            fabrics.take_away(session, "nobody's")


def test_the_shelf_is_listed_by_name(empty: Engine) -> None:
    with session_maker(empty)() as session:
        for name in ("Slate", "Fog", "Peat"):
            fabrics.put_fabric(session, name, "{}")
        assert [one.name for one in fabrics.all_fabrics(session)] == ["Fog", "Peat", "Slate"]
