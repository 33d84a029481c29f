"""Keeping the fabric shelf and the ticks, on a real MariaDB, also when several hands are at it."""

from __future__ import annotations

from concurrent.futures import ThreadPoolExecutor

import pytest
from sqlalchemy import Engine, inspect, text

from yonk.store import cutting, fabrics
from yonk.store.database import migrate, session_maker


def test_the_migrations_make_the_tables_and_can_be_run_again(empty: Engine) -> None:
    migrate(empty)
    assert {"shelf_fabric", "cut_mark", "block"} <= set(inspect(empty).get_table_names())


def test_ticks_are_kept_changed_and_told_apart_by_block_and_exact_name(empty: Engine) -> None:
    with session_maker(empty)() as session:
        cutting.mark(session, "one", {"peat|square|4|4|none|": 3, "Peat|square|4|4|none|": 5}, 1)
        cutting.mark(session, "one", {"peat|square|4|4|none|": 7}, 2)
        cutting.mark(session, "two", {"peat|square|4|4|none|": 1}, 1)
        assert cutting.marks_of(session, "one") == {"peat|square|4|4|none|": 7, "Peat|square|4|4|none|": 5}
        assert cutting.marks_of(session, "two") == {"peat|square|4|4|none|": 1}
        rows = session.execute(text("SELECT signature, revision FROM cut_mark WHERE block_id = 'one'")).all()
        assert sorted(row.revision for row in rows) == [1, 2]


def test_two_windows_that_tick_different_lines_lose_neither(empty: Engine) -> None:
    def tick(number: int) -> None:
        with session_maker(empty)() as session:
            cutting.mark(session, "one", {f"line {number}": number}, 1)

    with ThreadPoolExecutor(8) as hands:
        list(hands.map(tick, range(1, 25)))
    with session_maker(empty)() as session:
        assert cutting.marks_of(session, "one") == {f"line {number}": number for number in range(1, 25)}


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
