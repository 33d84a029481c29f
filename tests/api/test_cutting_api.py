"""The cutting, the fabric shelf and shopping on a real MariaDB."""

from __future__ import annotations

import json

import pypdfium2
import pytest
from fastapi.testclient import TestClient
from sqlalchemy import Engine

from tests.api.test_sewing_api import Json, tell
from yonk.files.block_file import write_block
from yonk.machine.samples import all_samples
from yonk.machine.serve import lay_out_samples

SAMPLES = {draft.name: write_block(draft) for draft in all_samples()}
WEIR_GATE = SAMPLES["Weir Gate"]
FAT_QUARTER = {"width": "20 1/2", "length": "17 1/2", "count": 2}
FOG = {"name": "Fog", "colour": "#e7e6df", "value": "light", "pieces": [FAT_QUARTER]}


def cut(web: TestClient, document: dict, stage: str = "all", **more: object) -> dict:  # type: ignore[type-arg]
    answer = web.post("/api/cut", json={"document": document, "stage": stage} | more)
    assert answer.status_code == 200, answer.text
    return answer.json()


def tied(document: dict, key: str, shelf: str) -> dict:  # type: ignore[type-arg]
    fabrics = [
        fabric | ({"shelf": shelf} if fabric["key"] == key else {})
        for fabric in document["fabrics"]
    ]
    return document | {"fabrics": fabrics}


@pytest.mark.parametrize("name", SAMPLES)
@pytest.mark.parametrize("stage", ["trial", "rest", "all"])
def test_every_piece_of_every_line_lies_on_some_cloth_and_none_on_another(
    web: TestClient, name: str, stage: str
) -> None:
    for fabric in cut(web, SAMPLES[name], stage)["fabrics"]:
        laid: dict[int, int] = {}
        for layout in fabric["layouts"]:
            for number, one in enumerate(layout["laid"]):
                laid[one["line"]] = laid.get(one["line"], 0) + 1
                assert one["x"] >= 0 and one["x"] + one["width"] <= layout["width"] + 1e-9
                assert one["y"] >= 0 and one["y"] + one["height"] <= layout["length"] + 1e-9
                for other in layout["laid"][:number]:
                    apart = (
                        one["x"] >= other["x"] + other["width"] - 1e-9
                        or other["x"] >= one["x"] + one["width"] - 1e-9
                        or one["y"] >= other["y"] + other["height"] - 1e-9
                        or other["y"] >= one["y"] + one["height"] - 1e-9
                    )
                    assert apart
        for line in fabric["lines"]:
            assert (
                laid[line["number"]] >= line["count"]
                if line["shape"] == "strip"
                else laid[line["number"]] == line["count"]
            )
        heights = [
            strip["height"]
            for layout in fabric["layouts"]
            if layout["bought"]
            for strip in layout["strips"]
        ]
        assert heights == sorted(heights, reverse=True)


def test_trial_and_rest_are_all_the_patches_and_no_unit_twice(web: TestClient) -> None:
    trial, rest = (cut(web, WEIR_GATE, stage) for stage in ("trial", "rest"))
    counts: dict[tuple[str, str], int] = {}
    for stage in (trial, rest):
        for fabric in stage["fabrics"]:
            for line in fabric["lines"]:
                name = fabric["key"], line["size"]
                counts[name] = counts.get(name, 0) + line["count"]
    # 4 half-square triangles from 2 pairs of 4″ for the trial; 44 more: five pairs of 8″ give 40,
    # two of 4″ the rest
    assert counts["peat", "8″"] == 5 and counts["peat", "4″"] == 4
    assert counts["gorse", "3 1⁄2″"] == 12 and counts["fog", "3 1⁄2″"] == 48


def test_how_much_to_buy_and_the_least_it_could_be(web: TestClient) -> None:
    fabrics = {fabric["key"]: fabric for fabric in cut(web, WEIR_GATE)["fabrics"]}
    # peat: six squares of 8″, five across 40″: two strips of 8″, 16″ and 1″ to straighten, up to
    # the next 4 1/2″
    assert (fabrics["peat"]["needed"], fabrics["peat"]["least"], fabrics["peat"]["buy"]) == (
        "16″",
        "16″",
        "1⁄2 yd",
    )
    assert fabrics["peat"]["layouts"][0]["strips"][0]["words"] == "8″ strip: 5 of 8″"
    wide = WEIR_GATE | {
        "making": WEIR_GATE["making"]
        | {"width_of_fabric": "48", "shrinkage": "5", "straightening": "0"}
    }
    peat = next(fabric for fabric in cut(web, wide)["fabrics"] if fabric["key"] == "peat")
    assert (peat["needed"], peat["buy"]) == ("8″", "1⁄4 yd")  # 8 / 0.95 = 8.42, up to 9


def test_ticks_are_kept_and_a_change_shows_what_is_good_and_what_is_not(web: TestClient) -> None:
    block = web.post("/api/blocks", json={"document": WEIR_GATE}).json()
    first = cut(web, WEIR_GATE, block_id=block["id"])
    peat = next(fabric for fabric in first["fabrics"] if fabric["key"] == "peat")
    (line,) = peat["lines"]
    assert not line["ticked"]
    tell(web, block["id"], *line["on"])
    again = cut(web, WEIR_GATE, block_id=block["id"])
    peat = next(fabric for fabric in again["fabrics"] if fabric["key"] == "peat")
    assert peat["lines"][0]["ticked"] and peat["done"] and again["changed"] == []
    fewer = WEIR_GATE | {"making": WEIR_GATE["making"] | {"blocks": 10}}
    changed = cut(web, fewer, block_id=block["id"])["changed"]
    assert [one["words"] for one in changed] == [
        "1 Peat square 8″ is cut, but not needed any more; 5 are still good."
    ]
    larger = WEIR_GATE | {"finished": {"width": "12", "height": "12"}}
    useless = cut(web, larger, block_id=block["id"])["changed"]
    assert useless[0]["words"].startswith("6 Peat squares 8″ are cut, but not needed any more")
    more = WEIR_GATE | {"making": WEIR_GATE["making"] | {"blocks": 16}}
    still = cut(web, more, block_id=block["id"])
    assert still["changed"] == [], "the line itself tells how many are there"
    (line,) = next(fabric for fabric in still["fabrics"] if fabric["key"] == "peat")["lines"]
    assert (line["done"], line["there"], line["wanted"]) == ("6 Peat squares 8″", 6, 8)


def test_a_fabric_s_key_may_hold_any_sign_and_a_second_cutting_is_booked_for_what_is_new(
    web: TestClient,
) -> None:
    kept = web.post(
        "/api/fabrics", json=FOG | {"pieces": [{"width": "40", "length": "36", "count": 2}]}
    ).json()
    text = json.dumps(tied(WEIR_GATE, "peat", kept["id"])).replace('"peat"', '"pe|at \\"1"')
    document = json.loads(text)
    block = web.post("/api/blocks", json={"document": document}).json()
    asked = {"document": document, "block_id": block["id"], "stage": "all", "fabric": 'pe|at "1'}
    line = next(
        one
        for one in cut(web, document, block_id=block["id"])["fabrics"]
        if one["key"] == 'pe|at "1'
    )["lines"][0]
    tell(web, block["id"], *line["on"])
    found = next(
        one
        for one in cut(web, document, block_id=block["id"])["fabrics"]
        if one["key"] == 'pe|at "1'
    )
    assert found["done"] and not found["put_back"]
    first = web.post("/api/cut/done", json=asked).json()
    assert [piece["count"] for piece in first["pieces"] if piece["length"] == "36"] == [1]
    more = document | {"making": document["making"] | {"blocks": 100}}
    later = next(
        one for one in cut(web, more, block_id=block["id"])["fabrics"] if one["key"] == 'pe|at "1'
    )
    assert not later["put_back"] and later["lines"][0]["done"] == "6 Peat squares 8″"
    second = web.post("/api/cut/done", json=asked | {"document": more}).json()
    assert not [
        piece for piece in second["pieces"] if piece["length"] == "36" and piece["width"] == "40"
    ]
    assert web.post("/api/cut/done", json=asked | {"document": more}).status_code == 422


def test_ticking_the_trial_counts_for_all(web: TestClient) -> None:
    block = web.post("/api/blocks", json={"document": WEIR_GATE}).json()
    trial = cut(web, WEIR_GATE, "trial", block_id=block["id"])
    done = [mark for fabric in trial["fabrics"] for line in fabric["lines"] for mark in line["on"]]
    tell(web, block["id"], *done)
    assert all(
        fabric["done"] for fabric in cut(web, WEIR_GATE, "trial", block_id=block["id"])["fabrics"]
    )
    rest = cut(web, WEIR_GATE, "rest", block_id=block["id"])
    assert not any(line["ticked"] for fabric in rest["fabrics"] for line in fabric["lines"])
    gorse = next(fabric for fabric in rest["fabrics"] if fabric["key"] == "gorse")["lines"][0]
    assert (gorse["count"], gorse["done"], gorse["on"][0]["amount"], gorse["off"]) == (
        11,
        "",
        11,
        [],
    )
    whole = cut(web, WEIR_GATE, block_id=block["id"])["fabrics"]
    line = next(fabric for fabric in whole if fabric["key"] == "gorse")["lines"][0]
    assert (line["count"], line["done"]) == (12, "1 Gorse square 3 1⁄2″")
    tell(web, block["id"], *line["on"])
    whole = cut(web, WEIR_GATE, block_id=block["id"])["fabrics"]
    line = next(fabric for fabric in whole if fabric["key"] == "gorse")["lines"][0]
    assert line["ticked"]
    tell(web, block["id"], *line["off"])
    tell(web, block["id"], *line["off"])
    whole = cut(web, WEIR_GATE, block_id=block["id"])["fabrics"]
    line = next(fabric for fabric in whole if fabric["key"] == "gorse")["lines"][0]
    assert line["there"] == 0, "unticked twice it is unticked"


def limited(web: TestClient, block: str, *pieces: tuple[str, str, int]) -> Json:
    """Fog, of which there are only these pieces."""
    cloth = [
        {
            "kind": "cloth",
            "thing": json.dumps({"fabric": "fog", "width": width, "height": height}),
            "amount": count,
            "to": True,
        }
        for width, height, count in pieces
    ]
    only = {"kind": "only", "thing": "fog", "amount": 1, "to": True}
    assert tell(web, block, only, *cloth).status_code == 204
    fabrics = cut(web, WEIR_GATE, block_id=block)["fabrics"]
    return next(one for one in fabrics if one["key"] == "fog")


def test_of_cloth_that_there_is_no_more_of_what_is_missing_is_told_with_ways_out(
    web: TestClient,
) -> None:
    block = web.post("/api/blocks", json={"document": WEIR_GATE}).json()["id"]
    asked = {"document": WEIR_GATE, "stage": "all", "block_id": block}
    assert web.post("/api/cut/ways-out", json=asked).json()["enough"]
    fog = limited(web, block, ("40", "21 1/2", 1))
    assert fog["limited"] and fog["buy"] == "nothing"
    assert fog["cloth"] == [
        {"width": "40", "length": "21 1/2", "count": 1, "words": "40″ × 21 1⁄2″"}
    ]
    assert fog["missing"] and [layout["bought"] for layout in fog["layouts"]] == [False]
    found = web.post("/api/cut/ways-out", json=asked).json()
    assert not found["enough"] and found["before"]["missing"] > 0
    ways = {one["do"]: one for one in found["ways"]}
    assert {"buy", "fewer-blocks"} <= ways.keys()
    assert all(one["after"]["missing"] == 0 for one in found["ways"])
    assert "shorter" in ways["fewer-blocks"]["takes"] and ways["buy"]["takes"] == ""
    fewer = ways["fewer-blocks"]["document"]
    assert fewer["making"]["blocks"] == ways["fewer-blocks"]["after"]["blocks"] < 12
    assert cut(web, fewer, block_id=block)["fabrics"][0]["missing"] == []
    tell(web, block, *ways["buy"]["changes"])
    fog = next(one for one in cut(web, WEIR_GATE, block_id=block)["fabrics"] if one["key"] == "fog")
    assert fog["missing"] == [] and len(fog["cloth"]) == 2
    assert web.post("/api/cut/ways-out", json=asked).json()["enough"]


def test_a_fabric_of_the_shelf_comes_along_with_what_lies_there(web: TestClient) -> None:
    block = web.post("/api/blocks", json={"document": WEIR_GATE}).json()["id"]
    wool = FOG | {"name": "Wool", "pieces": [{"width": "40", "length": "36", "count": 1}]}
    kept = web.post("/api/fabrics", json=wool).json()
    limited(web, block, ("40", "21 1/2", 1))
    asked = {"document": WEIR_GATE, "stage": "all", "block_id": block}
    ways = web.post("/api/cut/ways-out", json=asked).json()["ways"]
    way = next(one for one in ways if one["do"] == "other-fabric" and one["document"]["colourings"])
    new = next(one for one in way["document"]["fabrics"] if one.get("shelf") == kept["id"])
    assert new["name"] == "Wool" and way["shown"]
    assert way["changes"] == [], "it is one step of the draft, undone by one"
    fabrics = cut(web, way["document"], block_id=block)["fabrics"]
    assert not any(one["missing"] for one in fabrics)
    assert next(one for one in fabrics if one["key"] == new["key"])["buy"] == "nothing"
    assert web.delete(f"/api/fabrics/{kept['id']}").status_code == 204


def test_a_square_that_went_wrong_still_gives_what_fits_on_it(web: TestClient) -> None:
    block = web.post("/api/blocks", json={"document": WEIR_GATE}).json()["id"]
    fog = next(one for one in cut(web, WEIR_GATE, block_id=block)["fabrics"] if one["key"] == "fog")
    assert json.loads(fog["lines"][0]["piece"]) == {"fabric": "fog", "width": "8", "height": "8"}
    spoiled = json.dumps({"fabric": "fog", "width": "7 1/2", "height": "7 1/2"})
    tell(web, block, {"kind": "spoiled", "thing": spoiled, "amount": 1})
    fog = next(one for one in cut(web, WEIR_GATE, block_id=block)["fabrics"] if one["key"] == "fog")
    (recut,) = fog["recut"]
    assert recut["words"] == "4 Fog squares 3 1⁄2″ from a piece 7 1⁄2″"
    tell(web, block, *recut["changes"])
    fog = next(one for one in cut(web, WEIR_GATE, block_id=block)["fabrics"] if one["key"] == "fog")
    assert fog["recut"] == [], "it lies there no more"
    assert [line["there"] for line in fog["lines"]] == [0, 4]


@pytest.mark.parametrize("stage", ["trial", "rest", "all"])
def test_each_stage_shows_its_own_of_the_cloth_that_there_is(web: TestClient, stage: str) -> None:
    """One layout for the trial and the rest together, each with its pieces of it."""
    block = web.post("/api/blocks", json={"document": WEIR_GATE}).json()["id"]
    limited(web, block, ("40", "21 1/2", 1))
    found = cut(web, WEIR_GATE, stage, block_id=block)
    fog = next(one for one in found["fabrics"] if one["key"] == "fog")
    steps = [step for step in found["steps"] if step["fabrics"] == ["fog"]]
    assert fog["missing"] and not any(step["done"] for step in steps)
    assert all(piece["there"] == 0 for step in steps for piece in step["pieces"])
    laid = [piece for layout in fog["layouts"] for piece in layout["laid"]]
    assert len(laid) == sum(piece["count"] for step in steps for piece in step["pieces"])
    assert {piece["line"] for piece in laid} <= {line["number"] for line in fog["lines"]}
    told = [change for step in steps for change in _all_of(step)]
    tell(web, block, *told)
    after = cut(web, WEIR_GATE, stage, block_id=block)
    fog = next(one for one in after["fabrics"] if one["key"] == "fog")
    assert sum(line["there"] for line in fog["lines"]) == len(laid)


def _all_of(step: Json) -> list[Json]:
    return [
        {"kind": "cut", "thing": piece["thing"], "amount": piece["amount"] - piece["there"]}
        for piece in step["pieces"]
    ]


def test_paper_says_what_the_list_on_the_screen_says(web: TestClient) -> None:
    """Patches that are pieced from two, and cloth of which there is no more."""
    block = web.post("/api/blocks", json={"document": WEIR_GATE}).json()["id"]
    fog = limited(web, block, ("40", "20", 1))
    plain = next(line for line in fog["lines"] if line["size"] == "3 1⁄2″")
    mark = plain["thing"].removeprefix("all ")
    thing = json.dumps({"cut": mark, "longer": "2 1/2", "strip": "1 1/2"})
    tell(web, block, {"kind": "pieced", "thing": thing, "amount": 2})
    lines = next(o for o in cut(web, WEIR_GATE, block_id=block)["fabrics"] if o["key"] == "fog")
    shown = {line["size"]: line["count"] for line in lines["lines"]}
    assert (shown["3 1⁄2″"], shown["3 1⁄2″ × 2 1⁄2″"], shown["3 1⁄2″ × 1 1⁄2″"]) == (46, 2, 2)
    asked = {"document": WEIR_GATE, "stage": "all", "block_id": block}
    listed = web.post("/api/files/cutting.csv", json=asked).text
    assert "Fog,46,square,3 1/2" in listed and "Fog,2,rectangle,3 1/2,1 1/2" in listed
    pdf = web.post("/api/files/cutting.pdf", json=asked)
    text = "".join(
        page.get_textpage().get_text_bounded() for page in pypdfium2.PdfDocument(pdf.content)
    )
    assert "There is only this: 40" in text and "No cloth for" in text


def test_layers_of_one_fabric_are_told_together(web: TestClient) -> None:
    one, two = (
        web.post("/api/cut", json={"document": WEIR_GATE, "layers": layers}).json()["steps"]
        for layers in (1, 2)
    )
    assert len(two) < len(one)
    for step in two:
        things = [piece["thing"] for piece in step["pieces"]]
        assert len(things) == len(set(things))
    counts = [sum(p["count"] for step in steps for p in step["pieces"]) for steps in (one, two)]
    assert counts[0] == counts[1]


def test_the_shelf_is_used_first_and_what_is_short_is_named(web: TestClient) -> None:
    kept = web.post("/api/fabrics", json=FOG).json()
    assert kept["pieces"][0]["words"] == "2 × 20 1⁄2″ × 17 1⁄2″"
    document = tied(WEIR_GATE, "fog", kept["id"])
    plain = next(fabric for fabric in cut(web, WEIR_GATE)["fabrics"] if fabric["key"] == "fog")
    fog = next(fabric for fabric in cut(web, document)["fabrics"] if fabric["key"] == "fog")
    assert fog["from_shelf"] == ["2 of 20 1⁄2″ × 17 1⁄2″"] and fog["shelf_name"] == "Fog"
    assert 0 < fog["buy_exact"] < plain["buy_exact"]
    enough = web.put(
        f"/api/fabrics/{kept['id']}",
        json=FOG | {"pieces": [FAT_QUARTER | {"count": 9}], "revision": 1},
    ).json()
    fog = next(fabric for fabric in cut(web, document)["fabrics"] if fabric["key"] == "fog")
    assert enough["revision"] == 2 and fog["buy"] == "nothing"


def test_leftovers_go_back_to_the_shelf_when_the_cutting_is_done(web: TestClient) -> None:
    kept = web.post(
        "/api/fabrics",
        json=FOG | {"name": "Peat", "pieces": [{"width": "40", "length": "18", "count": 1}]},
    ).json()
    document = tied(WEIR_GATE, "peat", kept["id"])
    block = web.post("/api/blocks", json={"document": document}).json()
    asked = {"document": document, "block_id": block["id"], "stage": "all", "fabric": "peat"}
    peat = next(fabric for fabric in cut(web, document)["fabrics"] if fabric["key"] == "peat")
    assert peat["buy"] == "nothing" and peat["leftovers"] == ["32″ × 8″"]
    after = web.post("/api/cut/done", json=asked).json()
    assert [piece["words"] for piece in after["pieces"]] == ["1 × 32″ × 8″"]
    twice = web.post("/api/cut/done", json=asked)
    assert twice.status_code == 422 and "already" in twice.json()["faults"][0]["message"]
    found = next(
        one for one in cut(web, document, block_id=block["id"])["fabrics"] if one["key"] == "peat"
    )
    assert found["put_back"] and cut(web, document, block_id=block["id"])["changed"] == []
    untied = web.post("/api/cut/done", json=asked | {"fabric": "fog"})
    assert untied.status_code == 422 and "tied to none" in untied.json()["faults"][0]["message"]


def test_shopping_adds_up_what_is_tied_to_one_fabric(web: TestClient) -> None:
    kept = web.post("/api/fabrics", json=FOG | {"pieces": []}).json()
    ids = [
        web.post("/api/blocks", json={"document": tied(SAMPLES[name], "fog", kept["id"])}).json()[
            "id"
        ]
        for name in ("Weir Gate", "Cairn Path")
    ]
    lines = web.post("/api/shopping", json={"blocks": ids}).json()["lines"]
    fog = [line for line in lines if line["name"] == "Fog"]
    assert (
        len(fog) == 1
        and fog[0]["blocks"] == ["Weir Gate", "Cairn Path"]
        and fog[0]["buy"].endswith("yd")
    )
    assert web.post("/api/shopping", json={"blocks": ["none"]}).status_code == 404


def test_what_cloth_costs_is_said_where_it_is_cut_and_bought(web: TestClient) -> None:
    priced = FOG | {"price": "12,60", "currency": " € ", "bought_at": "the mill", "pieces": []}
    fog = web.post("/api/fabrics", json=priced).json()
    assert (fog["price"], fog["currency"], fog["bought_at"]) == ("12.60", "€", "the mill")
    document = tied(WEIR_GATE, "fog", fog["id"])
    whole = cut(web, document)
    (one,) = [part for part in whole["fabrics"] if part["name"] == "Fog"]
    assert one["buy"] == "7⁄8 yd" and one["cost"] == "11.03 € to buy"
    assert whole["costs"] == ["11.03 € to buy", "1 of 3 fabrics have a price on the shelf"]
    block = web.post("/api/blocks", json={"document": document}).json()["id"]
    bought = web.post("/api/shopping", json={"blocks": [block]}).json()
    assert bought["costs"] == whole["costs"]
    assert [line["cost"] for line in bought["lines"] if line["name"] == "Fog"] == [one["cost"]]
    path = f"/api/fabrics/{fog['id']}"
    refused = web.put(path, json=priced | {"price": "dear", "revision": 1})
    assert refused.status_code == 422 and refused.json()["faults"][0]["place"] == "price"
    assert web.put(path, json=FOG | {"revision": 1}).json()["price"] == ""
    assert cut(web, document)["costs"] == []


def test_the_shelf_refuses_what_cannot_be_and_an_old_revision(web: TestClient) -> None:
    kept = web.post("/api/fabrics", json=FOG).json()
    for change, place in (
        ({"name": "  "}, "name"),
        ({"colour": "red"}, "colour"),
        ({"pieces": [{"width": "wide", "length": "9", "count": 1}]}, "pieces.0.width"),
        ({"pieces": [{"width": "0", "length": "9", "count": 1}]}, "pieces.0.width"),
    ):
        refused = web.post("/api/fabrics", json=FOG | change)
        assert refused.status_code == 422 and place in refused.json()["faults"][0]["place"]
    path = f"/api/fabrics/{kept['id']}"
    assert web.put(path, json=FOG | {"revision": 1}).status_code == 200
    assert web.put(path, json=FOG | {"revision": 1}).status_code == 409
    assert web.delete(path).status_code == 204
    assert (
        web.get("/api/fabrics").json() == []
        and web.put(path, json=FOG | {"revision": 2}).status_code == 404
    )
    assert web.post(f"{path}/restore").json()["name"] == "Fog"
    assert {row["name"] for row in web.get("/api/cloth-sizes/in").json()} >= {
        "fat quarter",
        "fat eighth",
        "precut square 5",
    }


def test_the_demo_s_fabric_shelf_is_laid_out_once_and_can_be_cut_from(
    web: TestClient, empty: Engine
) -> None:
    lay_out_samples(empty)
    shelf = web.get("/api/fabrics").json()
    assert {fabric["name"] for fabric in shelf} >= {"Peat", "Fog", "Gorse"} and len(shelf) == 12
    for one in shelf:
        shown = web.get(one["picture"]["address"])
        assert shown.status_code == 200, one["name"]
    [lantern] = web.get("/api/blocks?search=Gale").json()["blocks"]
    assert any(cloth["picture"] for cloth in lantern["cloths"])
    peat = next(fabric for fabric in shelf if fabric["name"] == "Peat")
    document = tied(WEIR_GATE, "peat", peat["id"])
    found = next(one for one in cut(web, document)["fabrics"] if one["key"] == "peat")
    assert found["buy"] == "nothing" and found["from_shelf"] == ["2 of 20 1⁄2″ × 17 1⁄2″"]
    web.delete(f"/api/fabrics/{peat['id']}")
    lay_out_samples(empty)
    assert "Peat" not in {fabric["name"] for fabric in web.get("/api/fabrics").json()}
