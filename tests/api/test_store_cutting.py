"""Keeping the fabric shelf and the ticks, on a real MariaDB, also when several hands are at it."""

from __future__ import annotations

from concurrent.futures import ThreadPoolExecutor

import pytest
from sqlalchemy import Engine, inspect
from sqlalchemy.orm import Session

from yonk.store import cutting, fabrics
from yonk.store.cutting import KeptMark
from yonk.store.database import migrate, session_maker
from yonk.store.models import CutMark, now


def test_the_migrations_make_the_tables_and_can_be_run_again(empty: Engine) -> None:
    migrate(empty)
    assert {"shelf_fabric", "cut_mark", "cut_done", "block"} <= set(
        inspect(empty).get_table_names()
    )


def amounts(session: Session, block: str) -> dict[str, tuple[int, int]]:
    return {
        f"{one.stage} {one.cut}": (one.done, one.booked) for one in cutting.marks_of(session, block)
    }


def test_ticks_are_kept_changed_and_told_apart_by_block_stage_and_exact_name(empty: Engine) -> None:
    long = "peat " + "x" * 5000
    with session_maker(empty)() as session:
        cutting.mark(
            session, "one", [KeptMark("rest", long, 3), KeptMark("rest", long.title(), 5)], 1
        )
        cutting.mark(session, "one", [KeptMark("rest", long, 7)], 2)
        cutting.mark(session, "one", [KeptMark("trial", long, 1)], 2)
        cutting.mark(session, "two", [KeptMark("rest", long, 1)], 1)
        cutting.mark(session, "two", [KeptMark("rest", long, booked=4)], 1, "booked")
        assert amounts(session, "one") == {
            f"rest {long}": (7, 0),
            f"rest {long.title()}": (5, 0),
            f"trial {long}": (1, 0),
        }
        assert amounts(session, "two") == {f"rest {long}": (1, 4)}


def test_old_ticks_are_carried_over_once(empty: Engine) -> None:
    with session_maker(empty)() as session:
        session.add(
            CutMark(
                block_id="one",
                signature="pe|at|square|4|4|none|",
                done=3,
                revision=1,
                changed=now(),
            )
        )
        session.commit()
        assert cutting.old_marks_of(session, "one") == {"pe|at|square|4|4|none|": 3}
        for _ in range(2):
            cutting.carry_over(session, "one", [KeptMark("rest", "peat", 3)], 1)
            cutting.mark(session, "one", [KeptMark("rest", "peat", 5)], 1)
        assert cutting.old_marks_of(session, "one") == {} and amounts(session, "one") == {
            "rest peat": (5, 0)
        }


def test_two_windows_that_tick_different_lines_lose_neither(empty: Engine) -> None:
    def tick(number: int) -> None:
        with session_maker(empty)() as session:
            cutting.mark(session, "one", [KeptMark("rest", f"line {number}", number)], 1)

    with ThreadPoolExecutor(8) as hands:
        list(hands.map(tick, range(1, 25)))
    with session_maker(empty)() as session:
        assert amounts(session, "one") == {
            f"rest line {number}": (number, 0) for number in range(1, 25)
        }


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
