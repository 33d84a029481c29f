"""Recipes, steps and the size finder over the wire."""

from __future__ import annotations

import pytest
from fastapi.testclient import TestClient

from yonk.files.block_file import write_block
from yonk.machine.samples import all_samples

SAMPLES = {draft.name: write_block(draft) for draft in all_samples()}


def recipes(web: TestClient, name: str) -> dict:  # type: ignore[type-arg]
    answer = web.post("/api/recipes", json={"document": SAMPLES[name]})
    assert answer.status_code == 200
    return answer.json()


@pytest.mark.parametrize("name", SAMPLES)
def test_every_card_says_the_same_as_the_draft(web: TestClient, name: str) -> None:
    found = recipes(web, name)
    drawn = web.post("/api/draft", json={"document": SAMPLES[name]}).json()
    ways = {unit["label"]: unit["way"] for unit in drawn["units"]}
    assert {card["label"]: card["ways"][0]["name"] for card in found["cards"]} == ways
    makes: dict[str, int] = {}
    for unit in drawn["units"]:
        makes[unit["label"]] = makes.get(unit["label"], 0) + unit["makes"]
    for card in found["cards"]:
        assert [way["taken"] for way in card["ways"]] == [True] + [False] * (len(card["ways"]) - 1)
        assert sum(way["proposed"] for way in card["ways"]) == 1
        if not card["mate"]:
            assert card["ways"][0]["makes"] == makes[card["label"]]


@pytest.mark.parametrize(
    "name",
    ["Gale Lantern", "Heron Reach", "Hut Window", "Bracken Rails", "Stile", "Weir Gate", "Peg"],
)
def test_every_way_has_steps_that_begin_with_cutting(web: TestClient, name: str) -> None:
    for card in recipes(web, name)["cards"]:
        for way in card["ways"]:
            asked = {"document": SAMPLES[name], "label": card["label"], "way": way["name"]}
            shares = web.post("/api/recipes/steps", json=asked).json()["shares"]
            assert len(shares) == len(way["name"].split("+"))
            for share in shares:
                assert share["lot"]
                assert not share["steps"] or share["steps"][0]["act"] == "cut"
                assert all(step["caution"] and step["pictures"] for step in share["steps"])


def test_the_working_runs_from_finished_to_ruler(web: TestClient) -> None:
    (card, *_) = recipes(web, "Weir Gate")["cards"]
    two = next(way for way in card["ways"] if way["name"] == "two-at-a-time")
    for line in two["lines"]:
        assert line["working"][0].startswith("3″ finished")
        assert line["working"][-1] == "up, to 4″, on a ruler of 1⁄8″ steps"
        assert line["exact"] == "≈ 3.979″"
    eight = card["ways"][0]
    assert eight["wide"].startswith("8″ is wider than your 6 1⁄2″ ruler")


def test_a_split_way_can_be_asked_for_and_an_unknown_one_is_refused(web: TestClient) -> None:
    asked = {"document": SAMPLES["Weir Gate"], "label": "1", "way": "eight-at-a-time+two-at-a-time"}
    assert web.post("/api/recipes/steps", json=asked).status_code == 200
    for change, place in (({"way": "by-magic"}, "way"), ({"label": "99"}, "label")):
        refused = web.post("/api/recipes/steps", json=asked | change)
        assert refused.status_code == 422
        assert refused.json()["faults"][0]["place"] == place


def test_schools_are_kept_in_the_block_and_said_in_the_steps(web: TestClient) -> None:
    acts = [
        {
            "do": "making",
            "settings": {
                "stitch": "two-lines",
                "press": "open",
                "care": "cloth",
                "usable": "42",
                "ruler_width": "8 1/2",
            },
        }
    ]
    changed = web.post("/api/draft", json={"document": SAMPLES["Weir Gate"], "acts": acts}).json()
    making = changed["document"]["making"]
    assert (making["stitch"], making["press"], making["care"]) == ("two-lines", "open", "cloth")
    assert (making["width_of_fabric"], making["ruler"]["width"]) == ("42", "17/2")
    again = web.post("/api/draft", json={"document": changed["document"]}).json()
    assert again["document"] == changed["document"]
    asked = {"document": changed["document"], "label": "1", "way": "two-at-a-time"}
    words = [
        step["words"]
        for step in web.post("/api/recipes/steps", json=asked).json()["shares"][0]["steps"]
    ]
    assert any("sew on them" in text for text in words) and any(
        "press it open" in text for text in words
    )
    for field, value in (("usable", "0"), ("ruler_width", "wide"), ("stitch", "crosswise")):
        bad = {
            "document": SAMPLES["Weir Gate"],
            "acts": [{"do": "making", "settings": {field: value}}],
        }
        assert web.post("/api/draft", json=bad).status_code == 422


@pytest.mark.parametrize(
    ("method", "choice", "place"),
    [
        (
            "methods",
            {"half-square-triangle": "eight-at-a-time+by-magic"},
            "making.methods.half-square-triangle",
        ),
        ("press", "sideways", "making.press"),
        ("ruler", {"width": "0", "length": "24"}, "making.ruler.width"),
    ],
)
def test_bad_settings_in_a_file_are_named(
    web: TestClient, method: str, choice: object, place: str
) -> None:
    document = SAMPLES["Weir Gate"] | {"making": {method: choice}}
    refused = web.post("/api/recipes", json={"document": document})
    assert refused.status_code == 422 and refused.json()["faults"][0]["place"] == place


def test_the_finder_answers_and_names_the_field_that_is_wrong(web: TestClient) -> None:
    found = web.post("/api/finder/on-hand", json={"width": "5", "count": 42, "fabrics": 6}).json()
    assert found[0] | {"picture": []} == {
        "kind": "half-square-triangle",
        "kind_words": "half-square triangle",
        "method": "two-at-a-time",
        "method_words": "two at a time",
        "picture": [],
        "width": 4.0,
        "height": 4.0,
        "finished": "4″",
        "makes": 42,
        "pieces": 42,
        "cut": "use each 5″ piece as it is",
        "trim": "1⁄8″ to trim",
    }
    for change, place in (
        ({"width": "five"}, "width"),
        ({"height": "0"}, "height"),
        ({"fabrics": 50}, "fabrics"),
        ({"settings": {"seam": "thick"}}, "seam"),
        ({"width": "5000"}, "width"),
    ):
        refused = web.post(
            "/api/finder/on-hand", json={"width": "5", "count": 42, "fabrics": 6} | change
        )
        assert refused.status_code == 422 and refused.json()["faults"][0]["place"] == place


def test_a_number_told_is_judged(web: TestClient) -> None:
    asked = {"kind": "half-square-triangle", "method": "two-at-a-time", "width": "3"}
    bad = web.post("/api/finder/check", json=asked | {"given": {"0": "3 3/4"}}).json()
    assert not bad["right"] and bad["verdict"].startswith("Too small: it comes out 3.396″")
    good = web.post("/api/finder/check", json=asked | {"given": {"0": "3 7/8"}}).json()
    assert good["right"] and good["pieces"][0]["right"] == "4″" and good["pieces"][0]["working"]
    tall = {"kind": "half-rectangle-triangle", "method": "cut-and-sew", "width": "6", "height": "4"}
    assert web.post("/api/finder/check", json=tall | {"given": {"0": "7 1/2 x 5"}}).json()["right"]
    for told, place in (
        ({"0": "thin"}, "given.0"),
        ({"7": "4"}, "given.7"),
        ({"0": "4 x 4 x 4"}, "given.0"),
    ):
        refused = web.post("/api/finder/check", json=asked | {"given": told})
        assert refused.status_code == 422 and refused.json()["faults"][0]["place"] == place


def test_a_chart_on_screen_and_as_csv(web: TestClient) -> None:
    asked = {
        "kind": "half-square-triangle",
        "method": "two-at-a-time",
        "start": "1",
        "end": "3",
        "step": "1/2",
    }
    found = web.post("/api/finder/chart", json=asked).json()
    assert [row["cuts"] for row in found["rows"]] == [
        ["2″"],
        ["2 1⁄2″"],
        ["3″"],
        ["3 1⁄2″"],
        ["4″"],
    ]
    text = web.post("/api/finder/chart.csv", json=asked).text
    assert text.startswith("\ufeff") and "3″,3 1/2″,4″" in text
    metric = asked | {"settings": {"unit": "cm"}, "start": "5", "end": "6", "step": "1"}
    assert web.post("/api/finder/chart", json=metric).json()["rows"][0]["cuts"] == ["8 cm"]
    kinds = web.get("/api/finder/kinds").json()
    assert {"patch", "pieced"}.isdisjoint(kind["kind"] for kind in kinds) and len(kinds) == 9
