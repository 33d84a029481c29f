"""In which language answers are: what the browser asks for, and what a person chose once."""

from __future__ import annotations

from datetime import datetime
from fractions import Fraction as F
from typing import Any

import pytest
from fastapi.testclient import TestClient

from tests.api.guild import PASSWORD, GuildOf
from tests.api.test_api import WEIR_GATE
from yonk.api import work
from yonk.api.card import card_row, card_text
from yonk.api.guild.schemas import WhoOut
from yonk.api.language import LANGUAGE_COOKIE
from yonk.core.paper import ROOT_2, show_size
from yonk.store.blocks import Card
from yonk.words import speaking

BAD = {"document": WEIR_GATE | {"unit": "yd"}}


def asked(web: TestClient, language: str, path: str, document: dict[str, Any]) -> Any:
    headers = {"Cookie": f"{LANGUAGE_COOKIE}={language}"}
    return web.post(path, json={"document": document}, headers=headers)


def working(web: TestClient, language: str) -> list[str]:
    answer = asked(web, language, "/api/draft", WEIR_GATE).json()
    return [line for one in answer["cutting"] for cut in one["cuts"] for line in cut["working"]]


def test_answers_speak_the_language_that_is_asked_for(web: TestClient) -> None:
    english, german = working(web, "en"), working(web, "de")
    assert any("finished" in line for line in english)
    assert any("fertig" in line for line in german)
    assert not any("finished" in line for line in german)
    assert working(web, "tlh") == working(web, "en") == english


def test_the_numbers_are_the_same_in_every_language(web: TestClient) -> None:
    sizes = [
        [cut["size"] for one in answer["cutting"] for cut in one["cuts"]]
        for answer in (
            asked(web, language, "/api/draft", WEIR_GATE).json() for language in ("en", "de")
        )
    ]
    assert sizes[0] == sizes[1]


def test_centimetres_have_the_mark_of_the_language(web: TestClient) -> None:
    metric = WEIR_GATE | {"unit": "cm", "finished": {"width": "30.5", "height": "30.5"}}
    shown = {
        language: asked(web, language, "/api/draft", metric).json()["sheet"]["finished"]
        for language in ("en", "de")
    }
    assert "30.5" in shown["en"] and "30,5" in shown["de"]
    made = web.post("/api/blocks", json={"document": metric}).json()
    cards = web.get("/api/blocks", headers={"Cookie": f"{LANGUAGE_COOKIE}=de"}).json()["blocks"]
    assert [card["finished"] for card in cards if card["id"] == made["id"]] == [shown["de"]]


def test_the_size_on_a_card_is_told_to_who_looks_not_to_who_saved() -> None:
    """Also one of a quilt on point, that no ruler has."""
    with speaking("de"):
        text = card_text(WhoOut(here="alone"), show_size(F(4), 3 * ROOT_2, "in"))
        card = Card("1", "Eiche", 1, datetime(2026, 5, 1), text)
        assert card_row(card)["finished"] == "etwa 4″ × 4 1⁄4″ (4 × 4,243)"
    shown = card_row(card)
    assert shown["finished"] == "about 4″ × 4 1⁄4″ (4 × 4.243)" and "size" not in shown


def test_a_fault_and_its_place_are_told_in_it(web: TestClient) -> None:
    told = web.post(
        "/api/draft",
        json={"document": WEIR_GATE, "acts": [{"do": "resize", "width": "", "height": ""}]},
        headers={"Cookie": f"{LANGUAGE_COOKIE}=de"},
    ).json()
    assert told["faults"][0]["message"].startswith("ist leer")


def test_work_in_a_process_of_its_own_speaks_it_too(
    web: TestClient, monkeypatch: pytest.MonkeyPatch
) -> None:
    monkeypatch.setattr(work, "_is_light", lambda document: False)
    assert any("fertig" in line for line in working(web, "de"))


def test_what_is_chosen_is_kept_and_asked_for_from_then_on(web: TestClient) -> None:
    told = web.get("/api/languages").json()
    assert told["spoken"] == "en"
    assert [one["code"] for one in told["choices"]] == ["en", "de"]
    chosen = web.put("/api/languages", json={"spoken": "de"})
    assert chosen.status_code == 204 and chosen.cookies[LANGUAGE_COOKIE] == "de"
    web.cookies.clear()  # another browser
    assert web.get("/api/who").cookies[LANGUAGE_COOKIE] == "de"
    assert web.get("/api/languages").json()["spoken"] == "de"
    assert LANGUAGE_COOKIE not in web.get("/api/who").cookies
    assert web.put("/api/languages", json={"spoken": "tlh"}).status_code == 422
    web.put("/api/languages", json={"spoken": "en"})


def test_a_choice_is_hers_alone(guild: GuildOf) -> None:
    assert guild.ask("Ismay", "PUT", "/api/languages", json={"spoken": "de"}).status_code == 204
    assert guild.ask("Ismay", "GET", "/api/who").cookies[LANGUAGE_COOKIE] == "de"
    assert LANGUAGE_COOKIE not in guild.ask("Rhona", "GET", "/api/who").cookies
    assert LANGUAGE_COOKIE not in guild.ask(None, "GET", "/api/who").cookies
    signed = guild.ask(None, "POST", "/api/sign-in", json={"name": "Ismay", "password": PASSWORD})
    assert signed.status_code == 200
    assert guild.web.get("/api/who").cookies[LANGUAGE_COOKIE] == "de"
