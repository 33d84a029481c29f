"""Who may do what: every route is walked as a stranger, a reader, a copier, an editor, the owner
and nobody; a route that is not told of here fails.
"""

from __future__ import annotations

import io
import random
from collections.abc import Callable
from typing import Any

import pytest
from PIL import Image

from tests.api.guild import NAMES, GuildOf
from tests.api.test_sewing_api import SAMPLES, WEIR_GATE
from tests.camera import Shot, photographed, printed_pages
from yonk.api.app import create_app
from yonk.api.exports import EXPORTS
from yonk.api.exports.needs import its_trial
from yonk.core.planning import make_plan, unit_mark
from yonk.files.block_file import take_block

Json = dict[str, Any]
OWNER, READER, COPIER, EDITOR, STRANGER = NAMES
LEVELS = {READER: "see", COPIER: "copy", EDITOR: "change"}
MAY = {STRANGER: -1, READER: 0, COPIER: 1, EDITOR: 2, OWNER: 3}
NEEDED = {"see": 0, "copy": 1, "change": 2, "own": 3}
MARK = "a" * 64

TO_ALL = {
    "GET /api/who",
    "POST /api/sign-in",
    "POST /api/invitation",
    "POST /api/invitation/accept",
    "POST /api/phone/arrive",
}
# answered to everybody who is signed in: reckoned from what is sent, or narrowed to her own
TO_MEMBERS = {
    "PUT /api/pace",
    "POST /api/phone",
    "POST /api/sheets/read",
    "POST /api/sheets/{code}/news",
    "POST /api/sheets/{code}/take",
    "GET /api/account/everything.zip",
    "POST /api/account/leave",
    "PUT /api/account/password",
    "GET /api/bin",
    "GET /api/blocks",
    "POST /api/blocks",
    "POST /api/blocks/import",
    "GET /api/cloth-sizes/{unit}",
    "POST /api/cloth",
    "GET /api/cloth/{digest}.jpg",
    "GET /api/colours",
    "GET /api/fabrics/next",
    "POST /api/draft",
    "POST /api/draft/from-svg",
    "POST /api/draft/sizes",
    "GET /api/fabrics",
    "POST /api/fabrics",
    "POST /api/fabrics/changed",
    "POST /api/finder/chart",
    "POST /api/finder/chart.csv",
    "POST /api/finder/check",
    "GET /api/finder/kinds",
    "POST /api/finder/on-hand",
    "GET /api/groups",
    "POST /api/groups",
    "PUT /api/groups/{group_id}",
    "DELETE /api/groups/{group_id}",
    "GET /api/invitations",
    "POST /api/invitations",
    "DELETE /api/invitations/{invitation}",
    "GET /api/labels",
    "GET /api/members",
    "POST /api/members/{member}/password-link",
    "POST /api/members/{member}/sign-out",
    "PUT /api/members/{member}/suspended",
    "DELETE /api/members/{member}",
    "GET /api/people",
    "POST /api/preview/quilt",
    "POST /api/preview/sheets",
    "POST /api/quilt/origins",
    "POST /api/quilt/sizes",
    "GET /api/quilts",
    "POST /api/recipes",
    "POST /api/recipes/steps",
    "GET /api/schema/block.json",
    "GET /api/seam-log",
    "GET /api/seam-log.csv",
    "PUT /api/seam-log/figures",
    "POST /api/seam-log/tests",
    "DELETE /api/seam-log/tests/{test_id}",
    "POST /api/seam-log/tests/{test_id}/restore",
    "POST /api/sewing/back",
    "POST /api/sewing/join",
    "POST /api/sign-out",
    "GET /api/tray",
    "GET /api/tray/{unit}",
    "POST /api/pattern",
    "POST /api/picture/seams",
    "POST /api/picture/straight",
    "GET /api/exports",
    "GET /api/usual",
    "PUT /api/usual",
    "DELETE /api/usual",
    "GET /api/languages",
    "PUT /api/languages",
    "GET /api/words",
} | {f"POST /api/files/{one.path}" for one in EXPORTS if its_trial not in one.needs}


def _photo() -> bytes:
    kept = io.BytesIO()
    Image.new("RGB", (8, 8)).save(kept, "PNG")
    return kept.getvalue()


GATE = take_block(WEIR_GATE)
ENTRY: Json = {"name": "an-entry", "place": "sew", "device": "d", "words": "sew", "changes": []}
MADE: Json = {
    "document": WEIR_GATE,
    "name": "units-made",
    "device": "d",
    "words": "sew",
    "unit": unit_mark(make_plan(GATE).wanted.groups[0], GATE),
    "step": MARK,
    "done": 1,
}
QUILT: Json = {}
# what is needed for each route that is told of a thing, and how it is asked
OF_BLOCKS: dict[str, tuple[str, Json]] = {
    "GET /api/blocks/{block_id}": ("see", {}),
    "PUT /api/blocks/{block_id}": ("change", {"json": {"document": WEIR_GATE, "revision": 1}}),
    "DELETE /api/blocks/{block_id}": ("own", {}),
    "PUT /api/blocks/{block_id}/about": ("change", {"json": {"labels": ["throw"], "note": ""}}),
    "POST /api/blocks/{block_id}/copy": ("copy", {}),
    "GET /api/blocks/{block_id}/log": ("see", {}),
    "PUT /api/blocks/{block_id}/measured": (
        "change",
        {"json": {"what": "block:width", "size": "9 1/2", "expected": "9.5000", "unit": "in"}},
    ),
    "PUT /api/blocks/{block_id}/looks": ("change", {"json": {"looks": "good"}}),
    "POST /api/blocks/{block_id}/trials": ("change", {}),
    "DELETE /api/blocks/{block_id}/trials/{number}": ("change", {}),
    "POST /api/blocks/{block_id}/notes": ("change", {"json": {"kind": "note", "text": "Good."}}),
    "DELETE /api/blocks/{block_id}/notes/{note_id}": ("change", {}),
    "POST /api/blocks/{block_id}/notes/{note_id}/restore": ("change", {}),
    "GET /api/blocks/{block_id}/parcel.zip": ("copy", {}),
    "POST /api/blocks/{block_id}/photos": ("change", {"content": _photo()}),
    "DELETE /api/blocks/{block_id}/photos/{photo_id}": ("change", {}),
    "GET /api/blocks/{block_id}/photos/{photo_id}.jpg": ("see", {}),
    "POST /api/blocks/{block_id}/photos/{photo_id}/restore": ("change", {}),
    "POST /api/blocks/{block_id}/restore": ("own", {}),
    "GET /api/blocks/{block_id}/states": ("see", {}),
    "PUT /api/blocks/{block_id}/states/{revision}": ("change", {"json": {"title": "First"}}),
    "POST /api/blocks/{block_id}/states/{revision}/open": ("see", {}),
    "PUT /api/blocks/{block_id}/taken-back": (
        "change",
        {"json": {"mark": MARK, "words": "sew", "times": 1}},
    ),
    "GET /api/newest/{block_id}": ("see", {}),
    "POST /api/tables/{block_id}/entries": ("change", {"json": {"entries": [ENTRY]}}),
    "POST /api/tables/{block_id}/made": ("change", {"json": MADE}),
    "POST /api/tables/{block_id}/take-back": (
        "change",
        {"json": {"name": "taken-back", "place": "sew", "device": "d"}},
    ),
    "GET /api/tables/{block_id}/last": ("see", {"params": {"place": "sew", "device": "d"}}),
    "GET /api/tables/{block_id}/entries": ("see", {}),
    "GET /api/shared/{thing_id}": ("own", {}),
    "PUT /api/shared/{thing_id}": ("own", {"json": {"shares": []}}),
}
OF_QUILTS: dict[str, tuple[str, Json]] = {
    "GET /api/quilts/{block_id}": ("see", {}),
    "GET /api/quilts/{block_id}/seen": ("see", {}),
    "PUT /api/quilts/{block_id}": ("change", {"json": {"document": "<quilt>", "revision": 1}}),
    "DELETE /api/quilts/{block_id}": ("own", {}),
    "POST /api/quilts/{block_id}/restore": ("own", {}),
    "GET /api/quilts/{block_id}/together": ("see", {}),
    "PUT /api/quilts/{block_id}/together": (
        "change",  # of somebody else's part; of her own, who sees it may tell
        {"json": {"person": "<stranger>", "block": "<key>", "count": 1}},
    ),
    "POST /api/quilts/{block_id}/together": ("change", {"json": {"people": ["<owner>"]}}),
}
FABRIC: Json = {"name": "Slate", "colour": "#556070", "revision": 1}
OF_FABRICS: dict[str, tuple[str, Json]] = {
    "PUT /api/fabrics/{fabric_id}": ("change", {"json": FABRIC}),
    "DELETE /api/fabrics/{fabric_id}": ("own", {}),
    "POST /api/fabrics/{fabric_id}/restore": ("own", {}),
}
# a thing is told of in what is sent
IN_THE_BODY: dict[str, tuple[str, Json]] = {
    "POST /api/cut": ("see", {"document": WEIR_GATE, "block_id": "<block>", "stage": "all"}),
    "POST /api/quilt/cut/ways-out": ("see", {"document": "<quilt>", "quilt_id": "<quilt id>"}),
    "POST /api/evenings": (
        "see",
        {
            "document": WEIR_GATE,
            "block_id": "<block>",
            "weekdays": [0],
            "first": "2026-11-30",
        },
    ),
    "POST /api/cut/ways-out": (
        "see",
        {"document": WEIR_GATE, "block_id": "<block>", "stage": "all"},
    ),
    "POST /api/cut/done": (
        "change",
        {"document": WEIR_GATE, "block_id": "<block>", "stage": "all", "fabric": "peat"},
    ),
    "POST /api/files/cutting.pdf": (
        "see",
        {"document": WEIR_GATE, "block_id": "<block>", "stage": "all"},
    ),
    "POST /api/files/everything.pdf": (
        "see",
        {"document": WEIR_GATE, "block_id": "<block>", "stage": "all", "sheets": ["cutting"]},
    ),
    "POST /api/preview/everything": (
        "see",
        {"document": WEIR_GATE, "block_id": "<block>", "stage": "all", "sheets": ["cutting"]},
    ),
    "POST /api/measuring": ("see", {"document": WEIR_GATE, "block_id": "<block>"}),
    "POST /api/recipes": ("see", {"document": WEIR_GATE, "block_id": "<block>"}),
    "POST /api/sewing": ("see", {"document": WEIR_GATE, "block_id": "<block>"}),
    "POST /api/shopping": ("see", {"blocks": ["<block>"]}),
    "POST /api/quilts": ("copy", {"blocks": ["<block>"], "name": "Theirs"}),
    "POST /api/quilt": (
        "copy",
        {"document": "<quilt>", "acts": [{"do": "add-block", "origin": "<block>"}]},
    ),
    "POST /api/quilt/cut": ("see", {"document": "<quilt>", "quilt_id": "<quilt id>"}),
    "POST /api/quilt/cut/done": (
        "change",
        {"document": "<quilt>", "quilt_id": "<quilt id>", "fabric": "peat"},
    ),
    "POST /api/quilt/sew": ("see", {"document": "<quilt>", "quilt_id": "<quilt id>"}),
}


def routes() -> set[str]:
    paths: Json = create_app(None).openapi()["paths"]
    return {f"{method.upper()} {path}" for path, methods in paths.items() for method in methods}


class Things:
    """What the owner has shared with the reader, the copier and the editor."""

    def __init__(self, guild: GuildOf) -> None:
        self.guild = guild
        made = self._made("/api/blocks", {"document": WEIR_GATE})
        self.block = made["id"]
        quilt = self._made("/api/quilts", {"blocks": [self.block], "name": "Throw"})
        self.quilt_id, self.quilt = quilt["id"], quilt["document"]
        self.fabric = self._made("/api/fabrics", FABRIC)["id"]
        log = f"/api/blocks/{self.block}"
        self.note = self._made(f"{log}/notes", {"kind": "note", "text": "Mine."})["notes"][0]["id"]
        photos = guild.ask(OWNER, "POST", f"{log}/photos", content=_photo()).json()["photos"]
        self.photo = photos[0]["id"]
        for thing in (self.block, self.quilt_id, self.fabric):
            guild.share(thing, **LEVELS)

    def _made(self, path: str, body: Json) -> Json:
        answer = self.guild.ask(OWNER, "POST", path, json=body)
        assert answer.status_code == 201, answer.text
        found: Json = answer.json()
        return found

    def told(self, one: Any) -> Any:
        """What is sent, with the things' own names in it."""
        known = {
            "<block>": self.block,
            "<quilt>": self.quilt,
            "<quilt id>": self.quilt_id,
            "<key>": self.quilt["blocks"][0]["key"],
            "<owner>": self.guild.ids[OWNER],
            "<stranger>": self.guild.ids[STRANGER],
        }
        if isinstance(one, dict):
            return {name: self.told(part) for name, part in one.items()}
        if isinstance(one, list):
            return [self.told(part) for part in one]
        return known.get(one, one) if isinstance(one, str) else one


def test_every_route_is_known_here() -> None:
    known = TO_ALL | TO_MEMBERS | {*OF_BLOCKS, *OF_QUILTS, *OF_FABRICS, *IN_THE_BODY}
    assert routes() == known


def test_nobody_gets_at_anything(guild: GuildOf) -> None:
    things = Things(guild)
    for route in sorted(routes() - TO_ALL):
        method, path = route.split()
        for thing in (things.block, things.quilt_id):
            answer = guild.ask(None, method, _filled(path, things, thing), json={})
            assert (answer.status_code, answer.json()["code"]) == (401, "not-signed-in"), route


def _filled(path: str, things: Things, thing: str) -> str:
    for name, told in {
        "block_id": thing,
        "thing_id": thing,
        "fabric_id": things.fabric,
        "note_id": things.note,
        "number": "1",
        "photo_id": things.photo,
        "revision": "1",
        "group_id": "0",
        "test_id": "0",
        "invitation": "0",
        "unit": "in",
    }.items():
        path = path.replace(f"{{{name}}}", told)
    return path


@pytest.mark.parametrize("route", [*OF_BLOCKS, *OF_QUILTS, *OF_FABRICS, *IN_THE_BODY])
def test_each_may_as_much_as_was_shared(guild: GuildOf, route: str) -> None:
    things = Things(guild)
    method, path = route.split()
    if route in IN_THE_BODY:
        needed, body = IN_THE_BODY[route]
        asked: Json = {"json": body}
    else:
        needed, asked = (OF_BLOCKS | OF_QUILTS | OF_FABRICS)[route]
    thing = things.quilt_id if route in OF_QUILTS else things.block
    where, sent = _filled(path, things, thing), things.told(asked)
    for who in (STRANGER, READER, COPIER, EDITOR, OWNER):
        answer = guild.ask(who, method, where, **sent)
        seen = f"{route} as {who}: {answer.status_code} {answer.text[:200]}"
        if MAY[who] < 0:
            assert answer.status_code == 404, seen
        elif MAY[who] < NEEDED[needed]:
            assert (answer.status_code, answer.json()["code"]) == (403, "not-yours"), seen
        else:
            assert answer.status_code in (200, 201, 204, 409, 422), seen
            assert "not-yours" not in answer.text, seen
    if needed != "own":  # the owner, asked last, had what she wanted
        assert answer.status_code in (200, 201, 204) or EXCUSED.get(route, "") in answer.text, seen


EXCUSED = {
    "PUT /api/blocks/{block_id}": "old-revision",  # the editor saved first
    "PUT /api/quilts/{block_id}": "old-revision",
    "PUT /api/fabrics/{fabric_id}": "old-revision",
    "POST /api/cut/done": "shelf",  # no fabric of the shelf is tied to it
    "POST /api/quilt/cut/done": "shelf",
}


def _narrowed(path: str, name: str) -> Callable[[GuildOf, str], list[Any]]:
    def found(guild: GuildOf, who: str) -> list[Any]:
        answer = guild.ask(who, "GET", path).json()
        rows: list[Any] = answer[name] if name else answer
        return rows

    return found


@pytest.mark.parametrize(
    "found",
    [
        _narrowed("/api/blocks", "blocks"),
        _narrowed("/api/quilts", "quilts"),
        _narrowed("/api/fabrics", ""),
    ],
)
def test_shelves_show_her_own_and_what_is_shared(
    guild: GuildOf, found: Callable[[GuildOf, str], list[Any]]
) -> None:
    Things(guild)
    rows = {who: found(guild, who) for who in NAMES}
    assert not rows[STRANGER]
    assert [row["owner"] for row in rows[OWNER]] == [""]
    assert {row["owner"] for who in LEVELS for row in rows[who]} == {OWNER}


def test_a_sheet_is_known_to_whom_its_block_is(guild: GuildOf) -> None:
    things = Things(guild)
    asked = {"document": WEIR_GATE, "block_id": things.block}
    printed = guild.ask(OWNER, "POST", "/api/files/cutting.pdf", json=asked).content
    photo = photographed(printed_pages(printed)[0], Shot(blur=0.5), random.Random(1))
    for who in (OWNER, READER, STRANGER):
        (page,) = guild.ask(who, "POST", "/api/sheets/read", content=photo).json()["pages"]
        assert bool(page["boxes"]) == (who != STRANGER), who
        news = guild.ask(who, "POST", f"/api/sheets/{page['code']}/news", json={"ticked": [0]})
        assert news.status_code == (404 if who == STRANGER else 200), who
    told = {"ticked": [0], "device": "d"}
    for who, status in ((STRANGER, 404), (READER, 403), (COPIER, 403), (EDITOR, 200)):
        taken = guild.ask(who, "POST", f"/api/sheets/{page['code']}/take", json=told)
        assert taken.status_code == status, (who, taken.text)


def test_what_is_hers_alone_is_seen_by_nobody_else(guild: GuildOf) -> None:
    test = {"unit": "in", "aimed": "1/4", "cut": "1 1/2", "middle": "1"}
    assert guild.ask(OWNER, "POST", "/api/seam-log/tests", json=test).status_code == 201
    guild.ask(OWNER, "PUT", "/api/usual", json={"document": WEIR_GATE | {"seam": "3/8"}})
    made = guild.ask(OWNER, "POST", "/api/blocks", json={"document": SAMPLES["Gale Lantern"]})
    guild.share(made.json()["id"], **LEVELS)
    about = f"/api/blocks/{made.json()['id']}/about"
    guild.ask(OWNER, "PUT", about, json={"labels": ["throw"], "note": ""})
    guild.ask(OWNER, "DELETE", f"/api/blocks/{made.json()['id']}")
    for who in NAMES:
        hers = who == OWNER
        assert len(guild.ask(who, "GET", "/api/seam-log").json()["tests"]) == hers
        assert guild.ask(who, "GET", "/api/usual").json()["hers"] == hers
        assert len(guild.ask(who, "GET", "/api/bin").json()) == hers
        assert guild.ask(who, "GET", "/api/labels").json() == []


def test_a_share_ends_with_the_group_it_was_for(guild: GuildOf) -> None:
    made = guild.ask(OWNER, "POST", "/api/blocks", json={"document": WEIR_GATE}).json()
    people = [guild.ids[READER], guild.ids[EDITOR]]
    asked = {"name": "Thursday table", "people": people}
    group = guild.ask(OWNER, "POST", "/api/groups", json=asked).json()[0]
    shares = {"shares": [{"who": group["id"], "level": "copy"}]}
    where = f"/api/blocks/{made['id']}"
    assert guild.ask(OWNER, "PUT", f"/api/shared/{made['id']}", json=shares).status_code == 200
    assert guild.ask(READER, "GET", where).json()["right"] == "copy"
    assert guild.ask(STRANGER, "GET", where).status_code == 404
    assert guild.ask(READER, "PUT", f"/api/groups/{group['id']}", json=asked).status_code == 404
    fewer = asked | {"people": [guild.ids[EDITOR]]}
    guild.ask(OWNER, "PUT", f"/api/groups/{group['id']}", json=fewer)
    assert guild.ask(READER, "GET", where).status_code == 404
    assert guild.ask(EDITOR, "GET", where).status_code == 200
    assert guild.ask(OWNER, "DELETE", f"/api/groups/{group['id']}").status_code == 204
    assert guild.ask(EDITOR, "GET", where).status_code == 404


def test_a_share_with_nobody_is_refused_and_changes_nothing(guild: GuildOf) -> None:
    things = Things(guild)
    for who in ("0", guild.ids[OWNER]):
        shares = {"shares": [{"who": who, "level": "see"}]}
        refused = guild.ask(OWNER, "PUT", f"/api/shared/{things.block}", json=shares)
        assert refused.status_code == 422
    kept = guild.ask(OWNER, "GET", f"/api/shared/{things.block}").json()["shares"]
    assert len(kept) == len(LEVELS)


def test_what_is_in_the_bin_is_read_by_nobody_else(guild: GuildOf) -> None:
    """Neither its earlier states nor how far it was sewn or cut, whatever was shared."""
    made = guild.ask(OWNER, "POST", "/api/blocks", json={"document": WEIR_GATE}).json()
    block = f"/api/blocks/{made['id']}"
    guild.share(made["id"], **LEVELS)
    sewing = {"document": WEIR_GATE, "block_id": made["id"]}
    assert guild.ask(READER, "POST", f"{block}/states/1/open").status_code == 200
    assert guild.ask(READER, "POST", "/api/sewing", json=sewing).status_code == 200
    assert guild.ask(OWNER, "DELETE", block).status_code == 204
    for who in LEVELS:
        for method, path in (
            ("GET", block),
            ("GET", f"{block}/states"),
            ("POST", f"{block}/states/1/open"),
            ("GET", f"{block}/log"),
            ("GET", f"{block}/about"),
        ):
            answer = guild.ask(who, method, path)
            assert answer.status_code in (404, 405, 410), f"{who} {path} {answer.text}"
            assert "document" not in answer.text
        answer = guild.ask(who, "POST", "/api/sewing", json=sewing)
        assert answer.status_code in (404, 410), f"{who} {answer.text[:200]}"


def test_a_save_key_that_another_used_is_as_good_as_any(guild: GuildOf) -> None:
    asked = {"document": WEIR_GATE, "save_key": "the-same-key-for-both"}
    both = [guild.ask(who, "POST", "/api/blocks", json=asked) for who in (OWNER, STRANGER)]
    assert [one.status_code for one in both] == [201, 201]
    assert both[0].json()["id"] != both[1].json()["id"]
