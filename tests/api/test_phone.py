"""The phone at the cutting table: the square leads where it says, and lets in once."""

from __future__ import annotations

import re
from datetime import timedelta
from urllib.parse import unquote

import cv2
import numpy as np
import pytest
from fastapi.testclient import TestClient

from tests.api.guild import NAMES, GuildOf
from yonk.store import phones

OWNER, OTHER = NAMES[0], NAMES[1]
TABLE = "/blocks/abc123/cut?table=1"


def scanned(picture: str) -> str:
    """What a scanner that is not ours reads from a square: its path is drawn stroke by stroke."""
    svg = unquote(picture.split(",", 1)[1])
    drawn = re.search(r"stroke=['\"]#000['\"] d=['\"]([^'\"]+)", svg)
    assert drawn
    side = int(float(re.findall(r"h([0-9]+)v", svg)[0]))
    cells = np.full((side, side), 255, np.uint8)
    x = y = 0.0
    for sign, one, other in re.findall(r"([Mmh])(-?[0-9.]+)(?: (-?[0-9.]+))?", drawn[1]):
        if sign == "h":
            cells[int(y), int(x) : int(x) + int(one)] = 0
            x += int(one)
        elif sign == "M":
            x, y = float(one), float(other)
        else:
            x, y = x + float(one), y + float(other)
    text, *_ = cv2.QRCodeDetector().detectAndDecode(np.kron(cells, np.ones((6, 6), np.uint8)))
    return str(text)


def test_on_its_own_machine_the_square_says_that_it_leads_nowhere_else(web: TestClient) -> None:
    found = web.post("/api/phone", json={"path": TABLE}).json()
    assert found["alone"] and found["until"] is None
    assert found["address"] == f"http://127.0.0.1{TABLE}"
    assert scanned(found["square"]) == found["address"]


def test_a_phone_is_let_in_once_and_only_while_the_link_holds(
    guild: GuildOf, monkeypatch: pytest.MonkeyPatch
) -> None:
    found = guild.ask(OWNER, "POST", "/api/phone", json={"path": TABLE}).json()
    assert not found["alone"] and scanned(found["square"]) == found["address"]
    where, token = found["address"].split("#")
    assert where == f"https://127.0.0.1/phone{TABLE}"

    def arrive(with_token: str) -> tuple[int, str]:
        answer = guild.ask(None, "POST", "/api/phone/arrive", json={"token": with_token})
        return answer.status_code, answer.json().get("name", "")

    assert arrive("wrong") == (404, "")
    assert arrive(token) == (200, OWNER)
    assert arrive(token) == (404, "")
    first, second = (
        guild.ask(OWNER, "POST", "/api/phone", json={"path": TABLE}).json()["address"]
        for _ in range(2)
    )
    assert arrive(first.split("#")[1]) == (404, ""), "the one before ends"
    assert arrive(second.split("#")[1]) == (200, OWNER)
    monkeypatch.setattr(phones, "HOLDS", timedelta(minutes=-1))
    old = guild.ask(OTHER, "POST", "/api/phone", json={"path": TABLE}).json()["address"]
    assert arrive(old.split("#")[1]) == (404, "")


@pytest.mark.parametrize("path", ["//evil.example/", "/account", "/blocks/a/cut#x", "blocks/a/cut"])
def test_a_link_leads_to_tables_alone(web: TestClient, path: str) -> None:
    assert web.post("/api/phone", json={"path": path}).status_code == 422
