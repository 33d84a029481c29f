"""Who may ask, how much may be sent, what goes with every answer, and one shape for every error."""

from __future__ import annotations

from collections.abc import Iterator

import pytest
from fastapi.testclient import TestClient

from yonk.api.guard import HEADERS, most_bytes


@pytest.mark.parametrize(
    "host", ["yonk.example", "127.0.0.1.example:80", "evil", "", "[::2]", "localhost.:1@evil"]
)
def test_a_foreign_name_is_not_answered(web: TestClient, host: str) -> None:
    for answer in (
        web.get("/api/blocks", headers={"Host": host}),
        web.get("/", headers={"Host": host}),
    ):
        assert answer.status_code == 403 and answer.json()["code"] == "foreign"


@pytest.mark.parametrize("host", ["127.0.0.1:8765", "localhost", "LOCALHOST:1", "[::1]:80"])
def test_this_machine_s_own_names_are(web: TestClient, host: str) -> None:
    assert web.get("/api/blocks", headers={"Host": host}).status_code == 200


@pytest.mark.parametrize(
    "headers",
    [
        {"Origin": "http://evil.example"},
        {"Origin": "null"},
        {"Origin": "http://127.0.0.1:9"},
        {"Sec-Fetch-Site": "cross-site"},
    ],
)
def test_a_foreign_page_changes_nothing(web: TestClient, headers: dict[str, str]) -> None:
    refused = web.post("/api/blocks", json={"beginning": {"name": "Theirs"}}, headers=headers)
    assert refused.status_code == 403 and web.get("/api/blocks").json()["total"] == 0
    own = web.post(
        "/api/blocks", json={"beginning": {"name": "Mine"}}, headers={"Origin": "http://127.0.0.1"}
    )
    assert own.status_code == 201


def test_every_answer_carries_the_headers_and_what_may_be_kept(web: TestClient) -> None:
    page = web.get("/")
    asset = page.text.partition('src="')[2].partition('"')[0]
    for answer in (page, web.get("/api/blocks"), web.get("/api/nothing"), web.get(asset)):
        assert all(answer.headers[name] == value for name, value in HEADERS.items())
    assert web.get("/api/blocks").headers["Cache-Control"] == "no-store"
    assert "immutable" in web.get(asset).headers["Cache-Control"]
    assert page.headers["Cache-Control"] == "no-cache"


@pytest.mark.parametrize("path", ["/api/blocks/import", "/api/draft"])
def test_what_comes_in_pieces_is_counted_as_it_comes(web: TestClient, path: str) -> None:
    sent = 0

    def endless() -> Iterator[bytes]:
        nonlocal sent
        while True:
            sent += 1
            yield b" " * 100_000

    pieces = (
        piece for piece, _ in zip(endless(), range(most_bytes(path) // 100_000 + 40), strict=False)
    )
    answer = web.post(path, content=pieces, headers={"Content-Type": "application/json"})
    assert answer.status_code == 413 and answer.json()["code"] == "too-large"


@pytest.mark.parametrize(
    ("method", "path", "status", "code"),
    [
        ("GET", "/api/nothing", 404, "not-found"),
        ("PATCH", "/api/blocks", 405, "not-allowed"),
        ("GET", "/api/blocks/none", 404, "not-found"),
        ("GET", "/api/blocks/%00", 422, "bad-request"),
        ("GET", "/%00", 404, "not-found"),
        ("GET", "/api/blocks?page=0", 422, "bad-request"),
        ("GET", "/api/blocks/none/states", 404, "not-found"),
        ("GET", "/api/blocks/..%2f..", 404, "not-found"),
    ],
)
def test_every_error_has_the_one_shape(
    web: TestClient, method: str, path: str, status: int, code: str
) -> None:
    answer = web.request(method, path)
    assert (answer.status_code, answer.json()["code"]) == (status, code)
    assert answer.json()["faults"][0]["message"]


def test_half_signs_and_broken_json_are_refused_in_words(web: TestClient) -> None:
    half = web.post(
        "/api/fabrics",
        content=b'{"name": "\\ud800", "colour": "#000000"}',
        headers={"Content-Type": "application/json"},
    )
    assert half.status_code == 422 and half.json()["faults"][0]["place"] == "name"
    broken = web.post("/api/draft", content=b"{", headers={"Content-Type": "application/json"})
    assert broken.status_code == 422 and broken.json()["faults"]
    block = web.post(
        "/api/blocks",
        content=b'{"beginning": {"name": "a \\udfff"}}',
        headers={"Content-Type": "application/json"},
    )
    assert block.status_code == 422
    unknown = web.post("/api/blocks", json={"name": "Peg"})
    assert unknown.status_code == 422 and unknown.json()["faults"][0]["place"] == "name"
