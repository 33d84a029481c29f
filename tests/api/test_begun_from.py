"""Blocks begun from a pattern's list and from a picture, and a quilt seen in one answer."""

from __future__ import annotations

from base64 import b64encode
from io import BytesIO

import pytest
from fastapi.testclient import TestClient
from PIL import Image, ImageDraw

from yonk.api.language import LANGUAGE_COOKIE

LIST = """4 squares 3 1/2 Fog
2 squares 3 7/8 Fog, cut once
2 squares 3 7/8 Peat, cut once
1 square 3 1/2 Peat"""


def judged(web: TestClient, text: str, **more: object) -> dict:  # type: ignore[type-arg]
    answer = web.post("/api/pattern", json={"list": text, **more})
    assert answer.status_code == 200, answer.text
    found: dict = answer.json()  # type: ignore[type-arg]
    return found


def test_a_right_list_is_said_to_be_and_its_draft_can_be_kept(web: TestClient) -> None:
    found = judged(web, LIST, wanted="9", name="From a list")
    assert found["right"] and found["said"] == "These make 9″ finished, as the pattern says."
    assert [one["said"] for one in found["lines"]] == ["right"] * 4
    kept = web.post("/api/blocks", json={"document": found["draft"]})
    assert kept.status_code == 201 and kept.json()["name"] == "From a list"


def test_what_is_wrong_is_told_with_its_mend_in_her_language(web: TestClient) -> None:
    wrong = LIST.replace("3 7/8", "3 3/4")
    found = judged(web, wrong, wanted="9")
    assert not found["right"]
    assert found["lines"][1]["said"] == "too small: cut 3 7⁄8″"
    assert any(one["said"] == "they come out 2 7⁄8″, not 3″" for one in found["made"])
    web.cookies.set(LANGUAGE_COOKIE, "de")
    assert judged(web, LIST)["lines"][0]["said"] == "stimmt"


def test_her_seam_counts(web: TestClient) -> None:
    found = judged(web, "9 squares 3 1/2 Fog", settings={"unit": "in", "seam": "3/8"})
    assert found["said"] == "These make a block of 8 1⁄4″ finished."


@pytest.mark.parametrize(
    ("text", "where"),
    [("", "list"), ("4 squares 2\n3 1/2 squares", "line 2"), ("4 squares", "line 1")],
)
def test_a_line_that_cannot_be_read_is_named(web: TestClient, text: str, where: str) -> None:
    answer = web.post("/api/pattern", json={"list": text})
    assert answer.status_code == 422
    assert answer.json()["faults"][0]["where"] == where


def test_a_unit_is_shown_as_it_will_be_divided(web: TestClient) -> None:
    usual = web.get("/api/tray/square-in-a-square").json()
    twice = web.get("/api/tray/square-in-a-square", params={"divide": "2"}).json()
    assert len(twice["parts"]) == len(usual["parts"]) + 4
    for address in ("/api/tray/square-in-a-square?divide=x", "/api/tray/pieced"):
        refused = web.get(address)
        assert refused.status_code == 422 and refused.json()["faults"][0]["message"]


def photo() -> bytes:
    """Two cloths that meet on the diagonal, with a table around them."""
    picture = Image.new("RGB", (800, 600), "#4a3a2c")
    draw = ImageDraw.Draw(picture)
    draw.polygon([(200, 100), (600, 100), (200, 500)], fill="#e7e6df")
    draw.polygon([(600, 100), (600, 500), (200, 500)], fill="#3b2a20")
    out = BytesIO()
    picture.save(out, "JPEG", quality=92)
    return out.getvalue()


CORNERS = [0.25, 1 / 6, 0.75, 1 / 6, 0.75, 5 / 6, 0.25, 5 / 6]


def test_a_photo_is_laid_straight_and_its_seam_is_seen(web: TestClient) -> None:
    straight = web.post("/api/picture/straight", params={"corners": CORNERS}, content=photo())
    assert straight.headers["content-type"] == "image/jpeg"
    with Image.open(BytesIO(straight.content)) as opened:
        assert opened.size == (1200, 1200)
    begun = {"beginning": {"name": "One cell", "width": "4", "columns": "1", "rows": "1"}}
    block = web.post("/api/blocks", json=begun).json()
    asked = {"document": block["document"], "picture": b64encode(straight.content).decode()}
    [seam] = web.post("/api/picture/seams", json=asked).json()
    assert {tuple(seam["start"]), tuple(seam["end"])} == {("0", "1"), ("1", "0")}


def test_what_holds_no_block_is_refused_with_its_mend(web: TestClient) -> None:
    crossed = web.post(
        "/api/picture/straight", params={"corners": [0, 0, 1, 1, 1, 0, 0, 1]}, content=photo()
    )
    none = web.post("/api/picture/straight", params={"corners": CORNERS}, content=b"no photo")
    few = web.post("/api/picture/straight", params={"corners": [0, 0]}, content=photo())
    for answer in (crossed, none, few):
        assert 400 <= answer.status_code < 500 and answer.json()["faults"][0]["message"]
    broken = web.post("/api/picture/seams", json={"document": {}, "picture": "%%"})
    assert broken.status_code == 422


def test_a_quilt_is_seen_in_one_answer_as_in_two(web: TestClient) -> None:
    block = web.post("/api/blocks", json={"beginning": {"name": "One", "width": "4"}}).json()
    quilt = web.post("/api/quilts", json={"name": "Top", "blocks": [block["id"]]}).json()
    both = web.get(f"/api/quilts/{quilt['id']}/seen").json()
    assert both["kept"] == web.get(f"/api/quilts/{quilt['id']}").json()
    asked = {"document": quilt["document"], "acts": []}
    assert both["seen"] == web.post("/api/quilt", json=asked).json()


def test_a_link_says_what_its_page_will_ask(web: TestClient) -> None:
    """So that the browser asks for it while it reads the page."""
    link = web.get("/quilts/0123abcd").headers["link"]
    assert "</api/quilts/0123abcd/seen>; rel=preload; as=fetch; crossorigin" in link
    assert "/assets/QuiltPage-" in link
    assert "</api/blocks/0123abcd>" in web.get("/blocks/0123abcd/draft").headers["link"]
    assert "/api/" not in web.get("/fabrics").headers["link"]
