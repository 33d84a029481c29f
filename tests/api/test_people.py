"""Signing in and out, invitations, passwords, leaving, a quilt that several sew."""

from __future__ import annotations

import io
import zipfile
from contextlib import suppress
from email import message_from_bytes
from threading import Event, Thread
from typing import Any

import anyio
import pytest
from fastapi.testclient import TestClient
from httpx import Response
from sqlalchemy import Engine, text

from tests.api.guild import NAMES, PASSWORD, GuildOf
from tests.api.test_sewing_api import WEIR_GATE
from yonk.api.guild.bulkhead import MOST_WAITING, STRANGERS_AT_ONCE, CrowdedError, in_bulkhead
from yonk.api.session import COOKIE, DEVICE
from yonk.core.paper import YonkError
from yonk.store import people
from yonk.store.attempts import MOST_OF_A_PAIR
from yonk.store.database import session_maker
from yonk.store.models import Base

KEEPER, OTHER, THIRD = NAMES[:3]
NEW = "seven wet umbrellas drip"


def sign_in(guild: GuildOf, name: str, password: str = PASSWORD) -> Response:
    return guild.ask(None, "POST", "/api/sign-in", json={"name": name, "password": password})


def here(guild: GuildOf, who: str | None) -> str:
    return str(guild.ask(who, "GET", "/api/who").json()["here"])


def test_one_quilter_needs_no_account(web: TestClient) -> None:
    assert web.get("/api/who").json()["here"] == "alone"
    assert web.get("/api/people").json() == [] and web.get("/api/groups").json() == []
    for path in ("/api/invitations", "/api/groups"):
        refused = web.post(path, json={"name": "All", "people": [], "whom": "Ann"})
        assert refused.status_code == 404 and "no accounts" in refused.text


def test_signing_in_keeps_a_cookie_that_no_script_reads(guild: GuildOf) -> None:
    answer = sign_in(guild, f"  {OTHER.upper()} ")
    assert answer.json() == {
        "here": "in",
        "id": guild.ids[OTHER],
        "name": OTHER,
        "keeper": False,
    }
    cookie = answer.headers["set-cookie"]
    for part in (f"{COOKIE}=", "HttpOnly", "Secure", "SameSite=strict", "Path=/", "Max-Age="):
        assert part in cookie
    assert "Domain" not in cookie and here(guild, None) == "out"


def test_a_wrong_password_and_a_wrong_name_are_told_alike(guild: GuildOf) -> None:
    answers = [sign_in(guild, OTHER, "wrong"), sign_in(guild, "Nobody")]
    assert {one.status_code for one in answers} == {401}
    assert answers[0].json() == answers[1].json()


def test_who_tries_too_often_waits_and_locks_nobody_else_out(guild: GuildOf) -> None:
    """At a browser that she signed in at before she may go on; another account from here too."""
    known = sign_in(guild, OTHER).cookies[DEVICE]
    for _ in range(MOST_OF_A_PAIR):
        assert sign_in(guild, OTHER, "wrong").status_code == 401
    told = sign_in(guild, OTHER)
    assert (told.status_code, told.json()["code"]) == (429, "too-often")
    assert sign_in(guild, THIRD).status_code == 200
    mine = {"Cookie": f"{DEVICE}={known}"}
    asked = {"name": OTHER, "password": PASSWORD}
    assert guild.ask(None, "POST", "/api/sign-in", json=asked, headers=mine).status_code == 200
    strange = {"Cookie": f"{DEVICE}=made-up"}
    assert guild.ask(None, "POST", "/api/sign-in", json=asked, headers=strange).status_code == 429
    with guild.engine.begin() as connection:
        connection.execute(text("UPDATE attempt SET made = made - INTERVAL 16 MINUTE"))
    assert sign_in(guild, OTHER).status_code == 200


def test_tries_count_for_the_account_however_its_name_is_typed(guild: GuildOf) -> None:
    for name in ("Cléo", "Clèo", "CLEO", "cleo", "Clêo"):
        assert sign_in(guild, name, "wrong").status_code == 401
    assert sign_in(guild, "Cleo").status_code == 429
    for name in ("Zoé", "Zoe", "zoe", "ZOÉ", "zoè"):
        assert sign_in(guild, name, "wrong").status_code == 401
    assert sign_in(guild, "Zoe", "wrong").status_code == 429  # nobody's, told like anybody's


def test_of_many_tries_at_once_no_more_are_hashed_than_are_allowed(
    guild: GuildOf, monkeypatch: pytest.MonkeyPatch
) -> None:
    hashed: list[str] = []
    sound = people._matches

    def counted(kept: str, password: str) -> bool:
        hashed.append(password)
        return sound(kept, password)

    monkeypatch.setattr(people, "_matches", counted)
    makers = session_maker(guild.engine)

    def one() -> None:
        with makers() as session, suppress(YonkError):
            people.sign_in(session, OTHER, "wrong", "192.0.2.7")

    threads = [Thread(target=one) for _ in range(24)]
    for thread in threads:
        thread.start()
    for thread in threads:
        thread.join()
    assert len(hashed) <= MOST_OF_A_PAIR


def test_no_connection_is_held_while_a_password_is_looked_at(
    guild: GuildOf, monkeypatch: pytest.MonkeyPatch
) -> None:
    held: list[bool] = []
    with session_maker(guild.engine)() as session:

        def looking(kept: str, password: str) -> bool:
            held.append(session.in_transaction())
            return True

        monkeypatch.setattr(people, "_matches", looking)
        people.sign_in(session, OTHER, PASSWORD, "192.0.2.8")
    assert held == [False]


def test_members_do_not_wait_for_those_who_knock(guild: GuildOf) -> None:
    """However many wait at the door, another is told to come again, and a member is answered."""

    async def crowd() -> tuple[int, int]:
        gate = Event()
        async with anyio.create_task_group() as tasks:
            refused = 0
            for _ in range(STRANGERS_AT_ONCE + MOST_WAITING):
                tasks.start_soon(in_bulkhead, gate.wait)
            await anyio.sleep(0.2)
            try:
                await in_bulkhead(lambda: None)
            except CrowdedError:
                refused += 1
            members = await anyio.to_thread.run_sync(lambda: 1)
            gate.set()
        return refused, members

    assert anyio.run(crowd) == (1, 1)


def test_signing_out_here_and_everywhere(guild: GuildOf) -> None:
    second = sign_in(guild, OTHER).cookies[COOKIE]
    first, guild.tokens["second"] = guild.tokens[OTHER], second
    assert guild.ask("second", "POST", "/api/sign-out", json={}).status_code == 204
    assert (here(guild, "second"), here(guild, OTHER)) == ("out", "in")
    guild.tokens["third"] = sign_in(guild, OTHER).cookies[COOKIE]
    guild.ask("third", "POST", "/api/sign-out", json={"everywhere": True})
    assert (here(guild, "third"), here(guild, OTHER), here(guild, THIRD)) == ("out", "out", "in")
    assert first == guild.tokens[OTHER]


def test_a_token_ends_and_is_not_kept_as_it_is(guild: GuildOf) -> None:
    with guild.engine.begin() as connection:
        kept = connection.execute(text("SELECT token FROM signed_in")).scalars().all()
        assert not set(kept) & set(guild.tokens.values())
        connection.execute(text("UPDATE signed_in SET until = since"))
    assert here(guild, OTHER) == "out"


def test_a_new_password_signs_out_everywhere_else(guild: GuildOf) -> None:
    asked = {"old": "wrong", "new": NEW}
    assert guild.ask(OTHER, "PUT", "/api/account/password", json=asked).status_code == 401
    changed = guild.ask(OTHER, "PUT", "/api/account/password", json=asked | {"old": PASSWORD})
    assert changed.status_code == 204 and here(guild, OTHER) == "out"
    guild.tokens[OTHER] = changed.cookies[COOKIE]
    assert here(guild, OTHER) == "in"
    assert (
        sign_in(guild, OTHER).status_code == 401 and sign_in(guild, OTHER, NEW).status_code == 200
    )


@pytest.mark.parametrize(
    "bad",
    [
        "short",
        "aaaaaaaaaaaaaaa",
        "qwertyuiop12",
        "Rhona sews a lot",
        "trustno1trustno1",  # known to have leaked, said twice
        "iloveyou1234",
        "mypassword123",
        "x" * 129,
    ],
)
def test_a_password_that_is_guessed_soon_is_refused(guild: GuildOf, bad: str) -> None:
    asked = {"old": PASSWORD, "new": bad}
    refused = guild.ask(OTHER, "PUT", "/api/account/password", json=asked)
    assert refused.status_code == 422 and refused.json()["faults"][0]["place"] == "new"
    assert bad not in refused.text


def test_an_invitation_by_link(guild: GuildOf) -> None:
    asked = {"whom": "Bea\r\nBcc: all@example.org", "days": 3}
    assert guild.ask(OTHER, "POST", "/api/invitations", json=asked).status_code == 403
    made = guild.ask(KEEPER, "POST", "/api/invitations", json=asked)
    assert made.status_code == 201
    token = made.json()["link"].split("#")[1]
    letters = [message_from_bytes(one.read_bytes()) for one in guild.post.glob("*.eml")]
    assert len(letters) == 1 and made.json()["link"] in str(letters[0].get_payload())
    assert letters[0]["Bcc"] is None and "Bea" in letters[0]["X-For"]
    told = guild.ask(None, "POST", "/api/invitation", json={"token": token})
    assert told.json() == {"by": KEEPER, "whom": ""}
    taken = {"token": token, "name": OTHER, "password": NEW}
    refused = guild.ask(None, "POST", "/api/invitation/accept", json=taken)
    assert refused.status_code == 422 and refused.json()["faults"][0]["place"] == "name"
    accepted = guild.ask(None, "POST", "/api/invitation/accept", json=taken | {"name": "Bea"})
    assert accepted.status_code == 201 and COOKIE in accepted.cookies
    again = guild.ask(None, "POST", "/api/invitation/accept", json=taken | {"name": "Bess"})
    assert again.status_code == 404
    assert [one["used"] for one in guild.ask(KEEPER, "GET", "/api/invitations").json()] == [True]
    assert not list(guild.post.glob("*.eml"))  # its link leads nowhere any more


def test_an_invitation_that_ended_or_was_taken_back_is_none(guild: GuildOf) -> None:
    links = [
        guild.ask(KEEPER, "POST", "/api/invitations", json={"whom": one}).json()["link"]
        for one in ("Bea", "Bess")
    ]
    with guild.engine.begin() as connection:
        connection.execute(text("UPDATE invitation SET until = made WHERE whom = 'Bea'"))
    made = guild.ask(KEEPER, "GET", "/api/invitations").json()
    bess = next(one["id"] for one in made if one["whom"] == "Bess")
    assert guild.ask(KEEPER, "DELETE", f"/api/invitations/{bess}").status_code == 204
    for link in links:
        told = guild.ask(None, "POST", "/api/invitation", json={"token": link.split("#")[1]})
        assert told.status_code == 404


def test_who_leaves_takes_everything_along(guild: GuildOf) -> None:
    made = guild.ask(OTHER, "POST", "/api/blocks", json={"document": WEIR_GATE}).json()
    quilt = guild.ask(OTHER, "POST", "/api/quilts", json={"blocks": [made["id"]], "name": "A/B"})
    guild.ask(OTHER, "POST", "/api/fabrics", json={"name": "Slate", "colour": "#556070"})
    guild.ask(OTHER, "POST", "/api/groups", json={"name": "Two", "people": [guild.ids[THIRD]]})
    guild.ask(OTHER, "POST", f"/api/blocks/{made['id']}/notes", json={"kind": "note", "text": "x"})
    kept = guild.ask(OTHER, "GET", "/api/account/everything.zip")
    names = zipfile.ZipFile(io.BytesIO(kept.content)).namelist()
    assert [name.split("/")[0] for name in names].count("blocks") == 1
    assert "quilts/0002 A_B.quilt.json" in names and "fabrics.json" in names
    wrong = guild.ask(OTHER, "POST", "/api/account/leave", json={"password": "wrong"})
    assert wrong.status_code == 401 and here(guild, OTHER) == "in"
    left = guild.ask(OTHER, "POST", "/api/account/leave", json={"password": PASSWORD})
    assert left.status_code == 204 and here(guild, OTHER) == "out"
    for gone in (guild.ids[OTHER], made["id"], quilt.json()["id"]):
        assert not _holding(guild.engine, gone)


def test_who_leaves_leaves_nothing(guild: GuildOf) -> None:
    """Neither the invitation that she came by, nor its letter, nor her name at what others keep."""
    made = guild.ask(KEEPER, "POST", "/api/invitations", json={"whom": "Bea"}).json()
    taken = {"token": made["link"].split("#")[1], "name": "Bea", "password": NEW}
    bea = guild.ask(None, "POST", "/api/invitation/accept", json=taken)
    guild.ids["Bea"], guild.tokens["Bea"] = bea.json()["id"], bea.cookies[COOKIE]
    block = guild.ask(KEEPER, "POST", "/api/blocks", json={"document": WEIR_GATE}).json()
    guild.share(block["id"], Bea="change")
    saved = {"document": WEIR_GATE, "revision": 1}
    assert guild.ask("Bea", "PUT", f"/api/blocks/{block['id']}", json=saved).status_code == 200
    second = guild.ask(KEEPER, "POST", f"/api/members/{guild.ids['Bea']}/password-link")
    assert second.status_code == 201 and len(list(guild.post.glob("*.eml"))) == 1
    left = guild.ask("Bea", "POST", "/api/account/leave", json={"password": NEW})
    assert left.status_code == 204 and not list(guild.post.glob("*.eml"))
    assert not _holding(guild.engine, guild.ids["Bea"]) and not _holding(guild.engine, "Bea")


def test_a_member_who_forgot_her_password_is_given_a_link(guild: GuildOf) -> None:
    path = f"/api/members/{guild.ids[OTHER]}/password-link"
    assert guild.ask(THIRD, "POST", path).status_code == 403
    token = guild.ask(KEEPER, "POST", path).json()["link"].split("#")[1]
    told = guild.ask(None, "POST", "/api/invitation", json={"token": token}).json()
    assert told == {"by": KEEPER, "whom": OTHER}
    taken = {"token": token, "name": "", "password": NEW}
    done = guild.ask(None, "POST", "/api/invitation/accept", json=taken)
    assert done.status_code == 201 and done.json()["id"] == guild.ids[OTHER]
    assert here(guild, OTHER) == "out"  # what was signed in before is not any more
    assert sign_in(guild, OTHER, NEW).status_code == 200
    assert guild.ask(None, "POST", "/api/invitation/accept", json=taken).status_code == 404


def test_the_keeper_ends_sessions_suspends_and_removes(guild: GuildOf) -> None:
    path = f"/api/members/{guild.ids[OTHER]}"
    assert guild.ask(KEEPER, "POST", f"{path}/sign-out").status_code == 204
    assert here(guild, OTHER) == "out"
    suspended = guild.ask(KEEPER, "PUT", f"{path}/suspended", json={"suspended": True})
    assert suspended.status_code == 204
    refused = sign_in(guild, OTHER)
    assert refused.status_code == 401 and "may not sign in" in refused.text
    assert guild.ask(KEEPER, "PUT", f"{path}/suspended", json={"suspended": False}).is_success
    assert sign_in(guild, OTHER).status_code == 200
    seen = {one["name"]: one for one in guild.ask(KEEPER, "GET", "/api/members").json()}
    assert seen[OTHER]["signed_in"] == 1 and seen[KEEPER]["keeper"]
    assert guild.ask(THIRD, "GET", "/api/members").status_code == 403
    own = guild.ask(KEEPER, "DELETE", f"/api/members/{guild.ids[KEEPER]}")
    assert own.status_code == 422  # a guild is never without its keeper
    assert guild.ask(KEEPER, "DELETE", path).status_code == 204
    assert not _holding(guild.engine, guild.ids[OTHER]) and sign_in(guild, OTHER).status_code == 401


def _holding(engine: Engine, name: str) -> list[str]:
    """The tables in which a name still stands in some column."""
    found = []
    with engine.connect() as connection:
        for table in Base.metadata.sorted_tables:
            for column in table.columns:
                if "CHAR" in str(column.type):
                    asked = text(f"SELECT COUNT(*) FROM `{table.name}` WHERE `{column.name}` = :it")
                    if connection.execute(asked, {"it": name}).scalar():
                        found.append(f"{table.name}.{column.name}")
    return found


def test_the_first_account_has_what_was_kept_before(web: TestClient, empty: Engine) -> None:
    web.post("/api/blocks", json={"document": WEIR_GATE})
    with session_maker(empty)() as session:
        first = people.first_account(session, "Ismay", PASSWORD)
        people.first_account(session, "Rhona", PASSWORD)
    with empty.connect() as connection:
        owners = connection.execute(text("SELECT owner FROM block")).scalars().all()
    assert owners == [first.id] and web.get("/api/blocks").json()["total"] == 0


def shared_quilt(guild: GuildOf) -> tuple[str, str]:
    block = guild.ask(KEEPER, "POST", "/api/blocks", json={"document": WEIR_GATE}).json()
    asked = {"blocks": [block["id"]], "name": "Throw"}
    quilt = guild.ask(KEEPER, "POST", "/api/quilts", json=asked).json()
    guild.share(quilt["id"], **{OTHER: "see", THIRD: "see"})
    return f"/api/quilts/{quilt['id']}/together", quilt["document"]["blocks"][0]["key"]


def take(guild: GuildOf, who: str, where: str, key: str, **told: Any) -> Response:
    part = {"person": guild.ids[who], "block": key, "count": 0} | told
    return guild.ask(who, "PUT", where, json=part)


def test_a_quilt_is_shared_out_and_told_of(guild: GuildOf) -> None:
    where, key = shared_quilt(guild)
    people = [guild.ids[one] for one in (KEEPER, OTHER, THIRD)]
    dealt = guild.ask(KEEPER, "POST", where, json={"people": people}).json()
    assert sorted(one["count"] for one in dealt["parts"]) == [4, 4, 4]
    told = take(guild, OTHER, where, key, count=4, cut=4, sewn=3, handed_in=1).json()
    assert told["blocks"][0] | {"name": ""} == {
        "block": key,
        "name": "",
        "wanted": 12,
        "left": 0,
        "cut": 4,
        "sewn": 3,
        "handed_in": 1,
    }
    assert [one["hers"] for one in told["parts"] if one["name"] == OTHER] == [True]
    for bad, place in (({"count": 5}, "count"), ({"count": 4, "cut": 5}, "cut")):
        refused = take(guild, OTHER, where, key, **bad)
        assert refused.status_code == 422 and refused.json()["faults"][0]["place"] == place
    assert take(guild, OTHER, where, key).json()["blocks"][0]["left"] == 4
    ghost = {"person": "0" * 32, "block": key, "count": 1}
    assert guild.ask(KEEPER, "PUT", where, json=ghost).json()["faults"][0]["place"] == "people"
    assert guild.ask(KEEPER, "POST", where, json={"people": ["0" * 32]}).status_code == 422


def test_two_who_take_the_last_at_once_do_not_both_have_it(guild: GuildOf) -> None:
    where, key = shared_quilt(guild)
    assert take(guild, KEEPER, where, key, count=4).status_code == 200
    answers: dict[str, int] = {}

    def asked(who: str) -> None:
        answers[who] = take(guild, who, where, key, count=8).status_code

    pair = [Thread(target=asked, args=(who,)) for who in (OTHER, THIRD)]
    for one in pair:
        one.start()
    for one in pair:
        one.join()
    assert sorted(answers.values()) == [200, 422]
    assert guild.ask(KEEPER, "GET", where).json()["blocks"][0]["left"] == 0


def test_somebody_else_s_save_is_told(guild: GuildOf) -> None:
    made = guild.ask(KEEPER, "POST", "/api/blocks", json={"document": WEIR_GATE}).json()
    guild.share(made["id"], **{OTHER: "change"})
    where = f"/api/newest/{made['id']}"
    assert guild.ask(OTHER, "GET", where).json() == {"revision": 1, "by": KEEPER}
    assert guild.ask(KEEPER, "GET", where).json() == {"revision": 1, "by": ""}
    guild.ask(KEEPER, "DELETE", f"/api/blocks/{made['id']}")
    assert guild.ask(OTHER, "GET", where).status_code == 410


def test_what_was_paid_for_cloth_is_told_to_nobody(guild: GuildOf) -> None:
    fog = {"name": "Fog", "colour": "#e7e6df", "price": "12.60", "currency": "€"}
    kept = guild.ask(KEEPER, "POST", "/api/fabrics", json=fog | {"bought_at": "the mill"}).json()
    guild.share(kept["id"], **{OTHER: "change"})
    (seen,) = guild.ask(OTHER, "GET", "/api/fabrics").json()
    assert (seen["price"], seen["currency"], seen["bought_at"]) == ("", "", "")
    where = f"/api/fabrics/{kept['id']}"
    changed = {"name": "Fog", "colour": "#eeeeee", "revision": 1, "price": "1", "bought_at": "no"}
    answer = guild.ask(OTHER, "PUT", where, json=changed)
    assert answer.status_code == 200 and answer.json()["price"] == ""
    (mine,) = guild.ask(KEEPER, "GET", "/api/fabrics").json()
    assert (mine["colour"], mine["price"], mine["bought_at"]) == ("#eeeeee", "12.60", "the mill")
