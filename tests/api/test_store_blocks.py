"""The shelf in pages, saves that come again, saved states and their thinning, on a real MariaDB."""

from __future__ import annotations

from dataclasses import replace
from datetime import datetime, timedelta

import pytest
from fastapi.testclient import TestClient
from hypothesis import given
from hypothesis import strategies as st
from sqlalchemy import Engine, text

from tests.drafts import even
from yonk.api.shelf.answers import block_contents, card_of
from yonk.core.planning import read
from yonk.files.block_file import write_block
from yonk.store import blocks, revisions
from yonk.store.blocks import PAGE, BlockContents, OldRevisionError
from yonk.store.database import session_maker
from yonk.store.revisions import SavedState, to_thin

PLAIN = even(2, 2)
FORM = block_contents(PLAIN)


def test_the_shelf_comes_in_pages_searched_and_sorted(empty: Engine) -> None:
    with session_maker(empty)() as session:
        for number in range(PAGE + 5):
            blocks.create_block(
                session,
                replace(FORM, name=f"Block {number:03} {'odd' if number % 2 else 'even'} 100%"),
            )
        first, second = (blocks.shelf_page(session, number, order="name") for number in (1, 2))
        assert (len(first.cards), len(second.cards), first.total) == (PAGE, 5, PAGE + 5)
        assert [card.name for card in (*first.cards, *second.cards)] == sorted(
            c.name for c in (*first.cards, *second.cards)
        )
        assert blocks.shelf_page(session, search="ODD block").total == (PAGE + 5) // 2
        assert (
            blocks.shelf_page(session, search="%").total == PAGE + 5
            and blocks.shelf_page(session, search="_").total == 0
        )
        assert blocks.shelf_page(session).cards[0].name.startswith(f"Block {PAGE + 4:03}")


def test_a_page_of_the_shelf_shows_cards_also_of_blocks_kept_before_there_were_any(
    web: TestClient, empty: Engine
) -> None:
    kept = web.post("/api/blocks", json={"document": write_block(PLAIN)}).json()
    with empty.begin() as connection:
        connection.execute(text("UPDATE block SET card = NULL"))
    page = web.get("/api/blocks").json()
    assert (page["total"], page["page"], page["pages"]) == (1, 1, 1)
    (card,) = page["blocks"]
    assert (
        card["id"] == kept["id"]
        and card["patches"] == 4
        and len(card["picture"]) == 4
        and card["finished"] == "9″"
    )


def test_a_block_of_many_patches_has_a_small_card() -> None:
    assert len(card_of(read(even(64, 64)))) < 20_000


def test_a_save_that_comes_again_is_the_same_save(web: TestClient) -> None:
    asked = {"document": write_block(PLAIN), "save_key": "first-save-1"}
    one, other = (web.post("/api/blocks", json=asked).json() for _ in range(2))
    assert one["id"] == other["id"] and web.get("/api/blocks").json()["total"] == 1
    saving = {"document": write_block(PLAIN), "revision": 1, "save_key": "second-save"}
    answers = [web.put(f"/api/blocks/{one['id']}", json=saving) for _ in range(3)]
    assert [answer.status_code for answer in answers] == [200] * 3
    assert {answer.json()["revision"] for answer in answers} == {2}
    theirs = web.put(f"/api/blocks/{one['id']}", json=saving | {"save_key": "other-save"})
    assert theirs.status_code == 409


def test_saved_states_are_listed_opened_and_named(web: TestClient) -> None:
    block = web.post("/api/blocks", json={"document": write_block(PLAIN)}).json()
    changed = write_block(replace(PLAIN, name="Later"))
    web.put(f"/api/blocks/{block['id']}", json={"document": changed, "revision": 1})
    path = f"/api/blocks/{block['id']}/states"
    found = web.get(path).json()
    assert [state["revision"] for state in found["states"]] == [2, 1] and "one a month" in found[
        "rule"
    ]
    assert web.post(f"{path}/1/open").json()["document"] == write_block(PLAIN)
    assert web.put(f"{path}/2", json={"title": " as  sewn "}).status_code == 204
    assert [(s["title"], s["opened"]) for s in web.get(path).json()["states"]] == [
        ("as sewn", False),
        ("", True),
    ]
    assert (
        web.post(f"{path}/9/open").status_code == 404
        and web.put(f"{path}/9", json={"title": "x"}).status_code == 404
    )


def test_old_states_go_and_what_a_person_named_or_opened_stays(empty: Engine) -> None:
    with session_maker(empty)() as session:
        kept = blocks.create_block(session, FORM)
        for revision in range(1, 60):
            blocks.save_block(session, kept.id, FORM, revision)
        revisions.name_state(session, kept.id, 7, "the good one")
        revisions.open_state(session, kept.id, 9)
        session.execute(
            text("UPDATE block_revision SET saved = saved - INTERVAL 40 DAY WHERE revision < 50")
        )
        session.commit()
        for revision in range(60, 80):
            blocks.save_block(session, kept.id, FORM, revision)
        left = {state.revision for state in revisions.states_of(session, kept.id)}
    assert {1, 7, 9, 49, 80} <= left and not left & {2, 8, 10, 30} and set(range(50, 81)) <= left


states = st.lists(
    st.tuples(st.integers(0, 10**8), st.booleans(), st.booleans()), min_size=1, max_size=40
)


@given(states)
def test_the_rule_keeps_first_newest_named_opened_and_the_last_month(
    rows: list[tuple[int, bool, bool]],
) -> None:
    moment = datetime(2026, 11, 23, 12)
    ages = sorted((age for age, _, _ in rows), reverse=True)
    kept = [
        SavedState(number, moment - timedelta(seconds=age), "named" if named else "", opened)
        for number, (age, (_, named, opened)) in enumerate(zip(ages, rows, strict=True), start=1)
    ]
    gone = list(to_thin(kept, moment))
    assert not any(state.title or state.opened for state in gone)
    assert kept[0] not in gone and kept[-1] not in gone
    assert all(moment - state.saved >= timedelta(days=30) for state in gone)
    left = [state for state in kept if state not in gone]
    days = {(moment - state.saved).days for state in kept}
    assert {(moment - state.saved).days for state in left} >= {day for day in days if day < 30}
    assert list(to_thin(left, moment)) == []


def test_the_conflict_of_two_windows_shows_theirs(empty: Engine) -> None:
    with session_maker(empty)() as session:
        kept = blocks.create_block(session, FORM)
        blocks.save_block(session, kept.id, BlockContents("Theirs", FORM.document, FORM.card), 1)
        with pytest.raises(OldRevisionError) as old:
            blocks.save_block(session, kept.id, FORM, 1)
        assert old.value.theirs.name == "Theirs"
