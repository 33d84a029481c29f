"""Quilts over the wire: acts, saving beside blocks, what their page shows; on a real MariaDB."""

from __future__ import annotations

from typing import Any

import pytest
from fastapi.testclient import TestClient

from tests.api.test_sewing_api import SAMPLES, WEIR_GATE, saved

Json = dict[str, Any]


def quilt(web: TestClient, *blocks: str, name: str = "Hut throw") -> Json:
    asked = {"name": name, "blocks": [saved(web, SAMPLES[one]) for one in blocks]}
    answer = web.post("/api/quilts", json=asked)
    assert answer.status_code == 201, answer.text
    found: Json = answer.json()
    return found


def worked(web: TestClient, document: Json, *acts: Json) -> Json:
    answer = web.post("/api/quilt", json={"document": document, "acts": list(acts)})
    assert answer.status_code == 200, answer.text
    found: Json = answer.json()
    return found


def refused(web: TestClient, document: Json, act: Json) -> str:
    answer = web.post("/api/quilt", json={"document": document, "acts": [act]})
    assert answer.status_code == 422, answer.text
    return str(answer.json()["faults"][0]["place"])


def purposes(found: Json) -> dict[str, list[tuple[int, str]]]:
    lines: dict[str, list[tuple[int, str]]] = {}
    for cloth in found["cloths"]:
        for line in cloth["lines"]:
            lines.setdefault(line["purpose"], []).append((line["count"], line["size"]))
    return lines


def test_a_quilt_is_begun_worked_on_and_saved(web: TestClient) -> None:
    begun = quilt(web, "Weir Gate")
    found = worked(web, begun["document"])
    assert (found["sheet"]["finished"], found["sheet"]["blocks"]) == ("27″ × 36″", 12)
    found = worked(
        web,
        begun["document"],
        {
            "do": "sashing",
            "fabric": "slate",
            "width": "1 1/2",
            "cornerstones": "fog",
            "outer": True,
        },
        {"do": "add-border", "fabric": "slate"},
        {"do": "backing", "fabric": "peat"},
        {"do": "binding", "fabric": "fog"},
        {"do": "rename", "name": " Hut  throw "},
    )
    assert found["sheet"]["finished"] == "41″ × 51 1⁄2″"
    lines = purposes(found)
    assert lines["sashing"] == [(31, "9 1⁄2″ × 2″")] and lines["cornerstones"] == [(20, "2″")]
    # as they are cut: 32 + 12 ½ less a seam are 44, 25 ½ + 16 ½ less a seam 41 ½
    assert sorted(lines["border 1, to be joined"]) == [
        (2, "12 1⁄2″ × 4 1⁄2″"),
        (2, "16 1⁄2″ × 4 1⁄2″"),
        (2, "25 1⁄2″ × 4 1⁄2″"),
        (2, "32″ × 4 1⁄2″"),
    ]
    assert lines["binding"] == [(5, "40″ × 2 1⁄2″")]
    told = {"document": found["document"], "revision": 1, "save_key": "a-save-key"}
    here = f"/api/quilts/{begun['id']}"
    assert web.put(here, json=told).json()["revision"] == 2
    assert web.put(here, json=told).json()["revision"] == 2, "the same save"
    other = web.put(here, json=told | {"save_key": "another-key"})
    assert other.status_code == 409 and other.json()["theirs"]["revision"] == 2
    assert web.get(here).json()["document"] == found["document"]
    card = next(one for one in web.get("/api/quilts").json()["quilts"] if one["id"] == begun["id"])
    assert (card["finished"], card["blocks"]) == ("41″ × 51 1⁄2″", 12)


def test_quilts_and_blocks_do_not_stand_on_each_others_shelf(web: TestClient) -> None:
    begun = quilt(web, "Stile", name="Only here")
    assert not web.get("/api/blocks?search=Only+here").json()["blocks"]
    assert web.get(f"/api/blocks/{begun['id']}").status_code == 404
    origin = begun["document"]["blocks"][0]["origin"]
    assert web.get(f"/api/quilts/{origin}").status_code == 404
    found = web.get(f"/api/quilts?origin={origin}").json()["quilts"]
    assert [one["id"] for one in found] == [begun["id"]]
    document = web.get(f"/api/blocks/{origin}").json()["document"]
    wrong = web.put(f"/api/blocks/{begun['id']}", json={"document": document, "revision": 1})
    assert wrong.status_code == 404
    assert web.delete(f"/api/quilts/{origin}").status_code == 404
    assert web.delete(f"/api/quilts/{begun['id']}").status_code == 204
    assert web.get(f"/api/quilts/{begun['id']}").status_code == 410
    assert web.post(f"/api/quilts/{begun['id']}/restore").status_code == 200


def test_turning_swapping_and_patterns(web: TestClient) -> None:
    document = quilt(web, "Weir Gate", "Scree")["document"]
    assert document["setting"]["module"] == "12", "blocks of two sizes are framed to the larger"

    def places(*acts: Json) -> dict[tuple[int, int], tuple[str, int, bool]]:
        uses = worked(web, document, *acts)["picture"]["uses"]
        return {(u["row"], u["column"]): (u["block"], u["angle"], u["mirrored"]) for u in uses}

    before = places()
    swapped = places({"do": "swap", "at": [0, 0], "other": [0, 1]})
    assert (swapped[0, 0][0], swapped[0, 1][0]) == (before[0, 1][0], before[0, 0][0])
    turned = {"do": "turn", "at": [1, 1], "by": 1}
    assert places(turned)[1, 1][1] == 90 and places(*[turned] * 4) == before
    mirror = {"do": "turn", "at": [1, 1], "mirror": True}
    assert places(mirror)[1, 1][2] and places(mirror, mirror) == before
    assert places(turned, mirror, mirror) == places(turned)
    round_ = places({"do": "turn-all", "turning": "quarter-turns"})
    assert [round_[at][1] for at in ((0, 0), (0, 1), (1, 1), (1, 0))] == [0, 90, 180, 270]
    mirrored = places({"do": "turn-all", "turning": "mirrored"})
    assert [mirrored[at][1:] for at in ((0, 0), (0, 2), (3, 0), (3, 2))] == [
        (0, False), (0, True), (180, True), (180, False)
    ]  # fmt: skip
    assert places({"do": "turn-all", "turning": "alike"}) == before
    everywhere = places({"do": "lay", "block": "scree"})
    assert {one[0] for one in everywhere.values()} == {"scree"}


def test_neighbours_that_vanish_are_named_by_place(web: TestClient) -> None:
    document = quilt(web, "Weir Gate")["document"]
    found = worked(web, document)["vanishing"]
    # fog meets fog in the middle third, peat meets peat in both corners
    assert sum(len(one["pairs"]) for one in found) == 4 * 2 + 3 * 3
    (alike,) = found  # pairs of the same blocks are told once
    assert alike["words"] == (
        "Weir Gate beside itself: 17 pairs nearly vanish into each other along 100 % of their "
        "edge, the first row 1, place 1 and row 1, place 2."
    )
    sashed = worked(web, document, {"do": "sashing", "fabric": "slate"})
    assert sashed["vanishing"] == []


def test_on_point_begins_with_an_edge(web: TestClient) -> None:
    document = quilt(web, "Hut Window")["document"]
    point = {"do": "places", "kind": "on-point", "columns": 3, "rows": 4}
    found = worked(web, document, point)
    assert found["sheet"]["blocks"] == 18 and not found["notices"]
    assert purposes(found)["side triangles"] == [(3, "12 5⁄8″")]
    assert {use["angle"] for use in found["picture"]["uses"]} == {45}
    for use in found["picture"]["uses"]:
        assert 0 < use["x"] < found["picture"]["width"]
    few = worked(web, found["document"], {"do": "places", "columns": 1, "rows": 1})
    assert len(few["picture"]["uses"]) == 1


@pytest.mark.parametrize(
    ("act", "place"),
    [
        ({"do": "rename", "name": " "}, "name"),
        ({"do": "places", "columns": 0}, "columns"),
        ({"do": "lay", "block": "nine"}, "block"),
        ({"do": "turn", "at": [9, 9]}, "at"),
        ({"do": "sashing", "fabric": "slate", "width": "wide"}, "width"),
        ({"do": "sashing", "fabric": "nothing"}, "fabric"),
        ({"do": "edge", "fabric": "fog", "floats": "-1"}, "floats"),
        ({"do": "alternate", "fabric": "nothing"}, "fabric"),
        ({"do": "module", "module": "4", "fabric": "fog"}, "blocks.weir-gate"),
        ({"do": "border", "number": 3, "width": "2", "fabric": "fog"}, "number"),
        ({"do": "backing", "fabric": "nothing"}, "fabric"),
        ({"do": "binding", "fabric": "fog", "width": "90"}, "width"),
        ({"do": "making", "settings": {"seam": "9"}}, "seam"),
        ({"do": "fly"}, "acts.0"),
    ],
)
def test_what_cannot_be_is_told_by_place(web: TestClient, act: Json, place: str) -> None:
    assert refused(web, quilt(web, "Weir Gate")["document"], act) == place


def test_a_quilt_needs_blocks_that_go_together(web: TestClient) -> None:
    none = web.post("/api/quilts", json={"blocks": []})
    assert none.status_code == 422 and none.json()["faults"][0]["place"] == "blocks"
    both = [saved(web, WEIR_GATE), saved(web, SAMPLES["Bracken Rails"])]
    mixed = web.post("/api/quilts", json={"blocks": both})
    assert "centimetres" in mixed.json()["faults"][0]["message"]
    assert web.post("/api/quilts", json={"blocks": ["nothere"]}).status_code == 404


def test_files_of_a_quilt(web: TestClient) -> None:
    document = quilt(web, "Weir Gate")["document"]
    file = web.post("/api/files/quilt", json={"document": document})
    again = web.post("/api/quilts", json={"document": file.json()})
    assert again.json()["document"] == document
    table = web.post("/api/files/quilt.csv", json={"document": document}).text
    assert "Gorse,12,square,3 1/2,3 1/2,in," in table


def test_a_size_is_wanted_and_taken(web: TestClient) -> None:
    document = quilt(web, "Weir Gate")["document"]
    asked = {"document": document, "width": "60", "height": "80"}
    first = web.post("/api/quilt/sizes", json=asked).json()[0]
    assert (first["size"], first["off"]) == ("60″ × 80″", "just so")
    assert first["words"] == "5 × 7, 35 blocks, sashing 1″, border 4 1⁄2″"
    act = {name: first[name] for name in ("columns", "rows", "sashing", "border")}
    found = worked(web, document, {"do": "take-size"} | act)
    assert found["sheet"]["finished"] == "60″ × 80″"
    wrong = web.post("/api/quilt/sizes", json=asked | {"width": "a bed"})
    assert wrong.json()["faults"][0]["place"] == "width"


def test_blocks_are_taken_in_and_taken_anew(web: TestClient) -> None:
    document = quilt(web, "Weir Gate")["document"]
    gate, scree = document["blocks"][0]["origin"], saved(web, SAMPLES["Scree"])
    found = worked(web, document, {"do": "add-block", "origin": scree})
    assert [one["key"] for one in found["blocks"]] == ["weir-gate", "scree"]
    again = worked(web, found["document"], {"do": "add-block", "origin": scree})
    assert again["blocks"][2]["key"] == "scree-2"

    def changed() -> list[str]:
        asked = {"blocks": [[gate, 1], [scree, 1]]}
        return [one["words"] for one in web.post("/api/quilt/origins", json=asked).json()]

    assert changed() == []
    wider = WEIR_GATE | {"finished": {"width": "12", "height": "12"}, "name": "Wide Gate"}
    web.put(f"/api/blocks/{gate}", json={"document": wider, "revision": 1})
    assert changed() == ["Wide Gate was changed on the shelf since it was taken."]
    anew = worked(web, document, {"do": "take-anew", "origin": gate})
    assert (anew["sheet"]["finished"], anew["blocks"][0]["revision"]) == ("36″ × 48″", 2)
    web.delete(f"/api/blocks/{gate}")
    assert "not on the shelf any more" in changed()[0]
    gone = web.post(
        "/api/quilt", json={"document": document, "acts": [{"do": "take-anew", "origin": gate}]}
    )
    assert gone.status_code == 410
    rails = saved(web, SAMPLES["Bracken Rails"])
    assert refused(web, document, {"do": "add-block", "origin": rails}) == "block"
